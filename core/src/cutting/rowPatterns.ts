import { container, discBound, sheetArea, slack, type Discs } from './sheet';

export type PatternName = 'grid' | 'shifted' | 'hexagonal' | 'square lattice' | 'hexagonal lattice' | 'rings' | 'none';

export interface RowLayout {
  n: number;
  pattern: PatternName;
  /** Disc centres, mm, lower-left corner of the sheet at (0, 0). */
  centres: [number, number][];
  bound: number;
  /** Share of the sheet left over. */
  scrap: number;
  provablyBest: boolean;
}

interface RowPlan {
  count: number;
  pattern: PatternName;
  place: () => [number, number][];
}

const floor = (value: number): number => Math.floor(value + slack);

/** Row patterns of one direction in a W × H container, discs of diameter δ; the points are centred on (0, 0). */
function rowPlans(W: number, H: number, delta: number): RowPlan[] {
  const most = floor(W / delta);
  if (most < 1 || H < delta - slack) return [];
  const rows = floor(H / delta);
  const plans: RowPlan[] = [{ count: most * rows, pattern: 'grid', place: () => straight(most, rows, delta, delta) }];
  for (let k = most; k >= Math.max(1, most - 2); k--) {
    const pitch = (s: number) =>
      s >= 2 * delta ? delta / 2 : Math.max(delta / 2, Math.sqrt(delta * delta - (s * s) / 4));
    if ((k - 0.5) * delta <= W - delta + slack) {
      const s = (W - delta) / (k - 0.5);
      const v = pitch(s);
      const m = floor((H - delta) / v) + 1;
      plans.push({ count: k * m, pattern: 'shifted', place: () => shifted(k, m, s, v, W, delta) });
    }
    if (k >= 2) {
      const s = (W - delta) / (k - 1);
      if (s < delta - slack) continue;
      const v = pitch(s);
      for (let m = 1; m <= floor((H - delta) / v) + 1; m++) {
        const straights = v >= delta - slack ? 0 : Math.min(m - 1, floor((H - delta - (m - 1) * v) / (delta - v)));
        const slanted = m - 1 - straights;
        plans.push({
          count: m * k - Math.ceil(slanted / 2),
          pattern: 'hexagonal',
          place: () => hexagonal(k, m, straights, s, v, delta),
        });
      }
    }
  }
  return plans;
}

function centred(points: [number, number][]): [number, number][] {
  const ys = points.map(([, y]) => y);
  const middle = (Math.min(...ys) + Math.max(...ys)) / 2;
  return points.map(([x, y]) => [x, y - middle]);
}

function straight(k: number, m: number, s: number, v: number): [number, number][] {
  return centred(
    Array.from({ length: k * m }, (_, i): [number, number] => [((i % k) - (k - 1) / 2) * s, Math.floor(i / k) * v]),
  );
}

function shifted(k: number, m: number, s: number, v: number, W: number, delta: number): [number, number][] {
  const left = -(W - delta) / 2;
  return centred(
    Array.from({ length: k * m }, (_, i): [number, number] => {
      const row = Math.floor(i / k);
      return [left + (i % k) * s + (row % 2 ? s / 2 : 0), row * v];
    }),
  );
}

function hexagonal(k: number, m: number, straights: number, s: number, v: number, delta: number): [number, number][] {
  const points: [number, number][] = [];
  let y = 0;
  for (let row = 0; row < m; row++) {
    const slants = Math.max(0, row - straights);
    const full = slants % 2 === 0;
    const count = full ? k : k - 1;
    for (let i = 0; i < count; i++) points.push([(i - (count - 1) / 2) * s, y]);
    y += row < straights ? delta : v;
  }
  return centred(points);
}

/** Sines differ in their last digits from engine to engine: rounded, every one gives the same layout. */
const alike = (v: number): number => Math.round(v * 1e9) / 1e9;

/** Square and hexagonal lattices (two directions, offsets over one cell) and rings in a round container. */
function roundPlans(diameter: number, delta: number, offsets: number): RowPlan[] {
  const reach = diameter / 2 - delta / 2;
  if (reach < -slack) return [];
  const plans: RowPlan[] = [];
  const inside = (x: number, y: number) => x * x + y * y <= reach * reach + slack;
  const span = Math.ceil(reach / (delta * 0.86)) + 2;
  const lattices: [PatternName, number, number][] = [
    ['square lattice', delta, 0],
    ['hexagonal lattice', (delta * Math.sqrt(3)) / 2, delta / 2],
  ];
  for (const [pattern, v, shift] of lattices) {
    for (let turned = 0; turned < 2; turned++) {
      for (let oi = 0; oi < offsets; oi++) {
        for (let oj = 0; oj < offsets; oj++) {
          const points: [number, number][] = [];
          for (let row = -span; row <= span; row++) {
            const y = (row + oj / offsets) * v;
            for (let column = -span; column <= span; column++) {
              const x = (column + oi / offsets) * delta + (Math.abs(row) % 2) * shift;
              if (inside(x, y)) points.push(turned ? [y, x] : [x, y]);
            }
          }
          plans.push({ count: points.length, pattern, place: () => points });
        }
      }
    }
  }
  const rings: [number, number][] = [];
  let r = reach;
  for (; r >= delta / 2; r -= delta) {
    const m = floor(Math.PI / Math.asin(Math.min(1, delta / 2 / r)));
    if (m < 2) break;
    for (let i = 0; i < m; i++) {
      const turn = (2 * Math.PI * i) / m;
      rings.push([r * alike(Math.cos(turn)), r * alike(Math.sin(turn))]);
    }
  }
  if (r >= -slack && r < delta / 2) {
    const clear = rings.every(([x, y]) => Math.sqrt(x * x + y * y) >= delta - slack);
    if (clear) rings.push([0, 0]);
  }
  plans.push({ count: rings.length, pattern: 'rings', place: () => rings });
  return plans;
}

/**
 * Most discs by rows, lattices or rings: simple to cut and found in a few milliseconds. A disc that does not fit gives
 * n = 0, which is an answer. `offsets` is the lattice search fineness for round sheets (12; 6 inside planners).
 */
export function rowPattern(discs: Discs, offsets = 12): RowLayout {
  const c = container(discs);
  const delta = discs.d + discs.gap;
  const bound = discBound(discs);
  const plans = c.round
    ? roundPlans(c.w, delta, offsets)
    : [
        ...rowPlans(c.w, c.h, delta),
        ...rowPlans(c.h, c.w, delta).map((p): RowPlan => ({ ...p, place: () => p.place().map(([x, y]) => [y, x]) })),
      ];
  const rank: PatternName[] = ['grid', 'square lattice', 'shifted', 'hexagonal', 'hexagonal lattice', 'rings'];
  let best: RowPlan = { count: 0, pattern: 'none', place: () => [] };
  for (const plan of plans) {
    if (
      plan.count > best.count ||
      (plan.count === best.count && rank.indexOf(plan.pattern) < rank.indexOf(best.pattern))
    )
      best = plan;
  }
  const { sheet, d } = discs;
  const [ox, oy] =
    sheet.shape === 'round'
      ? [sheet.d / 2, sheet.d / 2]
      : [sheet.w / 2, (sheet.shape === 'rect' ? sheet.h : sheet.w) / 2];
  return {
    n: best.count,
    pattern: best.pattern,
    centres: best.place().map(([x, y]) => [x + ox, y + oy]),
    bound,
    scrap: 1 - (best.count * Math.PI * d * d) / 4 / sheetArea(sheet),
    provablyBest: best.count === bound,
  };
}
