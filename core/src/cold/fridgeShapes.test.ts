import { environment } from './environments';
import { fridgeShapeNames, fridgeShapes, shapesOf } from './fridgeShapes';
import { material } from './material';

const dough = material({
  items: [
    { name: 'flour', mass: 0.25 },
    { name: 'butter', mass: 0.125 },
    { name: 'water', mass: 0.06 },
  ],
});
const ask = (more: Partial<Parameters<typeof fridgeShapes>[0]> = {}) =>
  fridgeShapes({
    material: dough,
    freezesC: -3,
    massKg: 0.6,
    thicknessM: 0.025,
    startC: 18,
    targetC: 8,
    fridge: environment('fridge', { airC: 4, wrap: 'film' }),
    fridgeC: 4,
    freezerC: -18,
    roomC: 20,
    ...more,
  });

describe('one dough in five shapes', () => {
  it('keeps its volume in every one of them', () => {
    const volume = 0.5e-3;
    const { disc, slab, log, block, ball } = shapesOf(volume, 0.02);
    expect(Math.PI * (disc.shape.radiusM ?? 0) ** 2 * 0.02).toBeCloseTo(volume, 9);
    expect((slab.shape.lengthM ?? 0) * (slab.shape.widthM ?? 0) * 0.02).toBeCloseTo(volume, 9);
    expect(Math.PI * (log.shape.radiusM ?? 0) ** 2 * (log.shape.lengthM ?? 0)).toBeCloseTo(volume, 9);
    expect((block.shape.lengthM ?? 0) * (block.shape.widthM ?? 0) * (block.shape.thicknessM ?? 0)).toBeCloseTo(
      volume,
      9,
    );
    expect((4 / 3) * Math.PI * (ball.shape.radiusM ?? 0) ** 3).toBeCloseTo(volume, 9);
  });
  it('is ready soonest pressed flat, last as a ball', () => {
    const minutes = Object.fromEntries(ask().map((s) => [s.name, s.minutes ?? Infinity]));
    expect(minutes['disc']).toBeLessThan(minutes['block']);
    expect(minutes['block']).toBeLessThan(minutes['ball']);
  });
  it('is colder at its rim than in its middle, the more so the thicker it is', () => {
    const apart = (name: string) => {
      const s = ask().find((x) => x.name === name);
      return (s?.middleC ?? 0) - (s?.surfaceC ?? 0);
    };
    for (const name of fridgeShapeNames) expect(apart(name)).toBeGreaterThan(0);
    expect(apart('block')).toBeGreaterThan(apart('disc'));
  });
  it('freezes at its rim where the freezer is asked for too much cold', () => {
    expect(ask({ targetC: 0 }).some((s) => s.rimFrozen)).toBe(true);
    expect(ask({ targetC: 10 }).every((s) => !s.rimFrozen)).toBe(true);
    expect(ask({ targetC: 0, freezesC: null }).every((s) => !s.rimFrozen)).toBe(true);
  });
  it('never gets there in a fridge that is warmer, and says so', () => {
    const warm = ask({ fridge: environment('fridge', { airC: 10, wrap: 'film' }), fridgeC: 10 });
    for (const s of warm) expect([s.name, s.minutes, s.range]).toEqual([s.name, null, null]);
  });
  it('of no mass, or pressed to nothing, is refused by name', () => {
    expect(() => ask({ massKg: 0 })).toThrow('massKg');
    expect(() => ask({ thicknessM: 0 })).toThrow('thicknessM');
  });
});
