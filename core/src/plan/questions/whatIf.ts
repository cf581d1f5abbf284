import { IsObject } from 'class-validator';
import { RefusedInput } from '../../quantities/refusal';
import { Nested, isKnownPath } from '../../quantities/rules';
import type { ColdLine } from '../coldLine/line';
import { ItemInput } from '../../contracts/item';
import type { Changes } from './changes';
import { planItem, type ItemPlan } from '../item';
import { KitchenInput } from '../../contracts/kitchen';
import { ItemPlanInput } from '../inputs';
import { writePath } from '../path';
import { validated } from '../../quantities/validate';

export class WhatIfInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @IsObject() changes!: Changes;
}

export interface WhatIf {
  inHandMin: number | null;
  tightest: string | null;
  /** Minutes from the first step to the oven door, and how many more than now. */
  minutes: number;
  moreMin: number;
  /** Minutes of cold in them. */
  coldMin: number;
  lots: number;
  line: ColdLine;
}

/** More inputs than this are no question about a plan. */
const mostChanges = 40;

/**
 * An item and its kitchen with some inputs changed (`folds.turns`, `kitchen.roomC`). Refuses a path that no input has, and
 * what the changed documents would be refused for.
 */
export function changed(
  item: ItemInput,
  kitchen: KitchenInput,
  changes: Changes,
): { item: ItemInput; kitchen: KitchenInput } {
  const entries = Object.entries(changes);
  if (entries.length > mostChanges)
    throw new RefusedInput({
      field: 'changes',
      code: 'too_many',
      value: entries.length,
      allowed: { max: mostChanges },
    });
  let next: ItemPlanInput = { item, kitchen };
  for (const [path, value] of entries) {
    const whole = path.startsWith('kitchen.') ? path : `item.${path}`;
    if (!isKnownPath(ItemPlanInput, whole))
      throw new RefusedInput({ field: `changes.${path}`, code: 'unknown', value, allowed: 'an input of the item' });
    next = writePath(next, whole, value);
  }
  return validated(ItemPlanInput, next);
}

/** Minutes of a pastry from its first step to the oven door, and those of them in the cold. */
export function pastryMinutes(plan: ItemPlan): { minutes: number; coldMin: number } {
  const own = plan.steps.filter((s) => s.strand === 'pastry' && s.code !== 'bake' && s.code !== 'stand');
  const sum = (list: typeof own) => list.reduce((total, s) => total + s.minutes, 0);
  return { minutes: sum(own), coldMin: sum(own.filter((s) => s.kind === 'cold')) };
}

/** What becomes of the Cold Line if some inputs were others: nothing is kept. */
export function whatIf({ item, kitchen, changes }: WhatIfInput): WhatIf {
  const now = pastryMinutes(planItem(item, kitchen));
  const next = changed(item, kitchen, changes);
  const plan = planItem(next.item, next.kitchen);
  const then = pastryMinutes(plan);
  const { inHandMin, tightestStepId } = plan.line;
  return {
    inHandMin,
    tightest: plan.steps.find((s) => s.id === tightestStepId)?.code ?? null,
    ...then,
    moreMin: then.minutes - now.minutes,
    lots: plan.lots,
    line: plan.line,
  };
}
