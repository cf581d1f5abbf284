import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { laidBoth } from '../plan/questions/sideBySide';
import { plainKitchen } from '../plan/starters';
import { goesTogether } from './alike';
import { scheduled } from '../plan/bake';
import type { Form } from '../plan/formNames';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const day = (forms: Form[], cooks = kitchen.cooks) => {
  const input = { meal, items: forms.map((f) => formItem(f, 6, cooks[0])), kitchen: { ...kitchen, cooks }, labels: [] };
  return { input, apart: planBake(input), together: planBake({ ...input, meal: { ...meal, together: true } }) };
};

describe.each([
  [
    ['dishPie', 'turnovers'],
    ['Ines', 'Tobiah'],
  ],
  [['pasties', 'potPies', 'lattice'], ['Ines']],
] as [Form[], string[]][])('alike work of %j by %j in one go', (forms, cooks) => {
  const { input, apart, together } = day(forms, cooks);
  const of = (plan: typeof apart, code: string) => plan.clock.steps.filter((s) => s.code === code);
  it('is done by one cook, one pie right after the other, in fewer minutes of hands', () => {
    expect(together.clock.problems).toEqual([]);
    for (const code of ['weigh', 'prepareFilling']) {
      const works = of(together, code);
      expect(new Set(works.map((s) => s.cook)).size).toBe(1);
      works.slice(1).forEach((s, i) => expect(s.startMin).toBeCloseTo(works[i].startMin + works[i].minutes, 6));
      const minutes = (plan: typeof apart) => of(plan, code).reduce((sum, s) => sum + s.minutes, 0);
      expect(minutes(together)).toBeLessThan(minutes(apart));
    }
  });
  it('comes before what it is for, and changes no pie', () => {
    for (const [itemIndex] of forms.entries()) {
      const at = (code: string) => together.clock.steps.find((s) => s.itemIndex === itemIndex && s.code === code);
      const weighed = at('weigh');
      const mixed = at('mix') ?? at('rubIn');
      if (weighed && mixed) expect(mixed.startMin).toBeGreaterThanOrEqual(weighed.startMin + weighed.minutes - 1e-6);
    }
    expect(together.items.map((i) => i.dough.figures)).toEqual(apart.items.map((i) => i.dough.figures));
  });
  it('is offered beside the day as it is, with the hands it saves', () => {
    const { together: asked } = laidBoth(input);
    expect(asked?.fits).toBe(true);
    expect(asked?.savedMin).toBeGreaterThanOrEqual(3);
  });
});

describe('what goes together', () => {
  it('is nothing of one pie, and raw fillings come after all others', () => {
    const goes = (forms: Form[]) => {
      const { input, apart } = day(forms);
      return goesTogether(scheduled(input.items, apart.items, apart.doughs, kitchen), kitchen);
    };
    expect(goes(['dishPie'])).toEqual([]);
    const ready = goes(['pasties', 'dishPie', 'potPies']).filter((g) => g.step.code === 'prepareFilling');
    const raw = ready.map((g) => Number(g.step.values['raw']));
    expect(raw).toEqual([...raw].sort());
  });
});
