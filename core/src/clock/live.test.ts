import * as fc from 'fast-check';
import { forms } from '../plan/formNames';
import { runs } from '../testing/sampled';
import type { TimedStep } from '../plan/steps/codes';
import { linksOf, type BenchPlan } from '../bench/plan';
import { outlookOf } from '../bench/late';
import { reduce } from '../bench/reduce';
import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { replanDay } from '../plan/questions/replan';
import { plainKitchen } from '../plan/starters';
import { keyOf } from '../plan/steps/key';
import type { RunEventInput } from '../contracts/run';
import type { KitchenInput } from '../contracts/kitchen';
import type { MealInput } from '../contracts/meal';
import type { StepAtBench } from './live';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal: MealInput = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const items = [formItem('dishPie', 6, 'Ines'), formItem('turnovers', 6, 'Tobiah')];
const { clock } = planBake({ meal, items, kitchen, labels: [] });
const steps = clock.steps;

/** A day run as planned until a minute; work that was begun before it and is not over goes on `lateMin` longer. */
function runUntil(minute: number, lateMin: number, of: readonly TimedStep[] = steps): StepAtBench[] {
  return of.map((s): StepAtBench => {
    const end = s.startMin + s.minutes;
    const begun = s.startMin <= minute;
    const over = begun && end <= minute;
    const hands = s.kind === 'bench' || s.kind === 'hob';
    return {
      key: keyOf(s),
      begunMin: begun ? s.startMin : null,
      doneMin: over ? end : null,
      minutes: begun && !over && hands ? s.minutes + lateMin : s.minutes,
      cook: s.cook,
    };
  });
}
const ask = (nowMin: number, atBench: StepAtBench[]) =>
  replanDay({ meal, items, kitchen, labels: [], steps, atBench, tableAt: meal.serveAt, nowMin });
const rolling = steps.find((s) => s.itemIndex === 0 && s.code === 'rollOut');

