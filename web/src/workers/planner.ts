import { wrap, type Remote } from 'comlink';
import type { Planner } from './answers';

/** The one planner worker of this page. Kept in a file of its own, so that tests can put another in its place. */
export const planner: Remote<Planner> = wrap<Planner>(
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
);
