import { forms } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import { planItem } from '@crustallum/core/plan/item';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { judgedOf } from './judged';

/** Work with nothing to see or feel that its words and figures do not say. */
const plain = new Set(['weigh', 'thaw', 'divide', 'sealCase', 'keepPies', 'prepareFilling', 'setOven', 'makeAhead']);

describe('how a step is judged', () => {
  it('is said of every work of the hands on dough and filling, of whatever pie', () => {
    for (const form of forms) {
      const item = formItem(form, 8, 'You');
      const { steps, line } = planItem(item, plainKitchen);
      for (const s of steps.filter((x) => ['bench', 'hob'].includes(x.kind) && !plain.has(x.code)))
        expect([form, s.code, judgedOf(s.code, item, !line?.free) !== null]).toEqual([form, s.code, true]);
    }
  });
  it('a flaky crust keeps its lumps, a sandy one has none, and oil makes a dough that is judged by its softness', () => {
    const item = formItem('dishPie', 8, 'You');
    const rubbed = (coatedPct: number) =>
      judgedOf('rubIn', { ...item, folds: { ...item.folds, coatedPct } }, true)?.right;
    expect(rubbed(40)).toMatch(/flake/);
    expect(rubbed(90)).toMatch(/sandy/);
    expect(judgedOf('mix', item, false)?.right).toMatch(/ear lobe/);
    expect(judgedOf('mix', item, true)?.right).toMatch(/gathers/);
  });
  it('nothing is judged while it only waits', () => {
    const item = formItem('handPies', 8, 'You');
    for (const code of ['rest', 'shapedChill', 'preheat', 'bake'] as const)
      expect(judgedOf(code, item, true)).toBeNull();
  });
});
