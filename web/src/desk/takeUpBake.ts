import type { StoredBake } from '@crustallum/core/contracts/bake';
import { desk } from './desk';
import { readDrafts } from './drafts';
import { keptPlan } from './keptPlans';
import type { AppDispatch, RootState } from './store';

/** The answer that was taken up last: the page that finds it on the desk has nothing to do. */
let taken: StoredBake | null = null;

/** Puts a bake on the desk, with what this device has unsent of it and the plan it had last; left alone when not `wanted` any more. */
export const takeUpBake =
  (bake: StoredBake, wanted = () => true) =>
  async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    if (taken === bake && getState().desk.bakeId === bake.id) return;
    const itemIds = bake.items.map((i) => i.id);
    const [drafts, plan] = await Promise.all([readDrafts().catch(() => []), keptPlan(bake.id, itemIds)]);
    if (!wanted()) return;
    taken = bake;
    // both at once: the page is drawn once
    dispatch(desk.actions.bakeOpened({ bake, drafts }));
    if (plan) dispatch(desk.actions.keptPlanFound({ bakeId: bake.id, plan }));
  };
