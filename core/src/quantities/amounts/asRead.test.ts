import fc from 'fast-check';
import { asHeat, asHour, asLength, asMass } from './asRead';
import { readAmount } from './readAmount';

/** What a written quantity reads back as, in base units. */
const back = (text: string): number => readAmount(text.replace('−', '-'), 'us')?.readings[0]?.low ?? NaN;
const positive = (max: number) => fc.double({ min: 0.4, max, noNaN: true });

describe('a length', () => {
  it.each([
    [3, '1/8'],
    [4, '5/32'],
    [120, '4 3/4'],
    [25.4, '1'],
    [254, '10'],
  ])('of %d mm is %s inches', (mm, said) => expect(asLength(mm, 'in').number).toBe(said));
  it('of another thickness a cook can roll is never the same word', () => {
    const said = [2, 2.5, 3, 3.5, 4, 5, 6, 8].map((mm) => asLength(mm, 'in').number);
    expect(new Set(said).size).toBe(said.length);
  });
  it('written reads back within what the words say', () =>
    fc.assert(
      fc.property(positive(1900), fc.constantFrom('mm' as const, 'in' as const), (mm, scale) => {
        const { number, unit, says } = asLength(mm, scale);
        expect(back(`${number} ${unit}`)).toBeCloseTo(says, 6);
        expect(Math.abs(says - mm)).toBeLessThanOrEqual(
          scale === 'in' ? 25.4 / (mm < 12 ? 128 : mm < 400 ? 32 : 8) + 1e-9 : 0.5,
        );
      }),
    ));
});

describe('a weight', () => {
  it.each([
    [340, '12', 'oz'],
    [454, '1 lb', ''],
    [500, '1 lb 1 3/4', 'oz'],
    [4.5, '0.16', 'oz'],
  ])('of %d g is %s %s', (g, number, unit) => expect(asMass(g, 'oz')).toMatchObject({ number, unit }));
  it('written reads back within what the words say', () =>
    fc.assert(
      fc.property(positive(20_000), fc.constantFrom('g' as const, 'oz' as const), (g, scale) => {
        const { number, unit, says } = asMass(g, scale);
        const pounds = /^(\d+) lb ?/.exec(number);
        const rest = number.slice(pounds?.[0].length ?? 0);
        const read = (pounds ? back(`${pounds[1]} lb`) : 0) + (rest ? back(`${rest} ${unit}`) : 0);
        expect(read).toBeCloseTo(says, 6);
        expect(Math.abs(says - g)).toBeLessThanOrEqual(scale === 'g' ? 0.5 : g < 28 ? 0.15 : g < 113 ? 1.8 : 3.6);
      }),
    ));
});

describe('a heat', () => {
  it('of an oven is a gas mark; of a dough never', () => {
    expect(asHeat(200, 'gas', 0)).toMatchObject({ number: '6', unit: 'gas' });
    expect(asHeat(14.3, 'gas')).toMatchObject({ number: '14.3', unit: '°C' });
    expect(asHeat(200, 'F', 0)).toMatchObject({ number: '390', unit: '°F' });
  });
  it('is within half of its last place, either way', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 300, noNaN: true }),
        fc.constantFrom('C' as const, 'F' as const),
        (c, scale) => {
          const { number, says } = asHeat(c, scale);
          expect(Math.abs(says - c)).toBeLessThanOrEqual(scale === 'C' ? 0.0501 : c < 105 ? 0.278 : 1.39);
          expect(number).not.toMatch(/^−0(\.0)?$/);
        },
      ),
    ));
});

describe('an hour', () => {
  it.each([
    [0, 5, '12:05 am', '00:05'],
    [12, 0, '12:00 pm', '12:00'],
    [18, 30, '6:30 pm', '18:30'],
  ])('%d:%d is %s or %s', (h, m, twelve, full) => {
    expect(asHour(h, m, 12)).toBe(twelve);
    expect(asHour(h, m, 24)).toBe(full);
  });
});
