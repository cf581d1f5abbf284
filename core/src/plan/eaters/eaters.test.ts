import { cutMark } from '../../templates/marks';
import { anyEater, type EaterInput } from '../../contracts/eater';
import type { ItemInput } from '../../contracts/item';
import { allergens, type Allergen } from '../../ingredients/ingredient';
import { ingredients } from '../../ingredients/table';
import type { HouseLabelInput } from '../inputs';
import { planItem } from '../item';
import { ingredientNamed } from '../../ingredients/named';
import { contentsOf, places, type Place } from '../needs/contents';
import { plainKitchen, starterItem, starterMeal } from '../starters';
import { answerFor, whoEats } from './answers';
import { mendFor } from './mends';
import { holdsWord } from './meets';

const squash = [
  { name: 'Squash', gramsPer100: 100 },
  { name: 'Onion', gramsPer100: 15 },
];
/** A hand pie of flour, shortening, water and salt, squash in it, nothing brushed on: free of all but wheat. */
const plainPie = (change: (item: ItemInput) => Partial<ItemInput> = () => ({})): ItemInput => {
  const item = starterItem('handPies', 8, 'You');
  const plain: ItemInput = {
    ...item,
    dough: { ...item.dough, fat: 'shortening' },
    filling: { ...item.filling, ingredients: squash },
    seal: { ...item.seal, glue: 'water', wash: 'none' },
  };
  return { ...plain, ...change(plain) };
};
const avoiding = (...avoids: Allergen[]): EaterInput => ({ ...anyEater('Noor'), avoids });
const eating = (...diets: EaterInput['diets']): EaterInput => ({ ...anyEater('Noor'), diets });
const answer = (eater: EaterInput, item: ItemInput, labels: readonly HouseLabelInput[] = []) =>
  answerFor(eater, item, contentsOf(item, planItem(item, plainKitchen)), labels);

/** Puts an ingredient into a pie at a place, where that place can hold it. */
const hidden: Record<Place, (id: string, name: string) => ItemInput | null> = {
  flour: (id) =>
    ingredients.find((i) => i.id === id)?.group === 'flour'
      ? plainPie((p) => ({ dough: { ...p.dough, secondFlour: id, secondFlourPct: 20 } }))
      : null,
  fat: (id) => (id === 'butter' ? plainPie((p) => ({ dough: { ...p.dough, fat: 'butter' } })) : null),
  dough: (id) =>
    ingredients.find((i) => i.id === id)?.group === 'flour'
      ? null
      : plainPie((p) => ({ dough: { ...p.dough, others: [{ ingredient: id, toFlourPct: 2 }] } })),
  leaves: () => null,
  filling: (_, name) =>
    plainPie((p) => ({ filling: { ...p.filling, ingredients: [...squash, { name, gramsPer100: 2 }] } })),
  glue: (id) => (id === 'egg' || id === 'milk' ? plainPie((p) => ({ seal: { ...p.seal, glue: id } })) : null),
  wash: (id) =>
    id === 'egg' || id === 'milk' || id === 'cream' || id === 'yolk'
      ? plainPie((p) => ({ seal: { ...p.seal, wash: id } }))
      : null,
};

