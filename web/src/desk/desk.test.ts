import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { currentBake } from './useOpenBake';
import type { BakeHead, StoredBake, StoredItem } from '../api/api';
import { desk, type Desk } from './desk';
import { readPath, writePath } from '@crustallum/core/plan/path';
import { changeItem } from './changes';
import { readDrafts, writeDrafts } from './drafts';
import { makeStore, store } from './store';

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
const { bakeOpened, itemChanged, itemSaved, crimped, cameUndone, changedElsewhere, elsewhereTaken, bakeClosed } =
  desk.actions;
const play = (...actions: { type: string }[]): Desk =>
  actions.reduce<Desk>((s, a) => desk.reducer(s, a), desk.getInitialState());
const opened = bakeOpened({ bake: bake(), drafts: {} });
const other = { ...document, title: 'Other' };

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
  it('takes up a change that a reload would have lost, if the server still has the version it was made on', () => {
    const mine = { ...stored(), document: other, title: 'Other' };
    expect(play(bakeOpened({ bake: bake(), drafts: { a: mine } })).items[0]?.title).toBe('Other');
    expect(play(bakeOpened({ bake: bake(stored(2)), drafts: { a: mine } })).items[0]?.title).toBe(document.title);
  });
  it('calls an item saved only if nothing was changed meanwhile', () => {
    const changed = play(opened, itemChanged({ id: 'a', document: other }));
    const sent = changed.items[0] as StoredItem;
    expect(desk.reducer(changed, itemSaved({ sent, version: 2 })).unsaved).toEqual([]);
    const again = desk.reducer(changed, itemChanged({ id: 'a', document: { ...other, title: 'Third' } }));
    expect(desk.reducer(again, itemSaved({ sent, version: 2 }))).toMatchObject({
      unsaved: ['a'],
      items: [{ version: 2, title: 'Third' }],
    });
  });
  it('crimps a settled station and forgets why it had come undone', () => {
    const undone = play(
      opened,
      cameUndone({ id: 'a', stations: ['dough'], because: 'cut', field: 'cut.thicknessMm', from: '3', to: '4' }),
    );
    expect(undone.items[0]).toMatchObject({
      settled: ['oven'],
      undone: [{ station: 'dough', because: 'cut', from: '3', to: '4' }],
    });
    expect(desk.reducer(undone, crimped({ id: 'a', station: 'dough' })).items[0]).toMatchObject({
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
    const theirs = { ...stored(5), document: { ...document, title: 'Theirs' }, title: 'Theirs' };
    const both = play(opened, itemChanged({ id: 'a', document: other }), changedElsewhere(theirs));
    expect(desk.reducer(both, elsewhereTaken('theirs'))).toMatchObject({
      items: [{ title: 'Theirs', version: 5 }],
      unsaved: [],
      elsewhere: null,
    });
    expect(desk.reducer(both, elsewhereTaken('mine'))).toMatchObject({
      items: [{ title: 'Other', version: 5 }],
      unsaved: ['a'],
      elsewhere: null,
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

describe('drafts on the device', () => {
  it('are those items that are not stored, and only those', () => {
    writeDrafts([stored(), { ...stored(), id: 'z' }], ['z']);
    expect(Object.keys(readDrafts())).toEqual(['z']);
    writeDrafts([stored()], []);
    expect(readDrafts()).toEqual({});
  });
  it('are written when the page is left, though the last change was a moment ago', () => {
    localStorage.clear();
    store.dispatch(opened);
    store.dispatch(itemChanged({ id: 'a', document: other }));
    expect(readDrafts()).toEqual({});
    window.dispatchEvent(new Event('pagehide'));
    expect(readDrafts()['a']?.document.title).toBe('Other');
    store.dispatch(bakeClosed());
  });
  it('are none when the store holds nonsense', () => {
    localStorage.setItem('crustallum.drafts', '{broken');
    expect(readDrafts()).toEqual({});
  });
});

describe('the bake that is open by itself', () => {
  const head = (id: string, serveAt: string): BakeHead => ({
    id,
    version: 1,
    title: id,
    serveAt,
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
});
