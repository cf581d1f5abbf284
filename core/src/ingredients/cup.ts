import { RefusedInput, within } from '../quantities/refusal';
import { baseOf, type MeasureSystem } from '../quantities/amounts/units';

export interface CupMass {
  meanG: number;
  /** Half the spread to expect of one cup: two standard deviations of what was weighed, or ours for a cup nobody weighed. */
  spreadG: number;
  /** From this cook's weighings, or from the table's density. */
  from: 'weighed' | 'table';
  cups: number;
}

/** Filling a cup differs from cook to cook by about this much either way, of the mean; flours most (estimates). */
const usualSpread = { flour: 0.12, other: 0.06 } as const;

/** Mean and spread of a cook's own cups, g (each 10 to 1000; at least one). With one weighing the spread is a usual one. */
export function ownCup(weighedG: readonly number[], isFlour: boolean): CupMass {
  if (weighedG.length === 0)
    throw new RefusedInput({ field: 'weighedG', code: 'empty', value: weighedG, allowed: 'at least one cup' });
  weighedG.forEach((g, i) => within(g, 10, 1000, `weighedG.${i}`));
  const n = weighedG.length;
  const meanG = weighedG.reduce((sum, g) => sum + g, 0) / n;
  const variance = n > 1 ? weighedG.reduce((sum, g) => sum + (g - meanG) ** 2, 0) / (n - 1) : 0;
  const usual = meanG * (isFlour ? usualSpread.flour : usualSpread.other);
  return { meanG, spreadG: n > 1 ? 2 * Math.sqrt(variance) : usual, from: 'weighed', cups: n };
}

/** A cup by the table's density as it lies in the cup, g. */
export const tableCup = (bulkGPerMl: number, isFlour: boolean, system: MeasureSystem): CupMass => {
  const meanG = bulkGPerMl * baseOf('cup', system);
  return { meanG, spreadG: meanG * (isFlour ? usualSpread.flour : usualSpread.other), from: 'table', cups: 0 };
};
