import { IsString, MaxLength } from 'class-validator';
import { RefusedInput } from '../../quantities/refusal';
import { Nested, NestedList, NumberIn } from '../../quantities/rules';
import { stretchToRun, valueAt } from '../coldLine/line';
import { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import { runStretch } from '../coldLine/stretchRun';
import { KitchenInput } from '../../contracts/kitchen';

/** A reading of the probe in the fat, so many minutes into its step. */
export class ReadingInput {
  @NumberIn(0, 1440, 'min') minute!: number;
  @NumberIn(-25, 45, '°C') valueC!: number;
}

/** What the model `plan.recalibrate` takes. */
export class RecalibrateInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @IsString() @MaxLength(40) stepId!: string;
  @NestedList(() => ReadingInput, 500) readings!: ReadingInput[];
}

export interface Recalibrated {
  /** Multiple of the coefficients reckoned with, and the start against the plan's, that explain the readings best. */
  factor: number;
  startK: number;
  status: 'ok' | 'tooFew' | 'outOfRange';
  /** What would be kept for this kitchen: its own multiple of them. */
  keeps: { field: 'benchFactor' | 'fridgeFactor'; value: number } | null;
  /** The whole step as it now looks, minutes from its beginning. */
  at: number[];
  value: number[];
  /** Minutes from the step's beginning at which it leaves the band; null if not within two hours. */
  leavesBandAt: number | null;
}

const [least, most] = [0.4, 2.5];
/** Readings nearer than this say nothing of the pace, min. */
const apartMin = 1.5;
const aheadMin = 120;
const halvings = 22;
/** What is believed before any reading, as standard deviations: of a reading, of the start (K), of the logarithm of the factor. */
const believed = { readingK: 0.15, startK: 0.8, logFactor: 0.3 };

/**
 * The forecast of a step after readings of the probe. What is not known is where the step really began and how much more (or
 * less) air, bench or fridge carry than was reckoned, 0.4 to 2.5 times: both are found as the likeliest, readings against what
 * was believed before (normal priors; golden section on the factor's logarithm, the start by its linear response).
 */
export function recalibrate({ item, kitchen, stepId, readings }: RecalibrateInput): Recalibrated {
  const plan = planItem(item, kitchen);
  const stretch = stretchToRun(plan.line, stepId);
  if (readings.length === 0)
    throw new RefusedInput({ field: 'readings', code: 'empty', value: readings, allowed: 'at least one reading' });
  const { body } = stretch;
  const minutes = readings.map((r) => r.minute);
  const lastMinute = Math.max(...minutes);
  const plannedC = stretch.value[0];
  const run = (startK: number, length: number, factor: number) =>
    runStretch({ spec: plan.dough.spec, body, startC: plannedC + startK, minutes: length, factor, kitchen });
  const fit = (factor: number): { startK: number; unlikely: number } => {
    const [even, warmer] = [run(0, lastMinute, factor), run(1, lastMinute, factor)];
    let [top, bottom] = [0, (believed.readingK / believed.startK) ** 2];
    for (const r of readings) {
      const slope = valueAt(warmer, r.minute) - valueAt(even, r.minute);
      top += slope * (r.valueC - valueAt(even, r.minute));
      bottom += slope * slope;
    }
    const startK = top / bottom;
    const miss = readings.reduce((sum, r) => {
      const [a, b] = [valueAt(even, r.minute), valueAt(warmer, r.minute)];
      return sum + (r.valueC - a - startK * (b - a)) ** 2;
    }, 0);
    return {
      startK,
      unlikely:
        miss / believed.readingK ** 2 + (startK / believed.startK) ** 2 + (Math.log(factor) / believed.logFactor) ** 2,
    };
  };
  const found = goldenSection((log) => fit(Math.exp(log)).unlikely, Math.log(least), Math.log(most));
  const factor = Math.exp(found);
  const { startK } = fit(factor);
  const span = lastMinute - Math.min(...minutes);
  const status =
    readings.length < 2 || span < apartMin
      ? 'tooFew'
      : factor < least * 1.02 || factor > most * 0.98
        ? 'outOfRange'
        : 'ok';
  const cold = body.kind === 'cold';
  const end = Math.max(stretch.minutes, lastMinute + 10);
  const line = run(startK, cold ? end : Math.max(end, aheadMin), factor);
  const over = cold ? -1 : line.value.findIndex((v) => v >= plan.line.band.high);
  const shown = Math.max(2, line.at.filter((m) => m <= end + 0.51).length);
  const known = cold ? kitchen.fridgeFactor : (kitchen.benchFactor ?? 1);
  const learnt = status === 'ok' && !(cold && body.place === 'freezer');
  return {
    factor,
    startK,
    status,
    keeps: learnt
      ? { field: cold ? 'fridgeFactor' : 'benchFactor', value: Math.min(most, Math.max(least, known * factor)) }
      : null,
    at: line.at.slice(0, shown),
    value: line.value.slice(0, shown),
    leavesBandAt: over < 0 ? null : crossing(line, over, plan.line.band.high),
  };
}

function crossing(line: { at: number[]; value: number[] }, over: number, edge: number): number {
  if (over === 0) return 0;
  const [a, b] = [line.value[over - 1], line.value[over]];
  const [t0, t1] = [line.at[over - 1], line.at[over]];
  return t0 + ((edge - a) / (b - a || 1)) * (t1 - t0);
}

function goldenSection(f: (x: number) => number, from: number, to: number): number {
  const ratio = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [from, to];
  let [c, d] = [b - ratio * (b - a), a + ratio * (b - a)];
  let [fc, fd] = [f(c), f(d)];
  for (let i = 0; i < halvings; i++) {
    if (fc < fd) {
      [b, d, fd] = [d, c, fc];
      c = b - ratio * (b - a);
      fc = f(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + ratio * (b - a);
      fd = f(d);
    }
  }
  return (a + b) / 2;
}
