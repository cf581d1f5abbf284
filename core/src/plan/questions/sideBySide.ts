import { dayInShort, isBetterDay, type DayInShort } from '../../clock/comparing';
import type { WayLaid } from '../../contracts/clock';
import type { MealInput } from '../../contracts/meal';
import { goesTogether } from '../../clock/alike';
import { planBake, scheduled } from '../bake';
import type { BakeInput } from '../inputs';

/** A day as the cook holds it, and as it would be with nothing held: ours beside theirs. */
export function unheld(input: BakeInput): { asHeld: DayInShort; ours: DayInShort } {
  const free = input.items.map((item) => ({ ...item, clock: { ...item.clock, pins: undefined } }));
  return {
    asHeld: dayInShort(planBake(input).clock),
    ours: dayInShort(planBake({ ...input, items: free }).clock),
  };
}

/** A day with alike work in one go, and the minutes of hands that saves. */
export interface InOneGoDay extends DayInShort {
  savedMin: number;
}

/**
 * A day as it is laid where nothing is asked, laid pie by pie, each as late as can be, and searched for longer, and whether
 * that finds one that is better than ours; and the day with alike work in one go, null where there is none.
 */
export function laidBoth(
  input: BakeInput,
): Record<'ours' | WayLaid, DayInShort> & { longerIsBetter: boolean; together: InOneGoDay | null } {
  const { meal, items, kitchen } = input;
  const plan = (change: Partial<MealInput>) =>
    planBake({ ...input, meal: { ...meal, laid: undefined, together: undefined, ...change } });
  const whole = plan({});
  const [ours, asLate, searched] = [whole, plan({ laid: 'asLate' }), plan({ laid: 'searched' })].map((p) => p.clock);
  const goes = goesTogether(scheduled(items, whole.items, whole.doughs, kitchen), kitchen);
  const together = goes.length > 0 ? dayInShort(plan({ together: true }).clock) : null;
  return {
    ours: dayInShort(ours),
    asLate: dayInShort(asLate),
    searched: dayInShort(searched),
    longerIsBetter: isBetterDay(searched, ours),
    together: together && {
      ...together,
      savedMin: goes.reduce((sum, g) => sum + g.step.minutes - g.minutes, 0),
    },
  };
}
