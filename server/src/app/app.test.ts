import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { DataSource } from 'typeorm';
import { ImportService } from '../exchange/exchange.module';
import { entities } from '../database/database.module';
import { backUp, backupFolder, checkDataFile, CorruptDataFile } from '../database/file';
import { FirstTables1764000000000, migrations } from '../database/migrations';
import { newDataFile, TestServer } from '../testing/server';
import type { BakeInput } from '@crustallum/core/plan/inputs';

const meal = starterMeal('2026-12-12T18:30', 6, 'Supper');
const item = starterItem('handPies', 6, 'You');

let server: TestServer;
beforeAll(async () => (server = await new TestServer().start()));
afterAll(() => server.stop());

async function newBake() {
  const answer = await server.ask.post('/api/bakes').send({ meal, items: [item] });
  expect(answer.status).toBe(201);
  return answer.body as { id: string; version: number; items: { id: string; version: number }[] };
}

describe('bakes', () => {
  it('are stored whole and read back the same', async () => {
    const { id } = await newBake();
    const { body } = await server.ask.get(`/api/bakes/${id}`);
    expect(body).toMatchObject({
      title: 'Supper',
      serveAt: '2026-12-12T18:30',
      meal,
      items: [{ document: item, settled: [], undone: [] }],
    });
  });
  it('refuse a document with a number out of range, naming field, value and range', async () => {
    const wrong = { ...item, dough: { ...item.dough, fatToFlourPct: 900 } };
    const answer = await server.ask.post('/api/bakes').send({ meal, items: [wrong] });
    expect(answer.status).toBe(400);
    expect(answer.body).toEqual({
      ok: false,
      errors: [
        {
          field: 'items.0.dough.fatToFlourPct',
          code: 'out_of_range',
          value: 900,
          allowed: { min: 20, max: 110, unit: '%', integer: false },
        },
      ],
    });
  });
  it('refuse fields nobody knows', async () => {
    const answer = await server.ask.post('/api/bakes').send({ meal: { ...meal, colour: 'red' }, items: [item] });
    expect(answer.body).toMatchObject({ ok: false, errors: [{ field: 'meal.colour', code: 'unknown_field' }] });
  });
  it.each([
    ['no items', { meal, items: [] }],
    ['no meal', { items: [item] }],
    ['a date that is none', { meal: { ...meal, serveAt: 'tomorrow' }, items: [item] }],
    ['text for an item', { meal, items: ['pie'] }],
  ])('refuse %s', async (_what, body) => {
    const answer = await server.ask.post('/api/bakes').send(body);
    expect(answer.status).toBe(400);
    expect((answer.body as { errors: unknown[] }).errors.length).toBeGreaterThan(0);
  });
  it('answer an id they do not have with 404 and what would be one', async () => {
    const answer = await server.ask.get(`/api/bakes/${randomUUID()}`);
    expect(answer.status).toBe(404);
    expect(answer.body).toMatchObject({ ok: false, errors: [{ field: 'id', code: 'not_found' }] });
    expect((await server.ask.get('/api/bakes/not-an-id')).status).toBe(400);
  });
  it('can be taken away and put back', async () => {
    const { id } = await newBake();
    await server.ask.delete(`/api/bakes/${id}`).expect(200);
    await server.ask.get(`/api/bakes/${id}`).expect(404);
    await server.ask.post(`/api/bakes/${id}/restore`).expect(201);
    await server.ask.get(`/api/bakes/${id}`).expect(200);
  });
  it('take another dish, and let one go and come back in its place', async () => {
    const { id } = await newBake();
    const added = await server.ask.post(`/api/bakes/${id}/items`).send({ document: starterItem('filoCoil', 6, 'You') });
    const itemId = (added.body as { id: string }).id;
    await server.ask.delete(`/api/items/${itemId}`).expect(200);
    expect(((await server.ask.get(`/api/bakes/${id}`)).body as { items: unknown[] }).items).toHaveLength(1);
    await server.ask.post(`/api/items/${itemId}/restore`).expect(201);
    const { body } = await server.ask.get(`/api/bakes/${id}`);
    expect((body as { items: { title: string }[] }).items.map((i) => i.title)).toEqual(['Hand pies', 'A coil']);
  });
});

