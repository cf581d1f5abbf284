import fc from 'fast-check';
import { mostDiscs, mostSets, smallestSheet, smallestSheetForSets } from './nesting';
import { fewestMoves, targets } from './portions';
import { rowPattern } from './rowPatterns';
import type { Discs, Sheet } from './sheet';
import { gridOnly, guillotine, stripTriangles } from './straightCuts';
import { checkedDiscs } from './sheet';
import { tiling } from './tiling';
import { untilOver } from './watch';

const inside = (s: Sheet, x: number, y: number, r: number): boolean =>
  s.shape === 'round'
    ? Math.hypot(x - s.d / 2, y - s.d / 2) + r <= s.d / 2 + 1e-4
    : Math.min(x, y, s.w - x, (s.shape === 'rect' ? s.h : s.w) - y) >= r - 1e-4;
/** No disc over another or over the trim. */
function sound(sheet: Sheet, discs: readonly { x: number; y: number; d: number }[], trim: number, gap: number): void {
  discs.forEach((a, i) => {
    expect(inside(sheet, a.x, a.y, a.d / 2 + trim)).toBe(true);
    for (const b of discs.slice(i + 1))
      expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual((a.d + b.d) / 2 + gap - 1e-4);
  });
}
const as = (centres: readonly (readonly [number, number])[], d: number) => centres.map(([x, y]) => ({ x, y, d }));
const side = (s: Sheet | undefined) => (s ? (s.shape === 'round' ? s.d : s.w) : NaN);

describe('discs freely placed', () => {
  const sheet = fc.record({
    w: fc.integer({ min: 200, max: 460 }),
    h: fc.integer({ min: 200, max: 460 }),
    d: fc.integer({ min: 70, max: 130 }),
    gap: fc.integer({ min: 0, max: 4 }),
  });
  it('are never fewer than in rows, never more than the bound, and none lies over another or the edge', () => {
    fc.assert(
      fc.property(sheet, ({ w, h, d, gap }) => {
        const discs: Discs = { sheet: { shape: 'rect', w, h }, d, trim: 5, gap };
        const found = mostDiscs(discs);
        expect(found.n).toBeGreaterThanOrEqual(rowPattern(discs).n);
        expect(found.n).toBeLessThanOrEqual(found.bound);
        expect(found.centres).toHaveLength(found.n);
        sound(discs.sheet, as(found.centres, d), 5, gap);
      }),
      { numRuns: 5 },
    );
  });
  it('are the same every time', () => {
    const discs: Discs = { sheet: { shape: 'rect', w: 560, h: 380 }, d: 92, trim: 5, gap: 2 };
    expect(mostDiscs(discs)).toEqual(mostDiscs(discs));
    expect(mostDiscs(discs).n).toBeGreaterThan(mostDiscs(discs, 'rows').n);
  });
});

describe('the smallest sheet', () => {
  it('of all shapes is the one with the least dough, within bench and pin', () => {
    const { best, all } = smallestSheet({ N: 9, d: 90 });
    expect(all.map((s) => s.area)).toEqual([...all.map((s) => s.area)].sort((a, b) => a - b));
    expect(best?.area).toBe(all[0]?.area);
    for (const s of all) sound(s.sheet, as(s.centres, 90), 5, 2);
    expect(smallestSheet({ N: 40, d: 100, wmax: 200, hmax: 300 }).best).toBeNull();
  });
  it('for a lid and its base stands them on the diagonal', () => {
    const { best } = smallestSheetForSets({
      sets: 1,
      types: [
        { d: 100, count: 1 },
        { d: 70, count: 1 },
      ],
      trim: 0,
      gap: 0,
      shapes: ['square'],
    });
    expect(side(best?.sheet)).toBeCloseTo(85 * (1 + Math.SQRT1_2), 1);
  });
});

describe('sets from a sheet', () => {
  it('are whole: as many of each size as there are sets', () => {
    const sheet: Sheet = { shape: 'rect', w: 400, h: 300 };
    const { sets, items } = mostSets({
      sheet,
      types: [
        { d: 100, count: 1 },
        { d: 75, count: 1 },
      ],
    });
    expect(sets).toBeGreaterThanOrEqual(5);
    expect(items.filter((i) => Math.abs(i.d - 100) < 0.01)).toHaveLength(sets);
    expect(items).toHaveLength(2 * sets);
    sound(sheet, items, 5, 2);
  });
});

