import type { TimedStep } from '@crustallum/core/plan/steps/codes';

/** A strand's colour: pies keep theirs through the day. */
export const colour = (index: number): string => `var(--color-strand-${(index % 5) + 1})`;

/** Stacks steps that overlap in time into rows. */
export function packed(steps: readonly TimedStep[]): { rows: number; row: [string, number][] } {
  const ends: number[] = [];
  const row = [...steps]
    .sort((a, b) => a.startMin - b.startMin)
    .map((s): [string, number] => {
      let r = ends.findIndex((end) => end <= s.startMin + 0.01);
      if (r < 0) r = ends.length;
      ends[r] = s.startMin + s.minutes;
      return [`${s.itemIndex}:${s.id}`, r];
    });
  return { rows: ends.length, row };
}
