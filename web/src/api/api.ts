import type { Day } from '@crustallum/core/contracts/day';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import type { AskCodeInput, Door } from '@crustallum/core/contracts/device';
import { heardAtDoor } from '../door/shut';
import { keepAnswer } from './offlineCache';
import { createApi, fetchBaseQuery, type FetchArgs } from '@reduxjs/toolkit/query/react';
import type { BakeHead, BakeName, NewBakeInput, StoredBake, StoredItem } from '@crustallum/core/contracts/bake';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ChangeKitchenInput, StoredKitchen } from '@crustallum/core/contracts/kitchen';
import type { DrawInput, LarderInput, LarderThing } from '@crustallum/core/contracts/larder';
import type { ChangeEntryInput, LogEntry, NewEntryInput } from '@crustallum/core/contracts/log';
import type { StoredTool, ToolInput } from '@crustallum/core/contracts/tool';
import type { MealInput } from '@crustallum/core/contracts/meal';

/** The tag of one day's answer; of every day's where it is not known whose item it was. */
const dayOf = (id?: string) => ({ type: 'Bake', ...(id ? { id } : {}) }) as const;

const request = fetchBaseQuery({ baseUrl: new URL('/api/', location.origin).href });

export const api = createApi({
  reducerPath: 'api',
  baseQuery: async (asked: string | FetchArgs, ...rest) => {
    const answer = await request(asked, ...rest);
    if (typeof answer.error?.status === 'number') heardAtDoor(answer.error.status, answer.error.data);
    return answer;
  },
  tagTypes: ['Bakes', 'Bake', 'Kitchen', 'Tools', 'Larder', 'Log', 'Door'],
  // oxlint-disable-next-line max-lines-per-function -- one row for each request
  endpoints: (build) => ({
    bakes: build.query<BakeHead[], void>({ query: () => 'bakes', providesTags: ['Bakes'] }),
    door: build.query<Door, void>({ query: () => 'pairing', providesTags: ['Door'] }),
    newCode: build.mutation<Door, AskCodeInput>({
      query: (body) => ({ url: 'pairing/code', method: 'POST', body }),
      invalidatesTags: ['Door'],
    }),
    putCodeAway: build.mutation<Door, void>({
      query: () => ({ url: 'pairing/code', method: 'DELETE' }),
      invalidatesTags: ['Door'],
    }),
    takeBack: build.mutation<Door, string>({
      query: (id) => ({ url: `pairing/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Door'],
    }),
    days: build.query<Day[], void>({ query: () => 'bakes/days', providesTags: ['Bakes'] }),
    bake: build.query<StoredBake, string>({
      query: (id) => `bakes/${id}`,
      providesTags: (_bake, _error, id) => [dayOf(id)],
    }),
    createBake: build.mutation<StoredBake, NewBakeInput>({
      query: (body) => ({ url: 'bakes', method: 'POST', body }),
      invalidatesTags: ['Bakes'],
    }),
    changeMeal: build.mutation<StoredBake, { id: string; version: number; meal: MealInput }>({
      query: ({ id, ...body }) => ({ url: `bakes/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Bakes'],
      // a bake taken up again from the cache has what was stored last, not what was fetched first
      onQueryStarted: async ({ id, meal }, { dispatch, queryFulfilled, ...now }) => {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        dispatch(
          api.util.updateQueryData('bake', id, (bake) => void Object.assign(bake, { meal, version: data.version })),
        );
        keepBake(id, now.getState());
      },
    }),
    removeBake: build.mutation<BakeName, string>({
      query: (id) => ({ url: `bakes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Bakes'],
    }),
    restoreBake: build.mutation<BakeName, string>({
      query: (id) => ({ url: `bakes/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Bakes'],
    }),
    addItem: build.mutation<StoredItem, { bakeId: string; document: ItemInput }>({
      query: ({ bakeId, document }) => ({ url: `bakes/${bakeId}/items`, method: 'POST', body: { document } }),
      invalidatesTags: (_item, _error, { bakeId }) => [dayOf(bakeId)],
    }),
    changeItem: build.mutation<
      StoredItem,
      Pick<StoredItem, 'id' | 'bakeId' | 'version' | 'document' | 'settled' | 'undone'>
    >({
      query: ({ id, bakeId: _, ...body }) => ({ url: `items/${id}`, method: 'PUT', body }),
      onQueryStarted: async ({ id, bakeId }, { dispatch, queryFulfilled, ...now }) => {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        dispatch(
          api.util.updateQueryData('bake', bakeId, (bake) => {
            bake.items = bake.items.map((item) => (item.id === id ? { ...item, ...data } : item));
          }),
        );
        keepBake(bakeId, now.getState());
      },
    }),
    removeItem: build.mutation<StoredItem, string>({
      query: (id) => ({ url: `items/${id}`, method: 'DELETE' }),
      invalidatesTags: (item) => [dayOf(item?.bakeId)],
    }),
    restoreItem: build.mutation<StoredItem, string>({
      query: (id) => ({ url: `items/${id}/restore`, method: 'POST' }),
      invalidatesTags: (item) => [dayOf(item?.bakeId)],
    }),
    kitchen: build.query<StoredKitchen, void>({ query: () => 'kitchen', providesTags: ['Kitchen'] }),
    changeKitchen: build.mutation<StoredKitchen, ChangeKitchenInput>({
      query: (body) => ({ url: 'kitchen', method: 'PUT', body }),
      invalidatesTags: ['Kitchen'],
    }),
    tools: build.query<StoredTool[], void>({ query: () => 'tools', providesTags: ['Tools'] }),
    addTool: build.mutation<StoredTool, ToolInput>({
      query: (body) => ({ url: 'tools', method: 'POST', body }),
      invalidatesTags: ['Tools'],
    }),
    removeTool: build.mutation<StoredTool, string>({
      query: (id) => ({ url: `tools/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Tools'],
    }),
    larder: build.query<LarderThing[], void>({ query: () => 'larder', providesTags: ['Larder'] }),
    addLarder: build.mutation<LarderThing, LarderInput>({
      query: (body) => ({ url: 'larder', method: 'POST', body }),
      invalidatesTags: ['Larder'],
    }),
    changeLarder: build.mutation<LarderThing, LarderThing>({
      query: ({ id, version, name, grams, shelf, note, ingredient, pricePerKg, bestBefore, label, cupsG }) => ({
        url: `larder/${id}`,
        method: 'PUT',
        body: { version, name, grams, shelf, note, ingredient, pricePerKg, bestBefore, label, cupsG },
      }),
      invalidatesTags: ['Larder'],
    }),
    removeLarder: build.mutation<LarderThing, string>({
      query: (id) => ({ url: `larder/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Larder'],
    }),
    drawLarder: build.mutation<DrawInput, DrawInput>({
      query: (body) => ({ url: 'larder/draws', method: 'POST', body }),
      invalidatesTags: ['Larder'],
    }),
    undoDraw: build.mutation<DrawInput, string>({
      query: (id) => ({ url: `larder/draws/${id}/undo`, method: 'POST' }),
      invalidatesTags: ['Larder'],
    }),
    restoreLarder: build.mutation<LarderThing, string>({
      query: (id) => ({ url: `larder/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Larder'],
    }),
    log: build.query<LogEntry[], void>({ query: () => 'log', providesTags: ['Log'] }),
    keepEntry: build.mutation<LogEntry, NewEntryInput>({
      query: (body) => ({ url: 'log', method: 'POST', body }),
      // a day that is written down is done
      invalidatesTags: ['Log', 'Bakes'],
    }),
    changeEntry: build.mutation<LogEntry, ChangeEntryInput & { id: string }>({
      query: ({ id, ...body }) => ({ url: `log/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Log', 'Bakes'],
    }),
  }),
});

/** A bake as it now is, for the next opening without a server. */
function keepBake(id: string, state: unknown): void {
  const { data } = api.endpoints.bake.select(id)(state as never);
  if (data) void keepAnswer(`bakes/${id}`, data);
}

export const {
  useBakesQuery,
  useDaysQuery,
  useDoorQuery,
  useNewCodeMutation,
  usePutCodeAwayMutation,
  useTakeBackMutation,
  useBakeQuery,
  useCreateBakeMutation,
  useChangeMealMutation,
  useRemoveBakeMutation,
  useRestoreBakeMutation,
  useAddItemMutation,
  useChangeItemMutation,
  useRemoveItemMutation,
  useRestoreItemMutation,
  useKitchenQuery,
  useChangeKitchenMutation,
  useToolsQuery,
  useAddToolMutation,
  useLarderQuery,
  useAddLarderMutation,
  useChangeLarderMutation,
  useRemoveLarderMutation,
  useRestoreLarderMutation,
  useDrawLarderMutation,
  useUndoDrawMutation,
  useLogQuery,
  useKeepEntryMutation,
  useChangeEntryMutation,
} = api;

/** A store's dispatch, as far as requests need it. */
export type ApiDispatch = ThunkDispatch<unknown, unknown, UnknownAction>;
