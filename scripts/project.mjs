import { spawn, spawnSync } from 'node:child_process';
import { createInterface } from 'node:readline';
import { existsSync, readdirSync, statSync, utimesSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
const tool = (name) => join(root, 'node_modules', '.bin', process.platform === 'win32' ? `${name}.cmd` : name);

/** Runs a command in the project and returns its exit code; output goes to the terminal. */
export const run = (command, args, options = {}) =>
  spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options }).status ?? 1;
export const runTool = (name, args, options) => run(tool(name), args, options);
/** The same beside other work: its exit code when it has ended. */
export const runToolBeside = (name, args, { onLine, ...options } = {}) =>
  new Promise((resolve) => {
    const stdio = onLine ? ['inherit', 'inherit', 'pipe'] : 'inherit';
    const started = spawn(tool(name), args, { cwd: root, stdio, ...options });
    if (onLine)
      createInterface({ input: started.stderr }).on('line', (line) => {
        console.error(line);
        onLine(line);
      });
    started.on('error', () => resolve(1));
    started.on('exit', (code) => resolve(code ?? 1));
  });
export const startTool = (command, args, options = {}) =>
  spawn(command, args, { cwd: root, stdio: 'inherit', ...options });

function newest(path) {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((n) => !['node_modules', 'dist'].includes(n))
      .map((n) => newest(join(path, n))),
  );
}

/** Installs the packages when they are missing or older than the lock file. */
export function installIfMissing() {
  const stamp = join(root, 'node_modules', '.package-lock.json');
  if (existsSync(stamp) && existsSync(join(root, 'node_modules', 'better-sqlite3', 'build', 'Release'))) return true;
  console.log('Installing packages (a few minutes the first time) …');
  return run(npm, ['ci', '--no-fund', '--no-audit'], { shell: process.platform === 'win32' }) === 0;
}

const oldest = (files) => Math.min(...files.map((f) => (existsSync(f) ? statSync(f).mtimeMs : 0)));

/** Builds what is stale: core and server by the compiler, the web by its bundler. */
export function buildIfStale({ web = true } = {}) {
  const at = (...parts) => join(root, ...parts);
  const sources = Math.max(newest(at('core', 'src')), newest(at('server', 'src')), newest(at('tsconfig.base.json')));
  if (oldest([at('core', 'dist', 'index.js'), at('server', 'dist', 'main.js')]) < sources) {
    console.log('Building core and server …');
    if (runTool('tsc', ['-b']) !== 0) return false;
    touchBuilt([at('core', 'dist', 'index.js'), at('server', 'dist', 'main.js')]);
  }
  const webSources = Math.max(
    newest(at('web', 'src')),
    newest(at('web', 'index.html')),
    newest(at('web', 'vite.config.ts')),
    newest(at('core', 'src')),
  );
  if (web && oldest([at('web', 'dist', 'index.html')]) < webSources) {
    console.log('Building the web …');
    if (runTool('vite', ['build', 'web', '--logLevel', 'warn']) !== 0) return false;
  }
  return true;
}

/** The compiler leaves unchanged outputs alone; mark them as up to date. */
function touchBuilt(files) {
  const now = new Date();
  for (const file of files) if (existsSync(file)) utimesSync(file, now, now);
}
