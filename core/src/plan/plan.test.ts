import { smallCodes } from '../clock/compile';
import fc from 'fast-check';
import { compute } from '../models';
import { coil, dish, kitchen, supper, turnovers } from '../testing/lanternSupper';
import { workBand } from './coldLine/band';
import { valueAt } from './coldLine/line';
import { type Figure } from './figure';
import { type ItemInput } from '../contracts/item';
import { planItem, touchedStations, type ItemPlan } from './item';
import { needsOf } from './needs/needs';
import { shortages } from './needs/shortages';
import { planBake, type BakePlanResult } from './bake';
import { plainKitchen, starterItem } from './starters';
import { stations } from '../contracts/stations';
import { pastriesOf, products } from '../contracts/products';
import type { KitchenInput } from '../contracts/kitchen';

const figuresOf = (p: ItemPlan): Figure[] =>
  [p.cut, p.dough, p.lamination, p.filling, p.seal, p.oven].flatMap((s) =>
    Object.values(s.figures as Record<string, Figure>),
  );
const made = products.flatMap((product) => pastriesOf[product].map((pastry) => [product, pastry] as const));

describe.each(made)('a starter of %s in %s', (product, pastry) => {
  const item = starterItem(product, 6, 'You', pastry);
  const plan = planItem(item, plainKitchen);

  it('passes its own input rules', () => {
    const answer = compute('plan.item', { item, kitchen: plainKitchen });
    expect(answer.ok ? [] : answer.errors).toEqual([]);
  });
  it('gives every station figures, each with a reason and a source', () => {
    for (const figure of figuresOf(plan)) {
      expect(figure.reason.code).toMatch(/^[a-z]+\./);
      expect(figure.reason.source).not.toBe('');
      if (figure.value !== null) expect(Number.isFinite(figure.value)).toBe(true);
      if (figure.range) expect(figure.range[0]).toBeLessThanOrEqual(figure.range[1]);
    }
  });
  it('has nothing that stops it', () => expect(plan.problems.filter((p) => p.weight === 'stop')).toEqual([]));
  it('ends in the oven and a stand, with no step of no time', () => {
    // what is done at the oven meanwhile stands with its bake
    const inTurn = plan.steps.filter((s) => s.kind !== 'tend');
    expect(inTurn.slice(-2).map((s) => s.code)).toEqual(['bake', 'stand']);
    // only the wait of a closed pie may be none: the Clock lengthens it where hands are taken
    for (const s of plan.steps) if (s.code !== 'shapedChill') expect(s.minutes).toBeGreaterThan(0);
    expect(new Set(plan.steps.map((s) => s.id)).size).toBe(plan.steps.length);
  });
  it('draws a line as long as its steps, without gaps in time', () => {
    for (const s of plan.line.stretches) {
      expect(s.at[0]).toBe(0);
      expect(s.at[s.at.length - 1]).toBeCloseTo(s.minutes, 1);
      expect(s.at).toHaveLength(s.value.length);
      expect(plan.steps.find((step) => step.id === s.stepId)?.minutes).toBeCloseTo(s.minutes, 9);
    }
  });
});

describe('the dough', () => {
  const plan = planItem(turnovers(), kitchen);
  const { masses } = plan.dough;
  it('weighs what the Cut asks for and what sticks to the bowl', () => {
    expect(masses.flourG + masses.fatG + masses.waterG + masses.saltG).toBeCloseTo(masses.totalG, 9);
    expect(masses.totalG).toBeGreaterThan(plan.cut.doughMassG);
    expect(masses.totalG).toBeLessThan(plan.cut.doughMassG * 1.05);
  });
  it('keeps its ratios to flour', () =>
    expect((100 * masses.fatG) / masses.flourG).toBeCloseTo(turnovers().dough.fatToFlourPct, 9));
  it('grows with the pieces', () => {
    const more = planItem({ ...turnovers(), brief: { count: 24 } }, kitchen);
    expect(more.dough.masses.totalG).toBeGreaterThan(1.6 * masses.totalG);
  });
  it('asks for ice in a hot kitchen', () => {
    const hot = planItem(turnovers(), { ...kitchen, roomC: 27, tapC: 16 });
    expect(hot.dough.masses.iceG).toBeGreaterThan(0);
  });
});

