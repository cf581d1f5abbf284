import { asHeat, asLength } from '@crustallum/core/quantities/amounts/asRead';
import { fahrenheit, celsius, celsiusToGas, gasToCelsius } from '@crustallum/core/quantities/temperature';
import type { NumberRule } from '@crustallum/core/quantities/rules';
import { plain } from './numbers';
import { units } from './units';

const inchMm = 25.4;
const ounceG = 28.349523125;
/** An oven's heat may be a gas mark; anything cooler may not. */
const gasFromC = 105;

/** How a field of some unit is written for this cook: its text and unit, what a bare number typed into it means, and its next step. */
export interface FieldUnit {
  unit: string;
  write: (value: number, places?: number) => string;
  /** A bare number as it is shown, in the field's own unit. */
  read: (shown: number) => number;
  /** One step up or down from a value, on a mark of the cook's own ruler. */
  next: (value: number, by: number) => number;
}

/** The marks of a ruler a step may go to. */
const marks = {
  in: [1 / 64, 1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1],
  oz: [1 / 8, 1 / 4, 1 / 2, 1, 2, 4],
  '°F': [1, 2, 5, 10, 25],
};

function onMarks(to: (value: number) => number, from: (shown: number) => number, list: readonly number[]) {
  return (value: number, by: number): number => {
    const size = Math.abs(to(value + by) - to(value));
    const mark = list.findLast((m) => m <= size * 1.25) ?? Math.min(...list);
    const at = to(value) / mark;
    // the next mark that is really beyond it
    const next = by > 0 ? Math.floor(at + 1e-6) + 1 : Math.ceil(at - 1e-6) - 1;
    return from(next * mark);
  };
}

/** In halves and quarters of an ounce, as a scale shows it. */
const inQuarters = (ounces: number): string => {
  const n = Math.round(ounces * 4);
  const part = ['', '1/4', '1/2', '3/4'][((n % 4) + 4) % 4];
  return [Math.trunc(n / 4) || (part ? '' : '0'), part].filter((x) => x !== '').join(' ');
};

const asIs = (unit: string): FieldUnit => ({
  unit,
  write: (value, places) => plain(value, places).replace('\u2212', '-'),
  read: (shown) => shown,
  next: (value, by) => value + by,
});

/** The field unit of a unit, by what this device reads; `value` in that unit says whether a heat is an oven's. */
export function fieldUnit(unit: string, value: number): FieldUnit {
  const { heat, mass, length } = units();
  if (length === 'in' && (unit === 'mm' || unit === 'cm')) {
    const per = unit === 'cm' ? 10 : 1;
    const [to, from] = [(v: number) => (v * per) / inchMm, (n: number) => (n * inchMm) / per];
    return {
      unit: 'in',
      write: (v) => asLength(v * per, 'in').number.replace('\u2212', '-'),
      read: from,
      next: onMarks(to, from, marks.in),
    };
  }
  if (mass === 'oz' && unit === 'g') {
    const [to, from] = [(v: number) => v / ounceG, (n: number) => n * ounceG];
    return {
      unit: 'oz',
      write: (v) => (v < ounceG ? plain(to(v), 2) : inQuarters(to(v))),
      read: from,
      next: onMarks(to, from, marks.oz),
    };
  }
  if (heat === 'F' && unit === '°C')
    return {
      unit: '°F',
      write: (v, places) => asHeat(v, 'F', places ?? 1).number.replace('\u2212', '-'),
      read: celsius,
      next: onMarks(fahrenheit, celsius, marks['°F']),
    };
  if (heat === 'gas' && unit === '°C' && value >= gasFromC)
    return {
      unit: 'gas',
      write: (v) => asHeat(v, 'gas').number,
      read: (mark) => (mark >= 0.25 && mark <= 10 ? gasToCelsius(mark) : NaN),
      next: (v, by) => gasToCelsius(Math.max(1, Math.min(9, Math.round(celsiusToGas(v) ?? 4) + Math.sign(by)))),
    };
  return asIs(unit);
}

/** What a number may be, in the unit the cook reads. */
export function rangeWords({ min, max, unit, integer }: NumberRule): string {
  const field = fieldUnit(unit, max);
  return `${integer ? 'a whole number, ' : ''}${field.write(min)} to ${field.write(max)} ${field.unit}`.trim();
}
