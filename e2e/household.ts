import { test as base, expect, type Browser, type BrowserContext, type Page } from '@playwright/test';
import AxeBuilder from '@axe-core/playwright';
import { copyFileSync, mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..');

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });

/** The built server's own way to be made; begun here, so that it is loaded once for all journeys of a worker. */
type CreateApp = (options: {
  dataFile: string;
  webFolder: string;
  quiet: boolean;
  wide?: boolean;
  atHome?: (request: { headers: { host?: string } }) => boolean;
}) => Promise<{
  listen(port: number, host: string): Promise<unknown>;
  getUrl(): Promise<string>;
  close(): Promise<void>;
}>;
const createApp = (): CreateApp =>
  (createRequire(__filename)(join(root, 'server/dist/app/createApp.js')) as { createApp: CreateApp }).createApp;

/** The built server on a port and data file of its own; it can be stopped and started again in a journey. */
export class Household {
  private app: Awaited<ReturnType<CreateApp>> | null = null;
  private readonly data = join(mkdtempSync(join(tmpdir(), 'crustallum-e2e-')), 'kitchen.sqlite');
  private port = 0;

  /** With `wide`, whoever asks under the name of localhost comes from another machine of the house. */
  constructor(
    demo: boolean,
    private readonly wide = false,
  ) {
    // the data file was made once for all journeys: each has a copy of its own
    const made = process.env[demo ? 'CRUSTALLUM_DEMO_FILE' : 'CRUSTALLUM_EMPTY_FILE'];
    if (made) copyFileSync(made, this.data);
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const atHome = ({ headers }: { headers: { host?: string } }) => !headers.host?.startsWith('localhost');
    const door = this.wide ? { wide: true, atHome } : {};
    this.app = await createApp()({ dataFile: this.data, webFolder: join(root, 'web/dist'), quiet: true, ...door });
    await this.app.listen(this.port, '127.0.0.1');
    this.port = Number(new URL(await this.app.getUrl()).port);
  }

  async stop(): Promise<void> {
    const { app } = this;
    this.app = null;
    await app?.close();
  }

  /** Lays the only bake pie by pie: what is walked then is an order that no search decides. */
  async pieByPie(): Promise<void> {
    const bakes = (await (await fetch(`${this.url}/api/bakes`)).json()) as { id: string }[];
    const at = `${this.url}/api/bakes/${bakes[0]?.id}`;
    const { version, meal } = (await (await fetch(at)).json()) as { version: number; meal: object };
    const body = JSON.stringify({ version, meal: { ...meal, laid: 'asLate' } });
    const { status } = await fetch(at, { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
    if (status !== 200) throw new Error(`the day is not laid pie by pie: ${status}`);
  }

  /** Address of a station of an item of the only bake. */
  async station(item: number, station: string): Promise<string> {
    const bakes = (await (await fetch(`${this.url}/api/bakes`)).json()) as { id: string }[];
    const bake = (await (await fetch(`${this.url}/api/bakes/${bakes[0]?.id}`)).json()) as {
      id: string;
      items: { id: string }[];
    };
    return `${this.url}/bakes/${bake.id}/${bake.items[item]?.id}/${station}`;
  }
}

/** A browser of a journey: what it sees after a reload is the page itself, and the clock it is given is the clock of the house. */
const asOfAJourney = (context: BrowserContext): Promise<unknown> =>
  context.addInitScript(() => {
    // never the picture of a page that stands there first
    const put = Storage.prototype.setItem.bind(localStorage);
    Storage.prototype.setItem = (key, value) => key.startsWith('crustallum.picture:') || put(key, value);
    // the clock of a journey is moved: the clock of the house does not put it right again
    const listen = Reflect.get(EventTarget.prototype, 'addEventListener') as (...how: unknown[]) => void;
    EventSource.prototype.addEventListener = function (this: EventSource, type: string, ...how: unknown[]) {
      if (type !== 'clock') listen.call(this, type, ...how);
    };
  });

/** One more screen of the household: a browser of its own, its clock at the same hour. */
export async function anotherScreen(browser: Browser, time: string, width = 1280, height = 800): Promise<Page> {
  const context = await browser.newContext({ viewport: { width, height }, locale: 'en-GB', serviceWorkers: 'block' });
  await asOfAJourney(context);
  const page = await context.newPage();
  await page.clock.install({ time: new Date(time) });
  return page;
}

export const test = base.extend<{ supper: Household; empty: Household }>({
  context: async ({ context }, use) => {
    await asOfAJourney(context);
    await use(context);
  },
  supper: async ({}, use) => {
    const household = new Household(true);
    await household.start();
    await use(household);
    await household.stop();
  },
  empty: async ({}, use) => {
    const household = new Household(false);
    await household.start();
    await use(household);
    await household.stop();
  },
});

/** No serious fault that axe can find on the page as it stands. */
export async function accessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(
    serious.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(', ')}`,
    ),
  ).toEqual([]);
}

/** What stands at the bench: the call, how it stands, the press and what is next. */
const parts = '.bench-now h1,.bench-running .bench-label,.bench-main,.bench-next';
const stands = (page: Page): Promise<string> =>
  page.evaluate(
    (all) =>
      all
        .split(',')
        .map((part) => document.querySelector(part)?.textContent ?? '')
        .join('|'),
    parts,
  );

/** Until something else stands there, and has come to rest: seen twice, a moment apart. */
const changed = (page: Page, before: string): Promise<unknown> =>
  page.waitForFunction(
    ([was, all]) => {
      const now = all
        .split(',')
        .map((part) => document.querySelector(part)?.textContent ?? '')
        .join('|');
      const seen = document.documentElement.dataset['stands'];
      document.documentElement.dataset['stands'] = now;
      return now !== was && now === seen;
    },
    [before, parts] as const,
    { polling: 60 },
  );

/** The next press at the bench, by hand or by the space bar; what is not ready is begun all the same. */
export async function goOn(page: Page, by: 'space' | 'hand' = 'space'): Promise<void> {
  const before = await stands(page);
  if (before.includes('To the log')) return;
  if (by === 'space') await page.keyboard.press('Space');
  else await page.locator('.bench-main').click();
  await changed(page, before);
  const asked = await stands(page);
  if (!asked.includes('Leave it in')) return;
  await page.getByRole('button', { name: 'Begin all the same' }).click();
  await changed(page, asked);
}

/** Goes on at the bench until it calls for this. */
export async function benchAt(page: Page, call: string | RegExp): Promise<void> {
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).not.toContainText('To the bench');
  for (let n = 0; n < 120; n++) {
    const now = await heading.innerText();
    if (typeof call === 'string' ? now === call : call.test(now)) {
      // offered, and not begun yet: ready or not
      if ((await page.locator('.bench-main').innerText()).startsWith('Begin')) await goOn(page);
      return;
    }
    await goOn(page);
  }
}

export { expect };
