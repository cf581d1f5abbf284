import type { BakeInput } from '@crustallum/core/plan/inputs';
import { createListenerMiddleware, isAnyOf, type UnknownAction } from '@reduxjs/toolkit';
import { allDrafts, desk, draftOf, type Desk } from './desk';
import { mealId, type Draft } from './draft';
import { keepDrafts } from './drafts';
import { keepPlan } from './keptPlans';
import { LatestOnly, planDesk } from './planning';
import { SaveQueue, type SavingDesk } from './saving';
import { sendDraft } from './send';
import { api, type ApiDispatch } from '../api/api';
import { askingLarder, houseLabels } from './houseLabels';
import { onTabs, tellTabs } from './tabs';

/** A drag writes its last value to the device, not every value on the way. */
const draftAfterMs = 60;
const saveAfterMs = 440;
/** A plan that is there sooner is not announced. */
const showWorkingAfterMs = 150;
const keepPlanAfterMs = 1500;
const tryAgainMs = 8000;

/** Plans again after every change of what a plan depends on; keeps and sends changes a moment after the last one. */
export const deskListener = createListenerMiddleware();
const {
  bakeOpened,
  kitchenKnown,
  itemChanged,
  stationSettled,
  cameUndone,
  mealChanged,
  changedInOtherTab,
  conflictAnswered,
  saveTriedAgain,
  draftPutAside,
  documentSaved,
  planning,
  planned,
  refused,
} = desk.actions;

type Dispatch = (action: UnknownAction) => unknown;
interface Planned {
  bakeId: string;
  itemIds: string[];
  input: BakeInput;
  dispatch: Dispatch;
  now: () => Desk;
}
const deskOf = (state: unknown): Desk => (state as { desk: Desk }).desk;

const plans = new LatestOnly<Planned>(async ({ bakeId, itemIds, input, dispatch, now }) => {
  const waiting = setTimeout(() => dispatch(planning()), showWorkingAfterMs);
  try {
    const answer = await planDesk(input);
    // another bake may have been opened meanwhile
    const here = now();
    if (here.bakeId !== bakeId || here.items.map((i) => i.id).join() !== itemIds.join()) return;
    dispatch(answer.ok ? planned(answer.value) : refused(answer.errors));
  } catch {
    dispatch(refused([{ field: '', code: 'fault' }]));
  } finally {
    clearTimeout(waiting);
  }
});

deskListener.startListening({
  matcher: isAnyOf(
    bakeOpened,
    kitchenKnown,
    itemChanged,
    mealChanged,
    changedInOtherTab,
    conflictAnswered,
    api.endpoints.larder.matchFulfilled,
    api.endpoints.larder.matchRejected,
  ),
  effect: async (_action, listener) => {
    listener.cancelActiveListeners();
    await listener.delay(12);
    const { bakeId, meal, items, kitchen } = deskOf(listener.getState());
    if (!bakeId || !meal || !kitchen || items.length === 0) return;
    // a plan without them would say for a moment that it is not known who may eat what
    if (askingLarder(listener.getState())) return;
    plans.ask({
      bakeId,
      itemIds: items.map((i) => i.id),
      input: { meal, items: items.map((i) => i.document), kitchen, labels: houseLabels(listener.getState()) },
      dispatch: listener.dispatch,
      now: () => deskOf(listener.getState()),
    });
  },
});

deskListener.startListening({
  actionCreator: planned,
  effect: async (_action, listener) => {
    listener.cancelActiveListeners();
    await listener.delay(keepPlanAfterMs);
    const { bakeId, items, plan } = deskOf(listener.getState());
    if (bakeId && plan)
      await keepPlan(
        bakeId,
        items.map((i) => i.id),
        plan,
      );
  },
});

