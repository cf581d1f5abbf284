import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';

const item = starterItem('handPies', 6, 'You', 'roughPuff');
const meal = starterMeal('2026-12-12T18:30', 6, 'Supper');
const plan = planBake({ meal, items: [item], kitchen: plainKitchen });
const turns = plan.items[0]?.line.stretches.find((s) => s.code === 'turns');
let server: TestServer;
let bakeId = '';
beforeAll(async () => {
  server = await new TestServer().start();
  bakeId = ((await server.ask.post('/api/bakes').send({ meal, items: [item] })).body as { id: string }).id;
});
afterAll(() => server.stop());

const begin = async () => {
  const run = {
    id: randomUUID(),
    bakeId,
    startedAt: '2026-12-12T09:00:00Z',
    plan: { kitchen: plainKitchen, items: [{ document: item }] },
  };
  await server.ask.post('/api/runs').send(run).expect(200);
  return run.id;
};
const read = (runId: string, minute: number, more: object = {}) =>
  server.ask.post('/api/probe/read').send({ runId, itemIndex: 0, stepId: turns?.stepId, minute, ...more });

describe('the stand-in for a probe', () => {
  it('warms with the pastry, and says the same when it is asked again', async () => {
    const run = await begin();
    const values: number[] = [];
    for (let minute = 0; minute < 8; minute += 0.5) {
      const { body } = await read(run, minute).expect(200);
      const { valueC } = body as { valueC: number | null };
      expect((await read(run, minute)).body).toMatchObject({ valueC });
      if (valueC !== null) values.push(valueC);
    }
    expect(values.length).toBeGreaterThan(8);
    expect(values.at(-1)).toBeGreaterThan((values[0] as number) + 1);
  });
  it('stands in another kitchen at every run', async () => {
    const all = await Promise.all(
      Array.from({ length: 6 }, async () => ((await read(await begin(), 6)).body as { valueC: number | null }).valueC),
    );
    expect(new Set(all).size).toBeGreaterThan(2);
  });
  it('names a run, an item or a step that is not there', async () => {
    const run = await begin();
    await read(randomUUID(), 1).expect(404);
    await read(run, 1, { itemIndex: 3 }).expect(404);
    const { body, status } = await read(run, 1, { stepId: 'bake9' });
    expect(status).toBe(422);
    expect((body as { errors: { field: string }[] }).errors[0]?.field).toBe('stepId');
  });
});
