import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Watch } from './watch';

/** A container of unit scale: a rectangle by its half sides, or a round by its radius. */
export type Unit = { kind: 'rect'; hx: number; hy: number } | { kind: 'round'; R: number };

/** Centres x0, y0, x1, y1, … about the container's middle. */
export type Points = Float64Array;

export interface Packing {
  /** The smallest scale at which the discs fit. */
  scale: number;
  points: Points;
}

const memory = 7;
/** One place more than is remembered: a step is tried there before it is taken on. */
const ring = memory + 1;
const [jiggle, wildJiggle] = [0.02, 0.15];
const spots = 24;
const patience = 16;

/**
 * Smallest scale of a container that holds discs of given radii, by soft discs: overlap costs its square, a quasi-Newton method
 * takes it away, the scale is moved by Newton's step, and hops of one or two discs look for better places. Everything reported
 * is brought to its exact scale, at which nothing overlaps. The same start gives the same end: chance comes from a seed, and
 * the work is counted, not timed.
 */
export class FreeSearch {
  private readonly n: number;
  private readonly largest: number;
  private readonly generator;
  private work = 0;
  /** Derivative by the scale of the energy last worked out. */
  private byScale = 0;
  // laid out once: the descent allocates nothing
  private readonly gradients: readonly [Float64Array, Float64Array];
  private readonly places: readonly [Points, Points];
  private readonly way: Float64Array;
  private readonly moves: readonly Float64Array[];
  private readonly bends: readonly Float64Array[];
  private readonly inverses = new Float64Array(ring);
  private readonly alphas = new Float64Array(ring);

  constructor(
    private readonly radii: Float64Array,
    private readonly unit: Unit,
    seed: number,
    /** Most evaluations of the energy. */
    private readonly budget: number,
    private readonly watch?: Watch,
  ) {
    this.n = radii.length;
    this.largest = Math.max(...radii);
    this.generator = xoroshiro128plus(seed);
    for (let i = 0; i < 8; i++) this.generator.next();
    const make = () => new Float64Array(2 * this.n);
    this.gradients = [make(), make()];
    this.places = [make(), make()];
    this.way = make();
    this.moves = Array.from({ length: ring }, make);
    this.bends = Array.from({ length: ring }, make);
  }

  private random(): number {
    return uniformFloat64(this.generator);
  }

  get spent(): boolean {
    return this.work >= this.budget || (this.watch?.over() ?? false);
  }

  /** Energy at a scale; its gradient goes into `g`, its derivative by the scale into `byScale`. */
  private energy(x: Points, L: number, g: Float64Array): number {
    this.work++;
    const { n, radii, unit } = this;
    g.fill(0);
    let e = 0;
    let byL = 0;
    for (let i = 0; i < n; i++) {
      const xi = x[2 * i];
      const yi = x[2 * i + 1];
      const ri = radii[i];
      for (let j = i + 1; j < n; j++) {
        const reach = ri + radii[j];
        const dx = xi - x[2 * j];
        if (dx >= reach || dx <= -reach) continue;
        const dy = yi - x[2 * j + 1];
        const square = dx * dx + dy * dy;
        if (square >= reach * reach) continue;
        const distance = Math.sqrt(square) || 1e-12;
        const over = reach - distance;
        e += over * over;
        const f = (-2 * over) / distance;
        g[2 * i] = g[2 * i] + f * dx;
        g[2 * i + 1] = g[2 * i + 1] + f * dy;
        g[2 * j] = g[2 * j] - f * dx;
        g[2 * j + 1] = g[2 * j + 1] - f * dy;
      }
      if (unit.kind === 'rect') {
        const ox = Math.abs(xi) + ri - unit.hx * L;
        if (ox > 0) {
          e += ox * ox;
          g[2 * i] = g[2 * i] + 2 * ox * Math.sign(xi);
          byL -= 2 * ox * unit.hx;
        }
        const oy = Math.abs(yi) + ri - unit.hy * L;
        if (oy > 0) {
          e += oy * oy;
          g[2 * i + 1] = g[2 * i + 1] + 2 * oy * Math.sign(yi);
          byL -= 2 * oy * unit.hy;
        }
      } else {
        const far = Math.sqrt(xi * xi + yi * yi);
        const over = far + ri - unit.R * L;
        if (over > 0) {
          e += over * over;
          if (far > 0) {
            g[2 * i] = g[2 * i] + (2 * over * xi) / far;
            g[2 * i + 1] = g[2 * i + 1] + (2 * over * yi) / far;
          }
          byL -= 2 * over * unit.R;
        }
      }
    }
    this.byScale = byL;
    return e;
  }

