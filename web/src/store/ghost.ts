import type { ColdLine } from '@crustallum/core/plan/coldLine';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A line that is only asked about, drawn in dots over the one that is planned. */
export interface Ghost {
  itemId: string;
  words: string;
  line: ColdLine;
}

export const ghost = createSlice({
  name: 'ghost',
  initialState: { now: null as Ghost | null },
  reducers: {
    shown: (state, { payload }: PayloadAction<Ghost>) => void (state.now = payload),
    gone: (state) => void (state.now = null),
  },
});
