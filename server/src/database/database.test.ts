import type { MealInput } from '@crustallum/core/contracts/meal';
import { starterItem } from '@crustallum/core/plan/starters';
import Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DataSource } from 'typeorm';
import { newDataFile, TestServer } from '../testing/server';
import { backUp, backupFolder, backups } from './copy';
import { entities } from './database.module';
import { checkDataFile, CorruptDataFile } from './file';
import { FirstTables1764000000000 } from './migrations/1764000000000-firstTables';
import { migrations } from './migrations/index';

describe('the data file', () => {
  const open = (database: string, list: typeof migrations) =>
    new DataSource({
      type: 'better-sqlite3',
      database,
      entities,
      migrations: list,
      migrationsRun: true,
      synchronize: false,
    });

  it('is made from nothing by the migrations, in the shape the entities have', async () => {
    const source = await open(newDataFile(), migrations).initialize();
    const pending = await source.driver.createSchemaBuilder().log();
    expect(pending.upQueries.map((q) => q.query)).toEqual([]);
    await source.destroy();
  });
  it('of an older version is carried on with all that is in it', async () => {
    const file = newDataFile();
    const old = await open(file, [FirstTables1764000000000]).initialize();
    await old.query(
      `INSERT INTO larder (id, version, name, grams, shelf, note) VALUES ('${randomUUID()}', 1, 'Old flour', 900, 'H', '')`,
    );
    await old.destroy();
    const later = await new TestServer(file).start();
    // and there is a copy of it as it was
    const [copy] = backups(file);
    const before = new Database(copy, { readonly: true });
    expect(before.prepare('SELECT * FROM larder').get()).not.toHaveProperty('removedAt');
    before.close();
    expect((await later.ask.get('/api/larder')).body).toMatchObject([
      { name: 'Old flour', grams: 900, removedAt: null },
    ]);
    await later.stop();
  });
  it('of an older version keeps its runs and their events, in the order they happened', async () => {
    const file = newDataFile();
    const old = await open(file, migrations.slice(0, 3)).initialize();
    const [bake, run, event] = [randomUUID(), randomUUID(), randomUUID()];
    await old.query(
      `INSERT INTO bakes (id, version, title, serveAt, meal, createdAt) VALUES ('${bake}', 1, 'Supper', '2026-12-12T18:30', '{}', '')`,
    );
    await old.query(
      `INSERT INTO runs (id, bakeId, startedAt, plan) VALUES ('${run}', '${bake}', '2026-12-12T09:00:00Z', '{}')`,
    );
    await old.query(
      `INSERT INTO run_events (id, runId, type, at, data) VALUES ('${event}', '${run}', 'next', '2026-12-12T09:01:00Z', '{}')`,
    );
    await old.destroy();
    const later = await new TestServer(file).start();
    expect((await later.ask.get(`/api/runs/${run}`)).body).toMatchObject({
      bakeId: bake,
      events: [{ id: event, sequence: 0 }],
    });
    await expect(later.app.get(DataSource).query(`DELETE FROM runs`)).rejects.toThrow('FOREIGN KEY');
    await later.stop();
  });
  it('of an older version keeps the steps made longer, under their own names', async () => {
    const file = newDataFile();
    const old = await open(file, migrations.slice(0, 4)).initialize();
    const [bake, id] = [randomUUID(), randomUUID()];
    const item = starterItem('handPies', 6, 'You', 'roughPuff');
    const longer = [
      { stepId: 'rest3', minutes: 12 },
      { stepId: 'turns4', minutes: 5 },
      { stepId: 'dance9', minutes: 5 },
    ];
    const document = JSON.stringify({ ...item, clock: { ...item.clock, longer } });
    await old.query(
      `INSERT INTO bakes (id, version, title, serveAt, meal, createdAt) VALUES (?, 1, 'Supper', '2026-12-12T18:30', '{}', '')`,
      [bake],
    );
    await old.query(
      `INSERT INTO items (id, version, bakeId, position, title, document, settled, undone) VALUES (?, 1, ?, 0, 'Pies', ?, '[]', '[]')`,
      [id, bake, document],
    );
    await old.destroy();
    const later = await new TestServer(file).start();
    const { body } = await later.ask.get(`/api/bakes/${bake}`);
    expect((body as { items: { document: typeof item }[] }).items[0]?.document.clock.longer).toEqual([
      { stepId: 'rest:first', minutes: 12 },
      { stepId: 'turns:1', minutes: 5 },
    ]);
    await later.stop();
  });
  it('of an older version keeps what everybody must not meet, in the words of now', async () => {
    const file = newDataFile();
    const old = await open(file, migrations.slice(0, 5)).initialize();
    const bake = randomUUID();
    const mouths = [
      { name: 'Noor', needs: ['noChestnut', 'noNuts', 'mild'] },
      { name: 'Yara', needs: ['vegetarian', 'noGluten'] },
      { name: 'Sanne', needs: [] },
    ];
    const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 3, mouths };
    await old.query(
      `INSERT INTO bakes (id, version, title, serveAt, meal, createdAt) VALUES (?, 1, 'Supper', '2026-12-12T18:30', ?, '')`,
      [bake, JSON.stringify(meal)],
    );
    await old.destroy();
    const later = await new TestServer(file).start();
    const { body } = await later.ask.get(`/api/bakes/${bake}`);
    const kept = (body as { meal: MealInput; version: number }).meal;
    expect(kept.eaters).toEqual([
      { name: 'Noor', avoids: ['nuts', 'peanut'], diets: [], words: ['chestnut'], mild: true },
      { name: 'Yara', avoids: ['gluten'], diets: ['vegetarian'], words: [], mild: false },
      { name: 'Sanne', avoids: [], diets: [], words: [], mild: false },
    ]);
    // and is a meal that may be written
    await later.ask.put(`/api/bakes/${bake}`).send({ version: 1, meal: kept }).expect(200);
    await later.stop();
  });
  it('can be taken back one migration after the other', async () => {
    const source = await open(newDataFile(), migrations).initialize();
    const columns = async () =>
      (await source.query<{ name: string }[]>('PRAGMA table_info(larder)')).map((c) => c.name);
    for (let i = 3; i < migrations.length; i++) await source.undoLastMigration();
    for (const added of ['ingredient', 'removedAt']) {
      expect(await columns()).toContain(added);
      await source.undoLastMigration();
      expect(await columns()).not.toContain(added);
    }
    await source.destroy();
  });
  it('holds what was written after a restart, in write-ahead mode', async () => {
    const first = await new TestServer().start();
    await first.ask.post('/api/larder').send({ name: 'Salt', grams: 700, shelf: 'H', note: '' });
    await first.stop();
    const again = await new TestServer(first.dataFile).start();
    expect((await again.ask.get('/api/larder')).body).toMatchObject([{ name: 'Salt' }]);
    const mode = await again.app.get(DataSource).query('PRAGMA journal_mode');
    expect(mode).toEqual([{ journal_mode: 'wal' }]);
    await again.stop();
  });
  it('that is broken is left as it is, and the newest copy is named', async () => {
    const file = newDataFile();
    const made = await new TestServer(file).start();
    await made.stop();
    const copy = await backUp(file, new Date('2026-12-01T08:00:00Z'));
    writeFileSync(file, 'this is not a data file at all, but words '.repeat(40));
    const before = readFileSync(file);
    expect(() => checkDataFile(file)).toThrow(CorruptDataFile);
    expect(() => checkDataFile(file)).toThrow(copy);
    await expect(new TestServer(file).start()).rejects.toThrow('cannot be read');
    expect(readFileSync(file)).toEqual(before);
  });
  it('is copied once a day, seven copies deep, and the copy can be opened', async () => {
    const file = newDataFile();
    const made = await new TestServer(file).start();
    await made.ask.post('/api/larder').send({ name: 'Sage', grams: 30, shelf: 'I', note: '' });
    for (let day = 1; day <= 10; day++) await backUp(file, new Date(Date.UTC(2026, 10, day)));
    await made.stop();
    const copies = readdirSync(backupFolder(file)).sort();
    expect(copies).toHaveLength(7);
    expect(copies[6]).toContain('2026-11-10');
    const db = new Database(join(backupFolder(file), copies[6] as string), { readonly: true });
    expect(db.prepare('SELECT name FROM larder').all()).toEqual([{ name: 'Sage' }]);
    db.close();
  });
});