describe('versions', () => {
  it('let a write through that has seen the newest state, and raise it', async () => {
    const { items } = await newBake();
    const [stored] = items as [{ id: string; version: number }];
    const answer = await server.ask
      .put(`/api/items/${stored.id}`)
      .send({ version: stored.version, document: { ...item, title: 'Other' }, settled: ['dough'] });
    expect(answer.status).toBe(200);
    expect(answer.body).toMatchObject({ version: stored.version + 1, title: 'Other', settled: ['dough'] });
  });
  it('stop a stale write with 409 and the current state, which stays', async () => {
    const { items } = await newBake();
    const [stored] = items as [{ id: string; version: number }];
    const write = (title: string) =>
      server.ask
        .put(`/api/items/${stored.id}`)
        .send({ version: stored.version, document: { ...item, title }, settled: [] });
    await write('First').expect(200);
    const late = await write('Late');
    expect(late.status).toBe(409);
    expect(late.body).toMatchObject({
      ok: false,
      errors: [{ field: 'version', code: 'stale', value: stored.version, allowed: stored.version + 1 }],
      current: { title: 'First' },
    });
  });
  it('guard the meal and the kitchen too', async () => {
    const { id, version } = await newBake();
    await server.ask
      .put(`/api/bakes/${id}`)
      .send({ version, meal: { ...meal, mouthCount: 7 } })
      .expect(200);
    await server.ask
      .put(`/api/bakes/${id}`)
      .send({ version, meal: { ...meal, mouthCount: 8 } })
      .expect(409);
    const { body: kitchen } = await server.ask.get('/api/kitchen');
    const change = { version: (kitchen as { version: number }).version, document: { ...plainKitchen, roomC: 23 } };
    await server.ask.put('/api/kitchen').send(change).expect(200);
    await server.ask.put('/api/kitchen').send(change).expect(409);
  });
});

describe('larder and tools', () => {
  const thing = { name: 'Butter, 82 %', grams: 640, shelf: 'C', note: 'two blocks' };
  it('keep, change, remove and give back', async () => {
    const { body } = await server.ask.post('/api/larder').send(thing).expect(201);
    const { id, version } = body as { id: string; version: number };
    await server.ask
      .put(`/api/larder/${id}`)
      .send({ ...thing, version, grams: 500 })
      .expect(200);
    await server.ask.delete(`/api/larder/${id}`).expect(200);
    expect((await server.ask.get('/api/larder')).body).toEqual([]);
    await server.ask.post(`/api/larder/${id}/restore`).expect(201);
    expect((await server.ask.get('/api/larder')).body).toMatchObject([{ grams: 500 }]);
  });
  it.each([
    ['grams', -1],
    ['shelf', 'Z'],
    ['name', '   '],
  ])('refuse a wrong %s', async (field, value) => {
    const answer = await server.ask.post('/api/larder').send({ ...thing, [field]: value });
    expect(answer.body).toMatchObject({ ok: false, errors: [{ field }] });
  });
  it('take a dish only with its sizes', async () => {
    await server.ask
      .post('/api/tools')
      .send({ name: 'tin 28', kind: 'dish', vessel: { form: 'round', top: 280, depth: 45 }, material: 'tin' })
      .expect(201);
    const answer = await server.ask.post('/api/tools').send({ name: 'tin 28', kind: 'dish' });
    expect(answer.body).toMatchObject({ errors: [{ field: 'vessel', code: 'missing' }, { field: 'material' }] });
  });
});

describe('the bench', () => {
  const event = (type: string, at: string) => ({ id: randomUUID(), type, at, data: {} });
  it('takes a run and its events, once each, however often they are sent', async () => {
    const { id: bakeId } = await newBake();
    const run = { id: randomUUID(), bakeId, startedAt: '2026-12-12T09:00:00Z', plan: { title: 'Supper' } };
    await server.ask.post('/api/runs').send(run).expect(200);
    await server.ask.post('/api/runs').send(run).expect(200);
    const events = [event('next', '2026-12-12T09:10:00Z'), event('piece', '2026-12-12T09:11:00Z')];
    expect((await server.ask.post(`/api/runs/${run.id}/events`).send({ events })).body).toEqual({ kept: 2 });
    expect((await server.ask.post(`/api/runs/${run.id}/events`).send({ events })).body).toEqual({ kept: 0 });
    const { body } = await server.ask.get(`/api/runs/${run.id}`);
    expect((body as { events: { type: string }[] }).events.map((e) => e.type)).toEqual(['next', 'piece']);
    expect((await server.ask.get('/api/runs/current')).body).toMatchObject({ run: { id: run.id } });
    await server.ask.post(`/api/runs/${run.id}/events`).send({ events: [event('finish', '2026-12-12T18:00:00Z')] });
    expect((await server.ask.get('/api/runs/current')).body).toEqual({ run: null });
  });
  it('refuses an event of a kind it does not know, and a run of no bake', async () => {
    await server.ask
      .post('/api/runs')
      .send({ id: randomUUID(), bakeId: randomUUID(), startedAt: '2026-12-12T09:00:00Z', plan: {} })
      .expect(404);
    const answer = await server.ask
      .post(`/api/runs/${randomUUID()}/events`)
      .send({ events: [event('dance', '2026-12-12T09:00:00Z')] });
    expect(answer.body).toMatchObject({ errors: [{ field: 'events.0.type', code: 'unknown', value: 'dance' }] });
  });
});

