import fc from 'fast-check';
import { shapeArea, shapeSize } from '../cutting/shape';
import { handPiece, handPieceKinds, outlineCorners, startingOutline, widestRim, type HandPieceKind } from './handPiece';

const of = (kind: HandPieceKind, more: Partial<Parameters<typeof handPiece>[0]> = {}) =>
  handPiece({ kind, sizeMm: 120, rimMm: 10, thicknessMm: 3, outline: startingOutline, ...more });

describe('a pie held in the hand', () => {
  it.each(handPieceKinds.map((k) => [k]))(
    '%s holds more overfull than comfortable, and has a seam and a plan',
    (kind) => {
      const p = of(kind);
      expect(p.comfortableMl).toBeGreaterThan(5);
      expect(p.overfullMl).toBeGreaterThan(p.comfortableMl);
      expect(p.seamMm).toBeGreaterThan(20);
      expect(p.planMm2).toBeGreaterThan(100);
      expect(p.oven.depthMm).toBeGreaterThan(5);
    },
  );
  it('a half-moon of 12 cm holds about 31 ml, as a kitchen finds', () =>
    expect(of('halfmoon').comfortableMl).toBeCloseTo(34.4, 0));
  it('a ring is as long as its rope goes round, and its slices share all of it', () => {
    const ring = (sizeMm: number, sliceMm?: number) =>
      handPiece({ kind: 'ring', sizeMm, otherMm: 160, rimMm: 6, thicknessMm: 1, ...(sliceMm ? { sliceMm } : {}) });
    const [whole, sliced] = [ring(380), ring(380, 100)];
    expect(sliced.slices).toBe(10);
    expect(sliced.comfortableMl * sliced.slices).toBeCloseTo(whole.comfortableMl, 6);
    expect(sliced.perPie * sliced.slices).toBeCloseTo(whole.perPie, 9);
    expect(whole.seamMm).toBeLessThan(Math.PI * 380);
    expect(ring(420).comfortableMl).toBeGreaterThan(whole.comfortableMl);
  });
  it('larger pieces hold more, wider rims leave less', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...handPieceKinds),
        fc.double({ min: 80, max: 200, noNaN: true }),
        fc.double({ min: 4, max: 14, noNaN: true }),
        (kind, sizeMm, rimMm) => {
          const base = { kind, thicknessMm: 3, outline: startingOutline, otherMm: 200 };
          fc.pre(kind !== 'ring' && rimMm < widestRim({ ...base, sizeMm }) - 1);
          const p = handPiece({ ...base, sizeMm, rimMm });
          expect(handPiece({ ...base, sizeMm: sizeMm + 10, rimMm }).comfortableMl).toBeGreaterThan(p.comfortableMl);
          if (kind !== 'log' || rimMm > 0)
            expect(handPiece({ ...base, sizeMm, rimMm: rimMm + 1 }).comfortableMl).toBeLessThan(p.comfortableMl);
        },
      ),
      { numRuns: 150 },
    );
  });
  it.each(handPieceKinds.map((k) => [k]))(
    '%s refuses a rim that leaves nothing inside, and names the widest',
    (kind) => {
      const most = widestRim({ kind, sizeMm: 120, thicknessMm: 3, outline: startingOutline });
      expect(() => of(kind, { rimMm: most + 1 })).toThrow('rim_too_wide');
      expect(() => of(kind, { rimMm: Math.max(0, most - 1) })).not.toThrow();
    },
  );
  it('of two pieces takes two cuts, folded ones one, a log a share of one for every slice', () => {
    expect(of('round2').perPie).toBe(2);
    expect(of('rect2', { otherMm: 80 }).shape).toEqual({ kind: 'rect', a: 120, b: 80 });
    expect(of('envelope').perPie).toBe(1);
    const log = of('log', { otherMm: 300, sliceMm: 50 });
    expect(log).toMatchObject({ slices: 6, perPie: 1 / 6 });
    expect(shapeSize(log.closed)[0]).toBe(50);
  });
  it('an envelope is as wide closed as its corners are folded', () =>
    expect(shapeSize(of('envelope').closed)[0]).toBeCloseTo(120 / Math.SQRT2, 9));
  it('a triangle is half its square', () => {
    const p = of('triangle');
    expect(shapeArea(p.closed)).toBeCloseTo(shapeArea(p.shape) / 2, 6);
  });
  it('an outline is the cook’s own, or a leaf to begin from', () => {
    expect(outlineCorners(undefined)).toBe(startingOutline);
    expect(outlineCorners([{ x: 1, y: 2 }])).toEqual([[1, 2]]);
  });
});
