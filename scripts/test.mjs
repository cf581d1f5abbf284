/**
 * `npm test`: install what is missing, then format, lint, types, unit tests, build, size and the short way of journeys; ends with the
 * count alone. `--whole` walks every journey, the wide ones (`@wide`) too; `--quick` is the inner loop.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createRequire } from 'node:module';
import { buildIfStale, installIfMissing, root, runTool, runToolBeside } from './project.mjs';

const { chromium, packages } = createRequire(import.meta.url)('./chromium.cjs');
const lintArgs = ['-c', 'oxlint.config.mjs'];
const results = mkdtempSync(join(tmpdir(), 'crustallum-test-'));
let passed = 0;
let failed = 0;

/** A whole-tree check counts as one. */
function check(name, ok) {
  console.log(`${ok ? 'ok  ' : 'FAIL'}  ${name}`);
  ok ? passed++ : failed++;
  return ok;
}
function end() {
  console.log(`${passed} passed, ${failed} failed`);
  process.exit(failed ? 1 : 0);
}
const json = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

/** A program of one of these Debian packages; the first that can be is installed when we may, else said exactly. */
function installed(there, names, what) {
  if (there()) return true;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log(`Installing ${names[0]} …`);
    const quiet = {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    };
    spawnSync('apt-get', ['update', '-qq'], quiet);
    for (const name of names) {
      spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], quiet);
      if (there()) return true;
    }
  }
  console.error(`${what} Install it (Debian: sudo apt-get install ${names.at(-1)}).`);
  return false;
}
const browserThere = () =>
  installed(
    () => existsSync(chromium() ?? ''),
    packages,
    'Chromium is needed for the journeys; CHROMIUM_PATH may name another.',
  );
const poppler = () =>
  installed(
    () => existsSync('/usr/bin/pdftoppm'),
    ['poppler-utils'],
    'Poppler is needed to measure the templates that are printed.',
  );

/** Unit tests; `lastOnes` is called once when no file is left that has not begun, so that what comes next need not wait. */
async function unitTests(args, lastOnes = () => {}) {
  const unitFile = join(results, 'unit.json');
  const tail = join(root, 'scripts', 'jest-tail.mjs');
  await runToolBeside(
    'jest',
    [
      '--config',
      'jest.whole.mjs',
      '--ci',
      '--silent',
      '--json',
      `--outputFile=${unitFile}`,
      '--reporters=default',
      `--reporters=${tail}`,
      ...args,
    ],
    {
      onLine: (line) => line.includes('last unit files') && lastOnes(),
      // the workers collect what is short-lived less often
      env: {
        ...process.env,
        NODE_OPTIONS: `${process.env['NODE_OPTIONS'] ?? ''} --max-semi-space-size=64`,
        DEBUG_PRINT_LIMIT: '0',
      },
    },
  );
  const unit = json(unitFile);
  passed += unit?.numPassedTests ?? 0;
  failed += unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1;
  return unit;
}

/** The journeys in Chromium, against what was built. */
async function journeys() {
  const e2eFile = join(results, 'e2e.json');
  const short = process.argv.includes('--whole') ? [] : ['--grep-invert', '@wide'];
  await runToolBeside('playwright', ['test', '-c', 'e2e/playwright.config.ts', ...short], {
    env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile },
  });
  const e2e = json(e2eFile);
  passed += (e2e?.stats.expected ?? 0) + (e2e?.stats.flaky ?? 0);
  failed += e2e ? e2e.stats.unexpected : 1;
}

if (!check('packages', installIfMissing())) end();
check('build of core and server', buildIfStale({ web: false }));

// the inner loop: no browser, no screens, none of the wide sweeps
if (process.argv.includes('--quick')) {
  process.env['UNIT_SKIP'] = '.test.tsx anyItem agreement bestKnown commands/golden keepItCold chain.test';
  const types = runToolBeside('oxlint', lintArgs);
  await unitTests([]);
  check('lint and types', (await types) === 0);
  end();
}

const ready = check('build of the web', buildIfStale());
if (ready) check('size of the first load', runTool('size-limit', []) === 0);
check('Poppler', poppler());
const browser = ready && check('Chromium', browserThere());
// beside the unit tests: the format, and lint and types in one pass over the whole tree, tests included
const formatted = runToolBeside('prettier', ['--check', '.', '--log-level', 'warn', '--experimental-cli']);
const linted = formatted.then(() => runToolBeside('oxlint', lintArgs));

let journeying = null;
const unit = await unitTests([], () => {
  if (browser) journeying ??= journeys();
});
if (browser) await (journeying ??= journeys());
check('format', (await formatted) === 0);
check('lint, types, import table and circles', (await linted) === 0);
console.log(`unit tests: ${unit?.numPassedTests ?? 0} passed of ${unit?.numTotalTests ?? 0}`);
end();
