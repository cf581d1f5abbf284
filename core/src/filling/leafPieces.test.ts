import fc from 'fast-check';
import { leafPieceKinds, leafPieces, leafPieceMm2, widestStrip } from './leafPieces';

const leaf = { leafLengthMm: 480, leafWidthMm: 300, leavesInStack: 2 };

describe('pieces closed in strips of leaf', () => {
  it('of 7 cm are four triangles to a stack, each folded six times and holding about 15 g', () => {
    const made = leafPieces({ ...leaf, kind: 'triangle', stripMm: 70 });
    expect([made.across, made.along, made.folds]).toEqual([4, 1, 6]);
    expect(made.comfortableMl).toBeCloseTo(15.4, 1);
    expect(leafPieceMm2(made)).toBeCloseTo((70 * 70) / 2, 6);
  });
  it('are cut across where half a strip still closes', () =>
    expect(leafPieces({ ...leaf, kind: 'triangle', stripMm: 50 }).along).toBe(2));
  it('lie within the leaf, strip by strip, and hold more when forced', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...leafPieceKinds),
        fc.integer({ min: 150, max: 700 }),
        fc.integer({ min: 150, max: 600 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        (kind, leafLengthMm, leafWidthMm, share, leavesInStack) => {
          const most = widestStrip(leafLengthMm, leafWidthMm);
          const stripMm = 30 + share * (most - 30);
          const made = leafPieces({ kind, leafLengthMm, leafWidthMm, stripMm, leavesInStack });
          expect(made.across * stripMm).toBeLessThanOrEqual(leafWidthMm + 1e-6);
          expect(made.along * made.stripLengthMm).toBeCloseTo(leafLengthMm, 6);
          expect(made.perStack).toBeGreaterThanOrEqual(1);
          expect(made.folds).toBeGreaterThanOrEqual(1);
          expect(made.leavesOnAFace).toBeGreaterThanOrEqual(leavesInStack);
          expect(made.overfullMl).toBeGreaterThan(made.comfortableMl);
          expect(leafPieceMm2(made)).toBeGreaterThan(0);
        },
      ),
    );
  });
  it('wider than a leaf closes over are refused by name', () =>
    expect(() => leafPieces({ ...leaf, kind: 'triangle', stripMm: 250 })).toThrow('stripMm'));
});
