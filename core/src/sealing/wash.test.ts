import fc from 'fast-check';
import { washFactors, type Wash } from '../oven/tables';
import { brushedWith, washColours } from './wash';

const washes = Object.keys(washFactors) as Wash[];

describe('a wash', () => {
  it.each(washes.filter((w) => w !== 'none'))('of %s is all of it something', (wash) => {
    expect(brushedWith[wash].reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9);
  });
  it('colours more where its own factor is larger, in the same bake', () => {
    fc.assert(
      fc.property(fc.constantFrom(...washes), fc.double({ min: 0.01, max: 30, noNaN: true }), (wash, dose) => {
        const colours = washColours(wash, { dose, series: [] }, 1);
        expect(colours.find((c) => c.wash === wash)?.dose).toBeCloseTo(dose, 9);
        const byDose = [...colours].sort((a, b) => a.dose - b.dose).map((c) => washFactors[c.wash]);
        expect(byDose).toEqual([...byDose].sort((a, b) => a - b));
      }),
    );
  });
  it('is gold the sooner the faster it browns, and not at all where the bake ends before', () => {
    const series = [0, 10, 20, 30].map((tMin) => ({ tMin, browning: (tMin / 20) ** 2 }));
    const gold = (wash: Wash) => washColours('eggwhite', { dose: 1, series }, 1).find((c) => c.wash === wash)?.goldMin;
    expect(gold('eggwhite')).toBeCloseTo(20, 9);
    expect(gold('yolk')).toBeLessThan(20);
    expect(gold('none')).toBeGreaterThan(20);
    const short = washColours('eggwhite', { dose: 0.2, series: series.slice(0, 2) }, 1);
    expect(short.every((c) => c.goldMin === null)).toBe(true);
  });
  it('in two coats is never duller', () => {
    const shine = ['matt', 'soft', 'glossy'];
    washColours('milk', { dose: 2, series: [] }, 1).forEach((one, i) => {
      const two = washColours('milk', { dose: 2, series: [] }, 2)[i];
      expect(shine.indexOf(two?.gloss ?? '')).toBeGreaterThanOrEqual(shine.indexOf(one.gloss));
    });
  });
});
