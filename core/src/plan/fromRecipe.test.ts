import { compute } from '../models';
import { someOf } from '../testing/sampled';
import { corpus } from '../testing/recipeCorpus';
import { itemFromRecipe, type FromRecipe } from './fromRecipe';
import { ItemInput } from '../contracts/item';
import { planItem } from './item';
import { plainKitchen } from './starters';
import { validated } from '../quantities/validate';

const made = (text: string, corrections: Parameters<typeof itemFromRecipe>[0]['corrections'] = []): FromRecipe =>
  itemFromRecipe({ text, corrections, mouths: 6, cook: 'You' });
/** The corpus as it is understood, each text once. */
const understood = corpus.map(({ text }) => ({ text, made: made(text) }));
const pasties = corpus.find((e) => e.text.startsWith('# Leek pasties'))?.text ?? '';

describe('an item from a recipe', () => {
  it('keeps within every rule, whatever the text', () => {
    for (const { made } of understood)
      expect(() => validated(ItemInput, JSON.parse(JSON.stringify(made.item)))).not.toThrow();
  });
  it('can be worked out', () => {
    for (const { made } of someOf(understood, 6))
      expect(planItem(made.item, plainKitchen).dough.masses.totalG).toBeGreaterThan(0);
  });
  it('has the recipe’s ratios, oven, cutter and number, and its words', () => {
    const { item, taken } = made(pasties);
    expect(item.product).toBe('handPies');
    expect(item.dough).toMatchObject({ flour: 'strongFlour', fat: 'lard', fatToFlourPct: 30, waterToFlourPct: 35 });
    expect(item.oven.setC).toBe(200);
    expect(item.cut).toMatchObject({ cutterMm: 160, thicknessMm: 4 });
    expect(item.brief.count).toBe(8);
    expect(item.recipe?.text).toBe(pasties);
    expect(taken.map((t) => t.what)).not.toContain('oven');
  });
  it('names everything it had to take from itself', () => {
    const { taken } = made('200 g flour\n100 g butter');
    const what = taken.map((t) => t.what);
    for (const blank of ['serves', 'oven', 'thicknessMm', 'water', 'salt', 'filling']) expect(what).toContain(blank);
  });
  it('takes what the cook puts right: grams, ingredient and heat', () => {
    const salty = corpus.find((e) => e.text.startsWith('Fish pie'))?.text ?? '';
    const at = made(salty).read.amounts.findIndex((a) => a.id === 'salt');
    const { item } = made(salty, [
      { amount: at, value: 6 },
      { fact: 'oven', value: 180 },
    ]);
    expect(item.dough.saltToFlourPct).toBeCloseTo(1.3, 1);
    expect(item.oven.setC).toBe(180);
    const named = made('200 g flour\n100 g butter\n300 g zorbleweed', [
      { amount: 2, ingredient: 'chard', section: 'filling' },
    ]);
    expect(named.item.filling.ingredients.map((i) => i.name)).toEqual(['Chard']);
  });
  it('of two amounts of one thing takes the one the cook chooses', () => {
    const text = corpus.find((e) => e.text.startsWith('Onion pie'))?.text ?? '';
    const alarm = made(text).read.alarms.find((a) => a.code === 'twoAmounts');
    const fat = (value: number) => made(text, [{ ...alarm?.about, value }]).item.dough.fatToFlourPct;
    expect(alarm?.options.map((o) => o.value)).toEqual([100, 120]);
    expect(fat(100)).toBe(50);
    expect(fat(120)).toBe(60);
  });
  it('is moved by every way out of every doubt that has one', () => {
    for (const { text, made: before } of understood) {
      for (const alarm of before.read.alarms) {
        if (alarm.about.amount === undefined && alarm.about.fact === undefined) continue;
        const items = alarm.options.map((o) => JSON.stringify(made(text, [{ ...alarm.about, value: o.value }]).item));
        expect([alarm.code, new Set(items).size > 1]).toEqual([alarm.code, true]);
      }
    }
  });
  it('uses two flours, salted butter and what else is in the dough', () => {
    const { item } = made('Pastry\n150 g wholemeal flour\n150 g plain flour\n180 g salted butter\n1 egg\n40 g water');
    expect(item.dough.secondFlourPct).toBe(50);
    expect(item.dough).toMatchObject({ fat: 'butter', fatSaltPct: 1.5 });
    expect(item.dough.others).toEqual([{ ingredient: 'egg', toFlourPct: 17 }]);
  });
  it('is refused by name when there is no text', () => {
    expect(compute('plan.fromRecipe', { text: '', corrections: [], mouths: 4, cook: 'You' })).toMatchObject({
      ok: false,
      errors: [{ field: 'text' }],
    });
  });
});

describe('a page of filo pieces', () => {
  const page = (word: string) =>
    `Little ${word} for the lantern walk\n\n12 leaves filo\n60 g butter, melted\n400 g spinach\n200 g ricotta\n\nCut into strips, fill and fold into ${word}. Bake at 190 °C for 20 minutes.`;
  it.each([
    ['triangles', 'triangle'],
    ['parcels', 'parcel'],
    ['cigars', 'cigar'],
  ])('says %s, and they are closed so', (word, laying) => {
    const { item } = made(page(word));
    expect(item).toMatchObject({ product: 'handPies', dough: { pastry: 'filo' }, folds: { laying } });
    expect(planItem(item, plainKitchen).cut.leaves?.made?.kind).toBe(laying);
  });
});
