import { readAmount } from '@crustallum/core/quantities/amounts/readAmount';

/** What of a field's unit an amount may be given in instead: inches for centimetres, pounds for grams, °F for °C. */
const bases: Readonly<Record<string, readonly [dimension: string, perUnit: number]>> = {
  mm: ['length', 1],
  cm: ['length', 10],
  g: ['mass', 1],
  '°C': ['temperature', 1],
};

const finite = (n: number): number | null => (Number.isFinite(n) ? n : null);

/**
 * The number typed into a field, in the field's own unit: plain, with point or comma, as a fraction (`1 1/2`), or in another
 * unit of its kind (`9 in`, `375 °F`). What a bare number means is said by `bare`: inches, where inches are shown. Null where it is none, or could be meant in two ways.
 */
export function typedNumber(text: string, unit: string, bare = (n: number): number => n): number | null {
  const trimmed = text.trim();
  if (trimmed === '') return null;
  const plain = Number(trimmed.replace(',', '.').replace('\u2212', '-'));
  if (Number.isFinite(plain)) return finite(bare(plain));
  if (!/^[\d.,½⅓⅔¼¾⅛⅜⅝⅞]/.test(trimmed)) return null;
  const amount = readAmount(trimmed, 'metric');
  const [reading] = amount?.readings ?? [];
  if (!amount || !reading || amount.ambiguities.length > 0 || amount.rest !== '' || reading.low !== reading.high)
    return null;
  if (reading.dimension === 'count') return finite(bare(reading.low));
  const base = bases[unit];
  return base && base[0] === reading.dimension ? reading.low / base[1] : null;
}
