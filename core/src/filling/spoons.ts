import { within } from '../quantities/refusal';

/** Tablespoons, ml level, by who measures; a heaped one holds so many times as much (ordinary practice; estimates). */
export const tablespoonsMl = { metric: 15, us: 14.8, old: 17.8 } as const;
export type Tablespoon = keyof typeof tablespoonsMl;
const heapedMultiple = 1.6;
/** Scoops are numbered by how many of them are in a US quart. */
const quartMl = 946;
const scoopNumbers = [6, 8, 10, 12, 16, 20, 24, 30, 40, 50, 60, 70, 100] as const;
/** A scoop this near is the one, a share. */
const nearScoop = 0.15;

export interface Spoons {
  /** Level and heaped tablespoons of it, to the half. */
  level: number;
  heaped: number;
  /** The numbered scoop that holds it, one at a time; null where none is near. */
  scoop: number | null;
}

/**
 * A portion of filling in tablespoons and scoops, ml (0.1 to 5000): no scale is at hand in the middle of filling pies.
 * @example spoonsOf(46.5) // { level: 3, heaped: 2, scoop: 20 }
 */
export function spoonsOf(ml: number, spoon: Tablespoon = 'metric'): Spoons {
  const all = within(ml, 0.1, 5000, 'ml');
  const halves = (spoonMl: number) => Math.max(0.5, Math.round((2 * all) / spoonMl) / 2);
  const near = scoopNumbers
    .map((number) => ({ number, off: Math.abs(quartMl / number / all - 1) }))
    .reduce((best, s) => (s.off < best.off ? s : best));
  return {
    level: halves(tablespoonsMl[spoon]),
    heaped: halves(heapedMultiple * tablespoonsMl[spoon]),
    scoop: near.off <= nearScoop ? near.number : null,
  };
}
