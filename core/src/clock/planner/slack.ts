import type { DayPlan, Instance } from './instance';
import { none } from './network';
import { orderedNetwork } from './orders';

/** How much sooner and later a step could begin with the order of everything kept. */
export interface Play {
  step: string;
  earlier: number;
  later: number;
  critical: boolean;
}

/** The play of every step of a plan, minutes: nothing of it is play where it is critical. */
export function playOf(day: Instance, plan: DayPlan): Play[] {
  const { net, laid } = orderedNetwork(day, plan);
  const { D, N, start } = net;
  return day.steps.map((s, i) => {
    const latest = D[start[i] * N] > none ? -D[start[i] * N] : laid.start[i];
    const earlier = Math.max(0, laid.start[i] - D[start[i]]);
    const later = Math.max(0, latest - laid.start[i]);
    return { step: s.id, earlier, later, critical: later === 0 };
  });
}
