import type { CutWay } from '../../../contracts/cut';
import type { LeafPieceKind, LeafPieces } from '../../../filling/leafPieces';
import type { LeafLaying } from '../../../lamination/leafLaying';
import type { EdgeRolled } from '../../../cutting/edgeRolled';
import type { PairRoll } from '../../../cutting/twoCutters';
import type { ShapeLayout } from '../../../cutting/packer';
import type { Generation } from '../../../cutting/reRolls';
import type { ScrapPlan } from '../../../cutting/scraps';
import type { CutShape } from '../../../cutting/shape';
import type { Sheet } from '../../../cutting/sheet';

/** Densities of rolled dough, g/cm³ (defaults of the cutting models, shown as assumptions). */
export const doughDensity = { shortcrust: 1.2, roughPuff: 1.15, filo: 1.25 } as const;

export const blankKinds = ['base', 'lid', 'bottom', 'band', 'strip', 'strand'] as const;
export type BlankKind = (typeof blankKinds)[number];

/** A piece cut to a dish, by the sides of its box, mm. */
export interface BlankShape {
  kind: BlankKind;
  form: 'round' | 'oval' | 'rect';
  dims: [number, number];
  count: number;
  massG: number;
}

/** One roll of the dough: its pieces, how they lie, and what they are for. */
export interface RolledGeneration extends Generation {
  layout: ShapeLayout;
  /** Of the n that are cut: lids first, for they show; bases from what shrinks more. */
  lids: number;
  bases: number;
}

/** The numbers of the Cut that other rooms use. */
export interface CutResult {
  /** Dough (g) this needs before anything is lost in the bowl; leaves for filo. */
  doughMassG: number;
  /** The sheet to roll, mm. */
  rolled: { lengthMm: number; widthMm: number; thicknessMm: number; sheets: number; shape: Sheet['shape'] };
  generations: RolledGeneration[];
  /** Rings that are baked whole and sliced after; the pieces are their slices. */
  rings?: number;
  /** How pieces come from the dough; dishes and leaves have sheets. */
  way: CutWay;
  /** Rounds that are rolled out at their edge after they are cut, the middle left thick; else null. */
  edge: EdgeRolled | null;
  /** Bases and lids of cups laid on one sheet, roll by roll; else null. */
  together: PairRoll[] | null;
  /** Everything cut: two for a pie of two rounds, strips and lids for a dish. */
  cuts: number;
  /** Minutes of cutting, or of brushing leaves. */
  cutMin: number;
  savedG: number;
  scraps: ScrapPlan | null;
  blanks: BlankShape[];
  leaves: {
    count: number;
    stacks: number;
    perStack: number;
    /** Layers of leaf under the filling and over it. */
    under: number;
    over: number;
    /** How they are laid; of pieces for the hand, what a strip makes. */
    laying: LeafLaying | null;
    made: (LeafPieces & { kind: LeafPieceKind; stripMm: number }) | null;
    ropeMm: number | null;
    ropeLengthMm: number | null;
  } | null;
  /** Geometry the other stations need, of one pie: its seam, what it holds, how large it is from above. */
  seamMm: number;
  comfortableMl: number;
  overfullMl: number;
  planAreaMm2: number;
  /** Share of the top that is not covered: 0 under a whole lid, 1 for an open pie. */
  openShare: number;
  /** One piece from above, closed; null for pies in a dish. */
  closed: CutShape | null;
  /** Outline and depth of a piece held in the hand, for the oven. */
  oven: { shape: { kind: 'disc'; dMm: number } | { kind: 'rect'; wMm: number; lMm: number }; depthMm: number } | null;
  /** Pies: pieces for the hand, pots, dishes, one tray or coil. */
  pieces: number;
  lidAreaMm2: number;
}
