import fc from 'fast-check';
import type { ItemInput } from '../contracts/item';
import { usualItem } from '../testing/anyItem';
import { planBake } from './bake';
import type { ItemPlan } from './item';
import { needsOf } from './needs/needs';
import { plainKitchen, starterItem, starterMeal } from './starters';
import type { Step, StepCode } from './steps/codes';

const kitchen = plainKitchen;
const planOf = (item: ItemInput): ItemPlan =>
  planBake({ meal: starterMeal('2026-12-12T18:30', 6), items: [item], kitchen }).items[0];
const changed = (item: ItemInput, change: (i: ItemInput) => void): ItemInput => {
  const copy = structuredClone(item);
  change(copy);
  return copy;
};
const only = (plan: ItemPlan, ...codes: StepCode[]): Step[] => plan.steps.filter((s) => codes.includes(s.code));
const sum = (list: readonly number[]): number => list.reduce((total, v) => total + v, 0);

/** What a step tells the bench, against the station that worked it out. */
function stepsAgree(item: ItemInput, plan: ItemPlan): void {
  const { masses } = plan.dough;
  const value = (step: Step | undefined, key: string) => step?.values[key];
  for (const weigh of only(plan, 'weigh').filter(() => item.dough.pastry !== 'filo'))
    expect([value(weigh, 'flour'), value(weigh, 'fat')]).toEqual([
      plan.dough.figures.flour.value,
      plan.dough.figures.fat.value,
    ]);
  for (const mix of only(plan, 'mix', 'rubIn'))
    expect([value(mix, 'water'), value(mix, 'salt'), value(mix, 'ice'), value(mix, 'outC')]).toEqual([
      masses.waterG,
      masses.saltG,
      masses.iceG,
      plan.dough.figures.outOfBowl.value,
    ]);
  const rolled = only(plan, 'rollOut');
  for (const roll of rolled)
    expect([value(roll, 'l'), value(roll, 'w')]).toEqual([plan.cut.rolled.lengthMm, plan.cut.rolled.widthMm]);
  if (rolled.length) expect(value(rolled.at(-1), 't')).toBeCloseTo(plan.cut.rolled.thicknessMm, 9);
  expect(sum(only(plan, 'cut').map((s) => s.pieces))).toBe(only(plan, 'cut').length ? plan.cut.cuts : 0);
  const closing = only(plan, 'fillSeal', 'lidSeal', 'latticeSeal', 'fillOpen');
  if (closing.length) {
    expect(sum(closing.map((s) => s.pieces))).toBe(plan.cut.pieces);
    expect(sum(closing.map((s) => s.minutes))).toBeGreaterThanOrEqual((plan.seal.figures.time.value ?? 0) - 1e-6);
    expect(closing).toHaveLength(plan.lots);
  }
  expect(only(plan, 'lineDish')).toHaveLength(item.product === 'dishPie' ? plan.cut.pieces : 0);
  const [cook, cool] = [only(plan, 'cookFilling')[0], only(plan, 'coolFilling')[0]];
  if (cook) expect(value(cook, 'grams')).toBe(plan.filling.figures.total.value);
  if (cool) {
    expect(value(cool, 'toC')).toBe(plan.filling.figures.hottest.value);
    expect(cool.minutes).toBe(plan.filling.figures.cool.value);
  }
  expect(sum(only(plan, 'coverLeaves').map((s) => Number(value(s, 'grams'))))).toBeCloseTo(
    item.dough.pastry === 'filo' ? plan.filling.totalG : 0,
    6,
  );
  const bake = only(plan, 'bake')[0];
  if (plan.oven.minutes !== null) expect(bake?.minutes).toBe(plan.oven.figures.bake.value);
  expect(value(bake, 'look')).toBe(plan.oven.figures.look.value ?? 0);
  expect(value(bake, 'target')).toBe(plan.oven.targetC);
  expect(plan.oven.figures.core.reason.values['target']).toBe(plan.oven.targetC);
}

/** What is to be bought or taken, against what the stations use. */
function needsAgree(item: ItemInput, plan: ItemPlan): void {
  const needs = needsOf([item], [plan]);
  const grams = (id: string) => sum(needs.filter((n) => n.ingredient === id).map((n) => n.grams));
  const brushed = sum(plan.eggs.uses.filter((u) => u.part === 'whole' && u.use !== 'filling').map((u) => u.grams));
  expect(grams('egg')).toBeCloseTo(brushed, 6);
  const salt = sum(needs.filter((n) => n.name === 'Salt').map((n) => n.grams));
  const inDough = plan.dough.facts?.parts.find((p) => p.id === 'salt')?.grams ?? 0;
  const wanted = [inDough, plan.filling.figures.salt.value ?? 0].filter((g) => g > 0.5);
  expect(salt).toBeCloseTo(sum(wanted), 6);
  for (const { name, gramsPer100 } of item.filling.ingredients)
    expect(needs.find((n) => n.name === name)?.grams).toBeCloseTo((plan.filling.totalG * gramsPer100) / 100, 6);
}

