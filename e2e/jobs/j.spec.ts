import { expect, test } from '../household';
import { Cook } from './cook';

test('J: plums under a lattice, hot at first and then gently', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Lattice', 8);
  await cook.to('filling');
  await cook.set('Plum, for all', '900');
  await cook.to('cut');
  await cook.show('dish');
  // ten strips over the plate
  await page.getByText(/^Its sizes:/).click();
  await cook.set('Across the top', '24');
  await cook.set('Strips', '20');
  const cut = await page.getByRole('region', { name: /^Cut of/ }).innerText();
  expect(cut).toMatch(/strip/i);
  await cook.to('oven');
  await cook.show('programme');
  // 220 for twenty minutes, then 180, typed
  await cook.set('Heat 2 from', '20');
  await cook.set('Heat 2', '180');
  const minutes = await cook.number('Bake at 220, then 180 °C');
  expect(minutes).toBeGreaterThanOrEqual(40);
  expect(minutes).toBeLessThanOrEqual(65);
  const calls = await cook.throughTheBench();
  expect(calls.some((c) => /Make ready: plums/.test(c))).toBe(true);
  expect(calls.some((c) => c.startsWith('Strips over') || c.includes('Strips over'))).toBe(true);
  expect(calls.some((c) => c.includes('Oven on: 220°'))).toBe(true);
  const into = calls.find((c) => c.includes('into the oven')) ?? '';
  expect(into).toContain('220 °C, from 20 min 180 °C');
  expect(into).toContain('boils in the middle');
  expect(calls.findIndex((c) => c.includes('oven to 180°'))).toBeGreaterThan(
    calls.findIndex((c) => c.includes('into the oven')),
  );
  // cooled for two to three hours before the cut, so that its juice sets
  const out = calls.find((c) => c.includes('out to stand')) ?? '';
  expect(out).toContain('2 h 30');
  await cook.keepInLog('Cut clean, did not run.');
});
