import { overfull } from './coldRoom';
import { figure } from '../plan/figure';
import { fitsOven, withPreheat, type OvenRun } from './ovenRuns';
import { closingCodes, type Step, type StepCode, type TimedStep } from '../plan/steps/codes';
import { ovensOf } from '../plan/ovensOf';
import { stepKey } from '../plan/steps/key';
import { handsOf, pastryOf, type Scheduled, type TableOfDay } from './scheduled';
import type { ClockPlan, Lengthened } from './clockPlan';
import type { DayPlan } from './planner/instance';
import { goesTogether } from './alike';
import { awayFrom } from './away';
import { clearedUp } from './clearing';
import { placeFields, placesFull } from './places';
import { tableMin } from './compile';
import { searchedDay, searchUnits } from './searched';
import { usualHobRings, type KitchenInput } from '../contracts/kitchen';
import { problem, type Problem } from '../plan/problem';

/** A searched day begins no more than this sooner than pie by pie, where one can be found that does not, min. */
const soonerMin = 60;

/** What a day's plan is made of. */
interface Placed extends Pick<ClockPlan, 'problems' | 'lengthened'> {
  timed: TimedStep[];
  runs: readonly OvenRun[];
}

const nudgeMin = 5;
const mostNudges = 288;

interface Busy {
  cook: string;
  from: number;
  to: number;
  /** A pot can be left for the moment something is brushed. */
  pot: boolean;
  brush: boolean;
}

const busyOf = (s: TimedStep & { cook: string }): Busy => ({
  cook: s.cook,
  from: s.startMin,
  to: s.startMin + s.minutes,
  pot: s.kind === 'hob',
  brush: s.code === 'glaze',
});

/**
 * The plan of a day: each pie laid as late as can be, or the whole day searched at once. Searched is what the cook holds, a day
 * that was asked to be, one in which the chain leaves somebody wanted twice or heats that clash, and, with less work, any day of
 * several pies that was not asked to be laid pie by pie. Where no search finds one, it is said what does not go.
 */
export function planClock(items: readonly Scheduled[], kitchen: KitchenInput, table: TableOfDay): ClockPlan {
  const pinned = items.filter((i) => i.pins?.length);
  const chain = chainClock(items, kitchen, table);
  const search = (units?: number): ClockPlan | null => {
    // what is held may be held much sooner; else a day that begins long before the chain's is looked for only where it must be
    const soonest = tableMin(table.serveAt) + Math.floor(chain.startMin) - soonerMin;
    const plan =
      (pinned.length ? null : searchedDay(items, kitchen, table, { units, nowMin: soonest })?.plan) ??
      searchedDay(items, kitchen, table, { units })?.plan;
    return plan ? planFrom(items, kitchen, table, { ...laidBy(items, kitchen, plan, table), problems: [] }) : null;
  };
  const goes = table.together === true && goesTogether(items, kitchen).length > 0;
  if (table.laid === 'searched' || goes || pinned.length) {
    const asked = search();
    if (asked) return asked;
  }
  if (goes && !pinned.length) chain.problems.push(problem('clock', 'not_in_one_go', 'warn', ['meal.together']));
  for (const { title } of pinned)
    chain.problems.push(problem('clock', 'pins_do_not_go', 'warn', ['clock.pins'], { item: title }));
  if (pinned.length || goes || table.laid === 'searched') return chain;
  if (chain.problems.length) return search() ?? chain;
  if (items.length < 2 || table.laid === 'asLate') return chain;
  return search(searchUnits.beside) ?? chain;
}

/** The plan of a day laid pie by pie, whatever does not go said. */
export const chainClock = (items: readonly Scheduled[], kitchen: KitchenInput, table: TableOfDay): ClockPlan =>
  planFrom(items, kitchen, table, chainDay(items, kitchen, table));

/**
 * A backward chain for each item from the one oven: bakes are placed latest first in the order of the list, each as late as
 * oven and shelves allow; the pastry's steps run back from its bake, its last chill stretching while a cook's hands are taken;
 * its filling is cooked and cooled before it is closed, while those hands are free. What cannot be placed so is said.
 */
