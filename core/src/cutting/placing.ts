import { apartBy } from './freeSearch';
import { outlineRows, placeRows } from './rowsOfOutlines';
import { rowPattern } from './rowPatterns';
import { laidCorners, packerOf } from './packer';
import { boxOf, corners, shapeSize, turned, type CutShape, type Point, type Turn } from './shape';
import type { Sheet } from './sheet';
import { sidesOf } from './sheet';

/** A piece by the middle of its box, from the sheet's lower left corner, mm. */
export interface PlacedPiece {
  x: number;
  y: number;
  turn?: Turn;
  held?: boolean;
}

export interface Bed {
  sheet: Sheet;
  shape: CutShape;
  trim: number;
  gap: number;
}

const slack = 1e-4;
const cornersOf = (bed: Bed, p: PlacedPiece): Point[] => laidCorners(bed.shape, [p.x, p.y], p.turn ?? 0);

/** Whether a piece lies on the sheet, clear of its trim. */
export function onSheet(bed: Bed, p: PlacedPiece): boolean {
  const [w, h] = sidesOf(bed.sheet);
  const { trim, shape, sheet } = bed;
  if (shape.kind === 'disc') {
    const r = shape.d / 2;
    if (sheet.shape === 'round') return apartBy(p.x - w / 2, p.y - w / 2) <= w / 2 - trim - r + slack;
    return Math.min(p.x, p.y, w - p.x, h - p.y) >= r + trim - slack;
  }
  const points = cornersOf(bed, p);
  if (sheet.shape === 'round') return points.every(([x, y]) => apartBy(x - w / 2, y - w / 2) <= w / 2 - trim + slack);
  const b = boxOf(points);
  return Math.min(b.x, b.y, w - b.x - b.w, h - b.y - b.h) >= trim - slack;
}

const side = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

const inside = (points: readonly Point[], [x, y]: Point): boolean => {
  let within = false;
  points.forEach(([x1, y1], i) => {
    const [x2, y2] = points[(i + 1) % points.length];
    if (y1 > y !== y2 > y && x < x1 + ((x2 - x1) * (y - y1)) / (y2 - y1)) within = !within;
  });
  return within;
};

/** Two polygons that share more than an edge: an edge of one crosses one of the other, or one holds a corner of the other. */
function overlap(P: readonly Point[], Q: readonly Point[]): boolean {
  const [p, q] = [boxOf(P), boxOf(Q)];
  if (p.x + p.w <= q.x + slack || q.x + q.w <= p.x + slack || p.y + p.h <= q.y + slack || q.y + q.h <= p.y + slack)
    return false;
  for (let i = 0; i < P.length; i++)
    for (let j = 0; j < Q.length; j++) {
      const [a, b] = [P[i], P[(i + 1) % P.length]];
      const [c, d] = [Q[j], Q[(j + 1) % Q.length]];
      if (side(a, b, c) * side(a, b, d) < -1e-3 && side(c, d, a) * side(c, d, b) < -1e-3) return true;
    }
  // drawn in a hair, so that a shared edge is none
  const hair = (points: readonly Point[], box: typeof p): Point[] =>
    points.map(([x, y]): Point => [x + (box.x + box.w / 2 - x) * 1e-4, y + (box.y + box.h / 2 - y) * 1e-4]);
  return hair(P, p).some((point) => inside(Q, point)) || hair(Q, q).some((point) => inside(P, point));
}

/** Whether two pieces leave the gap between them; outlines and straight pieces only do not overlap. */
export function apart(bed: Bed, p: PlacedPiece, q: PlacedPiece): boolean {
  if (bed.shape.kind === 'disc') return apartBy(p.x - q.x, p.y - q.y) >= bed.shape.d + bed.gap - slack;
  const [w, h] = shapeSize(bed.shape);
  if (apartBy(p.x - q.x, p.y - q.y) >= apartBy(w, h)) return true;
  return !overlap(cornersOf(bed, p), cornersOf(bed, q));
}

