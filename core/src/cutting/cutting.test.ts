import fc from 'fast-check';
import { ballDiameter, ballMass, otherCutter, piece, pieceKinds, type PieceSpec } from './piece';
import { cutterFor } from './cutter';
import { minimumDough, planReRolls } from './reRolls';
import { rowPattern } from './rowPatterns';
import { checkedDiscs, discBound, type Sheet } from './sheet';

const size = fc.double({ min: 120, max: 700, noNaN: true });
const sheet: fc.Arbitrary<Sheet> = fc.oneof(
  fc.record({ shape: fc.constant('rect' as const), w: size, h: size }),
  fc.record({ shape: fc.constant('round' as const), d: size }),
  fc.record({ shape: fc.constant('square' as const), w: size }),
);
const discs = fc.record({
  sheet,
  d: fc.double({ min: 30, max: 160, noNaN: true }),
  trim: fc.double({ min: 0, max: 12, noNaN: true }),
  gap: fc.double({ min: 0, max: 6, noNaN: true }),
});

describe('rows of discs', () => {
  it('never overlap, never leave the sheet less its trim, never pass the bound', () => {
    fc.assert(
      fc.property(discs, (input) => {
        const o = checkedDiscs(input);
        const layout = rowPattern(o);
        expect(layout.centres).toHaveLength(layout.n);
        expect(layout.n).toBeLessThanOrEqual(discBound(o));
        let [inside, apart] = [Infinity, Infinity];
        layout.centres.forEach(([x, y], i) => {
          if (o.sheet.shape === 'round') {
            const r = o.sheet.d / 2;
            inside = Math.min(inside, r - Math.hypot(x - r, y - r));
          } else {
            const h = o.sheet.shape === 'rect' ? o.sheet.h : o.sheet.w;
            inside = Math.min(inside, x, y, o.sheet.w - x, h - y);
          }
          for (const [u, v] of layout.centres.slice(i + 1)) apart = Math.min(apart, Math.hypot(x - u, y - v));
        });
        expect(inside).toBeGreaterThanOrEqual(o.d / 2 + o.trim - 1e-4);
        expect(apart).toBeGreaterThanOrEqual(o.d + o.gap - 1e-4);
      }),
      { numRuns: 120 },
    );
  });
  it('hold no fewer on a larger sheet', () => {
    const n = (w: number) => rowPattern(checkedDiscs({ sheet: { shape: 'rect', w, h: 300 }, d: 92 })).n;
    for (let w = 200; w < 600; w += 20) expect(n(w + 20)).toBeGreaterThanOrEqual(n(w));
  });
  it('answer nought, not an error, for a disc that does not fit', () => {
    expect(rowPattern(checkedDiscs({ sheet: { shape: 'rect', w: 80, h: 300 }, d: 100 })).n).toBe(0);
  });
  it('know when nothing could be better', () => {
    expect(
      rowPattern(checkedDiscs({ sheet: { shape: 'rect', w: 400, h: 300 }, d: 100, trim: 0, gap: 0 })),
    ).toMatchObject({ n: 12, provablyBest: true });
  });
  it('keep the simplest to cut on a tie', () => {
    expect(
      rowPattern(checkedDiscs({ sheet: { shape: 'rect', w: 400, h: 100 }, d: 100, trim: 0, gap: 0 })).pattern,
    ).toBe('grid');
  });
  it('refuse a negative trim and an unknown shape by name', () => {
    expect(() => checkedDiscs({ sheet: { shape: 'rect', w: 300, h: 300 }, d: 90, trim: -2 })).toThrow('trim');
    expect(() => checkedDiscs({ sheet: { shape: 'star' } as never, d: 90 })).toThrow('unknown_shape');
  });
});

