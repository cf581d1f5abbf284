import { expect, test } from '../household';
import { Cook } from './cook';

test('F: sixteen half-moons, straight from the bowl', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Hand pies', 8);
  await cook.set('Hand pies: to make', '16');
  await cook.to('folds');
  await cook.pick('Rests', 'none, then the shapes half an hour');
  // minis from the scraps
  await cook.to('cut');
  await page.getByText('Rolled again, and what is left').click();
  await cook.pick('What is left becomes', 'minis');
  await expect(page.getByText(/\d+ minis? of \d/).first()).toBeVisible();
  await cook.to('filling');
  await cook.goesIn('Chicken, cooked', 400);
  await cook.goesIn('Leek', 200);
  await cook.goesIn('Cream', 200);
  await cook.to('seal');
  await cook.pick('Closed by', 'fork');
  await cook.to('oven');
  // ordinary practice: 24 to 34 minutes at 200°
  const minutes = await cook.number('Bake at 200 °C');
  expect(minutes).toBeGreaterThanOrEqual(18);
  expect(minutes).toBeLessThanOrEqual(34);

  const calls = await cook.throughTheBench();
  const heads = calls.map((c) => c.split('\n').find((l) => l.trim()) ?? '');
  const cold = calls.filter((c) => c.includes('Into the cold'));
  // no rest before rolling: the shapes alone go into the cold, for half an hour
  expect(cold).toHaveLength(1);
  expect(cold[0]).toContain('30 min in the fridge');
  expect(calls.findIndex((c) => c.includes('Into the cold'))).toBeGreaterThan(
    calls.findIndex((c) => c.includes('Fill and seal')),
  );
  expect(calls.some((c) => /Cook: .*cream/s.test(c))).toBe(true);
  expect(calls.some((c) => /Fill and seal .*In each: \d+ g of filling/s.test(c))).toBe(true);
  expect(heads.length).toBeGreaterThan(6);
  await cook.keepInLog('Crisp, none leaked.');
});
