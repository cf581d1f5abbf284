import fc from 'fast-check';
import { runs } from '../testing/sampled';
import { twoCutters } from './twoCutters';

const bench = { trim: 5, gap: 2, long: 700, wide: 450, maxRerolls: 2 };
const any = fc.record({
  baseMm: fc.double({ min: 70, max: 150, noNaN: true }),
  lidMm: fc.double({ min: 50, max: 110, noNaN: true }),
  pairs: fc.integer({ min: 1, max: 40 }),
});
const area = (d: number) => (Math.PI / 4) * d * d;

describe('bases and lids from two cutters on one sheet', () => {
  it('are all there and no more than their dough; none overlaps another or the trim, and no sheet is larger than bench and pin', () =>
    fc.assert(
      fc.property(any, (o) => {
        const { rolls, doughMm2, leftMm2 } = twoCutters({ ...o, ...bench });
        // and they weigh no more than their dough, with what is left of it
        const cut = o.pairs * (area(o.baseMm) + area(o.lidMm));
        expect(cut + leftMm2).toBeLessThanOrEqual(doughMm2 + 1e-6);
        expect(rolls.reduce((sum, r) => sum + r.pairs, 0)).toBe(o.pairs);
        for (const r of rolls) {
          expect(r.lengthMm).toBeLessThanOrEqual(bench.long + 1e-6);
          expect(r.widthMm).toBeLessThanOrEqual(bench.wide + 1e-6);
          expect(r.circles.filter((c) => c.lid).length * r.sheets).toBeGreaterThanOrEqual(r.pairs);
          r.circles.forEach((c, i) => {
            expect(c.x - c.d / 2).toBeGreaterThanOrEqual(bench.trim - 1e-6);
            expect(c.x + c.d / 2).toBeLessThanOrEqual(r.widthMm - bench.trim + 1e-6);
            expect(c.y + c.d / 2).toBeLessThanOrEqual(r.lengthMm - bench.trim + 1e-6);
            for (const other of r.circles.slice(i + 1))
              expect(Math.hypot(c.x - other.x, c.y - other.y)).toBeGreaterThanOrEqual(
                (c.d + other.d) / 2 + bench.gap - 1e-6,
              );
          });
        }
      }),
      { numRuns: runs(60, 30) },
    ));
  it('take no more dough where the trimmings are rolled again', () => {
    const o = { baseMm: 112, lidMm: 78, pairs: 14, ...bench };
    expect(twoCutters(o).doughMm2).toBeLessThan(twoCutters({ ...o, maxRerolls: 0 }).doughMm2);
  });
  it('larger than the bench are refused by name', () =>
    expect(() => twoCutters({ ...bench, baseMm: 300, lidMm: 80, pairs: 2, wide: 200 })).toThrow(/baseMm/));
});
