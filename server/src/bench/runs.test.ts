import { starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';
import { runEventTypes } from '@crustallum/core/contracts/run';

let server: TestServer;
let bakeId = '';
beforeAll(async () => {
  server = await new TestServer().start();
  const { body } = await server.ask
    .post('/api/bakes')
    .send({ meal: starterMeal('2026-12-12T18:30', 4, 'Supper'), items: [starterItem('potPies', 4, 'You')] });
  bakeId = (body as { id: string }).id;
});
afterAll(() => server.stop());

const begin = async (startedAt = '2026-12-12T09:00:00Z') => {
  const run = { id: randomUUID(), bakeId, startedAt, plan: { title: 'Supper', steps: [1, 2, 3] } };
  await server.ask.post('/api/runs').send(run).expect(200);
  return run;
};
const event = (type: string, minute: number, data: object = {}) => ({
  id: randomUUID(),
  type,
  at: `2026-12-12T09:${String(minute).padStart(2, '0')}:00Z`,
  data,
});
const send = (id: string, events: unknown[]) => server.ask.post(`/api/runs/${id}/events`).send({ events });
const view = async (id: string) =>
  (await server.ask.get(`/api/runs/${id}`)).body as {
    finishedAt: string | null;
    plan: unknown;
    events: { id: string; type: string; at: string; data: unknown }[];
  };

describe('a run at the bench', () => {
  it('keeps the plan it was begun with, whatever is sent under its id later', async () => {
    const run = await begin();
    await server.ask
      .post('/api/runs')
      .send({ ...run, plan: { title: 'Other' } })
      .expect(200);
    expect((await view(run.id)).plan).toEqual(run.plan);
  });
  it('takes every kind of event the bench has', async () => {
    const { id } = await begin();
    const events = runEventTypes.map((type, i) => event(type, i));
    expect((await send(id, events)).body).toEqual({ kept: runEventTypes.length });
    expect((await view(id)).events.map((e) => e.type)).toEqual([...runEventTypes]);
  });
  it('has its events in the order they happened, not the order they came', async () => {
    const { id } = await begin();
    const [first, second, third] = [event('next', 1), event('piece', 2, { by: 1 }), event('next', 3)];
    await send(id, [third]);
    await send(id, [first, second]);
    expect((await view(id)).events.map((e) => e.id)).toEqual([first.id, second.id, third.id]);
    expect((await view(id)).events[1]?.data).toEqual({ by: 1 });
  });
  it('keeps only what is new of a batch it partly knows', async () => {
    const { id } = await begin();
    const known = event('next', 1);
    await send(id, [known]);
    expect((await send(id, [known, event('next', 2), event('next', 3)])).body).toEqual({ kept: 2 });
    expect((await view(id)).events).toHaveLength(3);
  });
  it('ends when it was first finished, though it be finished again', async () => {
    const { id } = await begin();
    await send(id, [event('finish', 30)]);
    await send(id, [event('finish', 45)]);
    expect((await view(id)).finishedAt).toBe('2026-12-12T09:30:00Z');
  });
  it('takes none of a batch in which one event is wrong', async () => {
    const { id } = await begin();
    const answer = await send(id, [event('next', 1), { ...event('next', 2), at: 'soon' }]);
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ errors: [{ field: 'events.1.at' }] });
    expect((await view(id)).events).toEqual([]);
  });
  it('takes five hundred events at once and no more', async () => {
    const { id } = await begin();
    const many = Array.from({ length: 501 }, (_, i) => event('piece', i % 60));
    await send(id, many).expect(400);
    expect((await send(id, many.slice(0, 500))).body).toEqual({ kept: 500 });
  });
  it('that nobody began takes no events', async () => {
    await send(randomUUID(), [event('next', 1)]).expect(404);
  });
});

describe('the run in hand', () => {
  it('is the one begun last of those not finished', async () => {
    const older = await begin('2027-01-01T08:00:00Z');
    const newer = await begin('2027-01-01T09:00:00Z');
    const current = async () =>
      ((await server.ask.get('/api/runs/current')).body as { run: { id: string } | null }).run?.id;
    expect(await current()).toBe(newer.id);
    await send(newer.id, [event('finish', 1)]);
    expect(await current()).toBe(older.id);
    await send(older.id, [event('finish', 1)]);
  });
  it('is there again after the server was away', async () => {
    const first = await new TestServer().start();
    const { body } = await first.ask
      .post('/api/bakes')
      .send({ meal: starterMeal('2026-12-12T18:30', 4, 'Supper'), items: [starterItem('potPies', 4, 'You')] });
    const run = { id: randomUUID(), bakeId: (body as { id: string }).id, startedAt: '2026-12-12T09:00:00Z', plan: {} };
    await first.ask.post('/api/runs').send(run);
    await first.ask.post(`/api/runs/${run.id}/events`).send({ events: [event('next', 5)] });
    await first.stop();
    const again = await new TestServer(first.dataFile).start();
    expect((await again.ask.get('/api/runs/current')).body).toMatchObject({
      run: { id: run.id, events: [{ type: 'next' }] },
    });
    await again.stop();
  });
});