/** Pieces that lie over the trim, and pairs that overlap; by index. */
export function misplaced(
  bed: Bed,
  pieces: readonly PlacedPiece[],
): { outside: number[]; overlapping: [number, number][] } {
  const outside = pieces.flatMap((p, i) => (onSheet(bed, p) ? [] : [i]));
  const overlapping: [number, number][] = [];
  pieces.forEach((p, i) => {
    for (let j = i + 1; j < pieces.length; j++) if (!apart(bed, p, pieces[j])) overlapping.push([i, j]);
  });
  return { outside, overlapping };
}

const free = (bed: Bed, p: PlacedPiece, others: readonly PlacedPiece[]): boolean =>
  onSheet(bed, p) && others.every((q) => apart(bed, p, q));

/** Spots where a disc touches two of what is there: two walls, a wall and a disc, or two discs. */
function* snugSpots(bed: Bed, others: readonly PlacedPiece[]): Generator<[number, number]> {
  if (bed.shape.kind !== 'disc' || bed.sheet.shape === 'round') return;
  const reach = bed.shape.d + bed.gap;
  const edge = bed.shape.d / 2 + bed.trim;
  const [w, h] = sidesOf(bed.sheet);
  for (const x of [edge, w - edge]) for (const y of [edge, h - edge]) yield [x, y];
  for (const q of others) {
    for (const x of [edge, w - edge]) {
      const up = reach * reach - (x - q.x) ** 2;
      if (up >= 0) for (const s of [1, -1]) yield [x, q.y + s * Math.sqrt(up)];
    }
    for (const y of [edge, h - edge]) {
      const along = reach * reach - (y - q.y) ** 2;
      if (along >= 0) for (const s of [1, -1]) yield [q.x + s * Math.sqrt(along), y];
    }
  }
  for (let i = 0; i < others.length; i++)
    for (let j = i + 1; j < others.length; j++) {
      const [p, q] = [others[i], others[j]];
      const [dx, dy] = [q.x - p.x, q.y - p.y];
      const far = apartBy(dx, dy);
      if (far > 2 * reach || far < 1e-9) continue;
      const rise = Math.sqrt(Math.max(0, reach * reach - (far * far) / 4));
      for (const s of [1, -1]) yield [(p.x + q.x) / 2 - (s * rise * dy) / far, (p.y + q.y) / 2 + (s * rise * dx) / far];
    }
}

/** Nearest place to `at` where a piece is clear of the others: where it is, against one neighbour, or snug between two. */
export function snapped(bed: Bed, piece: PlacedPiece, others: readonly PlacedPiece[], withinMm = 8): PlacedPiece {
  const tries: [number, number][] = [...snugSpots(bed, others)];
  if (bed.shape.kind === 'disc') {
    const reach = bed.shape.d + bed.gap;
    for (const q of others) {
      const far = apartBy(piece.x - q.x, piece.y - q.y) || 1;
      tries.push([q.x + ((piece.x - q.x) / far) * reach, q.y + ((piece.y - q.y) / far) * reach]);
    }
  } else {
    const [w, h] = boxSize(bed.shape, piece.turn ?? 0);
    const [W, H] = sidesOf(bed.sheet);
    const xs = [bed.trim + w / 2, W - bed.trim - w / 2, piece.x];
    const ys = [bed.trim + h / 2, H - bed.trim - h / 2, piece.y];
    for (const q of others) {
      const [qw, qh] = boxSize(bed.shape, q.turn ?? 0);
      xs.push(q.x, q.x + (qw + w) / 2 + bed.gap, q.x - (qw + w) / 2 - bed.gap);
      ys.push(q.y, q.y + (qh + h) / 2 + bed.gap, q.y - (qh + h) / 2 - bed.gap);
    }
    for (const x of xs) for (const y of ys) if (apartBy(x - piece.x, y - piece.y) < 200) tries.push([x, y]);
  }
  const away = ([x, y]: readonly [number, number]) => apartBy(x - piece.x, y - piece.y);
  const sorted = tries.sort((p, q) => away(p) - away(q));
  const stands = free(bed, piece, others);
  for (const spot of sorted) {
    if (stands && away(spot) > withinMm) break;
    const there = { ...piece, x: spot[0], y: spot[1] };
    if (free(bed, there, others)) return there;
  }
  return piece;
}