function chainDay(items: readonly Scheduled[], kitchen: KitchenInput, table: TableOfDay): Placed {
  const runs: OvenRun[] = [];
  const timed: TimedStep[] = [];
  const problems: Problem[] = [];
  const busy = awayFrom(items, kitchen, table).map((b): Busy => ({ ...b, pot: false, brush: false }));
  items.forEach((item, itemIndex) => {
    const { run, fits, brusher } = placeBake(item, itemIndex, runs, kitchen, busy);
    if (!fits) problems.push(problem('clock', 'heats_overlap', 'warn', ['oven.setC'], { item: item.title }));
    const stand = item.steps.find((s) => s.code === 'stand') as Step;
    if (run.endMin < -stand.minutes - longestStandMin)
      problems.push(problem('clock', 'stands_long', 'warn', ['oven.setC'], { item: item.title, minutes: -run.endMin }));
    runs.push(run);
    const { laid, clash, blind, heats } = placeWork(item, itemIndex, run, kitchen, busy, runs, brusher);
    runs.push(...blind);
    if (fits && heats) problems.push(problem('clock', 'heats_overlap', 'warn', ['oven.blind'], { item: item.title }));
    if (clash)
      problems.push(problem('clock', 'hands_taken', 'warn', ['clock.cook'], { item: item.title, cook: clash }));
    for (const s of laid) if (takesHands(s)) busy.push(busyOf(s));
    const bake = item.steps.find((s) => s.code === 'bake') as Step;
    const placed: TimedStep[] = [
      ...laid,
      { ...bake, itemIndex, cook: null, startMin: run.startMin },
      { ...stand, itemIndex, cook: null, startMin: run.endMin, minutes: -run.endMin },
    ];
    timed.push(...placed, ...meanwhile(item, itemIndex, handsOf(item, kitchen).oven, placed));
  });
  for (const [index, { doughOf }] of items.entries()) if (doughOf !== undefined) mixSooner(timed, doughOf, index, busy);
  for (const { place, atMin, trays, room } of overfull(items, timed, kitchen))
    problems.push(
      problem('clock', 'cold_full', 'warn', [`kitchen.${place}Trays`], { place, minutes: -atMin, trays, room }),
    );
  const full = placesFull(timed, kitchen);
  for (const { place, atMin, ...many } of full)
    problems.push(
      problem('clock', 'place_full', 'warn', [`kitchen.${placeFields[place]}`], { place, minutes: -atMin, ...many }),
    );
  // a chain has no hands for washing between
  if (items.some((i) => i.steps.some((s) => s.code === 'washPot')) && !full.some((f) => f.place === 'pots'))
    problems.push(problem('clock', 'pots_unwashed', 'warn', ['kitchen.pots'], { pots: kitchen.pots ?? 0 }));
  return { timed, runs, problems, lengthened: [] };
}

/** A day's plan from its placed steps: with the heating between bakes, hands added up, and what is shown of it. */
function planFrom(
  items: readonly Scheduled[],
  kitchen: KitchenInput,
  table: TableOfDay,
  { timed, runs, problems, lengthened }: Placed,
): ClockPlan {
  const ovenRuns = withPreheat(runs);
  timed.push(...ovenRuns.flatMap(heating), ...clearedUp(timed, awayFrom(items, kitchen, table), kitchen));
  timed.sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex);
  const hands = kitchen.cooks.map((cook) => ({
    cook,
    minutes: timed.filter((s) => s.cook === cook).reduce((sum, s) => sum + s.minutes, 0),
  }));
  const startMin = timed.reduce((m, s) => Math.min(m, s.startMin), 0);
  return {
    serveAt: table.serveAt,
    steps: timed,
    startMin,
    figures: clockFigures(items, timed, startMin, ovenRuns, hands),
    problems,
    hands,
    lengthened,
    ovenRuns: ovenRuns.map((r) => ({ ...r, setC: r.heats[0]?.setC ?? 0 })),
  };
}

