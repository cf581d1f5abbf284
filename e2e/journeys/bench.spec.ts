import { Cook } from '../jobs/cook';
import { accessible, anotherScreen, benchAt, expect, goOn, test } from '../household';

test.describe('with the service worker that answers where there is no server', () => {
  test.use({ serviceWorkers: 'allow' });
  test('a run goes on through reload, server loss and no network, and ends in the log', async ({ page, supper }) => {
    await supper.pieByPie();
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('button', { name: 'Begin now' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Make ready: /);
    await accessible(page);
    await benchAt(page, 'Weigh for Lantern pies');
    await benchAt(page, 'Mix');
    await page.getByRole('button', { name: 'It holds, next' }).click();
    await benchAt(page, 'Turns 1 and 2');
    await page.getByRole('button', { name: 'Something else' }).click();
    const done = page.getByRole('list', { name: 'What was done' });
    await expect(done).toContainText('Rest, Lantern pies');
    await page.getByRole('button', { name: 'Back to the bench' }).click();
    const left = page.getByRole('region', { name: 'Minutes left before the fat is too soft' });
    await expect(left).toContainText('it cracks under 10°');
    await left.getByRole('button', { name: 'To the cold' }).click();
    await expect(left.getByRole('timer')).toBeVisible();
    await page.keyboard.press('c');
    await expect(left).toContainText('let it stand');
    // taken back press by press, and on again
    await page.keyboard.press('Backspace');
    await expect(page.locator('.bench-main')).toHaveText(/^Begin/);
    await page.keyboard.press('Backspace');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Turns 1 and 2');
    await benchAt(page, 'Turns 1 and 2');

    // without a server a reload is answered by the service worker: it has to have everything first
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await supper.stop();
    const before = await page.getByRole('heading', { level: 1 }).innerText();
    await goOn(page);
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(before);
    const call = await page.getByRole('heading', { level: 1 }).innerText();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(call);
    await goOn(page);

    await supper.start();
    const heading = page.getByRole('heading', { level: 1 });
    const toLog = page.getByRole('button', { name: 'To the log' });
    for (let i = 0; i < 160 && !(await toLog.isVisible()); i++) await goOn(page, 'hand');
    await expect(heading).toHaveText('All is done');
    await page.getByRole('button', { name: 'To the log' }).click();

    await expect(page.getByText('Planned, and as it ran')).toBeVisible();
    await page.getByRole('radio', { name: 'pale' }).first().click();
    await page.getByRole('button', { name: 'more: Leaked' }).click();
    await page.getByRole('textbox', { name: 'A note' }).fill('Flatter than in October.');
    await accessible(page);
    await page.getByRole('button', { name: 'Keep this entry' }).click();
    await expect(page.getByRole('button', { name: 'Kept' })).toBeVisible();

    await page.goto(`${supper.url}/log`);
    await page.getByRole('link', { name: /Lantern pies/ }).click();
    await expect(page.getByRole('textbox', { name: 'A note' })).toHaveValue('Flatter than in October.');
    await expect(page.getByRole('img', { name: /as it came out/ })).toBeVisible();

    await expect
      .poll(async () => {
        const run = (await (await fetch(`${supper.url}/api/runs/current`)).json()) as { run: unknown };
        return run.run;
      })
      .toBeNull();
  });
});

test('several timers run at once and pieces are counted', { tag: '@wide' }, async ({ page, supper }) => {
  await page.goto(`${supper.url}/bench`);
  await page.getByRole('button', { name: 'Begin now' }).click();
  for (let i = 0; i < 80; i++) {
    if (await page.getByRole('button', { name: /One more done/ }).isVisible()) break;
    await goOn(page);
  }
  await page.getByRole('button', { name: /One more done/ }).click();
  await expect(page.getByRole('button', { name: /One more done: 1 of/ })).toBeVisible();
  expect(await page.getByRole('list', { name: 'Timers' }).getByRole('listitem').count()).toBeGreaterThan(1);
});

test('a wait is a wait: nothing counts before it is ready, and taking it early is asked about with its cost', async ({
  page,
  empty,
}) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('Hand pies', 6);
  await page.locator('a[href="/bench"]').first().click();
  await page.getByRole('button', { name: 'Begin now' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).not.toContainText('To the bench');
  for (let n = 0; n < 60 && !(await page.getByText('ready in').count()); n++) await goOn(page, 'hand');
  const figure = page.locator('.bench-running .bench-far');
  const left = async () => Number((await figure.innerText()).split(':')[0]);
  const before = await left();
  expect(before).toBeGreaterThanOrEqual(28);
  await page.clock.fastForward(8 * 60_000);
  await expect.poll(left).toBeLessThanOrEqual(before - 7);
  await page.getByRole('button', { name: 'Begin it early' }).click();
  const asked = page.getByRole('group', { name: 'Begin early' });
  await expect(page.locator('.early')).toContainText(/\d\d min short\. The fat is at \d+\.\d° now/);
  await accessible(page);
  await asked.getByRole('button', { name: 'Leave it in' }).click();
  await expect(page.getByText('ready in')).toBeVisible();
  // ready by itself, and counting from when it is begun, not before
  await page.clock.fastForward((before - 6) * 60_000);
  await expect(page.getByText('not begun, takes')).toBeVisible();
  await page.clock.fastForward(4 * 60_000);
  await page.getByRole('button', { name: /^Begin: / }).click();
  await expect(page.getByText('running', { exact: true })).toBeVisible();
  await expect(figure).toHaveText(/^0?0:0\d$/);
});

test('a screen that was away for ten steps and one that was not end in the same state', async ({ browser, supper }) => {
  const hour = '2026-12-12T12:10:00';
  const [house, away] = [await anotherScreen(browser, hour), await anotherScreen(browser, hour, 1024, 768)];
  await house.goto(`${supper.url}/bench`);
  await house.getByRole('radio', { name: 'Ines', exact: true }).click();
  await house.getByRole('button', { name: 'Begin now' }).click();
  await expect(house.getByText('Ines on this screen')).toBeVisible();
  await away.goto(`${supper.url}/bench`);
  await away.getByRole('button', { name: 'Something else' }).click();
  await away.getByRole('radio', { name: 'Tobiah', exact: true }).click();
  await away.getByRole('button', { name: 'Back to the bench' }).click();
  await away.context().setOffline(true);
  for (let n = 0; n < 10; n++) await goOn(away);
  for (let n = 0; n < 4; n++) await goOn(house);
  await away.getByRole('button', { name: 'Something else' }).click();
  await expect(away.getByRole('list', { name: 'What was done' })).toContainText('Tobiah');
  const done = async (page: typeof away) =>
    (await page.getByRole('list', { name: 'What was done' }).innerText()).split('\n').sort().join('\n');
  await away.context().setOffline(false);
  await house.getByRole('button', { name: 'Something else' }).click();
  // what was pressed while it was away comes in with its own hours, and what it missed comes to it
  await house.clock.fastForward(15_000);
  await away.clock.fastForward(15_000);
  await expect
    .poll(async () => (await done(house)) === (await done(away)) && (await done(house)).includes('Tobiah'))
    .toBe(true);
});

test(
  'held up at the first step, the rest of the day is laid anew by itself and taken with one press',
  { tag: '@wide' },
  async ({ browser, supper }) => {
    await supper.pieByPie();
    const page = await anotherScreen(browser, '2026-12-12T12:11:00');
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('radio', { name: 'Ines', exact: true }).click();
    await page.getByRole('button', { name: 'Begin now' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/^Make ready/);
    // three quarters of an hour at what takes twenty minutes
    await page.clock.fastForward(45 * 60_000);
    await expect(page.getByText(/behind the plan\./)).toBeVisible();
    const other = page.getByRole('button', { name: '18:30 after all, in another order' });
    await other.click();
    const anew = page.getByRole('dialog', { name: 'In another order: 18:30' });
    const old = anew.getByRole('button', { name: /^Set the table to / });
    await expect(old).toBeVisible();
    await expect(anew.getByRole('row', { name: /^cook filling of Quay pie 12:31/ })).toBeVisible();
    await accessible(page);
    // the old plan stands until it is taken
    await anew.getByRole('button', { name: 'Stay with the old plan' }).click();
    await expect(anew).toHaveCount(0);
    await other.click();
    await anew.getByRole('button', { name: 'Go on in that order' }).click();
    await expect(other).toHaveCount(0);
    await expect(old).toHaveCount(0);
    await page.getByRole('button', { name: 'Something else' }).click();
    await expect(page.getByRole('list', { name: 'What was done' })).toContainText('the day laid anew');
  },
);
