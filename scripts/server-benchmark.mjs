/** Server reads with 2 000 bakes in the file: p50 and p95 of three routes, on a data file of its own. */
import { mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfStale, root } from './project.mjs';

if (!buildIfStale({ web: false })) process.exit(1);
const require = createRequire(import.meta.url);
const { createApp } = require(join(root, 'server/dist/app/createApp.js'));
const { BakesService } = require(join(root, 'server/dist/bakes/bakes.service.js'));
const { starterItem, starterMeal } = require(join(root, 'core/dist/plan/starters.js'));
const { heavyChill } = require(join(root, 'core/dist/testing/heavyChill.js'));

const app = await createApp({
  dataFile: join(mkdtempSync(join(tmpdir(), 'crustallum-bench-')), 'many.sqlite'),
  quiet: true,
});
await app.listen(0, '127.0.0.1');
const bakes = app.get(BakesService, { strict: false });
const item = starterItem('handPies', 6, 'You');
let id = '';
for (let i = 0; i < 2000; i++)
  ({ id } = await bakes.create(starterMeal(`2026-${String((i % 12) + 1).padStart(2, '0')}-12T18:30`, 6, `Day ${i}`), [
    item,
  ]));
const url = (await app.getUrl()).replace('[::1]', '127.0.0.1');
console.log(`\n${'server read, 2 000 bakes'.padEnd(36)}${'p50 ms'.padStart(9)}${'p95 ms'.padStart(9)}   aim`);
for (const path of ['/api/bakes', `/api/bakes/${id}`, '/api/kitchen']) {
  const taken = [];
  for (let i = 0; i < 220; i++) {
    const from = performance.now();
    await (await fetch(url + path)).text();
    if (i >= 20) taken.push(performance.now() - from);
  }
  taken.sort((a, b) => a - b);
  console.log(
    `${path.replace(id, ':id').padEnd(36)}${taken[100].toFixed(2).padStart(9)}${taken[190].toFixed(2).padStart(9)}   <= 10 ms p95`,
  );
}

// twenty heavy calls again and again: whether the server still answers at once
const heavy = JSON.stringify(heavyChill);
const ask = () =>
  fetch(`${url}/api/compute/cold.chill`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: heavy,
  }).then(async (answer) => (await answer.text(), answer.status));
let loaded = true;
const statuses = new Map();
const load = (async () => {
  while (loaded)
    for (const status of await Promise.all(Array.from({ length: 20 }, ask)))
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
})();
const taken = [];
for (let i = 0; i < 200; i++) {
  const from = performance.now();
  await (await fetch(`${url}/api/health`)).text();
  taken.push(performance.now() - from);
  await new Promise((done) => setTimeout(done, 20));
}
loaded = false;
await load;
taken.sort((a, b) => a - b);
console.log(
  `${'/api/health under 20 heavy calls'.padEnd(36)}${taken[100].toFixed(2).padStart(9)}${taken[190].toFixed(2).padStart(9)}   < 50 ms p95   (${[...statuses].map(([code, n]) => `${n} × ${code}`).join(', ')})`,
);
await app.close();