describe('the rest of a day laid anew', () => {
  it('on time, it stays as it was', () => {
    const { plan } = ask((rolling?.startMin ?? 0) + 1, runUntil((rolling?.startMin ?? 0) + 1, 0));
    expect(plan?.laterMin).toBe(0);
    for (const s of plan?.slips ?? []) expect(Math.abs(s.byMin)).toBeLessThanOrEqual(2);
  });
  it.each([10, 25, 60])('%i min late at the rolling: what happened stays, nothing begins before now', (late) => {
    const nowMin = (rolling?.startMin ?? 0) + (rolling?.minutes ?? 0) / 2;
    const atBench = runUntil(nowMin, late);
    const { status, plan } = ask(nowMin, atBench);
    expect(status).toBe('planned');
    const states = new Map(atBench.map((s) => [s.key, s]));
    for (const s of plan?.steps ?? []) {
      const state = states.get(keyOf(s));
      const start = s.startMin + (plan?.laterMin ?? 0);
      if (state?.begunMin != null) expect(start).toBeCloseTo(state.begunMin, 6);
      else if (!s.during && s.code !== 'preheat') expect(start).toBeGreaterThanOrEqual(Math.floor(nowMin) - 1e-6);
    }
    expect(new Set(plan?.steps.map(keyOf))).toEqual(new Set(steps.map(keyOf)));
    // each waits for what it needs
    const bench: BenchPlan = { steps: plan?.steps ?? [], serveAt: meal.serveAt, kitchen, items: [{}, {}] };
    const { before, byKey } = linksOf(bench);
    for (const [key, needs] of before)
      for (const n of needs) {
        const [s, b] = [byKey.get(key), byKey.get(n)];
        if (s && b && !s.during && states.get(key)?.begunMin == null)
          expect([key, n, s.startMin >= b.startMin + (states.get(n)?.doneMin == null ? 0 : -999)]).toEqual([
            key,
            n,
            true,
          ]);
      }
    expect(plan?.notes.filter((n) => n.code === 'safety-limit-broken')).toEqual([]);
  });
  it('is never later than going on in the old order would be', () => {
    const nowMin = (rolling?.startMin ?? 0) + (rolling?.minutes ?? 0) / 2;
    for (const late of [25, 60]) {
      const { plan } = ask(nowMin, runUntil(nowMin, late));
      const table = new Date(meal.serveAt).getTime();
      const event = (type: RunEventInput['type'], step: string, min: number, n: number): RunEventInput => ({
        id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
        type,
        at: new Date(table + min * 60_000).toISOString(),
        data: { step },
      });
      const events = runUntil(nowMin, 0).flatMap((s, n) => [
        ...(s.begunMin === null ? [] : [event('begin', s.key, s.begunMin, 2 * n)]),
        ...(s.doneMin === null ? [] : [event('done', s.key, s.doneMin, 2 * n + 1)]),
      ]);
      const bench: BenchPlan = { steps, serveAt: meal.serveAt, kitchen, items: [{}, {}] };
      const now = reduce(bench, table - 86_400_000, events);
      const held = now.steps.get(keyOf(rolling ?? steps[0]));
      if (held) held.minutes += late;
      const outlook = outlookOf(now, table + nowMin * 60_000, (s) => (s.step.kind === 'cold' ? s.step.minutes : null));
      expect(plan?.laterMin ?? Infinity).toBeLessThanOrEqual(
        Math.ceil((outlook.tableThen - outlook.tableAt) / 60_000) + 1,
      );
    }
  });
  it('gives work to hands that are free where that keeps the table', () => {
    // the dish's cook is held up by an hour while the turnovers lie chilled
    const nowMin = (rolling?.startMin ?? 0) - 1;
    const divide = steps.find((s) => s.itemIndex === 0 && s.code === 'divide');
    const atBench = runUntil(nowMin, 0).map((s) => (divide && s.key === keyOf(divide) ? { ...s, minutes: 60 } : s));
    const { plan } = ask(nowMin, atBench);
    expect(plan?.laterMin).toBeLessThanOrEqual(60);
    for (const { key, cook } of plan?.hands ?? []) {
      expect(kitchen.cooks).toContain(cook);
      expect(plan?.steps.find((s) => keyOf(s) === key)?.cook).toBe(cook);
    }
  });
  it('a hand that was given stays given, a step that was left out is gone, the oven that is hot is not heated again', () => {
    const heat = steps.find((s) => s.code === 'preheat');
    const nowMin = (heat?.startMin ?? 0) + (heat?.minutes ?? 0) - 2;
    const glaze = steps.find((s) => s.itemIndex === 1 && s.code === 'glaze');
    const other = glaze?.cook === 'Ines' ? 'Tobiah' : 'Ines';
    const atBench = runUntil(nowMin, 0).map((s) => (glaze && s.key === keyOf(glaze) ? { ...s, cook: other } : s));
    const { plan } = ask(nowMin, atBench);
    expect(plan?.laterMin).toBeLessThanOrEqual(3);
    expect(plan?.steps.find((s) => glaze && keyOf(s) === keyOf(glaze))?.cook).toBe(other);
  });
  it('what is baked already stands as long as the others take', () => {
    const baked = steps.find((s) => s.itemIndex === 1 && s.code === 'bake');
    const out = (baked?.startMin ?? 0) + (baked?.minutes ?? 0);
    // the turnovers are out; the dish's cook only now closes it
    const nowMin = out + 1;
    const atBench = runUntil(nowMin, 0).map((s) => {
      const late = steps.find((x) => keyOf(x) === s.key && x.itemIndex === 0 && x.strand !== 'filling');
      return late && late.startMin > -110 ? { ...s, begunMin: null, doneMin: null } : s;
    });
    const { status, plan } = ask(nowMin, atBench);
    expect(status).toBe('planned');
    expect(plan?.laterMin).toBeGreaterThan(60);
    const stand = plan?.steps.find((s) => s.itemIndex === 1 && s.code === 'stand');
    expect(stand?.minutes).toBeGreaterThan(60);
  });
  it('is there for any pies, at any hour, after any standstill: nobody is left without a way on', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...forms), { minLength: 1, maxLength: 3 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 60 }),
        fc.boolean(),
        (names, share, standsMin, held) => {
          const pies = names.map((f, i) => formItem(f, 6, kitchen.cooks[i % 2] ?? ''));
          const day = planBake({ meal, items: pies, kitchen, labels: [] }).clock;
          const last = day.steps.findLast((s) => s.itemIndex === 0 && s.kind === 'bench');
          const at = (minute: number) => {
            const d = new Date(new Date(meal.serveAt).getTime() + Math.floor(minute) * 60_000);
            const two = (n: number) => String(n).padStart(2, '0');
            return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
          };
          const asHeld = pies.map((p, i) =>
            held && last && i === 0
              ? { ...p, clock: { ...p.clock, pins: [{ stepId: last.id, at: at(last.startMin) }] } }
              : p,
          );
          const nowMin = day.startMin * (1 - share);
          const stood = nowMin - standsMin;
          // nothing was done since then, but what had only to go on
          const atBench = runUntil(stood, 0, day.steps);
          const { status, plan } = replanDay({
            meal,
            items: asHeld,
            kitchen,
            labels: [],
            steps: day.steps,
            atBench,
            tableAt: meal.serveAt,
            nowMin,
          });
          if (status === 'tooLong') return;
          expect(status).toBe('planned');
          for (const s of plan?.steps ?? []) {
            expect(Number.isFinite(s.startMin)).toBe(true);
            expect(s.minutes).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: runs(60, 6) },
    );
  });
});
