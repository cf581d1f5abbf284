import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await new TestServer().start();
});
afterAll(() => server.stop());

interface Thing {
  id: string;
  version: number;
  grams: number;
}
const put = async (grams: number, more: object = {}) => {
  const answer = await server.ask.post('/api/larder').send({ name: 'Butter', grams, shelf: 'C', note: '', ...more });
  return answer.body as Thing;
};
const grams = async (id: string) =>
  ((await server.ask.get('/api/larder')).body as Thing[]).find((t) => t.id === id)?.grams;
const draw = (id: string, larderId: string, g: number) =>
  server.ask.post('/api/larder/draws').send({ id, takes: [{ larderId, grams: g }] });

describe('a thing in the larder', () => {
  it('keeps what it is, what it costs, how long it keeps, its label and its cups', async () => {
    const more = {
      ingredient: 'butter',
      pricePerKg: 9.5,
      bestBefore: '2027-01-01',
      label: { fatPct: 80, saltPct: 1.5 },
      cupsG: [225, 231],
    };
    expect(await put(500, more)).toMatchObject(more);
  });
  it.each([
    ['ingredient', 'unobtainium'],
    ['pricePerKg', -1],
    ['bestBefore', 'tomorrow'],
    ['label', { fatPct: 140 }],
    ['cupsG', [5000]],
  ])('refuses %s of %j by name', async (field, value) => {
    const answer = await server.ask
      .post('/api/larder')
      .send({ name: 'x', grams: 1, shelf: 'C', note: '', [field]: value });
    expect(answer.status).toBe(400);
    expect(JSON.stringify(answer.body)).toContain(field);
  });
});

describe('a weighing', () => {
  it('takes from the larder, and undone puts back to the gram', async () => {
    const { id } = await put(640);
    const weighing = randomUUID();
    expect((await draw(weighing, id, 315)).status).toBe(200);
    expect(await grams(id)).toBe(325);
    await server.ask.post(`/api/larder/draws/${weighing}/undo`);
    expect(await grams(id)).toBe(640);
  });
  it('sent or undone twice counts once', async () => {
    const { id } = await put(100);
    const weighing = randomUUID();
    await draw(weighing, id, 40);
    await draw(weighing, id, 40);
    expect(await grams(id)).toBe(60);
    await server.ask.post(`/api/larder/draws/${weighing}/undo`);
    await server.ask.post(`/api/larder/draws/${weighing}/undo`);
    expect(await grams(id)).toBe(100);
  });
  it('takes no more than there is, and gives back no more than it took', async () => {
    const { id } = await put(30);
    const weighing = randomUUID();
    await draw(weighing, id, 500);
    expect(await grams(id)).toBe(0);
    await server.ask.post(`/api/larder/draws/${weighing}/undo`);
    expect(await grams(id)).toBe(30);
  });
  it('of something that is not there takes nothing of the rest either', async () => {
    const { id } = await put(200);
    const answer = await server.ask.post('/api/larder/draws').send({
      id: randomUUID(),
      takes: [
        { larderId: id, grams: 50 },
        { larderId: randomUUID(), grams: 1 },
      ],
    });
    expect(answer.status).toBe(404);
    expect(await grams(id)).toBe(200);
  });
  it('makes an open copy of the thing stale, so that no later write loses it', async () => {
    const thing = await put(200);
    await draw(randomUUID(), thing.id, 50);
    const answer = await server.ask
      .put(`/api/larder/${thing.id}`)
      .send({ version: thing.version, name: 'Butter', grams: 200, shelf: 'C', note: '' });
    expect(answer.status).toBe(409);
  });
});
