import { Nested, NumberIn, OneOf, Optional } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { rowAt, type SeriesRow } from '../../oven/bake';
import { baseLooks, lidLooks, lookedAt, type BaseLook, type LidLook, type LookAnswer } from '../../oven/look';
import { planItem } from '../item';
import { CompanyInput } from './programme';

/** What the model `plan.look` takes: the item as it bakes, the minute, and what is seen. */
export class LookInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @Optional() @Nested(() => CompanyInput) company?: CompanyInput | null;
  @NumberIn(0, 240, 'min') minute!: number;
  @Optional() @OneOf(lidLooks) lid?: LidLook | null;
  @Optional() @OneOf(baseLooks) base?: BaseLook | null;
  @Optional() @NumberIn(-25, 140, '°C') coreC?: number | null;
}

export interface Look extends LookAnswer {
  /** How it should look at that minute. */
  should: SeriesRow;
  targetC: number;
  hasLid: boolean;
  hasBase: boolean;
  /** Minutes that each answer would put on, the others as they are. */
  prices: { lid: Record<LidLook, number>; base: Record<BaseLook, number> };
}

/** How a bake should look at a minute, and what becomes of the rest of it by what is seen; each answer with its price in minutes. */
export function look({ item, kitchen, company, minute, lid, base, coreC }: LookInput): Look {
  const { bake, spec, minutes, targetC } = planItem(item, kitchen, company ?? null).oven;
  const planned = minutes ?? 60;
  const answer = (l: LidLook | null | undefined, b: BaseLook | null | undefined) =>
    lookedAt(spec, bake, planned, { minute, lid: l, base: b, coreC });
  const price = (l: LidLook | null | undefined, b: BaseLook | null | undefined) =>
    Math.round(answer(l, b).outMin - planned);
  return {
    ...answer(lid, base),
    should: rowAt(bake.series, minute),
    targetC,
    hasLid: spec.top !== null,
    hasBase: spec.base !== null,
    prices: {
      lid: Object.fromEntries(lidLooks.map((l) => [l, price(l, base)])) as Record<LidLook, number>,
      base: Object.fromEntries(baseLooks.map((b) => [b, price(lid, b)])) as Record<BaseLook, number>,
    },
  };
}
