import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { useEffect, useState } from 'react';
import { inHand, offered } from '@crustallum/core/bench/offer';
import { nowOf, sealedShare } from './run';
import { device } from './screen';

export interface RunOfBake {
  /** Share of its pies that are closed: what lights Today's lanterns. */
  sealed: number;
  /** The step in hand, while the run goes on. */
  inHand: TimedStep | null;
  /** Local date and time of the table as it stands at the bench, while the run goes on. */
  tableAt: string | null;
}
const noRun: RunOfBake = { sealed: 0, inHand: null, tableAt: null };

/** The device's store is fetched when it is asked for: the first look at Today does without it. */
async function look(bakeId: string): Promise<RunOfBake> {
  const { eventsOf, latestRunOf } = await import('./benchStore');
  const run = await latestRunOf(bakeId);
  if (!run) return noRun;
  const now = nowOf(run, await eventsOf(run.id));
  const asking = { cook: null, device: device() };
  const next = inHand(now, asking) ?? offered(now, asking, Date.now())?.now;
  const over = now.finishedAt !== null || run.finishedAt !== null;
  return {
    sealed: sealedShare(now),
    inHand: over ? null : (next?.step ?? null),
    tableAt: over ? null : now.plan.serveAt,
  };
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
