import type { Answer } from '@crustallum/core/quantities/model';
import { secondPlanner, endSecondPlanner } from '../workers/planner';

/** A question that takes longer, once it is put, is given up: nothing hangs. An old telephone is slow and right all the same. */
export const longestMs = 60_000;
/** A question nobody waits for any more may go on so long before its worker is ended: to begin another costs more than that. */
export const graceMs = 1500;

/** The questions before this one: one is put at a time, so that none is ended for another's slowness. */
let before: Promise<unknown> = Promise.resolve();

/**
 * Asks a model beside the plan; null when it was not answered in time, or was taken back by `signal` before it was. Its time
 * runs from when it is put to a worker that has started, not from when it began to wait.
 */
export function question(name: string, input: unknown, signal?: AbortSignal): Promise<Answer | null> {
  const turn = before.then(() => (signal?.aborted ? null : put(name, input, signal)));
  before = turn;
  return turn.then((answer) => (signal?.aborted ? null : answer));
}

async function put(name: string, input: unknown, signal?: AbortSignal): Promise<Answer | null> {
  try {
    const remote = secondPlanner();
    const started = await within(remote.rules(), 10 * longestMs);
    const answer = started && (await within(remote.compute(name, input) as Promise<Answer>, longestMs, signal));
    if (answer === null) endSecondPlanner();
    return answer;
  } catch {
    return { ok: false, errors: [{ field: '', code: 'fault' }] };
  }
}

/** What is answered within so long, and soon after it was taken back; null for what is not. */
function within<T>(answer: Promise<T>, ms: number, signal?: AbortSignal): Promise<T | null> {
  const timers: ReturnType<typeof setTimeout>[] = [];
  const ended = new AbortController();
  const late = new Promise<null>((resolve) => {
    const giveUpIn = (soon: number) => timers.push(setTimeout(() => resolve(null), soon));
    giveUpIn(ms);
    signal?.addEventListener('abort', () => giveUpIn(graceMs), { signal: ended.signal });
  });
  return Promise.race([answer, late]).finally(() => {
    timers.forEach(clearTimeout);
    ended.abort();
  });
}
