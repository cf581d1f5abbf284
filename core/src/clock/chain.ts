import { figure, type Figure } from '../plan/figure';
import type { ItemPlan } from '../plan/item';
import type { ItemInput } from '../contracts/item';
import { closingCodes, type Step, type TimedStep } from '../plan/steps/codes';
import type { Problem } from '../plan/problem';
import type { KitchenInput } from '../contracts/kitchen';

export interface ClockPlan {
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
}

const changeover = (earlier: OvenRun, later: OvenRun): number => {
  const rise = later.setC - earlier.setC;
  return rise > 0 ? rise / climbsCMin : -rise / fallsCMin;
};

function fitsOven(run: OvenRun, placed: readonly OvenRun[], shelves: number): number | null {
  let together = 1;
  for (const other of placed) {
    const overlap = run.startMin < other.endMin && other.startMin < run.endMin;
    const alike = Math.abs(run.setC - other.setC) <= sameHeatC && run.mode === other.mode;
    if (overlap && (!alike || ++together > shelves)) return other.startMin - (alike ? 0 : changeover(run, other));
    if (!overlap && !alike) {
      const [a, b] = run.startMin < other.startMin ? [run, other] : [other, run];
      if (b.startMin - a.endMin < changeover(a, b) - 1e-9) return other.startMin - changeover(run, other);
    }
  }
  return null;
}

/**
 * A backward chain for each item from the one oven: bakes are placed latest first in the order of the list, each as late as
 * oven and shelves allow; the pastry's steps run back from its bake, its last chill stretching while a cook's hands are taken.
 */
export function planClock(items: readonly ItemInput[], plans: readonly ItemPlan[], kitchen: KitchenInput): ClockPlan {
  const runs: OvenRun[] = [];
  const timed: TimedStep[] = [];
  const problems: Problem[] = [];
  const busy: { cook: string; from: number; to: number }[] = [];
  plans.forEach((plan, itemIndex) => {
    const item = items[itemIndex] as ItemInput;
    const bake = plan.steps.find((s) => s.code === 'bake') as Step;
    const stand = plan.steps.find((s) => s.code === 'stand') as Step;
    let end = -stand.minutes;
    let run: OvenRun = {
      itemIndex,
      startMin: end - bake.minutes,
      endMin: end,
      setC: item.oven.setC,
      mode: item.oven.mode,
    };
    for (let tries = 0; tries < 40; tries++) {
      const before = fitsOven(run, runs, kitchen.ovenShelves);
      if (before === null) break;
      end = Math.min(end, before) - 0.001;
      run = { ...run, startMin: end - bake.minutes, endMin: end };
    }
    if (end < -stand.minutes - 60)
      problems.push({
        station: 'clock',
        code: 'standsLong',
        fields: ['oven.setC'],
        values: { item: item.title, minutes: -end },
        weight: 'warn',
      });
    runs.push(run);
    const pastry = plan.steps.filter((s) => s.strand === 'pastry' && s.code !== 'bake' && s.code !== 'stand');
    const cook = kitchen.cooks.includes(item.clock.cook) ? item.clock.cook : (kitchen.cooks[0] as string);
    const helper = kitchen.cooks.find((c) => c !== cook) ?? cook;
    const last = pastry[pastry.length - 1];
    const stretchable = last && last.kind === 'cold' ? last : null;
    let extra = 0;
    let laid = lay(pastry, run.startMin, cook, itemIndex, stretchable, extra);
    for (let n = 0; n < mostNudges && clashes(laid, busy) && (!stretchable || extra < stretchable.elasticMin); n++) {
      extra += nudgeMin;
      laid = lay(pastry, run.startMin, cook, itemIndex, stretchable, extra);
    }
    if (clashes(laid, busy))
      problems.push({
        station: 'clock',
        code: 'handsTaken',
        fields: ['clock.cook'],
        values: { item: item.title, cook },
        weight: 'warn',
      });
    const closing = laid.find((s) => closingCodes.includes(s.code));
    const prepared = layFilling(plan.steps, closing?.startMin ?? run.startMin, helper, itemIndex, busy);
    for (const s of [...laid, ...prepared])
      if (s.cook) busy.push({ cook: s.cook, from: s.startMin, to: s.startMin + s.minutes });
    timed.push(
      ...laid,
      ...prepared,
      { ...bake, itemIndex, cook: null, startMin: run.startMin },
      { ...stand, itemIndex, cook: null, startMin: run.endMin, minutes: -run.endMin },
    );
  });
  timed.sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex);
  const startMin = timed.reduce((m, s) => Math.min(m, s.startMin), 0);
  const first = timed.find((s) => s.startMin === startMin);
  const hands = kitchen.cooks.map((cook) => ({
    cook,
    minutes: timed.filter((s) => s.cook === cook).reduce((sum, s) => sum + s.minutes, 0),
  }));
  const sorted = [...runs].sort((a, b) => a.startMin - b.startMin);
  const coldMinutes = timed
    .filter(
      (s) => s.itemIndex === first?.itemIndex && s.kind === 'cold' && s.strand === 'pastry' && s.code !== 'shapedChill',
    )
    .reduce((sum, s) => sum + s.minutes, 0);
  return {
    steps: timed,
    startMin,
    figures: {
      start: figure(
        startMin,
        'min',
        'clock.start',
        {
          code: first?.code ?? '',
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
        sorted[0]?.startMin ?? null,
        'min',
        'clock.oven',
        { runs: runs.length, heats: new Set(runs.map((r) => r.setC)).size },
        'estimate',
        'plan.bake',
      ),
    },
    problems,
    hands,
    ovenRuns: sorted.map((r, i) => {
      const previous = sorted[i - 1];
      const lead = previous && r.startMin - previous.endMin < preheatMin * 3 ? changeover(previous, r) : preheatMin;
      return { ...r, preheatFromMin: r.startMin - lead };
    }),
  };
}

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

const clashes = (laid: readonly TimedStep[], busy: readonly { cook: string; from: number; to: number }[]): boolean =>
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
  busy: readonly { cook: string; from: number; to: number }[],
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
