import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { laidBoth } from '../plan/questions/sideBySide';
import { smallCodes } from './compile';
import { compute } from '../models';
import { dayAsPlanned } from '../plan/questions/dayAsPlanned';
import { dayPlay } from '../plan/questions/play';
import { dayChoices } from '../plan/questions/dayChoices';
import { plainKitchen } from '../plan/starters';
import { keyOf } from '../plan/steps/key';
import { supper } from '../testing/lanternSupper';
import { someOf } from '../testing/sampled';
import type { PinInput } from '../contracts/clock';
import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import type { MealInput } from '../contracts/meal';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal: MealInput = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const pies = [formItem('dishPie', 6, 'Ines'), formItem('turnovers', 6, 'Tobiah')];
const holding = (item: ItemInput, ...pins: PinInput[]): ItemInput => ({ ...item, clock: { ...item.clock, pins } });
const local = (minutesFromTable: number): string => {
  const d = new Date(new Date(meal.serveAt).getTime() + minutesFromTable * 60_000);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
};
const free = planBake({ meal, items: pies, kitchen });
const stepOf = (plan: typeof free, itemIndex: number, code: string) => {
  const found = plan.clock.steps.find((s) => s.itemIndex === itemIndex && s.code === code);
  if (!found) throw new Error(code);
  return found;
};

describe('what the cook holds', () => {
  it.each(['bake', 'fillSeal', 'rollOut'])(
    'a %s held sooner begins then, and all that belongs to it with it',
    (code) => {
      const found = free.clock.steps.find((s) => s.itemIndex === 1 && s.code === code);
      if (!found) return;
      const sooner = Math.round(found.startMin) - 40;
      const at = local(sooner);
      const plan = planBake({ meal, items: [pies[0], holding(pies[1], { stepId: found.id, at })], kitchen });
      expect(plan.clock.problems.map((p) => p.code)).not.toContain('pins_do_not_go');
      expect(stepOf(plan, 1, code).startMin).toBeCloseTo(sooner, 6);
      const row = plan.clock.steps.filter((s) => s.itemIndex === 1 && s.strand === 'pastry' && !s.during);
      row.forEach((s, i) => {
        const next = row[i + 1];
        if (next) expect(next.startMin).toBeGreaterThanOrEqual(s.startMin + s.minutes - 1);
      });
    },
  );
  it('is in the hands it was given to', () => {
    const step = stepOf(free, 0, 'weigh');
    const other = step.cook === 'Ines' ? 'Tobiah' : 'Ines';
    const plan = planBake({ meal, items: [holding(pies[0], { stepId: step.id, cook: other }), pies[1]], kitchen });
    expect(stepOf(plan, 0, 'weigh').cook).toBe(other);
  });
  it('makes rests longer where it has to, and the Cold Line follows the true minutes: the dough is colder', () => {
    const step = stepOf(free, 0, 'weigh');
    const rolls = stepOf(free, 0, 'rollOut');
    const plan = planBake({
      meal,
      items: [
        holding(
          pies[0],
          { stepId: step.id, at: local(Math.round(step.startMin) - 90) },
          { stepId: rolls.id, at: local(Math.round(rolls.startMin)) },
        ),
      ],
      kitchen,
    });
    expect(plan.clock.problems.map((p) => p.code)).toEqual([]);
    const [was, is] = [free, plan].map((p) => p.items[0].steps.find((s) => s.code === 'rest' && s.kind === 'cold'));
    expect(is?.minutes).toBeGreaterThan((was?.minutes ?? 0) + 80);
    expect(is?.values['toC']).toBeLessThan(Number(was?.values['toC']));
    for (const s of plan.clock.steps.filter((x) => x.itemIndex === 0 && x.kind === 'cold' && x.strand === 'pastry')) {
      const own = plan.items[0].steps.find((x) => keyOf({ ...x, itemIndex: 0 }) === keyOf(s));
      const stretch = plan.items[0].line?.stretches.find((x) => x.stepId === s.id);
      if (s.code === 'shapedChill' || !stretch) continue;
      expect(s.minutes).toBeLessThan((own?.minutes ?? 0) + 1.01);
      expect(stretch.minutes).toBeCloseTo(own?.minutes ?? 0, 6);
    }
  });
  it('and what cannot be is said, with what would have to be let go', () => {
    const step = stepOf(free, 1, 'bake');
    const items = [pies[0], holding(pies[1], { stepId: step.id, at: local(-5) })];
    const plan = planBake({ meal, items, kitchen });
    expect(plan.clock.problems.map((p) => p.code)).toContain('pins_do_not_go');
    const asked = dayChoices({ meal, items, kitchen, labels: [] });
    expect(asked.status).toBe('cannot');
    expect(asked.clash?.members.some((m) => m.what === 'held')).toBe(true);
    expect(asked.loosen.map((l) => l.steps)).toEqual([[{ itemIndex: 1, stepId: step.id, code: 'bake' }]]);
    // and the drawing rings what it is between
    const known = plan.clock.steps.map(keyOf);
    expect(asked.clash?.steps).toContain(keyOf({ itemIndex: 1, id: step.id }));
    expect(asked.clash?.steps.filter((key) => !known.includes(key))).toEqual([]);
  });
});

