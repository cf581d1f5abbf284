import {
  handPiece,
  outlineCorners,
  startingOutline,
  usualOtherMm,
  widestRim,
  type HandPiece,
  type HandPieceSizes,
} from '../../../filling/handPiece';
import { edgeRolled, type EdgeRolled } from '../../../cutting/edgeRolled';
import { packerOf, type ShapeLayout } from '../../../cutting/packer';
import { misplaced } from '../../../cutting/placing';
import { ballsPlan, closedFirstPlan, stripPlan } from '../../../cutting/oneByOne';
import { minimumDough, sheetsFor, type ReRollPlan } from '../../../cutting/reRolls';
import { planScraps } from '../../../cutting/scraps';
import { crossesItself, shapeArea, shapeSize, type CutShape } from '../../../cutting/shape';
import { sheetArea, type Sheet, sidesOf, mayQuarterTurn } from '../../../cutting/sheet';
import { RefusedInput } from '../../../quantities/refusal';
import { fillCapacity, lidBlank } from '../../../vessels/blanks';
import { planArea, type VesselGeometry } from '../../../vessels/vessel';
import type { ItemInput } from '../../../contracts/item';
import { refusal, stop } from './problems';
import { doughDensity, type CutResult, type RolledGeneration } from './result';
import type { Problem } from '../../problem';
import type { CutInput, CutWay } from '../../../contracts/cut';
import type { KitchenInput } from '../../../contracts/kitchen';
import { remember } from '../../memo';
import { benchMinutes } from '../../steps/minutes';

/** Sizes of an item's piece; an outline that crosses itself is planned as its starting one, and said. */
export const sizesOf = ({ cut, seal }: Pick<ItemInput, 'cut' | 'seal'>): HandPieceSizes => ({
  kind: cut.pieceKind,
  sizeMm: cut.cutterMm,
  ...(cut.otherMm ? { otherMm: cut.otherMm } : {}),
  ...(cut.sliceMm ? { sliceMm: cut.sliceMm } : {}),
  outline: crossesItself(outlineCorners(cut.outline)) ? startingOutline : outlineCorners(cut.outline),
  rimMm: seal.rimMm,
  thicknessMm: cut.thicknessMm,
});

export interface Wanted {
  shape: CutShape;
  /** Its nominal size, mm. */
  D: number;
  /** Cuts in all, and those that are lids. */
  N: number;
  lids: number;
  made: HandPiece | null;
  kind: string;
}

function wanted(item: ItemInput, pot: VesselGeometry | null, problems: Problem[]): Wanted {
  const { cut, seal, brief } = item;
  if (pot) {
    const D = lidBlank(pot, pot.rim || seal.rimMm, 8).dims[0];
    return { shape: { kind: 'disc', d: D }, D, N: brief.count, lids: brief.count, made: null, kind: 'lids' };
  }
  const sizes = sizesOf(item);
  const most = widestRim(sizes);
  if (cut.pieceKind === 'outline2' && crossesItself(outlineCorners(cut.outline)))
    problems.push(stop('crosses_itself', ['cut.outline']));
  const roll =
    cut.pieceKind === 'log' || cut.pieceKind === 'plait' ? (cut.otherMm ?? usualOtherMm[cut.pieceKind]) : null;
  if (roll !== null && cut.sliceMm && cut.sliceMm > roll + 1e-9)
    problems.push(stop('slice_over_roll', ['cut.sliceMm', 'cut.otherMm'], { slice: cut.sliceMm, roll }));
  if (seal.rimMm > most)
    problems.push({
      station: 'seal',
      code: 'rim_too_wide',
      fields: ['seal.rimMm', 'cut.cutterMm'],
      values: { rimMm: seal.rimMm, max: Math.floor(most) },
      weight: 'stop',
    });
  const made = handPiece({ ...sizes, rimMm: Math.max(0, Math.min(seal.rimMm, most)) });
  const two = made.perPie === 2;
  const edge = edgeOf(cut, made.shape);
  return {
    shape: edge ? { kind: 'disc', d: edge.blankMm } : made.shape,
    D: edge ? edge.blankMm : cut.cutterMm,
    N: Math.ceil(brief.count * made.perPie - 1e-9),
    lids: two ? brief.count : 0,
    made,
    kind: two ? 'roundsForTwo' : 'rounds',
  };
}

