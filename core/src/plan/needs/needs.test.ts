import { type ItemInput } from '../../contracts/item';
import { planBake } from '../bake';
import { planItem } from '../item';
import { fromThere } from './fromThere';
import { larderNames, needsOf } from './needs';
import { shopping, shopShelves } from './shopping';
import { shortages, type Need } from './shortages';
import { plainKitchen, starterItem } from '../starters';
import { pastriesOf, products } from '../../contracts/products';

const made = products.flatMap((p) => pastriesOf[p].map((pastry) => starterItem(p, 6, 'You', pastry)));
const needs = (...items: ItemInput[]): Need[] =>
  needsOf(
    items,
    items.map((i) => planItem(i, plainKitchen)),
  );
const grams = (list: readonly Need[], name: string) => list.find((n) => n.name === name)?.grams ?? 0;
const need = (name: string, g: number): Need => ({ name, grams: g, forItems: [] });

describe('what a day takes from the larder', () => {
  it.each(made.map((i) => [i.title, i.dough.pastry, i] as const))(
    'names the fat of %s in %s as the larder does',
    (_t, _p, item) => {
      const list = needs(item);
      expect(grams(list, larderNames[item.dough.fat] ?? '')).toBeCloseTo(
        planItem(item, plainKitchen).dough.masses.fatG,
        6,
      );
    },
  );
  it.each(made.map((i) => [i.title, i.dough.pastry, i] as const))(
    'asks for flour or for bought leaves for %s in %s, never both',
    (_t, pastry, item) => {
      const list = needs(item);
      expect(grams(list, 'Filo') > 0).toBe(pastry === 'filo');
      expect(grams(list, 'Flour') > 0).toBe(pastry !== 'filo');
    },
  );
  it('parts what leaves are brushed with into fat and oil, as they are mixed', () => {
    const item = starterItem('filoTray', 6, 'You', 'filo');
    const mixed = { ...item, folds: { ...item.folds, brushOilPct: 30 } };
    const { fatG } = planItem(mixed, plainKitchen).dough.masses;
    const fat = larderNames[item.dough.fat] ?? '';
    expect(grams(needs(mixed), fat)).toBeCloseTo(0.7 * fatG, 6);
    expect(grams(needs(mixed), larderNames['oil'] ?? '')).toBeCloseTo(0.3 * fatG, 6);
    expect(planItem(mixed, plainKitchen).dough.figures.fat.value).toBeCloseTo(fatG, 6);
  });
  it('adds up what it is for, dish by dish', () => {
    for (const n of needs(...made)) {
      expect(n.forItems.reduce((sum, f) => sum + f.grams, 0)).toBeCloseTo(n.grams, 6);
      expect(n.grams).toBeGreaterThan(0.5);
    }
  });
  it('is the same in whatever order the dishes stand', () => {
    const [there, back] = [needs(...made), needs(...[...made].reverse())];
    for (const n of there) expect(grams(back, n.name)).toBeCloseTo(n.grams, 6);
    expect(back).toHaveLength(there.length);
  });
  it('counts what goes into the filling by its share', () => {
    const [item] = made;
    if (!item) throw new Error('nothing made');
    const leek = { ...item, filling: { ...item.filling, ingredients: [{ name: 'Leek', gramsPer100: 40 }] } };
    expect(grams(needs(leek), 'Leek')).toBeCloseTo(planItem(leek, plainKitchen).filling.totalG * 0.4, 6);
  });
  it('puts butter for the dough and butter in the filling together, however it is written', () => {
    const [item] = made;
    if (!item) throw new Error('nothing made');
    const rich = { ...item, filling: { ...item.filling, ingredients: [{ name: 'butter', gramsPer100: 10 }] } };
    expect(needs(rich).filter((n) => n.name.toLowerCase() === 'butter')).toHaveLength(1);
  });
});

describe('what the larder is short of', () => {
  it('is nothing when there is exactly enough, and the rest when there is not', () => {
    expect(shortages([need('Flour', 500)], [{ name: 'Flour', grams: 500 }])).toEqual([]);
    expect(shortages([need('Flour', 500)], [{ name: 'Flour', grams: 480 }])).toEqual([
      { name: 'Flour', needG: 500, haveG: 480, shortG: 20 },
    ]);
  });
  it('counts every bag of a thing, without regard to capitals and to what stands behind a comma', () => {
    const bags = [
      { name: 'flour, strong white', grams: 300 },
      { name: 'FLOUR', grams: 250 },
      { name: 'Potato flour', grams: 900 },
    ];
    expect(shortages([need('Flour', 540)], bags)).toEqual([]);
    expect(shortages([need('Flour', 600)], bags)[0]?.shortG).toBeCloseTo(50, 6);
  });
  it('does not speak of crumbs', () => {
    expect(shortages([need('Salt', 10.4)], [{ name: 'Salt', grams: 10 }])).toEqual([]);
  });
  it('is everything where the larder is empty', () => {
    const all = needs(...made);
    expect(
      shortages(all, [])
        .map((s) => s.name)
        .sort(),
    ).toEqual(all.map((n) => n.name).sort());
  });
});

