import { ingredientNamed } from '../../ingredients/named';
import { fillingKinds } from '../../oven/tables';
import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen } from '../starters';
import { readyFilling } from './ready';
import { readyNames, type ReadyName } from './readyNames';

const names = Object.keys(readyNames) as ReadyName[];
const inPie = (name: ReadyName) => {
  const item = formItem('dishPie', 8, 'You');
  return planItem({ ...item, filling: { ...item.filling, ...readyFilling(name) } }, plainKitchen);
};

describe('a ready filling', () => {
  it('is one of at least two dozen: raw and cooked, sweet and savoury, meat, fish, egg and cheese, vegetable and plants alone', () => {
    expect(names.length).toBeGreaterThanOrEqual(24);
    const types = names.map((n) => readyFilling(n).type);
    expect(types.some((t) => fillingKinds[t].raw)).toBe(true);
    for (const t of [
      'fish_raw',
      'cheese_egg',
      'custard',
      'fruit_cooked',
      'berry_raw',
      'greens_cheese',
      'roll_savoury',
    ] as const)
      expect(types).toContain(t);
  });
  it.each(names)('%s is made of known things, fills its pie when it is ready, and passes our own checks', (name) => {
    for (const i of readyFilling(name).ingredients)
      expect([i.name, ingredientNamed(i.name)]).not.toEqual([i.name, null]);
    const { filling, problems } = inPie(name);
    expect((filling.finishedG ?? 0) / filling.totalG).toBeGreaterThan(0.93);
    expect((filling.finishedG ?? 0) / filling.totalG).toBeLessThan(1.08);
    const own = problems.filter((p) => p.station === 'filling' && !p.code.startsWith('cooling'));
    expect(own).toEqual([]);
  });
});
