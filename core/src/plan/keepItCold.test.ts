import { layers } from '../lamination/layers';
import { layerThickness, stackOf } from '../lamination/thickness';
import { valueAt } from './coldLine/line';
import { foldsOf, startOf } from './stations/dough/formula';
import { hiddenKitchen, readProbe, trueStretch } from './questions/hiddenKitchen';
import { planItem } from './item';
import { recalibrate } from './questions/recalibrate';
import { remedies } from './questions/remedies';
import { doughShapes } from './questions/shapes';
import { plainKitchen, starterItem } from './starters';
import { whatIfs } from './questions/changes';
import { changed, whatIf } from './questions/whatIf';
import type { ItemInput } from '../contracts/item';
import type { FoldsInput } from '../contracts/folds';
import type { KitchenInput } from '../contracts/kitchen';

const puff = starterItem('handPies', 18, 'You', 'roughPuff');
const withFolds = (folds: Partial<FoldsInput>, item: ItemInput = puff): ItemInput => ({
  ...item,
  folds: { ...item.folds, ...folds },
});
const plan = (item: ItemInput, kitchen: Partial<KitchenInput> = {}) => planItem(item, { ...plainKitchen, ...kitchen });
const folds = (item: ItemInput) => {
  const { lamination } = plan(item);
  if (lamination.kind !== 'folds') throw new Error('no folds');
  return lamination;
};
const stretchOf = (item: ItemInput, code: string, kitchen: Partial<KitchenInput> = {}) => {
  const found = plan(item, kitchen).line.stretches.find((s) => s.code === code);
  if (!found) throw new Error(`no ${code}`);
  return found;
};

