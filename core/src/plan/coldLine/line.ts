import { RefusedInput } from '../../quantities/refusal';
import type { BenchWork, RestPlace } from './thermal';

/** The line of one item: the fat's temperature, or for filo the leaf's moisture, through every step up to the oven. */
export interface ColdLine {
  medium: 'fat' | 'leaf';
  unit: '°C' | '%';
  /** The band in which it can be worked, and the soft and leak limits above it (fat only). */
  band: { low: number; high: number; soft: number | null; leak: number | null };
  /** Its fat is liquid: there is nothing to keep cold, and no band is drawn. */
  free?: boolean;
  stretches: Stretch[];
  /** Minutes in hand at the tightest bench stretch; negative when it goes past the band; null when nothing is tight. */
  inHandMin: number | null;
  tightestStepId: string | null;
}

/** A piece in the cold, or worked at the bench one way after another. Lengths in metres. */
export type StretchBody =
  | {
      kind: 'cold';
      place: RestPlace;
      shape:
        | { kind: 'block'; lengthM: number; widthM: number; thicknessM: number }
        | { kind: 'disc'; radiusM: number; thicknessM: number }
        | { kind: 'slab'; thicknessM: number };
    }
  | { kind: 'bench'; work: BenchWork[] };

export interface Stretch {
  stepId: string;
  code: string;
  kind: 'bench' | 'cold';
  minutes: number;
  /** Offsets in minutes from the stretch's start, and values at them. */
  at: number[];
  value: number[];
  /** Low and high forecast where surface coefficients are uncertain. */
  low?: number[];
  high?: number[];
  /** Minutes from the stretch's start at which it would leave the band's warm (or dry) edge if work went on; null if it would not within two hours. */
  leavesBandAt: number | null;
  /** The same at the soonest and at the latest. */
  leavesRange?: [number | null, number | null];
  /** What the piece goes through, so that it can be run again from a reading; none before there is a sheet, nor for leaves. */
  body?: StretchBody;
  /** Thickness of the sheet worked, mm; null before there is one, and for leaves. */
  thicknessMm: number | null;
  /** Minutes from the stretch's start at which a sheet below the band may be rolled. */
  workableFrom: number | null;
}

/** The stretch of a step that can be run again from a reading; refuses a step that has no sheet, naming those that have. */
export function stretchToRun(line: ColdLine, stepId: string): Stretch & { body: StretchBody } {
  const runnable = line.stretches.flatMap((s) => (s.body ? [{ ...s, body: s.body }] : []));
  const found = runnable.find((s) => s.stepId === stepId);
  if (found) return found;
  throw new RefusedInput({ field: 'stepId', code: 'unknown', value: stepId, allowed: runnable.map((s) => s.stepId) });
}

/** Minutes in hand and where, over the stretches worked at the bench. */
export function tightest(stretches: readonly Stretch[]): { inHandMin: number | null; tightestStepId: string | null } {
  let inHandMin: number | null = null;
  let tightestStepId: string | null = null;
  for (const s of stretches) {
    if (s.kind !== 'bench' || s.leavesBandAt === null) continue;
    const spare = s.leavesBandAt - s.minutes;
    if (inHandMin === null || spare < inHandMin) {
      inHandMin = spare;
      tightestStepId = s.stepId;
    }
  }
  return { inHandMin, tightestStepId };
}

/** Value of a stretch at an offset in minutes, linear between its points. */
export function valueAt(s: { at: readonly number[]; value: readonly number[] }, minute: number): number {
  const { at, value } = s;
  let i = 1;
  while (i < at.length - 1 && at[i] < minute) i++;
  const [t0, t1] = [at[i - 1] ?? 0, at[i] ?? 0];
  const [v0, v1] = [value[i - 1] ?? 0, value[i] ?? value[i - 1] ?? 0];
  return t1 > t0 ? v0 + (v1 - v0) * Math.max(0, Math.min(1, (minute - t0) / (t1 - t0))) : v1;
}

/**
 * What a bench stretch comes to if work goes on past its planned end: along the simulated line, then straight to the band's
 * edge at the simulated minute, then at that pace (an estimate) but never past `surroundings`.
 */
export function forecastAt(
  s: Pick<Stretch, 'at' | 'value' | 'leavesBandAt'>,
  edge: number,
  surroundings: number,
  minute: number,
): number {
  const end = s.at[s.at.length - 1] ?? 0;
  if (minute <= end || s.leavesBandAt === null) return valueAt(s, minute);
  const last = s.value[s.value.length - 1] ?? edge;
  const from = s.leavesBandAt > end ? { minute: end, value: last } : { minute: 0, value: s.value[0] ?? last };
  const pace = (edge - from.value) / (s.leavesBandAt - from.minute || 1);
  const ahead = (s.leavesBandAt > end ? from.value : last) + pace * (minute - end);
  return pace > 0 ? Math.min(Math.max(last, surroundings), ahead) : Math.max(Math.min(last, surroundings), ahead);
}

/** First minute of a warming (or drying) stretch at which it has come as far as `value`; 0 when it starts further on. */
export function minuteOf(s: Pick<Stretch, 'at' | 'value' | 'leavesBandAt'>, edge: number, value: number): number {
  const rising = edge >= (s.value[0] ?? edge);
  const reached = (v: number) => (rising ? v >= value : v <= value);
  const end = s.at[s.at.length - 1] ?? 0;
  const last = Math.max(end, s.leavesBandAt ?? end);
  const far = rising ? Infinity : -Infinity;
  if (reached(s.value[0] ?? value)) return 0;
  if (!reached(forecastAt(s, edge, far, last))) return last;
  let [low, high] = [0, last];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (reached(forecastAt(s, edge, far, middle))) high = middle;
    else low = middle;
  }
  return high;
}
