import { attentionEach, type DayPlan, type Instance } from './instance';
import type { Laid } from './goals';
import { networkOf, origin, serving, tighten, type Network } from './network';
import { batchesOf, changeMin } from './ovens';
import { laidOf } from './laidPlan';

/** Why one step of a plan comes before another, where no bound of the day says so. */
export type OrderBy = { by: 'hands'; cook: string } | { by: 'place'; place: string } | { by: 'oven'; oven: string };

/** An order a plan decided: `a` is over, and `gap` minutes more, before `b` begins. */
export interface Order {
  a: number;
  b: number;
  gap: number;
  why: OrderBy;
}

/** The orders a plan decided: for a pair of hands, a place, or an oven and its heats. */
export function ordersOf(net: Network, laid: Laid): Order[] {
  const { instance: day, n, attention, needs } = net;
  const orders: Order[] = [];
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) {
      if (a === b || laid.end[a] > laid.start[b]) continue;
      if (laid.cook[a] >= 0 && laid.cook[a] === laid.cook[b] && attention[a] + attention[b] > attentionEach)
        orders.push({ a, b, gap: 0, why: { by: 'hands', cook: day.cooks[laid.cook[a]].id } });
      const place = needs[a].find(([r, q]) => needs[b].some(([s, p]) => r === s && q + p > day.resources[r].cap));
      if (place) orders.push({ a, b, gap: 0, why: { by: 'place', place: day.resources[place[0]].id } });
    }
  day.ovens.forEach((o, k) => {
    const bakes = day.steps.flatMap((s, i) =>
      s.oven && laid.oven[i] === k ? [{ step: i, start: laid.start[i], end: laid.end[i], need: s.oven }] : [],
    );
    const batches = batchesOf(o, bakes);
    for (let x = 1; x < batches.length; x++) {
      const change = changeMin(o, batches[x - 1].temp ?? 0, batches[x].temp ?? 0);
      for (const { step: a } of batches[x - 1].bakes)
        for (const { step: b } of batches[x].bakes)
          orders.push({ a, b, gap: Math.min(change, laid.start[b] - laid.end[a]), why: { by: 'oven', oven: o.id } });
    }
  });
  return orders;
}

/** A day's network with the orders of a plan in it and its table fixed; `orders` are those that were decided. */
export function orderedNetwork(day: Instance, plan: DayPlan): { net: Network; laid: Laid; orders: Order[] } {
  const net = networkOf(day);
  const { N, D, start, end, endOff } = net;
  const laid = laidOf(net, plan);
  // an order that contradicts the bounds by a rounding is none
  const orders = ordersOf(net, laid).filter(({ a, b, gap }) => tighten(D, N, end[a], start[b], endOff[a] + gap));
  tighten(D, N, origin, serving, plan.serve);
  tighten(D, N, serving, origin, -plan.serve);
  return { net, laid, orders };
}
