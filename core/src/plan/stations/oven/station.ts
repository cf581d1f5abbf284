import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import type { FillingPlan } from '../filling/station';
import { ovenFigures, type OvenFigures } from './figures';
import { ovenProblems } from './problems';
import type { InCompany } from './spec';
import { ovenResult, type OvenResult } from './result';

export interface OvenPlan extends OvenResult {
  figures: OvenFigures;
  problems: Problem[];
}

/** The Oven of an item: its bake, what is shown of it, and what does not work out. */
export function planOven(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
  company: InCompany | null = null,
): OvenPlan {
  const result = ovenResult(item, kitchen, cut, dough, filling, company);
  return {
    ...result,
    figures: ovenFigures(item, kitchen, filling.raw, result),
    problems: ovenProblems(item, result, filling.fruit?.setsC ?? null),
  };
}
