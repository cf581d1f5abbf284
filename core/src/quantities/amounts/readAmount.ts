import { celsius, gasToCelsius } from '../temperature';
import { plainText, readNumber } from './readNumber';
import {
  baseOf,
  differs,
  measureSystems,
  units,
  writtenUnits,
  type Dimension,
  type MeasureSystem,
  type UnitName,
} from './units';

/** One way of understanding an amount, in base units (g, ml, mm, °C, pieces). */
export interface Reading {
  low: number;
  high: number;
  dimension: Dimension;
  /** Whose measure it was read by; null where that makes no difference. */
  system: MeasureSystem | null;
}

/** What makes an amount more than one: which cup or spoon it is, whether an ounce is weight or fluid, which degrees are meant. */
export type Ambiguity = 'whoseMeasure' | 'fluidOrWeight' | 'whichDegrees';

export interface ReadAmount {
  /** The likeliest first; more than one where the text can be understood so. */
  readings: Reading[];
  ambiguities: Ambiguity[];
  /** Units as written, in order. */
  units: UnitName[];
  /** Said of it: scant, heaped, about. */
  said: ('scant' | 'heaped' | 'about')[];
  /** A second heat in brackets, e.g. for the fan, °C. */
  fanC: number | null;
  /** What stands behind the amount: the ingredient, the rest of the line. */
  rest: string;
}

const qualifiers: readonly (readonly [RegExp, ReadAmount['said'][number] | null])[] = [
  [/^(about|approx(imately)?\.?|circa|ca\.?|roughly|around|~)(?![a-z]) ?/, 'about'],
  [/^(scant|slightly less than)(?![a-z]) ?/, 'scant'],
  [/^(heaped|heaping|rounded|generous|good)(?![a-z]) ?/, 'heaped'],
  [/^(level|flat)(?![a-z]) ?/, null],
];

interface Part {
  low: number;
  high: number;
  unit: UnitName;
}

/** Takes what is said of an amount off the head of the text. */
function qualified(text: string, said: ReadAmount['said']): string {
  let rest = text.trimStart();
  for (let found = true; found;) {
    found = false;
    for (const [pattern, word] of qualifiers) {
      const match = pattern.exec(rest);
      if (!match) continue;
      if (word) said.push(word);
      rest = rest.slice(match[0].length);
      found = true;
    }
  }
  return rest;
}

const unitsByLetter = new Map<string, (typeof writtenUnits)[number][]>();
for (const u of writtenUnits) unitsByLetter.set(u[0][0] ?? '', [...(unitsByLetter.get(u[0][0] ?? '') ?? []), u]);

function unitAt(text: string): { unit: UnitName; rest: string } | null {
  const trimmed = text.replace(/^[ -]+/, '');
  for (const [written, unit] of unitsByLetter.get(trimmed[0] ?? '') ?? []) {
    if (!trimmed.startsWith(written)) continue;
    const after = trimmed.slice(written.length);
    // a letter behind it makes it another word: "g" is not "garlic"
    if (/^[a-z]/.test(after) && /[a-z]$/.test(written)) continue;
    return { unit, rest: after.replace(/^\.(?!\d)/, '') };
  }
  return null;
}

/** One number or range with its unit: `250-300 g`, `gas 6`, `half a cup`. */
function partAt(text: string, said: ReadAmount['said']): { part: Part; rest: string } | null {
  const head = qualified(text, said);
  const gas = /^gas( mark)? ?(?=[\d½¼])/.exec(head);
  const start = gas ? head.slice(gas[0].length) : head;
  const first = readNumber(start);
  if (!first) return null;
  let { rest } = first;
  const low = first.value;
  let high = low;
  const through = /^ ?(-|to|or) ?(?=[\d.a-z])/.exec(rest);
  const second = through && readNumber(rest.slice(through[0].length));
  if (second && second.value > first.value) {
    high = second.value;
    rest = second.rest;
  } else {
    // `250 g - 300 g`
    const between = unitAt(rest);
    const again = between && /^ ?(-|to) ?(?=\d)/.exec(between.rest);
    const last = again && readNumber(between.rest.slice(again[0].length));
    const same = last && unitAt(last.rest);
    if (between && last && same?.unit === between.unit && last.value > first.value)
      return { part: { low, high: last.value, unit: between.unit }, rest: same.rest };
  }
  if (gas) return { part: { low, high, unit: 'gas' }, rest };
  rest = qualified(rest, said);
  const unit = unitAt(rest);
  // `1.000 g` is a thousand: no kitchen weighs to the milligram
  const thousand = /^\d{1,3}\.\d{3}(?!\d)/.test(start) && (unit?.unit === 'g' || unit?.unit === 'ml') ? 1000 : 1;
  return unit
    ? { part: { low: low * thousand, high: high * thousand, unit: unit.unit }, rest: unit.rest }
    : { part: { low, high, unit: 'piece' }, rest };
}

