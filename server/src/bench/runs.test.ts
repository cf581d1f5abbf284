import { starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';
import { mostEventData, runEventTypes } from '@crustallum/core/contracts/run';

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
    expect((await send(id, events)).body).toMatchObject({ kept: runEventTypes.length, refused: [] });
    expect((await view(id)).events.map((e) => e.type)).toEqual([...runEventTypes]);
  });
  it('numbers its events as they come: a screen asks for what it has not had', async () => {
    const { id } = await begin();
    const [first, second, third] = [event('next', 1), event('piece', 2, { by: 1 }), event('next', 3)];
    expect((await send(id, [third])).body).toMatchObject({ numbers: { [third.id]: 1 } });
    await send(id, [first, second]);
    expect((await view(id)).events.map((e) => e.id)).toEqual([third.id, first.id, second.id]);
    const after = async (number: number) =>
      ((await server.ask.get(`/api/runs/${id}/events?after=${number}`)).body as { events: { id: string }[] }).events;
    expect((await after(2)).map((e) => e.id)).toEqual([second.id]);
    expect((await view(id)).events[2]?.data).toEqual({ by: 1 });
  });
  it('keeps who wrote an event, and what puts it among those of other devices', async () => {
    const { id } = await begin();
    const told = {
      ...event('note', 1, { words: 'more salt' }),
      device: 'b',
      sequence: 4,
      lamport: 9,
      skewMs: -60_000,
      cook: 'Ravi',
    };
    await send(id, [told]);
    expect((await view(id)).events).toMatchObject([{ ...told, number: 1 }]);
  });
  it('keeps only what is new of a batch it partly knows', async () => {
    const { id } = await begin();
    const known = event('next', 1);
    await send(id, [known]);
    expect((await send(id, [known, event('next', 2), event('next', 3)])).body).toMatchObject({ kept: 2 });
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
    expect((await send(id, many.slice(0, 500))).body).toMatchObject({ kept: 500 });
  });
  it('refuses by name a step it has not, and an event too large, and takes those beside them', async () => {
    const run = {
      id: randomUUID(),
      bakeId,
      startedAt: '2026-12-12T09:00:00Z',
      plan: { steps: [{ itemIndex: 0, id: 'weigh:bowl' }] },
    };
    await server.ask.post('/api/runs').send(run).expect(200);
    const good = event('done', 1, { step: '0/weigh:bowl' });
    const unknown = event('done', 2, { step: '7/knead' });
    const large = event('note', 3, { words: 'x'.repeat(mostEventData) });
    const { body } = await send(run.id, [unknown, large, good]);
    expect(body).toMatchObject({
      kept: 1,
      refused: [
        { id: unknown.id, field: 'data.step', code: 'unknown_step', value: '7/knead' },
        { id: large.id, field: 'data', code: 'too_large', allowed: { max: mostEventData } },
      ],
    });
    expect((await view(run.id)).events.map((e) => e.id)).toEqual([good.id]);
  });
  it('takes events of steps that a plan in the same lot brings, and not of those it does not', async () => {
    const run = {
      id: randomUUID(),
      bakeId,
      startedAt: '2026-12-12T09:00:00Z',
      plan: { steps: [{ itemIndex: 0, id: 'fillSeal:1' }] },
    };
    await server.ask.post('/api/runs').send(run).expect(200);
    const steps = ['fillSeal:1', 'lotRest:fillSeal:1', 'fillSeal:1~2'].map((id) => ({ itemIndex: 0, id }));
    const early = event('begin', 1, { step: '0/lotRest:fillSeal:1' });
    const plan = event('plan', 2, { steps, serveAt: '2026-12-12T13:00' });
    const chill = event('begin', 3, { step: '0/lotRest:fillSeal:1' });
    const none = event('begin', 4, { step: '0/fillSeal:9' });
    const { body } = await send(run.id, [early, plan, chill, none]);
    expect(body).toMatchObject({ kept: 2, refused: [{ id: early.id }, { id: none.id }] });
    expect((await view(run.id)).events.map((e) => e.id)).toEqual([plan.id, chill.id]);
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

describe('a screen that follows a run', () => {
  it('is told what it has not had, then everything as it happens, each once, and the time of the house', async () => {
    await server.app.listen(0, '127.0.0.1');
    const { id } = await begin();
    const [before, known] = [event('begin', 1), event('done', 2)];
    await send(id, [known, before]);
    const gone = new AbortController();
    const url = `${await server.app.getUrl()}/api/runs/${id}/stream?after=1`;
    const answer = await fetch(url, { signal: gone.signal });
    const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
    let told = '';
    const until = async (words: string) => {
      while (!told.includes(words)) told += (await reader.read()).value ?? '';
    };
    await until(before.id);
    const live = event('note', 3, { words: 'now' });
    await send(id, [known, live]);
    await until(live.id);
    gone.abort();
    expect(told).toMatch(/event: clock[\s\S]*"now":\d{13}/);
    expect(told).not.toContain(known.id);
    expect(told.split(before.id)).toHaveLength(2);
    expect(told).toContain('id: 3');
  });
  it('of a run that nobody began is told so', () => server.ask.get(`/api/runs/${randomUUID()}/stream`).expect(404));
});
