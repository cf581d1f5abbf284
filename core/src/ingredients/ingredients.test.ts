import fc from 'fast-check';
import { compute } from '../models';
import { ownCup, tableCup } from './cup';
import { allergensOf, dietsOf, energyOf100, labelled } from './label';
import { Index } from './search';
import { shippedIndex } from './shipped';
import { ingredientOf, ingredients } from './table';
import { fatNames } from '../cold/fats';
import type { Ingredient } from './ingredient';

const of = (id: string) => ingredientOf(id) as Ingredient;
const best = (text: string) => shippedIndex().search(text)[0]?.thing.id;
const value = <T>(name: string, input: unknown) => {
  const answer = compute(name, input);
  if (!answer.ok) throw new Error(JSON.stringify(answer.errors));
  return answer.value as T;
};

describe('the shipped table', () => {
  it('has at least 140 ingredients, each named once, with a density, a place and a time it keeps', () => {
    expect(ingredients.length).toBeGreaterThanOrEqual(140);
    expect(new Set(ingredients.map((i) => i.id)).size).toBe(ingredients.length);
    for (const i of ingredients) {
      expect([i.id, i.bulkGPerMl > 0.05 && i.bulkGPerMl < 1.6, i.keepsDays > 0]).toEqual([i.id, true, true]);
      expect(fatNames).toContain(i.composition.fatCurve);
    }
  });
  it('uses no word for two things', () => {
    const words = ingredients.flatMap((i) => [i.name.toLowerCase(), ...i.also]);
    expect(words.filter((w, k) => words.indexOf(w) !== k)).toEqual([]);
  });
  it('says what is in dairy, eggs, fish and wheat without being told', () => {
    for (const i of ingredients.filter((x) => x.group === 'dairy' && x.origin === 'milk'))
      expect(i.allergens).toContain('milk');
    for (const i of ingredients.filter((x) => x.group === 'egg')) expect(i.allergens).toContain('egg');
    for (const i of ingredients.filter((x) => x.origin === 'fish')) expect(i.allergens).toContain('fish');
    expect(of('rye').allergens).not.toContain('wheat');
  });
  it('gives fats the energy of fats and water none', () => {
    expect(energyOf100(of('lard').composition).kcal).toBeCloseTo(884, -1);
    expect(energyOf100(of('butter').composition).kcal).toBeGreaterThan(720);
    expect(energyOf100(of('water').composition).kJ).toBe(0);
  });
});

describe('a label', () => {
  it('is believed, and the rest gives way so that the whole stays whole', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ingredients),
        fc.record({
          fatPct: fc.double({ min: 0, max: 60, noNaN: true }),
          saltPct: fc.double({ min: 0, max: 3, noNaN: true }),
        }),
        (i, label) => {
          const free = 1 - i.composition.fat - i.composition.salt;
          // a label that says more than there is is brought back to the whole
          const { ash, salt } = i.composition;
          fc.pre(free > 0.05 && (label.fatPct + label.saltPct) / 100 + ash - salt < 0.999);
          const c = labelled(i.composition, label);
          expect(c.water + c.fat + c.protein + c.carb + c.fibre + c.ash).toBeCloseTo(1, 9);
          expect(c.fat).toBeCloseTo(label.fatPct / 100, 5);
          expect(c.salt).toBeCloseTo(label.saltPct / 100, 5);
        },
      ),
    );
  });
  it('of a butter with 80 % fat, salted at 1.5 %, leaves about 17 % of water', () => {
    const c = labelled(of('butter').composition, { fatPct: 80, saltPct: 1.5 });
    expect(c.water).toBeGreaterThan(0.16);
    expect(c.water).toBeLessThan(0.175);
  });
  it('that says more than everything is refused', () => {
    expect(compute('ingredients.describe', { id: 'butter', fatPct: 82, waterPct: 30 }).ok).toBe(false);
  });
});

describe('who may eat it', () => {
  it('counts a dough of flour, lard and water neither vegetarian nor free of gluten', () => {
    const list = ['flour', 'lard', 'water'].map(of);
    expect(dietsOf(list)).toEqual([]);
    expect(allergensOf(list).map((a) => a.allergen)).toEqual(['gluten', 'wheat']);
  });
  it('names what an allergen comes from', () => {
    expect(allergensOf(['butter', 'milk', 'egg'].map(of)).find((a) => a.allergen === 'milk')?.from).toEqual([
      'Butter',
      'Whole milk',
    ]);
  });
  it('does not count cheese of animal rennet vegetarian, nor honey vegan', () => {
    expect(dietsOf([of('cheddar')])).not.toContain('vegetarian');
    expect(dietsOf([of('honey')])).toContain('vegetarian');
    expect(dietsOf([of('honey')])).not.toContain('vegan');
  });
});

describe('a search', () => {
  it.each([
    ['buter', 'butter'],
    ['zuccini', 'courgette'],
    ['all-purpose flour', 'flour'],
    ['Crème fraîche', 'cremeFraiche'],
    ['cremfraiche', 'cremeFraiche'],
    ['leeks', 'leek'],
    ['TOMATOES', 'tomato'],
    ['phylo', 'filo'],
    ['scallion', 'springOnion'],
    ['black peper', 'pepper'],
  ])('for %s finds %s first', (text, id) => {
    expect(best(text)).toBe(id);
  });
  it('finds every ingredient by each of its own words', () => {
    for (const i of ingredients) for (const w of [i.name, ...i.also]) expect([w, best(w)]).toEqual([w, i.id]);
  });
  it('of nothing, or of signs, finds nothing and does not fall over', () => {
    for (const text of ['', '  ', '???', '\u0000', 'ж'.repeat(200)])
      expect(new Index(ingredients).search(text)).toEqual([]);
  });
});

describe('a cup', () => {
  it('of a cook who weighed three is theirs, with its spread', () => {
    const cup = ownCup([128, 134, 140], true);
    expect(cup.meanG).toBeCloseTo(134, 9);
    expect(cup.spreadG).toBeCloseTo(12, 9);
  });
  it('of flour is less sure than one of sugar', () => {
    expect(tableCup(0.53, true, 'us').spreadG / 0.53).toBeGreaterThan(tableCup(0.85, false, 'us').spreadG / 0.85);
  });
  it('read without saying whose is given for all three, and the ambiguity named', () => {
    const answer = value<{ readings: { highG: number }[]; ambiguities: string[] }>('ingredients.toMass', {
      id: 'flour',
      amount: '2 cups',
    });
    expect(answer.ambiguities).toEqual(['whoseMeasure']);
    expect(answer.readings).toHaveLength(3);
  });
  it('weighed by this cook is the same cup whoever the recipe is by', () => {
    const { readings } = value<{ readings: { highG: number }[] }>('ingredients.toMass', {
      id: 'flour',
      amount: '2 cups',
      cupsG: [130, 140],
    });
    for (const r of readings) expect(r.highG).toBeCloseTo(270, 9);
  });
  it('asked of a length is refused by name', () => {
    const answer = compute('ingredients.toMass', { id: 'flour', amount: '12 cm' });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'amount', code: 'not_an_amount' }] });
  });
});
