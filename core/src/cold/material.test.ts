import fc from 'fast-check';
import { ingredientCompositions, mixtureComposition } from '../ingredients/composition';
import { freezing, iceFraction } from './freezing';
import { latentLine, massTransferCoefficient, saturationVapourDensity } from './latent';
import { lookup, material, tableIndex, tableNodes, temperatureAt, temperatureNear } from './material';

const plain = (density = 1000, heat = 2000, k = 0.3) =>
  ({ kind: 'const', densityKgM3: density, specificHeat: heat, conductivity: k }) as const;

describe('a laminate', () => {
  const dough = {
    items: [
      { name: 'flour', mass: 100 },
      { name: 'water', mass: 50 },
    ],
  };
  const fat = { items: [{ name: 'butter', mass: 1 }] };
  const laminate = (share: number) => material({ kind: 'laminate', dough, fat, fatMassFraction: share });

  it('conducts along its layers at least as well as across them', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.9, noNaN: true }),
        fc.integer({ min: 0, max: tableNodes - 1 }),
        (share, i) => {
          const m = laminate(share);
          expect(m.along[i]).toBeGreaterThanOrEqual(m.across[i] - 1e-12);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('lies between its dough and its fat in everything', () => {
    const m = laminate(0.35);
    const parts = [material(dough), material(fat)];
    const between = (value: number, of: (x: (typeof parts)[0]) => number) => {
      const [a, b] = parts.map(of) as [number, number];
      expect(value).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-9);
      expect(value).toBeLessThanOrEqual(Math.max(a, b) + 1e-9);
    };
    between(m.densityKgM3, (x) => x.densityKgM3);
    for (const t of [-10, 5, 16, 30]) {
      between(lookup(m.across, t), (x) => lookup(x.across, t));
      between(lookup(m.along, t), (x) => lookup(x.along, t));
    }
  });
  it('stores the heat of its parts by their mass', () => {
    const h = (x: ReturnType<typeof material>) => lookup(x.enthalpy, 18) - lookup(x.enthalpy, 6);
    expect(h(laminate(0.4))).toBeCloseTo(0.4 * h(material(fat)) + 0.6 * h(material(dough)), 6);
  });
  it('has more of its volume in fat than of its mass, for fat is lighter', () => {
    const m = laminate(0.4);
    expect(m.fatVolumeShare).toBeGreaterThan(0.4);
    expect(m.fatVolumeShare).toBeLessThan(0.5);
  });
  it('has no volume share of fat when it is one dough', () => expect(material(dough).fatVolumeShare).toBeNull());
});

describe('the tables of a substance', () => {
  const m = material({
    items: [
      { name: 'flour', mass: 3 },
      { name: 'lard', mass: 1 },
      { name: 'water', mass: 1 },
    ],
  });
  it('read forth and back give the same temperature, by either search', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -38, max: 105, noNaN: true }),
        fc.double({ min: -38, max: 105, noNaN: true }),
        (t, near) => {
          const h = lookup(m.enthalpy, t);
          expect(temperatureAt(m.enthalpy, h)).toBeCloseTo(t, 6);
          expect(temperatureNear(m.enthalpy, h, near)).toBeCloseTo(t, 6);
        },
      ),
    );
  });
  it('go on straight beyond their ends', () => {
    expect(tableIndex(-400)).toBe(0);
    expect(tableIndex(400)).toBe(tableNodes - 2);
    const slope = lookup(m.enthalpy, 111) - lookup(m.enthalpy, 110);
    expect(lookup(m.enthalpy, 113) - lookup(m.enthalpy, 112)).toBeCloseTo(slope, 6);
  });
  it('are remembered for the same substance', () => expect(material(plain())).toBe(material(plain())));
  it('of a step rise by its latent heat over the melt', () => {
    const s = material({ ...plain(), kind: 'step', latentHeat: 80_000, meltsFromC: 20, meltsToC: 24 });
    expect(lookup(s.enthalpy, 24) - lookup(s.enthalpy, 20)).toBeCloseTo(80_000 + 4 * 2000, 6);
    expect(lookup(s.enthalpy, 30) - lookup(s.enthalpy, 26)).toBeCloseTo(4 * 2000, 6);
  });
  it.each([
    ['a density of nought', { ...plain(), densityKgM3: 0 }, 'material.densityKgM3'],
    ['a negative conductivity', { ...plain(), conductivity: -1 }, 'material.conductivity'],
    [
      'a melt that ends before it begins',
      { ...plain(), kind: 'step' as const, latentHeat: 1, meltsFromC: 9, meltsToC: 5 },
      'material.meltsToC',
    ],
    ['nine tenths air', { items: [{ name: 'flour', mass: 1 }], air: 0.9 }, 'material.air'],
    [
      'a laminate of fat alone',
      { kind: 'laminate' as const, dough: plain(), fat: plain(), fatMassFraction: 1 },
      'material.fatMassFraction',
    ],
    [
      'an unknown fat in a laminate',
      { kind: 'laminate' as const, dough: plain(), fat: { items: [{ name: 'wax', mass: 1 }] }, fatMassFraction: 0.3 },
      'material.fat.items.0.name',
    ],
  ])('refuse %s, naming the field', (_what, spec, field) => expect(() => material(spec)).toThrow(field));
});

