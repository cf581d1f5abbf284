import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { createApp } from './app/createApp';
import { namesOf } from './app/guards';
import { ImportService, type HouseholdFile } from './exchange/import.service';
import { backUp } from './database/copy';
import { CorruptDataFile } from './database/file';

/** Listening there it answers this machine only. */
const loopback = new Set(['127.0.0.1', '::1', 'localhost']);
const dayMs = 24 * 60 * 60 * 1000;

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      port: { type: 'string', default: '4173' },
      host: { type: 'string', default: '127.0.0.1' },
      data: { type: 'string', default: 'data/crustallum.sqlite' },
      web: { type: 'string' },
      household: { type: 'string' },
      // make the data file, and nothing else
      make: { type: 'boolean', default: false },
    },
  });
  const dataFile = resolve(values.data);
  const port = Number(values.port);
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`--port ${values.port}: a whole number from 0 to 65535 is needed`);
  const app = await createApp({
    dataFile,
    hosts: namesOf(values.host),
    webFolder: values.web ? resolve(values.web) : undefined,
    wide: !loopback.has(values.host),
  });
  const importer = app.get(ImportService, { strict: false });
  if (values.household && (await importer.isEmpty())) {
    const household: unknown = await import(resolve(values.household));
    await importer.household(household as HouseholdFile);
  }
  if (values.make) return app.close();
  await app.listen(port, values.host);
  const address = await app.getUrl();
  console.log(`Crustallum is at ${address.replace('[::1]', '127.0.0.1')}   (data: ${dataFile}; Ctrl-C ends it)`);
  const copy = () =>
    backUp(dataFile, new Date()).catch((error: unknown) =>
      console.error('The daily copy failed:', error instanceof Error ? error.message : error),
    );
  await copy();
  setInterval(() => void copy(), dayMs).unref();
}

main().catch((error: unknown) => {
  console.error(error instanceof CorruptDataFile ? error.message : error instanceof Error ? error.message : error);
  process.exitCode = 1;
  setTimeout(() => process.exit(1), 200).unref();
});
