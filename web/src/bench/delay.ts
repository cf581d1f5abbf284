import { clock, momentAt, span } from '../wording/numbers';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { isWait, type BenchRun, type BenchState } from './run';

/** What a cure costs the day: minutes that are free anyway, minutes by which the table is later, and when the oven is wanted. */
export interface Cost {
  freeMin: number;
  laterMin: number;
  ovenAtMin: number | null;
}

/**
 * Minutes in the cold set against what the rest of this pie's day can give: pauses between its steps, and waits that the plan
 * lets last longer than they must; being late or early by now counts too.
 */
export function costOf(run: BenchRun, state: BenchState, now: number, stepLeftMin: number, cureMin: number): Cost {
  const { items } = run.plan;
  const { steps, serveAt } = state.now.plan;
  const { step } = state;
  if (!step) return { freeMin: 0, laterMin: 0, ovenAtMin: null };
  const line = items[step.itemIndex]?.line;
  const own = steps
    .slice(steps.findIndex((s) => keyOf(s) === state.key))
    .filter((s) => s.itemIndex === step.itemIndex && s.strand === 'pastry')
    .sort((a, b) => a.startMin - b.startMin);
  let slack = 0;
  own.forEach((s, i) => {
    const next = own[i + 1];
    if (next && s.kind !== 'oven' && s.kind !== 'stand') slack += Math.max(0, next.startMin - s.startMin - s.minutes);
    const needed = line?.stretches.find((l) => l.stepId === s.id)?.minutes;
    if (isWait(s) && needed !== undefined) slack += Math.max(0, s.minutes - needed);
  });
  const nowMin = (now - new Date(serveAt).getTime()) / 60_000;
  const late = nowMin + Math.max(0, stepLeftMin) - (step.startMin + step.minutes);
  const over = late + cureMin - slack;
  return {
    freeMin: Math.max(0, Math.min(cureMin, slack - late)),
    laterMin: Math.max(0, over),
    ovenAtMin: own.find((s) => s.kind === 'oven')?.startMin ?? null,
  };
}

/** What going back to the cold does to the day. */
export function costWords(cost: Cost, serveAt: string): string {
  if (cost.laterMin >= 1) return `It makes the table ${span(cost.laterMin)} later.`;
  const oven = cost.ovenAtMin === null ? '' : `: the oven is at ${clock(momentAt(serveAt, cost.ovenAtMin))}`;
  return `That cold is free${oven}.`;
}
