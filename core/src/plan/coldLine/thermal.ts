import { environment, type Surroundings } from '../../cold/environments';
import type { GridCells, Shape } from '../../cold/grid';
import { material, type Material, type MaterialSpec } from '../../cold/material';
import { rollSheet } from '../../cold/rolling';
import { simulate } from '../../cold/simulate';
import { scaledSurroundings } from '../../cold/calibrateEnvironment';
import type { KitchenInput } from '../../contracts/kitchen';
import { remember } from '../memo';

/** Coarse cells and steps that stay within 0.05 K of the fine grid on home-sized pieces: a plan runs dozens of these. */
export const coarse: Record<'block' | 'disc' | 'slab', GridCells> = {
  block: { nx: 4, ny: 4, nz: 8 },
  disc: { nx: 6, nz: 8 },
  slab: { nz: 10 },
};
export const coarseTolerance = 0.1;
/** Slow and fast companions only say how sure the line is. */
const companionTolerance = 0.3;
const coarser: typeof coarse = { block: { nx: 3, ny: 3, nz: 6 }, disc: { nx: 4, nz: 6 }, slab: { nz: 6 } };
const longestChillMin = 360;
const points = 24;

export interface ChillResult {
  /** Minutes until the mean is at the target; null if it never is within six hours. */
  minutes: number | null;
  range: [number, number] | null;
  at: number[];
  value: number[];
  low: number[];
  high: number[];
  endC: number;
  reachableC: number;
}

export const fridgeOf = (kitchen: KitchenInput): Surroundings => coldOf(kitchen, 'fridge');

/** Where a pastry rests: in the cold, or covered in the room. */
export type RestPlace = 'fridge' | 'freezer' | 'room';

/** What is round a pastry where it rests, in film. */
export const coldOf = (kitchen: KitchenInput, place: RestPlace = 'fridge'): Surroundings =>
  place === 'room'
    ? environment('room', { airC: kitchen.roomC, wrap: 'film' })
    : place === 'freezer'
      ? environment('freezer', { airC: kitchen.freezerC, wrap: 'film' })
      : environment(kitchen.fridgeKind, {
          airC: kitchen.fridgeC,
          wrap: 'film',
          coefficientMultiple: kitchen.fridgeFactor,
        });

function thin(minutes: ArrayLike<number>, values: ArrayLike<number>, end: number): { at: number[]; value: number[] } {
  const at: number[] = [];
  const value: number[] = [];
  // a run that was there from the start has one row only: it stays where it is
  const standing = minutes.length < 2;
  let i = 1;
  for (let p = 0; p <= points; p++) {
    const t = (end * p) / points;
    while (i < minutes.length - 1 && minutes[i] < t) i++;
    if (standing) {
      at.push(t);
      value.push(values[0]);
      continue;
    }
    const [t0, t1] = [minutes[i - 1], minutes[i]];
    const f = t1 > t0 ? Math.max(0, Math.min(1, (t - t0) / (t1 - t0))) : 1;
    at.push(t);
    value.push(values[i - 1] + f * (values[i] - values[i - 1]));
  }
  return { at, value };
}

/**
 * Chills a piece in the kitchen's fridge, in film, until its mean is at `targetC` and for at least `leastMin`; run three
 * times (surface coefficients × 0.8, 1, 1.25, the fat's window moved with them) because those are uncertain by about that much.
 */
export function chill(o: {
  spec: MaterialSpec;
  shape: Shape & { kind: 'block' | 'disc' | 'slab' };
  startC: number;
  targetC: number;
  leastMin: number;
  kitchen: KitchenInput;
  place?: RestPlace;
}): ChillResult {
  const around = coldOf(o.kitchen, o.place);
  return remember(['chill', o.spec, o.shape, o.startC, o.targetC, o.leastMin, around], () => {
    const m = material(o.spec);
    const coldestC = around.top.airC;
    const run = (factor: number, minutes: number, stop: boolean, limitK = 0) =>
      simulate({
        material: m,
        shape: o.shape,
        startC: o.startC,
        cells: (factor === 1 ? coarse : coarser)[o.shape.kind],
        toleranceK: factor === 1 ? coarseTolerance : companionTolerance,
        phases: [{ minutes, around: scaledSurroundings(around, factor) }],
        until: {
          metric: 'mean',
          value: limitK === 0 ? o.targetC : Math.max(o.targetC + limitK, coldestC + 0.3),
          dir: 'below',
          stop,
        },
      });
    const crossing = run(1, longestChillMin, true);
    const needed = crossing.crossedAtMin;
    const minutes = needed === null ? null : Math.max(needed, o.leastMin);
    const shown = minutes ?? longestChillMin;
    const main = needed !== null && minutes === needed ? crossing : run(1, shown, false);
    const slow = run(slowest, shown, false, -windowK);
    const fast = run(fastest, shown, false, windowK);
    const beyond = (factor: number, limitK: number) =>
      run(factor, Math.max(longestChillMin, shown), true, limitK).crossedAtMin;
    const latest = slow.crossedAtMin ?? beyond(slowest, -windowK);
    const soonest = fast.crossedAtMin ?? beyond(fastest, windowK);
    const line = thin(main.series.minutes, main.series.mean, shown);
    const end = line.value[line.value.length - 1];
    const range: [number, number] | null =
      needed === null || latest === null || soonest === null
        ? null
        : [Math.max(soonest, o.leastMin), Math.max(latest, o.leastMin)];
    return {
      minutes,
      range,
      ...line,
      low: thin(fast.series.minutes, fast.series.mean, shown).value,
      high: thin(slow.series.minutes, slow.series.mean, shown).value,
      endC: end,
      reachableC: needed === null ? end : o.targetC,
    };
  });
}

