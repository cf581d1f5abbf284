import { material } from '../../cold/material';
import { springBack, type SpringEvent } from '../../lamination/springBack';
import { tightest, type ColdLine } from './line';
import type { CutPlan } from '../stations/cut/result';
import { styleOf } from '../stations/dough/formula';
import type { DoughPlan } from '../stations/dough/result';
import type { FillingPlan } from '../stations/filling/result';
import type { ItemInput } from '../../contracts/item';
import { laminatedDay } from './laminated';
import { leavesDay } from './leaves';
import type { SealPlan } from '../stations/seal/result';
import { type Step } from '../steps/codes';
import { bench } from './thermal';
import type { TurnRow } from '../stations/lamination/turns';
import { Walk } from './timeline';
import type { Problem } from '../problem';
import type { KitchenInput } from '../../contracts/kitchen';
import { benchMinutes } from '../steps/minutes';

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
  /** The turns of a laminate with their rests. */
  rows?: TurnRow[];
}

const shapedChillMin = 30;
const overnightMin = 14 * 60;
const mostLots = 6;
const betweenGoesMin = 10;
/** A bought block of puff as it comes: an estimate. */
const boughtBlockM = 0.015;

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
  let rows: TurnRow[] = [];
  let thick: number;
  const events: SpringEvent[] = [];
  const name = laminated ? 'roughPuff' : 'shortcrust';
  const springRest = (target: number, restC: number) =>
    springBack({ dough: name, events, targetShrink: target, restC }).restMin ?? 0;

  if (bought) thick = Math.max(t, boughtBlockM);
  else if (laminated) {
    const made = laminatedDay(walk, item, kitchen, dough, events);
    ({ thickM: thick, rest, rows } = made);
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
  rollOut(walk, item, cut, Math.max(thick, t));
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
  if (kitchen.fridgeC >= kitchen.roomC)
    walk.problems.push({
      station: 'clock',
      code: 'fridgeWarmer',
      fields: ['kitchen.fridgeC', 'kitchen.roomC'],
      values: { fridgeC: kitchen.fridgeC, roomC: kitchen.roomC },
      weight: 'warn',
    });
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
  return { steps: walk.steps, line, problems: walk.problems, rest, lots, rows };
}

/** Rolling out, in one go or in several with the sheet back in the cold between them. */
function rollOut(walk: Walk, item: ItemInput, cut: CutPlan, thick: number): void {
  const t = cut.rolled.thicknessMm / 1000;
  const goes = item.folds.rollGoes ?? 1;
  const after = (go: number) => thick * (t / thick) ** (go / goes);
  for (let go = 1; go <= goes; go++) {
    if (go > 1) walk.cold('sheetRest', { kind: 'slab', thicknessM: after(go - 1) }, betweenGoesMin, 60, { go });
    walk.atBench('rollOut', {
      fromM: after(go - 1),
      toM: after(go),
      rollMinutes: (benchMinutes.rollOut * walk.kitchen.pace) / goes,
      dwellMinutes: 2,
      values: {
        l: cut.rolled.lengthMm,
        w: cut.rolled.widthMm,
        t: after(go) * 1000,
        sheets: cut.rolled.sheets,
        go,
        goes,
      },
    });
  }
}

/** Cutting, then filling and closing pieces; in as many lots as the band allows, the rest waiting cold. Returns the lots. */
function pieceWork(walk: Walk, item: ItemInput, cut: CutPlan, t: number, springMin: number, seal: SealPlan): number {
  walk.cold('sheetRest', { kind: 'slab', thicknessM: t }, Math.max(15, springMin), 120);
  const cutting = cut.figures.time.value ?? 5;
  const blanks = Math.round(cut.figures.firstRoll.reason.values['of'] as number) || cut.pieces;
  const goes = Math.min(item.seal.lots ?? 1, blanks);
  const sheetC = walk.temperature;
  for (let go = 1; go <= goes; go++) {
    // cut in lots, the part of the sheet that is not yet cut waits cold
    walk.temperature = sheetC;
    walk.atBench('cut', {
      fromM: t,
      toM: t,
      rollMinutes: 0,
      dwellMinutes: cutting / goes,
      pieces: Math.round((go * blanks) / goes) - Math.round(((go - 1) * blanks) / goes),
      values: { t: t * 1000, cutter: item.cut.cutterMm, shape: cut.generations[0]?.shape.kind ?? 'disc' },
    });
  }
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
  const needed = Math.min(mostLots, Math.ceil(seal.benchMin / Math.max(2, allowed)));
  const lots = Math.max(1, Math.min(cut.pieces, Math.max(item.seal.lots ?? 1, needed)));
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
