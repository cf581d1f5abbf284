import type { ItemInput } from '../contracts/item';
import { bindsAs } from '../filling/poured';
import { thickeners } from '../filling/thickening';
import { ingredientNamed } from '../ingredients/named';
import { isSweet } from './stations/filling/result';

/** Oven heat and minutes that bring a baked pie back, from the fridge and from the freezer. */
export interface Reheat {
  setC: number;
  minutes: readonly [number, number];
  frozen: readonly [number, number];
}
export interface PieKeeps {
  rawHours: number;
  /** Months; 0 where it is not advised. */
  rawMonths: number;
  bakedDays: number;
  bakedMonths: number;
  reheat: Reheat;
}
const reheat = (setC: number, from: number, to: number, frozenFrom: number, frozenTo: number): Reheat => ({
  setC,
  minutes: [from, to],
  frozen: [frozenFrom, frozenTo],
});
/** Usual guidance: limits of safety in the fridge, of quality in the freezer; the shorter end of each. Estimates. */
const rows = {
  handCooked: { rawHours: 24, rawMonths: 2, bakedDays: 3, bakedMonths: 2, reheat: reheat(180, 15, 20, 25, 35) },
  handRaw: { rawHours: 12, rawMonths: 1, bakedDays: 3, bakedMonths: 2, reheat: reheat(180, 15, 20, 25, 35) },
  fruit: { rawHours: 24, rawMonths: 3, bakedDays: 4, bakedMonths: 3, reheat: reheat(175, 15, 20, 30, 40) },
  dish: { rawHours: 24, rawMonths: 2, bakedDays: 3, bakedMonths: 2, reheat: reheat(180, 25, 35, 50, 70) },
  dishRaw: { rawHours: 12, rawMonths: 1, bakedDays: 3, bakedMonths: 2, reheat: reheat(180, 25, 35, 50, 70) },
  leaves: { rawHours: 24, rawMonths: 2, bakedDays: 3, bakedMonths: 1, reheat: reheat(180, 10, 15, 20, 30) },
  oil: { rawHours: 24, rawMonths: 1, bakedDays: 2, bakedMonths: 2, reheat: reheat(170, 20, 20, 35, 45) },
  custard: { rawHours: 0, rawMonths: 0, bakedDays: 2, bakedMonths: 0, reheat: reheat(150, 15, 20, 30, 40) },
} as const satisfies Record<string, PieKeeps>;

/** Of what is not all known the shortest is said: nothing is promised of it. */
const unknownLimit = { rawHours: 12, bakedDays: 2 } as const;

function rowOf({ product, dough, filling }: ItemInput, raw: boolean): PieKeeps {
  if (filling.type === 'custard') return rows.custard;
  if (dough.pastry === 'filo') return raw ? { ...rows.leaves, rawHours: rows.handRaw.rawHours } : rows.leaves;
  if (isSweet(filling.type)) return rows.fruit;
  if (dough.fat === 'oil') return rows.oil;
  const hand = product === 'handPies';
  return raw ? (hand ? rows.handRaw : rows.dishRaw) : hand ? rows.handCooked : rows.dish;
}

export interface PiesKeep extends PieKeeps {
  /** Not all that goes in is known. */
  unknown: boolean;
  /** What binds the sauce lets go of its water when it is frozen. */
  weeps: boolean;
}

/**
 * How long an item's pies keep, raw and closed or baked, cold or frozen: by what they are, the shortest where not all that goes
 * in is known, and not frozen where the sauce would weep (in fruit it is eaten as it is).
 */
export function pieKeeps(item: ItemInput, { raw, finishedG }: { raw: boolean; finishedG: number | null }): PiesKeep {
  const row = rowOf(item, raw);
  const known = item.filling.ingredients.map((i) => ingredientNamed(i.name));
  const unknown = finishedG === null || known.includes(null);
  const weeps =
    !isSweet(item.filling.type) &&
    known.some((name) => {
      const kind = bindsAs(name ?? '');
      return kind !== null && thickeners[kind].freezes === 0;
    });
  return {
    ...row,
    unknown,
    weeps,
    rawHours: Math.min(row.rawHours, unknown ? unknownLimit.rawHours : Infinity),
    bakedDays: Math.min(row.bakedDays, unknown ? unknownLimit.bakedDays : Infinity),
    rawMonths: weeps ? 0 : row.rawMonths,
    bakedMonths: weeps ? 0 : row.bakedMonths,
  };
}
