import { EaterInput } from '../../contracts/eater';
import { ItemInput } from '../../contracts/item';
import { mostItems } from '../../contracts/most';
import { KitchenInput } from '../../contracts/kitchen';
import { fatNames } from '../../cold/fats';
import { washFactors, type Wash } from '../../oven/tables';
import { glues, type Glue } from '../../sealing/seals';
import { nameOf } from '../../ingredients/table';
import { within } from '../../quantities/refusal';
import { Nested, NestedList, NumberIn } from '../../quantities/rules';
import { HouseLabelInput } from '../inputs';
import { planItem, type ItemPlan } from '../item';
import { contentsOf, type Place } from '../needs/contents';
import { remember } from '../memo';
import { asMade } from '../sharedDough';
import { writePaths } from '../path';
import { partsOf } from '../stations/dough/formula';
import { partsOfFilling } from '../stations/filling/part';
import { answerFor, leavesOut, type Answer } from './answers';
import type { Meeting } from './meets';

/** One thing put in the place of another; `to` is null where it is left out. */
export interface Swap {
  place: Place;
  from: string;
  to: string | null;
}

/** Changes of one item after which somebody may eat it. */
export interface Mend {
  swaps: Swap[];
  /** By dotted path of the item. */
  changes: Record<string, unknown>;
  /** Answers of every named eater after it, in the meal's order. */
  after: Answer[];
  /** Who may eat it then and may not now, and the other way round. */
  gains: string[];
  losses: string[];
  /** What it costs: minutes more in the oven, and the fat's working band where the fat is another. */
  bakeMinMore: number | null;
  band: { lowC: number; highC: number } | null;
}

export interface MendAnswer {
  mend: Mend | null;
  /** Where no swap helps: the pastry is what that flour makes it, or it is not known. */
  because: 'flour' | 'leaves' | 'unread' | 'unsaid' | 'none' | null;
}

interface Question {
  item: ItemInput;
  eaters: readonly EaterInput[];
  labels: readonly HouseLabelInput[];
  kitchen: KitchenInput;
}

/** What the model `plan.eaterMends` takes: the day's dishes and people, and which of them is asked about. */
export class EaterMendsInput {
  @NestedList(() => ItemInput, mostItems) items!: ItemInput[];
  @NestedList(() => EaterInput, 60) eaters!: EaterInput[];
  @NumberIn(0, 59, '', { integer: true }) eater!: number;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @NestedList(() => HouseLabelInput, 400) labels!: HouseLabelInput[];
}

/** For each dish the nearest mend for one eater; null where they may eat it, or pieces of it, as it is. */
export function eaterMends({ items, eaters, eater, kitchen, labels }: EaterMendsInput): (MendAnswer | null)[] {
  within(eater, 0, eaters.length - 1, 'eater');
  return asMade(items, kitchen).items.map((item) => {
    const now = answerFor(eaters[eater], item, contentsOf(item, planned(item, kitchen)), labels);
    return now.answer === 'may' || now.answer === 'pieces'
      ? null
      : mendFor({ item, eaters, labels, kitchen }, eaters[eater]);
  });
}

const planned = (item: ItemInput, kitchen: KitchenInput): ItemPlan =>
  remember(['item', item, kitchen], () => planItem(item, kitchen));

/** Washes and glues by how near they come to what they replace; sweet ones are no swap on a savoury lid. */
const washes = (now: Wash): Wash[] =>
  (Object.keys(washFactors) as Wash[])
    .filter((w) => w !== now && w !== 'milksugar' && w !== 'syrup')
    .sort((a, b) => Math.abs(washFactors[a] - washFactors[now]) - Math.abs(washFactors[b] - washFactors[now]));
const gluesFor = (now: Glue): Glue[] =>
  (Object.keys(glues) as Glue[]).filter((g) => g !== now).sort((a, b) => glues[b].strength - glues[a].strength);
/** Fats that pastry is made with in another's place, the nearest in the hand first (our choice). */
const fats: Record<ItemInput['dough']['pastry'], readonly string[]> = {
  shortcrust: ['lard', 'shortening', 'bakingMargarine', 'coconut'],
  roughPuff: ['puffMargarine', 'shortening', 'lard'],
  filo: ['oil', 'coconut', 'clarifiedButter'],
};
/** What stands in for a thing of a filling: its name, and its share of the grams (starch binds about twice what flour does). */
const standIns: Readonly<Record<string, readonly [name: string, share: number]>> = {
  milk: ['Soya drink', 1],
  cream: ['Coconut milk', 1],
  butter: ['Vegetable oil', 0.8],
  flour: ['Maize starch', 0.5],
};