describe('straight cuts', () => {
  const sizes = fc.record({
    w: fc.integer({ min: 120, max: 420 }),
    h: fc.integer({ min: 120, max: 420 }),
    a: fc.integer({ min: 45, max: 110 }),
    b: fc.integer({ min: 45, max: 110 }),
  });
  it('give no fewer pieces than a grid, none over another, none past the trim', () => {
    fc.assert(
      fc.property(sizes, (o) => {
        const cut = guillotine({ ...o, trim: 5 });
        expect(cut.n).toBeGreaterThanOrEqual(gridOnly({ ...o, trim: 5 }).n);
        expect(cut.rects).toHaveLength(cut.n);
        cut.rects.forEach((r, i) => {
          expect(r.x).toBeGreaterThanOrEqual(5 - 1e-6);
          expect(r.x + r.w).toBeLessThanOrEqual(o.w - 5 + 1e-6);
          expect(r.y + r.h).toBeLessThanOrEqual(o.h - 5 + 1e-6);
          for (const q of cut.rects.slice(i + 1))
            expect(
              r.x + r.w <= q.x + 1e-6 || q.x + q.w <= r.x + 1e-6 || r.y + r.h <= q.y + 1e-6 || q.y + q.h <= r.y + 1e-6,
            ).toBe(true);
        });
      }),
      { numRuns: 15 },
    );
  });
  it('of ridged dough never turn a piece', () => {
    const cut = guillotine({ w: 410, h: 310, a: 90, b: 70, rotate: false });
    expect(cut.rects.every((r) => Math.abs(r.w - 90) < 1e-6)).toBe(true);
  });
  it('take triangles head to tail: one fewer than two a base in every strip', () =>
    expect(stripTriangles({ w: 410, h: 310, b: 100, t: 150, trim: 5 }).n).toBe(14));
});

describe('portions', () => {
  it('share out every gram', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 5000 }), fc.integer({ min: 1, max: 20 }), (M, N) => {
        const shares = targets(M, N);
        expect(shares.reduce((a, b) => a + b, 0)).toBe(M);
        expect(Math.max(...shares) - Math.min(...shares)).toBeLessThanOrEqual(1);
      }),
    );
    expect(() => targets(5, 8)).toThrow('M');
  });
  it('end within the tolerance after the moves, grams kept', () => {
    const grams = fc.array(fc.integer({ min: 70, max: 90 }), { minLength: 2, maxLength: 18 });
    fc.assert(
      fc.property(grams, fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 60 }), (m, tol, rest) => {
        const T = m.map(() => 80);
        const answer = fewestMoves(m, T, tol, rest);
        if (!answer.feasible) {
          expect(m.reduce((a, b) => a + b, 0) + rest).toBeLessThan(m.length * (80 - tol));
          return;
        }
        const after = [...m, rest];
        for (const { from, to, g } of answer.moves) {
          after[from] = after[from] - g;
          after[to] = after[to] + g;
        }
        expect(after.reduce((a, b) => a + b, 0)).toBeCloseTo(m.reduce((a, b) => a + b, 0) + rest, 6);
        expect(after[m.length]).toBeGreaterThanOrEqual(-1e-6);
        m.forEach((_, i) => expect(Math.abs(after[i] - 80)).toBeLessThanOrEqual(tol + 1e-6));
      }),
      { numRuns: 120 },
    );
  });
  it('need no more moves than trying every way of one or two', () => {
    expect(fewestMoves([83, 77, 80], [80, 80, 80], 0).count).toBe(1);
    expect(fewestMoves([86, 77, 77], [80, 80, 80], 0).count).toBe(2);
    expect(fewestMoves([84, 80, 80], [80, 80, 80], 1, 0).count).toBe(1);
  });
});

describe('a template on paper', () => {
  it('takes the way round with fewer pages', () => {
    expect(tiling({ W: 400, H: 300, paper: 'A4' })).toMatchObject({ nx: 2, ny: 2, landscape: true });
    expect(tiling({ W: 180, H: 250, paper: 'A4' })).toMatchObject({ pages: 1, landscape: false });
    expect(() => tiling({ W: 180, H: 250, paper: 'A9' })).toThrow('paper');
  });
});

describe('a search its caller cuts short', () => {
  const ask = () => mostDiscs(checkedDiscs({ sheet: { shape: 'rect', w: 400, h: 300 }, d: 92 }));
  it('gives the best it has and says so', () => {
    const found = untilOver(() => true, ask);
    expect(found).toMatchObject({ partial: true, n: found.rows });
    expect(
      untilOver(
        () => true,
        () => smallestSheet({ N: 11, d: 92 }),
      ).best,
    ).toMatchObject({ partial: true });
  });
  it('is the only one that is: left alone it ends by its counted work, the same every time', () => {
    expect(ask()).toMatchObject({ partial: false });
    expect(ask()).toEqual(untilOver(() => false, ask));
  });
});
