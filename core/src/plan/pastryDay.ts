import { filoDry } from '../cold/filo';
import { material } from '../cold/material';
import { thinnestRolledM } from '../cold/rolling';
import { springBack, type SpringEvent } from '../lamination/springBack';
import { tightest, type ColdLine, type Stretch } from './coldLine';
import type { CutPlan } from './cutStation';
import type { DoughPlan } from './doughStation';
import type { FillingPlan } from './fillingStation';
import { styleOf } from './doughFormula';
import { highestPacketMm, turnSizes } from './foldsStation';
import type { Problem } from './figure';
import type { ItemInput, KitchenInput } from './inputs';
import type { SealPlan } from './sealStation';
import { benchMinutes, type Step, type StepCode } from './steps';
import { bench, chill, lumpsWarm, type ChillResult } from './thermal';

export interface PastryDay {
  steps: Step[];
  line: ColdLine;
  problems: Problem[];
  /** The rests named for the third station: minutes, range, and what bound them. */
  rest: {
    minutes: number | null;
    range: [number, number] | null;
    fromC: number;
    toC: number;
    springMin: number;
  } | null;
  lots: number;
}

/** Degrees under the band a chill aims for, so that the whole band is there to be worked in. */
const chillBelowBandK = 1.5;
const shapedChillMin = 30;
const overnightMin = 14 * 60;
const mostTurnsAStretch = 2;
/** A bought block of puff as it comes: an estimate. */
const boughtBlockM = 0.015;

/** Walks a pastry's own steps in order, carrying the fat's mean temperature from one to the next. */
class Walk {
  readonly steps: Step[] = [];
  readonly stretches: Stretch[] = [];
  readonly problems: Problem[] = [];
  temperature: number;
  private count = 0;

