import { attentionEach } from './instance';
import type { Laid } from './goals';
import { none, serving, type Network } from './network';
import { ovenHolds, type InOven } from './ovens';

/** A candidate place of a node: its minute, and the cook and oven of its step. */
export interface Candidate {
  t: number;
  cook: number;
  oven: number;
}

/**
 * A plan being laid: windows of every node, what is used at every minute, and the way back. A node is fixed at a minute of
 * its window; the others' windows follow from the closed network, so that only hands, places, ovens and budgets can fail.
 */
export class State {
  readonly low: Int32Array;
  readonly high: Int32Array;
  readonly fixed: Uint8Array;
  readonly cook: Int8Array;
  readonly oven: Int8Array;
  /** Steps whose start and end are fixed. */
  readonly laid: Uint8Array;
  /** Probes and placements so far: what every limit counts. */
  work = 0;
  /** Heating between batches is tested when all bakes are laid. */
  putOff = false;
  readonly stepOfNode: Int32Array;
  private readonly h0: number;
  private readonly T: number;
  private readonly awake: Uint8Array[];
  private readonly anyone: Uint8Array;
  private readonly hands: Int8Array[];
  private readonly use: Int16Array[];
  private readonly inOven: InOven[][];
  private readonly notBefore: number;
  private bakesLeft: number;
  private readonly bakes: number;

  constructor(
    readonly net: Network,
    readonly D: Int32Array = net.D,
  ) {
    const { instance, n, N } = net;
    this.low = new Int32Array(N);
    this.high = new Int32Array(N);
    this.fixed = new Uint8Array(N);
    this.cook = new Int8Array(n).fill(-1);
    this.oven = new Int8Array(n).fill(-1);
    this.laid = new Uint8Array(n);
    this.stepOfNode = new Int32Array(N).fill(-1);
    for (let i = 0; i < n; i++) this.stepOfNode[net.start[i]] = this.stepOfNode[net.end[i]] = i;
    const pins = Object.values(instance.pins ?? {});
    this.h0 = Math.min(instance.horizon[0], ...pins.map((p) => p.start), ...Object.values(instance.started ?? {}));
    this.T = Math.max(instance.horizon[1], ...pins.map((p) => p.end)) - this.h0 + 1;
    this.anyone = new Uint8Array(this.T);
    this.awake = instance.cooks.map((c) => {
      const on = new Uint8Array(this.T);
      for (const [a, b] of c.windows) {
        const [x, y] = [Math.max(0, a - this.h0), Math.max(0, Math.min(this.T, b - this.h0))];
        on.fill(1, x, y);
        this.anyone.fill(1, x, y);
      }
      return on;
    });
    this.hands = instance.cooks.map(() => new Int8Array(this.T));
    this.use = instance.resources.map(() => new Int16Array(this.T));
    this.inOven = instance.ovens.map(() => []);
    this.notBefore = Math.max(instance.horizon[0], instance.now ?? instance.horizon[0]);
    this.bakes = net.oven.reduce((sum, o) => sum + (o ? 1 : 0), 0);
    this.bakesLeft = this.bakes;
    this.clear();
  }

  /** Nothing is laid. */
  clear(): void {
    const { N } = this.net;
    for (let v = 0; v < N; v++) {
      this.low[v] = this.D[v];
      this.high[v] = -this.D[v * N];
    }
    this.fixed.fill(0);
    this.fixed[0] = 1;
    this.cook.fill(-1);
    this.oven.fill(-1);
    this.laid.fill(0);
    for (const h of this.hands) h.fill(0);
    for (const u of this.use) u.fill(0);
    for (const o of this.inOven) o.length = 0;
    this.bakesLeft = this.bakes;
  }

  get complete(): boolean {
    for (let v = 0; v < this.net.N; v++) if (!this.fixed[v]) return false;
    return true;
  }

  /** The minute a node is fixed at, and the start and end of a step. */
  startOf(i: number): number {
    return this.low[this.net.start[i]];
  }
  endOf(i: number): number {
    return this.low[this.net.end[i]] + this.net.endOff[i];
  }

