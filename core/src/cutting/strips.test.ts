import fc from 'fast-check';
import { planScraps, twist } from './scraps';
import { stripRows } from './strips';
import { thicknessByWeight } from './thickness';

/** Fewest rows by trying every assignment: for a handful of strips. */
function exhaustive(lengths: readonly number[], L: number): number {
  let best = lengths.length;
  const place = (i: number, free: number[]): void => {
    if (free.length >= best) return;
    const l = lengths[i];
    if (l === undefined) {
      best = free.length;
      return;
    }
    free.forEach((room, row) => {
      if (room >= l - 1e-9)
        place(
          i + 1,
          free.map((r, k) => (k === row ? r - l : r)),
        );
    });
    place(i + 1, [...free, L - l]);
  };
  place(0, []);
  return best;
}

describe('strips in rows', () => {
  it('take as few rows as trying everything does', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 200 }), { minLength: 1, maxLength: 7 }), (lengths) =>
        expect(stripRows({ lengths, L: 200 }).rows).toBe(exhaustive(lengths, 200)),
      ),
      { numRuns: 100 },
    );
  });
  it('fill no row over its length, and leave none out', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 300 }), { minLength: 1, maxLength: 60 }), (lengths) => {
        const { rows, assign } = stripRows({ lengths, L: 300 });
        expect(assign).toHaveLength(lengths.length);
        for (let row = 0; row < (rows ?? 0); row++)
          expect(lengths.reduce((sum, l, i) => (assign[i] === row ? sum + l : sum), 0)).toBeLessThanOrEqual(300 + 1e-9);
      }),
    );
  });
  it('longer than the sheet are named: two have to be joined', () =>
    expect(stripRows({ lengths: [100, 420, 90], L: 400 })).toEqual({
      rows: null,
      assign: [],
      exact: true,
      tooLong: [1],
    }));
});

describe('what is left', () => {
  const left = { scrapG: 120, miniMm: 50, thicknessMm: 3, rho: 1.15, generation: 2 };
  it('is kept whole, unless it is too little for a box', () => {
    expect(planScraps({ ...left, fate: 'keep' })).toMatchObject({ keptG: 120, n: 0 });
    expect(planScraps({ ...left, fate: 'keep', scrapG: 8 }).keptG).toBe(0);
  });
  it('makes minis of a smaller cutter, and what they leave is kept', () => {
    const made = planScraps({ ...left, fate: 'minis' });
    expect(made.n).toBeGreaterThan(3);
    expect(made.keptG).toBeLessThan(120);
    expect(planScraps({ ...left, fate: 'minis', miniMm: 40 }).n).toBeGreaterThan(made.n);
  });
  it('makes twists two fingers wide, no longer than a hand', () => {
    const made = planScraps({ ...left, fate: 'twists' });
    expect(made.n).toBeGreaterThan(4);
    expect(made.sizeMm).toBeLessThanOrEqual(twist.lengthMm);
    expect(planScraps({ ...left, fate: 'twists', scrapG: 0.5 })).toMatchObject({ n: 0, keptG: 0 });
  });
  it('of nothing is nothing', () => expect(planScraps({ ...left, fate: 'none' })).toMatchObject({ n: 0, keptG: 0 }));
});

describe('thickness by weighing', () => {
  const disc = (Math.PI / 4) * 92 * 92;
  it('is mass over area and density: the check square of the cook’s own density too', () => {
    expect(thicknessByWeight({ areaMm2: 10_000, grams: [36], rho: 1.2 }).meanMm).toBeCloseTo(3, 9);
    expect(thicknessByWeight({ areaMm2: disc, grams: [23.93], rho: 1.2 }).meanMm).toBeCloseTo(3, 2);
  });
  it('of three pieces shows whether the sheet is even', () => {
    expect(thicknessByWeight({ areaMm2: disc, grams: [23.5, 24, 24.4], rho: 1.2 }).uneven).toBe(false);
    expect(thicknessByWeight({ areaMm2: disc, grams: [20, 24, 27], rho: 1.2 })).toMatchObject({ uneven: true });
  });
  it('of one piece is as even as one can be', () =>
    expect(thicknessByWeight({ areaMm2: disc, grams: [24], rho: 1.2 }).spreadPct).toBe(0));
  it('refuses a piece of no weight, and none at all', () => {
    expect(() => thicknessByWeight({ areaMm2: disc, grams: [0], rho: 1.2 })).toThrow('grams');
    expect(() => thicknessByWeight({ areaMm2: disc, grams: [], rho: 1.2 })).toThrow('grams');
  });
});
