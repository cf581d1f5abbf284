import { figure, type Figure } from '../plan/figure';
import { closingCodes, type Step, type TimedStep } from '../plan/steps/codes';
import type { Problem } from '../plan/problem';
import type { KitchenInput } from '../contracts/kitchen';
import { problem } from '../plan/problem';

/** What the Clock needs of an item: its steps, its heat, whose it is, and the shelves it takes. */
export interface Scheduled {
  title: string;
  cook: string;
  oven: { setC: number; mode: string };
  steps: readonly Step[];
  trays: number;
}

export interface ClockPlan {
  /** Local date and time at the table: what all minutes count from. */
  serveAt: string;
  /** Every step of every item, minutes relative to the table (0), sorted by start. */
  steps: TimedStep[];
  /** First bench step, minutes before the table (negative). */
  startMin: number;
  figures: Record<'start' | 'hands' | 'oven', Figure>;
  problems: Problem[];
  hands: { cook: string; minutes: number }[];
  ovenRuns: {
    itemIndex: number;
    startMin: number;
    endMin: number;
    setC: number;
    mode: string;
    preheatFromMin: number;
  }[];
}

/** Oven pace between two settings, °C a minute: estimates for a domestic oven. */
const climbsCMin = 1.9;
const fallsCMin = 4;
const sameHeatC = 10;
const preheatMin = 15;
const nudgeMin = 5;
const mostNudges = 288;

interface OvenRun {
  itemIndex: number;
  startMin: number;
  endMin: number;
  setC: number;
  mode: string;
  trays: number;
}
interface Busy {
  cook: string;
  from: number;
  to: number;
}

const changeover = (earlier: { setC: number }, later: { setC: number }): number => {
  const rise = later.setC - earlier.setC;
  return rise > 0 ? rise / climbsCMin : -rise / fallsCMin;
};

function fitsOven(run: OvenRun, placed: readonly OvenRun[], shelves: number): number | null {
  let together = run.trays;
  for (const other of placed) {
    const overlap = run.startMin < other.endMin && other.startMin < run.endMin;
    const alike = Math.abs(run.setC - other.setC) <= sameHeatC && run.mode === other.mode;
    if (overlap && (!alike || (together += other.trays) > shelves))
      return other.startMin - (alike ? 0 : changeover(run, other));
    if (!overlap && !alike) {
      const [a, b] = run.startMin < other.startMin ? [run, other] : [other, run];
      if (b.startMin - a.endMin < changeover(a, b) - 1e-9) return other.startMin - changeover(run, other);
    }
  }
  return null;
}

/**
 * A backward chain for each item from the one oven: bakes are placed latest first in the order of the list, each as late as
 * oven and shelves allow; the pastry's steps run back from its bake, its last chill stretching while a cook's hands are taken;
 * its filling is cooked and cooled before it is closed, while those hands are free. What cannot be placed so is said.
 */
export function planClock(items: readonly Scheduled[], kitchen: KitchenInput, serveAt: string): ClockPlan {
  const runs: OvenRun[] = [];
  const timed: TimedStep[] = [];
  const problems: Problem[] = [];
  const busy: Busy[] = [];
  items.forEach((item, itemIndex) => {
    const { run, fits } = placeBake(item, itemIndex, runs, kitchen.ovenShelves);
    if (!fits) problems.push(problem('clock', 'heats_overlap', 'warn', ['oven.setC'], { item: item.title }));
    const stand = item.steps.find((s) => s.code === 'stand') as Step;
    if (run.endMin < -stand.minutes - longestStandMin)
      problems.push(problem('clock', 'stands_long', 'warn', ['oven.setC'], { item: item.title, minutes: -run.endMin }));
    runs.push(run);
    const { laid, clash } = placeWork(item, itemIndex, run, kitchen.cooks, busy);
    if (clash)
      problems.push(problem('clock', 'hands_taken', 'warn', ['clock.cook'], { item: item.title, cook: clash }));
    for (const s of laid) if (s.cook) busy.push({ cook: s.cook, from: s.startMin, to: s.startMin + s.minutes });
    const bake = item.steps.find((s) => s.code === 'bake') as Step;
    timed.push(
      ...laid,
      { ...bake, itemIndex, cook: null, startMin: run.startMin },
      { ...stand, itemIndex, cook: null, startMin: run.endMin, minutes: -run.endMin },
    );
  });
  timed.sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex);
  const hands = kitchen.cooks.map((cook) => ({
    cook,
    minutes: timed.filter((s) => s.cook === cook).reduce((sum, s) => sum + s.minutes, 0),
  }));
  const startMin = timed.reduce((m, s) => Math.min(m, s.startMin), 0);
  return {
    serveAt,
    steps: timed,
    startMin,
    figures: clockFigures(items, timed, startMin, runs, hands),
    problems,
    hands,
    ovenRuns: withPreheat(runs),
  };
}

/** A pie that is out longer than this before the table, beyond its stand, is said, min. */
const longestStandMin = 60;