describe('re-rolls', () => {
  const base = { D: 92, t: 3, rho: 1.2 };
  it('conserve mass: pieces, saved and lost make the dough again', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 80, max: 3000 }),
        fc.integer({ min: 0, max: 3 }),
        fc.constantFrom('compensate' as const, 'larger' as const, 'keep' as const),
        (mass, maxRerolls, policy) => {
          const p = planReRolls({ ...base, mass, maxRerolls, policy });
          const pieces = p.gens.reduce((sum, g) => sum + g.n * g.pieceMass, 0);
          expect(pieces + p.saved + p.lost).toBeCloseTo(mass, 6);
          expect(Math.abs(p.massError)).toBeLessThan(1e-6);
          expect(p.gens.length).toBeLessThanOrEqual(maxRerolls + 1);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('cut larger in each roll, for it shrinks more', () => {
    const { gens } = planReRolls({ ...base, mass: 700 });
    for (let i = 1; i < gens.length; i++) expect(gens[i]?.cutter).toBeGreaterThan(gens[i - 1]?.cutter ?? Infinity);
  });
  it('stop when enough is cut', () => {
    expect(planReRolls({ ...base, mass: 2000, need: 6 })).toMatchObject({ pieces: 6, stop: 'enough' });
  });
  it('save a scrap whole when it would hold no piece', () => {
    const p = planReRolls({ ...base, mass: 200, minScrap: 1 });
    expect(p.saved).toBeGreaterThan(0);
    expect(['nofit', 'rerolls']).toContain(p.stop);
  });
  it('say it is too small when the first sheet holds none', () => {
    expect(planReRolls({ ...base, mass: 10 })).toMatchObject({ pieces: 0, stop: 'toosmall', saved: 10 });
  });
  it('find dough that reaches the number, and five grams less would not always', () => {
    for (const N of [1, 6, 12, 36]) {
      const { mass, plan } = minimumDough({ ...base, N });
      expect(plan.pieces).toBe(N);
      expect(mass % 5).toBe(0);
      expect(mass).toBeGreaterThanOrEqual(N * ballMass(92, 3, 1.2) * 0.9);
    }
  });
  it('refuse a piece no sheet of this bench can hold', () => {
    expect(() => minimumDough({ ...base, D: 500, N: 1, wmax: 300, hmax: 400 })).toThrow('piece_bigger_than_bench');
  });
  it('keep the piece’s mass with the cook’s own larger cutter', () => {
    const ideal = cutterFor({ policy: 'compensate', D: 92, t: 3, shrinkPct: 5 });
    const own = cutterFor({ policy: 'compensate', D: 92, t: 3, shrinkPct: 5, cutters: [80, 100, 120] });
    expect(own.cutter).toBe(100);
    expect(own.cutter ** 2 * own.roll).toBeCloseTo(ideal.cutter ** 2 * ideal.roll, 6);
  });
});

describe('pieces', () => {
  const specs: Record<(typeof pieceKinds)[number], PieceSpec> = {
    halfmoon: { kind: 'halfmoon', d: 120 },
    round2: { kind: 'round2', d: 100 },
    rect2: { kind: 'rect2', a: 90, b: 70 },
    triangle: { kind: 'triangle', a: 120 },
    envelope: { kind: 'envelope', a: 120 },
    log: { kind: 'log', len: 300, width: 200 },
    coil: { kind: 'coil', d: 280, rope: 40, sheetLen: 480, sheetWid: 300 },
    plait: { kind: 'plait', len: 300, mass: 600 },
  };
  it.each(pieceKinds)('a %s has area and mass above nought', (kind) => {
    const p = piece(specs[kind]);
    expect(p.area).toBeGreaterThan(0);
    expect(p.mass).toBeGreaterThan(0);
  });
  it('hold less the wider the rim', () => {
    const ml = (rim: number) => piece({ kind: 'halfmoon', d: 120, rim }).fillMl as number;
    expect(ml(14)).toBeLessThan(ml(8));
  });
  it('refuse a rim that leaves nothing inside', () =>
    expect(() => piece({ kind: 'halfmoon', d: 40, rim: 25 })).toThrow('rim_too_wide'));
  it('a ball rolls to the round it was weighed for', () =>
    expect(ballDiameter(ballMass(100, 3, 1.2), 3, 1.2)).toBeCloseTo(100, 9));
  it('a smaller cutter gives more, lighter pieces from the same dough', () => {
    const o = otherCutter({ D: 100, t: 3, Dc: 80, N: 12, rim: 10 });
    expect(o.sameThickness.piecesForSameDough).toBeGreaterThan(12);
    expect(o.sameThickness.pieceMass).toBeCloseTo(0.64, 9);
  });
});
