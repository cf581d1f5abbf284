import { expect, test } from '../household';
import { Cook } from './cook';

const chatty = `Sunday Hand Pies
Hi all! These are the ones I make when the kids come over. Makes 8 hand pies.

For the dough:
2 1/2 cups all-purpose flour
1 1/2 sticks cold butter plus 2 tablespoons
1 teaspoon salt
water as needed, about 6 tablespoons

For the filling:
2 cups cooked chicken, shredded
1 can (14.5 oz) chicken broth
2 sticks celery, diced
3 tablespoons flour

Directions:
Roll the dough into a rectangle about 10 x 14 inches, fold in three, turn 90 degrees and roll again. Chill 30 minutes.
Simmer the filling 5 minutes, then boil 60 seconds and cool.
Roll out 1/8 inch thick and cut 6- to 7-inch rounds. Put 2 tablespoons filling in each.
Bake in a 400 oven for 25 minutes. Let stand 10 minutes before eating. From frozen, add 8 minutes.`;

test('O: from a chatty American page, read as meant, kept as written, shown in its own measures', async ({
  page,
  empty,
}) => {
  const cook = new Cook(page, empty.url);
  await page.clock.install({ time: new Date('2026-12-12T05:00:00') });
  await page.goto(`${empty.url}/setup?step=2`);
  for (const [label, word] of [
    ['Heat in', '°F'],
    ['Weight in', 'ounces'],
    ['Length in', 'inches'],
    ['The hour by', '12: 6:30 pm'],
  ] as const)
    await page.getByRole('radiogroup', { name: label }).getByRole('radio', { name: word, exact: true }).click();
  await page.goto(`${empty.url}/recipe`);
  await page.getByRole('textbox', { name: /words/ }).fill(chatty);
  await page.getByRole('button', { name: 'Read it' }).click();
  const list = page.locator('.understood-list');
  await expect(list).toBeVisible();
  const says = (name: string, text: RegExp) =>
    expect(list.getByText(name, { exact: true }).locator('..').filter({ hasText: text }).first()).toBeVisible();
  // every one as it is meant
  await says('Makes', /8/);
  await says('Rolled to', /1\/8 in/);
  await says('Cutter', /6.*7 in/);
  await says('Rolled to', /10 × 14 in/);
  await says('Celery', /3 1\/2 oz/);
  await says('Chills', /30 min/);
  await says('Stands', /10 min/);
  await says('From frozen, more', /8 min/);
  await says('Cooks', /1 min/);
  await says('Filling in each', /30 ml/);
  // a turn of the dough is no oven; a bare number is asked about, and read as °F meanwhile
  await expect(list.getByText(/^400, and no word of whose degrees/)).toBeVisible();
  await expect(list.getByText('Oven', { exact: true })).toHaveCount(0);
  // what was written stands; where we reckon otherwise both are there
  const rest = page.getByRole('region', { name: 'Yours and ours' });
  await expect(rest.getByRole('radio', { name: /^yours/ }).first()).toHaveAttribute('aria-checked', 'true');
  await page.getByRole('button', { name: 'Take it to the brief' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  await cook.to('oven');
  await expect(page.getByRole('button', { name: /^Bake at 400 °F/ })).toBeVisible();
  await expect(page.getByText(/Yours: 25 min; ours/)).toBeVisible();
  const calls = await cook.throughTheBench();
  expect(calls.join('\n')).not.toMatch(/\d\s(?:cm|mm|g)\b(?! a\b)/);
  await cook.keepInLog('As the page says, and hot enough.');
});
