import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { MealInput } from '@crustallum/core/contracts/meal';
import type { Station } from '@crustallum/core/contracts/stations';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { writePaths } from '@crustallum/core/plan/path';
import type { Refusal } from '@crustallum/core/quantities/refusal';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { StoredBake, StoredItem } from '@crustallum/core/contracts/bake';
import { contentText, mealId, sameContent, type Draft, type Theirs } from './draft';
import type { FoundDraft } from './drafts';

/** A document changed here and elsewhere: the cook says which stands. */
export interface Conflict {
  id: string;
  title: string;
  theirs: Theirs;
}
/** A document the server will not take as it stands, and why. */
export interface RefusedSave {
  id: string;
  title: string;
  status: number;
  errors: Refusal[];
}

/** What lies on the desk: the open bake as the cook has it now, saved or not, and its plan. */
export interface Desk {
  bakeId: string | null;
  meal: MealInput | null;
  mealVersion: number;
  items: StoredItem[];
  kitchen: KitchenInput | null;
  /** Ids of the documents changed here and not yet stored. */
  unsaved: string[];
  /** Changes of other bakes that the server has not had. */
  otherDrafts: Draft[];
  conflicts: Conflict[];
  refusedSaves: RefusedSave[];
  plan: BakePlanResult | null;
  /** The plan shown is the last one kept on the device; it is being worked out anew. */
  planKept: boolean;
  working: boolean;
  refusals: Refusal[];
  offline: boolean;
}

const start: Desk = {
  bakeId: null,
  meal: null,
  mealVersion: 0,
  items: [],
  kitchen: null,
  unsaved: [],
  otherDrafts: [],
  conflicts: [],
  refusedSaves: [],
  plan: null,
  planKept: false,
  working: false,
  refusals: [],
  offline: false,
};

const mark = (state: Desk, id: string) => {
  if (!state.unsaved.includes(id)) state.unsaved.push(id);
  // changed again, it is worth sending again
  state.refusedSaves = state.refusedSaves.filter((r) => r.id !== id);
};
const clear = (state: Desk, id: string) => {
  state.unsaved = state.unsaved.filter((u) => u !== id);
  state.otherDrafts = state.otherDrafts.filter((d) => d.id !== id);
  state.conflicts = state.conflicts.filter((c) => c.id !== id);
  state.refusedSaves = state.refusedSaves.filter((r) => r.id !== id);
};

/** A document of the desk as it stands, whether changed or not. */
export function draftOf(state: Desk, id: string): Draft | null {
  if (state.bakeId && state.meal && id === mealId(state.bakeId)) {
    const { bakeId, meal, mealVersion } = state;
    return { kind: 'meal', id, bakeId, title: meal.title, version: mealVersion, meal };
  }
  const item = state.items.find((i) => i.id === id);
  if (!item) return state.otherDrafts.find((d) => d.id === id) ?? null;
  const { bakeId, title, version, document, settled, undone } = item;
  return { kind: 'item', id, bakeId, title, version, item: { document, settled, undone } };
}

/** Everything changed here that the server has not had. */
export const allDrafts = (state: Desk): Draft[] => [
  ...state.unsaved.flatMap((id) => draftOf(state, id) ?? []),
  ...state.otherDrafts,
];

/** Puts a draft in the place of its document; a draft made on an older version is a conflict, unless both say the same. */
function takeUp(state: Desk, draft: FoundDraft, theirs: Theirs, version: number, put: () => void): void {
  if (sameContent(draft, theirs)) return;
  put();
  if (draft.living) return;
  mark(state, draft.id);
  // what the server has on top of it may be this device's own, sent by a page that was left before the answer came
  if (draft.version !== version && !draft.sent?.includes(contentText(theirs)))
    state.conflicts.push({ id: draft.id, title: draft.title, theirs });
}

const theirsOf = (item: StoredItem): Theirs => ({ kind: 'item', version: item.version, item });

