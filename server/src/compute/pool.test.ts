import { heavyChill } from '@crustallum/core/testing/heavyChill';
import { plainKitchen, starterItem } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import type { AddressInfo } from 'node:net';
import { TestServer } from '../testing/server';
import { ComputePool, type PoolOptions } from './pool';

const light = { fat: 'butter', temperatureC: 14 };

let pool: ComputePool;
const poolOf = (options: Partial<PoolOptions>) => (pool = new ComputePool(options));
afterEach(() => pool.onModuleDestroy());
const codeOf = (error: unknown) => (error as { code?: string }).code;
const ended = (run: Promise<unknown>) => run.then(() => 'answered', codeOf);

describe('models on threads', () => {
  it('answer as they would here', async () => {
    const { ok, json } = await poolOf({}).run('cold.fatState', light);
    expect(ok).toBe(true);
    expect(JSON.parse(json)).toMatchObject({ ok: true, value: { state: 'ideal' } });
  });
  it('that take longer than the deadline are ended, and the next is answered', async () => {
    poolOf({ deadlineMs: 150, atOnce: 1 });
    const late = ended(pool.run('cold.chill', heavyChill));
    expect(await late).toBe('deadline');
    pool = poolOf({ deadlineMs: 20_000, atOnce: 1 });
    expect(await ended(pool.run('cold.fatState', light))).toBe('answered');
  });
  it('wait their turn, so many and no more', async () => {
    poolOf({ atOnce: 1, mostWaiting: 2, deadlineMs: 20_000 });
    const all = Array.from({ length: 5 }, () => ended(pool.run('cold.fatState', light)));
    expect((await Promise.all(all)).sort()).toEqual(['answered', 'answered', 'answered', 'busy', 'busy']);
  });
  it('are ended when whoever asked is gone, waiting or running', async () => {
    poolOf({ atOnce: 1, deadlineMs: 60_000 });
    const [first, second] = [new AbortController(), new AbortController()];
    const running = ended(pool.run('cold.chill', heavyChill, first.signal));
    const waiting = ended(pool.run('cold.chill', heavyChill, second.signal));
    const behind = ended(pool.run('cold.fatState', light));
    second.abort();
    expect(await waiting).toBe('gone');
    first.abort();
    expect(await running).toBe('gone');
    expect(await behind).toBe('answered');
  });
});

describe('the server under heavy calls', () => {
  let server: TestServer;
  beforeEach(async () => {
    pool = new ComputePool();
    server = await new TestServer(undefined, { deadlineMs: 600, mostWaiting: 2 }).start();
  });
  const patient = async (ask: (one: TestServer) => Promise<void>) => {
    const one = await new TestServer().start();
    try {
      await ask(one);
    } finally {
      await one.stop();
    }
  };
  afterEach(() => server.stop());

  it('sends away with a word what it cannot take on, and goes on answering', async () => {
    const calls = Array.from({ length: 20 }, () => server.ask.post('/api/compute/cold.chill').send(heavyChill));
    const health = await server.ask.get('/api/health');
    expect(health.status).toBe(200);
    const answers = await Promise.all(calls);
    const away = answers.filter((a) => a.status === 503);
    expect(answers.every((a) => [200, 503].includes(a.status))).toBe(true);
    expect(away.length).toBeGreaterThan(0);
    for (const { body } of away)
      expect(body).toMatchObject({ ok: false, errors: [{ field: 'model', value: 'cold.chill' }] });
  });
  it('ends the run of a caller who hangs up', async () => {
    await server.app.listen(0, '127.0.0.1');
    const { port } = server.app.getHttpServer().address() as AddressInfo;
    const compute = server.app.get(ComputePool, { strict: false });
    const ran = jest.spyOn(compute, 'run');
    const body = JSON.stringify(heavyChill);
    const call = httpRequest({
      port,
      method: 'POST',
      path: '/api/compute/cold.chill',
      headers: { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) },
    });
    call.on('error', () => undefined);
    call.end(body);
    while (ran.mock.results.length === 0) await new Promise((done) => setTimeout(done, 5));
    call.destroy();
    expect(await ended(ran.mock.results[0]?.value as Promise<unknown>)).toBe('gone');
  });
  it('writes on no object’s prototype, and keeps taking bakes after somebody tried', () =>
    patient(async (one) => {
      const item = starterItem('handPies', 2, 'You');
      const evil = `{"item":${JSON.stringify(item)},"kitchen":${JSON.stringify(plainKitchen)},"changes":{"__proto__.polluted":1}}`;
      const answer = await one.ask.post('/api/compute/plan.whatIf').set('Content-Type', 'application/json').send(evil);
      expect(answer.status).toBe(422);
      expect(answer.body).toMatchObject({ errors: [{ field: 'changes.__proto__.polluted', code: 'unknown' }] });
      const meal = { title: randomUUID(), serveAt: '2026-12-12T18:30', mouthCount: 2, eaters: [] };
      await one.ask
        .post('/api/bakes')
        .send({ meal, items: [item] })
        .expect(201);
    }));
});
