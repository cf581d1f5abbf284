import type { Answer } from '@crustallum/core/quantities/model';
import { aside, giveUp } from '../workers/planner';

/** A question that takes longer is given up: nothing hangs. */
export const longestMs = 2000;

/** Asks a model beside the plan; null when it was not answered in time. A worker that is only now starting has that time extra. */
export async function question(name: string, input: unknown): Promise<Answer | null> {
  const remote = aside();
  const started = await within(remote.rules(), 10 * longestMs);
  if (started === null) return null;
  const answer = await within(remote.compute(name, input) as Promise<Answer>, longestMs);
  if (answer === null) giveUp();
  return answer;
}

function within<T>(answer: Promise<T>, ms: number): Promise<T | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), ms)));
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}
