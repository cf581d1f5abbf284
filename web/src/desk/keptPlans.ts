import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { build } from './build';

const store = () => import('./deskStore').then((m) => m.deskStore);

/** Keeps the plan of a bake on this device, for the next opening. */
export async function keepPlan(bakeId: string, itemIds: readonly string[], plan: BakePlanResult): Promise<void> {
  try {
    await (await store()).plans.put({ bakeId, itemIds: itemIds.join(), build, plan });
  } catch {
    // without it the next opening only takes a moment longer
  }
}

/** The plan of a bake as it was last worked out here for these items by this build; null where there is none. */
export async function keptPlan(bakeId: string, itemIds: readonly string[]): Promise<BakePlanResult | null> {
  try {
    const kept = await (await store()).plans.get(bakeId);
    return kept && kept.build === build && kept.itemIds === itemIds.join() ? kept.plan : null;
  } catch {
    return null;
  }
}
