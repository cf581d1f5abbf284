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
await app.close();
