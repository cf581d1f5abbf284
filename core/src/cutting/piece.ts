import { RefusedInput, within } from '../quantities/refusal';
import { domeArc } from '../vessels/blanks';

export const pieceKinds = ['halfmoon', 'round2', 'rect2', 'triangle', 'envelope', 'log', 'coil', 'plait'] as const;
export type PieceKind = (typeof pieceKinds)[number];

/** Comfortable fullness of a folded pocket: about two thirds of an inflated bag (estimate, 0.09 flat … 0.15 bulging). */
export const defaultPocketFullness = 0.127;

/** One piece of pastry; mm, g, ml. Which sizes apply depends on the kind. */
export interface PieceSpec {
  kind: PieceKind;
  d?: number;
  a?: number;
  b?: number;
  rim?: number;
  t?: number;
  rho?: number;
  dome?: number;
  kappa?: number;
  len?: number;
  width?: number;
  fillT?: number;
  core?: number;
  slice?: number;
  rope?: number;
  sheetLen?: number;
  sheetWid?: number;
  join?: number;
  mass?: number;
  strands?: number;
  angle?: number;
}

export interface Piece {
  kind: PieceKind;
  area: number;
  mass: number;
  seam: number | null;
  innerArea: number | null;
  fillMl: number | null;
  /** Lid size where a second blank is cut: a diameter, or [a, b]. */
  lid?: number | [number, number];
  /** Base's share of the dough. */
  split?: number;
  side?: number;
  D?: number;
  turns?: number;
  slices?: number;
  ropeLen?: number;
  sheets?: number;
  strandLen?: number;
  strandMass?: number;
  strandD?: number;
}

const need = (value: number | undefined, field: string, min = 5, max = 1000): number => within(value, min, max, field);

function positiveInner(size: number, field: string, rim: number): number {
  if (size <= 0)
    throw new RefusedInput({
      field: 'rim',
      code: 'rim_too_wide',
      value: rim,
      allowed: `narrower than half of ${field}`,
    });
  return size;
}

