import fc from 'fast-check';
import { readAmount } from './readAmount';
import { plainText, readNumber } from './readNumber';
import { baseOf, measureSystems, units, writtenUnits } from './units';
import { inEighths, writeAmount } from './writeAmount';

const read = (text: string, system: Parameters<typeof readAmount>[1] = 'us') => {
  const amount = readAmount(text, system);
  if (!amount) throw new Error(`no amount in ${text}`);
  return amount;
};
const value = (text: string, system: Parameters<typeof readAmount>[1] = 'us') => read(text, system).readings[0]?.low;

describe('a number as people write it', () => {
  it.each([
    ['2', 2],
    ['1.5', 1.5],
    ['1,5', 1.5],
    ['0,25', 0.25],
    ['.5', 0.5],
    ['1,500', 1500],
    ['1.500,5', 1500.5],
    ['1,250.75', 1250.75],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['1½', 1.5],
    ['½', 0.5],
    ['2 ⅔', 2 + 2 / 3],
    ['3⁄4', 0.75],
    ['half a', 0.5],
    ['half', 0.5],
    ['a', 1],
    ['two', 2],
    ['three quarters of a', 0.75],
    ['two and a half', 2.5],
    ['a dozen', 12],
    ['two dozen', 24],
    ['a couple', 2],
    ['a quarter', 0.25],
  ])('%s is %d', (text, expected) => expect(readNumber(plainText(text))?.value).toBeCloseTo(expected, 9));
  it.each(['', 'flour', '1/0', 'salt to taste', '-'])('%j is none', (text) =>
    expect(readNumber(plainText(text))).toBeNull(),
  );
});

