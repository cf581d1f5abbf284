import type { Step, TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import type { RunNow } from './reduce';

/** The plan with one step done another way: its own minutes and figures, its place in the day as it was. */
export const inAnotherWay = (
  now: RunNow,
  key: string,
  { minutes, values }: Pick<Step, 'minutes' | 'values'>,
): { steps: TimedStep[]; serveAt: string } => ({
  steps: now.plan.steps.map((s) => (keyOf(s) === key ? { ...s, minutes, values: { ...s.values, ...values } } : s)),
  serveAt: now.plan.serveAt,
});
