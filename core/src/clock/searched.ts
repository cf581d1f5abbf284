import type { KitchenInput } from '../contracts/kitchen';
import { remember } from '../plan/memo';
import { dayOf, type DayWays } from './compile';
import { rightAligned } from './planner/aligned';
import { checkPlan } from './planner/checker';
import type { DayPlan, Instance } from './planner/instance';
import { solve } from './planner/solve';
import type { Scheduled, TableOfDay } from './scheduled';

/**
 * Work of the search in a plan that follows every change, units: beside a chain that goes, and where it does not or something
 * is held; and of a day that was asked to be searched.
 */
export const searchUnits = { beside: 15_000, needed: 20_000, asked: 120_000 };

export interface SearchedDay {
  day: Instance;
  /** The plan that was found, which the checker lets pass; null where there is none. */
  plan: DayPlan | null;
}

/**
 * A day searched as a whole: first with every rest as long as it has to be, then, where that cannot be, with rests that give.
 * Null for a day that the planner does not take.
 */
export function searchedDay(
  items: readonly Scheduled[],
  kitchen: KitchenInput,
  table: TableOfDay,
  {
    units = table.laid === 'searched' ? searchUnits.asked : searchUnits.needed,
    ...now
  }: Pick<DayWays, 'nowMin'> & { units?: number } = {},
): SearchedDay | null {
  const ways: DayWays = { ...now, asHeld: items.some((i) => i.pins?.length) };
  const tight = dayOf(items, kitchen, table, ways);
  if (!tight || tight.horizon[1] <= tight.horizon[0]) return null;
  const first = found(tight, units);
  if (first) return { day: tight, plan: first };
  const day = dayOf(items, kitchen, table, { ...ways, restsGive: true }) ?? tight;
  const plan = found(day, units);
  if (!plan) return { day, plan };
  // a rest that gives is no longer than it has to be
  const aligned = rightAligned(day, plan);
  return { day, plan: aligned && checkPlan(day, aligned).length === 0 ? aligned : plan };
}

const found = (day: Instance, units: number): DayPlan | null =>
  remember(['day', day, units], () => {
    const solved = solve(day, { units });
    return { plan: solved.status === 'planned' && checkPlan(day, solved.plan).length === 0 ? solved.plan : null };
  }).plan;
