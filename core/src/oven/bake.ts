import type { BakeSpec } from './bakeInput';
import { dryAt } from './tables';
import { bakeSetup, fillingCells, topCells, type BakeSetup } from './bakeSetup';
import { BakeStepper, type StepResult } from './bakeStep';
import { Oven } from './ovenState';
import { layStack, stack } from './stack';

export const constraintNames = ['golden', 'core', 'baseSet', 'baseDry', 'lid'] as const;
export type Constraint = (typeof constraintNames)[number];

export const browning = { golden: 1, mid: 1.65, deep: 6, dark: 10, tentFrom: 2.5 } as const;
const lidDryAt = 0.25;
const gelC = 78;
const gelMinutes = 2;
const longestMin = 240;

export interface SeriesRow {
  tMin: number;
  airC: number;
  wallC: number;
  surfaceC: number;
  baseC: number;
  coreC: number;
  browning: number;
  baseDryness: number;
  lidDryness: number;
  steamGMin: number;
}

/** The row of a bake at a minute, or its last. */
export const rowAt = (series: readonly SeriesRow[], minute: number): SeriesRow =>
  series[Math.max(0, Math.min(series.length - 1, Math.round(minute)))];

/** The last minute a bake was followed to. */
export const lastMinute = (series: readonly SeriesRow[]): number => series[series.length - 1].tMin;

/** From and to when a lid is within so much browning, within the bake; null where it never is. */
export function minutesBrowned(
  series: readonly SeriesRow[],
  [low, high]: readonly [number, number],
  untilMin = Infinity,
): [number, number] | null {
  const within = series.filter((r) => r.browning >= low && r.browning <= high && r.tMin <= untilMin);
  return within.length > 1 ? [within[0].tMin, within[within.length - 1].tMin] : null;
}

type Times = {
  golden: number | null;
  mid: number | null;
  deep: number | null;
  dark: number | null;
  hot: number | null;
  safe: number | null;
  soft: number | null;
  baseSet: number | null;
  baseDry: number | null;
  lid: number | null;
  dry: number | null;
  boil: number | null;
  /** Its middle passes what its egg bears. */
  weeps: number | null;
};

export interface Bake {
  /** Minutes; null when not reached within 240. */
  earliest: number | null;
  proposed: number | null;
  latest: number | null;
  lookAt: number | null;
  /** What the middle has to reach, °C: by the filling, or as asked. */
  targetC: number;
  /** The constraint that decides, or `never:` and what is missing. */
  binds: string;
  conflict: boolean;
  proposedAll: number | null;
  times: Times & { core: number | null };
  atProposed: { browning: number; baseDryness: number; lidDryness: number; coreC: number; surfaceC: number } | null;
  steamMaxGMin: number;
  steamTotalG: number;
  boilMin: number;
  lostFraction: number;
  boilingC: number;
  loadC: number;
  crustLoadC: number;
  pieces: number;
  series: SeriesRow[];
}

/** Smooth maximum: near-equal uncertain times end later together than the latest of their expected values. */
function smoothMaximum(times: number[]): number {
  const m = Math.max(...times);
  return m === 0 ? 0 : m * times.reduce((sum, t) => sum + (t / m) ** 12, 0) ** (1 / 12);
}

/** Running observers of one bake: colour, core, dice, base and lid. */
class Observers {
  browning = 0;
  lostFraction = 0;
  baseDryness = 0;
  lidDryness = 0;
  core: number;
  private f70 = 0;
  private dice: number;
  private softness = 0;
  private baseGelMin = 0;
  private lidGelMin = 0;
  private readonly lidWater: number;
  private readonly lidWeights: [number, number, number];
  readonly times: Times = {
    golden: null,
    mid: null,
    deep: null,
    dark: null,
    hot: null,
    safe: null,
    soft: null,
    baseSet: null,
    baseDry: null,
    lid: null,
    dry: null,
    boil: null,
    weeps: null,
  };
  steamMax = 0;
  steamTotal = 0;

