import { expect, test } from '../household';
import { Cook } from './cook';

test('P: fourteen people, pasties and one dish, who gets which', async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Hand pies', 14);
  await cook.mustNotMeet(1, 'Noor', ['no pork']);
  await cook.mustNotMeet(2, 'Yara', ['no pork']);
  await cook.mustNotMeet(3, 'Bo', ['mild']);
  await page.getByRole('button', { name: 'another dish' }).click();
  await page.getByRole('menuitem', { name: 'A pie in a dish' }).click();
  await expect(page.getByRole('button', { name: 'A pie in a dish', exact: true })).toBeVisible();
  await cook.to('filling');
  await cook.goesIn('Potato', 500);
  await cook.goesIn('Leek', 300);
  await cook.goesIn('Lardons', 120);
  await cook.goesIn('Chilli powder', 4);
  // two children's smaller ones
  await cook.to('cut');
  await cook.show('portions');
  await page.goto(page.url().replace(/cut$/, 'eaters'));
  await page.getByRole('button', { name: /^Noor:/ }).click();
  await expect(
    page.getByText(/These pieces: 2 pieces without bacon: filled first, with a clean spoon, marked/i),
  ).toBeVisible();
});
