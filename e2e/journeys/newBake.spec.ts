import { accessible, expect, test } from '../household';

test('from nothing: the empty day asks what is for the table, and when', async ({ page, empty }) => {
  await page.goto(empty.url);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What is for the table, and when?');
  await expect(page.getByRole('figure', { name: 'The Cold Line' })).toContainText('nothing to keep cold yet');
  await accessible(page);
  await page.getByLabel('day and time at the table').fill('2020-01-01T18:30');
  await page.getByLabel('day and time at the table').press('Tab');
  await expect(page.getByText('That moment has passed')).toBeVisible();
  await page.getByRole('button', { name: 'Hand pies' }).click();
  await expect(page.getByRole('button', { name: 'Take hand pies' })).toBeDisabled();
});

for (const [press, pastry] of [
  ['Pot pies', 'rough puff'],
  ['A filo tray', 'filo'],
] as const) {
  test(
    `a new day of ${press.toLowerCase()} is worked out at all eight stations`,
    { tag: press === 'Pot pies' ? '@wide' : [] },
    async ({ page, empty }) => {
      await page.goto(empty.url);
      await page.getByRole('button', { name: 'one person more' }).click();
      await page.getByRole('button', { name: press, exact: true }).click();
      await page.getByRole('button', { name: /^Take / }).click();
      await expect(page).toHaveURL(/brief$/);
      await expect(page.getByText(pastry).first()).toBeVisible();
      for (const key of ['2', '3', '4', '5', '6', '7', '8']) {
        await page.locator('body').press(key);
        await expect(page.locator('.because-word').first()).toBeVisible();
        await expect(page.locator('main svg').first()).toBeVisible();
      }
      await page.goto(empty.url);
      await expect(page.getByRole('heading', { level: 1 })).toContainText(' at ');
    },
  );
}

test('hand pies become rough puff by one pick, and everything follows', { tag: '@wide' }, async ({ page, empty }) => {
  await page.goto(empty.url);
  await page.getByRole('button', { name: 'Hand pies', exact: true }).click();
  await page.getByRole('button', { name: /^Take / }).click();
  await page.getByRole('link', { name: 'Dough' }).click();
  await page.getByRole('combobox', { name: 'Style' }).click();
  await page.getByRole('option', { name: 'rough puff' }).click();
  await expect(page.getByRole('link', { name: 'Folds' })).toBeVisible();
  await page.getByRole('link', { name: 'Folds' }).click();
  await expect(page.getByText('Leaves of fat')).toBeVisible();
});

test('a dish added to the day and taken off again can be put back', { tag: '@wide' }, async ({ page, empty }) => {
  await page.goto(empty.url);
  await page.getByRole('button', { name: 'Hand pies', exact: true }).click();
  await page.getByRole('button', { name: /^Take / }).click();
  await page.getByRole('button', { name: 'another dish' }).click();
  await page.getByRole('menuitem', { name: 'A coil' }).click();
  await expect(page.getByRole('button', { name: 'A coil', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Take A coil off the day' }).click();
  await expect(page.getByRole('button', { name: 'A coil', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: 'A coil', exact: true })).toBeVisible();
});

test('the larder is filled, found, changed and emptied with a way back; the kitchen says what it allows', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/larder`);
  await expect(page.getByText('The larder is empty.')).toBeVisible();
  await page.getByLabel('Find in the larder').fill('Lemons');
  await page.getByRole('button', { name: 'Put in Lemons' }).click();
  await page.getByRole('textbox', { name: 'There is' }).fill('240');
  await expect(page.getByRole('button', { name: /Lemons 240 g C/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: /Lemons 240 g C/ })).toBeVisible();
  await accessible(page);
  await page.getByRole('radio', { name: 'kitchen' }).click();
  await page.getByLabel('Kitchen', { exact: true }).fill('99');
  await expect(page.getByRole('alert')).toContainText('5 to 40 °C');
  await page.getByLabel('Kitchen', { exact: true }).fill('23');
  await page.getByRole('button', { name: 'Keep the kitchen so' }).click();
  await expect(page.getByRole('button', { name: 'The kitchen is kept' })).toBeVisible();
});

test('a whole day is made, changed and settled from the keyboard alone', async ({ page, empty }) => {
  await page.goto(empty.url);
  await page.getByRole('button', { name: 'Pot pies', exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Take pot pies' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Brief');
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dough');
  const slider = page.getByRole('slider', { name: 'To make' });
  await slider.focus();
  const before = await slider.getAttribute('aria-valuenow');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('.');
  await expect(slider).toHaveAttribute('aria-valuenow', String(Number(before) + 2));
  for (const station of ['folds', 'filling', 'cut']) {
    await page.locator('h1').click();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`${station}$`));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(new RegExp(station, 'i'));
  }
  await expect(page.getByRole('link', { name: /, settled$/ })).toHaveCount(3);
});

test(
  'a weight dragged along its ruler moves dough, line and drawing with it',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(0, 'dough'));
    const thumb = page.getByRole('slider', { name: 'To make' });
    const flour = page.getByRole('button', { name: /^Flour: / });
    const before = await flour.innerText();
    // nothing moves any more once the letters are there
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    const from = await thumb.boundingBox();
    if (!from) throw new Error('no weight to drag');
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    for (let x = 0; x <= 48; x += 4) await page.mouse.move(from.x + from.width / 2 + x, from.y + from.height / 2);
    await page.mouse.up();
    const made = Number(await thumb.getAttribute('aria-valuenow'));
    expect(made).toBeGreaterThan(18);
    await expect(flour).not.toHaveText(before);
    // the plan of the last weight comes after those on the way: number and drawing are then the same
    const drawn = page.getByRole('img', { name: /^Flour \d+ g/ });
    await expect
      .poll(async () => {
        const number = (await flour.innerText()).replace(/\D/g, '');
        return (await drawn.getAttribute('aria-label'))?.startsWith(`Flour ${number} g`);
      })
      .toBe(true);
  },
);
