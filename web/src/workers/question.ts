import type { Answer } from '@crustallum/core/quantities/model';
import { secondPlanner, endSecondPlanner } from '../workers/planner';

/** A question that takes longer, once it is put, is given up: nothing hangs. */
export const longestMs = 6000;

/** The questions before this one: one is put at a time, so that none is ended for another's slowness. */
let before: Promise<unknown> = Promise.resolve();

/**
 * Asks a model beside the plan; null when it was not answered in time, or was taken back by `signal` before it was. Its time
 * runs from when it is put to a worker that has started, not from when it began to wait.
 */
export function question(name: string, input: unknown, signal?: AbortSignal): Promise<Answer | null> {
  const turn = before.then(() => (signal?.aborted ? null : put(name, input)));
  before = turn;
  return turn.then((answer) => (signal?.aborted ? null : answer));
}

async function put(name: string, input: unknown): Promise<Answer | null> {
  try {
    const remote = secondPlanner();
    const started = await within(remote.rules(), 10 * longestMs);
    const answer = started && (await within(remote.compute(name, input) as Promise<Answer>, longestMs));
    if (answer === null) endSecondPlanner();
    return answer;
  } catch {
    return { ok: false, errors: [{ field: '', code: 'fault' }] };
  }
}

function within<T>(answer: Promise<T>, ms: number): Promise<T | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), ms)));
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}
