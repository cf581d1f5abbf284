import {
  asDegreesApart,
  asHeat,
  asHour,
  asLength,
  asMass,
  type AsRead,
} from '@crustallum/core/quantities/amounts/asRead';
import type { Figure, Unit } from '@crustallum/core/plan/figure';
import { units } from './units';

const minus = '\u2212';
export const signed = (text: string): string => text.replace(/^-/, minus);

/** Rounds for reading: as many places as a kitchen can use. */
export function plain(value: number, places?: number): string {
  const size = Math.abs(value);
  const digits = places ?? (size >= 100 ? 0 : size >= 10 ? 0 : size >= 1 ? 1 : size >= 0.1 ? 2 : 3);
  const text = value.toFixed(digits);
  return signed(digits > 0 && places === undefined ? text.replace(/\.?0+$/, '') : text);
}

/** A span of minutes: `18 min`, `2 h 55`. */
export function span(minutes: number): string {
  const whole = Math.round(Math.abs(minutes));
  const sign = minutes < 0 && whole > 0 ? minus : '';
  if (whole < 100) return `${sign}${whole} min`;
  return `${sign}${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`;
}

/** Time to the table: days when it is far off. */
export const until = (minutes: number): string =>
  minutes > 48 * 60 ? `${Math.floor(minutes / 1440)} days` : span(minutes);

const places: Partial<Record<Unit, number>> = { '°C': 1, '%': 0, g: 0, pieces: 0, leaves: 0, 'mm²': 0, kJ: 0 };

/** A figure's value and unit as shown: an en dash when it cannot be worked out. */
export function shown({ value, unit }: Pick<Figure, 'value' | 'unit'>): { value: string; unit: string } {
  if (value === null) return { value: '–', unit: '' };
  if (unit === 'min') {
    const text = span(value);
    return text.endsWith(' min') ? { value: text.slice(0, -4), unit: 'min' } : { value: text, unit: '' };
  }
  if (unit === 'mm' && value !== 0 && Math.abs(value) < 0.001) return { value: plain(value * 1000), unit: 'µm' };
  const own = inOwnUnit(value, unit);
  if (own) return { value: own.number, unit: own.unit };
  if (unit === 'mm' && Math.abs(value) >= 100) return { value: plain(value / 10, 1), unit: 'cm' };
  const small = (unit === 'g' || unit === '%') && Math.abs(value) < 10;
  const said = plain(value, small ? 1 : places[unit]);
  return { value: said, unit: said === '1' ? (one[unit] ?? unit) : unit };
}

/** A quantity in the cook's own unit, where that is not ours. */
function inOwnUnit(value: number, unit: string): AsRead | null {
  const { heat: scale, mass, length } = units();
  if (unit === '°C' && scale !== 'C') return asHeat(value, scale);
  if ((unit === 'mm' || unit === 'cm') && length === 'in') return asLength(unit === 'cm' ? 10 * value : value, 'in');
  if (unit === 'g' && mass === 'oz') return asMass(value, 'oz');
  return null;
}

/** A value behind a number, with its unit as the cook reads it. */
export function quantity(value: number, unit: string): string {
  if (!Number.isFinite(value)) return '–';
  const own = inOwnUnit(value, unit);
  return (
    own ? `${own.number} ${own.unit}` : `${unit === 'cm' ? Number(value.toFixed(1)) : plain(value)} ${unit}`
  ).trim();
}

/** From so much to so much, the unit said once: `3–4 mm`. */
export const spread = (low: number, high: number, unit: string): string =>
  high > low ? `${quantity(low, unit).replace(/ \S+$/, '')}–${quantity(high, unit)}` : quantity(low, unit);

/** A weight with its unit apart, to be read from afar. */
export function weightParts(g: number, places = 0): { number: string; unit: string } {
  if (!Number.isFinite(g)) return { number: '–', unit: '' };
  return asMass(g, units().mass, places);
}

/** Counted things, where there is one of them. */
const one: Record<string, string> = { pieces: 'piece', leaves: 'leaf', turns: 'turn', slits: 'slit', dishes: 'dish' };