const dimensionOf = (unit: UnitName): Dimension => units[unit].dimension;

/**
 * Reads an amount as people write it, at the head of a text: `1 1/2 cups`, `1½ c.`, `a scant teaspoon`, `1 lb 4 oz`,
 * `2 tbsp + 1 tsp`, `375°F (fan 170°C)`. Without a system, cups and spoons of every system are given, and the ambiguity is
 * named; nothing is guessed in silence. Null where no amount stands there.
 */
export function readAmount(text: string, system: MeasureSystem | null = null): ReadAmount | null {
  const said: ReadAmount['said'] = [];
  const first = partAt(plainText(text), said);
  if (!first || !Number.isFinite(first.part.high)) return null;
  const parts = [first.part];
  let { rest } = first;
  for (;;) {
    const joined = /^ ?(\+|plus|and|,)? ?/.exec(rest)?.[0] ?? '';
    const next = partAt(rest.slice(joined.length), []);
    const before = parts[parts.length - 1];
    const explicit = /[+]|plus|and/.test(joined);
    const fits =
      next &&
      next.part.unit !== 'piece' &&
      dimensionOf(next.part.unit) === dimensionOf(before.unit) &&
      ['mass', 'volume', 'length'].includes(dimensionOf(before.unit)) &&
      (explicit || baseOf(next.part.unit, 'us') < baseOf(before.unit, 'us'));
    if (!next || !fits) break;
    parts.push(next.part);
    rest = next.rest;
  }
  const bracket = /^ ?\(?(?:or )?(fan|convection) ?(?:oven )?([^)]*)\)?/.exec(rest);
  const fan = bracket && partAt(bracket[2] ?? '', []);
  const fanC = fan ? degreesC(fan.part) : null;
  if (bracket && fanC !== null) rest = rest.slice(bracket[0].length);
  return { ...understood(parts, system, rest), units: parts.map((p) => p.unit), said, fanC, rest: restOf(rest) };
}

const restOf = (rest: string): string =>
  rest
    .replace(/^[ ,.]+(?=\D|$)/, '')
    .replace(/^of (?=[a-z])/, '')
    .trim();

function degreesC({ low, unit }: Part): number | null {
  if (unit === 'celsius' || unit === 'degree') return low;
  if (unit === 'fahrenheit') return celsius(low);
  return unit === 'gas' ? gasToCelsius(low) : null;
}

function understood(
  parts: readonly Part[],
  system: MeasureSystem | null,
  rest: string,
): Pick<ReadAmount, 'readings' | 'ambiguities'> {
  const [first] = parts as [Part];
  const dimension = dimensionOf(first.unit);
  if (dimension === 'gas')
    return {
      readings: [{ low: first.low, high: first.high, dimension, system: null }],
      ambiguities: [],
    };
  if (dimension === 'temperature') {
    const inF = { low: celsius(first.low), high: celsius(first.high), dimension, system: null };
    const inC = { low: first.low, high: first.high, dimension, system: null };
    if (first.unit === 'fahrenheit') return { readings: [inF], ambiguities: [] };
    if (first.unit === 'celsius') return { readings: [inC], ambiguities: [] };
    return { readings: first.low > 260 ? [inF, inC] : [inC, inF], ambiguities: ['whichDegrees'] };
  }
  const sum = (by: MeasureSystem, of: (p: Part) => number) =>
    parts.reduce((total, p) => total + of(p) * baseOf(p.unit, by), 0);
  const reading = (by: MeasureSystem, named: boolean): Reading => ({
    low: sum(by, (p) => p.low),
    high: sum(by, (p) => p.high),
    dimension,
    system: named ? by : null,
  });
  const byWhom = parts.some((p) => differs(p.unit));
  if (byWhom && system === null)
    return { readings: measureSystems.map((s) => reading(s, true)), ambiguities: ['whoseMeasure'] };
  const one = reading(system ?? 'metric', byWhom);
  // an ounce of something poured may be a fluid ounce
  if (
    parts.every((p) => p.unit === 'oz') &&
    /^[ ,]*(of )?(cold |iced |warm )?(water|milk|cream|stock|buttermilk)\b/.test(rest)
  ) {
    const fluid = baseOf('flOz', system ?? 'us');
    const poured: Reading = {
      low: parts.reduce((t, p) => t + p.low * fluid, 0),
      high: parts.reduce((t, p) => t + p.high * fluid, 0),
      dimension: 'volume',
      system: system ?? 'us',
    };
    return { readings: [poured, one], ambiguities: ['fluidOrWeight'] };
  }
  return { readings: [one], ambiguities: [] };
}
