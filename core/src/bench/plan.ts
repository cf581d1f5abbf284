import { closingCodes, type TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { leavesSomething } from '../clock/clearing';
import { holdsPot } from '../clock/places';

/** What the bench needs of a day's plan: its steps in the order of the Clock, who is there, and whose dough is whose. */
export interface BenchPlan {
  steps: readonly TimedStep[];
  /** Local date and time at the table. */
  serveAt: string;
  kitchen: { cooks: readonly string[] };
  items: readonly BenchItem[];
}

const waits = new Set(['cold', 'oven', 'stand']);
/** Nobody's hands are at it while it lasts. */
export const isWait = (s: TimedStep | undefined): boolean => s !== undefined && waits.has(s.kind);

export interface BenchItem {
  /** The item whose dough it is made of. */
  doughOf?: number;
  /** Baked in the second oven. */
  inSecond?: boolean;
  /** What it has to stand at least before it is cut, min. */
  standMin?: number;
}

export interface Links {
  /** Steps that must be over before each, by key. */
  before: ReadonlyMap<string, readonly string[]>;
  /** The cook in whose row each stands, by key: of its own, or of the hands it goes on from. */
  cook: ReadonlyMap<string, string>;
  byKey: ReadonlyMap<string, TimedStep>;
}

/**
 * What waits for what: within a strand of an item each step for the one before it; closing for the filling; the first step of a
 * dough made with another for that one's; a bake for the oven that heats for it; a moment at the oven for the bake it belongs to.
 */
export function linksOf(plan: BenchPlan): Links {
  const before = new Map<string, string[]>();
  const cook = new Map<string, string>();
  const byKey = new Map(plan.steps.map((s) => [keyOf(s), s]));
  const anybody = plan.kitchen.cooks[0] ?? '';
  plan.items.forEach((item, itemIndex) => {
    const own = plan.steps.filter((s) => s.itemIndex === itemIndex);
    const row = (strand: TimedStep['strand']) => own.filter((s) => s.strand === strand && s.kind !== 'tend');
    const filling = row('filling');
    for (const strand of [filling, row('pastry')])
      strand.forEach((s, n) => {
        const prior = strand[n - 1];
        before.set(keyOf(s), prior ? [keyOf(prior)] : []);
        const hands = s.cook ?? (prior && cook.get(keyOf(prior))) ?? own.find((o) => o.cook)?.cook ?? anybody;
        cook.set(keyOf(s), hands);
      });
    const closing = row('pastry').find((s) => closingCodes.includes(s.code));
    const lastOfFilling = filling.at(-1);
    if (closing && lastOfFilling) before.get(keyOf(closing))?.push(keyOf(lastOfFilling));
    const leader = item.doughOf === undefined ? undefined : plan.steps.filter((s) => s.itemIndex === item.doughOf);
    const rested =
      leader?.find((s) => s.code === 'rest') ?? leader?.find((s) => s.code === 'mix' || s.code === 'rubIn');
    const first = row('pastry')[0];
    if (rested && first) before.get(keyOf(first))?.push(keyOf(rested));
    for (const s of own.filter((o) => o.strand === 'oven' && o.kind !== 'tend')) {
      const heatedFor = row('pastry').find((o) => o.kind === 'oven' && o.startMin >= s.startMin - 1e-6);
      before.set(keyOf(s), []);
      if (heatedFor) before.get(keyOf(heatedFor))?.push(keyOf(s));
      cook.set(keyOf(s), (heatedFor && cook.get(keyOf(heatedFor))) ?? anybody);
    }
    for (const s of row('clearing')) {
      // a pot is washed when it is empty, the bench is cleared when its work is over
      const over =
        s.code === 'washPot'
          ? filling.filter((o) => holdsPot(o)).slice(-1)
          : plan.steps.filter((o) => leavesSomething(o) && o.startMin < s.startMin);
      before.set(keyOf(s), over.map(keyOf));
      cook.set(keyOf(s), s.cook ?? anybody);
    }
    for (const s of own.filter((o) => o.kind === 'tend')) {
      before.set(keyOf(s), s.during ? [keyOf({ itemIndex, id: s.during.stepId })] : []);
      cook.set(keyOf(s), s.cook ?? anybody);
    }
  });
  return { before, cook, byKey };
}
