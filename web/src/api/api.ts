import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { keepAnswer } from './offlineCache';
import type { Label } from '@crustallum/core/ingredients/label';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { Station } from '@crustallum/core/contracts/stations';
import type { MealInput } from '@crustallum/core/contracts/meal';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { UndoneInput } from '@crustallum/core/contracts/undone';

interface Stored {
  id: string;
  version: number;
}
export interface StoredItem extends Stored {
  bakeId: string;
  position: number;
  title: string;
  document: ItemInput;
  settled: Station[];
  undone: UndoneInput[];
}
export interface BakeHead extends Stored {
  title: string;
  serveAt: string;
}
export interface StoredBake extends BakeHead {
  meal: MealInput;
  items: StoredItem[];
}
export interface StoredKitchen extends Stored {
  document: KitchenInput;
}
export interface ToolDocument {
  name: string;
  kind: 'dish' | 'cutter' | 'pin' | 'tray';
  vessel?: NonNullable<ItemInput['cut']['vessel']>;
  material?: ItemInput['cut']['vesselMaterial'];
  diameterMm?: number;
  count?: number;
  place?: string;
}
export interface StoredTool extends Stored {
  name: string;
  document: ToolDocument;
}
export interface LarderThing extends Stored {
  name: string;
  grams: number;
  shelf: string;
  note: string;
  /** Its place in the ingredient table, if it has one. */
  ingredient?: string | null;
  pricePerKg?: number | null;
  bestBefore?: string | null;
  label?: Label | null;
  cupsG?: number[] | null;
}
export interface Draw {
  id: string;
  takes: { larderId: string; grams: number }[];
}
export interface LogAnswers {
  colour: string;
  base: string;
  leaks: number;
  shrink: string;
  texture: string;
  stoodMm: number;
  note: string;
  bakedMin?: number;
}
export interface LogEntry extends Stored {
  bakeId: string | null;
  runId: string | null;
  date: string;
  title: string;
  answers: LogAnswers;
  snapshot: Record<string, unknown>;
}

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: new URL('/api/', location.origin).href }),
  tagTypes: ['Bakes', 'Bake', 'Kitchen', 'Tools', 'Larder', 'Log'],
  endpoints: (build) => ({
    bakes: build.query<BakeHead[], void>({ query: () => 'bakes', providesTags: ['Bakes'] }),
    bake: build.query<StoredBake, string>({ query: (id) => `bakes/${id}`, providesTags: ['Bake'] }),
    createBake: build.mutation<StoredBake, { meal: MealInput; items: ItemInput[] }>({
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
    removeBake: build.mutation<BakeHead, string>({
      query: (id) => ({ url: `bakes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Bakes'],
    }),
    restoreBake: build.mutation<BakeHead, string>({
      query: (id) => ({ url: `bakes/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Bakes'],
    }),
    addItem: build.mutation<StoredItem, { bakeId: string; document: ItemInput }>({
      query: ({ bakeId, document }) => ({ url: `bakes/${bakeId}/items`, method: 'POST', body: { document } }),
      invalidatesTags: ['Bake'],
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
      invalidatesTags: ['Bake'],
    }),
    restoreItem: build.mutation<StoredItem, string>({
      query: (id) => ({ url: `items/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Bake'],
    }),
    kitchen: build.query<StoredKitchen, void>({ query: () => 'kitchen', providesTags: ['Kitchen'] }),
    changeKitchen: build.mutation<StoredKitchen, { version: number; document: KitchenInput }>({
      query: (body) => ({ url: 'kitchen', method: 'PUT', body }),
      invalidatesTags: ['Kitchen'],
    }),
    tools: build.query<StoredTool[], void>({ query: () => 'tools', providesTags: ['Tools'] }),
    addTool: build.mutation<StoredTool, ToolDocument>({
      query: (body) => ({ url: 'tools', method: 'POST', body }),
      invalidatesTags: ['Tools'],
    }),
    removeTool: build.mutation<StoredTool, string>({
      query: (id) => ({ url: `tools/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Tools'],
    }),
    larder: build.query<LarderThing[], void>({ query: () => 'larder', providesTags: ['Larder'] }),
    addLarder: build.mutation<LarderThing, Omit<LarderThing, 'id' | 'version'>>({
      query: (body) => ({ url: 'larder', method: 'POST', body }),
      invalidatesTags: ['Larder'],
    }),
    changeLarder: build.mutation<LarderThing, LarderThing>({
      query: ({ id, version, name, grams, shelf, note, ingredient, pricePerKg, bestBefore, label, cupsG }) => ({
        url: `larder/${id}`,
        method: 'PUT',
        body: { version, name, grams, shelf, note, ingredient, pricePerKg, bestBefore, label, cupsG: cupsG ?? [] },
      }),
      invalidatesTags: ['Larder'],
    }),
    removeLarder: build.mutation<LarderThing, string>({
      query: (id) => ({ url: `larder/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Larder'],
    }),
    drawLarder: build.mutation<Draw, Draw>({
      query: (body) => ({ url: 'larder/draws', method: 'POST', body }),
      invalidatesTags: ['Larder'],
    }),
    undoDraw: build.mutation<Draw, string>({
      query: (id) => ({ url: `larder/draws/${id}/undo`, method: 'POST' }),
      invalidatesTags: ['Larder'],
    }),
    restoreLarder: build.mutation<LarderThing, string>({
      query: (id) => ({ url: `larder/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Larder'],
    }),
    log: build.query<LogEntry[], void>({ query: () => 'log', providesTags: ['Log'] }),
    keepEntry: build.mutation<
      LogEntry,
      Omit<LogEntry, 'id' | 'version' | 'bakeId' | 'runId'> & { bakeId?: string; runId?: string }
    >({ query: (body) => ({ url: 'log', method: 'POST', body }), invalidatesTags: ['Log'] }),
    changeEntry: build.mutation<LogEntry, { id: string; version: number; answers: LogAnswers }>({
      query: ({ id, ...body }) => ({ url: `log/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Log'],
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
