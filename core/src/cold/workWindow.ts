import { RefusedInput } from '../quantities/refusal';
import type { Surroundings } from './environments';
import type { GridCells, Shape } from './grid';
import type { Material } from './material';
import { simulate, type Metric } from './simulate';
import { fatWindow } from './windows';

export interface WorkWindow {
  readyMin: number | null;
  noLongerBrittleMin: number | null;
  idealUntilMin: number | null;
  softAtMin: number | null;
  surfaceSoftAtMin: number | null;
  leakAtMin: number | null;
}

/** How long a piece that warms from `startC` can be worked: minutes to each limit of its fat, 0 if already past, null if not within `maxMinutes`. */
export function workWindow(options: {
  material: Material;
  fat: string;
  shape: Shape;
  startC: number;
  around: Surroundings;
  shiftK?: number;
  maxMinutes?: number;
  cells?: GridCells;
}): WorkWindow {
  const window = fatWindow(options.fat, options.shiftK);
  if (!window)
    throw new RefusedInput({
      field: 'fat',
      code: 'no_window',
      value: options.fat,
      allowed: 'a fat that is solid when cold',
    });
  const { series } = simulate({
    ...options,
    phases: [{ minutes: options.maxMinutes ?? 180, around: options.around }],
    longestStepS: 60,
  });
  const crossing = (metric: Metric, value: number): number | null => {
    const column = series[metric];
    for (let i = 0; i < column.length; i++) {
      const now = column[i];
      if (now < value) continue;
      if (i === 0) return 0;
      const before = column[i - 1];
      const [t0, t1] = [series.minutes[i - 1], series.minutes[i]];
      return t0 + ((t1 - t0) * (value - before)) / (now - before);
    }
    return null;
  };
  return {
    readyMin: crossing('mean', window.idealLow),
    noLongerBrittleMin: crossing('coldest', window.brittleBelow),
    idealUntilMin: crossing('mean', window.idealHigh),
    softAtMin: crossing('mean', window.softAbove),
    surfaceSoftAtMin: crossing('warmest', window.softAbove),
    leakAtMin: crossing('warmest', window.leakAbove),
  };
}
