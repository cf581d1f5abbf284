import { closingCodes, type Strand, type TimedStep } from '../plan/steps/codes';
import { isWait } from './plan';
import { endsAt, type RunNow, type StepNow } from './reduce';

export const places = ['oven', 'hob', 'rack', 'bench', 'room', 'porch', 'iceBath', 'fridge', 'freezer'] as const;
export type Place = (typeof places)[number];

export interface Lying {
  itemIndex: number;
  strand: Strand;
  place: Place;
  /** The step that put it there, or that it lies after. */
  by: StepNow;
  since: number;
  /** When its wait is over, ms; null where it waits for hands. */
  readyAt: number | null;
}

/** Where a step has its thing while it lasts. */
export function placeOf(step: TimedStep): Place {
  if (step.kind === 'oven') return 'oven';
  if (step.kind === 'stand') return 'rack';
  if (step.kind === 'hob') return 'hob';
  if (step.kind !== 'cold') return 'bench';
  const place = String(step.values['place'] ?? 'fridge');
  return places.find((p) => p === place) ?? 'room';
}

/**
 * Where everything is: the pastry of each item and its filling, each in exactly one place, by the furthest step that was begun on
 * it. What is closed in is no thing of its own any more; what was never begun is not there yet.
 */
export function lying(now: RunNow): Lying[] {
  return now.plan.items.flatMap((_, itemIndex) => {
    const last = (strand: Strand) =>
      now.plan.steps
        .filter((s) => s.itemIndex === itemIndex && s.strand === strand && s.kind !== 'tend')
        .flatMap((s) => now.steps.get(`${itemIndex}/${s.id}`) ?? [])
        .findLast((s) => s.begun !== null && !s.skipped);
    const [pastry, filling] = [last('pastry'), last('filling')];
    const closed = pastry && isClosedOver(now, pastry);
    return [pastry, closed ? undefined : filling].flatMap((by) => (by ? [whereIs(by)] : []));
  });
}

function whereIs(by: StepNow): Lying {
  const { step } = by;
  const common = { itemIndex: step.itemIndex, strand: step.strand, by };
  const begun = by.begun?.at ?? 0;
  if (by.cold) {
    const { since, minutes } = by.cold;
    return { ...common, place: 'fridge', since, readyAt: minutes === null ? null : since + minutes * 60_000 };
  }
  if (by.done) return { ...common, place: 'bench', since: by.done.at, readyAt: null };
  return { ...common, place: placeOf(step), since: begun, readyAt: isWait(step) ? endsAt(by) : null };
}

/** The pastry is closed over its filling, or further. */
const isClosedOver = (now: RunNow, pastry: StepNow): boolean =>
  now.plan.steps.some(
    (s) =>
      s.itemIndex === pastry.step.itemIndex &&
      closingCodes.includes(s.code) &&
      (pastry.step.startMin > s.startMin || (pastry.step.id === s.id && pastry.done !== null)),
  );
