import { accessible, expect, test } from '../household';

test('a step drawn along the day is held there, the rest laid around it; let go it goes back', async ({
  page,
  supper,
}) => {
  await page.goto(await supper.station(0, 'clock'));
  const first = page.getByText(/^Start at /);
  const before = await first.innerText();
  const seal = page.getByRole('button', { name: /^Fill \+ seal, Lantern pies, 17:01/ });
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
