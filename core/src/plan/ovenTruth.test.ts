import { formItem } from './forms';
import { forms } from './formNames';
import { planItem } from './item';
import { contentsOf } from './needs/contents';
import { look } from './questions/look';
import { ovenLoad } from './questions/ovenLoad';
import { ovenWhatIf } from './questions/ovenWhatIf';
import { bestProgramme } from './questions/programme';
import { storing } from './questions/storing';
import { plainKitchen } from './starters';
import type { ItemInput } from '../contracts/item';
import { baseLooks, lidLooks } from '../oven/look';

const kitchen = { ...plainKitchen, cooks: ['You'] };
const dish = formItem('dishPie', 6, 'You');
const pasties = formItem('pasties', 6, 'You');
const withOven = (item: ItemInput, oven: Partial<ItemInput['oven']>): ItemInput => ({
  ...item,
  oven: { ...item.oven, ...oven },
});
const inDish = (vesselMaterial: 'ceramic' | 'tin'): ItemInput => ({ ...dish, cut: { ...dish.cut, vesselMaterial } });
/** A kitchen whose bakes take longer or shorter than ours. */
const taught = (ratio: number) => ({ ...kitchen, bakeRatios: [ratio, ratio, ratio] });

describe('one figure for the minutes of a bake', () => {
  it.each([0.8, 1, 1.25])(
    'in a kitchen of %s times ours the programme, the what-ifs and the station agree',
    (ratio) => {
      const here = taught(ratio);
      const { oven } = planItem(dish, here);
      const found = bestProgramme({ item: dish, kitchen: here });
      expect(found.mine.minutes).toBe(oven.minutes);
      expect(found.gains).toEqual([]);
      const fan = ovenWhatIf({ item: dish, kitchen: here }).find((w) => w.change === 'fan');
      const station = planItem(withOven(dish, { mode: 'fan' }), here).oven.minutes as number;
      expect(fan?.minutes).toBeCloseTo(station, 6);
      expect(fan?.moreMin).toBeCloseTo(station - (oven.minutes as number), 6);
    },
  );
  it('the cook’s own minutes stand in the programme as in the station', () => {
    const item = withOven(dish, { ownMin: 80 });
    expect(bestProgramme({ item, kitchen }).mine.minutes).toBe(80);
  });
  it('every what-if is the plan’s own bake once it is taken', () => {
    const asked: Partial<Record<string, Partial<ItemInput['oven']>>> = {
      highShelf: { rack: 'high' },
      steel: { support: 'steel' },
      cooler: { setC: dish.oven.setC - 20 },
      frozen: { from: 'freezer' },
    };
    for (const w of ovenWhatIf({ item: inDish('tin'), kitchen })) {
      const oven = asked[w.change];
      if (oven)
        expect(w.minutes).toBeCloseTo(planItem(withOven(inDish('tin'), oven), kitchen).oven.minutes as number, 6);
    }
  });
});

describe('never falsely safe', () => {
  it('a look in a fast kitchen takes nothing out before its middle is safe', () => {
    for (const item of [pasties, dish])
      for (const ratio of [0.6, 0.8, 1]) {
        const { bake } = planItem(item, taught(ratio)).oven;
        for (const lid of lidLooks)
          for (const base of baseLooks)
            for (const minute of [10, 20]) {
              const seen = look({ item, kitchen: taught(ratio), minute, lid, base });
              expect(seen.outMin).toBeGreaterThanOrEqual((bake.times.safe as number) - 1e-6);
            }
      }
  });
  it('pies keep no longer in the oven’s plan than in the store, for every form', () => {
    for (const form of forms) {
      const item = formItem(form, 6, 'You');
      const { keeps } = planItem(item, kitchen).oven;
      const stored = storing({ item, kitchen });
      expect(keeps.rawHours).toBe(stored.rawHours);
      expect(keeps.rawMonths).toBe(stored.frozenRaw?.months ?? 0);
      expect(keeps.bakedDays).toBe(stored.bakedDays);
    }
  });
  it('what is not all known keeps half a day at the most, and a day ahead is stopped', () => {
    const hand = formItem('handPies', 6, 'You');
    const odd: ItemInput = {
      ...hand,
      filling: {
        ...hand.filling,
        ingredients: [...hand.filling.ingredients, { name: 'grandmother’s secret', gramsPer100: 5 }],
      },
      oven: { ...hand.oven, aheadDays: 1 },
    };
    const plan = planItem(odd, kitchen);
    expect(plan.oven.keeps).toMatchObject({ unknown: true, rawHours: 12 });
    expect(plan.problems.map((p) => p.code)).toContain('kept_long');
  });
  it('a sauce bound with maize starch is not frozen in silence', () => {
    const hand = formItem('handPies', 6, 'You');
    const bound: ItemInput = {
      ...hand,
      filling: {
        ...hand.filling,
        ingredients: [...hand.filling.ingredients, { name: 'maize starch', gramsPer100: 3 }],
      },
      oven: { ...hand.oven, from: 'freezer' },
    };
    const plan = planItem(bound, kitchen);
    expect(plan.oven.keeps.rawMonths).toBe(0);
    expect(plan.problems.map((p) => p.code)).toContain('kept_frozen_long');
  });
  it('a cold dish of ceramic is never offered hot steel, nor the freezer', () => {
    const changes = (item: ItemInput) => ovenWhatIf({ item, kitchen }).map((w) => w.change);
    expect(changes(inDish('ceramic'))).not.toContain('steel');
    expect(changes(inDish('ceramic'))).not.toContain('frozen');
    expect(changes(inDish('tin'))).toEqual(expect.arrayContaining(['steel', 'frozen']));
  });
});

describe('what lies under a piece', () => {
  it('is in it: a floured tray is wheat, an oiled one takes oil from the larder', () => {
    const contents = (under: ItemInput['oven']['under']) => {
      const item = withOven(pasties, { under });
      return contentsOf(item, planItem(item, kitchen));
    };
    const grams = (under: ItemInput['oven']['under'], id: string) =>
      contents(under)
        .filter((c) => c.ingredient === id && c.place === 'wash')
        .reduce((sum, c) => sum + c.grams, 0);
    expect(grams('flour', 'flour')).toBeGreaterThan(0);
    expect(grams('oil', 'oil')).toBeGreaterThan(0);
    for (const under of ['paper', 'mat', 'nothing'] as const) {
      expect(grams(under, 'flour')).toBe(0);
      expect(grams(under, 'oil')).toBe(0);
    }
  });
});

describe('one heat for all', () => {
  const meal = { title: 'Supper', serveAt: '2026-12-12T18:00', mouthCount: 6, eaters: [] };
  const apart = [withOven(dish, { setC: 185 }), withOven(formItem('smallPies', 6, 'You'), { setC: 205 })];
  it('is offered where there are shelves for all at once and each bears it, and not where there are none', () => {
    const roomy = ovenLoad({ meal, items: apart, kitchen: { ...kitchen, ovenShelves: 3 } });
    if (roomy.loads.length > 1) {
      expect(roomy.oneHeatC).not.toBeNull();
      for (const s of roomy.suits) {
        expect(roomy.oneHeatC as number).toBeGreaterThanOrEqual((s?.lowC ?? 0) - 5);
        expect(roomy.oneHeatC as number).toBeLessThanOrEqual((s?.highC ?? 999) + 5);
      }
    }
    expect(ovenLoad({ meal, items: apart, kitchen: { ...kitchen, ovenShelves: 1 } }).oneHeatC).toBeNull();
  });
});
