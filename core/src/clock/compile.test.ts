import { formItem } from '../plan/forms';
import { forms, type Form } from '../plan/formNames';
import { planBake, scheduled } from '../plan/bake';
import { writePaths } from '../plan/path';
import { dayChoices } from '../plan/questions/dayChoices';
import { plainKitchen } from '../plan/starters';
import type { KitchenInput } from '../contracts/kitchen';
import { dayOf, tableMin } from './compile';
import { checkPlan } from './planner/checker';
import { invalidOf } from './planner/invalid';
import { solve } from './planner/solve';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const bake = (names: readonly Form[], here: KitchenInput = kitchen) => {
  const items = names.map((f, i) => formItem(f, 6, here.cooks[i % here.cooks.length] ?? ''));
  const plan = planBake({ meal, items, kitchen: here });
  return { items, plan, day: dayOf(scheduled(items, plan.items, plan.doughs, here), here, meal) };
};

describe('a day as the planner takes it', () => {
  it('is well formed for every pie there is, and can be laid alone', () => {
    for (const form of forms) {
      const { day } = bake([form]);
      if (!day) throw new Error(form);
      expect([form, invalidOf(day)]).toEqual([form, []]);
      const solved = solve(day, { units: 6000 });
      expect([form, solved.status]).toEqual([form, 'planned']);
      if (solved.status === 'planned') expect(checkPlan(day, solved.plan)).toEqual([]);
    }
  });
  it('has every step of hands with its own cook, and only the brush with anybody', () => {
    const { day, plan } = bake(['dishPie', 'turnovers']);
    for (const s of day?.steps ?? []) {
      const [index, id] = s.id.split('/');
      const code = plan.items[Number(index)]?.steps.find((x) => x.id === id)?.code;
      if (s.kind === 'passive') expect(s.cooks).toBeUndefined();
      else expect(s.cooks?.length).toBe(code === 'glaze' ? 2 : 1);
    }
  });
  it('lets a child weigh and brush for whoever makes the pie, and do nothing else; the bench is cleared by another', () => {
    const family: KitchenInput = { ...kitchen, cooks: ['Ines', 'Wren'], does: [{ cook: 'Wren', does: ['easy'] }] };
    const { day, plan } = bake(['dishPie', 'turnovers'], family);
    const codes = new Set(
      day?.steps.flatMap((s) => (s.cooks?.includes('Wren') ? [s.id.replace(/^.*\/|:.*$/g, '')] : [])),
    );
    expect([...codes].sort()).toEqual(['glaze', 'weigh']);
    expect(plan.clock.problems).toEqual([]);
    for (const s of plan.clock.steps) if (s.cook === 'Wren') expect(['glaze', 'weigh']).toContain(s.code);
  });
  it('rounds every length up and none down', () => {
    const { day, plan } = bake(['pasties']);
    for (const s of day?.steps ?? []) {
      const minutes = plan.items[0]?.steps.find((x) => `0/${x.id}` === s.id)?.minutes ?? 0;
      expect(s.min).toBeGreaterThanOrEqual(minutes - 1e-6);
      expect(s.min).toBeLessThan(Math.max(1, minutes) + 1);
    }
  });
  it('knows when a cook is there: over midnight, and away for an hour', () => {
    const away = { ...kitchen, hours: [{ cook: 'Ines', fromMin: 10 * 60 + 30, toMin: 9 * 60 + 30 }] };
    const { day } = bake(['dishPie'], away);
    const table = tableMin(meal.serveAt);
    const morning = table - (18 * 60 + 30) + 10 * 60;
    const windows = day?.cooks.find((c) => c.id === 'Ines')?.windows ?? [];
    if ((day?.horizon[0] ?? Infinity) < morning)
      expect(windows.some(([a, b]) => a <= morning && morning < b)).toBe(false);
    expect(windows.some(([a, b]) => a <= table - 60 && table - 60 < b)).toBe(true);
  });
  it('is not taken where it has more trays than shelves, or is longer than it may be', () => {
    const items = [formItem('pasties', 30, 'Ines')];
    const few = { ...kitchen, ovenShelves: 1 };
    const plan = planBake({ meal: { ...meal, mouthCount: 30 }, items, kitchen: few });
    if ((plan.items[0]?.oven.trays ?? 0) > 1)
      expect(dayOf(scheduled(items, plan.items, plan.doughs, few), few, meal)).toBeNull();
  });
});

