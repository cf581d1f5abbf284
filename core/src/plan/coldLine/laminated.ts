import { lookup, material, temperatureAt, type MaterialSpec } from '../../cold/material';
import { thinnestRolledM } from '../../cold/rolling';
import type { SpringEvent } from '../../lamination/springBack';
import { springBack } from '../../lamination/springBack';
import { highestPacketMm, turnSizes } from '../stations/lamination/result';
import type { ItemInput } from '../../contracts/item';
import type { DoughPlan } from '../stations/dough/station';
import type { NamedRest } from '../stations/lamination/figures';
import { longRestMin, relaxMin } from './rests';
import { bench, windowK, type BenchWork } from './thermal';
import { hasBlock, lockIn, rubbedShare, turnsAtOnce, type TurnRow } from '../stations/lamination/turns';
import { stepId, type Timeline } from './timeline';
import type { KitchenInput } from '../../contracts/kitchen';
import { benchMinutes } from '../steps/minutes';
import { problem } from '../problem';

/** A turn rests until a sheet would shrink by no more than this (estimate). */
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
  line: Timeline,
  item: ItemInput,
  kitchen: KitchenInput,
  dough: DoughPlan,
  events: SpringEvent[],
  firstRoll: (thickM: number) => BenchWork[][],
): { thickM: number; rest: NamedRest | null; rows: TurnRow[] } {
  const rows = turnSizes(item, dough);
  const first = rows[0];
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
  const spreads = rows.some((r) => r.spreadG > 0);
  const mostFrom = (done: number) =>
    spreads && rows.slice(done).some((r) => r.spreadG > 0) ? 1 : (item.folds.turnsAtOnce ?? turnsAtOnce);
  // as many turns at once as are wanted, and fewer where that would need a long rest before; after the last the pin
  const goingOn = (done: number): BenchWork[][] =>
    done >= rows.length
      ? firstRoll(height(rows[rows.length - 1].foldedMm))
      : Array.from({ length: mostFrom(done) }, (_, k) =>
          rows.slice(done, done + mostFrom(done) - k).map(workOf),
        ).filter((works) => works.length > 0);
  if (hasBlock(item.folds)) lockBlock(line, spec, first);
  else if (lockIn(item.folds) === 'spread') line.temperature = restDough(line, spec);
  const tooWarm = hasBlock(item.folds) && turnsInBand(line, [workOf(first)]) === 0;
  if (lockIn(item.folds) === 'lumps' || tooWarm)
    line.cold(stepId('rest', 'first'), packetOf(first), relaxMin.bare, overnightMin, { first: 1 }, goingOn(0));
  let rest: NamedRest | null = null;
  for (let done = 0; done < rows.length;) {
    const next = rows.slice(done, done + mostFrom(done));
    const now = next.slice(0, Math.max(1, turnsInBand(line, next.map(workOf))));
    if (spreads) spreadOn(line, spec, rows, done);
    turnsStretch(line, now, now.map(workOf));
    for (const row of now) events.push({ roll: Math.max(1, row.fromMm / row.rolledMm), turn: true });
    const startC = line.temperature;
    const sprung = (targetShrink: number) =>
      springBack({ dough: 'roughPuff', events, targetShrink, restC: kitchen.fridgeC });
    const springMin = Math.max(relaxMin.turns, sprung(restShrink).restMin ?? 0);
    done += now.length;
    const isLast = done >= rows.length;
    const lastRow = now[now.length - 1];
    const result = line.cold(
      stepId('rest', `after${lastRow.turn}`),
      packetOf(lastRow),
      springMin,
      isLast ? overnightMin : 120,
      { last: isLast ? 1 : 0 },
      goingOn(done),
      isLast ? longRestMin.sheet : longRestMin.turns,
    );
    const minutes = result.minutes ?? springMin;
    events.push({ rest: minutes, restC: kitchen.fridgeC });
    lastRow.rest = {
      minutes,
      because: minutes <= springMin + 0.01 ? 'spring' : 'heat',
      shrinkPct: 100 * sprung(restShrink).shrink,
    };
    rest ??= { minutes: result.minutes, range: result.range, fromC: startC, toC: result.endC, springMin };
  }
  return { thickM: height(rows[rows.length - 1].foldedMm), rest, rows };
}

