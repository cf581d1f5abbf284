import { within } from '../quantities/refusal';

export interface WeighedThickness {
  meanMm: number;
  eachMm: number[];
  /** From the thinnest to the thickest, as a share of the mean. */
  spreadPct: number;
  /** Over a tenth apart, a sheet browns and rises unevenly (judgement). */
  uneven: boolean;
}

/** How thick a sheet is, mm, from pieces of known area (mm²) weighed (g): t = 1000 g / (rho · area). One to nine pieces. */
export function thicknessByWeight(o: { areaMm2: number; grams: readonly number[]; rho: number }): WeighedThickness {
  const area = within(o.areaMm2, 20, 1e6, 'areaMm2');
  const rho = within(o.rho, 0.5, 1.6, 'rho');
  within(o.grams.length, 1, 9, 'grams');
  const eachMm = o.grams.map((g) => (1000 * within(g, 0.1, 20_000, 'grams')) / (rho * area));
  const meanMm = eachMm.reduce((sum, t) => sum + t, 0) / eachMm.length;
  const spreadPct = (100 * (Math.max(...eachMm) - Math.min(...eachMm))) / meanMm;
  return { meanMm, eachMm, spreadPct, uneven: spreadPct > 10 };
}
