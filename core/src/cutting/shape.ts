import { RefusedInput, within } from '../quantities/refusal';

export type Point = readonly [number, number];

/** What one cut takes out of a sheet, mm. A triangle is isosceles; an outline is drawn by hand. */
export type CutShape =
  | { kind: 'disc'; d: number }
  | { kind: 'rect'; a: number; b: number }
  | { kind: 'triangle'; base: number; height: number }
  | { kind: 'outline'; points: readonly Point[] };

export const mostOutlinePoints = 40;

/** Signed area of a polygon, mm²; positive when it runs against the clock. */
export function signedArea(points: readonly Point[]): number {
  let twice = 0;
  points.forEach(([x, y], i) => {
    const [u, v] = points[(i + 1) % points.length];
    twice += x * v - u * y;
  });
  return twice / 2;
}

export function boxOf(points: readonly Point[]): { x: number; y: number; w: number; h: number } {
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y };
}

const side = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

/** Whether two edges of an outline that do not follow one another touch. */
export function crossesItself(points: readonly Point[]): boolean {
  const n = points.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 1; j < n; j++) {
      if (j === i + 1 || (i === 0 && j === n - 1)) continue;
      const [a, b] = [points[i], points[(i + 1) % n]];
      const [c, d] = [points[j], points[(j + 1) % n]];
      if (side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0) return true;
    }
  return false;
}

/** The same points in order round their middle: the nearest outline that does not cross itself. */
export function untangled(points: readonly Point[]): Point[] {
  const middle = [0, 1].map((k) => points.reduce((sum, p) => sum + p[k], 0) / points.length) as [number, number];
  const turn = ([x, y]: Point) => Math.atan2(y - middle[1], x - middle[0]);
  return [...points].sort((p, q) => turn(p) - turn(q));
}

/** An outline of a handful of points, refused when it has too few or many, encloses nothing, or crosses itself. */
export function checkedOutline(points: readonly Point[], field = 'outline'): Point[] {
  if (points.length < 3 || points.length > mostOutlinePoints)
    throw new RefusedInput({
      field,
      code: 'out_of_range',
      value: points.length,
      allowed: { min: 3, max: mostOutlinePoints },
    });
  for (const [x, y] of points) [x, y].forEach((v) => within(v, -2000, 2000, field));
  if (crossesItself(points))
    throw new RefusedInput({ field, code: 'crosses_itself', value: points.length, allowed: 'points in order' });
  if (Math.abs(signedArea(points)) < 25)
    throw new RefusedInput({ field, code: 'out_of_range', value: 0, allowed: { min: 25 } });
  return [...points];
}

/** An outline moved to the corner and stretched so that its longest side is `longest` mm. */
export function outlineOf(points: readonly Point[], longest: number): Point[] {
  const { x, y, w, h } = boxOf(points);
  const k = longest / Math.max(w, h);
  return points.map(([px, py]): Point => [(px - x) * k, (py - y) * k]);
}

export const shapeArea = (s: CutShape): number => {
  switch (s.kind) {
    case 'disc':
      return (Math.PI / 4) * s.d * s.d;
    case 'rect':
      return s.a * s.b;
    case 'triangle':
      return (s.base * s.height) / 2;
    case 'outline':
      return Math.abs(signedArea(s.points));
  }
};

/** Sides of the box a shape fits in, mm. */
export const shapeSize = (s: CutShape): [number, number] => {
  switch (s.kind) {
    case 'disc':
      return [s.d, s.d];
    case 'rect':
      return [s.a, s.b];
    case 'triangle':
      return [s.base, s.height];
    case 'outline': {
      const { w, h } = boxOf(s.points);
      return [w, h];
    }
  }
};

/** A shape stretched along x and along y. A disc stays a disc: its cutter is round; it takes the mean of both, which keeps the area. */
export function scaledShape(s: CutShape, x: number, y: number): CutShape {
  switch (s.kind) {
    case 'disc':
      return { kind: 'disc', d: s.d * Math.sqrt(x * y) };
    case 'rect':
      return { kind: 'rect', a: s.a * x, b: s.b * y };
    case 'triangle':
      return { kind: 'triangle', base: s.base * x, height: s.height * y };
    case 'outline':
      return { kind: 'outline', points: s.points.map(([px, py]): Point => [px * x, py * y]) };
  }
}

/** Corners of a shape, from the lower left corner of its box; a disc has none. */
export function corners(s: CutShape): Point[] {
  switch (s.kind) {
    case 'disc':
      return [];
    case 'rect':
      return [
        [0, 0],
        [s.a, 0],
        [s.a, s.b],
        [0, s.b],
      ];
    case 'triangle':
      return [
        [0, 0],
        [s.base, 0],
        [s.base / 2, s.height],
      ];
    case 'outline': {
      const { x, y } = boxOf(s.points);
      return s.points.map(([px, py]): Point => [px - x, py - y]);
    }
  }
}

/** Quarter turns of a piece on its sheet. */
export type Turn = 0 | 90 | 180 | 270;

/** Corners turned about the box they lie in, again from that box's lower left corner. */
export function turned(points: readonly Point[], turn: Turn): Point[] {
  const box = boxOf(points);
  const { w, h } = box;
  return points.map(([px, py]): Point => {
    const [x, y] = [px - box.x, py - box.y];
    if (turn === 90) return [h - y, x];
    if (turn === 180) return [w - x, h - y];
    if (turn === 270) return [y, w - x];
    return [x, y];
  });
}

/** Distance round a polygon, mm. */
export const around = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], i) => {
    const [u, v] = points[(i + 1) % points.length];
    return sum + Math.hypot(u - x, v - y);
  }, 0);
