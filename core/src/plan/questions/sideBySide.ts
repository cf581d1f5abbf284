import { dayInShort, isBetterDay, type DayInShort } from '../../clock/comparing';
import type { WayLaid } from '../../contracts/clock';
import { planBake } from '../bake';
import type { BakeInput } from '../inputs';

/** A day as the cook holds it, and as it would be with nothing held: ours beside theirs. */
export function unheld(input: BakeInput): { asHeld: DayInShort; ours: DayInShort } {
  const free = input.items.map((item) => ({ ...item, clock: { ...item.clock, pins: undefined } }));
  return {
    asHeld: dayInShort(planBake(input).clock),
    ours: dayInShort(planBake({ ...input, items: free }).clock),
  };
}

/**
 * A day as it is laid where nothing is asked, laid pie by pie, each as late as can be, and searched for longer; and whether
 * the longer search finds one that is better than ours.
 */
export function laidBoth(input: BakeInput): Record<'ours' | WayLaid, DayInShort> & { longerIsBetter: boolean } {
  const laid = (how?: WayLaid) => planBake({ ...input, meal: { ...input.meal, laid: how } }).clock;
  const [ours, asLate, searched] = [laid(), laid('asLate'), laid('searched')];
  return {
    ours: dayInShort(ours),
    asLate: dayInShort(asLate),
    searched: dayInShort(searched),
    longerIsBetter: isBetterDay(searched, ours),
  };
}
