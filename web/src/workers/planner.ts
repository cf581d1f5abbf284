import { wrap, type Remote } from 'comlink';
import type { Planner } from './answers';

const made = (): Remote<Planner> =>
  wrap<Planner>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }));

/** The planner worker of this page. Kept in a file of its own, so that tests can put another in its place. */
export const planner: Remote<Planner> = made();

let second: Remote<Planner> | null = null;
/** A second worker for long questions beside the plan, started when the first is asked: no plan waits behind them. */
export const aside = (): Remote<Planner> => (second ??= made());
