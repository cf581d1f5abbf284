import { RefusedInput, rowOf, within } from '../quantities/refusal';
import { benches, type Bench, type BenchName } from './environments';
import { benchCells } from './grid';
import { lookup, tableIndex, tableStepK, temperatureNear, type Material } from './material';
import { fatWindow } from './windows';

/** No pin rolls thinner, m; the model stops there. */
export const thinnestRolledM = 2e-4;

export interface RollOptions {
  material: Material;
  startC: number;
  fromM: number;
  toM: number;
  rollMinutes: number;
  dwellMinutes?: number;
  bench: BenchName;
  benchC?: number;
  roomC?: number;
  contact?: number;
  topH?: number;
  pinH?: number;
  handH?: number;
  handC?: number;
  yieldPa?: number;
  cells?: number;
  stepS?: number;
  /** Stop the run when the mean (or warmest) rises to this value. */
  until?: { metric: 'mean' | 'warmest'; valueC: number };
  /** Thin the recorded line to one point every so many seconds (default: every step). */
  recordEveryS?: number;
}

export interface RollResult {
  minutes: number[];
  meanC: number[];
  final: { mean: number; warmest: number; bottom: number; top: number; thicknessM: number };
  /** Minutes at which `until` was met, or null. */
  hitMin: number | null;
}

const underBenchH = 6;

/** One sheet with the bench under it: bench cells from below upwards, then the sheet's. All arrays are laid out once. */
class SheetOnBench {
  private readonly under: Float64Array;
  private readonly nb: number;
  private readonly all: number;
  private readonly t: Float64Array;
  private readonly h: Float64Array;
  private readonly conductance: Float64Array;
  private readonly capacity: Float64Array;
  private readonly sweepC: Float64Array;
  private readonly sweepD: Float64Array;
  mean: number;
  warmest: number;

  constructor(
    private readonly material: Material,
    private readonly base: Bench,
    private readonly n: number,
    startC: number,
    private readonly benchC: number,
    private readonly roomC: number,
    private readonly contactResistance: number,
  ) {
    this.under = Float64Array.from(benchCells(base.thicknessM));
    this.nb = this.under.length;
    this.all = this.nb + n;
    this.t = new Float64Array(this.all).fill(benchC, 0, this.nb).fill(startC, this.nb);
    this.h = new Float64Array(n).fill(lookup(material.enthalpy, startC));
    this.conductance = new Float64Array(this.all + 1);
    this.capacity = new Float64Array(this.all);
    this.sweepC = new Float64Array(this.all);
    this.sweepD = new Float64Array(this.all);
    this.mean = startC;
    this.warmest = startC;
  }

  get bottom(): number {
    return this.t[this.nb];
  }
  get top(): number {
    return this.t[this.all - 1];
  }

  /** A share of the bench under the sheet is fresh: it comes in at the bench's own temperature. */
  freshBench(share: number): void {
    const { t, nb, benchC } = this;
    for (let i = 0; i < nb; i++) t[i] = t[i] + share * (benchC - t[i]);
  }

  private acrossAt(cell: number): number {
    return this.material.across[tableIndex(this.t[this.nb + cell])];
  }

  /** Heat capacities and conductances at the temperatures as they are; `d` is a cell's thickness, m. */
  private lay(d: number, airH: number): void {
    const { base, under, nb, n, all, t, capacity, conductance, material } = this;
    for (let i = 0; i < nb; i++) capacity[i] = base.densityKgM3 * base.specificHeat * under[nb - 1 - i];
    for (let i = 0; i < n; i++) {
      const index = tableIndex(t[nb + i]);
      capacity[nb + i] =
        (material.densityKgM3 * d * (material.enthalpy[index + 1] - material.enthalpy[index])) / tableStepK;
    }
    conductance[0] = 1 / (1 / underBenchH + under[nb - 1] / (2 * base.conductivity));
    for (let i = 1; i < nb; i++) conductance[i] = (2 * base.conductivity) / (under[nb - i] + under[nb - 1 - i]);
    let a = this.acrossAt(0);
    conductance[nb] = 1 / (under[0] / (2 * base.conductivity) + this.contactResistance + d / (2 * a));
    for (let i = 1; i < n; i++) {
      const b = this.acrossAt(i);
      conductance[nb + i] = (2 * a * b) / (d * (a + b));
      a = b;
    }
    conductance[all] = 1 / (1 / airH + d / (2 * a));
  }

  /** One implicit step of `dt` s: air of `airC` over it with `airH` W/m²K, `source` W/m² of rolling work in each cell. */
  step(dt: number, d: number, airH: number, airC: number, source: number): void {
    const { nb, n, all, t, h, capacity, conductance, sweepC, sweepD, material, roomC } = this;
    this.lay(d, airH);
    let gPrev = dt * conductance[0];
    let cPrev = 0;
    let dPrev = 0;
    for (let i = 0; i < all; i++) {
      const gNext = dt * conductance[i + 1];
      const below = i === 0 ? roomC : t[i - 1];
      const above = i === all - 1 ? airC : t[i + 1];
      const here = t[i];
      const rhs = gPrev * (below - here) + gNext * (above - here) + (i >= nb ? dt * source : 0);
      const lower = i === 0 ? 0 : gPrev;
      const inverse = 1 / (capacity[i] + gPrev + gNext - lower * cPrev);
      sweepD[i] = dPrev = (rhs + lower * dPrev) * inverse;
      sweepC[i] = cPrev = (i === all - 1 ? 0 : gNext) * inverse;
      gPrev = gNext;
    }
    let delta = 0;
    for (let i = all - 1; i >= 0; i--) {
      delta = sweepD[i] + sweepC[i] * delta;
      if (i < nb) t[i] = t[i] + delta;
      else {
        const j = i - nb;
        h[j] = h[j] + (capacity[i] * delta) / (material.densityKgM3 * d);
        t[i] = temperatureNear(material.enthalpy, h[j], t[i]);
      }
    }
    this.mean = 0;
    this.warmest = -Infinity;
    for (let i = nb; i < all; i++) {
      const value = t[i];
      this.mean += value / n;
      if (value > this.warmest) this.warmest = value;
    }
  }
}

