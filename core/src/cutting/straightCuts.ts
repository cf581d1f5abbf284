import { within } from '../quantities/refusal';

export interface Rect {
  x: number;
  y: number;
  w: number;
  h: number;
}

export interface StraightCuts {
  n: number;
  /** Passes of the wheel, without the four that trim the edges. */
  cuts: number;
  rects: Rect[];
  /** Found by looking at every way of cutting straight through; false where that was too much work. */
  exact: boolean;
}

export interface StraightCutOptions {
  w: number;
  h: number;
  a: number;
  b: number;
  trim?: number;
  gap?: number;
  /** Pieces may lie either way; false for ridged or patterned dough. */
  rotate?: boolean;
}

/** Tenths of a millimetre: whole numbers, so that nothing is lost in sums. */
const tenths = (mm: number): number => Math.round(mm * 10);
const mostSplits = 1_200_000;

interface Plan {
  n: number;
  cuts: number;
  place: (x: number, y: number) => Rect[];
}
const better = (p: Plan, q: Plan): boolean => p.n > q.n || (p.n === q.n && p.cuts < q.cuts);

function container(o: StraightCutOptions) {
  const trim = within(o.trim ?? 5, 0, 60, 'trim');
  const gap = within(o.gap ?? 0, 0, 30, 'gap');
  const pull = 2 * trim - gap;
  return {
    W: tenths(within(o.w, 20, 2000, 'w') - pull),
    H: tenths(within(o.h, 20, 2000, 'h') - pull),
    a: tenths(within(o.a, 5, 1000, 'a') + gap),
    b: tenths(within(o.b, 5, 1000, 'b') + gap),
    offset: trim - gap / 2,
    gap,
    rotate: o.rotate ?? true,
  };
}

/** One block of pieces in rows and columns, all one way. */
function block(x: number, y: number, a: number, b: number): Plan {
  const [m, k] = [Math.floor(x / a), Math.floor(y / b)];
  if (m < 1 || k < 1) return { n: 0, cuts: 0, place: () => [] };
  const cuts = m - 1 + (k - 1) + (m * a < x ? 1 : 0) + (k * b < y ? 1 : 0);
  return {
    n: m * k,
    cuts,
    place: (left, bottom) =>
      Array.from({ length: m * k }, (_, i) => ({
        x: left + (i % m) * a,
        y: bottom + Math.floor(i / m) * b,
        w: a,
        h: b,
      })),
  };
}

const grid = (x: number, y: number, a: number, b: number, rotate: boolean): Plan => {
  const [one, other] = [block(x, y, a, b), rotate && a !== b ? block(x, y, b, a) : null];
  return other && better(other, one) ? other : one;
};

const inMm = (plan: Plan, c: ReturnType<typeof container>, exact: boolean): StraightCuts => ({
  n: plan.n,
  cuts: plan.cuts,
  exact,
  rects: plan.place(0, 0).map((r) => ({
    x: r.x / 10 + c.offset + c.gap / 2,
    y: r.y / 10 + c.offset + c.gap / 2,
    w: r.w / 10 - c.gap,
    h: r.h / 10 - c.gap,
  })),
});

/** Rows and columns only: the fewest passes of a wheel. */
export function gridOnly(o: StraightCutOptions): StraightCuts {
  const c = container(o);
  return inMm(grid(c.W, c.H, c.a, c.b, c.rotate), c, true);
}

/**
 * Most rectangles by cuts straight through what is left, then fewest passes: every first cut at a sum of piece sides is tried
 * on every part, each part once. Pieces stay where they lie, so a pass crosses its whole block.
 */
