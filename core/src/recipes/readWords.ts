import { plainText, readNumber } from '../quantities/amounts/readNumber';

export type WordKind = 'mouths' | 'product' | 'time' | 'need' | 'filling' | 'mild';

/** A stretch of a sentence that was understood, and as what. */
export interface UnderstoodWords {
  from: number;
  to: number;
  kind: WordKind;
  value: string | number;
}

export interface ReadWords {
  understood: UnderstoodWords[];
  /** Sentences or clauses of which nothing was understood: left open, and asked about. */
  open: { from: number; to: number }[];
}

const number =
  '(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty)';
const teens: Readonly<Record<string, number>> = {
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
};
const count = (word: string): number => teens[word.toLowerCase()] ?? readNumber(plainText(word))?.value ?? NaN;

const finders: readonly [RegExp, WordKind, (m: RegExpExecArray) => string | number | null][] = [
  [
    new RegExp(`\\b${number}\\s+(?:of us|people|mouths|guests|friends|hungry|children|grown-ups)\\b`, 'gi'),
    'mouths',
    (m) => count(m[1] ?? ''),
  ],
  [
    new RegExp(`\\b(?:for|feeds?|serves?|there are|we are)\\s+${number}\\b(?!\\s*(?:o.?clock|:|minutes|hours))`, 'gi'),
    'mouths',
    (m) => count(m[1] ?? ''),
  ],
  [/\b(?:in the hand|hand pies?|past(?:y|ies)|turnovers?)\b/gi, 'product', () => 'handPies'],
  [/\b(?:pot pies?|a pot each|one each in a pot)\b/gi, 'product', () => 'potPies'],
  [/\b(?:(?:\w+ )?pie to share|a big pie|a pie in a dish|one (?:big |large )?pie)\b/gi, 'product', () => 'dishPie'],
  [/\b(?:coil|spiral)\b/gi, 'product', () => 'filoCoil'],
  [/\bfilo tray\b/gi, 'product', () => 'filoTray'],
  [/\bat (\d{1,2})[:.](\d\d)\b/gi, 'time', (m) => `${(m[1] ?? '').padStart(2, '0')}:${m[2] ?? '00'}`],
  [new RegExp(`\\bat half past ${number}\\b`, 'gi'), 'time', (m) => evening(count(m[1] ?? ''), 30)],
  [new RegExp(`\\bat ${number}(?: o.?clock)?\\b(?![:.]\\d)`, 'gi'), 'time', (m) => evening(count(m[1] ?? ''), 0)],
  [
    /\b(?:no|without|allergic to|cannot have|free of)\s+(chestnuts?|fish|nuts?|milk|dairy|eggs?|gluten|wheat)\b/gi,
    'need',
    (m) => needOf(m[1] ?? ''),
  ],
  [/\b(?:vegetarians?|no meat|meatless|eats no meat)\b/gi, 'need', () => 'vegetarian'],
  [/\b(?:not too (?:hot|spicy)|mild)\b/gi, 'mild', () => 'mild'],
  [
    /\b(?:fish|salmon|haddock|chicken|beef|lamb|pork|mushrooms?|leeks?|squash|pumpkin|greens?|something green|spinach|chard|cheese|apples?|potato(?:es)?)\b/gi,
    'filling',
    (m) => m[0].toLowerCase(),
  ],
];

/** Pies are for the evening: six is 18:00 unless it is written in full. */
function evening(hour: number, minutes: number): string | null {
  if (!(hour >= 1 && hour <= 24)) return null;
  const h = hour <= 9 ? hour + 12 : hour;
  return `${String(h % 24).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}

/** The allergen a word names, as eaters have it, or the word itself. */
const needOf = (word: string): string =>
  /chestnut/i.test(word)
    ? 'chestnut'
    : /nut/i.test(word)
      ? 'nuts'
      : /milk|dairy/i.test(word)
        ? 'milk'
        : /wheat/i.test(word)
          ? 'wheat'
          : word.toLowerCase().replace(/s$/, '');

/**
 * The words of a brief: how many mouths, what is wanted, when, what somebody may not eat. Every stretch understood has its
 * place; clauses of which nothing was understood are left open. Nothing is guessed from silence.
 */
export function readWords(text: string): ReadWords {
  const understood: UnderstoodWords[] = [];
  for (const [pattern, kind, value] of finders) {
    pattern.lastIndex = 0;
    for (let m = pattern.exec(text); m; m = pattern.exec(text)) {
      const [from, to] = [m.index, m.index + m[0].length];
      const v = value(m);
      if (v === null || (typeof v === 'number' && !(v >= 1 && v <= 60))) continue;
      if (understood.some((u) => u.from < to && from < u.to)) continue;
      understood.push({ from, to, kind, value: v });
    }
  }
  const open = [...text.matchAll(/[^.,;!?]+/g)]
    .map((m) => ({ from: m.index + (/^\s*/.exec(m[0])?.[0].length ?? 0), to: m.index + m[0].trimEnd().length }))
    .filter(
      (c) =>
        c.to > c.from &&
        /\p{L}/u.test(text.slice(c.from, c.to)) &&
        !understood.some((u) => u.from < c.to && c.from < u.to),
    );
  return { understood: understood.sort((a, b) => a.from - b.from), open };
}
