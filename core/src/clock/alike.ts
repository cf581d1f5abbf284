import type { Duty, KitchenInput } from '../contracts/kitchen';
import type { Step, StepCode } from '../plan/steps/codes';
import { handsOf, whoDoes, type Scheduled } from './scheduled';

/**
 * Work that is alike for several pies, done in one go: what is got out, cleared away and washed is so only once, min saved with
 * each after the first (estimates; never more than half of it). What was made ready waits in the cold until it is wanted.
 */
export const alike = {
  weigh: { duty: 'pastry', savesMin: 4 },
  prepareFilling: { duty: 'filling', savesMin: 3 },
} as const satisfies Partial<Record<StepCode, { duty: Duty; savesMin: number }>>;

/** One piece of work of such a go: who does all of it, what it comes right after, and how long it takes so. */
export interface InOneGo {
  itemIndex: number;
  step: Step;
  cook: string;
  /** The item whose work of the kind it follows at once; null for the first. */
  after: number | null;
  minutes: number;
}

/** What of a day can be done in one go, in the order of the list but raw fillings last; what the cook holds is left where it is held. */
export function goesTogether(items: readonly Scheduled[], kitchen: KitchenInput): InOneGo[] {
  return Object.entries(alike).flatMap(([code, { duty, savesMin }]) => {
    const works = items.flatMap((item, itemIndex) => {
      const step = item.steps.find((s) => s.code === code && s.minutes > 0);
      const held = item.pins?.some((p) => p.stepId === step?.id);
      return step && !held ? [{ itemIndex, step, own: handsOf(item, kitchen)[duty] }] : [];
    });
    if (works.length < 2) return [];
    // what is raw comes last: nothing ready to eat meets its board
    works.sort((a, b) => Number(a.step.values['raw'] ?? 0) - Number(b.step.values['raw'] ?? 0));
    const able = whoDoes(duty, kitchen);
    const cook = [...able].sort((a, b) => count(works, b) - count(works, a))[0];
    return works.map(({ itemIndex, step }, n): InOneGo => ({
      itemIndex,
      step,
      cook,
      after: n === 0 ? null : works[n - 1].itemIndex,
      minutes: n === 0 ? step.minutes : Math.max(step.minutes / 2, step.minutes - savesMin),
    }));
  });
}

const count = (works: readonly { own: string | readonly string[] }[], cook: string): number =>
  works.filter((w) => w.own === cook).length;
