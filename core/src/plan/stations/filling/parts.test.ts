import fc from 'fast-check';
import type { ItemInput } from '../../../contracts/item';
import { inPie, preparations, usualPreparation } from '../../../filling/inPie';
import { usualYield, yields } from '../../../filling/yields';
import { formItem } from '../../forms';
import { planBake } from '../../bake';
import { planItem } from '../../item';
import { plainKitchen } from '../../starters';

const pasties = formItem('pasties', 7, 'You');
const planned = (filling: Partial<ItemInput['filling']>, item = pasties) =>
  planItem({ ...item, filling: { ...item.filling, ...filling } }, plainKitchen).filling;
const anyId = fc.constantFrom(...Object.values(yields).map((y) => y.id));
const anyList = fc.array(
  fc.record({
    name: fc.constantFrom('Pork shoulder', 'Parsnip', 'Apple', 'Leek', 'Onion', 'Potato', 'Ricotta', 'Butter', 'Peas'),
    gramsPer100: fc.double({ min: 5, max: 120, noNaN: true }),
    preparation: fc.constantFrom(...preparations),
  }),
  { minLength: 2, maxLength: 8 },
);

describe('a part of a filling', () => {
  it('is never more trimmed than bought, nor ready than trimmed, whatever is done to it', () => {
    fc.assert(
      fc.property(
        anyId,
        fc.constantFrom(...preparations),
        fc.integer({ min: 0, max: 5000 }),
        (ingredient, preparation, grams) => {
          const { trimmedG, inPieG } = inPie({ ingredient, grams, preparation });
          expect(trimmedG).toBeLessThanOrEqual(grams + 1e-9);
          expect(inPieG).toBeLessThanOrEqual(trimmedG + 1e-9);
        },
      ),
    );
  });
  it('loses its peel raw, its water too when it is cooked first, and what the cook has weighed where they have', () => {
    const { trimPct, cookPct } = usualYield('leek') ?? { trimPct: 0, cookPct: 0 };
    const leek = (preparation: (typeof preparations)[number], ownYieldPct?: number) =>
      inPie({ ingredient: 'leek', grams: 200, preparation, ownYieldPct }).inPieG;
    expect(leek('raw')).toBeCloseTo(200 * (1 - trimPct / 100), 9);
    expect(leek('sweated')).toBeCloseTo(leek('raw') * (1 - cookPct / 100), 9);
    expect(leek('sweated', 62)).toBeCloseTo(124, 9);
  });
  it('is usually done as cooks do it', () => {
    expect(usualPreparation('spinach', false)).toBe('wilted');
    expect(usualPreparation('spinach', true)).toBe('raw');
    expect(usualPreparation('onion', false)).toBe('sweated');
    expect(usualPreparation('milk', false)).toBe('asItIs');
  });
});

describe('a raw part', () => {
  const stew = formItem('lidOnly', 8, 'You');
  const withBeef = (preparation: (typeof preparations)[number]): ItemInput => ({
    ...stew,
    filling: {
      ...stew.filling,
      ingredients: stew.filling.ingredients.map((i) => (i.name === 'Stewing beef' ? { ...i, preparation } : i)),
    },
  });
  it('of meat makes the whole filling raw: its cautions, ticks and keeping follow', () => {
    expect(planItem(withBeef('browned'), plainKitchen).filling.raw).toBe(false);
    for (const way of ['raw', 'minced', 'marinated'] as const) {
      const plan = planItem(withBeef(way), plainKitchen);
      expect(plan.filling.raw).toBe(true);
      expect(plan.seal.ticks.map((t) => t.code)).toContain('tick.rawApart');
    }
  });
  it('of a vegetable does not', () => {
    const ingredients = stew.filling.ingredients.map((i) =>
      i.name === 'Onion' ? { ...i, preparation: 'raw' as const } : i,
    );
    expect(planned({ ingredients }, stew).raw).toBe(false);
  });
});

describe('raw meat and dice', () => {
  it('of more fat eats juicier, and of none nothing is said', () => {
    const fat = (name: string) => planned({ ingredients: [{ name, gramsPer100: 100, preparation: 'raw' }] }).meatFatPct;
    expect(fat('Pork shoulder')).toBeGreaterThan(fat('Stewing beef') ?? 100);
    expect(fat('Potato')).toBeNull();
  });
  it('that are large for their crust are said with what would do', () => {
    const { dice } = planned({ diceMm: 40 });
    expect(dice.tear).toBe(true);
    expect(planned({ diceMm: Math.floor(dice.maxMm) }).dice.tear).toBe(false);
  });
});

