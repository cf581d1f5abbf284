import { lookup, material, temperatureAt, type MaterialSpec } from '../../cold/material';
import { thinnestRolledM } from '../../cold/rolling';
import type { SpringEvent } from '../../lamination/springBack';
import { springBack } from '../../lamination/springBack';
import { highestPacketMm, turnSizes } from '../stations/lamination/result';
import type { ItemInput } from '../../contracts/item';
import type { DoughPlan } from '../stations/dough/result';
import type { PastryDay } from './pastryDay';
import { bench, windowK, type BenchWork } from './thermal';
import { hasBlock, lockIn, turnsAtOnce, type TurnRow } from '../stations/lamination/turns';
import type { Walk } from './timeline';
import type { KitchenInput } from '../../contracts/kitchen';
import { benchMinutes } from '../steps/minutes';

/** A turn rests at least so long, and until a sheet would shrink by no more than this (estimates). */
const leastRestMin = 20;
const restShrink = 0.06;
const overnightMin = 14 * 60;
/** A block of fat: as it comes, as it is locked in, m; what dough and fat may differ by at lock-in, K (estimates). */
const packetOfFatM = 0.03;
const blockM = 0.008;
const mostApartK = 4;
/** The dough rests in a slab of this before its block, m. */
const doughSlabM = 0.025;

type Laminate = Extract<MaterialSpec, { kind: 'laminate' }>;

/** Lock-in, turns and rests of a laminate: what the sheet that is rolled out begins as. */
export function laminatedDay(
  walk: Walk,
  item: ItemInput,
  kitchen: KitchenInput,
  dough: DoughPlan,
  events: SpringEvent[],
): { thickM: number; rest: PastryDay['rest']; rows: TurnRow[] } {
  const rows = turnSizes(item, dough);
  const first = rows[0] as TurnRow;
  const spec = dough.spec as Laminate;
  // a packet that would be rolled to nothing, or stand too high to roll, stands in the way as a problem of the folds;
  // its day is still worked out
  const height = (mm: number) => Math.min(highestPacketMm, Math.max(thinnestRolledM * 1000, mm)) / 1000;
  const packetOf = (row: TurnRow) => ({
    kind: 'block' as const,
    lengthM: row.foldedLengthMm / 1000 / (item.folds.halves ? 2 : 1),
    widthM: row.widthMm / 1000,
    thicknessM: height(row.foldedMm),
  });
  const workOf = (row: TurnRow): BenchWork => {
    const fromM = height(Math.max(row.fromMm, row.rolledMm));
    const each = (benchMinutes.rollATurn + benchMinutes.foldATurn) * kitchen.pace;
    return { fromM, toM: Math.min(fromM, height(row.rolledMm)), rollMinutes: each * 0.8, dwellMinutes: each * 0.2 };
  };
  if (hasBlock(item.folds)) lockBlock(walk, spec, first);
  else if (lockIn(item.folds) === 'spread') walk.temperature = restDough(walk, spec);
  const tooWarm = hasBlock(item.folds) && turnsInBand(walk, [workOf(first)]) === 0;
  if (lockIn(item.folds) === 'lumps' || tooWarm)
    walk.cold('rest', packetOf(first), leastRestMin, overnightMin, { first: 1 });
  let rest: PastryDay['rest'] = null;
  for (let done = 0; done < rows.length;) {
    const spread = rows.slice(done).filter((r) => r.spreadG > 0).length > 0;
    const most = spread ? 1 : (item.folds.turnsAtOnce ?? turnsAtOnce);
    const next = rows.slice(done, done + most);
    const now = next.slice(0, Math.max(1, turnsInBand(walk, next.map(workOf))));
    if (spread) spreadOn(walk, spec, rows, done);
    turnsStretch(walk, now, now.map(workOf));
    for (const row of now) events.push({ roll: Math.max(1, row.fromMm / row.rolledMm), turn: true });
    const startC = walk.temperature;
    const sprung = (targetShrink: number) =>
      springBack({ dough: 'roughPuff', events, targetShrink, restC: kitchen.fridgeC });
    const springMin = Math.max(leastRestMin, sprung(restShrink).restMin ?? 0);
    done += now.length;
    const isLast = done >= rows.length;
    const lastRow = now[now.length - 1] as TurnRow;
    const result = walk.cold('rest', packetOf(lastRow), springMin, isLast ? overnightMin : 120, {
      last: isLast ? 1 : 0,
    });
    const minutes = result.minutes ?? springMin;
    events.push({ rest: minutes, restC: kitchen.fridgeC });
    lastRow.rest = {
      minutes,
      because: minutes <= springMin + 0.01 ? 'spring' : 'heat',
      shrinkPct: 100 * sprung(restShrink).shrink,
    };
    rest ??= { minutes: result.minutes, range: result.range, fromC: startC, toC: result.endC, springMin };
  }
  return { thickM: height((rows[rows.length - 1] as TurnRow).foldedMm), rest, rows };
}

