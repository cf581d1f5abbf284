import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { isWait, type BenchPlan } from './plan';
import type { RunNow } from './reduce';

/** What lies in the fridge while the first lot is worked, where the Cold Line has no minutes for it (estimate). */
const usualRestMin = 20;
/** It may lie longer without harm, min. */
const lotElasticMin = 120;
/** Fewer pieces than this are not worth a lot of their own. */
const leastPieces = 4;

/** Which pieces a step is for, counted through the bake, so that everybody's stay theirs; null where they are not numbered. */
const numbered = ({ values: { from, to } }: TimedStep): [from: number, to: number] | null =>
  typeof from === 'number' && typeof to === 'number' ? [from, to] : null;

/** In no more lots than this: each is warmed and chilled once more. */
const mostLots = 4;
/** Which lot a step is, of how many. */
const lotOf = ({ values: { lot, lots } }: TimedStep): { lot: number; lots: number } => ({
  lot: Number(lot ?? 1),
  lots: Number(lots ?? 1),
});

/** A step that can be done in two lots: worked piece by piece by number, not over; of lots already, the last one can again. */
export function canSplit(now: RunNow, key: string): boolean {
  const s = now.steps.get(key);
  const { lot, lots } = s ? lotOf(s.step) : { lot: 0, lots: 0 };
  return (
    !!s &&
    !isWait(s.step) &&
    s.step.pieces - s.pieces >= leastPieces &&
    !s.done &&
    numbered(s.step) !== null &&
    lot === lots &&
    lots < mostLots
  );
}

/** The step of the plan that a step is, or is a lot of. */
export const plannedId = (id: string): string => id.replace(/~\d$/, '');
const lotId = (id: string, lot: number): string => `${plannedId(id)}~${lot}`;

/** The plan with one step in two lots, and the key of the wait between them. */
export interface Split {
  steps: TimedStep[];
  serveAt: BenchPlan['serveAt'];
  rest: string;
}

/**
 * A step in two lots, or its last lot in two again: half of what is left of its pieces now, the rest after a chill that begins
 * at once. Pieces and minutes are shared out and none is lost; what comes after waits for both. The times after it stay as they were planned: how late that makes
 * the day is told, and laid anew, as for any other delay. Null where it cannot be split.
 * @param atMs now, by the clock of the house
 * @param restMin what the Cold Line says a piece needs to be in the middle of its band again; null, or less than a minute,
 * where it has none
 */
export function splitLot(now: RunNow, key: string, atMs: number, restMin: number | null): Split | null {
  const s = now.steps.get(key);
  if (!s || !canSplit(now, key)) return null;
  const { step } = s;
  const lies = restMin !== null && restMin >= 1 ? restMin : usualRestMin;
  const [from] = numbered(step) ?? [1];
  const first = s.pieces + Math.ceil((step.pieces - s.pieces) / 2);
  const then = step.pieces - first;
  const minutes = (pieces: number) => (step.minutes * pieces) / step.pieces;
  const startMin = (s.begun?.at ?? atMs) / 60_000 - new Date(now.plan.serveAt).getTime() / 60_000;
  const restFrom = atMs / 60_000 - new Date(now.plan.serveAt).getTime() / 60_000;
  const { lots } = lotOf(step);
  const lot = (n: 1 | 2, pieces: number): Pick<TimedStep, 'pieces' | 'minutes' | 'values'> => ({
    pieces,
    minutes: minutes(pieces),
    values: {
      ...step.values,
      lots: lots + 1,
      lot: lots - 1 + n,
      from: n === 1 ? from : from + first,
      to: n === 1 ? from + first - 1 : from + step.pieces - 1,
    },
  });
  const rest: TimedStep = {
    id: `lotRest:${step.id}`,
    code: 'shapedChill',
    strand: step.strand,
    kind: 'cold',
    itemIndex: step.itemIndex,
    cook: null,
    minutes: lies,
    elasticMin: lotElasticMin,
    pieces: then,
    startMin: restFrom,
    values: { place: 'fridge', pieces: then },
  };
  const second: TimedStep = {
    ...step,
    ...lot(2, then),
    id: lotId(step.id, lots + 1),
    startMin: Math.max(startMin + minutes(first), restFrom + lies),
  };
  return {
    steps: now.plan.steps.flatMap((p) =>
      keyOf(p) === key
        ? [{ ...step, ...lot(1, first), startMin }, rest, second]
        : lots > 1 && p.itemIndex === step.itemIndex && p.code === step.code && lotOf(p).lots === lots
          ? [{ ...p, values: { ...p.values, lots: lots + 1 } }]
          : [p],
    ),
    serveAt: now.plan.serveAt,
    rest: keyOf(rest),
  };
}
