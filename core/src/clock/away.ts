import type { KitchenInput } from '../contracts/kitchen';
import type { Scheduled, TableOfDay } from './scheduled';

/** A stretch in which a cook is not to be had, minutes from the table. */
export interface Gone {
  cook: string;
  from: number;
  to: number;
}

const dayMin = 24 * 60;
/** Nothing of a day is done longer before the table than this, days, but what is made ahead. */
const daysBefore = 4;

/** When the cooks who are there for part of the day only are not, or are away, minutes from the table. */
export function awayFrom(
  items: readonly Scheduled[],
  { cooks, hours = [] }: KitchenInput,
  { serveAt, away = [] }: TableOfDay,
): Gone[] {
  const ahead = Math.max(
    0,
    ...items.flatMap((i) => i.steps.filter((s) => s.code === 'keepPies').map((s) => s.minutes)),
  );
  const days = daysBefore + Math.ceil(ahead / dayMin);
  const table = new Date(serveAt);
  const from = (moment: string) => (new Date(moment).getTime() - table.getTime()) / 60_000;
  const midnight = -(table.getHours() * 60 + table.getMinutes());
  const gone = away
    .filter((a) => cooks.includes(a.cook) && a.to > a.from)
    .map((a): Gone => ({ cook: a.cook, from: from(a.from), to: from(a.to) }));
  const daily = hours
    .filter((h) => cooks.includes(h.cook) && h.fromMin !== h.toMin)
    .flatMap(({ cook, fromMin, toMin }) => {
      const leaves = toMin > fromMin ? toMin : toMin + dayMin;
      return Array.from({ length: days + 2 }, (_, i): Gone => {
        const day = midnight + (i - days) * dayMin;
        return { cook, from: day - dayMin + leaves, to: day + fromMin };
      });
    });
  return [...gone, ...daily];
}
