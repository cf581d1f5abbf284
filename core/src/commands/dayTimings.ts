import { join } from 'node:path';
import { checkPlan } from '../clock/planner/checker';
import { servedLater } from '../clock/planner/choices';
import { replan } from '../clock/planner/replan';
import { solve } from '../clock/planner/solve';
import { halfThrough } from '../testing/halfThrough';
import { goldenDays } from './goldenDays';

const reference = join(__dirname, '../../golden/clock');

/** A table of a late day may be so much later, min. */
const mostLaterMin = 180;
/** Work of a plan that is asked for (clock.md 12), units. */
const usualUnits = 220_000;

/** Times of the reference days, ms: until the first plan, until the plan, until a day half through and late is laid anew; each plan checked. */
export function dayTimings(): Record<'first' | 'whole' | 'again', number[]> & { broken: number } {
  const { days, read } = goldenDays(reference);
  const taken = { first: [] as number[], whole: [] as number[], again: [] as number[], broken: 0 };
  for (const known of days.filter((d) => d.status !== 'infeasible')) {
    const day = read(known);
    const from = performance.now();
    let first: number | null = null;
    const solved = solve(day, { units: usualUnits, onPlan: () => void (first ??= performance.now() - from) });
    taken.whole.push(performance.now() - from);
    if (first !== null) taken.first.push(first);
    if (solved.status !== 'planned') continue;
    taken.broken += checkPlan(day, solved.plan).length;
    const late = performance.now();
    const later = servedLater(day, mostLaterMin);
    const again = replan(later, solved.plan, halfThrough(later, solved.plan));
    taken.again.push(performance.now() - late);
    if (again.solved.status === 'planned') taken.broken += checkPlan(again.instance, again.solved.plan).length;
  }
  for (const times of [taken.first, taken.whole, taken.again]) times.sort((a, b) => a - b);
  return taken;
}