describe('an allergen, wherever it hides', () => {
  const cases = allergens.flatMap((allergen) =>
    places.flatMap((place) => {
      const carrier = ingredients.find((i) => i.allergens.includes(allergen) && hidden[place](i.id, i.name) !== null);
      const item = carrier && hidden[place](carrier.id, carrier.name);
      return item && carrier ? [[allergen, place, carrier.name, item] as const] : [];
    }),
  );
  it('can be put into filling and pastry whichever of the list it is', () => {
    const held = (test: (place: Place) => boolean) => new Set(cases.filter(([, p]) => test(p)).map(([a]) => a));
    expect(held((p) => p === 'filling')).toEqual(new Set(allergens));
    expect(held((p) => p === 'flour' || p === 'dough')).toEqual(new Set(allergens));
  });
  it.each(cases)('%s in the %s, by %s, is never answered with may', (allergen, place, _name, item) => {
    const { answer: said, meets } = answer(avoiding(allergen), item);
    expect(said).not.toBe('may');
    expect(meets).toContainEqual(expect.objectContaining({ place, against: { kind: 'allergen', allergen } }));
    // a spoon kept clean helps only where the pastry, its glue and its wash are free of it
    if (place !== 'filling') expect(said).toBe('not');
  });
  it('that is not there is answered with may', () => {
    for (const allergen of allergens.filter((a) => a !== 'gluten' && a !== 'wheat'))
      expect([allergen, answer(avoiding(allergen), plainPie()).answer]).toEqual([allergen, 'may']);
  });
  it('on the last brush over leaves is met, though the leaves were brushed with something else', () => {
    const tray = starterItem('filoTray', 6, 'You');
    const oiled: ItemInput = {
      ...tray,
      dough: { ...tray.dough, fat: 'oil' },
      filling: { ...tray.filling, ingredients: squash },
      seal: { ...tray.seal, wash: 'butter' },
    };
    const read = [{ name: 'Filo', ingredient: 'filo', label: { contains: ['gluten' as const, 'wheat' as const] } }];
    expect(answer(avoiding('milk'), oiled, read)).toMatchObject({ answer: 'not', meets: [{ place: 'wash' }] });
    expect(answer(avoiding('milk'), { ...oiled, seal: { ...oiled.seal, wash: 'oil' } }, read).answer).toBe('may');
  });
  it('is found by its packet’s traces too', () => {
    const labels = [
      { name: 'Shortening', ingredient: 'shortening', label: { contains: [], traces: ['nuts' as const] } },
    ];
    expect(answer(avoiding('nuts'), plainPie(), labels)).toMatchObject({
      answer: 'not',
      meets: [{ against: { kind: 'traces', allergen: 'nuts' } }],
    });
  });
  it('cannot be read out of a plain thing by a packet that does not name it', () => {
    const pie = plainPie((p) => ({ dough: { ...p.dough, fat: 'butter' } }));
    const labels = [{ name: 'Butter', ingredient: 'butter', label: { contains: [] } }];
    expect(answer(avoiding('milk'), pie, labels).answer).toBe('not');
  });
});

describe('what is not known', () => {
  const margarine = plainPie((p) => ({ dough: { ...p.dough, fat: 'bakingMargarine' } }));
  const read = (label: HouseLabelInput['label']) => [{ name: 'Margarine', ingredient: 'bakingMargarine', label }];
  it('is what a maker put into margarine, until its packet was read', () => {
    expect(answer(avoiding('milk'), margarine).answer).toBe('unknown');
    expect(answer(avoiding('milk'), margarine, read({ contains: ['soya'] })).answer).toBe('may');
    expect(answer(avoiding('soya'), margarine, read({ contains: ['soya'] })).answer).toBe('not');
  });
  it('stays so where one of two packets in the house was not read', () => {
    const two = [...read({ contains: [] }), { name: 'Other', ingredient: 'bakingMargarine', label: {} }];
    expect(answer(avoiding('milk'), margarine, two).answer).toBe('unknown');
  });
  it('is a thing the table does not have, and a filling of which nothing was said', () => {
    const odd = plainPie((p) => ({
      filling: { ...p.filling, ingredients: [...squash, { name: 'Zuzu', gramsPer100: 100 }] },
    }));
    expect(answer(avoiding('nuts'), odd)).toMatchObject({
      answer: 'unknown',
      meets: [{ against: { kind: 'unknown' } }],
    });
    const unsaid = plainPie((p) => ({ filling: { ...p.filling, ingredients: [], type: 'veg_raw' } }));
    expect(answer(avoiding('nuts'), unsaid).answer).toBe('unknown');
  });
  it('is a filling whose list is less than the filling weighs', () => {
    const half = plainPie((p) => ({ filling: { ...p.filling, ingredients: [{ name: 'Squash', gramsPer100: 45 }] } }));
    expect(answer(avoiding('nuts'), half).answer).toBe('unknown');
  });
  it('does not hide what its kind holds at the least: raw fish is not for who eats none', () => {
    const fish = plainPie((p) => ({ filling: { ...p.filling, ingredients: [], type: 'fish_raw' } }));
    expect(answer(avoiding('fish'), fish).answer).toBe('not');
  });
  it('a thing of the cook’s own name is not the table’s: plant butter in the butter’s place', () => {
    const own = plainPie((p) => ({
      dough: { ...p.dough, others: [{ ingredient: 'own', name: 'oat spread', toFlourPct: 5 }] },
    }));
    expect(answer(avoiding('milk'), own).answer).toBe('unknown');
  });
});