describe('a cook who is away for a while', () => {
  it('is asked for nothing in that time, by chain or by search', () => {
    const first = stepOf(free, 0, 'weigh');
    for (const from of [first.startMin - 20, first.startMin + 10, first.startMin + 40]) {
      const away = [{ cook: first.cook ?? '', from: local(Math.round(from)), to: local(Math.round(from) + 90) }];
      const plan = planBake({ meal: { ...meal, away }, items: pies, kitchen });
      if (plan.clock.problems.some((p) => p.code === 'hands_taken')) continue;
      for (const s of plan.clock.steps)
        if (s.cook === first.cook && s.kind !== 'tend')
          expect(s.startMin >= Math.round(from) + 90 - 1e-6 || s.startMin + s.minutes <= Math.round(from) + 1e-6).toBe(
            true,
          );
    }
  });
});

describe('an absence that ends before it begins', () => {
  it('is none', () => {
    const away = [{ cook: 'Ines', from: local(-60), to: local(-240) }];
    expect(planBake({ meal: { ...meal, away }, items: pies, kitchen }).clock).toEqual(free.clock);
  });
});

describe('a day of several pies', () => {
  const whole = free;
  it('is laid as a whole where that is better in something and worse in nothing a cook feels', () => {
    const { ours, asLate } = laidBoth({ meal, items: pies, kitchen, labels: [] });
    expect(whole.clock.problems).toEqual([]);
    expect(ours.startMin).toBeGreaterThanOrEqual(asLate.startMin - 5);
    expect(ours.calls).toBeLessThanOrEqual(asLate.calls);
    expect(ours.lastHourMin).toBeLessThanOrEqual(asLate.lastHourMin + 5);
  });
  it('works each step once, however it is laid', () => {
    const hands = (laid: 'asLate' | 'searched' | undefined) =>
      planBake({ meal: { ...meal, laid }, items: pies, kitchen })
        .clock.steps.filter((s) => s.cook !== null)
        .map(keyOf)
        .sort();
    expect(hands('searched')).toEqual(hands('asLate'));
    expect(hands(undefined)).toEqual(hands('asLate'));
  });
  it('does not begin the day before to have six calmer minutes before the table', () => {
    const { clock } = planBake(supper());
    expect(clock.problems).toEqual([]);
    expect(clock.startMin).toBeGreaterThan(-8 * 60);
  });
  it('never has one cook at two full tasks', () => {
    for (const cook of kitchen.cooks) {
      const own = whole.clock.steps.filter((s) => s.cook === cook && s.kind === 'bench' && !smallCodes.has(s.code));
      own.forEach((s, i) => {
        const next = own[i + 1];
        if (next) expect(next.startMin).toBeGreaterThanOrEqual(s.startMin + s.minutes - 1.01);
      });
    }
  });
});

describe('the play of a day', () => {
  const { plays } = dayPlay({ meal, items: pies, kitchen, labels: [] });
  it('is none that breaks the day: every step can be held at either end of it', () => {
    for (const play of someOf(plays ?? [], 4)) {
      const [index, id] = [Number(play.step.split('/')[0]), play.step.slice(2)];
      const step = free.clock.steps.find((s) => s.itemIndex === index && s.id === id);
      // a wait of no minutes stands on no page
      if (!step) continue;
      for (const minutes of [play.laterMin, -Math.min(120, play.earlierMin)]) {
        const at = local(Math.floor(step.startMin) + minutes);
        const items = pies.map((p, i) => (i === index ? holding(p, { stepId: id, at }) : p));
        const plan = planBake({ meal, items, kitchen });
        expect([play.step, minutes, plan.clock.problems.map((p) => p.code)]).toEqual([play.step, minutes, []]);
      }
    }
  });
  it('has a reason wherever it ends', () => {
    expect(plays?.length).toBeGreaterThan(10);
    for (const play of plays ?? [])
      expect([play.step, play.laterBy === null || play.earlierBy === null]).toEqual([play.step, false]);
    const bake = plays?.find((p) => p.step === `0/${stepOf(free, 0, 'bake').id}`);
    expect(bake?.laterBy?.by).toMatch(/table|oven/);
  });
  it('of a step in hand: beyond its reach nothing can be, and what is tied comes along', () => {
    const bake = stepOf(free, 1, 'bake');
    const { reach } = dayPlay({ meal, items: pies, kitchen, labels: [], inHand: `1/${bake.id}` });
    expect(reach?.toBy?.by).toBe('table');
    const beyond = { stepId: bake.id, at: local(Math.ceil((reach?.toMin ?? 0) + 2)) };
    expect(planBake({ meal, items: [pies[0], holding(pies[1], beyond)], kitchen }).clock.problems).not.toEqual([]);
    const glaze = free.clock.steps.find((s) => s.itemIndex === 1 && s.code === 'glaze');
    const tie = reach?.ties.find((t) => t.step === `1/${glaze?.id}`);
    if (glaze) expect(tie?.notBefore).toBe(tie?.notAfter);
  });
});

describe('a day as data', () => {
  it.each(['searched', 'asLate', undefined] as const)(
    'laid %s is what clock.solve takes; its plan, on whole minutes, breaks no rule',
    (laid) => {
      const { instance, plan, steps } = dayAsPlanned({ meal: { ...meal, laid }, items: pies, kitchen });
      expect(compute('clock.solve', { instance, units: 2000 })).toMatchObject({ ok: true });
      expect(steps.length).toBeGreaterThan(20);
      if (laid === 'searched') expect(plan).not.toBeNull();
      if (plan) expect(compute('clock.check', { instance, plan })).toMatchObject({ ok: true, value: { broken: [] } });
    },
  );
});
