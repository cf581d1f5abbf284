import * as fc from 'fast-check';
import { formItem } from '../plan/forms';
import { forms } from '../plan/formNames';
import { planBake, scheduled } from '../plan/bake';
import { planItem } from '../plan/item';
import { roomInCold, trayMm } from '../plan/roomInCold';
import { plainKitchen, starterMeal } from '../plan/starters';
import { overfull } from './coldRoom';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'] };
const meal = starterMeal('2026-12-12T18:30', 8, 'Supper');

describe('the room in the cold', () => {
  it('is taken by every step that lies there, and by nothing else', () => {
    for (const form of forms) {
      const plan = planItem(formItem(form, 8, 'Ines'), kitchen);
      const room = roomInCold(plan);
      for (const s of plan.steps)
        expect([form, s.id, (room[s.id] ?? 0) > 0]).toEqual([
          form,
          s.id,
          s.kind === 'cold' && ['fridge', 'freezer'].includes(String(s.values['place'])),
        ]);
    }
  });
  it('a disc takes the square round it', () => {
    const plan = planItem(formItem('dishPie', 8, 'Ines'), kitchen);
    const rest = plan.steps.find((s) => s.code === 'rest');
    const body = plan.line.stretches.find((s) => s.stepId === rest?.id)?.body;
    const radius = body?.kind === 'cold' && body.shape.kind === 'disc' ? body.shape.radiusM : 0;
    expect(radius).toBeGreaterThan(0.03);
    expect(roomInCold(plan)[rest?.id ?? '']).toBeCloseTo((2000 * radius) ** 2 / (trayMm.length * trayMm.width), 9);
  });
  it('a day says when it is overfull, or never is; and where nobody said what room there is, it says nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...forms), { minLength: 1, maxLength: 3 }),
        fc.constantFrom(0.25, 0.5, 1, 2, 4),
        (kinds, fridgeTrays) => {
          const items = kinds.map((f) => formItem(f, 8, 'Ines'));
          const told = { ...kitchen, fridgeTrays };
          const plan = planBake({ meal, items, kitchen: told });
          const full = overfull(scheduled(items, plan.items, plan.doughs, told), plan.clock.steps, told);
          const said = plan.clock.problems.some((p) => p.code === 'cold_full');
          expect(full.length > 0 && !said).toBe(false);
          expect(overfull(scheduled(items, plan.items, plan.doughs, kitchen), plan.clock.steps, kitchen)).toEqual([]);
        },
      ),
      { numRuns: 12 },
    );
  });
  it('of a day that fits by another order, the order is found and nothing is said', () => {
    const items = [formItem('dishPie', 8, 'Ines'), formItem('pasties', 8, 'Ines')];
    const free = planBake({ meal, items, kitchen });
    const lies = scheduled(items, free.items, free.doughs, kitchen);
    const least = Math.max(...lies.flatMap((i) => Object.values(i.lies ?? {})));
    const fullest = overfull(lies, free.clock.steps, { ...kitchen, fridgeTrays: 0.001 })[0]?.trays ?? 0;
    // room for the largest by itself, but not for what lies there at once
    expect(fullest).toBeGreaterThan(least + 0.02);
    const told = { ...kitchen, fridgeTrays: least + 0.01 };
    const plan = planBake({ meal, items, kitchen: told });
    const full = overfull(scheduled(items, plan.items, plan.doughs, told), plan.clock.steps, told);
    expect([full.length === 0, plan.clock.problems.some((p) => p.code === 'cold_full')]).toEqual([true, false]);
  });
});
