import { ItemClockInput } from '@crustallum/core/contracts/clock';
import { stationInputs } from '@crustallum/core/contracts/item';
import { knownFields } from '@crustallum/core/quantities/rules';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { models } from '@crustallum/core/models';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { handPieceKinds } from '@crustallum/core/filling/handPiece';
import { planItem } from '@crustallum/core/plan/item';
import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import type { Figure } from '@crustallum/core/plan/figure';
import { problemCodes } from '@crustallum/core/plan/problem';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { clock, momentAt, plain, shown, span, timer, until } from './numbers';
import { rangeWords } from './fieldUnit';
import { problemWords } from './problems';
import { hasWords, reasonWords } from './reasons';
import { callOf, stepWord } from './steps';
import { settleWord, stationWord } from './words';
import { pastriesOf, products } from '@crustallum/core/contracts/products';

const planFolder = join(__dirname, '../../../core/src/plan');
const planSources = readdirSync(planFolder, { recursive: true, encoding: 'utf8' })
  .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
  .map((f) => readFileSync(join(planFolder, f), 'utf8'))
  .join('\n');

/** Dotted input paths of an item: they look like reason codes in the sources. */
const flatPaths = (item: object): Record<string, true> =>
  Object.fromEntries(
    Object.entries(item).flatMap(([group, value]) =>
      typeof value === 'object' && value
        ? Object.keys(value as object).map((key) => [`${group}.${key}`, true as const])
        : [],
    ),
  );

describe('numbers', () => {
  it.each([
    [405.3, undefined, '405'],
    [10.04, undefined, '10'],
    [9.25, undefined, '9.3'],
    [0.0144, undefined, '0.014'],
    [-18, 0, '\u221218'],
    [3, undefined, '3'],
  ])('%d is written %s → %s', (value, places, text) => expect(plain(value, places)).toBe(text));
  it.each([
    [18, '18 min'],
    [99.4, '99 min'],
    [175, '2 h 55'],
    [-5, '\u22125 min'],
  ])('%d minutes are %s', (minutes, text) => expect(span(minutes)).toBe(text));
  it('far off is said in days', () => expect(until(3 * 1440 + 5)).toBe('3 days'));
  it('a timer counts down and says when it is over', () => {
    expect(timer(310)).toBe('05:10');
    expect(timer(3700)).toBe('1:01:40');
    expect(timer(-61)).toBe('\u221201:01');
  });
  it('a figure that cannot be worked out is a dash', () =>
    expect(shown({ value: null, unit: 'g' })).toEqual({ value: '–', unit: '' }));
  it('long millimetres are centimetres, short ones stay', () => {
    expect(shown({ value: 586, unit: 'mm' })).toEqual({ value: '58.6', unit: 'cm' });
    expect(shown({ value: 8.64, unit: 'mm' })).toEqual({ value: '8.6', unit: 'mm' });
  });
  it('moments are counted from the table', () => expect(clock(momentAt('2026-12-12T18:30', -90))).toBe('17:00'));
});

