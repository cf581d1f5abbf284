import fc from 'fast-check';
import { ballsPlan, closedFirstPlan, stripPlan } from './oneByOne';
import { packerOf } from './packer';

describe('each from its own ball', () => {
  it('weighs what its round weighs, and leaves nothing over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 300, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        (D, t, N) => {
          const { mass, plan } = ballsPlan({ D, t, rho: 1.2, N });
          const [only] = plan.gens;
          expect(mass).toBeCloseTo((N * Math.PI * D * D * t * 1.2) / 4000, 6);
          expect(only.pieceMass * N).toBeCloseTo(mass, 6);
          expect([plan.saved, plan.lost, only.sheets]).toEqual([0, 0, N]);
        },
      ),
    );
  });
});

describe('a strip cut across', () => {
  it('gives all pieces, no strip longer than the bench, and keeps every gram', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 300, noNaN: true }),
        fc.double({ min: 30, max: 300, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (a, b, N) => {
          const { mass, plan } = stripPlan({ a, b, t: 3, rho: 1.15, N, trim: 5, long: 900 });
          const [only] = plan.gens;
          expect(only.capacity).toBeGreaterThanOrEqual(N);
          expect(only.sheet.shape === 'rect' && only.sheet.w).toBeLessThanOrEqual(900 + 1e-6);
          expect(N * only.pieceMass + plan.saved).toBeCloseTo(mass, 6);
        },
      ),
    );
  });
  it('refuses a piece no strip of this bench holds', () =>
    expect(() => stripPlan({ a: 400, b: 100, t: 3, rho: 1.15, N: 2, trim: 5, long: 350 })).toThrow());
});

describe('rounds cut after they are closed', () => {
  const plan = (D: number, N: number, covered: boolean) =>
    closedFirstPlan({ D, t: 3, rho: 1.2, N, covered, trim: 5, gap: 4, long: 900, wide: 450 });
  it('all lie on the sheets, in two layers where they are covered, and keep every gram', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 220 }), fc.integer({ min: 1, max: 40 }), fc.boolean(), (D, N, covered) => {
        const { mass, plan: made } = plan(D, N, covered);
        const [only] = made.gens;
        expect(only.n).toBe(covered ? 2 * N : N);
        expect(only.capacity).toBeGreaterThanOrEqual(only.n);
        expect(
          packerOf(only.shape, { trim: 5, gap: 4, quarterTurns: false }).lay(only.sheet).n * only.sheets,
        ).toBeGreaterThanOrEqual(only.n);
        expect(only.n * only.pieceMass + made.saved).toBeCloseTo(mass, 6);
      }),
    );
  });
  it('folded over are one row, so that every one lies over the fold', () => {
    const { sheet } = plan(120, 6, false).plan.gens[0];
    expect(sheet.shape === 'rect' && sheet.h).toBeLessThan(2 * 120);
  });
  it('refuse a round wider than the bench', () => expect(() => plan(440, 2, true)).toThrow('D'));
});
