import { sourceLines } from './lines';
import { headingOf, inlineHeading } from './sections';
import { amountsIn, systemOf } from './amounts';
import { nameAt } from './names';

const texts = (text: string) => sourceLines(text).lines.map((l) => l.text);
const hints = (text: string) => sourceLines(text).lines.map((l) => [l.hint, l.text]);

describe('the lines of a text', () => {
  it('lose bullets, numbers, bold signs and empty lines, never words', () => {
    expect(
      texts('- 200 g flour\n\n* **100 g** butter\n• 3 eggs\n– a pinch of salt\n[ ] 2 tbsp milk\n1. Mix it.'),
    ).toEqual(['200 g flour', '100 g butter', '3 eggs', 'a pinch of salt', '2 tbsp milk', 'Mix it.']);
  });
  it('of Markdown know title, headings and steps', () => {
    expect(hints('# Pie\n## Pastry\n1. Mix it.')).toEqual([
      ['title', 'Pie'],
      ['heading', 'Pastry'],
      ['step', 'Mix it.'],
    ]);
    expect(sourceLines('# Pie').format).toBe('markdown');
  });
  it('take windows and old mac line ends alike', () => {
    expect(texts('a 1\r\nb 2\rc 3')).toEqual(['a 1', 'b 2', 'c 3']);
  });
  it('of YAML come from lists, mappings and amounts with units', () => {
    const { format, lines } = sourceLines(
      'title: Pie\ningredients:\n  - 200 g flour\n  - butter: 100 g\n  - amount: 3\n    unit: tbsp\n    name: water\nsteps:\n  - Bake.\n',
    );
    expect(format).toBe('yaml');
    expect(lines.filter((l) => l.hint === 'ingredient').map((l) => l.text)).toEqual([
      '200 g flour',
      '100 g butter',
      '3 tbsp water',
    ]);
    expect(lines.filter((l) => l.hint === 'title').map((l) => l.text)).toEqual(['Pie']);
    expect(lines.filter((l) => l.hint === 'step').map((l) => l.text)).toEqual(['Bake.']);
  });
  it('of linked data come from sections of steps, bare strings and times', () => {
    const { format, lines } = sourceLines(
      JSON.stringify([
        { '@type': 'WebPage' },
        {
          '@type': 'Recipe',
          name: 'Pie',
          recipeYield: 6,
          recipeIngredient: ['300 g <b>flour</b>'],
          recipeInstructions: [
            { '@type': 'HowToSection', name: 'For the dough', itemListElement: [{ text: 'Rub in.' }] },
            'Roll.',
          ],
          cookTime: 'PT1H10M',
        },
      ]),
    );
    expect(format).toBe('json-ld');
    expect(lines.map((l) => l.text)).toEqual([
      'Pie',
      'Serves 6',
      '300 g flour',
      'For the dough',
      'Rub in.',
      'Roll.',
      'Bake for 70 minutes',
    ]);
  });
});

describe('a heading', () => {
  it.each([
    ['For the pastry:', 'dough'],
    ['Crust', 'dough'],
    ['For the filling', 'filling'],
    ['To glaze:', 'wash'],
    ['Method', 'method'],
    ['INGREDIENTS', 'unknown'],
  ] as const)('%s begins %s', (text, section) => expect(headingOf({ text, hint: null })).toBe(section));
  it.each(['200 g flour', 'Rub the butter into the flour until it is like crumbs.', 'A pie'])('"%s" is none', (text) =>
    expect(headingOf({ text, hint: null })).toBeNull(),
  );
  it('may stand before its things in one line', () => {
    expect(inlineHeading('Filling: 450 g minced beef')).toBe('filling');
    expect(inlineHeading('Note: do not hurry')).toBeNull();
  });
});

describe('a name', () => {
  it.each([
    ['cold unsalted butter, cubed', 'butter'],
    ['finely chopped onions', 'onion'],
    ['of plain flour', 'flour'],
    ['large free-range eggs', 'egg'],
    ['cloves of garlic', 'garlic'],
    ['boneless chicken thighs', 'chickenThigh'],
  ])('"%s" is %s', (phrase, id) => expect(nameAt(phrase, false)?.ingredient.id).toBe(id));
  it('with a typing slip is found only where that is allowed, and is doubtful', () => {
    expect(nameAt('buttr', false)).toBeNull();
    expect(nameAt('smoked hadock', true)).toMatchObject({ doubtful: true, ingredient: { id: 'smokedHaddock' } });
  });
  it('that is none is null', () => {
    for (const phrase of ['', ', then', 'minutes', 'zorbleweed', '()']) expect(nameAt(phrase, false)).toBeNull();
  });
});

describe('the amounts of a line', () => {
  const ids = (text: string, listed = true) =>
    amountsIn(text, 0, 'us', listed).map((a) => [a.id, a.grams === null ? null : Math.round(a.grams)]);
  it('are as many as there are', () => {
    expect(ids('1 lb flour, 9 oz butter and 2 eggs')).toEqual([
      ['flour', 454],
      ['butter', 255],
      ['egg', 102],
    ]);
  });
  it('may be none: the thing is named, the amount is not said', () => {
    expect(ids('salt and pepper')).toEqual([
      ['salt', null],
      ['pepper', null],
    ]);
  });
  it('in brackets by weight are believed over the cup', () => {
    expect(ids('2 cups (300 g) flour')).toEqual([['flour', 300]]);
  });
  it('in a step are taken only with a name the table knows', () => {
    expect(ids('Fold in 3 and turn it 4 times.', false)).toEqual([]);
    expect(ids('Rub 120 g butter into it.', false)).toEqual([['butter', 120]]);
  });
  it('keep what stands behind them as a note', () => {
    expect(amountsIn('2 large leeks, finely sliced', 0, 'us', true)[0]?.note).toBe('finely sliced');
  });
});

describe('whose cups they are', () => {
  it.each([
    ['2 sticks butter', 'us'],
    ['gas mark 6', 'imperial'],
    ['1 cup milk and 200 g flour', 'metric'],
    ['bake at 400 F', 'us'],
  ])('%s: %s', (text, system) => expect(systemOf(text)?.system).toBe(system));
  it('is not known where nothing tells', () => {
    expect(systemOf('2 cups of milk')).toBeNull();
  });
});
