import { accessible, expect, test } from '../household';

test('a step drawn along the day is held there, the rest laid around it; let go it goes back', async ({
  page,
  supper,
}) => {
  await page.goto(await supper.station(0, 'clock'));
  const first = page.getByText(/^Start at /);
  const before = await first.innerText();
  const seal = page.getByRole('button', { name: /^Fill \+ seal, Lantern pies, / }).first();
  const at = await seal.boundingBox();
  if (!at) throw new Error('no strand');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  const hand = page.getByRole('region', { name: 'The step in hand' });
  await expect(hand.getByText(/sooner, then/)).toBeVisible();
  await page.mouse.move(at.x - 70, at.y + at.height / 2, { steps: 5 });
  await expect(hand.getByText(/steps come along/)).toBeVisible();
  const to = (await hand.getByRole('button', { name: /^Hold it at/ }).innerText()).replace('Hold it at ', '');
  await page.mouse.up();
  await expect(
    page.getByRole('button', { name: new RegExp(`^Fill \\+ seal, Lantern pies, ${to}, held`) }),
  ).toBeVisible();
  await accessible(page);

  // it is kept: opened again it is there
  await page.reload();
  const held = page.getByRole('list', { name: 'Held by you' });
  await expect(held).toContainText(`fill + seal of Lantern pies at ${to}`);
  await held.getByRole('button', { name: /^let fill \+ seal/ }).click();
  await expect(held).toBeHidden();
  await expect(first).toHaveText(before);
});

test(
  'away for an hour and a half: the day is laid around it, and nobody is asked for',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'clock'));
    const first = page.getByText(/^Start at /);
    const before = await first.innerText();
    await page.getByRole('button', { name: 'Somebody is away for a while' }).click();
    const away = page.getByRole('region', { name: 'What is otherwise on this day' });
    const from = away.getByRole('textbox', { name: 'away from' });
    await from.fill('15:00');
    await from.press('Enter');
    const back = away.getByRole('textbox', { name: 'back at' });
    await back.fill('14:00');
    await back.press('Enter');
    await expect(away.getByText('Back before leaving')).toBeVisible();
    await back.fill('16:30');
    await back.press('Enter');
    await away.getByRole('button', { name: 'Away then' }).click();
    await expect(away).toContainText('Ines is away 15:00 to 16:30');
    await expect(first).not.toHaveText(before);
    await accessible(page);
    const hers = page.getByRole('list').getByRole('listitem').filter({ hasText: ', Ines' });
    const minutes = (await hers.allInnerTexts()).map((row) => {
      const found = /(\d\d):(\d\d)/.exec(row);
      return found ? Number(found[1]) * 60 + Number(found[2]) : NaN;
    });
    expect(minutes.length).toBeGreaterThan(5);
    expect(minutes.filter((m) => m >= 15 * 60 && m < 16 * 60 + 30)).toEqual([]);
    await away.getByRole('button', { name: /no longer$/ }).click();
    await expect(first).toHaveText(before);
  },
);

test(
  'heats that clash are looked at closer, and one heat for both is taken with a press',
  { tag: '@wide' },
  async ({ page, supper }) => {
    const bakes = (await (await fetch(`${supper.url}/api/bakes`)).json()) as { id: string }[];
    const { items } = (await (await fetch(`${supper.url}/api/bakes/${bakes[0]?.id}`)).json()) as {
      items: { id: string; version: number; document: { oven: { setC: number } } }[];
    };
    for (const [index, setC] of [225, 160].entries()) {
      const { id, version, document } = items[index] as (typeof items)[number];
      const changed = { ...document, oven: { ...document.oven, setC } };
      const body = JSON.stringify({ version, settled: [], undone: [], document: changed });
      const headers = { 'content-type': 'application/json' };
      expect((await fetch(`${supper.url}/api/items/${id}`, { method: 'PUT', headers, body })).status).toBe(200);
    }
    await page.goto(await supper.station(0, 'clock'));
    await expect(page.getByText(/not all come fresh|does not go/)).toBeVisible();
    await expect(page.getByText('where it clashes')).toBeVisible();
    await page.getByRole('button', { name: 'Look half an hour sooner' }).click();
    await page.getByRole('button', { name: 'The whole day at one scale' }).click();
    await expect(page.getByText('where it clashes')).toBeHidden();
    const ways = page.getByRole('region', { name: 'What stands in the way' });
    await expect(ways).toContainText('Their heats do not go together in one oven');
    await accessible(page);
    await ways.getByRole('button', { name: /^One heat, .*: take this$/ }).click();
    await expect(page.getByText('All 3 meet at the table.')).toBeVisible();
    await expect(ways).toBeHidden();
  },
);
