/** The demo in a server of its own with a data file that is thrown away, and a Chromium to look at it: for pictures and timings. */
import { existsSync, mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfStale, root } from './project.mjs';

const { chromium: chromiumPath } = createRequire(import.meta.url)('./chromium.cjs');
export const hasChromium = () => existsSync(chromiumPath() ?? '');

/** Address, browser, addresses of stations by the item's place in the day, and how to end it all. */
export async function openDemo() {
  if (!buildIfStale()) process.exit(1);
  const require = createRequire(import.meta.url);
  const { chromium } = require('@playwright/test');
  const { createApp } = require(join(root, 'server/dist/app/createApp.js'));
  const { ImportService } = require(join(root, 'server/dist/exchange/import.service.js'));
  const app = await createApp({
    dataFile: join(mkdtempSync(join(tmpdir(), 'crustallum-look-')), 'demo.sqlite'),
    webFolder: join(root, 'web/dist'),
    quiet: true,
  });
  await app.get(ImportService, { strict: false }).household(await import(join(root, 'demo/lanternSupper.mjs')));
  await app.listen(0, '127.0.0.1');
  const url = (await app.getUrl()).replace('[::1]', '127.0.0.1');
  const [{ id }] = await (await fetch(`${url}/api/bakes`)).json();
  const { items } = await (await fetch(`${url}/api/bakes/${id}`)).json();
  const browser = await chromium.launch({
    executablePath: chromiumPath() ?? undefined,
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
  return {
    url,
    browser,
    station: (item, name) => `${url}/bakes/${id}/${items[item].id}/${name}`,
    async close() {
      await browser.close();
      await app.close();
    },
  };
}
