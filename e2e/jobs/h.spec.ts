import { expect, test } from '../household';
import { Cook } from './cook';

test(
  'H: a block of puff without animal fat, for a guest who meets no milk, egg or gluten',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Hand pies', 6);
    await cook.mustNotMeet(1, 'Noor', ['no milk', 'no egg', 'no gluten']);
    await cook.mustNotMeet(2, 'Yara', ['no milk', 'no egg']);
    await cook.to('dough');
    await cook.pick('Style', 'block puff');
    await cook.pick('Fat', 'puff margarine');
    await cook.to('folds');
    await cook.pick('Fat comes in', 'a block, on two thirds');
    await page.getByRole('button', { name: 'Mix the folds' }).click();
    for (const [turn, fold] of [1, 2, 3, 4, 5].map((n) => [n, n === 5 ? 'in four' : 'in three'] as const)) {
      if (!(await page.getByRole('combobox', { name: `Turn ${turn}` }).count()))
        await page.getByRole('button', { name: 'turn', exact: true }).first().click();
      await cook.pick(`Turn ${turn}`, fold);
    }
    await cook.show('rolls');
    const rests = await page
      .getByRole('listitem')
      .filter({ hasText: /rest \d+ min/ })
      .allInnerTexts();
    for (const rest of rests.map((r) => Number(/rest (\d+) min/.exec(r)?.[1]))) {
      expect(rest).toBeGreaterThanOrEqual(15);
      expect(rest).toBeLessThanOrEqual(45);
    }
    await cook.to('filling');
    await cook.goesIn('Leek', 300);
    await cook.goesIn('White beans', 200);
    await cook.to('seal');
    await cook.pick('Glued with', 'water');
    await cook.show('wash');
    await cook.pick('Washed with', 'oil');

    // the packet of the margarine is not read: nobody is told that they may
    await cook.toEaters();
    await page.getByRole('button', { name: /^Yara:/ }).click();
    await expect(page.getByText('its label has not been read').first()).toBeVisible();
    await expect(page.getByText('may eat nothing of the day as it stands')).toBeVisible();
    await page.getByRole('button', { name: /^Read the label of puff margarine/ }).click();
    await page.getByRole('button', { name: 'It names none of these' }).click();
    await expect(page.getByText('may eat of everything')).toBeVisible();
    await page.getByRole('button', { name: /^Noor:/ }).click();
    await expect(page.getByText('Not for Noor: gluten, in the flour')).toBeVisible();
    await expect(page.getByText('other flour is not this pastry')).toBeVisible();
    await expect(page.getByText('clean spoon')).toHaveCount(0);

    await cook.to('clock');
    const calls = await cook.throughTheBench();
    expect(calls.some((c) => c.includes('Not for Noor: gluten'))).toBe(true);
    expect(calls.filter((c) => /clean spoon|Yara/.test(c))).toEqual([]);
    expect(calls.some((c) => c.includes('Lock in the fat'))).toBe(true);
    await cook.keepInLog('Rose well.');
  },
);
