import { readAmount } from '../quantities/amounts/readAmount';
import { plainText, readNumber } from '../quantities/amounts/readNumber';
import { gasToCelsius } from '../quantities/temperature';
import type { Place } from './amounts';

export const factKinds = [
  'serves',
  'makes',
  'oven',
  'bakeMin',
  'restMin',
  'coolMin',
  'cookMin',
  'preheat',
  'tinMm',
  'cutterMm',
  'lidMm',
  'thicknessMm',
  'crumbMm',
  'coreC',
  'portionG',
  'turns',
] as const;
export type FactKind = (typeof factKinds)[number];

export interface Fact {
  kind: FactKind;
  low: number;
  high: number;
  /** Degrees as written, for heats. */
  written?: 'celsius' | 'fahrenheit' | 'degree' | 'gas';
  writtenValue?: number;
  words: string;
  place: Place;
}

const number =
  '(?:\\d+(?:[.,]\\d+)?(?:\\s*[½¼¾⅓⅔])?|[½¼¾⅓⅔]|half an?|an?|one|two|three|four|five|six|eight|ten|twelve)(?![\\d.,]\\d|\\d)';
const range = `(${number})(?:\\s*(?:-|–|—|to|or)\\s*(${number}))?`;
const value = (text: string): number => readNumber(plainText(text))?.value ?? NaN;

interface Finder {
  kind: FactKind;
  pattern: RegExp;
  scale?: (match: RegExpExecArray) => number;
}
const of = (source: string) => new RegExp(source, 'giu');
const length = '(mm|cm|inch(?:es)?|in\\b|"|″)';
const lengthMm = (m: RegExpExecArray, at: number): number => {
  const unit = (m[at] ?? '').toLowerCase();
  return unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4;
};

