import { expect, test } from '../household';
import { Cook } from '../jobs/cook';

test('a creamy filling is begun from one of ours, thickened, cooled, fitted, and its spare kept', async ({
  page,
  empty,
}) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('A pie in a dish', 6);
  await cook.to('filling');
  await cook.pick('Begin from', 'ham and peas in white sauce');
  await expect(page.getByRole('textbox', { name: 'Cooked ham, for all' })).toBeVisible();
  // more milk than it wants, and more of everything than the dish holds
  const milk = page.getByRole('textbox', { name: 'Whole milk, for all' });
  await cook.set('Whole milk, for all', String(Math.round(1.7 * Number((await milk.inputValue()).replace(/\D/g, '')))));
  await cook.show('body');
  const thin = page.getByRole('region', { name: 'Too thin' });
  await thin.getByRole('button', { name: /flour/ }).first().click();
  await expect(thin).toHaveCount(0);
  await cook.show('cooling');
  const ways = page.getByRole('region', { name: 'Ways to cool it' }).getByRole('button');
  await expect(ways).toHaveCount(7);
  await ways.first().click();
  await expect(ways.first()).toHaveAttribute('aria-pressed', 'true');
  await cook.show('fit');
  const fit = page.getByRole('region', { name: 'Does it fit' });
  await expect(fit).toContainText(/\d+ g more than they hold/);
  await fit.getByRole('button', { name: /^Keep the spare till / }).click();
  await expect(page.getByText('The spare filling is in the larder, with its date.')).toBeVisible();
  await fit.getByRole('button', { name: 'Buy less: only what they hold' }).click();
  await expect(fit).toContainText('It fits, as full as they are wanted.');
});

test(
  'a fruit pie: its juice is drawn and boiled down, what binds it follows, and the bake goes on until it sets',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Lattice', 8);
    await cook.to('oven');
    const before = await cook.number('Bake at 220, then 180 °C');
    await cook.to('filling');
    await page.getByRole('button', { name: 'Take Maize starch out' }).click();
    await cook.show('body');
    await page.getByRole('button', { name: 'Draw the juice and boil it down' }).click();
    await expect(
      page.getByText(/Half an hour under its sugar draws \d+ g; boiled to \d+ g it goes back/),
    ).toBeVisible();
    await expect(page.getByText('Nothing but its own pectin binds it.')).toBeVisible();
    await page
      .getByRole('region', { name: 'Too thin' })
      .getByRole('button', { name: /maize starch/ })
      .click();
    await expect(page.getByText(/bound it is “holds a trail”; wanted “holds a trail”/)).toBeVisible();
    await expect(page.getByText(/It sets when the middle has come to 9\d°/)).toBeVisible();
    await cook.to('oven');
    expect(Math.abs((await cook.number('Bake at 220, then 180 °C')) - before)).toBeLessThan(12);
  },
);
