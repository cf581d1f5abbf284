import fc from 'fast-check';
import { crimps, type Crimp, type Glue } from '../../../sealing/seals';
import type { ItemInput } from '../../../contracts/item';
import { forms } from '../../formNames';
import { formItem } from '../../forms';
import { planItem } from '../../item';
import { plainKitchen } from '../../starters';
import { readPath, writePath } from '../../path';

const planned = (item: ItemInput) => planItem(item, plainKitchen);
const pie = formItem('dishPie', 8, 'You');
const sealed = (seal: Partial<ItemInput['seal']>, item = pie): ItemInput => ({
  ...item,
  seal: { ...item.seal, ...seal },
});
const codes = (item: ItemInput) => planned(item).problems.map((p) => p.code);

describe('what a pie is closed with by default', () => {
  it.each(forms.flatMap((form) => [8, 14].map((people) => [form, people] as const)))(
    '%s for %i lets its steam out and holds',
    (form, people) => {
      const { seal, problems } = planned(formItem(form, people, 'You'));
      if (seal.need) {
        expect(seal.ventMm2).toBeGreaterThan(0.65 * seal.wantedMm2);
        expect(seal.need.leak).not.toBe('high');
      }
      expect(problems.filter((p) => p.station === 'seal')).toEqual([]);
    },
  );
});

describe('a seam', () => {
  it('holds by crimp and glue together: a dry rim is never as strong as a wet one', () => {
    for (const crimp of Object.keys(crimps) as Crimp[]) {
      const by = (glue: Glue) => planned(sealed({ crimp, glue })).seal.strength;
      expect(by('none')).toBeLessThan(by('water'));
      expect(by('water')).toBeLessThan(by('milk'));
      expect(by('milk')).toBeLessThan(by('egg'));
    }
  });
  it('of a narrow rim holds less, by its share', () => {
    const wide = planned(sealed({ rimMm: 12 })).seal.strength;
    expect(planned(sealed({ rimMm: 8 })).seal.strength).toBe(wide);
    expect(planned(sealed({ rimMm: 4 })).seal.strength).toBeCloseTo(wide / 2, 9);
  });
});

describe('steam', () => {
  it('never leaks more for more vents', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 11 }),
        fc.constantFrom('slits' as const, 'holes' as const),
        (slits, vent) => {
          const index = (n: number) => planned(sealed({ slits: n, vent })).seal.need?.leakIndex ?? 1;
          expect(index(slits + 1)).toBeLessThanOrEqual(index(slits) + 1e-12);
        },
      ),
      { numRuns: 12 },
    );
  });
  it('wants half as much again of a lid of layers, which close over a cut', () => {
    const lid = planned(formItem('lidOnly', 6, 'You')).seal;
    expect(lid.wantedMm2).toBeCloseTo(1.5 * (lid.need?.needMm2 ?? 0), 9);
  });
  it('is not asked out of a stiff dry filling under a lid that is to dome, and is of a wet one', () => {
    const closed = sealed({ vent: 'none' });
    expect(codes(closed)).toContain('too_few_vents');
    expect(codes({ ...closed, filling: { ...closed.filling, type: 'potato_mash' } })).not.toContain('too_few_vents');
  });
  it('goes out of leaves by itself', () => {
    for (const form of ['filoTray', 'filoCoil', 'filoTriangles'] as const)
      expect(planned(formItem(form, 8, 'You')).seal.need).toBeNull();
  });
});

describe('what one change would do', () => {
  const weak = sealed(
    { glue: 'none', crimp: 'fork', rimMm: 5, slits: 1, slitMm: 10 },
    {
      ...pie,
      filling: { ...pie.filling, fullnessPct: 118, type: 'stew_runny' },
    },
  );
  it('is what it does when it is done', () => {
    const { seal } = planned(weak);
    expect(seal.changes.length).toBeGreaterThan(3);
    for (const { path, to, leakIndex } of seal.changes) {
      expect(leakIndex).toBeLessThan(seal.need?.leakIndex ?? 0);
      const made = planned(writePath(weak, path, to));
      expect(readPath(weak, path)).not.toBe(to);
      // less filling bakes otherwise too; the seal's own changes do not
      if (path.startsWith('seal.')) expect(made.seal.need?.leakIndex).toBeCloseTo(leakIndex, 6);
    }
  });
  it('names the largest cause first', () => {
    const { need } = planned(weak).seal;
    expect(need?.causes.map((c) => c.weight)).toEqual(
      [...(need?.causes ?? [])].map((c) => c.weight).sort((a, b) => b - a),
    );
    expect(need?.causes[0]?.cause).toBe('vents');
    const full = planned({ ...pie, filling: { ...pie.filling, fullnessPct: 130 } }).seal.need;
    expect(full?.causes[0]?.cause).toBe('full');
  });
});

describe('a hole', () => {
  it('is small in a small pie and large in a large one, unless the cook says how large', () => {
    const across = (item: ItemInput) => {
      const { vent } = planned(item).seal;
      return 'dMm' in vent ? vent.dMm : 0;
    };
    const hand = formItem('handPies', 8, 'You');
    expect(across(sealed({ vent: 'holes' }))).toBe(12);
    expect(across(sealed({ vent: 'holes' }, hand))).toBe(5);
    expect(across(sealed({ vent: 'holes', holeMm: 9 }, hand))).toBe(9);
    expect(planned(sealed({ vent: 'chimney', slits: 4 })).seal.ventMm2).toBeCloseTo(36 * Math.PI, 6);
  });
});

describe('the colour to come', () => {
  it('is that of the minutes it is baked, the cook’s own where they set them', () => {
    const dose = (item: ItemInput) => planned(item).seal.colours.find((c) => c.wash === item.seal.wash)?.dose ?? 0;
    const ours = planned(pie).oven.minutes ?? 0;
    const longer = { ...pie, oven: { ...pie.oven, ownMin: Math.round(ours * 1.3) } };
    expect(dose(longer)).toBeGreaterThan(dose(pie));
    expect(dose(longer)).toBe(planned(longer).oven.out?.browning);
  });
});

describe('the wash', () => {
  it('is weighed for its area, half as much again for a second coat, and brushed on in the oven then', () => {
    const one = planned(pie);
    const two = planned(sealed({ coats: 2 }));
    expect(two.seal.washG).toBeCloseTo(1.5 * one.seal.washG, 9);
    expect(two.steps.some((s) => s.code === 'secondCoat')).toBe(true);
    expect(one.steps.some((s) => s.code === 'secondCoat')).toBe(false);
    const wash = (item: ItemInput) => planned(item).eggs.uses.find((u) => u.use === 'wash')?.grams ?? 0;
    expect(wash(sealed({ coats: 2 }))).toBeCloseTo(1.5 * wash(pie), 9);
    expect(wash(sealed({ wash: 'eggwater' }))).toBeCloseTo(0.75 * wash(pie), 9);
  });
});
