import { startOf } from './formula';
import { planItem } from '../../item';
import { needsOf } from '../../needs/needs';
import { plainKitchen, starterItem } from '../../starters';
import type { ItemInput } from '../../../contracts/item';
import type { StyleName } from '../../../dough/styles';
import type { Product } from '../../../contracts/products';

const made = (product: Product, style: StyleName): ItemInput => {
  const item = starterItem(product, 6, 'You');
  return { ...item, dough: { ...item.dough, ...startOf(style) } };
};

describe('bought puff', () => {
  const item = made('handPies', 'boughtPuff');
  const plan = planItem(item, plainKitchen);
  it('is neither weighed, mixed nor folded: it is rolled out of the fridge', () => {
    expect(plan.steps.filter((s) => s.strand === 'pastry').map((s) => s.code)[0]).toBe('rollOut');
    expect(plan.line.stretches[0]?.value[0]).toBeCloseTo(plainKitchen.fridgeC, 6);
  });
  it('is one thing to buy, and as much of it as the Cut takes', () => {
    const needs = needsOf([item], [plan]);
    expect(needs.find((n) => n.ingredient === 'boughtPuff')?.grams).toBeCloseTo(plan.cut.doughMassG, 6);
    expect(needs.map((n) => n.name)).not.toContain('Flour');
  });
  it('has no problem of its packet nor of its bowl', () => {
    expect(plan.problems.filter((p) => ['dough', 'folds'].includes(p.station) && p.weight === 'stop')).toEqual([]);
  });
});

describe('home-stretched filo', () => {
  const item = made('filoCoil', 'stretchedFilo');
  const plan = planItem(item, plainKitchen);
  it('is weighed, kneaded, rested and stretched before its leaves are stacked', () => {
    const codes = plan.steps.filter((s) => s.strand === 'pastry').map((s) => s.code);
    expect(codes.slice(0, 5)).toEqual(['weigh', 'kneadLeaves', 'restLeaves', 'stretchLeaves', 'brushStack']);
  });
  it('asks for flour, not for leaves', () => {
    const names = needsOf([item], [plan]).map((n) => n.name);
    expect(names).toContain('Flour');
    expect(names).not.toContain('Filo');
  });
});
