import { rowOf, within } from '../quantities/refusal';

export const layings = ['tray', 'coil', 'triangle', 'parcel'] as const;
export type Laying = (typeof layings)[number];

export interface LeafLayingOptions {
  laying: Laying;
  leafLengthMm: number;
  leafWidthMm: number;
  /** The tin or tray: length and width, a round one counts as a square of its diameter. */
  tinLengthMm: number;
  tinWidthMm: number;
  /** Leaves one on another, for tray the base's; the cook's own number. */
  leavesInStack: number;
  brushGramsPerM2: number;
}

/** One act of laying: how many leaves, turned by how much, how far over the one before. */
export interface LayingAct {
  act: 'base' | 'fill' | 'top' | 'stack' | 'strips' | 'roll' | 'flags' | 'tuck' | 'join';
  leaves: number;
  turnDeg: number;
  overlapMm: number;
}

export interface LeafLaying {
  acts: LayingAct[];
  leaves: number;
  brushG: number;
  /** Pieces that come of it: one tray, ropes of a coil, triangles or parcels of one stack. */
  pieces: number;
  /** Size of one piece, mm (of a triangle its strip's width, and how often it is folded), and its filling, g (estimate). */
  pieceMm: [number, number];
  fillG: number;
}

/** Leaves lap over one another, and are tucked in, by this, mm; filling lies so deep in a triangle or parcel, mm (estimates). */
const lapMm = 40;
const tuckMm = 20;
const fillMm = 12;
const fillGPerMl = 1.02;
/** Top leaves of a pie for each of its base, and a strip's least and most width, mm. */
const topShare = 0.8;
const [narrowMm, wideMm] = [60, 110];
/** A rope is as thick as this share of its roll of leaf round the filling (estimate): filling of that diameter, mm. */
const ropeFillMm = 28;

const count = (span: number, leaf: number): number =>
  leaf >= span ? 1 : 1 + Math.ceil((span - leaf) / Math.max(20, leaf - lapMm));

/**
 * Order and overlap of leaves for a tray, a coil, triangles or parcels, from the leaf as it is bought. Leaves side by side lap
 * by 40 mm and their seams are turned about from layer to layer. Strip widths, depth of filling and tucks are estimates.
 */
export function leafLaying(o: LeafLayingOptions): LeafLaying {
  const length = within(o.leafLengthMm, 50, 2000, 'leafLengthMm');
  const width = within(o.leafWidthMm, 50, 2000, 'leafWidthMm');
  const stack = within(o.leavesInStack, 1, 20, 'leavesInStack');
  const perLeafG = (within(o.brushGramsPerM2, 0, 500, 'brushGramsPerM2') * length * width) / 1e6;
  const made = rowOf<() => Omit<LeafLaying, 'leaves' | 'brushG'>>(
    {
      tray: () => {
        const across = count(within(o.tinLengthMm, 50, 1000, 'tinLengthMm'), length);
        const along = count(within(o.tinWidthMm, 50, 1000, 'tinWidthMm'), width);
        const each = across * along;
        const top = Math.max(1, Math.round(stack * topShare));
        const overlapMm = each > 1 ? lapMm : 0;
        const turnDeg = each > 1 ? 180 : 90;
        return {
          acts: [
            { act: 'base', leaves: stack * each, turnDeg, overlapMm },
            { act: 'fill', leaves: 0, turnDeg: 0, overlapMm: 0 },
            { act: 'top', leaves: top * each, turnDeg, overlapMm },
            { act: 'tuck', leaves: 0, turnDeg: 0, overlapMm: tuckMm },
          ],
          pieces: 1,
          pieceMm: [o.tinLengthMm, o.tinWidthMm],
          fillG: (o.tinLengthMm * o.tinWidthMm * 2 * fillMm * fillGPerMl) / 1000,
        };
      },
      coil: () => {
        const ropeMm = length - 2 * tuckMm;
        return {
          acts: [
            { act: 'stack', leaves: stack, turnDeg: 0, overlapMm: 0 },
            { act: 'roll', leaves: 0, turnDeg: 0, overlapMm: tuckMm },
            { act: 'join', leaves: 0, turnDeg: 0, overlapMm: lapMm },
          ],
          pieces: 1,
          pieceMm: [ropeMm, ropeFillMm],
          fillG: (ropeMm * Math.PI * (ropeFillMm / 2) ** 2 * fillGPerMl) / 1000,
        };
      },
      triangle: () => {
        const strips = Math.max(1, Math.round(width / ((narrowMm + wideMm) / 2)));
        const strip = width / strips;
        return {
          acts: [
            { act: 'stack', leaves: stack, turnDeg: 0, overlapMm: 0 },
            { act: 'strips', leaves: 0, turnDeg: 0, overlapMm: 0 },
            { act: 'flags', leaves: 0, turnDeg: 45, overlapMm: 0 },
            { act: 'tuck', leaves: 0, turnDeg: 0, overlapMm: Math.min(tuckMm, strip / 3) },
          ],
          pieces: strips,
          pieceMm: [strip, Math.floor((length - tuckMm) / strip)],
          fillG: ((strip * strip) / 2) * 0.8 * fillMm * fillGPerMl * 1e-3,
        };
      },
      parcel: () => {
        const pieces = Math.max(1, Math.round(length / (1.6 * width * 0.5)));
        const side = length / pieces;
        const across = Math.max(20, side - 2 * tuckMm * 1.5);
        const deep = Math.max(20, width / 4);
        return {
          acts: [
            { act: 'stack', leaves: stack, turnDeg: 0, overlapMm: 0 },
            { act: 'strips', leaves: 0, turnDeg: 90, overlapMm: 0 },
            { act: 'tuck', leaves: 0, turnDeg: 0, overlapMm: tuckMm * 1.5 },
            { act: 'roll', leaves: 0, turnDeg: 0, overlapMm: deep },
          ],
          pieces,
          pieceMm: [across, deep],
          fillG: across * deep * fillMm * fillGPerMl * 1e-3,
        };
      },
    },
    o.laying,
    'laying',
  )();
  const leaves = made.acts.reduce((sum, a) => sum + a.leaves, 0);
  return { ...made, leaves, brushG: leaves * perLeafG };
}

/** Dough of filo is about this heavy, kg/m³ (estimate). */
const leafDensity = 1250;

/** Area a piece of dough is stretched to for a thickness, m², and the side of a square of it, m. Nothing is lost in stretching. */
export function stretchedArea(massG: number, thicknessMm: number): { areaM2: number; sideM: number } {
  const volume = within(massG, 1, 20_000, 'massG') / 1000 / leafDensity;
  const areaM2 = volume / (within(thicknessMm, 0.02, 5, 'thicknessMm') / 1000);
  return { areaM2, sideM: Math.sqrt(areaM2) };
}