describe('a name of the cook’s', () => {
  it.each(ingredients.map((i) => i.name))('“%s”, as the table writes it, is that very thing', (name) => {
    const found = ingredientNamed(name);
    expect(ingredients.find((i) => i.id === found)?.name).toBe(name);
  });
  it('may carry a remark, and is not guessed from half a word', () => {
    expect(ingredientNamed('Leek, washed twice')).toBe('leek');
    expect(ingredientNamed('almost butter')).toBeNull();
  });
});

describe('a way of eating', () => {
  const withFilling = (...names: string[]) =>
    plainPie((p) => ({
      filling: { ...p.filling, ingredients: [...squash, ...names.map((name) => ({ name, gramsPer100: 60 }))] },
    }));
  it.each([
    ['vegan', 'Milk'],
    ['vegan', 'Honey'],
    ['vegetarian', 'Chicken thigh'],
    ['vegetarian', 'Anchovies'],
    ['noPork', 'Lard'],
    ['noPork', 'Cooked ham'],
    ['pescatarian', 'Beef mince'],
  ] as const)('%s does not meet %s', (diet, name) => {
    expect(['not', 'pieces']).toContain(answer(eating(diet), withFilling(name)).answer);
    expect(answer(eating(diet), plainPie()).answer).toBe('may');
  });
  it('no milk with meat: either alone may be eaten, both may not', () => {
    expect(answer(eating('noMilkWithMeat'), withFilling('Beef mince')).answer).toBe('may');
    const buttered = { ...withFilling('Beef mince') };
    expect(answer(eating('noMilkWithMeat'), { ...buttered, dough: { ...buttered.dough, fat: 'butter' } }).answer).toBe(
      'not',
    );
  });
  it('vegetarian cheese is known by its packet alone', () => {
    const cheese = withFilling('Ricotta');
    expect(answer(eating('vegetarian'), cheese).answer).not.toBe('may');
  });
  it('in words of their own is looked for whole: nut is not in nutmeg, chestnut is in chestnuts', () => {
    expect(holdsWord('Nutmeg', 'nut')).toBe(false);
    expect(holdsWord('Chestnuts, cooked', 'chestnut')).toBe(true);
  });
});

