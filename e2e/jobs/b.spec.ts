import { expect, test } from '../household';
import { Cook } from './cook';

test('B: a deep pie with base and lid in a springform without a rim', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('A pie in a dish', 6);
  await cook.to('filling');
  for (const thing of ['Chicken, cooked', 'Leek', 'Butter', 'Plain flour'])
    await page.getByRole('button', { name: `Take ${thing} out` }).click();
  await cook.goesIn('Turkey', 600);
  await cook.goesIn('Cooked ham', 250);
  await cook.goesIn('Cider', 250);
  await cook.set('Whole milk, for all', '250');
  // cider and milk run as they are; starch in cold liquid brings them to a sauce that clings
  await expect(page.getByText(/In the pan the sauce is (broth|thin cream)/)).toBeVisible();
  await cook.show('body');
  await page.getByRole('button', { name: /maize starch/ }).click();
  await expect(page.getByText(/In the pan the sauce is (broth|thin cream)/)).toHaveCount(0);
  await expect(page.getByText(/in the pan it is "clings"/)).toBeVisible();
  await cook.show('goes in');
  await cook.to('cut');
  await cook.show('dish');
  await page.getByText(/^Its sizes:/).click();
  await cook.set('Across the top', '18');
  await cook.set('Across the bottom', '18');
  await cook.set('Deep', '7');
  await cook.set('Rim', '0');
  // two sizes of blank: the base larger than the lid
  await cook.show('sheet');
  const cut = await page.getByRole('region', { name: /^Cut of/ }).innerText();
  expect(cut).toMatch(/base/i);
  expect(cut).toMatch(/lid/i);
  await cook.to('seal');
  await cook.pick('Closed by', 'folded under');
  await cook.to('oven');
  const minutes = await cook.number('Bake at 190 °C');
  expect(minutes).toBeGreaterThanOrEqual(50);
  expect(minutes).toBeLessThanOrEqual(85);
  const calls = await cook.throughTheBench();
  expect(calls.some((c) => /Cook: .*turkey/s.test(c))).toBe(true);
  expect(calls.some((c) => c.startsWith('Lid on'))).toBe(true);
  // one dough, divided unequally
  const [, base, lid] = (
    /(\d+) g for the base, (\d+) g for what goes over/.exec(calls.find((c) => c.startsWith('Divide')) ?? '') ?? []
  ).map(Number);
  expect(base).toBeGreaterThan(lid ?? Infinity);
  // rested as cooks rest it, half an hour to an hour
  const rest = calls.find((c) => c.startsWith('Into the cold')) ?? '';
  expect(Number(/(\d+) min in the fridge/.exec(rest)?.[1])).toBeGreaterThanOrEqual(30);
  expect(Number(/(\d+) min in the fridge/.exec(rest)?.[1])).toBeLessThanOrEqual(60);
  await cook.keepInLog('All of it fitted.');
});