/** How a round is rolled out at its edge after it is cut, where it is, and it is cut before it is filled. */
export const edgeOf = (cut: CutInput, shape: CutShape): EdgeRolled | null =>
  cut.edgeMm && cut.edgeMm < cut.thicknessMm && shape.kind === 'disc' && wayOf(cut, shape) !== 'closed'
    ? edgeRolled({
        finishedMm: cut.cutterMm,
        sheetMm: cut.thicknessMm,
        edgeMm: cut.edgeMm,
        ...(cut.middlePct ? { middlePct: cut.middlePct } : {}),
      })
    : null;

/** The cook's own first sheet, where they set its sides or laid the pieces themselves. */
function ownSheet(cut: CutInput, needed: Sheet | undefined): Sheet | null {
  if (!cut.sheetLengthMm && !cut.sheetWidthMm) return null;
  const [w, h] = needed ? sidesOf(needed) : [cut.sheetLengthMm ?? 400, cut.sheetWidthMm ?? 300];
  const sheet: Sheet = {
    shape: 'rect',
    w: cut.sheetLengthMm ?? Math.max(w, h),
    h: cut.sheetWidthMm ?? Math.min(w, h),
  };
  return sheet;
}

function sheetProblems(sheet: Sheet, w: Wanted, cut: CutInput, kitchen: KitchenInput): Problem[] {
  const [long, short] = [Math.max(...sidesOf(sheet)), Math.min(...sidesOf(sheet))];
  const bench = [
    Math.max(kitchen.benchLengthMm, Math.min(kitchen.benchWidthMm, kitchen.pinMm)),
    Math.min(kitchen.benchLengthMm, kitchen.benchWidthMm, kitchen.pinMm),
  ] as const;
  const found: Problem[] = [];
  if (long > bench[0] + 1e-9 || short > bench[1] + 1e-9)
    found.push(
      stop('sheet_over_bench', ['cut.sheetLengthMm', 'cut.sheetWidthMm'], {
        long,
        short,
        benchLong: bench[0],
        benchShort: bench[1],
      }),
    );
  const [pw, ph] = shapeSize(w.shape);
  const narrow = Math.min(pw, ph);
  if (narrow > short - 2 * cut.trimMm)
    found.push(
      stop('cutter_over_sheet', ['cut.cutterMm', 'cut.sheetWidthMm'], {
        cutter: narrow,
        short,
        max: Math.max(0, short - 2 * cut.trimMm),
      }),
    );
  return found;
}

/** Pieces the cook laid: how they lie, and what is wrong with it. */
function ownLaying(cut: CutInput, bed: { sheet: Sheet; shape: CutShape }, problems: Problem[]): ShapeLayout | null {
  if (!cut.placed?.length) return null;
  const { outside, overlapping } = misplaced({ ...bed, trim: cut.trimMm, gap: cut.gapMm }, cut.placed);
  if (outside.length + overlapping.length > 0)
    problems.push(
      stop('laid_wrong', ['cut.placed', 'cut.cutterMm'], {
        outside: outside.length,
        overlapping: overlapping.length,
        cutter: shapeSize(bed.shape)[0],
      }),
    );
  const n = cut.placed.length;
  return {
    n,
    pattern: 'none',
    centres: cut.placed.map((p): [number, number] => [p.x, p.y]),
    turns: cut.placed.map((p) => p.turn ?? 0),
    bound: n,
    scrap: 1 - (n * shapeArea(bed.shape)) / sheetArea(bed.sheet),
    provablyBest: false,
  };
}

/** What the figures of pieces need besides the result. */
export interface PieceCut {
  result: CutResult;
  problems: Problem[];
  wanted: Wanted;
  plan: ReRollPlan | null;
  pot: boolean;
}

