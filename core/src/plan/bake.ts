import { chainClock, planClock } from '../clock/chain';
import type { ClockPlan, Lengthened } from '../clock/clockPlan';
import { isBetterDay } from '../clock/comparing';
import { washesPots } from '../clock/places';
import type { Scheduled } from '../clock/scheduled';
import { longestRestMore } from '../contracts/clock';
import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import { planItem, type ItemPlan } from './item';
import { washPot } from './steps/around';
import { ovenCompany } from './ovenCompany';
import type { InCompany } from './stations/oven/spec';
import { heatsOf } from './stations/oven/programme';
import { asMade, type SharedDough } from './sharedDough';
import { problem, type Problem } from './problem';
import { needsOf } from './needs/needs';
import type { Need } from './needs/shortages';
import { whoEats, type WhoEats } from './eaters/answers';
import type { BakeInput } from './inputs';
import { remember } from './memo';
import { roomInCold } from './roomInCold';

export interface BakePlanResult {
  items: ItemPlan[];
  clock: ClockPlan;
  needs: Need[];
  who: WhoEats;
  /** Doughs that serve more than one item. */
  doughs: SharedDough[];
}

/**
 * A bake's inputs go in, its plan comes out: the one place where stations and items meet. Pure; it knows no clock of the day. A
 * day of several pies is laid as a whole where that is better in something and worse in nothing, else pie by pie.
 */
export function planBake(input: BakeInput): BakePlanResult {
  const { meal, items } = input;
  const plan = planLaid(input);
  if (meal.laid || meal.together || items.length < 2 || items.some((i) => i.clock.pins?.length)) return plan;
  const asLate = planLaid({ ...input, meal: { ...meal, laid: 'asLate' } });
  return isBetterDay(plan.clock, asLate.clock) ? plan : asLate;
}

/** A bake with its day laid as the meal asks. */
function planLaid({ meal, items: asked, kitchen, labels }: BakeInput): BakePlanResult {
  const made = asMade(asked, kitchen);
  const { doughs } = made;
  let { items } = made;
  const planned = (company: (InCompany | null)[]) =>
    items.map((item, i) =>
      toldToDivide(
        remember(['item', item, kitchen, company[i] ?? null], () => planItem(item, kitchen, company[i] ?? null)),
        i,
        doughs,
      ),
    );
  const scheduledOf = (plans: readonly ItemPlan[]) => scheduled(items, plans, doughs, kitchen);
  const clockOf = (plans: readonly ItemPlan[]) => planClock(scheduledOf(plans), kitchen, meal);
  let plans = planned([]);
  // what bakes together bakes longer: worked out with what is in beside it pie by pie, and once more as the day is laid
  let company = items.length > 1 ? ovenCompany(chainClock(scheduledOf(plans), kitchen, meal).ovenRuns, plans) : [];
  plans = planned(company);
  let clock = clockOf(plans);
  const placed = items.length > 1 ? ovenCompany(clock.ovenRuns, plans) : [];
  if (JSON.stringify(placed) !== JSON.stringify(company)) {
    const again = planned(placed);
    const next = clockOf(again);
    // held so that it bakes apart, and by the minutes of baking apart it could not be: it stays as it was held
    const letsGo = holds(clock) && !holds(next);
    if (!letsGo) {
      company = placed;
      plans = again;
      clock = next;
    }
  }
  // a rest that the day makes longer leaves the fat colder: what follows it is worked out again, until both agree
  for (let round = 0; clock.lengthened.length > 0; round++) {
    if (round === mostRounds) {
      clock = {
        ...clock,
        problems: [...clock.problems, problem('clock', 'rests_do_not_close', 'warn', ['clock.pins'])],
      };
      break;
    }
    items = withRests(items, clock.lengthened);
    plans = planned(company);
    clock = clockOf(plans);
  }
  const muchFor = tooMuch(plans, meal.mouthCount);
  return {
    items: muchFor.length ? plans.map((p) => ({ ...p, problems: [...p.problems, ...muchFor] })) : plans,
    clock,
    needs: needsOf(items, plans),
    who: whoEats(meal, items, plans, labels),
    doughs,
  };
}