describe('what stands in the way of a day', () => {
  const items = [formItem('dishPie', 6, 'Ines')];
  it('is nothing where there is time enough', () => {
    expect(dayChoices({ meal, items, kitchen }).status).toBe('fits');
    expect(dayChoices({ meal, items, kitchen, now: '2026-12-12T06:00' }).status).toBe('fits');
  });
  it('is the time where the table is too near, and the earliest it can be is later by no more than it takes', () => {
    const found = dayChoices({ meal, items, kitchen, now: '2026-12-12T17:30' });
    expect(found).toMatchObject({ status: 'cannot', clash: { kind: 'time' } });
    const later = found.choices.find((c) => c.kind === 'serve-later');
    expect(later?.lateMin).toBeGreaterThan(30);
    const whole = -planBake({ meal, items, kitchen }).clock.startMin;
    expect(later?.lateMin).toBeLessThanOrEqual(Math.ceil(whole) - 60 + 15);
    // what is done another way is sooner still, and is so when it is taken
    expect(found.others.length).toBeGreaterThan(0);
    for (const { pies, lateMin } of found.others) {
      expect(lateMin).toBeLessThan(later?.lateMin ?? 0);
      const taken = dayChoices({
        meal,
        items: [writePaths(items[0], pies[0].changes)],
        kitchen,
        now: '2026-12-12T17:30',
      });
      expect(taken.choices.find((c) => c.kind === 'serve-later')?.lateMin).toBe(lateMin);
    }
  });
  it('is packets that chill too long: in two halves side by side, the table is met sooner', () => {
    const found = dayChoices({ meal, items: [formItem('plait', 6, 'Ines')], kitchen, now: '2026-12-12T17:00' });
    const halved = found.others.find((w) => w.kinds.includes('thinnerPackets'));
    expect(halved?.pies[0].changes).toMatchObject({ 'folds.halves': true });
    expect(halved?.lateMin).toBeLessThan(found.choices.find((c) => c.kind === 'serve-later')?.lateMin ?? 0);
  });
  it('is two heats in one oven that may not wait for each other: one heat between them is a way out, shown with its oven', () => {
    const hot = (form: 'dishPie' | 'pasties', setC: number) => {
      const item = formItem(form, 6, 'Ines');
      return { ...item, oven: { ...item.oven, setC } };
    };
    const input = { meal, items: [hot('dishPie', 220), hot('pasties', 170)], kitchen: { ...kitchen, ovenShelves: 2 } };
    const found = dayChoices(input);
    expect(found.clash?.kind).toBe('oven-temperature');
    const one = found.others.find((w) => w.kinds.includes('oneHeat'));
    expect(one?.pies.map((p) => p.changes)).toEqual([{ 'oven.setC': 195 }, { 'oven.setC': 195 }]);
    expect(one?.bakes.map((b) => b.setC)).toEqual([195, 195]);
    const taken = input.items.map((item, i) => writePaths(item, one?.pies[i]?.changes ?? {}));
    expect(dayChoices({ ...input, items: taken }).status).toBe('fits');
  });
  it('is the hours where nobody is there, and being there is a way out', () => {
    const alone = { ...kitchen, cooks: ['Ines'], hours: [{ cook: 'Ines', fromMin: 18 * 60, toMin: 22 * 60 }] };
    const found = dayChoices({ meal, items, kitchen: alone });
    expect(found.clash?.kind).toBe('calendar');
    expect(found.choices.some((c) => c.kind === 'be-there' && c.cook === 'Ines')).toBe(true);
  });
});
