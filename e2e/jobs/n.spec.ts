import { expect, test } from '../household';
import { Cook } from './cook';

test('N: a coil of ropes, pricked and not slit, its seam under', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('A coil', 8);
  await cook.to('folds');
  await cook.set('Leaves in a stack', '3');
  await cook.to('seal');
  await expect(page.getByText('Nothing is crimped: seams lie under')).toBeVisible();
  await expect(page.getByRole('radiogroup', { name: 'Glued with' })).toHaveCount(0);
  await expect(page.getByText('Vents in a lid')).toHaveCount(0);
  const calls = await cook.throughTheBench();
  const ropes = calls.filter((c) => c.startsWith('Fill and roll'));
  expect(ropes.length).toBeGreaterThanOrEqual(3);
  expect(calls.filter((c) => /^Stack \d/.test(c)).every((c) => c.includes('3 leaves'))).toBe(true);
  expect(calls.some((c) => c.includes('Seam under'))).toBe(true);
  expect(calls.find((c) => c.startsWith('Brush'))).toContain('Prick it all over');
  expect(calls.filter((c) => /crimp|slit|cut the vents/i.test(c))).toEqual([]);
  await cook.keepInLog('Crisp all through.');
});