/** Whether a day goes as the cook holds it. */
const holds = ({ problems }: ClockPlan): boolean => !problems.some((p) => p.code === 'pins_do_not_go');

/** So often a day and its Cold Lines are brought together before it is said that they do not agree. */
const mostRounds = 3;

/** Items with the rests that a day makes longer as long as it makes them: of this plan only, nothing of it is kept. */
const withRests = (items: readonly ItemInput[], lengthened: readonly Lengthened[]): ItemInput[] =>
  items.map((item, i) => {
    const longer = new Map((item.clock.longer ?? []).map((l) => [l.stepId, l.minutes]));
    for (const l of lengthened)
      if (l.itemIndex === i) longer.set(l.stepId, Math.min(longestRestMore, (longer.get(l.stepId) ?? 0) + l.minutes));
    return longer.size === 0
      ? item
      : { ...item, clock: { ...item.clock, longer: [...longer].map(([stepId, minutes]) => ({ stepId, minutes })) } };
  });

/** What the Clock takes of each item. */
export const scheduled = (
  items: readonly ItemInput[],
  plans: readonly ItemPlan[],
  doughs: readonly SharedDough[],
  kitchen: KitchenInput,
): Scheduled[] => {
  const cooked = (p: ItemPlan) => p.steps.some((s) => s.code === 'cookFilling');
  const washes = washesPots(plans.filter(cooked).length, kitchen);
  return items.map(({ title, clock, oven }, i): Scheduled => {
    const { oven: bake } = plans[i];
    const steps = washes && cooked(plans[i]) ? [...plans[i].steps, washPot(kitchen)] : plans[i].steps;
    const batch = doughs.find((d) => d.members.some((m) => m.index === i && m !== d.members[0]));
    return {
      title,
      ...(batch ? { doughOf: batch.members[0].index } : {}),
      cook: clock.cook,
      ...(clock.pins?.length ? { pins: clock.pins } : {}),
      heats: heatsOf(oven),
      mode: oven.mode,
      steps,
      oven: oven.inSecond && kitchen.secondOven ? 1 : 0,
      trays: bake.trays,
      lies: roomInCold(plans[i]),
      preheatMin: bake.preheatMin,
      blindPreheatMin: bake.blindPreheatMin,
    };
  });
};

/** The rest of a dough that serves several says how it is divided first; where it is too little for all, that is said. */
function toldToDivide(plan: ItemPlan, index: number, doughs: readonly SharedDough[]): ItemPlan {
  const batch = doughs.find((d) => d.members[0].index === index);
  if (!batch) return plan;
  const shares = JSON.stringify(batch.members.map((m) => [m.title, Math.round(m.grams)]));
  const divided =
    plan.steps.find((s) => s.code === 'rest') ?? plan.steps.find((s) => s.code === 'mix' || s.code === 'rubIn');
  const othersG = batch.members.slice(1).reduce((sum, m) => sum + m.grams, 0);
  const shortG = othersG - plan.dough.surplusG;
  const said = plan.problems.some((p) => p.code === 'dough_short');
  return {
    ...plan,
    problems:
      shortG > 0.01 * othersG && !said
        ? [...plan.problems, problem('dough', 'dough_short', 'warn', ['dough.askValue'], { shortG, neededG: othersG })]
        : plan.problems,
    steps: plan.steps.map((s) => (s === divided ? { ...s, values: { ...s.values, shares } } : s)),
  };
}

/** More filling than this for each, all dishes together, is not meant, g (estimate). */
const mostForEachG = 1200;

/** A day that holds far more than its people eat is questioned, not planned in silence. */
function tooMuch(plans: readonly ItemPlan[], people: number): Problem[] {
  const eachG = plans.reduce((sum, p) => sum + p.filling.totalG, 0) / Math.max(1, people);
  return eachG > mostForEachG
    ? [problem('brief', 'much_for_each', 'warn', ['brief.count', 'meal.mouthCount'], { eachG, people })]
    : [];
}
