import { expect, test } from '../household';
import { Cook } from './cook';

test('M: twenty-four filo triangles in strips of 7 cm, two leaves each', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Filo triangles', 8);
  await cook.to('folds');
  await cook.set('Strip width', '7');
  await cook.set('Leaves in a stack', '2');
  await cook.show('laying');
  await expect(page.getByRole('list', { name: 'Order of laying' })).toContainText(
    /into 4 strips of 7.*as a flag is folded/s,
  );
  await cook.to('cut');
  expect(await cook.number('Leaves')).toBe(12);
  await cook.to('filling');
  const each = await cook.number('For each');
  expect(each).toBeGreaterThan(12);
  expect(each).toBeLessThan(24);
  // twelve of them raw into the freezer, open on a tray and then in a bag; from there their bake is minutes longer
  await cook.to('seal');
  await cook.show('store');
  const store = page.getByRole('region', { name: 'Putting them away' });
  await expect(store).toContainText(
    /Closed, in the freezer\s*2 months, open on a tray until hard, then in a bag; \d+ min/,
  );
  await expect(store).toContainText(/\d+ min more than cold/);
  await cook.set('Pies put away', '12');
  await store.getByRole('button', { name: 'Into the freezer' }).click();
  await expect(page.getByText('12 pies are in the larder, with the date.')).toBeVisible();
  const calls = await cook.throughTheBench();
  const stacks = calls.filter((c) => /^Stack \d/.test(c));
  expect(stacks).toHaveLength(6);
  for (const c of stacks) expect(c).toContain('cut it lengthwise into 4 strips of 7.0 cm');
  const closed = calls.filter((c) => c.startsWith('Close 4 of stack'));
  expect(closed).toHaveLength(6);
  for (const c of closed) expect(c).toContain(`${Math.round(each)} g each`);
  expect(calls.filter((c) => /coil|crimp|\bslit|rim bare/i.test(c))).toEqual([]);
  await cook.keepInLog('Crisp to the corner.');
  await page.getByRole('link', { name: 'Larder' }).first().click();
  await expect(page.getByText('Filo triangles, raw').first()).toBeVisible();
  // another day begins from those: nothing is made, they are brushed and baked, and the freezer has none left
  await cook.newDay('Filo triangles', 6, '2026-12-19T13:00');
  await cook.to('oven');
  await cook.pick('Goes in from', 'freezer');
  await cook.set('Made before', '7');
  await cook.pick('They are closed', 'already');
  await cook.to('clock');
  await expect(page.getByText(/Start on Saturday 19 December at|Start at/).first()).toBeVisible();
  const again = await cook.throughTheBench();
  expect(again.filter((c) => /^(Open the packet|Stack|Close|Make ready|Cook)/.test(c))).toEqual([]);
  expect(again.some((c) => c.includes('Filo triangles into the oven'))).toBe(true);
  await cook.keepInLog('As crisp as fresh.');
  const frozen = async () => {
    const things = (await (await page.request.get(`${cook.url}/api/larder`)).json()) as Record<
      'name' | 'grams',
      unknown
    >[];
    return things.find((t) => t.name === 'Filo triangles, raw')?.grams ?? 0;
  };
  await expect.poll(frozen).toBe(0);
});
