import { contentsOf } from '../plan/needs/contents';
import { itemFromRecipe } from '../plan/fromRecipe';
import { planItem } from '../plan/item';
import { plainKitchen } from '../plan/starters';
import { readRecipe } from './readRecipe';

const page = (thing: string) => `Leek pie

Dough
200 g plain flour
100 g butter
60 g water

Filling
300 g leek
150 g ${thing}

Method
Bake at 190 °C.`;
const read = (thing: string) => readRecipe(page(thing)).amounts.find((a) => a.grams === 150);

describe('a name that something else stands round', () => {
  it.each([
    'vegan butter',
    'nut milk',
    'almond milk',
    'fish sauce',
    'cream of wheat',
    'peanut butter',
    'vegan cheese',
    'egg noodles',
    'milk chocolate',
    'meat-free mince',
    'goat milk',
  ])('%s is asked, never known', (thing) => {
    expect(read(thing)).toMatchObject({ id: null, name: thing, doubtful: true });
  });
  it.each([
    ['butter beans', 'whiteBeans'],
    ['chicken stock', 'stock'],
    ['beef stock', 'stock'],
    ['oat milk', 'oatDrink'],
    ['cold unsalted butter', 'butter'],
    ['freshly grated nutmeg', 'nutmeg'],
    ['free-range eggs', 'egg'],
  ])('%s is known all the same', (thing, id) => expect(read(thing)?.id).toBe(id));
  it('keeps its words in the pie, and nobody is told what is in it', () => {
    const { item } = itemFromRecipe({ text: page('nut milk'), corrections: [], mouths: 4, cook: 'You' });
    const part = contentsOf(item, planItem(item, plainKitchen)).find((c) => c.name === 'nut milk');
    expect(part?.ingredient).toBeNull();
  });
});
