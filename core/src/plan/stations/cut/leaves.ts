import { piece } from '../../../cutting/piece';
import { leafPieces, widestStrip, leafPieceKinds, type LeafPieceKind } from '../../../filling/leafPieces';
import { leafLaying, type LeafLaying } from '../../../lamination/leafLaying';
import { fillVolume } from '../../../filling/fillVolume';
import { fillCapacity } from '../../../vessels/blanks';
import { planArea, type VesselGeometry } from '../../../vessels/vessel';
import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { shapeArea } from '../../../cutting/shape';
import type { CutResult } from './result';
import type { Problem } from '../../problem';
import { stop } from './problems';
import { benchMinutes } from '../../steps/minutes';
import { leafGPerM2 } from '../../../cold/filo';

/** Thickness of a leaf, mm, at 190 g a square metre and 1.25 g/cm³ (estimates). */
export const leafMm = leafGPerM2 / 1000 / 1.25;

/** What the figures of leaves need besides the result. */
export interface LeafCut {
  result: CutResult;
  problems: Problem[];
  coil: boolean;
  /** Leaves side by side that cover the tin once. */
  cover: number;
  tinMm: number;
}

/** Minutes of brushing so many leaves as they are laid: a half of one takes half as long. */
export const brushingMinutes = (item: ItemInput, kitchen: KitchenInput, laid: number): number =>
  laid * benchMinutes.brushALeaf * (isHalved(item) ? 0.5 : 1) * kitchen.pace;
/** Only a tray's leaves are cut across in two. */
export const isHalved = ({ folds, product }: ItemInput): boolean => product === 'filoTray' && folds.halfLeaves === true;

/** What any pie of so many leaves is: nothing is rolled or rolled again. */
const ofLeaves = ({ leafLengthMm, leafWidthMm }: ItemInput['folds'], count: number, brushMin: number) =>
  ({
    doughMassG: (count * leafLengthMm * leafWidthMm * leafGPerM2) / 1e6,
    rolled: { lengthMm: leafLengthMm, widthMm: leafWidthMm, thicknessMm: leafMm, sheets: count, shape: 'rect' },
    generations: [],
    way: 'sheet',
    edge: null,
    together: null,
    cuts: count,
    cutMin: brushMin,
    savedG: 0,
    scraps: null,
    blanks: [],
    openShare: 0,
  }) satisfies Partial<CutResult>;

/** How leaves are laid in a tray, or to a rope. */
function layingOf(item: ItemInput, g: VesselGeometry | null): LeafLaying {
  const { folds, product } = item;
  const coil = product === 'filoCoil';
  const [tinLengthMm, tinWidthMm] = g ? lined(g) : [folds.leafLengthMm, folds.leafWidthMm];
  return leafLaying({
    laying: coil ? 'coil' : 'tray',
    leafLengthMm: folds.leafLengthMm,
    leafWidthMm: folds.leafWidthMm,
    tinLengthMm,
    tinWidthMm,
    leavesInStack: folds.leavesInStack,
    ...(folds.leavesOver ? { leavesOver: folds.leavesOver } : {}),
    ...(isHalved(item) ? { halves: true } : {}),
    brushGramsPerM2: folds.brushGramsPerM2,
  });
}

/** What the leaves of a tray cover: its foot and up its sides, mm. */
const lined = (g: VesselGeometry): [number, number] => [
  Math.min(1000, g.bottom.length + 2 * g.depth),
  Math.min(1000, g.bottom.width + 2 * g.depth),
];

/** What strips of leaf are closed to: as asked, else triangles. */
export const leafKindOf = ({ laying }: ItemInput['folds']): LeafPieceKind =>
  leafPieceKinds.find((kind) => kind === laying) ?? 'triangle';

