import type { Place } from './contents';

export interface Need {
  name: string;
  /** Its id in the ingredient table, where it is known by one. */
  ingredient?: string;
  grams: number;
  /** What of it goes where: which item, and where in its pieces; null for pies that were put away. */
  forItems: { title: string; grams: number; itemIndex: number; place: Place | null }[];
  /** It has a name of its own, remark and all: pies that were put away. */
  whole?: true;
}

export interface Shortage {
  name: string;
  shortG: number;
  needG: number;
  haveG: number;
}

/** What is looked at of a thing in the larder. */
export interface InLarder {
  name: string;
  grams: number;
  ingredient?: string | null;
}

const plain = (name: string) => name.toLowerCase().split(',')[0]?.trim() ?? '';

/** The things that serve a need. Names are matched without regard to case and to a trailing remark such as "82 %". */
export const inLarder = (need: Need, larder: readonly InLarder[]): InLarder[] =>
  larder.filter((l) =>
    need.whole
      ? l.name === need.name
      : plain(l.name) === plain(need.name) || (need.ingredient !== undefined && l.ingredient === need.ingredient),
  );

/** What the larder is short of. */
export function shortages(needs: readonly Need[], larder: readonly InLarder[]): Shortage[] {
  return needs
    .map((need) => {
      const haveG = inLarder(need, larder).reduce((sum, l) => sum + l.grams, 0);
      return { name: need.name, needG: need.grams, haveG, shortG: need.grams - haveG };
    })
    .filter((s) => s.shortG > 0.5);
}