/** A day's steps and bakes as the planner placed them, and the rests it made longer. */
function laidBy(
  items: readonly Scheduled[],
  kitchen: KitchenInput,
  plan: DayPlan,
  { together }: TableOfDay,
): { timed: TimedStep[]; runs: OvenRun[]; lengthened: Lengthened[] } {
  const goes = together ? goesTogether(items, kitchen) : [];
  const runs: OvenRun[] = [];
  const lengthened: Lengthened[] = [];
  const timed = items.flatMap((item, itemIndex) => {
    const { wait } = pastryOf(item);
    const placed = item.steps.flatMap((s): TimedStep[] => {
      const at = plan.steps[stepKey(itemIndex, s)];
      if (!at) return [];
      // a bake takes the minutes it takes; what waits, waits until what follows
      const minutes = s.kind === 'oven' ? s.minutes : at.end - at.start;
      const longerMin = Math.floor(minutes - s.minutes);
      if (s.kind === 'cold' && s.strand === 'pastry' && s !== wait && longerMin >= 1)
        lengthened.push({ itemIndex, stepId: s.id, minutes: longerMin });
      const startMin = at.start - plan.serve;
      if (s.kind === 'oven') runs.push(runOf(item, itemIndex, s, startMin));
      const go = goes.find((g) => g.itemIndex === itemIndex && g.step === s);
      const values = go ? { ...s.values, inOneGo: go.after === null ? '' : items[go.after].title } : s.values;
      return [{ ...s, values, minutes, itemIndex, cook: at.cook, startMin }];
    });
    for (const [n, s] of placed.entries()) {
      const before = placed[n - 1];
      if (before?.kind !== 'oven' || s.kind !== 'cold') continue;
      const from = before.startMin + before.minutes;
      s.minutes += s.startMin - from;
      s.startMin = from;
    }
    const bake = placed.find((s) => s.code === 'bake') as TimedStep;
    const stand = item.steps.find((s) => s.code === 'stand') as Step;
    const out = bake.startMin + bake.minutes;
    const all: TimedStep[] = [...placed, { ...stand, itemIndex, cook: null, startMin: out, minutes: -out }];
    return [...all, ...meanwhile(item, itemIndex, handsOf(item, kitchen).oven, all)];
  });
  return { timed, runs, lengthened };
}

/** A pie that is out longer than this before the table, beyond its stand, is said, min. */
const longestStandMin = 60;
const mostTries = 400;

/** Work that keeps a cook from other work; a moment at the oven does not. */
const takesHands = (s: TimedStep): s is TimedStep & { cook: string } => s.cook !== null && s.kind !== 'tend';

/** A dough that another item is made of too is mixed sooner, so that it has rested when that one begins; its own rest is longer. */
function mixSooner(timed: TimedStep[], leader: number, follower: number, busy: readonly Busy[]): void {
  const own = timed
    .filter((s) => s.itemIndex === leader && s.strand === 'pastry')
    .sort((a, b) => a.startMin - b.startMin);
  const needed = Math.min(
    ...timed.filter((s) => s.itemIndex === follower && s.strand === 'pastry').map((s) => s.startMin),
  );
  const rest = own.find((s) => s.code === 'rest');
  const mixing = own.filter((s) => ['weigh', 'mix', 'rubIn'].includes(s.code));
  if (!rest || !mixing.length || !Number.isFinite(needed)) return;
  const late = rest.startMin + rest.minutes - needed;
  if (late <= 0) return;
  const others = busy.filter((b) => !mixing.some((s) => s.cook === b.cook && Math.abs(s.startMin - b.from) < 1e-6));
  let by = late;
  const moved = (s: TimedStep) => ({ ...s, startMin: s.startMin - by });
  while (clashes(mixing.map(moved), others) && by < late + filledWithinMin) by += nudgeMin;
  for (const s of mixing) s.startMin -= by;
  rest.startMin -= by;
  rest.minutes += by;
}

