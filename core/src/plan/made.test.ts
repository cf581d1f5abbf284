import { anyEater } from '../contracts/eater';
import { formItem } from './forms';
import { planBake } from './bake';
import { eaterMends } from './eaters/mends';
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
  it('has stood too long out of the cold after hours', () => {
    const at = (atC: number, ageHours: number) =>
      planItem({ ...made, filling: { ...made.filling, have: { ...have, atC, ageHours } } }, kitchen).problems.map(
        (p) => p.code,
      );
    expect(at(4, 12)).not.toContain('filling_old');
    expect(at(21, 12)).toContain('filling_old');
    expect(at(21, 1)).not.toContain('filling_old');
  });
  it('from the freezer is thawed on the Clock, and is done before the pastry closes over it', () => {
    const frozen = { ...made, filling: { ...made.filling, have: { ...have, atC: -18 } } };
    const { steps } = planBake({ meal, items: [frozen], kitchen }).clock;
    const thaw = steps.find((s) => s.code === 'thaw' && s.strand === 'filling');
    const fill = steps.find((s) => s.code === 'fillSeal');
    if (!thaw || !fill) throw new Error('not on the Clock');
    expect(thaw.startMin + thaw.minutes).toBeLessThanOrEqual(fill.startMin + 1e-6);
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
  const asked = (by: 'factor' | 'flour', value: number) =>
    planBake({
      meal,
      items: [share({ ...pies, dough: { ...pies.dough, askBy: by, askValue: value } }), share(rolls)],
      kitchen,
    });
  it('made with so much to spare is so much more for all', () => {
    const [plain, more] = [day, asked('factor', 1.1)].map((d) => d.items[0].dough.masses.totalG);
    expect(more / plain).toBeCloseTo(1.1, 6);
  });
  it('that is too little for all says what is missing, and enough says nothing', () => {
    const short = asked('flour', 300).items[0].problems.filter((p) => p.code === 'dough_short');
    expect(short).toHaveLength(1);
    expect(Number(short[0].values['shortG'])).toBeGreaterThan(0);
    const codesOf = (d: typeof day) => d.items[0].problems.map((p) => p.code);
    expect(codesOf(day)).not.toContain('dough_short');
    expect(codesOf(asked('flour', 2000))).not.toContain('dough_short');
  });
});

describe('a mend', () => {
  const eaters = [{ ...anyEater('Yara'), avoids: ['milk' as const] }];
  const places = (items: ItemInput[], of: number) =>
    (eaterMends({ items, eaters, eater: 0, kitchen, labels: [] })[of]?.mend?.swaps ?? []).map((s) => s.place);
  it('makes nothing otherwise that is made already', () => {
    expect(places([pies], 0)).toContain('fat');
    expect(places([withDough({ grams: need(pies), atC: 4, ageHours: 20 })], 0)).toEqual([]);
    const dish = formItem('dishPie', 8, 'You');
    const ingredients = [
      { name: 'Leek', gramsPer100: 95 },
      { name: 'Butter', gramsPer100: 5 },
    ];
    const bound = { ...dish, filling: { ...dish.filling, ingredients } };
    const have = { grams: planItem(bound, kitchen).filling.totalG, atC: 4, ageHours: 12 };
    expect(places([bound], 0)).toContain('filling');
    expect(places([{ ...bound, filling: { ...bound.filling, have } }], 0)).not.toContain('filling');
  });
  it('of a dough that is another’s is made there: it meets what is in that dough, not its own recipe', () => {
    const share = (item: ItemInput): ItemInput => ({ ...item, dough: { ...item.dough, batch: 'one' } });
    const lard = { ...pies, dough: { ...pies.dough, fat: 'lard' as const } };
    const plain = { ...lard, seal: { ...lard.seal, glue: 'water' as const, wash: 'oil' as const } };
    const items = [share(pies), share(plain)];
    const [, alone] = eaterMends({ items: [pies, plain], eaters, eater: 0, kitchen, labels: [] });
    const [, shared] = eaterMends({ items, eaters, eater: 0, kitchen, labels: [] });
    expect(alone).toBeNull();
    expect(shared).not.toBeNull();
    expect(places(items, 1)).not.toContain('fat');
  });
});