describe('one truth', () => {
  it('sixty items: every number of a bench step and of the larder is the station’s figure', () => {
    fc.assert(
      fc.property(usualItem, (item) => {
        const plan = planOf(item);
        stepsAgree(item, plan);
        needsAgree(item, plan);
        const { sealed, pieces } = { sealed: plan.seal, pieces: plan.cut.pieces };
        expect(sealed.figures.pinches.reason.values['seamCm']).toBeCloseTo(plan.cut.seamMm / 10, 9);
        expect(plan.filling.totalG).toBeCloseTo(plan.filling.eachG * pieces, 6);
        expect(plan.dough.figures.dough.value).toBeCloseTo(
          item.dough.pastry === 'filo' ? plan.cut.doughMassG : plan.dough.masses.totalG,
          6,
        );
      }),
      { numRuns: 60 },
    );
  }, 120_000);
  it('every component of a dough is weighed once: what goes in is what there is', () => {
    fc.assert(
      fc.property(usualItem, (item) => {
        const { dough } = planOf(item);
        if (!dough.facts) return;
        const { flourG, fatG, waterG, saltG, totalG } = dough.masses;
        const others = sum((item.dough.others ?? []).map((o) => (flourG * o.toFlourPct) / 100));
        expect(flourG + fatG + waterG + saltG + others).toBeCloseTo(totalG, 6);
        expect(sum(dough.facts.parts.map((p) => p.grams))).toBeCloseTo(totalG, 6);
        expect((100 * fatG) / flourG).toBeCloseTo(item.dough.fatToFlourPct, 6);
        expect((100 * waterG) / flourG).toBeCloseTo(item.dough.waterToFlourPct, 6);
        expect((100 * saltG) / flourG).toBeCloseTo(item.dough.saltToFlourPct, 6);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what the middle has to reach', () => {
  it.each([
    ['apple_raw', 88],
    ['berry_raw', 90],
    ['fish_raw', 70],
    ['poultry_raw', 75],
  ] as const)('is that of %s: %i °C', (type, targetC) => {
    const plan = planOf(changed(starterItem('dishPie', 6, 'You'), (i) => void (i.filling.type = type)));
    expect(plan.oven.targetC).toBe(targetC);
    expect(only(plan, 'bake')[0]?.values['target']).toBe(targetC);
  });
});

describe('a pie in a dish', () => {
  const dish = (change: (i: ItemInput) => void) => planOf(changed(starterItem('dishPie', 6, 'You'), change));
  const whole = dish(() => undefined);
  const lattice = dish((i) => void (i.cut.lid = 'lattice'));
  const open = dish((i) => void (i.cut.lid = 'none'));
  it('left open is baked without a lid: nothing colours, and its middle meets the air', () => {
    expect(open.oven.spec.top).toBeNull();
    expect(open.oven.figures.colour.value).toBeNull();
    expect(open.oven.bake.times.golden).toBeNull();
    expect(open.oven.bake.binds).not.toMatch(/golden|lid|never/);
    expect(only(open, 'bake')[0]?.minutes).toBeGreaterThan(10);
  });
  it('left open has no vents to cut, no seam to leak and no lid to lay', () => {
    expect(open.seal).toMatchObject({ closing: 'open', need: null, gluedMm: 0 });
    expect(open.problems.map((p) => p.code)).not.toContain('too_few_vents');
    expect(open.seal.ticks.map((t) => t.code)).not.toContain('tick.airOut');
    expect(only(open, 'lidSeal')).toEqual([]);
    expect(only(open, 'fillOpen')).toHaveLength(1);
    expect(open.seal.benchMin).toBeLessThan(whole.seal.benchMin);
  });
  it('under strips lets steam out between them, and takes the wash on them alone', () => {
    const { openShare, planAreaMm2 } = lattice.cut;
    expect(openShare).toBeGreaterThan(0.05);
    expect(openShare).toBeLessThan(0.5);
    expect(lattice.seal.ventMm2).toBeCloseTo(openShare * planAreaMm2, 6);
    expect(lattice.problems.map((p) => p.code)).not.toContain('too_few_vents');
    expect(lattice.seal.washMm2).toBeCloseTo(whole.seal.washMm2 * (1 - openShare), 6);
    expect(only(lattice, 'latticeSeal')).toHaveLength(1);
  });
  it('times six is rolled, lined, closed and brushed six times', () => {
    const six = dish((i) => void (i.cut.dishes = 6));
    expect(only(six, 'lineDish')).toHaveLength(6);
    expect(only(six, 'rollOut')).toHaveLength(6);
    expect(six.seal.benchMin).toBeCloseTo(6 * whole.seal.benchMin, 6);
    const egg = (p: ItemPlan) =>
      sum(p.eggs.uses.filter((u) => u.use === 'wash' || u.use === 'glue').map((u) => u.grams));
    expect(egg(six)).toBeCloseTo(6 * egg(whole), 6);
    expect([whole.oven.trays, six.oven.trays]).toEqual([1, 6]);
  });
  it('tells the seam of one, whether its pots are square or round', () => {
    const pots = (vessel: ItemInput['cut']['vessel'], count: number) =>
      planOf(
        changed(starterItem('potPies', count, 'You'), (i) => {
          i.cut.vessel = vessel;
          i.seal.glue = 'egg';
        }),
      );
    const round = { form: 'round', top: 110, bottom: 85, depth: 60, rim: 8 } as const;
    const square = { form: 'rect', top: [100, 100], bottom: [90, 90], depth: 60, corner: 5, rim: 8 } as const;
    for (const vessel of [round, square] as unknown as ItemInput['cut']['vessel'][]) {
      const [one, four] = [pots(vessel, 1), pots(vessel, 4)];
      expect(four.cut.seamMm).toBeCloseTo(one.cut.seamMm, 6);
      expect(four.seal.gluedMm).toBeCloseTo(4 * one.seal.gluedMm, 6);
      expect(four.cut.seamMm).toBeGreaterThan(300);
      expect(four.cut.seamMm).toBeLessThan(450);
    }
  });
});

describe('a step made longer', () => {
  const laminated = starterItem('handPies', 6, 'You', 'roughPuff');
  const longer = (item: ItemInput, stepId: string, minutes: number) =>
    changed(item, (i) => void (i.clock.longer = [{ stepId, minutes }]));
  const minutesOf = (item: ItemInput, id: string) => planOf(item).steps.find((s) => s.id === id)?.minutes ?? 0;
  it('stays longer when there is one turn more before it, and no other does', () => {
    const more = (item: ItemInput) => changed(item, (i) => void (i.folds.turns += 1));
    for (const id of ['rollOut:1', 'shapedChill:all', 'fillSeal:1']) {
      const [plain, set] = [more(laminated), longer(more(laminated), id, 7)];
      expect([id, minutesOf(set, id) - minutesOf(plain, id)]).toEqual([id, expect.closeTo(7, 6)]);
      const others = planOf(set).steps.filter((s) => s.id !== id && s.kind === 'bench');
      const same = planOf(plain).steps.filter((s) => s.id !== id && s.kind === 'bench');
      expect(others.map((s) => [s.id, Math.round(s.minutes)])).toEqual(same.map((s) => [s.id, Math.round(s.minutes)]));
    }
  });
  it('may be the rest of the bare dough before its block: it comes out colder', () => {
    const block = changed(laminated, (i) => void (i.folds.lock = 'envelope'));
    expect(minutesOf(longer(block, 'rest:bare', 25), 'rest:bare') - minutesOf(block, 'rest:bare')).toBeCloseTo(25, 6);
    const endOf = (item: ItemInput) => Number(planOf(item).steps.find((s) => s.id === 'rest:bare')?.values['toC']);
    expect(endOf(longer(block, 'rest:bare', 25))).toBeLessThan(endOf(block));
  });
  it('has a name of its own, every one of a day', () => {
    fc.assert(
      fc.property(usualItem, (item) => {
        const ids = planOf(item).steps.map((s) => s.id);
        expect(new Set(ids).size).toBe(ids.length);
        expect(Math.max(...ids.map((id) => id.length))).toBeLessThanOrEqual(40);
      }),
      { numRuns: 20 },
    );
  });
});

describe('one oven and one cook', () => {
  const bakeOf = (...items: ItemInput[]) => planBake({ meal: starterMeal('2026-12-12T18:30', 6), items, kitchen });
  it('two trays are two shelves: a second item does not go in beside them', () => {
    const many = starterItem('handPies', 20, 'You');
    const few = starterItem('handPies', 6, 'You');
    expect(planOf(many).oven.trays).toBe(2);
    const { clock } = bakeOf(many, few);
    const [a, b] = clock.ovenRuns as [(typeof clock.ovenRuns)[0], (typeof clock.ovenRuns)[0]];
    expect(a.startMin < b.endMin && b.startMin < a.endMin).toBe(false);
  });
  it('the filling of the default hand pies is not cooked while the same hands roll', () => {
    const { clock } = bakeOf(starterItem('handPies', 6, 'You'));
    const mine = clock.steps.filter((s) => s.cook === 'You').sort((a, b) => a.startMin - b.startMin);
    for (let i = 1; i < mine.length; i++)
      expect((mine[i]?.startMin ?? 0) - (mine[i - 1]?.startMin ?? 0)).toBeGreaterThanOrEqual(
        (mine[i - 1]?.minutes ?? 0) - 1e-6,
      );
    expect(clock.problems.map((p) => p.code)).not.toContain('hands_taken');
  });
  it('bakes of unlike heats that cannot be kept apart are said', () => {
    const small = { ...kitchen, ovenShelves: 1 };
    const items = Array.from({ length: 8 }, (_, i) =>
      changed(starterItem('handPies', 40, 'You'), (item) => void (item.oven.setC = 180 + 10 * i)),
    );
    const { clock } = planBake({ meal: starterMeal('2026-12-12T18:30', 6), items, kitchen: small });
    const said = clock.problems.filter((p) => p.code === 'heats_overlap').length;
    expect(said).toBeGreaterThan(0);
  });
});
