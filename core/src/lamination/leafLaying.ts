import { rowOf, within } from '../quantities/refusal';

/** How leaves are laid: in a tray, as ropes coiled in a tin, or cut in strips that close to pieces for the hand. */
export const layings = ['tray', 'coil', 'triangle', 'parcel', 'cigar'] as const;
export type Laying = (typeof layings)[number];

export interface LeafLayingOptions {
  laying: 'tray' | 'coil';
  leafLengthMm: number;
  leafWidthMm: number;
  /** The tin or tray: length and width, a round one counts as a square of its diameter. */
  tinLengthMm: number;
  tinWidthMm: number;
  /** Layers one on another, for a tray those under the filling, and those over it where the cook said so. */
  leavesInStack: number;
  leavesOver?: number;
  /** Every leaf is cut across in two, and its halves are laid as leaves. */
  halves?: boolean;
  brushGramsPerM2: number;
}

/** One act of laying: how many leaves, turned by how much, how far over the one before. */
export interface LayingAct {
  act: 'base' | 'fill' | 'top' | 'stack' | 'roll' | 'tuck' | 'join';
  /** As they are laid: halves where leaves are halved. */
  leaves: number;
  turnDeg: number;
  overlapMm: number;
}

export interface LeafLaying {
  acts: LayingAct[];
  /** Whole leaves from the packet. */
  leaves: number;
  brushG: number;
  /** Layers under and over the filling; of a rope, round it. */
  under: number;
  over: number;
}

/** Leaves lap over one another, and are tucked in, by this, mm (estimates). */
const lapMm = 40;
const tuckMm = 20;
/** Top leaves of a pie for each of its base. */
const topShare = 0.8;

const count = (span: number, leaf: number): number =>
  leaf >= span ? 1 : 1 + Math.ceil((span - leaf) / Math.max(20, leaf - lapMm));

/** Layers over a tray's filling where the cook named none: four for five under it, as is usual. */
export const usualOver = (under: number): number => Math.max(1, Math.round(under * topShare));

/**
 * Order and overlap of leaves for a tray or a rope, from the leaf as it is bought: in a tray they come up its sides, lie side
 * by side lapped by 40 mm where one does not cover it, and their seams are turned about from layer to layer (estimates).
 * @example leafLaying({ laying: 'tray', leafLengthMm: 480, leafWidthMm: 300, tinLengthMm: 300, tinWidthMm: 220, leavesInStack: 7, leavesOver: 5, brushGramsPerM2: 50 }).leaves // 12
 */
export function leafLaying(o: LeafLayingOptions): LeafLaying {
  const whole = within(o.leafLengthMm, 50, 2000, 'leafLengthMm');
  const width = within(o.leafWidthMm, 50, 2000, 'leafWidthMm');
  const under = within(o.leavesInStack, 1, 20, 'leavesInStack');
  const perM2 = within(o.brushGramsPerM2, 0, 500, 'brushGramsPerM2');
  const length = o.halves ? whole / 2 : whole;
  const made = rowOf<() => { acts: LayingAct[]; over: number }>(
    {
      tray: () => {
        const tin = [within(o.tinLengthMm, 50, 1000, 'tinLengthMm'), within(o.tinWidthMm, 50, 1000, 'tinWidthMm')];
        const one = (l: number, w: number) => count(tin[0], l) * count(tin[1], w);
        const each = Math.min(one(length, width), one(width, length));
        const over = within(o.leavesOver ?? usualOver(under), 1, 20, 'leavesOver');
        const overlapMm = each > 1 ? lapMm : 0;
        const turnDeg = each > 1 ? 180 : 90;
        return {
          over,
          acts: [
            { act: 'base', leaves: under * each, turnDeg, overlapMm },
            { act: 'fill', leaves: 0, turnDeg: 0, overlapMm: 0 },
            { act: 'top', leaves: over * each, turnDeg, overlapMm },
            { act: 'tuck', leaves: 0, turnDeg: 0, overlapMm: tuckMm },
          ],
        };
      },
      coil: () => ({
        over: under,
        acts: [
          { act: 'stack', leaves: under, turnDeg: 0, overlapMm: 0 },
          { act: 'roll', leaves: 0, turnDeg: 0, overlapMm: tuckMm },
          { act: 'join', leaves: 0, turnDeg: 0, overlapMm: lapMm },
        ],
      }),
    },
    o.laying,
    'laying',
  )();
  const laid = made.acts.reduce((sum, a) => sum + a.leaves, 0);
  return {
    ...made,
    under,
    leaves: o.halves ? Math.ceil(laid / 2) : laid,
    brushG: (laid * perM2 * length * width) / 1e6,
  };
}

/** Dough of filo is about this heavy, kg/m³ (estimate). */
const leafDensity = 1250;

/** Area a piece of dough is stretched to for a thickness, m², and the side of a square of it, m. Nothing is lost in stretching. */
export function stretchedArea(massG: number, thicknessMm: number): { areaM2: number; sideM: number } {
  const volume = within(massG, 1, 20_000, 'massG') / 1000 / leafDensity;
  const areaM2 = volume / (within(thicknessMm, 0.02, 5, 'thicknessMm') / 1000);
  return { areaM2, sideM: Math.sqrt(areaM2) };
}
