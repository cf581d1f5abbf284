import fc from 'fast-check';
import type { ItemInput } from '../../contracts/item';
import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen as kitchen } from '../starters';
import { fromRest } from './fromRest';

const pasties = formItem('pasties', 7, 'You');
/** The same with so much more of everything that goes in. */
const richer = (times: number): ItemInput => ({
  ...pasties,
  filling: {
    ...pasties.filling,
    ingredients: pasties.filling.ingredients.map((i) => ({ ...i, gramsPer100: times * i.gramsPer100 })),
  },
});

describe('something from the rest', () => {
  it('never takes more dough or filling than is left', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.9, max: 2, noNaN: true }), (times) => {
        const { doughG, fillingG, ways } = fromRest({ item: richer(times), kitchen });
        for (const w of ways) {
          expect(w.n * w.eachDoughG).toBeLessThanOrEqual(doughG + 1e-6);
          expect(w.n * w.eachFillingG).toBeLessThanOrEqual(fillingG + 1e-6);
        }
      }),
      { numRuns: 12 },
    );
  });
  it('is small pies where there is filling, and takes less time than the pies themselves', () => {
    const { ways } = fromRest({ item: richer(1.5), kitchen });
    const own = planItem(richer(1.5), kitchen).oven.minutes as number;
    expect(ways.length).toBeGreaterThan(0);
    for (const w of ways) {
      expect(w.kind).toBe('halfmoon');
      expect(w.bakeMin).not.toBeNull();
      expect(w.bakeMin as number).toBeLessThan(own);
    }
  });
  it('is twists where there is none, and nothing of leaves', () => {
    expect(fromRest({ item: richer(1), kitchen }).ways.map((w) => w.kind)).toEqual(['twist']);
    expect(fromRest({ item: formItem('filoTray', 6, 'You'), kitchen }).ways).toEqual([]);
  });
});
