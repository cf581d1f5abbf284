import { readRecipe } from './readRecipe';

const page = (line: string) =>
  readRecipe(`Leek pie\n300 g flour\n150 g butter\n${line}\nBake at 190 °C for 40 minutes.`);
const said = (line: string) => {
  const read = page(line);
  const a = read.amounts[2];
  const alarm = read.alarms.find((x) => x.code === 'packUnknown');
  return {
    id: a?.id,
    grams: a?.grams,
    packs: a?.packs,
    asked: alarm?.asks,
    offered: alarm?.options.map((o) => o.value),
  };
};

describe('what is sold in packs', () => {
  it.each([
    ['1 bag spinach', 'spinach', { kind: 'bag', count: 1 }, 250],
    ['2 cans of chopped tomatoes', 'tinnedTomatoes', { kind: 'tin', count: 2 }, 800],
    ['1 packet of cream cheese', 'creamCheese', { kind: 'pack', count: 1 }, 250],
    ['a small tub of ricotta', 'ricotta', { kind: 'tub', count: 1 }, 250],
    ['2 tins white beans', 'whiteBeans', { kind: 'tin', count: 2 }, 800],
    ['one jar of mustard', 'mustard', { kind: 'jar', count: 1 }, 350],
  ] as const)('%s: its grams are asked, the commonest offered, none taken for said', (line, id, packs, usual) =>
    expect(said(line)).toEqual({ id, grams: null, packs, asked: true, offered: [usual, null] }),
  );
  it.each([
    ['1 (14 oz) can chicken broth', 'stock', 397],
    ['200 g bag of spinach', 'spinach', 200],
    ['2 bags (250 g) kale', 'kale', 250],
  ] as const)('%s: what is weighed is believed, and nothing asked', (line, id, grams) => {
    const { asked, ...got } = said(line);
    expect([got.id, Math.round(got.grams ?? 0), asked]).toEqual([id, grams, undefined]);
  });
  it('an egg is white only where nothing else is called so', () => {
    expect(page('2 egg whites').amounts[2]?.id).toBe('eggWhite');
    expect(page('1 white onion').amounts[2]?.id).toBe('onion');
  });
});
