import type { Stretch, StretchBody } from './line';
import type { DoughPlan } from '../stations/dough/result';
import type { ItemInput } from '../../contracts/item';
import { type Step, type StepCode } from '../steps/codes';
import { bench, chill, lumpsWarm, type ChillResult } from './thermal';
import { lockIn } from '../stations/lamination/turns';
import type { Problem } from '../problem';
import type { KitchenInput } from '../../contracts/kitchen';
import { benchMinutes } from '../steps/minutes';

/** Degrees under the band a chill aims for, so that the whole band is there to be worked in. */
export const chillBelowBandK = 1.5;
/** A step cannot be hurried to less than this, min. */
const shortestMin = 1;

export type ColdShape = Extract<StretchBody, { kind: 'cold' }>['shape'];

/** Walks a pastry's own steps in order, carrying the fat's mean temperature from one to the next. */
export class Walk {
  readonly steps: Step[] = [];
  readonly stretches: Stretch[] = [];
  readonly problems: Problem[] = [];
  temperature: number;
  private count = 0;

  constructor(
    readonly item: ItemInput,
    readonly kitchen: KitchenInput,
    readonly dough: DoughPlan,
    readonly high: number,
    readonly low: number,
  ) {
    this.temperature = item.dough.fatC;
  }

  /** Minutes the cook made the next step of that kind longer (or shorter) by. */
  longer(code: StepCode): number {
    const id = `${code}${this.count + 1}`;
    return this.item.clock.longer?.find((l) => l.stepId === id)?.minutes ?? 0;
  }

  step(
    code: StepCode,
    kind: Step['kind'],
    minutes: number,
    o: { elasticMin?: number; pieces?: number; values?: Step['values'] } = {},
  ): Step {
    const step: Step = {
      id: `${code}${++this.count}`,
      code,
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
      step.kind === 'bench' && (value[0] ?? 0) < this.low ? (from < 0 ? step.minutes : (at[from] as number)) : null;
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
    this.temperature = value[value.length - 1] as number;
  }

  weighAndMix(rubbed: boolean): void {
    const { kitchen, item } = this;
    const laminated = item.dough.pastry === 'roughPuff';
    const apart = laminated && lockIn(item.folds) !== 'lumps';
    const lump = apart ? 0 : laminated ? item.folds.lumpMm : 15;
    const weighFor = benchMinutes.weigh * kitchen.pace;
    const weigh = this.step('weigh', 'bench', Math.max(shortestMin, weighFor + this.longer('weigh')), {
      values: { flour: this.dough.masses.flourG, fat: this.dough.masses.fatG, lump },
    });
    // a block, or fat to spread, stays where it is until it is wanted
    const still = (minutes: number) => ({ at: [0, minutes], value: [this.temperature, this.temperature] });
    this.stretch(
      weigh,
      apart
        ? still(weigh.minutes)
        : lumpsWarm({ fat: item.dough.fat, lumpMm: lump, startC: item.dough.fatC, minutes: weigh.minutes, kitchen }),
      null,
    );
    const code = rubbed ? 'rubIn' : 'mix';
    const mixFor = (rubbed ? benchMinutes.rubIn : benchMinutes.mix) * kitchen.pace;
    const mix = this.step(code, 'bench', Math.max(shortestMin, mixFor + this.longer(code)), {
      values: {
        water: this.dough.masses.waterG,
        waterC: this.dough.waterC ?? kitchen.tapC,
        ice: this.dough.masses.iceG,
        salt: this.dough.masses.saltG,
        outC: this.dough.outOfBowlC,
      },
    });
    this.stretch(
      mix,
      apart ? still(mix.minutes) : { at: [0, mix.minutes], value: [this.temperature, this.dough.outOfBowlC] },
      null,
    );
  }

  /** A chill in the fridge down to just under the band, and long enough for the dough to stop springing back. */
  cold(
    code: StepCode,
    shape: ColdShape,
    leastMin: number,
    elasticMin: number,
    values: Step['values'] = {},
  ): ChillResult {
    const { kitchen, item } = this;
    const place = item.folds.coldIn ?? 'fridge';
    const wanted = this.low - (item.folds.chillBelowK ?? chillBelowBandK);
    const targetC = this.coldTarget(wanted, place === 'freezer' ? kitchen.freezerC : kitchen.fridgeC);
    const startC = this.temperature;
    const ask = { spec: this.dough.spec, shape, startC, kitchen, place };
    const reckoned = chill({ ...ask, targetC: Math.min(targetC, Math.max(startC, wanted)), leastMin });
    const longer = this.longer(code);
    const result = longer === 0 ? reckoned : heldFor(Math.max(shortestMin, (reckoned.minutes ?? 0) + longer));
    function heldFor(minutes: number): ChillResult {
      // held for so long and no other: the target is out of reach, or met before
      return { ...chill({ ...ask, targetC: startC + 1, leastMin: minutes }), range: reckoned.range };
    }
    if (reckoned.minutes === null || targetC > this.high - 1)
      this.problems.push({
        station: 'folds',
        code: 'chillNeverEnds',
        fields: ['kitchen.fridgeC', 'dough.fat'],
        values: { targetC, reachedC: reckoned.endC, fridgeC: kitchen.fridgeC },
        weight: 'stop',
      });
    const minutes = result.minutes ?? result.at[result.at.length - 1] ?? 0;
    const step = this.step(code, 'cold', minutes, {
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

  /** A chill of something else in the same cold; the line does not follow it. */
  chillOf(spec: DoughPlan['spec'], shape: ColdShape, startC: number, targetC: number, leastMin: number): ChillResult {
    const place = this.item.folds.coldIn ?? 'fridge';
    return chill({ spec, shape, startC, targetC: Math.min(targetC, startC), leastMin, kitchen: this.kitchen, place });
  }

  /** Work at the bench on a sheet; stretches longer than the band allows are told, not hidden. */
  atBench(
    code: StepCode,
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
    const minutes = Math.max(shortestMin, planned + this.longer(code));
    const rollMinutes = Math.min(o.rollMinutes, minutes);
    const work = { fromM: o.fromM, toM: o.toM, rollMinutes, dwellMinutes: minutes - rollMinutes };
    const run = bench({
      spec: this.dough.spec,
      startC: this.temperature,
      ...work,
      limitC: this.high,
      kitchen: this.kitchen,
    });
    const step = this.step(code, 'bench', minutes, {
      pieces: o.pieces,
      values: { ...o.values, fromC: this.temperature, toC: run.endC },
    });
    this.stretch(step, run, run.reachesLimitMin, o.toM, {
      leavesRange: run.limitRange,
      body: { kind: 'bench', work: [work] },
    });
  }
}
