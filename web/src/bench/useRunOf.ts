import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { useEffect, useState } from 'react';
import { benchState, sealedShare } from './run';

export interface RunOfBake {
  /** Share of its pies that are closed: what lights Today's lanterns. */
  sealed: number;
  /** The step in hand, while the run goes on. */
  inHand: TimedStep | null;
}
const noRun: RunOfBake = { sealed: 0, inHand: null };

/** The device's store is fetched when it is asked for: the first look at Today does without it. */
async function look(bakeId: string): Promise<RunOfBake> {
  const { eventsOf, latestRunOf } = await import('./benchStore');
  const run = await latestRunOf(bakeId);
  if (!run) return noRun;
  const state = benchState(run, await eventsOf(run.id));
  return { sealed: sealedShare(run, state), inHand: state.finished ? null : (run.plan.steps[state.index] ?? null) };
}

/** How far a bake's latest run on this device has come. */
export function useRunOf(bakeId: string | null): RunOfBake {
  const [found, setFound] = useState(noRun);
  useEffect(() => {
    let current = true;
    if (!bakeId) setFound(noRun);
    else void look(bakeId).then((made) => current && setFound(made));
    return () => {
      current = false;
    };
  }, [bakeId]);
  return found;
}