describe('the freezing of a dough', () => {
  const of = (items: { name: string; mass: number }[]) => freezing(mixtureComposition(items).composition);
  it('starts at half a degree under nought for pure water, by the clamp', () =>
    expect(of([{ name: 'water', mass: 1 }]).startsAtC).toBe(-0.5));
  it('starts the lower the more salt and sugar there is', () => {
    const start = (extra: { name: string; mass: number }[]) =>
      of([{ name: 'flour', mass: 100 }, { name: 'water', mass: 50 }, ...extra]).startsAtC as number;
    expect(start([{ name: 'salt', mass: 2 }])).toBeLessThan(start([]));
    expect(start([{ name: 'sugar', mass: 20 }])).toBeLessThan(start([{ name: 'sugar', mass: 5 }]));
    expect(start([{ name: 'sugar', mass: 400 }])).toBeGreaterThanOrEqual(-20);
  });
  it('never happens in fat or dry flour', () => {
    expect(of([{ name: 'lard', mass: 1 }]).startsAtC).toBeNull();
    expect(of([{ name: 'flour', mass: 1 }]).startsAtC).toBeNull();
  });
  it('keeps bound water liquid: ice is never more than the free water', () => {
    for (const name of Object.keys(ingredientCompositions).filter((_, i) => i % 9 === 0)) {
      const f = of([{ name, mass: 1 }]);
      expect(f.boundWater + f.freeWater).toBeCloseTo(mixtureComposition([{ name, mass: 1 }]).composition.water, 9);
      for (let t = 0; t >= -40; t -= 2) {
        expect(iceFraction(f, t)).toBeLessThanOrEqual(f.freeWater + 1e-12);
        expect(iceFraction(f, t - 2)).toBeGreaterThanOrEqual(iceFraction(f, t));
      }
    }
  });
});

describe('moist air', () => {
  it.each([
    [0, 4.85],
    [10, 9.4],
    [20, 17.3],
    [30, 30.4],
  ])('saturated at %d °C carries about %d g of water a cubic metre', (t, grams) =>
    expect(Math.abs(saturationVapourDensity(t) * 1000 - grams) / grams).toBeLessThan(0.01),
  );
  it('carries moisture in proportion to how it carries heat', () =>
    expect(massTransferCoefficient(12) / massTransferCoefficient(4)).toBeCloseTo(3, 12));
  it('condenses on what lies under its dew point and dries what lies above', () => {
    const flux = (surfaceC: number) =>
      latentLine({ convective: 4, humidity: 0.6, waterActivity: 1 }, 20, surfaceC).flux;
    expect(flux(5)).toBeGreaterThan(0);
    expect(flux(18)).toBeLessThan(0);
    // 60 % at 20 °C has its dew point at 12.0 °C; the balance is of densities, a few tenths of a degree from it
    expect(Math.abs(flux(12)) / flux(5)).toBeLessThan(0.1);
  });
  it('has a slope that follows its own flux', () => {
    const at = (t: number) => latentLine({ convective: 4, humidity: 0.5, waterActivity: 0.97 }, 22, t);
    const step = 0.01;
    expect((at(8 - step).flux - at(8 + step).flux) / (2 * step)).toBeCloseTo(at(8).slope, 2);
  });
});