  constructor(
    private readonly item: ItemInput,
    readonly kitchen: KitchenInput,
    readonly dough: DoughPlan,
    readonly high: number,
    readonly low: number,
  ) {
    this.temperature = item.dough.fatC;
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
      thicknessMm: thicknessM === null ? null : thicknessM * 1000,
      workableFrom,
    });
    this.temperature = value[value.length - 1] as number;
  }

  weighAndMix(rubbed: boolean): void {
    const { kitchen, item } = this;
    const lump = item.dough.pastry === 'roughPuff' ? item.folds.lumpMm : 15;
    const weigh = this.step('weigh', 'bench', benchMinutes.weigh * kitchen.pace, {
      values: { flour: this.dough.masses.flourG, fat: this.dough.masses.fatG, lump },
    });
    this.stretch(
      weigh,
      lumpsWarm({ fat: item.dough.fat, lumpMm: lump, startC: item.dough.fatC, minutes: weigh.minutes, kitchen }),
      null,
    );
    const mix = this.step(
      rubbed ? 'rubIn' : 'mix',
      'bench',
      (rubbed ? benchMinutes.rubIn : benchMinutes.mix) * kitchen.pace,
      {
        values: {
          water: this.dough.masses.waterG,
          waterC: this.dough.waterC ?? kitchen.tapC,
          ice: this.dough.masses.iceG,
          salt: this.dough.masses.saltG,
          outC: this.dough.outOfBowlC,
        },
      },
    );
    this.stretch(mix, { at: [0, mix.minutes], value: [this.temperature, this.dough.outOfBowlC] }, null);
  }

  /** A chill in the fridge down to just under the band, and long enough for the dough to stop springing back. */
  cold(
    code: StepCode,
    shape:
      | { kind: 'block'; lengthM: number; widthM: number; thicknessM: number }
      | { kind: 'disc'; radiusM: number; thicknessM: number }
      | { kind: 'slab'; thicknessM: number },
    leastMin: number,
    elasticMin: number,
    values: Step['values'] = {},
  ): ChillResult {
    const { kitchen } = this;
    const wanted = this.low - chillBelowBandK;
    const targetC = Math.max(wanted, kitchen.fridgeC + 0.8);
    const startC = this.temperature;
    const result = chill({
      spec: this.dough.spec,
      shape,
      startC,
      targetC: Math.min(targetC, Math.max(startC, wanted)),
      leastMin,
      kitchen,
    });
    if (result.minutes === null || targetC > this.high - 1)
      this.problems.push({
        station: 'folds',
        code: 'chillNeverEnds',
        fields: ['kitchen.fridgeC', 'dough.fat'],
        values: { targetC, reachedC: result.endC, fridgeC: kitchen.fridgeC },
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
    this.stretch(step, result, null);
    return result;
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
    const run = bench({
      spec: this.dough.spec,
      startC: this.temperature,
      fromM: o.fromM,
      toM: o.toM,
      rollMinutes: o.rollMinutes,
      dwellMinutes: o.dwellMinutes,
      limitC: this.high,
      kitchen: this.kitchen,
    });
    const step = this.step(code, 'bench', o.rollMinutes + o.dwellMinutes, {
      pieces: o.pieces,
      values: { ...o.values, fromC: this.temperature, toC: run.endC },
    });
    this.stretch(step, run, run.reachesLimitMin, o.toM);
  }
}

/** Steps and Cold Line of an item from the first weighing to the oven door. */
export function planDay(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
  seal: SealPlan,
): PastryDay {
  if (item.dough.pastry === 'filo') return leavesDay(item, kitchen, cut, dough, filling);
  const band = dough.band ?? { low: -40, high: 60, soft: 60, leak: 60 };
  const walk = new Walk(item, kitchen, dough, band.high, band.low);
  const laminated = item.dough.pastry === 'roughPuff';
  const bought = styleOf(item.dough) === 'boughtPuff';
  if (bought) walk.temperature = kitchen.fridgeC;
  else walk.weighAndMix(!laminated);
  const t = cut.rolled.thicknessMm / 1000;
  let rest: PastryDay['rest'] = null;
  let thick: number;
  const events: SpringEvent[] = [];
  const name = laminated ? 'roughPuff' : 'shortcrust';
  const springRest = (target: number, restC: number) =>
    springBack({ dough: name, events, targetShrink: target, restC }).restMin ?? 0;
  const rested = (minutes: number, restC: number) => events.push({ rest: minutes, restC });

  if (bought) thick = Math.max(t, boughtBlockM);
  else if (laminated) {
    const turn = turnSizes(item, dough);
    // a packet that would be rolled to nothing, or stand too high to roll, stands in the way as a problem of the folds;
    // its day is still worked out
    const foldedM = Math.min(highestPacketMm / 1000, Math.max(thinnestRolledM, turn.foldedMm / 1000));
    const packet = {
      kind: 'block' as const,
      lengthM: turn.foldedLengthMm / 1000,
      widthM: turn.widthMm / 1000,
      thicknessM: foldedM,
    };
    walk.cold('rest', packet, 20, overnightMin, { first: 1 });
    const { turns } = item.folds;
    const each = (benchMinutes.rollATurn + benchMinutes.foldATurn) * kitchen.pace;
    const sizes = { from: foldedM, to: Math.min(foldedM, Math.max(thinnestRolledM, turn.rolledMm / 1000)) };
    for (let done = 0, now; done < turns; done += now) {
      now = Math.min(turnsInBand(walk, sizes, each), turns - done);
      const minutes = now * each;
      turnsStretch(walk, {
        ...sizes,
        now,
        minutes,
        first: done + 1,
        fold: item.folds.fold,
        lengthMm: turn.lengthMm,
        widthMm: turn.widthMm,
      });
      for (let i = 0; i < now; i++) events.push({ roll: Math.max(1, turn.foldedMm / turn.rolledMm), turn: true });
      const startC = walk.temperature;
      const springMin = Math.max(20, springRest(0.06, kitchen.fridgeC));
      const last = done + now >= turns;
      const result = walk.cold('rest', packet, springMin, last ? overnightMin : 120, { last: last ? 1 : 0 });
      rested(result.minutes ?? springMin, kitchen.fridgeC);
      rest ??= { minutes: result.minutes, range: result.range, fromC: startC, toC: result.endC, springMin };
    }
    thick = foldedM;
  } else {
    const disc = item.folds.discMm / 1000;
    const volume = dough.masses.totalG / 1000 / material(dough.spec).densityKgM3;
    const startC = walk.temperature;
    const result = walk.cold(
      'rest',
      { kind: 'disc', radiusM: Math.sqrt(volume / (Math.PI * disc)), thicknessM: disc },
      30,
      overnightMin,
      { first: 1 },
    );
    rest = { minutes: result.minutes, range: result.range, fromC: startC, toC: result.endC, springMin: 30 };
    thick = disc;
  }
  walk.atBench('rollOut', {
    fromM: Math.max(thick, t),
    toM: t,
    rollMinutes: benchMinutes.rollOut * kitchen.pace,
    dwellMinutes: 2,
    values: { l: cut.rolled.lengthMm, w: cut.rolled.widthMm, t: cut.rolled.thicknessMm, sheets: cut.rolled.sheets },
  });
  events.push({ roll: Math.max(1, Math.max(thick, t) / t) });
  const lots =
    item.product === 'dishPie'
      ? dishWork(walk, item, t)
      : pieceWork(walk, item, cut, t, springRest(0.03, kitchen.fridgeC), seal);
  walk.cold('shapedChill', { kind: 'slab', thicknessM: Math.max(0.004, 2 * t) }, shapedChillMin, 12 * 60, { lots });
  const line: ColdLine = {
    medium: 'fat',
    unit: '°C',
    band: { low: band.low, high: band.high, soft: band.soft, leak: band.leak },
    stretches: walk.stretches,
    ...tightest(dough.band ? walk.stretches : []),
  };
  if (line.inHandMin !== null && line.inHandMin < 0) {
    const stuck = walk.steps.find((s) => s.id === line.tightestStepId);
    walk.problems.push({
      station: 'clock',
      code: 'pastSoft',
      fields: ['kitchen.roomC'],
      values: { minutes: -line.inHandMin, step: stuck?.code ?? '' },
      weight: 'warn',
    });
  }
  return { steps: walk.steps, line, problems: walk.problems, rest, lots };
}

/** Turns that can follow one another before the fat leaves its band: two if it stays, else one. */
function turnsInBand(walk: Walk, sizes: { from: number; to: number }, each: number): number {
  const run = (startC: number) =>
    bench({
      spec: walk.dough.spec,
      startC,
      fromM: sizes.from,
      toM: sizes.to,
      rollMinutes: each * 0.8,
      dwellMinutes: each * 0.2,
      limitC: walk.high,
      kitchen: walk.kitchen,
    });
  return run(run(walk.temperature).endC).endC <= walk.high ? mostTurnsAStretch : 1;
}

/** One bench stretch of up to two turns: rolled, folded, quarter-turned, rolled again. */
function turnsStretch(
  walk: Walk,
  o: {
    from: number;
    to: number;
    now: number;
    minutes: number;
    first: number;
    fold: number;
    lengthMm: number;
    widthMm: number;
  },
): void {
  const at: number[] = [];
  const value: number[] = [];
  const startC = walk.temperature;
  let t = startC;
  let leaves: number | null = null;
  const each = o.minutes / o.now;
  for (let i = 0; i < o.now; i++) {
    const run = bench({
      spec: walk.dough.spec,
      startC: t,
      fromM: o.from,
      toM: o.to,
      rollMinutes: each * 0.8,
      dwellMinutes: each * 0.2,
      limitC: walk.high,
      kitchen: walk.kitchen,
    });
    run.at.forEach((m, j) => {
      if (j === 0 && i > 0) return;
      at.push(i * each + m);
      value.push(run.value[j] as number);
    });
    if (leaves === null && run.reachesLimitMin !== null && (run.reachesLimitMin <= each || i === o.now - 1))
      leaves = i * each + run.reachesLimitMin;
    t = run.endC;
  }
  const step = walk.step('turns', 'bench', o.minutes, {
    values: {
      first: o.first,
      last: o.first + o.now - 1,
      fold: o.fold,
      length: o.lengthMm,
      width: o.widthMm,
      fromC: startC,
      toC: t,
    },
  });
  walk.stretch(step, { at, value }, leaves, o.from);
}

/** Cutting, then filling and closing pieces; in as many lots as the band allows, the rest waiting cold. Returns the lots. */
function pieceWork(walk: Walk, item: ItemInput, cut: CutPlan, t: number, springMin: number, seal: SealPlan): number {
  walk.cold('sheetRest', { kind: 'slab', thicknessM: t }, Math.max(15, springMin), 120);
  const cutting = cut.figures.time.value ?? 5;
  walk.atBench('cut', {
    fromM: t,
    toM: t,
    rollMinutes: 0,
    dwellMinutes: cutting,
    pieces: Math.round(cut.figures.firstRoll.reason.values['of'] as number) || cut.pieces,
    values: { t: t * 1000, cutter: item.cut.cutterMm },
  });
  walk.cold('sheetRest', { kind: 'slab', thicknessM: t }, 15, 240, { afterCut: 1 });
  const whole = bench({
    spec: walk.dough.spec,
    startC: walk.temperature,
    fromM: t,
    toM: t,
    rollMinutes: 0,
    dwellMinutes: Math.min(120, seal.benchMin),
    limitC: walk.high,
    kitchen: walk.kitchen,
  });
  const allowed = whole.reachesLimitMin ?? Infinity;
  const lots = Math.max(1, Math.min(6, Math.ceil(seal.benchMin / Math.max(2, allowed))));
  const coldC = walk.temperature;
  for (let lot = 1; lot <= lots; lot++) {
    // a lot waits in the cold until its turn, so each starts as cold as the first
    walk.temperature = coldC;
    const from = Math.round(((lot - 1) * cut.pieces) / lots);
    const to = Math.round((lot * cut.pieces) / lots);
    const code = item.product === 'potPies' ? 'lidSeal' : 'fillSeal';
    walk.atBench(code, {
      fromM: t,
      toM: t,
      rollMinutes: 0,
      dwellMinutes: (seal.benchMin * (to - from)) / cut.pieces,
      pieces: to - from,
      values: { lot, lots, from: from + 1, to, rim: item.seal.rimMm },
    });
  }
  return lots;
}

/** Lining a dish, chilling it with its lid, filling and closing. */
function dishWork(walk: Walk, item: ItemInput, t: number): number {
  const lining = { fromM: t, toM: t, rollMinutes: 0, dwellMinutes: benchMinutes.lineDish * walk.kitchen.pace };
  const straightOn = bench({
    spec: walk.dough.spec,
    startC: walk.temperature,
    ...lining,
    limitC: walk.high,
    kitchen: walk.kitchen,
  });
  if (straightOn.endC > walk.high) walk.cold('sheetRest', { kind: 'slab', thicknessM: t }, 10, 60);
  walk.atBench('lineDish', {
    ...lining,
    values: { t: t * 1000 },
  });
  walk.cold('linedRest', { kind: 'slab', thicknessM: t }, 30, 240);
  walk.atBench('lidSeal', {
    fromM: t,
    toM: t,
    rollMinutes: 0,
    dwellMinutes: benchMinutes.lidADish * walk.kitchen.pace,
    pieces: 1,
    values: { lot: 1, lots: 1, rim: item.seal.rimMm },
  });
  return 1;
}

/** Moisture of a packet's leaf, and below which it cracks when bent: 0.3 of its dry mass. Estimates. */
const freshLeafWetBasis = 0.31;
const crackDryBasis = 0.3;
/** The band of the Damp Line, in % of the leaf's mass. */
export const leafBand = { low: (100 * crackDryBasis) / (1 + crackDryBasis), high: 100 * freshLeafWetBasis };

/** Filo: the Damp Line. The leaf to be used next dries while bare and rests under a damp cloth between stacks. */
function leavesDay(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
): PastryDay {
  const steps: Step[] = [];
  const stretches: Stretch[] = [];
  const humidity = kitchen.humidityPct / 100;
  let wet = freshLeafWetBasis;
  const add = (
    code: StepCode,
    kind: Step['kind'],
    minutes: number,
    values: Step['values'],
    cover: 'none' | 'damp',
    pieces = 0,
    elasticMin = 0,
  ) => {
    const step: Step = {
      id: `${code}${steps.length + 1}`,
      code,
      strand: 'pastry',
      kind,
      minutes,
      elasticMin,
      pieces,
      values,
    };
    steps.push(step);
    const dry = filoDry({
      airC: kitchen.roomC,
      humidity,
      moistureWetBasis: wet,
      cover,
      minutes: Math.max(1, Math.ceil(minutes)),
    });
    const long =
      cover === 'none'
        ? filoDry({ airC: kitchen.roomC, humidity, moistureWetBasis: wet, minutes: 120 }).minutesToLimit
        : null;
    const at = dry.line.minutes.map((m) => Math.min(m, minutes));
    const value = dry.line.wetBasis.map((m) => m * 100);
    stretches.push({
      stepId: step.id,
      code,
      kind: cover === 'none' ? 'bench' : 'cold',
      minutes,
      at,
      value,
      leavesBandAt: cover === 'none' ? long : null,
      thicknessMm: null,
      workableFrom: null,
    });
    wet = dry.finalWetBasis;
  };
  const pace = kitchen.pace;
  const leaves = cut.leaves ?? { count: 1, stacks: 1, perStack: 1 };
  if (styleOf(item.dough) === 'stretchedFilo') {
    add(
      'weigh',
      'bench',
      benchMinutes.weigh * pace,
      { flour: dough.masses.flourG, fat: dough.masses.fatG, lump: 0 },
      'damp',
    );
    add(
      'kneadLeaves',
      'bench',
      benchMinutes.knead * pace,
      { water: dough.masses.waterG, flour: dough.masses.flourG },
      'damp',
    );
    add('restLeaves', 'stand', benchMinutes.restLeaves, {}, 'damp', 0, 120);
    add(
      'stretchLeaves',
      'bench',
      leaves.count * benchMinutes.stretchALeaf * pace,
      { leaves: leaves.count },
      'damp',
      leaves.count,
    );
  } else add('openLeaves', 'bench', benchMinutes.openLeaves * pace, { leaves: leaves.count }, 'none');
  for (let stack = 1; stack <= leaves.stacks; stack++) {
    const each = Math.round(leaves.count / leaves.stacks);
    add(
      'brushStack',
      'bench',
      each * benchMinutes.brushALeaf * pace,
      { stack, stacks: leaves.stacks, leaves: each },
      'none',
      each,
    );
    add(
      'coverLeaves',
      'bench',
      benchMinutes.layAStack * pace,
      { stack, stacks: leaves.stacks, grams: filling.totalG / leaves.stacks },
      'damp',
    );
  }
  add('assembleLeaves', 'bench', 4 * pace, {}, 'damp');
  add('shapedChill', 'cold', 10, { lots: 1 }, 'damp', 0, 180);
  const line: ColdLine = {
    medium: 'leaf',
    unit: '%',
    band: { ...leafBand, soft: null, leak: null },
    stretches,
    ...tightest(stretches),
  };
  const problems: Problem[] = [];
  if (line.inHandMin !== null && line.inHandMin < 0)
    problems.push({
      station: 'folds',
      code: 'leafCracks',
      fields: ['folds.leavesInStack', 'kitchen.humidityPct'],
      values: { minutes: -line.inHandMin },
      weight: 'warn',
    });
  return { steps, line, problems, rest: null, lots: 1 };
}