/** The oven switched on, or set to another heat, for a bake. */
function heating(run: ReturnType<typeof withPreheat>[number]): TimedStep[] {
  const minutes = run.startMin - run.preheatFromMin;
  if (minutes < 1) return [];
  const values = {
    setC: run.heats[0]?.setC ?? 0,
    mode: run.mode,
    rack: run.rack,
    fromC: run.fromC,
    ...(run.oven ? { second: 1 } : {}),
  };
  const id = `preheat:${run.stepId.split(':')[0]}`;
  const step = {
    id,
    code: 'preheat',
    strand: 'oven',
    kind: 'oven',
    minutes,
    elasticMin: 0,
    pieces: 0,
    values,
  } as const;
  return [{ ...step, itemIndex: run.itemIndex, cook: null, startMin: run.preheatFromMin }];
}

/** What is done while another step of an item goes on. */
const meanwhile = (item: Scheduled, itemIndex: number, cook: string, placed: readonly TimedStep[]): TimedStep[] =>
  item.steps.flatMap((s) => {
    const during = s.during && placed.find((p) => p.id === s.during?.stepId);
    return during && s.during ? [{ ...s, itemIndex, cook, startMin: during.startMin + s.during.atMin }] : [];
  });

/** Shelves of the oven an item is baked in. */
const shelvesOf = (kitchen: KitchenInput, item: Scheduled): number =>
  ovensOf(kitchen)[item.oven]?.shelves ?? kitchen.ovenShelves;

const runOf = (item: Scheduled, itemIndex: number, step: Step, startMin: number): OvenRun => ({
  itemIndex,
  oven: item.oven,
  stepId: step.id,
  startMin,
  endMin: startMin + step.minutes,
  heats: step.code === 'bake' ? item.heats : [{ fromMin: 0, setC: Number(step.values['setC']) }],
  mode: item.mode,
  rack: String(step.values['rack'] ?? 'middle'),
  trays: item.trays,
  preheatMin: step.code === 'bake' ? item.preheatMin : item.blindPreheatMin,
});

/**
 * The bake of an item as late as the oven allows, and as the hands that brush it just before are free; `fits` is false where
 * it lies beside one it cannot share with.
 */
function placeBake(
  item: Scheduled,
  itemIndex: number,
  runs: readonly OvenRun[],
  kitchen: KitchenInput,
  busy: readonly Busy[],
): { run: OvenRun; fits: boolean; brusher: string } {
  const bake = item.steps.find((s) => s.code === 'bake') as Step;
  const stand = item.steps.find((s) => s.code === 'stand') as Step;
  const brush = item.steps.find((s) => s.code === 'glaze')?.minutes ?? 0;
  const { pastry: cook, brush: hands, oven: baker } = handsOf(item, kitchen);
  const { tailMin } = pastryOf(item);
  let end = -stand.minutes;
  for (let tries = 0; tries < mostTries; tries++) {
    const run = runOf(item, itemIndex, bake, end - bake.minutes);
    const before = fitsOven(run, runs, shelvesOf(kitchen, item));
    const brushing = (who: string): Busy => ({
      cook: who,
      from: run.startMin - brush,
      to: run.startMin,
      pot: false,
      brush: true,
    });
    const brusher = brush ? hands.find((who) => !busy.some((b) => overlaps(brushing(who), b))) : baker;
    const closing = { ...brushing(cook), from: run.startMin - brush - tailMin, to: run.startMin - brush, brush: false };
    const closes = tailMin > 0 ? busy.find((b) => overlaps(closing, b)) : undefined;
    if (before === null && brusher && !closes) return { run, fits: item.trays <= shelvesOf(kitchen, item), brusher };
    if (before !== null) end = Math.min(end, before) - 0.001;
    else if (closes) end = Math.min(end - 1, closes.from + brush + bake.minutes);
    else {
      const free = hands.map((who) => Math.min(...busy.filter((b) => overlaps(brushing(who), b)).map((b) => b.from)));
      end = Math.min(end - 1, Math.max(...free) + bake.minutes);
    }
  }
  return { run: runOf(item, itemIndex, bake, end - bake.minutes), fits: false, brusher: baker };
}

