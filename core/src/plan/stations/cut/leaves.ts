import { piece } from '../../../cutting/piece';
import { fillVolume } from '../../../filling/fillVolume';
import { fillCapacity } from '../../../vessels/blanks';
import { planArea, type VesselGeometry } from '../../../vessels/vessel';
import type { ItemInput } from '../../../contracts/item';
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

/** Leaves as they come: how many a tray or a coil takes. */
export function filoCut(item: ItemInput, g: VesselGeometry | null): LeafCut {
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
  const cover = g
    ? Math.ceil((g.bottom.length + 2 * g.depth) / folds.leafLengthMm - 1e-9) *
      Math.ceil((g.bottom.width + 2 * g.depth) / folds.leafWidthMm - 1e-9)
    : 1;
  const leaves = coil
    ? stacks * folds.leavesInStack
    : folds.leavesInStack * cover + Math.ceil(0.75 * folds.leavesInStack) * cover;
  const massG = (leaves * leafArea * leafGPerM2) / 1e6;
  const inRope = coil && rope ? fillVolume({ kind: 'coil', d: rope / 10, L: (shape?.ropeLen ?? 100) / 10 }) : null;
  const comfortable = !g ? 100 : (inRope?.comfortableMl ?? fillCapacity(g, { level: 0.85 }));
  const overfull = !g ? 110 : (inRope?.overfillMl ?? fillCapacity(g, { level: 0.95 }));
  const result: CutResult = {
    doughMassG: massG,
    rolled: {
      lengthMm: folds.leafLengthMm,
      widthMm: folds.leafWidthMm,
      thicknessMm: leafMm,
      sheets: leaves,
      shape: 'rect',
    },
    generations: [],
    way: 'sheet',
    cuts: leaves,
    cutMin: leaves * benchMinutes.brushALeaf,
    savedG: 0,
    scraps: null,
    blanks: [],
    leaves: {
      count: leaves,
      stacks,
      perStack: folds.leavesInStack,
      ropeMm: rope,
      ropeLengthMm: shape?.ropeLen ?? null,
    },
    seamMm: coil ? (shape?.ropeLen ?? 0) : 2 * (folds.leafLengthMm + folds.leafWidthMm),
    comfortableMl: comfortable,
    overfullMl: overfull,
    openShare: 0,
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
