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
  'standMin',
  'coolMin',
  'cookMin',
  'preheat',
  'frozenMin',
  'frozenMoreMin',
  'tinMm',
  'depthMm',
  'cutterMm',
  'pieceBy',
  'sheetBy',
  'lidMm',
  'thicknessMm',
  'crumbMm',
  'coreC',
  'portionG',
  'eachMl',
  'turns',
] as const;
export type FactKind = (typeof factKinds)[number];

export interface Fact {
  kind: FactKind;
  low: number;
  high: number;
  /** Degrees as written, for heats. */
  written?: 'celsius' | 'fahrenheit' | 'degree' | 'bare' | 'gas';
  writtenValue?: number;
  words: string;
  place: Place;
}

const number =
  '(?<![\\d/.,])(?:\\d+[ -]\\d+\\/\\d+|\\d+\\/\\d+|\\d+(?:[.,]\\d+)?(?:\\s*[½¼¾⅓⅔⅛⅜⅝⅞])?|[½¼¾⅓⅔⅛⅜⅝⅞]|half an?|half a dozen|a dozen|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?: and a (?:half|quarter))?)(?![\\d.,/]\\d|\\d)';
const range = `(${number})(?:\\s*-?\\s*(?:-|–|—|to|or)\\s*(${number}))?`;
const value = (text: string): number =>
  /^half a dozen$/i.test(text) ? 6 : (readNumber(plainText(text.replace(/^half an?$/i, 'half')))?.value ?? NaN);

interface Finder {
  kind: FactKind;
  /** What is larger is something else. */
  most?: number;
  pattern: RegExp;
  scale?: (match: RegExpExecArray) => number;
}
const of = (source: string) => new RegExp(source, 'giu');
const length = '(mm|cm|inch(?:es)?|in\\b|"|″|”)';
const lengthMm = (m: RegExpExecArray, at: number): number => {
  const unit = (m[at] ?? '').toLowerCase();
  return unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4;
};

