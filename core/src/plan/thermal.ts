import { environment, type Surroundings } from '../cold/environments';
import type { GridCells, Shape } from '../cold/grid';
import { material, type Material, type MaterialSpec } from '../cold/material';
import { rollSheet } from '../cold/rolling';
import { simulate } from '../cold/simulate';
import { scaledSurroundings } from '../cold/calibrateEnvironment';
import type { KitchenInput } from './inputs';

/** Coarse cells and steps that stay within 0.05 K of the fine grid on home-sized pieces: a plan runs dozens of these. */
const coarse: Record<'block' | 'disc' | 'slab', GridCells> = {
  block: { nx: 4, ny: 4, nz: 8 },
  disc: { nx: 6, nz: 8 },
  slab: { nz: 10 },
};
const coarseTolerance = 0.1;
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

const remembered = new Map<string, unknown>();

/** Remembers the results of pure runs by their inputs, so that a change re-runs only what it touches. */
export function remember<T>(key: unknown, run: () => T): T {
  const text = JSON.stringify(key);
  const known = remembered.get(text);
  if (known !== undefined) return known as T;
  const made = run();
  if (remembered.size > 600) remembered.clear();
  remembered.set(text, made);
  return made;
}

/** Forgets all remembered runs: for timing a plan from nothing. */
export const forget = (): void => remembered.clear();

export const fridgeOf = (kitchen: KitchenInput): Surroundings =>
  environment(kitchen.fridgeKind, { airC: kitchen.fridgeC, wrap: 'film', coefficientMultiple: kitchen.fridgeFactor });

function thin(minutes: ArrayLike<number>, values: ArrayLike<number>, end: number): { at: number[]; value: number[] } {
  const at: number[] = [];
  const value: number[] = [];
  // a run that was there from the start has one row only: it stays where it is
  const standing = minutes.length < 2;
  let i = 1;
  for (let p = 0; p <= points; p++) {
    const t = (end * p) / points;
    while (i < minutes.length - 1 && (minutes[i] as number) < t) i++;
    if (standing) {
      at.push(t);
      value.push(values[0] as number);
      continue;
    }
    const [t0, t1] = [minutes[i - 1] as number, minutes[i] as number];
    const f = t1 > t0 ? Math.max(0, Math.min(1, (t - t0) / (t1 - t0))) : 1;
    at.push(t);
    value.push((values[i - 1] as number) + f * ((values[i] as number) - (values[i - 1] as number)));
  }
  return { at, value };
}

/**
 * Chills a piece in the kitchen's fridge, in film, until its mean is at `targetC` and for at least `leastMin`; run three
 * times (surface coefficients × 0.8, 1, 1.25) because those are uncertain by about that much.
 */
export function chill(o: {
  spec: MaterialSpec;
  shape: Shape & { kind: 'block' | 'disc' | 'slab' };
  startC: number;
  targetC: number;
  leastMin: number;
  kitchen: KitchenInput;
}): ChillResult {
  const { fridgeC, fridgeKind, fridgeFactor } = o.kitchen;
  return remember(
    ['chill', o.spec, o.shape, o.startC, o.targetC, o.leastMin, fridgeC, fridgeKind, fridgeFactor],
    () => {
      const m = material(o.spec);
      const around = fridgeOf(o.kitchen);
      const run = (factor: number, minutes: number, stop: boolean) =>
        simulate({
          material: m,
          shape: o.shape,
          startC: o.startC,
          cells: coarse[o.shape.kind],
          toleranceK: coarseTolerance,
          phases: [{ minutes, around: scaledSurroundings(around, factor) }],
          until: { metric: 'mean', value: o.targetC, dir: 'below', stop },
        });
      const crossing = run(1, longestChillMin, true);
      const needed = crossing.crossedAtMin;
      const minutes = needed === null ? null : Math.max(needed, o.leastMin);
      const shown = minutes ?? longestChillMin;
      const main = needed !== null && minutes === needed ? crossing : run(1, shown, false);
      const slow = run(0.8, Math.max(longestChillMin, shown), true);
      const fast = run(1.25, Math.max(longestChillMin, shown), true);
      const line = thin(main.series.minutes, main.series.mean, shown);
      const end = line.value[line.value.length - 1] as number;
      const range: [number, number] | null =
        needed === null || slow.crossedAtMin === null || fast.crossedAtMin === null
          ? null
          : [Math.max(fast.crossedAtMin, o.leastMin), Math.max(slow.crossedAtMin, o.leastMin)];
      return {
        minutes,
        range,
        ...line,
        low: thin(fast.series.minutes, fast.series.mean, shown).value,
        high: thin(slow.series.minutes, slow.series.mean, shown).value,
        endC: end,
        reachableC: needed === null ? end : o.targetC,
      };
    },
  );
}

export interface BenchResult {
  at: number[];
  value: number[];
  endC: number;
  /** Minutes until the mean would reach `limitC` if the piece stayed, null if not within two hours. */
  reachesLimitMin: number | null;
}

/** A sheet rolled and lying on the kitchen's bench; lengths in metres. */
export function bench(o: {
  spec: MaterialSpec;
  startC: number;
  fromM: number;
  toM: number;
  rollMinutes: number;
  dwellMinutes: number;
  limitC: number;
  kitchen: KitchenInput;
}): BenchResult {
  const { roomC } = o.kitchen;
  const name = o.kitchen.bench;
  return remember(
    ['bench', o.spec, o.startC, o.fromM, o.toM, o.rollMinutes, o.dwellMinutes, o.limitC, roomC, name],
    () => {
      const common = {
        material: material(o.spec),
        startC: o.startC,
        fromM: o.fromM,
        toM: Math.min(o.toM, o.fromM),
        bench: name,
        roomC,
        stepS: 5,
        cells: 8,
      };
      const run = rollSheet({ ...common, rollMinutes: o.rollMinutes, dwellMinutes: o.dwellMinutes, recordEveryS: 30 });
      const longer = rollSheet({
        ...common,
        rollMinutes: o.rollMinutes,
        dwellMinutes: 120,
        stepS: 10,
        recordEveryS: 600,
        until: { metric: 'mean', valueC: o.limitC },
      });
      return { at: run.minutes, value: run.meanC, endC: run.final.mean, reachesLimitMin: longer.hitMin };
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
