import { Goals } from './goals';
import type { DayPlan, Instance } from './instance';
import { none } from './network';
import { orderedNetwork } from './orders';
import { planOf } from './solve';

/**
 * A plan with everything as late as its orders and the table allow: what waits, waits no longer than it has to. Hours of the
 * cooks are no part of the network: the checker has to pass it again.
 */
export function rightAligned(day: Instance, plan: DayPlan): DayPlan {
  const { net, laid } = orderedNetwork(day, plan);
  const latest = (node: number, was: number) => (net.D[node * net.N] > none ? -net.D[node * net.N] : was);
  const late = {
    ...laid,
    start: Int32Array.from(laid.start, (was, i) => latest(net.start[i], was)),
    end: Int32Array.from(laid.end, (was, i) => latest(net.end[i], was - net.endOff[i]) + net.endOff[i]),
  };
  return planOf(net, { laid: late, score: new Goals(net).of(late) });
}
