import type { DayPlan, Instance } from '../clock/planner/instance';
import type { Happened } from '../clock/planner/replan';

/** How late the steps in hand are, min. */
const heldUpMin = 25;

/** A day half through: what is over is over as planned, what runs lasts longer. */
export function halfThrough(day: Instance, plan: DayPlan): Happened {
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
