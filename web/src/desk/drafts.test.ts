import { starterMeal } from '@crustallum/core/plan/starters';
import { contentText, type Draft } from './draft';
import { noteAnswered, noteSent } from './sent';
import { keepDrafts, keepLast, readDrafts } from './drafts';
import { deskStore } from './deskStore';
import { differences } from './listeners';

const meal = (bakeId: string, mouths = 4): Draft => ({
  kind: 'meal',
  id: `meal:${bakeId}`,
  bakeId,
  title: 'Supper',
  version: 1,
  meal: starterMeal('2026-12-12T18:30', mouths),
});
const ids = async () => (await readDrafts()).map((d) => d.id).sort();
afterEach(() => keepDrafts([]));

describe('drafts on the device', () => {
  it('are kept by document, and only those that are not stored', async () => {
    await keepDrafts([meal('a'), meal('b')]);
    expect(await ids()).toEqual(['meal:a', 'meal:b']);
    await keepDrafts([meal('b', 9)]);
    expect(await readDrafts()).toMatchObject([{ id: 'meal:b', meal: { mouthCount: 9 }, living: false }]);
    await keepDrafts([]);
    expect(await ids()).toEqual([]);
  });
  it('of another page are left as they are', async () => {
    await deskStore.drafts.put({ ...meal('theirs'), tab: 'another page' });
    await keepDrafts([meal('mine')]);
    await keepDrafts([]);
    expect(await ids()).toEqual(['meal:theirs']);
  });
  it('that a page wrote with its last breath are found by the next', async () => {
    keepLast([meal('c')]);
    expect(await ids()).toEqual(['meal:c']);
    expect(localStorage.getItem('crustallum.drafts')).toBeNull();
    expect(await ids()).toEqual(['meal:c']);
  });
  it('that were under way when the page was left know what was sent of them', async () => {
    noteSent(meal('d', 5));
    keepLast([meal('d', 9)]);
    const [found] = await readDrafts();
    expect(found?.sent).toEqual([contentText(meal('d', 5))]);
    noteAnswered('meal:d');
    expect((await readDrafts())[0]?.sent).toBeUndefined();
  });
  it.each(['{broken', '"text"', '{"a":{}}', '[null,3,{}]'])(
    'are none where the device holds nonsense: %s',
    async (text) => {
      localStorage.setItem('crustallum.drafts', text);
      expect(await ids()).toEqual([]);
    },
  );
});

describe('what one page tells another of a change', () => {
  it('is the values that differ, by path', () => {
    const before = { document: { cut: { thicknessMm: 3, trimMm: 5 }, title: 'Pies' }, settled: ['dough'] };
    const after = { document: { cut: { thicknessMm: 4, trimMm: 5 }, title: 'Pies' }, settled: [] };
    expect(differences(before, after, 3)).toEqual({ 'document.cut.thicknessMm': 4, settled: [] });
    expect(differences(before, before, 3)).toEqual({});
  });
});
