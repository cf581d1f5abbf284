import { wrap, type Remote } from 'comlink';
import type { Planner } from './answers';

const begun = (): Worker => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });

let first: Remote<Planner> | null = null;
/**
 * The planner worker of this page, begun when it is first asked: until then the page that opens has the machine to itself.
 * Kept in a file of its own, so that tests can put another in its place.
 */
export const planner = new Proxy({} as Remote<Planner>, {
  get: (_, name) => (first ??= wrap<Planner>(begun()))[name as keyof Remote<Planner>],
});

let second: { worker: Worker; remote: Remote<Planner> } | null = null;
/**
 * A second worker for long questions beside the plan, started when the first is asked: no plan waits behind them. Only `question`
 * asks it: whoever else did would wait for good when it is ended with what it is at.
 */
export const secondPlanner = (): Remote<Planner> => {
  if (!second) {
    const worker = begun();
    second = { worker, remote: wrap<Planner>(worker) };
  }
  return second.remote;
};

/** Ends the second worker with whatever it is at; the next question starts another. */
export function endSecondPlanner(): void {
  second?.worker.terminate();
  second = null;
}
