import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';

type Paths = Record<string, Record<string, unknown>>;

let server: TestServer;
let routes: [method: 'get' | 'post' | 'put' | 'delete', path: string][] = [];
beforeAll(async () => {
  server = await new TestServer().start();
  const { body } = await server.ask.get('/api/docs-json');
  routes = Object.entries((body as { paths: Paths }).paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method): (typeof routes)[number] => [method as 'get', path]),
  );
});
afterAll(() => server.stop());

const nonsense: unknown[] = [
  {},
  [],
  { version: -1 },
  { version: 'one', document: null },
  { meal: [], items: {} },
  { name: 7, grams: 'much', shelf: null, note: {} },
  { events: [{ id: 'x', type: 'next', at: 'now', data: 3 }] },
  { answers: 'all good', date: 5, title: null, snapshot: [] },
  { constructor: 'x' },
];

describe('every route', () => {
  it('is in the description of the server', () => {
    expect(routes.length).toBeGreaterThan(25);
  });
  it('answers nonsense with what is wrong, as JSON, and never falls over', async () => {
    for (const [method, path] of routes.filter(([m]) => m === 'post' || m === 'put')) {
      const address = path.replace('{id}', randomUUID()).replace('{model}', 'cold.fatState');
      for (const body of nonsense) {
        const answer = await server.ask[method](address).send(body as object);
        const where = `${method} ${path} ${JSON.stringify(body)}: ${answer.status}`;
        expect([where, answer.status >= 400 && answer.status < 500]).toEqual([where, true]);
        expect([where, Array.isArray((answer.body as { errors?: unknown }).errors)]).toEqual([where, true]);
      }
    }
  });
  it('takes no property that all objects share from a body', async () => {
    // as text: an object literal would set its own prototype and send nothing
    const body = '{"__proto__":{"admin":true},"constructor":{"prototype":{"admin":true}}}';
    for (const [method, path] of routes.filter(([m]) => m === 'post' || m === 'put')) {
      const address = path.replace('{id}', randomUUID()).replace('{model}', 'plan.whatIf');
      const answer = await server.ask[method](address).set('Content-Type', 'application/json').send(body);
      expect([method, path, answer.status >= 400 && answer.status < 500]).toEqual([method, path, true]);
    }
    expect(Object.keys(Object.prototype)).toEqual([]);
    expect(({} as { admin?: boolean }).admin).toBeUndefined();
  });
  it('with an id that is none says so', async () => {
    for (const [method, path] of routes.filter(([, p]) => p.includes('{id}'))) {
      const answer = await server.ask[method](path.replace('{id}', 'drop table bakes')).send({});
      expect([method, path, answer.status]).toEqual([method, path, 400]);
    }
  });
  it('with an id nobody has says that it is not there', async () => {
    for (const [method, path] of routes.filter(([m, p]) => p.includes('{id}') && (m === 'get' || m === 'delete'))) {
      const answer = await server.ask[method](path.replace('{id}', randomUUID()));
      expect([method, path, answer.status]).toEqual([method, path, 404]);
      expect(answer.body).toMatchObject({ ok: false, errors: [{ field: 'id', code: 'not_found' }] });
    }
  });
  it('that is none leads nowhere, as JSON', async () => {
    const answer = await server.ask.get('/api/pies');
    expect(answer.status).toBe(404);
    expect(answer.body).toMatchObject({ ok: false, errors: [{ code: 'not_found' }] });
  });
});