/** Ways to do without one thing, nearest first: changes by path and what they are called. */
function waysWithout(m: Meeting, item: ItemInput): { changes: Record<string, unknown>; swap: Swap }[] {
  const swap = (to: string | null): Swap => ({ place: m.place, from: m.name, to });
  // what is made already, or mixed with another's, is not made otherwise here
  if (m.place === 'filling' ? item.filling.have : (m.place === 'fat' || m.place === 'dough') && item.dough.have)
    return [];
  switch (m.place) {
    case 'wash':
      return washes(item.seal.wash).map((w) => ({ changes: { 'seal.wash': w }, swap: swap(w) }));
    case 'glue':
      return gluesFor(item.seal.glue).map((g) => ({ changes: { 'seal.glue': g }, swap: swap(g) }));
    case 'fat':
      if (m.ingredient === 'oil' && item.dough.fat !== 'oil')
        return [{ changes: { 'folds.brushOilPct': undefined }, swap: swap(null) }];
      return fats[item.dough.pastry]
        .filter((f) => f !== item.dough.fat && (fatNames as readonly string[]).includes(f))
        .map((f) => ({
          changes: { 'dough.fat': f, 'dough.fatLabelPct': undefined, 'dough.fatSaltPct': undefined },
          swap: swap(nameOf(f)),
        }));
    case 'dough':
      return m.at === undefined
        ? []
        : [{ changes: { 'dough.others': (item.dough.others ?? []).toSpliced(m.at, 1) }, swap: swap(null) }];
    case 'filling': {
      if (m.at === undefined) return [];
      const { ingredients } = item.filling;
      const other = standIns[m.ingredient ?? ''];
      const small = ingredients[m.at].ahead;
      if (m.of !== undefined && small) {
        const of = small.of ?? [];
        const [name, share] = other ?? [null, 0];
        const into = (list: typeof of, to: string | null) => ({
          changes: {
            'filling.ingredients': ingredients.with(m.at ?? 0, {
              ...ingredients[m.at ?? 0],
              ahead: { ...small, of: list },
            }),
          },
          swap: swap(to),
        });
        const without = into(of.toSpliced(m.of, 1), null);
        return name === null
          ? [without]
          : [into(of.with(m.of, { name, gramsPer100: of[m.of].gramsPer100 * share }), name), without];
      }
      const left = { changes: { 'filling.ingredients': ingredients.toSpliced(m.at, 1) }, swap: swap(null) };
      if (!other) return [left];
      const [name, share] = other;
      const made = ingredients.with(m.at, { name, gramsPer100: ingredients[m.at].gramsPer100 * share });
      return [{ changes: { 'filling.ingredients': made }, swap: swap(name) }, left];
    }
    default:
      return [];
  }
}

/** The plan with only what goes into the pieces changed: enough to see what is in them, at a thousandth of the work. */
const contentsPlan = (item: ItemInput, plan: ItemPlan): ItemPlan => ({
  ...plan,
  dough: plan.dough.facts ? { ...plan.dough, facts: { ...plan.dough.facts, parts: partsOf(item.dough) } } : plan.dough,
  filling: { ...plan.filling, parts: partsOfFilling(item.filling, plan.filling.totalG, plan.cut.pieces) },
});

/**
 * The nearest change of one item after which an eater may eat it: each thing that stands in the way is done without in the
 * first way that takes it away and brings nothing new; the whole is worked out and answered for everybody, so that what it
 * costs and whom it shuts out is known before it is pressed. Null with the reason where no swap helps.
 */
export function mendFor(q: Question, eater: EaterInput): MendAnswer {
  const plan = planned(q.item, q.kitchen);
  const ask = (item: ItemInput, of: ItemPlan, who: EaterInput) => answerFor(who, item, contentsOf(item, of), q.labels);
  let now = q.item;
  const swaps: Swap[] = [];
  const changes: Record<string, unknown> = {};
  for (let round = 0; round < 12; round++) {
    const { meets } = ask(now, contentsPlan(now, plan), eater);
    // what some pieces are filled without anyway is left to the others
    const first = meets.find((m) => !leavesOut(m, now));
    if (!first) break;
    const found = waysWithout(first, now).find(({ changes: c }) => {
      const tried = writePaths(now, c);
      const left = ask(tried, contentsPlan(tried, plan), eater).meets;
      return !left.some((l) => l.place === first.place && !meets.some((m) => same(m, l))) && left.length < meets.length;
    });
    if (!found) return { mend: null, because: reasonOf(first) };
    now = writePaths(now, found.changes);
    swaps.push(found.swap);
    Object.assign(changes, found.changes);
  }
  const mended = writePaths(q.item, changes);
  const after = planned(mended, q.kitchen);
  const final = ask(mended, after, eater);
  if (swaps.length === 0 || !may(final.answer)) return { mend: null, because: 'none' };
  const before = q.eaters.map((e) => ask(q.item, plan, e).answer);
  const answers = q.eaters.map((e) => ask(mended, after, e).answer);
  const names = (test: (i: number) => boolean) => q.eaters.flatMap((e, i) => (test(i) ? [e.name] : []));
  const [was, is] = [plan.oven.minutes, after.oven.minutes];
  return {
    mend: {
      swaps,
      changes,
      after: answers,
      gains: names((i) => may(answers[i]) && !may(before[i])),
      losses: names((i) => !may(answers[i]) && may(before[i])),
      bakeMinMore: was === null || is === null ? null : is - was,
      band:
        mended.dough.fat !== q.item.dough.fat && after.dough.band
          ? { lowC: after.dough.band.low, highC: after.dough.band.high }
          : null,
    },
    because: null,
  };
}

const may = (a: Answer): boolean => a === 'may' || a === 'pieces';
const same = (a: Meeting, b: Meeting): boolean =>
  a.place === b.place && a.name === b.name && a.against.kind === b.against.kind;

/** What no swap takes away. */
function reasonOf({ place, against }: Meeting): MendAnswer['because'] {
  if (against.kind === 'unread' || against.kind === 'unknown') return 'unread';
  if (against.kind === 'unsaid') return 'unsaid';
  return place === 'flour' ? 'flour' : place === 'leaves' ? 'leaves' : 'none';
}
