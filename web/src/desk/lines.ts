import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import { desk } from './desk';

/** A line that is only asked about, drawn in dots over the one that is planned. */
export interface AskedLine {
  itemId: string;
  words: string;
  line: ColdLine;
}

/** A line that was worked: drawn at the page's foot while its day is looked at in the log. */
export interface Recorded {
  line: ColdLine;
  planned: ColdLine;
  steps: TimedStep[];
  serveAt: string;
  measured: { stepId: string; minute: number; value: number }[];
  outsideMin: number;
}

export const askedLine = createSlice({
  name: 'askedLine',
  initialState: { now: null as AskedLine | null, recorded: null as Recorded | null },
  reducers: {
    shown: (state, { payload }: PayloadAction<AskedLine>) => void (state.now = payload),
    gone: (state) => void (state.now = null),
    lookedAt: (state, { payload }: PayloadAction<Recorded | null>) => void (state.recorded = payload),
  },
  // a line asked of inputs that are no longer so is no answer any more
  extraReducers: (builder) =>
    builder.addMatcher(
      isAnyOf(desk.actions.itemChanged, desk.actions.kitchenKnown),
      (state) => void (state.now = null),
    ),
});
