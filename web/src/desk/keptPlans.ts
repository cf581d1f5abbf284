import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { build } from './build';
import type { KeptPlan } from './deskStore';

const store = () => import('./deskStore').then((m) => m.deskStore);

/** Keeps the plan of a bake on this device, for the next opening. */
export async function keepPlan(bakeId: string, itemIds: readonly string[], plan: BakePlanResult): Promise<void> {
  try {
    await (await store()).plans.put({ bakeId, itemIds: itemIds.join(), build, plan });
  } catch {
    // without it the next opening only takes a moment longer
  }
}

/** Readings under way, by bake: the one begun before the page was drawn is not begun again. */
const reading = new Map<string, Promise<KeptPlan | undefined>>();

/** Reads what is kept of a bake; asked again before it is taken, it is read once. */
export function readKeptPlan(bakeId: string): Promise<KeptPlan | undefined> {
  const begun = reading.get(bakeId) ?? store().then((s) => s.plans.get(bakeId));
  reading.set(bakeId, begun);
  return begun.catch(() => undefined);
}

/** The plan of a bake as it was last worked out here for these items by this build; null where there is none. */
export async function keptPlan(bakeId: string, itemIds: readonly string[]): Promise<BakePlanResult | null> {
  const kept = await readKeptPlan(bakeId);
  reading.delete(bakeId);
  return kept && kept.build === build && kept.itemIds === itemIds.join() ? kept.plan : null;
}
