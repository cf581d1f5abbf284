import { Nested } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { bindsAs } from '../../filling/poured';
import { ingredientNamed } from '../../ingredients/named';
import { planBakeTime } from '../../oven/bakePlan';
import { thickeners } from '../../filling/thickening';
import { planItem } from '../item';
import { isSweet } from '../stations/filling/result';
import { pieKeeps, unknownLimit, type Reheat } from '../pieKeeps';

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

const frozenC = -18;
const glassy = new Set(['glass', 'ceramic']);

const reheatCoreC = 75;

/**
 * How long an item's pies keep, closed and raw or baked, in the fridge or the freezer; their bake from frozen by the same
 * simulation as the oven's, and how they are brought back. Usual guidance (estimates); local food-safety rules go before it.
 */
export function storing({ item, kitchen }: StoringInput): Storing {
  const plan = planItem(item, kitchen);
  const { raw, finishedG } = plan.filling;
  const row = pieKeeps(item, raw);
  const { spec, bake } = plan.oven;
  const named = item.filling.ingredients.every((i) => ingredientNamed(i.name) !== null);
  const unknown = finishedG === null || !named;
  const inGlass = glassy.has(spec.vessel?.material ?? '');
  const weeps = item.filling.ingredients.some(({ name }) => {
    const kind = bindsAs(ingredientNamed(name) ?? '');
    return kind !== null && thickeners[kind].freezes === 0;
  });
  const fruit = isSweet(item.filling.type);
  // a starch that weeps spoils a sauce; in fruit it is eaten as it is
  const spoiltByFrost = weeps && !fruit;
  const frozen =
    row.rawMonths > 0 && !inGlass && !spoiltByFrost
      ? planBakeTime(
          { ...spec, filling: { ...spec.filling, startC: frozenC }, crustStartC: frozenC },
          kitchen.bakeRatios,
        ).proposed
      : null;
  const coldC = kitchen.fridgeC + 2;
  const chilled =
    item.oven.from === 'freezer'
      ? planBakeTime({ ...spec, filling: { ...spec.filling, startC: coldC }, crustStartC: coldC }, kitchen.bakeRatios)
      : bake;
  const has = (words: RegExp) => item.filling.ingredients.some((i) => words.test(i.name));
  return {
    eachG: (plan.cut.doughMassG + plan.filling.totalG) / Math.max(1, plan.cut.pieces),
    rawHours: Math.min(row.rawHours, unknown ? unknownLimit.rawHours : Infinity),
    frozenRaw:
      row.rawMonths > 0 && !spoiltByFrost
        ? {
            months: row.rawMonths,
            minutes: frozen,
            moreMin: frozen === null || chilled.proposed === null ? null : frozen - chilled.proposed,
          }
        : null,
    bakedDays: Math.min(row.bakedDays, unknown ? unknownLimit.bakedDays : Infinity),
    bakedMonths: spoiltByFrost ? 0 : row.bakedMonths,
    reheat: row.reheat,
    reheatCoreC,
    cautions: [
      ...(unknown ? (['unknown'] as const) : []),
      ...(inGlass ? (['thawDish'] as const) : []),
      ...(spoiltByFrost ? (['weeps'] as const) : []),
      ...(raw ? (['rawMeat'] as const) : []),
      ...(!inGlass && row.rawMonths > 0 && !spoiltByFrost ? (['noThaw'] as const) : []),
      ...(has(/\begg/i) || item.filling.type === 'custard' ? (['egg'] as const) : []),
      ...(has(/\brice\b/i) ? (['rice'] as const) : []),
      'wrapCold',
    ],
  };
}
