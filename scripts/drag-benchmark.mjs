/** A weight dragged for two seconds in Chromium: how long the tasks of the main thread are meanwhile, in processor time. */
import { existsSync, mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfStale, root } from './project.mjs';

const executablePath = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
if (!existsSync(executablePath)) {
  console.log(`\nNo Chromium at ${executablePath}: the drag is not timed.`);
  process.exit(0);
}
if (!buildIfStale()) process.exit(1);
const require = createRequire(import.meta.url);
const { chromium } = require('@playwright/test');
const { createApp } = require(join(root, 'server/dist/app/createApp.js'));
const { ImportService } = require(join(root, 'server/dist/exchange/exchange.module.js'));

const app = await createApp({
  dataFile: join(mkdtempSync(join(tmpdir(), 'crustallum-drag-')), 'demo.sqlite'),
  webFolder: join(root, 'web/dist'),
  quiet: true,
});
await app.get(ImportService, { strict: false }).household(await import(join(root, 'demo/lanternSupper.mjs')));
await app.listen(0, '127.0.0.1');
const url = (await app.getUrl()).replace('[::1]', '127.0.0.1');
const [{ id }] = await (await fetch(`${url}/api/bakes`)).json();
const { items } = await (await fetch(`${url}/api/bakes/${id}`)).json();
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});

/** Processor ms of every task of the page's main thread while its first weight is dragged to and fro. */
async function drag(station) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/bakes/${id}/${items[0].id}/${station}`);
  const thumb = page.getByRole('slider').first();
  await thumb.waitFor();
  await page.waitForTimeout(3000);
  const box = await thumb.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const client = await page.context().newCDPSession(page);
  const events = [];
  client.on('Tracing.dataCollected', ({ value }) => events.push(...value));
  await page.mouse.move(x, y);
  await page.mouse.down();
  await client.send('Tracing.start', { traceConfig: { includedCategories: ['toplevel'] } });
  for (let i = 0; i < 120; i++) {
    await page.mouse.move(x + 30 * Math.sin(i / 8), y);
    await page.waitForTimeout(16);
  }
  const complete = new Promise((resolve) => client.once('Tracing.tracingComplete', resolve));
  await client.send('Tracing.end');
  await complete;
  await page.mouse.up();
  await page.close();
  const mains = new Set(
    events.filter((e) => e.name === 'thread_name' && e.args.name === 'CrRendererMain').map((e) => `${e.pid} ${e.tid}`),
  );
  return events
    .filter((e) => e.ph === 'X' && e.name.endsWith('RunTask') && mains.has(`${e.pid} ${e.tid}`))
    .map((e) => (e.tdur ?? e.dur) / 1000)
    .filter((ms) => ms >= 0.5)
    .sort((a, b) => a - b);
}

console.log(
  `\n${'main thread while a weight is dragged'.padEnd(40)}${'p50 ms'.padStart(8)}${'p95 ms'.padStart(8)}${'p99 ms'.padStart(8)}   aim`,
);
for (const station of ['dough', 'seal', 'filling']) {
  const tasks = await drag(station);
  const at = (share) =>
    (tasks[Math.min(tasks.length - 1, Math.floor(tasks.length * share))] ?? 0).toFixed(2).padStart(8);
  console.log(
    `${`${station}, ${tasks.length} tasks of 0.5 ms or more`.padEnd(40)}${at(0.5)}${at(0.95)}${at(0.99)}   <= 16 ms`,
  );
}
await browser.close();
await app.close();