export function guillotine(o: StraightCutOptions): StraightCuts {
  const c = container(o);
  const sums = (of: readonly number[], most: number): number[] => {
    const reached = new Set([0]);
    const queue = [0];
    for (let i = 0; i < queue.length; i++)
      for (const side of of) {
        const next = queue[i] + side;
        if (next < most && !reached.has(next)) {
          reached.add(next);
          queue.push(next);
        }
      }
    return queue.filter((s) => s > 0).sort((p, q) => p - q);
  };
  const xs = sums(c.rotate ? [c.a, c.b] : [c.a], c.W);
  const ys = sums(c.rotate ? [c.a, c.b] : [c.b], c.H);
  let splits = 0;
  const search = (depth: number): { plan: Plan; whole: boolean } => {
    const known = new Map<number, Plan>();
    let whole = true;
    const best = (x: number, y: number, deep: number): Plan => {
      const key = (x * 65_536 + y) * 64 + Math.min(63, deep);
      const before = known.get(key);
      if (before) return before;
      let found = grid(x, y, c.a, c.b, c.rotate);
      const most = Math.floor((x * y) / (c.a * c.b));
      if (deep > 0 && found.n < most + 1 && !(found.n === most && found.cuts <= 2)) {
        const split = (at: number, across: boolean) => {
          if (++splits > mostSplits) {
            whole = false;
            return;
          }
          const one = across ? best(at, y, deep - 1) : best(x, at, deep - 1);
          const two = across ? best(x - at, y, deep - 1) : best(x, y - at, deep - 1);
          const joined: Plan = {
            n: one.n + two.n,
            cuts: 1 + one.cuts + two.cuts,
            place: (left, bottom) => [
              ...one.place(left, bottom),
              ...(across ? two.place(left + at, bottom) : two.place(left, bottom + at)),
            ],
          };
          if (better(joined, found)) found = joined;
        };
        for (const at of xs) {
          if (at >= x || !whole) break;
          split(at, true);
        }
        for (const at of ys) {
          if (at >= y || !whole) break;
          split(at, false);
        }
      }
      known.set(key, found);
      return found;
    };
    return { plan: best(c.W, c.H, depth), whole };
  };
  // as deep as there can be parts: a part holds a piece or is left over
  const all = search(62);
  if (all.whole) return inMm(all.plan, c, true);
  splits = 0;
  const shallow = search(2);
  return inMm(better(shallow.plan, all.plan) ? shallow.plan : all.plan, c, false);
}

/** Right triangles: squares of side `a` in rows and columns, each cut once from corner to corner. */
export function squareTriangles(o: { w: number; h: number; a: number; trim?: number }): { n: number; cuts: number } {
  const trim = within(o.trim ?? 5, 0, 60, 'trim');
  const [W, H] = [within(o.w, 20, 2000, 'w') - 2 * trim, within(o.h, 20, 2000, 'h') - 2 * trim];
  const a = within(o.a, 5, 1000, 'a');
  const laid = block(tenths(W), tenths(H), tenths(a), tenths(a));
  const [m, k] = [Math.floor(W / a + 1e-9), Math.floor(H / a + 1e-9)];
  return { n: 2 * laid.n, cuts: laid.n ? laid.cuts + m + k - 1 : 0 };
}

/**
 * Isosceles triangles of base `b` and height `t`, head to tail in strips as high as they are; every other strip begins with
 * the point down, so that slanted cuts run on across strips. Both directions are tried.
 */
export function stripTriangles(o: { w: number; h: number; b: number; t: number; trim?: number }): {
  n: number;
  cuts: number;
} {
  const trim = within(o.trim ?? 5, 0, 60, 'trim');
  const b = within(o.b, 5, 1000, 'b');
  const t = within(o.t, 5, 1000, 't');
  const way = (W: number, H: number): { n: number; cuts: number } => {
    const each = Math.floor((2 * W) / b + 1e-9) - 1;
    const strips = Math.floor(H / t + 1e-9);
    if (each < 1 || strips < 1) return { n: 0, cuts: 0 };
    const lines = new Set<string>();
    for (let s = 0; s < strips; s++)
      for (let i = 0; i <= each; i++) {
        // the i-th slanted edge of a strip leaves its lower side at this x; along its slope it meets the sheet's foot at x0
        const rising = (i + s) % 2 === 0;
        const foot = (rising ? i * b : (i + 1) * b) / 2;
        const x0 = rising ? foot - (s * b) / 2 : foot + (s * b) / 2;
        lines.add(`${rising ? 'r' : 'f'}${x0.toFixed(3)}`);
      }
    return { n: strips * each, cuts: strips - 1 + (strips * t < H - 1e-9 ? 1 : 0) + lines.size };
  };
  const [W, H] = [within(o.w, 20, 2000, 'w') - 2 * trim, within(o.h, 20, 2000, 'h') - 2 * trim];
  const [one, other] = [way(W, H), way(H, W)];
  return other.n > one.n || (other.n === one.n && other.cuts < one.cuts) ? other : one;
}
