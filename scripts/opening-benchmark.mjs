/** Opening Today and a station again, as a cook does who was here before: ms from the address to the first drawing. */
import { hasChromium, openDemo } from './demo-browser.mjs';

if (!hasChromium()) {
  console.log(`\nNo Chromium (CHROMIUM_PATH may name one): the opening is not timed.`);
  process.exit(0);
}
const { browser, url, station, close } = await openDemo();
const opens = 12;

/** When the first drawing of a page that was there before stood, ms after it was asked for. */
async function openings(address, drawing) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addInitScript((selector) => {
    const look = () => {
      if (document.querySelector(selector)) globalThis.firstDrawing = performance.now();
      else requestAnimationFrame(look);
    };
    look();
  }, drawing);
  const page = await context.newPage();
  const first = async () => {
    await page.waitForFunction(() => globalThis.firstDrawing !== undefined);
    return page.evaluate(() => globalThis.firstDrawing);
  };
  await page.goto(address);
  const cold = await first();
  // the last plan is kept a moment after it was worked out
  await page.waitForTimeout(4000);
  const warm = [];
  for (let i = 0; i < opens; i++) {
    await page.goto('about:blank');
    await page.goto(address);
    warm.push(await first());
    await page.waitForTimeout(300);
  }
  await context.close();
  warm.sort((a, b) => a - b);
  return { cold, p50: warm[Math.floor(opens / 2)], p95: warm[opens - 1] };
}

console.log(
  `\n${'first drawing'.padEnd(36)}${'first ms'.padStart(9)}${'p50 ms'.padStart(9)}${'most ms'.padStart(9)}   aim`,
);
for (const [name, address, drawing] of [
  ['Today, opened again', url, 'main svg[role="img"]'],
  ['Dough, opened again', station(0, 'dough'), '.sheet .drawing svg'],
  ['Cut, opened again', station(0, 'cut'), '.sheet .drawing svg'],
  ['Clock, opened again', station(0, 'clock'), '.sheet svg text'],
]) {
  const { cold, p50, p95 } = await openings(address, drawing);
  console.log(
    `${name.padEnd(36)}${cold.toFixed(0).padStart(9)}${p50.toFixed(0).padStart(9)}${p95.toFixed(0).padStart(9)}   <= 400 ms warm`,
  );
}
await close();
