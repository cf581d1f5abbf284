import { smallCodes } from './compile';
import fc from 'fast-check';
import type { ClockPlan } from './clockPlan';
import { type ItemInput } from '../contracts/item';
import { planBake } from '../plan/bake';
import { closingCodes } from '../plan/steps/codes';
import { plainKitchen, starterItem, starterMeal } from '../plan/starters';
import { pastriesOf, products } from '../contracts/products';
import type { KitchenInput } from '../contracts/kitchen';
import type { BakeInput } from '../plan/inputs';

const two: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Noor'] };
const bake = (items: ItemInput[], kitchen: KitchenInput = two): ClockPlan =>
  planBake({ meal: starterMeal('2026-12-12T18:30', 8), items, kitchen } satisfies BakeInput).clock;
const at = (item: ItemInput, setC: number, fan = false): ItemInput => ({
  ...item,
  oven: { ...item.oven, setC, mode: fan ? 'fan' : 'conv' },
});
const pots = starterItem('potPies', 6, 'Ines');
const coil = starterItem('filoCoil', 6, 'Noor');
const hands = starterItem('handPies', 8, 'Ines', 'roughPuff');

const anySupper = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...products.flatMap((p) => pastriesOf[p].map((pastry) => [p, pastry] as const))),
      count: fc.integer({ min: 2, max: 12 }),
      setC: fc.constantFrom(170, 180, 200, 220),
      fan: fc.boolean(),
      cook: fc.constantFrom('Ines', 'Noor'),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((dishes) => dishes.map((d) => at(starterItem(d.kind[0], d.count, d.cook, d.kind[1]), d.setC, d.fan)));

/** Suppers of one to four dishes at all sorts of heats, in kitchens of one to three shelves, each planned once. */
const suppers = fc
  .sample(fc.tuple(anySupper, fc.integer({ min: 1, max: 3 })), { numRuns: 10, seed: 12 })
  .map(([items, ovenShelves]) => {
    const kitchen = { ...two, ovenShelves };
    return { items, ovenShelves, plan: planBake({ meal: starterMeal('2026-12-12T18:30', 8), items, kitchen }) };
  });

describe('one oven for all', () => {
  it('never holds more than it has shelves, nor two heats at once, and has time to change between them', () => {
    for (const { items, ovenShelves, plan } of suppers) {
      const { ovenRuns } = plan.clock;
      expect(ovenRuns).toHaveLength(items.length);
      for (const run of ovenRuns) {
        const beside = ovenRuns.filter((o) => o.startMin < run.endMin - 1e-6 && run.startMin < o.endMin - 1e-6);
        for (const other of beside) {
          expect(Math.abs(other.setC - run.setC)).toBeLessThanOrEqual(10);
          expect(other.mode).toBe(run.mode);
        }
      }
      // at every beginning of a run, what is in the oven fits its shelves
      for (const { startMin } of ovenRuns)
        expect(
          ovenRuns.filter((o) => o.startMin <= startMin + 1e-6 && startMin + 1e-6 < o.endMin).length,
        ).toBeLessThanOrEqual(ovenShelves);
    }
  });
  it('takes two pies of one heat together where it has two shelves, one after the other where it has one', () => {
    const together = bake([at(pots, 200), at(coil, 200)], { ...two, ovenShelves: 2 }).ovenRuns;
    expect(together[0]?.endMin).toBeGreaterThan(together[1]?.startMin);
    const apart = bake([at(pots, 200), at(coil, 200)], { ...two, ovenShelves: 1 }).ovenRuns;
    expect(apart[0]?.endMin).toBeLessThanOrEqual(apart[1]?.startMin);
  });
  it('is given longer to climb than to fall', () => {
    const gap = (first: number, second: number) => {
      // the later in the list bakes earlier
      const [early, late] = bake([at(pots, second), at(coil, first)], { ...two, ovenShelves: 1 }).ovenRuns;
      return (late?.startMin ?? 0) - (early?.endMin ?? 0);
    };
    expect(gap(180, 220)).toBeGreaterThanOrEqual(40 / 1.9 - 0.1);
    expect(gap(220, 180)).toBeGreaterThanOrEqual(40 / 4 - 0.1);
    expect(gap(180, 220)).toBeGreaterThan(gap(220, 180));
  });
  it('is switched on before each bake', () => {
    for (const { plan } of suppers) {
      for (const run of plan.clock.ovenRuns) expect(run.preheatFromMin).toBeLessThanOrEqual(run.startMin);
    }
  });
  it('that is taken leaves a pie standing, and says how long', () => {
    const many = Array.from({ length: 4 }, (_, i) => at(pots, i % 2 ? 170 : 220));
    const { problems } = bake(many, { ...two, ovenShelves: 1 });
    const stands = problems.filter((p) => p.code === 'stands_long');
    expect(stands.length).toBeGreaterThan(0);
    for (const p of stands) expect(Number(p.values['minutes'])).toBeGreaterThan(60);
  });
});

