import type { ItemInput } from '../../../contracts/item';
import { shapeArea } from '../../../cutting/shape';
import { sheetArea, sidesOf } from '../../../cutting/sheet';
import { figure, type Figure } from '../../figure';
import type { DishCut } from './dish';
import type { LeafCut } from './leaves';
import { type PieceCut } from './pieces';

export type CutFigures = Record<
  'firstRoll' | 'laterRolls' | 'sheetUsed' | 'doughNeeded' | 'rolledSize' | 'time',
  Figure
>;

/** What the Cut shows of pieces for the hand and of lids. */
export function pieceFigures({ cut }: ItemInput, { result, wanted: w, plan, pot }: PieceCut): CutFigures {
  const { generations } = result;
  const first = generations[0];
  const later = generations.slice(1).reduce((sum, g) => sum + g.n, 0);
  const [sw, sh] = first ? sidesOf(first.sheet) : [0, 0];
  const pieceMm2 = first ? shapeArea(first.shape) : 0;
  const used = first ? (first.n * pieceMm2) / (sheetArea(first.sheet) * first.sheets) : 0;
  const round = w.shape.kind === 'disc';
  return {
    firstRoll: figure(
      first?.n ?? null,
      'pieces',
      result.way === 'balls' ? 'cut.balls' : result.way === 'closed' ? 'cut.closedFirst' : 'cut.firstRoll',
      {
        n: first?.n ?? 0,
        eachG: first?.pieceMass ?? 0,
        of: w.N,
        perSheet: first?.layout.n ?? 0,
        pattern: cut.placed?.length ? 'own' : (first?.layout.pattern ?? ''),
        bound: first?.layout.bound ?? 0,
        sheets: first?.sheets ?? 1,
        kind: pot ? 'lids' : w.kind,
      },
      'exact',
      'cutting.rowPattern',
    ),
    laterRolls: figure(
      later,
      'pieces',
      result.way === 'sheet' ? 'cut.laterRolls' : result.way === 'closed' ? 'cut.twoLayers' : 'cut.noLaterRolls',
      {
        n: later,
        rolls: generations.length - 1,
        shrinkPct: generations[1]?.shrinkPct ?? 0,
        cutter: generations[1]?.cutter ?? w.D,
        saved: plan?.saved ?? 0,
      },
      'estimate',
      'cutting.reRolls',
    ),
    sheetUsed: figure(
      first ? used * 100 : null,
      '%',
      'cut.sheetUsed',
      { n: first?.n ?? 0, areaCm2: pieceMm2 / 100, w: sw, h: sh, sheets: first?.sheets ?? 1 },
      'exact',
      'cutting.rowPattern',
    ),
    doughNeeded: figure(
      plan ? result.doughMassG : null,
      'g',
      round ? 'cut.doughNeeded' : 'cut.doughForShapes',
      { N: w.N, D: w.D, t: cut.thicknessMm, saved: plan?.saved ?? 0, lost: plan?.lost ?? 0 },
      'estimate',
      'cutting.minimumDough',
    ),
    rolledSize: figure(
      first ? Math.max(sw, sh) : null,
      'mm',
      'cut.rolledSize',
      { w: Math.min(sw, sh), h: Math.max(sw, sh), t: first?.roll ?? cut.thicknessMm, sheets: first?.sheets ?? 1 },
      'exact',
      'cutting.reRolls',
    ),
    time: cuttingTime(result.cutMin, w.N),
  };
}

const cuttingTime = (minutes: number, N: number): Figure =>
  figure(minutes, 'min', 'cut.time', { N, seconds: N > 0 ? (60 * minutes) / N : 0 }, 'estimate', 'plan.item');

