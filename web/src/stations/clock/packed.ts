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

/** A stretch in which nothing but a wait goes on, longer than this, is folded on the page to so many minutes' room. */
const [foldsFromMin, foldedToMin] = [180, 24] as const;

export interface DayAxis {
  /** Share of the way along the page of a minute against the table. */
  share: (minute: number) => number;
  /** The minute at such a share of the way. */
  minuteAt: (share: number) => number;
  /** What is folded, minutes against the table. */
  folds: readonly { from: number; to: number }[];
}

/** A day laid along a page, from a minute to the table: long waits, the days before among them, are folded. */
export function dayAxis(steps: readonly TimedStep[], from: number): DayAxis {
  const moving = steps
    .filter((s) => s.kind !== 'cold' || s.minutes < foldsFromMin)
    .map((s) => [s.startMin, s.startMin + s.minutes] as const)
    .sort((a, b) => a[0] - b[0]);
  const folds: { from: number; to: number }[] = [];
  let end = from;
  for (const [start, stop] of moving) {
    if (start - end > foldsFromMin) folds.push({ from: end, to: start });
    end = Math.max(end, stop);
  }
  const laid = (minute: number): number =>
    minute -
    from -
    folds.reduce((sum, f) => {
      const inside = Math.max(0, Math.min(minute, f.to) - f.from);
      return sum + inside * (1 - foldedToMin / (f.to - f.from));
    }, 0);
  const all = laid(0);
  const minuteAt = (share: number): number => {
    // where the folds are, a minute is narrower: the stretch that share falls into is found first
    const edges = [from, ...folds.flatMap((f) => [f.from, f.to]), 0];
    const after = edges.findIndex((m) => laid(m) / all >= share);
    const next = after < 0 ? edges.length - 1 : Math.max(1, after);
    const [a, b] = [edges[next - 1] ?? from, edges[next] ?? 0];
    return a + ((share * all - laid(a)) / (laid(b) - laid(a))) * (b - a);
  };
  return { share: (minute) => laid(minute) / all, minuteAt, folds };
}

/** A stretch of a day that is looked at closer takes this share of the page. */
const lensShare = 0.5;

/** An axis with a lens over a stretch of it: that is drawn wider, both sides are narrowed alike; as it is where it is as wide already. */
export function withLens(axis: DayAxis, { from, to }: { from: number; to: number }): DayAxis {
  const [a, b] = [axis.share(from), axis.share(to)];
  if (b - a >= lensShare || b <= a) return axis;
  const beside = (1 - lensShare) / (1 - (b - a));
  const within = lensShare / (b - a);
  const [left, right] = [a * beside, a * beside + lensShare];
  return {
    folds: axis.folds,
    share: (minute) => {
      const s = axis.share(minute);
      return s <= a ? s * beside : s >= b ? 1 - (1 - s) * beside : left + (s - a) * within;
    },
    minuteAt: (share) =>
      axis.minuteAt(
        share <= left ? share / beside : share >= right ? 1 - (1 - share) / beside : a + (share - left) / within,
      ),
  };
}
