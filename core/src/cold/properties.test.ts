import fc from 'fast-check';
import { ingredientCompositions, mixtureComposition } from '../ingredients/composition';
import { RefusedInput } from '../quantities/refusal';
import { fatNames, solidFatContent } from './fats';
import { lookup, material, mixtureFrom, temperatureAt } from './material';
import { conductivity, density, enthalpy, properties } from './properties';
import { blendWindow, doughState, fatState, fatWindow, fatWindows } from './windows';

/** Every ninth of the table, and what doughs are made of. */
const names = Object.keys(ingredientCompositions).filter(
  (name, i) =>
    i % 9 === 0 || ['flour', 'water', 'butter', 'lard', 'egg', 'milk', 'sugar', 'salt', 'meatFilling'].includes(name),
);

describe('composition of a mixture', () => {
  it('conserves every component when two doughs are put together', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.constantFrom(...names),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (a, b, x, y) => {
          const both = mixtureComposition([
            { name: a, mass: x },
            { name: b, mass: y },
          ]);
          const [one, two] = [mixtureComposition([{ name: a, mass: x }]), mixtureComposition([{ name: b, mass: y }])];
          const water = (one.composition.water * x + two.composition.water * y) / (x + y);
          expect(both.composition.water).toBeCloseTo(water, 2);
          expect(both.mass).toBeCloseTo(x + y, 9);
        },
      ),
    );
  });
  it('shares the fat among its curves so that the shares sum to one', () => {
    const { fats } = mixtureComposition([
      { name: 'butter', mass: 1 },
      { name: 'lard', mass: 1 },
      { name: 'flour', mass: 2 },
    ]);
    expect(fats.reduce((sum, f) => sum + f.share, 0)).toBeCloseTo(1, 12);
  });
  it('refuses an unknown ingredient and a negative mass, naming the field', () => {
    expect(() => mixtureComposition([{ name: 'sawdust', mass: 1 }])).toThrow(RefusedInput);
    expect(() => mixtureComposition([{ name: 'flour', mass: -1 }])).toThrow('items.0.mass');
    expect(() => mixtureComposition([])).toThrow('empty');
  });
});

describe('enthalpy', () => {
  it.each(names)('of %s rises with every half degree from −35 to 100 °C', (name) => {
    const mixture = mixtureFrom([{ name, mass: 1 }]);
    let before = -Infinity;
    for (let t = -35; t <= 100; t += 0.5) {
      const h = enthalpy(mixture, t);
      expect(h).toBeGreaterThan(before);
      before = h;
    }
  });
  it('is zero at 0 °C, where its datum lies', () => {
    expect(
      enthalpy(
        mixtureFrom([
          { name: 'flour', mass: 1 },
          { name: 'water', mass: 0.5 },
        ]),
        0,
      ),
    ).toBeCloseTo(0, 9);
  });
  it('read backwards from its table gives the temperature back', () => {
    const m = material({
      items: [
        { name: 'flour', mass: 2 },
        { name: 'butter', mass: 1 },
        { name: 'water', mass: 1 },
      ],
    });
    for (const t of [-30, -5.1, 0, 7.3, 16, 25.2, 60])
      expect(temperatureAt(m.enthalpy, lookup(m.enthalpy, t))).toBeCloseTo(t, 6);
  });
});

describe('properties of a dough', () => {
  const dough = mixtureFrom([
    { name: 'flour', mass: 100 },
    { name: 'butter', mass: 50 },
    { name: 'water', mass: 25 },
  ]);
  it('lie between those of its parts', () => {
    const parts = ['flour', 'butter', 'water'].map((name) => density(mixtureFrom([{ name, mass: 1 }]), 10));
    expect(density(dough, 10)).toBeGreaterThan(Math.min(...parts));
    expect(density(dough, 10)).toBeLessThan(Math.max(...parts));
  });
  it('conduct worse with air in them', () => {
    const airy = mixtureFrom(
      [
        { name: 'flour', mass: 100 },
        { name: 'butter', mass: 50 },
        { name: 'water', mass: 25 },
      ],
      0.3,
    );
    expect(conductivity(airy, 10)).toBeLessThan(conductivity(dough, 10));
    expect(density(airy, 10)).toBeCloseTo(0.7 * density(dough, 10), 6);
  });
  it('take up more heat where the butter melts than where it does not', () => {
    expect(properties(dough, 17).apparentSpecificHeat).toBeGreaterThan(properties(dough, 60).apparentSpecificHeat);
  });
});

describe('solid fat', () => {
  it.each(fatNames)('of %s never grows as it warms', (fat) => {
    for (let t = -25; t < 55; t += 0.5)
      expect(solidFatContent(fat, t + 0.5)).toBeLessThanOrEqual(solidFatContent(fat, t) + 1e-12);
  });
  it('is gone above the melting end', () => {
    expect(solidFatContent('butter', 37)).toBe(0);
    expect(solidFatContent('coconut', 26)).toBe(0);
  });
});

describe('workable windows', () => {
  it.each(fatNames.filter((f) => fatWindows[f]))('of %s are in order', (fat) => {
    const w = fatWindow(fat);
    const order = w && [w.brittleBelow, w.idealLow, w.idealHigh, w.softAbove, w.leakAbove];
    expect(order).toEqual([...(order ?? [])].sort((a, b) => a - b));
  });
  it('call cold butter brittle in a sheet but ready in a crumb', () => {
    expect(fatState('butter', 6, 'sheet').state).toBe('brittle');
    expect(fatState('butter', 6, 'crumb').state).toBe('ideal');
  });
  it('call oil liquid at any temperature', () => expect(fatState('oil', -10).state).toBe('liquid'));
  it('move with this cook’s own correction, at most four degrees', () => {
    expect(fatWindow('butter', 2)?.softAbove).toBe(21);
    expect(fatWindow('butter', 9)?.softAbove).toBe(23);
  });
  it('know a frozen dough from a sticky one', () => {
    expect(doughState(-2, 0.5).state).toBe('frozen');
    expect(doughState(23, 0.5).state).toBe('sticky');
    expect(doughState(15, 0.3).kind).toBe('enriched');
  });
});

describe('the window of a blend', () => {
  const of = (...fats: [string, number][]) => blendWindow(fats.map(([fat, share]) => ({ fat, share })));
  it('is the fat’s own where there is only one', () => {
    for (const fat of fatNames) expect(of([fat, 1])).toEqual(fatWindow(fat));
  });
  it('of two fats lies between theirs', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.95, noNaN: true }), (share) => {
        const blend = of(['butter', share], ['puffMargarine', 1 - share]);
        const [a, b] = [fatWindow('butter'), fatWindow('puffMargarine')];
        for (const key of ['idealHigh', 'softAbove', 'leakAbove'] as const) {
          expect(blend?.[key]).toBeGreaterThanOrEqual(Math.min(a?.[key] ?? 0, b?.[key] ?? 0) - 1e-6);
          expect(blend?.[key]).toBeLessThanOrEqual(Math.max(a?.[key] ?? 0, b?.[key] ?? 0) + 1e-6);
        }
      }),
    );
  });
  it('falls as oil thins it, and there is none of oil alone', () => {
    const [little, much] = [of(['butter', 0.9], ['oil', 0.1]), of(['butter', 0.6], ['oil', 0.4])];
    expect(little?.softAbove).toBeLessThan(fatWindow('butter')?.softAbove ?? 0);
    expect(much?.softAbove).toBeLessThan(little?.softAbove ?? 0);
    expect(of(['oil', 1])).toBeNull();
  });
});
