import type { ItemInput } from '@crustallum/core/contracts/item';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import type { Refusal } from '@crustallum/core/quantities/refusal';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { StoredBake, StoredItem } from '../api/api';
import type { Station } from '@crustallum/core/contracts/stations';
import type { MealInput } from '@crustallum/core/contracts/meal';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

/** What lies on the desk: the open bake as the cook has it now, saved or not, and its plan. */
export interface Desk {
  bakeId: string | null;
  meal: MealInput | null;
  mealVersion: number;
  items: StoredItem[];
  kitchen: KitchenInput | null;
  /** Items (or 'meal') changed here and not yet stored. */
  unsaved: string[];
  plan: BakePlanResult | null;
  working: boolean;
  refusals: Refusal[];
  offline: boolean;
  /** Items somebody else changed meanwhile: their state on the server. */
  elsewhere: StoredItem | null;
}

const start: Desk = {
  bakeId: null,
  meal: null,
  mealVersion: 0,
  items: [],
  kitchen: null,
  unsaved: [],
  plan: null,
  working: false,
  refusals: [],
  offline: false,
  elsewhere: null,
};

const mark = (state: Desk, id: string) => {
  if (!state.unsaved.includes(id)) state.unsaved.push(id);
};

export const desk = createSlice({
  name: 'desk',
  initialState: start,
  reducers: {
    bakeOpened(state, { payload }: PayloadAction<{ bake: StoredBake; drafts: Record<string, StoredItem> }>) {
      const { bake, drafts } = payload;
      const same = state.bakeId === bake.id;
      if (!same) Object.assign(state, { plan: null, refusals: [], unsaved: [], elsewhere: null });
      state.bakeId = bake.id;
      if (!state.unsaved.includes('meal')) {
        state.meal = bake.meal;
        state.mealVersion = bake.version;
      }
      state.items = bake.items.map((item) => {
        const mine = same ? state.items.find((i) => i.id === item.id) : undefined;
        if (mine && state.unsaved.includes(item.id)) return mine;
        if (mine && mine.version > item.version) return mine;
        const draft = drafts[item.id];
        if (draft && draft.version === item.version) {
          mark(state, item.id);
          return draft;
        }
        return item;
      });
    },
    bakeClosed: () => start,
    kitchenKnown(state, { payload }: PayloadAction<KitchenInput>) {
      state.kitchen = payload;
    },
    itemChanged(state, { payload }: PayloadAction<{ id: string; document: ItemInput }>) {
      const item = state.items.find((i) => i.id === payload.id);
      if (!item) return;
      item.document = payload.document;
      item.title = payload.document.title;
      mark(state, payload.id);
    },
    crimped(state, { payload }: PayloadAction<{ id: string; station: Station }>) {
      const item = state.items.find((i) => i.id === payload.id);
      if (!item) return;
      if (!item.settled.includes(payload.station)) item.settled.push(payload.station);
      item.undone = item.undone.filter((u) => u.station !== payload.station);
      mark(state, payload.id);
    },
    cameUndone(
      state,
      {
        payload,
      }: PayloadAction<{ id: string; stations: Station[]; because: Station; field: string; from: string; to: string }>,
    ) {
      const item = state.items.find((i) => i.id === payload.id);
      if (!item) return;
      const { id, stations, ...why } = payload;
      for (const station of stations.filter((s) => item.settled.includes(s))) {
        item.settled = item.settled.filter((s) => s !== station);
        item.undone = [...item.undone.filter((u) => u.station !== station), { station, ...why }];
      }
      mark(state, id);
    },
    mealChanged(state, { payload }: PayloadAction<MealInput>) {
      state.meal = payload;
      mark(state, 'meal');
    },
    itemSaved(state, { payload }: PayloadAction<{ sent: StoredItem; version: number }>) {
      const item = state.items.find((i) => i.id === payload.sent.id);
      if (!item) return;
      item.version = payload.version;
      const unchanged =
        JSON.stringify([item.document, item.settled, item.undone]) ===
        JSON.stringify([payload.sent.document, payload.sent.settled, payload.sent.undone]);
      if (unchanged) state.unsaved = state.unsaved.filter((id) => id !== item.id);
    },
    mealSaved(state, { payload }: PayloadAction<{ meal: MealInput; version: number }>) {
      state.mealVersion = payload.version;
      if (JSON.stringify(state.meal) === JSON.stringify(payload.meal))
        state.unsaved = state.unsaved.filter((id) => id !== 'meal');
    },
    changedElsewhere(state, { payload }: PayloadAction<StoredItem>) {
      state.elsewhere = payload;
    },
    elsewhereTaken(state, { payload }: PayloadAction<'mine' | 'theirs'>) {
      const theirs = state.elsewhere;
      const item = theirs && state.items.find((i) => i.id === theirs.id);
      if (theirs && item) {
        if (payload === 'theirs') {
          Object.assign(item, theirs);
          state.unsaved = state.unsaved.filter((id) => id !== item.id);
        } else item.version = theirs.version;
      }
      state.elsewhere = null;
    },
    planning(state) {
      state.working = true;
    },
    planned(state, { payload }: PayloadAction<BakePlanResult>) {
      state.plan = payload as typeof state.plan;
      state.refusals = [];
      state.working = false;
    },
    refused(state, { payload }: PayloadAction<Refusal[]>) {
      state.refusals = payload;
      state.working = false;
    },
    networkSeen(state, { payload }: PayloadAction<boolean>) {
      state.offline = !payload;
    },
  },
});
