import { Goals } from './goals';
import type { DayPlan, Instance } from './instance';
import { laidOf, planOf } from './laidPlan';
import { none, openNetwork, origin, serving } from './network';
import { ordersOf } from './orders';

/**
 * A plan with everything as late as its orders and the table allow: what waits, waits no longer than it has to. Hours of the
 * cooks and three bakes on two shelves are no bounds between two steps: the checker has to pass it again. `bakesStay` leaves
 * the ovens as they are. Null where the orders are none of this day. One sweep after the other over the bounds (Bellman and
 * Ford), a fraction of what closing the network takes.
 */
export function rightAligned(day: Instance, plan: DayPlan, bakesStay = false): DayPlan | null {
  const net = openNetwork(day);
  const { N, D, start, end, endOff } = net;
  const laid = laidOf(net, plan);
  const arcs: (readonly [u: number, v: number, w: number])[] = [
    [origin, serving, plan.serve],
    [serving, origin, -plan.serve],
    ...ordersOf(net, laid).map(({ a, b, gap }) => [end[a], start[b], endOff[a] + gap] as const),
  ];
  if (bakesStay)
    day.steps.forEach((s, i) => {
      if (s.oven) arcs.push([origin, start[i], laid.start[i]], [start[i], origin, -laid.start[i]]);
    });
  for (let u = 0; u < N; u++)
    for (let v = 0; v < N; v++) if (u !== v && D[u * N + v] > none) arcs.push([u, v, D[u * N + v]]);
  const at = new Int32Array(N);
  laid.start.forEach((t, i) => (at[start[i]] = t));
  laid.end.forEach((t, i) => (at[end[i]] = t - endOff[i]));
  arcs.sort((x, y) => at[y[1]] - at[x[1]]);
  const latest = new Int32Array(N).fill(day.horizon[1] + 1);
  latest[origin] = 0;
  for (let moved = true; moved;) {
    moved = false;
    for (const [u, v, w] of arcs)
      if (latest[v] - w < latest[u]) {
        if (u === origin) return null;
        latest[u] = latest[v] - w;
        moved = true;
      }
  }
  const late = {
    ...laid,
    start: laid.start.map((_, i) => latest[start[i]]),
    end: laid.end.map((_, i) => latest[end[i]] + endOff[i]),
  };
  return planOf(net, { laid: late, score: new Goals(net).of(late) });
}
