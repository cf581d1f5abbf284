import { rowOf } from '../quantities/refusal';
import type { FatShare } from '../ingredients/massFractions';

interface FatCurve {
  /** Solid fat content, percent, at the node temperatures. */
  solidPercent: readonly number[];
  /** °C at which the last crystal melts. */
  meltedAtC: number;
  /** J per kg of fat that melts (estimate, ±25 %). */
  latentHeat: number;
}

export const solidFatNodesC = [-20, 0, 5, 10, 15, 20, 25, 30, 35, 40] as const;

const curve = (solidPercent: number[], meltedAtC: number, latentKj: number): FatCurve => ({
  solidPercent,
  meltedAtC,
  latentHeat: latentKj * 1000,
});

/**
 * Solid fat content of the fat phase. Estimates assembled from the general literature on milk fat, lard, shortenings and
 * tropical fats; brands, seasons and crystallisation history move them by ±8 points and ±2 °C.
 */
export const fatCurves = {
  butter: curve([78, 65, 59, 50, 36, 20, 12, 6, 1, 0], 37, 110),
  clarifiedButter: curve([78, 65, 59, 50, 36, 20, 12, 6, 1, 0], 37, 110),
  lard: curve([60, 42, 37, 31, 26, 21, 14, 6, 3, 1], 43, 110),
  shortening: curve([55, 40, 35, 29, 24, 20, 16, 12, 8, 4], 47, 115),
  puffMargarine: curve([70, 60, 55, 49, 43, 36, 28, 21, 15, 9], 48, 115),
  bakingMargarine: curve([62, 48, 43, 37, 29, 21, 14, 8, 4, 1], 42, 110),
  suet: curve([82, 70, 66, 60, 54, 48, 40, 31, 22, 14], 50, 140),
  coconut: curve([95, 90, 85, 76, 57, 33, 2, 0, 0, 0], 26, 118),
  oil: curve([0, 0, 0, 0, 0, 0, 0, 0, 0, 0], -20, 0),
} satisfies Record<string, FatCurve>;

export type FatName = keyof typeof fatCurves;
export const fatNames = Object.keys(fatCurves) as FatName[];

/** Solid fat content 0..1 of one fat at T °C; linear between nodes, the last segment ending at the melting end. */
export function solidFatContent(fat: string, t: number): number {
  const { solidPercent, meltedAtC } = rowOf<FatCurve>(fatCurves, fat, 'fat');
  const [coldest] = solidPercent as [number];
  if (t >= meltedAtC) return 0;
  if (t <= solidFatNodesC[0]) return coldest / 100;
  let leftT: number = solidFatNodesC[0];
  let left = coldest;
  for (let i = 1; i < solidFatNodesC.length; i++) {
    const node = solidFatNodesC[i] as number;
    if (node >= meltedAtC) break;
    const value = solidPercent[i];
    if (t <= node) return (left + ((value - left) * (t - leftT)) / (node - leftT)) / 100;
    leftT = node;
    left = value;
  }
  return (left * (meltedAtC - t)) / (meltedAtC - leftT) / 100;
}

/** Solid fat content of a blend: each fat weighted by its share of the total fat. */
export const blendSolidFatContent = (fats: readonly FatShare[], t: number): number =>
  fats.reduce((sum, { fat, share }) => sum + share * solidFatContent(fat, t), 0);

/** Heat taken up by melting from 0 °C to T, J per kg of total fat; negative below 0 °C. */
export const meltingHeat = (fats: readonly FatShare[], t: number): number =>
  fats.reduce(
    (sum, { fat, share }) =>
      sum + share * fatCurves[fat as FatName].latentHeat * (solidFatContent(fat, 0) - solidFatContent(fat, t)),
    0,
  );
