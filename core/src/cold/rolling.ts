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

/**
 * Temperature of a sheet while it is rolled out (constant logarithmic rate) and then lies on the bench; 1-D through the
 * thickness in the material's own coordinate, fresh bench coming in under the growing sheet. Pin and hand coefficients are
 * estimates averaged over sheet and time; hTop 10 suits humid kitchens. Lengths in metres, temperatures °C.
 */
export function rollSheet(options: RollOptions): RollResult {
  const { material } = options;
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
  const base = rowOf<Bench>(benches, options.bench, 'bench');
  const n = options.cells ?? 12;
  const topH = options.topH ?? 7;
  const pinH = options.pinH ?? 12;
  const handH = options.handH ?? 3;
  const handC = options.handC ?? 30;
  const contactResistance = 1 / (options.contact ?? 300);
  const work = rollS > 0 ? ((options.yieldPa ?? 40e3) * Math.log(from / to)) / rollS : 0;
  const stepS = options.stepS ?? 1;

  const under = benchCells(base.thicknessM);
  const nb = under.length;
  const all = nb + n;
  const t = new Float64Array(all).fill(benchC, 0, nb).fill(within(options.startC, -39, 109, 'startC'), nb);
  const h = new Float64Array(n).fill(lookup(material.enthalpy, options.startC));
  const conductance = new Float64Array(all + 1);
  const capacity = new Float64Array(all);
  const sweepC = new Float64Array(all);
  const sweepD = new Float64Array(all);
  const minutes: number[] = [0];
  const meanC: number[] = [options.startC];
  const recordEvery = options.recordEveryS ?? stepS;
  let nextRecord = recordEvery;
  let hit: number | null = null;
  let mean = options.startC;
  let warmest = options.startC;
  if (options.until && options.startC >= options.until.valueC) hit = 0;

  const thickness = (s: number) => (rollS === 0 ? to : from * (to / from) ** Math.min(1, s / rollS));
  let now = 0;
  while (now < totalS - 1e-9 && hit === null) {
    const dt = Math.min(stepS, totalS - now);
    const d = thickness(now + dt / 2) / n;
    const rolling = now < rollS;
    const fresh = 1 - thickness(now + dt) / thickness(now);
    if (fresh > 0) for (let i = 0; i < nb; i++) t[i] = (t[i] as number) + fresh * (benchC - (t[i] as number));
    const airH = rolling ? topH + pinH + handH : topH;
    const airC = rolling ? ((topH + pinH) * roomC + handH * handC) / airH : roomC;
    const source = rolling ? work * d : 0;
    for (let i = 0; i < nb; i++) capacity[i] = base.densityKgM3 * base.specificHeat * (under[nb - 1 - i] as number);
    for (let i = 0; i < n; i++) {
      const index = tableIndex(t[nb + i] as number);
      capacity[nb + i] =
        (material.densityKgM3 * d * ((material.enthalpy[index + 1] as number) - (material.enthalpy[index] as number))) /
        tableStepK;
    }
    const k = (i: number) => material.across[tableIndex(t[nb + i] as number)] as number;
    conductance[0] = 1 / (1 / underBenchH + (under[nb - 1] as number) / (2 * base.conductivity));
    for (let i = 1; i < nb; i++)
      conductance[i] = (2 * base.conductivity) / ((under[nb - i] as number) + (under[nb - 1 - i] as number));
    conductance[nb] = 1 / ((under[0] as number) / (2 * base.conductivity) + contactResistance + d / (2 * k(0)));
    for (let i = 1; i < n; i++) {
      const [a, b] = [k(i - 1), k(i)];
      conductance[nb + i] = (2 * a * b) / (d * (a + b));
    }
    conductance[all] = 1 / (1 / airH + d / (2 * k(n - 1)));
    let gPrev = dt * conductance[0];
    let cPrev = 0;
    let dPrev = 0;
    for (let i = 0; i < all; i++) {
      const gNext = dt * (conductance[i + 1] as number);
      const below = i === 0 ? roomC : (t[i - 1] as number);
      const above = i === all - 1 ? airC : (t[i + 1] as number);
      const here = t[i] as number;
      const rhs = gPrev * (below - here) + gNext * (above - here) + (i >= nb ? dt * source : 0);
      const lower = i === 0 ? 0 : gPrev;
      const inverse = 1 / ((capacity[i] as number) + gPrev + gNext - lower * cPrev);
      sweepD[i] = dPrev = (rhs + lower * dPrev) * inverse;
      sweepC[i] = cPrev = (i === all - 1 ? 0 : gNext) * inverse;
      gPrev = gNext;
    }
    let delta = 0;
    for (let i = all - 1; i >= 0; i--) {
      delta = (sweepD[i] as number) + (sweepC[i] as number) * delta;
      if (i < nb) t[i] = (t[i] as number) + delta;
      else {
        const j = i - nb;
        h[j] = (h[j] as number) + ((capacity[i] as number) * delta) / (material.densityKgM3 * d);
        t[i] = temperatureNear(material.enthalpy, h[j], t[i] as number);
      }
    }
    now += dt;
    const [meanBefore, warmestBefore] = [mean, warmest];
    mean = 0;
    warmest = -Infinity;
    for (let i = nb; i < all; i++) {
      const value = t[i] as number;
      mean += value / n;
      if (value > warmest) warmest = value;
    }
    if (options.until) {
      const [before, value] = options.until.metric === 'mean' ? [meanBefore, mean] : [warmestBefore, warmest];
      if (value >= options.until.valueC)
        hit = (now - dt + (dt * (options.until.valueC - before)) / (value - before)) / 60;
    }
    if (now >= nextRecord - 1e-9 || now >= totalS - 1e-9) {
      minutes.push(now / 60);
      meanC.push(mean);
      nextRecord += recordEvery;
    }
  }
  return {
    minutes,
    meanC,
    final: { mean, warmest, bottom: t[nb] as number, top: t[all - 1] as number, thicknessM: thickness(now) },
    hitMin: hit,
  };
}

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
