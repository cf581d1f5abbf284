import { Nested, NumberIn, OneOf, Optional } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { rowAt, type SeriesRow } from '../../oven/bake';
import {
  baseLooks,
  knifeLooks,
  lidLooks,
  lookedAt,
  tapLooks,
  ventLooks,
  type BaseLook,
  type KnifeLook,
  type LidLook,
  type LookAnswer,
  type Looked,
  type TapLook,
  type VentLook,
} from '../../oven/look';
import { planBakeTime, type BakePlan } from '../../oven/bakePlan';
import type { BakeSpec } from '../../oven/bakeInput';
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
  @Optional() @OneOf(ventLooks) vent?: VentLook | null;
  @Optional() @OneOf(knifeLooks) knife?: KnifeLook | null;
  @Optional() @OneOf(tapLooks) tap?: TapLook | null;
  @Optional() @NumberIn(-25, 140, '°C') coreC?: number | null;
  /** What a thermometer in the oven shows. */
  @Optional() @NumberIn(20, 350, '°C') ovenC?: number | null;
}

export interface Look extends LookAnswer {
  /** How it should look at that minute. */
  should: SeriesRow;
  targetC: number;
  hasLid: boolean;
  hasBase: boolean;
  /** Something in it has to become soft: a knife tells. */
  softens: boolean;
  /** How far the oven is off what was reckoned for this minute, by its thermometer, K; 0 within its swing, or where none was read. */
  ovenOffK: number;
  /** What was reckoned to be its air then, °C. */
  reckonedOvenC: number;
  /** Minutes that each answer would put on, the others as they are. */
  prices: {
    lid: Record<LidLook, number>;
    base: Record<BaseLook, number>;
    vent: Record<VentLook, number>;
    knife: Record<KnifeLook, number>;
    tap: Record<TapLook, number>;
  };
}

/** An oven swings so much round its heat that no less is told from it, K; and further off than this it is read wrong (estimates). */
const [swingK, mostOffK] = [6, 45];

/** The bake as it goes in an oven that is off by what its thermometer shows against what was reckoned for that minute. */
function byThermometer(
  spec: BakeSpec,
  bake: BakePlan,
  minute: number,
  ovenC: number | null,
  ratios: readonly number[],
): { offK: number; spec: BakeSpec; bake: BakePlan; share: number } {
  const apart = ovenC === null ? 0 : ovenC - rowAt(bake.series, minute).airC;
  if (Math.abs(apart) < swingK) return { offK: 0, spec, bake, share: 1 };
  const offK = Math.max(-mostOffK, Math.min(mostOffK, apart));
  const moved = { ...spec, oven: { ...spec.oven, offsetC: (spec.oven.offsetC ?? 0) + offK } };
  const after = planBakeTime(moved, ratios);
  return {
    offK,
    spec: moved,
    bake: after,
    share: bake.proposed && after.proposed ? after.proposed / bake.proposed : 1,
  };
}

/** How a bake should look at a minute, and what becomes of the rest of it by what is seen; each answer with its price in minutes. */
export function look({ item, kitchen, company, ovenC, ...seen }: LookInput): Look {
  const { minute, coreC } = seen;
  const { bake, spec, minutes, targetC } = planItem(item, kitchen, company ?? null).oven;
  const planned = minutes ?? 60;
  const off = byThermometer(spec, bake, minute, ovenC ?? null, kitchen.bakeRatios);
  const answer = (part: Partial<Looked>): LookAnswer => {
    const looked = { ...seen, ...part };
    if (off.offK === 0) return lookedAt(spec, bake, planned, looked);
    const moved = lookedAt(off.spec, off.bake, planned * off.share, looked);
    // air that is hotter makes no middle safe sooner: only a probe tells of that
    const least = typeof coreC === 'number' || off.offK < 0 ? 0 : Math.min(planned, bake.times.core ?? planned);
    const outMin = Math.max(moved.outMin, least);
    return { ...moved, wasMin: planned, outMin, leftMin: Math.max(0, outMin - minute) };
  };
  // each answer with the others as they are
  const prices = <K extends string>(of: keyof Looked, answers: readonly K[]) =>
    Object.fromEntries(answers.map((a) => [a, Math.round(answer({ [of]: a }).outMin - planned)])) as Record<K, number>;
  return {
    ...answer({}),
    should: rowAt(off.bake.series, minute),
    ovenOffK: off.offK,
    reckonedOvenC: rowAt(bake.series, minute).airC,
    targetC,
    hasLid: spec.top !== null,
    hasBase: spec.base !== null,
    softens: bake.times.soft !== null,
    prices: {
      lid: prices('lid', lidLooks),
      base: prices('base', baseLooks),
      vent: prices('vent', ventLooks),
      knife: prices('knife', knifeLooks),
      tap: prices('tap', tapLooks),
    },
  };
}
