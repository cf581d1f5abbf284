import fc from 'fast-check';
import { answer, model } from './model';
import { RefusedInput, rowOf, within } from './refusal';
import { Nested, NestedList, NumberIn, numberRule, numberRules, OneOf, Optional } from './rules';
import { celsius, celsiusToGas, fahrenheit, gasToCelsius } from './temperature';
import { validated } from './validate';

class Slit {
  @NumberIn(3, 80, 'mm') lengthMm!: number;
}
class Lid {
  @NumberIn(1, 10, 'mm') thicknessMm!: number;
  @NumberIn(0, 12, 'slits', { integer: true }) slits!: number;
  @OneOf(['egg', 'milk']) wash!: string;
  @Optional() @NumberIn(0, 5, '%') saltPct?: number;
  @Nested(() => Slit) slit!: Slit;
  @NestedList(() => Slit, 4) more!: Slit[];
}
class DomedLid extends Lid {
  @NumberIn(0, 300, 'mm') domeMm!: number;
}
const good = { thicknessMm: 3, slits: 2, wash: 'egg', slit: { lengthMm: 20 }, more: [] };
const refused = (plain: unknown): RefusedInput['refusals'] => {
  try {
    validated(Lid, plain);
  } catch (error) {
    if (error instanceof RefusedInput) return error.refusals;
    throw error;
  }
  return [];
};

describe('an input class', () => {
  it('takes what keeps to its rules', () => expect(validated(Lid, good)).toMatchObject(good));
  it('leaves out what may be left out', () => expect(validated(Lid, good).saltPct).toBeUndefined());
  it.each([
    ['too thick', { thicknessMm: 11 }, 'thicknessMm', 'out_of_range'],
    ['a text', { thicknessMm: '3' }, 'thicknessMm', 'not_a_number'],
    ['null', { thicknessMm: null }, 'thicknessMm', 'missing'],
    ['half a slit', { slits: 1.5 }, 'slits', 'not_integer'],
    ['an unknown wash', { wash: 'paint' }, 'wash', 'unknown'],
    ['a nested slit too short', { slit: { lengthMm: 1 } }, 'slit.lengthMm', 'out_of_range'],
    ['no slit at all', { slit: undefined }, 'slit', 'missing'],
    ['one wrong in a list', { more: [{ lengthMm: 9 }, { lengthMm: 900 }] }, 'more.1.lengthMm', 'out_of_range'],
    ['something unasked for', { colour: 'gold' }, 'colour', 'unknown_field'],
  ])('refuses %s by name', (_what, change, field, code) => {
    expect(refused({ ...good, ...change })).toMatchObject([{ field, code }]);
  });
  it('says what is allowed, with the unit', () => {
    expect(refused({ ...good, thicknessMm: 99 })[0]).toMatchObject({
      value: 99,
      allowed: { min: 1, max: 10, unit: 'mm' },
    });
    expect(refused({ ...good, wash: 'paint' })[0]).toMatchObject({ allowed: ['egg', 'milk'] });
  });
  it('names everything that is wrong at once', () => {
    expect(refused({ ...good, thicknessMm: 99, slits: -1, wash: '' }).map((r) => r.field)).toEqual([
      'thicknessMm',
      'slits',
      'wash',
    ]);
  });
  it('tells its ranges to the sliders, its ancestors’ too', () => {
    expect(numberRules(DomedLid)).toMatchObject({ thicknessMm: { min: 1, max: 10 }, domeMm: { max: 300 } });
    expect(numberRule(DomedLid, 'slits').integer).toBe(true);
    expect(() => numberRule(Lid, 'thickness')).toThrow('states no number rule');
  });
  it('takes every number of its range and none outside', () => {
    fc.assert(
      fc.property(fc.double({ min: -100, max: 100, noNaN: true }), (thicknessMm) => {
        expect(refused({ ...good, thicknessMm }).length === 0).toBe(thicknessMm >= 1 && thicknessMm <= 10);
      }),
    );
  });
});

describe('an answer', () => {
  const make = (run: (lid: Lid) => unknown) =>
    model({ name: 'test.lid', summary: 'a lid', units: 'mm', source: 'here', certainty: 'exact', input: Lid, run });
  it('is the value of the model', () =>
    expect(
      answer(
        make((l) => ({ area: l.thicknessMm * 2 })),
        good,
      ),
    ).toEqual({ ok: true, value: { area: 6 } }));
  it.each([
    ['NaN', { a: { b: NaN } }, 'a.b'],
    ['infinity in a list', { line: [1, 2, Infinity] }, 'line.2'],
  ])('never carries %s out', (_what, value, field) =>
    expect(
      answer(
        make(() => value),
        good,
      ),
    ).toEqual({ ok: false, errors: [{ field, code: 'not_finite' }] }),
  );
  it('carries a refusal as data', () => {
    const refusing = make(() => within(12, 0, 5, 'depth'));
    expect(answer(refusing, good)).toEqual({
      ok: false,
      errors: [{ field: 'depth', code: 'out_of_range', value: 12, allowed: { min: 0, max: 5 } }],
    });
  });
  it('does not hide a fault of ours', () => {
    const broken = make(() => {
      throw new TypeError('ours');
    });
    expect(() => answer(broken, good)).toThrow('ours');
  });
});

describe('reading a table by name', () => {
  const table = { wood: 1, marble: 2 };
  it('gives the row', () => expect(rowOf(table, 'marble', 'bench')).toBe(2));
  it('refuses another name with those it has, and is not fooled by what every object has', () => {
    for (const name of ['ice', 'toString', '__proto__', ''])
      expect(() => rowOf(table, name, 'bench')).toThrow('bench: unknown');
  });
});

describe('oven heat in other units', () => {
  it('goes to Fahrenheit and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 400, noNaN: true }), (t) =>
        expect(celsius(fahrenheit(t))).toBeCloseTo(t, 9),
      ),
    );
    expect(fahrenheit(100)).toBe(212);
  });
  it.each([
    [1, 140],
    [4, 180],
    [6, 200],
    [9, 250],
  ])('gas %d is %d °C, and back', (mark, c) => {
    expect(Math.abs(gasToCelsius(mark) - c)).toBeLessThanOrEqual(10);
    expect(celsiusToGas(gasToCelsius(mark))).toBe(mark);
  });
  it('has no mark where no oven has one', () => {
    expect(celsiusToGas(60)).toBeNull();
    expect(celsiusToGas(300)).toBeNull();
    expect(() => gasToCelsius(12)).toThrow('gas');
  });
});
