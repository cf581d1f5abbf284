/** How much of a strong spice a filling usually carries, % of it: from, to (estimates, from spoonfuls to a kilogram). */
export const usualSpicePct: Readonly<Record<string, readonly [from: number, to: number]>> = {
  pepper: [0.1, 0.4],
  nutmeg: [0.02, 0.15],
  cloves: [0.01, 0.06],
  allspice: [0.05, 0.2],
  cinnamon: [0.05, 0.4],
  ginger: [0.1, 0.5],
  turmeric: [0.1, 0.4],
  chilli: [0.05, 0.4],
  cumin: [0.1, 0.5],
  caraway: [0.1, 0.5],
  paprika: [0.2, 1],
  curryPowder: [0.4, 1.2],
};
/** So many times the most that is usual is no longer taste: a tablespoon for a teaspoon, or a point in the wrong place. */
const slipTimes = 2.5;

/** A strong spice of which more is said than anyone can eat. */
export interface SpiceSlip {
  name: string;
  grams: number;
  /** Share of the filling it is, %. */
  pct: number;
  /** The most that is usual in so much filling, g. */
  usualG: number;
}

/**
 * Spices far above what is usual in a filling of so many grams, the worst first. An estimate: it asks, and never refuses.
 *
 * @example spiceSlips([{ name: 'Nutmeg', ingredient: 'nutmeg', grams: 14 }], 900).map((s) => s.usualG) // [1.35]
 */
export function spiceSlips(
  parts: readonly { name: string; ingredient: string | null; grams: number }[],
  fillingG: number,
): SpiceSlip[] {
  if (fillingG <= 0) return [];
  return parts
    .flatMap(({ name, ingredient, grams }) => {
      const usualG = ((usualSpicePct[ingredient ?? '']?.[1] ?? Infinity) * fillingG) / 100;
      return grams > slipTimes * usualG ? [{ name, grams, usualG, pct: (100 * grams) / fillingG }] : [];
    })
    .sort((a, b) => b.grams / b.usualG - a.grams / a.usualG);
}