describe('pieces made apart', () => {
  const nutty = plainPie((p) => ({
    filling: { ...p.filling, ingredients: [...squash, { name: 'Walnuts', gramsPer100: 12 }] },
  }));
  const meal = (...eaters: EaterInput[]) => ({ ...starterMeal('2026-12-12T18:30', 4), eaters });
  const who = (item: ItemInput, ...eaters: EaterInput[]) =>
    whoEats(meal(...eaters), [item], [planItem(item, plainKitchen)]);
  it('are filled first without it, as many as there are for each at the table', () => {
    const { eaters, apart } = who(nutty, avoiding('nuts'), anyEater('Sanne'));
    expect(eaters.map((e) => e.dishes[0]?.answer)).toEqual(['pieces', 'may']);
    expect(apart).toEqual([
      { itemIndex: 0, mark: 1, as: cutMark(0), eaters: ['Noor'], pieces: 2, leftOut: ['Walnuts'] },
    ]);
    // and by what they are known is the cook's word
    const lettered = who({ ...nutty, seal: { ...nutty.seal, markedBy: 'initials' } }, avoiding('nuts'));
    expect(lettered.apart[0]?.as).toEqual({ by: 'initials', letters: 'N' });
  });
  it('are not where the cook makes all alike, nor of what the filling is', () => {
    expect(
      who({ ...nutty, brief: { ...nutty.brief, allAlike: true } }, avoiding('nuts')).eaters[0]?.dishes[0]?.answer,
    ).toBe('not');
    const walnut = plainPie((p) => ({
      filling: { ...p.filling, ingredients: [{ name: 'Walnuts', gramsPer100: 100 }] },
    }));
    expect(who(walnut, avoiding('nuts')).eaters[0]?.dishes[0]?.answer).toBe('not');
  });
  it('are not of a dish for all: one spoon goes through it', () => {
    const dish = starterItem('dishPie', 8, 'You');
    const made = { ...nutty, product: dish.product, cut: dish.cut };
    expect(who(made, avoiding('nuts')).eaters[0]?.dishes[0]?.answer).toBe('not');
  });
  it('are not where several small parts together are what the filling is', () => {
    const mixed = plainPie((p) => ({
      filling: {
        ...p.filling,
        ingredients: ['Walnuts', 'Hazelnuts', 'Squash'].map((name) => ({ name, gramsPer100: 35 })),
      },
    }));
    expect(who(mixed, avoiding('nuts')).eaters[0]?.dishes[0]?.answer).toBe('not');
  });
  it('are not of one pie for all, though it has a lid of its own', () => {
    const one = {
      ...nutty,
      product: 'potPies' as const,
      brief: { count: 1 },
      cut: starterItem('potPies', 4, 'You').cut,
    };
    expect(who(one, avoiding('nuts')).eaters[0]?.dishes[0]?.answer).toBe('not');
  });
  it('leave nobody out unsaid: who may eat nothing of the day is named', () => {
    expect(who(nutty, avoiding('gluten')).nothing).toEqual(['Noor']);
    expect(who(nutty, avoiding('nuts')).nothing).toEqual([]);
  });
});

describe('the nearest mend', () => {
  const ask = (item: ItemInput, ...eaters: EaterInput[]) =>
    mendFor({ item, eaters, labels: [], kitchen: plainKitchen }, eaters[0]);
  const glazed = plainPie((p) => ({
    dough: { ...p.dough, fat: 'butter' },
    seal: { ...p.seal, glue: 'egg', wash: 'egg' },
  }));
  it('of an egg wash is the nearest wash without egg, and its minutes are worked out', () => {
    const { mend } = ask(glazed, avoiding('egg'));
    expect(mend?.changes).toEqual({ 'seal.wash': 'cream', 'seal.glue': 'milk' });
    expect(mend?.gains).toEqual(['Noor']);
    expect(mend?.bakeMinMore).toBeGreaterThan(0);
  });
  it('of milk in fat, glue and wash changes all three, and nothing of it is left', () => {
    const { mend } = ask(glazed, { ...avoiding('milk', 'egg') });
    expect(mend?.changes).toMatchObject({ 'dough.fat': 'lard', 'seal.wash': 'oil', 'seal.glue': 'water' });
  });
  it('says whom it shuts out', () => {
    const noPork = { ...eating('noPork'), name: 'Yara' };
    expect(ask(glazed, avoiding('milk', 'egg'), noPork).mend?.losses).toEqual(['Yara']);
  });
  it('of wheat is none: other flour is not this pastry', () => {
    expect(ask(plainPie(), avoiding('gluten'))).toEqual({ mend: null, because: 'flour' });
  });
  it('of a filling nobody listed is to say what is in it', () => {
    expect(
      ask(
        plainPie((p) => ({ filling: { ...p.filling, ingredients: [], type: 'veg_raw' } })),
        avoiding('nuts'),
      ),
    ).toEqual({
      mend: null,
      because: 'unsaid',
    });
  });
});
