import { accessible, expect, test } from '../household';

const stations = ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'];

test('Today shows the next thing, what is short and every pie; its line runs through the band', async ({
  page,
  supper,
}) => {
  await page.goto(supper.url);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Weigh at');
  await expect(page.getByText('The larder is short of')).toBeVisible();
  for (const title of ['Lantern pies', 'Quay pie', 'Greenhouse coil'])
    await expect(page.getByText(title).first()).toBeVisible();
  const line = page.getByRole('figure', { name: 'The Cold Line' });
  await expect(line).toContainText('min in hand');
  await expect(line.getByRole('listitem').first()).toContainText('at the bench');
  await accessible(page);
});

// a dish and a coil: the stations at which they are not drawn as hand pies are
for (const [item, title, shown] of [
  [0, 'Lantern pies', stations],
  [1, 'Quay pie', ['folds', 'filling', 'cut']],
  [2, 'Greenhouse coil', ['dough', 'folds', 'seal']],
] as const) {
  test(
    `the stations of ${title} give drawings, numbers and reasons, and pass axe`,
    { tag: item < 2 ? '@wide' : [] },
    async ({ page, supper }) => {
      for (const station of shown) {
        await page.goto(await supper.station(item, station));
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expect(page.locator('.because-word').first()).toBeVisible();
        await expect(page.locator('main svg').first()).toBeVisible();
        await accessible(page);
      }
    },
  );
}

test(
  'a change is followed at once by drawing, numbers and the line, and uncrimps what it touches',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(0, 'dough'));
    const flour = page.getByRole('button', { name: /^Flour: / });
    const before = await flour.innerText();
    await page.getByRole('button', { name: 'Settle the dough' }).click();
    await expect(page).toHaveURL(/folds$/);
    await expect(page.getByRole('link', { name: 'Dough , settled' })).toBeVisible();

    await page.goto(await supper.station(0, 'dough'));
    await page.getByRole('button', { name: 'more: To make' }).click();
    await expect(flour).not.toHaveText(before);
    await expect(page.getByText('Came undone:')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Dough , came undone' })).toBeVisible();
  },
);

test('a measure is held on the drawing: pressed, its rule opens there', async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'cut'));
  await page.getByRole('button', { name: /^Cutter: cut 9.2 cm/ }).click();
  const held = page.getByRole('group', { name: 'Cutter' });
  await held.getByRole('button', { name: 'more: Cutter' }).click();
  await expect(held.getByRole('textbox')).toHaveValue('9.3');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Cutter: cut 9.3 cm/ })).toBeVisible();
});

test('a typed slip says what is allowed, keeps the last plan and loses nothing typed', async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'dough'));
  const field = page.getByRole('textbox', { name: 'To make' });
  const flour = page.getByRole('button', { name: /^Flour: / });
  const before = await flour.innerText();
  for (const slip of ['', '-3', '0', '900', 'many', '2.5']) {
    await field.fill(slip);
    await expect(page.getByRole('alert')).toContainText('a whole number, 1 to 60');
    await expect(field).toHaveValue(slip);
    await expect(flour).toHaveText(before);
  }
  await field.fill('20');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(flour).not.toHaveText(before);
});

test('what cannot be made is named, cannot be settled, and the smallest change that would work is one press', async ({
  page,
  supper,
}) => {
  await page.goto(await supper.station(0, 'seal'));
  await page.getByRole('button', { name: /^Rim left bare/ }).click();
  await page.getByRole('textbox', { name: 'Rim left bare' }).fill('30');
  await page.goto(await supper.station(0, 'cut'));
  await page.getByRole('button', { name: /^Cutter/ }).click();
  await page.getByRole('group', { name: 'Cutter' }).getByRole('textbox').fill('5');
  await page.keyboard.press('Escape');
  await page.goto(await supper.station(0, 'seal'));
  await expect(page.getByText(/A rim of 30 mm leaves no room/)).toBeVisible();
  await page.getByRole('button', { name: /^(Rim left bare|Cutter) to / }).click();
  await expect(page.getByText(/leaves no room/)).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Settle the seal' })).toBeEnabled();
});

test('a changed input is there again after a reload and after the server was away', async ({ page, supper }) => {
  const address = await supper.station(1, 'oven');
  await page.goto(address);
  await page.getByRole('button', { name: /^Oven: 190/ }).click();
  await page.getByRole('group', { name: 'Oven' }).getByRole('textbox').fill('195');
  await page.waitForResponse((r) => r.url().includes('/api/items/') && r.ok());
  await page.reload();
  await expect(page.getByRole('button', { name: /^Oven: 195/ })).toBeVisible();

  await supper.stop();
  await page.getByRole('button', { name: /^Oven: 195/ }).click();
  await page.getByRole('group', { name: 'Oven' }).getByRole('textbox').fill('185');
  await expect(page.getByText('No answer from the server')).toBeVisible();
  await supper.start();
  await page.waitForResponse((r) => r.url().includes('/api/items/') && r.ok());
  await page.reload();
  await expect(page.getByRole('button', { name: /^Oven: 185/ })).toBeVisible();
});