  /** Limited-memory quasi-Newton descent at a fixed scale; the last steps stand in a ring, the newest at `count - 1`. */
  private minimise(start: Points, L: number, epsilon: number, most: number): { x: Points; e: number; byL: number } {
    const size = 2 * this.n;
    const { way, moves, bends, inverses } = this;
    let [x, next] = this.places;
    let [g, gNext] = this.gradients;
    x.set(start);
    let e = this.energy(x, L, g);
    let byL = this.byScale;
    const zero = 1e-22 * this.largest * this.largest;
    let count = 0;
    let forgotten = false;
    for (let it = 0; it < most && !this.spent; it++) {
      if (dot(g, g) <= epsilon * e || e <= zero) break;
      this.direction(g, count);
      const slope = dot(g, way);
      let t = 1;
      let eNext = e;
      let better = false;
      for (let tries = 0; slope < 0 && tries < 12; tries++) {
        for (let k = 0; k < size; k++) next[k] = x[k] + t * way[k];
        eNext = this.energy(next, L, gNext);
        if (eNext <= e + 1e-4 * t * slope) {
          better = true;
          break;
        }
        t *= tries === 0 ? 0.5 : 0.35;
      }
      if (!better) {
        if (forgotten || count === 0) break;
        forgotten = true;
        count = 0;
        continue;
      }
      const s = moves[count % ring];
      const y = bends[count % ring];
      for (let k = 0; k < size; k++) {
        s[k] = next[k] - x[k];
        y[k] = gNext[k] - g[k];
      }
      const sy = dot(s, y);
      // a step that does not bend the right way is written over by the next
      if (sy > 1e-14) inverses[count++ % ring] = 1 / sy;
      const place = x;
      x = next;
      next = place;
      const gradient = g;
      g = gNext;
      gNext = gradient;
      e = eNext;
      byL = this.byScale;
    }
    return { x: Float64Array.from(x), e, byL };
  }

  /** The way to go from a gradient, by the last steps: into `way`. */
  private direction(g: Float64Array, count: number): void {
    const size = 2 * this.n;
    const { way, moves, bends, inverses, alphas } = this;
    const oldest = Math.max(0, count - memory);
    for (let k = 0; k < size; k++) way[k] = -g[k];
    for (let m = count - 1; m >= oldest; m--) {
      const y = bends[m % ring];
      const alpha = inverses[m % ring] * dot(moves[m % ring], way);
      alphas[m % ring] = alpha;
      for (let k = 0; k < size; k++) way[k] = way[k] - alpha * y[k];
    }
    const last = bends[(count - 1) % ring];
    const scale = count > 0 && last ? 1 / (inverses[(count - 1) % ring] * dot(last, last)) : 0.2;
    for (let k = 0; k < size; k++) way[k] = way[k] * scale;
    for (let m = oldest; m < count; m++) {
      const s = moves[m % ring];
      const beta = inverses[m % ring] * dot(bends[m % ring], way);
      const by = alphas[m % ring] - beta;
      for (let k = 0; k < size; k++) way[k] = way[k] + s[k] * by;
    }
  }

  /** Brings centres to the smallest scale at which nothing overlaps; null where two centres are one. */
  exact(x: Points): Packing | null {
    const { n, radii, unit } = this;
    let q = 0;
    for (let i = 0; i < n; i++)
      for (let j = i + 1; j < n; j++) {
        const distance = apartBy(x[2 * i] - x[2 * j], x[2 * i + 1] - x[2 * j + 1]);
        if (distance < 1e-9) return null;
        q = Math.max(q, (radii[i] + radii[j]) / distance);
      }
    if (n === 1) q = 0;
    const points = x.map((v) => v * q);
    let scale = 0;
    for (let i = 0; i < n; i++) {
      const [px, py, r] = [points[2 * i], points[2 * i + 1], radii[i]];
      scale =
        unit.kind === 'rect'
          ? Math.max(scale, (Math.abs(px) + r) / unit.hx, (Math.abs(py) + r) / unit.hy)
          : Math.max(scale, (apartBy(px, py) + r) / unit.R);
    }
    return { scale, points };
  }

  /** Newton's steps of the scale to the smallest near a layout. */
  private polish(start: Points, from: number, best: number): Packing | null {
    let L = from;
    let x = start;
    let found: Packing | null = null;
    const keep = () => {
      const made = this.exact(x);
      if (made && (!found || made.scale < found.scale)) found = made;
    };
    const shrinks = [0.99, 0.999, 0.9999, 0.99999];
    let loose = 0;
    for (let k = 0; k < 25 && !this.spent; k++) {
      const made = this.minimise(x, L, k < 2 ? 1e-4 : 1e-7, 250);
      x = made.x;
      keep();
      if (made.e <= 1e-20 * this.largest * this.largest) {
        const now = this.exact(x);
        if (!now) break;
        const shrink = shrinks[Math.min(loose++, shrinks.length - 1)];
        if (loose > 1 && L - now.scale * shrink < 2e-7 * L) break;
        x = now.points;
        L = now.scale * shrink;
        continue;
      }
      const step = (2 * made.e) / Math.abs(made.byL || 1e-30);
      L += step;
      if (step < 1e-8 * L) break;
      if (step < 2e-4 * L && L > 1.0005 * best) break;
    }
    return found;
  }

