import { IsObject } from 'class-validator';
import { RefusedInput } from '../quantities/refusal';
import { Nested } from '../quantities/rules';
import { fatNames } from '../cold/fats';
import { swapFat } from '../dough/swaps';
import type { ColdLine } from './coldLine';
import { partsOf } from './doughFormula';
import { ItemInput, KitchenInput } from './inputs';
import { planItem, type ItemPlan } from './itemPlan';

/** Inputs by dotted path (`folds.turns`, `kitchen.roomC`) and the values they would have. */
export type Changes = Record<string, unknown>;

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

export const whatIfNames = [
  'warmKitchen',
  'coldStone',
  'lard',
  'shortening',
  'thicker',
  'twoRolling',
  'thinChill',
  'freezer',
] as const;
export type WhatIfName = (typeof whatIfNames)[number];

/** Two roll and fold in this share of the time of one (estimate: they wait for one another). */
const twoHandsShare = 0.6;
const warmK = 7;

/** A fat for the one there is, fat, water and salt in all kept. */
export function otherFat(item: ItemInput, to: string): Changes {
  const { parts } = swapFat(partsOf(item.dough), item.dough.fat, to);
  const grams = (id: string) => Math.round(10 * (parts.find((p) => p.id === id)?.grams ?? 0)) / 10;
  return {
    'dough.fat': to,
    'dough.fatToFlourPct': Math.min(110, Math.max(20, grams(to))),
    'dough.waterToFlourPct': Math.min(80, Math.max(0, grams('water'))),
    'dough.saltToFlourPct': Math.min(5, Math.max(0, grams('salt'))),
    'dough.fatLabelPct': undefined,
    'dough.fatSaltPct': undefined,
  };
}

/** The questions worth asking of this item, each as the inputs it changes; those that change nothing are left out. */
export function whatIfs(item: ItemInput, kitchen: KitchenInput): Partial<Record<WhatIfName, Changes>> {
  const { folds, cut, dough } = item;
  if (dough.pastry === 'filo') return {};
  const stone = { 'kitchen.bench': 'marble', 'kitchen.benchC': kitchen.fridgeC };
  const fats = (['lard', 'shortening'] as const).filter((f) => f !== dough.fat && fatNames.includes(f));
  return {
    warmKitchen: { 'kitchen.roomC': Math.min(40, kitchen.roomC + warmK) },
    ...(kitchen.bench === 'marble' && kitchen.benchC === kitchen.fridgeC ? {} : { coldStone: stone }),
    ...Object.fromEntries(fats.map((f) => [f, otherFat(item, f)])),
    thicker: { 'cut.thicknessMm': Math.min(10, cut.thicknessMm + 1) },
    twoRolling: { 'kitchen.pace': Math.max(0.3, kitchen.pace * twoHandsShare) },
    ...(dough.pastry === 'shortcrust' && folds.discMm > 20
      ? { thinChill: { 'folds.discMm': Math.max(10, folds.discMm / 2) } }
      : {}),
    ...(folds.coldIn === 'freezer' ? {} : { freezer: { 'folds.coldIn': 'freezer' } }),
  };
}
