import { matchPath } from 'react-router';
import { api } from '../api/api';
import { desk } from './desk';
import { readKeptPlan } from './keptPlans';
import type { AppDispatch } from './store';
import { takeUpBake } from './takeUpBake';
import { currentBake } from './useOpenBake';

/**
 * Asks for what the page opens with before any of it is drawn: the day the address names, else the one that comes next;
 * and from the device's store what the server has not had and the last plan. Done when it is all on the desk, or missing.
 */
export async function openFirst(dispatch: AppDispatch, path: string): Promise<void> {
  const named = matchPath('/bakes/:bakeId/*', path)?.params.bakeId;
  const open = async (bakeId: string) => {
    void readKeptPlan(bakeId);
    const { data } = await dispatch(api.endpoints.bake.initiate(bakeId, { subscribe: false }));
    if (data) await dispatch(takeUpBake(data));
  };
  void import('./deskStore').then(({ deskStore }) => deskStore.open()).catch(() => undefined);
  // the day first: what is drawn waits for it
  const opened = named && open(named);
  const bakes = dispatch(api.endpoints.bakes.initiate(undefined, { subscribe: false }));
  const kitchen = dispatch(api.endpoints.kitchen.initiate(undefined, { subscribe: false }));
  void dispatch(api.endpoints.larder.initiate(undefined, { subscribe: false }));
  if (!named) {
    const { data } = await bakes;
    const next = data && currentBake(data, Date.now())?.id;
    if (next) await open(next);
  }
  await opened;
  const { data } = await kitchen;
  if (data) dispatch(desk.actions.kitchenKnown(data.document));
}
