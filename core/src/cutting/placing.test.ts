import fc from 'fast-check';
import { apart, layAround, misplaced, onSheet, snapped, type Bed, type PlacedPiece } from './placing';
import { rowPattern } from './rowPatterns';

const sheet = { shape: 'rect' as const, w: 440, h: 320 };
const discs: Bed = { sheet, shape: { kind: 'disc', d: 90 }, trim: 5, gap: 2 };
const rects: Bed = { sheet, shape: { kind: 'rect', a: 100, b: 60 }, trim: 5, gap: 2 };
const leaves: Bed = {
  sheet,
  shape: {
    kind: 'outline',
    points: [
      [0, 25],
      [30, 0],
      [90, 0],
      [120, 25],
      [90, 50],
      [30, 50],
    ],
  },
  trim: 5,
  gap: 2,
};
const none = { outside: [], overlapping: [] };

describe('pieces laid by hand', () => {
  it('over the trim, or over one another, are named', () => {
    expect(
      misplaced(discs, [
        { x: 50, y: 50 },
        { x: 45, y: 200 },
        { x: 120, y: 50 },
      ]),
    ).toEqual({
      outside: [1],
      overlapping: [[0, 2]],
    });
    expect(
      misplaced(rects, [
        { x: 60, y: 40 },
        { x: 160, y: 40 },
      ]),
    ).toEqual(none);
    expect(
      misplaced(rects, [
        { x: 60, y: 40 },
        { x: 150, y: 60, turn: 90 },
      ]).overlapping,
    ).toEqual([]);
    expect(
      misplaced(rects, [
        { x: 60, y: 40 },
        { x: 120, y: 60, turn: 90 },
      ]).overlapping,
    ).toEqual([[0, 1]]);
  });
  it('on a round sheet keep within its rim', () => {
    const round: Bed = { ...discs, sheet: { shape: 'round', d: 300 } };
    expect(onSheet(round, { x: 150, y: 60 })).toBe(true);
    expect(onSheet(round, { x: 60, y: 60 })).toBe(false);
    expect(onSheet({ ...rects, sheet: round.sheet }, { x: 150, y: 150 })).toBe(true);
    expect(onSheet({ ...rects, sheet: round.sheet }, { x: 60, y: 60 })).toBe(false);
  });
  it('one inside another overlaps it, though no edges cross', () => {
    const small: Bed = {
      ...rects,
      shape: {
        kind: 'outline',
        points: [
          [0, 0],
          [80, 0],
          [80, 80],
          [0, 80],
        ],
      },
    };
    expect(apart(small, { x: 100, y: 100 }, { x: 100, y: 100 })).toBe(false);
  });
});

describe('a piece put down', () => {
  it.each([
    ['disc', discs],
    ['rectangle', rects],
    ['outline', leaves],
  ] as [string, Bed][])('where another lies comes to rest beside it: %s', (_, bed) => {
    const others: PlacedPiece[] = [{ x: 200, y: 160 }];
    const put = snapped(bed, { x: 190, y: 150 }, others);
    expect(misplaced(bed, [put, ...others])).toEqual(none);
    expect(Math.hypot(put.x - 190, put.y - 150)).toBeLessThan(130);
  });
  it('near a snug spot slips into it, and far from any stays where it was put', () => {
    const corner = snapped(discs, { x: 54, y: 53 }, []);
    expect([corner.x, corner.y]).toEqual([50, 50]);
    expect(snapped(discs, { x: 215, y: 160 }, [])).toEqual({ x: 215, y: 160 });
  });
  it('with no room left stays where it was, to be said', () => {
    const full = layAround({ ...discs, sheet: { shape: 'rect', w: 102, h: 102 } }, []);
    expect(full.n).toBe(1);
    const there = { x: 60, y: 60 };
    expect(snapped({ ...discs, sheet: { shape: 'rect', w: 102, h: 102 } }, there, full.pieces)).toEqual(there);
  });
});

describe('the rest laid again round what is held', () => {
  const at = fc.record({
    x: fc.double({ min: 50, max: 390, noNaN: true }),
    y: fc.double({ min: 50, max: 270, noNaN: true }),
  });
  it('leaves every held piece where it is, and overlaps nothing', () => {
    fc.assert(
      fc.property(fc.array(at, { minLength: 0, maxLength: 3 }), fc.constantFrom(discs, rects, leaves), (spots, bed) => {
        const held = spots
          .map((p): PlacedPiece => ({ ...p, held: true }))
          .filter((p, i, all) => onSheet(bed, p) && all.slice(0, i).every((q) => apart(bed, p, q)));
        const made = layAround(bed, held);
        expect(made.n).toBe(made.pieces.length);
        for (const h of held) expect(made.pieces).toContainEqual(h);
        expect(misplaced(bed, made.pieces)).toEqual(none);
      }),
      { numRuns: 25 },
    );
  });
  it('with nothing held holds no fewer than the rows', () =>
    expect(layAround(discs, []).n).toBeGreaterThanOrEqual(rowPattern({ ...discs, d: 90 }).n));
  it('with a piece held where the rows have it loses none', () => {
    const rows = rowPattern({ ...discs, d: 90 });
    const [x, y] = rows.centres[3];
    expect(layAround(discs, [{ x, y }]).n).toBeGreaterThanOrEqual(rows.n);
  });
  it('is the same at every call', () =>
    expect(layAround(discs, [{ x: 200, y: 150 }])).toEqual(layAround(discs, [{ x: 200, y: 150 }])));
});
