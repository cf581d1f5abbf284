import type { Day } from '@crustallum/core/contracts/day';
import { dayStanding } from '@crustallum/core/contracts/dayStanding';

const folded = (text: string): string => text.toLocaleLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

/** Everything a day may be found by: its name, its pies and fillings and dishes, who ate, and how it came out. */
const textOf = (day: Day): string =>
  folded(
    [
      day.title,
      ...day.names,
      ...day.made.flatMap((p) => [p.title, p.filling, p.dish ?? '', p.pastry]),
      ...day.cameOut.flatMap((e) => [
        e.title,
        e.answers.note,
        e.answers.texture ?? '',
        e.answers.colour ?? '',
        (e.answers.leaks ?? 0) > 0 ? 'leaked' : '',
        ...(e.answers.liked ?? []).map((l) => l.name),
      ]),
    ].join(' '),
  );

/** Days every word of the question is in, in their own order; all of them for none. */
export function findDays(days: readonly Day[], words: string): Day[] {
  const asked = folded(words).split(/\s+/).filter(Boolean);
  return days.filter((day) => {
    const text = textOf(day);
    return asked.every((word) => text.includes(word));
  });
}

export interface Gathering {
  name: string;
  holds: (day: Day) => boolean;
}

const crowd = 12;

/** Ways to gather days that hold at least one of them: what leaked, what was for many, what was made in the dish used most. */
export function gatherings(days: readonly Day[]): Gathering[] {
  const dishes = new Map<string, number>();
  for (const { dish } of days.flatMap((d) => d.made)) if (dish) dishes.set(dish, (dishes.get(dish) ?? 0) + 1);
  const [most] = [...dishes].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
  return [
    { name: 'the ones that leaked', holds: (d: Day) => d.cameOut.some((e) => (e.answers.leaks ?? 0) > 0) },
    { name: 'for more than twelve', holds: (d: Day) => d.people > crowd },
    ...(most ? [{ name: `in the ${most[0]}`, holds: (d: Day) => d.made.some((p) => p.dish === most[0]) }] : []),
  ].filter((g) => days.some(g.holds));
}

/** Three words of how a day came out; none where nothing was written. */
export function threeWords(day: Day): string {
  const [first] = day.cameOut;
  if (!first) return '';
  const { texture, colour, shrink } = first.answers;
  const leaked = day.cameOut.some((e) => (e.answers.leaks ?? 0) > 0);
  const size = shrink === undefined ? undefined : shrink === 'none' ? 'kept its size' : 'shrank';
  return [texture, colour, leaked ? 'leaked' : size].filter(Boolean).join(', ');
}

/** Days on the bench and on the boards: those at work or to come, soonest first; those that have been, newest first. */
export function laidOut(days: readonly Day[], nowMs: number): { ahead: Day[]; been: Day[] } {
  const at = (d: Day) => new Date(d.serveAt).getTime();
  const open = (d: Day) => ['running', 'planned'].includes(dayStanding(d, nowMs));
  return {
    ahead: days.filter(open).sort((a, b) => at(a) - at(b)),
    been: days.filter((d) => !open(d)).sort((a, b) => at(b) - at(a)),
  };
}
