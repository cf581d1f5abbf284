import fc from 'fast-check';
import { forms } from '../formNames';
import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen } from '../starters';
import { again } from './again';

const eaters = fc.integer({ min: 2, max: 20 });

describe('a pie made again', () => {
  it('for as many is the same, but for what belonged to its day', () => {
    const item = formItem('handPies', 8, 'You');
    const was = {
      ...item,
      cut: { ...item.cut, sheetLengthMm: 500 },
      clock: { ...item.clock, longer: [{ stepId: 'rest:1', minutes: 5 }] },
    };
    const made = again(was, { was: 8, now: 8 });
    expect(made.brief).toEqual(item.brief);
    expect(made.cut.sheetLengthMm).toBeUndefined();
    expect(made.clock.longer).toBeUndefined();
  });
  it.each(forms)('of the form %s feeds as many more as there are, and plans', (form) => {
    const item = formItem(form, 6, 'You');
    const made = again(item, { was: 6, now: 12 });
    expect(made.brief.count).toBeGreaterThan(item.brief.count);
    const plan = planItem(made, plainKitchen);
    expect(plan.problems.filter((p) => p.weight === 'stop')).toEqual([]);
    expect(plan.filling.totalG).toBeGreaterThan(planItem(item, plainKitchen).filling.totalG * 0.9);
  });
  it('for more never gets fewer pieces', () =>
    fc.assert(
      fc.property(fc.constantFrom(...forms), eaters, eaters, (form, was, now) => {
        const item = formItem(form, was, 'You');
        const made = again(item, { was, now });
        if (now > was) expect(made.brief.count).toBeGreaterThanOrEqual(Math.min(60, item.brief.count));
        if (now < was) expect(made.brief.count).toBeLessThanOrEqual(item.brief.count);
      }),
      { numRuns: 60 },
    ));
});
