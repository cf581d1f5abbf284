import { plainKitchen } from '../../starters';
import { formItem } from '../../forms';
import { planItem } from '../../item';
import type { ItemInput } from '../../../contracts/item';

const tray = formItem('filoTray', 6, 'You');
const triangles = formItem('filoTriangles', 8, 'You');
const step = (item: ItemInput, id: string) => planItem(item, plainKitchen).steps.find((s) => s.id === id);

describe('leaves of a tray', () => {
  it('are the layers the cook said, under and over, on the bench and in the count', () => {
    const item = { ...tray, folds: { ...tray.folds, leavesInStack: 7, leavesOver: 5 } };
    const { cut, dough, oven } = planItem(item, plainKitchen);
    expect(cut.leaves).toMatchObject({ count: 12, under: 7, over: 5 });
    expect(step(item, 'brushStack:1')?.values).toMatchObject({ leaves: 7, laid: 'under' });
    expect(step(item, 'brushStack:2')?.values).toMatchObject({ leaves: 5, laid: 'over' });
    expect(dough.figures.dough.value).toBeCloseTo(12 * 0.48 * 0.3 * 190, 6);
    // more leaves are a thicker crust
    expect(oven.spec.base?.tMm).toBeGreaterThan(oven.spec.top?.tMm ?? 0);
  });
  it('hold the whole filling at once, and are scored into its helpings before the bake', () => {
    const plan = planItem(tray, plainKitchen);
    expect(plan.steps.filter((s) => s.code === 'coverLeaves').map((s) => s.values['grams'])).toEqual([
      plan.filling.totalG,
    ]);
    expect(step(tray, 'glaze:all')?.values).toMatchObject({ laid: 'tray', portions: tray.brief.count });
  });
});

describe('the time of brushing', () => {
  it.each([
    ['a tray', tray],
    ['a tray of halves', { ...tray, folds: { ...tray.folds, halfLeaves: true } }],
    ['a coil', formItem('filoCoil', 6, 'You')],
    ['triangles', triangles],
  ])('of %s is the Cut’s figure and the bench’s, at this cook’s pace', (_what, item) => {
    const { cut, steps } = planItem(item, { ...plainKitchen, pace: 1.3 });
    const brushed = steps.filter((s) => s.code === 'brushStack').reduce((sum, s) => sum + s.minutes, 0);
    expect(brushed).toBeCloseTo(cut.figures.time.value ?? 0, 6);
  });
});

describe('triangles in strips of leaf', () => {
  it('of twenty-four take six stacks of two leaves', () => {
    const { cut, filling, steps } = planItem(triangles, plainKitchen);
    expect(cut.pieces).toBe(24);
    expect(cut.leaves).toMatchObject({ count: 12, stacks: 6, perStack: 2 });
    const closed = steps.filter((s) => s.code === 'coverLeaves');
    expect(closed.reduce((sum, s) => sum + Number(s.values['pieces']), 0)).toBe(24);
    for (const s of closed) expect(s.values['each']).toBe(filling.eachG);
  });
  it('of a strip no leaf gives are refused with the widest that closes', () => {
    const wide = { ...triangles, cut: { ...triangles.cut, cutterMm: 320 } };
    const [found] = planItem(wide, plainKitchen).problems.filter((p) => p.code === 'strip_over_leaf');
    expect(found).toMatchObject({ weight: 'stop', values: { strip: 320, max: 192 } });
  });
  it('become parcels or cigars by a word', () => {
    for (const laying of ['parcel', 'cigar'] as const) {
      const plan = planItem({ ...triangles, folds: { ...triangles.folds, laying } }, plainKitchen);
      expect(plan.cut.leaves?.made?.kind).toBe(laying);
      expect(plan.oven.minutes).toBeGreaterThan(8);
      expect(plan.problems.filter((p) => p.weight === 'stop')).toEqual([]);
    }
  });
});
