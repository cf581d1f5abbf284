import { RefusedInput, within } from '../quantities/refusal';
import { apartBy, FreeSearch, type Points, type Unit } from './freeSearch';
import { rowPattern, type RowLayout } from './rowPatterns';
import { Watch } from './watch';
import { container, sheetArea, type Discs, type Sheet } from './sheet';

export const efforts = ['rows', 'normal', 'high'] as const;
export type Effort = (typeof efforts)[number];

/** Evaluations of the energy a search may spend, for its discs: counted, so that it ends alike on every machine. */
const evaluations: Record<Effort, (n: number) => number> = {
  rows: () => 0,
  normal: (n) => Math.round((n > 20 ? 4_500_000 : 8_000_000) / (40 + n * n)),
  high: (n) => Math.round(30_000_000 / (40 + n * n)),
};
const seed = 20_261_212;
const mostSearched = 60;

export interface NestedDiscs extends Omit<RowLayout, 'pattern'> {
  pattern: RowLayout['pattern'] | 'free';
  /** How many the best rows hold, to choose between. */
  rows: number;
  /** The clock ended the search: the best so far. */
  partial: boolean;
}

const unitOf = (w: number, h: number, round: boolean): Unit =>
  round ? { kind: 'round', R: w / 2 } : { kind: 'rect', hx: w / 2, hy: h / 2 };
const middleOf = (s: Sheet): [number, number] =>
  s.shape === 'round' ? [s.d / 2, s.d / 2] : [s.w / 2, (s.shape === 'rect' ? s.h : s.w) / 2];
const flat = (centres: readonly (readonly [number, number])[], [mx, my]: readonly [number, number], by = 1): Points =>
  Float64Array.from(centres.flatMap(([x, y]) => [(x - mx) * by, (y - my) * by]));
const pairs = (p: Points, [mx, my]: readonly [number, number], by = 1): [number, number][] =>
  Array.from({ length: p.length / 2 }, (_, i) => [p[2 * i] * by + mx, p[2 * i + 1] * by + my]);

/** Where a disc of radius `r` has most room beside others, looked for on a grid of 25 × 25. */
function emptiest(points: Points, radii: readonly number[], r: number, unit: Unit): [number, number] {
  let best: { room: number; at: [number, number] } = { room: -Infinity, at: [0, 0] };
  const [wx, wy] = unit.kind === 'rect' ? [unit.hx - r, unit.hy - r] : [unit.R - r, unit.R - r];
  for (let a = 0; a < 25; a++)
    for (let b = 0; b < 25; b++) {
      const at: [number, number] = [wx * (a / 12 - 1), wy * (b / 12 - 1)];
      if (unit.kind === 'round' && apartBy(...at) > unit.R - r) continue;
      let room = Infinity;
      for (let i = 0; i < radii.length; i++)
        room = Math.min(room, apartBy(at[0] - points[2 * i], at[1] - points[2 * i + 1]) - radii[i]);
      if (room > best.room) best = { room, at };
    }
  return best.at;
}

/**
 * Most discs from a sheet: the best rows, then freely placed as long as one more fits. A free arrangement is given only if it
 * holds at least one disc more than the rows; never more than the bound.
 */
export function mostDiscs(discs: Discs, effort: Effort = 'normal'): NestedDiscs {
  const rows = rowPattern(discs);
  const watch = new Watch();
  let best: NestedDiscs = { ...rows, rows: rows.n, partial: false };
  const c = container(discs);
  const delta = discs.d + discs.gap;
  const unit = unitOf(c.w, c.h, c.round);
  const middle = middleOf(discs.sheet);
  let points = flat(rows.centres, middle);
  for (let n = rows.n + 1; effort !== 'rows' && rows.n > 0 && n <= Math.min(best.bound, mostSearched); n++) {
    const r = (delta / 2) * (1 + 1e-7);
    const radii = Float64Array.from({ length: n }, () => r);
    const spot = emptiest(
      points,
      Array.from({ length: n - 1 }, () => r),
      r,
      unit,
    );
    const start = Float64Array.from([...points, ...spot]);
    const search = new FreeSearch(radii, unit, seed + n, evaluations[effort](n), watch);
    const found = search.search([start], 25 + 5 * n, 1);
    if (!found || found.scale > 1) break;
    points = found.points;
    best = {
      ...best,
      n,
      pattern: 'free',
      centres: pairs(points, middle),
      scrap: 1 - (n * Math.PI * discs.d * discs.d) / 4 / sheetArea(discs.sheet),
      provablyBest: n === best.bound,
    };
  }
  return { ...best, partial: watch.fired };
}