const finders: readonly Finder[] = [
  {
    kind: 'serves',
    pattern: of(
      `\\b(?:serves|feeds|enough for|for)\\s+(?:about\\s+)?${range}(?:\\s+(?:people|mouths|of us|eaters|hungry))?(?!\\s*(?:-|–|—|to \\d|and a|min|hour|h\\b|g\\b|cm|mm|day|°|degrees|tbsp|tsp|cup))`,
    ),
  },
  {
    kind: 'makes',
    pattern: of(
      `\\b(?:makes|yields?|cut(?: out)?|gives)\\s*:?\\s*(?:about\\s+)?${range}\\s*(?=pies|past|hand|turnover|parcel|piece|round|circle|disc|individual|small|large|$|[.,;)])`,
    ),
  },
  {
    kind: 'makes',
    pattern: of(
      `^${range}\\s+(?:small |large |individual )?(?:pasties|pies|hand pies|pot pies|turnovers|parcels|pieces)\\b(?! (?:of|at|butter|each))`,
    ),
  },
  {
    kind: 'portionG',
    pattern: of(`\\b${range}\\s+(?:equal\\s+)?(?:portions?|pieces|balls)\\s+(?:of|at)\\s+(?:about\\s+)?(\\d+)\\s*g\\b`),
  },
  { kind: 'turns', pattern: of(`${range}\\s+(?:single |letter |book )?(?:turns|folds)\\b`) },
  { kind: 'thicknessMm', pattern: of(`${range}[\\s-]*${length}[\\s-]+thick`), scale: (m) => lengthMm(m, 3) },
  {
    kind: 'thicknessMm',
    pattern: of(`thickness of(?: about)?\\s+${range}\\s*${length}`),
    scale: (m) => lengthMm(m, 3),
  },
  {
    // what is rolled to 12 inches is as wide, not as thick
    kind: 'thicknessMm',
    most: 25,
    pattern: of(
      `roll(?:ed)? (?:(?:it|them|out|the (?:dough|pastry|sheet)) )*(?:to|at)(?: about)?\\s+(\\d+(?:\\.\\d)?(?!\\d| \\d)|\\d\\/\\d+|[½¼¾⅛⅜])()\\s*${length}(?![a-z])(?!\\s*(?:[x×]|by|round|circle|square|rect|wide|across|disc))`,
    ),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'pieceBy',
    pattern: of(
      `\\b(?:rectangles?|squares|strips|oblongs)\\s+(?:of\\s+)?(?:about\\s+)?(${number})\\s*(?:[x×]|by)\\s*(${number})\\s*-?${length}`,
    ),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'sheetBy',
    pattern: of(
      `\\b(?:to|into)\\s+(?:an?\\s+)?(?:large\\s+|rough\\s+)?(?:rectangle|sheet|oblong)?\\s*(?:of\\s+|measuring\\s+)?(?:about\\s+)?(${number})\\s*(?:[x×]|by)\\s*(${number})\\s*-?${length}`,
    ),
    scale: (m) => lengthMm(m, 3),
  },
  {
    kind: 'eachMl',
    pattern: of(
      `${range}\\s+(?:level |heaped |rounded )?(tablespoons?|tbsp|teaspoons?|tsp|cups?)\\s+(?:of )?(?:the )?(?:cooled )?filling\\b`,
    ),
    scale: (m) => (/^ta?b/i.test(m[3] ?? '') ? 15 : /^te|^ts/i.test(m[3] ?? '') ? 5 : 240),
  },
  { kind: 'depthMm', pattern: of(`${range}[\\s-]*${length}[\\s-]+deep(?!-)`), scale: (m) => lengthMm(m, 3) },
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
    pattern: of(
      `${range}[\\s-]*${length}\\s+(?:round |plain |fluted )?(?:cutter|rounds|circles|discs|disks|squares|saucer)`,
    ),
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
      `${range}[\\s-]*${length}\\s+(?:(?:\\w+[- ])?(?:loose-bottomed|springform|deep-dish|deep|round|pie|cake|metal|glass|ceramic|enamel|non-?stick|cast-iron|muffin|loaf|oval|square|flan|tart|baking|roasting)\\s+)*(?:tin|dish|plate|pan|skillet|ramekin|mould|tray)`,
    ),
    scale: (m) => lengthMm(m, 3),
  },
];

const minuteWords = of(`${range}[\\s-]*(minutes?|mins?\\b|min\\b|hours?|hrs?\\b|h\\b|seconds?\\b|secs?\\b)`);
const halfHour = of(`\\b(half an hour|an hour and a half|overnight)\\b`);
const verbs: readonly (readonly [RegExp, FactKind])[] = [
  [/\b(bake|baked|baking|oven)\b/i, 'bakeMin'],
  [/\b(chill|rest|refrigerat|fridge|relax|freez)/i, 'restMin'],
  [/\b(stand|sits?\b|room temperature|temper\b)/i, 'standMin'],
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
  for (const { kind, most = Infinity, pattern, scale } of finders) {
    pattern.lastIndex = 0;
    for (let m = pattern.exec(text); m; m = pattern.exec(text)) {
      const k = scale ? scale(m) : 1;
      const low = value(m[1] ?? '') * k;
      const high = m[2] ? value(m[2]) * k : low;
      if (kind === 'portionG') {
        const grams = Number(m[3]);
        facts.push({ kind: 'makes', low, high, ...placed(text, line, m) });
        facts.push({ kind, low: grams, high: grams, ...placed(text, line, m) });
      } else if (pairs.has(kind)) facts.push({ kind, low, high, ...placed(text, line, m) });
      else if (Number.isFinite(low) && high >= low && low <= most && !(anyCount.has(kind) && /^an?$/i.test(m[1] ?? '')))
        facts.push({ kind, low, high, ...placed(text, line, m) });
    }
  }
  const heats = heatsIn(text, line);
  return [...once(facts), ...heats, ...bareHeats(text, line, heats), ...timesIn(text, line, before)];
}

