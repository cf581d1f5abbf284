import type { Page } from '@playwright/test';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { packingAnswers } from '@crustallum/core/testing/packingCases';
import { measuredRulers, rendered } from '../../web/src/testing/paper';
import { accessible, expect, test } from '../household';

const root = join(__dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'crustallum-paper-'));
const show = (page: Page, view: string) => page.getByRole('radio', { name: view, exact: true }).click();
const pieces = (page: Page) => page.getByRole('listbox', { name: 'Pieces, in cutting order' }).getByRole('option');

test('a sheet of pairs: a piece is moved and held, the rest laid round it, later rolls follow, all of it taken back', async ({
  page,
  supper,
}) => {
  await page.goto(await supper.station(0, 'cut'));
  await expect(pieces(page)).toHaveCount(28);
  await expect(pieces(page).first()).toHaveAccessibleName(/^1, lid,/);
  await expect(pieces(page).nth(27)).toHaveAccessibleName(/^28, base,/);
  await expect(page.getByText('roll 1: 18 lids')).toBeVisible();
  await expect(page.getByText('roll 2: 6 bases')).toBeVisible();
  await accessible(page);

  // by keys: taken in hand, moved, put down, held
  const ninth = pieces(page).nth(8);
  const where = await ninth.getAttribute('aria-label');
  await ninth.focus();
  await page.keyboard.press('Enter');
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/as you laid them/)).toBeVisible();
  await page.keyboard.press('h');
  await expect(pieces(page).filter({ has: page.locator('path') })).toHaveCount(1);
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Lay the rest again' }).click();
  await expect(pieces(page)).not.toHaveCount(0);
  await expect(page.getByText('As they were laid they no longer fit')).toHaveCount(0);

  // the rest may still be being laid: what is taken back meanwhile stands
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'In rows' })).toHaveCount(0);
  await expect(pieces(page).nth(8)).toHaveAttribute('aria-label', where ?? '');

  // an edge drawn out by keys: the sheet is the cook's own, until it is given back
  await page.getByRole('slider', { name: 'Length of the sheet' }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider', { name: 'Length of the sheet' })).toHaveAttribute('aria-valuenow', '605');
  await page.getByRole('button', { name: 'Sheet as worked out' }).click();
  await expect(page.getByRole('slider', { name: 'Length of the sheet' })).toHaveAttribute('aria-valuenow', '587');
});

test('a piece is dragged by pointer and slips clear of its neighbours', { tag: '@wide' }, async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'cut'));
  const box = await pieces(page).nth(8).boundingBox();
  if (!box) throw new Error('no piece');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 30, y + 10, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText(/as you laid them/)).toBeVisible();
  await expect(page.getByText('pairs overlap')).toHaveCount(0);
});

test(
  'a deep tin: it asks for a disc and a band, takes them, and a lattice with a plaited edge',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'cut'));
    await show(page, 'dish');
    await page.getByText(/^Its sizes:/).click();
    await page.getByRole('combobox', { name: 'Begin from' }).click();
    await page.getByRole('option', { name: 'straight tin' }).click();
    await page.getByRole('textbox', { name: 'Deep' }).fill('10');
    await expect(page.getByText(/a disc for the bottom and a band for the wall sit better/)).toBeVisible();
    await show(page, 'disc and band');
    await expect(page.getByText(/sit better/)).toHaveCount(0);
    await show(page, 'sheet');
    await expect(page.getByRole('img', { name: /^bottom .* band .* lid/ })).toBeVisible();
    await show(page, 'lattice');
    await show(page, 'plaited');
    await expect(page.getByRole('img', { name: /strip .* strand of the plait/ })).toBeVisible();
    await accessible(page);
  },
);

