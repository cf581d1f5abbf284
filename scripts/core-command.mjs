/** `npm run compute | golden | benchmark`: a command of the core, built first if its sources are newer. */
import { join } from 'node:path';
import { buildIfStale, installIfMissing, root, startTool } from './project.mjs';

const [name, ...args] = process.argv.slice(2);
if (!installIfMissing() || !buildIfStale({ web: false })) process.exit(1);
const child = startTool(process.execPath, [join(root, 'core', 'dist', 'commands', `${name}.js`), ...args]);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 1));
