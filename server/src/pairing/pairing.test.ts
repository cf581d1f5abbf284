import { mostTries, type Door } from '@crustallum/core/contracts/device';
import { randomUUID } from 'node:crypto';
import { newDataFile, TestServer } from '../testing/server';

let server: TestServer;
// asked from another machine, unless it says that it is at home
beforeEach(async () => {
  server = await new TestServer(newDataFile(), undefined, {
    wide: true,
    atHome: ({ headers }) => headers['x-at-home'] === '1',
  }).start();
});
afterEach(() => server.stop());

const atHome = (method: 'get' | 'post' | 'delete', path: string) =>
  server.ask[method](`/api/pairing${path}`).set('x-at-home', '1');
const newCode = async () =>
  ((await atHome('post', '/code').send({ holdsMin: 10 }).expect(200)).body as Door).code ?? '';
const enter = (code: string, name = 'The tablet') => server.ask.post('/api/pairing/enter').send({ code, name });
/** Its cookie, as a browser keeps it. */
const letIn = async (name?: string) => {
  const { headers } = await enter(await newCode(), name).expect(200);
  const kept = [headers['set-cookie'] as unknown].flat().join();
  expect(kept).toMatch(/HttpOnly.*SameSite=Strict/i);
  return kept.split(';')[0] ?? '';
};

describe('a screen of the house', () => {
  it('reaches nothing of the data before it is let in, and everything of it after', async () => {
    await server.ask.get('/api/bakes').expect(401, { ok: false, errors: [{ field: '', code: 'not_let_in' }] });
    const cookie = await letIn();
    await server.ask.get('/api/bakes').set('Cookie', cookie).expect(200);
  });
  it('is let in by the digits once: they work for nobody after it', async () => {
    const code = await newCode();
    expect(code).toMatch(/^\d{6}$/);
    await enter(code).expect(200);
    expect((await enter(code)).body).toMatchObject({ errors: [{ code: 'no_code' }] });
  });
  it('has a few tries: then the digits are void, the right ones too', async () => {
    const code = await newCode();
    const wrong = code === '000000' ? '000001' : '000000';
    for (let left = mostTries - 1; left >= 0; left--)
      expect((await enter(wrong)).body).toMatchObject({
        errors: [{ code: 'wrong_code', allowed: { triesLeft: left } }],
      });
    await enter(code).expect(403);
  });
  it('may try ten times a minute, whatever is tried', async () => {
    const answers = [];
    for (let n = 0; n < 12; n++) answers.push((await enter('123456')).status);
    expect(answers.slice(0, 10)).toEqual(Array<number>(10).fill(403));
    expect(answers.slice(10)).toEqual([429, 429]);
  });
  it('can neither let others in nor shut them out', async () => {
    const cookie = await letIn();
    await server.ask.get('/api/pairing').set('Cookie', cookie).expect(403);
    await server.ask.post('/api/pairing/code').set('Cookie', cookie).expect(403);
    await server.ask.delete(`/api/pairing/devices/${randomUUID()}`).set('Cookie', cookie).expect(403);
  });
  it('taken back is shut out at once, and told so', async () => {
    const cookie = await letIn('Ines’s phone');
    const other = await letIn('The tablet');
    const { devices } = (await atHome('get', '').expect(200)).body as Door;
    expect(devices.map((d) => d.name)).toEqual(['Ines’s phone', 'The tablet']);
    await atHome('delete', `/devices/${devices[0]?.id}`).expect(200);
    await server.ask
      .get('/api/bakes')
      .set('Cookie', cookie)
      .expect(401, {
        ok: false,
        errors: [{ field: '', code: 'shut_out' }],
      });
    await server.ask.get('/api/bakes').set('Cookie', other).expect(200);
    await atHome('delete', `/devices/${devices[0]?.id}`).expect(404);
  });
  it('is not let in by a token of its own making', () =>
    server.ask.get('/api/bakes').set('Cookie', 'crustallum-device=abc').expect(401));
});

describe('the digits', () => {
  it('stand for ten minutes, and are put away by a press', async () => {
    await newCode();
    const shown = (await atHome('get', '')).body as Door;
    expect(shown.holdsForS).toBeGreaterThan(9.8 * 60);
    expect(shown.holdsForS).toBeLessThanOrEqual(600);
    expect(shown.open).toBe(shown.addresses.length > 0);
    expect(((await atHome('delete', '/code')).body as Door).code).toBeNull();
  });
  it('of a server that answers this machine only let nobody in: there is no address', async () => {
    const home = await new TestServer().start();
    expect((await home.ask.get('/api/pairing')).body).toMatchObject({ open: false, addresses: [] });
    await home.stop();
  });
});
