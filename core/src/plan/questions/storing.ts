import { Nested } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { planBakeTime } from '../../oven/bakePlan';
import { brittle } from '../../oven/tables';
import { closedPieG } from '../closedBefore';
import { planItem } from '../item';
import type { Reheat } from '../pieKeeps';
import { handledK } from '../stations/oven/spec';

/** What the model `plan.storing` takes: the item whose pies are to be put away. */
export class StoringInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

export const storingCautions = [
  'unknown',
  'thawDish',
  'weeps',
  'rawMeat',
  'noThaw',
  'egg',
  'wrapCold',
  'rice',
] as const;
export type StoringCaution = (typeof storingCautions)[number];

export interface Storing {
  /** One pie as it goes in, g. */
  eachG: number;
  /** Hours before the bake they may stand closed in the fridge; 0 where they are not to wait at all. */
  rawHours: number;
  /** Months closed and raw in the freezer, and their bake from there; null where it is not advised. */
  frozenRaw: { months: number; minutes: number | null; moreMin: number | null } | null;
  /** Baked: days in the fridge, months in the freezer (0 where it is not advised), and how it comes back. */
  bakedDays: number;
  bakedMonths: number;
  reheat: Reheat;
  /** What its middle has to come to when it is brought back, °C. */
  reheatCoreC: number;
  cautions: StoringCaution[];
}

const reheatCoreC = 75;

/**
 * How long an item's pies keep, closed and raw or baked, in the fridge or the freezer; their bake from frozen by the same
 * simulation as the oven's, and how they are brought back. Usual guidance (estimates); local food-safety rules go before it.
 */
export function storing({ item, kitchen }: StoringInput): Storing {
  const plan = planItem(item, kitchen);
  const { raw } = plan.filling;
  const { spec, bake, keeps } = plan.oven;
  const inGlass = brittle.has(spec.vessel?.material ?? '');
  const bakedFrom = (startC: number) =>
    planBakeTime({ ...spec, filling: { ...spec.filling, startC }, crustStartC: startC }, kitchen.bakeRatios);
  const frozen = keeps.rawMonths > 0 && !inGlass ? bakedFrom(kitchen.freezerC).proposed : null;
  // against the bake from the fridge, wherever it is baked from now
  const chilled = item.oven.from === 'freezer' ? bakedFrom(kitchen.fridgeC + handledK) : bake;
  const has = (words: RegExp) => item.filling.ingredients.some((i) => words.test(i.name));
  return {
    eachG: closedPieG(plan),
    rawHours: keeps.rawHours,
    frozenRaw:
      keeps.rawMonths > 0
        ? {
            months: keeps.rawMonths,
            minutes: frozen,
            moreMin: frozen === null || chilled.proposed === null ? null : frozen - chilled.proposed,
          }
        : null,
    bakedDays: keeps.bakedDays,
    bakedMonths: keeps.bakedMonths,
    reheat: keeps.reheat,
    reheatCoreC,
    cautions: [
      ...(keeps.unknown ? (['unknown'] as const) : []),
      ...(inGlass ? (['thawDish'] as const) : []),
      ...(keeps.weeps ? (['weeps'] as const) : []),
      ...(raw ? (['rawMeat'] as const) : []),
      ...(!inGlass && keeps.rawMonths > 0 ? (['noThaw'] as const) : []),
      ...(has(/\begg/i) || item.filling.type === 'custard' ? (['egg'] as const) : []),
      ...(has(/\brice\b/i) ? (['rice'] as const) : []),
      'wrapCold',
    ],
  };
}
