import { expect, test } from '../household';
import { Cook } from './cook';

test('D: fourteen small pies in two muffin tins, yolks and cream in the dough', async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Small pies in a tin', 7);
  await cook.to('oven');
  await cook.pick('Fan', 'on');
  const seven = page.getByRole('button', { name: /^Bake at/ });
  await expect(seven).toBeVisible();
  const calls = await cook.throughTheBench();
  expect(calls.some((c) => c.includes('Line cups'))).toBe(true);
  // seven eaters at two each
  expect(calls.some((c) => /Cut \d+/.test(c) || c.includes('to 14'))).toBe(true);
  await cook.keepInLog('Came out of the tin whole.');
});
