import { formItem } from '../../forms';
import { planItem } from '../../item';
import { plainKitchen } from '../../starters';
import type { ItemInput } from '../../../contracts/item';

const pie = (oven: Partial<ItemInput['oven']> = {}): ItemInput => {
  const item = formItem('dishPie', 8, 'You');
  return { ...item, oven: { ...item.oven, ...oven } };
};
const plan = (oven: Partial<ItemInput['oven']> = {}, kitchen = plainKitchen) => planItem(pie(oven), kitchen);
const ours = plan();
const safe = ours.oven.bake.safeMin ?? 0;

describe('a bake of the cook’s own minutes', () => {
  it('is what every room has: the step, the figure and the middle are those of that minute', () => {
    const own = Math.ceil(safe) + 3;
    const { oven, steps } = plan({ ownMin: own });
    expect(oven.minutes).toBe(own);
    expect(steps.find((s) => s.code === 'bake')?.minutes).toBe(own);
    expect(oven.figures.bake.value).toBe(own);
    expect(oven.figures.bake.reason.values['ours']).toBeCloseTo(ours.oven.bake.proposed ?? 0, 6);
    expect(oven.figures.core.value).toBe(oven.bake.series[own]?.coreC);
    expect(oven.problems.filter((p) => p.code === 'own_bake_short')).toEqual([]);
  });
  it('shorter is cooler in the middle, longer is darker on top', () => {
    const [short, long] = [plan({ ownMin: 15 }), plan({ ownMin: 70 })];
    expect(short.oven.out?.coreC ?? 0).toBeLessThan(long.oven.out?.coreC ?? 0);
    expect(short.oven.out?.browning ?? 0).toBeLessThan(long.oven.out?.browning ?? 0);
  });
  it('that leaves the middle under its safe heat is stopped, with what it has and when it would have it', () => {
    const [problem] = plan({ ownMin: Math.max(1, Math.floor(safe) - 5) }).oven.problems.filter(
      (p) => p.code === 'own_bake_short',
    );
    expect(problem).toMatchObject({ weight: 'stop', fields: ['oven.ownMin'] });
    expect(Number(problem?.values['safe'])).toBeGreaterThanOrEqual(safe);
    expect(Number(problem?.values['coreC'])).toBeLessThan(Number(problem?.values['target']) + 1);
  });
  it('is held to a safe time no fast kitchen shortens, and a slow one makes longer', () => {
    const kitchen = (ratio: number) => ({ ...plainKitchen, bakeRatios: Array.from({ length: 12 }, () => ratio) });
    expect(plan({}, kitchen(0.7)).oven.bake.safeMin).toBeCloseTo(safe, 9);
    expect(plan({}, kitchen(1.4)).oven.bake.safeMin ?? 0).toBeGreaterThan(safe);
  });
  it('given up again is ours', () => expect(plan({ ownMin: undefined }).oven.minutes).toBe(ours.oven.minutes));
});
