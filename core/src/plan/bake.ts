import { planClock, type ClockPlan } from '../clock/chain';
import { planItem, type ItemPlan } from './item';
import { needsOf, type Need } from './needs/needs';
import type { BakeInput } from './inputs';
import { remember } from './memo';

export interface BakePlanResult {
  items: ItemPlan[];
  clock: ClockPlan;
  needs: Need[];
}

/** A bake's inputs go in, its plan comes out: the one place where stations and items meet. Pure; it knows no clock of the day. */
export function planBake({ items, kitchen }: BakeInput): BakePlanResult {
  const plans = items.map((item) => remember(['item', item, kitchen], () => planItem(item, kitchen)));
  return { items: plans, clock: planClock(items, plans, kitchen), needs: needsOf(items, plans) };
}