test('why a number is what it is stands one tap away', async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'oven'));
  await page.getByRole('button', { name: /^Bake at/ }).click();
  const slip = page.getByRole('dialog');
  await expect(slip).toContainText('two bakes in three within');
  await expect(slip).toContainText('an estimate of ours');
});

test('keys go to the stations, but not while typing', async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'dough'));
  await page.getByRole('textbox', { name: 'To make' }).press('7');
  await expect(page).toHaveURL(/dough$/);
  await page.locator('h1').click();
  await page.keyboard.press('7');
  await expect(page).toHaveURL(/oven$/);
  await page.keyboard.press('0');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Weigh');
});

test('an address of nothing leads back', async ({ page, supper }) => {
  await page.goto(`${supper.url}/bakes/00000000-0000-4000-8000-000000000000/x/dough`);
  await expect(page.getByRole('heading', { name: 'There is no such bake here' })).toBeVisible();
  await page.goto(`${supper.url}/nowhere`);
  await page.getByRole('link', { name: 'Back to Today' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Weigh');
});

test('by evening light every ground and word keeps its contrast', { tag: '@wide' }, async ({ page, supper }) => {
  await page.addInitScript(() => localStorage.setItem('crustallum.light', 'evening'));
  for (const address of [
    supper.url,
    await supper.station(0, 'dough'),
    await supper.station(0, 'clock'),
    `${supper.url}/larder`,
  ]) {
    await page.goto(address);
    await expect(page.getByRole('figure', { name: 'The Cold Line' }).getByRole('listitem').first()).toBeAttached();
    await accessible(page);
  }
});

test('a moment at the table that has passed is said at once', async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'brief'));
  await page.getByLabel('On the table').fill('2020-01-01T18:30');
  await expect(page.getByRole('alert')).toContainText('That moment has passed');
});

test('on a phone every station stands in one column, its rules after its numbers', async ({ page, supper }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const station of ['dough', 'cut', 'clock']) {
    await page.goto(await supper.station(0, station));
    await expect(page.locator('.because-word').first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await accessible(page);
  }
  await page.goto(await supper.station(0, 'dough'));
  await page.getByRole('button', { name: 'Six rules' }).click();
  const rules = page.getByRole('dialog', { name: 'Six rules' });
  await rules.getByRole('button', { name: 'more: Fat to flour' }).click();
  await expect(rules.getByRole('textbox', { name: 'Fat to flour' })).toHaveValue('76');
  await accessible(page);
  await rules.getByRole('button', { name: 'Put away' }).click();
  await page.getByRole('button', { name: 'Places' }).click();
  await page.getByRole('menuitem', { name: 'Larder' }).click();
  await expect(page).toHaveURL(/larder$/);
});

test(
  'a standing tablet keeps all eight stations on its edge, three numbers abreast and the presses at the foot of the bench',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.setViewportSize({ width: 800, height: 1280 });
    await page.goto(await supper.station(0, 'dough'));
    await expect(page.locator('.because-word').first()).toBeVisible();
    for (const word of ['Brief', 'Clock'])
      await expect(page.getByRole('link', { name: word })).toBeInViewport({ ratio: 1 });
    const tops = await page
      .locator('.ans')
      .evaluateAll((all) => all.slice(0, 3).map((a) => a.getBoundingClientRect().top));
    expect(new Set(tops).size).toBe(1);
    await accessible(page);
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('button', { name: 'Begin now' }).click();
    const press = await page.getByRole('button', { name: /next$/ }).boundingBox();
    expect(press?.y ?? 0).toBeGreaterThan((1280 * 2) / 3 - 104);
    expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBe(1280);
    await accessible(page);
  },
);

test('opened again, the page stands as it last stood, not to be pressed, until the application is there', async ({
  browser,
  supper,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const address = await supper.station(0, 'cut');
  const before = await context.newPage();
  await before.goto(address);
  await expect
    .poll(() => before.evaluate(() => Object.keys(localStorage).some((key) => key.startsWith('crustallum.picture'))))
    .toBe(true);
  await before.close();
  const page = await context.newPage();
  let go = () => {};
  const held = new Promise<void>((resolve) => (go = resolve));
  await page.route('**/assets/index-*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(address, { waitUntil: 'commit' });
  await expect(page.getByText('As it last stood; one moment')).toBeVisible();
  await expect(page.locator('.sheet .drawing svg').first()).toBeVisible();
  await expect(page.locator('#root')).toHaveJSProperty('inert', true);
  go();
  await expect(page.locator('#root')).toHaveJSProperty('inert', false);
  await expect(page.getByText('As it last stood; one moment')).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1, name: 'Cut' })).toBeVisible();
  await context.close();
});
