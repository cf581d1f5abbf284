import type { ItemInput } from '../../contracts/item';
import { forms } from '../formNames';
import { formItem } from '../forms';
import { planItem } from '../item';
import { writePaths } from '../path';
import { plainKitchen } from '../starters';
import { sizeFor } from './sizeFor';

const after = (item: ItemInput, people: number): ItemInput => writePaths(item, sizeFor(item, people)?.changes ?? {});

describe('a size for so many people', () => {
  it.each(forms)('is what %s begins with, so that nothing is proposed', (form) => {
    for (const people of [4, 8]) expect(sizeFor(formItem(form, people, 'You'), people)).toBeNull();
  });
  it.each(forms.filter((f) => !f.startsWith('filo') && f !== 'lidOnly'))(
    'of %s grows when four become twelve',
    (form) => {
      const small = formItem(form, 4, 'You');
      const large = after(small, 12);
      expect(large).not.toEqual(small);
      expect(planItem(large, plainKitchen).filling.totalG).toBeGreaterThan(
        planItem(small, plainKitchen).filling.totalG,
      );
      // and once it is taken, nothing more is proposed
      expect(sizeFor(large, 12)).toBeNull();
    },
  );
  it('of a dish is another dish, or two of them, never more than the oven takes', () => {
    const tart = formItem('openTart', 4, 'You');
    expect(sizeFor(tart, 8)?.dish?.topMm).toBeGreaterThan(200);
    expect(sizeFor(tart, 20)?.dish?.dishes).toBeGreaterThan(1);
  });
});
