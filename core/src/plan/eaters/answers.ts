import { hasNeed, type EaterInput } from '../../contracts/eater';
import type { ItemInput } from '../../contracts/item';
import type { MealInput } from '../../contracts/meal';
import { marksOf, type PieceMark } from '../../templates/marks';
import type { HouseLabelInput } from '../inputs';
import type { ItemPlan } from '../item';
import { contentsOf, type Content } from '../needs/contents';
import { holdsOf, meetings, type Holds, type Meeting } from './meets';

/** The three answers, and that it is not known, which counts as no. */
export type Answer = 'may' | 'pieces' | 'not' | 'unknown';

export interface DishAnswer {
  answer: Answer;
  /** What stands in the way, most certain first; for `pieces` what is left out of them. */
  meets: Meeting[];
}

export interface EaterAnswers {
  name: string;
  /** Place among the meal's eaters. */
  eater: number;
  need: boolean;
  dishes: DishAnswer[];
}

/** Pieces of an item made apart: for whom, without what, and the mark they are known by. */
export interface Apart {
  itemIndex: number;
  /** 1, 2, 3 …, and what they are known by once they are closed. */
  mark: number;
  as: PieceMark;
  eaters: string[];
  pieces: number;
  leftOut: string[];
}

export interface WhoEats {
  eaters: EaterAnswers[];
  apart: Apart[];
  /** By item: what its pieces hold. */
  holds: Holds[];
  /** Named eaters that may eat nothing of the day. */
  nothing: string[];
}

/** A part of the filling larger than this is what the filling is: without it there is none, % (estimate). */
const fillingItselfPct = 40;

/** Pieces are filled one by one: some of them first, from their own bowl. */
const madeApart = (item: ItemInput): boolean =>
  (item.product === 'handPies' || item.product === 'potPies') && item.brief.count > 1;

/** Whether some pieces of an item can be filled apart, without one thing that is met. */
export const leavesOut = (m: Meeting, item: ItemInput): boolean =>
  madeApart(item) && item.brief.allAlike !== true && canBeApart(m, item);

/** What share of a filling these parts of it are, %. */
function fillingPct(parts: ReadonlySet<number>, item: ItemInput): number {
  const grams = item.filling.ingredients.map((i) => i.gramsPer100);
  const all = grams.reduce((sum, g) => sum + g, 0);
  return (100 * grams.reduce((sum, g, at) => sum + (parts.has(at) ? g : 0), 0)) / Math.max(1, all);
}

/** Whether what is met can be left out of some of the pieces. Pastry is one dough, and one brush goes over a whole tray. */
const canBeApart = (m: Meeting, item: ItemInput): boolean =>
  m.place === 'filling' && m.at !== undefined && fillingPct(new Set([m.at]), item) < fillingItselfPct;

/** What one eater may have of one item: checked against everything in the piece; not known counts as no. */
export function answerFor(
  eater: EaterInput,
  item: ItemInput,
  contents: readonly Content[],
  labels: readonly HouseLabelInput[] = [],
): DishAnswer {
  if (!hasNeed(eater)) return { answer: 'may', meets: [] };
  const meets = meetings(eater, item, contents, labels).sort((a, b) => Number(b.sure) - Number(a.sure));
  if (meets.length === 0) return { answer: 'may', meets };
  // each may be a small part of the filling and all of them most of it
  const without = new Set(meets.flatMap((m) => m.at ?? []));
  if (meets.every((m) => leavesOut(m, item)) && fillingPct(without, item) < fillingItselfPct)
    return { answer: 'pieces', meets };
  return { answer: meets.some((m) => m.sure) ? 'not' : 'unknown', meets };
}

/** Who may eat what of a day: for each named eater and each item one of the answers, and the pieces made apart for it. */
export function whoEats(
  meal: Pick<MealInput, 'eaters' | 'mouthCount'>,
  items: readonly ItemInput[],
  plans: readonly ItemPlan[],
  labels: readonly HouseLabelInput[] = [],
): WhoEats {
  const contents = items.map((item, i) => contentsOf(item, plans[i]));
  const eaters = meal.eaters.slice(0, meal.mouthCount).map((e, eater): EaterAnswers => ({
    name: e.name,
    eater,
    need: hasNeed(e),
    dishes: items.map((item, i) => answerFor(e, item, contents[i], labels)),
  }));
  return {
    eaters,
    holds: items.map((item, i) => holdsOf(item, contents[i], labels)),
    apart: items.flatMap((item, i) => apartOf(item, i, eaters, meal.mouthCount)),
    nothing: eaters
      .filter((e) => e.dishes.every((d) => d.answer !== 'may' && d.answer !== 'pieces'))
      .map((e) => e.name),
  };
}

/** The pieces of one item made apart, those that are alike together: as many for each eater as there are for each at the table. */
function apartOf(item: ItemInput, itemIndex: number, eaters: readonly EaterAnswers[], people: number): Apart[] {
  const groups = new Map<string, Omit<Apart, 'as'>>();
  const each = Math.max(1, Math.floor(item.brief.count / Math.max(1, people)));
  for (const { name, dishes } of eaters) {
    const { answer, meets } = dishes[itemIndex];
    if (answer !== 'pieces') continue;
    const leftOut = [...new Set(meets.map((m) => m.name))].sort();
    const key = leftOut.join('|');
    const group = groups.get(key);
    if (group) {
      group.eaters.push(name);
      group.pieces += each;
    } else groups.set(key, { itemIndex, mark: groups.size + 1, eaters: [name], pieces: each, leftOut });
  }
  const lots = [...groups.values()];
  const { markedBy = 'cuts', topping } = item.seal;
  const marks = marksOf(
    markedBy,
    lots.map((l) => l.eaters),
    topping,
  );
  return lots.map((l, n) => ({ ...l, as: marks[n] }));
}
