import { RefusedInput } from '../quantities/refusal';
import type { Surface, Surroundings } from './environments';
import type { Shape } from './grid';
import type { Material } from './material';
import { simulate } from './simulate';

const scaledSurface = (s: Surface, f: number): Surface => ({
  ...s,
  h: s.h * f,
  latent: s.latent && { ...s.latent, convective: s.latent.convective * f },
});

/** The same surroundings with every surface coefficient multiplied; contact conductance and wraps stay. */
export function scaledSurroundings(around: Surroundings, f: number): Surroundings {
  const { bottom } = around;
  return {
    top: scaledSurface(around.top, f),
    side: scaledSurface(around.side, f),
    bottom:
      'bench' in bottom ? { bench: { ...bottom.bench, underH: bottom.bench.underH * f } } : scaledSurface(bottom, f),
  };
}

/**
 * Finds the multiple (0.4..2.5) of an appliance's surface coefficients that reproduces one thermometer reading.
 * `outOfRange` means the reading cannot be explained so: do not store it, measure again.
 */
export function calibrateEnvironment(options: {
  material: Material;
  shape: Shape;
  startC: number;
  around: Surroundings;
  minutes: number;
  where: 'centre' | 'mean' | 'top' | 'bottom' | 'side';
  measuredC: number;
}): { factor: number; status: 'ok' | 'outOfRange' } {
  const miss = (factor: number): number => {
    const run = simulate({
      ...options,
      phases: [{ minutes: options.minutes, around: scaledSurroundings(options.around, factor) }],
    });
    const value = run.final[options.where];
    if (!Number.isFinite(value))
      throw new RefusedInput({
        field: 'where',
        code: 'absent',
        value: options.where,
        allowed: 'a place this shape has',
      });
    return value - options.measuredC;
  };
  let [low, high] = [0.4, 2.5];
  const [atLow, atHigh] = [miss(low), miss(high)];
  if (Math.sign(atLow) === Math.sign(atHigh))
    return { factor: Math.abs(atLow) < Math.abs(atHigh) ? low : high, status: 'outOfRange' };
  for (let i = 0; i < 25; i++) {
    const middle = Math.sqrt(low * high);
    if (Math.sign(miss(middle)) === Math.sign(atLow)) low = middle;
    else high = middle;
  }
  return { factor: Math.sqrt(low * high), status: 'ok' };
}
