/** A weight dragged for two seconds in Chromium: how long the tasks of the main thread are meanwhile, in processor time. */
import { chromiumPath, hasChromium, openDemo } from './demo-browser.mjs';

if (!hasChromium()) {
  console.log(`\nNo Chromium at ${chromiumPath}: the drag is not timed.`);
  process.exit(0);
}
const { browser, station, close } = await openDemo();

/** Processor ms of every task of the page's main thread while its first weight is dragged to and fro. */
async function drag(name) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(station(0, name));
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
for (const name of ['dough', 'seal', 'filling']) {
  const tasks = await drag(name);
  const at = (share) =>
    (tasks[Math.min(tasks.length - 1, Math.floor(tasks.length * share))] ?? 0).toFixed(2).padStart(8);
  console.log(
    `${`${name}, ${tasks.length} tasks of 0.5 ms or more`.padEnd(40)}${at(0.5)}${at(0.95)}${at(0.99)}   <= 16 ms`,
  );
}
await close();
