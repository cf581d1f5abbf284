import fc from 'fast-check';
import { edgeRolled } from './edgeRolled';

const any = fc.record({
  finishedMm: fc.double({ min: 60, max: 300, noNaN: true }),
  sheetMm: fc.double({ min: 2, max: 8, noNaN: true }),
  share: fc.double({ min: 0.5, max: 1, noNaN: true }),
  middlePct: fc.double({ min: 20, max: 90, noNaN: true }),
});

describe('a round left thicker in the middle', () => {
  it('weighs what was cut, however wide its middle and thin its edge', () =>
    fc.assert(
      fc.property(any, ({ share, ...o }) => {
        const edgeMm = o.sheetMm * share;
        const { blankMm, finishedMm, middleMm } = edgeRolled({ ...o, edgeMm });
        const finished = middleMm ** 2 * o.sheetMm + (finishedMm ** 2 - middleMm ** 2) * edgeMm;
        expect(finished).toBeCloseTo(blankMm ** 2 * o.sheetMm, 4);
        expect(blankMm).toBeLessThanOrEqual(finishedMm + 1e-9);
        expect(blankMm).toBeGreaterThanOrEqual(middleMm - 1e-9);
      }),
    ));
  it('whose edge is as thick as its middle is cut at its size', () =>
    expect(edgeRolled({ finishedMm: 120, sheetMm: 3, edgeMm: 3 }).blankMm).toBeCloseTo(120, 9));
  it('cannot have an edge thicker than its sheet', () =>
    expect(() => edgeRolled({ finishedMm: 120, sheetMm: 3, edgeMm: 4 })).toThrow(/edgeMm/));
});