  constructor(private readonly s: BakeSetup) {
    this.core = this.middle();
    this.dice = s.fillingStartC;
    this.lidWater = this.water();
    this.lidWeights = this.depthWeights(0.85);
    // an open pie has no lid to set or to colour
    if (!s.top) this.times.lid = this.times.mid = 0;
    if (!s.filling.softens) this.times.soft = 0;
    if (!s.base) this.times.baseSet = this.times.baseDry = 0;
    else {
      this.baseDryness = this.dryness();
      if (this.baseDryness >= dryAt.filling) this.times.baseDry = 0;
    }
  }

  private coldest(from = 0, to = fillingCells): number {
    let core = Infinity;
    for (let i = stack.iFilling + from; i < stack.iFilling + to; i++) core = Math.min(core, stack.T[i]);
    return core;
  }
  /** What a probe in the middle reads: the coldest; of an open pie that of its middle half, for its face is kept cool by drying. */
  private middle(): number {
    return this.s.top ? this.coldest() : this.coldest(Math.floor(fillingCells / 4), Math.ceil((3 * fillingCells) / 4));
  }
  private water(): number {
    let sum = 0;
    for (let i = 0; i < stack.topCount; i++) sum += stack.X[i] * stack.dryMass[i];
    return sum;
  }
  private dryness(): number {
    const last = stack.iBase + stack.baseCount;
    const mean = (stack.X[last - 1] + stack.X[last - 2] + stack.X[last - 3]) / 3;
    return Math.max(0, 1 - mean / (this.s.base?.X0 ?? 1));
  }

  /** Lower cell, upper cell and weight of the upper at a share of the lid's unswollen depth. */
  private depthWeights(share: number): [number, number, number] {
    if (!this.s.spec.top) return [0, 0, 0];
    const total = this.s.spec.top.tMm / 1000;
    let edge = 0;
    const centres: number[] = [];
    for (let i = 0; i < topCells; i++) {
      centres.push(edge + stack.dz0[i] / 2);
      edge += stack.dz0[i];
    }
    const depth = share * total;
    for (let i = 1; i < topCells; i++) {
      if (centres[i] >= depth) return [i - 1, i, (depth - centres[i - 1]) / (centres[i] - centres[i - 1])];
    }
    return [topCells - 1, topCells - 1, 0];
  }

  /** Mean moisture of the outermost min(0.5 mm, t/3) of the lid, part cells by share. */
  private skin(lidMm: number): number {
    const depth = Math.min(0.0005, lidMm / 3000);
    let left = depth;
    let sum = 0;
    for (let i = 0; i < topCells && left > 1e-12; i++) {
      const part = Math.min(left, stack.dz0[i]);
      sum += part * stack.X[i];
      left -= part;
    }
    return sum / depth;
  }