/** How many of these turns can follow one another before the fat leaves its band. */
function turnsInBand(line: Timeline, works: readonly BenchWork[]): number {
  let startC = line.temperature;
  let fits = 0;
  for (const work of works) {
    const run = bench({ spec: line.dough.spec, startC, ...work, limitC: line.high, kitchen: line.kitchen });
    if (run.endC > line.high) break;
    startC = run.endC;
    fits++;
  }
  return fits;
}

/** Turns of one stretch that differ, each by its length, width and panels; empty where they are alike. */
function sizesOf(rows: readonly TurnRow[]): string {
  const each = rows.map((row) => [row.lengthMm, row.widthMm, row.panels].map(Math.round).join('x'));
  return new Set(each).size > 1 ? each.join(' ') : '';
}

/** One bench stretch of turns: rolled, folded, quarter-turned, rolled again. */
function turnsStretch(line: Timeline, rows: readonly TurnRow[], planned: readonly BenchWork[]): void {
  const [first, last] = [rows[0], rows[rows.length - 1]];
  const id = stepId('turns', String(first.turn));
  const longer = line.longer(id);
  const before = planned.reduce((sum, w) => sum + w.rollMinutes + w.dwellMinutes, 0);
  const share = Math.max(rows.length, before + longer) / before;
  const works = planned.map((w) => ({
    ...w,
    rollMinutes: Math.min(w.rollMinutes, w.rollMinutes * share),
    dwellMinutes: share < 1 ? w.dwellMinutes * share : w.dwellMinutes + (w.rollMinutes + w.dwellMinutes) * (share - 1),
  }));
  const run = { at: [] as number[], value: [] as number[], low: [] as number[], high: [] as number[] };
  const startC = line.temperature;
  let t = startC;
  let elapsed = 0;
  let leaves: number | null = null;
  let range: [number | null, number | null] = [null, null];
  // fast and slow forecasts of a later turn begin where those of the turn before ended
  let drift = { low: 0, high: 0 };
  works.forEach((work, i) => {
    const made = bench({ spec: line.dough.spec, startC: t, ...work, limitC: line.high, kitchen: line.kitchen });
    const each = work.rollMinutes + work.dwellMinutes;
    made.at.forEach((m, j) => {
      if (j === 0 && i > 0) return;
      run.at.push(elapsed + m);
      run.value.push(made.value[j]);
      run.low.push((made.low[j] ?? made.value[j] ?? 0) + drift.low);
      run.high.push((made.high[j] ?? made.value[j] ?? 0) + drift.high);
    });
    drift = {
      low: drift.low + (made.low[made.low.length - 1] ?? made.endC) - made.endC,
      high: drift.high + (made.high[made.high.length - 1] ?? made.endC) - made.endC,
    };
    const hits = made.reachesLimitMin;
    if (leaves === null && hits !== null && (hits <= each || i === works.length - 1)) {
      leaves = elapsed + hits;
      range = [
        made.limitRange[0] === null ? null : elapsed + made.limitRange[0],
        made.limitRange[1] === null ? null : elapsed + made.limitRange[1],
      ];
    }
    t = made.endC;
    elapsed += each;
  });
  const step = line.step(id, 'bench', elapsed, {
    values: {
      first: first.turn,
      last: last.turn,
      fold: first.panels,
      length: first.lengthMm,
      width: first.widthMm,
      passes: Math.max(...rows.map((row) => row.passes)),
      each: sizesOf(rows),
      spread: first.spreadG,
      fromC: startC,
      toC: t,
    },
  });
  line.stretch(step, run, leaves, works[0]?.fromM ?? null, {
    leavesRange: range,
    body: { kind: 'bench', work: works },
  });
}

