import type { Laid } from './goals';
import type { DayPlan } from './instance';
import type { Network } from './network';
import { batchesOf } from './ovens';

/** A plan as numbers, and how good it is by the goals. */
export interface Scored {
  laid: Laid;
  score: number[];
}

/** A laid plan in the words of its day. */
export function planOf(net: Network, { laid, score }: Scored): DayPlan {
  const { instance } = net;
  const steps: DayPlan['steps'] = {};
  instance.steps.forEach((s, i) => {
    steps[s.id] = {
      start: laid.start[i],
      end: laid.end[i],
      cook: laid.cook[i] >= 0 ? instance.cooks[laid.cook[i]].id : null,
      oven: laid.oven[i] >= 0 ? instance.ovens[laid.oven[i]].id : null,
    };
  });
  const batches = instance.ovens.flatMap((o, k) => {
    const bakes = instance.steps.flatMap((s, i) =>
      s.oven && laid.oven[i] === k ? [{ step: i, start: laid.start[i], end: laid.end[i], need: s.oven }] : [],
    );
    let before: { end: number; temp: number } | null = null;
    return batchesOf(o, bakes).map((b) => {
      const temp = b.temp ?? 0;
      const cold = !before || b.start - before.end > o.keepOn;
      before = { end: b.end, temp };
      return {
        oven: o.id,
        start: b.start,
        end: b.end,
        temp,
        steps: b.bakes.map((x) => instance.steps[x.step].id),
        ...(cold ? { preheatFrom: b.start - Math.ceil((temp - o.ambient) / o.heat) } : {}),
      };
    });
  });
  return { instance: instance.id, serve: laid.serve, steps, batches, score };
}

/** A plan of the day as numbers. */
export function laidOf(net: Network, plan: DayPlan): Laid {
  const { instance } = net;
  return {
    serve: plan.serve,
    start: Int32Array.from(instance.steps, (s) => plan.steps[s.id].start),
    end: Int32Array.from(instance.steps, (s) => plan.steps[s.id].end),
    cook: Int8Array.from(instance.steps, (s) => instance.cooks.findIndex((c) => c.id === plan.steps[s.id].cook)),
    oven: Int8Array.from(instance.steps, (s) => instance.ovens.findIndex((o) => o.id === plan.steps[s.id].oven)),
  };
}
