import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import {
  crumbFigures,
  foldsFigures,
  leavesFigures,
  type CrumbFigures,
  type FoldsFigures,
  type LeavesFigures,
  type NamedRest,
} from './figures';
import { crumbProblems, foldsProblems } from './problems';
import {
  crumbResult,
  foldsResult,
  leavesResult,
  type CrumbResult,
  type FoldsResult,
  type LeavesResult,
} from './result';
import type { TurnRow } from './turns';

export type FoldsPlan = FoldsResult & { figures: FoldsFigures; problems: Problem[] };
export type CrumbPlan = CrumbResult & { figures: CrumbFigures; problems: Problem[] };
export type LeavesPlan = LeavesResult & { figures: LeavesFigures; problems: Problem[] };

/** The third station of an item: folds of a laminate, crumb of a shortcrust, or leaves of filo. */
export type LaminationPlan = FoldsPlan | CrumbPlan | LeavesPlan;

/** What the day finds of it: the rest it names, and the turns with theirs. */
export interface FoundRests {
  rest: NamedRest | null;
  rows?: TurnRow[];
}

/** Folds, crumb or leaves; rests and chills are blank until the day, worked out from it, has found them. */
export function planLamination(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  found: FoundRests = { rest: null },
): LaminationPlan {
  if (item.dough.pastry === 'filo') {
    const result = leavesResult(item, kitchen, cut, dough);
    return { ...result, figures: leavesFigures(item, kitchen, dough, result), problems: [] };
  }
  if (item.dough.pastry === 'roughPuff') {
    const result = foldsResult(item, cut, dough);
    return {
      ...result,
      rows: found.rows?.length ? found.rows : result.rows,
      figures: foldsFigures(item, cut, result, found.rest),
      problems: foldsProblems(item, kitchen, cut, result),
    };
  }
  const result = crumbResult(item, cut, dough);
  return {
    ...result,
    figures: crumbFigures(item, cut, dough, result, found.rest),
    problems: crumbProblems(item, cut, dough, result),
  };
}
