import { dayOf, type DayWays } from '../../clock/compile';
import { checkPlan } from '../../clock/planner/checker';
import { Goals } from '../../clock/planner/goals';
import type { DayPlan, Instance } from '../../clock/planner/instance';
import { planOf } from '../../clock/planner/laidPlan';
import { openNetwork } from '../../clock/planner/network';
import { laidFrom } from '../../clock/play';
import { planBake, scheduled } from '../bake';
import type { BakeInput } from '../inputs';
import { asMade } from '../sharedDough';
import type { TimedStep } from '../steps/codes';

/** A day to be taken along and computed with: as `clock.solve` takes it, as it is planned, and its steps by the fraction of a minute. */
export interface DayAsPlanned {
  /** Null for a day the planner does not take. */
  instance: Instance | null;
  /** On whole minutes, as the checker lets it pass; null where the day was laid by the fraction of a minute. */
  plan: DayPlan | null;
  steps: TimedStep[];
}

/** Ways a day is compiled in, the plainest first: a plan is one of the day it was laid in. */
const ways: DayWays[] = [{}, { restsGive: true }, { asHeld: true }, { asHeld: true, restsGive: true }];

/** A whole bake's day as the planner's own document, with its plan. */
export function dayAsPlanned(input: BakeInput): DayAsPlanned {
  const { items: plans, doughs, clock } = planBake(input);
  const items = scheduled(asMade(input.items, input.kitchen).items, plans, doughs, input.kitchen);
  const days = ways.flatMap((way) => dayOf(items, input.kitchen, input.meal, way) ?? []);
  for (const instance of days) {
    const plan = planIn(instance, clock.steps);
    if (plan && checkPlan(instance, plan).length === 0) return { instance, plan, steps: clock.steps };
  }
  return { instance: days[0] ?? null, plan: null, steps: clock.steps };
}

function planIn(day: Instance, steps: readonly TimedStep[]): DayPlan | null {
  const net = openNetwork(day);
  const found = laidFrom(day, steps);
  if (!found) return null;
  // what lasts by the fraction of a minute lasts whole ones here
  const end = found.end.map((at, i) => (net.elastic[i] ? at : found.start[i] + net.length[i]));
  const laid = { ...found, end };
  return planOf(net, { laid, score: new Goals(net).of(laid) });
}
