import type { Step, TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import type { RunNow } from './reduce';

/** Which pieces a step is for: another way of doing it does not change that. */
const whichPieces = ['lot', 'lots', 'from', 'to'] as const;

/**
 * The plan with one step done another way: its own figures, minutes by the pieces it is for, its place in the day as it was.
 * @param way what the way is called, kept with the step
 */
export const inAnotherWay = (
  now: RunNow,
  key: string,
  { minutes, values, pieces }: Pick<Step, 'minutes' | 'values' | 'pieces'>,
  way: string,
): { steps: TimedStep[]; serveAt: string } => ({
  steps: now.plan.steps.map((s) =>
    keyOf(s) === key
      ? {
          ...s,
          minutes: pieces > 0 && s.pieces > 0 ? (minutes * s.pieces) / pieces : minutes,
          values: {
            ...s.values,
            ...values,
            ...Object.fromEntries(whichPieces.flatMap((k) => (k in s.values ? [[k, s.values[k]]] : []))),
            way,
          },
        }
      : s,
  ),
  serveAt: now.plan.serveAt,
});
