import { simulateBake, browning, type Bake } from './bake';
import type { BakeSpec } from './bakeInput';
import { brittle, coldDishC, fillingKinds, colourLevel, type ColourLevel } from './tables';

export type BakeAdvice =
  | {
      code: 'BROWN_AHEAD';
      tentFromMin: number;
      lower: { byC: number; proposedMin: number } | null;
      tentedProposedMin: number | null;
      levelWithTent: ColourLevel | null;
    }
  | { code: 'PALE_AT_DONE'; raiseC: number }
  | { code: 'BASE_BEHIND'; lowRackProposedMin: number | null }
  | { code: 'ROTATE'; atMin: number }
  | { code: 'THERMAL_SHOCK' }
  | { code: 'PROBE'; targetC: number }
  | { code: 'LOAD_HEAVY'; wallDropC: number }
  | { code: 'NEVER_READY'; binds: string };

export interface BakePlan extends Bake {
  /** Hot enough for long enough everywhere, min: the later one of what may stand under it, and never sooner in a fast kitchen. */
  safeMin: number | null;
  proposedMin: number | null;
  rangeMin: [number, number] | null;
  uncertaintyPct: number;
  kitchenFactor: number;
  levelProposed: ColourLevel | null;
  advice: BakeAdvice[];
}

const betweenKitchens = 0.17;
const bakeToBake = 0.13;

/**
 * This kitchen's factor from earlier bakes (actual minutes over proposed), and the spread still left. Estimates of both spreads.
 * @example kitchenFactor([1.1, 1.1, 1.1]).factor // 1.083
 */
export function kitchenFactor(ratios: readonly number[]): { factor: number; sigma: number; n: number } {
  const n = ratios.length;
  const variance = betweenKitchens ** 2 / (1 + (n * betweenKitchens ** 2) / bakeToBake ** 2) + bakeToBake ** 2;
  const logs = ratios.reduce((sum, r) => sum + Math.log(r), 0);
  return { factor: Math.exp(logs / (n + bakeToBake ** 2 / betweenKitchens ** 2)), sigma: Math.sqrt(variance), n };
}

const runsAhead = (bake: Bake): boolean =>
  bake.times.dark !== null && bake.proposedAll !== null && bake.times.dark < 1.15 * bake.proposedAll;

