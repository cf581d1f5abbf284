import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, writeFileSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, freePort, test } from '../household';

const root = join(__dirname, '../..');
const script = join(root, 'scripts/start.mjs');
const newFile = () => join(mkdtempSync(join(tmpdir(), 'crustallum-start-')), 'kitchen.sqlite');

/** The start command as the cook gives it, with what it says. */
function start(...args: string[]): { child: ChildProcess; said: () => string; ended: Promise<number | null> } {
  const child = spawn(process.execPath, [script, ...args], { cwd: root });
  let text = '';
  child.stdout.on('data', (d) => (text += String(d)));
  child.stderr.on('data', (d) => (text += String(d)));
  return { child, said: () => text, ended: new Promise((resolve) => child.once('exit', (code) => resolve(code))) };
}

test('one command starts it with the demo, says where, and Ctrl-C stops it cleanly; the data stays', async () => {
  const port = await freePort();
  const data = newFile();
  for (const bakes of [1, 1]) {
    const run = start('--demo', '--port', String(port), '--data', data);
    await expect.poll(run.said, { timeout: 60_000 }).toContain(`http://127.0.0.1:${port}`);
    const list = (await (await fetch(`http://127.0.0.1:${port}/api/bakes`)).json()) as { title: string }[];
    expect(list.filter((b) => b.title === 'Lantern supper')).toHaveLength(bakes);
    const page = await (await fetch(`http://127.0.0.1:${port}/`)).text();
    expect(page).toContain('<title>Crustallum');
    run.child.kill('SIGINT');
    expect(await run.ended).toBe(0);
  }
});

test('the cook’s own start begins with nothing', async () => {
  const port = await freePort();
  const run = start('--port', String(port), '--data', newFile());
  await expect.poll(run.said, { timeout: 60_000 }).toContain(`http://127.0.0.1:${port}`);
  expect(await (await fetch(`http://127.0.0.1:${port}/api/bakes`)).json()).toEqual([]);
  run.child.kill('SIGTERM');
  expect(await run.ended).toBe(0);
});

test('it says how it is used, and what it cannot use', () => {
  const ask = (...args: string[]) => spawnSync(process.execPath, [script, ...args], { cwd: root, encoding: 'utf8' });
  expect(ask('--help')).toMatchObject({ status: 0, stdout: expect.stringContaining('--port') });
  const wrong = ask('--oven', 'hot');
  expect(wrong.status).toBe(2);
  expect(wrong.stderr).toContain('--oven');
});

test('a broken data file is left as it is, and said so', async () => {
  const data = newFile();
  writeFileSync(data, 'flour, butter, water '.repeat(400));
  const before = readFileSync(data);
  const run = start('--port', String(await freePort()), '--data', data);
  expect(await run.ended).not.toBe(0);
  expect(run.said()).toContain('cannot be read');
  expect(readFileSync(data).equals(before)).toBe(true);
});
