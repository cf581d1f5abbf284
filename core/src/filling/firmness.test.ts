import fc from 'fast-check';
import { drinkers, firmnessOf } from './firmness';
import { spoonsOf } from './spoons';

const part = (ingredient: string, inPieG: number, preparation: 'asItIs' | 'mashed' | 'drained' | 'raw' = 'asItIs') => ({
  name: ingredient,
  ingredient,
  preparation,
  trimmedG: inPieG,
  inPieG,
});
const curd = part('ricotta', 500, 'drained');

describe('a filling that is no sauce', () => {
  it('holds a scoop as curd, slumps with milk in it, and falls to crumbs with too much of what drinks', () => {
    expect(firmnessOf([curd])?.stands).toBe('holds');
    expect(firmnessOf([curd, part('milk', 120)])?.stands).toBe('slumps');
    expect(firmnessOf([curd, part('breadcrumbs', 120)])?.stands).toBe('crumbles');
  });
  it('is mended by what is said to mend it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 250 }), (milk) => {
        const wet = [curd, part('milk', milk)];
        const crumbs = firmnessOf(wet)?.drier.find((d) => d.kind === 'freshCrumbs')?.grams ?? 0;
        // no more than drinks what runs: the milk, and what the curd lets go of
        expect(crumbs * drinkers.freshCrumbs).toBeLessThanOrEqual(milk + 500 * 0.06);
        expect(firmnessOf([...wet, part('freshCrumbs', crumbs)])?.stands).toBe('holds');
      }),
    );
    const dry = [curd, part('breadcrumbs', 120)];
    expect(firmnessOf([...dry, part('stock', firmnessOf(dry)?.wetterG ?? 0)])?.stands).toBe('holds');
  });
  it('is not asked of pieces that only lie together', () => {
    expect(firmnessOf([part('stewingBeef', 400, 'raw'), part('onion', 100, 'raw')])).toBeNull();
  });
});

describe('spoons of filling', () => {
  it('are fewer heaped than level, and a scoop is said only where one is near', () => {
    expect(spoonsOf(46.5)).toEqual({ level: 3, heaped: 2, scoop: 20 });
    expect(spoonsOf(400).scoop).toBeNull();
    fc.assert(
      fc.property(fc.double({ min: 5, max: 500, noNaN: true }), (ml) => {
        const { level, heaped } = spoonsOf(ml);
        expect(heaped).toBeLessThanOrEqual(level);
      }),
    );
  });
});
