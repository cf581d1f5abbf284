import type { ItemPlan } from '@crustallum/core/plan/item';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import type { Answer } from '@crustallum/core/quantities/model';
import { planner } from '../workers/planner';
import type { BakeInput } from '@crustallum/core/plan/inputs';

/** The item plans of the last answer; answers come in the order they were asked for. */
let known: ItemPlan[] = [];

/** The plan of the open bake: only what changed crosses from the worker, the rest is the same object as before. */
export async function planDesk(input: BakeInput): Promise<Answer<BakePlanResult>> {
  const answer = await planner.planAgain(input);
  if (!answer.ok) return answer;
  known = answer.value.items.map((item, i) => item ?? (known[i] as ItemPlan));
  return { ok: true, value: { ...answer.value, items: known } };
}
