import { expect, test } from '../household';
import { Cook } from './cook';

test(
  'Q: the day of three cooks, five pies and one oven; a table too near says the earliest that can be',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    // three cooks: one is out from half past nine to half past ten, one comes for the morning
    await page.goto(`${empty.url}/larder`);
    await page.getByRole('radio', { name: 'kitchen', exact: true }).click();
    for (const n of [2, 3]) {
      await page.getByRole('button', { name: 'One more cook' }).click();
      await expect(page.getByRole('textbox', { name: `Cook ${n}`, exact: true })).toBeVisible();
    }
    const hours = async (name: string, from: string, to: string) => {
      await page.getByRole('button', { name: `${name} comes and goes` }).click();
      for (const [side, at] of [
        ['from', from],
        ['to', to],
      ] as const) {
        const field = page.getByRole('textbox', { name: `${name} is there ${side}` });
        await field.fill(at);
        await field.press('Enter');
      }
    };
    await hours('Cook 2', '10:30', '9:30');
    await hours('Cook 3', '6:00', '12:30');
    await page.getByRole('button', { name: 'Keep the kitchen so' }).click();
    await expect(page.getByRole('button', { name: 'The kitchen is kept' })).toBeVisible();

    await cook.newDay(['Hand pies', 'A pie in a dish', 'Turnovers', 'Small pies in a tin', 'A filo tray'], 6);
    const bakes = (await (await fetch(`${empty.url}/api/bakes`)).json()) as { id: string }[];
    const bake = (await (await fetch(`${empty.url}/api/bakes/${bakes[0]?.id}`)).json()) as {
      items: { document: object }[];
      serveAt?: string;
      meal?: object;
    };
    expect(bake.items).toHaveLength(5);
    await cook.to('clock');
    // five pies in one oven of few shelves: what does not meet at the table is never said to
    await expect(page.getByText(/All 5 meet|not all come fresh|does not go|too late to start/).first()).toBeVisible();
    // everything that is done is on it: heating up, brushing, turning round, looking
    const day = (await page.locator('.visually-hidden ol').innerText()).split('\n').join(' ');
    for (const word of ['Heat up', 'Brush', 'Turn round', 'Look', 'Bake']) expect(day).toContain(word);
    // an hour nearer than it can be: the earliest is said, and taken with one press
    await page.clock.setFixedTime(new Date('2026-12-12T11:00:00'));
    await page.reload();
    const way = page.getByRole('region', { name: 'What stands in the way' });
    await expect(way).toContainText(/\d\d:\d\d at the table/);
    const serve = way.getByRole('button', { name: /^Serve at / });
    await expect(serve).toBeVisible();
    await serve.click();
    await expect(page.getByText(/Start .*at/).first()).toBeVisible();
  },
);