/** What is asked of the sheets: the shape, the bench and pin, and the cook's ways. */
function sheetSettings(item: ItemInput, kitchen: KitchenInput, w: Wanted, pot: boolean) {
  const { cut } = item;
  return {
    D: w.D,
    ...(w.shape.kind === 'disc' ? {} : { shape: w.shape }),
    t: cut.thicknessMm,
    rho: doughDensity[item.dough.pastry],
    trim: cut.trimMm,
    gap: cut.gapMm,
    maxRerolls: cut.maxReRolls,
    wmax: Math.min(kitchen.benchWidthMm, kitchen.pinMm),
    hmax: kitchen.benchLengthMm,
    N: w.N,
    ...(cut.shrinkPct === undefined ? {} : { shrink0: cut.shrinkPct }),
    ...(cut.shrinkAcrossPct === undefined ? {} : { shrinkAcross0: cut.shrinkAcrossPct }),
    ...(cut.minScrapG === undefined ? {} : { minScrap: cut.minScrapG }),
    ...(cut.policy ? { policy: cut.policy, cutterOnHand: cut.onHandMm ?? w.D } : {}),
    ...(cut.ownCutters?.length && w.shape.kind === 'disc' && !pot ? { cutters: cut.ownCutters } : {}),
  };
}

/** Pieces that are baked whole, and sliced after; what strips laid over one by one leave open of their top (estimate). */
const bakedWhole: readonly string[] = ['ring', 'plait'];
const plaitOpen = 0.12;

/** Pieces that may be cut when they are closed: folded over in a row, or covered with a second sheet. */
const closedFirst: readonly string[] = ['halfmoon', 'round2'];

/** How the pieces of an item come from its dough: as asked where their shape allows it, else from a sheet. */
export function wayOf(cut: CutInput, shape: CutShape): CutWay {
  const asked = cut.from ?? 'sheet';
  if (asked === 'closed') return shape.kind === 'disc' && closedFirst.includes(cut.pieceKind) ? asked : 'sheet';
  return (asked === 'balls' && shape.kind === 'disc') || (asked === 'strip' && shape.kind === 'rect') ? asked : 'sheet';
}

/** The sheets of a day: the smallest dough that gives all pieces, or what follows from the cook's own first sheet. */
function sheets(item: ItemInput, kitchen: KitchenInput, w: Wanted, pot: boolean, problems: Problem[]) {
  const { cut } = item;
  const settings = sheetSettings(item, kitchen, w, pot);
  const way = wayOf(cut, w.shape);
  try {
    if (way !== 'sheet') {
      const { t, rho, trim, gap, N, hmax: long, wmax: wide } = settings;
      const covered = w.made?.perPie === 2;
      const made =
        way === 'closed'
          ? closedFirstPlan({ D: w.D, t, rho, N: covered ? N / 2 : N, covered, trim, gap, long, wide })
          : w.shape.kind === 'rect'
            ? stripPlan({ a: w.shape.a, b: w.shape.b, t, rho, N, trim, long })
            : ballsPlan({ D: w.D, t, rho, N });
      return { ...made, laid: null };
    }
    const found = remember(['minimumDough', settings], () => minimumDough(settings));
    const first = found.plan.gens[0];
    const own = ownSheet(cut, first?.sheet) ?? (cut.placed?.length ? (first?.sheet ?? null) : null);
    if (!own || !first) return { plan: found.plan, mass: found.mass, laid: null };
    problems.push(...sheetProblems(own, w, cut, kitchen));
    const laid = ownLaying(cut, { sheet: own, shape: first.shape }, problems);
    const ask = { ...settings, first: { sheet: own, ...(laid ? { n: laid.n } : {}) } };
    const made = remember(['sheetsFor', ask], () => sheetsFor(ask));
    if (made.plan.pieces < w.N && !problems.some((p) => p.weight === 'stop'))
      problems.push(stop('sheet_too_small', ['cut.sheetLengthMm', 'brief.count'], { n: made.plan.pieces, of: w.N }));
    return { plan: made.plan, mass: made.mass, laid };
  } catch (error) {
    if (!(error instanceof RefusedInput)) throw error;
    problems.push(refusal(error, ['cut.cutterMm', 'cut.thicknessMm']));
    return { plan: null, mass: null, laid: null };
  }
}

