import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { namesOf } from './guards';
import { TestServer } from '../testing/server';
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
    expect((await server.ask.post(`/api/runs/${run.id}/events`).send({ events })).body).toMatchObject({ kept: 2 });
    expect((await server.ask.post(`/api/runs/${run.id}/events`).send({ events })).body).toMatchObject({ kept: 0 });
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

describe('the door', () => {
  it('is shut to other hosts and origins', async () => {
    await server.ask.get('/api/health').expect(200);
    await server.ask.get('/api/health').set('Host', 'evil.example').expect(403);
    await server.ask.get('/api/health').set('Origin', 'https://evil.example').expect(403);
    await server.ask
      .get('/api/health')
      .set('Host', '127.0.0.1:4173')
      .set('Origin', 'http://127.0.0.1:4173')
      .expect(200);
  });
  it('is shut to another port of this machine: another program’s page is not ours', async () => {
    await server.ask
      .get('/api/health')
      .set('Host', '127.0.0.1:4173')
      .set('Origin', 'http://127.0.0.1:5999')
      .expect(403);
    await server.ask
      .get('/api/health')
      .set('Host', '127.0.0.1:4173')
      .set('Origin', 'http://localhost:4173')
      .expect(403);
  });
  it('answers under the address it listens on, and on every address under all of its own', () => {
    expect(namesOf('192.168.7.20')).toEqual(['192.168.7.20']);
    expect(namesOf('fe80::1')).toEqual(['[fe80::1]']);
    expect(namesOf('0.0.0.0')).toEqual(expect.arrayContaining(['127.0.0.1']));
  });
  it('sends the strict headers', async () => {
    const { headers } = await server.ask.get('/api/health');
    expect(headers['content-security-policy']).toContain("object-src 'none'");
    expect(headers['content-security-policy']).toContain("script-src 'self'");
    expect(headers['x-powered-by']).toBeUndefined();
    // nobody may be told to insist on TLS by a server that has none
    expect(headers['strict-transport-security']).toBeUndefined();
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
    const { schemas } = (body as { components: { schemas: Record<string, { properties: Record<string, unknown> }> } })
      .components;
    expect(schemas['ChangeMealInput']?.properties['meal']).toMatchObject({
      properties: { mouthCount: { type: 'integer', minimum: 1, maximum: 60 } },
    });
  });
  it('describes what every route takes and answers, field by field', async () => {
    const { body } = await server.ask.get('/api/docs-json').expect(200);
    const { paths, components } = body as {
      paths: Record<string, Record<string, { responses: Record<string, { content?: unknown }> }>>;
      components: { schemas: Record<string, { properties?: object }> };
    };
    const named = new Set(JSON.stringify(paths).match(/(?<=#\/components\/schemas\/)\w+/g));
    named.delete('Object'); // a model's input: described with the model
    for (const name of named)
      expect([name, Object.keys(components.schemas[name]?.properties ?? {})]).not.toEqual([name, []]);
    const documents = Object.entries(paths).filter(([path]) => /\/(bakes|items|kitchen|tools|larder|log)/.test(path));
    for (const [path, methods] of documents)
      for (const [method, { responses }] of Object.entries(methods))
        expect([path, method, JSON.stringify(responses)]).toEqual([path, method, expect.stringContaining('schemas/')]);
  });
});
