import { expect, test } from '../household';
import { Cook } from './cook';

test('I: four ramekins lined and lidded, rough puff', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Pot pies with a base', 4);
  await cook.to('cut');
  // two cuts each: what lines it and what closes it
  const cuts = await page.getByRole('region', { name: /^Cut of/ }).innerText();
  expect(cuts).toMatch(/4 × base|base × 4|4 bases/i);
  expect(cuts).toMatch(/4 × lid|lid × 4|4 lids/i);
  await cook.to('oven');
  const minutes = await cook.number('Bake at 200 °C');
  expect(minutes).toBeGreaterThanOrEqual(28);
  expect(minutes).toBeLessThanOrEqual(42);
  const calls = await cook.throughTheBench();
  expect(calls.some((c) => /Line cups \d+ to 4/.test(c))).toBe(true);
  expect(calls.some((c) => /Cook: spiced vegetables.*(Now|In \d+ min|First|After \d+ min) .*potato/s.test(c))).toBe(
    true,
  );
  expect(calls.some((c) => /In each: \d+ g of filling/s.test(c))).toBe(true);
  await cook.keepInLog('The base was dry.');
});
