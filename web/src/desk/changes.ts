import type { ItemInput } from '@crustallum/core/contracts/item';
import { api } from '../api/api';
import { planner } from '../workers/planner';
import { desk } from './desk';
import { history } from './history';
import type { AppDispatch, RootState } from './store';
import { stations, type Station } from '@crustallum/core/contracts/stations';
import { readPath, writePaths } from '@crustallum/core/plan/path';

const stationOf = (path: string): Station => {
  const head = path.split('.')[0] as string;
  return (stations as readonly string[]).includes(head) ? (head as Station) : 'brief';
};

/** Changes an item; stations already settled whose numbers this moves come undone, and remember why. */
/** Ratios of a dough: once one is set by itself they are the cook's, and a style chosen later asks. */
const ratios = ['fatToFlourPct', 'waterToFlourPct', 'saltToFlourPct', 'others'].map((field) => `dough.${field}`);
const settingRatios = (changes: Record<string, unknown>): Record<string, unknown> =>
  ratios.some((path) => path in changes) && !('dough.style' in changes) && !('dough.fat' in changes)
    ? { ...changes, 'dough.ownRatios': true }
    : changes;

export function changeItem(id: string, asked: Record<string, unknown>) {
  const changes = settingRatios(asked);
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    const item = getState().desk.items.find((i) => i.id === id);
    if (!item) return;
    const after = writePaths(item.document, changes);
    await dispatch(changeDocument(id, after, Object.keys(changes)[0] as string));
  };
}

/** Puts another document in an item's place, `path` being what was changed of it; to be taken back like any change. */
export function changeDocument(id: string, after: ItemInput, path: string) {
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    const item = getState().desk.items.find((i) => i.id === id);
    if (!item) return;
    dispatch(history.actions.changed({ id, document: item.document, path, at: Date.now() }));
    await dispatch(putDocument(id, after, path));
  };
}

/** Lets a change go that the server would not have: what the server has stands on the desk again. */
export function letGo(id: string) {
  return async (dispatch: AppDispatch, getState: () => RootState): Promise<void> => {
    dispatch(desk.actions.draftPutAside(id));
    const { bakeId } = getState().desk;
    if (!bakeId) return;
    const fresh = await dispatch(api.endpoints.bake.initiate(bakeId, { forceRefetch: true, subscribe: false }));
    if (fresh.data) dispatch(desk.actions.bakeOpened({ bake: fresh.data, drafts: [] }));
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
    dispatch(desk.actions.itemChanged({ id, document: after }));
    if (item.settled.length === 0) return;
    const station = stationOf(path);
    const touched = await planner.touched(before, after, kitchen).catch(() => [station]);
    const undone = [...new Set<Station>([station, ...touched])];
    dispatch(
      desk.actions.cameUndone({
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
