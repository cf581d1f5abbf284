import { RefusedInput } from '../quantities/refusal';
import { fillVolume, simulatorShape, type FillShape } from './fillVolume';
import { piece } from '../cutting/piece';
import { around, outlineOf, shapeArea, signedArea, type CutShape, type Point } from '../cutting/shape';

export const handPieceKinds = [
  'round2',
  'halfmoon',
  'rect2',
  'triangle',
  'envelope',
  'bun',
  'log',
  'ring',
  'plait',
  'outline2',
] as const;
export type HandPieceKind = (typeof handPieceKinds)[number];

/**
 * Sizes of a piece held in the hand, mm. `sizeMm` is a diameter, a side, an outline's longest side, the length a log is rolled up
 * along, or the width of the strip a plait is made of: half of it filled, half cut and laid over.
 */
export interface HandPieceSizes {
  kind: HandPieceKind;
  sizeMm: number;
  /** Other side of a rectangle; length of a log. */
  otherMm?: number;
  rimMm: number;
  thicknessMm: number;
  outline?: readonly Point[];
  /** A log's filling, and the slices it is cut into. */
  fillThicknessMm?: number;
  sliceMm?: number;
}

export interface HandPiece {
  shape: CutShape;
  /** Cuts one pie takes; a log's share where it makes several. */
  perPie: number;
  slices: number;
  seamMm: number;
  innerMm2: number;
  comfortableMl: number;
  overfullMl: number;
  /** Closed, from above. */
  closed: CutShape;
  planMm2: number;
  /** For the oven. */
  oven: { shape: { kind: 'disc'; dMm: number } | { kind: 'rect'; wMm: number; lMm: number }; depthMm: number };
}

/** Over the comfortable fill of a pocket, what it takes with force: the ratio of the pocket factors of oven and filling. */
const forced = 0.175 / 0.14;
/** A bun keeps this share of its sphere as filling, and stands so much wider than it (estimates). */
const [bunFull, bunWider] = [0.6, 1.15];
/** Filling's share of the bag two outlines make, against two rounds of the same area: corners hold little (estimate). */
const cornersHold = 0.9;

const disc = (d: number): HandPiece['oven']['shape'] => ({ kind: 'disc', dMm: Math.round(d) });
const rect = (a: number, b: number): HandPiece['oven']['shape'] => ({
  kind: 'rect',
  wMm: Math.round(Math.min(a, b)),
  lMm: Math.round(Math.max(a, b)),
});
/** As deep as its filling makes a pocket: the rule of oven and filling 3.6, from its sealed area and fill. */
const pocketDepth = (ml: number, innerMm2: number): number => (ml * 1000) / (0.47 * innerMm2);

/** Inner area of an outline less its rim: the band along its edge, less what corners would count twice. */
const insideOutline = (points: readonly Point[], rim: number): number =>
  Math.abs(signedArea(points)) - around(points) * rim + Math.PI * rim * rim;

/** The widest rim a piece leaves any filling beside, mm. */
export function widestRim(s: Omit<HandPieceSizes, 'rimMm'>): number {
  switch (s.kind) {
    case 'rect2':
      return Math.min(s.sizeMm, s.otherMm ?? s.sizeMm) / 2 - 6;
    case 'envelope':
      return s.sizeMm / Math.SQRT2 - 12;
    case 'log':
      return s.sizeMm / 2;
    case 'ring':
      return (s.otherMm ?? usualOtherMm.ring) / 2;
    case 'plait':
      return Math.min(s.sizeMm / 2, s.otherMm ?? usualOtherMm.plait) / 2 - 6;
    case 'outline2': {
      const points = outlineOf(s.outline ?? [], s.sizeMm);
      let rim = s.sizeMm / 2;
      while (rim > 0 && insideOutline(points, rim) < 100) rim -= 1;
      return rim;
    }
    default:
      return s.sizeMm / 2 - 6;
  }
}

/** The other side of a piece where none was said: a log's length, the strip a ring is rolled up from, mm. */
export const usualOtherMm = { log: 300, ring: 140, plait: 300 } as const;
/** How long the parts of a ring may be before they are joined, mm. */
const ringPartMm = 600;