export interface SmallestOptions {
  N: number;
  d: number;
  trim?: number;
  gap?: number;
  shapes?: readonly Sheet['shape'][];
  /** Longest the shorter and the longer side may be: pin and bench. */
  wmax?: number;
  hmax?: number;
  aspectMax?: number;
  effort?: Effort;
}

export interface SheetFor {
  sheet: Sheet;
  area: number;
  centres: [number, number][];
  pattern: 'rows' | 'free';
  /** The clock ended the search: the best so far. */
  partial: boolean;
}

/** The smallest sheet, of each shape asked for, that N discs can be cut from; the smallest of all first. */
export function smallestSheet(o: SmallestOptions): { best: SheetFor | null; all: SheetFor[] } {
  const N = within(o.N, 1, 200, 'N');
  const d = within(o.d, 5, 1000, 'd');
  const [trim, gap] = [within(o.trim ?? 5, 0, 60, 'trim'), within(o.gap ?? 2, 0, 30, 'gap')];
  const [wmax, hmax] = [o.wmax ?? 2000, o.hmax ?? 2000];
  const effort = o.effort ?? 'normal';
  const watch = new Watch();
  const all = (o.shapes ?? ['rect', 'square', 'round']).flatMap((shape) => {
    const made =
      shape === 'rect'
        ? rectFor({ N, d, trim, gap, wmax, hmax, aspectMax: o.aspectMax ?? 2.5, effort, watch })
        : roundOrSquare(shape, { N, d, trim, gap, effort, watch });
    return made && fits(made.sheet, wmax, hmax) ? [made] : [];
  });
  all.sort((p, q) => p.area - q.area);
  return { best: all[0] ?? null, all };
}

const fits = (s: Sheet, wmax: number, hmax: number): boolean => {
  const [a, b] = s.shape === 'round' ? [s.d, s.d] : [s.w, s.shape === 'rect' ? s.h : s.w];
  return Math.min(a, b) <= wmax + 1e-9 && Math.max(a, b) <= hmax + 1e-9;
};

interface Task {
  N: number;
  d: number;
  trim: number;
  gap: number;
  effort: Effort;
  watch: Watch;
}

const searched = (radii: Float64Array, unit: Unit, starts: readonly Points[], effort: Effort, watch: Watch) =>
  new FreeSearch(radii, unit, seed + radii.length, evaluations[effort](radii.length), watch).search(
    starts,
    60 + 5 * radii.length,
  );

function roundOrSquare(shape: 'square' | 'round', { N, d, trim, gap, effort, watch }: Task): SheetFor | null {
  const delta = d + gap;
  const sheetOf = (side: number): Sheet => (shape === 'round' ? { shape, d: side } : { shape, w: side });
  const holds = (side: number): RowLayout | null => {
    const layout = rowPattern({ sheet: sheetOf(side), d, trim, gap }, 6);
    return layout.n >= N ? layout : null;
  };
  let [low, high] = [d, d * (2 * Math.ceil(Math.sqrt(N)) + 2) + 2 * trim];
  let best = holds(high);
  if (!best) return null;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    const made = holds(middle);
    if (made) [best, high] = [made, middle];
    else low = middle;
  }
  const middle = middleOf(sheetOf(high));
  const start = flat(best.centres.slice(0, N), middle, 1 / delta);
  const unit: Unit = shape === 'round' ? { kind: 'round', R: 0.5 } : { kind: 'rect', hx: 0.5, hy: 0.5 };
  const radii = new Float64Array(N).fill(0.5);
  const own = new FreeSearch(radii, unit, seed, 0).exact(start);
  const found = effort === 'rows' || N > mostSearched ? own : (searched(radii, unit, [start], effort, watch) ?? own);
  if (!found) return null;
  const side = found.scale * delta + 2 * trim - gap;
  const sheet = sheetOf(side);
  return {
    sheet,
    area: sheetArea(sheet),
    centres: pairs(found.points, middleOf(sheet), delta),
    pattern: own && found.scale < own.scale * (1 - 1e-6) ? 'free' : 'rows',
    partial: watch.fired,
  };
}

