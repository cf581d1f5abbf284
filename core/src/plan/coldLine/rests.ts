import type { MaterialSpec } from '../../cold/material';
import type { KitchenInput } from '../../contracts/kitchen';
import type { RestWay } from '../../contracts/folds';
import { remember } from '../memo';
import type { StepCode } from '../steps/codes';
import { benchRun, type BenchWork } from './thermal';

/**
 * Least minutes that relax a dough, by what comes next (cold.md 3.9, estimates): before its first roll, before its fat,
 * between turns, a lined dish left open, shapes before the oven.
 */
export const relaxMin = {
  firstRoll: 30,
  bare: 20,
  turns: 15,
  betweenGoes: 10,
  openDish: 25,
  shapes: 20,
  shapesOnly: 30,
  room: 20,
} as const;

/** A rest of more than this is worth going on in smaller steps, the rolling in goes or one turn fewer at once (min). */
export const longRestMin = { turns: 45, sheet: 60, piece: 30 } as const;
/** A planned stretch keeps so much in hand, min (estimate): nobody works to the second. */
export const spareMin = 2;
/** A rest shorter than this is no step of its own: the hands take it. One that is has at least the minutes a door is worth opening for. */
export const shortestRestMin = 0.5;
export const worthwhileRestMin = 5;

/** Degrees within which the warmest start is looked for. */
const startToleranceK = 0.1;

/** Which of a pastry's rests a way of resting keeps, and from how many minutes on. */
export function leastOf(way: RestWay, code: StepCode, leastMin: number): number | 'skipped' {
  const shapes = code === 'shapedChill';
  switch (way) {
    case 'workedOut':
    case 'own':
    case 'room':
      return leastMin;
    case 'onlyIfSoft':
      return 0;
    case 'shapesOnly':
      return shapes ? Math.max(leastMin, relaxMin.shapesOnly) : 'skipped';
    case 'none':
      return 'skipped';
  }
}

/**
 * The warmest a piece may be when a bench stretch begins, so that it ends at or under the top of the band (°C); null where it
 * would leave the band even from `coldestC`. Bisection on the start: the end rises with it. Nominal coefficients.
 */
export function warmestStart(
  spec: MaterialSpec,
  works: readonly BenchWork[],
  kitchen: KitchenInput,
  coldestC: number,
  startC: number,
  highC: number,
): number | null {
  return remember(['warmestStart', spec, works, coldestC, startC, highC, benchOf(kitchen)], () => {
    const ends = (from: number) =>
      works.reduce(
        (at, work, i) =>
          benchRun(
            spec,
            at,
            i === works.length - 1 ? { ...work, dwellMinutes: work.dwellMinutes + spareMin } : work,
            kitchen,
            1,
          ).final.mean,
        from,
      ) <= highC;
    if (startC <= highC && ends(startC)) return startC;
    if (coldestC >= startC || !ends(coldestC)) return null;
    let [cold, warm] = [coldestC, Math.min(startC, highC)];
    while (warm - cold > startToleranceK) {
      const middle = (cold + warm) / 2;
      if (ends(middle)) cold = middle;
      else warm = middle;
    }
    return cold;
  });
}

const benchOf = ({ roomC, bench, benchC, benchFactor, pace }: KitchenInput) => [
  roomC,
  bench,
  benchC,
  benchFactor,
  pace,
];