/** Pies for the hand closed in strips of leaf. */
function leafPieceCut(item: ItemInput, kitchen: KitchenInput): LeafCut {
  const { folds, cut, brief } = item;
  const most = widestStrip(folds.leafLengthMm, folds.leafWidthMm);
  const kind = leafKindOf(folds);
  const stripMm = Math.min(cut.cutterMm, most);
  const { leafLengthMm, leafWidthMm, leavesInStack } = folds;
  const made = leafPieces({ kind, leafLengthMm, leafWidthMm, stripMm, leavesInStack });
  const stacks = Math.ceil(brief.count / made.perStack);
  const count = stacks * leavesInStack;
  const planAreaMm2 = shapeArea(made.closed);
  return {
    result: {
      ...ofLeaves(folds, count, brushingMinutes(item, kitchen, count)),
      leaves: {
        count,
        stacks,
        perStack: leavesInStack,
        under: made.leavesOnAFace,
        over: made.leavesOnAFace,
        laying: null,
        made: { ...made, kind, stripMm },
        ropeMm: null,
        ropeLengthMm: null,
      },
      seamMm: made.seamMm,
      comfortableMl: made.comfortableMl,
      overfullMl: made.overfullMl,
      closed: made.closed,
      oven: made.oven,
      planAreaMm2,
      pieces: brief.count,
      lidAreaMm2: planAreaMm2,
    },
    problems:
      cut.cutterMm > most
        ? [
            stop('strip_over_leaf', ['cut.cutterMm', 'folds.leafWidthMm'], {
              strip: cut.cutterMm,
              max: Math.floor(most),
            }),
          ]
        : [],
    coil: false,
    cover: 1,
    tinMm: 0,
  };
}

/** Leaves as they come: how many a tray, a coil or pieces in strips take. */
export function filoCut(item: ItemInput, kitchen: KitchenInput, g: VesselGeometry | null): LeafCut {
  if (item.product === 'handPies') return leafPieceCut(item, kitchen);
  const { folds } = item;
  const round = g?.form === 'round';
  const coil = item.product === 'filoCoil';
  const leafArea = folds.leafLengthMm * folds.leafWidthMm;
  const rope = coil && g ? Math.min(60, 0.9 * g.depth) : null;
  const shape =
    coil && g && rope
      ? piece({
          kind: 'coil',
          d: Math.min(g.top.length, g.top.width),
          rope,
          sheetLen: folds.leafLengthMm,
          sheetWid: folds.leafWidthMm,
        })
      : null;
  const stacks = coil ? (shape?.sheets ?? 1) : 2;
  const laying = layingOf(item, g);
  const cover = coil ? 1 : (laying.acts[0]?.leaves ?? 1) / laying.under;
  const leaves = coil ? stacks * folds.leavesInStack : laying.leaves;
  const laid = coil ? leaves : laying.acts.reduce((sum, act) => sum + act.leaves, 0);
  const inRope = coil && rope ? fillVolume({ kind: 'coil', d: rope / 10, L: (shape?.ropeLen ?? 100) / 10 }) : null;
  const comfortable = !g ? 100 : (inRope?.comfortableMl ?? fillCapacity(g, { level: 0.85 }));
  const overfull = !g ? 110 : (inRope?.overfillMl ?? fillCapacity(g, { level: 0.95 }));
  const result: CutResult = {
    ...ofLeaves(folds, leaves, brushingMinutes(item, kitchen, laid)),
    leaves: {
      count: leaves,
      stacks,
      perStack: folds.leavesInStack,
      under: laying.under,
      over: laying.over,
      laying,
      made: null,
      ropeMm: rope,
      ropeLengthMm: shape?.ropeLen ?? null,
    },
    seamMm: coil ? (shape?.ropeLen ?? 0) : 2 * (folds.leafLengthMm + folds.leafWidthMm),
    comfortableMl: comfortable,
    overfullMl: overfull,
    closed: null,
    oven: null,
    planAreaMm2: g ? planArea(g.form, g.top, g.corner) : 1e4,
    pieces: 1,
    lidAreaMm2: round && g ? planArea(g.form, g.top, 0) : leafArea,
  };
  return {
    result,
    problems: g ? [] : [stop('no_dish', ['cut.vessel'])],
    coil,
    cover,
    tinMm: g?.top.length ?? 0,
  };
}
