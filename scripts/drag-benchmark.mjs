/** A weight dragged for two seconds in Chromium: how long the tasks of the main thread are meanwhile, in processor time. */
import { hasChromium, openDemo } from './demo-browser.mjs';

if (!hasChromium()) {
  console.log(`\nNo Chromium (CHROMIUM_PATH may name one): the drag is not timed.`);
  process.exit(0);
}
const { browser, station, close } = await openDemo();

/** Processor ms of every task of a page's main thread while something goes on, those of half a millisecond or more. */
async function tasksOf(page, during) {
  const client = await page.context().newCDPSession(page);
  const events = [];
  client.on('Tracing.dataCollected', ({ value }) => events.push(...value));
  await client.send('Tracing.start', { traceConfig: { includedCategories: ['toplevel'] } });
  await during();
  const complete = new Promise((resolve) => client.once('Tracing.tracingComplete', resolve));
  await client.send('Tracing.end');
  await complete;
  const mains = new Set(
    events.filter((e) => e.name === 'thread_name' && e.args.name === 'CrRendererMain').map((e) => `${e.pid} ${e.tid}`),
  );
  return events
    .filter((e) => e.ph === 'X' && e.name.endsWith('RunTask') && mains.has(`${e.pid} ${e.tid}`))
    .map((e) => (e.tdur ?? e.dur) / 1000)
    .filter((ms) => ms >= 0.5)
    .sort((a, b) => a - b);
}

/** The first weight of a station dragged to and fro. */
async function drag(name) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(station(0, name));
  const thumb = page.getByRole('slider').first();
  await thumb.waitFor();
  await page.waitForTimeout(3000);
  const box = await thumb.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const tasks = await tasksOf(page, async () => {
    for (let i = 0; i < 120; i++) {
      await page.mouse.move(x + 30 * Math.sin(i / 8), y);
      await page.waitForTimeout(16);
    }
  });
  await page.mouse.up();
  await page.close();
  return tasks;
}

/** The raised Cold Line drawn anew at every frame, its line of 2,000 points. */
async function redraw() {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(station(0, 'folds'));
  await page.getByRole('button', { name: 'Raise The Cold Line' }).click();
  await page.waitForTimeout(2000);
  const tasks = await tasksOf(page, () =>
    page.evaluate(
      () =>
        new Promise((resolve) => {
          const path = globalThis.document.querySelector('.raised path.line');
          const shapes = Array.from({ length: 12 }, (_, n) => {
            const points = Array.from(
              { length: 2000 },
              (_, i) => `${(i * 0.55).toFixed(1)} ${(250 + 120 * Math.sin(i / 60 + n / 2)).toFixed(1)}`,
            );
            return `M${points.join('L')}`;
          });
          let frame = 0;
          const draw = () => {
            path.setAttribute('d', shapes[frame % shapes.length]);
            if (++frame < 120) globalThis.requestAnimationFrame(draw);
            else resolve();
          };
          globalThis.requestAnimationFrame(draw);
        }),
    ),
  );
  await page.close();
  return tasks;
}

console.log(
  `\n${'main thread while a weight is dragged'.padEnd(40)}${'p50 ms'.padStart(8)}${'p95 ms'.padStart(8)}${'p99 ms'.padStart(8)}   aim`,
);
const row = (words, tasks, aim) => {
  const at = (share) =>
    (tasks[Math.min(tasks.length - 1, Math.floor(tasks.length * share))] ?? 0).toFixed(2).padStart(8);
  console.log(`${`${words}, ${tasks.length} tasks`.padEnd(40)}${at(0.5)}${at(0.95)}${at(0.99)}   ${aim}`);
};
for (const name of ['dough', 'filling', 'cut']) row(name, await drag(name), '<= 16 ms');
row('Cold Line of 2,000 points', await redraw(), '<= 4 ms');
await close();
