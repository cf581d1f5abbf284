import { expect, test } from '../household';
import { Cook } from './cook';

test('A: pasties, raw and layered, each from its own ball', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Pasties', 7);
  await cook.to('folds');
  await cook.to('filling');
  for (const thing of ['Stewing beef', 'Potato', 'Swede', 'Onion'])
    await page.getByRole('button', { name: `Take ${thing} out` }).click();
  await cook.goesIn('Pork shoulder', 430);
  await cook.goesIn('Parsnip', 280);
  await cook.goesIn('Apple', 160);
  await cook.goesIn('Leek', 210);
  // each layer is salted by itself
  await cook.set('Pork shoulder, its salt', '1.2');
  await cook.set('Apple, its salt', '0');
  await cook.to('cut');
  await cook.pick('Each comes from', 'its own ball');
  await expect(page.getByText(/each from its own ball of \d+ g/)).toBeVisible();
  const cut = await page.getByRole('region', { name: /^Cut of/ }).innerText();
  expect(cut).toContain('nothing is rolled again');
  await cook.to('seal');
  await cook.show('wash');
  await cook.pick('Washed with', 'milk');
  await cook.to('oven');
  await cook.show('programme');
  await cook.set('Oven', '210');
  await page.getByRole('button', { name: 'Then another heat' }).click();
  await cook.set('Heat 2', '175');
  await cook.set('Heat 2 from', '15');
  // 45 to 60 minutes in all, and the middle safe
  const minutes = await cook.number('Bake at 210, then 175 °C');
  expect(minutes).toBeGreaterThanOrEqual(42);
  expect(minutes).toBeLessThanOrEqual(60);
  expect(await cook.number('Middle of the filling')).toBeGreaterThanOrEqual(75);
  const calls = await cook.throughTheBench();
  const call = (words: string) => calls.find((c) => c.includes(words)) ?? '';
  // time to dice what goes in raw
  expect(call('Make ready')).toMatch(/(1\d|2\d|3\d) min of hands/);
  const grams = Number(/7 balls of (\d+) g/.exec(call('Divide'))?.[1]);
  expect(grams).toBeGreaterThan(90);
  expect(call('Roll 7') || call('Roll 4')).toContain('19.0 cm across');
  // every part in its order, grams for each
  const each = call('Fill and seal');
  const order = ['pork shoulder', 'parsnip', 'apple', 'leek'].map((n) => each.toLowerCase().indexOf(n));
  expect(order.every((n) => n >= 0)).toBe(true);
  expect([...order].sort((a, b) => a - b)).toEqual(order);
  expect(each).toMatch(/\d+ g pork shoulder with 0\.\d g salt/);
  expect(each).toMatch(/\d+ g apple,/);
  expect(call('Brush')).toContain('milk');
  expect(call('into the oven')).toContain('4 and 3 to a tray');
  expect(call('into the oven')).toContain('210 °C, from 15 min 175 °C');
  await cook.keepInLog('Good on the walk.');
});