/** The bake of an item as late as the oven allows; `fits` is false where it lies beside one it cannot share with. */
function placeBake(
  item: Scheduled,
  itemIndex: number,
  runs: readonly OvenRun[],
  shelves: number,
): { run: OvenRun; fits: boolean } {
  const bake = item.steps.find((s) => s.code === 'bake') as Step;
  const stand = item.steps.find((s) => s.code === 'stand') as Step;
  let end = -stand.minutes;
  const at = (endMin: number): OvenRun => ({
    itemIndex,
    startMin: endMin - bake.minutes,
    endMin,
    setC: item.oven.setC,
    mode: item.oven.mode,
    trays: item.trays,
  });
  for (let tries = 0; tries < mostTries; tries++) {
    const before = fitsOven(at(end), runs, shelves);
    if (before === null) return { run: at(end), fits: item.trays <= shelves };
    end = Math.min(end, before) - 0.001;
  }
  return { run: at(end), fits: false };
}
const mostTries = 200;

/** An item's own steps back from its bake, and its filling's before it is closed; `clash` names a cook wanted twice. */
function placeWork(
  item: Scheduled,
  itemIndex: number,
  run: OvenRun,
  cooks: readonly string[],
  busy: readonly Busy[],
): { laid: TimedStep[]; clash: string | null } {
  const pastry = item.steps.filter((s) => s.strand === 'pastry' && s.code !== 'bake' && s.code !== 'stand');
  const cook = cooks.includes(item.cook) ? item.cook : cooks[0];
  const helper = cooks.find((c) => c !== cook) ?? cook;
  const last = pastry[pastry.length - 1];
  const stretchable = last && last.kind === 'cold' ? last : null;
  let extra = 0;
  let laid = lay(pastry, run.startMin, cook, itemIndex, stretchable, extra);
  for (let n = 0; n < mostNudges && clashes(laid, busy) && (!stretchable || extra < stretchable.elasticMin); n++) {
    extra += nudgeMin;
    laid = lay(pastry, run.startMin, cook, itemIndex, stretchable, extra);
  }
  // the item's own work takes hands too: nobody stirs the pot and rolls at once
  const own = laid.flatMap((s) => (s.cook ? [{ cook: s.cook, from: s.startMin, to: s.startMin + s.minutes }] : []));
  const taken = [...busy, ...own];
  const closing = laid.find((s) => closingCodes.includes(s.code));
  const prepared = layFilling(item.steps, closing?.startMin ?? run.startMin, helper, itemIndex, taken);
  const clash = clashes(laid, busy) ? cook : clashes(prepared, taken) ? helper : null;
  // a wait that nothing asked for is no step
  return { laid: [...laid, ...prepared].filter((s) => s.minutes > 0), clash };
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
        works: first?.minutes ?? 0,
        item: items[first?.itemIndex ?? 0]?.title ?? '',
        cook: first?.cook ?? '',
        cold: coldMinutes,
        ovenAt: runs[first?.itemIndex ?? 0]?.startMin ?? 0,
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
      { runs: runs.length, heats: new Set(runs.map((r) => r.setC)).size },
      'estimate',
      'plan.bake',
    ),
  };
}

/** Bakes in order, each with the minute from which the oven has to heat for it. */
const withPreheat = (runs: readonly OvenRun[]): ClockPlan['ovenRuns'] =>
  [...runs]
    .sort((a, b) => a.startMin - b.startMin)
    .map(({ trays: _, ...run }, i, sorted) => {
      const previous = sorted[i - 1];
      const near = previous && run.startMin - previous.endMin < preheatMin * 3;
      const lead = near ? changeover(previous, run) : preheatMin;
      return { ...run, preheatFromMin: run.startMin - lead };
    });

function lay(
  steps: readonly Step[],
  endMin: number,
  cook: string,
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
      return { ...s, minutes, itemIndex, cook: s.kind === 'bench' ? cook : null, startMin: end };
    })
    .reverse();
}

const clashes = (laid: readonly TimedStep[], busy: readonly Busy[]): boolean =>
  laid.some(
    (s) =>
      s.cook &&
      busy.some((b) => b.cook === s.cook && s.startMin < b.to - 1e-6 && b.from < s.startMin + s.minutes - 1e-6),
  );

/** Cooking and cooling of the filling, ready by the closing; earlier while the helper's hands are taken. */
function layFilling(
  steps: readonly Step[],
  readyBy: number,
  cook: string,
  itemIndex: number,
  busy: readonly Busy[],
): TimedStep[] {
  const cookStep = steps.find((s) => s.code === 'cookFilling');
  const coolStep = steps.find((s) => s.code === 'coolFilling');
  const place = (extra: number): TimedStep[] => {
    const coolMinutes = (coolStep?.minutes ?? 0) + (coolStep ? extra : 0);
    const coolStart = readyBy - coolMinutes - (coolStep ? 0 : extra);
    return [
      ...(cookStep ? [{ ...cookStep, itemIndex, cook, startMin: coolStart - cookStep.minutes }] : []),
      ...(coolStep ? [{ ...coolStep, itemIndex, cook: null, startMin: coolStart, minutes: coolMinutes }] : []),
    ];
  };
  let extra = 0;
  while (extra < 12 * 60 && clashes(place(extra), busy)) extra += nudgeMin;
  return place(extra);
}
