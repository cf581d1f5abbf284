import { boxOf, turned, type Point, type Turn } from './shape';

/** A piece on a sheet by the lower left corner of its box, mm, and how it is turned. */
export interface PlacedCorner {
  x: number;
  y: number;
  turn: Turn;
}

/** Rows of one outline that repeat for ever: how far apart along a row, from row to row, and which way up. */
export interface OutlineRows {
  /** Box of one piece as it lies. */
  w: number;
  h: number;
  turn: Turn;
  /** Second piece of a pair in a row: its distance from the first, in a row and in one the other way up; null when all lie one way. */
  pair: readonly [number, number] | null;
  period: number;
  /** Where the other rows begin, whether they lie the other way up, and the pitch to them and on from them. */
  offset: number;
  flipped: boolean;
  up: number;
  on: number;
}

/** Left and right end of a polygon at height y, or null beside it. */
function ends(points: readonly Point[], y: number): [number, number] | null {
  let [left, right] = [Infinity, -Infinity];
  for (let i = 0; i < points.length; i++) {
    const [x1, y1] = points[i];
    const [x2, y2] = points[(i + 1) % points.length];
    if ((y < y1 && y < y2) || (y > y1 && y > y2)) continue;
    const xs = y1 === y2 ? [x1, x2] : [x1 + ((x2 - x1) * (y - y1)) / (y2 - y1)];
    for (const x of xs) {
      if (x < left) left = x;
      if (x > right) right = x;
    }
  }
  return left > right ? null : [left, right];
}

/** How far Q, lifted by dy, must lie to the right of P not to touch it: the largest over all corner heights. */
export function slide(P: readonly Point[], Q: readonly Point[], dy = 0): number {
  let far = -Infinity;
  for (const y of [...P.map((p) => p[1]), ...Q.map((q) => q[1] + dy)]) {
    const [p, q] = [ends(P, y), ends(Q, y - dy)];
    if (p && q) far = Math.max(far, p[1] - q[0]);
  }
  return far;
}

const across = (points: readonly Point[]): Point[] => points.map(([x, y]): Point => [y, x]);

/** Rows of an outline, one way up or head to tail, rows shifted by eighths and either way up. Gaps are measured along the slide. */
export function outlineRows(points: readonly Point[], gap: number, quarterTurns = true): OutlineRows[] {
  const made: OutlineRows[] = [];
  for (const turn of quarterTurns ? ([0, 90] as const) : ([0] as const)) {
    const P = turned(points, turn);
    const R = turned(P, 180);
    const { w, h } = boxOf(P);
    const alike = slide(P, P) + gap;
    const [first, second] = [slide(P, R) + gap, slide(R, P) + gap];
    const ways: Pick<OutlineRows, 'pair' | 'period'>[] = [
      { pair: null, period: alike },
      { pair: [first, second], period: Math.max(first + second, alike) },
    ];
    for (const { pair, period } of ways) {
      const rowOf = (flipped: boolean) => (pair === null ? [flipped ? R : P] : flipped ? [R, P] : [P, R]);
      const at = (k: number, flipped: boolean) => (k && pair ? pair[flipped ? 1 : 0] : 0);
      const reach = Math.ceil((w + gap) / period) + 2;
      /** Least lift of an upper row over a lower one, their pieces as far aside as `dx` can be. */
      const lift = (lower: boolean, upper: boolean, offset: number): number => {
        let most = 0;
        rowOf(lower).forEach((A, i) =>
          rowOf(upper).forEach((B, j) => {
            for (let n = -reach; n <= reach; n++) {
              const dx = offset + at(j, upper) - at(i, lower) + n * period;
              if (Math.abs(dx) < w + gap) most = Math.max(most, slide(across(A), across(B), dx) + gap);
            }
          }),
        );
        return most;
      };
      for (const flipped of [false, true])
        for (let eighth = 0; eighth < 8; eighth++) {
          const offset = (eighth * period) / 8;
          const up = lift(false, flipped, offset);
          const on = Math.max(lift(flipped, false, -offset), h + gap - up);
          made.push({ w, h, turn, pair, period, offset, flipped, up, on });
        }
    }
  }
  return made;
}

const turnOf = (r: OutlineRows, flipped: boolean): Turn => ((r.turn + (flipped ? 180 : 0)) % 360) as Turn;
const slack = 1e-9;

/** How many of a row, or of an other row, fit in a width. */
function inRow(r: OutlineRows, other: boolean, W: number): number {
  const from = other ? r.offset : 0;
  const first = W - r.w - from;
  if (first < -slack) return 0;
  const n = Math.floor(first / r.period + slack) + 1;
  if (r.pair === null) return n;
  const second = first - r.pair[other && r.flipped ? 1 : 0];
  return n + (second < -slack ? 0 : Math.floor(second / r.period + slack) + 1);
}

const rowsIn = (r: OutlineRows, H: number): number => {
  if (H < r.h - slack) return 0;
  let [n, y] = [1, 0];
  for (;;) {
    y += n % 2 ? r.up : r.on;
    if (y + r.h > H + slack || n >= 400) return n;
    n++;
  }
};

/** How many pieces such rows hold in W × H. */
export function countRows(r: OutlineRows, W: number, H: number): number {
  const rows = rowsIn(r, H);
  const odd = Math.floor(rows / 2);
  return (rows - odd) * inRow(r, false, W) + odd * inRow(r, true, W);
}

/** The pieces themselves, from the lower left corner of W × H. */
export function placeRows(r: OutlineRows, W: number, H: number): PlacedCorner[] {
  const placed: PlacedCorner[] = [];
  let y = 0;
  for (let row = 0; row < rowsIn(r, H); row++) {
    const other = row % 2 === 1;
    const from = other ? r.offset : 0;
    const flipped = other && r.flipped;
    for (let i = 0; i < inRow(r, other, W); i++) {
      const second = r.pair !== null && i % 2 === 1;
      const n = r.pair === null ? i : Math.floor(i / 2);
      placed.push({
        x: from + n * r.period + (second && r.pair ? r.pair[flipped ? 1 : 0] : 0),
        y,
        turn: turnOf(r, flipped !== second),
      });
    }
    y += other ? r.on : r.up;
  }
  return placed;
}