function rectFor(o: Task & { wmax: number; hmax: number; aspectMax: number }): SheetFor | null {
  const { N, d, trim, gap } = o;
  const delta = d + gap;
  const pull = 2 * trim - gap;
  let best: SheetFor | null = null;
  const offer = (W: number, H: number) => {
    const [w, h] = [W + pull, H + pull];
    const sheet: Sheet = { shape: 'rect', w: Math.max(w, h), h: Math.min(w, h) };
    if (sheet.w / sheet.h > o.aspectMax + 1e-9 || !fits(sheet, o.wmax, o.hmax)) return;
    if (best && sheetArea(sheet) >= best.area - 1e-9) return;
    const layout = rowPattern({ sheet: { ...sheet, w: sheet.w + 1e-7, h: sheet.h + 1e-7 }, d, trim, gap });
    if (layout.n < N) return;
    best = { sheet, area: sheetArea(sheet), centres: layout.centres.slice(0, N), pattern: 'rows', partial: false };
  };
  const slope = (delta * Math.sqrt(3)) / 2;
  for (let k = 1; k <= N; k++) {
    const rows = Math.ceil(N / k);
    offer(k * delta, rows * delta);
    if (rows > 1) offer((k + 0.5) * delta, delta + (rows - 1) * slope);
    if (k >= 2)
      for (let m = 1; m <= N; m++)
        if (m * k - Math.floor(m / 2) >= N) {
          offer(k * delta, delta + (m - 1) * slope);
          break;
        }
  }
  const pattern = best as SheetFor | null;
  if (!pattern || o.effort === 'rows' || N > mostSearched || pattern.sheet.shape !== 'rect') return pattern;
  const { w, h } = pattern.sheet;
  const unit: Unit = { kind: 'rect', hx: (w - pull) / delta / 2, hy: (h - pull) / delta / 2 };
  const start = flat(pattern.centres, middleOf(pattern.sheet), 1 / delta);
  const found = searched(new Float64Array(N).fill(0.5), unit, [start], o.effort, o.watch);
  if (!found || found.scale > 1 - 1e-4) return { ...pattern, partial: o.watch.fired };
  const sheet: Sheet = { shape: 'rect', w: (w - pull) * found.scale + pull, h: (h - pull) * found.scale + pull };
  return {
    sheet,
    area: sheetArea(sheet),
    centres: pairs(found.points, middleOf(sheet), delta),
    pattern: 'free',
    partial: o.watch.fired,
  };
}

/** One size of disc of a set: a lid and a base, or more. */
export interface SetType {
  d: number;
  count: number;
}

export interface SetItem {
  d: number;
  x: number;
  y: number;
}

const radiiOf = (types: readonly SetType[], sets: number, gap: number): Float64Array =>
  Float64Array.from(types.flatMap((t) => Array.from({ length: t.count * sets }, () => (t.d + gap) / 2)));
const itemsOf = (p: Points, radii: Float64Array, middle: readonly [number, number], gap: number, by = 1): SetItem[] =>
  pairs(p, middle, by).map(([x, y], i) => ({ d: 2 * radii[i] * by - gap, x, y }));

function checkedTypes(types: readonly SetType[]): void {
  if (types.length === 0 || types.length > 6)
    throw new RefusedInput({ field: 'types', code: 'out_of_range', value: types.length, allowed: { min: 1, max: 6 } });
}