describe('a filling made from what is there', () => {
  const item = {
    ...starterItem('handPies', 10, 'You'),
    title: 'Leek pies',
    filling: {
      ...starterItem('handPies', 10, 'You').filling,
      ingredients: [
        { name: 'Leek', gramsPer100: 60 },
        { name: 'Cheddar', gramsPer100: 40 },
      ],
    },
  };
  const plan = planItem(item, plainKitchen);
  const all = needs(item);
  const [leekG, cheeseG] = [grams(all, 'Leek'), grams(all, 'Cheddar')];
  const larder = (leek: number, cheese: number | null) => [
    { name: 'Leek, two bunches', grams: leek },
    ...(cheese === null ? [] : [{ name: 'Cheddar', grams: cheese }]),
  ];
  it('ends with the thing that runs out first', () => {
    expect(fromThere(item, plan, all, larder(leekG / 2, cheeseG))).toMatchObject({
      share: expect.closeTo(0.5, 9) as number,
      limiting: { name: 'Leek', thereG: leekG / 2 },
      unknown: [],
    });
    expect(fromThere(item, plan, all, larder(leekG, cheeseG / 4))?.limiting.name).toBe('Cheddar');
  });
  it('names what the larder does not know, and does not count it as none', () =>
    expect(fromThere(item, plan, all, larder(2 * leekG, null))).toMatchObject({
      share: expect.closeTo(2, 9) as number,
      unknown: ['Cheddar'],
    }));
  it('leaves to the other pies of the day what they take', () => {
    const other = { ...item, title: 'More leek pies' };
    const both = needs(item, other);
    expect(fromThere(item, plan, both, larder(1.5 * leekG, 9999))?.share).toBeCloseTo(0.5, 9);
  });
  it('leaves to its own pastry the butter that is in both', () => {
    const buttery = { ...item, filling: { ...item.filling, ingredients: [{ name: 'Butter', gramsPer100: 20 }] } };
    const own = planItem(buttery, plainKitchen);
    const day = needs(buttery);
    const fillingG = 0.2 * own.filling.totalG;
    expect(grams(day, 'Butter')).toBeGreaterThan(fillingG);
    const butter = [{ name: 'Butter', grams: grams(day, 'Butter') - fillingG / 2 }];
    expect(fromThere(buttery, own, day, butter)?.share).toBeCloseTo(0.5, 6);
  });
  it('ends with what a stock of its own is made of, and asks for no stock', () => {
    const ahead = { kind: 'stock' as const, hours: 2, of: [{ name: 'Carrot', gramsPer100: 50 }] };
    const brothy = {
      ...item,
      filling: {
        ...item.filling,
        ingredients: [...item.filling.ingredients, { name: 'Stock', gramsPer100: 20, ahead }],
      },
    };
    const own = planItem(brothy, plainKitchen);
    const carrots = [...larder(9999, 9999), { name: 'Carrot', grams: 0.025 * own.filling.totalG }];
    expect(fromThere(brothy, own, needs(brothy), carrots)).toMatchObject({
      share: expect.closeTo(0.25, 6) as number,
      limiting: { name: 'Carrot' },
      unknown: [],
    });
  });
  it('is not known where the larder knows none of it', () =>
    expect(fromThere(item, plan, all, [{ name: 'Flour', grams: 900 }])).toBeNull());
});

describe('what is to be bought', () => {
  const items = [starterItem('dishPie', 6, 'Ines'), starterItem('handPies', 6, 'Ines')];
  const plan = planBake({
    meal: { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] },
    items,
    kitchen: plainKitchen,
  });
  const list = shopping(plan.needs, [], plan.clock.steps);
  it('is everything that is short, each once, by the shelves of a shop', () => {
    expect(list.map((b) => b.name).sort()).toEqual(
      shortages(plan.needs, [])
        .map((b) => b.name)
        .sort(),
    );
    const order = list.map((b) => shopShelves.indexOf(b.shelf));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(list.find((b) => b.name === 'Flour')?.shelf).toBe('baking');
    expect(list.find((b) => b.name === 'Butter')?.shelf).toBe('chilled');
  });
  it('is there before the first step that takes it', () => {
    for (const b of list) {
      expect(b.byMin).not.toBeNull();
      expect(b.byMin).toBeGreaterThanOrEqual(plan.clock.startMin - 1e-6);
      expect(b.byMin).toBeLessThan(0);
    }
    const weighing = plan.clock.steps.find((s) => s.itemIndex === 0 && s.code === 'weigh');
    expect(list.find((b) => b.name === 'Flour')?.byMin).toBeLessThanOrEqual(weighing?.startMin ?? -Infinity);
  });
});
