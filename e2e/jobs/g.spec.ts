import { expect, test } from '../household';
import { Cook } from './cook';

test(
  'G: rough puff with soft fat, squares of ten folded to triangles round fish',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Turnovers', 7);
    await cook.to('dough');
    await cook.show('bowl');
    await cook.set('Fat comes at', '17');
    await cook.to('folds');
    await cook.pick('Fat comes in', 'soft, spread turn by turn');
    await cook.set('Rubbed in first', '33');
    await cook.set('Spread over', '2');
    await page.getByRole('button', { name: 'Mix the folds' }).click();
    for (const [turn, fold] of [
      [1, 'in four'],
      [2, 'in four'],
      [3, 'in three'],
    ] as const)
      await cook.pick(`Turn ${turn}`, fold);
    await page.getByRole('button', { name: 'turn', exact: true }).last().click();
    await cook.to('filling');
    await cook.set('Called', 'white fish and leek');
    await cook.pick('Behaves like', 'raw fish');
    for (const thing of ['Cooking apple', 'White sugar', 'Lemon juice'])
      await page.getByRole('button', { name: `Take ${thing} out` }).click();
    await cook.goesIn('White fish', 250);
    await cook.goesIn('Leek', 120);
    await cook.to('cut');
    await cook.show('portions');
    await cook.set('Cutter', '10');

    const calls = await cook.throughTheBench();
    const weigh = calls.find((c) => c.includes('Weigh for')) ?? '';
    expect(weigh).toContain('soft, at 17°');
    expect(weigh).not.toContain('fridge');
    // the lots are grams
    expect(calls.filter((c) => /spread \d+ g of soft butter/.test(c))).toHaveLength(2);
    expect(calls.find((c) => c.startsWith('Mix'))).toMatch(/Rub \d+ g of the fat into the flour first/);
    expect(calls.some((c) => /In each: .*white fish/s.test(c))).toBe(true);
    await cook.keepInLog('Rose even.');
  },
);
