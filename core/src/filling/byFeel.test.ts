import fc from 'fast-check';
import { enoughToCoverG, enoughToCoverMl, feltParts, potNext } from './byFeel';

const stew = [
  { name: 'Stewing beef', grams: 600 },
  { name: 'Onion', grams: 200 },
  { name: 'Stock', grams: 300 },
  { name: 'Plain flour', grams: 20 },
];

describe('a pot by feel', () => {
  it('takes most of a liquid first, and half of what binds it; what is cut is not poured', () => {
    expect(feltParts(stew).map((p) => [p.name, p.role, p.firstLotG])).toEqual([
      ['Stock', 'liquid', 225],
      ['Plain flour', 'binder', 10],
    ]);
  });
  it('is thinned with liquid, thickened with what binds, and left alone when it is right', () => {
    expect((['tooThick', 'tooThin', 'asWanted'] as const).map((f) => potNext(f).add)).toEqual([
      'liquid',
      'binder',
      null,
    ]);
  });
});

describe('enough to cover', () => {
  const any = {
    solidsMl: fc.double({ min: 50, max: 5000, noNaN: true }),
    potCm: fc.double({ min: 14, max: 40, noNaN: true }),
  };
  it('is never less in a wider pot, nor for larger dice, nor for more of them', () =>
    fc.assert(
      fc.property(fc.record(any), ({ solidsMl, potCm }) => {
        const at = (more: object) => enoughToCoverMl({ solidsMl, potCm, diceMm: 15, ...more });
        expect(at({ potCm: potCm + 4 })).toBeGreaterThanOrEqual(at({}));
        expect(at({ diceMm: 30 })).toBeGreaterThanOrEqual(at({}));
        // a bed deeper than one layer needs the room between what comes on top
        if (solidsMl > 0.6 * Math.PI * (potCm / 2) ** 2 * 1.5)
          expect(at({ solidsMl: solidsMl * 2 })).toBeGreaterThan(at({}));
      }),
    ));
  it('counts what stands in the pot, not what is poured or binds', () =>
    expect(enoughToCoverG(stew, 22, 20)).toBe(enoughToCoverMl({ solidsMl: 800, potCm: 22, diceMm: 20 })));
  it('is not asked where nothing is poured', () => expect(enoughToCoverG(stew.slice(0, 2), 22, 20)).toBeNull());
  it('of a pot that cannot be is refused by name', () =>
    expect(() => enoughToCoverMl({ solidsMl: 500, potCm: 4, diceMm: 15 })).toThrow(/potCm/));
});
