import type { LarderThing } from '@crustallum/core/contracts/larder';
import type { HouseLabelInput } from '@crustallum/core/plan/inputs';
import { createSelector } from '@reduxjs/toolkit';
import { QueryStatus } from '@reduxjs/toolkit/query';
import { api } from '../api/api';

const larder = api.endpoints.larder.select();

/** So many labels go into a plan. */
const mostLabels = 400;
const sameThing = (a: LarderThing, b: LarderThing): boolean =>
  (a.ingredient && a.ingredient === b.ingredient) || a.name.toLowerCase() === b.name.toLowerCase();

/** What the packets of the larder say; of things of which one was read, the unread are there too: one does not speak for all. */
export function labelsOf(things: readonly LarderThing[]): HouseLabelInput[] {
  const read = things.filter((t) => t.label?.contains);
  return (
    things
      .filter((t) => t.label?.contains || read.some((r) => sameThing(r, t)))
      // where there are more, the unread stay: what is left out is then not known, and never taken for free
      .sort((a, b) => Number(Boolean(a.label?.contains)) - Number(Boolean(b.label?.contains)))
      .slice(0, mostLabels)
      .map(({ name, ingredient, label }) => ({ name, ...(ingredient ? { ingredient } : {}), label: label ?? {} }))
  );
}

/** The larder is being asked for: what its labels say will be known in a moment. */
export const askingLarder = (state: unknown): boolean =>
  larder(state as Parameters<typeof larder>[0]).status === QueryStatus.pending;

export const houseLabels = createSelector(
  (state: unknown) => larder(state as Parameters<typeof larder>[0]).data,
  (things) => labelsOf(things ?? []),
);
