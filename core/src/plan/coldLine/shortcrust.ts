import { material } from '../../cold/material';
import type { NamedRest } from '../stations/lamination/figures';
import { stepId, type Timeline } from './timeline';

const leastRestMin = 30;
const overnightMin = 14 * 60;

/** A rubbed-in dough rests as a disc: how thick it is when it is rolled, m, and its rest. */
export function restAsDisc(line: Timeline): { thickM: number; rest: NamedRest } {
  const { dough, item } = line;
  const thickM = item.folds.discMm / 1000;
  const volume = dough.masses.totalG / 1000 / material(dough.spec).densityKgM3;
  const startC = line.temperature;
  const shape = { kind: 'disc' as const, radiusM: Math.sqrt(volume / (Math.PI * thickM)), thicknessM: thickM };
  const result = line.cold(stepId('rest', 'first'), shape, leastRestMin, overnightMin, { first: 1 });
  const { minutes, range, endC } = result;
  return { thickM, rest: { minutes, range, fromC: startC, toC: endC, springMin: leastRestMin } };
}
