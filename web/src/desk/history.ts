import type { ItemInput } from '@crustallum/core/contracts/item';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** An item as it was before a change, the input that changed, and when. */
export interface Before {
  document: ItemInput;
  path: string;
  at: number;
}

interface Past {
  past: Before[];
  future: Before[];
}

const mostKept = 60;
/** Changes of one input that follow one another sooner are one: a drag is taken back whole. */
const oneChangeMs = 900;

const start: Record<string, Past> = {};

/** What every item was before its changes on this device: for taking back, and for taking back the taking back. */
export const history = createSlice({
  name: 'history',
  initialState: start,
  reducers: {
    changed(state, { payload }: PayloadAction<Before & { id: string }>) {
      const { id, ...before } = payload;
      const mine = (state[id] ??= { past: [], future: [] });
      const last = mine.past[mine.past.length - 1];
      mine.future = [];
      if (last && last.path === before.path && before.at - last.at < oneChangeMs) last.at = before.at;
      else mine.past = [...mine.past.slice(1 - mostKept), before];
    },
    /** One step back or on; `now` is what stands and is kept for the way there. */
    stepped(state, { payload }: PayloadAction<{ id: string; back: boolean; now: ItemInput }>) {
      const mine = state[payload.id];
      if (!mine) return;
      const [from, to] = payload.back ? [mine.past, mine.future] : [mine.future, mine.past];
      const step = from.pop();
      if (step) to.push({ ...step, document: payload.now, at: 0 });
    },
  },
});
