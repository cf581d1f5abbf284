import type { ClockPlan } from '../../clock/chain';
import type { WayLaid } from '../../contracts/clock';
import { planBake } from '../bake';
import type { BakeInput } from '../inputs';

/** A day in a few figures, to be set beside another of the same pies. */
export interface DayInShort {
  startMin: number;
  firstBakeMin: number | null;
  hands: ClockPlan['hands'];
  /** How often somebody is called to work after a pause, all cooks together. */
  calls: number;
  /** Whether everything of it works out. */
  fits: boolean;
}

/** Work after no more of a pause than this is the same call, min (clock.md 1). */
const sessionGapMin = 15;

function callsOf({ steps, hands }: ClockPlan): number {
  return hands.reduce((calls, { cook }) => {
    let over = -Infinity;
    for (const s of steps.filter((x) => x.cook === cook && x.kind !== 'tend')) {
      if (s.startMin - over > sessionGapMin) calls++;
      over = Math.max(over, s.startMin + s.minutes);
    }
    return calls;
  }, 0);
}

const inShort = (clock: ClockPlan): DayInShort => ({
  startMin: clock.startMin,
  calls: callsOf(clock),
  firstBakeMin: clock.ovenRuns.reduce<number | null>((first, r) => Math.min(first ?? Infinity, r.startMin), null),
  hands: clock.hands,
  fits: clock.problems.length === 0,
});

/** A day as the cook holds it, and as it would be with nothing held: ours beside theirs. */
export function unheld(input: BakeInput): { asHeld: DayInShort; ours: DayInShort } {
  const free = input.items.map((item) => ({ ...item, clock: { ...item.clock, pins: undefined } }));
  return { asHeld: inShort(planBake(input).clock), ours: inShort(planBake({ ...input, items: free }).clock) };
}

/** A day laid pie by pie, each as late as can be, beside the same day searched as a whole. */
export function laidBoth(input: BakeInput): { asLate: DayInShort; searched: DayInShort } {
  const laid = (how: WayLaid) => inShort(planBake({ ...input, meal: { ...input.meal, laid: how } }).clock);
  return { asLate: laid('asLate'), searched: laid('searched') };
}