/** How many of these turns can follow one another before the fat leaves its band. */
function turnsInBand(walk: Walk, works: readonly BenchWork[]): number {
  let startC = walk.temperature;
  let fits = 0;
  for (const work of works) {
    const run = bench({ spec: walk.dough.spec, startC, ...work, limitC: walk.high, kitchen: walk.kitchen });
    if (run.endC > walk.high) break;
    startC = run.endC;
    fits++;
  }
  return fits;
}

/** One bench stretch of turns: rolled, folded, quarter-turned, rolled again. */
function turnsStretch(walk: Walk, rows: readonly TurnRow[], planned: readonly BenchWork[]): void {
  const longer = walk.longer('turns');
  const before = planned.reduce((sum, w) => sum + w.rollMinutes + w.dwellMinutes, 0);
  const share = Math.max(rows.length, before + longer) / before;
  const works = planned.map((w) => ({
    ...w,
    rollMinutes: Math.min(w.rollMinutes, w.rollMinutes * share),
    dwellMinutes: share < 1 ? w.dwellMinutes * share : w.dwellMinutes + (w.rollMinutes + w.dwellMinutes) * (share - 1),
  }));
  const line = { at: [] as number[], value: [] as number[], low: [] as number[], high: [] as number[] };
  const startC = walk.temperature;
  let t = startC;
  let elapsed = 0;
  let leaves: number | null = null;
  let range: [number | null, number | null] = [null, null];
  // fast and slow forecasts of a later turn begin where those of the turn before ended
  let drift = { low: 0, high: 0 };
  works.forEach((work, i) => {
    const run = bench({ spec: walk.dough.spec, startC: t, ...work, limitC: walk.high, kitchen: walk.kitchen });
    const each = work.rollMinutes + work.dwellMinutes;
    run.at.forEach((m, j) => {
      if (j === 0 && i > 0) return;
      line.at.push(elapsed + m);
      line.value.push(run.value[j] as number);
      line.low.push((run.low[j] ?? run.value[j] ?? 0) + drift.low);
      line.high.push((run.high[j] ?? run.value[j] ?? 0) + drift.high);
    });
    drift = {
      low: drift.low + (run.low[run.low.length - 1] ?? run.endC) - run.endC,
      high: drift.high + (run.high[run.high.length - 1] ?? run.endC) - run.endC,
    };
    const hits = run.reachesLimitMin;
    if (leaves === null && hits !== null && (hits <= each || i === works.length - 1)) {
      leaves = elapsed + hits;
      range = [
        run.limitRange[0] === null ? null : elapsed + run.limitRange[0],
        run.limitRange[1] === null ? null : elapsed + run.limitRange[1],
      ];
    }
    t = run.endC;
    elapsed += each;
  });
  const [first, last] = [rows[0] as TurnRow, rows[rows.length - 1] as TurnRow];
  const step = walk.step('turns', 'bench', elapsed, {
    values: {
      first: first.turn,
      last: last.turn,
      fold: first.panels,
      length: first.lengthMm,
      width: first.widthMm,
      passes: first.passes,
      spread: first.spreadG,
      fromC: startC,
      toC: t,
    },
  });
  walk.stretch(step, line, leaves, works[0]?.fromM ?? null, {
    leavesRange: range,
    body: { kind: 'bench', work: works },
  });
}

/** The bare dough rests cold before its fat comes; the fat waits where it is. */
function restDough(walk: Walk, spec: Laminate): number {
  const { kitchen, dough } = walk;
  const aimC = Math.max(kitchen.fridgeC + 2, walk.low);
  const result = chillOf(walk, spec.dough, dough.outOfBowlC, aimC);
  const step = walk.step('rest', 'cold', result.minutes, {
    elasticMin: overnightMin,
    values: { fromC: dough.outOfBowlC, toC: result.endC, bare: 1 },
  });
  const fatC = walk.temperature;
  walk.stretch(step, { at: [0, step.minutes], value: [fatC, fatC] }, null);
  return result.endC;
}

