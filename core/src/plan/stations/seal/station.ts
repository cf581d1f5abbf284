import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import type { FillingPlan } from '../filling/station';
import type { OvenPlan } from '../oven/station';
import { sealFigures, type SealFigures } from './figures';
import { sealProblems } from './problems';
import { sealResult, type SealResult } from './result';

export interface SealPlan extends SealResult {
  figures: SealFigures;
  problems: Problem[];
}

/** The Seal of an item: its closing, what is shown of it, and what does not work out. */
export function planSeal(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  filling: FillingPlan,
  oven: OvenPlan,
): SealPlan {
  const result = sealResult(item, kitchen, cut, filling, oven);
  return { ...result, figures: sealFigures(item, cut, oven, result), problems: sealProblems(item, result) };
}