/** The smallest square or round sheet for so many sets of two or more sizes. */
export function smallestSheetForSets(o: {
  sets: number;
  types: readonly SetType[];
  trim?: number;
  gap?: number;
  shapes?: readonly ('square' | 'round')[];
  effort?: Effort;
}): { best: { sheet: Sheet; items: SetItem[] } | null; partial: boolean } {
  checkedTypes(o.types);
  const [trim, gap] = [within(o.trim ?? 5, 0, 60, 'trim'), within(o.gap ?? 2, 0, 30, 'gap')];
  const radii = radiiOf(o.types, within(o.sets, 1, 30, 'sets'), gap);
  const largest = Math.max(...radii);
  const scaled = radii.map((r) => r / largest);
  let best: { sheet: Sheet; items: SetItem[] } | null = null;
  const watch = new Watch();
  for (const shape of o.shapes ?? ['square', 'round']) {
    const unit: Unit = shape === 'round' ? { kind: 'round', R: 0.5 } : { kind: 'rect', hx: 0.5, hy: 0.5 };
    const found = searched(scaled, unit, [], o.effort ?? 'normal', watch);
    if (!found) continue;
    const side = found.scale * largest + 2 * trim - gap;
    const sheet: Sheet = shape === 'round' ? { shape, d: side } : { shape, w: side };
    const items = itemsOf(found.points, scaled, middleOf(sheet), gap, largest);
    if (!best || sheetArea(sheet) < sheetArea(best.sheet)) best = { sheet, items };
  }
  return { best, partial: watch.fired };
}

/** Most whole sets of two or more sizes from a sheet: one more as long as the search finds room. */
export function mostSets(o: {
  sheet: Sheet;
  types: readonly SetType[];
  trim?: number;
  gap?: number;
  effort?: Effort;
}): {
  sets: number;
  items: SetItem[];
  scrap: number;
  partial: boolean;
} {
  checkedTypes(o.types);
  const [trim, gap] = [within(o.trim ?? 5, 0, 60, 'trim'), within(o.gap ?? 2, 0, 30, 'gap')];
  const c = container({ sheet: o.sheet, d: 10, trim, gap });
  const unit = unitOf(c.w, c.h, c.round);
  const room = c.round ? (Math.PI / 4) * c.w * c.w : c.w * c.h;
  const middle = middleOf(o.sheet);
  const watch = new Watch();
  let best = { sets: 0, items: [] as SetItem[] };
  let kept: SetItem[] = [];
  for (let sets = 1; ; sets++) {
    const radii = radiiOf(o.types, sets, gap).map((r) => r * (1 + 1e-7));
    const area = radii.reduce((sum, r) => sum + Math.PI * r * r, 0);
    if (area > 0.93 * room || radii.length > mostSearched) break;
    // the layout there is, and each new disc where there is most room
    const points: number[] = [];
    const placed: number[] = [];
    const pool = [...kept];
    for (const r of radii) {
      const at = pool.findIndex((i) => Math.abs((i.d + gap) / 2 - r) < 1e-3);
      const spot: [number, number] =
        at >= 0
          ? [pool[at].x - middle[0], pool[at].y - middle[1]]
          : emptiest(Float64Array.from(points), placed, r, unit);
      if (at >= 0) pool.splice(at, 1);
      points.push(...spot);
      placed.push(r);
    }
    const budget = evaluations[o.effort ?? 'normal'](radii.length);
    const search = new FreeSearch(radii, unit, seed + radii.length, budget, watch);
    const found = search.search([Float64Array.from(points)], 25 + 5 * radii.length, 1);
    if (!found || found.scale > 1) break;
    kept = itemsOf(found.points, radii, middle, gap);
    best = { sets, items: kept };
  }
  const used = best.items.reduce((sum, i) => sum + (Math.PI / 4) * i.d * i.d, 0);
  return { ...best, scrap: 1 - used / sheetArea(o.sheet), partial: watch.fired };
}
