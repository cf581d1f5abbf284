import type { EaterInput } from '../../contracts/eater';
import type { ItemInput } from '../../contracts/item';
import type { Allergen, Diet, EaterDiet, Ingredient, Origin } from '../../ingredients/ingredient';
import { suits, type Label } from '../../ingredients/label';
import { comparable } from '../../ingredients/search';
import { ingredientOf } from '../../ingredients/table';
import type { HouseLabelInput } from '../inputs';
import type { Content, Place } from '../needs/contents';

/** Why a thing may stand in somebody's way. */
export type Against =
  | { kind: 'allergen'; allergen: Allergen }
  | { kind: 'traces'; allergen: Allergen }
  | { kind: 'diet'; diet: EaterDiet }
  | { kind: 'word'; word: string }
  | { kind: 'hot' }
  /** What else a maker put in stands on the packet: that was not read, or not looked through for these words. */
  | { kind: 'unread'; words: string[] }
  /** The table does not know the thing. */
  | { kind: 'unknown' }
  /** Nothing, or not all of it, was said of what is in the filling. */
  | { kind: 'unsaid' };

/** One thing of a piece that an eater would meet, where it is, and what speaks against it. */
export interface Meeting {
  place: Place;
  name: string;
  ingredient: string | null;
  at?: number;
  /** Its place in the small recipe of that part. */
  of?: number;
  grams: number;
  against: Against;
  /** It is there; otherwise it is not known whether it is. */
  sure: boolean;
}

const meat: readonly Origin[] = ['beef', 'pork', 'poultry'];
/** Spices that make a filling hot, by id. */
const hot: readonly string[] = ['chilli', 'curryPowder', 'mustard'];
/** Origins of which the table knows no more than the commonest maker's: another may do otherwise. */
const byMaker: readonly string[] = ['gelatine'];

/** The label that counts for a thing: what the cook wrote with it, else what is known of that thing in the house. */
function labelOf(c: Content, labels: readonly HouseLabelInput[]): Label | null {
  if (c.label?.contains) return c.label;
  const same = labels.filter(
    ({ ingredient, name }) =>
      (c.ingredient !== null && ingredient === c.ingredient) ||
      comparable(name.split(',')[0]) === comparable(c.name.split(',')[0]),
  );
  if (same.length === 0 || same.some((l) => !l.label.contains)) return null;
  // of two packets of one thing either may be taken: what one of them names is met
  const all = <K extends 'contains' | 'traces'>(key: K) => [...new Set(same.flatMap((l) => l.label[key] ?? []))];
  const inEach = <K extends 'suits' | 'without'>(key: K) => {
    const [first, ...rest] = same.map((l): readonly string[] => l.label[key] ?? []);
    return first.filter((d) => rest.every((r) => r.includes(d)));
  };
  return {
    contains: all('contains'),
    traces: all('traces'),
    suits: inEach('suits') as Diet[],
    without: inEach('without'),
  };
}

/**
 * The allergens of a thing: what its packet names; the table's too where it is one plain thing, which no packet can make free of
 * itself. Wheat is gluten.
 */
function held(row: Ingredient | undefined, label: Label | null): Allergen[] {
  const plain = row && (!row.made || !label?.contains) ? row.allergens : [];
  const all = new Set([...plain, ...(label?.contains ?? [])]);
  if (all.has('wheat')) all.add('gluten');
  return [...all];
}

/** What a filling of which nothing was listed holds at the least, by its kind: only ever used against, never for. */
const kindHolds: Partial<Record<ItemInput['filling']['type'], readonly string[]>> = {
  chicken_cream: ['chickenThigh', 'cream'],
  mince_cooked: ['beefMince'],
  pork_raw: ['porkShoulder'],
  lamb_onion_raw: ['lamb'],
  poultry_raw: ['chickenThigh'],
  pasty_raw: ['stewingBeef'],
  fish_raw: ['whiteFish'],
  greens_cheese: ['cheddar'],
  cheese_egg: ['cheddar', 'egg'],
  custard: ['egg', 'milk'],
};
/** Listed grams for 100 g of filling under which something must be missing: cooking drives water off, it does not make mass. */
export const leastListed = 85;

/** What is in a filling as far as it was said; `whole` when the list can be all of it. */
export function fillingContents(item: ItemInput, contents: readonly Content[]): { list: Content[]; whole: boolean } {
  const listed = item.filling.ingredients.reduce((sum, i) => sum + i.gramsPer100, 0);
  const whole = listed >= leastListed;
  if (item.filling.ingredients.length > 0) return { list: [...contents], whole };
  const guessed = (kindHolds[item.filling.type] ?? []).map((id): Content => ({
    place: 'filling',
    name: ingredientOf(id)?.name ?? id,
    ingredient: id,
    grams: 0,
  }));
  return { list: [...contents, ...guessed], whole };
}

