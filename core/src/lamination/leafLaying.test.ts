import fc from 'fast-check';
import { leafLaying, stretchedArea, type LeafLayingOptions } from './leafLaying';

const leaf: Omit<LeafLayingOptions, 'laying'> = {
  leafLengthMm: 480,
  leafWidthMm: 300,
  tinLengthMm: 300,
  tinWidthMm: 220,
  leavesInStack: 6,
  brushGramsPerM2: 50,
};

describe('leaves for a tray', () => {
  it('cover it one by one where a leaf is larger, each turned a quarter', () => {
    const { acts, leaves, under, over } = leafLaying({ ...leaf, laying: 'tray' });
    expect(acts.map((a) => a.act)).toEqual(['base', 'fill', 'top', 'tuck']);
    expect(acts[0]).toMatchObject({ leaves: 6, overlapMm: 0, turnDeg: 90 });
    expect(leaves).toBe(11);
    expect([under, over]).toEqual([6, 5]);
  });
  it('lie side by side and lapped where a leaf is smaller, seams turned about', () => {
    const { acts } = leafLaying({ ...leaf, laying: 'tray', tinLengthMm: 700, tinWidthMm: 500 });
    expect(acts[0]?.leaves).toBe(6 * 4);
    expect(acts[0]).toMatchObject({ turnDeg: 180 });
    expect(acts[0]?.overlapMm).toBeGreaterThan(0);
  });
});

describe('leaves cut across in two', () => {
  it('take half as many from the packet where half of one covers the tray', () => {
    const tray = { ...leaf, laying: 'tray', tinLengthMm: 230, tinWidthMm: 220, leavesOver: 6 } as const;
    expect([leafLaying(tray).leaves, leafLaying({ ...tray, halves: true }).leaves]).toEqual([12, 6]);
  });
});

describe('any laying', () => {
  it('brushes every leaf once, fills no less than nothing, and says so in finite numbers', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('tray' as const, 'coil' as const),
        fc.integer({ min: 150, max: 700 }),
        fc.integer({ min: 150, max: 600 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 200 }),
        (laying, leafLengthMm, leafWidthMm, leavesInStack, brushGramsPerM2) => {
          const made = leafLaying({ ...leaf, laying, leafLengthMm, leafWidthMm, leavesInStack, brushGramsPerM2 });
          expect(made.leaves).toBe(made.acts.reduce((sum, a) => sum + a.leaves, 0));
          expect(made.brushG).toBeCloseTo((made.leaves * brushGramsPerM2 * leafLengthMm * leafWidthMm) / 1e6, 6);
          for (const a of made.acts) expect(a.overlapMm).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
  it('of a shape nobody lays is refused by name', () =>
    expect(() => leafLaying({ ...leaf, laying: 'fan' as never })).toThrow('laying'));
});

describe('a leaf stretched at home', () => {
  it('has twice the area at half the thickness, and loses nothing', () => {
    const [thick, thin] = [stretchedArea(120, 0.3), stretchedArea(120, 0.15)];
    expect(thin.areaM2).toBeCloseTo(2 * thick.areaM2, 9);
    expect(thin.areaM2 * 0.15e-3 * 1250).toBeCloseTo(0.12, 9);
    expect(thin.sideM ** 2).toBeCloseTo(thin.areaM2, 9);
  });
  it('of no thickness is refused', () => expect(() => stretchedArea(120, 0)).toThrow('thicknessMm'));
});
