import { planBake } from '@crustallum/core/plan/bake';
import type { BakeInput } from '@crustallum/core/plan/inputs';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { TestServer } from '../testing/server';

const meal = starterMeal('2026-12-12T18:30', 6, 'Supper');
const item = starterItem('handPies', 6, 'You');

let server: TestServer;
beforeAll(async () => (server = await new TestServer().start()));
afterAll(() => server.stop());

describe('compute', () => {
  it('lists every model and runs one by name', async () => {
    const list = (await server.ask.get('/api/compute')).body as { name: string; input: unknown }[];
    expect(list.length).toBeGreaterThan(50);
    expect(list.find((m) => m.name === 'cold.fatState')?.input).toMatchObject({
      properties: { temperatureC: { type: 'number', minimum: -40, maximum: 120, description: '°C' } },
    });
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
