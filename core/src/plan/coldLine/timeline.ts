import { usualOwnRestMin } from './usualRest';
import type { Stretch, StretchBody } from './line';
import type { DoughPlan } from '../stations/dough/station';
import type { ItemInput } from '../../contracts/item';
import { type Step, type StepCode } from '../steps/codes';
import type { RestWay } from '../../contracts/folds';
import { leastOf, longRestMin, relaxMin, shortestRestMin, warmestStart, worthwhileRestMin } from './rests';
import { bench, chill, type BenchWork, type ChillResult, type RestPlace } from './thermal';
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

  /** How this pastry is rested; oil has no band to keep, and rests covered in the room. */
  get way(): RestWay {
    const asked = this.item.folds.rests ?? 'workedOut';
    return asked === 'workedOut' && !this.dough.band ? 'room' : asked;
  }

  /**
   * A rest: the shortest that relaxes the dough (`leastMin`) and after which the next stretch at the bench, as it is planned,
   * ends inside the band. Of several ways to go on, wanted first, the first whose rest is not long. A cook's own degrees stand.
   */
  cold(
    id: string,
    shape: ColdShape,
    leastMin: number,
    elasticMin: number,
    values: Step['values'] = {},
    next: readonly (readonly BenchWork[])[] = [],
    mostMin: number = longRestMin.sheet,
  ): ChillResult {
    const least = leastOf(this.way, id.split(':')[0] as StepCode, leastMin);
    const startC = this.temperature;
    const kept = this.longer(id);
    if (least === 'skipped' && kept <= 0) return standing(startC);
    const leastHere = least === 'skipped' ? 0 : least;
    const place: RestPlace = this.way === 'room' ? 'room' : (this.item.folds.coldIn ?? 'fridge');
    const ask = { spec: this.dough.spec, shape, startC, kitchen: this.kitchen, place };
    if (place === 'room') {
      // nothing gets colder in the room: only what has to relax rests there
      if (leastHere === 0 && kept <= 0) return standing(startC);
      const minutes = this.asSet(id, Math.max(leastHere, relaxMin.room));
      return this.rested(id, shape, place, heldFor(ask, minutes), elasticMin, values, minutes);
    }
    // the cook's own minutes, whatever the fat then comes to: the line shows it
    if (this.way === 'own' && id.startsWith('rest:')) {
      const own = this.asSet(id, this.item.folds.ownRestMin ?? usualOwnRestMin);
      return this.rested(id, shape, place, heldFor(ask, own), elasticMin, values, own);
    }
    const reckoned = this.restFor(ask, leastHere, next, mostMin);
    const needed = reckoned.result.minutes;
    if (needed !== null && needed < shortestRestMin && kept === 0) return standing(startC);
    const wanted = needed === null ? null : Math.max(worthwhileRestMin, needed);
    const result =
      kept === 0 && wanted === needed
        ? reckoned.result
        : { ...heldFor(ask, this.asSet(id, wanted ?? 0)), range: reckoned.result.range };
    if (wanted === null || reckoned.coldestC > this.high - 1)
      this.problems.push(
        problem('folds', 'chill_never_ends', 'stop', ['kitchen.fridgeC', 'dough.fat'], {
          targetC: reckoned.coldestC,
          reachedC: reckoned.result.endC,
          fridgeC: this.kitchen.fridgeC,
        }),
      );
    const minutes = result.minutes ?? result.at[result.at.length - 1] ?? 0;
    return this.rested(id, shape, place, result, elasticMin, values, minutes);
  }

  private rested(
    id: string,
    shape: ColdShape,
    place: RestPlace,
    result: ChillResult,
    elasticMin: number,
    values: Step['values'],
    minutes: number,
  ): ChillResult {
    const step = this.step(id, 'cold', minutes, {
      elasticMin,
      values: {
        ...values,
        place,
        fromC: this.temperature,
        toC: result.endC,
        low: result.range?.[0] ?? minutes,
        high: result.range?.[1] ?? minutes,
      },
    });
    this.stretch(step, result, null, null, { body: { kind: 'cold', shape, place } });
    return result;
  }

  /** The chill of a rest, as warm as the next stretch allows or as cold as the cook said; and how cold it could aim for at all. */
  private restFor(
    ask: Omit<Parameters<typeof chill>[0], 'leastMin' | 'targetC'>,
    leastMin: number,
    next: readonly (readonly BenchWork[])[],
    mostMin: number,
  ): { result: ChillResult; coldestC: number } {
    const { kitchen, item, low } = this;
    const placeC = ask.place === 'freezer' ? kitchen.freezerC : kitchen.fridgeC;
    const { startC } = ask;
    const said = item.folds.chillBelowK;
    const deepest = this.coldTarget(low - (said ?? chillBelowBandK), placeC);
    const down = Math.min(deepest, Math.max(startC, low - (said ?? chillBelowBandK)));
    if (said !== undefined) return { result: chill({ ...ask, targetC: down, leastMin }), coldestC: deepest };
    // nothing more is done to it: it only has to be in its band
    let result = chill({ ...ask, targetC: next.length ? down : this.high, leastMin });
    for (const works of next) {
      const warmest = warmestStart(this.dough.spec, works, kitchen, Math.min(deepest, startC), startC, this.high);
      // where no start is cold enough, as cold as is worth waiting for: what is left is done in lots
      const targetC = warmest ?? down;
      result = chill({ ...ask, targetC, leastMin });
      if (warmest !== null && result.minutes !== null && result.minutes <= mostMin) break;
    }
    return { result, coldestC: deepest };
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

/** No rest: it goes on as it lies. */
const standing = (startC: number): ChillResult => ({
  minutes: 0,
  range: null,
  at: [0],
  value: [startC],
  low: [startC],
  high: [startC],
  endC: startC,
  reachableC: startC,
});

/** A chill held for so many minutes and no other: its target is out of reach, or met before. */
function heldFor(ask: Omit<Parameters<typeof chill>[0], 'leastMin' | 'targetC'>, minutes: number): ChillResult {
  return chill({ ...ask, targetC: ask.startC + 1, leastMin: minutes });
}
