import { accessible, expect, goOn, test } from '../household';

/** What only a metric cook would read. */
const metric =
  /\d\s(?:cm|mm|g|kg|°C)(?![²³/\w])(?! (?:a|of liquid)\b)|(?<![:\d])(?:1[3-9]|2[0-3]):\d\d\b(?!:)|(?<![\d.−])(?:[1-9]|[12]\d|3[01])(?:\.\d+)?°/;

/** A heat written every way on purpose, and an axis' own marks, which are °F where they are small. */
const meant = /Written otherwise|^−?\d+°$/;

test('a whole day in °F, inches, ounces and twelve hours, from the first start to the bench', async ({
  page,
  empty,
}) => {
  await page.clock.install({ time: new Date('2026-12-12T05:00:00') });
  await page.goto(empty.url);
  // three short steps at first start, the second skipped
  await page.getByRole('link', { name: 'Say what your kitchen is like' }).click();
  await page.getByRole('textbox', { name: 'Cook 1' }).fill('Ines');
  await page.getByRole('button', { name: 'That is us' }).click();
  await expect(page.getByRole('heading', { name: 'The kitchen' })).toBeVisible();
  await page.getByRole('button', { name: 'Skip, take what stands' }).click();
  const read = (label: string, word: string) =>
    page.getByRole('radiogroup', { name: label }).getByRole('radio', { name: word, exact: true }).click();
  await read('Heat in', '°F');
  await read('Weight in', 'ounces');
  await read('Length in', 'inches');
  await read('The hour by', '12: 6:30 pm');
  await read('A date as', 'month, day');
  await page.getByRole('button', { name: 'So we read' }).click();
  const when = page.getByRole('textbox', { name: 'day and time at the table' });
  await when.fill('12/12 at 6:30 pm');
  await when.press('Tab');
  await expect(when).toHaveValue('Saturday December 12, 6:30 pm');
  await page.getByRole('button', { name: 'Hand pies', exact: true }).click();
  await page.getByRole('button', { name: /^Take / }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  const left: string[] = [];
  for (const station of ['dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock']) {
    await page.locator(`nav a[href$="/${station}"]`).click();
    await expect(page.locator('.because-word').first()).toBeVisible();
    await page.waitForTimeout(300);
    const said = (await page.locator('main').innerText()).split('\n');
    left.push(...said.filter((line) => metric.test(line) && !meant.test(line)).map((line) => `${station}: ${line}`));
  }
  expect(left).toEqual([]);
  // a bare number is in the cook's own unit, and any other is understood
  await page.locator('nav a[href$="/cut"]').click();
  const ring = page.getByRole('button', { name: /^Finished sheet: .*1\/8 in\. Change it\.$/ });
  await ring.click();
  const thick = page.getByRole('textbox', { name: 'Finished sheet' });
  await thick.fill('5/32');
  await thick.press('Tab');
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(page.getByRole('button', { name: /^Finished sheet: .*5\/32 in/ })).toBeVisible();
  await page.getByRole('button', { name: /^Finished sheet: / }).click();
  await thick.fill('3 mm');
  await thick.press('Tab');
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(page.getByRole('button', { name: /^Finished sheet: .*1\/8 in/ })).toBeVisible();
  await accessible(page);
  await page.locator('a[href="/bench"]').first().click();
  await page.getByRole('button', { name: 'Begin now' }).click();
  const lines: string[] = [];
  for (let n = 0; n < 6; n++) {
    lines.push(...(await page.locator('main.bench').innerText()).split('\n'));
    await goOn(page, 'hand');
  }
  expect(lines.filter((line) => metric.test(line))).toEqual([]);
});