/** An item's own steps back from its bake, and its filling's before it is closed; `clash` names a cook wanted twice. */
function placeWork(
  item: Scheduled,
  itemIndex: number,
  run: OvenRun,
  kitchen: KitchenInput,
  busy: readonly Busy[],
  runs: readonly OvenRun[],
  brusher: string,
): { laid: TimedStep[]; clash: string | null; blind: OvenRun[]; heats: boolean } {
  const ovenShelves = shelvesOf(kitchen, item);
  const { steps: pastry, wait: last } = pastryOf(item);
  const { pastry: cook, filling: helper, oven: baker } = handsOf(item, kitchen);
  const baked = (laid: readonly TimedStep[]) =>
    laid.filter((s) => s.kind === 'oven').map((s) => runOf(item, itemIndex, s, s.startMin));
  const ovenTaken = (laid: readonly TimedStep[]) => baked(laid).some((b) => fitsOven(b, runs, ovenShelves) !== null);
  const most = last ? Math.ceil(last.elasticMin / nudgeMin) * nudgeMin : 0;
  const laidWith = (more: number) => lay(pastry, run.startMin, { cook, brusher, baker }, itemIndex, last, more);
  let laid = laidWith(0);
  const waits = last ? laid.findIndex((s) => s.id === last.id) : 0;
  // what comes after the wait stays where it is, however long it lasts
  if (last && !clashes(laid.slice(waits), busy)) {
    const [work, blind] = [laid.slice(0, waits).filter(takesHands).map(busyOf), laid.some((s) => s.kind === 'oven')];
    let extra = 0;
    while (extra < most) {
      const by = Math.max(clearedBy(work, extra, busy), blind && ovenTaken(laidWith(extra)) ? nudgeMin : 0);
      if (by === 0) break;
      extra = Math.min(most, extra + by);
    }
    if (extra) laid = laidWith(extra);
  }
  // the item's own work takes hands too: nobody stirs the pot and rolls at once
  const own = laid.flatMap((s) => (takesHands(s) ? [busyOf(s)] : []));
  const everyones = [...busy, ...own];
  const closing = laid.find((s) => closingCodes.includes(s.code));
  const prepared = layFilling(
    item.steps,
    closing?.startMin ?? run.startMin,
    helper,
    itemIndex,
    everyones,
    kitchen.hobRings ?? usualHobRings,
  );
  const clash = clashes(laid, busy) ? cook : clashes(prepared, everyones) ? helper : null;
  // a wait that nothing asked for is no step
  return {
    laid: [...laid, ...prepared].filter((s) => s.minutes > 0),
    clash,
    blind: baked(laid),
    heats: ovenTaken(laid),
  };
}

function clockFigures(
  items: readonly Scheduled[],
  timed: readonly TimedStep[],
  startMin: number,
  runs: readonly OvenRun[],
  hands: ClockPlan['hands'],
): ClockPlan['figures'] {
  const first = timed.find((s) => s.startMin === startMin);
  const strand = first?.strand ?? 'pastry';
  const coldMinutes = timed
    .filter(
      (s) => s.itemIndex === first?.itemIndex && s.kind === 'cold' && s.strand === strand && s.code !== 'shapedChill',
    )
    .reduce((sum, s) => sum + s.minutes, 0);
  return {
    start: figure(
      startMin,
      'min',
      'clock.start',
      {
        code: first?.code ?? '',
        strand,
        works: timed
          .filter((s) => s.itemIndex === first?.itemIndex && s.strand === strand && s.cook !== null)
          .reduce((sum, s) => sum + s.minutes, 0),
        item: items[first?.itemIndex ?? 0]?.title ?? '',
        cook: first?.cook ?? '',
        cold: coldMinutes,
        ovenAt: runs.find((r) => r.itemIndex === first?.itemIndex)?.startMin ?? 0,
      },
      'exact',
      'plan.bake',
    ),
    hands: figure(
      hands.reduce((sum, h) => sum + h.minutes, 0),
      'min',
      'clock.hands',
      Object.fromEntries(hands.map((h) => [h.cook, h.minutes])),
      'estimate',
      'plan.bake',
    ),
    oven: figure(
      runs.reduce<number | null>((soonest, r) => Math.min(soonest ?? Infinity, r.startMin), null),
      'min',
      'clock.oven',
      { runs: runs.length, heats: new Set(runs.flatMap((r) => r.heats.map((h) => h.setC))).size },
      'estimate',
      'plan.bake',
    ),
  };
}

