import { anyEater } from '../contracts/eater';
import { formItem } from './forms';
import { planBake } from './bake';
import { planItem } from './item';
import { plainKitchen, starterMeal } from './starters';
import type { ItemInput } from '../contracts/item';

const kitchen = plainKitchen;
const meal = starterMeal('2026-12-12T13:00', 8);
const pies = formItem('handPies', 8, 'You');
const withDough = (have: ItemInput['dough']['have'], item = pies): ItemInput => ({
  ...item,
  dough: { ...item.dough, have },
});
const codes = (item: ItemInput) => planItem(item, kitchen).steps.map((s) => s.code);
const need = (item: ItemInput) => planItem(item, kitchen).cut.doughMassG;

describe('a dough that is made already', () => {
  const have = { grams: need(pies), atC: 4, ageHours: 20 };
  it('is neither weighed nor mixed again, and takes nothing from the larder', () => {
    expect(codes(withDough(have)).slice(0, 2)).not.toEqual(expect.arrayContaining(['weigh']));
    expect(codes(withDough(have))).not.toContain('rubIn');
    const needs = planBake({ meal, items: [withDough(have)], kitchen }).needs.map((n) => n.name);
    expect(needs).not.toContain('Flour');
    expect(needs).not.toContain('Butter');
  });
  it('still counts for whoever may not eat it', () => {
    const eaters = [{ ...anyEater('Yara'), avoids: ['milk' as const] }];
    const { who } = planBake({ meal: { ...meal, eaters }, items: [withDough(have)], kitchen });
    const plain = planBake({ meal: { ...meal, eaters }, items: [pies], kitchen }).who;
    expect(JSON.stringify(who.eaters)).toEqual(JSON.stringify(plain.eaters));
  });
  it('that is too little or too old is said', () => {
    const problems = (h: typeof have) => planItem(withDough(h), kitchen).problems.map((p) => p.code);
    expect(problems(have)).not.toContain('have_dough_short');
    expect(problems({ ...have, grams: have.grams / 2 })).toContain('have_dough_short');
    expect(problems({ ...have, ageHours: 100 })).toContain('have_dough_old');
    expect(problems({ ...have, atC: -18, ageHours: 100 })).not.toContain('have_dough_old');
  });
  it('thaws in the fridge where it is frozen', () => expect(codes(withDough({ ...have, atC: -18 }))).toContain('thaw'));
  it('is brought into its band where it lies too warm', () => {
    const { line } = planItem(withDough({ ...have, atC: 22 }), kitchen);
    expect(line.inHandMin ?? 0).toBeGreaterThanOrEqual(0);
  });
});

describe('a filling that is made already', () => {
  const have = { grams: planItem(pies, kitchen).filling.totalG, atC: 4, ageHours: 12 };
  const made: ItemInput = { ...pies, filling: { ...pies.filling, have } };
  it('is neither prepared, cooked nor cooled', () => {
    for (const code of ['prepareFilling', 'cookFilling', 'coolFilling']) expect(codes(made)).not.toContain(code);
  });
  it('that has stood too long cannot be settled', () => {
    const old = planItem({ ...made, filling: { ...made.filling, have: { ...have, ageHours: 60 } } }, kitchen).problems;
    expect(old.find((p) => p.code === 'filling_old')?.weight).toBe('stop');
  });
  it('still warm is cooled from where it is', () => {
    const warm = { ...made, filling: { ...made.filling, have: { ...have, atC: 60 } } };
    expect(codes(warm)).toContain('coolFilling');
    expect(planItem(warm, kitchen).filling.coolMinutes ?? 0).toBeLessThan(
      planItem(pies, kitchen).filling.coolMinutes ?? 0,
    );
  });
});

describe('one dough for two pies', () => {
  const share = (item: ItemInput): ItemInput => ({ ...item, dough: { ...item.dough, batch: 'one' } });
  const rolls = { ...formItem('dishPie', 4, 'You'), title: 'A dish' };
  const day = planBake({ meal, items: [share(pies), share(rolls)], kitchen });
  it('is mixed once, for both, and divided by what each needs', () => {
    expect(day.clock.steps.filter((s) => s.code === 'rubIn')).toHaveLength(1);
    const [batch] = day.doughs;
    expect(batch.members.map((m) => m.grams)).toEqual([need(pies), need(rolls)]);
    const made = day.items[0].dough.masses.totalG;
    expect(made).toBeGreaterThanOrEqual(need(pies) + need(rolls));
    expect(made).toBeLessThan(1.05 * (need(pies) + need(rolls)));
  });
  it('takes flour and fat from the larder once', () => {
    const apart = planBake({ meal, items: [pies, rolls], kitchen });
    const flour = (d: typeof day) => d.needs.find((n) => n.name === 'Flour')?.grams ?? 0;
    expect(flour(day) / flour(apart)).toBeCloseTo(1, 1);
  });
  it('has rested before either begins', () => {
    const rest = day.clock.steps.find((s) => s.itemIndex === 0 && s.code === 'rest');
    const begins = Math.min(
      ...day.clock.steps.filter((s) => s.itemIndex === 1 && s.strand === 'pastry').map((s) => s.startMin),
    );
    // the first one's share may go on resting
    const rests = day.items[0].steps.find((s) => s.code === 'rest')?.minutes ?? 0;
    expect((rest?.startMin ?? 0) + rests).toBeLessThanOrEqual(begins + 1e-6);
    expect(String(rest?.values['shares'])).toContain('A dish');
  });
  it('is of the first one’s recipe, whatever the other says', () => {
    const lard = { ...rolls, dough: { ...rolls.dough, fat: 'lard' as const } };
    const together = planBake({ meal, items: [share(pies), share(lard)], kitchen });
    expect(together.needs.map((n) => n.name)).not.toContain('Lard');
  });
});
