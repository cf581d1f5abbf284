/** A number as people write it, with what is left of the text behind it. */
export interface ReadNumber {
  value: number;
  rest: string;
}

const fractions: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const anyFraction = /[\u00bc-\u00be\u2150-\u215e]/;
const everyFraction = new RegExp(anyFraction.source, 'g');
const counts: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  couple: 2,
};
const shares: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8,
};

/** One spelling for all: small letters, plain fractions, hyphens and spaces. */
export function plainText(text: string): string {
  let plain = text.normalize('NFC').toLowerCase();
  if (anyFraction.test(plain)) plain = plain.replace(everyFraction, (sign) => ` ${fractions[sign] ?? sign}`);
  return plain
    .replaceAll('⁄', '/')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/** `1,5` and `1.5` are one and a half; `1,500` and `1.500,5` have their thousands marked. Null where it cannot be told. */
function decimal(written: string): number | null {
  const marks = written.replace(/\d/g, '');
  if (marks.length > 1) {
    const last = Math.max(written.lastIndexOf(','), written.lastIndexOf('.'));
    const whole = written.slice(0, last).replace(/[.,]/g, '');
    const sameMark = new Set(marks).size === 1;
    return Number(sameMark ? written.replace(/[.,]/g, '') : `${whole}.${written.slice(last + 1)}`);
  }
  if (/^\d{1,3},\d{3}$/.test(written)) return Number(written.replace(',', ''));
  const value = Number(written.replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}

/** Reads the number at the head of a plain text: digits, decimals, fractions, mixed numbers, number words. Null where there is none. */
export function readNumber(text: string): ReadNumber | null {
  const mixed = /^(\d+)[ -]+(\d+)\/(\d+)(?![\d/])/.exec(text);
  if (mixed && Number(mixed[3]) > 0)
    return { value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]), rest: text.slice(mixed[0].length) };
  const fraction = /^(\d+)\/(\d+)(?![\d/])/.exec(text);
  if (fraction)
    return Number(fraction[2]) > 0
      ? { value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) }
      : null;
  const digits = /^(\d+(?:[.,]\d+)*|\.\d+)/.exec(text);
  if (digits) {
    const value = decimal(digits[0].startsWith('.') ? `0${digits[0]}` : digits[0]);
    return value === null ? null : { value, rest: text.slice(digits[0].length) };
  }
  return numberWords(text);
}

function numberWords(text: string): ReadNumber | null {
  const word = /^[a-z]+(?![a-z])/.exec(text)?.[0];
  if (!word) return null;
  const after = text.slice(word.length).replace(/^[ -]+/, '');
  if (shares[word] !== undefined) return { value: shares[word], rest: after.replace(/^(of )?(a|an)(?![a-z]) ?/, '') };
  const count = counts[word];
  if (count === undefined) return null;
  const next = /^[a-z]+(?![a-z])/.exec(after)?.[0] ?? '';
  const share = shares[next];
  if (share !== undefined)
    return { value: count * share, rest: after.slice(next.length).replace(/^ (of )?(a|an)(?![a-z]) ?/, ' ') };
  if (['dozen', 'couple'].includes(next) && counts[next] !== undefined)
    return { value: count * counts[next], rest: after.slice(next.length).replace(/^ of(?![a-z])/, '') };
  const andHalf = /^and (a )?(half|quarter)(?![a-z])/.exec(after);
  if (andHalf) return { value: count + (shares[andHalf[2]] ?? 0), rest: after.slice(andHalf[0].length) };
  return { value: count, rest: text.slice(word.length) };
}
