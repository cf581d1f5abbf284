import { join } from 'node:path';
import { checkPlan } from '../clock/planner/checker';
import type { DayPlan, Instance } from '../clock/planner/instance';
import { replan, type Happened } from '../clock/planner/replan';
import { solve } from '../clock/planner/solve';
import { goldenDays } from './goldenDays';

const reference = join(__dirname, '../../golden/clock');

/** How often a day is laid anew as it runs, and how late the step in hand is then, min. */
const heldUpMin = 25;
/** Work of a plan that is asked for (clock.md 12), units. */
const usualUnits = 220_000;

/** A day half through: what is over is over as planned, what runs lasts longer. */
function halfThrough(day: Instance, plan: DayPlan): Happened {
  const starts = Object.values(plan.steps).map((s) => s.start);
  const now = Math.round((Math.min(...starts) + plan.serve) / 2);
  const happened: Happened = { now: now + heldUpMin, done: {}, running: {} };
  for (const { id, kind } of day.steps) {
    const at = plan.steps[id];
    if (at.end <= now) happened.done[id] = at;
    else if (at.start < now)
      happened.running[id] = {
        ...at,
        end: kind === 'passive' && day.steps.some((s) => s.id === id && s.min < s.max) ? null : at.end + heldUpMin,
      };
  }
  return happened;
}

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
    const again = replan(day, solved.plan, halfThrough(day, solved.plan));
    taken.again.push(performance.now() - late);
    if (again.solved.status === 'planned') taken.broken += checkPlan(again.instance, again.solved.plan).length;
  }
  for (const times of [taken.first, taken.whole, taken.again]) times.sort((a, b) => a - b);
  return taken;
}
