import fc from 'fast-check';
import { laidCorners, packerOf } from './packer';
import { misplaced } from './placing';
import { planReRolls, sheetsFor, sizeForDough } from './reRolls';
import { slide } from './rowsOfOutlines';
import {
  around,
  boxOf,
  checkedOutline,
  crossesItself,
  outlineOf,
  scaledShape,
  shapeArea,
  shapeSize,
  signedArea,
  turned,
  untangled,
  type CutShape,
  type Point,
} from './shape';
import { leaf } from '../testing/packingCases';
import type { Sheet } from './sheet';
import { compareWays } from './ways';

const arrow: Point[] = [
  [0, 0],
  [30, 20],
  [60, 0],
  [30, 60],
];
/** Star-shaped outlines: corners in order round a middle, never crossing. */
const outline: fc.Arbitrary<Point[]> = fc
  .array(fc.double({ min: 18, max: 60, noNaN: true }), { minLength: 3, maxLength: 12 })
  .map((radii) =>
    radii.map((r, i): Point => {
      const turn = (2 * Math.PI * i) / radii.length;
      return [60 + r * Math.cos(turn), 60 + r * Math.sin(turn)];
    }),
  );
const shape: fc.Arbitrary<CutShape> = fc.oneof(
  fc.record({ kind: fc.constant('disc' as const), d: fc.double({ min: 30, max: 140, noNaN: true }) }),
  fc.record({
    kind: fc.constant('rect' as const),
    a: fc.integer({ min: 30, max: 160 }),
    b: fc.integer({ min: 30, max: 160 }),
  }),
  fc.record({
    kind: fc.constant('triangle' as const),
    base: fc.double({ min: 40, max: 160, noNaN: true }),
    height: fc.double({ min: 40, max: 160, noNaN: true }),
  }),
  outline.map((points): CutShape => ({ kind: 'outline', points })),
);
const sheet: fc.Arbitrary<Sheet> = fc.record({
  shape: fc.constant('rect' as const),
  w: fc.double({ min: 150, max: 600, noNaN: true }),
  h: fc.double({ min: 150, max: 450, noNaN: true }),
});

describe('outlines', () => {
  it('have the area and edge of what they draw', () => {
    const square: Point[] = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ];
    expect(signedArea(square)).toBe(100);
    expect(around(square)).toBe(40);
    expect(shapeArea({ kind: 'outline', points: [...square].reverse() })).toBe(100);
  });
  it('that cross themselves are refused by name, and come right with their points in order', () => {
    const bow: Point[] = [
      [0, 0],
      [50, 50],
      [50, 0],
      [0, 50],
    ];
    expect(crossesItself(bow)).toBe(true);
    expect(() => checkedOutline(bow)).toThrow('crosses_itself');
    expect(crossesItself(untangled(bow))).toBe(false);
    expect(checkedOutline(leaf)).toEqual(leaf);
  });
  it.each([
    [
      'two points',
      [
        [0, 0],
        [9, 9],
      ],
    ],
    [
      'no area',
      [
        [0, 0],
        [5, 0],
        [10, 0.001],
      ],
    ],
    ['forty-one points', Array.from({ length: 41 }, (_, i) => [i, i * i])],
    [
      'a point far off the table',
      [
        [0, 0],
        [5, 0],
        [10, 9000],
      ],
    ],
  ] as [string, Point[]][])('with %s are refused', (_, points) =>
    expect(() => checkedOutline(points)).toThrow('outline'),
  );
  it('keep their area however they are turned, and fit the same box after two half turns', () => {
    fc.assert(
      fc.property(outline, fc.constantFrom(90 as const, 180 as const, 270 as const), (points, turn) => {
        const t = turned(points, turn);
        expect(Math.abs(signedArea(t))).toBeCloseTo(Math.abs(signedArea(points)), 6);
        expect(boxOf(t)).toMatchObject({ x: expect.closeTo(0, 6) as number, y: expect.closeTo(0, 6) as number });
      }),
    );
  });
  it('are stretched so that their longest side is the size asked for', () => {
    const { w, h } = boxOf(outlineOf(leaf, 250));
    expect(Math.max(w, h)).toBeCloseTo(250, 9);
  });
  it('slide together until they touch: a square against a square by its side, an arrow into an arrow by less', () => {
    const square = turned(
      [
        [0, 0],
        [40, 0],
        [40, 40],
        [0, 40],
      ],
      0,
    );
    expect(slide(square, square)).toBeCloseTo(40, 9);
    expect(slide(square, square, 39)).toBeCloseTo(40, 9);
    expect(slide(square, square, 41)).toBe(-Infinity);
    expect(slide(arrow, turned(arrow, 180))).toBeLessThan(boxOf(arrow).w);
  });
});

