import type { MeasureSystem } from '../quantities/amounts/units';
import { readAmount, type ReadAmount } from '../quantities/amounts/readAmount';
import { describing, gramsOfOne, nameAt } from './names';

/** What stands where in a line of the text. */
export interface Place {
  line: number;
  from: number;
  to: number;
}

export interface RecipeAmount {
  place: Place;
  /** The words as they stand. */
  words: string;
  /** Ingredient of the table, null where the word is not known: it is kept and asked about. */
  id: string | null;
  name: string;
  doubtful: boolean;
  /** Null where no amount is said. */
  grams: number | null;
  gramsHigh: number | null;
  /** Other ways of understanding the amount, g. */
  others: { grams: number; system: MeasureSystem | null }[];
  ambiguities: ReadAmount['ambiguities'];
  units: ReadAmount['units'];
  note: string;
  /** It is told in packs, tins or bags, and their weight is not: how many of which. */
  packs?: { kind: Pack; count: number };
}

/** What things are sold in, and grams in the commonest of them (estimates): asked about, never taken for known. */
export const packs = { tin: 400, jar: 350, pack: 250, bag: 250, tub: 250, carton: 500, punnet: 250 } as const;
export type Pack = keyof typeof packs;
const packWords: readonly (readonly [RegExp, Pack])[] = [
  [/^\s*(?:small |large |big )?(?:cans?|tins?)\b/i, 'tin'],
  [/^\s*(?:small |large |big )?jars?\b/i, 'jar'],
  [/^\s*(?:small |large |big )?(?:packs?|packets?|packages?|boxe?s?|blocks?)\b/i, 'pack'],
  [/^\s*(?:small |large |big )?(?:bags?|pouch(?:es)?|sachets?)\b/i, 'bag'],
  [/^\s*(?:small |large |big )?(?:tubs?|pots?)\b/i, 'tub'],
  [/^\s*(?:small |large |big )?cartons?\b/i, 'carton'],
  [/^\s*(?:small |large |big )?punnets?\b/i, 'punnet'],
];
const packIn = (rest: string): Pack | undefined => packWords.find(([pattern]) => pattern.test(rest))?.[1];

const start =
  /(?<![\p{L}\p{N}./,-])(?:\d|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\.\d|(?:half|quarter|a|an|one|two|three|four|five|six|seven|eight|nine|ten|twelve|about|scant|heaped)\b)/giu;
const mostInALine = 12;

/** Where in the line the rest of a read amount begins: plain text differs in letters, not in words. */
function restStart(line: string, from: number, rest: string): number {
  const word = /[\p{L}\p{N}]+/u.exec(rest)?.[0];
  if (!word) return line.length;
  const at = line.toLowerCase().indexOf(word, from + 1);
  return at < 0 ? line.length : at;
}

function toGrams(read: ReadAmount, id: string | null, bulk: number | null) {
  const one = id === null ? null : gramsOfOne(id);
  return read.readings.map((r) => {
    if (r.dimension === 'mass') return { low: r.low, high: r.high, system: r.system };
    if (r.dimension === 'volume' && bulk !== null) return { low: r.low * bulk, high: r.high * bulk, system: r.system };
    if (r.dimension === 'count' && one !== null) return { low: r.low * one, high: r.high * one, system: r.system };
    return null;
  });
}

const measures = new Set(['mass', 'volume', 'count']);

