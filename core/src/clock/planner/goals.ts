import { attentionEach, type Instance } from './instance';
import type { Network } from './network';

/** A plan as numbers: starts and ends of steps, their cooks, when it is served. */
export interface Laid {
  serve: number;
  start: Int32Array;
  end: Int32Array;
  cook: Int8Array;
  oven: Int8Array;
}

interface LagAt {
  from: number;
  fromEnd: boolean;
  to: number;
  toEnd: boolean;
  min: number | null;
  max: number | null;
}

/** What the goals of a day need, worked out once. */
export class Goals {
  private readonly lagsOf: LagAt[][];
  private readonly risky: number[];
  private readonly awake: Uint8Array[];
  private readonly use: Int16Array[];
  private readonly hands: Int8Array[];
  private readonly h0: number;

  constructor(private readonly net: Network) {
    const { instance, n } = net;
    const index = new Map(instance.steps.map((s, i) => [s.id, i]));
    this.h0 = instance.horizon[0];
    const T = instance.horizon[1] - this.h0 + 1;
    this.lagsOf = Array.from({ length: n }, () => []);
    const at = (id: string) => (id === 'serve' ? -1 : (index.get(id) as number));
    for (const l of instance.lags) {
      const lag: LagAt = {
        from: at(l.from[0]),
        fromEnd: l.from[1] === 'end',
        to: at(l.to[0]),
        toEnd: l.to[1] === 'end',
        min: l.min,
        max: l.max,
      };
      // only the end of a step moves when it overruns
      if (lag.from >= 0 && lag.fromEnd) this.lagsOf[lag.from].push(lag);
      if (lag.to >= 0 && lag.toEnd && lag.to !== lag.from) this.lagsOf[lag.to].push(lag);
    }
    this.risky = instance.steps.flatMap((s, i) => (s.risk ? [i] : []));
    this.awake = instance.cooks.map((c) => {
      const on = new Uint8Array(T);
      for (const [a, b] of c.windows) on.fill(1, Math.max(0, a - this.h0), Math.max(0, Math.min(T, b - this.h0)));
      return on;
    });
    this.use = instance.resources.map(() => new Int16Array(T));
    this.hands = instance.cooks.map(() => new Int8Array(T));
  }

  /** The goals of a plan in their order, smaller is better; in a re-plan with what it disturbs after lateness. */
  of(laid: Laid): number[] {
    const { instance } = this.net;
    const { goals } = instance;
    const late = laid.serve - instance.serve.at;
    let stale = 0;
    for (const x of instance.items) {
      const i = instance.steps.findIndex((s) => s.id === x.serve.step);
      stale += x.serve.weight * Math.max(0, laid.serve - laid.end[i] - x.serve.want);
    }
    const from = laid.serve - goals.lastWindow;
    let last = 0;
    let first = Infinity;
    instance.steps.forEach((s, i) => {
      first = Math.min(first, laid.start[i]);
      if (s.kind === 'active') last += Math.max(0, Math.min(laid.serve, laid.end[i]) - Math.max(from, laid.start[i]));
    });
    const vector = [
      late,
      Math.ceil(stale / goals.staleBucket),
      Math.ceil(last / goals.lastBucket),
      Math.ceil((laid.serve - first) / goals.spanBucket),
      this.sessions(laid),
      this.risk(laid),
    ];
    if (instance.ref) vector.splice(1, 0, disturbed(instance, laid));
    return vector;
  }

  private sessions(laid: Laid): number {
    const { instance, n, attention } = this.net;
    let sessions = 0;
    for (let c = 0; c < instance.cooks.length; c++) {
      const own: number[] = [];
      for (let i = 0; i < n; i++) if (attention[i] > 0 && laid.cook[i] === c) own.push(i);
      own.sort((a, b) => laid.start[a] - laid.start[b]);
      let end = -Infinity;
      for (const i of own) {
        if (laid.start[i] - end > instance.goals.sessionGap) sessions++;
        end = Math.max(end, laid.end[i]);
      }
    }
    return sessions;
  }

  private risk(laid: Laid): number {
    const { instance, n, attention, needs } = this.net;
    if (!this.risky.length) return 0;
    for (const u of this.use) u.fill(0);
    for (const h of this.hands) h.fill(0);
    for (let i = 0; i < n; i++) {
      const [a, b] = [Math.max(0, laid.start[i] - this.h0), Math.max(0, laid.end[i] - this.h0)];
      for (const [r, q] of needs[i]) for (let t = a; t < b; t++) this.use[r][t] += q;
      if (attention[i] > 0) {
        const hands = this.hands[laid.cook[i]];
        for (let t = a; t < b; t++) hands[t] += attention[i];
      }
    }
    let risk = 0;
    for (const i of this.risky) {
      const { want, weight } = instance.steps[i].risk as { want: number; weight: number };
      risk += weight * (want - this.spare(laid, i, want));
    }
    return risk;
  }

  /** Minutes a step may overrun with every other left in place. */
  private spare(laid: Laid, i: number, want: number): number {
    const { instance, attention, needs } = this.net;
    let most = Math.min(want, instance.horizon[1] - laid.end[i]);
    const { window } = instance.steps[i];
    if (window?.latestEnd !== undefined) most = Math.min(most, window.latestEnd - laid.end[i]);
    const value = (at: number, end: boolean) => (at < 0 ? laid.serve : end ? laid.end[at] : laid.start[at]);
    for (const l of this.lagsOf[i]) {
      const apart = value(l.to, l.toEnd) - value(l.from, l.fromEnd);
      if (l.from === i && l.fromEnd && l.min !== null) most = Math.min(most, apart - l.min);
      if (l.to === i && l.toEnd && l.max !== null) most = Math.min(most, l.max - apart);
    }
    const x = instance.items.find((item) => item.serve.step === instance.steps[i].id);
    if (x) most = Math.min(most, laid.serve - laid.end[i] - x.serve.min);
    const cook = laid.cook[i];
    for (let k = 0; k < most; k++) {
      const t = laid.end[i] + k - this.h0;
      if (cook >= 0 && (!this.awake[cook][t] || this.hands[cook][t] + attention[i] > attentionEach)) return k;
      for (const [r, q] of needs[i]) if (this.use[r][t] + q > instance.resources[r].cap) return k;
    }
    return Math.max(0, most);
  }
}

/** How far a new plan is from the last one: moved steps of hands and oven, other cooks, other ovens. */
function disturbed({ steps, ref = {}, pins = {}, cooks, ovens }: Instance, laid: Laid): number {
  let sum = 0;
  steps.forEach((s, i) => {
    const was = ref[s.id];
    if (!was || pins[s.id] || (s.kind === 'passive' && !s.oven)) return;
    sum += Math.min(30, Math.abs(laid.start[i] - was.start));
    if (laid.cook[i] >= 0 && cooks[laid.cook[i]].id !== was.cook) sum += 20;
    if (laid.oven[i] >= 0 && ovens[laid.oven[i]].id !== was.oven) sum += 20;
  });
  return Math.ceil(sum / 10);
}

/** Which of two vectors of goals is better: below nothing where the first is. */
export function compareGoals(a: readonly number[], b: readonly number[]): number {
  for (let k = 0; k < a.length; k++) if (a[k] !== b[k]) return a[k] - b[k];
  return 0;
}
