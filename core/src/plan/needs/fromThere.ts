import type { ItemInput } from '../../contracts/item';
import type { ItemPlan } from '../item';
import { contentsOf } from './contents';
import { inLarder, type InLarder, type Need } from './shortages';

/** What of a filling can be made from what is there, and what runs out first. */
export interface FromThere {
  /** So many times the filling as it is listed. */
  share: number;
  /** The thing that runs out first: what is there for it, and what all of it takes, g. */
  limiting: { name: string; thereG: number; needG: number };
  /** Things the larder does not know by any name: taken to be to hand, and named. */
  unknown: string[];
}

/**
 * How much of an item's filling there is enough for, by the thing that runs out first, with what its small recipes are made of.
 * What the pastry and the other pies of the day take of the same thing is theirs. Null where the larder knows nothing of what goes
 * in, or where the filling is made already.
 * @param needs what the whole day takes, this item with it
 */
export function fromThere(
  item: ItemInput,
  plan: ItemPlan,
  needs: readonly Need[],
  larder: readonly InLarder[],
): FromThere | null {
  const listed = new Map<string, { name: string; needG: number }>();
  for (const { place, at, made, name, grams } of contentsOf(item, plan)) {
    if (place !== 'filling' || at === undefined || made) continue;
    const key = name.toLowerCase();
    listed.set(key, { name, needG: (listed.get(key)?.needG ?? 0) + grams });
  }
  const known: FromThere['limiting'][] = [];
  const unknown: string[] = [];
  for (const [key, { name, needG }] of listed) {
    const need = needs.find((n) => n.name.toLowerCase() === key);
    if (!need) continue;
    const there = inLarder(need, larder);
    const othersG = Math.max(0, need.grams - needG);
    if (there.length === 0) unknown.push(name);
    else known.push({ name, needG, thereG: Math.max(0, there.reduce((sum, l) => sum + l.grams, 0) - othersG) });
  }
  if (known.length === 0) return null;
  const limiting = known.reduce((a, b) => (b.thereG / b.needG < a.thereG / a.needG ? b : a));
  return { share: limiting.thereG / limiting.needG, limiting, unknown };
}
