import type { Tick } from '@crustallum/core/plan/stations/seal/result';
import type { EatersOfItem } from '../wording/eaters';
import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { InCompany } from '@crustallum/core/plan/stations/oven/spec';
import type { FormulaPart } from '@crustallum/core/dough/formula';
import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import { valueAt } from '@crustallum/core/plan/coldLine/line';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { closingCodes, type TimedStep } from '@crustallum/core/plan/steps/codes';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

/** What a run is started from: the plan and its inputs copied at that moment, so that it goes on without server or network. */
export interface RunPlan {
  title: string;
  serveAt: string;
  kitchen: KitchenInput;
  items: {
    id: string;
    document: ItemInput;
    line: ColdLine;
    expectedMm: number | null;
    bakeMin: number | null;
    pieces: number;
    depthMm: number;
    /** What is weighed, g, in order, and the share of the liquid that goes in first; runs begun before had none. */
    parts?: FormulaPart[];
    firstLotPct?: number;
    /** What goes into the filling, for all and for each; runs begun before had none. */
    fillingParts?: { name: string; grams: number; eachG: number }[];
    /** Filling for each where it is one mix, g; none where it is laid in part by part. */
    mixedEachG?: number;
    /** Liquid that just covers what is in the pot, g. */
    coverG?: number;
    /** What has to stand before it is closed; runs begun before had none. */
    ticks?: Tick[];
    /** For whom pieces are made apart, for whom it is not, and what it holds; runs begun before had none. */
    eaters?: EatersOfItem;
    /** What is in the oven with it by plan; runs begun before had none. */
    company?: InCompany;
    /** What the water was already multiplied by for its flour. */
    waterFactor?: number;
  }[];
  steps: TimedStep[];
  /** Who is at the table, as far as they were named; runs begun before had none. */
  people?: string[];
}

export interface BenchRun {
  id: string;
  bakeId: string;
  startedAt: string;
  finishedAt: string | null;
  plan: RunPlan;
}

export interface BenchEvent extends RunEventInput {
  runId: string;
  /** 0 waits, 1 is on the server, 2 was set aside: the server would not have it. */
  sent: 0 | 1 | 2;
  refused?: string;
}

export interface BenchTimer {
  stepIndex: number;
  startedAt: number;
  minutes: number;
}

export interface BenchState {
  /** Index of the step in hand; steps.length when all is done. */
  index: number;
  stepStartedAt: number;
  pieces: number;
  timers: BenchTimer[];
  /** The piece in hand is back in the cold (or under its cloth) since then; the curve is the reckoned cure. */
  cold: { since: number; minutes: number | null; at: number[]; value: number[] } | null;
  /** Since when the piece in hand warms at the bench, and at which minute of its stretch it began. */
  warming: { since: number; minute: number };
  finished: boolean;
  /** When each step was really begun and ended, ms. */
  actual: Record<number, { from: number; to: number | null }>;
}

const waits = new Set(['cold', 'oven', 'stand']);
export const isWait = (s: TimedStep | undefined): boolean => s !== undefined && waits.has(s.kind);

