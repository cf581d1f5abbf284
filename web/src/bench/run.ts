import type { Tick } from '@crustallum/core/plan/stations/seal/result';
import type { EatersOfItem } from '../wording/eaters';
import type { AwayInput } from '@crustallum/core/contracts/clock';
import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { InCompany } from '@crustallum/core/plan/stations/oven/spec';
import type { PotHeated } from '@crustallum/core/filling/pot';
import type { FormulaPart } from '@crustallum/core/dough/formula';
import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import { valueAt } from '@crustallum/core/plan/coldLine/line';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { closingCodes, type TimedStep } from '@crustallum/core/plan/steps/codes';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { allDone, offered, type Asking, type Offered, type Standing } from '@crustallum/core/bench/offer';
import { isWait, type BenchItem } from '@crustallum/core/bench/plan';
import { isOver, reduce, timersOf, type InTheCold, type RunNow, type StepNow } from '@crustallum/core/bench/reduce';

/** A thing that goes into the filling: for all, for each piece and its salt there, and when it goes into the pot. */
export interface PartAtBench {
  name: string;
  grams: number;
  eachG: number;
  saltEachG?: number;
  entersMin?: number;
}

/** What a run is started from: the plan and its inputs copied at that moment, so that it goes on without server or network. */
export interface RunPlan {
  title: string;
  serveAt: string;
  kitchen: KitchenInput;
  items: ({
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
    fillingParts?: PartAtBench[];
    /** How the pot is heated and covered meanwhile, and of how many minutes; runs begun before had none. */
    pot?: { minutes: number; stages: PotHeated[] };
    /** Filling for each where it is one mix, g; none where it is laid in part by part. */
    mixedEachG?: number;
    mixedEachMl?: number;
    /** Liquid that just covers what is in the pot, g. */
    coverG?: number;
    /** Pies that lie closed since another day, as the larder has them, g in all. */
    closed?: { name: string; grams: number };
    /** What has to stand before it is closed; runs begun before had none. */
    ticks?: Tick[];
    /** For whom pieces are made apart, for whom it is not, and what it holds; runs begun before had none. */
    eaters?: EatersOfItem;
    /** What is in the oven with it by plan; runs begun before had none. */
    company?: InCompany;
    /** What the water was already multiplied by for its flour. */
    waterFactor?: number;
  } & BenchItem)[];
  steps: TimedStep[];
  /** Who is away for a while; runs begun before had none. */
  away?: AwayInput[];
  /** Weighing and making ready go together for all pies. */
  together?: boolean;
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
  /** Its place among those of its run on the server, once it is there. */
  number?: number;
  refused?: string;
}

/** Adds something that happened. */
/** Writes an event; its id, where a run goes on to write it in. */
export type Say = (type: RunEventInput['type'], data?: Record<string, unknown>) => Promise<string | undefined>;

/** What a run's events make of it. */
export const nowOf = (run: BenchRun, events: readonly BenchEvent[]): RunNow =>
  reduce(run.plan, Date.parse(run.startedAt), events);

/** A run as one screen sees it: what is in hand there, or offered, and how it stands. */
export interface BenchState {
  now: RunNow;
  asking: Asking;
  offer: Offered | null;
  standing: Standing | null;
  step: TimedStep | undefined;
  /** Its name among the steps; empty where nothing is left. */
  key: string;
  /** When it was begun; where it is not, when it can be. */
  startedAt: number;
  pieces: number;
  /** Waits that go on. */
  timers: StepNow[];
  cold: InTheCold | null;
  warming: { since: number; minute: number };
  /** Nothing is left to begin, in anybody's row. */
  done: boolean;
  finished: boolean;
}

export function stateOf(run: BenchRun, now: RunNow, asking: Asking, atMs: number): BenchState {
  const offer = offered(now, asking, atMs);
  const s = offer?.now;
  const startedAt = s?.begun?.at ?? (offer && Number.isFinite(offer.readyAt) ? offer.readyAt : atMs);
  return {
    now,
    asking,
    offer,
    standing: offer?.standing ?? null,
    step: s?.step,
    key: s?.key ?? '',
    startedAt,
    pieces: s?.pieces ?? 0,
    timers: timersOf(now),
    cold: s?.cold ?? null,
    warming: s?.warming ?? { since: startedAt, minute: 0 },
    done: allDone(now),
    finished: now.finishedAt !== null || run.finishedAt !== null,
  };
}

/** Share of the day's pies that are closed, every item counting alike: 0 before the first, 1 after the last. */
export function sealedShare(now: RunNow): number {
  const shares = now.plan.items.map((_, item) => {
    const own = [...now.steps.values()].filter(
      ({ step }) => step.itemIndex === item && closingCodes.includes(step.code),
    );
    const piecesOf = (s: StepNow) => Math.max(1, s.step.pieces);
    const all = own.reduce((sum, s) => sum + piecesOf(s), 0);
    const closed = own.reduce((sum, s) => sum + (isOver(s) ? piecesOf(s) : Math.min(piecesOf(s), s.pieces)), 0);
    return all ? closed / all : 0;
  });
  return shares.length ? shares.reduce((sum, s) => sum + s, 0) / shares.length : 0;
}

/** Temperature (or moisture) of the piece that is back in the cold, by the reckoned cure. */
export const inTheCold = (cold: InTheCold, now: number): number =>
  cold.at.length > 1 ? valueAt(cold, (now - cold.since) / 60_000) : (cold.value[0] ?? 0);

/** Conditions of an item that stand, as they were pressed at the bench. */
export function tickedOf(events: readonly RunEventInput[], itemIndex: number): ReadonlySet<string> {
  const on = new Set<string>();
  for (const { type, data } of events)
    if (type === 'tick' && Number(data['itemIndex']) === itemIndex)
      if (data['on']) on.add(String(data['code']));
      else on.delete(String(data['code']));
  return on;
}

/** Minutes a step really took, once it is over. */
export const tookMin = (s: StepNow | undefined): number | null =>
  s?.begun && s.done ? (s.done.at - s.begun.at) / 60_000 : null;

/** The minutes a wait in the cold needs for the line that was planned; null where nothing is known of it. */
export function neededMin(run: BenchRun): (s: StepNow) => number | null {
  return ({ step }) => {
    const { line } = run.plan.items[step.itemIndex] ?? {};
    return step.kind === 'cold' ? (line?.stretches.find((s) => s.stepId === step.id)?.minutes ?? null) : null;
  };
}

export { isWait };
