import { anyEater } from '../contracts/eater';
import type { AheadInput } from '../contracts/filling';
import type { ItemInput } from '../contracts/item';
import type { Allergen } from '../ingredients/ingredient';
import { answerFor } from './eaters/answers';
import { mendFor } from './eaters/mends';
import { planItem } from './item';
import { contentsOf } from './needs/contents';
import { needsOf } from './needs/needs';
import { plainKitchen, starterItem } from './starters';

const plain = starterItem('dishPie', 6, 'You');
const stewOf = (ahead: AheadInput | undefined): ItemInput => ({
  ...plain,
  dough: { ...plain.dough, fat: 'shortening' },
  seal: { ...plain.seal, glue: 'water', wash: 'none' },
  filling: {
    ...plain.filling,
    ingredients: [
      { name: 'Squash', gramsPer100: 70 },
      { name: 'Vegetable stock', gramsPer100: 40, ahead },
    ],
  },
});
const stock = (of: NonNullable<AheadInput['of']>, whole?: boolean): AheadInput => ({
  kind: 'stock',
  hours: 2,
  of,
  ...(whole ? { whole } : {}),
});
const roots = [
  { name: 'Carrot', gramsPer100: 20 },
  { name: 'Celeriac', gramsPer100: 10 },
];
const bought = (item: ItemInput) => needsOf([item], [planItem(item, plainKitchen)]);
const grams = (item: ItemInput, name: string) => bought(item).find((n) => n.name === name)?.grams ?? 0;
const may = (item: ItemInput, ...avoids: Allergen[]) =>
  answerFor({ ...anyEater('Noor'), avoids }, item, contentsOf(item, planItem(item, plainKitchen)), []);

describe('a stock that is a small recipe of its own', () => {
  it('has its things bought in its place, by its grams', () => {
    const ready = grams(stewOf(undefined), 'Vegetable stock');
    expect(ready).toBeGreaterThan(0);
    const made = stewOf(stock(roots));
    expect(grams(made, 'Vegetable stock')).toBe(0);
    expect(grams(made, 'Carrot')).toBeCloseTo(0.2 * ready, 6);
    expect(grams(made, 'Celeriac')).toBeCloseTo(0.1 * ready, 6);
  });
  it('is told with its grams when it is begun', () => {
    const step = planItem(stewOf(stock(roots)), plainKitchen).steps.find((s) => s.code === 'makeAhead');
    expect(String(step?.values['of']).split('\n')).toHaveLength(2);
    expect(step?.values['of']).toMatch(/^Carrot\t\d/);
  });
  it('whose list has celery in it is not for who must not meet it, however it is called', () => {
    const answer = may(stewOf(stock(roots, true)), 'celery');
    expect(answer.answer).not.toBe('may');
    expect(answer.meets.some((m) => m.name === 'Celeriac' && m.of === 1)).toBe(true);
  });
  it('is only known to be free of what is usual in it once the cook says that nothing else goes in', () => {
    const carrot = [{ name: 'Carrot', gramsPer100: 20 }];
    expect(may(stewOf(undefined), 'celery').answer).not.toBe('may');
    expect(may(stewOf(stock(carrot)), 'celery').answer).toBe(may(stewOf(undefined), 'celery').answer);
    expect(may(stewOf(stock(carrot, true)), 'celery').answer).toBe('may');
  });
  it('can be made without it, and the rest of it stays', () => {
    const item = stewOf(stock(roots, true));
    const eater = { ...anyEater('Noor'), avoids: ['celery' as const] };
    const { mend } = mendFor({ item, eaters: [eater], kitchen: plainKitchen, labels: [] }, eater);
    const changed = mend?.changes['filling.ingredients'] as ItemInput['filling']['ingredients'];
    expect(changed[1]?.ahead?.of?.map((t) => t.name)).toEqual(['Carrot']);
  });
});

describe('a marinade', () => {
  it('is bought beside what lies in it', () => {
    const item = stewOf(undefined);
    const beef: ItemInput = {
      ...item,
      filling: {
        ...item.filling,
        ingredients: [
          {
            name: 'Stewing beef',
            gramsPer100: 90,
            ahead: { kind: 'marinade', hours: 12, of: [{ name: 'Red wine', gramsPer100: 25 }] },
          },
        ],
      },
    };
    expect(grams(beef, 'Red wine')).toBeCloseTo(0.25 * grams(beef, 'Stewing beef'), 6);
  });
});