/** The queue of a store: made with its first change. */
const queues = new WeakMap<Dispatch, SaveQueue>();
function queueOf(dispatch: Dispatch, now: () => Desk): SaveQueue {
  const known = queues.get(dispatch);
  if (known) return known;
  const may = (id: string) => {
    const { conflicts, refusedSaves } = now();
    return ![...conflicts, ...refusedSaves].some((c) => c.id === id);
  };
  const savingDesk: SavingDesk = {
    unsent: () => allDrafts(now()).flatMap(({ id }) => (may(id) ? [id] : [])),
    draft: (id) => allDrafts(now()).find((d) => d.id === id && may(id)) ?? null,
    saved: (sent, version) => {
      dispatch(documentSaved({ id: sent.id, version, sent }));
      tellTabs({ kind: 'saved', id: sent.id, version });
    },
    conflict: ({ id, title }, theirs) => dispatch(desk.actions.conflictFound({ id, title, theirs })),
    refused: ({ id, title }, status, errors) =>
      dispatch(desk.actions.saveRefused({ id, title, status, errors: [...errors] })),
    reached: (answered) => now().offline === answered && dispatch(desk.actions.networkSeen(answered)),
  };
  const made = new SaveQueue(
    savingDesk,
    (draft) => sendDraft(draft, dispatch as ApiDispatch),
    () => new Promise((done) => setTimeout(done, saveAfterMs)),
  );
  queues.set(dispatch, made);
  return made;
}

deskListener.startListening({
  matcher: isAnyOf(
    itemChanged,
    stationSettled,
    cameUndone,
    mealChanged,
    bakeOpened,
    conflictAnswered,
    saveTriedAgain,
    draftPutAside,
  ),
  effect: async (_action, listener) => {
    listener.cancelActiveListeners();
    const now = () => deskOf(listener.getState());
    await listener.delay(draftAfterMs);
    void keepDrafts(allDrafts(now()));
    await listener.delay(saveAfterMs);
    // the queue goes on by itself: a new change does not end what is in flight
    const queue = queueOf(listener.dispatch, now);
    for (;;) {
      const answered = await queue.pump();
      void keepDrafts(allDrafts(now()));
      if (answered) return;
      await listener.delay(tryAgainMs);
    }
  },
});

/** What differs between two states of one document, by dotted path: a field of a field, not deeper. */
export function differences(before: object, after: object, deep = 2): Record<string, unknown> {
  const changes: Record<string, unknown> = {};
  const [a, b] = [before as Record<string, unknown>, after as Record<string, unknown>];
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
    if (a[key] === b[key]) continue;
    const [x, y] = [a[key], b[key]];
    const inner = (v: unknown): v is object => typeof v === 'object' && v !== null && !Array.isArray(v);
    if (deep > 1 && inner(x) && inner(y))
      for (const [path, value] of Object.entries(differences(x, y, deep - 1))) changes[`${key}.${path}`] = value;
    else changes[key] = y;
  }
  return changes;
}

const parts = (draft: Draft): object => (draft.kind === 'meal' ? draft.meal : draft.item);

deskListener.startListening({
  matcher: isAnyOf(itemChanged, stationSettled, cameUndone, mealChanged),
  effect: (action, listener) => {
    const [before, after] = [deskOf(listener.getOriginalState()), deskOf(listener.getState())];
    const id = mealChanged.match(action)
      ? mealId(after.bakeId ?? '')
      : (action as unknown as { payload: { id: string } }).payload.id;
    const [was, is] = [draftOf(before, id), draftOf(after, id)];
    const changes = was && is ? differences(parts(was), parts(is), 3) : {};
    if (Object.keys(changes).length) tellTabs({ kind: 'changed', id, changes });
  },
});

/** Takes in what other pages of this device say of the documents that lie here. */
export function listenToTabs(dispatch: Dispatch): void {
  onTabs((message) => {
    if (message.kind === 'changed') dispatch(changedInOtherTab({ id: message.id, changes: message.changes }));
    else dispatch(documentSaved({ id: message.id, version: message.version, sent: null }));
  });
}