  /** Watches one step that ended at tS (s) after dt. */
  watch(tS: number, dt: number, step: StepResult): void {
    const { s, times } = this;
    const end = tS / 60;
    const span = dt / 60;
    const cross = (key: keyof Times, before: number, after: number, limit: number) => {
      if (times[key] === null && after >= limit)
        times[key] = after > before ? end - span * Math.min(1, (after - limit) / (after - before)) : end;
    };
    if (step.boiled && times.boil === null) times.boil = end;
    this.steamMax = Math.max(this.steamMax, step.steamGMin);
    this.steamTotal += step.steamGMin * span;
    const lostBefore = this.lostFraction;
    this.lostFraction += (step.lostRate * dt) / (s.filling.density * s.filling.water * s.depth);
    cross('dry', lostBefore, this.lostFraction, 0.1);

    const doseBefore = this.browning;
    const Ts = step.surfaceC;
    if (Ts > 60 && s.top && s.spec.top) {
      const Xs = this.skin(s.spec.top.tMm);
      const aws = 1 / (1 + (s.top.isothermA / Math.max(Xs, 1e-7)) ** 2.381);
      const wet = 1 / (1 + (Xs / 0.13) ** 2);
      const mobile = 0.09 + 0.91 * Math.min(1, aws / 0.26);
      this.browning +=
        dt *
        (0.8 / 60) *
        Math.exp((-72_000 / 8.314) * (1 / (Ts + 273.15) - 1 / 423.15)) *
        wet *
        mobile *
        s.wash *
        s.colourBoost;
    }
    cross('golden', doseBefore, this.browning, browning.golden);
    cross('mid', doseBefore, this.browning, s.spec.readyBrowning ?? browning.mid);
    cross('deep', doseBefore, this.browning, browning.deep);
    cross('dark', doseBefore, this.browning, browning.dark);

    const coreBefore = this.core;
    this.core = this.middle();
    if (s.filling.weepsC !== undefined) cross('weeps', coreBefore, this.core, s.filling.weepsC);
    // the heat that makes safe has to have reached every part of it, its face too
    const coldest = this.coldest();
    if (coldest > 40) this.f70 += 10 ** ((coldest - 70) / 7.5) * span;
    if (s.filling.raw) {
      if (times.safe === null && this.core >= s.targetC && this.f70 >= 2) times.safe = times.hot = end;
    } else {
      cross('safe', coreBefore, this.core, s.targetC);
      cross('hot', coreBefore, this.core, s.targetC > 82 ? s.targetC - 6 : s.targetC);
    }
    if (s.filling.softens) {
      const d = (s.spec.filling.diceMm ?? 10) / 1000;
      this.dice += (this.core - this.dice) * (1 - Math.exp(-dt / ((d * d) / (29.6 * 1.4e-7))));
      const before = this.softness;
      this.softness += 0.155 * Math.exp((-115_000 / 8.314) * (1 / (this.dice + 273.15) - 1 / 368.15)) * span;
      cross('soft', before, this.softness, 1.2 + (1.1 * Math.max(0, Math.min(16, d * 1000 - 4))) / 16);
    }
    if (s.base) {
      const middle = (stack.T[stack.iBase + 2] + stack.T[stack.iBase + 3]) / 2;
      if (middle >= gelC) this.baseGelMin += span;
      if (times.baseSet === null && this.baseGelMin >= gelMinutes - 1e-9) times.baseSet = end;
      const before = this.baseDryness;
      this.baseDryness = this.dryness();
      cross('baseDry', before, this.baseDryness, dryAt.filling);
    }
    if (!s.top) return;
    this.lidDryness = 1 - this.water() / this.lidWater;
    const [a, b, weight] = this.lidWeights;
    const deep = stack.T[a] + weight * (stack.T[b] - stack.T[a]);
    if (deep >= gelC) this.lidGelMin += span;
    if (times.lid === null && this.lidDryness >= lidDryAt && this.lidGelMin >= gelMinutes - 1e-9) times.lid = end;
  }

  get coreTime(): number | null {
    const { safe, soft } = this.times;
    return safe === null || soft === null ? null : Math.max(safe, soft);
  }

  constraints(): Record<Constraint, number | null> {
    const { mid, baseSet, baseDry, lid } = this.times;
    return { golden: mid, core: this.coreTime, baseSet, baseDry, lid };
  }
}

/**
 * Simulates one bake (temperatures °C, minutes): heat and moisture through lid, filling and base, the oven's own swings, and
 * when colour, core, base and lid are ready. Expected times of this model are about ±24 % without your own bakes; it never
 * makes food safe: use a probe and follow local food-safety rules.
 */
