import type { ItemInput } from '@crustallum/core/contracts/item';
import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { planDesk } from './planning';
import { planner } from '../workers/planner';
import { api, type StoredItem } from '../api/api';
import { desk, type Desk } from './desk';
import { history } from './history';
import { writeDrafts } from './drafts';
import type { AppDispatch, RootState } from './store';
import { stations, type Station } from '@crustallum/core/contracts/stations';
import { writePath, readPath } from '@crustallum/core/plan/path';

/** A drag writes its last value to the device, not every value on the way. */
const draftAfterMs = 60;
const saveAfterMs = 440;
/** A plan that is there sooner is not announced. */
const showWorkingAfterMs = 150;
const tryAgainMs = 8000;

/** Plans again after every change of what a plan depends on, latest wins; stores changes a moment after the last one. */
export const deskListener = createListenerMiddleware();
const { bakeOpened, kitchenKnown, itemChanged, crimped, cameUndone, mealChanged, planning, planned, refused } =
  desk.actions;

const deskOf = (state: unknown): Desk => (state as { desk: Desk }).desk;

deskListener.startListening({
  matcher: isAnyOf(bakeOpened, kitchenKnown, itemChanged, mealChanged, desk.actions.elsewhereTaken),
  effect: async (_action, listener) => {
    const { dispatch, signal } = listener;
    listener.cancelActiveListeners();
    await listener.delay(12);
    const { meal, items, kitchen } = deskOf(listener.getState());
    if (!meal || !kitchen || items.length === 0) return;
    const waiting = setTimeout(() => !signal.aborted && dispatch(planning()), showWorkingAfterMs);
    const answer = await planDesk({ meal, items: items.map((i) => i.document), kitchen });
    clearTimeout(waiting);
    if (signal.aborted) return;
    dispatch(answer.ok ? planned(answer.value) : refused(answer.errors));
  },
});

deskListener.startListening({
  matcher: isAnyOf(itemChanged, crimped, cameUndone, mealChanged, bakeOpened, desk.actions.elsewhereTaken),
  effect: async (_action, listener) => {
    const { dispatch } = listener;
    listener.cancelActiveListeners();
    await listener.delay(draftAfterMs);
    writeDrafts(deskOf(listener.getState()).items, deskOf(listener.getState()).unsaved);
    await listener.delay(saveAfterMs);
    for (;;) {
      const trouble = await saveAll(() => listener.getState() as RootState, dispatch as AppDispatch);
      writeDrafts(deskOf(listener.getState()).items, deskOf(listener.getState()).unsaved);
      if (!trouble) return;
      await listener.delay(tryAgainMs);
    }
  },
});

/** Sends everything unsaved; true when the network failed and it should be tried again. */
async function saveAll(getState: () => RootState, dispatch: AppDispatch): Promise<boolean> {
  for (const id of [...deskOf(getState()).unsaved]) {
    const state = deskOf(getState());
    if (id === 'meal') {
      if (!state.bakeId || !state.meal) continue;
      const sent = { id: state.bakeId, version: state.mealVersion, meal: state.meal };
      const answer = await dispatch(api.endpoints.changeMeal.initiate(sent));
      if ('data' in answer && answer.data)
        dispatch(desk.actions.mealSaved({ meal: sent.meal, version: answer.data.version }));
      else if (networkFailed(answer.error)) return failed(dispatch);
      continue;
    }
    const item = state.items.find((i) => i.id === id);
    if (!item) continue;
    const answer = await dispatch(
      api.endpoints.changeItem.initiate({
        id,
        version: item.version,
        document: item.document,
        settled: item.settled,
        undone: item.undone,
      }),
    );
    if ('data' in answer && answer.data) {
      dispatch(desk.actions.itemSaved({ sent: item, version: answer.data.version }));
      dispatch(desk.actions.networkSeen(true));
    } else if (networkFailed(answer.error)) return failed(dispatch);
    else {
      const current = staleCurrent(answer.error);
      if (current) dispatch(desk.actions.changedElsewhere(current));
    }
  }
  return false;
}

function failed(dispatch: AppDispatch): true {
  dispatch(desk.actions.networkSeen(false));
  return true;
}

const networkFailed = (error: unknown): boolean => {
  const status = (error as { status?: unknown } | undefined)?.status;
  return status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR' || (typeof status === 'number' && status >= 500);
};
const staleCurrent = (error: unknown): StoredItem | null => {
  const e = error as { status?: unknown; data?: { current?: StoredItem } } | undefined;
  return e?.status === 409 ? (e.data?.current ?? null) : null;
};

const stationOf = (path: string): Station => {
  const head = path.split('.')[0] as string;
  return (stations as readonly string[]).includes(head) ? (head as Station) : 'brief';
};

/** Changes an item; stations already settled whose numbers this moves come undone, and remember why. */
export function changeItem(id: string, changes: Record<string, unknown>) {
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    const item = getState().desk.items.find((i) => i.id === id);
    if (!item) return;
    let after = item.document;
    for (const [path, value] of Object.entries(changes)) after = writePath(after, path, value);
    const path = Object.keys(changes)[0] as string;
    dispatch(history.actions.changed({ id, document: item.document, path, at: Date.now() }));
    await dispatch(putDocument(id, after, path));
  };
}

/** Takes the last change of an item back, or brings it on again; whether there was one. */
export function stepItem(id: string, back: boolean) {
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<boolean> => {
    const { desk: now, history: kept } = getState();
    const item = now.items.find((i) => i.id === id);
    const steps = back ? kept[id]?.past : kept[id]?.future;
    const step = steps?.[steps.length - 1];
    if (!item || !step) return false;
    dispatch(history.actions.stepped({ id, back, now: item.document }));
    await dispatch(putDocument(id, step.document, step.path));
    return true;
  };
}

function putDocument(id: string, after: ItemInput, path: string) {
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    const { items, kitchen } = getState().desk;
    const item = items.find((i) => i.id === id);
    if (!item || !kitchen) return;
    const before = item.document;
    dispatch(itemChanged({ id, document: after }));
    if (item.settled.length === 0) return;
    const station = stationOf(path);
    const touched = await planner.touched(before, after, kitchen).catch(() => [station]);
    const undone = [...new Set<Station>([station, ...touched])];
    dispatch(
      cameUndone({
        id,
        stations: undone,
        because: station,
        field: path,
        from: short(readPath(before, path)),
        to: short(readPath(after, path)),
      }),
    );
  };
}

const short = (value: unknown): string =>
  (typeof value === 'object' && value !== null ? 'another' : String(value)).slice(0, 60);
