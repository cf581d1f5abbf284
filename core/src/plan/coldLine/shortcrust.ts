import { material } from '../../cold/material';
import type { NamedRest } from '../stations/lamination/figures';
import { relaxMin } from './rests';
import type { BenchWork } from './thermal';
import { stepId, type Timeline } from './timeline';

const overnightMin = 14 * 60;

/** A rubbed-in dough rests as a disc: how thick it is when it is rolled, m, and its rest before a first roll of that work. */
export function restAsDisc(
  line: Timeline,
  firstRoll: (thickM: number) => BenchWork[][],
): { thickM: number; rest: NamedRest } {
  const { dough, item } = line;
  const thickM = item.folds.discMm / 1000;
  const volume = dough.masses.totalG / 1000 / material(dough.spec).densityKgM3;
  const startC = line.temperature;
  const shape = { kind: 'disc' as const, radiusM: Math.sqrt(volume / (Math.PI * thickM)), thicknessM: thickM };
  const least = relaxMin.firstRoll;
  const result = line.cold(stepId('rest', 'first'), shape, least, overnightMin, { first: 1 }, firstRoll(thickM));
  const { minutes, range, endC } = result;
  return { thickM, rest: { minutes, range, fromC: startC, toC: endC, springMin: least } };
}