/** Every roll with its pieces as they lie; lids are cut first, for they show. */
function rolls(cut: CutInput, w: Wanted, pot: boolean, plan: ReRollPlan | null, laid: ShapeLayout | null) {
  const quarterTurns = mayQuarterTurn(cut.shrinkPct, cut.shrinkAcrossPct);
  const way = wayOf(cut, w.shape);
  // a ball is rolled to its round, and a strip's pieces lie side by side
  const packing =
    way === 'sheet'
      ? { trim: cut.trimMm, gap: cut.gapMm, quarterTurns }
      : { trim: way === 'balls' ? 0 : cut.trimMm, gap: way === 'closed' ? cut.gapMm : 0, quarterTurns: false };
  let lidsLeft = w.lids;
  return (plan?.gens ?? []).map((g, i): RolledGeneration => {
    const lids = Math.min(lidsLeft, g.n);
    lidsLeft -= lids;
    const layout = i === 0 && laid ? laid : packerOf(g.shape, packing).lay(g.sheet);
    return { ...g, layout, lids, bases: w.lids && !pot ? g.n - lids : 0 };
  });
}

/** Pieces for the hand, or lids of round pots: sheets, re-rolls, and how much dough that asks for. */
export function pieceCut(
  item: ItemInput,
  kitchen: KitchenInput,
  pot: VesselGeometry | null,
  given: Problem[] = [],
): PieceCut {
  const { cut, brief } = item;
  const rho = doughDensity[item.dough.pastry];
  const problems = [...given];
  const w = wanted(item, pot, problems);
  const { plan, mass, laid } = sheets(item, kitchen, w, pot !== null, problems);
  const generations = rolls(cut, w, pot !== null, plan, laid);
  const first = generations[0];
  const last = generations[generations.length - 1];
  const [sw, sh] = first ? sidesOf(first.sheet) : [0, 0];
  const planMm2 = pot ? planArea(pot.form, pot.top, pot.corner) : (w.made?.planMm2 ?? 0);
  const scrap = plan && cut.scrapFate ? { fate: cut.scrapFate, scrapG: plan.saved } : null;
  const result: CutResult = {
    doughMassG: mass ?? (w.N * shapeArea(w.shape) * cut.thicknessMm * rho) / 1000,
    rolled: {
      lengthMm: Math.max(sw, sh),
      widthMm: Math.min(sw, sh),
      thicknessMm: first?.roll ?? cut.thicknessMm,
      sheets: first?.sheets ?? 1,
      shape: first?.sheet.shape ?? 'rect',
    },
    generations,
    cuts: w.N,
    // a ball is weighed and rolled to its size, edge and all: nothing is cut
    cutMin:
      w.N *
      kitchen.pace *
      ((!pot && edgeOf(cut, w.shape) && wayOf(cut, w.shape) === 'sheet' ? benchMinutes.rollAnEdge : 0) +
        (wayOf(cut, w.shape) === 'balls'
          ? benchMinutes.divideAPiece + benchMinutes.rollAPiece
          : benchMinutes.cutAPiece)),
    way: wayOf(cut, w.shape),
    together: null,
    edge: pot ? null : edgeOf(cut, w.shape),
    ...(w.made && !pot && bakedWhole.includes(cut.pieceKind) ? { rings: Math.ceil(brief.count / w.made.slices) } : {}),
    savedG: plan?.saved ?? 0,
    scraps:
      scrap &&
      planScraps({
        ...scrap,
        miniMm: cut.miniMm ?? 50,
        thicknessMm: last?.roll ?? cut.thicknessMm,
        rho,
        generation: generations.length,
      }),
    blanks: pot
      ? [{ kind: 'lid', form: pot.form, dims: [w.D, w.D], count: brief.count, massG: first?.pieceMass ?? 0 }]
      : [],
    leaves: null,
    seamMm: pot ? Math.PI * pot.top.length : (w.made?.seamMm ?? 0),
    comfortableMl: pot ? fillCapacity(pot, { headspace: 8 }) : (w.made?.comfortableMl ?? 0),
    overfullMl: pot ? fillCapacity(pot) : (w.made?.overfullMl ?? 0),
    planAreaMm2: planMm2,
    openShare: !pot && cut.pieceKind === 'plait' ? plaitOpen : 0,
    closed: w.made?.closed ?? null,
    oven: w.made?.oven ?? null,
    pieces: brief.count,
    lidAreaMm2: planMm2,
  };
  return { result, problems, wanted: w, plan, pot: pot !== null };
}
