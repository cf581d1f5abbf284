import { starterItem } from '@crustallum/core/plan/starters';
import { history } from './history';

const item = (thicknessMm: number) => {
  const made = starterItem('handPies', 6, 'You');
  return { ...made, cut: { ...made.cut, thicknessMm } };
};
const { changed, stepped } = history.actions;
const run = (...actions: Parameters<typeof history.reducer>[1][]) =>
  actions.reduce((state, action) => history.reducer(state, action), history.reducer(undefined, { type: 'start' }));
const change = (mm: number, at: number, path = 'cut.thicknessMm') => changed({ id: 'a', document: item(mm), path, at });
const thick = (steps: { document: ReturnType<typeof item> }[] | undefined) =>
  steps?.map((s) => s.document.cut.thicknessMm);

describe('what an item was', () => {
  it('is kept before every change, and a drag is one change', () => {
    const { a } = run(change(3, 1000), change(3.1, 1100), change(3.2, 1200), change(3.4, 5000));
    expect(thick(a?.past)).toEqual([3, 3.4]);
  });
  it('changes of two inputs are two, however quick', () => {
    expect(run(change(3, 1000), change(3, 1010, 'cut.trimMm')).a?.past).toHaveLength(2);
  });
  it('goes back and on again, step by step', () => {
    const back = run(change(3, 0), change(4, 5000), stepped({ id: 'a', back: true, now: item(5) }));
    expect([thick(back.a?.past), thick(back.a?.future)]).toEqual([[3], [5]]);
    const on = history.reducer(back, stepped({ id: 'a', back: false, now: item(4) }));
    expect([thick(on.a?.past), thick(on.a?.future)]).toEqual([[3, 4], []]);
  });
  it('once changed anew cannot be brought on again', () => {
    const { a } = run(change(3, 0), stepped({ id: 'a', back: true, now: item(4) }), change(3, 9000));
    expect(a?.future).toEqual([]);
  });
  it('after a step back a new change is not joined to an old one', () => {
    const { a } = run(
      change(3, 1000),
      stepped({ id: 'a', back: true, now: item(4) }),
      stepped({ id: 'a', back: false, now: item(3) }),
      change(4, 1500),
    );
    expect(a?.past).toHaveLength(2);
  });
  it('keeps the last sixty, and nothing of an item it does not know', () => {
    const many = run(...Array.from({ length: 80 }, (_, i) => change(2 + i / 100, i * 2000)));
    expect(many.a?.past).toHaveLength(60);
    expect(run(stepped({ id: 'x', back: true, now: item(3) }))).toEqual({});
  });
});
