import type { BenchState } from './run';
import { isWait } from './run';
import { momentAt } from '../wording/numbers';

/** A few minutes either way are nothing to say. */
const worthMin = 3;

/**
 * Minutes the step in hand is behind its plan (ahead where below nothing): by when it was begun or can be, and by how long it has
 * lasted beyond what was planned. Null where it is as planned, or all is done.
 */
export function behindMin(state: BenchState, now: number): number | null {
  const { step, standing } = state;
  if (!step || state.finished) return null;
  const planned = momentAt(state.now.plan.serveAt, step.startMin).getTime();
  const begunAt = standing === 'inHand' && !isWait(step) ? state.startedAt : Math.max(now, state.startedAt);
  const begun = (begunAt - planned) / 60_000;
  const over = standing === 'inHand' ? (now - planned) / 60_000 - step.minutes : begun;
  const behind = Math.max(begun, over);
  return Math.abs(behind) < worthMin ? null : behind;
}
