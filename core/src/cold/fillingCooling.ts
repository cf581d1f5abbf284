import { coolingStages } from './coolingStages';
import { RefusedInput } from '../quantities/refusal';
import type { GridCells, Shape } from './grid';
import { lookup, temperatureAt, type Material } from './material';
import { simulate, type Metric, type Phase } from './simulate';
import { fatWindow } from './windows';

const { hotC, throughC, coldC, firstMin, secondMin } = coolingStages;

export type CoolingCaution = 'notReached21' | 'slowStage1' | 'notReached5' | 'slowStage2' | 'within';

export interface FillingCooling {
  to60Min: number | null;
  to21Min: number | null;
  to5Min: number | null;
  stage60to21Min: number | null;
  stage21to5Min: number | null;
  dangerMinutes: number;
  finalC: number;
  caution: CoolingCaution;
  line: { minutes: number[]; temperatureC: number[] };
}

/**
 * Cooling of a cooked filling and the widely published two-stage guidance (60→21 °C within 2 h, on to 5 °C within 4 h more).
 * General guidance only: local food-safety rules come first, and no model makes food safe.
 */
export function coolFilling(o: {
  material: Material;
  shape: Shape;
  startC: number;
  phases: readonly Phase[];
  metric?: Metric;
  toleranceK?: number;
  cells?: GridCells;
}): FillingCooling {
  const metric = o.metric ?? 'warmest';
  const { series } = simulate({ ...o, toleranceK: o.toleranceK ?? 0.05 });
  const values = series[metric];
  const { minutes } = series;
  const down = (limit: number): number | null => {
    for (let i = 0; i < values.length; i++) {
      const value = values[i];
      if (value > limit) continue;
      if (i === 0) return 0;
      const before = values[i - 1];
      const [t0, t1] = [minutes[i - 1], minutes[i]];
      return t0 + ((t1 - t0) * (before - limit)) / (before - value);
    }
    return null;
  };
  let danger = 0;
  for (let i = 1; i < values.length; i++) {
    const [a, b] = [values[i - 1], values[i]];
    const span = minutes[i] - minutes[i - 1];
    const [low, high] = [Math.min(a, b), Math.max(a, b)];
    const inside =
      high === low
        ? low >= coldC && low <= hotC
          ? 1
          : 0
        : Math.max(0, Math.min(high, hotC) - Math.max(low, coldC)) / (high - low);
    danger += span * inside;
  }
  const [to60, to21, to5] = [down(hotC), down(throughC), down(coldC)];
  const stage1 = to60 !== null && to21 !== null ? to21 - to60 : null;
  const stage2 = to21 !== null && to5 !== null ? to5 - to21 : null;
  const caution: CoolingCaution =
    stage1 === null
      ? 'notReached21'
      : stage1 > firstMin
        ? 'slowStage1'
        : stage2 === null
          ? 'notReached5'
          : stage2 > secondMin
            ? 'slowStage2'
            : 'within';
  return {
    to60Min: to60,
    to21Min: to21,
    to5Min: to5,
    stage60to21Min: stage1,
    stage21to5Min: stage2,
    dangerMinutes: danger,
    finalC: values[values.length - 1],
    caution,
    line: { minutes: Array.from(minutes), temperatureC: Array.from(values) },
  };
}

export interface HottestFilling {
  maxC: number | null;
  byMeanC: number | null;
  byFaceC: number | null;
  limitedBy: 'mean' | 'face' | 'cap' | null;
}

/**
 * The hottest filling that does not spoil the pastry's fat: by the heat balance of the whole (mean stays at or under
 * softAbove) and by the contact temperature (under leakAbove). No losses are counted, so it errs on the cool side.
 */
export function maxFillingTemperature(o: {
  filling: Material;
  fillingThicknessM: number;
  pastry: Material;
  pastryThicknessM: number;
  pastryC: number;
  fat?: string;
  meanLimitC?: number;
  faceLimitC?: number;
  shiftK?: number;
}): HottestFilling {
  const window = o.fat ? fatWindow(o.fat, o.shiftK) : null;
  const meanLimit = o.meanLimitC ?? window?.softAbove;
  const faceLimit = o.faceLimitC ?? window?.leakAbove;
  if (meanLimit === undefined || faceLimit === undefined)
    throw new RefusedInput({
      field: 'fat',
      code: 'no_window',
      value: o.fat,
      allowed: 'a solid fat, or meanLimitC and faceLimitC',
    });
  if (o.pastryC >= meanLimit) return { maxC: null, byMeanC: null, byFaceC: null, limitedBy: null };
  const { filling, pastry } = o;
  const taken =
    pastry.densityKgM3 * o.pastryThicknessM * (lookup(pastry.enthalpy, meanLimit) - lookup(pastry.enthalpy, o.pastryC));
  const byMean = temperatureAt(
    filling.enthalpy,
    lookup(filling.enthalpy, meanLimit) + taken / (filling.densityKgM3 * o.fillingThicknessM),
  );
  const secant = (lookup(pastry.enthalpy, faceLimit) - lookup(pastry.enthalpy, o.pastryC)) / (faceLimit - o.pastryC);
  const effusivity = (k: number, density: number, c: number) => Math.sqrt(k * density * c);
  const pastryE = effusivity(lookup(pastry.across, (faceLimit + o.pastryC) / 2), pastry.densityKgM3, secant);
  const fillingC = (lookup(filling.enthalpy, faceLimit + 5) - lookup(filling.enthalpy, faceLimit - 5)) / 10;
  const fillingE = effusivity(lookup(filling.across, faceLimit), filling.densityKgM3, fillingC);
  const byFace = faceLimit + (pastryE / fillingE) * (faceLimit - o.pastryC);
  const maxC = Math.min(byMean, byFace, 95);
  return {
    maxC,
    byMeanC: byMean,
    byFaceC: byFace,
    limitedBy: maxC === byMean ? 'mean' : maxC === byFace ? 'face' : 'cap',
  };
}
