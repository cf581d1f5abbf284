import { asGood } from '@crustallum/core/devices/failings';
import { TestServer } from '../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await new TestServer().start();
});
afterAll(() => server.stop());

const set = (device: string, failings: object) => server.ask.put(`/api/stand-ins/${device}`).send(failings);
const oven = async () =>
  (await server.ask.post('/api/oven-thermometer/read').send({ setC: 190, sinceOnMin: 60 }).expect(200)).body as {
    valueC: number | null;
    batteryPct: number;
  };

describe('the stand-ins for devices', () => {
  it('are good until they are said to fail', async () => {
    const { body } = await server.ask.get('/api/stand-ins').expect(200);
    expect(body).toEqual({ scale: asGood, probe: asGood, ovenThermometer: asGood });
    expect((await oven()).valueC).toBeLessThan(230);
  });
  it('show their other unit, fall silent, and run down', async () => {
    const { valueC: good } = await oven();
    await set('ovenThermometer', { ...asGood, shows: 'other' }).expect(200);
    expect((await oven()).valueC).toBeCloseTo((good ?? NaN) * 1.8 + 32, 6);
    await set('ovenThermometer', { ...asGood, batteryPct: 9 }).expect(200);
    expect((await oven()).batteryPct).toBeLessThan(9);
    for (const lost of [{ dropOuts: 1 }, { batteryPct: 0 }]) {
      await set('ovenThermometer', { ...asGood, ...lost }).expect(200);
      expect((await oven()).valueC).toBeNull();
    }
    await set('ovenThermometer', asGood).expect(200);
  });
  it('that there are not, and failings that cannot be, are refused by name', async () => {
    await set('whisk', asGood).expect(400);
    for (const [field, value] of [
      ['dropOuts', 2],
      ['batteryPct', -1],
      ['noise', 99],
      ['shows', 'stones'],
    ] as const) {
      const { body, status } = await set('probe', { ...asGood, [field]: value });
      expect([field, status]).toEqual([field, 400]);
      expect((body as { errors: { field: string }[] }).errors[0]?.field).toBe(field);
    }
  });
});
