import type { ClockPlan } from './clockPlan';
import { dayGoals } from './dayGoals';
import type { TimedStep } from '../plan/steps/codes';

/** A day in a few figures, to be set beside another of the same pies. */
export interface DayInShort {
  startMin: number;
  firstBakeMin: number | null;
  hands: ClockPlan['hands'];
  /** How often somebody is called to work after a pause, all cooks together. */
  calls: number;
  /** Work of hands in the last hour before the table, min. */
  lastHourMin: number;
  /** Whether everything of it works out. */
  fits: boolean;
}

const { sessionGap: sessionGapMin, lastWindow: lastWindowMin } = dayGoals;
/** A day that begins so much sooner or later is another day, min. */
export const worthMin = 10;
const lastWorthMin = 5;
/** What whole minutes may put it out by, min. */
const roundingMin = 5;

/** Clearing up is done when there is time: nobody is called for it. */
const isWork = (s: TimedStep): boolean => s.code !== 'clearBench';

function callsOf({ steps, hands }: ClockPlan): number {
  return hands.reduce((calls, { cook }) => {
    let over = -Infinity;
    for (const s of steps.filter((x) => x.cook === cook && x.kind !== 'tend' && isWork(x))) {
      if (s.startMin - over > sessionGapMin) calls++;
      over = Math.max(over, s.startMin + s.minutes);
    }
    return calls;
  }, 0);
}

const lastHourOf = ({ steps }: ClockPlan): number =>
  steps
    .filter((s) => s.cook !== null && s.kind === 'bench' && isWork(s))
    .reduce(
      (sum, s) => sum + Math.max(0, Math.min(0, s.startMin + s.minutes) - Math.max(-lastWindowMin, s.startMin)),
      0,
    );

export const dayInShort = (clock: ClockPlan): DayInShort => ({
  startMin: clock.startMin,
  calls: callsOf(clock),
  lastHourMin: lastHourOf(clock),
  firstBakeMin: clock.ovenRuns.reduce<number | null>((first, r) => Math.min(first ?? Infinity, r.startMin), null),
  hands: clock.hands,
  fits: clock.problems.length === 0,
});

/** How long the pies stand before the table, all together, min. */
const standing = ({ steps }: ClockPlan): number =>
  steps.filter((s) => s.code === 'stand').reduce((sum, s) => sum + s.minutes, 0);

/**
 * Whether a day is better than another of the same pies in something a cook feels, and worse in nothing: when it begins, how
 * often somebody is called, the work of the last hour, how long pies stand. The planner's own goals put them in one strict
 * order, by which three hours sooner can be the price of six calmer minutes; so a day is not chosen by those alone.
 */
export function isBetterDay(day: ClockPlan, than: ClockPlan): boolean {
  const [a, b] = [dayInShort(day), dayInShort(than)];
  if (a.fits !== b.fits) return a.fits;
  const worse =
    a.startMin < b.startMin - roundingMin ||
    a.calls > b.calls ||
    a.lastHourMin > b.lastHourMin + roundingMin ||
    standing(day) > standing(than) + roundingMin;
  return (
    !worse &&
    (a.startMin >= b.startMin + worthMin || a.calls < b.calls || a.lastHourMin <= b.lastHourMin - lastWorthMin)
  );
}
