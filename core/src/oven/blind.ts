import { dryAt } from './tables';
import type { BakeSpec } from './bakeInput';
import { bakeSetup } from './bakeSetup';
import { BakeStepper } from './bakeStep';
import { Oven } from './ovenState';
import { layStack, stack } from './stack';

const gelC = 78;
const gelMinutes = 2;
const longestMin = 90;
const stepS = 6;

export interface BlindBake {
  /** Minutes until it is set (no raw layer), and dry enough to be filled; null where it is not within an hour and a half. */
  setMin: number | null;
  dryMin: number | null;
  /** When it comes out: share of its water gone from the lower half, what is left of all of it, and how warm it is. */
  dryness: number;
  waterLeft: number;
  endC: number;
  series: { tMin: number; baseC: number; dryness: number }[];
}

/** An empty case to be baked: what it is made of, where it stands, and how long it has weights in it. */
export interface BlindSpec extends Omit<BakeSpec, 'top' | 'filling' | 'base' | 'empty'> {
  base: Pick<NonNullable<BakeSpec['base']>, 'type' | 'tMm' | 'waterToDry'>;
  weightsMin: number;
  bareMin: number;
  /** Share of its water that has to be gone below: 0.48, or 0.65 under what is poured in. */
  dryAt?: number;
}

/**
 * A case baked before it is filled: with weights it takes heat through them and keeps its steam, without them it dries on both
 * faces. Minutes and °C; estimates of the same model as the bake.
 */
export function simulateBlind({ weightsMin, bareMin, dryAt: wanted = dryAt.filling, ...spec }: BlindSpec): BlindBake {
  const s = bakeSetup({
    ...spec,
    top: null,
    // nothing is in it: the filling has no cells, and lends only a depth to the case's height
    filling: { type: 'cheese_egg', depthMm: 20, startC: spec.crustStartC ?? 8 },
    empty: { weightsMin },
  });
  layStack(s);
  const oven = new Oven(s);
  const stepper = new BakeStepper(s, oven);
  const { iBase, baseCount } = stack;
  const X0 = s.base?.X0 ?? 1;
  const mean = (from: number) => {
    let sum = 0;
    for (let i = from; i < iBase + baseCount; i++) sum += stack.X[i];
    return sum / (iBase + baseCount - from) / X0;
  };
  const dryness = () => Math.max(0, 1 - mean(iBase + baseCount - 3));
  const series: BlindBake['series'] = [{ tMin: 0, baseC: stack.T[iBase + 2], dryness: dryness() }];
  const end = Math.max(1, weightsMin + bareMin);
  let gelled = 0;
  let setMin: number | null = null;
  let dryMin: number | null = null;
  let out: Pick<BlindBake, 'dryness' | 'waterLeft' | 'endC'> | null = null;
  for (let tS = 0; tS < longestMin * 60 && (out === null || setMin === null || dryMin === null);) {
    stepper.step(tS, stepS, false);
    tS += stepS;
    const minute = tS / 60;
    const middle = (stack.T[iBase + 2] + stack.T[iBase + 3]) / 2;
    if (middle >= gelC) gelled += stepS / 60;
    if (gelled >= gelMinutes - 1e-9) setMin ??= minute;
    // once the weights are out: under them its steam stays
    if (minute > weightsMin && dryness() >= wanted) dryMin ??= minute;
    if (tS % 60 === 0 && minute <= end) series.push({ tMin: minute, baseC: middle, dryness: dryness() });
    if (minute >= end - 1e-9) out ??= { dryness: dryness(), waterLeft: mean(iBase), endC: middle };
  }
  return { setMin, dryMin, series, ...(out as NonNullable<typeof out>) };
}
