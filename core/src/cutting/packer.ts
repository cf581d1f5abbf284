import { countRows, outlineRows, placeRows, type OutlineRows } from './rowsOfOutlines';
import { rowPattern, type PatternName, type RowLayout } from './rowPatterns';
import { boxOf, corners, shapeArea, shapeSize, turned, type CutShape, type Turn } from './shape';
import { sheetArea, slack, type Sheet, sidesOf } from './sheet';
import { gridOnly } from './straightCuts';

/** Pieces laid on a sheet: centres of their boxes from its lower left corner, and how each is turned. */
export interface ShapeLayout extends Omit<RowLayout, 'pattern'> {
  pattern: PatternName | 'one way up' | 'head to tail';
  turns: Turn[];
}

export interface PackSettings {
  trim: number;
  gap: number;
  /** Pieces may lie a quarter turn round; not where dough shrinks differently along and across. */
  quarterTurns: boolean;
}

/** How one shape lies on sheets: quickly counted for planning, fully laid for drawing. */
export interface Packer {
  shape: CutShape;
  area: number;
  /** Most that are counted on a sheet in rows or a grid. */
  count(sheet: Sheet): number;
  lay(sheet: Sheet): ShapeLayout;
  /** Sides of sheets, up to `long`, at which one more may fit. */
  sides(long: number): number[];
}

const upTo = (step: number, first: number, long: number): number[] => {
  const found: number[] = [];
  for (let side = first; side <= long && found.length < 400; side += step) found.push(side);
  return found;
};

function discs(d: number, s: PackSettings): Packer {
  const shape: CutShape = { kind: 'disc', d };
  const of = (sheet: Sheet) => ({ sheet, d, trim: s.trim, gap: s.gap });
  const delta = d + s.gap;
  return {
    shape,
    area: shapeArea(shape),
    count: (sheet) => rowPattern(of(sheet), 6).n,
    lay: (sheet) => {
      const layout = rowPattern(of(sheet));
      return { ...layout, turns: layout.centres.map(() => 0) };
    },
    sides: (long) => upTo(delta / 2, delta + 2 * s.trim - s.gap, long),
  };
}

/** No more pieces than this: their area against the sheet's, and nothing that is larger than it. */
function areaBound(sheet: Sheet, shape: CutShape, s: PackSettings): number {
  const [w, h] = sidesOf(sheet).map((side) => Math.max(0, side - 2 * s.trim)) as [number, number];
  const room = sheet.shape === 'round' ? (Math.PI / 4) * w * w : w * h;
  return Math.floor(room / shapeArea(shape) + slack);
}

const none = (bound: number): ShapeLayout => ({
  n: 0,
  pattern: 'none',
  centres: [],
  turns: [],
  bound,
  scrap: 1,
  provablyBest: bound === 0,
});

function rects(a: number, b: number, s: PackSettings): Packer {
  const shape: CutShape = { kind: 'rect', a, b };
  const of = (sheet: Sheet) => {
    const [w, h] = sidesOf(sheet);
    return { w, h, a, b, trim: s.trim, gap: s.gap, rotate: s.quarterTurns };
  };
  const fitsAtAll = (sheet: Sheet) => sheet.shape !== 'round' && Math.min(...sidesOf(sheet)) >= 20;
  return {
    shape,
    area: a * b,
    count: (sheet) => (fitsAtAll(sheet) ? gridOnly(of(sheet)).n : 0),
    lay: (sheet) => {
      const bound = areaBound(sheet, shape, s);
      if (!fitsAtAll(sheet)) return none(bound);
      const made = gridOnly(of(sheet));
      return {
        n: made.n,
        pattern: made.n ? 'grid' : 'none',
        centres: made.rects.map((r): [number, number] => [r.x + r.w / 2, r.y + r.h / 2]),
        turns: made.rects.map((r): Turn => (Math.abs(r.w - a) > 0.051 ? 90 : 0)),
        bound,
        scrap: 1 - (made.n * a * b) / sheetArea(sheet),
        provablyBest: made.n === bound,
      };
    },
    sides: (long) => {
      const pull = 2 * s.trim - s.gap;
      return [...upTo(a + s.gap, a + s.gap + pull, long), ...(a === b ? [] : upTo(b + s.gap, b + s.gap + pull, long))];
    },
  };
}

function outlines(shape: CutShape, s: PackSettings): Packer {
  const points = corners(shape);
  const ways = outlineRows(points, s.gap, s.quarterTurns);
  const inner = (sheet: Sheet): [number, number] => {
    const [w, h] = sidesOf(sheet);
    return sheet.shape === 'round' ? [0, 0] : [w - 2 * s.trim, h - 2 * s.trim];
  };
  const best = (sheet: Sheet): { n: number; way: OutlineRows } => {
    const [W, H] = inner(sheet);
    let found = { n: 0, way: ways[0] };
    for (const way of ways) {
      const n = countRows(way, W, H);
      if (n > found.n) found = { n, way };
    }
    return found;
  };
  return {
    shape,
    area: shapeArea(shape),
    count: (sheet) => best(sheet).n,
    lay: (sheet) => {
      const { n, way } = best(sheet);
      const bound = areaBound(sheet, shape, s);
      if (n === 0) return none(bound);
      const placed = placeRows(way, ...inner(sheet));
      return {
        n,
        pattern: way.pair === null && !way.flipped ? 'one way up' : 'head to tail',
        centres: placed.map((p): [number, number] => {
          const { w, h } = boxOf(turned(points, p.turn));
          return [p.x + s.trim + w / 2, p.y + s.trim + h / 2];
        }),
        turns: placed.map((p) => p.turn),
        bound,
        scrap: 1 - (n * shapeArea(shape)) / sheetArea(sheet),
        provablyBest: n === bound,
      };
    },
    sides: (long) => {
      const [w, h] = shapeSize(shape);
      const [one, two] = [ways[0], ways[16]] as [OutlineRows, OutlineRows];
      return [
        ...upTo(one.period, w + 2 * s.trim, long),
        ...upTo(two.period / 2, w + 2 * s.trim, long),
        ...upTo(h, h + 2 * s.trim, long),
      ];
    },
  };
}

const known = new Map<string, Packer>();

/** The packer of a shape: made once for a size, for a plan asks it hundreds of times. */
export function packerOf(shape: CutShape, s: PackSettings): Packer {
  if (shape.kind === 'disc') return discs(shape.d, s);
  if (shape.kind === 'rect') return rects(shape.a, shape.b, s);
  const key = JSON.stringify([shape, s]);
  const before = known.get(key);
  if (before) return before;
  if (known.size > 60) known.clear();
  const made = outlines(shape, s);
  known.set(key, made);
  return made;
}

/** Corners of a laid piece where it lies; a disc has none. */
export const laidCorners = (shape: CutShape, [x, y]: readonly [number, number], turn: Turn): [number, number][] => {
  const points = turned(corners(shape), turn);
  if (points.length === 0) return [];
  const { w, h } = boxOf(points);
  return points.map(([px, py]): [number, number] => [px + x - w / 2, py + y - h / 2]);
};