/** A strip rolled up round its filling, its parts joined end to end to a ring so far across; cut in slices after the bake. */
function ring(s: HandPieceSizes): { ropeMm: number; lengthMm: number; parts: number; stripMm: number } {
  const stripMm = s.otherMm ?? usualOtherMm.ring;
  const rolled = piece({
    kind: 'log',
    len: stripMm,
    width: 100,
    fillT: s.fillThicknessMm ?? 12,
    t: s.thicknessMm,
    rim: s.rimMm,
  });
  const ropeMm = rolled.D as number;
  const lengthMm = Math.PI * Math.max(ropeMm, s.sizeMm - ropeMm);
  return { ropeMm, lengthMm, parts: Math.ceil(lengthMm / ringPartMm), stripMm };
}

/** What is cut for one pie held in the hand, and what it holds. The rim must be narrower than `widestRim`. */
// oxlint-disable-next-line max-lines-per-function -- one row for each kind of piece
export function handPiece(s: HandPieceSizes): HandPiece {
  const { sizeMm: d, rimMm: rim, thicknessMm: t } = s;
  if (rim > widestRim(s) + 1e-9)
    throw new RefusedInput({ field: 'rim', code: 'rim_too_wide', value: rim, allowed: { max: widestRim(s) } });
  const cm = (mm: number) => mm / 10;
  const filled = (f: FillShape) => {
    const v = fillVolume(f);
    const { shape, depthMm } = simulatorShape(f);
    return {
      innerMm2: v.sealedAreaCm2 * 100,
      comfortableMl: v.comfortableMl,
      overfullMl: v.overfillMl,
      oven: { shape, depthMm },
    };
  };
  const of = (
    shape: CutShape,
    perPie: number,
    seamMm: number,
    closed: CutShape,
    rest: Pick<HandPiece, 'innerMm2' | 'comfortableMl' | 'overfullMl' | 'oven'>,
    slices = 1,
  ): HandPiece => ({ shape, perPie, slices, seamMm, closed, planMm2: shapeArea(closed), ...rest });
  switch (s.kind) {
    case 'round2':
      return of(
        { kind: 'disc', d },
        2,
        Math.PI * (d - rim),
        { kind: 'disc', d },
        filled({ kind: 'round', D: cm(d), r: cm(rim) }),
      );
    case 'halfmoon': {
      const closed: CutShape = { kind: 'outline', points: halfMoon(d) };
      const made = of(
        { kind: 'disc', d },
        1,
        (Math.PI * (d - rim)) / 2,
        closed,
        filled({ kind: 'halfmoon', D: cm(d), r: cm(rim) }),
      );
      return { ...made, planMm2: (Math.PI * d * d) / 8 };
    }
    case 'rect2': {
      const b = s.otherMm ?? d;
      const shape: CutShape = { kind: 'rect', a: d, b };
      return of(shape, 2, 2 * (d + b) - 4 * rim, shape, filled({ kind: 'rectpair', w: cm(d), l: cm(b), r: cm(rim) }));
    }
    case 'triangle': {
      const closed: CutShape = { kind: 'triangle', base: d * Math.SQRT2, height: d / Math.SQRT2 };
      return of(
        { kind: 'rect', a: d, b: d },
        1,
        2 * d - rim,
        closed,
        filled({ kind: 'triangle', s: cm(d), r: cm(rim) }),
      );
    }
    case 'envelope': {
      const made = piece({ kind: 'envelope', a: d, rim, t });
      const side = made.side as number;
      const ml = made.fillMl as number;
      const inner = made.innerArea as number;
      return of(
        { kind: 'rect', a: d, b: d },
        1,
        made.seam as number,
        { kind: 'rect', a: side, b: side },
        {
          innerMm2: inner,
          comfortableMl: ml,
          overfullMl: ml * forced,
          oven: { shape: rect(side, side), depthMm: pocketDepth(ml, inner) },
        },
      );
    }
    case 'bun': {
      // the disc less its rim becomes the skin of a ball: π(d/2 − rim)² = π D²
      const ball = d / 2 - rim;
      const ml = (bunFull * Math.PI * ball ** 3) / 6 / 1000;
      const across = ball * bunWider;
      return of(
        { kind: 'disc', d },
        1,
        2 * Math.PI * rim,
        { kind: 'disc', d: across },
        {
          innerMm2: (Math.PI / 4) * across * across,
          comfortableMl: ml,
          overfullMl: ml * forced,
          oven: { shape: disc(across), depthMm: Math.max(8, (ml * 1000) / ((Math.PI / 4) * across * across)) },
        },
      );
    }
    case 'log': {
      const b = s.otherMm ?? usualOtherMm.log;
      const fillT = s.fillThicknessMm ?? 12;
      const slices = Math.max(1, Math.floor(b / (s.sliceMm ?? b) + 1e-9));
      const made = piece({ kind: 'log', len: d, width: b, fillT, t, rim });
      const D = made.D as number;
      const filling = fillVolume({ kind: 'log', w: cm(b), l: cm(Math.max(10, d - rim)), t: cm(fillT) });
      const sliceMm = b / slices;
      const closed: CutShape = { kind: 'rect', a: sliceMm, b: D };
      const each = (ml: number) => ml / slices;
      return of(
        { kind: 'rect', a: d, b },
        1 / slices,
        b / slices,
        closed,
        {
          innerMm2: (d - rim) * sliceMm,
          comfortableMl: each(filling.comfortableMl),
          overfullMl: each(filling.overfillMl),
          oven: { shape: rect(sliceMm, D), depthMm: Math.max(8, 0.85 * (D - 2 * t)) },
        },
        slices,
      );
    }
    case 'ring': {
      const { ropeMm, lengthMm, parts, stripMm } = ring(s);
      const fillT = s.fillThicknessMm ?? 12;
      const slices = Math.max(1, Math.floor(lengthMm / (s.sliceMm ?? lengthMm) + 1e-9));
      const filling = fillVolume({
        kind: 'log',
        w: cm(lengthMm),
        l: cm(Math.max(10, stripMm - rim)),
        t: cm(fillT),
      });
      const sliceMm = lengthMm / slices;
      return of(
        { kind: 'rect', a: stripMm, b: lengthMm / parts },
        parts / slices,
        sliceMm,
        { kind: 'rect', a: sliceMm, b: ropeMm },
        {
          innerMm2: (stripMm - rim) * sliceMm,
          comfortableMl: filling.comfortableMl / slices,
          overfullMl: filling.overfillMl / slices,
          // a rope: its ends meet
          oven: {
            shape: rect(Math.min(longestRopeMm, lengthMm), ropeMm),
            depthMm: Math.max(8, 0.85 * (ropeMm - 2 * t)),
          },
        },
        slices,
      );
    }
    case 'plait': {
      const b = s.otherMm ?? usualOtherMm.plait;
      const slices = Math.max(1, Math.floor(b / (s.sliceMm ?? b) + 1e-9));
      const v = fillVolume({ kind: 'rectfold', w: cm(b), l: cm(d), r: cm(rim) });
      const sliceMm = b / slices;
      return of(
        { kind: 'rect', a: d, b },
        1 / slices,
        (b + d) / slices,
        { kind: 'rect', a: sliceMm, b: d / 2 },
        {
          innerMm2: (v.sealedAreaCm2 * 100) / slices,
          comfortableMl: v.comfortableMl / slices,
          overfullMl: v.overfillMl / slices,
          oven: {
            shape: rect(Math.min(longestRopeMm, b), d / 2),
            depthMm: Math.max(8, pocketDepth(v.comfortableMl, v.sealedAreaCm2 * 100)),
          },
        },
        slices,
      );
    }
    case 'outline2': {
      const points = outlineOf(s.outline ?? [], d);
      const shape: CutShape = { kind: 'outline', points };
      const inner = insideOutline(points, rim);
      const like = 2 * Math.sqrt(inner / Math.PI);
      const v = fillVolume({ kind: 'round', D: cm(like), r: 0 });
      const ml = cornersHold * v.comfortableMl;
      return of(shape, 2, around(points) - Math.PI * rim, shape, {
        innerMm2: inner,
        comfortableMl: ml,
        overfullMl: cornersHold * v.overfillMl,
        oven: { shape: disc(2 * Math.sqrt(shapeArea(shape) / Math.PI)), depthMm: pocketDepth(ml, inner) },
      });
    }
  }
}

/** What the oven reckons a rope as, at most: beyond it its length no longer matters. */
const longestRopeMm = 700;

/** A folded round, its straight edge below. */
function halfMoon(d: number): Point[] {
  const steps = 24;
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const turn = (Math.PI * i) / steps;
    return [d / 2 + (d / 2) * Math.cos(turn), (d / 2) * Math.sin(turn)];
  });
}

/** An outline to begin from: a leaf of eight points, its longest side one. */
export const startingOutline: readonly Point[] = [
  [0, 0.3],
  [0.22, 0.1],
  [0.55, 0],
  [0.85, 0.14],
  [1, 0.3],
  [0.85, 0.46],
  [0.55, 0.6],
  [0.22, 0.5],
];

/** Corners of a cook's outline, or of the starting one. */
export const outlineCorners = (outline: readonly { x: number; y: number }[] | undefined): readonly Point[] =>
  outline?.map(({ x, y }): Point => [x, y]) ?? startingOutline;
