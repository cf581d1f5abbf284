import { spiceSlips, usualSpicePct } from './spices';

describe('a slip of the spoon', () => {
  const nutmeg = (grams: number) => [{ name: 'Nutmeg', ingredient: 'nutmeg', grams }];
  it('is a tablespoon of nutmeg where a teaspoon is plenty', () => {
    expect(spiceSlips(nutmeg(2), 900)).toEqual([]);
    expect(spiceSlips(nutmeg(7), 900)).toMatchObject([{ name: 'Nutmeg', grams: 7 }]);
  });
  it('is judged against the filling: what is far too much for one pie is right for ten', () => {
    expect(spiceSlips(nutmeg(7), 900)).toHaveLength(1);
    expect(spiceSlips(nutmeg(7), 9000)).toEqual([]);
  });
  it('is offered what is usual, which is no slip itself', () => {
    for (const [ingredient, [from, to]] of Object.entries(usualSpicePct)) {
      expect(from).toBeLessThan(to);
      const [slip] = spiceSlips([{ name: ingredient, ingredient, grams: 60 }], 1000);
      expect(slip?.usualG).toBeCloseTo(10 * to, 9);
      expect(spiceSlips([{ name: ingredient, ingredient, grams: slip?.usualG ?? 0 }], 1000)).toEqual([]);
    }
  });
  it('names the worst first', () => {
    const both = [
      { name: 'Curry powder', ingredient: 'curryPowder', grams: 40 },
      { name: 'Cloves', ingredient: 'cloves', grams: 15 },
    ];
    expect(spiceSlips(both, 1000).map((s) => s.name)).toEqual(['Cloves', 'Curry powder']);
  });
});