export const desk = createSlice({
  name: 'desk',
  initialState: start,
  reducers: {
    bakeOpened(state, { payload }: PayloadAction<{ bake: StoredBake; drafts: readonly FoundDraft[] }>) {
      const { bake } = payload;
      const same = state.bakeId === bake.id;
      if (!same) {
        const left = state.unsaved.flatMap((id) => draftOf(state, id) ?? []);
        const otherDrafts = [...state.otherDrafts.filter((d) => !left.some((l) => l.id === d.id)), ...left];
        Object.assign(state, { plan: null, planKept: false, refusals: [], unsaved: [], conflicts: [], otherDrafts });
      }
      const drafts = [...state.otherDrafts.map((d): FoundDraft => ({ ...d, living: false })), ...payload.drafts];
      const draftFor = (id: string) => (same ? undefined : drafts.find((d) => d.id === id && d.bakeId === bake.id));
      state.bakeId = bake.id;
      const meal = mealId(bake.id);
      if (!state.unsaved.includes(meal) && !(same && state.mealVersion > bake.version)) {
        state.meal = bake.meal;
        state.mealVersion = bake.version;
        const draft = draftFor(meal);
        if (draft?.kind === 'meal')
          takeUp(state, draft, { kind: 'meal', version: bake.version, meal: bake.meal }, bake.version, () => {
            state.meal = draft.meal;
          });
      }
      state.items = bake.items.map((item) => {
        const mine = same ? state.items.find((i) => i.id === item.id) : undefined;
        if (mine && (state.unsaved.includes(item.id) || mine.version > item.version)) return mine;
        const draft = draftFor(item.id);
        let stands = item;
        if (draft?.kind === 'item')
          takeUp(state, draft, theirsOf(item), item.version, () => {
            stands = { ...item, ...draft.item, title: draft.item.document.title };
          });
        return stands;
      });
      // what is of a document that is no longer there waits with the others, and is said
      const here = new Set([meal, ...state.items.map((i) => i.id)]);
      const found = drafts.filter((d) => !d.living && !here.has(d.id));
      if (!same)
        state.otherDrafts = found
          .filter((d, i) => found.findIndex((e) => e.id === d.id) === i)
          .map(({ living: _, ...draft }) => draft);
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
    stationSettled(state, { payload }: PayloadAction<{ id: string; station: Station }>) {
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
      if (state.bakeId) mark(state, mealId(state.bakeId));
    },
    /** Another page of this device changed a document that lies here too: it sends it, here it is only shown. */
    changedInOtherTab(state, { payload }: PayloadAction<{ id: string; changes: Record<string, unknown> }>) {
      const changed = <T extends object>(of: T): T => writePaths(of, payload.changes);
      if (state.meal && state.bakeId && payload.id === mealId(state.bakeId)) state.meal = changed(state.meal);
      const at = state.items.findIndex((i) => i.id === payload.id);
      const item = state.items[at];
      if (item) state.items[at] = { ...changed(item), title: changed(item).document.title };
    },
    /** A document was stored as it was sent, here or by another page; what was changed since is still to be sent. */
    documentSaved(state, { payload }: PayloadAction<{ id: string; version: number; sent: Draft | null }>) {
      const { id, version, sent } = payload;
      const item = state.items.find((i) => i.id === id);
      if (item) item.version = Math.max(item.version, version);
      if (state.bakeId && id === mealId(state.bakeId)) state.mealVersion = Math.max(state.mealVersion, version);
      const now = draftOf(state, id);
      if (sent && now && sameContent(now, sent)) clear(state, id);
      else if (sent) state.otherDrafts = state.otherDrafts.map((d) => (d.id === id ? { ...d, version } : d));
    },
    conflictFound(state, { payload }: PayloadAction<Conflict>) {
      state.conflicts = [...state.conflicts.filter((c) => c.id !== payload.id), payload];
    },
    conflictAnswered(state, { payload }: PayloadAction<{ id: string; stands: 'mine' | 'theirs' }>) {
      const found = state.conflicts.find((c) => c.id === payload.id);
      if (!found) return;
      const { id, theirs } = found;
      const item = state.items.find((i) => i.id === id);
      if (payload.stands === 'theirs') clear(state, id);
      state.conflicts = state.conflicts.filter((c) => c.id !== id);
      state.otherDrafts = state.otherDrafts.map((d) => (d.id === id ? { ...d, version: theirs.version } : d));
      if (theirs.kind === 'meal' && state.bakeId && id === mealId(state.bakeId)) {
        state.mealVersion = theirs.version;
        if (payload.stands === 'theirs') state.meal = theirs.meal;
      }
      if (theirs.kind === 'item' && item) {
        item.version = theirs.version;
        if (payload.stands === 'theirs')
          Object.assign(item, {
            document: theirs.item.document,
            settled: theirs.item.settled,
            undone: theirs.item.undone,
            title: theirs.item.document.title,
          });
      }
    },
    saveRefused(state, { payload }: PayloadAction<RefusedSave>) {
      state.refusedSaves = [...state.refusedSaves.filter((r) => r.id !== payload.id), payload];
    },
    /** The cook has it sent once more as it stands. */
    saveTriedAgain(state, { payload }: PayloadAction<string>) {
      state.refusedSaves = state.refusedSaves.filter((r) => r.id !== payload);
    },
    /** The cook lets a change go that could not be sent. */
    draftPutAside(state, { payload }: PayloadAction<string>) {
      clear(state, payload);
    },
    planning(state) {
      state.working = true;
    },
    planned(state, { payload }: PayloadAction<BakePlanResult>) {
      state.plan = payload as typeof state.plan;
      Object.assign(state, { planKept: false, refusals: [], working: false });
    },
    /** The last plan kept on this device: something to look at until there is a new one. */
    keptPlanFound(state, { payload }: PayloadAction<{ bakeId: string; plan: BakePlanResult }>) {
      if (state.plan || state.bakeId !== payload.bakeId) return;
      Object.assign(state, { plan: payload.plan, planKept: true, working: true });
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
