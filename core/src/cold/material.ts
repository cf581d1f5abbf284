import { mixtureComposition, type MassItem } from '../ingredients/composition';
import { RefusedInput, within } from '../quantities/refusal';
import { conductivity, density, enthalpy, mixtureOf, type Mixture } from './properties';

export const tableStartC = -40;
export const tableStepK = 0.25;
export const tableNodes = 601;

/**
 * What the solver needs of a substance: enthalpy and conductivity tabulated every 0.25 K from −40 to 110 °C, and one fixed
 * density (its 10 °C value: mass is conserved, shrinkage ignored). Laminates conduct differently across and along the layers.
 */
export interface Material {
  densityKgM3: number;
  enthalpy: Float64Array;
  across: Float64Array;
  along: Float64Array;
  /** Volume share of fat in a laminate, else null. */
  fatVolumeShare: number | null;
}

/** Describes a substance; SI. `items` masses are kg and only their proportions matter. */
export type MaterialSpec =
  | { kind?: 'items'; items: MassItem[]; air?: number; conductivityMultiple?: number }
  | { kind: 'const'; densityKgM3: number; specificHeat: number; conductivity: number }
  | {
      kind: 'step';
      densityKgM3: number;
      specificHeat: number;
      conductivity: number;
      latentHeat: number;
      meltsFromC: number;
      meltsToC: number;
    }
  | { kind: 'laminate'; dough: MaterialSpec; fat: MaterialSpec; fatMassFraction: number };

const nodes = (of: (t: number) => number): Float64Array =>
  Float64Array.from({ length: tableNodes }, (_, i) => of(tableStartC + i * tableStepK));

const materials = new Map<string, Material>();

/** Builds (or recalls) the tables of a substance. Refuses unknown ingredients and impossible numbers, naming the field. */
export function material(spec: MaterialSpec, field = 'material'): Material {
  const key = JSON.stringify(spec);
  const known = materials.get(key);
  if (known) return known;
  const made = build(spec, field);
  if (materials.size > 200) materials.clear();
  materials.set(key, made);
  return made;
}

function build(spec: MaterialSpec, field: string): Material {
  switch (spec.kind) {
    case 'const':
    case 'step': {
      const densityKgM3 = within(spec.densityKgM3, 1, 20_000, `${field}.densityKgM3`);
      const heat = within(spec.specificHeat, 1, 20_000, `${field}.specificHeat`);
      const k = within(spec.conductivity, 1e-4, 1000, `${field}.conductivity`);
      const latent = spec.kind === 'step' ? within(spec.latentHeat, 0, 1e6, `${field}.latentHeat`) : 0;
      const [from, to] = spec.kind === 'step' ? [spec.meltsFromC, spec.meltsToC] : [0, 1];
      if (!(to > from))
        throw new RefusedInput({ field: `${field}.meltsToC`, code: 'out_of_range', value: to, allowed: { min: from } });
      const melted = (t: number) => Math.max(0, Math.min(1, (t - from) / (to - from)));
      const table = nodes((t) => heat * t + latent * melted(t));
      const flat = nodes(() => k);
      return { densityKgM3, enthalpy: table, across: flat, along: flat, fatVolumeShare: null };
    }
    case 'laminate': {
      const share = within(spec.fatMassFraction, 0.01, 0.95, `${field}.fatMassFraction`);
      const dough = material(spec.dough, `${field}.dough`);
      const fat = material(spec.fat, `${field}.fat`);
      const fatVolume = share / fat.densityKgM3;
      const doughVolume = (1 - share) / dough.densityKgM3;
      const phi = fatVolume / (fatVolume + doughVolume);
      return {
        densityKgM3: 1 / (fatVolume + doughVolume),
        enthalpy: fat.enthalpy.map((h, i) => share * h + (1 - share) * dough.enthalpy[i]),
        across: fat.across.map((k, i) => 1 / (phi / k + (1 - phi) / dough.across[i])),
        along: fat.along.map((k, i) => phi * k + (1 - phi) * dough.along[i]),
        fatVolumeShare: phi,
      };
    }
    default: {
      const air = spec.air === undefined ? 0 : within(spec.air, 0, 0.8, `${field}.air`);
      const multiple =
        spec.conductivityMultiple === undefined
          ? 1
          : within(spec.conductivityMultiple, 0.1, 100, `${field}.conductivityMultiple`);
      const mixture = mixtureFrom(spec.items, air, `${field}.items`);
      const k = nodes((t) => multiple * conductivity(mixture, t));
      return {
        densityKgM3: density(mixture, 10),
        enthalpy: nodes((t) => enthalpy(mixture, t)),
        across: k,
        along: k,
        fatVolumeShare: null,
      };
    }
  }
}

/** The mixture of a list of ingredients. */
export function mixtureFrom(items: MassItem[], air = 0, field = 'items'): Mixture {
  const { composition, fats } = mixtureComposition(items, field);
  return mixtureOf(composition, fats, air);
}

/** Enthalpy (J/kg) or conductivity from a table at T, linear between nodes and beyond the ends. */
export function lookup(table: Float64Array, t: number): number {
  const i = tableIndex(t);
  const left = table[i];
  return left + ((t - tableStartC) / tableStepK - i) * (table[i + 1] - left);
}

/** Temperature (°C) at which the enthalpy table reads `h`; the inverse of `lookup` for an increasing table. */
export function temperatureAt(table: Float64Array, h: number): number {
  let low = 0;
  let high = tableNodes - 2;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (table[middle] <= h) low = middle;
    else high = middle - 1;
  }
  const left = table[low];
  return tableStartC + tableStepK * (low + (h - left) / (table[low + 1] - left));
}

/** The same, walking from the interval of a nearby temperature: the solvers' inner loop. */
export function temperatureNear(table: Float64Array, h: number, near: number): number {
  let i = tableIndex(near);
  while (i > 0 && h < table[i]) i--;
  while (i < tableNodes - 2 && h > table[i + 1]) i++;
  const left = table[i];
  return tableStartC + tableStepK * (i + (h - left) / (table[i + 1] - left));
}

/** The table interval that holds T, the end intervals beyond the ends. */
export function tableIndex(t: number): number {
  const i = Math.floor((t - tableStartC) / tableStepK);
  return i < 0 ? 0 : i > tableNodes - 2 ? tableNodes - 2 : i;
}