const boxSize = (shape: CutShape, turn: Turn): [number, number] => {
  const [w, h] = shapeSize(shape);
  return turn % 180 ? [h, w] : [w, h];
};

/** Fills snug spots from one corner of the sheet, lowest first. */
function filledFrom(
  bed: Bed,
  start: readonly PlacedPiece[],
  towards: readonly [number, number],
  most: number,
): PlacedPiece[] {
  const placed = [...start];
  while (placed.length < most) {
    let best: { x: number; y: number; far: number } | null = null;
    for (const [x, y] of snugSpots(bed, placed)) {
      const far = x * towards[0] + y * towards[1];
      if ((!best || far < best.far - 1e-9) && free(bed, { x, y }, placed)) best = { x, y, far };
    }
    if (!best) return placed;
    placed.push({ x: best.x, y: best.y });
  }
  return placed;
}

/** Whole layouts of this shape, to be shifted under the held pieces. */
function patterns(bed: Bed): PlacedPiece[][] {
  if (bed.shape.kind === 'disc') {
    const one = rowPattern({ ...bed, d: bed.shape.d });
    return [one.centres.map(([x, y]) => ({ x, y }))];
  }
  if (bed.shape.kind === 'rect' || bed.sheet.shape === 'round') {
    const made = packerOf(bed.shape, { trim: bed.trim, gap: bed.gap, quarterTurns: true }).lay(bed.sheet);
    return [made.centres.map(([x, y], i) => ({ x, y, turn: made.turns[i] ?? 0 }))];
  }
  const [W, H] = sidesOf(bed.sheet).map((s) => s - 2 * bed.trim) as [number, number];
  const points = corners(bed.shape);
  return outlineRows(points, bed.gap)
    .map((way) =>
      placeRows(way, W, H).map((p): PlacedPiece => {
        const { w, h } = boxOf(turned(points, p.turn));
        return { x: p.x + bed.trim + w / 2, y: p.y + bed.trim + h / 2, turn: p.turn };
      }),
    )
    .sort((a, b) => b.length - a.length)
    .slice(0, 8);
}

/**
 * The held pieces stay, the rest is laid again round them: rows where they are and shifted to run through a held piece, and, for
 * discs, snug filling from each corner. The largest count of these; a good guess, not a bound. At most `most` pieces.
 */
export function layAround(bed: Bed, held: readonly PlacedPiece[], most = 200): { n: number; pieces: PlacedPiece[] } {
  const kept: PlacedPiece[] = held.map((p) => ({ ...p, held: true }));
  let best: PlacedPiece[] = kept;
  const offer = (pieces: PlacedPiece[]) => {
    if (pieces.length > best.length) best = pieces;
  };
  for (const pattern of patterns(bed)) {
    const shifts: [number, number][] = [[0, 0]];
    for (const h of kept) {
      const near = [...pattern].sort((p, q) => apartBy(p.x - h.x, p.y - h.y) - apartBy(q.x - h.x, q.y - h.y))[0];
      if (near) shifts.push([h.x - near.x, h.y - near.y], [h.x - near.x, 0], [0, h.y - near.y]);
    }
    for (const [dx, dy] of shifts) {
      const placed = [...kept];
      for (const p of pattern) {
        const there = { ...p, x: p.x + dx, y: p.y + dy };
        if (free(bed, there, placed)) placed.push(there);
      }
      offer(bed.shape.kind === 'disc' && placed.length < 45 ? filledFrom(bed, placed, [1, 1.01], most) : placed);
    }
  }
  if (bed.shape.kind === 'disc' && best.length < 45)
    for (const towards of [
      [1, 1.01],
      [-1, 1.01],
      [1, -1.01],
      [-1, -1.01],
      [1.01, 1],
      [0.01, 1],
      [1, 0.01],
    ] as const)
      offer(filledFrom(bed, kept, towards, most));
  return { n: Math.min(most, best.length), pieces: best.slice(0, Math.max(most, kept.length)) };
}
