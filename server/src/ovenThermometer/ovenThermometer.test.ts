import { ovenOffset, type OvenReading } from '@crustallum/core/oven/thermometer';
import { TestServer } from '../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await new TestServer().start();
});
afterAll(() => server.stop());

const read = async (setC: number, sinceOnMin: number): Promise<number | null> =>
  (
    (await server.ask.post('/api/oven-thermometer/read').send({ setC, sinceOnMin }).expect(200)).body as {
      valueC: number | null;
    }
  ).valueC;

describe('the stand-in for an oven thermometer', () => {
  it('warms up, and says the same when it is asked the same again', async () => {
    const [cold, warm] = [await read(190, 1), await read(190, 9)];
    expect(cold as number).toBeLessThan(warm as number);
    expect(await read(190, 9)).toBe(warm);
  });
  it('teaches how far its oven stands from the dial, whatever it swings', async () => {
    const readings: OvenReading[] = [];
    for (const setC of [180, 200])
      for (let sinceOnMin = 24; sinceOnMin < 60; sinceOnMin += 4) {
        const measuredC = await read(setC, sinceOnMin);
        if (measuredC !== null) readings.push({ setC, measuredC, sinceOnMin });
      }
    const { offsetC, confidence } = ovenOffset(readings);
    expect(confidence).not.toBe('none');
    expect(Math.abs(offsetC)).toBeLessThan(24);
    expect(Math.abs(offsetC)).toBeGreaterThan(0);
  });
  it('refuses a heat no oven is set to, by name', async () => {
    const { body } = await server.ask.post('/api/oven-thermometer/read').send({ setC: 900, sinceOnMin: 5 }).expect(400);
    expect(JSON.stringify(body)).toContain('setC');
  });
});
