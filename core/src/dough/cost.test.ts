import fc from 'fast-check';
import { compute } from '../models';
import { costOf } from './cost';

const prices = new Map([
  ['flour', 1.5],
  ['butter', 10],
]);

describe('what a dough costs', () => {
  it('is the sum of what is priced; what is not is named, water never', () => {
    const made = costOf(
      [
        { id: 'flour', grams: 400 },
        { id: 'butter', grams: 200 },
        { id: 'salt', grams: 6 },
        { id: 'water', grams: 120 },
      ],
      prices,
    );
    expect(made.total).toBeCloseTo(0.6 + 2, 9);
    expect(made.missing).toEqual(['salt']);
  });
  it('of twice as much is twice as much', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (grams) => {
        const one = costOf([{ id: 'butter', grams }], prices).total;
        expect(costOf([{ id: 'butter', grams: 2 * grams }], prices).total).toBeCloseTo(2 * one, 6);
      }),
    );
  });
  it('asked with a price below nothing is refused by name', () => {
    const answer = compute('dough.cost', { parts: [{ id: 'flour', grams: 1 }], prices: [{ id: 'flour', perKg: -1 }] });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'prices.0.perKg' }] });
  });
});

describe('the models of a dough on the command line', () => {
  const parts = [
    { id: 'flour', grams: 250 },
    { id: 'butter', grams: 150 },
    { id: 'salt', grams: 4 },
    { id: 'water', grams: 60 },
  ];
  const ok = (name: string, input: object) => {
    const answer = compute(name, input);
    if (!answer.ok) throw new Error(JSON.stringify(answer.errors));
    return answer.value as Record<string, unknown>;
  };
  it('scale to what is asked', () => {
    expect(ok('dough.scale', { parts, by: 'flour', value: 500, piecesG: 300 })['factor']).toBeCloseTo(2, 9);
    expect(ok('dough.scale', { parts, by: 'pieces', value: 1, piecesG: 232 })['factor']).toBeCloseTo(0.5, 9);
    expect(ok('dough.scale', { parts, by: 'factor', value: 2, piecesG: 232 })['totalG']).toBeCloseTo(464, 9);
  });
  it('balance against a style and name what leaves its band', () => {
    const made = ok('dough.balance', { parts, style: 'oilDough' });
    expect(JSON.stringify(made['leavings'])).toContain('"ratio":"fat","side":"over"');
  });
  it('stand two formulas side by side', () => {
    const made = ok('dough.compare', {
      one: { parts },
      other: { parts: parts.map((p) => ({ ...p, grams: 2 * p.grams })) },
    });
    const [one, other] = [made['one'], made['other']] as { ratios: { toFlour: object } }[];
    expect(other?.ratios.toFlour).toEqual(one?.ratios.toFlour);
  });
  it('swap flour and liquid', () => {
    expect(JSON.stringify(ok('dough.swapFlour', { parts, from: 'flour', to: 'wholemeal' }))).toContain('wholemeal');
    expect(JSON.stringify(ok('dough.swapLiquid', { parts, to: 'milk' }))).toContain('milk');
  });
  it.each([
    ['dough.swapFat', { parts, from: 'butter', to: 'water' }, 'to'],
    ['dough.swapFat', { parts, from: 'lard', to: 'butter' }, 'from'],
    ['dough.swapLiquid', { parts, to: 'sugar' }, 'to'],
    ['dough.overPour', { parts, id: 'lard', weighedG: 5 }, 'id'],
    ['dough.byFeel', { plannedG: -1, flourG: 100, firstLotPct: 70, topUpsG: [], feel: 'holds' }, 'plannedG'],
    ['dough.scale', { parts, by: 'flour', value: 0, piecesG: 100 }, 'value'],
    ['dough.balance', { parts: [{ id: 'flour', grams: -5 }] }, 'parts.0.grams'],
  ])('%s refuses what cannot be, naming the field', (name, input, field) => {
    expect(compute(name, input)).toMatchObject({ ok: false, errors: [{ field }] });
  });
});