/** Every amount of something in a line, in order. `listed` lines (of an ingredient list) may name things without amounts. */
export function amountsIn(text: string, line: number, system: MeasureSystem | null, listed: boolean): RecipeAmount[] {
  const found: RecipeAmount[] = [];
  let after = 0;
  for (const match of text.matchAll(start)) {
    if (match.index < after || found.length >= mostInALine) continue;
    const tail = text.slice(match.index, match.index + 160);
    const said = readAmount(tail, system);
    // `2½ cups (300 g) flour`: what is weighed is believed over the cup
    const bracket = said && /^\(([^)]{1,30})\)/.exec(said.rest);
    const weighed = bracket ? readAmount(bracket[1], system) : null;
    const inGrams = weighed?.readings[0]?.dimension === 'mass' ? weighed : null;
    const read = said && inGrams ? { ...inGrams, rest: said.rest.slice((bracket as RegExpExecArray)[0].length) } : said;
    const [first] = read?.readings ?? [];
    if (!read || !first || !measures.has(first.dimension)) continue;
    const counted = first.dimension === 'count';
    const word = /^[a-z]+$/i.test(match[0]);
    const restAt = restStart(text, inGrams ? text.indexOf(')', match.index) : match.index, read.rest);
    // `to 2 mm`, `for 40 minutes`, `cut in 4`: a bare number is an amount only where a name follows
    const name = nameAt(text.slice(restAt), listed && !(counted && word));
    if (!name && (counted || !listed)) continue;
    if (counted && name && gramsOfOne(name.ingredient.id) === null && !listed) continue;
    const known = name && !name.turned ? name.ingredient : null;
    // `2 sticks celery`: a stick is a weight of butter alone
    const sticks = read.units.includes('stick') && known && known.group !== 'fat';
    const bare = (text.slice(restAt).split(/[,;(.]/)[0] ?? '').trim();
    if (!known && bare === '') continue;
    // `150 g for the dough`: a part of what stands before it, counted there
    if (!known && /^(?:for|of it|with|in|into|to|at|each|per)\b/i.test(bare)) continue;
    const nameEnd = name
      ? Math.max(restAt, text.toLowerCase().indexOf(name.words.toLowerCase().split(' ')[0] ?? '', restAt)) +
        name.words.length
      : restAt + bare.length;
    // an egg is called large by its class, not against a middling one
    const size = known?.group === 'egg' ? 1 : sizeOf(text.slice(match.index, nameEnd));
    const pack = counted ? packIn(text.slice(restAt)) : undefined;
    const one = sticks || (counted && !pack) ? gramsOfOne(known?.id ?? '') : null;
    const more = alsoSo(text.slice(nameEnd), known, system);
    const [grams, ...others] =
      one !== null
        ? [
            {
              low: numberOf(first.low, sticks) * one * size,
              high: numberOf(first.high, sticks) * one * size,
              system: null,
            },
          ]
        : toGrams(read, known?.id ?? null, known?.bulkGPerMl ?? null);
    const note = found.length === 0 && listed ? (/^[\s,]*(.*)$/.exec(text.slice(nameEnd))?.[1] ?? '') : '';
    found.push({
      place: { line, from: match.index, to: Math.min(text.length, nameEnd) },
      words: text.slice(match.index, nameEnd).trim(),
      id: known?.id ?? null,
      name: known?.name ?? name?.words ?? bare,
      doubtful: name?.doubtful ?? true,
      grams: grams ? grams.low + more.grams : null,
      gramsHigh: grams ? grams.high + more.grams : null,
      others: others.flatMap((o) => (o ? [{ grams: o.low, system: o.system }] : [])),
      ambiguities: read.ambiguities,
      units: read.units,
      note: note.trim(),
      ...(pack ? { packs: { kind: pack, count: first.low } } : {}),
    });
    after = nameEnd + more.length;
  }
  const next = found[1]?.place.from;
  const [head] = found;
  if (head && next !== undefined) head.note = text.slice(head.place.to, next);
  if (head) head.note = head.note.replace(/^[\s,;:.]+|(?:[\s,;:.]|\band)+$/g, '');
  const all = [...found, ...toppedUp(text, line, found)];
  return listed ? [...all, ...unmeasured(text, line, all)] : all;
}

/** `1½ sticks butter plus 2 tablespoons`: more of the same, in another measure; not what is kept for another use. */
function alsoSo(
  rest: string,
  known: { id: string; bulkGPerMl: number } | null | undefined,
  system: MeasureSystem | null,
): { grams: number; length: number } {
  const none = { grams: 0, length: 0 };
  const joined = /^\s*,?\s*plus\s+/i.exec(rest);
  const said = joined && known && readAmount(rest.slice(joined[0].length), system);
  const [first] = said?.readings ?? [];
  if (!joined || !known || !said || !first || !/^\s*(?:$|[,;.)]|more\b|extra\b)/i.test(said.rest)) return none;
  const grams =
    first.dimension === 'mass' ? first.low : first.dimension === 'volume' ? first.low * known.bulkGPerMl : 0;
  return grams > 0 ? { grams, length: joined[0].length + 1 } : none;
}

/** `1 egg, topped up to 150 ml with cold water`: the water is what is left of the mark. */
function toppedUp(text: string, line: number, found: readonly RecipeAmount[]): RecipeAmount[] {
  const m = /\b(?:top(?:ped)?|made?|make) up (?:to|with ([a-z ]+?) to) (\d{2,4}) ?ml\b(?: with ([a-z ]+))?/i.exec(text);
  const named = m && nameAt((m[1] ?? m[3] ?? '').trim(), false);
  if (!m || !named) return [];
  const there = found.reduce((sum, a) => sum + (a.grams ?? 0), 0);
  const grams = Math.max(0, Number(m[2]) * (named.ingredient.bulkGPerMl ?? 1) - there);
  return [
    {
      place: { line, from: m.index, to: m.index + m[0].length },
      words: m[0],
      id: named.ingredient.id,
      name: named.ingredient.name,
      doubtful: false,
      grams,
      gramsHigh: grams,
      others: [],
      ambiguities: [],
      units: ['ml'],
      note: '',
    },
  ];
}