/** Clock time of a moment, by 24 or 12 hours as the cook reads them. */
export const clock = (date: Date): string => asHour(date.getHours(), date.getMinutes(), units().hours);
export const timer = (seconds: number): string => {
  const s = Math.max(0, Math.round(Math.abs(seconds)));
  const text =
    s >= 3600
      ? `${Math.floor(s / 3600)}:${String(Math.floor(s / 60) % 60).padStart(2, '0')}:${String(s % 60).padStart(2, '0')}`
      : `${String(Math.floor(s / 60)).padStart(2, '0')}:${String(s % 60).padStart(2, '0')}`;
  return seconds < 0 ? `${minus}${text}` : text;
};
/** A quantity with its unit; a dash for what could not be worked out. */
const written = (value: number, as: (value: number) => AsRead): string => {
  if (!Number.isFinite(value)) return '–';
  const { number, unit } = as(value);
  return unit ? `${number} ${unit}` : number;
};

/** A warmth of dough, fat, room or water, by the cook's own scale: `14.3°`. */
export const degrees = (value: number, digits = 1): string =>
  Number.isFinite(value) ? `${asHeat(value, warmthScale(), digits).number}°` : '–';
/** Nothing cooler than an oven has a gas mark. */
const warmthScale = () => (units().heat === 'F' ? 'F' : 'C');
/** The heat of an oven with its scale: `200 °C`, `392 °F`, `gas 6`. */
export function heat(value: number, digits = 0, scale = units().heat): string {
  const { number, unit } = asHeat(value, scale, digits);
  return unit === 'gas' ? `gas ${number}` : `${number} ${unit}`;
}
/** From so warm to so warm, the sign said once: `8–16°`. */
export const fromTo = (low: number, high: number, digits = 0): string =>
  `${degrees(low, digits).replace('°', '')}–${degrees(high, digits)}`;
/** So many degrees more or less. */
export const degreesApart = (k: number, digits = 0): string => `${asDegreesApart(k, units().heat, digits).number}°`;
/** What a cook reads on a ruler in centimetres, or in inches: `12.0 cm`, `4 3/4 in`. */
export const long = (mm: number, places = 1): string =>
  written(mm, (v) => asLength(v, units().length, { places, as: 'cm' }));
/** Two sides with their measure once: `32 × 22 cm`. */
export function sides(mm: readonly number[], places = 1): string {
  if (!mm.every(Number.isFinite)) return '–';
  const all = mm.map((side) => asLength(side, units().length, { places, as: 'cm' }));
  return `${all.map((a) => a.number).join(' × ')} ${all[0]?.unit ?? ''}`;
}
/** A thickness: `3.0 mm`, `1/8 in`. */
export const thin = (mm: number, places = 1): string =>
  written(mm, (v) => asLength(v, units().length, { places, as: 'mm' }));
/** An area: `165 cm²`, `25.6 in²`; small ones in mm², or hundredths of a square inch. */
export function area(mm2: number, places = 0): string {
  if (!Number.isFinite(mm2)) return '–';
  if (units().length === 'in') return `${plain(mm2 / inchMm ** 2, mm2 < 6000 ? 2 : 1)} in²`;
  return mm2 < 1000 ? `${plain(mm2, places)} mm²` : `${plain(mm2 / 100, places)} cm²`;
}
const inchMm = 25.4;
/** A weight: `340 g`, `12 oz`. */
export const weight = (g: number, places = 0): string => written(g, (v) => asMass(v, units().mass, places));

/** The moment at the table as a local Date. */
export const served = (serveAt: string): Date => new Date(serveAt);
export const momentAt = (serveAt: string, minutes: number): Date =>
  new Date(served(serveAt).getTime() + minutes * 60_000);
const days = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const months = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
/** Day and month in the order the cook writes them. */
const inOrder = (day: number, month: string): string =>
  units().order === 'dmy' ? `${day} ${month}` : `${month} ${day}`;
export const dayOf = (date: Date): string =>
  `${days[date.getDay()]} ${inOrder(date.getDate(), months[date.getMonth()] as string)}`;
export const shortDay = (date: Date): string =>
  inOrder(date.getDate(), (months[date.getMonth()] as string).slice(0, 3));

/** An hour, with its day before it where that is another than the one it is told on. */
export const clockOn = (date: Date, told: Date): string =>
  date.toDateString() === told.toDateString() ? clock(date) : `${shortDay(date)}, ${clock(date)}`;

const pad = (n: number): string => String(n).padStart(2, '0');
/** A moment as it is stored: local, without its zone. */
export const localMoment = (d: Date): string =>
  `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}T${pad(d.getHours())}:${pad(d.getMinutes())}`;

/** A count with its word: `1 step`, `3 steps`. */
export const counted = (n: number, one: string, many: string): string => `${plain(n, 0)} ${n === 1 ? one : many}`;
