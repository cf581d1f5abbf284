import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { isWait, type BenchPlan } from './plan';
import type { RunNow } from './reduce';

/** What lies in the fridge while the first lot is worked: long enough to be firm again (estimate), min. */
const lotRestMin = 20;
/** It may lie longer without harm, min. */
const lotElasticMin = 120;
/** Fewer pieces than this are not worth a lot of their own. */
const leastPieces = 4;

/** A step that can be done in two lots: worked piece by piece by hand, not over, and no lot already. */
export function canSplit(now: RunNow, key: string): boolean {
  const s = now.steps.get(key);
  return (
    !!s &&
    !isWait(s.step) &&
    s.step.pieces - s.pieces >= leastPieces &&
    !s.done &&
    Number(s.step.values['lots'] ?? 1) < 2
  );
}

/** The plan with one step in two lots, and the key of the wait between them. */
export interface Split {
  steps: TimedStep[];
  serveAt: BenchPlan['serveAt'];
  rest: string;
}

/**
 * A step in two lots: half of what is left of its pieces now, the rest after a chill that begins at once. Pieces and minutes are
 * shared out and none is lost; what comes after waits for both. The times after it stay as they were planned: how late that makes
 * the day is told, and laid anew, as for any other delay. Null where it cannot be split.
 * @param atMs now, by the clock of the house
 */
export function splitLot(now: RunNow, key: string, atMs: number): Split | null {
  const s = now.steps.get(key);
  if (!s || !canSplit(now, key)) return null;
  const { step } = s;
  const first = s.pieces + Math.ceil((step.pieces - s.pieces) / 2);
  const then = step.pieces - first;
  const minutes = (pieces: number) => (step.minutes * pieces) / step.pieces;
  const startMin = (s.begun?.at ?? atMs) / 60_000 - new Date(now.plan.serveAt).getTime() / 60_000;
  const restFrom = atMs / 60_000 - new Date(now.plan.serveAt).getTime() / 60_000;
  const lot = (n: 1 | 2, pieces: number): Pick<TimedStep, 'pieces' | 'minutes' | 'values'> => ({
    pieces,
    minutes: minutes(pieces),
    values: { ...step.values, lots: 2, lot: n, ...('pieces' in step.values ? { pieces } : {}) },
  });
  const rest: TimedStep = {
    id: `lotRest:${step.id}`,
    code: 'shapedChill',
    strand: step.strand,
    kind: 'cold',
    itemIndex: step.itemIndex,
    cook: null,
    minutes: lotRestMin,
    elasticMin: lotElasticMin,
    pieces: then,
    startMin: restFrom,
    values: { place: 'fridge', pieces: then },
  };
  const second: TimedStep = {
    ...step,
    ...lot(2, then),
    id: `${step.id}~2`,
    startMin: Math.max(startMin + minutes(first), restFrom + lotRestMin),
  };
  return {
    steps: now.plan.steps.flatMap((p) =>
      keyOf(p) === key ? [{ ...step, ...lot(1, first), startMin }, rest, second] : [p],
    ),
    serveAt: now.plan.serveAt,
    rest: keyOf(rest),
  };
}
