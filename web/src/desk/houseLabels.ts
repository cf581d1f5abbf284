import type { LarderThing } from '@crustallum/core/contracts/larder';
import type { HouseLabelInput } from '@crustallum/core/plan/inputs';
import { createSelector } from '@reduxjs/toolkit';
import { api } from '../api/api';

const larder = api.endpoints.larder.select();

/** What the packets of the larder say; those not read are there too, so that one that was does not speak for them. */
export const labelsOf = (things: readonly LarderThing[]): HouseLabelInput[] =>
  things.map(({ name, ingredient, label }) => ({
    name,
    ...(ingredient ? { ingredient } : {}),
    label: label ?? {},
  }));

/** The larder is being asked for: what its labels say will be known in a moment. */
export const askingLarder = (state: unknown): boolean =>
  larder(state as Parameters<typeof larder>[0]).status === 'pending';

export const houseLabels = createSelector(
  (state: unknown) => larder(state as Parameters<typeof larder>[0]).data,
  (things) => labelsOf(things ?? []),
);
