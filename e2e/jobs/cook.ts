import { expect, type Page } from '@playwright/test';
import { goOn } from '../household';

type Station = 'brief' | 'dough' | 'folds' | 'filling' | 'cut' | 'seal' | 'oven' | 'clock';

/** A cook at the interface: what a whole job needs, each as it is done by hand. */
export class Cook {
  private clocked = false;

  constructor(
    readonly page: Page,
    readonly url: string,
  ) {}

  /** A new day of these pies for so many at 13:00 ; the page's own clock stands at five in the morning of that day. */
  async newDay(pies: string | string[], people: number, table = '2026-12-12T13:00'): Promise<void> {
    const { page } = this;
    if (!this.clocked) await page.clock.install({ time: new Date('2026-12-12T05:00:00') });
    this.clocked = true;
    await page.goto(`${this.url}/new`);
    for (let n = 4; n < people; n++) await page.getByRole('button', { name: 'one person more' }).click();
    for (let n = 4; n > people; n--) await page.getByRole('button', { name: 'one person less' }).click();
    await page.getByLabel('day and time at the table').fill(table);
    for (const pie of [pies].flat()) await page.getByRole('button', { name: pie, exact: true }).click();
    await page.getByRole('button', { name: /^Take / }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  }

  async to(station: Station): Promise<void> {
    const { page } = this;
    await page.locator(`nav a[href$="/${station}"]`).click();
    await expect(page).toHaveURL(new RegExp(`/${station}$`));
    await expect(page.locator('.because-word').first()).toBeVisible();
  }

  /** Another pie of the day. */
  async turnTo(title: string): Promise<void> {
    await this.page.getByRole('button', { name: /: choose another pie$/ }).click();
    await this.page.getByRole('menuitem', { name: new RegExp(title) }).click();
    await expect(this.page.getByRole('button', { name: `${title}: choose another pie` })).toBeVisible();
  }

  /** Who may eat what, from the brief. */
  async toEaters(): Promise<void> {
    await this.to('brief');
    await this.page.getByRole('link', { name: 'Who may eat what' }).click();
    await expect(this.page).toHaveURL(/eaters$/);
  }

  /** Another view of a station. */
  async show(view: string): Promise<void> {
    await this.page.getByRole('radio', { name: view, exact: true }).click();
  }

  /** A number typed into a rule, a field of that name, or the ring on the drawing that holds it. */
  async set(label: string, value: string): Promise<void> {
    const { page } = this;
    const field = page.getByRole('textbox', { name: label, exact: true });
    const ring = page.getByRole('button', { name: new RegExp(`^${label}: .* Change it\\.$`) });
    await expect(field.or(ring).first()).toBeVisible();
    const held = !(await field.isVisible());
    if (held) await ring.click();
    await field.fill(value);
    await field.press('Tab');
    if (held) await page.getByRole('button', { name: 'Let go' }).click();
  }

  /** A word chosen, whether its words stand on a line or behind it. */
  async pick(label: string, word: string): Promise<void> {
    const { page } = this;
    const behind = page.getByRole('combobox', { name: label, exact: true });
    const onLine = page.getByRole('radiogroup', { name: label, exact: true });
    await expect(behind.or(onLine)).toBeVisible();
    if (await behind.count()) {
      await behind.click();
      await page.getByRole('option', { name: word, exact: true }).click();
    } else await onLine.getByRole('radio', { name: word, exact: true }).click();
  }

  /** What the margin says of a number, with its reason. */
  async says(name: string): Promise<string> {
    const number = this.page.getByRole('button', { name: new RegExp(`^${name}: `) });
    await expect(number).toBeVisible();
    return number.innerText();
  }
  /** A number of the margin, alone. */
  async number(name: string): Promise<number> {
    return Number(
      /−?\d+(\.\d+)?/.exec((await this.says(name)).replace(name, '').replace(/\s/g, ' '))?.[0]?.replace('−', '-'),
    );
  }

  /** So many grams of a thing go into the filling, for all. */
  async goesIn(name: string, grams: number): Promise<void> {
    const { page } = this;
    await page.getByRole('textbox', { name: 'Something more goes in' }).fill(name);
    const found = page.getByRole('list', { name: 'Found in the table' }).getByRole('button');
    await found.first().click();
    await this.set(`${await this.lastListed()}, for all`, String(grams));
  }
  private async lastListed(): Promise<string> {
    const rows = this.page.getByRole('region', { name: 'What goes in' }).getByRole('rowheader');
    return rows.nth((await rows.count()) - 2).innerText();
  }

  /** What one person must not meet, said at the table of the brief. */
  async mustNotMeet(place: number, name: string, presses: string[]): Promise<void> {
    const { page } = this;
    await page.getByRole('button', { name: new RegExp(`^Guest ${place}(:|$)`) }).click();
    const slip = page.getByRole('dialog');
    for (const press of presses)
      await slip.getByRole('button', { name: new RegExp(`^\\S+ ${press}(, as a wish)?$`) }).click();
    await slip.getByRole('textbox', { name: 'Name' }).fill(name);
    await slip.getByRole('button', { name: 'It is said' }).click();
    await expect(slip).toHaveCount(0);
  }

  /** Every call of the bench, pressed through from the first to the last; each with its how. */
  async throughTheBench(): Promise<string[]> {
    const { page } = this;
    await page.locator('a[href="/bench"]').first().click();
    await page.getByRole('button', { name: 'Begin now' }).click();
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).not.toContainText('To the bench');
    const calls: string[] = [];
    let before = '';
    for (let n = 0; n < 180; n++) {
      const call = await page.locator('.bench-now').innerText();
      // offered and then in hand it is one call
      const told = `${await page.locator('.bench-now h1').innerText()} ${await page.locator('.bench-how').innerText()}`;
      if (told === before) calls.pop();
      before = told;
      calls.push(call);
      if (call.includes('All is done')) break;
      await page.clock.fastForward(5 * 60_000);
      await goOn(page, 'hand');
    }
    return calls;
  }

  /** Written down and kept, with how those who were named liked it. */
  async keepInLog(note: string, liked: Record<string, string> = {}): Promise<void> {
    const { page } = this;
    await page.getByRole('button', { name: 'To the log' }).click();
    for (const [name, how] of Object.entries(liked)) await this.pick(`${name} ate it`, how);
    await page.getByRole('textbox', { name: 'A note' }).fill(note);
    await page.getByRole('button', { name: 'Keep this entry' }).click();
    // an entry of one pie is opened where it is kept, that of several stays among them
    await expect(page.getByRole('button', { name: /^(Kept|Keep the change)$/ })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'A note' })).toHaveValue(note);
  }
}