  take(): Laid {
    const { n } = this.net;
    return {
      serve: this.low[serving],
      start: Int32Array.from({ length: n }, (_, i) => this.startOf(i)),
      end: Int32Array.from({ length: n }, (_, i) => this.endOf(i)),
      cook: this.cook.slice(),
      oven: this.oven.slice(),
    };
  }

  /** Windows of before, to go back to. */
  save(into: Int32Array): void {
    into.set(this.low, 0);
    into.set(this.high, this.net.N);
  }
  restore(from: Int32Array): void {
    this.low.set(from.subarray(0, this.net.N));
    this.high.set(from.subarray(this.net.N, 2 * this.net.N));
  }

  /** Fixes a node, and with it its step where both its ends are; false where windows or budgets cannot hold. */
  fix(v: number, { t, cook, oven }: Candidate): boolean {
    this.work++;
    const { N } = this.net;
    const { low, high, D } = this;
    for (let u = 0; u < N; u++) {
      const to = D[v * N + u];
      if (to > none && t + to > low[u]) low[u] = t + to;
      const back = D[u * N + v];
      if (back > none && t - back < high[u]) high[u] = t - back;
      if (low[u] > high[u]) return false;
    }
    this.fixed[v] = 1;
    const i = this.stepOfNode[v];
    if (i >= 0) {
      if (cook >= 0) this.cook[i] = cook;
      if (oven >= 0) this.oven[i] = oven;
      if (this.fixed[this.net.start[i]] && this.fixed[this.net.end[i]]) this.lay(i, 1);
    }
    return this.budgetsHold();
  }

  /** Takes a node back; the windows are the caller's to restore. */
  free(v: number): void {
    const i = this.stepOfNode[v];
    if (i >= 0 && this.laid[i]) this.lay(i, -1);
    this.fixed[v] = 0;
    if (i >= 0) this.cook[i] = this.oven[i] = -1;
  }

  private lay(i: number, sign: 1 | -1): void {
    const { needs, attention, oven } = this.net;
    const [a, b] = [this.startOf(i) - this.h0, this.endOf(i) - this.h0];
    for (const [r, q] of needs[i]) {
      const use = this.use[r];
      for (let t = a; t < b; t++) use[t] += sign * q;
    }
    if (attention[i] > 0) {
      const hands = this.hands[this.cook[i]];
      const by = sign * attention[i];
      for (let t = a; t < b; t++) hands[t] += by;
    }
    const need = oven[i];
    if (need) {
      const list = this.inOven[this.oven[i]];
      if (sign > 0) list.push({ step: i, start: this.startOf(i), end: this.endOf(i), need });
      else
        list.splice(
          list.findIndex((x) => x.step === i),
          1,
        );
      this.bakesLeft -= sign;
    }
    this.laid[i] = sign > 0 ? 1 : 0;
  }

  private budgetsHold(): boolean {
    const { budgets, N } = this.net;
    for (const { max, legs } of budgets) {
      let sum = 0;
      for (const [u, uo, v, vo] of legs) sum += Math.max(this.D[u * N + v], this.low[v] - this.high[u]) + vo - uo;
      if (sum > max) return false;
    }
    return true;
  }

  /** Whether a pinned step is: what is past is not tested. */
  isPinned(i: number): boolean {
    return this.net.instance.pins?.[this.net.instance.steps[i].id] !== undefined;
  }