export interface BenchResult {
  at: number[];
  value: number[];
  /** Fast and slow forecasts: what air and bench carry is uncertain by about this much. */
  low: number[];
  high: number[];
  endC: number;
  /** Minutes until the mean would reach `limitC` if the piece stayed, null if not within two hours. */
  reachesLimitMin: number | null;
  /** The same at the soonest and at the latest: coefficients and the fat's window both against, or both for it. */
  limitRange: [number | null, number | null];
}

/** Low and high run of everything: surface coefficients by these factors, … */
export const slowest = 0.8;
export const fastest = 1.25;
/** … and the limits of the fat moved by this much: half of the ±2 K they are uncertain by, as both seldom err together. */
export const windowK = 1;

/** What a sheet on the bench goes through, lengths in metres: rolled from one thickness to another, then lying. */
export interface BenchWork {
  fromM: number;
  toM: number;
  rollMinutes: number;
  dwellMinutes: number;
}

const benchOf = (kitchen: KitchenInput, factor: number) => ({
  bench: kitchen.bench,
  roomC: kitchen.roomC,
  ...(kitchen.benchC === undefined || kitchen.benchC === null ? {} : { benchC: kitchen.benchC }),
  topH: 7 * factor,
  pinH: 12 * factor,
  handH: 3 * factor,
  contact: 300 * factor,
});

/** One run of a sheet on the kitchen's bench, its coefficients multiplied by `factor`. */
export function benchRun(spec: MaterialSpec, startC: number, work: BenchWork, kitchen: KitchenInput, factor: number) {
  const { fromM, toM, rollMinutes, dwellMinutes } = work;
  return rollSheet({
    material: material(spec),
    startC,
    fromM,
    toM: Math.min(toM, fromM),
    rollMinutes,
    dwellMinutes,
    ...benchOf(kitchen, (kitchen.benchFactor ?? 1) * factor),
    cells: 8,
    stepS: 5,
    recordEveryS: 30,
  });
}

/** A sheet rolled and lying on the kitchen's bench. */
export function bench(
  o: BenchWork & { spec: MaterialSpec; startC: number; limitC: number; kitchen: KitchenInput },
): BenchResult {
  const { roomC, benchC, bench: name, benchFactor = 1 } = o.kitchen;
  const { spec, startC, fromM, toM, rollMinutes, dwellMinutes, limitC } = o;
  return remember(
    ['bench', spec, startC, fromM, toM, rollMinutes, dwellMinutes, limitC, roomC, benchC, name, benchFactor],
    () => {
      const common = { material: material(spec), startC, fromM, toM: Math.min(toM, fromM), rollMinutes };
      // the line itself finely; its slow and fast companions coarsely: they only say how sure it is
      const ways = (factor: number) => ({
        ...common,
        ...benchOf(o.kitchen, benchFactor * factor),
        ...(factor === 1 ? { cells: 8, stepS: 5 } : { cells: 5, stepS: 15 }),
      });
      const run = (factor: number) => rollSheet({ ...ways(factor), dwellMinutes, recordEveryS: 30 });
      const reaches = (factor: number, valueC: number) =>
        rollSheet({
          ...ways(factor),
          stepS: factor === 1 ? 10 : 30,
          dwellMinutes: 120,
          recordEveryS: 600,
          until: { metric: 'mean', valueC },
        }).hitMin;
      const [main, slow, fast] = [run(1), run(slowest), run(fastest)];
      return {
        at: main.minutes,
        value: main.meanC,
        low: slow.meanC,
        high: fast.meanC,
        endC: main.final.mean,
        reachesLimitMin: reaches(1, limitC),
        limitRange: [reaches(fastest, limitC - windowK), reaches(slowest, limitC + windowK)] as [
          number | null,
          number | null,
        ],
      };
    },
  );
}

/** Lumps of fat warming on the bench while everything else is weighed; the lump is taken as a ball. */
export function lumpsWarm(o: { fat: string; lumpMm: number; startC: number; minutes: number; kitchen: KitchenInput }): {
  at: number[];
  value: number[];
} {
  const { roomC } = o.kitchen;
  return remember(['lumps', o.fat, o.lumpMm, o.startC, o.minutes, roomC], () => {
    const run = simulate({
      material: material({ items: [{ name: o.fat, mass: 1 }] }),
      shape: { kind: 'ball', radiusM: o.lumpMm / 2000 },
      startC: o.startC,
      toleranceK: coarseTolerance,
      // heaped lumps shield one another: half the open surface coefficient (estimate)
      phases: [{ minutes: o.minutes, around: environment('room', { airC: roomC, coefficientMultiple: 0.5 }) }],
    });
    return thin(run.series.minutes, run.series.mean, o.minutes);
  });
}

export type { Material };
