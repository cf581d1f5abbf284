/**
 * The run at the bench: 5 000 events folded; an event from one screen to eight others; and the server killed while it writes, again
 * and again (`--kills N`, 20): no event it acknowledged may be lost.
 */
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildIfStale, root } from './project.mjs';

const { values } = parseArgs({ options: { kills: { type: 'string', default: '20' } } });
if (!buildIfStale({ web: false })) process.exit(1);
const require = createRequire(import.meta.url);
const { reduce } = require(join(root, 'core/dist/bench/reduce.js'));
const { planBake } = require(join(root, 'core/dist/plan/bake.js'));
const { plainKitchen, starterItem, starterMeal } = require(join(root, 'core/dist/plan/starters.js'));

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'] };
const items = ['potPies', 'dishPie', 'handPies'].map((kind, i) => starterItem(kind, 8, kitchen.cooks[i % 2]));
const meal = starterMeal('2036-12-12T18:30', 8, 'Supper');
const { steps, serveAt } = planBake({ meal, items, kitchen }).clock;
const plan = { steps, serveAt, kitchen, items: items.map(() => ({})) };
const key = (s) => `${s.itemIndex}/${s.id}`;
const p = (taken, share) => taken.sort((a, b) => a - b)[Math.min(taken.length - 1, Math.floor(taken.length * share))];
const row = (name, taken, aim) =>
  console.log(
    `${name.padEnd(36)}${p(taken, 0.5).toFixed(1).padStart(9)}${p(taken, 0.95).toFixed(1).padStart(9)}   ${aim}`,
  );
const event = (type, n, data) => ({
  id: randomUUID(),
  type,
  at: new Date(Date.UTC(2036, 11, 12, 8) + n * 1000).toISOString(),
  data,
  device: `screen${n % 3}`,
  sequence: n,
  lamport: n + 1,
});

console.log(`\n${'the run at the bench'.padEnd(36)}${'p50 ms'.padStart(9)}${'p95 ms'.padStart(9)}   aim`);
const kinds = ['begin', 'done', 'piece', 'cold', 'weighed', 'note', 'probe'];
const many = Array.from({ length: 5000 }, (_, i) =>
  event(kinds[i % 7], i, { step: key(steps[i % steps.length]), by: 1 }),
);
const folds = Array.from({ length: 30 }, () => {
  const from = performance.now();
  reduce(plan, 0, many);
  return performance.now() - from;
});
row('5 000 events folded', folds, '<= 50 ms p95');

/** A server of its own process on a data file; resolves with its address and how to end it. */
function started(dataFile) {
  const child = spawn(process.execPath, [join(root, 'server/dist/main.js'), '--port', '0', '--data', dataFile]);
  return new Promise((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (text) => {
      said += text;
      const url = /(http:\/\/\S+)/.exec(said)?.[1];
      if (url) resolve({ url, child });
    });
    child.on('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
}
const post = async (url, body) => {
  const answer = await fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  return { ok: answer.ok, body: await answer.json() };
};
const dataFile = join(mkdtempSync(join(tmpdir(), 'crustallum-run-')), 'run.sqlite');
let server = await started(dataFile);
const { id: bakeId } = (await post(`${server.url}/api/bakes`, { meal, items })).body;
const runId = randomUUID();
await post(`${server.url}/api/runs`, { id: runId, bakeId, startedAt: '2036-12-12T08:00:00.000Z', plan });

// eight screens follow; each says when it heard
const heard = new Map();
const gone = new globalThis.AbortController();
const listening = [];
await Promise.all(
  Array.from({ length: 8 }, async () => {
    const answer = await fetch(`${server.url}/api/runs/${runId}/stream`, { signal: gone.signal });
    const reader = answer.body.pipeThrough(new globalThis.TextDecoderStream()).getReader();
    const listen = async () => {
      for (let left = ''; ;) {
        const { value, done } = await reader.read().catch(() => ({ done: true }));
        if (done) return;
        left += value;
        for (const [, id] of left.matchAll(/"id":"([0-9a-f-]{36})"/g)) heard.get(id)?.();
        left = left.slice(left.lastIndexOf('\n\n') + 1);
      }
    };
    listening.push(listen());
  }),
);
const taken = [];
let n = 0;
for (; n < 200; n++) {
  const one = event('piece', n, { step: key(steps[n % steps.length]), by: 1 });
  let waiting = 8;
  const from = performance.now();
  const all = new Promise((resolve) => heard.set(one.id, () => --waiting || resolve()));
  await Promise.all([post(`${server.url}/api/runs/${runId}/events`, { events: [one] }), all]);
  taken.push(performance.now() - from);
  heard.delete(one.id);
}
row('an event to eight screens', taken, '<= 300 ms p95');
gone.abort();
await Promise.allSettled(listening);

const kills = Number(values.kills);
const acknowledged = new Set();
for (let k = 0; k < kills; k++) {
  const { url, child } = server;
  const writing = (async () => {
    for (;;) {
      const events = Array.from({ length: 5 }, () => event('note', n++, { words: 'written' }));
      const answer = await post(`${url}/api/runs/${runId}/events`, { events }).catch(() => null);
      if (!answer?.ok) return;
      for (const e of events) acknowledged.add(e.id);
    }
  })();
  await new Promise((resolve) => setTimeout(resolve, 40 + (k % 10) * 23));
  child.removeAllListeners('exit');
  child.kill('SIGKILL');
  await writing;
  server = await started(dataFile);
}
const kept = new Set((await (await fetch(`${server.url}/api/runs/${runId}/events`)).json()).events.map((e) => e.id));
const lost = [...acknowledged].filter((id) => !kept.has(id));
console.log(
  `${`killed ${kills} times while writing`.padEnd(36)}${String(acknowledged.size).padStart(9)} acknowledged, ${lost.length} lost`,
);
server.child.removeAllListeners('exit');
server.child.kill('SIGTERM');
process.exit(lost.length ? 1 : 0);
