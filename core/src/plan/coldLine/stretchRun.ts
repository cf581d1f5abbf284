import { scaledSurroundings } from '../../cold/calibrateEnvironment';
import { material, type MaterialSpec } from '../../cold/material';
import { simulate } from '../../cold/simulate';
import type { StretchBody } from './line';
import { benchRun, coarse, coarseTolerance, coldOf } from './thermal';
import type { KitchenInput } from '../../contracts/kitchen';

/** One stretch as it goes, or as it would go in another kitchen. */
export interface StretchRun {
  at: number[];
  value: number[];
}

/**
 * Runs a stretch from a mean temperature for so many minutes, with every coefficient of its surroundings multiplied by
 * `factor`; past its planned end a sheet lies as it is.
 */
export function runStretch(o: {
  spec: MaterialSpec;
  body: StretchBody;
  startC: number;
  minutes: number;
  factor: number;
  kitchen: KitchenInput;
}): StretchRun {
  if (o.body.kind === 'cold') {
    const { series } = simulate({
      material: material(o.spec),
      shape: o.body.shape,
      startC: o.startC,
      cells: coarse[o.body.shape.kind],
      toleranceK: coarseTolerance,
      phases: [{ minutes: o.minutes, around: scaledSurroundings(coldOf(o.kitchen, o.body.place), o.factor) }],
    });
    return { at: Array.from(series.minutes), value: Array.from(series.mean) };
  }
  const run: StretchRun = { at: [0], value: [o.startC] };
  let startC = o.startC;
  let elapsed = 0;
  const last = o.body.work[o.body.work.length - 1];
  const planned = o.body.work.reduce((sum, w) => sum + w.rollMinutes + w.dwellMinutes, 0);
  const lies = Math.max(0, o.minutes - planned);
  const work =
    last && lies > 0 ? [...o.body.work, { ...last, fromM: last.toM, rollMinutes: 0, dwellMinutes: lies }] : o.body.work;
  for (const w of work) {
    if (elapsed >= o.minutes) break;
    const made = benchRun(o.spec, startC, w, o.kitchen, o.factor);
    made.minutes.forEach((m, i) => {
      if (i === 0) return;
      run.at.push(elapsed + m);
      run.value.push(made.meanC[i]);
    });
    elapsed += w.rollMinutes + w.dwellMinutes;
    startC = made.final.mean;
  }
  return run;
}