const finders: readonly Finder[] = [
  {
    kind: 'serves',
    pattern: of(
      `\\b(?:serves|feeds|enough for|for)\\s+(?:about\\s+)?${range}(?:\\s+(?:people|mouths|of us|eaters|hungry))?(?!\\s*(?:-|–|—|to \\d|min|hour|h\\b|g\\b|cm|mm|day|°|degrees|tbsp|tsp|cup))`,
    ),
  },
  {
    kind: 'makes',
    pattern: of(
      `\\b(?:makes|yields?|cut(?: out)?|gives)\\s+(?:about\\s+)?${range}\\s*(?=pies|past|hand|turnover|parcel|piece|round|circle|disc|individual|small|large|$|[.,;)])`,
    ),
  },
  {
    kind: 'makes',
    pattern: of(`^${range}\\s+(?:small |large |individual )?(?:pasties|pies|hand pies|pot pies|turnovers|parcels)\\b`),
  },
  {
    kind: 'portionG',
    pattern: of(`\\b${range}\\s+(?:equal\\s+)?(?:portions?|pieces|balls)\\s+(?:of|at)\\s+(?:about\\s+)?(\\d+)\\s*g\\b`),
  },
  { kind: 'turns', pattern: of(`${range}\\s+(?:single |letter |book )?(?:turns|folds)\\b`) },
  { kind: 'thicknessMm', pattern: of(`${range}\\s*${length}\\s+thick`), scale: (m) => lengthMm(m, 3) },
  {
    kind: 'thicknessMm',
    pattern: of(`(?:thickness of|roll(?:ed)? (?:it |out )?(?:to|at)(?: about)?)\\s+${range}\\s*(mm)\\b`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'crumbMm',
    pattern: of(`(?:pieces|lumps|crumbs)\\s+(?:of|about|the size of)\\s+(?:about\\s+)?${range}\\s*(mm)\\b`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'lidMm',
    pattern: of(`\\blids?\\s+(?:of|to|at|about)?\\s*${range}[\\s-]*${length}`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'cutterMm',
    pattern: of(`${range}[\\s-]*${length}\\s+(?:round |plain |fluted )?(?:cutter|rounds|circles|discs|disks|saucer)`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'cutterMm',
    pattern: of(`(?:cutter|rounds|circles|discs) of (?:about )?${range}[\\s-]*${length}`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'tinMm',
    pattern: of(
      `${range}[\\s-]*${length}\\s+(?:(?:\\w+[- ])?(?:loose-bottomed|deep|round|pie|metal|oval|square|flan|tart|baking|roasting)\\s+)*(?:tin|dish|plate|pan|skillet|ramekin|mould|tray)`,
    ),
    scale: (m) => lengthMm(m, 3),
  },
];

const minuteWords = of(`${range}\\s*(minutes?|mins?\\b|min\\b|hours?|hrs?\\b|h\\b)`);
const halfHour = of(`\\b(half an hour|an hour and a half|overnight)\\b`);
const verbs: readonly (readonly [RegExp, FactKind])[] = [
  [/\b(bake|baked|baking|oven)\b/i, 'bakeMin'],
  [/\b(chill|rest|refrigerat|fridge|relax|freez)/i, 'restMin'],
  [/\bcool/i, 'coolMin'],
  [/\bpreheat(?:ed)?(?: the| your)? oven|\bheat (?:up )?(?:the|your) oven/i, 'preheat'],
  [/\b(simmer|boil|fry|soften|braise|stew|poach|cook|roast|sweat|brown)/i, 'cookMin'],
];

function placed(text: string, line: number, m: RegExpExecArray): { words: string; place: Place } {
  return { words: m[0].trim(), place: { line, from: m.index, to: m.index + m[0].length } };
}

/**
 * Heats, times, tin sizes, counts and thicknesses found in a line. What is not there is not made up. `before` is the unfinished
 * sentence of the line above, if there is one.
 */
export function factsIn(text: string, line: number, before = ''): Fact[] {
  const facts: Fact[] = [];
  for (const { kind, pattern, scale } of finders) {
    pattern.lastIndex = 0;
    for (let m = pattern.exec(text); m; m = pattern.exec(text)) {
      const k = scale ? scale(m) : 1;
      const low = value(m[1] ?? '') * k;
      const high = m[2] ? value(m[2]) * k : low;
      if (kind === 'portionG') {
        const grams = Number(m[3]);
        facts.push({ kind: 'makes', low, high, ...placed(text, line, m) });
        facts.push({ kind, low: grams, high: grams, ...placed(text, line, m) });
      } else if (Number.isFinite(low) && high >= low && !(anyCount.has(kind) && /^an?$/i.test(m[1] ?? '')))
        facts.push({ kind, low, high, ...placed(text, line, m) });
    }
  }
  return [...once(facts), ...heatsIn(text, line), ...timesIn(text, line, before)];
}

/** Counts of which `a` is no number: a crowd is not one mouth. */
const anyCount = new Set<FactKind>(['serves', 'makes', 'turns']);
/** Two patterns may find the same thing: the first stays. */
const once = (facts: Fact[]): Fact[] =>
  facts.filter(
    (f, i) =>
      !facts.slice(0, i).some((g) => g.kind === f.kind && g.place.from < f.place.to && g.place.to > f.place.from),
  );

const heat =
  /(?:\bgas(?: mark)? ?\d+(?:½|\/2)?|\d{2,3} ?(?:°|º|degrees?)? ?(?:c|f)\b|\d{2,3} ?(?:°|º|degrees\b))(?: ?\(?(?:or )?(?:fan|convection)[^)]{0,20}\)?)?/giu;

function heatsIn(text: string, line: number): Fact[] {
  const found: Fact[] = [];
  for (const m of text.matchAll(heat)) {
    const read = readAmount(m[0].replace('º', '°').replace(/(\d) ?([cf])\b/i, '$1°$2'));
    const [first] = read?.readings ?? [];
    if (!read || !first || (first.dimension !== 'temperature' && first.dimension !== 'gas')) continue;
    if (first.dimension === 'gas' && !(first.low >= 1 && first.high <= 10)) continue;
    const [unit] = read.units;
    const clause = text.slice(Math.max(0, m.index - 60), m.index).toLowerCase();
    const behind = text.slice(m.index + m[0].length, m.index + m[0].length + 24).toLowerCase();
    const core =
      /(core|inside|internal|centre|center|probe|thermometer)[^.]*$/.test(clause) ||
      /^\s*(inside|core|in the (centre|center|middle|core))/.test(behind);
    const fridge = first.dimension === 'temperature' && unit !== 'fahrenheit' && first.low < 45;
    if (fridge) continue;
    found.push({
      kind: core ? 'coreC' : 'oven',
      low: first.dimension === 'gas' ? gasToCelsius(first.low) : first.low,
      high: first.dimension === 'gas' ? gasToCelsius(first.high) : first.high,
      written:
        unit === 'gas' ? 'gas' : unit === 'fahrenheit' ? 'fahrenheit' : unit === 'celsius' ? 'celsius' : 'degree',
      writtenValue: readNumber(plainText(m[0].replace(/^gas( mark)? ?/i, '')))?.value ?? 0,
      words: m[0].trim(),
      place: { line, from: m.index, to: m.index + m[0].length },
    });
  }
  return found;
}

function timesIn(text: string, line: number, context: string): Fact[] {
  const found: Fact[] = [];
  const put = (low: number, high: number, m: RegExpExecArray) => {
    const before = text.slice(0, m.index);
    const after = text.slice(m.index + m[0].length);
    const sentence = `${before.split(/[.;](?!\d)/).at(-1) ?? ''} `;
    const rest = after.split(/[.;](?!\d)/)[0] ?? '';
    const kind =
      nearest(sentence, true) ?? (before.includes('.') ? null : nearest(context, true)) ?? nearest(rest, false);
    if (!kind || kind === 'preheat') return;
    found.push({ kind, low, high, ...placed(text, line, m) });
  };
  minuteWords.lastIndex = 0;
  for (let m = minuteWords.exec(text); m; m = minuteWords.exec(text)) {
    const k = /^h/i.test(m[3] ?? '') ? 60 : 1;
    const low = value(m[1] ?? '') * k;
    if (Number.isFinite(low)) put(low, m[2] ? value(m[2]) * k : low, m);
  }
  halfHour.lastIndex = 0;
  for (let m = halfHour.exec(text); m; m = halfHour.exec(text)) {
    const minutes = { 'half an hour': 30, 'an hour and a half': 90, overnight: 720 }[m[0].toLowerCase()] ?? 0;
    if (!found.some((f) => f.place.from <= m.index && f.place.to > m.index)) put(minutes, minutes, m);
  }
  return found;
}

/** The verb a time belongs to: the last before it, else the first behind. */
function nearest(clause: string, last: boolean): FactKind | null {
  let best: { at: number; kind: FactKind } | null = null;
  // of verbs that begin together the longer one counts: `preheat the oven` is not `oven`
  for (const [pattern, kind] of verbs) {
    const all = [...clause.matchAll(new RegExp(pattern.source, 'gi'))];
    const hit = last ? all.at(-1) : all[0];
    const at = hit && hit.index + (last ? hit[0].length : 0);
    if (at !== undefined && (!best || (last ? at >= best.at : at < best.at))) best = { at, kind };
  }
  return best?.kind ?? null;
}
