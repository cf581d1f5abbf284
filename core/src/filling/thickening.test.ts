import fc from 'fast-check';
import { formItem } from '../plan/forms';
import { planItem } from '../plan/item';
import { plainKitchen } from '../plan/starters';
import type { ItemInput } from '../contracts/item';
import {
  bodies,
  bodyNamed,
  bodyNames,
  bodyOf,
  flourFor,
  flourWorth,
  powerOf,
  simmerLoss,
  thickenerGrams,
  thickenerNames,
} from './thickening';
import { yieldNames, yieldOf, yields } from './yields';

const kind = fc.constantFrom(...thickenerNames);

describe('a sauce', () => {
  it('is never thinner for more in it, and the grams it is told give the body it was asked', () => {
    fc.assert(
      fc.property(
        kind,
        fc.constantFrom(...bodyNames),
        fc.double({ min: 50, max: 3000, noNaN: true }),
        (k, target, liquidG) => {
          const { grams } = thickenerGrams({ liquidG, target, use: { kind: k } });
          const c = flourWorth([{ kind: k, grams }], liquidG);
          expect(bodyNamed(bodyOf(c))).toBe(target);
          expect(bodyOf(flourWorth([{ kind: k, grams: grams + 1 }], liquidG))).toBeGreaterThan(bodyOf(c));
        },
      ),
    );
  });
  it('counts what is in it already', () => {
    const bare = thickenerGrams({ liquidG: 500, target: 'clings', use: { kind: 'roux' } }).grams;
    const some = thickenerGrams({
      liquidG: 500,
      target: 'clings',
      use: { kind: 'roux' },
      have: [{ kind: 'flour', grams: 20 }],
    });
    expect(some.grams).toBeCloseTo(bare - 20, 6);
    expect(
      thickenerGrams({ liquidG: 500, target: 'clings', use: { kind: 'roux' }, have: [{ kind: 'flour', grams: 90 }] })
        .grams,
    ).toBe(0);
  });
  it('is held less by a brown roux, by acid and by long boiling', () => {
    expect(powerOf({ kind: 'roux', rouxColour: 'brown' })).toBeLessThan(powerOf({ kind: 'roux' }));
    expect(powerOf({ kind: 'potato', pH: 3.3 })).toBeLessThan(powerOf({ kind: 'potato' }));
    expect(powerOf({ kind: 'arrowroot', boilMin: 15 })).toBeLessThan(powerOf({ kind: 'arrowroot' }));
  });
  it.each(bodyNames)('at %s is worth the flour that makes it', (name) =>
    expect(bodyOf(flourFor(bodies[name]))).toBeCloseTo(bodies[name], 9),
  );
  it('boils away faster in a wide pan without a lid, and no faster than the hob', () => {
    const loss = (o: Partial<Parameters<typeof simmerLoss>[0]> = {}) => simmerLoss({ panCm: 24, minutes: 20, ...o });
    expect(loss({ panCm: 30 })).toBeGreaterThan(loss());
    expect(loss({ lid: 'on' })).toBeLessThan(loss({ lid: 'ajar' }));
    expect(loss({ panCm: 50, mode: 'boil' })).toBeLessThanOrEqual(((0.6 * 1800) / 2.26e6) * 6e4 * 20 + 1e-9);
  });
});

describe('yields', () => {
  it.each(yieldNames)('of %s keep their mass: trimmed is what was not cut away, cooked no more than that', (name) => {
    const { trimmedG, cookedG, freeWaterG } = yieldOf(name, 1000);
    expect(trimmedG).toBeCloseTo(1000 * (1 - yields[name].trimPct / 100), 6);
    expect(cookedG).toBeLessThanOrEqual(trimmedG);
    expect(freeWaterG).toBeGreaterThanOrEqual(0);
  });
});

describe('the sauce of a filling', () => {
  const pie = formItem('dishPie', 4, 'You');
  const sauce = (list: ItemInput['filling']['ingredients'], more: Partial<ItemInput['filling']> = {}) =>
    planItem({ ...pie, filling: { ...pie.filling, ...more, ingredients: list } }, plainKitchen).filling.sauce;
  const of = (list: Record<string, number>) =>
    Object.entries(list).map(([name, gramsPer100]) => ({ name, gramsPer100 }));
  it('closes its balance: poured and released are what is left and what went in steam', () => {
    const s = sauce(of({ Turkey: 40, Leek: 20, 'Whole milk': 40, 'Plain flour': 3 }));
    const runs = [...(s?.poured ?? []), ...(s?.released ?? [])].reduce((sum, p) => sum + p.grams, 0);
    expect((s?.liquidG ?? 0) + (s?.steamG ?? 0)).toBeCloseTo(runs, 6);
  });
  it('without a thickener is broth, and is said to be too thin, with what would mend it', () => {
    const item = { ...pie, filling: { ...pie.filling, ingredients: of({ 'Chicken, cooked': 50, 'Whole milk': 45 }) } };
    const plan = planItem(item, plainKitchen);
    expect(plan.filling.sauce?.inThePan).toBe('broth');
    expect(plan.problems.map((p) => p.code)).toContain('sauce_thin');
    const roux = plan.filling.sauce?.more.find((m) => m.kind === 'roux')?.grams ?? 0;
    const mended = of({ 'Chicken, cooked': 50, 'Whole milk': 45, 'Plain flour': (100 * roux) / plan.filling.totalG });
    const after = planItem({ ...item, filling: { ...item.filling, ingredients: mended } }, plainKitchen);
    expect(after.filling.sauce?.inThePan).toBe('clings');
    expect(after.problems.map((p) => p.code)).not.toContain('sauce_thin');
  });
  it('is none of a raw filling, nor where nothing is poured in', () => {
    expect(sauce(of({ 'Chicken, cooked': 100 }))).toBeNull();
    expect(sauce(of({ 'Whole milk': 40, 'Stewing beef': 60 }), { type: 'pasty_raw' })).toBeNull();
  });
  it('stands thicker cold than in the pan', () => {
    const s = sauce(of({ 'Chicken, cooked': 50, 'Whole milk': 45, 'Plain flour': 2 }));
    expect(bodyNames.indexOf(s?.cold ?? 'broth')).toBeGreaterThan(bodyNames.indexOf(s?.inThePan ?? 'paste'));
  });
});