describe('the log', () => {
  const answers = {
    colour: 'golden',
    base: 'gold',
    leaks: 1,
    shrink: 'none',
    texture: 'crisp',
    stoodMm: 8,
    note: 'good',
  };
  it('keeps an entry with its snapshot, newest first, and lets it be corrected', async () => {
    const old = await server.ask
      .post('/api/log')
      .send({ date: '2026-11-01', title: 'Old', answers, snapshot: { expectedMm: 9 } });
    await server.ask.post('/api/log').send({ date: '2026-12-12', title: 'New', answers, snapshot: {} }).expect(201);
    expect(((await server.ask.get('/api/log')).body as { title: string }[]).map((e) => e.title)).toEqual([
      'New',
      'Old',
    ]);
    const { id, version } = old.body as { id: string; version: number };
    await server.ask
      .put(`/api/log/${id}`)
      .send({ version, answers: { ...answers, note: 'better' } })
      .expect(200);
    expect((await server.ask.get(`/api/log/${id}`)).body).toMatchObject({
      answers: { note: 'better' },
      snapshot: { expectedMm: 9 },
    });
  });
  it('refuses a colour that is none', async () => {
    const answer = await server.ask
      .post('/api/log')
      .send({ date: '2026-12-12', title: 'X', answers: { ...answers, colour: 'blue' }, snapshot: {} });
    expect(answer.body).toMatchObject({ errors: [{ field: 'answers.colour', code: 'unknown', value: 'blue' }] });
  });
});

describe('compute', () => {
  it('lists every model and runs one by name', async () => {
    expect(((await server.ask.get('/api/compute')).body as unknown[]).length).toBeGreaterThan(50);
    const answer = await server.ask.post('/api/compute/cold.fatState').send({ fat: 'butter', temperatureC: 14 });
    expect(answer.body).toMatchObject({ ok: true, value: { state: 'ideal' } });
  });
  it('plans a whole bake as the core does', async () => {
    const input: BakeInput = { meal, items: [item], kitchen: plainKitchen };
    const { body } = await server.ask.post('/api/compute/plan.bake').send(input);
    expect((body as { value: { clock: { startMin: number } } }).value.clock.startMin).toBeCloseTo(
      planBake(input).clock.startMin,
      6,
    );
  });
  it('refuses bad input with 422 and an unknown model with 404', async () => {
    await server.ask.post('/api/compute/cold.fatState').send({ fat: 'butter' }).expect(422);
    await server.ask.post('/api/compute/cold.magic').send({}).expect(404);
  });
});

describe('the door', () => {
  it('is shut to other hosts and origins', async () => {
    await server.ask.get('/api/health').expect(200);
    await server.ask.get('/api/health').set('Host', 'evil.example').expect(403);
    await server.ask.get('/api/health').set('Origin', 'https://evil.example').expect(403);
    await server.ask.get('/api/health').set('Origin', 'http://127.0.0.1:4173').expect(200);
  });
  it('sends the strict headers', async () => {
    const { headers } = await server.ask.get('/api/health');
    expect(headers['content-security-policy']).toContain("object-src 'none'");
    expect(headers['content-security-policy']).toContain("script-src 'self'");
    expect(headers['x-powered-by']).toBeUndefined();
  });
  it('refuses a body larger than any bake and a body that is no JSON, as JSON', async () => {
    const huge = await server.ask.post('/api/larder').send({ note: 'x'.repeat(3_000_000) });
    expect(huge.status).toBe(413);
    expect(huge.body).toMatchObject({ ok: false, errors: [{ code: 'too_large' }] });
    const broken = await server.ask.post('/api/larder').set('Content-Type', 'application/json').send('{"name":');
    expect(broken.status).toBe(400);
    expect((broken.body as { ok: boolean }).ok).toBe(false);
  });
  it('describes itself', async () => {
    const { body } = await server.ask.get('/api/docs-json').expect(200);
    expect(Object.keys((body as { paths: object }).paths)).toEqual(
      expect.arrayContaining(['/api/bakes', '/api/runs/{id}/events', '/api/compute/{model}']),
    );
  });
});

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
    expect(
      pending.upQueries
        .map((q) => q.query)
        .filter((q) => /CREATE TABLE|DROP COLUMN|ADD COLUMN/.test(q) && !q.includes('temporary_')),
    ).toEqual([]);
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
    expect((await later.ask.get('/api/larder')).body).toMatchObject([
      { name: 'Old flour', grams: 900, removedAt: null },
    ]);
    await later.stop();
  });
  it('can be taken back one migration after the other', async () => {
    const source = await open(newDataFile(), migrations).initialize();
    const columns = async () =>
      (await source.query<{ name: string }[]>('PRAGMA table_info(larder)')).map((c) => c.name);
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
    expect(body).toMatchObject([{ title: 'Lantern supper' }]);
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
  // eslint-disable-next-line @typescript-eslint/no-implied-eval, @typescript-eslint/no-unsafe-call
  return Promise.resolve(new Function(body)() as never);
}
