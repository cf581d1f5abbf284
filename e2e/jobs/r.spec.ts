import type { Page } from '@playwright/test';
import { accessible, anotherScreen, benchAt, expect, goOn, test } from '../household';

const began = '2026-12-12T12:10:00';

const call = (page: Page) => page.getByRole('heading', { level: 1 });
const waits = (page: Page) => page.getByRole('list', { name: /^(What waits|Timers)$/ });
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
/** The clock of the whole house. */
const later = (minutes: number, ...screens: Page[]) =>
  Promise.all(screens.map((s) => s.clock.fastForward(minutes * 60_000)));

async function asCook(page: Page, name: string): Promise<void> {
  await press(page, 'Something else');
  await page.getByRole('radio', { name, exact: true }).click();
  await press(page, 'Back to the bench');
  await expect(page.getByText(`${name} on this screen`)).toBeVisible();
}

test('R: the bench with two people and three screens', { tag: '@wide' }, async ({ browser, supper }) => {
  await supper.pieByPie();
  const ines = await anotherScreen(browser, began);
  const tablet = await anotherScreen(browser, began, 1024, 768);
  await ines.goto(`${supper.url}/bench`);
  await ines.getByRole('radio', { name: 'Ines', exact: true }).click();
  await press(ines, 'Begin now');
  await expect(ines.getByText('Ines on this screen')).toBeVisible();
  await accessible(ines);

  // the other screen follows: nothing is begun there again
  await tablet.goto(`${supper.url}/bench`);
  await expect(tablet.getByRole('button', { name: 'Begin now' })).toHaveCount(0);
  await asCook(tablet, 'Tobiah');
  await expect(tablet.getByRole('region', { name: 'The others' })).toContainText('Ines is at: make ready');
  expect(await call(tablet).innerText()).not.toBe(await call(ines).innerText());
  // offered and not begun: hollow, and nothing counts
  await expect(tablet.getByText('not begun, takes')).toBeVisible();
  await later(5, ines, tablet);
  await expect(tablet.getByText('not begun, takes')).toBeVisible();

  // a pot is put aside, seen on the other screen, and gone on with
  await goOn(tablet);
  await benchAt(tablet, /^Cook: /);
  await press(tablet, 'Something else');
  await press(tablet, /^Put aside: cook filling/);
  await expect(call(tablet)).not.toHaveText(/^Cook: /);
  await expect(waits(ines)).toContainText(/Hob.*cook filling, Greenhouse coil.*there/);
  await press(tablet, 'Something else');
  await press(tablet, /^Begin: Cook filling, Greenhouse coil/);
  await expect(call(tablet)).toHaveText(/^Cook: /);

  // left out, and taken back
  await press(tablet, 'Something else');
  await press(tablet, /^Leave out: Lid \+ seal, Quay pie/);
  await press(tablet, 'not needed');
  const list = tablet.getByRole('list', { name: 'What was done' });
  await expect(list).toContainText('left out: Lid + seal, Quay pie, not needed');
  await accessible(tablet);
  await press(tablet, /^Take back: left out: Lid/);
  await expect(list).not.toContainText('left out');
  await press(tablet, 'Back to the bench');

  // two presses on one step, at two screens, count once
  await asCook(ines, 'Tobiah');
  const both = [ines, tablet];
  await Promise.all(both.map((s) => s.locator('.bench-main').click()));
  for (const s of both) await expect(call(s)).toHaveText('Set the filling to cool');
  await asCook(ines, 'Ines');

  // a wait is a wait, and what comes out before its time is asked about
  await benchAt(ines, /^Mix/);
  await goOn(ines);
  await expect(call(ines)).toContainText('Into the cold');
  await goOn(ines);
  await expect(waits(tablet)).toContainText(/rest, Lantern pies/);
  await press(ines, /^Out(: rest, Lantern pies)?$/);
  const asked = ines.getByRole('alertdialog', { name: 'Out before its time?' });
  await expect(asked).toContainText(/min short\. The fat is at \d+\.\d°/);
  await accessible(ines);
  await asked.getByRole('button', { name: 'Leave it in' }).click();
  await expect(waits(tablet)).toContainText(/rest, Lantern pies/);

  // too long in the hand: the way back is told in minutes
  await later(22, ines, tablet);
  await benchAt(ines, 'Turns 1 and 2');
  await later(75, ines, tablet);
  const left = ines.getByRole('region', { name: 'Minutes left before the fat is too soft' });
  await expect(left).toContainText(/past the band by/);
  await expect(left).toContainText(/To the cold for \d+ min/);
  await press(ines, 'To the cold');
  await expect(left.getByRole('timer')).toBeVisible();
  await later(30, ines, tablet);
  await press(ines, 'Out of the cold');

  // late: the new table is worked out, set with one press, and stands on every screen
  await later(60, ines, tablet);
  const set = ines.getByRole('button', { name: /^Set the table to / });
  await expect(set).toBeVisible();
  const table = (await set.innerText()).replace('Set the table to ', '');
  expect(table).not.toBe('18:30');
  await set.click();
  await expect(set).toHaveCount(0);
  await expect(tablet.locator('main')).toContainText(table);

  // a phone joins, all at one screen, and presses the day through to its end
  const phone = await anotherScreen(browser, await ines.evaluate(() => new Date().toISOString()), 390, 844);
  await phone.goto(`${supper.url}/bench`);
  await expect(phone.getByText('All of us at this screen')).toBeVisible();
  await accessible(phone);
  await asCook(phone, 'Ines');
  for (let n = 0; n < 200 && !(await phone.getByText('Nothing is left for Ines').count()); n++)
    await goOn(phone, 'hand');
  await asCook(phone, 'Tobiah');
  const toLog = phone.getByRole('button', { name: 'To the log' });
  for (let n = 0; n < 200 && !(await toLog.isVisible()); n++) await goOn(phone, 'hand');
  await expect(call(tablet)).toHaveText('All is done');
  await toLog.click();
  // every pie of the day is written down: the day is done, and stands among those that have been
  for (const pie of ['Lantern pies', 'Quay pie', 'Greenhouse coil']) {
    await phone.getByRole('radio', { name: pie, exact: true }).click();
    await phone.getByRole('button', { name: 'Keep this entry' }).click();
    await expect(phone.getByRole('button', { name: /^(Kept|Keep the change)$/ })).toBeVisible();
  }
  await phone.goto(`${supper.url}/days`);
  const been = phone.getByRole('list', { name: 'Days that have been' });
  await expect(been.getByRole('button', { name: /Lantern supper/ })).toBeVisible();
  // and on the others it is over: nothing goes on
  await expect(tablet.getByText('The run is finished.')).toBeVisible();
});
