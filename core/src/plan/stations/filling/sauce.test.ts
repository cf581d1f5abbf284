import fc from 'fast-check';
import type { ItemInput } from '../../../contracts/item';
import { bodies, bodyNames, bodyOf } from '../../../filling/thickening';
import { ingredientNamed } from '../../../ingredients/named';
import { formItem } from '../../forms';
import { isSauce, offered, sauceOf, thickened, type Offered, type Sauce } from './sauce';
import { partsOfFilling } from './part';

const kinds = Object.keys(offered) as Offered[];
const totalG = 1200;
type List = ItemInput['filling']['ingredients'];
const pots = formItem('potPies', 6, 'You');
const withList = (ingredients: List, body?: Sauce['wanted']): ItemInput => ({
  ...pots,
  filling: { ...pots.filling, type: 'stew_thick', ingredients, ...(body ? { body } : {}) },
});
const sauce = (item: ItemInput) => sauceOf(item, partsOfFilling(item.filling, totalG, 6));
/** Meat in stock, with nothing that binds it. */
const thin: List = [
  { name: 'Beef', gramsPer100: 50 },
  { name: 'Stock', gramsPer100: 45 },
];
const found = (item: ItemInput): Sauce => {
  const s = sauce(item);
  if (!s) throw new Error('no sauce');
  return s;
};

describe('a sauce that is too thin', () => {
  it.each(kinds)('is as it was wanted once the %s that is offered is pressed', (kind) => {
    for (const body of bodyNames.filter((b) => b !== 'broth')) {
      const before = found(withList(thin, body));
      const more = before.more.find((m) => m.kind === kind);
      if (!more) throw new Error(`${kind} is not offered for ${body}`);
      const after = found(withList(thickened(thin, totalG, more), body));
      expect([body, after.inThePan]).toEqual([body, body]);
      expect(after.more).toEqual([]);
    }
  });
  it.each(kinds)('is bound with a %s that has a name in the list of ingredients', (kind) => {
    const way: { listed: string; with?: { name: string } } = offered[kind];
    expect(ingredientNamed(way.listed)).not.toBeNull();
    if (way.with) expect(ingredientNamed(way.with.name)).not.toBeNull();
  });
  it('takes butter with its flour as a roux, and nothing beside its starch', () => {
    const names = (kind: Offered) => thickened([], totalG, { kind, grams: 40 }).map((i) => i.name);
    expect(names('roux')).toEqual(['Plain flour', 'Butter']);
    expect(names('cornflour')).toEqual(['Maize starch']);
  });
  it('grows by what was asked, and leaves all else of the list as it was written', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.double({ min: 1, max: 200, noNaN: true }), (kind, grams) => {
        const once = thickened(thin, totalG, { kind, grams });
        expect(once.slice(0, thin.length)).toEqual(thin);
        const twice = thickened(once, totalG, { kind, grams });
        expect(twice).toHaveLength(once.length);
        expect((totalG * (twice[thin.length]?.gramsPer100 ?? 0)) / 100).toBeCloseTo(2 * grams, 6);
      }),
    );
  });
});

describe('a sauce', () => {
  it('stands thicker cold than in the pan', () => {
    const { flourPer100G, coldPer100G } = found(withList([...thin, { name: 'Plain flour', gramsPer100: 3 }]));
    expect(coldPer100G).toBeGreaterThan(flourPer100G);
    expect(bodyOf(coldPer100G)).toBeGreaterThan(bodyOf(flourPer100G));
  });
  it('thicker than wanted is brought back with what is poured, not with more flour', () => {
    const thick = found(withList([...thin, { name: 'Plain flour', gramsPer100: 12 }], 'coats a spoon'));
    expect(thick.more).toEqual([]);
    expect(thick.thinG).toBeGreaterThan(0);
    const poured = { name: 'Stock', gramsPer100: 45 + (100 * thick.thinG) / totalG };
    const back = found(withList([thin[0], poured, { name: 'Plain flour', gramsPer100: 12 }], 'coats a spoon'));
    // what is simmered away of it does not grow with it
    expect(Math.abs(bodyOf(back.flourPer100G) / bodies['coats a spoon'] - 1)).toBeLessThan(0.4);
  });
  it('is none without anything poured in, or in a filling that is not one', () => {
    expect(sauce(withList([{ name: 'Beef', gramsPer100: 100 }]))).toBeNull();
    const apple = formItem('turnovers', 4, 'You');
    expect(isSauce(apple)).toBe(false);
    expect(sauceOf(apple, partsOfFilling(apple.filling, totalG, 1))).toBeNull();
  });
  it('loses in steam no more than was poured or let go', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 0, max: 240 }), (stock, cookMinutes) => {
        const item = withList([
          { name: 'Beef', gramsPer100: 40 },
          { name: 'Stock', gramsPer100: stock },
        ]);
        const s = found({ ...item, filling: { ...item.filling, cookMinutes } });
        const all = [...s.poured, ...s.released].reduce((sum, p) => sum + p.grams, 0);
        expect(s.liquidG).toBeGreaterThanOrEqual(0);
        expect(s.liquidG + s.steamG).toBeCloseTo(all, 6);
      }),
    );
  });
});
