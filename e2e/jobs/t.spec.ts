import { expect, test } from '../household';
import { Cook } from './cook';

test('T: a finished day is found, repeated for twice as many, and changed by one thing', async ({ page, supper }) => {
  const cook = new Cook(page, supper.url);
  await page.clock.install({ time: new Date('2026-12-10T09:00:00') });
  await page.goto(supper.url);
  await page.getByRole('link', { name: 'All days' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Days' })).toBeVisible();
  const been = page.getByRole('list', { name: 'Days that have been' });
  await expect(been.getByRole('button')).toHaveCount(6);
  await page.keyboard.press('/');
  await page.keyboard.type('butter showed');
  await expect(been.getByRole('button')).toHaveCount(1);
  await been.getByRole('button', { name: /Market turnovers/ }).click();
  await expect(page.getByText('“Kitchen too warm, the butter showed.”')).toBeVisible();
  for (let n = 12; n < 24; n++) await page.getByRole('button', { name: 'one person more' }).click();
  const when = page.getByRole('textbox', { name: 'day and time at the table' });
  await when.fill('19 December 1 pm');
  await when.press('Tab');
  await page.getByRole('button', { name: 'A day for 24' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'On the table' })).toHaveValue('Saturday 19 December, 13:00');
  // twice as many of them
  await expect(page.getByRole('textbox', { name: /to make$/ })).toHaveValue('24');
  // one thing is changed: less to do at one go, and the old day is as it was
  await cook.to('folds');
  await cook.set('Turns', '3');
  await page.goto(`${supper.url}/days`);
  await expect(page.getByRole('list', { name: 'At work and to come' }).getByRole('button')).toHaveCount(2);
  // put away and brought back, nothing of it is lost
  await page.getByRole('searchbox', { name: 'Find a day' }).fill('harvest');
  await been.getByRole('button').click();
  await page.getByRole('button', { name: 'Put away', exact: true }).click();
  await page.getByRole('button', { name: 'Put away: 1' }).click();
  await page.getByRole('list', { name: 'Put away' }).getByRole('button').click();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(been.getByRole('button', { name: /Harvest turnovers/ })).toBeVisible();
});