function chillOf(walk: Walk, spec: MaterialSpec, startC: number, targetC: number): { minutes: number; endC: number } {
  const run = walk.chillOf(spec, { kind: 'slab', thicknessM: doughSlabM }, startC, targetC, 30);
  return { minutes: run.minutes ?? 30, endC: run.endC };
}

/** The block is beaten until it bends as the dough does, and folded in; both come to one temperature by what they hold. */
function lockBlock(walk: Walk, spec: Laminate, row: TurnRow): void {
  const { kitchen, dough } = walk;
  const doughC = restDough(walk, spec);
  const startC = walk.temperature;
  const wantedC = (walk.low + walk.high) / 2;
  const beat = { fromM: packetOfFatM, toM: blockM, rollMinutes: benchMinutes.beatBlock * kitchen.pace };
  const common = { spec: spec.fat, startC, ...beat, kitchen };
  // it lies until it bends: as many minutes as it needs to reach the middle of its band
  const reach = bench({ ...common, dwellMinutes: 0, limitC: wantedC }).reachesLimitMin ?? beat.rollMinutes;
  const standMin = Math.max(0, Math.min(60, reach - beat.rollMinutes));
  const dwellMinutes = standMin + benchMinutes.lockIn * kitchen.pace + walk.longer('lockIn');
  const work = { ...beat, dwellMinutes: Math.max(0, dwellMinutes) };
  const run = bench({ ...common, ...work, limitC: walk.high });
  const side = Math.sqrt((dough.masses.fatG / 1000 / material(spec.fat).densityKgM3 / blockM) * 1e6);
  // dough round a block is this many times as long as it: cornerwise in an envelope, or so many sides of it
  const spans = { envelope: 1.02 * Math.SQRT2, half: 2, twoThirds: 3, inverse: 1 } as const;
  const doughMm = side * (spans[lockIn(walk.item.folds) as keyof typeof spans] ?? 1);
  const benchMm = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  if (doughMm > benchMm)
    walk.problems.push({
      station: 'folds',
      code: 'blockLargerThanBench',
      fields: ['folds.lock', 'kitchen.benchLengthMm'],
      values: { doughMm, benchMm },
      weight: 'stop',
    });
  const step = walk.step('lockIn', 'bench', work.rollMinutes + work.dwellMinutes, {
    values: {
      lock: lockIn(walk.item.folds),
      blockMm: blockM * 1000,
      sideMm: side,
      packetMm: row.fromMm,
      standMin,
      fromC: startC,
      toC: run.endC,
      doughC,
    },
  });
  walk.stretch(step, run, run.reachesLimitMin, blockM, { leavesRange: run.limitRange });
  if (Math.abs(run.endC - doughC) > mostApartK + windowK)
    walk.problems.push({
      station: 'folds',
      code: 'lockTooUneven',
      fields: ['dough.fatC'],
      values: { fatC: run.endC, doughC },
      weight: 'warn',
    });
  walk.temperature = joined(spec, 0, doughC, 1, run.endC);
}

/** A portion of soft fat comes onto the sheet before a turn. */
function spreadOn(walk: Walk, spec: Laminate, rows: readonly TurnRow[], done: number): void {
  const total = rows.reduce((sum, r) => sum + r.spreadG, 0);
  const before = rows.slice(0, done).reduce((sum, r) => sum + r.spreadG, 0) / total;
  const portion = (rows[done]?.spreadG ?? 0) / total;
  if (portion > 0) walk.temperature = joined(spec, before, walk.temperature, portion, walk.item.dough.fatC);
}

/** Temperature of a sheet with a share of its fat in it, after more fat has come to it: the mean by what each holds. */
function joined(spec: Laminate, share: number, sheetC: number, more: number, fatC: number): number {
  const { fatMassFraction: all } = spec;
  const of = (part: number) => {
    const fat = all * part;
    const mass = 1 - all + fat;
    return { mass, made: material(fat > 0 ? { ...spec, fatMassFraction: fat / mass } : spec.dough) };
  };
  const [before, after] = [of(share), of(share + more)];
  const heat =
    before.mass * lookup(before.made.enthalpy, sheetC) + all * more * lookup(material(spec.fat).enthalpy, fatC);
  return temperatureAt(after.made.enthalpy, heat / after.mass);
}
