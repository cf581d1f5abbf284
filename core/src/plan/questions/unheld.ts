import type { ClockPlan } from '../../clock/chain';
import { planBake } from '../bake';
import type { BakeInput } from '../inputs';

/** A day in a few figures, to be set beside another of the same pies. */
export interface DayInShort {
  startMin: number;
  firstBakeMin: number | null;
  hands: ClockPlan['hands'];
  /** Whether everything of it works out. */
  fits: boolean;
}

const inShort = ({ startMin, ovenRuns, hands, problems }: ClockPlan): DayInShort => ({
  startMin,
  firstBakeMin: ovenRuns.reduce<number | null>((first, r) => Math.min(first ?? Infinity, r.startMin), null),
  hands,
  fits: problems.length === 0,
});

/** A day as the cook holds it, and as it would be with nothing held: ours beside theirs. */
export function unheld(input: BakeInput): { asHeld: DayInShort; ours: DayInShort } {
  const free = input.items.map((item) => ({ ...item, clock: { ...item.clock, pins: undefined } }));
  return { asHeld: inShort(planBake(input).clock), ours: inShort(planBake({ ...input, items: free }).clock) };
}
