import { attentionEach, type Instance } from './instance';
import { networkOf, none, origin, tighten, type Dropped, type Network } from './network';

/** What is known of a day after all that must be was drawn from it; `refuted`: there is no plan. */
export interface Proof {
  refuted: boolean;
  net: Network;
}

const nothing: Dropped = new Set();
const mostRounds = 12;
const shavedPairs = { 1: 40, 2: 10 } as const;
const mostNested = 400;

interface Pair {
  i: number;
  j: number;
  /** Minutes between them when i is first, and when j is. */
  ij: number;
  ji: number;
  oven: boolean;
}

/**
 * Tries to prove that a day cannot be: sound (what it refutes has no plan), incomplete (what it does not refute may have none).
 * `drop` leaves named bounds out; depth 1 tries both orders of undecided pairs, depth 2 once more within.
 */
export function refute(instance: Instance, drop: Dropped = nothing, depth: 0 | 1 | 2 = 0): Proof {
  const net = networkOf(instance, drop);
  if (net.contradiction) return { refuted: true, net };
  return { refuted: new Prover(net, drop).refutes(depth), net };
}

class Prover {
  private readonly pairs: Pair[] | null;
  private probes = 0;

  constructor(
    private readonly net: Network,
    private readonly drop: Dropped,
  ) {
    this.pairs = this.singles() ? this.conflicts() : null;
  }

  /** Steps that cannot be by themselves: more than there is, too hot, too large. */
  private singles(): boolean {
    const { instance, n, needs, oven } = this.net;
    for (let i = 0; i < n; i++) {
      for (const [r, q] of needs[i])
        if (q > instance.resources[r].cap && !this.drop.has(`cap:${instance.resources[r].id}`)) return false;
      const need = oven[i];
      if (!need) continue;
      const fits = instance.ovens.some(
        (o) =>
          (need.in === undefined || need.in === o.id) &&
          (this.drop.has('shelves') || (need.slots <= o.slots && need.tray <= o.tray)) &&
          (this.drop.has('oventemp') || (need.temp + need.tol >= o.tMin && need.temp - need.tol <= o.tMax)),
      );
      if (!fits) return false;
    }
    return true;
  }

  private conflicts(): Pair[] {
    const { instance, n, needs, oven, attention } = this.net;
    const single = instance.ovens.length === 1 ? instance.ovens[0] : null;
    const pairs: Pair[] = [];
    for (let i = 0; i < n; i++)
      for (let j = i + 1; j < n; j++) {
        let [apart, ij, ji, ofOven] = [false, 0, 0, false];
        for (const [r, q] of needs[i])
          for (const [s, p] of needs[j])
            if (r === s && q + p > instance.resources[r].cap && !this.drop.has(`cap:${instance.resources[r].id}`))
              apart = true;
        if (
          instance.cooks.length === 1 &&
          attention[i] + attention[j] > attentionEach &&
          attention[i] > 0 &&
          attention[j] > 0 &&
          !this.drop.has('hands')
        )
          apart = true;
        const [a, b] = [oven[i], oven[j]];
        if (single && a && b) {
          if (!this.drop.has('shelves') && a.slots + b.slots > single.slots) apart = ofOven = true;
          if (!this.drop.has('oventemp')) {
            const [al, ah] = [Math.max(single.tMin, a.temp - a.tol), Math.min(single.tMax, a.temp + a.tol)];
            const [bl, bh] = [Math.max(single.tMin, b.temp - b.tol), Math.min(single.tMax, b.temp + b.tol)];
            if (al > bh || bl > ah) {
              apart = ofOven = true;
              const gap = (lowA: number, highA: number, lowB: number, highB: number) =>
                lowB > highA ? Math.ceil((lowB - highA) / single.heat) : Math.ceil((lowA - highB) / single.cool);
              ij = Math.max(ij, gap(al, ah, bl, bh));
              ji = Math.max(ji, gap(bl, bh, al, ah));
            }
          }
        }
        if (apart) pairs.push({ i, j, ij, ji, oven: ofOven });
      }
    return pairs;
  }

  refutes(depth: 0 | 1 | 2): boolean {
    if (!this.pairs) return true;
    const { D } = this.net;
    if (!this.fixpoint(D)) return true;
    return depth > 0 && this.shaved(D, depth, shavedPairs[1]);
  }

