import fc from 'fast-check';
import { fruitBalance, fruits } from './fruit';
import { bodies, bodyNames, flourFor, powerOf } from './thickening';

const plums = (more: Partial<Parameters<typeof fruitBalance>[0]> = {}) => {
  const made = fruitBalance({
    fruit: [{ ingredient: 'plum', grams: 900 }],
    sugarG: 130,
    binders: [],
    wanted: 'holds a trail',
    ...more,
  });
  if (!made) throw new Error('no fruit');
  return made;
};
const anyFruit = fc.constantFrom(...Object.keys(fruits));
const anyBalance = fc.record({
  fruit: fc.array(fc.record({ ingredient: anyFruit, grams: fc.integer({ min: 50, max: 1500 }) }), {
    minLength: 1,
    maxLength: 4,
  }),
  sugarG: fc.integer({ min: 0, max: 400 }),
  binders: fc.array(
    fc.record({
      kind: fc.constantFrom('cornflour' as const, 'tapioca' as const, 'flour' as const),
      grams: fc.integer({ min: 0, max: 60 }),
    }),
    { maxLength: 2 },
  ),
  wanted: fc.constantFrom(...bodyNames),
  boiledTo: fc.option(fc.double({ min: 0.2, max: 1, noNaN: true })),
});

describe('the juice of fruit', () => {
  it('closes: what is let go of and what the sugar makes, less what is boiled away, is the liquid', () => {
    fc.assert(
      fc.property(anyBalance, (o) => {
        const b = fruitBalance(o);
        if (!b) throw new Error('no fruit');
        expect(b.liquidG).toBeCloseTo(Math.max(1, b.waterG + b.fromSugarG - b.keptOutG), 6);
        expect(b.boiledG + b.keptOutG).toBeCloseTo(b.drawnG, 6);
        expect(b.keptOutG).toBeGreaterThanOrEqual(0);
      }),
    );
  });
  it('more of a binder is never thinner, and what is asked for more reaches the wanted body', () => {
    fc.assert(
      fc.property(anyBalance, fc.integer({ min: 1, max: 80 }), (o, grams) => {
        const before = fruitBalance(o);
        const after = fruitBalance({ ...o, binders: [...o.binders, { kind: 'cornflour', grams }] });
        expect(bodyNames.indexOf(after?.body ?? 'broth')).toBeGreaterThanOrEqual(
          bodyNames.indexOf(before?.body ?? 'paste'),
        );
        for (const { kind, grams: more } of before?.more ?? [])
          if (more > 0)
            expect(fruitBalance({ ...o, binders: [...o.binders, { kind, grams: more }] })?.body).toBe(o.wanted);
      }),
    );
  });
  it('bound too much is brought back to what is wanted', () => {
    const paste = plums({ binders: [{ kind: 'cornflour', grams: 40 }] });
    expect(paste.bindLess).toBeLessThan(1);
    expect(plums({ binders: [{ kind: 'cornflour', grams: 40 * paste.bindLess }] }).body).toBe('holds a trail');
    expect(plums().bindLess).toBe(1);
  });
  it('boiled down leaves less to bind', () => {
    const [left, down] = [plums(), plums({ boiledTo: 0.4 })];
    expect(down.drawnG).toBeCloseTo(108, 6);
    expect(left.liquidG - down.liquidG).toBeCloseTo(0.6 * 108, 6);
    const grams = (b: typeof left) => b.more.find((m) => m.kind === 'cornflour')?.grams ?? 0;
    expect(grams(down)).toBeLessThan(grams(left));
  });
  it('is bound by less where the fruit has pectin, and by more where it is sour', () => {
    const of = (ingredient: string) =>
      fruitBalance({ fruit: [{ ingredient, grams: 800 }], sugarG: 100, binders: [], wanted: 'clings' });
    const per100 = (ingredient: string) => {
      const b = of(ingredient);
      return (100 * (b?.more.find((m) => m.kind === 'cornflour')?.grams ?? 0)) / (b?.liquidG ?? 1);
    };
    expect(per100('plum')).toBeLessThan(per100('cherry'));
    expect(per100('rhubarb')).toBeGreaterThan(per100('peach'));
    expect(per100('peach')).toBeCloseTo(flourFor(bodies.clings) / powerOf({ kind: 'cornflour', pH: 3.8 }), 6);
  });
  it('sets later with sugar, and at its own heat for each binder', () => {
    const sets = (sugarG: number, kind: 'cornflour' | 'potato') =>
      plums({ sugarG, binders: [{ kind, grams: 20 }] }).setsC ?? 0;
    expect(sets(300, 'cornflour')).toBeGreaterThan(sets(100, 'cornflour'));
    expect(sets(100, 'cornflour')).toBeGreaterThan(sets(100, 'potato'));
    expect(plums().setsC).toBeNull();
  });
  it('of nothing known is nothing', () =>
    expect(
      fruitBalance({ fruit: [{ ingredient: 'leek', grams: 500 }], sugarG: 0, binders: [], wanted: 'clings' }),
    ).toBeNull());
});