test(
  'another dish beside this one: before and after are told, and it is taken',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'cut'));
    await show(page, 'dish');
    await expect(page.getByRole('list', { name: 'Dishes that take it' }).getByRole('listitem').first()).toContainText(
      '% full',
    );
    await page.getByRole('combobox', { name: 'Another dish beside it' }).click();
    await page.getByRole('option', { name: 'tin 28' }).click();
    const swap = page.getByRole('region', { name: 'Another dish' });
    await expect(swap.getByRole('row', { name: /the same fill stands/ })).toContainText('mm');
    await accessible(page);
    const before = await page.getByRole('button', { name: /^Dough to make/ }).innerText();
    await swap.getByRole('button', { name: 'Bake it in tin 28' }).click();
    await expect(page.getByRole('button', { name: /^Dough to make/ })).not.toHaveText(before);
    await expect(page.getByRole('combobox', { name: 'Dish', exact: true })).toHaveText('tin 28');
  },
);

test('base and lid balls on the scale, evened out in the fewest moves', { tag: '@wide' }, async ({ page, supper }) => {
  await page.goto(await supper.station(0, 'cut'));
  await show(page, 'portions');
  await show(page, 'two balls');
  await page.getByRole('textbox', { name: 'Pies' }).fill('2');
  await page.getByRole('textbox', { name: 'Each' }).fill('100');
  await page.getByRole('textbox', { name: 'Give or take' }).fill('0');
  const grams = [60, 52, 40, 48];
  for (const g of grams) {
    const reading = page.getByText(/^On the scale/);
    for (const [step, times] of [
      [50, Math.floor(g / 50)],
      [10, Math.floor((g % 50) / 10)],
      [1, g % 10],
    ] as const)
      for (let i = 0; i < times; i++) await page.getByRole('button', { name: `+${step}`, exact: true }).click();
    await expect(reading).toContainText(`${g} g`);
    await page.getByRole('button', { name: 'That is one' }).click();
  }
  const moves = page.getByRole('region', { name: 'Moves' }).getByRole('listitem');
  await expect(moves).toHaveCount(3);
  await expect(moves.first()).toContainText(/from (base|lid) \d to (base|lid) \d/);
  await accessible(page);
});

test('a template is downloaded, drawn by another program and measured; printing keeps the scale', async ({
  page,
  supper,
}) => {
  await page.goto(await supper.station(0, 'cut'));
  await show(page, 'paper');
  await show(page, 'the sheet');
  await accessible(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF at 1 : 1' }).click();
  const file = join(folder, 'sheet.pdf');
  await (await downloading).saveAs(file);
  const pages = rendered(file, 200);
  expect(pages.length).toBeGreaterThan(3);
  for (const drawn of pages) {
    const { lying, upright } = measuredRulers(drawn);
    expect(Math.abs(lying - 100)).toBeLessThanOrEqual(0.3);
    expect(Math.abs(upright - 100)).toBeLessThanOrEqual(0.3);
  }
  const printed = join(folder, 'printed.pdf');
  writeFileSync(printed, await page.pdf({ preferCSSPageSize: true }));
  const onPaper = rendered(printed, 200);
  expect(onPaper).toHaveLength(pages.length);
  for (const drawn of onPaper) expect(Math.abs(measuredRulers(drawn).lying - 100)).toBeLessThanOrEqual(0.3);

  const list = page.waitForEvent('download');
  await page.getByRole('button', { name: 'as CSV' }).click();
  const csv = join(folder, 'list.csv');
  await (await list).saveAs(csv);
  const lines = readFileSync(csv, 'utf8').trim().split('\r\n');
  expect(lines).toHaveLength(37);
  expect(lines[0]).toMatch(/^roll,number,for,shape,length_mm/);
});

test('twenty cuttings come out alike, to the last digit, in Node and in Chromium', async ({ page }) => {
  const { build } = await import('vite');
  const made = await build({
    configFile: false,
    logLevel: 'error',
    root,
    resolve: { conditions: ['source'] },
    build: {
      write: false,
      minify: false,
      lib: { entry: join(root, 'core/src/testing/packingCases.ts'), formats: ['iife'], name: 'packing' },
    },
  });
  const [bundle] = made as { output: { code: string }[] }[];
  await page.goto('about:blank');
  await page.addScriptTag({ content: bundle?.output[0]?.code ?? '' });
  const inChromium = await page.evaluate(() =>
    (window as unknown as { packing: { packingAnswers: () => string[] } }).packing.packingAnswers(),
  );
  expect(inChromium).toHaveLength(20);
  expect(inChromium).toEqual(packingAnswers());
});
