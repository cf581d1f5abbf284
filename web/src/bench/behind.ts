import { isWait, type BenchRun, type BenchState } from './run';
import { momentAt } from '../wording/numbers';

/** A few minutes either way are nothing to say. */
const worthMin = 3;

/**
 * Minutes the step in hand is behind its plan (ahead where below nothing): by when it was begun, and by how long it has lasted
 * beyond what was planned. Null where it is as planned, or all is done.
 */
export function behindMin(run: BenchRun, state: BenchState, now: number): number | null {
  const step = run.plan.steps[state.index];
  if (!step || state.finished) return null;
  const planned = momentAt(run.plan.serveAt, step.startMin).getTime();
  const since = isWait(step) ? now : state.stepStartedAt;
  const begun = (since - planned) / 60_000;
  const over = isWait(step) ? begun : (now - planned) / 60_000 - step.minutes;
  const behind = Math.max(begun, over);
  return Math.abs(behind) < worthMin ? null : behind;
}

/** When the table would be if nothing after is hurried or waits less; not sooner than it was set. */
export const tableThen = (run: BenchRun, behind: number): Date =>
  new Date(momentAt(run.plan.serveAt, 0).getTime() + Math.max(0, behind) * 60_000);