  private somewhere(r: number, L: number): [number, number] {
    const { unit } = this;
    if (unit.kind === 'rect') {
      const [wx, wy] = [Math.max(0, unit.hx * L - r), Math.max(0, unit.hy * L - r)];
      return [(2 * this.random() - 1) * wx, (2 * this.random() - 1) * wy];
    }
    const most = Math.max(0, unit.R * L - r);
    for (;;) {
      const [x, y] = [2 * this.random() - 1, 2 * this.random() - 1];
      if (x * x + y * y <= 1) return [x * most, y * most];
    }
  }

  /** A layout with all discs jiggled and one or two of them put where there is most room. */
  private hop(from: Packing): Points {
    const x = Float64Array.from(from.points);
    const by = (this.random() < 0.3 ? wildJiggle : jiggle) * this.largest;
    for (let k = 0; k < x.length; k++) x[k] = x[k] + (2 * this.random() - 1) * by;
    const moved = this.random() < 0.7 ? 1 : 2;
    for (let m = 0; m < moved; m++) {
      const i = Math.min(this.n - 1, Math.floor(this.random() * this.n));
      const r = this.radii[i];
      let best: { room: number; at: [number, number] } | null = null;
      for (let s = 0; s < spots; s++) {
        const at = this.somewhere(r, from.scale);
        let room = Infinity;
        for (let j = 0; j < this.n; j++)
          if (j !== i) room = Math.min(room, apartBy(at[0] - x[2 * j], at[1] - x[2 * j + 1]) - this.radii[j]);
        if (!best || room > best.room) best = { room, at };
      }
      if (best) [x[2 * i], x[2 * i + 1]] = best.at;
    }
    return x;
  }

  /** The best layout from given starts and as many new ones and hops as the budget allows; with a target, the first that meets it. */
  search(starts: readonly Points[], mostStarts: number, target = 0): Packing | null {
    let best: Packing | null = null;
    let current: Packing | null = null;
    const take = (made: Packing | null): boolean => {
      if (!made) return false;
      if (!best || made.scale < best.scale) best = made;
      if (current && made.scale >= current.scale) return false;
      current = made;
      return true;
    };
    const met = () => best !== null && target > 0 && best.scale <= target;
    for (const start of starts) {
      const scored = this.exact(start);
      take(scored);
      if (met()) return best;
      if (scored) take(this.polish(scored.points, 0.99 * scored.scale, scored.scale));
      if (met()) return best;
    }
    let failed = 0;
    for (let tried = 0; tried < mostStarts && !this.spent; tried++) {
      const soFar = (best as Packing | null)?.scale ?? Infinity;
      const fresh: boolean = current === null || failed >= patience;
      if (fresh) {
        current = null;
        failed = 0;
      }
      const area = this.radii.reduce((sum, r) => sum + Math.PI * r * r, 0);
      const unitArea = this.unit.kind === 'rect' ? 4 * this.unit.hx * this.unit.hy : Math.PI * this.unit.R ** 2;
      const guess = Math.sqrt(area / 0.8 / unitArea);
      let start: Points;
      let L: number;
      if (current) {
        start = this.hop(current);
        L = 0.999 * soFar;
      } else {
        start = new Float64Array(2 * this.n);
        for (let i = 0; i < this.n; i++) [start[2 * i], start[2 * i + 1]] = this.somewhere(this.radii[i], guess);
        L = Number.isFinite(soFar) ? Math.min(guess, 0.999 * soFar) : guess;
      }
      if (target > 0 && Number.isFinite(soFar)) L = Math.max(target, 0.9 * soFar) * 0.999;
      const made = this.minimise(start, L, 1e-3, 150);
      const estimate = L + (2 * made.e) / Math.abs(made.byL || 1e-30);
      const here = current?.scale ?? Infinity;
      if (estimate > 1.004 * here && estimate > 1.006 * soFar) {
        failed++;
        continue;
      }
      if (!current && estimate > 1.006 * soFar) {
        // not worth polishing, but somewhere to hop from
        current = this.exact(made.x);
        continue;
      }
      const polished = this.polish(made.x, estimate, Number.isFinite(soFar) ? soFar : estimate);
      if (!take(polished)) failed++;
      else failed = 0;
      if (met()) return best;
    }
    return best;
  }
}

/** Only + − × ÷ and the square root: these are rounded alike by every engine. */
export const apartBy = (dx: number, dy: number): number => Math.sqrt(dx * dx + dy * dy);

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i] * b[i];
  return sum;
};
