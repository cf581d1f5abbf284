import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';

/** What differs between two bakes, in the order it is changed from one to the other. */
export const carriedSteps = ['size', 'dish', 'crusts', 'start', 'load', 'heat', 'oven'] as const;
export type CarriedStep = (typeof carriedSteps)[number];

/** Minutes by the simulation from one bake to another, a change at a time; only what changes is listed. */
export interface Carried {
  fromMin: number | null;
  steps: { step: CarriedStep; minutes: number | null }[];
  toMin: number | null;
}

/** One kind of thing as it is in the other bake. */
function taken(spec: BakeSpec, to: BakeSpec, step: CarriedStep): BakeSpec {
  const { oven } = spec;
  switch (step) {
    case 'size':
      return { ...spec, shape: to.shape, filling: { ...spec.filling, depthMm: to.filling.depthMm } };
    case 'dish':
      return {
        ...spec,
        vessel: to.vessel,
        support: to.support,
        supportPreheated: to.supportPreheated,
        under: to.under,
      };
    case 'crusts':
      return {
        ...spec,
        top: to.top,
        base: to.base,
        filling: { ...to.filling, depthMm: spec.filling.depthMm, startC: spec.filling.startC },
        wash: to.wash,
        readyBrowning: to.readyBrowning,
        sugarPct: to.sugarPct,
        milkSolidsPct: to.milkSolidsPct,
      };
    case 'start':
      return { ...spec, filling: { ...spec.filling, startC: to.filling.startC }, crustStartC: to.crustStartC };
    case 'load':
      return {
        ...spec,
        load: to.load,
        beside: to.beside,
        oven: { ...oven, doorOpenMin: to.oven.doorOpenMin, doorOpenS: to.oven.doorOpenS, loadDoorS: to.oven.loadDoorS },
      };
    case 'heat':
      return {
        ...spec,
        tents: to.tents,
        oven: { ...oven, mode: to.oven.mode, steps: to.oven.steps, rack: to.oven.rack, steamMin: to.oven.steamMin },
      };
    case 'oven':
      return { ...spec, oven: to.oven };
  }
}

const text = (spec: BakeSpec): string =>
  JSON.stringify(spec, (_, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );

/**
 * How a bake comes to other minutes: size and depth, dish, crusts and filling, how cold it goes in, what else is in the oven, heat,
 * and the oven itself are changed one after the other, and each is simulated. Minutes are the simulation's own, before what a kitchen
 * has taught; null where it is never ready. What comes first takes what both would explain.
 */
export function carried(from: BakeSpec, to: BakeSpec): Carried {
  const minutes = (spec: BakeSpec) => simulateBake(known(spec)).proposed;
  const fromMin = minutes(from);
  let spec = from;
  let last = fromMin;
  const steps: Carried['steps'] = [];
  for (const step of carriedSteps) {
    const next = taken(spec, to, step);
    if (text(next) === text(spec)) continue;
    spec = next;
    last = minutes(spec);
    steps.push({ step, minutes: last });
  }
  return { fromMin, steps, toMin: last };
}

const known = (spec: BakeSpec): BakeSpec => (spec.support === 'unknown' ? { ...spec, support: 'tray' } : spec);
