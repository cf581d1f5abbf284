import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { TestServer } from '../testing/server';
import { ImportService } from './import.service';

describe('the demo', () => {
  it('comes in through the import, valid to the last field, and only into an empty file', async () => {
    const household = join(dirname(require.resolve('../../package.json')), '..', 'demo', 'lanternSupper.mjs');
    expect(existsSync(household)).toBe(true);
    const { bake, kitchen, tools, larder, earlierEntries } = await loadDemo(household);
    const demo = await new TestServer().start();
    const importer = demo.app.get(ImportService, { strict: false });
    expect(await importer.isEmpty()).toBe(true);
    await importer.household({ bake, kitchen, tools, larder, earlierEntries } as never);
    expect(await importer.isEmpty()).toBe(false);
    const { body } = await demo.ask.get('/api/bakes');
    expect(body).toMatchObject([
      { title: 'Lantern supper', entries: 0 },
      ...earlierEntries.map(() => ({ entries: 1 })),
    ]);
    expect((await demo.ask.get('/api/larder')).body).toHaveLength(larder.length);
    await demo.stop();
  });
});

/** The demo is a module of the project's scripts; here its exports are read without a loader for it. */
async function loadDemo(
  file: string,
): Promise<Record<'bake' | 'kitchen' | 'tools', unknown> & { larder: unknown[]; earlierEntries: unknown[] }> {
  const source = readFileSync(file, 'utf8').replaceAll('export const', 'const');
  const body = `${source}\nreturn { bake, kitchen, tools, larder, earlierEntries };`;
  // oxlint-disable-next-line typescript/no-implied-eval, typescript/no-unsafe-call
  return Promise.resolve(new Function(body)() as never);
}
