import { piece } from '../../../cutting/piece';
import { fillVolume } from '../../../filling/fillVolume';
import { fillCapacity } from '../../../vessels/blanks';
import { planArea, type VesselGeometry } from '../../../vessels/vessel';
import { figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import type { CutPlan } from './result';
import type { Problem } from '../../problem';
import { benchMinutes } from '../../steps/minutes';

/** Leaves as they come: how many a tray or a coil takes. */
export function filoCut(item: ItemInput, g: VesselGeometry | null): CutPlan {
  const { folds } = item;
  const problems: Problem[] = [];
  if (!g) problems.push({ station: 'cut', code: 'noDish', fields: ['cut.vessel'], values: {}, weight: 'stop' });
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
  const massG = (leaves * leafArea * 190) / 1e6;
  const inRope = coil && rope ? fillVolume({ kind: 'coil', d: rope / 10, L: (shape?.ropeLen ?? 100) / 10 }) : null;
  const comfortable = !g ? 100 : (inRope?.comfortableMl ?? fillCapacity(g, { level: 0.85 }));
  const overfull = !g ? 110 : (inRope?.overfillMl ?? fillCapacity(g, { level: 0.95 }));
  const minutes = leaves * benchMinutes.brushALeaf;
  return {
    figures: {
      firstRoll: figure(
        leaves,
        'leaves',
        coil ? 'cut.coilLeaves' : 'cut.trayLeaves',
        {
          stacks,
          perStack: folds.leavesInStack,
          ropeCm: (shape?.ropeLen ?? 0) / 10,
          tinCm: (g?.top.length ?? 0) / 10,
          cover,
          leafL: folds.leafLengthMm / 10,
          leafW: folds.leafWidthMm / 10,
        },
        'exact',
        'cutting.piece',
      ),
      laterRolls: figure(0, 'pieces', 'cut.noReRolls', {}, 'exact', 'cutting.piece'),
      sheetUsed: figure(100, '%', 'cut.wholeLeaves', { leaves }, 'exact', 'cutting.piece'),
      doughNeeded: figure(massG, 'g', 'cut.leafMass', { leaves, areaCm2: leafArea / 100 }, 'estimate', 'cold.filoFat'),
      rolledSize: figure(
        folds.leafLengthMm,
        'mm',
        'cut.leafSize',
        { w: folds.leafWidthMm, h: folds.leafLengthMm },
        'exact',
        'cutting.piece',
      ),
      time: figure(minutes, 'min', 'cut.brushTime', { leaves }, 'estimate', 'plan.item'),
    },
    problems,
    doughMassG: massG,
    rolled: {
      lengthMm: folds.leafLengthMm,
      widthMm: folds.leafWidthMm,
      thicknessMm: 190 / 1000 / 1.25,
      sheets: leaves,
      shape: 'rect',
    },
    generations: [],
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
    closed: null,
    oven: null,
    planAreaMm2: g ? planArea(g.form, g.top, g.corner) : 1e4,
    pieces: 1,
    lidAreaMm2: round && g ? planArea(g.form, g.top, 0) : leafArea,
  };
}
