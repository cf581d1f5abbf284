import { eggContents } from '../../../dough/eggs';
import { startOf } from './formula';
import { planItem } from '../../item';
import { plainKitchen, starterItem } from '../../starters';
import type { ItemInput } from '../../../contracts/item';
import type { DoughInput } from '../../../contracts/dough';
import type { KitchenInput } from '../../../contracts/kitchen';

const item = (dough: Partial<DoughInput> = {}, more: Partial<ItemInput> = {}): ItemInput => {
  const start = starterItem('handPies', 8, 'You', 'shortcrust');
  return { ...start, ...more, dough: { ...start.dough, ...dough } };
};
const plan = (dough: Partial<DoughInput> = {}, kitchen: Partial<KitchenInput> = {}, more: Partial<ItemInput> = {}) =>
  planItem(item(dough, more), { ...plainKitchen, ...kitchen });
const eggM = eggContents.M.yolkG + eggContents.M.whiteG;

describe('what is weighed for a dough', () => {
  it('adds up to the dough, whatever goes in', () => {
    const { dough } = plan({
      secondFlour: 'wholemeal',
      secondFlourPct: 30,
      others: [
        { ingredient: 'egg', toFlourPct: 12 },
        { ingredient: 'vinegar', toFlourPct: 2 },
      ],
    });
    const parts = dough.facts?.parts ?? [];
    expect(parts.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(dough.masses.totalG, 6);
    expect(parts.map((p) => p.id)).toEqual(['flour', 'wholemeal', 'butter', 'salt', 'egg', 'vinegar', 'water']);
    expect(dough.facts?.ratios.flourG).toBeCloseTo(dough.masses.flourG, 6);
  });
  it('is as much as the Cut asks for, and what sticks to the bowl, as long as nobody asks otherwise', () => {
    const { cut, dough } = plan();
    expect(dough.surplusG).toBeCloseTo(0, 6);
    expect(dough.masses.totalG).toBeGreaterThan(cut.doughMassG);
  });
  it('asked from its flour has that much flour; what is over or short is said', () => {
    const more = plan({ askBy: 'flour', askValue: 1000 });
    expect(more.dough.masses.flourG).toBeCloseTo(1000, 6);
    expect(more.dough.surplusG).toBeGreaterThan(0);
    const less = plan({ askBy: 'dough', askValue: 100 });
    expect(less.dough.surplusG).toBeLessThan(0);
    expect(less.problems.map((p) => p.code)).toContain('dough_short');
  });
  it('with nothing wet in it cannot be made; with egg and milk for the water it can', () => {
    expect(plan({ waterToFlourPct: 0, fat: 'lard' }).problems.map((p) => p.code)).toContain('no_liquid');
    const wet = plan({ ...startOf('eggAndMilk') });
    expect(wet.problems.map((p) => p.code)).not.toContain('no_liquid');
    expect(wet.dough.figures.waterTemperature.value).toBeNull();
  });
  it('comes colder out of the bowl when what else goes in comes from the fridge', () => {
    const out = (ingredient: string) =>
      plan({ fatC: 15, waterToFlourPct: 0, others: [{ ingredient, toFlourPct: 40 }] }).dough.outOfBowlC;
    expect(out('milk')).toBeLessThan(out('coconutMilk'));
  });
  it('believes the packet of the fat', () => {
    const ratio = (dough: Partial<DoughInput>) => plan(dough).dough.facts?.ratios.toFlour;
    expect(ratio({ fatLabelPct: 70 })?.fat).toBeLessThan(ratio({})?.fat ?? 0);
    expect(ratio({ fatSaltPct: 2 })?.salt).toBeGreaterThan(ratio({})?.salt ?? 0);
  });
  it('warms as its packet says: a fat with more water takes longer to chill and to soften', () => {
    const heap = (fatLabelPct?: number) =>
      plan({ fatLabelPct }).dough.heaps.find((h) => h.name === 'fat')?.heatCapacity ?? 0;
    const [lean, rich] = [plan({ fatLabelPct: 60 }), plan({ fatLabelPct: 90 })];
    expect(lean.line.stretches).not.toEqual(rich.line.stretches);
    expect(heap(82)).toBeCloseTo(heap(), -1);
  });
  it('takes in a thing of the cook’s own by its packet, under its own name', () => {
    const own = { ingredient: 'own', name: 'Malt syrup', toFlourPct: 10, label: { waterPct: 22, sugarPct: 60 } };
    const facts = plan({ others: [own] }).dough.facts;
    expect(facts?.parts.find((p) => p.name === 'Malt syrup')?.grams).toBeGreaterThan(0);
    expect(facts?.ratios.toFlour.sugar).toBeCloseTo(6, 6);
    expect(facts?.ratios.sources.water.some((s) => s.name === 'Malt syrup')).toBe(true);
  });
  it('offers the water a flour was learnt to take, once: what was taken on is not taken on again', () => {
    const learnt = (dough: Partial<DoughInput>, ...factors: number[]) =>
      plan(dough, { flourFactors: factors.map((factor) => ({ flour: 'flour', factor })) }).dough.facts?.learntWaterPct;
    const { waterToFlourPct } = item().dough;
    expect(learnt({})).toBeNull();
    expect(learnt({}, 1.1, 1.1)).toBeCloseTo(1.1 * waterToFlourPct, 1);
    expect(learnt({ waterToFlourPct: 1.1 * waterToFlourPct, waterFactor: 1.1 }, 1.1, 1.1)).toBeNull();
    expect(learnt({}, 1.001)).toBeNull();
  });
  it('is split into equal loads for a machine that takes less', () => {
    const facts = plan({ askBy: 'flour', askValue: 900 }, { flourLimitG: 400 }).dough.facts;
    expect(facts?.loads.loads).toBe(3);
    expect(facts?.loads.flourG).toBeCloseTo(300, 6);
  });
  it('takes what this kitchen’s flour took, by the mean of the last five times', () => {
    const takes = (factors: number[]) =>
      plan({}, { flourFactors: factors.map((factor) => ({ flour: 'flour', factor })) }).dough.truth?.takes;
    const table = takes([])?.value ?? 0;
    expect(takes([0.9, 0.9])?.value).toBeCloseTo(0.9 * table, 6);
    expect(takes([3, 1, 1, 1, 1, 1])?.value).toBeCloseTo(table, 6);
    expect(takes([0.9])?.reason.certainty).toBe('learnt');
  });
});

describe('the account of eggs', () => {
  const withEgg = (toFlourPct: number) => plan({ others: [{ ingredient: 'egg', toFlourPct }] });
  it('holds dough, glue and wash, and cracks no more than all of them need together', () => {
    const { eggs } = withEgg(10);
    expect(eggs.uses.map((u) => u.use)).toEqual(['dough', 'glue', 'wash']);
    const needed = eggs.uses.reduce((sum, u) => sum + u.grams, 0);
    expect(eggs.eggs).toBe(Math.ceil(needed / eggM));
    expect(eggs.left.beatenG).toBeCloseTo(eggs.eggs * eggM - needed, 6);
  });
  it('has no ways out where the egg comes out whole', () => {
    const per = withEgg(10).eggs.uses.find((u) => u.use === 'dough')?.grams ?? 1;
    expect(withEgg((10 * eggM) / per).eggs.options.length).toBeLessThanOrEqual(withEgg(10).eggs.options.length);
    expect(withEgg(10).eggs.options.length).toBeGreaterThan(0);
  });
  it('counts yolks for a yolk wash apart, and keeps the whites', () => {
    const start = item();
    const { eggs } = plan({}, {}, { seal: { ...start.seal, wash: 'yolk', glue: 'water' } });
    expect(eggs.uses).toEqual([{ use: 'wash', part: 'yolk', grams: expect.any(Number) as number }]);
    expect(eggs.left.whiteG).toBeCloseTo(eggs.eggs * eggContents.M.whiteG, 6);
  });
  it('finds the egg of a filling', () => {
    const start = item();
    const { eggs } = plan({}, {}, { filling: { ...start.filling, ingredients: [{ name: 'Egg', gramsPer100: 20 }] } });
    expect(eggs.uses.some((u) => u.use === 'filling')).toBe(true);
  });
  it('of larger eggs cracks no more', () => {
    const cracked = (eggSize: 'S' | 'XL') =>
      plan({ others: [{ ingredient: 'egg', toFlourPct: 40 }] }, { eggSize }).eggs.eggs;
    expect(cracked('XL')).toBeLessThanOrEqual(cracked('S'));
  });
});
