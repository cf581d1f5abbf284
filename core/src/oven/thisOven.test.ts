import fc from 'fast-check';
import { ovenPlaces } from './breadSlices';
import { hiddenOven, readOvenThermometer } from './hiddenOven';
import { ovenOffset, settledMin } from './thermometer';

describe('nine slices of bread', () => {
  it('alike are an even oven, in whatever colour', () => {
    for (const colour of [0, 1, 2, 3, 4]) {
      const { spreadK, uneven } = ovenPlaces(Array.from({ length: 9 }, () => colour));
      expect(spreadK).toBe(0);
      expect(uneven).toBe(false);
    }
  });
  it('one browner than the rest is where it is hot, and by more the browner it is', () => {
    for (let place = 0; place < 9; place++) {
      const at = (colour: number) => ovenPlaces(Array.from({ length: 9 }, (_, i) => (i === place ? colour : 1)));
      expect(at(3).hottest).toBe(place);
      expect(at(3).uneven).toBe(true);
      expect(at(4).spreadK).toBeGreaterThan(at(3).spreadK);
      expect(at(0).coolest).toBe(place);
    }
  });
});

describe('the hidden oven and its thermometer', () => {
  it('is one oven for a seed, within what ovens are', () => {
    fc.assert(
      fc.property(fc.integer({ min: -2_000_000, max: 2_000_000 }), (seed) => {
        const oven = hiddenOven(seed);
        expect(oven).toEqual(hiddenOven(seed));
        expect(oven.offsetK).toBeGreaterThanOrEqual(-20);
        expect(oven.offsetK).toBeLessThanOrEqual(16);
        expect(oven.swingK).toBeGreaterThanOrEqual(3);
        expect(oven.swingK).toBeLessThanOrEqual(9);
      }),
      { seed: 14 },
    );
  });
  it('read over its swings gives its offset away within a few degrees', () => {
    for (let seed = 1; seed < 12; seed++) {
      const readings = Array.from({ length: 30 }, (_, i) => ({
        setC: 190,
        sinceOnMin: settledMin + 6 + i * 1.7,
      })).flatMap((asked) => {
        const { valueC } = readOvenThermometer({ ...asked, seed });
        return valueC === null ? [] : [{ ...asked, measuredC: valueC }];
      });
      expect(readings.length).toBeGreaterThan(20);
      expect(Math.abs(ovenOffset(readings).offsetC - hiddenOven(seed).offsetK)).toBeLessThan(7);
    }
  });
  it('lags: just switched on it still shows the room', () => {
    const shown = [0, 1, 2].map((sinceOnMin) => readOvenThermometer({ setC: 200, sinceOnMin, seed: 7 }).valueC);
    for (const c of shown) if (c !== null) expect(c).toBeLessThan(30);
  });
});