describe('every word is there', () => {
  const plans = products.flatMap((product) =>
    pastriesOf[product].map((pastry) => planItem(starterItem(product, 6, 'You', pastry), plainKitchen)),
  );
  const figures = plans.flatMap((p) =>
    [p.cut, p.dough, p.lamination, p.filling, p.seal, p.oven].flatMap((s) =>
      Object.values(s.figures as Record<string, Figure>),
    ),
  );

  it('for the reason of every figure of every starter', () => {
    const silent = figures.map((f) => f.reason).filter((r) => reasonWords(r) === '');
    expect(silent.map((r) => r.code)).toEqual([]);
  });
  it('for every reason code the plan can give, even those no starter shows', () => {
    const codes = new Set(
      [...planSources.matchAll(/'((?:cut|dough|folds|crumb|leaves|filling|seal|oven|clock)\.[a-zA-Z]+)'/g)].map(
        (m) => m[1] as string,
      ),
    );
    const paths = new Set([
      ...Object.keys(flatPaths(starterItem('handPies', 2, 'You'))),
      ...Object.entries({ ...stationInputs, clock: ItemClockInput }).flatMap(([group, rules]) =>
        [...knownFields(rules)].map((field) => `${group}.${field}`),
      ),
    ]);
    const silent = [...codes].filter((code) => !paths.has(code) && !models.has(code) && !hasWords(code));
    expect(silent).toEqual([]);
  });
  it('and no reason says "undefined" or "NaN"', () => {
    for (const f of figures) expect(reasonWords(f.reason)).not.toMatch(/undefined|NaN|\[object/);
  });
  it('for every problem there can be, and none says nothing', () => {
    for (const code of problemCodes) {
      const words = problemWords({ station: 'cut', code, fields: [], values: {}, weight: 'warn' });
      expect([code, words.length > 15]).toEqual([code, true]);
    }
  });
  it('for every step, with a call, a how and a press', () => {
    for (const p of plans) {
      for (const s of p.steps) {
        const timed: TimedStep = { ...s, itemIndex: 0, cook: 'You', startMin: -10 };
        const { call, how, press } = callOf(timed, 'Pies', 'butter');
        for (const text of [call, how, press, stepWord(timed)]) {
          expect(text.length).toBeGreaterThan(2);
          expect(text).not.toMatch(/undefined|NaN/);
        }
      }
    }
  });
  it('for every kind of piece closed by hand, and for a roll that stays whole', () => {
    const closing = (cut: Partial<ItemInput['cut']>) => {
      const item = starterItem('handPies', 6, 'You');
      const { steps } = planItem({ ...item, cut: { ...item.cut, ...cut } }, plainKitchen);
      const step = steps.find((s) => s.code === 'fillSeal');
      if (!step) throw new Error('nothing is closed');
      return callOf({ ...step, itemIndex: 0, cook: 'You', startMin: -10 }, 'Pies', 'butter');
    };
    for (const pieceKind of handPieceKinds) {
      const { call, how } = closing({ pieceKind });
      expect([pieceKind, `${call} ${how}`]).toEqual([pieceKind, expect.not.stringMatching(/undefined|NaN|\b0 cm/)]);
      expect(how.length).toBeGreaterThan(20);
    }
    expect(closing({ pieceKind: 'log', sliceMm: 40 }).how).toMatch(/slices of 4 cm/);
    expect(closing({ pieceKind: 'log', sliceMm: undefined }).how).not.toMatch(/slices/);
    expect(closing({ pieceKind: 'round2' }).how).toMatch(/lid on/);
    expect(closing({ pieceKind: 'halfmoon' }).how).toMatch(/Fold the other over/);
  });
  it('for turns of one stretch that differ, each by its own sheet and fold', () => {
    const item = starterItem('handPies', 6, 'You', 'roughPuff');
    const how = (folds: Partial<ItemInput['folds']>) => {
      const { steps } = planItem({ ...item, folds: { ...item.folds, turnsAtOnce: 2, ...folds } }, plainKitchen);
      const turns = steps.find((s) => s.code === 'turns') as unknown as TimedStep;
      return callOf(turns, 'Hand pies', 'butter').how;
    };
    const own = how({ ownFolds: ['book', 'letter'], ownTurns: [{ turn: 2, lengthMm: 300, widthMm: 150 }] });
    expect(own).toMatch(/^Roll to \d+ × \d+ cm, then to 30 × 15 cm, in .* fold in 4, then in 3, /);
    expect(how({ turns: 2 })).toMatch(/^Roll to \d+ × \d+ cm, in \d+ pass(es)?, fold in 3, /);
  });
  it('and care is said where it can hurt', () => {
    const { clock: c } = planBake({
      meal: starterMeal('2026-12-12T18:30', 4),
      items: [starterItem('handPies', 4, 'You')],
      kitchen: plainKitchen,
    });
    const caution = (code: string) =>
      callOf(c.steps.find((s) => s.code === code) as TimedStep, 'Pies', 'butter').caution;
    expect(caution('bake')).toMatch(/local rule/);
    expect(caution('coolFilling')).toMatch(/local food-safety rules/);
    expect(caution('cut')).toMatch(/edge/);
  });
});

describe('stations', () => {
  it('rename only the third by the pastry', () => {
    expect([
      stationWord('folds', 'roughPuff'),
      stationWord('folds', 'shortcrust'),
      stationWord('folds', 'filo'),
    ]).toEqual(['Folds', 'Crumb', 'Leaves']);
    expect(stationWord('cut', 'filo')).toBe('Cut');
    expect(settleWord('folds', 'shortcrust')).toBe('Settle the crumb');
  });
  it('say what a number may be', () => {
    expect(rangeWords({ min: 1, max: 60, unit: 'pieces', integer: true })).toBe('a whole number, 1 to 60 pieces');
  });
});
