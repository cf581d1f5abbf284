import { rowOf, within } from '../quantities/refusal';
import { blendSolidFatContent, fatCurves, solidFatContent, type FatName } from './fats';
import type { FatShare } from '../ingredients/massFractions';

/** The degrees (°C) in which a fat can be worked. */
export interface FatWindow {
  brittleBelow: number;
  idealLow: number;
  idealHigh: number;
  softAbove: number;
  leakAbove: number;
  handLow: number;
  handHigh: number;
}

const limits = (
  ...[brittleBelow, idealLow, idealHigh, softAbove, leakAbove, handLow, handHigh]: [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ]
): FatWindow => ({
  brittleBelow,
  idealLow,
  idealHigh,
  softAbove,
  leakAbove,
  handLow,
  handHigh,
});

/**
 * Estimates (±2 °C): below brittleBelow a fat sheet cracks, in the ideal band it yields as far as the dough does, above
 * softAbove it smears, above leakAbove liquid fat drains. handLow..handHigh is for rubbing or cutting in. Oil has no window.
 */
export const fatWindows: Record<FatName, FatWindow | null> = {
  butter: limits(10, 13, 16, 19, 28, 4, 13),
  clarifiedButter: limits(14, 16, 19, 22, 29, 8, 16),
  lard: limits(2, 7, 15, 20, 30, 3, 14),
  shortening: limits(5, 12, 24, 28, 38, 4, 22),
  puffMargarine: limits(10, 16, 24, 28, 38, 8, 22),
  bakingMargarine: limits(6, 10, 17, 21, 30, 4, 15),
  suet: limits(26, 30, 34, 38, 42, 0, 20),
  coconut: limits(18, 20, 22, 23.5, 25, 12, 20),
  oil: null,
};

export type FatUse = 'sheet' | 'crumb';
export type FatCondition = 'liquid' | 'brittle' | 'firm' | 'tooHard' | 'ideal' | 'workable' | 'soft' | 'leaking';

/** The window of a fat shifted by this cook's own correction (K, clamped to ±4); null for oil. */
export function fatWindow(fat: string, shiftK = 0): FatWindow | null {
  const window = rowOf(fatWindows, fat, 'fat');
  const shift = Math.max(-4, Math.min(4, shiftK));
  return (
    window &&
    (Object.fromEntries(
      Object.entries(window).map(([key, value]) => [key, (value as number) + shift]),
    ) as unknown as FatWindow)
  );
}

/**
 * The window of a blend (estimate): each limit is the temperature at which the blend holds as much solid fat as its fats hold,
 * by their shares, at their own limits; oil thins it, and every limit falls. Null where there is nothing but oil.
 */
export function blendWindow(fats: readonly FatShare[]): FatWindow | null {
  const solid = fats.flatMap(({ fat, share }) => {
    const window = fatWindow(fat);
    return window && share > 0 ? [{ fat, share, window }] : [];
  });
  const [only] = solid;
  if (!only) return null;
  if (solid.length === 1 && fats.every((f) => f.fat === only.fat || f.share === 0)) return only.window;
  const sum = solid.reduce((total, f) => total + f.share, 0);
  const limit = (key: keyof FatWindow): number => {
    const wanted = solid.reduce((total, f) => total + (f.share / sum) * solidFatContent(f.fat, f.window[key]), 0);
    let [low, high] = [-40, 60];
    for (let i = 0; i < 50; i++) {
      const middle = (low + high) / 2;
      if (blendSolidFatContent(fats, middle) > wanted) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  return Object.fromEntries(
    Object.keys(only.window).map((key) => [key, limit(key as keyof FatWindow)]),
  ) as unknown as FatWindow;
}

/** The condition of the fat at T °C, as a laminated sheet or as lumps in a crumb. */
export function fatState(
  fat: string,
  t: number,
  use: FatUse = 'sheet',
  shiftK = 0,
): { state: FatCondition; solidFatContent: number } {
  rowOf(fatCurves, fat, 'fat');
  within(t, -40, 120, 'temperatureC');
  const window = fatWindow(fat, shiftK);
  const solid = solidFatContent(fat, t);
  const state = (name: FatCondition) => ({ state: name, solidFatContent: solid });
  if (!window) return state('liquid');
  if (t > window.leakAbove) return state('leaking');
  if (use === 'crumb') {
    if (t < window.handLow) return state('tooHard');
    if (t <= window.handHigh) return state('ideal');
  } else {
    if (t < window.brittleBelow) return state('brittle');
    if (t < window.idealLow) return state('firm');
    if (t <= window.idealHigh) return state('ideal');
  }
  return state(t <= window.softAbove ? 'workable' : 'soft');
}

export type DoughKind = 'lean' | 'enriched' | 'short';
export type DoughCondition = 'frozen' | 'stiff' | 'workable' | 'sticky';

/** How the dough itself handles (estimate), from its fat per flour by mass without any laminated block. */
export function doughState(
  t: number,
  fatPerFlour: number,
  fat = 'butter',
): { kind: DoughKind; stiffBelow: number; stickyAbove: number; state: DoughCondition } {
  within(t, -40, 120, 'temperatureC');
  within(fatPerFlour, 0, 5, 'fatPerFlour');
  const window = rowOf(fatWindows, fat, 'fat');
  const kind: DoughKind = fatPerFlour < 0.15 ? 'lean' : fatPerFlour < 0.4 ? 'enriched' : 'short';
  const shortLimits = window ? [Math.max(4, window.handLow + 4), window.softAbove] : [4, 22];
  const [stiffBelow, stickyAbove] = (kind === 'lean' ? [4, 24] : kind === 'enriched' ? [6, 21] : shortLimits) as [
    number,
    number,
  ];
  const state = t < 0 ? 'frozen' : t < stiffBelow ? 'stiff' : t > stickyAbove ? 'sticky' : 'workable';
  return { kind, stiffBelow, stickyAbove, state };
}