/** Area to cut, mass, seam, inner area and comfortable filling of one piece. */
// oxlint-disable-next-line max-lines-per-function -- one row for each kind of piece
export function piece(p: PieceSpec): Piece {
  const rim = within(p.rim ?? 10, 0, 100, 'rim');
  const t = within(p.t ?? 3, 0.2, 60, 't');
  const rho = within(p.rho ?? 1.2, 0.5, 1.6, 'rho');
  const kappa = within(p.kappa ?? defaultPocketFullness, 0.01, 0.3, 'kappa');
  const mass = (area: number) => (area * t * rho) / 1000;
  const pocket = (inner: number) => (kappa * inner ** 1.5) / 1000;
  const folded = (area: number, seam: number, innerArea: number, extra: Partial<Piece> = {}): Piece => ({
    kind: p.kind,
    area,
    mass: mass(area),
    seam,
    innerArea,
    fillMl: pocket(innerArea),
    ...extra,
  });
  switch (p.kind) {
    case 'halfmoon': {
      const d = need(p.d, 'd');
      const inner = positiveInner(d / 2 - rim, 'd', rim);
      return folded((Math.PI * d * d) / 4, (Math.PI * (d - rim)) / 2, (Math.PI * inner * inner) / 2);
    }
    case 'round2': {
      const d = need(p.d, 'd');
      const c = positiveInner(d - 2 * rim, 'd', rim);
      const h = p.dome ?? c / 6;
      const lid = domeArc(c, h) + 2 * rim;
      const area = (Math.PI * (d * d + lid * lid)) / 4;
      return {
        kind: p.kind,
        area,
        mass: mass(area),
        seam: Math.PI * (d - rim),
        innerArea: (Math.PI * c * c) / 4,
        fillMl: (Math.PI * h * ((3 * c * c) / 4 + h * h)) / 6 / 1000,
        lid,
        split: (d * d) / (d * d + lid * lid),
      };
    }
    case 'rect2': {
      const [a, b] = [need(p.a, 'a'), need(p.b ?? p.a, 'b')];
      const [ia, ib] = [positiveInner(a - 2 * rim, 'a', rim), positiveInner(b - 2 * rim, 'b', rim)];
      const h = p.dome ?? Math.min(ia, ib) / 6;
      const lid: [number, number] = [domeArc(ia, h) + 2 * rim, domeArc(ib, h) + 2 * rim];
      const area = a * b + lid[0] * lid[1];
      return {
        kind: p.kind,
        area,
        mass: mass(area),
        seam: 2 * (a + b) - 4 * rim,
        innerArea: ia * ib,
        fillMl: ((4 / 9) * ia * ib * h) / 1000,
        lid,
        split: (a * b) / area,
      };
    }
    case 'triangle': {
      const a = need(p.a, 'a');
      const inner = positiveInner(a - 2 * rim, 'a', rim);
      return folded(a * a, 2 * a - rim, (inner * inner) / 2);
    }
    case 'envelope': {
      const a = need(p.a, 'a');
      const inner = positiveInner(a / Math.SQRT2 - rim, 'a', rim);
      return folded(a * a, 2 * a, inner * inner, { side: a / Math.SQRT2 });
    }
    case 'log': {
      const [len, width] = [need(p.len, 'len', 5, 2000), need(p.width, 'width', 5, 2000)];
      const fillT = within(p.fillT ?? 4, 0, 100, 'fillT');
      const core = within(p.core ?? 0, 0, 500, 'core');
      const D = Math.sqrt((4 * len * (t + fillT)) / Math.PI + core * core);
      return {
        kind: p.kind,
        area: len * width,
        mass: mass(len * width),
        seam: width,
        innerArea: null,
        fillMl: (len * width * fillT) / 1000,
        D,
        turns: (D - core) / (2 * (t + fillT)),
        slices: p.slice ? Math.floor(width / within(p.slice, 1, 500, 'slice')) : undefined,
      };
    }
    case 'coil': {
      const d = need(p.d, 'd');
      const rope = need(p.rope, 'rope', 5, 300);
      const [sheetLen, sheetWid] = [need(p.sheetLen, 'sheetLen', 20, 2000), need(p.sheetWid, 'sheetWid', 20, 2000)];
      const join = within(p.join ?? 40, 0, sheetLen / 2, 'join');
      const ropeLen = (Math.PI * d * d) / (4 * rope);
      const sheets = Math.max(1, Math.ceil((ropeLen - sheetLen) / (sheetLen - join) + 1));
      const area = sheets * sheetLen * sheetWid;
      return { kind: p.kind, area, mass: mass(area), seam: null, innerArea: null, fillMl: null, ropeLen, sheets };
    }
    case 'plait': {
      const len = need(p.len, 'len', 20, 2000);
      const total = within(p.mass, 1, 20_000, 'mass');
      const strands = within(p.strands ?? 3, 2, 8, 'strands');
      const strandLen = len / Math.cos((within(p.angle ?? 39, 0, 60, 'angle') * Math.PI) / 180);
      const strandMass = total / strands;
      return {
        kind: p.kind,
        area: (total * 1000) / (t * rho),
        mass: total,
        seam: null,
        innerArea: null,
        fillMl: null,
        strandLen,
        strandMass,
        strandD: Math.sqrt((4 * strandMass * 1000) / (rho * Math.PI * strandLen)),
      };
    }
    default:
      throw new RefusedInput({ field: 'kind', code: 'unknown_kind', value: p.kind, allowed: pieceKinds });
  }
}

/**
 * Ball mass (g) that rolls to a round of diameter D at thickness t, and back: the equal-mass school, without scrap.
 * @example ballMass(120, 3, 1.2) // 40.72
 */
export const ballMass = (D: number, t: number, rho: number): number => (Math.PI * D * D * t * rho) / 4000;
export const ballDiameter = (mass: number, t: number, rho: number): number =>
  Math.sqrt((4000 * mass) / (Math.PI * t * rho));

/** What another cutter would mean: same thickness, or same mass per piece. */
export function otherCutter(o: { D: number; t: number; Dc: number; N: number; rim: number }) {
  const k = need(o.Dc, 'Dc') / need(o.D, 'D');
  if (o.Dc <= 2 * o.rim)
    throw new RefusedInput({ field: 'Dc', code: 'rim_too_wide', value: o.Dc, allowed: { min: 2 * o.rim } });
  const filling = ((o.Dc - 2 * o.rim) / (o.D - 2 * o.rim)) ** 3;
  return {
    sameThickness: {
      pieceMass: k * k,
      filling,
      piecesForSameDough: o.N / (k * k),
      piecesForSameFilling: Math.ceil(o.N / filling - 1e-9),
    },
    samePieceMass: { roll: o.t / (k * k), stretchPct: (1 / k - 1) * 100, warn: Math.abs(1 / k - 1) > 0.12 },
  };
}