  /**
   * Whether a node can stand at a minute: null where it can (`found` says how), else the next minute worth a try in the
   * direction of the scan.
   */
  probe(v: number, t: number, way: 1 | -1, cooksBackwards: boolean, found: Candidate[], all: boolean): number | null {
    this.work++;
    const { net } = this;
    const i = this.stepOfNode[v];
    const step = way * net.instance.grid;
    if (i < 0 || this.isPinned(i)) {
      const pin = i >= 0 ? net.instance.pins?.[net.instance.steps[i].id] : undefined;
      found.push({
        t,
        cook: pin ? net.instance.cooks.findIndex((c) => c.id === pin.cook) : -1,
        oven: pin ? net.instance.ovens.findIndex((o) => o.id === pin.oven) : -1,
      });
      return null;
    }
    const isStart = v === net.start[i];
    const one = net.start[i] === net.end[i];
    // of an elastic step what is certain so far
    const from = isStart ? t : this.fixed[net.start[i]] ? this.low[net.start[i]] : this.high[net.start[i]];
    const to = one ? t + net.length[i] : isStart ? Math.max(t + net.length[i], this.low[net.end[i]]) : t;
    const [a, b] = [from - this.h0, to - this.h0];
    if (a < 0 || b >= this.T + 1) return t + step;
    for (const [r, q] of net.needs[i]) {
      const most = net.instance.resources[r].cap - q;
      const use = this.use[r];
      for (let m = a; m < b; m++)
        if (use[m] > most)
          return way > 0 ? (one ? m + 1 + this.h0 : t + step) : one ? this.h0 + m - net.length[i] : t + step;
    }
    const att = net.attention[i];
    if (att > 0) return this.probeHands(i, t, way, att, cooksBackwards, found, all);
    if (net.oven[i]) return this.probeOven(i, t, step, cooksBackwards, found, all);
    found.push({ t, cook: -1, oven: -1 });
    return null;
  }

  private probeHands(
    i: number,
    t: number,
    way: 1 | -1,
    att: number,
    backwards: boolean,
    found: Candidate[],
    all: boolean,
  ): number | null {
    const { cooks, grid, steps } = this.net.instance;
    const { cooks: may } = steps[i];
    const [a, b] = [t - this.h0, t + this.net.length[i] - this.h0];
    let next = way > 0 ? Infinity : -Infinity;
    let ok = false;
    for (let k = 0; k < cooks.length; k++) {
      const c = backwards ? cooks.length - 1 - k : k;
      if (may && !may.includes(cooks[c].id)) continue;
      const [on, hands] = [this.awake[c], this.hands[c]];
      let blocked = -1;
      for (let m = a; m < b; m++)
        if (!on[m] || hands[m] + att > attentionEach) {
          blocked = m;
          if (way < 0) break;
        }
      if (blocked < 0) {
        // one window: two that touch are two
        if (!this.oneWindow(c, t, t + this.net.length[i])) {
          next = way > 0 ? Math.min(next, t + grid) : Math.max(next, t - grid);
          continue;
        }
        found.push({ t, cook: c, oven: -1 });
        ok = true;
        if (!all) return null;
      } else
        next = way > 0 ? Math.min(next, blocked + 1 + this.h0) : Math.max(next, blocked + this.h0 - this.net.length[i]);
    }
    return ok ? null : next;
  }

  private oneWindow(c: number, from: number, to: number): boolean {
    for (const [a, b] of this.net.instance.cooks[c].windows) if (a <= from && to <= b) return true;
    return false;
  }

  private probeOven(
    i: number,
    t: number,
    step: number,
    backwards: boolean,
    found: Candidate[],
    all: boolean,
  ): number | null {
    const { instance, length } = this.net;
    const need = this.net.oven[i];
    if (!need) return t + step;
    const order = instance.ovens
      .map((o, k) => ({ o, k }))
      .filter(({ o }) => need.tray <= o.tray && need.slots <= o.slots && (need.in === undefined || need.in === o.id))
      .sort((x, y) => (backwards ? -1 : 1) * (x.o.tray - y.o.tray || x.k - y.k));
    let ok = false;
    for (const { o, k } of order) {
      const list = this.inOven[k];
      list.push({ step: i, start: t, end: t + length[i], need });
      const putOff = this.putOff && this.bakesLeft > 1;
      const holds = ovenHolds(o, list, this.isAwake, this.notBefore, putOff, this.isIn);
      list.pop();
      // put off, the other ovens are tested with the last bake
      const others =
        !holds || !this.putOff || putOff
          ? holds
          : instance.ovens.every(
              (x, m) => m === k || ovenHolds(x, this.inOven[m], this.isAwake, this.notBefore, false, this.isIn),
            );
      if (!others) continue;
      found.push({ t, cook: -1, oven: k });
      ok = true;
      if (!all) return null;
    }
    return ok ? null : t + step;
  }

  private readonly isIn = (step: number): boolean => this.isPinned(step);

  private readonly isAwake = (minute: number): boolean =>
    minute >= this.h0 && minute - this.h0 < this.T && this.anyone[minute - this.h0] === 1;
}
