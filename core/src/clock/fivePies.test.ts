import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import { planBake } from '../plan/bake';
import { formItem } from '../plan/forms';
import { writePaths } from '../plan/path';
import { plainKitchen } from '../plan/starters';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 24, eaters: [] };
const pies = (
  [
    ['turnovers', 6, 'Ines'],
    ['dishPie', 6, 'Tobiah'],
    ['filoCoil', 6, 'Ines'],
    ['rolls', 12, 'Tobiah'],
    ['potPies', 6, 'Ines'],
  ] as const
).map(([form, count, cook]) => writePaths<ItemInput>(formItem(form, count, cook), { 'oven.setC': 190 }));

describe('a day of five pies, two cooks and one oven of three shelves', () => {
  const { clock, items } = planBake({ meal, items: pies, kitchen });
  it('is on time with nothing said against it, and the fat of every pie in its band', () => {
    expect(clock.problems).toEqual([]);
    expect(items.flatMap((p) => p.problems.filter((x) => x.code === 'past_soft'))).toEqual([]);
    for (const s of clock.steps.filter((x) => x.code === 'stand')) expect(s.minutes).toBeLessThanOrEqual(81);
  });
  it('has no more in the oven at once than it has shelves, and all bakes of it in one day', () => {
    expect(clock.ovenRuns).toHaveLength(5);
    for (const r of clock.ovenRuns) {
      const beside = clock.ovenRuns.filter((o) => o.startMin <= r.startMin && r.startMin < o.endMin);
      expect(beside.reduce((sum, o) => sum + o.trays, 0)).toBeLessThanOrEqual(3);
    }
    expect(clock.startMin).toBeGreaterThan(-16 * 60);
  });
});
