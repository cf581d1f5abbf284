import { randomUUID } from 'node:crypto';
import { TestServer } from '../testing/server';
import { logWords } from '@crustallum/core/contracts/logWords';

const answers = {
  colour: 'golden',
  base: 'gold',
  leaks: 0,
  shrink: 'some',
  texture: 'crisp',
  stoodMm: 21,
  note: 'as it should be',
};
const entry = (date: string, title = 'Lantern pies') => ({ date, title, answers, snapshot: { expectedMm: 24 } });

let server: TestServer;
beforeAll(async () => (server = await new TestServer().start()));
afterAll(() => server.stop());
const keep = async (date: string, title?: string) =>
  (await server.ask.post('/api/log').send(entry(date, title)).expect(201)).body as { id: string; version: number };
const titles = async () => ((await server.ask.get('/api/log')).body as { title: string }[]).map((e) => e.title);

describe('an entry of the log', () => {
  it.each(Object.entries(logWords).flatMap(([field, words]) => words.map((word) => [field, word] as const)))(
    'takes for its %s: %s',
    async (field, word) => {
      // how it was liked is asked of each by name
      const said = field === 'liked' ? [{ name: 'Noor', how: word }] : word;
      const { body } = await server.ask
        .post('/api/log')
        .send({ ...entry('2026-01-01'), answers: { ...answers, [field]: said } })
        .expect(201);
      expect(body).toMatchObject({ answers: { [field]: said } });
    },
  );
  it.each([
    ['leaks', 61],
    ['leaks', 0.5],
    ['stoodMm', -1],
    ['bakedMin', 0],
    ['texture', 'chewy'],
    ['liked', [{ name: 'Noor', how: 'hated it' }]],
    ['note', 'x'.repeat(1001)],
  ])('refuses for its %s: %p', async (field, value) => {
    const answer = await server.ask
      .post('/api/log')
      .send({ ...entry('2026-01-01'), answers: { ...answers, [field]: value } });
    expect(answer.status).toBe(400);
    const { errors } = answer.body as { errors: { field: string }[] };
    expect(errors[0]?.field).toMatch(new RegExp(`^answers\\.${field}`));
  });
  it('takes an empty note: not everybody writes', async () => {
    await server.ask
      .post('/api/log')
      .send({ ...entry('2026-01-01'), answers: { ...answers, note: '' } })
      .expect(201);
  });
  it('keeps its snapshot when its answers are corrected, and stops a stale correction', async () => {
    const { id, version } = await keep('2026-05-01');
    await server.ask
      .put(`/api/log/${id}`)
      .send({ version, answers: { ...answers, leaks: 3 } })
      .expect(200);
    await server.ask.put(`/api/log/${id}`).send({ version, answers }).expect(409);
    expect((await server.ask.get(`/api/log/${id}`)).body).toMatchObject({
      answers: { leaks: 3 },
      snapshot: { expectedMm: 24 },
      version: version + 1,
    });
  });
  it('cannot have its snapshot rewritten', async () => {
    const { id, version } = await keep('2026-05-02');
    const answer = await server.ask.put(`/api/log/${id}`).send({ version, answers, snapshot: { expectedMm: 99 } });
    expect(answer.body).toMatchObject({ errors: [{ field: 'snapshot', code: 'unknown_field' }] });
  });
  it('can be taken out and put back in its place', async () => {
    const { id } = await keep('2031-01-02', 'Middle');
    await keep('2031-01-03', 'Newest');
    await keep('2031-01-01', 'Oldest');
    expect((await titles()).slice(0, 3)).toEqual(['Newest', 'Middle', 'Oldest']);
    await server.ask.delete(`/api/log/${id}`).expect(200);
    expect((await titles()).slice(0, 2)).toEqual(['Newest', 'Oldest']);
    await server.ask.post(`/api/log/${id}/restore`).expect(201);
    expect((await titles()).slice(0, 3)).toEqual(['Newest', 'Middle', 'Oldest']);
  });
  it('that is not there is answered with what would be', async () => {
    await server.ask.get(`/api/log/${randomUUID()}`).expect(404);
    await server.ask.get('/api/log/today').expect(400);
  });
});
