import type { Day } from '@crustallum/core/contracts/day';
import { starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';

const meal = { ...starterMeal('2026-12-12T18:30', 6, 'Supper') };
const pies = starterItem('handPies', 6, 'You');
const coil = starterItem('filoCoil', 6, 'You');
const answers = {
  colour: 'golden',
  base: 'gold',
  leaks: 1,
  shrink: 'none',
  texture: 'crisp',
  stoodMm: 9,
  note: 'good',
};

let server: TestServer;
beforeAll(async () => (server = await new TestServer().start()));
afterAll(() => server.stop());

const made = async (serveAt: string, items: unknown[] = [pies]): Promise<string> =>
  (
    (
      await server.ask
        .post('/api/bakes')
        .send({ meal: { ...meal, serveAt }, items })
        .expect(201)
    ).body as { id: string }
  ).id;
const days = async (): Promise<Day[]> => (await server.ask.get('/api/bakes/days').expect(200)).body as Day[];
const day = async (id: string): Promise<Day | undefined> => (await days()).find((d) => d.id === id);
const written = (bakeId: string, title: string) =>
  server.ask
    .post('/api/log')
    .send({ bakeId, runId: null, date: '2026-12-12', title, answers, snapshot: {} })
    .expect(201);

describe('all days', () => {
  it('stand newest first, each with what was made and for how many', async () => {
    const [early, late] = [await made('2026-03-01T18:30'), await made('2027-03-01T18:30', [pies, coil])];
    const list = await days();
    expect(list.map((d) => d.id).indexOf(late)).toBeLessThan(list.map((d) => d.id).indexOf(early));
    expect(await day(late)).toMatchObject({
      people: 6,
      pies: 2,
      entries: 0,
      running: false,
      away: false,
      made: [
        { title: pies.title, product: 'handPies' },
        { title: coil.title, product: 'filoCoil' },
      ],
    });
  });
  it('know what the log says of them, and only of them', async () => {
    const [one, other] = [await made('2026-04-01T18:30'), await made('2026-05-01T18:30')];
    await written(one, pies.title);
    expect((await day(one))?.cameOut).toMatchObject([{ title: pies.title, answers: { leaks: 1, note: 'good' } }]);
    expect((await day(one))?.entries).toBe(1);
    expect((await day(other))?.cameOut).toEqual([]);
  });
  it('are at work while a run of them goes on', async () => {
    const bakeId = await made('2026-06-01T18:30');
    const run = { id: randomUUID(), bakeId, startedAt: '2026-06-01T14:00:00.000Z', plan: {} };
    await server.ask.post('/api/runs').send(run).expect(200);
    expect((await day(bakeId))?.running).toBe(true);
  });
  it('put away stay among them, marked, until they are brought back', async () => {
    const id = await made('2026-07-01T18:30');
    await server.ask.delete(`/api/bakes/${id}`).expect(200);
    expect((await day(id))?.away).toBe(true);
    expect(((await server.ask.get('/api/bakes')).body as { id: string }[]).map((b) => b.id)).not.toContain(id);
    await server.ask.post(`/api/bakes/${id}/restore`).expect(201);
    expect((await day(id))?.away).toBe(false);
  });
});
