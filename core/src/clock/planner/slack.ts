import type { DayPlan, Instance } from './instance';
import { attentionEach } from './instance';
import { networkOf, none, serving, tighten } from './network';
import { batchesOf, changeMin } from './ovens';
import { laidOf } from './solve';

/** How much sooner and later a step could begin with the order of everything kept. */
export interface Play {
  step: string;
  earlier: number;
  later: number;
  critical: boolean;
}

/** The play of every step of a plan, minutes: nothing of it is play where it is critical. */
export function playOf(day: Instance, plan: DayPlan): Play[] {
  const net = networkOf(day);
  const { n, N, D, start, end, endOff, attention, needs } = net;
  const laid = laidOf(net, plan);
  const before = (a: number, b: number, gap: number) => tighten(D, N, end[a], start[b], endOff[a] + gap);
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) {
      if (a === b || laid.end[a] > laid.start[b]) continue;
      const hands = laid.cook[a] >= 0 && laid.cook[a] === laid.cook[b] && attention[a] + attention[b] > attentionEach;
      const places = needs[a].some(([r, q]) => needs[b].some(([s, p]) => r === s && q + p > day.resources[r].cap));
      if (hands || places) before(a, b, 0);
    }
  day.ovens.forEach((o, k) => {
    const bakes = day.steps.flatMap((s, i) =>
      s.oven && laid.oven[i] === k ? [{ step: i, start: laid.start[i], end: laid.end[i], need: s.oven }] : [],
    );
    const batches = batchesOf(o, bakes);
    for (let x = 1; x < batches.length; x++) {
      const gap = changeMin(o, batches[x - 1].temp ?? 0, batches[x].temp ?? 0);
      for (const a of batches[x - 1].bakes)
        for (const b of batches[x].bakes) before(a.step, b.step, Math.min(gap, laid.start[b.step] - laid.end[a.step]));
    }
  });
  tighten(D, N, 0, serving, plan.serve);
  tighten(D, N, serving, 0, -plan.serve);
  return day.steps.map((s, i) => {
    const latest = D[start[i] * N] > none ? -D[start[i] * N] : laid.start[i];
    const earlier = Math.max(0, laid.start[i] - D[start[i]]);
    const later = Math.max(0, latest - laid.start[i]);
    return { step: s.id, earlier, later, critical: later === 0 };
  });
}
