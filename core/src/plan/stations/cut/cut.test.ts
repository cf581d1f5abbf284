import { handPieceKinds } from '../../../filling/handPiece';
import type { ItemInput } from '../../../contracts/item';
import { planItem } from '../../item';
import { plainKitchen, starterItem } from '../../starters';
import { planCut } from './station';

const hand = (cut: Partial<ItemInput['cut']> = {}, more: Partial<ItemInput> = {}): ItemInput => {
  const item = starterItem('handPies', 12, 'You', 'shortcrust');
  return { ...item, cut: { ...item.cut, pieceKind: 'round2', cutterMm: 92, ...cut }, ...more };
};
const dish = (cut: Partial<ItemInput['cut']> = {}): ItemInput => {
  const item = starterItem('dishPie', 6, 'You', 'shortcrust');
  return { ...item, cut: { ...item.cut, ...cut } };
};
const plan = (item: ItemInput) => planCut(item, plainKitchen);
const stops = (item: ItemInput) => plan(item).problems.filter((p) => p.weight === 'stop');
const grams = (item: ItemInput) => plan(item).doughMassG;

describe('pieces of every kind', () => {
  it.each(handPieceKinds.map((k) => [k]))(
    '%s: as many as are wanted are cut, and a whole plan follows',
    (pieceKind) => {
      const item = hand({ pieceKind, cutterMm: 110, otherMm: pieceKind === 'log' ? 300 : 90, sliceMm: 50 });
      const cut = plan(item);
      expect(cut.problems).toEqual([]);
      const wanted = Number(cut.figures.firstRoll.reason.values['of']);
      expect(cut.generations.reduce((sum, g) => sum + g.n, 0)).toBe(wanted);
      for (const g of cut.generations) expect(g.layout.n).toBeGreaterThanOrEqual(Math.ceil(g.n / g.sheets));
      const whole = planItem(item, plainKitchen);
      expect(whole.oven.minutes ?? 0).toBeGreaterThan(5);
      expect(whole.filling.totalG).toBeGreaterThan(0);
    },
  );
  it('of two pieces: lids come first, bases from what shrinks more', () => {
    const { generations } = plan(hand());
    expect(generations.reduce((sum, g) => sum + g.lids, 0)).toBe(12);
    expect(generations.reduce((sum, g) => sum + g.bases, 0)).toBe(12);
    expect(generations[0]?.lids).toBe(Math.min(12, generations[0]?.n ?? 0));
  });
});

describe('a round left thicker in the middle', () => {
  const thick = { pieceKind: 'halfmoon' as const, cutterMm: 140, thicknessMm: 4 };
  it('is cut smaller, needs less dough, and is finished at its size; its edge is rolled out at the cut', () => {
    const [even, left] = [plan(hand(thick)), plan(hand({ ...thick, edgeMm: 2 }))];
    expect(left.edge).toMatchObject({ finishedMm: 140, middleMm: 70, edgeMm: 2 });
    expect(left.doughMassG).toBeLessThan(even.doughMassG);
    expect(left.comfortableMl).toBe(even.comfortableMl);
    expect(left.cutMin).toBeGreaterThan(even.cutMin);
    const step = planItem(hand({ ...thick, edgeMm: 2 }), plainKitchen).steps.find((s) => s.code === 'cut');
    expect(step?.values).toMatchObject({ cutter: left.edge?.blankMm, finished: 140, edge: 2 });
  });
  it('from its own ball weighs what the ball does', () => {
    const left = plan(hand({ ...thick, edgeMm: 2, from: 'balls' }));
    const blank = left.edge?.blankMm ?? 0;
    expect(left.generations[0]?.pieceMass).toBeCloseTo((Math.PI / 4) * (blank / 10) ** 2 * 0.4 * 1.2, 1);
  });
  it('is not asked of what is closed before it is cut', () =>
    expect(plan(hand({ ...thick, edgeMm: 2, from: 'closed' })).edge).toBeNull());
});

