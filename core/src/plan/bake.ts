import { planClock, type ClockPlan, type Scheduled } from '../clock/chain';
import { planItem, type ItemPlan } from './item';
import { heatsOf } from './stations/oven/programme';
import { needsOf, type Need } from './needs/needs';
import { whoEats, type WhoEats } from './eaters/answers';
import type { BakeInput } from './inputs';
import { remember } from './memo';

export interface BakePlanResult {
  items: ItemPlan[];
  clock: ClockPlan;
  needs: Need[];
  who: WhoEats;
}

/** A bake's inputs go in, its plan comes out: the one place where stations and items meet. Pure; it knows no clock of the day. */
export function planBake({ meal, items, kitchen, labels }: BakeInput): BakePlanResult {
  const plans = items.map((item) => remember(['item', item, kitchen], () => planItem(item, kitchen)));
  const scheduled = items.map(({ title, clock, oven }, i): Scheduled => {
    const { steps, oven: bake } = plans[i];
    const heats = heatsOf(oven);
    return { title, cook: clock.cook, heats, mode: oven.mode, steps, trays: bake.trays, preheatMin: bake.preheatMin };
  });
  return {
    items: plans,
    clock: planClock(scheduled, kitchen, meal.serveAt),
    needs: needsOf(items, plans),
    who: whoEats(meal, items, plans, labels),
  };
}
