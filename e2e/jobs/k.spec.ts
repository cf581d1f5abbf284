import { expect, test } from '../household';
import { Cook } from './cook';

test('K: an open custard tart, its case baked first', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  // for eight another tin than for four
  await cook.newDay('Open tart', 4);
  await cook.to('cut');
  const base = async () =>
    Number(/base, (\d+) g/.exec(await page.getByRole('region', { name: /^Cut of/ }).innerText())?.[1]);
  const small = await base();
  await cook.newDay('Open tart', 8);
  await cook.to('cut');
  expect(await base()).toBeGreaterThan(small);
  await expect(page.getByText('tart tin 25')).toBeVisible();

  await cook.to('filling');
  // three eggs to 300 ml
  await cook.set('Egg, for all', '150');
  await cook.set('Whole milk, for all', '300');
  expect(await cook.number('Egg to 100 g liquid')).toBeGreaterThan(35);
  await expect(page.getByText('it can be sliced cold')).toBeVisible();
  await cook.to('seal');
  const seal = await page.getByRole('region', { name: /^Seal of/ }).innerText();
  expect(seal).not.toContain('Vents');
  expect(seal).toContain('Left open');
  await cook.to('oven');
  await cook.show('programme');
  await cook.set('With weights', '15');
  await cook.set('Without weights', '8');
  await cook.pick('Its base brushed with', 'egg');
  const dry = await cook.number('Case, water gone');
  expect(dry).toBeGreaterThan(65);
  // set at 70 to 75°, and no lid to colour
  const middle = await cook.number('Middle of the filling');
  expect(middle).toBeGreaterThanOrEqual(70);
  expect(middle).toBeLessThanOrEqual(76);
  await expect(page.getByRole('button', { name: /^Lid, on top: / })).toHaveCount(0);
  const calls = await cook.throughTheBench();
  const at = (words: string) => calls.findIndex((c) => c.includes(words));
  const order = [
    'Oven on: 190°',
    'the empty case in',
    'Weights out',
    'Egg on the case',
    'Oven to 170°',
    'into the oven',
  ];
  const found = order.map(at);
  expect(found.every((n) => n >= 0)).toBe(true);
  expect([...found].sort((a, b) => a - b)).toEqual(found);
  expect(calls[at('the empty case in')]).toContain('15 min, then 8 min bare');
  expect(calls[at('into the oven')]).toContain('trembles in the middle');
  expect(calls.join()).not.toMatch(/[Ll]id on|slit/);
  await cook.keepInLog('Trembled, then held its slice.');
});