describe('the Cold Line', () => {
  it('joins each step to the one before, but for a lot fetched from the cold', () => {
    const { stretches } = planItem(dish(), kitchen).line;
    for (let i = 1; i < stretches.length; i++) {
      const before = stretches[i - 1]?.value ?? [];
      expect(stretches[i]?.value[0]).toBeCloseTo(before[before.length - 1] ?? NaN, 1);
    }
  });
  it('falls in the cold and rises at the bench', () => {
    for (const s of planItem(turnovers(), kitchen).line.stretches.slice(2)) {
      const [first, last] = [s.value[0], s.value[s.value.length - 1]];
      if (s.kind === 'cold') expect(last).toBeLessThanOrEqual(first + 1e-6);
      else expect(last).toBeGreaterThanOrEqual(first - 1e-6);
    }
  });
  it('leaves fewer minutes in hand in a warmer kitchen', () => {
    const inHand = (roomC: number) => planItem(dish(), { ...kitchen, roomC }).line.inHandMin ?? Infinity;
    expect(inHand(25)).toBeLessThan(inHand(18));
  });
  it('splits pieces into lots where the band is too short for all', () => {
    const many = { ...turnovers(), brief: { count: 40 } };
    expect(planItem(many, { ...kitchen, roomC: 25 }).lots).toBeGreaterThan(1);
  });
  it('gives a chill a range that holds its middle', () => {
    const rest = planItem(turnovers(), kitchen).lamination.figures as Record<string, Figure>;
    const { value, range } = rest['rest'];
    expect(range?.[0]).toBeLessThanOrEqual(value as number);
    expect(range?.[1]).toBeGreaterThanOrEqual(value as number);
  });
  it('says so when a fridge never gets the fat cold enough', () => {
    const plan = planItem(
      { ...turnovers(), dough: { ...turnovers().dough, fat: 'lard' } },
      { ...kitchen, fridgeC: 11 },
    );
    expect(plan.problems.map((p) => p.code)).toContain('chill_never_ends');
  });
  it('has a narrower band for coconut than for puff margarine', () => {
    const width = (fat: string) => {
      const b = workBand('roughPuff', fat);
      return b ? b.high - b.low : 0;
    };
    expect(width('coconut')).toBeLessThan(width('puffMargarine'));
    expect(workBand('shortcrust', 'oil')).toBeNull();
  });
  it('is the damp of the leaf for filo, drying while bare', () => {
    const { line } = planItem(coil(), kitchen);
    expect(line.medium).toBe('leaf');
    for (const s of line.stretches.filter((x) => x.kind === 'bench'))
      expect(s.value[s.value.length - 1]).toBeLessThan(s.value[0]);
  });
  it('reads a value between its points', () => {
    expect(valueAt({ at: [0, 10], value: [4, 8] }, 5)).toBe(6);
    expect(valueAt({ at: [0, 10], value: [4, 8] }, 99)).toBe(8);
  });
});

describe('changing an input', () => {
  const before = planItem(turnovers(), kitchen);
  const after = (change: (i: ItemInput) => void) => {
    const item = turnovers();
    change(item);
    return touchedStations(before, planItem(item, kitchen));
  };
  it('of the wash touches Seal and Oven, not the dough', () => {
    const touched = after((i) => (i.seal.wash = 'none'));
    expect(touched).toEqual(expect.arrayContaining(['seal', 'oven', 'clock']));
    expect(touched).not.toContain('dough');
    expect(touched).not.toContain('cut');
  });
  it('of the sheet’s thickness touches dough, folds and oven', () => {
    expect(after((i) => (i.cut.thicknessMm = 4))).toEqual(expect.arrayContaining(['dough', 'folds', 'cut', 'oven']));
  });
  it('of nothing touches nothing', () => expect(after(() => undefined)).toEqual([]));
});

describe('what cannot be', () => {
  const problems = (item: ItemInput, k: KitchenInput = kitchen) =>
    planItem(item, k).problems.filter((p) => p.weight === 'stop');
  it.each([
    [
      'a cutter wider than the bench',
      { ...turnovers(), cut: { ...turnovers().cut, cutterMm: 250 } },
      { ...kitchen, benchWidthMm: 230, benchLengthMm: 240, pinMm: 230 },
      'piece_bigger_than_bench',
    ],
    [
      'a rim wider than the piece',
      { ...turnovers(), cut: { ...turnovers().cut, cutterMm: 50 }, seal: { ...turnovers().seal, rimMm: 24 } },
      kitchen,
      'rim_too_wide',
    ],
    ['a dish pie without a dish', { ...dish(), cut: { ...dish().cut, vessel: null } }, kitchen, 'no_dish'],
    [
      'a dish larger than the bench',
      dish(),
      { ...kitchen, benchLengthMm: 300, benchWidthMm: 260 },
      'piece_bigger_than_bench',
    ],
    [
      'a dish pie of leaves',
      { ...dish(), dough: { ...dish().dough, pastry: 'filo' as const } },
      kitchen,
      'pastry_does_not_fit',
    ],
    [
      'an oven too cool to bake in',
      {
        ...turnovers(),
        oven: { ...turnovers().oven, setC: 120 },
        filling: { ...turnovers().filling, type: 'apple_raw' as const },
      },
      { ...kitchen, ovenOffsetC: -40 },
      'never_ready',
    ],
    [
      'a folded packet thinner than the sheet',
      { ...turnovers(), brief: { count: 2 }, folds: { ...turnovers().folds, rolledLengthMm: 800 } },
      kitchen,
      'final_thicker_than_packet',
    ],
  ])('%s is named, and the rest is still worked out', (_what, item, k, code) => {
    expect(problems(item, k).map((p) => p.code)).toContain(code);
  });
  it('refuses an item with a typed slip, naming the field', () => {
    const item = { ...turnovers(), brief: { count: 0 } };
    expect(compute('plan.item', { item, kitchen })).toMatchObject({
      ok: false,
      errors: [{ field: 'item.brief.count', code: 'out_of_range', value: 0 }],
    });
  });
});

