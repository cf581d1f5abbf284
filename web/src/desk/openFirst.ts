import { matchPath } from 'react-router';
import { api } from '../api/api';
import { readKeptPlan } from './keptPlans';
import type { AppDispatch } from './store';
import { currentBake } from './useOpenBake';

/**
 * Asks for what the page opens with before any of it is drawn: the day the address names, else the one that comes next;
 * and from the device's store what the server has not had and the last plan. Who draws finds them there.
 */
export async function openFirst(dispatch: AppDispatch, path: string): Promise<void> {
  const named = matchPath('/bakes/:bakeId/*', path)?.params.bakeId;
  const open = (bakeId: string) => {
    void readKeptPlan(bakeId);
    void dispatch(api.endpoints.bake.initiate(bakeId, { subscribe: false }));
  };
  void import('./deskStore').then(({ deskStore }) => deskStore.open()).catch(() => undefined);
  // the day first: what is drawn waits for it
  if (named) open(named);
  const bakes = dispatch(api.endpoints.bakes.initiate(undefined, { subscribe: false }));
  void dispatch(api.endpoints.kitchen.initiate(undefined, { subscribe: false }));
  void dispatch(api.endpoints.larder.initiate(undefined, { subscribe: false }));
  if (named) return;
  const { data } = await bakes;
  const next = data && currentBake(data, Date.now())?.id;
  if (next) open(next);
}
