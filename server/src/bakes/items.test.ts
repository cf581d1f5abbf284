import { starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';

const meal = starterMeal('2026-12-12T18:30', 6, 'Supper');
const pies = starterItem('handPies', 6, 'You');
const coil = starterItem('filoCoil', 6, 'You');
const pots = starterItem('potPies', 6, 'You');

interface Stored {
  id: string;
  version: number;
  title: string;
  position: number;
  settled: string[];
  undone: unknown[];
}
interface StoredBake {
  id: string;
  version: number;
  serveAt: string;
  items: Stored[];
}

let server: TestServer;
beforeAll(async () => (server = await new TestServer().start()));
afterAll(() => server.stop());

const made = async (items: unknown[] = [pies], serveAt = meal.serveAt): Promise<StoredBake> =>
  (await server.ask.post('/api/bakes').send({ meal: { ...meal, serveAt }, items })).body as StoredBake;
const view = async (id: string): Promise<StoredBake> => (await server.ask.get(`/api/bakes/${id}`)).body as StoredBake;

describe('the dishes of a day', () => {
  it('stay in the order they were put in, and new ones come last', async () => {
    const { id } = await made([coil, pies]);
    await server.ask.post(`/api/bakes/${id}/items`).send({ document: pots }).expect(201);
    expect((await view(id)).items.map((i) => [i.title, i.position])).toEqual([
      [coil.title, 0],
      [pies.title, 1],
      [pots.title, 2],
    ]);
  });
  it('keep their places when one goes and another comes', async () => {
    const { id, items } = await made([pies, coil]);
    await server.ask.delete(`/api/items/${items[1]?.id}`).expect(200);
    await server.ask.post(`/api/bakes/${id}/items`).send({ document: pots });
    await server.ask.post(`/api/items/${items[1]?.id}/restore`).expect(201);
    expect((await view(id)).items.map((i) => i.title)).toEqual([pies.title, coil.title, pots.title]);
  });
  it('are eight at most when a day is made', async () => {
    const answer = await server.ask.post('/api/bakes').send({ meal, items: Array.from({ length: 9 }, () => pies) });
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ errors: [{ field: 'items' }] });
  });
  it('are named anew when their document is', async () => {
    const { items } = await made();
    const [item] = items as [Stored];
    const { body } = await server.ask
      .put(`/api/items/${item.id}`)
      .send({ version: item.version, document: { ...pies, title: 'Lanterns' }, settled: [] });
    expect(body).toMatchObject({ title: 'Lanterns', document: { title: 'Lanterns' } });
  });
  it('remember what is settled and what came undone, and why', async () => {
    const { id, items } = await made();
    const [item] = items as [Stored];
    const undone = [{ station: 'folds', because: 'dough', field: 'dough.fatToFlourPct', from: '75', to: '70' }];
    await server.ask
      .put(`/api/items/${item.id}`)
      .send({ version: item.version, document: pies, settled: ['brief', 'dough'], undone })
      .expect(200);
    expect((await view(id)).items[0]).toMatchObject({ settled: ['brief', 'dough'], undone });
  });
  it('cannot be settled at a station that is none', async () => {
    const { items } = await made();
    const [item] = items as [Stored];
    const answer = await server.ask
      .put(`/api/items/${item.id}`)
      .send({ version: item.version, document: pies, settled: ['kneading'] });
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ errors: [{ field: 'settled', code: 'unknown' }] });
  });
  it('cannot be written to once taken off, nor added to a day that is not there', async () => {
    const { items } = await made();
    const [item] = items as [Stored];
    await server.ask.delete(`/api/items/${item.id}`);
    await server.ask
      .put(`/api/items/${item.id}`)
      .send({ version: item.version, document: pies, settled: [] })
      .expect(404);
    await server.ask.post(`/api/bakes/${randomUUID()}/items`).send({ document: pies }).expect(404);
  });
  it('written to ten times at once from the same state are written to once', async () => {
    const { id, items } = await made();
    const [item] = items as [Stored];
    const answers = await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        server.ask
          .put(`/api/items/${item.id}`)
          .send({ version: item.version, document: { ...pies, title: `Try ${i}` }, settled: [] }),
      ),
    );
    const statuses = answers.map((a) => a.status).sort();
    expect(statuses).toEqual([200, ...Array.from({ length: 9 }, () => 409)]);
    const winner = answers.find((a) => a.status === 200)?.body as Stored;
    expect((await view(id)).items[0]).toMatchObject({ title: winner.title, version: item.version + 1 });
  });
});

describe('a day', () => {
  it('takes eight items and refuses the ninth when it comes, also one brought back', async () => {
    const { id, items } = await made(Array.from({ length: 8 }, () => pies));
    const refusal = { ok: false, errors: [{ field: 'items', code: 'too_many', value: 9, allowed: { max: 8 } }] };
    const ninth = () => server.ask.post(`/api/bakes/${id}/items`).send({ document: pies });
    expect((await ninth().expect(400)).body).toEqual(refusal);
    const first = items[0] as Stored;
    await server.ask.delete(`/api/items/${first.id}`).expect(200);
    await ninth().expect(201);
    expect((await server.ask.post(`/api/items/${first.id}/restore`).expect(400)).body).toEqual(refusal);
  });
});

describe('the list of days', () => {
  it('has the latest table first and leaves out what was taken away', async () => {
    const early = await made([pies], '2027-01-01T12:00');
    const late = await made([pies], '2027-06-01T12:00');
    const gone = await made([pies], '2027-03-01T12:00');
    await server.ask.delete(`/api/bakes/${gone.id}`);
    const { body } = await server.ask.get('/api/bakes');
    const ids = (body as StoredBake[]).map((b) => b.id);
    expect(ids.indexOf(late.id)).toBeLessThan(ids.indexOf(early.id));
    expect(ids).not.toContain(gone.id);
    expect([...(body as StoredBake[])].sort((a, b) => b.serveAt.localeCompare(a.serveAt))).toEqual(body);
  });
  it('tells its days apart and carries nothing more', async () => {
    await made();
    const [head] = (await server.ask.get('/api/bakes')).body as object[];
    expect(Object.keys(head ?? {}).sort()).toEqual(['entries', 'id', 'pies', 'running', 'serveAt', 'title', 'version']);
  });
  it('moves a day when its hour at the table moves', async () => {
    const { id, version } = await made([pies], '2027-02-01T12:00');
    await server.ask
      .put(`/api/bakes/${id}`)
      .send({ version, meal: { ...meal, serveAt: '2028-01-01T12:00' } })
      .expect(200);
    expect(((await server.ask.get('/api/bakes')).body as StoredBake[])[0]?.id).toBe(id);
  });
});