describe('the Clock', () => {
  const result: BakePlanResult = planBake(supper());
  const { steps, ovenRuns } = result.clock;
  const end = (s: { startMin: number; minutes: number }) => s.startMin + s.minutes;

  it('has everything at the table at nought', () => {
    for (const s of steps.filter((x) => x.code === 'stand')) expect(end(s)).toBeCloseTo(0, 6);
    for (const s of steps) expect(end(s)).toBeLessThanOrEqual(1e-6);
  });
  it('keeps every pie’s own steps in order and without a gap', () => {
    for (const index of [0, 1, 2]) {
      const own = steps
        .filter((s) => s.itemIndex === index && s.strand === 'pastry' && s.kind !== 'tend')
        .sort((a, b) => a.startMin - b.startMin);
      for (let i = 1; i < own.length; i++) expect(own[i]?.startMin).toBeCloseTo(end(own[i - 1]), 3);
    }
  });
  it('never asks one cook for two pairs of hands, unless it says so', () => {
    for (const cook of kitchen.cooks) {
      // a moment at the oven door keeps nobody from other work, nor a pot from brushing a pie
      const own = steps
        .filter((s) => s.cook === cook && s.kind !== 'tend' && !smallCodes.has(s.code))
        .sort((a, b) => a.startMin - b.startMin);
      const twice = own.some((s, i) => i > 0 && s.startMin < end(own[i - 1]) - 1e-6);
      expect(twice && !result.clock.problems.some((p) => p.code === 'hands_taken')).toBe(false);
    }
  });
  it('never asks the oven for two heats at once', () => {
    for (const a of ovenRuns)
      for (const b of ovenRuns) {
        const together = a.itemIndex !== b.itemIndex && a.startMin < b.endMin && b.startMin < a.endMin;
        if (together) expect(Math.abs(a.setC - b.setC)).toBeLessThanOrEqual(10);
      }
  });
  it('leaves the oven time to climb between two heats', () => {
    const items = [turnovers(), dish()].map((i, n) => ({ ...i, oven: { ...i.oven, setC: n ? 170 : 220 } }));
    const { clock } = planBake({ meal: supper().meal, items, kitchen });
    const [first, second] = clock.ovenRuns as [(typeof clock.ovenRuns)[0], (typeof clock.ovenRuns)[0]];
    expect(second.startMin - first.endMin).toBeGreaterThanOrEqual(Math.abs(second.setC - first.setC) / 4 - 1e-6);
  });
  it('has the filling cold before the pastry is closed', () => {
    const cooled = steps.find((s) => s.itemIndex === 0 && s.code === 'coolFilling');
    const closing = steps.find((s) => s.itemIndex === 0 && s.code === 'fillSeal');
    expect(end(cooled as never)).toBeLessThanOrEqual((closing?.startMin ?? 0) + 1e-6);
  });
  it('is the same twice', () => expect(planBake(supper()).clock).toEqual(result.clock));
  it('runs for any small supper without a broken number', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...made), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 2, max: 14 }),
        fc.integer({ min: 16, max: 26 }),
        (list, mouths, roomC) => {
          const items = list.map(([product, pastry]) => starterItem(product, mouths, 'Ines', pastry));
          const answer = compute('plan.bake', { ...supper(), items, kitchen: { ...kitchen, roomC } });
          expect(answer.ok).toBe(true);
        },
      ),
      { numRuns: 8 },
    );
  });
});

describe('what the larder must give', () => {
  const { items, kitchen: k } = supper();
  const plans = items.map((i) => planItem(i, k));
  it('adds one thing up over all pies', () => {
    const butter = needsOf(items, plans).find((n) => n.name === 'Butter');
    expect(butter?.forItems).toHaveLength(3);
    expect(butter?.grams).toBeCloseTo(
      plans.reduce((sum, p) => sum + p.dough.masses.fatG, 0),
      6,
    );
  });
  it('is short only of what is not there', () => {
    const needs = [
      { name: 'Butter', grams: 700, forItems: [] },
      { name: 'Flour', grams: 500, forItems: [] },
    ];
    expect(
      shortages(needs, [
        { name: 'Butter, 82 %', grams: 640 },
        { name: 'flour, white', grams: 900 },
      ]),
    ).toEqual([{ name: 'Butter', needG: 700, haveG: 640, shortG: 60 }]);
  });
});

it('every station has its place in the order of work', () => {
  expect(stations).toEqual(['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock']);
});
