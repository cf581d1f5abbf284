import { IsObject } from 'class-validator';
import { RefusedInput } from '../../quantities/refusal';
import { Nested } from '../../quantities/rules';
import type { ColdLine } from '../coldLine/line';
import { ItemInput } from '../../contracts/item';
import type { Changes } from './changes';
import { planItem, type ItemPlan } from '../item';
import { KitchenInput } from '../../contracts/kitchen';

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

/** An item and its kitchen with some inputs changed. Refuses a path that is not there. */
export function changed(
  item: ItemInput,
  kitchen: KitchenInput,
  changes: Changes,
): { item: ItemInput; kitchen: KitchenInput } {
  const next = structuredClone({ ...item, kitchen }) as unknown as Record<string, unknown>;
  for (const [path, value] of Object.entries(changes)) {
    const names = path.split('.');
    const last = names.pop() as string;
    let at = next;
    for (const name of names) {
      if (typeof at[name] !== 'object' || at[name] === null)
        throw new RefusedInput({ field: `changes.${path}`, code: 'unknown', value, allowed: 'an input of the item' });
      at = at[name] as Record<string, unknown>;
    }
    at[last] = value;
  }
  const { kitchen: kept, ...rest } = next;
  return { item: rest as unknown as ItemInput, kitchen: kept as KitchenInput };
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
