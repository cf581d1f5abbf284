import { expect, test } from '../household';
import { Cook } from './cook';

test('P: fourteen people, pasties and one dish, who gets which', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay(['Hand pies', 'A pie in a dish'], 14);
  await cook.mustNotMeet(1, 'Noor', ['no pork']);
  await cook.mustNotMeet(2, 'Yara', ['no pork']);
  await cook.mustNotMeet(3, 'Bo', ['mild']);
  await cook.to('filling');
  for (const thing of ['Stewing beef', 'Tomato paste', 'Plain flour'])
    await page.getByRole('button', { name: `Take ${thing} out` }).click();
  await cook.goesIn('Potato', 300);
  await cook.goesIn('Bacon', 60);
  await cook.goesIn('Chilli powder', 3);
  // two children's smaller ones
  await cook.to('cut');
  await cook.show('portions');
  await page.getByRole('button', { name: 'Some for somebody else' }).click();
  await cook.set('For', 'Pim and Ada');
  await cook.set('Pieces for Pim and Ada', '2');
  await cook.set('Size for Pim and Ada', '70');

  // who gets which is drawn, with its mark
  await cook.toEaters();
  await page.getByRole('button', { name: /^Noor:/ }).click();
  const column = page.getByRole('complementary', { name: /^Noor/ });
  await expect(column).toContainText(
    /2 pieces without bacon: filled first, with a clean spoon, marked \/, for Noor and Yara/,
  );
  await expect(page.getByRole('button', { name: /^Bo: Hand pies these pieces, chilli powder/ })).toBeVisible();
  // and printed
  await cook.to('cut');
  await cook.show('paper');
  await cook.show('labels');
  await expect(page.getByText('Noor and Yara').first()).toBeAttached();

  // filled in order, and marked
  const calls = await cook.throughTheBench();
  const filling = calls.filter((c) => c.includes('Fill and seal'));
  expect(filling[0]).toMatch(/First: 2 pieces without bacon/);
  expect(filling[0]).toMatch(/without chilli powder: filled first, with a clean spoon, marked –, for Bo/);
  // and asked: how each liked it
  await cook.keepInLog('Everybody had theirs.', { Noor: 'gladly', Bo: 'some' });
});
