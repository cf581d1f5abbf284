import { celsiusToGas, fahrenheit, gasToCelsius } from '../temperature';
import { within } from '../refusal';

/** How heats, weights and lengths are read by a cook. Cups stand beside grams, never in their place. */
export const heatScales = ['C', 'F', 'gas'] as const;
export const massScales = ['g', 'oz', 'cups'] as const;
export const lengthScales = ['mm', 'in'] as const;
export interface Scales {
  heat: (typeof heatScales)[number];
  mass: (typeof massScales)[number];
  length: (typeof lengthScales)[number];
}

/** A quantity as it is written: number and unit apart, and what the words say in base units; the exact value stays with the caller. */
export interface AsRead {
  number: string;
  unit: string;
  says: number;
}

const minus = '−';
const fixed = (value: number, places: number): string =>
  value
    .toFixed(places)
    .replace(/^-(?=0(\.0*)?$)/, '')
    .replace('-', minus);

const ounceG = 28.349523125;
const inchMm = 25.4;
/** From here on a heat is an oven's: it may be a gas mark, and °F are written in fives. */
const ovenFromC = 105;

/** The fraction of `n` over `parts` (a power of two), at its lowest terms: `3/16`; empty for none. */
function fraction(n: number, parts: number): string {
  if (n === 0) return '';
  const by = n & -n;
  const least = Math.min(by, parts);
  return `${n / least}/${parts / least}`;
}

/** A number in whole and halves, quarters … of a part: `1 3/4`. */
function inParts(value: number, parts: number): { text: string; says: number } {
  const n = Math.round(Math.abs(value) * parts);
  const [whole, rest] = [Math.floor(n / parts), n % parts];
  const text = [whole ? String(whole) : '', fraction(rest, parts)].filter(Boolean).join(' ') || '0';
  const sign = value < 0 && n > 0 ? minus : '';
  return { text: `${sign}${text}`, says: ((value < 0 ? -1 : 1) * n) / parts };
}

/** Inches are written to this part: what is rolled so finely that 3, 3.5 and 4 mm have words of their own, a piece to the 16th, a bench to the quarter. */
const partsOfInch = (mm: number): number => (Math.abs(mm) < 12 ? 64 : Math.abs(mm) < 400 ? 16 : 4);

/**
 * A length as it is read: mm under 10 cm and cm above, or inches in the parts a ruler has.
 * @param mm −100 000 to 100 000; `places` of the metric writing; `as` keeps to mm or cm
 * @example asLength(3, 'in').number // '1/8'
 */
export function asLength(mm: number, scale: Scales['length'], o: { places?: number; as?: 'mm' | 'cm' } = {}): AsRead {
  within(mm, -100_000, 100_000, 'mm');
  if (scale === 'in') {
    const { text, says } = inParts(mm / inchMm, partsOfInch(mm));
    return { number: text, unit: 'in', says: says * inchMm };
  }
  const unit = o.as ?? (Math.abs(mm) >= 100 ? 'cm' : 'mm');
  const per = unit === 'cm' ? 10 : 1;
  const number = fixed(mm / per, o.places ?? 1);
  return { number, unit, says: Number((mm / per).toFixed(o.places ?? 1)) * per };
}

/**
 * A weight as it is read: grams, or ounces to the quarter (to the eighth under four, to the hundredth under one), pounds above sixteen.
 * @param g −1e6 to 1e6; `places` of the grams
 * @example asMass(340, 'oz').number // '12'
 */
export function asMass(g: number, scale: Scales['mass'], places = 0): AsRead {
  within(g, -1e6, 1e6, 'g');
  if (scale !== 'oz') return { number: fixed(g, places), unit: 'g', says: Number(g.toFixed(places)) };
  const ounces = g / ounceG;
  const size = Math.abs(ounces);
  if (size < 1) return { number: fixed(ounces, 2), unit: 'oz', says: Number(ounces.toFixed(2)) * ounceG };
  const { says } = inParts(ounces, size < 4 ? 8 : 4);
  if (Math.abs(says) < 16) return { number: inParts(says, 8).text, unit: 'oz', says: says * ounceG };
  const pounds = Math.floor(Math.abs(says) / 16);
  const over = Math.abs(says) - 16 * pounds;
  const text = `${says < 0 ? minus : ''}${pounds} lb${over > 0 ? ` ${inParts(over, 8).text}` : ''}`;
  return { number: text, unit: over > 0 ? 'oz' : '', says: says * ounceG };
}

/**
 * A heat as it is read: °C, °F with one place less (an oven's in fives), or a gas mark for an oven (°C for anything cooler).
 * @param c −10 000 to 10 000: a probe may say anything
 * @example asHeat(204, 'F', 0).number // '400'
 */
export function asHeat(c: number, scale: Scales['heat'], places = 1): AsRead {
  within(c, -10_000, 10_000, 'c');
  if (scale === 'F') {
    const digits = Math.max(0, places - 1);
    // an oven is set in steps of five
    const f =
      digits === 0 && c >= ovenFromC ? Math.round(fahrenheit(c) / 5) * 5 : Number(fahrenheit(c).toFixed(digits));
    return { number: fixed(f, digits), unit: '°F', says: ((f - 32) * 5) / 9 };
  }
  if (scale === 'gas' && c >= ovenFromC) {
    const mark = celsiusToGas(c);
    if (mark !== null)
      return { number: mark < 1 ? inParts(mark, 4).text : String(mark), unit: 'gas', says: gasToCelsius(mark) };
  }
  return { number: fixed(c, places), unit: '°C', says: Number(c.toFixed(places)) };
}

/** So many degrees more or less, as they are read: a gas mark has no difference of its own and is told in °C. */
export const asDegreesApart = (k: number, scale: Scales['heat'], places = 0): AsRead =>
  scale === 'F'
    ? { number: fixed(k * 1.8, places), unit: '°F', says: Number((k * 1.8).toFixed(places)) / 1.8 }
    : { number: fixed(k, places), unit: '°C', says: Number(k.toFixed(places)) };

/** An hour of the day by 24 or 12: `18:30`, `6:30 pm`. */
export const asHour = (hour: number, minute: number, hours: 24 | 12): string =>
  hours === 24
    ? `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
    : `${hour % 12 || 12}:${String(minute).padStart(2, '0')} ${hour < 12 ? 'am' : 'pm'}`;
