import { forms } from '../formNames';
import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen } from '../starters';
import type { ItemInput } from '../../contracts/item';
import { storing } from './storing';

const put = (item: ItemInput) => storing({ item, kitchen: plainKitchen });
const pasties = formItem('pasties', 7, 'You');

describe('putting pies away', () => {
  it.each(forms)('%s: in the fridge for no longer baked than a few days, raw for no longer than a day', (form) => {
    const s = put(formItem(form, 8, 'You'));
    expect(s.rawHours).toBeLessThanOrEqual(24);
    expect(s.bakedDays).toBeGreaterThanOrEqual(2);
    expect(s.bakedDays).toBeLessThanOrEqual(4);
    expect(s.eachG).toBeGreaterThan(10);
    expect(s.cautions).toContain('wrapCold');
  });
  it('from frozen they bake longer, by the same oven', () => {
    for (const form of ['handPies', 'pasties', 'filoTriangles', 'turnovers'] as const) {
      const item = formItem(form, 8, 'You');
      const { frozenRaw } = put(item);
      expect(frozenRaw?.moreMin).toBeGreaterThan(2);
      expect((frozenRaw?.minutes ?? 0) - (frozenRaw?.moreMin ?? 0)).toBeCloseTo(
        planItem(item, plainKitchen).oven.bake.proposed ?? 0,
        6,
      );
    }
  });
  it('raw meat waits half a day at the most, and keeps a shorter while frozen', () => {
    const cooked = put(formItem('handPies', 8, 'You'));
    const raw = put(pasties);
    expect(raw.rawHours).toBe(12);
    expect(raw.frozenRaw?.months).toBeLessThan(cooked.frozenRaw?.months ?? 0);
    expect(raw.cautions).toContain('rawMeat');
  });
  it('of what is not all known the shortest is said, and that it is not known', () => {
    const hand = formItem('handPies', 8, 'You');
    const known = put(hand);
    expect(known.cautions).not.toContain('unknown');
    for (const ingredients of [[], [...hand.filling.ingredients, { name: 'Aunt’s relish', gramsPer100: 5 }]]) {
      const s = put({ ...hand, filling: { ...hand.filling, ingredients } });
      expect(s.cautions[0]).toBe('unknown');
      expect(s.rawHours).toBeLessThan(known.rawHours);
      expect(s.bakedDays).toBeLessThan(known.bakedDays);
    }
  });
  it('raw meat in a filling that is cooked else counts as raw', () => {
    const hand = formItem('handPies', 8, 'You');
    const [beef, ...rest] = hand.filling.ingredients;
    if (!beef) throw new Error('no beef');
    const s = put({ ...hand, filling: { ...hand.filling, ingredients: [{ ...beef, preparation: 'raw' }, ...rest] } });
    expect(s.rawHours).toBe(12);
    expect(s.cautions).toContain('rawMeat');
  });
  it('a dish of glass or ceramic is thawed first: no minutes from frozen are said of it', () => {
    const dish = formItem('dishPie', 8, 'You');
    const glass = put({ ...dish, cut: { ...dish.cut, vesselMaterial: 'glass' } });
    expect(glass.frozenRaw?.minutes).toBeNull();
    expect(glass.cautions).toContain('thawDish');
    expect(glass.cautions).not.toContain('noThaw');
  });
  it('a sauce of maize or potato starch weeps, and a custard too: freezing is not advised', () => {
    const bound = (name: string) =>
      put({
        ...pasties,
        filling: { ...pasties.filling, ingredients: [...pasties.filling.ingredients, { name, gramsPer100: 2 }] },
      });
    expect(bound('Maize starch').frozenRaw).toBeNull();
    expect(bound('Maize starch').cautions).toContain('weeps');
    expect(bound('Plain flour').frozenRaw).not.toBeNull();
    expect(put(formItem('openTart', 8, 'You'))).toMatchObject({ frozenRaw: null, bakedMonths: 0, rawHours: 0 });
    // in a fruit pie it is eaten as it is
    expect(put(formItem('lattice', 8, 'You')).frozenRaw).not.toBeNull();
  });
});
