import type { Stretch, StretchBody } from './line';
import type { DoughPlan } from '../stations/dough/station';
import type { ItemInput } from '../../contracts/item';
import { type Step, type StepCode } from '../steps/codes';
import { bench, chill, type ChillResult } from './thermal';
import { problem, type Problem } from '../problem';
import type { KitchenInput } from '../../contracts/kitchen';

/** Degrees under the band a chill aims for, so that the whole band is there to be worked in. */
export const chillBelowBandK = 1.5;
/** A step cannot be hurried to less than this, min. */
const shortestMin = 1;

export type ColdShape = Extract<StretchBody, { kind: 'cold' }>['shape'];

/** Name of a step that stays its own whatever comes before it: what is done, and which one of these it is. */
export const stepId = (code: StepCode, which: string): string => `${code}:${which}`;

/** A pastry's own steps in order, carrying the fat's mean temperature from one to the next. */
export class Timeline {
  readonly steps: Step[] = [];
  readonly stretches: Stretch[] = [];
  readonly problems: Problem[] = [];
  temperature: number;

  constructor(
    readonly item: ItemInput,
    readonly kitchen: KitchenInput,
    readonly dough: DoughPlan,
    readonly high: number,
    readonly low: number,
  ) {
    this.temperature = item.dough.fatC;
  }

  /** Minutes the cook made a step longer (or shorter) by. */
  longer(id: string): number {
    return this.item.clock.longer?.find((l) => l.stepId === id)?.minutes ?? 0;
  }

  /** So many minutes as planned, and as the cook made it, but never none. */
  asSet(id: string, plannedMin: number): number {
    return Math.max(shortestMin, plannedMin + this.longer(id));
  }

  step(
    id: string,
    kind: Step['kind'],
    minutes: number,
    o: { elasticMin?: number; pieces?: number; values?: Step['values'] } = {},
  ): Step {
    const step: Step = {
      id,
      code: id.split(':')[0] as StepCode,
      strand: 'pastry',
      kind,
      minutes,
      elasticMin: o.elasticMin ?? 0,
      pieces: o.pieces ?? 0,
      values: o.values ?? {},
    };
    this.steps.push(step);
    return step;
  }

  stretch(
    step: Step,
    line: { at: number[]; value: number[]; low?: number[]; high?: number[] },
    leavesBandAt: number | null,
    thicknessM: number | null = null,
    more: { body?: StretchBody; leavesRange?: [number | null, number | null] } = {},
  ): void {
    const { at, value } = line;
    const from = value.findIndex((v) => v >= this.low);
    const workableFrom =
      step.kind === 'bench' && (value[0] ?? 0) < this.low ? (from < 0 ? step.minutes : at[from]) : null;
    this.stretches.push({
      stepId: step.id,
      code: step.code,
      kind: step.kind === 'cold' ? 'cold' : 'bench',
      minutes: step.minutes,
      at,
      value,
      ...(line.low ? { low: line.low, high: line.high } : {}),
      leavesBandAt,
      ...(more.leavesRange ? { leavesRange: more.leavesRange } : {}),
      ...(more.body ? { body: more.body } : {}),
      thicknessMm: thicknessM === null ? null : thicknessM * 1000,
      workableFrom,
    });
    this.temperature = value[value.length - 1];
  }

  /** A chill in the fridge down to just under the band, and long enough for the dough to stop springing back. */
  cold(id: string, shape: ColdShape, leastMin: number, elasticMin: number, values: Step['values'] = {}): ChillResult {
    const { kitchen, item } = this;
    const place = item.folds.coldIn ?? 'fridge';
    const wanted = this.low - (item.folds.chillBelowK ?? chillBelowBandK);
    const targetC = this.coldTarget(wanted, place === 'freezer' ? kitchen.freezerC : kitchen.fridgeC);
    const startC = this.temperature;
    const ask = { spec: this.dough.spec, shape, startC, kitchen, place };
    const reckoned = chill({ ...ask, targetC: Math.min(targetC, Math.max(startC, wanted)), leastMin });
    const result =
      this.longer(id) === 0
        ? reckoned
        : { ...heldFor(ask, this.asSet(id, reckoned.minutes ?? 0)), range: reckoned.range };
    if (reckoned.minutes === null || targetC > this.high - 1)
      this.problems.push(
        problem('folds', 'chill_never_ends', 'stop', ['kitchen.fridgeC', 'dough.fat'], {
          targetC,
          reachedC: reckoned.endC,
          fridgeC: kitchen.fridgeC,
        }),
      );
    const minutes = result.minutes ?? result.at[result.at.length - 1] ?? 0;
    const step = this.step(id, 'cold', minutes, {
      elasticMin,
      values: {
        ...values,
        fromC: startC,
        toC: result.endC,
        low: result.range?.[0] ?? minutes,
        high: result.range?.[1] ?? minutes,
      },
    });
    this.stretch(step, result, null, null, { body: { kind: 'cold', shape, place } });
    return result;
  }

  /**
   * What a chill can aim for: just under the band, but not so near the cold's own temperature that it takes all day where
   * the middle of the band is met long before (three degrees over it, an estimate of what is worth waiting for).
   */
  private coldTarget(wanted: number, placeC: number): number {
    const reachable = placeC + 0.8;
    if (wanted >= reachable) return wanted;
    const soon = placeC + 3;
    const asked = this.item.folds.chillBelowK !== undefined;
    return !asked && soon <= (this.low + this.high) / 2 ? soon : reachable;
  }

  /** A chill of something else in the same cold, as long as the cook made its step; the line does not follow it. */
  chillOf(
    id: string,
    o: { spec: DoughPlan['spec']; shape: ColdShape; startC: number; targetC: number; leastMin: number },
  ): { minutes: number; endC: number } {
    const place = this.item.folds.coldIn ?? 'fridge';
    const ask = { ...o, targetC: Math.min(o.targetC, o.startC), kitchen: this.kitchen, place };
    const reckoned = chill(ask);
    const minutes = this.asSet(id, reckoned.minutes ?? o.leastMin);
    return { minutes, endC: this.longer(id) === 0 ? reckoned.endC : heldFor(ask, minutes).endC };
  }

  /** Work at the bench on a sheet; stretches longer than the band allows are told, not hidden. */
  atBench(
    id: string,
    o: {
      fromM: number;
      toM: number;
      rollMinutes: number;
      dwellMinutes: number;
      pieces?: number;
      values?: Step['values'];
    },
  ): void {
    const planned = o.rollMinutes + o.dwellMinutes;
    const minutes = this.asSet(id, planned);
    const rollMinutes = Math.min(o.rollMinutes, minutes);
    const work = { fromM: o.fromM, toM: o.toM, rollMinutes, dwellMinutes: minutes - rollMinutes };
    const run = bench({
      spec: this.dough.spec,
      startC: this.temperature,
      ...work,
      limitC: this.high,
      kitchen: this.kitchen,
    });
    const step = this.step(id, 'bench', minutes, {
      pieces: o.pieces,
      values: { ...o.values, fromC: this.temperature, toC: run.endC },
    });
    this.stretch(step, run, run.reachesLimitMin, o.toM, {
      leavesRange: run.limitRange,
      body: { kind: 'bench', work: [work] },
    });
  }
}

/** A chill held for so many minutes and no other: its target is out of reach, or met before. */
function heldFor(ask: Omit<Parameters<typeof chill>[0], 'leastMin' | 'targetC'>, minutes: number): ChillResult {
  return chill({ ...ask, targetC: ask.startC + 1, leastMin: minutes });
}