describe('an amount', () => {
  const cup = baseOf('cup', 'us');
  it.each([
    ['1 1/2 cups flour', 1.5 * cup],
    ['1½ c. flour', 1.5 * cup],
    ['¾ lb butter', 0.75 * 453.59237],
    ['2 sticks butter', 226.796185],
    ['a scant teaspoon salt', baseOf('tsp', 'us')],
    ['half a cup of milk', 0.5 * cup],
    ['250-300 g flour', 250],
    ['250 g - 300 g flour', 250],
    ['1 lb 4 oz plums', 566.9904625],
    ['2 tbsp + 1 tsp oil', 2 * baseOf('tbsp', 'us') + baseOf('tsp', 'us')],
    ['2 tbsp and 1 tsp oil', 2 * baseOf('tbsp', 'us') + baseOf('tsp', 'us')],
    ['3 large eggs', 3],
    ['a pinch of salt', 0.3],
    ['12 cm round', 120],
    ['9-inch tin', 228.6],
    ['9" tin', 228.6],
    ['1.2 kg squash', 1200],
    ['2,5 dl cream', 250],
    ['about 40 g sugar', 40],
    ['500g flour', 500],
    ['gas 6', 6],
    ['gas mark 4', 4],
    ['200 °C', 200],
    ['392°F', 200],
  ])('%s', (text, base) => expect(value(text)).toBeCloseTo(base, 6));
  it('of a range has both its ends', () => {
    expect(read('250-300 g flour').readings).toEqual([{ low: 250, high: 300, dimension: 'mass', system: null }]);
    expect(read('2 to 3 tbsp water', 'metric').readings[0]).toMatchObject({ low: 30, high: 45 });
  });
  it('keeps the words behind it', () => {
    expect(read('1 lb 4 oz plums, halved').rest).toBe('plums, halved');
    expect(read('half a cup of milk').rest).toBe('milk');
    expect(read('3 large eggs').rest).toBe('large eggs');
    expect(read('2 cloves garlic').rest).toBe('cloves garlic');
  });
  it('is not read out of the middle of a word', () => {
    expect(read('3 garlic cloves')).toMatchObject({ units: ['piece'], rest: 'garlic cloves' });
    expect(read('2 lemons')).toMatchObject({ units: ['piece'], rest: 'lemons' });
    expect(read('1 inch thick').units).toEqual(['inch']);
  });
  it('remembers scant, heaped and about', () => {
    expect(read('a scant teaspoon').said).toEqual(['scant']);
    expect(read('2 heaped tbsp flour').said).toEqual(['heaped']);
    expect(read('about 3 rounded tsp').said).toEqual(['about', 'heaped']);
    expect(read('1 level tsp').said).toEqual([]);
  });
  it('of two heats knows the one for the fan', () => {
    expect(read('375°F (fan 170°C)')).toMatchObject({ fanC: 170, rest: '' });
    expect(read('200°C (180°C fan)').readings[0]?.low).toBe(200);
    expect(read('190 °C, fan 170 °C, 40 min').fanC).toBeNull();
  });
  it('that is none is none', () => {
    for (const text of ['', 'salt', 'salt and pepper', 'to taste', '1/0 cup'])
      expect(readAmount(text, 'us')).toBeNull();
  });
  it('never falls over, whatever is written', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
        const amount = readAmount(text);
        for (const r of amount?.readings ?? []) {
          expect(Number.isFinite(r.low) && Number.isFinite(r.high)).toBe(true);
          expect(r.high).toBeGreaterThanOrEqual(r.low - 1e-9);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe('what could be meant otherwise is said', () => {
  it('whose cup', () => {
    const { readings, ambiguities } = read('2 cups flour', null);
    expect(ambiguities).toEqual(['whoseMeasure']);
    expect(readings.map((r) => [r.system, Math.round(r.low)])).toEqual([
      ['us', 473],
      ['metric', 500],
      ['imperial', 568],
    ]);
    expect(read('2 cups flour', 'metric').ambiguities).toEqual([]);
  });
  it('a fluid ounce or one of weight', () => {
    expect(read('4 oz water').ambiguities).toEqual(['fluidOrWeight']);
    expect(read('4 oz water').readings.map((r) => r.dimension)).toEqual(['volume', 'mass']);
    expect(read('4 oz butter').ambiguities).toEqual([]);
    expect(read('4 fl oz water').ambiguities).toEqual([]);
  });
  it('which degrees', () => {
    expect(read('180°')).toMatchObject({ ambiguities: ['whichDegrees'] });
    expect(read('375 degrees').readings[0]?.low).toBeCloseTo(190.6, 1);
    expect(read('180 degrees').readings[0]?.low).toBe(180);
  });
  it('nothing of grams and centimetres', () => {
    for (const text of ['200 g', '2 kg', '30 ml', '24 cm']) expect(read(text, null).ambiguities).toEqual([]);
  });
});

describe('units', () => {
  it('are each written in their own way', () => {
    const all = writtenUnits.map(([written]) => written);
    expect(new Set(all).size).toBe(all.length);
  });
  it('hold together within a system: three teaspoons a tablespoon, sixteen tablespoons a US cup, two cups a US pint', () => {
    for (const s of ['us', 'metric', 'imperial'] as const)
      expect(baseOf('tbsp', s) / baseOf('tsp', s)).toBeCloseTo(3, 9);
    expect(baseOf('cup', 'us') / baseOf('tbsp', 'us')).toBeCloseTo(16, 9);
    expect(baseOf('pint', 'us') / baseOf('cup', 'us')).toBeCloseTo(2, 9);
    expect(baseOf('pint', 'imperial') / baseOf('gill', 'imperial')).toBeCloseTo(4, 9);
    expect(baseOf('lb', 'us') / baseOf('oz', 'us')).toBeCloseTo(16, 9);
  });
  it('are all larger than nothing', () => {
    for (const name of Object.keys(units) as (keyof typeof units)[])
      for (const s of measureSystems) expect(baseOf(name, s)).toBeGreaterThan(0);
  });
});

describe('writing an amount', () => {
  it.each([
    [3.14, 'mass', 'metric', '3.1 g'],
    [304.4, 'mass', 'metric', '304 g'],
    [1262, 'mass', 'metric', '1.26 kg'],
    [566.99, 'mass', 'us', '1 lb 4 oz'],
    [113.4, 'mass', 'us', '4 oz'],
    [236.588, 'volume', 'us', '1 cup'],
    [355, 'volume', 'us', '1½ cups'],
    [5, 'volume', 'metric', '5 ml'],
    [2.46, 'volume', 'us', '½ tsp'],
    [44.4, 'volume', 'us', '3 tbsp'],
    [1500, 'volume', 'metric', '1.5 l'],
    [3, 'length', 'metric', '3 mm'],
    [92, 'length', 'metric', '9.2 cm'],
    [228.6, 'length', 'us', '9 in'],
    [203, 'temperature', 'metric', '205 °C'],
    [190.6, 'temperature', 'us', '375 °F'],
    [6, 'gas', 'imperial', 'gas 6'],
    [2.5, 'count', 'us', '2½'],
  ] as const)('%d of %s by %s measures is %s', (amount, dimension, measures, text) => {
    expect(writeAmount(amount, dimension, { measures }).text).toBe(text);
  });
  it('goes over to cups beyond four tablespoons', () => {
    const tbsp = baseOf('tbsp', 'us');
    expect(writeAmount(4 * tbsp, 'volume', { measures: 'us' }).text).toBe('4 tbsp');
    expect(writeAmount(5 * tbsp, 'volume', { measures: 'us' }).text).toMatch(/cup$/);
  });
  it('can be read again as what it says', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 4000, noNaN: true }),
        fc.constantFrom('mass', 'volume', 'length'),
        fc.constantFrom('metric', 'us', 'imperial'),
        (amount, dimension, measures) => {
          const { text, says } = writeAmount(amount, dimension, { measures });
          const back = readAmount(text, measures === 'metric' ? 'metric' : measures)?.readings[0];
          expect(back?.dimension).toBe(dimension);
          expect(back?.low).toBeCloseTo(says, 6);
        },
      ),
    );
  });
  it('is off by no more than half of its smallest step', () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 4000, noNaN: true }), (ml) => {
        const cups = writeAmount(ml, 'volume', { measures: 'us' });
        const step = (ml / baseOf('tbsp', 'us') <= 4 ? baseOf('tbsp', 'us') : baseOf('cup', 'us')) / 8;
        expect(Math.abs(cups.says - ml)).toBeLessThanOrEqual(step / 2 + 1e-9);
      }),
    );
  });
  it('writes eighths as fractions', () => {
    expect([0, 0.125, 0.25, 0.5, 1, 1.375, 2.99].map(inEighths)).toEqual(['0', '⅛', '¼', '½', '1', '1⅜', '3']);
  });
});