describe('a shape stretched', () => {
  it('has the area that goes with it, a disc by the mean of both ways', () => {
    fc.assert(
      fc.property(
        shape,
        fc.double({ min: 0.8, max: 1.3, noNaN: true }),
        fc.double({ min: 0.8, max: 1.3, noNaN: true }),
        (s, x, y) => expect(shapeArea(scaledShape(s, x, y)) / shapeArea(s)).toBeCloseTo(x * y, 9),
      ),
    );
  });
});

describe('rows of any shape', () => {
  it('never overlap, never leave the sheet less its trim, never pass the bound, and are as many as were counted', () => {
    fc.assert(
      fc.property(
        shape,
        sheet,
        fc.double({ min: 0.5, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (s, on, trim, gap) => {
          const packer = packerOf(s, { trim, gap, quarterTurns: true });
          const laid = packer.lay(on);
          expect(laid.n).toBe(laid.centres.length);
          expect(laid.n).toBeLessThanOrEqual(laid.bound);
          expect(laid.n).toBeGreaterThanOrEqual(packer.count(on));
          const pieces = laid.centres.map(([x, y], i) => ({ x, y, turn: laid.turns[i] ?? (0 as const) }));
          // straight cuts are reckoned in tenths of a millimetre
          const bed = { sheet: on, shape: s, trim: trim - 0.11, gap: s.kind === 'disc' ? gap : 0 };
          expect(misplaced(bed, pieces)).toEqual({ outside: [], overlapping: [] });
        },
      ),
      { numRuns: 120 },
    );
  });
  it('lie head to tail where that holds more: triangles nearly fill a sheet', () => {
    const triangle: CutShape = { kind: 'triangle', base: 60, height: 60 };
    const laid = packerOf(triangle, { trim: 0, gap: 0, quarterTurns: true }).lay({ shape: 'rect', w: 330, h: 240 });
    expect(laid.pattern).toBe('head to tail');
    expect(laid.n).toBeGreaterThanOrEqual(40);
  });
  it('are none on a sheet narrower than the piece', () => {
    for (const s of [
      { kind: 'rect', a: 200, b: 90 },
      { kind: 'triangle', base: 200, height: 90 },
    ] as CutShape[])
      expect(packerOf(s, { trim: 5, gap: 0, quarterTurns: false }).lay({ shape: 'rect', w: 90, h: 90 })).toMatchObject({
        n: 0,
        pattern: 'none',
      });
  });
  it('draw a turned piece about its own middle', () => {
    const at = laidCorners({ kind: 'rect', a: 80, b: 40 }, [100, 100], 90);
    expect(boxOf(at)).toEqual({ x: 80, y: 60, w: 40, h: 80 });
  });
});

describe('re-rolls of any shape', () => {
  const settings = { t: 3, rho: 1.2, wmax: 450, hmax: 900 };
  it('conserve mass, with two shrinks too', () => {
    fc.assert(
      fc.property(
        shape,
        fc.integer({ min: 150, max: 2500 }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (s, mass, shrink0, shrinkAcross0) => {
          const D = shapeSize(s)[0];
          const plan = planReRolls({ ...settings, D, shape: s, mass, shrink0, shrinkAcross0 });
          const pieces = plan.gens.reduce((sum, g) => sum + g.n * g.pieceMass, 0);
          expect(pieces + plan.saved + plan.lost).toBeCloseTo(mass, 6);
          for (const g of plan.gens) expect(g.pieceMass).toBeCloseTo((shapeArea(g.shape) * g.roll * 1.2) / 1000, 9);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('cut a straight piece longer along the last roll than across it, by what each way shrinks', () => {
    const { gens } = planReRolls({
      ...settings,
      D: 80,
      shape: { kind: 'rect', a: 80, b: 80 },
      mass: 900,
      shrink0: 8,
      shrinkAcross0: 2,
    });
    const [along, across] = shapeSize(gens[0]?.shape);
    expect(along).toBeCloseTo(80 / 0.92, 9);
    expect(across).toBeCloseTo(80 / 0.98, 9);
    expect(gens[0]?.finD).toBeCloseTo(80, 9);
    expect(gens[0]?.finAcross).toBeCloseTo(80, 9);
  });
  it('cannot make a round cutter oval: it comes out shorter along the last roll, with the area that was wanted', () => {
    const { gens } = planReRolls({ ...settings, D: 92, mass: 900, shrink0: 8, shrinkAcross0: 2 });
    const first = gens[0];
    expect(first.finD).toBeLessThan(92);
    expect(first.finAcross).toBeGreaterThan(92);
    expect(first.finD * first.finAcross).toBeCloseTo(92 * 92, 6);
  });
  it('from sheets of a given size take as many of them as it needs', () => {
    const one = sheetsFor({ ...settings, D: 92, N: 8, first: { sheet: { shape: 'rect', w: 400, h: 300 } } });
    const more = sheetsFor({ ...settings, D: 92, N: 30, first: { sheet: { shape: 'rect', w: 400, h: 300 } } });
    expect(one.plan.gens[0]).toMatchObject({ sheets: 1, n: 8 });
    expect(more.plan.gens[0]?.sheets).toBeGreaterThan(1);
    expect(more.mass / one.mass).toBeCloseTo(more.plan.gens[0]?.sheets ?? 0, 9);
  });
  it('and from sheets too small for one piece give none, which is an answer', () =>
    expect(
      sheetsFor({ ...settings, D: 92, N: 8, first: { sheet: { shape: 'rect', w: 90, h: 90 } } }).plan,
    ).toMatchObject({ pieces: 0, stop: 'toosmall' }));
  it('say the largest size a mass of dough allows: that size works, and half a millimetre more does not', () => {
    for (const mass of [300, 800, 1500]) {
      const found = sizeForDough({ ...settings, D: 90, mass, N: 12 });
      expect(found?.plan.pieces).toBe(12);
      expect(planReRolls({ ...settings, D: (found?.D ?? 0) + 0.5, mass, need: 12 }).pieces).toBeLessThan(12);
    }
    expect(sizeForDough({ ...settings, D: 90, mass: 5, N: 60 })).toBeNull();
  });
});

describe('ways of making the same pieces', () => {
  const ways = compareWays({ D: 100, t: 3, rho: 1.2, N: 12 });
  const dough = (way: string, rerolls = 0) => ways.find((w) => w.way === way && w.rerolls === rerolls)?.doughG ?? NaN;
  it('take less dough the more often offcuts are rolled, and least as balls, of which nothing is left', () => {
    expect(dough('rounds')).toBeGreaterThan(dough('rounds', 1));
    expect(dough('rounds', 1)).toBeGreaterThanOrEqual(dough('rounds', 2));
    expect(dough('balls')).toBeLessThan(dough('rounds', 2));
    expect(ways.find((w) => w.way === 'balls')?.leftG).toBe(0);
  });
  it('take less as squares than as rounds cut once', () => expect(dough('squares')).toBeLessThan(dough('rounds')));
});