export function simulateBake(spec: BakeSpec): Bake {
  const s = bakeSetup(spec);
  layStack(s);
  const oven = new Oven(s);
  const stepper = new BakeStepper(s, oven);
  const seen = new Observers(s);
  const baseCell = s.base ? stack.iBase + stack.baseCount - 1 : stack.iFilling + fillingCells - 1;
  const series: SeriesRow[] = [];
  const record = (tMin: number, surfaceC: number, steam: number) =>
    series.push({
      tMin,
      airC: oven.air,
      wallC: oven.wall,
      surfaceC,
      baseC: stack.T[baseCell],
      coreC: seen.core,
      browning: seen.browning,
      baseDryness: seen.baseDryness,
      lidDryness: seen.lidDryness,
      steamGMin: steam,
    });
  record(0, stack.T[0], 0);
  let proposedAll: number | null = null;
  let steamUntilProposed = 0;
  let tS = 0;
  while (tS < longestMin * 60 - 1e-6) {
    const dt = tS < 300 ? 6 : 12;
    const minute = tS / 60;
    const tented = spec.tents?.some(([from, to]) => minute >= from && minute < to) ?? false;
    const step = stepper.step(tS, dt, tented);
    tS += dt;
    seen.watch(tS, dt, step);
    if (Math.abs(tS % 60) < 1e-6) record(tS / 60, step.surfaceC, step.steamGMin);
    if (proposedAll === null) {
      const times = Object.values(seen.constraints());
      if (times.every((t): t is number => t !== null)) proposedAll = smoothMaximum(times);
    }
    if (proposedAll === null || tS / 60 <= proposedAll) steamUntilProposed = seen.steamTotal;
    if (
      proposedAll !== null &&
      tS / 60 >= proposedAll + 1 &&
      (seen.times.dark !== null || tS / 60 >= 1.4 * proposedAll)
    )
      break;
  }
  return conclude(s, seen, series, proposedAll, steamUntilProposed);
}

function conclude(
  s: BakeSetup,
  seen: Observers,
  series: SeriesRow[],
  proposedAll: number | null,
  steamTotalG: number,
): Bake {
  const { times } = seen;
  const constraints = seen.constraints();
  const missing = constraintNames.filter((name) => constraints[name] === null);
  let binds: string = `never:${missing.join('+')}`;
  if (!missing.length) {
    const all = constraints as Record<Constraint, number>;
    binds = constraintNames.reduce((best, name) => (all[name] > all[best] ? name : best), constraintNames[0]);
  }
  const needed = [times.hot, times.soft, times.baseSet, times.lid];
  const earliest = needed.every((t): t is number => t !== null) ? Math.max(...needed) : null;
  let proposed = proposedAll;
  let latest: number | null = null;
  let conflict = false;
  if (proposedAll !== null && earliest !== null) {
    latest = Math.min(times.dark ?? Infinity, times.dry ?? Infinity, times.weeps ?? Infinity, 1.4 * proposedAll);
    if (latest < proposedAll) {
      conflict = true;
      latest = Math.max(latest, earliest);
      proposed = latest;
    }
  }
  const at = (tMin: number) => {
    const i = Math.max(0, Math.min(series.length - 2, Math.floor(tMin)));
    const [a, b] = [series[i], series[Math.min(i + 1, series.length - 1)]];
    const f = b.tMin > a.tMin ? Math.min(1, (tMin - a.tMin) / (b.tMin - a.tMin)) : 0;
    const mix = (key: keyof SeriesRow) => a[key] + f * (b[key] - a[key]);
    return {
      browning: mix('browning'),
      baseDryness: mix('baseDryness'),
      lidDryness: mix('lidDryness'),
      coreC: mix('coreC'),
      surfaceC: mix('surfaceC'),
    };
  };
  return {
    earliest,
    proposed,
    latest,
    // nothing colours on an open pie: it is looked at when its middle may be done
    lookAt: s.top ? times.golden : times.hot,
    targetC: s.targetC,
    binds,
    conflict,
    proposedAll,
    times: { ...times, soft: s.filling.softens ? times.soft : null, core: seen.coreTime },
    atProposed: proposed === null ? null : at(proposed),
    steamMaxGMin:
      proposedAll === null
        ? seen.steamMax
        : series.filter((r) => r.tMin <= proposedAll).reduce((m, r) => Math.max(m, r.steamGMin), 0),
    steamTotalG,
    boilMin: times.boil !== null && proposed !== null ? Math.max(0, proposed - times.boil) : 0,
    lostFraction: seen.lostFraction,
    boilingC: s.boilingC,
    loadC: s.fillingStartC,
    crustLoadC: s.crustStartC,
    pieces: s.pieces,
    series,
  };
}