/** What the Cut shows of pies in a dish. */
export function dishFigures({ cut }: ItemInput, d: DishCut): CutFigures {
  const { result, sheetsG, cutG } = d;
  const { blanks, cuts } = result;
  const lid = blanks.find((b) => b.kind === 'lid');
  const together = result.together;
  const [long, short] = together ? [result.rolled.lengthMm, result.rolled.widthMm] : d.largestMm;
  const trimmings = result.savedG;
  const again = (together ?? []).slice(1).reduce((sum, r) => sum + 2 * r.pairs, 0);
  return {
    firstRoll: figure(
      cuts,
      'pieces',
      lid && blanks.every((b) => b.kind === 'lid' || b.kind === 'base') ? 'cut.blanks' : 'cut.otherBlanks',
      {
        base: Math.round(blanks.find((b) => b.kind === 'base')?.dims[0] ?? 0),
        lid: Math.round(lid?.dims[0] ?? 0),
        dishes: d.dishes,
        fullness: d.fullness,
        kinds: [...new Set(blanks.map((b) => b.kind))].join(', '),
      },
      'exact',
      'vessels.baseBlank',
    ),
    laterRolls: together
      ? figure(
          again,
          'pieces',
          'cut.pairsAgain',
          { pairs: again / 2, rolls: together.length - 1, trimmings },
          'estimate',
          'cutting.twoCutters',
        )
      : figure(0, 'pieces', 'cut.trimmings', { trimmings }, 'exact', 'vessels.baseBlank'),
    sheetUsed: figure(
      sheetsG > 0 ? (100 * cutG) / sheetsG : null,
      '%',
      'cut.blankShare',
      { cut: cutG, of: sheetsG },
      'exact',
      'vessels.baseBlank',
    ),
    doughNeeded: figure(
      sheetsG,
      'g',
      'cut.doughForDish',
      { base: d.underG, lid: d.overG, t: cut.thicknessMm, trimmings, dishes: d.dishes },
      'exact',
      'vessels.baseBlank',
    ),
    rolledSize: figure(
      long,
      'mm',
      'cut.rolledSize',
      { w: short, h: long, t: cut.thicknessMm, sheets: together ? result.rolled.sheets : cuts },
      'exact',
      'vessels.baseBlank',
    ),
    time: cuttingTime(result.cutMin, cuts),
  };
}

/** What the Cut shows of leaves. */
export function leafFigures({ folds }: ItemInput, { result, coil, cover, tinMm }: LeafCut): CutFigures {
  const count = result.cuts;
  const made = result.leaves?.made;
  const leafMm2 = folds.leafLengthMm * folds.leafWidthMm;
  return {
    firstRoll: figure(
      count,
      'leaves',
      made ? 'cut.pieceLeaves' : coil ? 'cut.coilLeaves' : 'cut.trayLeaves',
      {
        stacks: result.leaves?.stacks ?? 1,
        perStack: folds.leavesInStack,
        over: result.leaves?.over ?? 0,
        halves: folds.halfLeaves ? 1 : 0,
        pieces: made?.perStack ?? 0,
        stripCm: (made?.stripMm ?? 0) / 10,
        ropeCm: (result.leaves?.ropeLengthMm ?? 0) / 10,
        tinCm: tinMm / 10,
        cover,
        leafL: folds.leafLengthMm / 10,
        leafW: folds.leafWidthMm / 10,
      },
      'exact',
      'cutting.piece',
    ),
    laterRolls: figure(0, 'pieces', 'cut.noReRolls', {}, 'exact', 'cutting.piece'),
    sheetUsed: made
      ? figure(
          (100 * made.across * made.stripMm) / folds.leafWidthMm,
          '%',
          'cut.strips',
          { across: made.across, stripCm: made.stripMm / 10, leafW: folds.leafWidthMm / 10 },
          'exact',
          'filling.leafPieces',
        )
      : figure(100, '%', 'cut.wholeLeaves', { leaves: count }, 'exact', 'cutting.piece'),
    doughNeeded: figure(
      result.doughMassG,
      'g',
      'cut.leafMass',
      { leaves: count, areaCm2: leafMm2 / 100 },
      'estimate',
      'cold.filoFat',
    ),
    rolledSize: figure(
      folds.leafLengthMm,
      'mm',
      'cut.leafSize',
      { w: folds.leafWidthMm, h: folds.leafLengthMm },
      'exact',
      'cutting.piece',
    ),
    time: figure(result.cutMin, 'min', 'cut.brushTime', { leaves: count }, 'estimate', 'plan.item'),
  };
}
