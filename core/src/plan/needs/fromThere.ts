import type { ItemPlan } from '../item';
import { inLarder, type InLarder, type Need } from './needs';

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
 * How much of an item's filling there is enough for, by the thing that runs out first; what the other pies of the day take is
 * theirs. Null where the larder knows nothing of what goes in, or where the filling is made already.
 */
export function fromThere(
  title: string,
  { filling }: Pick<ItemPlan, 'filling'>,
  needs: readonly Need[],
  larder: readonly InLarder[],
): FromThere | null {
  const parts = filling.parts.map(({ name, grams }) => {
    const need = needs.find((n) => n.name.toLowerCase() === name.toLowerCase());
    const there = need ? inLarder(need, larder) : [];
    const others = need?.forItems.filter((f) => f.title !== title).reduce((sum, f) => sum + f.grams, 0) ?? 0;
    const thereG = there.length > 0 ? Math.max(0, there.reduce((sum, l) => sum + l.grams, 0) - others) : null;
    return { name, needG: grams, thereG, listed: need !== undefined };
  });
  const known = parts.flatMap((p) => (p.thereG !== null && p.needG > 0 ? [{ ...p, thereG: p.thereG }] : []));
  if (known.length === 0) return null;
  const { name, thereG, needG } = known.reduce((a, b) => (b.thereG / b.needG < a.thereG / a.needG ? b : a));
  return {
    share: thereG / needG,
    limiting: { name, thereG, needG },
    unknown: parts.filter((p) => p.listed && p.thereG === null).map((p) => p.name),
  };
}