/**
 * Temperature of a sheet while it is rolled out (constant logarithmic rate) and then lies on the bench; 1-D through the
 * thickness in the material's own coordinate, fresh bench coming in under the growing sheet. Pin and hand coefficients are
 * estimates averaged over sheet and time; hTop 10 suits humid kitchens. Lengths in metres, temperatures °C.
 */
export function rollSheet(options: RollOptions): RollResult {
  const { material, until } = options;
  const from = within(options.fromM, thinnestRolledM, 0.5, 'fromM');
  const to = within(options.toM, thinnestRolledM, 0.5, 'toM');
  if (to > from)
    throw new RefusedInput({
      field: 'toM',
      code: 'out_of_range',
      value: to,
      allowed: { min: thinnestRolledM, max: from },
    });
  const rollS = within(options.rollMinutes, 0, 600, 'rollMinutes') * 60;
  const totalS = rollS + within(options.dwellMinutes ?? 0, 0, 1440, 'dwellMinutes') * 60;
  const roomC = within(options.roomC ?? 20, -39, 60, 'roomC');
  const benchC = within(options.benchC ?? roomC, -39, 60, 'benchC');
  const startC = within(options.startC, -39, 109, 'startC');
  const base = rowOf<Bench>(benches, options.bench, 'bench');
  const n = options.cells ?? 12;
  const topH = options.topH ?? 7;
  const pinH = options.pinH ?? 12;
  const handH = options.handH ?? 3;
  const rollingH = topH + pinH + handH;
  const rollingC = ((topH + pinH) * roomC + handH * (options.handC ?? 30)) / rollingH;
  const work = rollS > 0 ? ((options.yieldPa ?? 40e3) * Math.log(from / to)) / rollS : 0;
  const stepS = options.stepS ?? 1;
  const sheet = new SheetOnBench(material, base, n, startC, benchC, roomC, 1 / (options.contact ?? 300));
  const minutes: number[] = [0];
  const meanC: number[] = [startC];
  const recordEvery = options.recordEveryS ?? stepS;
  let nextRecord = recordEvery;
  let hit: number | null = until && startC >= until.valueC ? 0 : null;
  let now = 0;
  while (now < totalS - 1e-9 && hit === null) {
    const dt = Math.min(stepS, totalS - now);
    const d = thickness(from, to, rollS, now + dt / 2) / n;
    const rolling = now < rollS;
    const fresh = 1 - thickness(from, to, rollS, now + dt) / thickness(from, to, rollS, now);
    if (fresh > 0) sheet.freshBench(fresh);
    const before = until?.metric === 'warmest' ? sheet.warmest : sheet.mean;
    sheet.step(dt, d, rolling ? rollingH : topH, rolling ? rollingC : roomC, rolling ? work * d : 0);
    now += dt;
    if (until) {
      const value = until.metric === 'mean' ? sheet.mean : sheet.warmest;
      if (value >= until.valueC) hit = (now - dt + (dt * (until.valueC - before)) / (value - before)) / 60;
    }
    if (now >= nextRecord - 1e-9 || now >= totalS - 1e-9) {
      minutes.push(now / 60);
      meanC.push(sheet.mean);
      nextRecord += recordEvery;
    }
  }
  const { mean, warmest, bottom, top } = sheet;
  return {
    minutes,
    meanC,
    final: { mean, warmest, bottom, top, thicknessM: thickness(from, to, rollS, now) },
    hitMin: hit,
  };
}

/** Thickness of a sheet `s` seconds into rolling that takes `rollS`, at a constant logarithmic rate. */
const thickness = (from: number, to: number, rollS: number, s: number): number =>
  rollS === 0 ? to : from * (to / from) ** Math.min(1, s / rollS);

/**
 * Minutes a sheet of given thickness may lie on the bench until its mean (or warmest part) reaches `limitC`, by default the
 * fat's softAbove. null with the final temperature if it never does; 0 if it is already there or the fat is liquid.
 */
export function benchMinutes(options: {
  material: Material;
  fat?: string;
  limitC?: number;
  metric?: 'mean' | 'warmest';
  startC: number;
  thicknessM: number;
  bench: BenchName;
  benchC?: number;
  roomC?: number;
  contact?: number;
  topH?: number;
  maxMinutes?: number;
  shiftK?: number;
}): { minutes: number | null; limitC: number | null; finalC?: number } {
  const limitC = options.limitC ?? fatWindow(options.fat ?? 'butter', options.shiftK)?.softAbove;
  if (limitC === undefined) return { minutes: 0, limitC: null };
  const run = rollSheet({
    ...options,
    fromM: options.thicknessM,
    toM: options.thicknessM,
    rollMinutes: 0,
    dwellMinutes: options.maxMinutes ?? 120,
    until: { metric: options.metric ?? 'mean', valueC: limitC },
  });
  return run.hitMin === null ? { minutes: null, limitC, finalC: run.final.mean } : { minutes: run.hitMin, limitC };
}
