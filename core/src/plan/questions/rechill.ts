import { filoDry } from '../../cold/filo';
import { within } from '../../quantities/refusal';
import { Nested, NumberIn, Optional } from '../../quantities/rules';
import { planCut } from '../stations/cut/station';
import { planDough } from '../stations/dough/station';
import { ItemInput } from '../../contracts/item';
import { leafBand } from '../coldLine/leaves';
import { chill } from '../coldLine/thermal';
import { KitchenInput } from '../../contracts/kitchen';

/** What the model `plan.rechill` takes: a pastry in hand that must go back to the cold, or under its cloth. */
export class RechillInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  /** Of the sheet as it lies; leaves need none. */
  @Optional() @NumberIn(0.3, 80, 'mm') thicknessMm?: number;
  /** Mean temperature of the fat now (°C), or for filo the leaf's moisture (% of its mass). */
  @NumberIn(-10, 45, '') now!: number;
  /** It lies at least so long, whatever it needs: a dough that relaxes. Leaves do not. */
  @Optional() @NumberIn(0, 240, 'min') leastMin?: number;
}

export interface Rechill {
  /** Minutes in the cold (or under the damp cloth) until the middle of the band; null when it is not reached. */
  minutes: number | null;
  range: [number, number] | null;
  target: number;
  at: number[];
  value: number[];
}

const clothMinutes = 30;

/**
 * Minutes a sheet that got too warm needs in this kitchen's fridge, in film, to be in the middle of its band again; the range
 * comes from the surface coefficients. A leaf that got too dry goes under the damp cloth for at most half an hour.
 */
export function rechill({ item, kitchen, thicknessMm, now, leastMin = 0 }: RechillInput): Rechill {
  if (item.dough.pastry === 'filo') return underTheCloth(kitchen, now);
  const { band, spec } = planDough(item, kitchen, planCut(item, kitchen));
  const middle = band ? (band.low + band.high) / 2 : now;
  const target = Math.max(middle, kitchen.fridgeC + 0.8);
  if (now <= target && leastMin === 0) return { minutes: 0, range: null, target, at: [0], value: [now] };
  const { minutes, range, at, value } = chill({
    spec,
    shape: { kind: 'slab', thicknessM: within(thicknessMm, 0.3, 80, 'thicknessMm') / 1000 },
    startC: now,
    targetC: Math.min(now, target),
    leastMin,
    kitchen,
  });
  return { minutes, range, target, at, value };
}

function underTheCloth(kitchen: KitchenInput, now: number): Rechill {
  const target = (leafBand.low + leafBand.high) / 2;
  if (now >= target) return { minutes: 0, range: null, target, at: [0], value: [now] };
  const { line } = filoDry({
    airC: kitchen.roomC,
    humidity: kitchen.humidityPct / 100,
    moistureWetBasis: Math.max(0.01, now / 100),
    cover: 'damp',
    minutes: clothMinutes,
  });
  const value = line.wetBasis.map((wet) => wet * 100);
  const reached = value.findIndex((v) => v >= target);
  return {
    minutes: reached < 0 ? null : (line.minutes[reached] ?? null),
    range: null,
    target,
    at: line.minutes,
    value,
  };
}