describe('a way of bringing fat between layers', () => {
  it('in two thirds gives twice the leaves of an envelope', () => {
    const leaves = (lock: FoldsInput['lock']) => folds(withFolds({ lock })).figures.leaves.value;
    expect(leaves('twoThirds')).toBe(2 * (leaves('envelope') ?? 0));
    expect(leaves('half')).toBe(leaves('envelope'));
  });
  it('spread in portions lays a film between any two panels, and all of the fat is in the sheet', () => {
    expect(layers('envelope', [3], 1)).toMatchObject({ fat: 2, dough: 3, distinct: 5 });
    expect(layers('envelope', [3, 3], 2)).toMatchObject({ fat: 8, dough: 9 });
    const stack = stackOf('envelope', [3, 3, 4], 0.35, 2);
    expect(stack.filter((s) => s.kind === 'F')).toHaveLength(layers('envelope', [3, 3, 4], 2).fat);
    expect(stack.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
    expect(stack.filter((s) => s.kind === 'F').reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(0.35, 9);
    expect(() => layers('envelope', [3], 13)).toThrow('portions');
    expect(() => layerThickness({ lock: 'open', folds: [], thicknessM: 0.003, phiFat: 0.3, portions: 2 })).toThrow(
      'folds',
    );
  });
  it('as a block has its day: the fat waits cold, is beaten until it bends, and both come to one temperature', () => {
    const start = starterItem('handPies', 18, 'You', 'roughPuff');
    const block = {
      ...start,
      dough: { ...start.dough, ...startOf('blockPuff') },
      folds: { ...start.folds, ...foldsOf('blockPuff') },
    };
    const { line, steps, dough } = plan(block);
    expect(steps.map((s) => s.code)).toContain('lockIn');
    const lock = stretchOf(block, 'lockIn');
    const next = line.stretches[line.stretches.indexOf(line.stretches.find((s) => s.code === 'lockIn') as never) + 1];
    expect(lock.value[0]).toBe(block.dough.fatC);
    expect(lock.value.at(-1)).toBeGreaterThan(lock.value[0]);
    expect(next?.value[0]).toBeLessThan(lock.value.at(-1) as number);
    expect(dough.figures.outOfBowl.reason.values['apart']).toBe(1);
  });
  it('spread warms the sheet at each of its portions, and no more after them', () => {
    const spread = withFolds({ lock: 'spread', turns: 5 }, { ...puff, dough: { ...puff.dough, fatC: 16 } });
    const rows = folds(spread).rows;
    expect(rows.map((r) => r.spreadG > 0)).toEqual([true, true, true, false, false]);
    expect(rows.reduce((sum, r) => sum + r.spreadG, 0)).toBeCloseTo(plan(spread).dough.masses.fatG, 6);
  });
});

describe('turns of the cook’s own', () => {
  it('multiply in any order, and keep the volume of the sheet', () => {
    const own = withFolds({ ownFolds: ['letter', 'book', 'single'] });
    const { figures, rows } = folds(own);
    expect(figures.leaves.value).toBe(24);
    expect(rows.map((r) => r.panels)).toEqual([3, 4, 2]);
    for (const r of rows)
      expect(r.foldedLengthMm * r.widthMm * r.foldedMm).toBeCloseTo(r.lengthMm * r.widthMm * r.rolledMm, 3);
  });
  it('rest after a stretch for heat or for springing back, whichever is longer', () => {
    for (const { rest } of folds(puff).rows.filter((r) => r.rest)) expect(['heat', 'spring']).toContain(rest?.because);
    expect(folds(withFolds({ turnsAtOnce: 1 })).rows.filter((r) => r.rest)).toHaveLength(4);
    expect(folds(puff).rows.filter((r) => r.rest).length).toBeLessThan(4);
  });
  it('of twelve are warned of: the films are thinner than a grain of starch', () =>
    expect(plan(withFolds({ turns: 12 })).problems.map((p) => p.code)).toContain('films_merge'));
});

describe('a step made longer', () => {
  it('at the bench warms the fat further, in the cold cools it further, and what follows follows', () => {
    const [turns, rest] = [stretchOf(puff, 'turns'), plan(puff).line.stretches.find((s) => s.kind === 'cold')];
    const held = (stepId: string, minutes: number): ItemInput => ({
      ...puff,
      clock: { ...puff.clock, longer: [{ stepId, minutes }] },
    });
    const slower = stretchOf(held(turns.stepId, 6), 'turns');
    expect(slower.minutes).toBeCloseTo(turns.minutes + 6, 6);
    expect(slower.value.at(-1)).toBeGreaterThan(turns.value.at(-1) as number);
    const colder = plan(held(rest?.stepId ?? '', 30)).line.stretches.find((s) => s.stepId === rest?.stepId);
    expect(colder?.minutes).toBeCloseTo((rest?.minutes ?? 0) + 30, 3);
    expect(colder?.value.at(-1)).toBeLessThan(rest?.value.at(-1) as number);
    expect(stretchOf(held(rest?.stepId ?? '', 30), 'turns').value[0]).toBeLessThan(turns.value[0]);
  });
});

describe('a stack of leaves made longer', () => {
  it('dries further while it is bare', () => {
    const coil = starterItem('filoCoil', 8, 'You');
    const stack = stretchOf(coil, 'brushStack');
    const slow = { ...coil, clock: { ...coil.clock, longer: [{ stepId: stack.stepId, minutes: 8 }] } };
    expect(stretchOf(slow, 'brushStack').minutes).toBeCloseTo(stack.minutes + 8, 6);
    expect(stretchOf(slow, 'brushStack').value.at(-1)).toBeLessThan(stack.value.at(-1) as number);
  });
});

describe('the forecast’s spread', () => {
  it('holds the line between its slow and its fast run, on the bench and in the cold', () => {
    for (const s of plan(puff).line.stretches.filter((x) => x.low && x.high)) {
      const warming = (s.value.at(-1) as number) > s.value[0];
      s.value.forEach((v, i) => {
        const [a, b] = [s.low?.[i] ?? v, s.high?.[i] ?? v];
        expect(v).toBeGreaterThanOrEqual(Math.min(a, b) - 0.25);
        expect(v).toBeLessThanOrEqual(Math.max(a, b) + 0.25);
      });
      const [soonest, latest] = s.leavesRange ?? [null, null];
      if (warming && s.leavesBandAt !== null && soonest !== null) expect(soonest).toBeLessThanOrEqual(s.leavesBandAt);
      if (latest !== null && s.leavesBandAt !== null) expect(latest).toBeGreaterThanOrEqual(s.leavesBandAt);
    }
  });
});

describe('what if', () => {
  it('the kitchen were warmer there would be less in hand; on a cold stone, more', () => {
    const asked = whatIfs(puff, plainKitchen);
    const ask = (name: keyof typeof asked) => whatIf({ item: puff, kitchen: plainKitchen, changes: asked[name] ?? {} });
    const now = plan(puff).line.inHandMin ?? 0;
    expect(ask('warmKitchen').inHandMin).toBeLessThan(now);
    expect(ask('coldStone').inHandMin).toBeGreaterThan(now);
    expect(ask('shortening').inHandMin ?? Infinity).toBeGreaterThan(now);
    expect(Math.abs(whatIf({ item: puff, kitchen: plainKitchen, changes: {} }).moreMin)).toBe(0);
  });
  it('asks nothing of leaves, and refuses an input that is not there', () => {
    expect(whatIfs(starterItem('filoTray', 6, 'You'), plainKitchen)).toEqual({});
    expect(() => changed(puff, plainKitchen, { 'oven.door.handle': 1 })).toThrow('changes.oven.door.handle');
  });
});

describe('what cannot be', () => {
  const codes = (item: ItemInput, kitchen: Partial<KitchenInput> = {}) =>
    plan(item, kitchen).problems.map((p) => p.code);
  it('a fridge no colder than the kitchen is named', () => {
    expect(codes(puff, { fridgeC: 11, roomC: 10 })).toContain('fridge_warmer');
    expect(codes(puff)).not.toContain('fridge_warmer');
  });
  it('a block whose dough is longer than the bench stands in the way', () => {
    const many = withFolds({ lock: 'twoThirds' }, { ...puff, brief: { count: 60 } });
    expect(codes(many, { benchLengthMm: 500, benchWidthMm: 400 })).toContain('block_larger_than_bench');
    expect(codes(withFolds({ lock: 'envelope' }))).not.toContain('block_larger_than_bench');
  });
  it('a crumb that comes out of the bowl over its soft limit is paste', () => {
    const short = starterItem('handPies', 8, 'You', 'shortcrust');
    const hot = {
      ...short,
      dough: { ...short.dough, fatC: 25, waterToFlourPct: 0, others: [{ ingredient: 'coconutMilk', toFlourPct: 30 }] },
    };
    expect(codes(hot, { roomC: 32 })).toContain('crumb_melts');
    expect(codes(short)).not.toContain('crumb_melts');
  });
});

describe('a plan that cannot hold', () => {
  const hot = { ...plainKitchen, roomC: 26 };
  it('says at which step and by how many minutes it fails, and every way out it offers mends that step', () => {
    const found = remedies({ item: puff, kitchen: hot });
    expect(found.fails?.minutes).toBeGreaterThan(0);
    expect(found.remedies.length).toBeGreaterThan(1);
    for (const r of found.remedies) {
      const next = changed(puff, hot, r.changes);
      const line = planItem(next.item, next.kitchen).line;
      expect([r.name, line.inHandMin]).toEqual([r.name, r.inHandMin]);
      expect(r.hereMin).toBeGreaterThanOrEqual(0);
    }
  });
  it('offers nothing where it holds', () =>
    expect(remedies({ item: puff, kitchen: { ...plainKitchen, roomC: 18 } })).toEqual({ fails: null, remedies: [] }));
});

describe('a probe in the fat', () => {
  const read = (stepId: string, seed: number, minute: number) => {
    for (let m = minute; ; m += 1 / 6) {
      const { valueC } = readProbe({ item: puff, kitchen: plainKitchen, stepId, minute: m, seed });
      if (valueC !== null) return { minute: m, valueC };
    }
  };
  it.each(['turns', 'fillSeal', 'sheetRest'])(
    'halves what the forecast of %s was out by, over ten kitchens',
    (code) => {
      const s = stretchOf(puff, code);
      const end = s.minutes;
      let [before, after] = [0, 0];
      for (let seed = 1; seed <= 10; seed++) {
        const truth = trueStretch({ item: puff, kitchen: plainKitchen, stepId: s.stepId, seed });
        const readings = [read(s.stepId, seed, end * 0.2), read(s.stepId, seed, end * 0.5)];
        const line = recalibrate({ item: puff, kitchen: plainKitchen, stepId: s.stepId, readings });
        for (let m = end * 0.6; m <= end; m += end * 0.05) {
          before += Math.abs(valueAt(s, m) - valueAt(truth, m));
          after += Math.abs(valueAt(line, m) - valueAt(truth, m));
        }
      }
      expect(after).toBeLessThan(before / 2);
    },
  );
  it('is late, a little off and sometimes silent, the same each time it is asked; kitchens differ', () => {
    const { stepId } = stretchOf(puff, 'turns');
    const at = (minute: number) => readProbe({ item: puff, kitchen: plainKitchen, stepId, minute, seed: 5 }).valueC;
    const all = Array.from({ length: 60 }, (_, i) => at(i / 6));
    expect(all.filter((v) => v === null).length).toBeGreaterThan(0);
    expect(all.filter((v) => v === null).length).toBeLessThan(15);
    expect(Array.from({ length: 60 }, (_, i) => at(i / 6))).toEqual(all);
    const factors = Array.from({ length: 30 }, (_, i) => hiddenKitchen(i).benchFactor);
    expect(Math.min(...factors)).toBeLessThan(0.8);
    expect(Math.max(...factors)).toBeGreaterThan(1.25);
  });
  it('read once moves the forecast but teaches nothing; read twice it names what bench or fridge would keep', () => {
    const { stepId, value } = stretchOf(puff, 'turns');
    const once = [{ minute: 2, valueC: value[0] + 3 }];
    const one = recalibrate({ item: puff, kitchen: plainKitchen, stepId, readings: once });
    expect(one).toMatchObject({ status: 'tooFew', keeps: null });
    expect(one.value[0]).toBeGreaterThan(value[0]);
    const two = recalibrate({
      item: puff,
      kitchen: plainKitchen,
      stepId,
      readings: [read(stepId, 3, 2), read(stepId, 3, 6)],
    });
    expect(two.keeps?.field).toBe('benchFactor');
    const cold = stretchOf(puff, 'rest');
    const fridge = recalibrate({
      item: puff,
      kitchen: plainKitchen,
      stepId: cold.stepId,
      readings: [
        { minute: 1, valueC: 10 },
        { minute: 8, valueC: 9 },
      ],
    });
    expect(fridge.keeps?.field).toBe('fridgeFactor');
  });
  it('of a step that has no sheet is refused with the steps that have', () => {
    expect(() =>
      recalibrate({ item: puff, kitchen: plainKitchen, stepId: 'weigh1', readings: [{ minute: 1, valueC: 9 }] }),
    ).toThrow('stepId');
    expect(() =>
      recalibrate({ item: puff, kitchen: plainKitchen, stepId: stretchOf(puff, 'turns').stepId, readings: [] }),
    ).toThrow('readings');
  });
});

describe('the shape for the fridge', () => {
  it('chills the faster the thinner it is, and unevenly where it is thick', () => {
    const { shapes } = doughShapes({ item: starterItem('handPies', 18, 'You', 'shortcrust'), kitchen: plainKitchen });
    const of = (name: string) => shapes.find((s) => s.name === name);
    expect(of('disc')?.minutes).toBeLessThan(of('log')?.minutes ?? 0);
    expect(of('log')?.minutes).toBeLessThan(of('ball')?.minutes ?? 0);
    for (const s of shapes) {
      expect(s.surfaceC).toBeLessThanOrEqual(s.middleC);
      expect(s.range?.[0]).toBeLessThan(s.minutes ?? 0);
      expect(s.freezerMin).toBeLessThan(s.minutes ?? 0);
    }
  });
  it('is the same dough in all of them', () => {
    const [thin, thick] = [15, 40].map((thicknessMm) =>
      doughShapes({ item: puff, kitchen: plainKitchen, thicknessMm }),
    );
    expect(thin?.shapes[0]?.minutes).toBeLessThan(thick?.shapes[0]?.minutes ?? 0);
    expect(thin?.shapes[4]).toEqual(thick?.shapes[4]);
  });
});
