import fc from 'fast-check';
import { compute } from '../models';
import { displacement, fatOfRise, solidFatDensity } from './displacement';
import { eggContents, eggOptions, eggSizes, type EggSize } from './eggs';
import { splitLoads, wholeBatches } from './loads';

const anyEgg = fc.tuple(fc.double({ min: 1, max: 600, noNaN: true }), fc.constantFrom(...eggSizes));
const eggG = (size: EggSize) => eggContents[size].yolkG + eggContents[size].whiteG;

describe('eggs for a dough', () => {
  it('are heavier the larger their class, yolks less so than whites', () => {
    for (let i = 1; i < eggSizes.length; i++) {
      const [small, large] = [eggContents[eggSizes[i - 1]], eggContents[eggSizes[i]]];
      expect(large.yolkG).toBeGreaterThan(small.yolkG);
      expect(large.whiteG / small.whiteG).toBeGreaterThan(large.yolkG / small.yolkG);
    }
  });
  it('are all accounted for: used and left are what was cracked', () => {
    fc.assert(
      fc.property(anyEgg, ([wanted, size]) => {
        for (const o of eggOptions(wanted, size)) {
          const left = o.rest.beatenG + o.rest.yolkG + o.rest.whiteG;
          expect(o.usedG + left).toBeCloseTo(o.eggs * eggG(size), 6);
          expect(Math.min(o.rest.beatenG, o.rest.yolkG, o.rest.whiteG)).toBeGreaterThanOrEqual(-1e-9);
        }
      }),
    );
  });
  it('beaten and weighed come out exactly, from no more eggs than are needed', () => {
    fc.assert(
      fc.property(anyEgg, ([wanted, size]) => {
        const [weighed] = eggOptions(wanted, size);
        expect(weighed).toMatchObject({ kind: 'weighed', offByG: 0, factor: 1 });
        expect((weighed?.eggs ?? 0) * eggG(size)).toBeGreaterThanOrEqual(wanted - 1e-6);
        expect(((weighed?.eggs ?? 0) - 1) * eggG(size)).toBeLessThan(wanted);
      }),
    );
  });
  it('whole are one fewer or one more, and say how far off that is', () => {
    const options = eggOptions(75, 'M');
    expect(options.find((o) => o.kind === 'fewer')).toMatchObject({ whole: 1, usedG: 51, offByG: -24 });
    expect(options.find((o) => o.kind === 'more')).toMatchObject({ whole: 2, usedG: 102, offByG: 27, factor: 1.36 });
  });
  it('that divide leave nothing and offer nothing else', () => {
    expect(eggOptions(102, 'M').map((o) => [o.kind, o.eggs, o.rest.use])).toEqual([
      ['weighed', 2, 'none'],
      ['more', 2, 'none'],
    ]);
  });
  it('are split into yolks and whites where that comes nearer', () => {
    const split = eggOptions(68, 'M').find((o) => o.kind === 'split');
    expect(split).toMatchObject({ whole: 1, yolks: 1, whites: 0, usedG: 67.5 });
    expect(split?.rest).toMatchObject({ yolkG: 0, whiteG: 34.5, use: 'nextDough' });
  });
  it('split are nearer than any whole number, or not offered', () => {
    fc.assert(
      fc.property(anyEgg, ([wanted, size]) => {
        const options = eggOptions(wanted, size);
        const split = options.find((o) => o.kind === 'split');
        for (const o of options.filter((x) => x.kind === 'fewer' || x.kind === 'more'))
          if (split) expect(Math.abs(split.offByG)).toBeLessThan(Math.abs(o.offByG));
      }),
    );
  });
  it('left over brush a lid when there are a few grams, and go in the next dough when there are many', () => {
    expect(eggOptions(40, 'M')[0]?.rest).toMatchObject({ use: 'wash' });
    expect(eggOptions(10, 'M')[0]?.rest).toMatchObject({ use: 'nextDough' });
    expect(eggOptions(48, 'M')[0]?.rest).toMatchObject({ use: 'freezer' });
  });
});

describe('a machine that takes so much flour', () => {
  const dough = [
    { name: 'flour', grams: 420 },
    { name: 'butter', grams: 315 },
    { name: 'water', grams: 168 },
  ];
  it('is given equal loads that together are the whole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 1000 }), (limit) => {
        const { loads, each, flourG } = splitLoads(dough, limit);
        expect(flourG).toBeLessThanOrEqual(limit + 1e-6);
        each.forEach((item, i) => expect(item.grams * loads).toBeCloseTo(dough[i]?.grams ?? 0, 6));
        if (loads > 1) expect(420 / (loads - 1)).toBeGreaterThan(limit);
      }),
    );
  });
  it('counts every kind of flour', () => {
    expect(splitLoads([...dough, { name: 'wholemeal', grams: 180 }], 300).loads).toBe(2);
  });
  it('is given nothing without flour', () => {
    expect(() => splitLoads([{ name: 'butter', grams: 100 }], 300)).toThrow('items');
    expect(() => splitLoads(dough, 0)).toThrow('flourLimitG');
  });
});

describe('whole batches', () => {
  it('make at least what is wanted, and less than one batch too much', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 50, max: 2000, noNaN: true }),
        (w, b) => {
          const { batches, surplusG, factor } = wholeBatches(w, b);
          expect(surplusG).toBeGreaterThanOrEqual(-1e-6);
          expect(surplusG).toBeLessThan(b + 1e-6);
          expect(factor * w).toBeCloseTo(batches * b, 6);
        },
      ),
    );
  });
});

describe('fat measured by water', () => {
  it('pushes up more than its weight in water, for it is lighter', () => {
    for (const fat of Object.keys(solidFatDensity)) {
      const { volumeMl } = displacement(fat, 100, 200, 1000);
      expect(volumeMl).toBeGreaterThan(100);
      expect(volumeMl).toBeLessThan(112);
    }
  });
  it('is read back from the rise of the level', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (g, start) => {
          const { endMl } = displacement('butter', g, start, 1000);
          expect(fatOfRise('butter', start, endMl)).toBeCloseTo(g, 6);
        },
      ),
    );
  });
  it('needs a jug that holds both and water enough to cover it', () => {
    expect(displacement('lard', 315, 400, 1000).fits).toBe(true);
    expect(displacement('lard', 315, 800, 1000).fits).toBe(false);
    expect(displacement('lard', 315, 50, 1000)).toMatchObject({ fits: false });
    expect(() => displacement('wax', 100, 100, 500)).toThrow('fat');
    expect(() => displacement('lard', 100, 600, 500)).toThrow('startMl');
  });
});

describe('the registered models of the dough', () => {
  it.each([
    ['dough.eggOptions', { wantedG: 75, size: 'M' }],
    ['dough.splitLoads', { items: [{ name: 'flour', grams: 500 }], flourLimitG: 250 }],
    ['dough.wholeBatches', { wantedG: 900, batchG: 400 }],
    ['dough.displacement', { fat: 'butter', grams: 100, startMl: 200, jugMl: 500 }],
  ])('%s answers', (name, input) => expect(compute(name, input)).toMatchObject({ ok: true }));
});
