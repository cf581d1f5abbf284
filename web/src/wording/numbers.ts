import { asHour } from '@crustallum/core/quantities/amounts/asRead';
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
  if (unit === 'mm' && Math.abs(value) >= 100) return { value: plain(value / 10, 1), unit: 'cm' };
  if (unit === 'mm' && value !== 0 && Math.abs(value) < 0.001) return { value: plain(value * 1000), unit: 'µm' };
  const small = (unit === 'g' || unit === '%') && Math.abs(value) < 10;
  const said = plain(value, small ? 1 : places[unit]);
  return { value: said, unit: said === '1' ? (one[unit] ?? unit) : unit };
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
export const degrees = (value: number, digits = 1): string => `${plain(value, digits)}°`;

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

const pad = (n: number): string => String(n).padStart(2, '0');
/** A moment as it is stored: local, without its zone. */
export const localMoment = (d: Date): string =>
  `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}T${pad(d.getHours())}:${pad(d.getMinutes())}`;

/** A count with its word: `1 step`, `3 steps`. */
export const counted = (n: number, one: string, many: string): string => `${plain(n, 0)} ${n === 1 ? one : many}`;