  /** Both orders of undecided pairs tried: both impossible is a proof, one impossible commits the other. */
  private shaved(D: Int32Array, depth: number, most: number): boolean {
    for (let again = 0; again < 3; again++) {
      const open = this.undecided(D).slice(0, most);
      let learnt = false;
      for (const p of open) {
        if (this.probes >= mostNested && depth < 2) return false;
        const can = ([first, second, gap]: readonly [number, number, number]): boolean => {
          this.probes++;
          const copy = D.slice();
          if (!this.order(copy, first, second, gap) || !this.fixpoint(copy)) return false;
          return !(depth > 1 && this.shaved(copy, depth - 1, shavedPairs[2]));
        };
        const [one, two] = [can([p.i, p.j, p.ij]), can([p.j, p.i, p.ji])];
        if (!one && !two) return true;
        if (one !== two) {
          const held = one ? this.order(D, p.i, p.j, p.ij) : this.order(D, p.j, p.i, p.ji);
          if (!held || !this.fixpoint(D)) return true;
          learnt = true;
        }
      }
      if (!learnt) break;
    }
    return false;
  }

  private undecided(D: Int32Array): Pair[] {
    return (this.pairs as Pair[])
      .filter(
        (p) =>
          this.may(D, p.i, p.j, p.ij) && this.may(D, p.j, p.i, p.ji) && !this.is(D, p.i, p.j) && !this.is(D, p.j, p.i),
      )
      .sort((a, b) => Number(b.oven) - Number(a.oven));
  }

  /** Whether a may be over, by a gap, before b begins. */
  private may(D: Int32Array, a: number, b: number, gap: number): boolean {
    const { N, start, end, endOff } = this.net;
    const d = D[start[b] * N + end[a]];
    return d <= none || gap + d + endOff[a] <= 0;
  }
  /** Whether a is over before b begins already. */
  private is(D: Int32Array, a: number, b: number): boolean {
    const { N, start, end, endOff } = this.net;
    const d = D[end[a] * N + start[b]];
    return d > none && d - endOff[a] >= 0;
  }
  private order(D: Int32Array, a: number, b: number, gap: number): boolean {
    const { N, start, end, endOff } = this.net;
    return tighten(D, N, end[a], start[b], endOff[a] + gap);
  }

  private fixpoint(D: Int32Array): boolean {
    for (let round = 0; round < mostRounds; round++) {
      const before = this.sum(D);
      if (!this.calendar(D) || !this.pairwise(D) || !this.compulsory(D)) return false;
      if (this.sum(D) === before) break;
    }
    return this.budgets(D) && this.energy(D);
  }
  private sum(D: Int32Array): number {
    let sum = 0;
    for (let k = 0; k < D.length; k++) if (D[k] > none) sum += D[k];
    return sum;
  }

  /** Attended steps to the nearest minutes at which somebody is there for all of them. */
  private calendar(D: Int32Array): boolean {
    if (this.drop.has('calendar')) return true;
    const { instance, n, N, attention, start, length } = this.net;
    for (let i = 0; i < n; i++) {
      if (!attention[i] || instance.pins?.[instance.steps[i].id]) continue;
      const [low, high] = [D[start[i]], -D[start[i] * N]];
      let [first, last] = [Infinity, -Infinity];
      const { cooks: may } = instance.steps[i];
      for (const c of instance.cooks.filter((x) => !may || may.includes(x.id)))
        for (const [a, b] of c.windows) {
          const from = Math.max(low, a);
          const to = Math.min(high, b - length[i]);
          if (from > to) continue;
          first = Math.min(first, from);
          last = Math.max(last, to);
        }
      if (first > last) return false;
      if (!tighten(D, N, origin, start[i], first) || !tighten(D, N, start[i], origin, -last)) return false;
    }
    return true;
  }

  private pairwise(D: Int32Array): boolean {
    for (const p of this.pairs as Pair[]) {
      const [one, two] = [this.may(D, p.i, p.j, p.ij), this.may(D, p.j, p.i, p.ji)];
      if (!one && !two) return false;
      if (!two && !this.order(D, p.i, p.j, p.ij)) return false;
      if (!one && !this.order(D, p.j, p.i, p.ji)) return false;
    }
    return true;
  }

