import fc from 'fast-check';
import { ballsPlan, stripPlan } from './oneByOne';

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
