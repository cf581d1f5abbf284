import fc from 'fast-check';
import { ingredientCompositions, mixtureComposition } from './composition';
import type { IngredientName } from './table';

const names = Object.keys(ingredientCompositions) as IngredientName[];
const parts = ['water', 'fat', 'protein', 'carb', 'fibre', 'ash'] as const;

describe('the composition of ingredients', () => {
  it.each(names)('adds up to the whole: %s', (name) => {
    const c = ingredientCompositions[name];
    expect(parts.reduce((sum, p) => sum + c[p], 0)).toBeCloseTo(1, 1);
    for (const p of parts) expect(c[p]).toBeGreaterThanOrEqual(0);
  });
  it.each(names)('counts sugar among the carbohydrate and salt among the ash: %s', (name) => {
    const c = ingredientCompositions[name];
    expect(c.sugar).toBeLessThanOrEqual(c.carb + 1e-9);
    expect(c.salt).toBeLessThanOrEqual(c.ash + 1e-9);
  });
  it('has fats with little water, butter and margarine with some, flour with an eighth', () => {
    for (const name of ['lard', 'shortening', 'clarifiedButter', 'suet', 'coconut', 'oil'] as const)
      expect(ingredientCompositions[name].water).toBeLessThanOrEqual(0.02);
    expect(ingredientCompositions.butter.water).toBeCloseTo(0.16, 2);
    expect(ingredientCompositions.flour.water).toBeCloseTo(0.13, 2);
  });
});

describe('a mixture', () => {
  const mixture = fc
    .uniqueArray(fc.constantFrom(...names), { minLength: 1, maxLength: 6 })
    .chain((chosen) =>
      fc.tuple(...chosen.map((name) => fc.double({ min: 0.001, max: 2, noNaN: true }).map((mass) => ({ name, mass })))),
    );
  it('weighs what went into it and adds up to the whole', () => {
    fc.assert(
      fc.property(mixture, (items) => {
        const m = mixtureComposition(items);
        expect(m.mass).toBeCloseTo(
          items.reduce((sum, i) => sum + i.mass, 0),
          9,
        );
        expect(parts.reduce((sum, p) => sum + m.composition[p], 0)).toBeCloseTo(1, 9);
      }),
    );
  });
  it('lies between its driest and its wettest ingredient', () => {
    fc.assert(
      fc.property(mixture, (items) => {
        const waters = items.map((i) => ingredientCompositions[i.name].water);
        const { water } = mixtureComposition(items).composition;
        expect(water).toBeGreaterThan(Math.min(...waters) - 0.02);
        expect(water).toBeLessThan(Math.max(...waters) + 0.02);
      }),
    );
  });
  it('shares its fat between the curves it comes from', () => {
    fc.assert(
      fc.property(mixture, (items) => {
        const { fats, composition } = mixtureComposition(items);
        if (composition.fat > 0) expect(fats.reduce((sum, f) => sum + f.share, 0)).toBeCloseTo(1, 9);
        for (const f of fats) expect(f.share).toBeGreaterThan(0);
      }),
    );
  });
  it('is the same in any order, and in any amount', () => {
    const items = [
      { name: 'flour', mass: 0.4 },
      { name: 'butter', mass: 0.3 },
      { name: 'water', mass: 0.16 },
    ];
    const one = mixtureComposition(items);
    const turned = mixtureComposition([...items].reverse());
    const tenfold = mixtureComposition(items.map((i) => ({ ...i, mass: i.mass * 10 })));
    for (const p of parts) {
      expect(turned.composition[p]).toBeCloseTo(one.composition[p], 12);
      expect(tenfold.composition[p]).toBeCloseTo(one.composition[p], 12);
    }
  });
  it('of flour and butter knows butter fat from the little oil of the flour', () => {
    const { fats } = mixtureComposition([
      { name: 'flour', mass: 0.4 },
      { name: 'butter', mass: 0.3 },
    ]);
    expect(fats.find((f) => f.fat === 'butter')?.share).toBeGreaterThan(0.97);
    expect(fats.map((f) => f.fat).sort()).toEqual(['butter', 'oil']);
  });
  it('of nothing, of something unknown or of less than nothing is refused, naming it', () => {
    expect(() => mixtureComposition([])).toThrow('items: empty');
    expect(() => mixtureComposition([{ name: 'sawdust', mass: 1 }])).toThrow('items.0.name');
    expect(() => mixtureComposition([{ name: 'flour', mass: -1 }])).toThrow('items.0.mass');
    expect(() => mixtureComposition([{ name: 'flour', mass: NaN }], 'dough')).toThrow('dough.0.mass');
  });
});