/** Plays a run's events over its plan. Timers are clock times, so that a reload changes nothing. */
// eslint-disable-next-line max-lines-per-function -- one event after the other, each what it does
export function benchState(run: BenchRun, events: readonly BenchEvent[]): BenchState {
  const { steps } = run.plan;
  let index = 0;
  let stepStartedAt = new Date(run.startedAt).getTime();
  let pieces = 0;
  let timers: BenchTimer[] = [];
  let cold: BenchState['cold'] = null;
  let warming: BenchState['warming'] = { since: stepStartedAt, minute: 0 };
  let finished = run.finishedAt !== null;
  const actual: BenchState['actual'] = { 0: { from: stepStartedAt, to: null } };
  for (const e of events) {
    const at = new Date(e.at).getTime();
    if (e.type === 'next' && index < steps.length) {
      const step = steps[index];
      if (step && isWait(step)) {
        // what this pie waited for before is over: out of the oven it stands, in the oven the heating is done
        const before = timers.filter((t) => {
          const waited = steps[t.stepIndex];
          const same = waited?.strand === step.strand || (waited?.strand === 'oven' && step.kind === 'oven');
          return same && waited?.itemIndex === step.itemIndex;
        });
        for (const t of before) {
          const wait = actual[t.stepIndex];
          if (wait) wait.to ??= at;
        }
        timers = timers.filter((t) => !before.includes(t));
        timers = [...timers, { stepIndex: index, startedAt: at, minutes: step.minutes }];
        actual[index] = { from: at, to: null };
      } else {
        const begun = actual[index];
        if (begun) Object.assign(begun, { from: Math.min(begun.from, at), to: at });
        const isOver = (t: BenchTimer) => {
          const waited = steps[t.stepIndex];
          // a moment at the oven door ends no bake
          if (step?.kind === 'tend') return false;
          if (t.stepIndex >= index || waited?.itemIndex !== step?.itemIndex) return false;
          // once it is closed, its filling has cooled enough or not at all
          const closes = step !== undefined && closingCodes.includes(step.code) && waited?.strand === 'filling';
          return closes || waited?.strand === step?.strand;
        };
        for (const t of timers.filter(isOver)) {
          const wait = actual[t.stepIndex];
          if (wait) wait.to ??= at;
        }
        timers = timers.filter((t) => !isOver(t));
      }
      index++;
      // what lies in the cold is not begun before it is ready
      stepStartedAt = Math.max(at, readyAt(steps, index, timers) ?? at);
      pieces = 0;
      cold = null;
      warming = { since: stepStartedAt, minute: 0 };
      if (index < steps.length && !isWait(steps[index])) actual[index] = { from: stepStartedAt, to: null };
    } else if (e.type === 'begin' && stepStartedAt > at) {
      // taken out early, and known to be
      stepStartedAt = at;
      warming = { since: at, minute: 0 };
      actual[index] = { from: at, to: null };
    } else if (e.type === 'back' && index > 0) {
      index--;
      timers = timers.filter((t) => t.stepIndex !== index);
      stepStartedAt = actual[index]?.from ?? at;
      pieces = 0;
      const begun = actual[index];
      if (begun) begun.to = null;
      cold = null;
      warming = { since: stepStartedAt, minute: 0 };
    } else if (e.type === 'piece') pieces = Math.max(0, pieces + Number(e.data['by'] ?? 1));
    else if (e.type === 'timerStop') {
      const stopped = Number(e.data['stepIndex']);
      timers = timers.filter((t) => t.stepIndex !== stopped);
      const begun = actual[stopped];
      if (begun) begun.to = at;
    } else if (e.type === 'look' && typeof e.data['outMin'] === 'number') {
      // what was seen moves the rest of that bake
      const minutes = Number(e.data['outMin']);
      const seen = Number(e.data['itemIndex']);
      timers = timers.map((t) => {
        const baking = steps[t.stepIndex];
        return baking?.code === 'bake' && baking.itemIndex === seen ? { ...t, minutes } : t;
      });
    } else if (e.type === 'cold') {
      if (e.data['into']) cold = { since: at, ...(e.data['cure'] as Omit<NonNullable<BenchState['cold']>, 'since'>) };
      else {
        cold = null;
        warming = { since: at, minute: Number(e.data['minute'] ?? 0) };
      }
    } else if (e.type === 'finish') finished = true;
  }
  return { index, stepStartedAt, pieces, timers, cold, warming, finished, actual };
}

/** The wait a step's own piece is still in: of its pastry, or of its filling where it is closed over it. */
export function waitBefore(
  steps: readonly TimedStep[],
  index: number,
  timers: readonly BenchTimer[],
): BenchTimer | undefined {
  const step = steps[index];
  if (!step || isWait(step) || step.kind === 'tend') return undefined;
  return timers
    .filter((t) => {
      const waited = steps[t.stepIndex];
      if (!waited || t.stepIndex >= index || waited.itemIndex !== step.itemIndex || waited.kind !== 'cold')
        return false;
      return waited.strand === step.strand || (waited.strand === 'filling' && closingCodes.includes(step.code));
    })
    .reduce<BenchTimer | undefined>((last, t) => (last && endOf(last) >= endOf(t) ? last : t), undefined);
}
const endOf = (t: BenchTimer): number => t.startedAt + t.minutes * 60_000;
const readyAt = (steps: readonly TimedStep[], index: number, timers: readonly BenchTimer[]): number | null => {
  const wait = waitBefore(steps, index, timers);
  return wait ? endOf(wait) : null;
};

/** Share of the day's pies that are closed, every item counting alike: 0 before the first, 1 after the last. */
export function sealedShare(run: BenchRun, state: BenchState): number {
  const shares = run.plan.items.map((_, item) => {
    const own = run.plan.steps
      .map((s, i) => ({ s, i, pieces: Math.max(1, s.pieces) }))
      .filter(({ s }) => s.itemIndex === item && closingCodes.includes(s.code));
    const all = own.reduce((sum, { pieces }) => sum + pieces, 0);
    const done = own.reduce(
      (sum, { i, pieces }) => sum + (i < state.index ? pieces : i === state.index ? Math.min(pieces, state.pieces) : 0),
      0,
    );
    return all ? done / all : 0;
  });
  return shares.length ? shares.reduce((sum, s) => sum + s, 0) / shares.length : 0;
}

/** Temperature (or moisture) of the piece that is back in the cold, by the reckoned cure. */
export const inTheCold = (cold: NonNullable<BenchState['cold']>, now: number): number =>
  cold.at.length > 1 ? valueAt(cold, (now - cold.since) / 60_000) : (cold.value[0] ?? 0);

/** Conditions of an item that stand, as they were pressed at the bench. */
export function tickedOf(events: readonly BenchEvent[], itemIndex: number): ReadonlySet<string> {
  const on = new Set<string>();
  for (const { type, data } of events)
    if (type === 'tick' && Number(data['itemIndex']) === itemIndex)
      if (data['on']) on.add(String(data['code']));
      else on.delete(String(data['code']));
  return on;
}