/** The bake with its range, corrected for this kitchen, and what to watch. A fast kitchen never shortens the safety time. */
// oxlint-disable-next-line max-lines-per-function -- one bake from heat to first, proposed and last minute
export function planBakeTime(spec: BakeSpec, myBakes: readonly number[] = []): BakePlan {
  const kitchen = kitchenFactor(myBakes);
  const known: BakeSpec = spec.support === 'unknown' ? { ...spec, support: 'tray' } : spec;
  let bake = simulateBake(known);
  let sigma = kitchen.sigma;
  let { earliest, proposed, latest, lookAt } = bake;
  let safe = bake.times.safe;
  if (spec.support === 'unknown') {
    const dark = simulateBake({ ...spec, support: 'trayDark' });
    if (earliest !== null && dark.earliest !== null && proposed !== null && dark.proposed !== null) {
      sigma = Math.sqrt(sigma ** 2 + (0.5 * Math.log(proposed / dark.proposed)) ** 2);
      earliest = Math.sqrt(earliest * dark.earliest);
      proposed = Math.sqrt(proposed * dark.proposed);
      latest = Math.min(latest ?? Infinity, dark.latest ?? Infinity);
      lookAt = Math.min(lookAt ?? Infinity, dark.lookAt ?? Infinity);
      safe = Math.max(safe ?? 0, dark.times.safe ?? 0);
    }
  }
  const uncertaintyPct = Math.round(100 * (Math.exp(sigma) - 1));
  const safeMin = bake.times.safe === null || safe === null ? null : safe * Math.max(1, kitchen.factor);
  const base = { uncertaintyPct, kitchenFactor: kitchen.factor, safeMin };
  if (proposed === null || earliest === null || latest === null || lookAt === null || bake.proposedAll === null) {
    return {
      ...bake,
      ...base,
      earliest: null,
      proposed: null,
      latest: null,
      proposedMin: null,
      rangeMin: null,
      levelProposed: null,
      advice: [{ code: 'NEVER_READY', binds: bake.binds }],
    };
  }
  const advice: BakeAdvice[] = [];
  const t = bake.times;
  const core = t.core ?? 0;
  if (runsAhead(bake)) {
    const tentFromMin = bake.series.find((row) => row.browning >= browning.tentFrom)?.tMin ?? Math.floor(proposed);
    const tented = simulateBake({ ...known, tents: [...(known.tents ?? []), [tentFromMin, 240]] });
    let lower: { byC: number; proposedMin: number } | null = null;
    for (const byC of [10, 20, 30, 40]) {
      const steps = known.oven.steps.map((s) => ({ ...s, setC: s.setC - byC }));
      if (steps.some((s) => s.setC < 50)) break;
      const cooler = simulateBake({ ...known, oven: { ...known.oven, steps } });
      if (cooler.proposed !== null && !runsAhead(cooler)) {
        lower = { byC, proposedMin: cooler.proposed };
        break;
      }
    }
    advice.push({
      code: 'BROWN_AHEAD',
      tentFromMin,
      lower,
      tentedProposedMin: tented.proposed,
      levelWithTent: tented.atProposed && colourLevel(tented.atProposed.browning),
    });
    if (bake.conflict && tented.proposed !== null) {
      ({ earliest, proposed, latest, lookAt } = tented as {
        earliest: number;
        proposed: number;
        latest: number;
        lookAt: number;
      });
      bake = { ...bake, atProposed: tented.atProposed };
    }
  }
  const others = Math.max(core, t.baseSet ?? 0, t.baseDry ?? 0, t.lid ?? 0);
  if (bake.binds === 'golden' && (t.golden ?? 0) - others > Math.max(6, 0.5 * others))
    advice.push({ code: 'PALE_AT_DONE', raiseC: 10 });
  if (bake.binds === 'baseDry' && (t.baseDry ?? 0) - Math.max(core, t.mid ?? 0, t.lid ?? 0) > 4) {
    const low = simulateBake({ ...known, oven: { ...known.oven, rack: 'low' } });
    advice.push({ code: 'BASE_BEHIND', lowRackProposedMin: low.proposed });
  }
  if (proposed >= 15) advice.push({ code: 'ROTATE', atMin: Math.round(0.6 * proposed) });
  if (
    brittle.has(spec.vessel?.material ?? '') &&
    (spec.filling.startC <= -1 || (spec.supportPreheated && spec.filling.startC < coldDishC))
  )
    advice.push({ code: 'THERMAL_SHOCK' });
  const { raw, coreC } = fillingKinds[spec.filling.type];
  if (raw) advice.push({ code: 'PROBE', targetC: spec.filling.coreTargetC ?? coreC });
  const atTen = bake.series[10];
  const set = (spec.oven.steps[0]?.setC ?? 0) + (spec.oven.offsetC ?? 0);
  if ((spec.oven.preheated ?? true) && spec.oven.steps.length === 1 && atTen && set - atTen.wallC > 25)
    advice.push({ code: 'LOAD_HEAVY', wallDropC: set - atTen.wallC });

  const f = kitchen.factor;
  const floor = safe ?? 0;
  const planned = Math.max(f * proposed, floor);
  const low = raw ? Math.max(planned * Math.exp(-sigma), floor) : planned * Math.exp(-sigma);
  return {
    ...bake,
    ...base,
    earliest: Math.max(f * earliest, floor),
    proposed: planned,
    latest: Math.max(f * latest, planned),
    lookAt: Math.min(f * lookAt, planned),
    proposedMin: Math.round(planned),
    rangeMin: [Math.round(low), Math.round(planned * Math.exp(sigma))],
    levelProposed: bake.atProposed && colourLevel(bake.atProposed.browning),
    advice,
  };
}