describe('the first sheet as the cook rolls it', () => {
  it('is kept, and the later rolls follow from what it leaves', () => {
    const cut = plan(hand({ sheetLengthMm: 500, sheetWidthMm: 400 }));
    expect(cut.rolled).toMatchObject({ lengthMm: 500, widthMm: 400 });
    const pieces = cut.generations.reduce((sum, g) => sum + g.n * g.pieceMass, 0);
    expect(pieces + cut.savedG).toBeLessThanOrEqual(cut.doughMassG + 1e-6);
  });
  it('too small even rolled again is said, with how many it gives', () => {
    const [problem] = stops(hand({ sheetLengthMm: 200, sheetWidthMm: 120, maxReRolls: 0 }, { brief: { count: 60 } }));
    expect(problem).toMatchObject({ code: 'sheet_too_small', values: { of: 120 } });
  });
  it('larger than bench or pin is named, and so is a cutter wider than it', () => {
    expect(stops(hand({ sheetLengthMm: 1500, sheetWidthMm: 400 })).map((p) => p.code)).toContain('sheet_over_bench');
    expect(stops(hand({ sheetLengthMm: 400, sheetWidthMm: 90 })).map((p) => p.code)).toContain('cutter_over_sheet');
  });
  it('with pieces laid by hand gives just those; one over the trim is said', () => {
    const d = plan(hand()).generations[0]?.cutter ?? 94;
    const at = (x: number) => ({ x, y: 60 });
    const own = { sheetLengthMm: 400, sheetWidthMm: 300 };
    const fine = plan(hand({ ...own, placed: [at(60), at(60 + d + 2)] }));
    expect(fine.problems.map((p) => p.code)).not.toContain('laid_wrong');
    expect(fine.generations[0]?.layout.n).toBe(2);
    const wrong = stops(hand({ ...own, placed: [at(20), at(100)] }));
    expect(wrong.find((p) => p.code === 'laid_wrong')?.values).toMatchObject({ outside: 1, overlapping: 1 });
  });
});

describe('what cannot be cut', () => {
  it('is named: a piece larger than the bench, a rim wider than the piece, an outline that crosses itself', () => {
    const small = { ...plainKitchen, benchLengthMm: 250, benchWidthMm: 220, pinMm: 220 };
    expect(planCut(hand({ cutterMm: 240 }), small).problems.map((p) => p.code)).toContain('piece_bigger_than_bench');
    const rim = hand({ cutterMm: 44 }, { seal: { ...hand().seal, rimMm: 24 } });
    expect(stops(rim)[0]).toMatchObject({ code: 'rim_too_wide', values: { max: 16 } });
    const bow = [
      [0, 0],
      [50, 50],
      [50, 0],
      [0, 50],
    ].map(([x, y]) => ({ x: x, y: y }));
    expect(stops(hand({ pieceKind: 'outline2', outline: bow })).map((p) => p.code)).toEqual(['crosses_itself']);
  });
});

describe('what is left', () => {
  it('becomes what the cook says, its mass never more than there was', () => {
    for (const scrapFate of ['keep', 'minis', 'twists', 'none'] as const) {
      const cut = plan(hand({ scrapFate, maxReRolls: 0 }));
      expect(cut.scraps).toMatchObject({ fate: scrapFate });
      expect(cut.scraps?.keptG ?? 0).toBeLessThanOrEqual(cut.savedG + 1e-9);
    }
    expect(plan(hand()).scraps).toBeNull();
  });
});

describe('shrink in two ways, and against it', () => {
  it('a round cutter takes both, a wheel each its own', () => {
    const both = plan(hand({ shrinkPct: 6, shrinkAcrossPct: 1 }));
    expect(both.generations[0]?.finD).toBeLessThan(both.generations[0]?.finAcross ?? 0);
    const wheel = plan(hand({ pieceKind: 'rect2', otherMm: 92, shrinkPct: 6, shrinkAcrossPct: 1 }));
    expect(wheel.generations[0]?.finD).toBeCloseTo(wheel.generations[0]?.finAcross ?? 0, 9);
  });
  it('by a larger cutter at the same thickness takes more dough than by a thinner sheet', () =>
    expect(grams(hand({ policy: 'larger', shrinkPct: 8 }))).toBeGreaterThan(
      grams(hand({ policy: 'compensate', shrinkPct: 8 })),
    ));
  it('with a smaller cutter on hand the sheet is rolled thicker, and the piece stretched to its size with the same mass', () => {
    const [plain, stretched] = [hand({ policy: 'keep' }), hand({ policy: 'stretch', onHandMm: 84 })].map(
      (item) => plan(item).generations[0],
    );
    expect(stretched?.cutter).toBe(84);
    expect(stretched?.roll).toBeCloseTo(3 * (92 / 84) ** 2, 6);
    expect(stretched?.pieceMass).toBeCloseTo(plain?.pieceMass ?? NaN, 6);
    expect(stretched?.finD).toBe(92);
  });
  it('keeps to the cook’s own cutters in every roll', () => {
    for (const g of plan(hand({ ownCutters: [90, 95, 100, 110] })).generations)
      expect([95, 100, 110]).toContain(g.cutter);
  });
});

