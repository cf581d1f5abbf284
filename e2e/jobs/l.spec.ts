import { expect, test } from '../household';
import { Cook } from './cook';

test('L: a filo tray, seven leaves under and five over, scored in twelve before the oven', async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('A filo tray', 12);
  await cook.to('folds');
  await cook.set('Layers under', '7');
  // ours would be six over seven
  await expect.poll(() => cook.number('Leaves')).toBe(13);
  await cook.set('Layers over', '5');
  await expect.poll(() => cook.number('Leaves')).toBe(12);
  // the uncovered stack is warned
  await expect(page.getByText(/Its edges crack at \d+ min bare; a damp cloth stops the clock/)).toBeVisible();
  await cook.show('laying');
  const order = page.getByRole('list', { name: 'Order of laying' });
  await expect(order).toContainText(/7 leaves under.*the filling.*5 leaves over it.*tuck/s);
  await cook.to('cut');
  await expect(page.getByText('7 layers under and 5 over; 1 covers the tray')).toBeVisible();
  // butter and oil, mixed
  await cook.to('dough');
  await cook.set('Oil mixed into it', '30');
  await expect(page.getByText(/g of it oil, mixed in/)).toBeVisible();
  await cook.to('filling');
  const filling = await cook.number('Filling in all');
  const calls = await cook.throughTheBench();
  const call = (start: string | RegExp) =>
    calls.find((c) => (typeof start === 'string' ? c.startsWith(start) : start.test(c)));
  expect(call('The leaves under it')).toMatch(/Brush butter and oil, 30 % of it oil, over 7 leaves/);
  expect(call('The leaves over it')).toMatch(/over 5 leaves/);
  expect(call('Spread the filling')).toContain(`${Math.round(filling)} g, level`);
  expect(call(/^Brush/)).toContain('Score the top leaves through into 12');
  // leaves are laid, nothing is rolled or coiled, nothing crimped or slit
  expect(calls.filter((c) => /\broll (it|stack)|coil|crimp|\bslit/i.test(c))).toEqual([]);
  await cook.keepInLog('Twelve clean pieces.');
});
