import fc from 'fast-check';
import { bakeClasses, heatConversions, plausible, type BakeClass } from './plausible';

const codes = (input: Parameters<typeof plausible>[0]) => plausible(input).map((f) => f.code);
const classes = Object.keys(bakeClasses) as BakeClass[];

describe('a written heat', () => {
  it('without a unit is read where only one reading bakes', () => {
    expect(plausible({ value: 190 })[0]).toMatchObject({ code: 'UNIT_GUESSED', suggest: { unit: 'C' } });
    expect(plausible({ value: 400 })[0]).toMatchObject({ code: 'UNIT_GUESSED', suggest: { unit: 'F' } });
    expect(plausible({ value: 7 })[0]).toMatchObject({ code: 'UNIT_GUESSED', suggest: { unit: 'gas' } });
  });
  it('without a unit is left to the cook where two readings bake, and refused where none does', () => {
    for (const finding of [240, 230, 245, 320, 350, 100, 60].map((value) => plausible({ value })[0]))
      expect(['UNIT_AMBIGUOUS', 'UNIT_GUESSED', 'TEMP_IMPOSSIBLE']).toContain(finding?.code);
    expect(codes({ value: 60 })).toEqual(['TEMP_IMPOSSIBLE']);
    expect(codes({ value: 700 })).toEqual(['TEMP_IMPOSSIBLE']);
  });
  it('in the wrong unit is given back in the one that bakes, in degrees', () => {
    expect(plausible({ value: 375, unit: 'C' })[0]).toMatchObject({
      code: 'UNIT_LIKELY_WRONG',
      suggest: { unit: 'F', asC: expect.closeTo(190.6, 1) as number },
    });
    expect(plausible({ value: 200, unit: 'F' })[0]).toMatchObject({ suggest: { unit: 'C', asC: 200 } });
  });
  it('of a fan oven is judged as the hotter conventional one it stands for', () => {
    expect(codes({ value: 140, unit: 'C' })).toEqual(['TEMP_LOW']);
    expect(codes({ value: 140, unit: 'C', mode: 'fan' })).toEqual([]);
    expect(codes({ value: 240, unit: 'C' })).toEqual([]);
    expect(codes({ value: 240, unit: 'C', mode: 'fan' })).toEqual(['TEMP_HIGH']);
  });
  it('is never changed by the judging, only spoken of', () => {
    const input = Object.freeze({ value: 375, unit: 'C' as const, timeMin: 40 });
    expect(() => plausible(input)).not.toThrow();
    expect(input).toEqual({ value: 375, unit: 'C', timeMin: 40 });
  });
  it('raises at most one alarm about its unit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.constantFrom('C', 'F', 'gas', null), (value, unit) => {
        const about = codes({ value, unit: unit }).filter((c) => c.startsWith('UNIT'));
        expect(about.length).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('a written time', () => {
  it.each(classes)('at 200° in the middle of its class raises no alarm: %s', (cls) => {
    const { min, max } = bakeClasses[cls];
    expect(codes({ value: 200, unit: 'C', timeMin: Math.sqrt(min * max), cls })).toEqual([]);
  });
  it.each(classes)('far beyond its class is too much, and eight times its class impossible: %s', (cls) => {
    const { max } = bakeClasses[cls];
    expect(codes({ value: 200, unit: 'C', timeMin: 2 * max, cls })).toEqual(['TOO_MUCH_HEAT']);
    expect(codes({ value: 200, unit: 'C', timeMin: 8 * max, cls })).toEqual(['TIME_IMPOSSIBLE']);
  });
  it('may be longer from frozen', () => {
    const timeMin = bakeClasses.pie.max * 1.4;
    expect(codes({ value: 200, unit: 'C', timeMin })).toEqual(['TOO_MUCH_HEAT']);
    expect(codes({ value: 200, unit: 'C', timeMin, frozen: true })).toEqual([]);
  });
  it('of one or two is taken for hours where hours bake', () => {
    expect(plausible({ value: 160, unit: 'C', timeMin: 2, cls: 'raised' })[0]).toMatchObject({
      code: 'TIME_IS_HOURS',
      suggest: { timeMin: 120 },
    });
    expect(codes({ value: 200, unit: 'C', timeMin: 5, cls: 'raised' })).toEqual(['TOO_LITTLE_HEAT']);
  });
  it('counts for less the cooler the oven: what is too much at 220° is right at 170°', () => {
    expect(codes({ value: 220, unit: 'C', timeMin: 95 })).toEqual(['TOO_MUCH_HEAT']);
    expect(codes({ value: 170, unit: 'C', timeMin: 95 })).toEqual([]);
  });
  it('that is too short or too long is answered with one that is neither', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 234 }),
        fc.integer({ min: 5, max: 400 }),
        fc.constantFrom(...classes),
        (value, timeMin, cls) => {
          const finding = plausible({ value, unit: 'C', timeMin, cls }).find(
            (f) => f.code === 'TOO_MUCH_HEAT' || f.code === 'TOO_LITTLE_HEAT',
          );
          if (!finding?.suggest?.sameTempMin) return;
          expect(codes({ value, unit: 'C', timeMin: finding.suggest.sameTempMin, cls })).toEqual([]);
        },
      ),
    );
  });
  it('of nothing at all is refused', () => {
    expect(() => plausible({ value: 200, unit: 'C', timeMin: 0 })).toThrow('timeMin');
  });
});

describe('one heat written otherwise', () => {
  it('is 20 degrees less with the fan, and goes up with itself in every way of writing', () => {
    let before = heatConversions(140);
    for (let t = 145; t <= 245; t += 5) {
      const now = heatConversions(t);
      expect(now.fanC).toBe(t - 20);
      expect(now.fahrenheit).toBeGreaterThan(before.fahrenheit);
      expect(now.gas ?? 0).toBeGreaterThanOrEqual(before.gas ?? 0);
      before = now;
    }
  });
  it('is refused where no oven goes', () => {
    expect(() => heatConversions(20)).toThrow('conventionalC');
    expect(() => heatConversions(400)).toThrow('conventionalC');
  });
});