/** The bare dough rests cold before its fat comes; the fat waits where it is. */
function restDough(line: Timeline, spec: Laminate): number {
  const { kitchen, dough } = line;
  const id = stepId('rest', 'bare');
  const fromC = dough.outOfBowlC;
  const result = line.chillOf(id, {
    spec: spec.dough,
    shape: { kind: 'slab', thicknessM: doughSlabM },
    startC: fromC,
    // near enough to the fat, which is locked in at the middle of its band
    targetC: Math.max(kitchen.fridgeC + 2, (line.low + line.high) / 2 - mostApartK / 2),
    leastMin: relaxMin.bare,
  });
  const step = line.step(id, 'cold', result.minutes, {
    elasticMin: overnightMin,
    values: { fromC, toC: result.endC, bare: 1 },
  });
  const fatC = line.temperature;
  line.stretch(step, { at: [0, step.minutes], value: [fatC, fatC] }, null);
  return result.endC;
}

/** The block is beaten until it bends as the dough does, and folded in; both come to one temperature by what they hold. */
function lockBlock(line: Timeline, spec: Laminate, row: TurnRow): void {
  const { kitchen, dough } = line;
  const doughC = restDough(line, spec);
  const startC = line.temperature;
  const wantedC = (line.low + line.high) / 2;
  const beat = { fromM: packetOfFatM, toM: blockM, rollMinutes: benchMinutes.beatBlock * kitchen.pace };
  const common = { spec: spec.fat, startC, ...beat, kitchen };
  // it lies until it bends: as many minutes as it needs to reach the middle of its band
  const reach = bench({ ...common, dwellMinutes: 0, limitC: wantedC }).reachesLimitMin ?? beat.rollMinutes;
  const standMin = Math.max(0, Math.min(60, reach - beat.rollMinutes));
  const id = stepId('lockIn', 'block');
  const dwellMinutes = standMin + benchMinutes.lockIn * kitchen.pace + line.longer(id);
  const work = { ...beat, dwellMinutes: Math.max(0, dwellMinutes) };
  const run = bench({ ...common, ...work, limitC: line.high });
  const rubbed = rubbedShare(line.item.folds);
  const side = Math.sqrt(((dough.masses.fatG * (1 - rubbed)) / 1000 / material(spec.fat).densityKgM3 / blockM) * 1e6);
  // dough round a block is this many times as long as it: cornerwise in an envelope, or so many sides of it
  const spans = { envelope: 1.02 * Math.SQRT2, half: 2, twoThirds: 3, inverse: 1 } as const;
  const doughMm = side * (spans[lockIn(line.item.folds) as keyof typeof spans] ?? 1);
  const benchMm = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  if (doughMm > benchMm)
    line.problems.push(
      problem('folds', 'block_larger_than_bench', 'stop', ['folds.lock', 'kitchen.benchLengthMm'], {
        doughMm,
        benchMm,
      }),
    );
  const step = line.step(id, 'bench', work.rollMinutes + work.dwellMinutes, {
    values: {
      lock: lockIn(line.item.folds),
      blockMm: blockM * 1000,
      sideMm: side,
      packetMm: row.fromMm,
      standMin,
      fromC: startC,
      toC: run.endC,
      doughC,
    },
  });
  line.stretch(step, run, run.reachesLimitMin, blockM, { leavesRange: run.limitRange });
  if (Math.abs(run.endC - doughC) > mostApartK + windowK)
    line.problems.push(problem('folds', 'lock_too_uneven', 'warn', ['dough.fatC'], { fatC: run.endC, doughC }));
  line.temperature = joined(spec, rubbed, doughC, 1 - rubbed, run.endC);
}

/** A portion of soft fat comes onto the sheet before a turn. */
function spreadOn(line: Timeline, spec: Laminate, rows: readonly TurnRow[], done: number): void {
  const total = rows.reduce((sum, r) => sum + r.spreadG, 0);
  const rubbed = rubbedShare(line.item.folds);
  const of = (grams: number) => (1 - rubbed) * (grams / total);
  const before = rubbed + of(rows.slice(0, done).reduce((sum, r) => sum + r.spreadG, 0));
  const portion = of(rows[done]?.spreadG ?? 0);
  if (portion > 0) line.temperature = joined(spec, before, line.temperature, portion, line.item.dough.fatC);
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
