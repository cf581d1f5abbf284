import { celsiusToGas, fahrenheit, celsius, gasToCelsius } from '../temperature';
import { baseOf, type Dimension, type MeasureSystem, type UnitName } from './units';

/** How amounts are written: by weight and litre, or by the cups, ounces and inches of one country. */
export type Writing = { measures: 'metric' | MeasureSystem };

export interface WrittenAmount {
  text: string;
  /** What the text says, in base units: the exact value stays with the caller. */
  says: number;
}

const eighths = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** A number in whole and eighths: `1½`. */
export function inEighths(value: number): string {
  const n = Math.round(value * 8);
  const whole = Math.floor(n / 8);
  const part = eighths[n % 8];
  return n === 0 ? '0' : `${whole || ''}${part}` || '0';
}

const rounded = (value: number, step: number): number => Math.round(value / step) * step;
const digits = (value: number, places: number): string => String(Number(value.toFixed(places)));

function metric(value: number, dimension: Dimension): WrittenAmount {
  const [small, large] = dimension === 'mass' ? ['g', 'kg'] : ['ml', 'l'];
  if (value >= 1000) {
    const says = rounded(value, 10);
    return { text: `${digits(says / 1000, 2)} ${large}`, says };
  }
  const says = value < 10 ? rounded(value, 0.1) : rounded(value, 1);
  return { text: `${digits(says, 1)} ${small}`, says };
}

const plural = (unit: string, n: number): string => (unit === 'cup' && n > 1 ? 'cups' : unit);

/** Spoons up to four tablespoons, then cups, each to the eighth. */
function byMeasure(ml: number, system: MeasureSystem): WrittenAmount {
  const of = (unit: UnitName) => ml / baseOf(unit, system);
  const unit: 'tsp' | 'tbsp' | 'cup' = of('tsp') < 2.9375 ? 'tsp' : of('tbsp') <= 4 ? 'tbsp' : 'cup';
  const n = Math.max(unit === 'tsp' ? 1 / 8 : 0, rounded(of(unit), 1 / 8));
  return { text: `${inEighths(n)} ${plural(unit, n)}`, says: n * baseOf(unit, system) };
}

function inPounds(g: number): WrittenAmount {
  const ounceG = baseOf('oz', 'us');
  const ounces = rounded(g / ounceG, g / ounceG < 4 ? 1 / 8 : 1 / 4);
  const pounds = Math.floor(ounces / 16);
  const over = ounces - 16 * pounds;
  const text = [pounds ? `${pounds} lb` : '', over || !pounds ? `${inEighths(over)} oz` : ''].filter(Boolean).join(' ');
  return { text, says: ounces * ounceG };
}

/**
 * Writes a value in base units (g, ml, mm, °C, gas, pieces) as a kitchen would: metric to a gram, cups and spoons to the
 * eighth, heats to five degrees. Returns what the text says beside it, since writing rounds.
 */
export function writeAmount(value: number, dimension: Dimension, { measures }: Writing): WrittenAmount {
  switch (dimension) {
    case 'mass':
      return measures === 'metric' ? metric(value, 'mass') : inPounds(value);
    case 'volume':
      return measures === 'metric' ? metric(value, 'volume') : byMeasure(value, measures);
    case 'length': {
      if (measures === 'metric') {
        const says = value < 10 ? rounded(value, 0.5) : rounded(value, 1);
        return says < 10 ? { text: `${digits(says, 1)} mm`, says } : { text: `${digits(says / 10, 1)} cm`, says };
      }
      const n = rounded(value / 25.4, 1 / 8);
      return { text: `${inEighths(n)} in`, says: n * 25.4 };
    }
    case 'temperature': {
      if (measures !== 'us') {
        const says = rounded(value, 5);
        return { text: `${digits(says, 0)} °C`, says };
      }
      const f = rounded(fahrenheit(value), 5);
      return { text: `${digits(f, 0)} °F`, says: celsius(f) };
    }
    case 'gas': {
      const mark = celsiusToGas(gasToCelsius(value)) ?? value;
      return { text: `gas ${mark < 1 ? inEighths(mark) : digits(mark, 0)}`, says: mark };
    }
    case 'count': {
      const n = rounded(value, 1 / 8);
      return { text: inEighths(n), says: n };
    }
  }
}
