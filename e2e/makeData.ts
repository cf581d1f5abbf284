import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..');

/** Makes the data files of the journeys once: the demo's, with everything in it, and an empty one. */
export default function makeData(): void {
  const folder = mkdtempSync(join(tmpdir(), 'crustallum-e2e-data-'));
  const make = (name: string, household: string[]) => {
    const file = join(folder, name);
    execFileSync(process.execPath, [join(root, 'server/dist/main.js'), '--data', file, '--make', ...household]);
    return file;
  };
  process.env['CRUSTALLUM_DEMO_FILE'] = make('demo.sqlite', ['--household', join(root, 'demo/lanternSupper.mjs')]);
  process.env['CRUSTALLUM_EMPTY_FILE'] = make('empty.sqlite', []);
}
