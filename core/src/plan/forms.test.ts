import { anyEater } from '../contracts/eater';
import { planBake } from './bake';
import { forms } from './formNames';
import { formItem } from './forms';
import { planItem } from './item';
import { ingredientNamed } from '../ingredients/named';
import { plainKitchen, starterMeal } from './starters';

const kitchen = { ...plainKitchen, roomC: 21 };
const each = forms.flatMap((form) => [4, 8].map((people) => [form, people] as const));

describe.each(each)('%s for %i, as a cook would begin with it', (form, people) => {
  const item = formItem(form, people, 'You');
  const plan = planItem(item, kitchen);
  it('passes every check of its own', () => expect(plan.problems.map((p) => p.code)).toEqual([]));
  it('is baked in the minutes that are ordinary', () => {
    expect(plan.oven.minutes).toBeGreaterThanOrEqual(15);
    expect(plan.oven.minutes).toBeLessThanOrEqual(75);
  });
  it('feeds each of them as much as a plate holds', () => {
    const gramsEach = (plan.cut.doughMassG + plan.filling.totalG) / people;
    expect(gramsEach).toBeGreaterThan(70);
    expect(gramsEach).toBeLessThan(620);
  });
  it('says what is in its filling, all of it known', () => {
    expect(item.filling.ingredients.map((i) => ingredientNamed(i.name))).not.toContain(null);
    expect(item.filling.ingredients.reduce((sum, i) => sum + i.gramsPer100, 0)).toBeGreaterThanOrEqual(100);
  });
  it('makes a day that begins in time, and says of each who may eat it', () => {
    const meal = {
      ...starterMeal('2026-12-12T18:30', people),
      eaters: [{ ...anyEater('Noor'), avoids: ['gluten' as const] }],
    };
    const { clock, who } = planBake({ meal, items: [item], kitchen });
    expect(clock.startMin).toBeGreaterThan(-10 * 60);
    expect(who.nothing).toEqual(['Noor']);
  });
});

describe('cups', () => {
  it('are lined from one sheet and not rolled for one by one', () => {
    const rolled = (form: 'smallPies' | 'linedPots') =>
      planItem(formItem(form, 8, 'You'), kitchen).steps.filter((s) => s.code === 'rollOut');
    expect(rolled('smallPies').every((s) => Number(s.values['goes']) <= 2)).toBe(true);
    expect(rolled('smallPies').length).toBeLessThanOrEqual(2);
    expect(rolled('linedPots').length).toBeLessThanOrEqual(2);
  });
});
