import { accessible, benchAt, expect, goOn, test } from '../household';

const pasted = `Fish pie for the quay. Feeds a crowd.
1 lb flour, 9 oz butter,
a tablespoon of salt, cold water.
2 lb smoked haddock, poached in a pint of milk, 3 leeks.
Bake at 180 °F until golden, about 40 minutes.`;

test('from paste to dough: a written recipe is read, put right, and becomes a bake with its ratios', async ({
  page,
  empty,
}) => {
  await page.goto(empty.url);
  await page.getByRole('link', { name: 'From a written recipe' }).click();
  await page.getByRole('textbox', { name: 'The recipe’s words' }).fill(pasted);
  await accessible(page);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('button', { name: /Plain flour\s*454 g/ })).toBeVisible();
  await expect(
    page.getByRole('group', { name: '180 °F is 82 °C' }).getByRole('button', { name: '180 °C', exact: true }),
  ).toHaveAttribute('aria-pressed', 'true');
  // what is read anew moves nothing away under the finger
  const taking = page.getByRole('button', { name: 'Take it to the brief' });
  const before = await taking.boundingBox();
  await page
    .getByRole('group', { name: /^Salt/ })
    .getByRole('button', { name: /^6\.8 g/ })
    .click();
  await expect(page.getByText(/helpings, shortcrust: .* of dough/)).toBeVisible();
  expect(await taking.boundingBox()).toEqual(before);
  await accessible(page);
  await taking.click();
  await expect(page).toHaveURL(/brief$/);
  await page.getByRole('link', { name: 'Dough' }).click();
  await page.getByRole('radio', { name: 'ratios' }).click();
  await expect(page.getByRole('textbox', { name: 'Fat to flour' })).toHaveValue('56');
  await expect(page.getByRole('textbox', { name: 'Salt to flour' })).toHaveValue('1.5');
  await expect(page.getByRole('img', { name: /^True ratios: fat 46/ })).toBeVisible();
  await accessible(page);
});

test(
  'an egg that does not divide: the dough follows whole eggs, one account for dough, glue and wash',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'dough'));
    await page.getByRole('radio', { name: 'bowl' }).click();
    await page.getByRole('textbox', { name: 'Put in something else' }).fill('eg');
    await page.getByRole('button', { name: 'Egg', exact: true }).click();
    await expect(page.getByText(/is not a whole number of eggs/)).toBeVisible();
    await expect(page.getByText(/for dough, .* for glue, .* for wash/)).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: /^1 whole: all the dough ×/ }).click();
    await expect(page.getByText(/51 g egg for dough/)).toBeVisible();
    await expect(page.getByText(/is not a whole number of eggs/)).toHaveCount(0);
    await expect(page.getByText(/more than the pieces take/)).toBeVisible();
  },
);

test(
  'a fat for another: lard for butter weighs less, pours more, and works at its own degrees',
  { tag: '@wide' },
  async ({ page, supper }) => {
    await page.goto(await supper.station(1, 'dough'));
    await expect(page.getByText('works 8–17°')).toBeVisible();
    await page.getByRole('combobox', { name: 'Fat' }).click();
    await page.getByRole('option', { name: 'lard' }).click();
    await expect(page.getByRole('button', { name: /^Fat to flour: 45 %/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Water to flour: 36/ })).toBeVisible();
    await expect(page.getByText('works 8–17°')).toHaveCount(0);
    await page.getByRole('radio', { name: 'beside' }).click();
    await expect(page.getByRole('table')).toContainText('lard');
    await accessible(page);
  },
);

test(
  'weighed at the bench: too much flour goes in, the rest follows, the larder goes down and the log has it',
  { tag: '@wide' },
  async ({ page, supper }) => {
    const flourInLarder = async () => {
      const things = (await (await fetch(`${supper.url}/api/larder`)).json()) as {
        ingredient: string;
        grams: number;
      }[];
      return things.find((t) => t.ingredient === 'strongFlour')?.grams ?? 0;
    };
    const before = await flourInLarder();
    await page.goto(`${supper.url}/bench`);
    await page.getByRole('button', { name: 'Begin now' }).click();
    await benchAt(page, 'Weigh for Lantern pies');
    await expect(page.getByText('Plain flour, 1 of 4')).toBeVisible();
    for (let i = 0; i < 5; i++) await page.getByRole('button', { name: '+100' }).click();
    await expect(page.getByText(/^\d+ g over/)).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: /^Make it all ×/ }).click();
    await expect(page.getByText(/Butter, 2 of 4/)).toBeVisible();
    for (const name of ['Butter', 'Fine salt', 'Water']) {
      await page.getByRole('button', { name: 'to it' }).click();
      await page.getByRole('button', { name: `${name} is in` }).click();
    }
    await expect(page.getByText('all is weighed')).toBeVisible();
    await page.reload();
    await expect(page.getByText('all is weighed')).toBeVisible();
    await page.getByRole('button', { name: 'Weighed, next' }).click();
    // what the scale read when it was pressed: it may still have been settling
    await expect.poll(async () => Math.round(before - (await flourInLarder()))).toBe(500);
    // others work in between
    await benchAt(page, /^(Mix|Rub in)/);
    await page.getByRole('button', { name: 'A spoon more' }).click();
    await page.getByRole('radio', { name: /holds when pressed/ }).click();
    await accessible(page);
    const done = page.getByRole('button', { name: 'To the log' });
    for (let i = 0; i < 80 && !(await done.isVisible()); i++) {
      await goOn(page, 'hand');
    }
    await done.click();
    await expect(page.getByText('As weighed')).toBeVisible();
    await expect(page.getByText(/it held at \d+ % of the liquid/)).toBeVisible();
  },
);