describe('hands', () => {
  it('are asked of nobody twice at once, unless the Clock says so', () => {
    for (const { items, plan } of suppers) {
      const { steps, problems } = plan.clock;
      const taken = new Set(problems.filter((p) => p.code === 'hands_taken').map((p) => p.values['item']));
      const worked = steps.filter((s) => s.cook && s.kind !== 'tend' && !taken.has(items[s.itemIndex]?.title ?? ''));
      for (const a of worked)
        for (const b of worked)
          if (
            a !== b &&
            a.cook === b.cook &&
            // what can be put down goes on beside a pot
            !((smallCodes.has(a.code) && b.kind === 'hob') || (a.kind === 'hob' && smallCodes.has(b.code)))
          )
            expect(a.startMin + a.minutes <= b.startMin + 1e-6 || b.startMin + b.minutes <= a.startMin + 1e-6).toBe(
              true,
            );
    }
  });
  it('of each cook add up to what the figure says', () => {
    const { hands: each, figures, steps } = bake([hands, coil]);
    expect(each.reduce((sum, h) => sum + h.minutes, 0)).toBeCloseTo(figures.hands.value ?? 0, 6);
    for (const { cook, minutes } of each)
      expect(steps.filter((s) => s.cook === cook).reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(minutes, 6);
  });
  it('of the other cook make the filling', () => {
    const filling = bake([hands]).steps.find((s) => s.code === 'cookFilling');
    expect(filling?.cook).toBe('Noor');
    expect(bake([hands], { ...two, cooks: ['Ines'] }).steps.find((s) => s.code === 'cookFilling')?.cook).toBe('Ines');
  });
  it('of a cook who is not in this kitchen are those of the first who is', () => {
    const { steps } = bake([{ ...coil, clock: { ...coil.clock, cook: 'Somebody' } }]);
    expect(new Set(steps.map((s) => s.cook).filter(Boolean))).toEqual(new Set(['Ines', 'Noor']));
  });
});

describe('the order of the day', () => {
  it('has every pie out before the table, its filling ready before it is closed, its steps one after the other', () => {
    for (const { items, plan } of suppers) {
      const { steps, startMin } = plan.clock;
      expect(startMin).toBe(Math.min(...steps.map((s) => s.startMin)));
      expect([...steps].sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex)).toEqual(steps);
      items.forEach((_, index) => {
        const own = steps.filter((s) => s.itemIndex === index);
        const pastry = own.filter((s) => s.strand === 'pastry' && s.kind !== 'tend');
        pastry.slice(1).forEach((s, i) => {
          const before = pastry[i];
          expect(s.startMin).toBeGreaterThanOrEqual((before?.startMin ?? 0) + (before?.minutes ?? 0) - 1e-6);
        });
        const last = pastry.at(-1);
        expect((last?.startMin ?? 0) + (last?.minutes ?? 0)).toBeCloseTo(0, 6);
        const closing = own.find((s) => closingCodes.includes(s.code));
        const cool = own.find((s) => s.code === 'coolFilling');
        if (closing && cool) expect(cool.startMin + cool.minutes).toBeLessThanOrEqual(closing.startMin + 1e-6);
      });
    }
  });
  it('stretches only the last chill while hands are taken, and no further than it may', () => {
    for (const { plan } of suppers) {
      for (const s of plan.clock.steps.filter((x) => x.strand === 'pastry' && x.kind !== 'stand')) {
        const own = plan.items[s.itemIndex]?.steps.find((x) => x.id === s.id);
        expect(s.minutes).toBeGreaterThanOrEqual((own?.minutes ?? 0) - 1e-6);
        expect(s.minutes - (own?.minutes ?? 0)).toBeLessThanOrEqual((own?.elasticMin ?? 0) + 5);
      }
    }
  });
});

