import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What was just removed or put by, and how to take that back. */
export interface Notice {
  text: string;
  undo: { kind: 'larder' | 'item' | 'bake' | 'newTool' | 'newLarder'; id: string } | null;
}

export const notice = createSlice({
  name: 'notice',
  initialState: { now: null as Notice | null },
  reducers: {
    said: (state, { payload }: PayloadAction<Notice>) => void (state.now = payload),
    dismissed: (state) => void (state.now = null),
  },
});
