import type { OvenStep } from '../oven/bakeInput';

/** One bake in one oven, minutes relative to the table. */
export interface OvenRun {
  itemIndex: number;
  /** Which oven of the kitchen it is in. */
  oven: 0 | 1;
  /** The step it is: the bake, or the blind bake of an empty case. */
  stepId: string;
  startMin: number;
  endMin: number;
  /** Heats in order, minutes from its own beginning. */
  heats: readonly OvenStep[];
  mode: string;
  rack: string;
  trays: number;
  /** Minutes from a cold oven until it can begin. */
  preheatMin: number;
}

/** Oven pace between two settings, °C a minute: estimates for a domestic oven. */
export const climbsCMin = 1.9;
export const fallsCMin = 4;
const sameHeatC = 10;
/** An oven is left on for a next bake that is no further off, min. */
const keptOnMin = 45;

const firstC = (run: OvenRun): number => run.heats[0]?.setC ?? 0;
const lastC = (run: OvenRun): number => run.heats[run.heats.length - 1]?.setC ?? 0;
const heatAt = (run: OvenRun, minute: number): number =>
  run.heats.reduce((setC, h) => (minute >= run.startMin + h.fromMin - 1e-9 ? h.setC : setC), firstC(run));

/** Minutes between one bake and the next for the oven to come to its heat. */
const changeover = (earlier: OvenRun, later: OvenRun): number => changeoverMin(lastC(earlier), firstC(later));

/**
 * Minutes for the oven to come from one heat to another, °C (estimates).
 * @example changeoverMin(190, 205) // 7.9
 */
export const changeoverMin = (fromC: number, toC: number): number =>
  toC > fromC ? (toC - fromC) / climbsCMin : (fromC - toC) / fallsCMin;

/** Whether two bakes want one heat for as long as both are in. */
function alike(a: OvenRun, b: OvenRun): boolean {
  if (a.mode !== b.mode) return false;
  const [from, to] = [Math.max(a.startMin, b.startMin), Math.min(a.endMin, b.endMin)];
  const moments = [from, ...[a, b].flatMap((r) => r.heats.map((h) => r.startMin + h.fromMin))];
  return moments.filter((m) => m >= from && m < to).every((m) => Math.abs(heatAt(a, m) - heatAt(b, m)) <= sameHeatC);
}

/** Where a bake does not fit beside those placed: the minute it has to end by for the next try; null where it fits. */
export function fitsOven(run: OvenRun, placed: readonly OvenRun[], shelves: number): number | null {
  let together = run.trays;
  for (const other of placed) {
    if (other.oven !== run.oven) continue;
    const overlap = run.startMin < other.endMin && other.startMin < run.endMin;
    const shares = overlap && alike(run, other);
    if (overlap && (!shares || (together += other.trays) > shelves))
      return other.startMin - (shares ? 0 : changeover(run, other));
    if (overlap) continue;
    const [a, b] = run.startMin < other.startMin ? [run, other] : [other, run];
    const needs = a.mode === b.mode && Math.abs(lastC(a) - firstC(b)) <= sameHeatC ? 0 : changeover(a, b);
    if (b.startMin - a.endMin < needs - 1e-9) return other.startMin - changeover(run, other);
  }
  return null;
}

/** Bakes in order, each with the minute from which the oven heats (or cools) for it, and the heat it comes from: 0 when cold. */
export const withPreheat = (runs: readonly OvenRun[]): (OvenRun & { preheatFromMin: number; fromC: number })[] =>
  [...runs]
    .sort((a, b) => a.startMin - b.startMin)
    .map((run, i, sorted) => {
      const before = sorted
        .slice(0, i)
        .filter((r) => r.oven === run.oven)
        .reduce<OvenRun | null>((l, r) => (l && l.endMin >= r.endMin ? l : r), null);
      if (!before || run.startMin - before.endMin >= keptOnMin)
        return { ...run, preheatFromMin: run.startMin - run.preheatMin, fromC: 0 };
      const sharing = before.endMin > run.startMin;
      const lead = sharing ? 0 : changeover(before, run);
      return { ...run, preheatFromMin: run.startMin - lead, fromC: lastC(before) };
    });