describe('a cook who is there for part of the day', () => {
  const suppersOf = (hours: KitchenInput['hours']) =>
    suppers.map(({ items, ovenShelves }) => bake(items, { ...two, ovenShelves, ...(hours ? { hours } : {}) }));
  /** Minutes of the clock at which hands are asked of somebody. */
  const asked = (plan: ClockPlan, cook: string) =>
    plan.steps
      .filter((s) => s.cook === cook && s.kind !== 'tend' && s.minutes > 0)
      .map((s) => [18.5 * 60 + s.startMin, 18.5 * 60 + s.startMin + s.minutes] as const);
  it('is asked for nothing while they are away, or it is said', () => {
    let kept = 0;
    for (const plan of suppersOf([{ cook: 'Noor', fromMin: 8 * 60, toMin: 15 * 60 }])) {
      if (plan.problems.some((p) => p.code === 'hands_taken')) continue;
      kept++;
      for (const [from, to] of asked(plan, 'Noor')) {
        const day = Math.floor(from / 1440) * 1440;
        expect(from - day).toBeGreaterThanOrEqual(8 * 60 - 1e-6);
        expect(to - day).toBeLessThanOrEqual(15 * 60 + 1e-6);
      }
    }
    expect(kept).toBeGreaterThan(0);
  });
  it('over midnight is there from the evening on to the morning', () => {
    for (const plan of suppersOf([{ cook: 'Noor', fromMin: 20 * 60, toMin: 10 * 60 }])) {
      if (plan.problems.some((p) => p.code === 'hands_taken')) continue;
      for (const [from, to] of asked(plan, 'Noor')) {
        const minuteOfDay = ((from % 1440) + 1440) % 1440;
        expect(minuteOfDay < 10 * 60 + 1e-6 || minuteOfDay > 20 * 60 - 1e-6).toBe(true);
        expect(to - from).toBeLessThanOrEqual(14 * 60);
      }
    }
  });
  it('all day long, or nobody known, changes nothing', () => {
    const plain = suppersOf(undefined).map((p) => p.steps);
    expect(suppersOf([{ cook: 'Somebody', fromMin: 60, toMin: 120 }]).map((p) => p.steps)).toEqual(plain);
  });
});

describe('who does what', () => {
  const shared: KitchenInput = {
    ...two,
    does: [
      { cook: 'Ines', does: ['pastry'] },
      { cook: 'Noor', does: ['filling', 'oven'] },
    ],
  };
  const cooksOf = (plan: ClockPlan, of: (s: ClockPlan['steps'][number]) => boolean) =>
    [...new Set(plan.steps.filter((s) => s.cook !== null && of(s)).map((s) => s.cook))].sort();
  it('is kept, whoever the pie was given to', () => {
    const plan = bake([pots, { ...hands, clock: { ...hands.clock, cook: 'Noor' } }], shared);
    const oven = (s: ClockPlan['steps'][number]) => s.kind === 'tend' || s.code === 'glaze';
    expect(cooksOf(plan, (s) => s.strand === 'filling')).toEqual(['Noor']);
    expect(cooksOf(plan, oven)).toEqual(['Noor']);
    expect(cooksOf(plan, (s) => s.strand === 'pastry' && !oven(s))).toEqual(['Ines']);
  });
  it('is anybody’s where nobody is said to do it', () => {
    const nobody: KitchenInput = { ...two, does: two.cooks.map((cook) => ({ cook, does: ['pastry'] })) };
    expect(bake([pots], nobody).steps).toEqual(bake([pots], two).steps);
  });
});

describe('rings of a hob', () => {
  const pies = [starterItem('dishPie', 4, 'Ines'), starterItem('dishPie', 4, 'Noor')];
  const together = (hobRings: number) => {
    const [a, b] = bake(pies, { ...two, ovenShelves: 3, hobRings }).steps.filter((s) => s.kind === 'hob');
    return a.startMin < b.startMin + b.minutes - 1e-6 && b.startMin < a.startMin + a.minutes - 1e-6;
  };
  it('let two cooks stir at once, and on a single one they stir in turn', () => {
    expect(together(2)).toBe(true);
    expect(together(1)).toBe(false);
  });
});
