import fc from 'fast-check';
import { preparations } from './inPie';
import { potOf, tenderMin, type PotPart } from './pot';

const part = (
  ingredient: string,
  preparation: PotPart['preparation'],
  trimmedG = 200,
  entersMin?: number,
): PotPart => ({
  ingredient,
  preparation,
  trimmedG,
  entersMin,
});
const stew = [
  part('stewingBeef', 'browned', 900),
  part('onion', 'sweated'),
  part('flour', 'asItIs', 30),
  part('beer', 'asItIs', 400),
  part('carrot', 'boiled'),
  part('peas', 'boiled'),
  part('parsley', 'asItIs', 10),
];
const pot = (parts: PotPart[] = stew, o: Partial<Parameters<typeof potOf>[0]> = {}) =>
  potOf({ minutes: 120, diceMm: 15, panCm: 26, parts, ...o });
const anyPart = fc.record({
  ingredient: fc.constantFrom(
    'stewingBeef',
    'onion',
    'flour',
    'stock',
    'milk',
    'carrot',
    'thyme',
    'apple',
    'salmon',
    null,
  ),
  preparation: fc.constantFrom(...preparations),
  trimmedG: fc.integer({ min: 0, max: 3000 }),
  entersMin: fc.option(fc.integer({ min: 0, max: 240 }), { nil: undefined }),
});

describe('one pot', () => {
  it('browns, sweats, binds, pours, and lets roots be tender at the end; herbs go in off the heat', () => {
    const { entersMin, last } = pot();
    const [beef, onion, flour, beer, carrot, peas, parsley] = entersMin;
    expect(beef).toBe(0);
    // two lots of meat first
    expect(onion).toBe(18);
    expect(flour).toBeGreaterThan(onion);
    expect(beer).toBeGreaterThan(flour);
    expect(carrot).toBe(Math.round(120 - tenderMin(15)));
    expect(peas).toBeGreaterThan(carrot);
    expect(parsley).toBe(120);
    expect(last).toEqual([6]);
  });
  it('is one strand: its stretches are its minutes, and everything enters once, whatever is listed', () => {
    fc.assert(
      fc.property(
        fc.array(anyPart, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 1, max: 240 }),
        (parts, minutes) => {
          const { stages, last, entersMin } = pot(parts, { minutes });
          expect(stages.reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(minutes, 9);
          expect([...stages.flatMap((s) => s.parts), ...last].sort((a, b) => a - b)).toEqual(parts.map((_, at) => at));
          for (const [at, p] of parts.entries())
            if (p.entersMin !== undefined) expect(entersMin[at]).toBe(Math.min(minutes, p.entersMin));
        },
      ),
    );
  });
  it('gives off more steam open than covered, boiling than barely simmering, and none while it only fries', () => {
    const steam = (heat: 'lowsimmer' | 'boil', lid: 'open' | 'on') =>
      pot(stew, { heats: [{ fromMin: 30, heat, lid }] }).steamG;
    expect(steam('boil', 'open')).toBeGreaterThan(steam('lowsimmer', 'open'));
    expect(steam('lowsimmer', 'open')).toBeGreaterThan(steam('lowsimmer', 'on'));
    expect(pot([part('onion', 'sweated'), part('butter', 'asItIs', 20)]).steamG).toBe(0);
  });
  it('stirs a slurry in near the end and a flour before the liquid', () => {
    const [, starch] = pot([part('stock', 'asItIs'), part('cornflour', 'asItIs', 20)]).entersMin;
    const [stock, flour] = pot([part('stock', 'asItIs'), part('flour', 'asItIs', 20)]).entersMin;
    expect(starch).toBeGreaterThan(110);
    expect(flour).toBeLessThan(stock);
  });
});
