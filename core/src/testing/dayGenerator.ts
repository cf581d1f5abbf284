import type { Instance, Lag, PlannerStep } from '../clock/planner/instance';
import { Throws } from '../clock/planner/random';

/** A made-up day for fuzzing: one to four items of a dough, a filling and a bake, one or two cooks, one oven; always the same for a seed. */
export function generatedDay(seed: number, items = 1 + (seed % 4)): Instance {
  const r = new Throws(`day ${seed}`);
  const five = (a: number, b: number) => a + 5 * r.below(Math.floor((b - a) / 5) + 1);
  const steps: PlannerStep[] = [];
  const lags: Lag[] = [];
  const serveAt = 2550;
  const lag = (
    from: Lag['from'],
    to: Lag['to'],
    min: number | null,
    max: number | null,
    grade: Lag['grade'] = 'quality',
  ) => lags.push({ id: `L${lags.length + 1}`, from, to, min, max, why: `${from[0]} before ${to[0]}`, grade });
  const list = Array.from({ length: items }, (_, k) => {
    const id = 'abcd'[k];
    const temp = 160 + 10 * r.below(7);
    const push = (s: Omit<PlannerStep, 'item'>) => steps.push({ ...s, item: id });
    push({ id: `${id}.mix`, kind: 'active', min: five(5, 20), max: 0, needs: { surface: 1 } });
    const chill = five(20, 60);
    push({ id: `${id}.chill`, kind: 'passive', min: chill, max: chill + 240, needs: { fridge: 1 } });
    push({
      id: `${id}.roll`,
      kind: 'active',
      min: five(5, 20),
      max: 0,
      needs: { surface: 1 },
      risk: { want: 10, weight: 1 },
    });
    push({ id: `${id}.wash`, kind: 'active', small: true, min: 5, max: 5, needs: {} });
    const bake = five(20, 55);
    push({
      id: `${id}.bake`,
      kind: 'passive',
      min: bake,
      max: bake,
      needs: {},
      oven: { temp, tol: 10, slots: 1, tray: 1 },
    });
    push({ id: `${id}.out`, kind: 'active', small: true, min: 2, max: 2, needs: {} });
    lag([`${id}.mix`, 'end'], [`${id}.chill`, 'start'], 0, 10);
    lag([`${id}.chill`, 'end'], [`${id}.roll`, 'start'], 0, 10);
    lag([`${id}.roll`, 'end'], [`${id}.wash`, 'start'], 0, 30, 'safety');
    lag([`${id}.wash`, 'end'], [`${id}.bake`, 'start'], 0, 5);
    lag([`${id}.bake`, 'end'], [`${id}.out`, 'start'], 0, 0, 'physics');
    if (r.next() < 0.6) {
      push({ id: `${id}.cook`, kind: 'watch', min: five(15, 45), max: 0, needs: { hob: 1 } });
      push({ id: `${id}.cool`, kind: 'passive', min: five(30, 60), max: 600, needs: { fridge: 1 } });
      lag([`${id}.cook`, 'end'], [`${id}.cool`, 'start'], 0, 15, 'safety');
      lag([`${id}.cool`, 'end'], [`${id}.roll`, 'end'], 0, null);
    }
    return { id, name: id, serve: { step: `${id}.out`, min: 5, max: five(20, 120), want: 20, weight: 1 } };
  });
  for (const s of steps) if (s.max === 0) s.max = s.min;
  const from = 2550 - five(180, 600);
  const cooks = Array.from({ length: 1 + r.below(2) }, (_, k) => ({
    id: `c${k + 1}`,
    windows: (r.next() < 0.3
      ? [
          [from, 2300],
          [2360, 2700],
        ]
      : [[from, 2700]]
    ).filter(([a, b]) => b > a) as [number, number][],
  }));
  return {
    schema: 1,
    id: `generated-${seed}`,
    grid: 1,
    horizon: [from, 2700],
    serve: { at: serveAt, maxLate: r.next() < 0.5 ? 0 : 60 },
    goals: { lastWindow: 60, lastBucket: 5, staleBucket: 5, spanBucket: 15, sessionGap: 15 },
    cooks,
    ovens: [
      { id: 'oven', slots: 1 + r.below(3), tray: 2, tMin: 50, tMax: 250, ambient: 20, heat: 12, cool: 6, keepOn: 45 },
    ],
    resources: [
      { id: 'fridge', cap: 2 + r.below(4) },
      { id: 'surface', cap: 1 },
      { id: 'hob', cap: 2 },
    ],
    items: list,
    steps,
    lags,
    budgets: [],
  };
}