  /** Minutes a step is certainly on, stacked against what there is. */
  private compulsory(D: Int32Array): boolean {
    const { instance, n, N, start, end, endOff, attention, needs, oven } = this.net;
    const parts: { i: number; from: number; to: number }[] = [];
    for (let i = 0; i < n; i++) {
      const from = -D[start[i] * N];
      const to = D[end[i]] + endOff[i];
      if (from < to) parts.push({ i, from, to });
    }
    const hands = instance.cooks.length * attentionEach;
    const shelves = instance.ovens.reduce((sum, o) => sum + o.slots, 0);
    for (const { from: t } of parts) {
      const on = parts.filter((p) => p.from <= t && t < p.to);
      const sum = (of: (i: number) => number) => on.reduce((total, p) => total + of(p.i), 0);
      if (!this.drop.has('hands') && sum((i) => attention[i]) > hands) return false;
      if (!this.drop.has('shelves') && sum((i) => oven[i]?.slots ?? 0) > shelves) return false;
      for (let r = 0; r < instance.resources.length; r++)
        if (
          !this.drop.has(`cap:${instance.resources[r].id}`) &&
          sum((i) => needs[i].reduce((q, [s, units]) => q + (s === r ? units : 0), 0)) > instance.resources[r].cap
        )
          return false;
    }
    return true;
  }

  private budgets(D: Int32Array): boolean {
    const { N } = this.net;
    return this.net.budgets.every(
      (b) => b.legs.reduce((sum, [u, uo, v, vo]) => sum + D[u * N + v] + vo - uo, 0) <= b.max,
    );
  }

  /** Work that cannot be anywhere else, against the hands, places and shelves there are in that time. */
  private energy(D: Int32Array): boolean {
    const { instance, n, N, start, end, endOff, length, attention, needs, oven } = this.net;
    const earliest = Array.from({ length: n }, (_, i) => D[start[i]]);
    const over = Array.from({ length: n }, (_, i) => D[end[i]] + endOff[i]);
    const latest = Array.from({ length: n }, (_, i) => -D[start[i] * N]);
    const latestOver = Array.from({ length: n }, (_, i) => -D[end[i] * N] + endOff[i]);
    const supply = (a: number, b: number) =>
      attentionEach *
      instance.cooks.reduce(
        (sum, c) => sum + c.windows.reduce((s, [x, y]) => s + Math.max(0, Math.min(b, y) - Math.max(a, x)), 0),
        0,
      );
    const tooMuch = (of: (i: number) => number, there: (a: number, b: number) => number): boolean => {
      const own = Array.from({ length: n }, (_, i) => i).filter((i) => of(i) > 0);
      for (const x of own)
        for (const y of own) {
          const [a, b] = [earliest[x], latestOver[y]];
          if (b <= a) continue;
          let work = 0;
          for (const i of own) work += Math.max(0, Math.min(length[i], b - a, over[i] - a, b - latest[i])) * of(i);
          if (work > there(a, b)) return true;
        }
      return false;
    };
    if (!this.drop.has('hands') && !this.drop.has('calendar') && tooMuch((i) => attention[i], supply)) return false;
    for (let r = 0; r < instance.resources.length; r++) {
      const { id, cap } = instance.resources[r];
      if (this.drop.has(`cap:${id}`)) continue;
      const of = (i: number) => needs[i].reduce((q, [s, units]) => q + (s === r ? units : 0), 0);
      if (tooMuch(of, (a, b) => cap * (b - a))) return false;
    }
    const shelves = instance.ovens.reduce((sum, o) => sum + o.slots, 0);
    return (
      this.drop.has('shelves') ||
      !tooMuch(
        (i) => oven[i]?.slots ?? 0,
        (a, b) => shelves * (b - a),
      )
    );
  }
}

/** Earliest serving that is not refuted, minutes after the one wished. */
export function leastLate(instance: Instance, depth: 0 | 1 = 0): number {
  const { at, maxLate } = instance.serve;
  let [low, high] = [0, maxLate];
  const can = (late: number) => !refute({ ...instance, serve: { at, maxLate: late } }, nothing, depth).refuted;
  if (can(0)) return 0;
  while (high - low > instance.grid) {
    const middle = Math.floor((low + high) / 2 / instance.grid) * instance.grid;
    if (middle <= low) break;
    if (can(middle)) high = middle;
    else low = middle;
  }
  return high;
}
