import { accessible, benchAt, expect, test } from '../household';

const minutesInHand = /(\d+)\s*min in hand/;

test(
  'a laminate planned from the wanted sheet back: its dough, its block, every roll',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(0, 'folds'));
    await page.getByRole('combobox', { name: 'Fat comes in' }).click();
    await page.getByRole('option', { name: 'a block, in an envelope' }).click();
    await expect(page.getByRole('button', { name: /^Leaves of fat: 81/ })).toBeVisible();
    await page.getByRole('radio', { name: 'from sheet' }).click();
    await page.getByRole('textbox', { name: 'Wanted length' }).fill('60');
    await page.getByRole('textbox', { name: 'Wanted width' }).fill('40');
    await expect(
      page.getByRole('img', { name: /block of fat .* dough for it .* turn 4 .* the sheet 65.5 × 44/ }),
    ).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Make this sheet' }).click();
    await page.getByRole('radio', { name: 'rolls' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Turn 4from' })).toContainText(
      /in \d passes.*rest \d+ min/,
    );
    await expect(page.getByRole('listitem').filter({ hasText: 'Lock in, at the bench' })).toHaveCount(1);
    await page.getByRole('link', { name: 'Dough' }).click();
    await page.getByRole('radio', { name: 'bowl' }).click();
    await expect(page.getByRole('radio', { name: 'dough', exact: true })).toHaveAttribute('aria-checked', 'true');
  },
);

test('a hot kitchen: the step that fails is named, a way out is taken, and the line holds', async ({
  page,
  supper,
}) => {
  const kitchen = (await (await fetch(`${supper.url}/api/kitchen`)).json()) as { version: number; document: object };
  await fetch(`${supper.url}/api/kitchen`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version: kitchen.version, document: { ...kitchen.document, roomC: 25 } }),
  });
  await page.goto(await supper.station(0, 'folds'));
  await expect(page.getByText('min past the band').first()).toBeVisible();
  await page.getByRole('radio', { name: 'what if' }).click();
  const ways = page.getByRole('region', { name: 'Ways out' });
  await expect(ways.getByRole('listitem').first()).toContainText(/min in hand there/);
  const stone = ways.getByRole('button', { name: /^Do so: Work on a stone from the fridge/ });
  await expect(stone).toBeVisible();
  await accessible(page);
  await stone.click();
  await expect(ways).toHaveCount(0);
  await expect(page.getByRole('figure', { name: 'The Cold Line' })).toContainText(minutesInHand);
  const dot = page.getByRole('button', { name: 'Dot it in: in a kitchen of 32°' });
  await expect(dot).toBeVisible();
  await dot.click();
  await page.getByRole('button', { name: 'Raise The Cold Line' }).click();
  await expect(page.getByText('White dots: the same day in a kitchen of 32°')).toBeVisible();
  const knob = page.getByRole('button', { name: /^Move Roll/ });
  const before = await knob.getAttribute('aria-label');
  await knob.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(knob).not.toHaveAttribute('aria-label', before ?? '');
  await accessible(page);
  await page.getByRole('button', { name: 'As it was reckoned' }).click();
  await expect(knob).toHaveAttribute('aria-label', before ?? '');
});

test(
  'a probe at the bench: it is read, the forecast follows it, and the log keeps what it found',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.clock.install({ time: new Date('2026-12-12T11:36:00') });
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('button', { name: 'Begin now' }).click();
    await benchAt(page, /^Turns/);
    await page.getByRole('button', { name: 'Probe in' }).click();
    const panel = page.getByRole('region', { name: 'Minutes left before the fat is too soft' });
    const readings = async () => {
      const { run } = (await (await fetch(`${supper.url}/api/runs/current`)).json()) as {
        run: { events: { type: string; data: { valueC?: number } }[] } | null;
      };
      return run?.events.filter((e) => e.type === 'probe') ?? [];
    };
    for (let minute = 0; minute < 8; minute++) {
      // the minutes are the page's, the answer's time is the machine's: each is kept before the next is asked for
      const kept = (await readings()).length;
      await page.clock.fastForward(60_000);
      await expect.poll(async () => (await readings()).length).toBeGreaterThan(kept);
    }
    await expect(panel).toContainText('probe in the pastry');
    await expect(panel).toContainText(/warming 0\.\d+° a minute; heat comes \d\.\d times as fast as reckoned/);
    await accessible(page);
    expect((await readings()).every((r) => typeof r.data.valueC === 'number')).toBe(true);
    for (let minute = 0; minute < 50; minute++) {
      if ((await panel.innerText()).includes('past the band')) break;
      await page.clock.fastForward(2 * 60_000);
      await page.waitForTimeout(200);
    }
    await expect(panel).toContainText(/To the cold for \d+ min/);
    await expect(panel).toContainText(/It makes the table .* later|That cold is free/);
  },
);

test(
  'filo: how long a leaf bends under what, its order of laying, and drier air',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(2, 'folds'));
    const bare = page.getByRole('button', { name: /^A bare leaf bends for: / });
    const before = await bare.innerText();
    await page.getByRole('radio', { name: 'laying' }).click();
    await expect(page.getByRole('list', { name: 'Covers' })).toContainText(/bare.*min.*under a damp cloth.*two hours/s);
    await expect(page.getByRole('list', { name: 'Order of laying' })).toContainText('roll it up loosely');
    await accessible(page);
    const kitchen = (await (await fetch(`${supper.url}/api/kitchen`)).json()) as { version: number; document: object };
    await fetch(`${supper.url}/api/kitchen`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ version: kitchen.version, document: { ...kitchen.document, humidityPct: 20 } }),
    });
    await page.reload();
    await expect(bare).not.toHaveText(before);
    await expect(page.getByRole('figure', { name: 'The Damp Line' })).toContainText(/min (in hand|past the band)/);
  },
);