/** How many of a thing were said: of sticks the weight of butter they would be says it. */
const numberOf = (said: number, sticks: boolean | null | undefined): number => (sticks ? said / stickG : said);
const stickG = 4 * 28.349523125;

/** What a small or a large one weighs against a middling one (estimates). */
const sizes: readonly (readonly [RegExp, number])[] = [
  [/\bsmall\b/i, 0.7],
  [/\b(?:very|extra)[ -]large\b/i, 1.7],
  [/\b(?:large|big|fat)\b/i, 1.35],
];
const sizeOf = (words: string): number => sizes.find(([pattern]) => pattern.test(words))?.[1] ?? 1;

/** Names in an ingredient line that stand without an amount: `cold water`, `salt and pepper`. */
function unmeasured(text: string, line: number, found: readonly RecipeAmount[]): RecipeAmount[] {
  const out: RecipeAmount[] = [];
  // behind an amount a comma begins the note, unless another name stands there and the line is a list of things
  const [only] = found;
  const named = only && nameAt(only.note, false);
  const alone = named && bareWords(only.note) === bareWords(named.words);
  const several = found.length !== 1 || alone || /\band\b|,/.test(only?.note ?? '');
  if (!several) return out;
  for (const piece of text.matchAll(/[^,;.]+?(?=,|;|\.|\band\b|$)/gi)) {
    const offset = piece.index + (/^\s*(?:and\s+)?/i.exec(piece[0])?.[0].length ?? 0);
    const phrase = text.slice(offset, piece.index + piece[0].length);
    if (phrase.trim() === '' || found.some((f) => f.place.from < offset + phrase.length && f.place.to > offset))
      continue;
    const name = nameAt(phrase, found.length === 0 && phrase.length < 30);
    if (!name || phrase.trim().split(/\s+/).length > 6) continue;
    // `water as needed, about 6 tablespoons`
    const about = /\b(?:as needed|to bind|enough)\b[^.;]{0,20}?\babout\s+(.{2,30})/i.exec(text.slice(offset));
    const said = about && !name.turned ? readAmount(about[1], null)?.readings[0] : undefined;
    const grams =
      said?.dimension === 'mass'
        ? said.low
        : said?.dimension === 'volume'
          ? said.low * name.ingredient.bulkGPerMl
          : null;
    out.push({
      place: { line, from: offset, to: offset + phrase.trimEnd().length },
      words: phrase.trim(),
      id: name.turned ? null : name.ingredient.id,
      name: name.turned ? name.words : name.ingredient.name,
      doubtful: name.doubtful,
      grams,
      gramsHigh: grams,
      others: [],
      ambiguities: [],
      units: [],
      note: '',
    });
  }
  return out;
}

/** The words of a phrase that name something, without those that say how it is. */
const bareWords = (phrase: string): string =>
  phrase
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((w) => w !== '' && !describing.has(w))
    .join(' ');

/** Whose measures a recipe uses, by what else it says; null where nothing tells. */
export function systemOf(text: string): { system: MeasureSystem; because: string } | null {
  const t = text.slice(0, 50_000).toLowerCase();
  const us =
    /\bsticks?\b(?! of celery)|\ball-purpose\b|\bscallion|\bconfectioners|\bheavy cream\b|\bcilantro\b|\bkosher salt\b/.exec(
      t,
    );
  const imperial =
    /\bgas (mark )?\d|\bcaster\b|\bstrong white\b|\bplain flour\b|\bpints?\b.{0,400}\boz\b|\bgills?\b|\bcornflour\b/s.exec(
      t,
    );
  const metric = /\b\d+ ?(g|ml|kg)\b/.exec(t);
  if (us) return { system: 'us', because: us[0] };
  if (imperial) return { system: 'imperial', because: imperial[0].split(/[\s,]/)[0] ?? '' };
  if (/\d ?°? ?f\b/.test(t) && !metric) return { system: 'us', because: '°F' };
  return metric && /\bcups?\b|\btbsp|\btsp|spoon/.test(t) ? { system: 'metric', because: metric[0] } : null;
}