/** Everything of an item's pieces that speaks against one eater's eating them; empty only where all of it is known. */
export function meetings(
  eater: EaterInput,
  item: ItemInput,
  contents: readonly Content[],
  labels: readonly HouseLabelInput[],
): Meeting[] {
  const found: Meeting[] = [];
  const { list, whole } = fillingContents(item, contents);
  const origins = new Set(list.map((c) => ingredientOf(c.ingredient ?? '')?.origin));
  const meaty = meat.some((o) => origins.has(o));
  for (const c of list) {
    const row = ingredientOf(c.ingredient ?? '');
    const label = labelOf(c, labels);
    const put = (against: Against, sure: boolean) =>
      found.push({
        place: c.place,
        name: c.name,
        ingredient: c.ingredient,
        ...(c.at === undefined ? {} : { at: c.at }),
        ...(c.of === undefined ? {} : { of: c.of }),
        grams: c.grams,
        against,
        sure,
      });
    const before = found.length;
    const holds = held(row, label);
    for (const allergen of eater.avoids) {
      if (holds.includes(allergen)) put({ kind: 'allergen', allergen }, true);
      else if (label?.traces?.includes(allergen)) put({ kind: 'traces', allergen }, true);
    }
    let open = false;
    for (const diet of eater.diets) {
      const against = againstDiet(diet, row?.origin, holds, label, meaty);
      if (against === 'met') put({ kind: 'diet', diet }, true);
      else if (against === 'open' || (row && byMaker.includes(row.id) && !label?.suits?.includes(diet as Diet)))
        open = true;
    }
    for (const word of eater.words)
      if ([c.name, row?.name ?? '', ...(row?.also ?? [])].some((name) => holdsWord(name, word)))
        put({ kind: 'word', word }, true);
    if (eater.mild && row && hot.includes(row.id)) put({ kind: 'hot' }, true);
    if (found.length > before) continue;
    const guarded = eater.avoids.length + eater.words.length + eater.diets.length > 0;
    if (!row && !label) {
      if (guarded) put({ kind: 'unknown' }, false);
    } else if (guarded && (open || ((row?.made ?? true) && !settled(eater, label))))
      put({ kind: 'unread', words: label?.contains ? unfound(eater, label) : [] }, false);
  }
  if (!whole)
    found.push({
      place: 'filling',
      name: item.filling.name,
      ingredient: null,
      grams: 0,
      against: { kind: 'unsaid' },
      sure: false,
    });
  return found;
}

/** What the pieces of an item hold for everybody, told on labels: allergens, traces, and things of which it is not known. */
export interface Holds {
  allergens: Allergen[];
  traces: Allergen[];
  notKnown: string[];
}

/** Allergens of everything in the piece, as tables and labels have them, and what is not known of it. */
export function holdsOf(item: ItemInput, contents: readonly Content[], labels: readonly HouseLabelInput[]): Holds {
  const { list, whole } = fillingContents(item, contents);
  const allergens = new Set<Allergen>();
  const traces = new Set<Allergen>();
  const notKnown = new Set<string>();
  for (const c of list) {
    const row = ingredientOf(c.ingredient ?? '');
    const label = labelOf(c, labels);
    for (const a of held(row, label)) allergens.add(a);
    for (const a of label?.traces ?? []) traces.add(a);
    if (!label?.contains && (row?.made ?? true)) notKnown.add(c.name);
  }
  if (!whole) notKnown.add(item.filling.name);
  return { allergens: [...allergens], traces: [...traces].filter((a) => !allergens.has(a)), notKnown: [...notKnown] };
}

/** Whether a packet that was read answers all that this eater asks: what it names, and the diets it says it suits. */
const settled = (eater: EaterInput, label: Label | null): boolean =>
  label?.contains !== undefined &&
  unfound(eater, label).length === 0 &&
  eater.diets.every((d) => d === 'noMilkWithMeat' || (label.suits ?? []).includes(d));

/** Words that a packet was not looked through for. */
const unfound = (eater: EaterInput, label: Label): string[] =>
  eater.words.filter((w) => !(label.without ?? []).some((o) => comparable(o) === comparable(w)));

/** Whether a thing of that origin, with those allergens, is met by a diet; `open` where only its packet can say. */
function againstDiet(
  diet: EaterDiet,
  origin: Origin | undefined,
  holds: readonly Allergen[],
  label: Label | null,
  meaty: boolean,
): 'met' | 'open' | 'free' {
  if (diet === 'noMilkWithMeat') return meaty && holds.includes('milk') ? 'met' : 'free';
  if (label?.suits?.includes(diet)) return 'free';
  const seafood = holds.some((a) => a === 'fish' || a === 'crustaceans' || a === 'molluscs');
  if (diet === 'vegan' && (seafood || holds.includes('milk') || holds.includes('egg'))) return 'met';
  if (diet === 'vegetarian' && seafood) return 'met';
  if (!origin) return 'open';
  if (suits[diet].includes(origin)) return 'free';
  // cheese set with an animal's rennet is no vegetarian's: its packet decides
  return origin === 'rennet' && diet === 'vegetarian' ? 'open' : 'met';
}

/** Whether a name holds a word, compared as names are: "chestnut" is in "Chestnuts, cooked", "nut" is not in "nutmeg". */
export function holdsWord(name: string, word: string): boolean {
  const wanted = comparable(word);
  return wanted !== '' && ` ${comparable(name)} `.includes(` ${wanted} `);
}
