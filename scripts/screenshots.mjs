/** One current picture of each main view, from the demo data, at 1280x800 in day light: docs/screenshots. */
import { join } from 'node:path';
import { openDemo } from './demo-browser.mjs';
import { createRequire } from 'node:module';
import { root } from './project.mjs';

const { formItem } = createRequire(import.meta.url)('../core/dist/plan/forms.js');

const { url, browser, station, close } = await openDemo();
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
  locale: 'en-GB',
});
await context.addInitScript(() => localStorage.setItem('crustallum.light', 'day'));
await context.clock.install({ time: new Date('2026-12-12T09:12:00') });
const page = await context.newPage();
const views = [
  ['today', `${url}/`],
  ['start', `${url}/new`],
  ['days', `${url}/days`],
  ['brief', station(0, 'brief')],
  ['dough', station(0, 'dough')],
  ['folds', station(0, 'folds')],
  ['filling', station(1, 'filling')],
  ['cut', station(0, 'cut')],
  ['seal', station(0, 'seal')],
  ['oven', station(1, 'oven')],
  ['clock', station(0, 'clock')],
  ['larder', `${url}/larder`],
  ['log', `${url}/log`],
];
const shoot = (name) => page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
const settle = async (ms) => {
  for (let t = 0; t < ms; t += 100) {
    await context.clock.runFor(100);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
};
// some edges are settled, so that the rim shows its crimp
for (const name of ['brief', 'dough', 'folds']) {
  await page.goto(station(0, name));
  await settle(2000);
  await page.getByRole('button', { name: /^Settle the/ }).click();
  await settle(900);
}
for (const [name, path] of views) {
  await page.goto(path);
  await settle(3000);
  if (name === 'filling') {
    await page.getByRole('radio', { name: 'pot', exact: true }).click();
    await settle(600);
  }
  if (name === 'clock') await page.getByText('end stop: no play').waitFor();
  await shoot(name);
}
await page.goto(station(0, 'folds'));
await settle(2500);
await page.getByRole('radio', { name: 'what if' }).click();
const dot = page.getByRole('button', { name: /^Dot it in: in a kitchen/ });
for (let n = 0; n < 200 && !(await dot.count()); n++) {
  await context.clock.runFor(20);
  await new Promise((resolve) => setTimeout(resolve, 60));
}
await dot.click();
await page.getByRole('button', { name: 'Raise The Cold Line' }).click();
await settle(800);
await shoot('cold-line-raised');
const put = (path, body) =>
  fetch(`${url}/api/${path}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
const [{ id: bakeId }] = await (await fetch(`${url}/api/bakes`)).json();
const itemsNow = async () => (await (await fetch(`${url}/api/bakes/${bakeId}`)).json()).items;
/** Heats of the pies, by their place in the day, in °C; gives those they had. */
const heatsOf = async (heats) => {
  const items = await itemsNow();
  for (const [index, setC] of heats.entries()) {
    const { id, version, settled, undone, document } = items[index];
    await put(`items/${id}`, { version, settled, undone, document: { ...document, oven: { ...document.oven, setC } } });
  }
  return items.slice(0, heats.length).map((i) => i.document.oven.setC);
};
/** Shelves of the oven; gives those it had. */
const shelvesOf = async (ovenShelves) => {
  const { version, document } = await (await fetch(`${url}/api/kitchen`)).json();
  await put('kitchen', { version, document: { ...document, ovenShelves } });
  return document.ovenShelves;
};
const before = await heatsOf([225, 160]);
await page.goto(station(0, 'clock'));
for (let n = 0; n < 100 && !(await page.getByText('where it clashes').count()); n++) await settle(100);
await settle(600);
await shoot('clock-conflict');
await heatsOf(before);
/** The table; gives when it was. */
const tableOf = async (serveAt) => {
  const { version, meal } = await (await fetch(`${url}/api/bakes/${bakeId}`)).json();
  await put(`bakes/${bakeId}`, { version, meal: { ...meal, serveAt } });
  return meal.serveAt;
};
// a day later two pies more, all at one heat on a shelf more; put back when the picture is there
const more = [
  ['rolls', 36, 'Tobiah', 'Rolls'],
  ['potPies', 6, 'Ines', 'Pot pies'],
].map(([form, count, cook, title]) => ({ ...formItem(form, count, cook), title }));
for (const document of more)
  await fetch(`${url}/api/bakes/${bakeId}/items`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ document }),
  });
const heats = await heatsOf([190, 190, 190, 190, 190]);
const shelves = await shelvesOf(3);
const table = await tableOf('2026-12-13T18:30');
await page.goto(station(0, 'clock'));
for (const word of ['All 5 meet at the table', 'end stop: no play'])
  for (let n = 0; n < 200 && !(await page.getByText(word).count()); n++) await settle(100);
await settle(2000);
await shoot('clock-five');
for (const { id } of (await itemsNow()).slice(-more.length))
  await fetch(`${url}/api/items/${id}`, { method: 'DELETE' });
await heatsOf(heats.slice(0, -more.length));
await shelvesOf(shelves);
await tableOf(table);
await page.goto(`${url}/recipe`);
await settle(1500);
await page.getByRole('button', { name: /old fish pie/ }).click();
await settle(1500);
await page.getByRole('button', { name: 'Read it' }).click();
await settle(2500);
await shoot('recipe');
await page.goto(`${url}/bench`);
await settle(2000);
await page.getByRole('radio', { name: 'Ines', exact: true }).click();
await page.getByRole('button', { name: 'Begin now' }).click();
await settle(600);
const call = page.getByRole('heading', { level: 1 });
for (let n = 0; n < 60 && !(await call.innerText()).startsWith('Turns'); n++) {
  await page.keyboard.press('Space');
  await settle(300);
}
await settle(400);
await context.clock.fastForward(6 * 60_000);
await settle(1500);
await shoot('bench');
await page.goto(`${url}/bench`);
await settle(1500);
await page.setViewportSize({ width: 390, height: 844 });
await settle(400);
await shoot('phone-bench');
await close();
console.log(`${views.length + 6} pictures in docs/screenshots`);
