import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { currentBake } from './useOpenBake';
import type { BakeHead, StoredBake, StoredItem } from '@crustallum/core/contracts/bake';
import { allDrafts, desk, draftOf, type Desk } from './desk';
import { contentText, type Draft } from './draft';
import { readPath, writePath } from '@crustallum/core/plan/path';
import { changeItem } from './changes';
import { makeStore } from './store';

const document = starterItem('handPies', 6, 'You', 'roughPuff');
const stored = (version = 1): StoredItem => ({
  id: 'a',
  version,
  bakeId: 'b',
  position: 0,
  title: document.title,
  document,
  settled: ['dough', 'oven'],
  undone: [],
});
const bake = (item = stored()): StoredBake => ({
  id: 'b',
  version: 1,
  title: 'Supper',
  serveAt: '2026-12-12T18:30',
  meal: starterMeal('2026-12-12T18:30', 6),
  items: [item],
});
const { bakeOpened, itemChanged, documentSaved, stationSettled, cameUndone, mealChanged } = desk.actions;
const { conflictFound, conflictAnswered, saveRefused, saveTriedAgain, draftPutAside, bakeClosed } = desk.actions;
const play = (...actions: { type: string }[]): Desk =>
  actions.reduce<Desk>((s, a) => desk.reducer(s, a), desk.getInitialState());
const opened = bakeOpened({ bake: bake(), drafts: [] });
const other = { ...document, title: 'Other' };
const changed = play(opened, itemChanged({ id: 'a', document: other }));

