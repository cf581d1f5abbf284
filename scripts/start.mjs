/** `npm start` and `npm run demo`: install what is missing, build what is stale, start the server. */
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildIfStale, installIfMissing, root, startTool } from './project.mjs';

const help = `Usage: npm start -- [options]        your own data
       npm run demo -- [options]     the lantern supper, in a data file of its own

  --port N       port on this machine (4173; the demo 4174)
  --lan          listen in the house too: a screen is let in by six digits (see Kitchen, Let a tablet in)
  --host NAME    address to listen on (127.0.0.1)
  --data FILE    data file (data/crustallum.sqlite; the demo data/demo.sqlite)
  --help         this text`;

let values;
try {
  ({ values } = parseArgs({
    options: {
      demo: { type: 'boolean', default: false },
      port: { type: 'string' },
      lan: { type: 'boolean', default: false },
      host: { type: 'string' },
      data: { type: 'string' },
      help: { type: 'boolean', default: false },
    },
  }));
} catch (error) {
  console.error(`${error.message}\n\n${help}`);
  process.exit(2);
}
if (values.help) {
  console.log(help);
  process.exit(0);
}
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Node 20.19 or newer is needed; this is ${process.versions.node}.`);
  process.exit(1);
}
if (!installIfMissing() || !buildIfStale()) process.exit(1);

const from = process.env.INIT_CWD ?? root;
const data = values.data
  ? resolve(from, values.data)
  : join(root, 'data', values.demo ? 'demo.sqlite' : 'crustallum.sqlite');
const args = [
  join(root, 'server', 'dist', 'main.js'),
  '--port',
  values.port ?? (values.demo ? '4174' : '4173'),
  '--host',
  values.host ?? (values.lan ? '0.0.0.0' : '127.0.0.1'),
  '--data',
  data,
  '--web',
  join(root, 'web', 'dist'),
];
if (values.demo) args.push('--household', join(root, 'demo', 'lanternSupper.mjs'));
const server = startTool(process.execPath, args);
let ending = false;
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    if (!ending) server.kill(signal);
    ending = true;
  });
}
server.on('exit', (code) => process.exit(ending ? 0 : (code ?? 1)));
