import { forms } from '../plan/formNames';
import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { replanDay } from '../plan/questions/replan';
import { plainKitchen } from '../plan/starters';
import { writePaths } from '../plan/path';
import { keyOf } from '../plan/steps/key';
import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import type { TimedStep } from '../plan/steps/codes';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const end = (s: TimedStep) => s.startMin + s.minutes;

describe('the bench is cleared', () => {
  it('after all its work, by hands that are free, before the table, whatever is made', () => {
    for (const form of forms) {
      const { steps } = planBake({ meal, items: [formItem(form, 6, 'Ines')], kitchen }).clock;
      const clearing = steps.filter((s) => s.code === 'clearBench');
      expect([form, clearing.length > 0]).toEqual([form, true]);
      const last = clearing.at(-1) as TimedStep;
      const others = steps.filter((s) => s.cook === last.cook && s !== last);
      for (const o of others)
        expect([form, o.id, end(o) <= last.startMin + 1e-6 || o.startMin >= end(last) - 1e-6]).toEqual([
          form,
          o.id,
          true,
        ]);
      expect(end(last)).toBeLessThanOrEqual(1e-6);
    }
  });
  it('never in the way: a day is the same but for it, and where nobody is free it is no step', () => {
    const items = [formItem('turnovers', 6, 'Ines')];
    const gone = ['Ines', 'Tobiah'].map((cook) => ({ cook, from: '2026-12-12T17:50', to: '2026-12-12T18:30' }));
    const free = planBake({ meal, items, kitchen }).clock;
    const busy = planBake({ meal: { ...meal, away: gone }, items, kitchen }).clock;
    const clears = (steps: readonly TimedStep[]) => steps.filter((s) => s.code === 'clearBench').length;
    expect([clears(free.steps), clears(busy.steps)]).toEqual([1, 0]);
  });
  it('after each sitting where pies are made days before they are baked', () => {
    const item = writePaths<ItemInput>(formItem('pasties', 6, 'Ines'), {
      'oven.from': 'freezer',
      'oven.aheadDays': 3,
    });
    const { steps } = planBake({ meal, items: [item], kitchen }).clock;
    const made = steps.find((s) => s.code === 'keepPies') as TimedStep;
    const [first] = steps.filter((s) => s.code === 'clearBench');
    expect(first?.startMin).toBeLessThan(made.startMin + 60);
  });
});

describe('a pot that soaks while the day is late', () => {
  const poor = { ...kitchen, pots: 1 };
  const items = [formItem('dishPie', 6, 'Ines'), formItem('pasties', 6, 'Tobiah')].map((i) =>
    writePaths<ItemInput>(i, { 'filling.cookMinutes': 25 }),
  );
  const { clock } = planBake({ meal, items, kitchen: poor });
  const [first, second] = clock.steps.filter((s) => s.code === 'cookFilling') as [TimedStep, TimedStep];
  it.each([0, 25])('is washed before the next filling is cooked in it, laid anew %i min late', (late) => {
    const nowMin = end(first) + late;
    const atBench = clock.steps.map((s) => {
      const begun = s.startMin < end(first) - 1e-6;
      const over = begun && (end(s) <= nowMin || s.kind === 'hob');
      return {
        key: keyOf(s),
        begunMin: begun ? s.startMin : null,
        doneMin: over ? Math.min(end(s), end(first)) : null,
        minutes: s.minutes,
        cook: s.cook,
      };
    });
    const asked = {
      meal,
      items,
      kitchen: poor,
      labels: [],
      steps: clock.steps,
      atBench,
      tableAt: meal.serveAt,
      nowMin,
    };
    const { status, plan } = replanDay(asked);
    expect(status).toBe('planned');
    const anew = new Map(plan?.steps.map((s) => [keyOf(s), s]));
    const next = anew.get(keyOf(second)) as TimedStep;
    const wash = anew.get(`${first.itemIndex}/washPot:all`) as TimedStep;
    expect(end(wash)).toBeLessThanOrEqual(next.startMin + 1e-6);
    expect(wash.startMin + (plan?.laterMin ?? 0)).toBeGreaterThanOrEqual(Math.floor(nowMin) - 1e-6);
  });
});