describe('the desk', () => {
  it('takes a bake up and lays it away', () => {
    expect(play(opened)).toMatchObject({ bakeId: 'b', items: [{ id: 'a' }] });
    expect(play(opened, bakeClosed())).toEqual(desk.getInitialState());
  });
  it('keeps what was changed here when the server’s state comes again', () => {
    const s = play(opened, itemChanged({ id: 'a', document: other }), opened);
    expect(s.items[0]?.title).toBe('Other');
    expect(s.unsaved).toEqual(['a']);
  });
  it('takes up a change that a reload would have lost; one made on an older version is asked about, not dropped', () => {
    const draft = { ...(draftOf(changed, 'a') as Draft), living: false };
    expect(play(bakeOpened({ bake: bake(), drafts: [draft] }))).toMatchObject({
      items: [{ title: 'Other' }],
      unsaved: ['a'],
      conflicts: [],
    });
    // unless what the server has on top is what this device had sent before its page was left
    const sent = [contentText({ kind: 'item', version: 2, item: stored(2) })];
    expect(play(bakeOpened({ bake: bake(stored(2)), drafts: [{ ...draft, sent }] }))).toMatchObject({
      items: [{ title: 'Other', version: 2 }],
      unsaved: ['a'],
      conflicts: [],
    });
    const late = play(bakeOpened({ bake: bake(stored(2)), drafts: [draft] }));
    expect(late).toMatchObject({ items: [{ title: 'Other' }], unsaved: ['a'], conflicts: [{ id: 'a' }] });
    expect(desk.reducer(late, conflictAnswered({ id: 'a', stands: 'theirs' }))).toMatchObject({
      items: [{ title: document.title, version: 2 }],
      unsaved: [],
      conflicts: [],
    });
  });
  it('shows the draft of another open page, which sends it itself', () => {
    const draft = { ...(draftOf(changed, 'a') as Draft), living: true };
    expect(play(bakeOpened({ bake: bake(), drafts: [draft] }))).toMatchObject({
      items: [{ title: 'Other' }],
      unsaved: [],
    });
  });
  it('lays the unsent changes of one bake beside when another is opened, and takes them up again', () => {
    const second: StoredBake = { ...bake(), id: 'c', items: [{ ...stored(), id: 'z', bakeId: 'c' }] };
    const away = desk.reducer(
      desk.reducer(changed, mealChanged(starterMeal('2026-12-12T18:30', 9))),
      bakeOpened({ bake: second, drafts: [] }),
    );
    expect(away).toMatchObject({ bakeId: 'c', unsaved: [], otherDrafts: [{ id: 'a' }, { id: 'meal:b' }] });
    expect(allDrafts(away).map((d) => d.id)).toEqual(['a', 'meal:b']);
    expect(desk.reducer(away, opened)).toMatchObject({
      items: [{ title: 'Other' }],
      meal: { mouthCount: 9 },
      unsaved: ['meal:b', 'a'],
      otherDrafts: [],
    });
  });
  it('calls a document saved only if nothing was changed meanwhile', () => {
    const sent = draftOf(changed, 'a');
    expect(desk.reducer(changed, documentSaved({ id: 'a', sent, version: 2 })).unsaved).toEqual([]);
    const again = desk.reducer(changed, itemChanged({ id: 'a', document: { ...other, title: 'Third' } }));
    expect(desk.reducer(again, documentSaved({ id: 'a', sent, version: 2 }))).toMatchObject({
      unsaved: ['a'],
      items: [{ version: 2, title: 'Third' }],
    });
  });
  it('takes in what another page changed and stored, and keeps its own change beside it', () => {
    const both = play(
      opened,
      itemChanged({ id: 'a', document: other }),
      desk.actions.changedInOtherTab({ id: 'a', changes: { 'document.cut.thicknessMm': 5 } }),
      documentSaved({ id: 'a', version: 2, sent: null }),
    );
    expect(both).toMatchObject({
      items: [{ title: 'Other', version: 2, document: { cut: { thicknessMm: 5 } } }],
      unsaved: ['a'],
    });
  });
  it('keeps a change the server would not have until it is changed, sent again or let go', () => {
    const no = desk.reducer(changed, saveRefused({ id: 'a', title: 'Other', status: 404, errors: [] }));
    expect(no).toMatchObject({ refusedSaves: [{ id: 'a', status: 404 }], unsaved: ['a'] });
    expect(desk.reducer(no, saveTriedAgain('a'))).toMatchObject({ refusedSaves: [], unsaved: ['a'] });
    expect(desk.reducer(no, itemChanged({ id: 'a', document }))).toMatchObject({ refusedSaves: [] });
    expect(desk.reducer(no, draftPutAside('a'))).toMatchObject({ refusedSaves: [], unsaved: [] });
  });
  it('marks a settled station and forgets why it had come undone', () => {
    const undone = play(
      opened,
      cameUndone({ id: 'a', stations: ['dough'], because: 'cut', field: 'cut.thicknessMm', from: '3', to: '4' }),
    );
    expect(undone.items[0]).toMatchObject({
      settled: ['oven'],
      undone: [{ station: 'dough', because: 'cut', from: '3', to: '4' }],
    });
    expect(desk.reducer(undone, stationSettled({ id: 'a', station: 'dough' })).items[0]).toMatchObject({
      settled: ['oven', 'dough'],
      undone: [],
    });
  });
  it('undoes only what was settled', () => {
    expect(
      play(opened, cameUndone({ id: 'a', stations: ['seal'], because: 'cut', field: 'x', from: '1', to: '2' })).items[0]
        ?.undone,
    ).toEqual([]);
  });
  it('lets the cook say which of two changes stands', () => {
    const theirs = { ...stored(5), document: { ...document, title: 'Theirs' } };
    const both = desk.reducer(
      changed,
      conflictFound({ id: 'a', title: 'Other', theirs: { kind: 'item', version: 5, item: theirs } }),
    );
    expect(desk.reducer(both, conflictAnswered({ id: 'a', stands: 'theirs' }))).toMatchObject({
      items: [{ title: 'Theirs', version: 5 }],
      unsaved: [],
      conflicts: [],
    });
    expect(desk.reducer(both, conflictAnswered({ id: 'a', stands: 'mine' }))).toMatchObject({
      items: [{ title: 'Other', version: 5 }],
      unsaved: ['a'],
      conflicts: [],
    });
  });
  it('lets the cook say which of two meals stands', () => {
    const mine = play(opened, mealChanged(starterMeal('2026-12-12T18:30', 9)));
    const theirs = { kind: 'meal' as const, version: 4, meal: starterMeal('2026-12-12T18:30', 3) };
    const both = desk.reducer(mine, conflictFound({ id: 'meal:b', title: 'Supper', theirs }));
    expect(desk.reducer(both, conflictAnswered({ id: 'meal:b', stands: 'theirs' }))).toMatchObject({
      meal: { mouthCount: 3 },
      mealVersion: 4,
      unsaved: [],
    });
    expect(desk.reducer(both, conflictAnswered({ id: 'meal:b', stands: 'mine' }))).toMatchObject({
      meal: { mouthCount: 9 },
      mealVersion: 4,
      unsaved: ['meal:b'],
    });
  });
});