describe('a part made before the rest', () => {
  const marinated = (hours: number): ItemInput => ({
    ...pasties,
    filling: {
      ...pasties.filling,
      ingredients: pasties.filling.ingredients.map((i, n) =>
        n === 0 ? { ...i, preparation: 'marinated' as const, ahead: { kind: 'marinade' as const, hours } } : i,
      ),
    },
  });
  const day = (hours: number) =>
    planBake({
      meal: { title: 'Walk', serveAt: '2026-12-12T18:00', mouthCount: 7, eaters: [] },
      items: [marinated(hours)],
      kitchen: plainKitchen,
    }).clock.steps;
  it('stands as long as it is to, between its own hands and the rest', () => {
    for (const hours of [6, 24]) {
      const steps = day(hours);
      const [ahead, stands, ready] = ['makeAhead', 'aheadStands', 'prepareFilling'].map((code) =>
        steps.find((s) => s.code === code),
      );
      if (!ahead || !stands || !ready) throw new Error('a step is missing');
      expect(stands.minutes).toBeGreaterThanOrEqual(60 * hours - 1);
      expect(ahead.startMin + ahead.minutes).toBeLessThanOrEqual(stands.startMin + 1);
      expect(ready.startMin).toBeGreaterThanOrEqual(ahead.startMin + ahead.minutes + 60 * hours - 1);
    }
  });
});

describe('the liquid a part gives', () => {
  const pot = formItem('potPies', 6, 'You');
  const given = (givesPer100: number, givesTo: 'pot' | 'larder'): Partial<ItemInput['filling']> => ({
    type: 'chicken_cream',
    ingredients: [
      { name: 'Chicken thigh', gramsPer100: 60, preparation: 'poached', givesPer100, givesTo },
      { name: 'Whole milk', gramsPer100: 40 },
    ],
  });
  it('is in the balance where it goes into the pot, and not where it is kept', () => {
    const liquid = (g: number, to: 'pot' | 'larder') => planned(given(g, to), pot).sauce?.liquidG ?? 0;
    const { grams } = planned(given(50, 'pot'), pot).parts[0];
    expect(liquid(50, 'pot') - liquid(50, 'larder')).toBeCloseTo(grams / 2, 6);
    expect(liquid(50, 'larder')).toBeLessThan(liquid(0, 'pot'));
  });
});

describe('a whole filling', () => {
  it('is shared out to the last gram: what is in the pieces and what is spare are all of it', () => {
    fc.assert(
      fc.property(anyList, (ingredients) => {
        const f = planned({ ingredients });
        if (f.finishedG === null) return;
        const inPieces = 7 * f.parts.reduce((sum, p) => sum + p.eachG, 0);
        expect(inPieces + Math.max(0, f.spareG)).toBeCloseTo(f.finishedG, 6);
        expect(f.spareG).toBeCloseTo(f.finishedG - f.totalG, 9);
      }),
      { numRuns: 40 },
    );
  });
  it('too much or too little of it is said with its grams', () => {
    const codes = (times: number) =>
      planItem(
        {
          ...pasties,
          filling: {
            ...pasties.filling,
            ingredients: pasties.filling.ingredients.map((i) => ({ ...i, gramsPer100: times * i.gramsPer100 })),
          },
        },
        plainKitchen,
      ).problems.map((p) => p.code);
    expect(codes(1)).not.toContain('filling_over');
    expect(codes(1.3)).toContain('filling_over');
    expect(codes(0.8)).toContain('filling_under');
  });
  it('counts the salt that comes with ham, cheese and smoked fish, and asks for more where it is eaten cold', () => {
    const ham = formItem('dishPie', 8, 'You');
    const plain = planned({ ingredients: [{ name: 'Chicken, cooked', gramsPer100: 100 }], saltPct: 1 }, ham);
    const salted = planned({ ingredients: [{ name: 'Cooked ham', gramsPer100: 100 }], saltPct: 1 }, ham);
    expect(salted.saltWithinG).toBeGreaterThan(plain.saltWithinG + 20);
    expect(salted.saltAllPct).toBeGreaterThan((plain.saltAllPct ?? 0) + 1.5);
    expect(planned({ eatenCold: true }).saltAim.from).toBeCloseTo(1.15 * planned({}).saltAim.from, 9);
  });
  it('in layers takes salt of each layer’s own, and what is weighed out is all of them', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 3, noNaN: true }), { minLength: 4, maxLength: 4 }), (pcts) => {
        const ingredients = pasties.filling.ingredients.map((i, n) => ({ ...i, saltPct: pcts[n] }));
        const { parts, saltG, totalG } = planned({ ingredients, layered: true });
        const own = parts.reduce((sum, p) => sum + p.saltG, 0);
        const unlisted = ((totalG - parts.reduce((sum, p) => sum + p.inPieG, 0)) * pasties.filling.saltPct) / 100;
        expect(own + unlisted).toBeCloseTo(saltG, 9);
        // mixed, it is salted as one
        expect(planned({ ingredients, layered: false }).saltG).toBeCloseTo((totalG * pasties.filling.saltPct) / 100, 9);
      }),
      { numRuns: 20 },
    );
  });
  it('overfull is what its own shape cannot take', () => {
    const f = planned({ fullnessPct: 100 });
    const most = Math.floor((100 * f.overfullG) / f.eachG);
    expect(
      planItem({ ...pasties, filling: { ...pasties.filling, fullnessPct: most + 1 } }, plainKitchen).problems.map(
        (p) => p.code,
      ),
    ).toContain('overfull');
    expect(
      planItem({ ...pasties, filling: { ...pasties.filling, fullnessPct: most - 1 } }, plainKitchen).problems.map(
        (p) => p.code,
      ),
    ).not.toContain('overfull');
  });
});
