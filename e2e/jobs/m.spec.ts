import { expect, test } from '../household';
import { Cook } from './cook';

test('M: twenty-four filo triangles in strips of 7 cm, two leaves each', async ({ page, empty }) => {
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
  const calls = await cook.throughTheBench();
  const stacks = calls.filter((c) => /^Stack \d/.test(c));
  expect(stacks).toHaveLength(6);
  for (const c of stacks) expect(c).toContain('cut it lengthwise into 4 strips of 7.0 cm');
  const closed = calls.filter((c) => c.startsWith('Close 4 of stack'));
  expect(closed).toHaveLength(6);
  for (const c of closed) expect(c).toContain(`${Math.round(each)} g each`);
  expect(calls.filter((c) => /coil|crimp|\bslit|rim bare/i.test(c))).toEqual([]);
  await cook.keepInLog('Crisp to the corner.');
});