describe('changing a value', () => {
  it('copies only what it touches', () => {
    const changed = writePath(document, 'cut.thicknessMm', 4);
    expect(changed.cut.thicknessMm).toBe(4);
    expect(document.cut.thicknessMm).not.toBe(4);
    expect(changed.dough).toBe(document.dough);
    expect(readPath(changed, 'cut.thicknessMm')).toBe(4);
  });
  it('plans again and uncrimps what its numbers move, saying what changed', async () => {
    const store = makeStore();
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    store.dispatch(desk.actions.kitchenKnown(plainKitchen));
    store.dispatch(opened);
    await store.dispatch(changeItem('a', { 'cut.thicknessMm': 4 }));
    await new Promise((resolve) => setTimeout(resolve, 600));
    const { items, plan } = store.getState().desk;
    expect(items[0]?.settled).toEqual([]);
    expect(items[0]?.undone.map((u) => u.station).sort()).toEqual(['dough', 'oven']);
    expect(items[0]?.undone[0]).toMatchObject({ because: 'cut', field: 'cut.thicknessMm', to: '4' });
    expect(plan?.items[0]?.cut.figures.doughNeeded.value).toBeGreaterThan(0);
  });
});

describe('the bake that is open by itself', () => {
  const head = (id: string, serveAt: string, more: Partial<BakeHead> = {}): BakeHead => ({
    id,
    version: 1,
    title: id,
    serveAt,
    pies: 1,
    entries: 0,
    running: false,
    ...more,
  });
  const now = new Date('2026-12-12T12:00').getTime();
  it('is the soonest to come, or just over, else the latest', () => {
    expect(
      currentBake(
        [head('far', '2026-12-24T18:30'), head('next', '2026-12-13T18:30'), head('old', '2026-10-01T18:30')],
        now,
      )?.id,
    ).toBe('next');
    expect(currentBake([head('over', '2026-12-12T09:00'), head('far', '2026-12-24T18:30')], now)?.id).toBe('over');
    expect(currentBake([head('old', '2026-10-01T18:30'), head('older', '2026-09-01T18:30')], now)?.id).toBe('old');
    expect(currentBake([], now)).toBeUndefined();
  });
  it('is one at the bench before one that comes sooner, and never one that is written down', () => {
    const soon = head('soon', '2026-12-12T18:30');
    const atWork = head('atWork', '2026-12-13T18:30', { running: true });
    expect(currentBake([soon, atWork], now)?.id).toBe('atWork');
    expect(currentBake([head('done', '2026-12-12T18:30', { entries: 1 }), atWork], now)?.id).toBe('atWork');
    expect(currentBake([head('done', '2026-12-12T18:30', { entries: 1 })], now)).toBeUndefined();
    // of several pies one is written down, and the day is not over
    expect(currentBake([head('half', '2026-12-12T18:30', { entries: 1, pies: 2 })], now)?.id).toBe('half');
  });
});
