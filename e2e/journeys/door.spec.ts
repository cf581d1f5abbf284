import { accessible, anotherScreen, expect, Household, test } from '../household';

test('a tablet is let in by six digits, follows the bench, and is shut out at once when it is taken back', async ({
  browser,
  page,
}) => {
  const house = new Household(true, true);
  await house.start();
  const away = house.url.replace('127.0.0.1', 'localhost');
  const hour = '2026-12-12T12:10:00';
  await page.clock.install({ time: new Date(hour) });
  await page.goto(`${house.url}/larder?show=kitchen`);
  await page.getByRole('link', { name: 'Let a tablet in' }).click();
  await page.getByRole('button', { name: 'Show six digits' }).click();
  const digits = (await page.locator('.door-digits').innerText()).replace(/\D/g, '');
  expect(digits).toMatch(/^\d{6}$/);
  await accessible(page);

  const tablet = await anotherScreen(browser, hour, 1024, 768);
  await tablet.goto(`${away}/bench`);
  const field = tablet.getByRole('textbox', { name: 'Six digits' });
  await field.fill(digits === '111111' ? '222222' : '111111');
  await tablet.getByRole('button', { name: 'Let it in' }).click();
  await expect(tablet.getByText('Not these. 4 tries are left.')).toBeVisible();
  await accessible(tablet);
  await field.fill(digits);
  await tablet.getByRole('textbox', { name: 'What this screen is called' }).fill('The tablet');
  await tablet.getByRole('button', { name: 'Let it in' }).click();
  await expect(tablet.getByRole('link', { name: /Lantern pies/ }).first()).toBeVisible();

  // what is begun here goes on there
  await page.goto(`${house.url}/bench`);
  await page.getByRole('button', { name: 'Begin now' }).click();
  await tablet.goto(`${away}/bench`);
  await expect(tablet.getByText('All of us at this screen')).toBeVisible();

  await page.goto(`${house.url}/door`);
  await page.getByRole('button', { name: 'Take it back: The tablet' }).click();
  await expect(page.getByText('The tablet')).toHaveCount(0);
  await tablet.goto(away);
  await expect(tablet.getByText(/It was taken back on the kitchen’s computer/)).toBeVisible();
  expect(await tablet.evaluate(async () => (await indexedDB.databases()).length)).toBe(0);
  await house.stop();
});
