import { shapeArea, type CutShape } from '../cutting/shape';
import { fillVolume, simulatorShape } from './fillVolume';
import { rowOf, within } from '../quantities/refusal';

/** Pieces closed in a strip of leaf: folded over and over to a triangle, to a parcel, or rolled to a cigar. */
export const leafPieceKinds = ['triangle', 'parcel', 'cigar'] as const;
export type LeafPieceKind = (typeof leafPieceKinds)[number];

export interface LeafPiecesOptions {
  kind: LeafPieceKind;
  leafLengthMm: number;
  leafWidthMm: number;
  /** Width of the strips a stack is cut into; a parcel or a cigar is as long as they are wide, less what is folded in. */
  stripMm: number;
  leavesInStack: number;
}

export interface LeafPieces {
  /** Strips side by side, and how often each is cut across; together the pieces of one stack. */
  across: number;
  along: number;
  perStack: number;
  stripLengthMm: number;
  /** How often a strip is folded or rolled over, and the leaves that then lie on each face. */
  folds: number;
  leavesOnAFace: number;
  /** One piece from above, its last edge, and what it holds. */
  closed: CutShape;
  seamMm: number;
  sealedMm2: number;
  comfortableMl: number;
  overfullMl: number;
  oven: ReturnType<typeof simulatorShape>;
}

/** The end of a strip that is tucked in, and what is folded in at a parcel's and a cigar's sides, mm (estimates). */
export const stripTuckMm = 20;
const foldedInMm = 24;
/** Filling lies so deep in a parcel, and so thick in a cigar, mm; what goes in with force, of the comfortable amount (estimates). */
const parcelDeepMm = 12;
const cigarMm = 16;
const forced = 1.25;
/** A strip is cut across when its halves are still long enough to close: so many widths, mm for a cigar (estimates). */
const closesIn = { triangle: 4, parcel: 2.4, cigarMm: 150 } as const;

/** The widest strip a leaf gives that still closes, mm. */
export const widestStrip = (leafLengthMm: number, leafWidthMm: number): number =>
  Math.min(leafWidthMm, leafLengthMm / 2.5);

/**
 * Pieces closed in strips of a leaf: how many a stack gives, how often a strip goes over, and what one holds. A triangle's
 * filling is that of `fillVolume`'s flag; a parcel's depth, a cigar's thickness and what is folded in are estimates. Refuses a
 * strip wider than `widestStrip`.
 * @example leafPieces({ kind: 'triangle', leafLengthMm: 480, leafWidthMm: 300, stripMm: 70, leavesInStack: 2 }).perStack // 4
 */
export function leafPieces(o: LeafPiecesOptions): LeafPieces {
  const length = within(o.leafLengthMm, 50, 2000, 'leafLengthMm');
  const width = within(o.leafWidthMm, 50, 2000, 'leafWidthMm');
  const strip = within(o.stripMm, 20, widestStrip(length, width), 'stripMm');
  const stack = within(o.leavesInStack, 1, 20, 'leavesInStack');
  const across = Math.floor(width / strip + 1e-9);
  const cut = (least: number) => {
    const along = Math.max(1, Math.floor(length / least));
    return { along, stripLengthMm: length / along };
  };
  const inside = Math.max(12, strip - 2 * Math.min(foldedInMm, strip / 5));
  const made = rowOf<() => Omit<LeafPieces, 'across' | 'perStack' | 'leavesOnAFace'>>(
    {
      triangle: () => {
        const strips = cut(closesIn.triangle * strip);
        const flag = { kind: 'filoflag', w: strip / 10 } as const;
        const v = fillVolume(flag);
        return {
          ...strips,
          folds: Math.max(1, Math.floor((strips.stripLengthMm - stripTuckMm) / strip)),
          closed: { kind: 'triangle', base: strip * Math.SQRT2, height: strip / Math.SQRT2 },
          seamMm: strip,
          sealedMm2: v.sealedAreaCm2 * 100,
          comfortableMl: v.comfortableMl,
          overfullMl: v.overfillMl,
          oven: simulatorShape(flag),
        };
      },
      parcel: () => {
        const strips = cut(closesIn.parcel * strip);
        const deep = Math.max(20, 0.6 * inside);
        const ml = (inside * deep * parcelDeepMm) / 1000;
        return {
          ...strips,
          folds: Math.max(1, Math.floor((strips.stripLengthMm - deep) / deep)),
          closed: { kind: 'rect', a: inside, b: deep },
          seamMm: inside,
          sealedMm2: inside * deep,
          comfortableMl: ml,
          overfullMl: forced * ml,
          oven: {
            shape: { kind: 'rect', wMm: Math.round(Math.min(inside, deep)), lMm: Math.round(Math.max(inside, deep)) },
            depthMm: parcelDeepMm,
          },
        };
      },
      cigar: () => {
        const strips = cut(closesIn.cigarMm);
        const ml = (inside * Math.PI * (cigarMm / 2) ** 2) / 1000;
        return {
          ...strips,
          folds: Math.max(1, Math.floor((strips.stripLengthMm - stripTuckMm) / (Math.PI * (cigarMm + 2)))),
          closed: { kind: 'rect', a: inside, b: cigarMm + 4 },
          seamMm: inside,
          sealedMm2: inside * cigarMm,
          comfortableMl: ml,
          overfullMl: forced * ml,
          oven: {
            shape: { kind: 'rect', wMm: cigarMm + 4, lMm: Math.round(Math.max(cigarMm + 4, inside)) },
            depthMm: 0.85 * cigarMm,
          },
        };
      },
    },
    o.kind,
    'kind',
  )();
  // a cigar's leaf goes all round; what is folded over lies on one face and the other by turns
  const overs = o.kind === 'cigar' ? made.folds : Math.ceil((made.folds + 1) / 2);
  return { ...made, across, perStack: across * made.along, leavesOnAFace: stack * Math.max(1, overs) };
}

/** One piece from above, mm². */
export const leafPieceMm2 = ({ closed }: Pick<LeafPieces, 'closed'>): number => shapeArea(closed);
