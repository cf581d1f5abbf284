import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import { fillingFigures, type FillingFigures } from './figures';
import { fillingProblems } from './problems';
import { fillingResult, type FillingResult } from './result';

export interface FillingPlan extends FillingResult {
  figures: FillingFigures;
  problems: Problem[];
}

/** The Filling of an item: its numbers, what is shown of them, and what does not work out. */
export function planFilling(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): FillingPlan {
  const result = fillingResult(item, kitchen, cut, dough);
  return { ...result, figures: fillingFigures(item, cut.pieces, result), problems: fillingProblems(item, result) };
}