function lay(
  steps: readonly Step[],
  endMin: number,
  { cook, brusher, baker }: Record<'cook' | 'brusher' | 'baker', string>,
  itemIndex: number,
  stretchable: Step | null,
  extra: number,
): TimedStep[] {
  let end = endMin;
  return [...steps]
    .reverse()
    .map((s): TimedStep => {
      const minutes = s.minutes + (s === stretchable ? extra : 0);
      end -= minutes;
      return {
        ...s,
        minutes,
        itemIndex,
        cook: s.code === 'glaze' ? brusher : s.kind === 'bench' ? cook : s.kind === 'tend' ? baker : null,
        startMin: end,
      };
    })
    .reverse();
}

const overlaps = (s: Busy, b: Busy): boolean =>
  b.cook === s.cook && s.from < b.to - 1e-6 && b.from < s.to - 1e-6 && !((s.brush && b.pot) || (s.pot && b.brush));

const clashes = (laid: readonly TimedStep[], busy: readonly Busy[]): boolean =>
  laid.some((s) => {
    if (!takesHands(s)) return false;
    const own = busyOf(s);
    return busy.some((b) => overlaps(own, b));
  });

/** How much sooner again work that is done so much sooner has to be to be clear of other work, in whole nudges, min. */
function clearedBy(work: readonly Busy[], soonerMin: number, busy: readonly Busy[]): number {
  let by = 0;
  for (const w of work) {
    const own = { ...w, from: w.from - soonerMin, to: w.to - soonerMin };
    for (const b of busy) if (overlaps(own, b)) by = Math.max(by, own.to - b.from);
  }
  return Math.ceil(by / nudgeMin - 1e-6) * nudgeMin;
}

/** A filling is made no longer before it goes in, min. */
const filledWithinMin = 12 * 60;

/** The filling made ready, cooked and cooled by the closing; each piece of work as late as the helper's hands are free. */
function layFilling(
  steps: readonly Step[],
  readyBy: number,
  cook: string,
  itemIndex: number,
  busy: readonly Busy[],
  rings: number,
): TimedStep[] {
  const laid: TimedStep[] = [];
  let end = readyBy;
  const work = (s: Step | undefined, by: number, earliest = readyBy - filledWithinMin): number => {
    if (!s) return by;
    let to = by;
    for (let n = 0; n < mostNudges; n++) {
      const pot = s.kind === 'hob';
      const from = to - s.minutes;
      const pots = pot ? busy.filter((b) => b.pot && b.from < to - 1e-6 && from < b.to - 1e-6) : [];
      const taken =
        pots.length >= rings ? pots : busy.filter((b) => overlaps({ cook, from, to, pot, brush: false }, b));
      if (!taken.length || from < earliest) break;
      to = Math.min(...taken.map((b) => b.from));
    }
    laid.push({ ...s, itemIndex, cook, startMin: to - s.minutes });
    return to;
  };
  const step = (code: StepCode) => steps.find((s) => s.code === code && s.strand === 'filling');
  const thaw = step('thaw');
  if (thaw) laid.push({ ...thaw, itemIndex, cook: null, startMin: end - thaw.minutes });
  const cool = step('coolFilling');
  const off = work(step('cookFilling'), end - (cool?.minutes ?? 0));
  // it goes on cooling where it was off the heat earlier
  if (cool)
    laid.push({
      ...cool,
      itemIndex,
      cook: null,
      startMin: step('cookFilling') ? off : end - cool.minutes,
      minutes: step('cookFilling') ? end - off : cool.minutes,
    });
  const cooked = laid.find((s) => s.code === 'cookFilling');
  end = cooked ? cooked.startMin : cool ? end - cool.minutes : end;
  work(step('prepareFilling'), end);
  const stands = step('aheadStands');
  if (stands) {
    const used = Math.min(end, ...laid.map((s) => s.startMin));
    // where hands are taken it is made sooner, and stands the longer
    const made = work(step('makeAhead'), used - stands.minutes, used - stands.minutes - filledWithinMin);
    laid.push({ ...stands, itemIndex, cook: null, startMin: made, minutes: used - made });
  }
  return laid;
}
