import type { ColdLine, Stretch } from '@crustallum/core/plan/coldLine/line';
import { valueAt } from '@crustallum/core/plan/coldLine/line';

/** Where each stretch lies across the strip: bench minutes at one scale, cold stretches pleated. */
export interface LaidStretch extends Stretch {
  x: number;
  width: number;
}

const benchPxAMinute = 7;
const pleatPx = 34;
const pleatPxAMinute = 0.26;

const bare = (s: Stretch, minutes: number): number =>
  s.kind === 'bench' ? benchPxAMinute * minutes : pleatPx + pleatPxAMinute * minutes;

/** On a phone: the stretches in focus with one bench stretch either side, and the cold between. */
export function aroundFocus(line: ColdLine, inFocus: (s: Stretch) => boolean): ColdLine {
  const { stretches } = line;
  const first = stretches.findIndex(inFocus);
  if (first < 0) return line;
  const last = stretches.findLastIndex(inFocus);
  const benchFrom = (i: number, step: 1 | -1): number => {
    let at = i + step;
    while (stretches[at]?.kind === 'cold') at += step;
    return stretches[at] ? at : i;
  };
  return { ...line, stretches: stretches.slice(benchFrom(first, -1), benchFrom(last, 1) + 1) };
}

/** Lays the stretches over a width; `held` replaces the minutes of steps that the Clock lets stand longer. */
export function layStretches(
  line: ColdLine,
  width: number,
  held: ReadonlyMap<string, number> = new Map(),
): LaidStretch[] {
  const minutesOf = (s: Stretch) => held.get(s.stepId) ?? s.minutes;
  const total = line.stretches.reduce((sum, s) => sum + bare(s, minutesOf(s)), 0) || 1;
  let x = 0;
  return line.stretches.map((s) => {
    const w = (bare(s, minutesOf(s)) / total) * width;
    const laid = { ...s, minutes: minutesOf(s), x, width: w };
    x += w;
    return laid;
  });
}

export interface Scale {
  y: (value: number) => number;
  bandTop: number;
  bandBottom: number;
  /** Pixels a degree (or a per cent of moisture). */
  perUnit: number;
  /** Whether a value lies within the height. */
  inside: (value: number) => boolean;
}

/** Vertical scale so that the band takes about a third of the height. */
export function lineScale(line: ColdLine, height: number): Scale {
  const { low, high } = line.band;
  const unit = height / 3 / Math.max(0.5, high - low);
  const bandBottom = height * 0.66;
  const y = (value: number) => Math.max(2, Math.min(height - 2, bandBottom - (value - low) * unit));
  const inside = (value: number) => {
    const at = bandBottom - (value - low) * unit;
    return at >= 0 && at <= height;
  };
  return { y, bandTop: y(high), bandBottom: y(low), perUnit: unit, inside };
}

/** Largest step in value between two stretches that is still one line: a lot fetched from the cold begins anew. */
const jump = 1.5;

/** The line across all stretches, in pieces where it begins anew. */
export function linePieces(laid: readonly LaidStretch[], scale: Scale): [number, number][][] {
  const pieces: [number, number][][] = [];
  let last: number | null = null;
  for (const s of laid) {
    const end = s.at[s.at.length - 1] || 1;
    const points = s.at.map((m, i): [number, number] => [s.x + (s.width * m) / end, scale.y(s.value[i] as number)]);
    const current = pieces[pieces.length - 1];
    if (current && last !== null && Math.abs((s.value[0] as number) - last) < jump) current.push(...points);
    else pieces.push(points);
    last = s.value[s.value.length - 1] as number;
  }
  return pieces;
}

/** Another line over these stretches, step by step: each as wide as the step it stands for. */
export function ghostPieces(laid: readonly LaidStretch[], other: ColdLine, scale: Scale): [number, number][][] {
  const over = laid.flatMap((s) => {
    const same = other.stretches.find((o) => o.stepId === s.stepId) ?? null;
    return same ? [{ ...same, x: s.x, width: s.width }] : [];
  });
  return linePieces(over, scale);
}

/** A reading of a probe, so many minutes into a step. */
export interface Measured {
  stepId: string;
  minute: number;
  value: number;
}

/** Readings as dots of one path, each in its step; what was read past a step's planned end has no place on the strip. */
export function readingsPath(laid: readonly LaidStretch[], measured: readonly Measured[], scale: Scale): string {
  const byStep = new Map(laid.map((s) => [s.stepId, s]));
  return measured
    .flatMap((m) => {
      const s = byStep.get(m.stepId);
      return s && m.minute <= s.minutes ? [`M${xAt(s, m.minute).toFixed(1)} ${scale.y(m.value).toFixed(1)}h.01`] : [];
    })
    .join('');
}

/** x of a moment `minute` into a stretch. */
export const xAt = (s: LaidStretch, minute: number): number =>
  s.x + s.width * Math.max(0, Math.min(1, minute / (s.minutes || 1)));
export { valueAt };
