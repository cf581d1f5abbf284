/** In which order a cook writes day, month and year. */
export const dateOrders = ['dmy', 'mdy', 'ymd'] as const;
export type DateOrder = (typeof dateOrders)[number];

const weekdays = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const pad = (n: number): string => String(n).padStart(2, '0');

/** The hour in a text: `18:30`, `6.30 pm`, `7pm`, `noon`; the rest of the text beside it. Null hour where there is none. */
function hourIn(text: string): { hour: [number, number] | null; rest: string } {
  const word = /\b(noon|midday|midnight)\b/.exec(text);
  if (word) return { hour: word[1] === 'midnight' ? [0, 0] : [12, 0], rest: text.replace(word[0], ' ') };
  const found =
    /\b(\d{1,2})[:.](\d{2})(?::\d{2})?\s*([ap])?\.?m?\.?(?![\d/-])/.exec(text) ??
    /\b(\d{1,2})()\s*([ap])\.?m\b\.?/.exec(text);
  if (!found) return { hour: null, rest: text };
  const [all, h, m, half] = found;
  const hours = half ? (Number(h) % 12) + (half === 'p' ? 12 : 0) : Number(h);
  if (hours > 23 || Number(m) > 59) return { hour: null, rest: text };
  return { hour: [hours, Number(m)], rest: text.replace(all, ' ') };
}

/** A day in a text, against today: a date in numbers by its order, a day and a month by name, a weekday to come, today, tomorrow. */
function dayIn(text: string, today: Date, order: DateOrder): Date | null {
  const at = (y: number, m: number, d: number): Date | null => {
    const day = new Date(y, m, d);
    return day.getMonth() === m && day.getDate() === d ? day : null;
  };
  const days = (n: number) => new Date(today.getFullYear(), today.getMonth(), today.getDate() + n);
  if (/\btoday\b|\btonight\b/.test(text)) return days(0);
  if (/\btomorrow\b/.test(text)) return days(1);
  const iso = /\b(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})\b/.exec(text);
  if (iso) return at(Number(iso[1]), Number(iso[2]) - 1, Number(iso[3]));
  const numbers = /\b(\d{1,2})[-/.](\d{1,2})(?:[-/.](\d{2,4}))?\b/.exec(text);
  const yearOf = (y: string | undefined) => (y === undefined ? null : Number(y) < 100 ? 2000 + Number(y) : Number(y));
  /** A day without its year is the next one. */
  const next = (m: number, d: number, year: number | null) => {
    if (year !== null) return at(year, m, d);
    const here = at(today.getFullYear(), m, d);
    return here && here < days(0) ? at(today.getFullYear() + 1, m, d) : here;
  };
  if (numbers) {
    const [a, b] = [Number(numbers[1]), Number(numbers[2])];
    const [d, m] = order === 'mdy' || order === 'ymd' ? [b, a] : [a, b];
    return next(m - 1, d, yearOf(numbers[3]));
  }
  const month = months.findIndex((name) => new RegExp(`\\b${name}[a-z]*`).test(text));
  if (month >= 0) {
    const day = /\b(\d{1,2})(?:st|nd|rd|th)?\b(?!\d)/.exec(text);
    const year = /\b(\d{4})\b/.exec(text);
    return day ? next(month, Number(day[1]), yearOf(year?.[1])) : null;
  }
  const weekday = weekdays.findIndex((name) => new RegExp(`\\b${name}[a-z]*`).test(text));
  return weekday >= 0 ? days((weekday - today.getDay() + 7) % 7) : null;
}

/**
 * The moment a cook wrote, as local `YYYY-MM-DDTHH:MM`: a day with or without its year, an hour of 24 or 12, or only one of the
 * two, the other staying as it stands. Null where it is neither. A bare date in numbers is read by the cook's own order.
 * @param o text, up to 60 characters; the moment that stands (its day and hour are kept where the text has none); today; the order
 * @example readMoment({ text: '12 Dec 6:30 pm', standing: '2026-12-01T13:00', today: '2026-11-29', order: 'dmy' }) // '2026-12-12T18:30'
 */
export function readMoment(o: { text: string; standing: string; today: string; order: DateOrder }): string | null {
  const text = o.text.slice(0, 60).toLowerCase().trim();
  const exact = /^(\d{4}-\d{2}-\d{2})[t ](\d{2}:\d{2})$/.exec(text);
  const { hour, rest } = hourIn(exact ? exact[2] : text);
  const day = dayIn(exact ? exact[1] : rest, new Date(`${o.today.slice(0, 10)}T12:00`), o.order);
  if (!hour && !day) return null;
  const date = day ? `${day.getFullYear()}-${pad(day.getMonth() + 1)}-${pad(day.getDate())}` : o.standing.slice(0, 10);
  return `${date}T${hour ? `${pad(hour[0])}:${pad(hour[1])}` : o.standing.slice(11, 16)}`;
}