/** Two sides, in the order they are written. */
const pairs = new Set<FactKind>(['pieceBy', 'sheetBy']);
/** Counts of which `a` is no number: a crowd is not one mouth. */
const anyCount = new Set<FactKind>(['serves', 'makes', 'turns']);
/** Two patterns may find the same thing: the first stays, and what is rolled to a rectangle is no piece. */
const once = (facts: Fact[]): Fact[] => {
  const over = (a: Fact, b: Fact) => a.place.from < b.place.to && a.place.to > b.place.from;
  return facts.filter(
    (f, i) =>
      !facts.slice(0, i).some((g) => g.kind === f.kind && over(f, g)) &&
      !(f.kind === 'pieceBy' && facts.some((g) => g.kind === 'sheetBy' && over(f, g))),
  );
};

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
    // a turn of the dough told in degrees
    const turned =
      first.dimension === 'temperature' &&
      (unit === undefined || unit === 'degree') &&
      first.low <= 180 &&
      first.low % 45 === 0 &&
      (/\b(turn(ed|ing)?|rotat\w*|quarter|twist|spin|angle)\b[^.]*$/.test(clause) ||
        /^\W*(turn|clockwise|to the (left|right))/.test(behind));
    if (turned) continue;
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

/** A number of three figures beside an oven's words and without a scale: `lower to 350`, `a 400 oven`. Whose degrees it is, the page says, or nobody. */
const bareHeat =
  /\b(?:oven (?:at|to|of)|(?:reduce|lower|drop|raise|turn)(?: (?:the|your|it|heat|oven|temperature|down|up))* to|(?:bake|roast)d? (?:it |them )?(?:at|in an?)|(?:in|into) an?)\s+(\d{3})(?! ?(?:[°º]|degrees?|[cf]\b|g\b|ml|mm|cm|min|[x×]|by\b|\d))(?=[\s,.;)]|$)/giu;

function bareHeats(text: string, line: number, known: readonly Fact[]): Fact[] {
  if (!/\b(oven|bak(e|ed|ing)|roast)/i.test(text)) return [];
  return [...text.matchAll(bareHeat)].flatMap((m) => {
    const v = Number(m[1]);
    const from = m.index + m[0].length - 3;
    if (v < 120 || v > 500 || known.some((k) => k.place.from <= from && k.place.to > from)) return [];
    return [
      {
        kind: 'oven' as const,
        low: v,
        high: v,
        written: 'bare' as const,
        writtenValue: v,
        words: m[1],
        place: { line, from, to: from + 3 },
      },
    ];
  });
}

/** Bare numbers as the rest of the page writes its heats; °F where no home oven has so many °C; else as °C, and asked. */
export function byPage(facts: readonly Fact[]): Fact[] {
  const says = (w: Fact['written']) => facts.some((f) => f.kind === 'oven' && f.written === w);
  const american = says('fahrenheit') && !says('celsius');
  return facts.map((f): Fact => {
    const v = f.writtenValue ?? 0;
    if (f.written !== 'bare' || !(american || v > 280)) return f;
    const c = ((v - 32) * 5) / 9;
    return { ...f, low: c, high: c, written: american ? 'fahrenheit' : 'bare' };
  });
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
    const clause = `${before.split(/[.,;(](?!\d)/).at(-1) ?? ''} ${m[0]} ${after.split(/[.,;)](?!\d)/)[0] ?? ''}`;
    const near = `${before.split(/[.;](?!\d)/).at(-1) ?? ''} ${clause}`;
    if (/\bfrozen\b/i.test(clause) || (/\bfrom frozen\b/i.test(near) && /\b(add|extra|longer|more)\b/i.test(clause))) {
      const more = /\b(add|extra|longer|more)\b/i.test(clause);
      found.push({ kind: more ? 'frozenMoreMin' : 'frozenMin', low, high, ...placed(text, line, m) });
      return;
    }
    if (!kind || kind === 'preheat') return;
    found.push({ kind, low, high, ...placed(text, line, m) });
  };
  minuteWords.lastIndex = 0;
  for (let m = minuteWords.exec(text); m; m = minuteWords.exec(text)) {
    const k = /^h/i.test(m[3] ?? '') ? 60 : /^s/i.test(m[3] ?? '') ? 1 / 60 : 1;
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
