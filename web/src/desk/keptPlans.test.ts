import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { deskStore } from './deskStore';
import { keepPlan, keptPlan } from './keptPlans';

const plan = planBake({
  meal: starterMeal('2026-12-12T18:30', 6, 'Lantern supper'),
  kitchen: plainKitchen,
  items: [starterItem('handPies', 6, 'You')],
});

describe('the last plan of a bake, kept for the next opening', () => {
  beforeEach(() => deskStore.plans.clear());
  it('is found again for the same pies, and is the plan that was kept', async () => {
    await keepPlan('day', ['a'], plan);
    expect(await keptPlan('day', ['a'])).toEqual(plan);
  });
  it('is not shown for other pies, nor for another day', async () => {
    await keepPlan('day', ['a'], plan);
    expect(await keptPlan('day', ['a', 'b'])).toBeNull();
    expect(await keptPlan('other day', ['a'])).toBeNull();
  });
  it('of another build is not read: it may have been written otherwise', async () => {
    await keepPlan('day', ['a'], plan);
    await deskStore.plans.update('day', { build: '0.0.1' });
    expect(await keptPlan('day', ['a'])).toBeNull();
  });
  it('takes the place of the one before', async () => {
    await keepPlan('day', ['a'], { ...plan, clock: { ...plan.clock, steps: [] } });
    await keepPlan('day', ['a'], plan);
    expect((await keptPlan('day', ['a']))?.clock.steps.length).toBe(plan.clock.steps.length);
    expect(await deskStore.plans.count()).toBe(1);
  });
});
