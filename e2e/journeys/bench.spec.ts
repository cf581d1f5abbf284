import { Cook } from '../jobs/cook';
import { accessible, benchAt, expect, test } from '../household';

test.describe('with the service worker that answers where there is no server', () => {
  test.use({ serviceWorkers: 'allow' });
  test('a run goes on through reload, server loss and no network, and ends in the log', async ({ page, supper }) => {
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('button', { name: 'Begin now' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Make ready: /);
    await accessible(page);
    await benchAt(page, 'Weigh for Lantern pies');
    await benchAt(page, 'Mix');
    await page.getByRole('button', { name: 'It holds, next' }).click();
    await benchAt(page, 'Turns 1 and 2');
    await expect(page.getByRole('list', { name: 'Timers' })).toContainText('rest, Lantern pies');
    const left = page.getByRole('region', { name: 'Minutes left before the fat is too soft' });
    await expect(left).toContainText('it cracks under 10°');
    await left.getByRole('button', { name: 'To the cold' }).click();
    await expect(left.getByRole('timer')).toBeVisible();
    await page.keyboard.press('c');
    await expect(left).toContainText('let it stand');
    // back over what was done meanwhile, to where it is not resting yet; and on again
    for (let n = 0; n < 6 && (await page.getByText('rest, Lantern pies').count()); n++) {
      const now = await page.getByRole('heading', { level: 1 }).innerText();
      await page.keyboard.press('Backspace');
      await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(now);
    }
    await expect(page.getByText('rest, Lantern pies')).toHaveCount(0);
    await benchAt(page, 'Turns 1 and 2');

    // without a server a reload is answered by the service worker: it has to have everything first
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await supper.stop();
    const before = await page.getByRole('heading', { level: 1 }).innerText();
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(before);
    const call = await page.getByRole('heading', { level: 1 }).innerText();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(call);
    await page.keyboard.press('Space');

    await supper.start();
    const heading = page.getByRole('heading', { level: 1 });
    const done = page.getByRole('button', { name: 'To the log' });
    for (let i = 0; i < 80 && !(await done.isVisible()); i++) {
      const next = page.locator('.bench-main');
      await next.click();
      await page.waitForTimeout(50);
    }
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

test('several timers run at once and pieces are counted', async ({ page, supper }) => {
  await page.goto(`${supper.url}/bench`);
  await page.getByRole('button', { name: 'Begin now' }).click();
  for (let i = 0; i < 40; i++) {
    if (await page.getByRole('button', { name: /One more done/ }).isVisible()) break;
    await page.keyboard.press('Space');
    await page.waitForTimeout(60);
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
  for (let n = 0; n < 30 && !(await page.getByText('ready in').count()); n++) {
    const was = (await heading.textContent()) ?? '';
    await page.locator('.bench-main').click();
    await expect(heading).not.toHaveText(was);
  }
  const figure = page.locator('.bench-running .bench-far');
  const left = async () => Number((await figure.innerText()).split(':')[0]);
  const before = await left();
  expect(before).toBeGreaterThanOrEqual(28);
  await page.clock.fastForward(8 * 60_000);
  await expect.poll(left).toBeLessThanOrEqual(before - 7);
  await page.getByRole('button', { name: 'Begin it early' }).click();
  const asked = page.getByRole('group', { name: 'Begin early' });
  await expect(asked).toContainText(/\d\d min short\. The fat is at \d+\.\d° now/);
  await accessible(page);
  await asked.getByRole('button', { name: 'Leave it in' }).click();
  await expect(page.getByText('ready in')).toBeVisible();
  // ready by itself, and counting from then
  await page.clock.fastForward((before - 6) * 60_000);
  await expect(page.getByText('running')).toBeVisible();
  await expect(figure).toHaveText(/^0?[0-3]:\d\d$/);
});
