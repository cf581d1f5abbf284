import { Cook } from '../jobs/cook';
import { accessible, expect, goOn, test } from '../household';

test('a deep dish whose base is wet: the proposed programme is compared, taken, and dries it', async ({
  page,
  empty,
}) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay('A pie in a dish', 6);
  await cook.to('oven');
  await cook.show('programme');
  await cook.pick('Shelf', 'high');
  await cook.pick('Under it', 'wire');
  const proposal = page.getByRole('region', { name: 'The proposal' });
  await expect(proposal).toContainText('low shelf');
  await expect(proposal).toContainText(/the base dry at \d+ for \d+/);
  // the needle goes along both by keys, and says what is drawn
  const needle = page.getByRole('slider', { name: 'Minute that is drawn' });
  const before = await needle.getAttribute('aria-valuetext');
  await needle.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(needle).not.toHaveAttribute('aria-valuetext', before ?? '');
  await accessible(page);
  const dryAt = async () => Number(/dry\s+at\s+(\d+)/.exec(await page.locator('main').innerText())?.[1]);
  const wet = await dryAt();
  await proposal.getByRole('button', { name: 'Take the programme' }).click();
  await expect(proposal).toContainText('Yours is the best we find');
  await expect.poll(dryAt).toBeLessThan(wet - 4);
});

test(
  'three items in one oven, in two loads: shelves, company, the door and who may share',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'oven'));
    await page.getByRole('radio', { name: 'load', exact: true }).click();
    await expect(page.getByRole('img', { name: /^Load 1 at .*Quay pie.*Greenhouse coil/ })).toBeVisible();
    await expect(page.getByRole('img', { name: /^Load 2 at 205 °C.*Lantern pies/ })).toBeVisible();
    await expect(page.getByText(/Quay pie: .* in company, alone /)).toBeVisible();
    await expect(page.getByRole('img', { name: /^The oven’s air from/ })).toBeVisible();
    const suits = page.getByRole('region', { name: 'Which heats suit whom' });
    await expect(suits.getByRole('img', { name: /Lantern pies: \d+ °C to \d+ °C, set to 205 °C/ })).toBeVisible();
    await accessible(page);
  },
);

test(
  'how far the oven is off its dial is learnt from the stand-in thermometer, and the next plan moves',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Hand pies', 6);
    await cook.to('oven');
    const before = await cook.number('Bake at 200 °C');
    await cook.show('this oven');
    const thermometer = page.getByRole('region', { name: 'The thermometer in the oven' });
    for (let n = 1; n <= 6; n++) {
      await thermometer.getByRole('button', { name: 'Read the stand-in' }).click();
      await expect(
        thermometer.getByRole('img', { name: new RegExp(`^${n} reading|did not answer`) }).first(),
      ).toBeVisible();
    }
    await expect(thermometer).toContainText(/It is \d+° (hotter|cooler) than its dial/);
    await accessible(page);
    await thermometer.getByRole('button', { name: /^Count with / }).click();
    await expect.poll(async () => Math.abs((await cook.number('Bake at 200 °C')) - before)).toBeGreaterThan(1);
    // nine slices alike: nothing has to be turned round
    await page.getByRole('button', { name: 'I have toasted nine' }).click();
    await expect(page.getByText('Even: nothing has to be turned round.')).toBeVisible();
    await page.getByRole('button', { name: /^back left: gold/ }).click();
    await expect(page.getByText(/The back left is about \d+° hotter/)).toBeVisible();
  },
);

test(
  'a bake run at the bench: two looks move what is left of it, and are kept',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('A pie in a dish', 4);
    await page.locator('a[href="/bench"]').first().click();
    await page.getByRole('button', { name: 'Begin now' }).click();
    const heading = page.getByRole('heading', { level: 1 });
    for (let n = 0; n < 60; n++) {
      const head = (await heading.textContent()) ?? '';
      if (head.startsWith('Look now')) break;
      await goOn(page, 'hand');
      if (head.includes('into the oven')) await page.clock.fastForward(38 * 60_000);
    }
    await expect(heading).toContainText('Look now');
    const left = async () =>
      Number(
        /(\d+)\s*min/.exec((await page.locator('.bench-running .bench-far').innerText()).replace(/\s+/g, ' '))?.[1],
      );
    await expect(page.locator('.bench-running')).toContainText('out at');
    const reckoned = await left();
    await page
      .getByRole('group', { name: 'Under it' })
      .getByRole('button', { name: /^bends, damp/ })
      .click();
    await page
      .getByRole('group', { name: 'and it is' })
      .getByRole('button', { name: /^paler/ })
      .click();
    await expect.poll(left).toBeGreaterThan(reckoned + 3);
    // a vent, a knife and a knock tell too; what is heard gives way to what was seen under it
    await page.getByText('By vent, knife or tap').click();
    await expect(page.getByRole('group', { name: 'Tapped from below' })).toBeHidden();
    const before = await left();
    await page
      .getByRole('group', { name: 'At a vent' })
      .getByRole('button', { name: /^nothing moves/ })
      .click();
    await expect.poll(left).toBeGreaterThanOrEqual(before);
    await accessible(page);
    // a second look, with a probe: the middle is behind, and the answer moves once more
    await page
      .getByRole('group', { name: 'and it is' })
      .getByRole('button', { name: /^as drawn/ })
      .click();
    await page.getByRole('group', { name: 'Under it' }).getByRole('button', { name: /^firm/ }).click();
    await expect.poll(left).toBe(reckoned);
    for (let n = 0; n < 9; n++) await page.getByRole('button', { name: 'One degree less' }).click();
    await expect.poll(left).toBeGreaterThan(reckoned + 2);
    const more = await left();
    // the timer has followed, and stays so when the page is opened again
    await page.getByRole('button', { name: 'Door shut, next' }).click();
    await expect(heading).not.toContainText('Look now');
    await page.reload();
    const waits = page.getByRole('list', { name: 'What waits' });
    await expect(waits).toContainText(/\d+ min, bake/);
    const minutes = Number(/(\d+) min, bake/.exec((await waits.textContent()) ?? '')?.[1]);
    expect(Math.abs(minutes - more)).toBeLessThanOrEqual(2);
  },
);
