import fc from 'fast-check';
import { RefusedInput } from '../quantities/refusal';
import type { ItemInput } from '../contracts/item';
import { allStarters, anyItem, numbersOf, withNumber } from '../testing/anyItem';
import { planBake } from './bake';
import { planItem } from './item';
import { plainKitchen, starterItem, starterMeal } from './starters';

/** Works it out; a refusal is given back as text, anything else is thrown on. */
function worked(item: ItemInput): string {
  try {
    const plan = planItem(item, plainKitchen);
    return JSON.stringify(plan, (_, v: unknown) =>
      typeof v === 'number' && !Number.isFinite(v) ? 'BROKEN' : v,
    ).includes('BROKEN')
      ? 'a broken number'
      : 'worked out';
  } catch (error) {
    if (!(error instanceof RefusedInput)) throw error;
    return `refused: ${error.message}`;
  }
}

describe.each(allStarters.filter(([product]) => !product.startsWith('filo')).slice(0, 3))(
  'a starter of %s in %s',
  (product, pastry) => {
    const item = starterItem(product, 6, 'You', pastry);
    it('is worked out at both ends of every one of its numbers', () => {
      for (const [group, field, rule] of numbersOf(item))
        for (const value of [rule.min, rule.max])
          expect([group, field, value, worked(withNumber(item, group, field, value))]).toEqual([
            group,
            field,
            value,
            'worked out',
          ]);
    });
  },
);

type Run = ReturnType<typeof planBake>['clock']['ovenRuns'][number];
const heatAt = (run: Run, minute: number): number =>
  run.heats.filter((h) => run.startMin + h.fromMin <= minute + 1e-9).at(-1)?.setC ?? run.setC;
/** Whole minutes that both are in the oven. */
const minutesOf = (a: Run, b: Run): number[] => {
  const [from, to] = [Math.max(a.startMin, b.startMin), Math.min(a.endMin, b.endMin)];
  return Array.from({ length: Math.max(0, Math.floor(to - from - 0.01)) }, (_, i) => from + i + 0.01);
};

describe('any item within its rules', () => {
  it('of two pies rolled to 80 cm is named as a packet thinner than its sheet', () => {
    const two = starterItem('handPies', 2, 'You', 'roughPuff');
    const thin = withNumber(withNumber(two, 'folds', 'rolledLengthMm', 800), 'cut', 'thicknessMm', 1);
    expect(worked(thin)).toBe('worked out');
    expect(planItem(thin, plainKitchen).problems.map((p) => p.code)).toContain('final_thicker_than_packet');
  });
  it('of 25 pots from a sheet of 20 × 10 cm is named as a packet no hand can roll', () => {
    const high = withNumber(starterItem('potPies', 25, 'You', 'roughPuff'), 'folds', 'rolledLengthMm', 200);
    expect(worked(high)).toBe('worked out');
    expect(planItem(high, plainKitchen).problems.map((p) => p.code)).toContain('packet_too_high');
  });
  it('is worked out, or named as what cannot be made: nothing is refused from deep inside', () => {
    fc.assert(
      fc.property(anyItem, (item) => {
        expect(worked(item)).toBe('worked out');
      }),
      { numRuns: 60 },
    );
  });
  it('makes with others a day for one cook, in which nobody is in two places unsaid', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 3 }), (items) => {
        const { clock } = planBake({ meal: starterMeal('2026-12-12T18:30', 4), items, kitchen: plainKitchen });
        const said = new Set(clock.problems.map((p) => p.code));
        const work = clock.steps.filter((s) => s.cook !== null && s.kind !== 'tend');
        const twice = work.some((a, i) =>
          work.some(
            (b, j) =>
              j > i &&
              a.cook === b.cook &&
              // a pot can be left for the moment something is brushed
              !((a.code === 'glaze' && b.kind === 'hob') || (a.kind === 'hob' && b.code === 'glaze')) &&
              a.startMin < b.startMin + b.minutes - 1e-6 &&
              b.startMin < a.startMin + a.minutes - 1e-6,
          ),
        );
        expect(twice && !said.has('hands_taken')).toBe(false);
        const heats = clock.ovenRuns.some((a, i) =>
          clock.ovenRuns.some(
            (b, j) =>
              j > i &&
              a.startMin < b.endMin &&
              b.startMin < a.endMin &&
              (a.mode !== b.mode || minutesOf(a, b).some((m) => Math.abs(heatAt(a, m) - heatAt(b, m)) > 10)),
          ),
        );
        expect(heats && !said.has('heats_overlap')).toBe(false);
      }),
      { numRuns: 20 },
    );
  });
});
