import { material, tableIndex, tableStepK } from '../../../cold/material';

/** What goes into the bowl as one column of the heat-levelling drawing. */
export interface Heap {
  name: 'flour' | 'fat' | 'water' | 'salt' | 'other';
  massG: number;
  startC: number;
  /** J per kelvin: the width of its column. */
  heatCapacity: number;
}

/** Heat capacity (J/K) of a mass of one ingredient near a temperature, melting included. */
export function heatCapacity(name: string, massG: number, t: number): number {
  const { enthalpy } = material({ items: [{ name, mass: 1 }] });
  const i = tableIndex(t);
  return ((massG / 1000) * (enthalpy[i + 1] - enthalpy[i])) / tableStepK;
}

/** What else goes in, as one column of heat: its mean temperature by what it holds. */
export function otherHeap(others: readonly { name: string; mass: number; startC: number }[]): Heap[] {
  const massG = others.reduce((sum, o) => sum + o.mass, 0);
  if (!(massG > 0)) return [];
  const heats = others.map((o) => heatCapacity(o.name, o.mass, o.startC));
  const total = heats.reduce((sum, h) => sum + h, 0);
  const startC = others.reduce((sum, o, i) => sum + o.startC * heats[i], 0) / total;
  return [{ name: 'other', massG, startC, heatCapacity: total }];
}
