import { otherLanguage } from './language';
import { readRecipe } from './readRecipe';

const fact = (text: string, kind: string) => readRecipe(`A pie\n${text}`).facts.find((f) => f.kind === kind);
const amounts = (text: string) =>
  readRecipe(`A pie\n${text}`).amounts.map((a) => [a.id, a.grams === null ? null : Math.round(a.grams)]);

describe('what is no thickness', () => {
  it.each(['Roll the dough to 12 inches.', 'Roll it out to 30 cm.', 'Roll to 10 × 14 inches.'])('%s', (text) =>
    expect(fact(text, 'thicknessMm')).toBeUndefined(),
  );
  it('what is called thick is, and then may be an alarm', () =>
    expect(readRecipe('A pie\n300 g flour\n150 g butter\nRoll to 20 cm thick.').alarms.map((a) => a.code)).toContain(
      'tooThick',
    ));
});

describe('what is no heat', () => {
  it.each([
    'Bake in a 230 x 330 tin.',
    'Bake in a 900 g loaf tin.',
    'Give it a quarter turn (90°) and bake.',
    'Bake for 120 minutes.',
    'Bake in a 200 mm dish.',
  ])('%s', (text) => expect(fact(text, 'oven')).toBeUndefined());
});

describe('a bare number beside an oven', () => {
  it('is in the scale of the page', () => {
    expect(fact('Bake at 425°F for 10 minutes, then lower to 350.', 'oven')?.low).toBeCloseTo(218.3, 1);
    const heats = readRecipe('A pie\nBake at 425°F for 10 minutes, then lower to 350.').facts.filter(
      (f) => f.kind === 'oven',
    );
    expect(heats[1]?.low).toBeCloseTo(176.7, 1);
    const celsius = readRecipe('A pie\nBake at 220 °C for 10 minutes, then lower to 180.').facts.filter(
      (f) => f.kind === 'oven',
    );
    expect(celsius[1]?.low).toBe(180);
  });
  it('is asked where the page has none', () => {
    const [alarm] = readRecipe('A pie\nBake in a 250 oven.').alarms.filter((a) => a.code === 'ovenBare');
    expect(alarm?.options.map((o) => o.code)).toEqual(['meantC', 'meantF']);
  });
});

describe('amounts', () => {
  it.each([
    ['2 large eggs', [['egg', 102]]],
    ['3 small carrots', [['carrot', 168]]],
    ['2 sticks of celery', [['celery', 100]]],
    ['2 sticks butter', [['butter', 227]]],
    ['1 stick butter plus 2 tablespoons', [['butter', 142]]],
    ['1 tsp ground ginger', [['ginger', 2]]],
    ['2 cups beef stock', [['stock', 473]]],
  ] as const)('%s', (text, wanted) => expect(amounts(text)).toEqual(wanted));
});

describe('the language of a page', () => {
  it.each([
    ['Couper la pâte et le beurre avec la farine dans une jatte, pendant dix minutes, puis au four.', 'French'],
    ['Rör smör och mjöl tills degen går ihop, låt vila och sätt in i ugnen 25 minuter med ägg.', 'Swedish'],
    ['Rub the butter into the flour with the tips of your fingers until it looks like crumbs.', null],
    ['Flour 300 g, butter 150 g', null],
  ])('%s', (text, language) => expect(otherLanguage(text)).toBe(language));
});