describe('dishes', () => {
  const deep = { form: 'round' as const, top: 200, bottom: 200, depth: 100 };
  it('deep ones say that a disc and a band sit better, and take them', () => {
    expect(plan(dish({ vessel: deep })).problems.map((p) => p.code)).toEqual(['deep_dish']);
    const banded = plan(dish({ vessel: deep, lining: 'band' }));
    expect(banded.problems).toEqual([]);
    expect(banded.blanks.map((b) => b.kind)).toEqual(['bottom', 'band', 'lid']);
    expect(banded.doughMassG).toBeLessThan(grams(dish({ vessel: deep })) * 1.15);
  });
  it('a band longer than the bench is cut in parts that lap', () => {
    const wide = { form: 'round' as const, top: 350, bottom: 350, depth: 70 };
    const band = plan(dish({ vessel: wide, lining: 'band' })).blanks.find((b) => b.kind === 'band');
    expect(band?.count).toBe(2);
    expect((band?.dims[0] ?? 0) * 2 - 15).toBeCloseTo(Math.PI * 350 + 15, 6);
  });
  it('a lattice takes strips, no lid takes less, a plaited edge takes three strands more', () => {
    const lattice = plan(dish({ lid: 'lattice' }));
    expect(lattice.blanks.some((b) => b.kind === 'strip')).toBe(true);
    expect(grams(dish({ lid: 'none' }))).toBeLessThan(lattice.doughMassG);
    const plaited = plan(dish({ lid: 'none', plaitEdge: true }));
    expect(plaited.blanks.find((b) => b.kind === 'strand')?.count).toBeGreaterThanOrEqual(3);
  });
  it('two of a kind take twice the dough of one', () =>
    expect(grams(dish({ dishes: 2 }))).toBeCloseTo(2 * grams(dish()), 6));
  it('hang over by what the crimp needs: a fork less than a rope', () => {
    const by = (crimp: 'fork' | 'rope') => {
      const item = dish();
      return plan({ ...item, seal: { ...item.seal, crimp } }).blanks.find((b) => b.kind === 'lid')?.dims[0] ?? NaN;
    };
    expect(by('fork')).toBeLessThan(by('rope'));
  });
  it('cut no more than the dough of their sheets', () => {
    for (const item of [dish(), dish({ lid: 'lattice' }), dish({ lining: 'band', plaitEdge: true })]) {
      const { blanks, doughMassG } = plan(item);
      expect(blanks.reduce((sum, b) => sum + b.count * b.massG, 0)).toBeLessThanOrEqual(doughMassG + 1e-6);
    }
  });
});

describe('cut after closing', () => {
  const hand = starterItem('handPies', 8, 'You');
  const closed = (pieceKind: 'halfmoon' | 'round2'): ItemInput => ({
    ...hand,
    cut: { ...hand.cut, pieceKind, from: 'closed' },
  });
  it('fills on the uncut sheet and cuts through both layers; nothing is rolled again', () => {
    for (const kind of ['halfmoon', 'round2'] as const) {
      const plan = planItem(closed(kind), plainKitchen);
      expect(plan.cut.way).toBe('closed');
      expect(plan.cut.generations).toHaveLength(1);
      expect(plan.steps.map((s) => s.code)).not.toContain('cut');
      const filled = plan.steps.filter((s) => s.code === 'fillSeal');
      expect(filled.every((s) => s.values['through'] === 1 && s.values['across'] === hand.cut.cutterMm)).toBe(true);
      expect(filled.reduce((sum, s) => sum + s.pieces, 0)).toBe(8);
      // their two-layered trimmings cost dough
      expect(plan.cut.doughMassG).toBeGreaterThan(
        planItem({ ...closed(kind), cut: { ...closed(kind).cut, from: 'sheet' } }, plainKitchen).cut.doughMassG,
      );
    }
  });
  it('is left alone by a shape that is gathered or rolled up', () => {
    const bun = { ...hand, cut: { ...hand.cut, pieceKind: 'bun' as const, from: 'closed' as const } };
    expect(planCut(bun, plainKitchen).way).toBe('sheet');
  });
});
