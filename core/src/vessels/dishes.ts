import { RefusedInput } from '../quantities/refusal';
import { depthForVolume, planArea, vesselAreas, vesselVolume, type VesselGeometry } from './vessel';

export interface DishStock {
  id: string;
  cap: number;
  qty: number;
}

export interface DishOption {
  pick: Record<string, number>;
  n: number;
  cap: number;
  fill: number;
}

/** Which of the cook's dishes take a filling: fewest dishes, then fewest kinds, then fullest. Volumes ml. */
export function fitDishes(o: {
  need: number;
  dishes: readonly DishStock[];
  lo?: number;
  hi?: number;
  maxDishes?: number;
}): { options: DishOption[]; nearestBelow: DishOption | null; nearestAbove: DishOption | null } {
  if (o.dishes.length > 12)
    throw new RefusedInput({ field: 'dishes', code: 'too_many', value: o.dishes.length, allowed: { max: 12 } });
  const [lo, hi, most] = [o.lo ?? 0.85, o.hi ?? 1, o.maxDishes ?? 4];
  const all: DishOption[] = [];
  const add = (pick: Record<string, number>) => {
    const cap = Object.entries(pick).reduce(
      (sum, [id, n]) => sum + n * (o.dishes.find((d) => d.id === id)?.cap ?? 0),
      0,
    );
    all.push({ pick, n: Object.values(pick).reduce((a, b) => a + b, 0), cap, fill: o.need / cap });
  };
  const walk = (index: number, left: number, pick: Record<string, number>): void => {
    const dish = o.dishes[index];
    if (!dish) {
      if (Object.keys(pick).length) add(pick);
      return;
    }
    for (let n = 0; n <= Math.min(left, dish.qty); n++) walk(index + 1, left - n, n ? { ...pick, [dish.id]: n } : pick);
  };
  walk(0, most, {});
  for (const dish of o.dishes) for (let n = most + 1; n <= Math.min(24, dish.qty); n++) add({ [dish.id]: n });
  const kinds = (option: DishOption) => Object.keys(option.pick).length;
  const order = (a: DishOption, b: DishOption) =>
    a.n - b.n || kinds(a) - kinds(b) || b.fill - a.fill || JSON.stringify(a.pick).localeCompare(JSON.stringify(b.pick));
  const below = all.filter((x) => x.fill > hi).sort((a, b) => b.cap - a.cap)[0];
  const above = all.filter((x) => x.fill < lo).sort((a, b) => a.cap - b.cap)[0];
  return {
    options: all.filter((x) => x.fill >= lo && x.fill <= hi).sort(order),
    nearestBelow: below ?? null,
    nearestAbove: above ?? null,
  };
}

/** Swapping dish A for B: ratios at the brim, and the depth the same filling would stand at in B. */
export function swapDishes(from: VesselGeometry, to: VesselGeometry) {
  const volumeFrom = vesselVolume(from);
  const stands = depthForVolume(to, volumeFrom);
  const depthChangePct = 100 * ((stands ?? to.depth) / from.depth - 1);
  return {
    area: planArea(to.form, to.top, to.corner) / planArea(from.form, from.top, from.corner),
    volume: vesselVolume(to) / volumeFrom,
    lining: vesselAreas(to).lining / vesselAreas(from).lining,
    sameFillingDepthMm: stands,
    depthChangePct,
    /** A filling a fifth deeper or shallower bakes for another time (judgement). */
    bakesOtherwise: Math.abs(depthChangePct) > 20,
  };
}
