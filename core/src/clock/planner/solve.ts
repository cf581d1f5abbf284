import { rightAligned } from './aligned';
import { checkPlan } from './checker';
import { compareGoals, Goals, type Laid } from './goals';
import type { DayPlan, Instance } from './instance';
import { invalidOf, type Invalid } from './invalid';
import { serving, type Network } from './network';
import { laidOf, planOf, type Scored } from './laidPlan';
import { candidatesOf, complete, type Manner, type Style } from './construct';
import { Throws } from './random';
import { refute } from './prover';
import { State, type Candidate } from './state';

/** Work of a plan asked for: about 0.6 s for fifty steps. */
export const defaultUnits = 600_000;
export type Solved =
  | { status: 'planned'; plan: DayPlan; units: number }
  | { status: 'infeasible'; units: number }
  | { status: 'not-found'; units: number }
  | { status: 'invalid'; errors: Invalid[]; units: number };

export interface SolveOptions {
  units?: number;
  seed?: string;
  /** A plan to begin from. */
  warm?: DayPlan;
  /** Called with every better plan; true stops. */
  onPlan?: (plan: DayPlan) => boolean | void;
}

const bestTries = 12;
const failuresEach = 60;
const fewSteps = 12;
const mostAgain = 40;

/** Search over one day: from nothing, then by freeing parts of the best and laying them anew. */
class Search {
  readonly state: State;
  readonly goals: Goals;
  readonly throws: Throws;
  readonly weights: Float64Array;
  best: Scored | null = null;

  constructor(
    readonly net: Network,
    seed: string,
    readonly limit: number,
    readonly onBest: (best: Scored) => boolean,
  ) {
    const { instance } = net;
    this.state = new State(net);
    this.goals = new Goals(net);
    this.throws = new Throws(`${instance.id}|${net.n}|${instance.lags.length}|${instance.serve.at}|${seed}`);
    this.weights = new Float64Array(net.N).fill(1);
  }

  get spent(): boolean {
    return this.state.work >= this.limit;
  }

  manner(style: Style, more: Partial<Manner> = {}): Manner {
    return {
      style,
      candidates: 5,
      failures: failuresEach,
      cooksBackwards: false,
      weights: this.weights,
      throws: this.throws,
      until: this.limit,
      ...more,
    };
  }

  keep(): void {
    const laid = this.state.take();
    const score = this.goals.of(laid);
    if (!this.best || compareGoals(score, this.best.score) < 0) {
      this.best = { laid, score };
      this.onBest(this.best);
    }
  }

  /** From nothing, served so late. */
  fresh(late: number, tries = bestTries): boolean {
    const { instance, n } = this.net;
    const cycle: Style[] = instance.ref
      ? ['near', 'std', 'late', 'near', 'mixed']
      : ['std', 'late', 'pack', 'std', 'mixed'];
    for (let k = 0; k < tries && !this.spent; k++) {
      this.begin(late);
      this.state.putOff = k % 4 === 3;
      if (this.cannotServe) return false;
      const held = complete(
        this.state,
        this.manner(cycle[k % cycle.length], {
          // chains that hang together need many places to begin at
          candidates: [5, 8, 16, 40][k % 4],
          cooksBackwards: k % 3 === 2,
          until: Math.min(this.limit, this.state.work + Math.max(1500, this.limit / 24)),
        }),
      );
      this.state.putOff = false;
      if (held) return true;
      for (let v = 0; v < this.weights.length; v++) if (this.weights[v] > 50) this.weights[v] = 50;
    }
    if (this.spent) return false;
    this.begin(late);
    this.state.putOff = true;
    const held = complete(
      this.state,
      this.manner('full', {
        candidates: n <= 15 ? 10_000 : 40,
        failures: n <= 15 ? 1500 : 60,
        until: Math.min(this.limit, this.state.work + this.limit / 12),
      }),
    );
    this.state.putOff = false;
    return held;
  }
  /** Another order of the nodes for the next beginnings. */
  shake(): void {
    for (let v = 0; v < this.weights.length; v++) this.weights[v] = 0.5 + 4 * this.throws.next();
  }
  private cannotServe = false;
  private begin(late: number): void {
    const { at } = this.net.instance.serve;
    this.state.clear();
    this.cannotServe = !this.state.fix(serving, { t: at + late, cook: -1, oven: -1 });
  }

  /** The best laid again but for some steps; false where what is kept does not stand. */
  around(freed: ReadonlySet<number>, from: Laid): boolean {
    const { state, net } = this;
    state.clear();
    if (!state.fix(serving, { t: from.serve, cook: -1, oven: -1 })) return false;
    for (let i = 0; i < net.n; i++) {
      if (freed.has(i)) continue;
      const place: Candidate = { t: from.start[i], cook: from.cook[i], oven: from.oven[i] };
      if (!state.fixed[net.start[i]] && !state.fix(net.start[i], place)) return false;
      if (net.elastic[i] && !state.fix(net.end[i], { ...place, t: from.end[i] })) return false;
    }
    return true;
  }
}

/** Plans a day: refuted, planned, or honestly not found. All limits are work units: equal input gives an equal plan anywhere. */
export function solve(instance: Instance, options: SolveOptions = {}): Solved {
  const errors = invalidOf(instance);
  if (errors.length) return { status: 'invalid', errors, units: 0 };
  const proof = refute(instance);
  if (proof.refuted) return { status: 'infeasible', units: 0 };
  const limit = options.units ?? defaultUnits;
  let stopped = false;
  const search = new Search(proof.net, options.seed ?? '', limit, (best) => {
    if (options.onPlan?.(planOf(proof.net, best)) === true) stopped = true;
    return stopped;
  });
  construct(search, options.warm);
  if (!search.best) return { status: 'not-found', units: search.state.work };
  align(search, search.best);
  improve(search, () => stopped);
  polish(search, () => stopped);
  return { status: 'planned', plan: planOf(search.net, search.best), units: search.state.work };
}

function construct(search: Search, warm?: DayPlan): void {
  const { instance } = search.net;
  if (warm) {
    const laid = laidOf(search.net, warm);
    if (search.around(new Set(), laid) && search.state.complete) search.keep();
  }
  const { maxLate } = instance.serve;
  const grid = instance.grid;
  const first = Math.max(0, search.net.D[serving] - instance.serve.at);
  const lates: number[] = [];
  for (let k = first, by = Math.max(5, grid); k <= maxLate;) {
    lates.push(Math.ceil(k / grid) * grid);
    if (lates.length > 2) by *= 2;
    k += by;
  }
  if (!lates.includes(maxLate) && maxLate % grid === 0) lates.push(maxLate);
  for (const late of lates) {
    if (search.best && late >= search.best.score[0]) return;
    if (late > maxLate || search.spent) return;
    if (search.fresh(late)) {
      search.keep();
      return;
    }
  }
  // nothing yet: other beginnings, for as long as a third of the work lasts, the latest serving first
  for (let again = 0; again < mostAgain && !search.best && search.state.work < search.limit / 3; again++) {
    search.shake();
    const late = lates[lates.length - 1 - (again % lates.length)];
    if (search.fresh(late, bestTries)) search.keep();
  }
}

/** The first plan with everything as late as its orders allow, where that stands: what waits for nothing is found at once so. */
function align(search: Search, first: Scored): void {
  const { net } = search;
  for (const bakesStay of [false, true]) {
    const plan = rightAligned(net.instance, planOf(net, first), bakesStay);
    if (!plan || checkPlan(net.instance, plan).length > 0) continue;
    if (compareGoals(plan.score, first.score) >= 0) return;
    search.best = { laid: laidOf(net, plan), score: plan.score };
    search.onBest(search.best);
    return;
  }
}

const mixes = [
  ['std', 0.3],
  ['pack', 0.55],
  ['late', 0.7],
  ['slack', 0.78],
  ['mixed', 1],
] as const;

/** Parts of the best freed and laid anew, kept where they are no worse. */

function improve(search: Search, stop: () => boolean): void {
  const { net, throws, state } = search;
  const { n, instance } = net;
  const near = nearness(net);
  const most = Math.max(2000, 60 * n);
  const roundsEnd = search.limit * 0.8;
  let current = search.best as Scored;
  let fruitless = 0;
  let bisections = 0;
  let floor = 0;
  for (let round = 0; fruitless < most && state.work < roundsEnd && !stop(); round++) {
    const best = search.best as Scored;
    if (fruitless > 0 && fruitless % 150 === 0) current = best;
    // another beginning, served as early, to be improved for a while
    if (fruitless > 0 && fruitless % 600 === 0 && search.fresh(best.score[0], 2)) {
      const laid = state.take();
      current = { laid, score: search.goals.of(laid) };
      if (compareGoals(current.score, best.score) < 0) {
        search.best = current;
        search.onBest(current);
      }
    }
    if (best.score[0] > 0 && round % 12 === 11 && bisections < 24) {
      bisections++;
      const to = best.score[0];
      let late = Math.floor((floor + to) / 2 / instance.grid) * instance.grid;
      if (late >= to) late = Math.max(0, to - instance.grid);
      if (search.fresh(late, 4)) {
        search.keep();
        current = search.best as Scored;
        fruitless = 0;
      } else floor = late >= floor ? Math.min(late, to - instance.grid) : floor;
      if (bisections === 12) floor = 0;
      continue;
    }
    const freed = subset(search, current, near);
    const dice = throws.next();
    const style: Style =
      instance.ref && throws.next() < 0.5 ? 'near' : (mixes.find(([, upTo]) => dice < upTo) ?? mixes[4])[0];
    const weights =
      throws.next() < 0.5 ? Float64Array.from({ length: net.N }, () => 0.5 + throws.next()) : search.weights;
    fruitless++;
    if (!search.around(freed, current.laid)) continue;
    const held = complete(
      state,
      search.manner(style, {
        // of a small day every place may be tried now and then
        ...(n <= fewSteps && round % 8 === 7
          ? { style: 'full' as const, candidates: 30, failures: 80 }
          : { candidates: 4, failures: 15 }),
        cooksBackwards: throws.next() < 0.3,
        weights,
        until: Math.min(search.limit, state.work + 4000),
      }),
    );
    if (!held) continue;
    const laid = state.take();
    const score = search.goals.of(laid);
    const toBest = compareGoals(score, best.score);
    if (toBest < 0) {
      search.best = { laid, score };
      search.onBest(search.best);
      current = search.best;
      fruitless = 0;
    } else {
      const toCurrent = compareGoals(score, current.score);
      if (toCurrent <= 0 || (score[0] === current.score[0] && throws.next() < 0.02)) current = { laid, score };
    }
  }
}

/** Steps tied to each step by lags of an hour or less, or by what they share. */
function nearness(net: Network): number[][] {
  const index = new Map(net.instance.steps.map((s, i) => [s.id, i]));
  const near: Set<number>[] = Array.from({ length: net.n }, () => new Set());
  for (const l of net.instance.lags) {
    const [a, b] = [index.get(l.from[0]), index.get(l.to[0])];
    if (a === undefined || b === undefined) continue;
    near[a].add(b);
    near[b].add(a);
  }
  return near.map((s) => [...s]);
}

/** Which steps are freed in a round. */
function subset(search: Search, current: Scored, near: readonly number[][]): Set<number> {
  const { net, throws } = search;
  const { n, attention, oven, item, instance } = net;
  const { laid } = current;
  const freed = new Set<number>();
  const tied = (i: number, minutes: number) => {
    const queue = [i];
    freed.add(i);
    while (queue.length) {
      const a = queue.pop() as number;
      for (const b of near[a])
        if (
          !freed.has(b) &&
          Math.min(Math.abs(laid.start[a] - laid.end[b]), Math.abs(laid.start[b] - laid.end[a])) <= minutes
        ) {
          freed.add(b);
          if (freed.size < n * 0.6) queue.push(b);
        }
    }
  };
  const within = (from: number, to: number) => {
    for (let i = 0; i < n; i++) if (laid.end[i] > from && laid.start[i] < to) freed.add(i);
  };
  const kind = throws.next();
  if (kind < 0.14) {
    const risky = instance.steps.flatMap((s, i) => (s.risk ? [i] : []));
    const i = risky.length ? risky[throws.below(risky.length)] : throws.below(n);
    freed.add(i);
    for (const b of near[i]) {
      freed.add(b);
      for (const c of near[b]) if (throws.next() < 0.5) freed.add(c);
    }
  } else if (kind < 0.26) within(laid.serve - 60 - throws.below(301), Infinity);
  else if (kind < 0.44) {
    const a = throws.below(instance.items.length);
    const b = throws.next() < 0.4 ? throws.below(instance.items.length) : a;
    for (let i = 0; i < n; i++) if (item[i] === a || item[i] === b) freed.add(i);
  } else if (kind < 0.58) {
    const i = throws.below(n);
    const by = 20 + throws.below(161);
    within(laid.start[i] - by, laid.start[i] + by);
  } else if (kind < 0.74) {
    const own: number[] = [];
    const c = throws.below(instance.cooks.length);
    for (let i = 0; i < n; i++) if (attention[i] > 0 && laid.cook[i] === c) own.push(i);
    own.sort((x, y) => laid.start[x] - laid.start[y]);
    if (own.length) {
      const sessions: [number, number][] = [];
      for (const i of own) {
        const last = sessions.at(-1);
        if (last && laid.start[i] - last[1] <= instance.goals.sessionGap) last[1] = Math.max(last[1], laid.end[i]);
        else sessions.push([laid.start[i], laid.end[i]]);
      }
      const k = throws.below(sessions.length);
      const two = throws.next() < 0.6 && k + 1 < sessions.length;
      within(sessions[k][0], sessions[two ? k + 1 : k][1]);
    }
  } else if (kind < 0.9) {
    const count = 2 + throws.below(5);
    for (let k = 0; k < count; k++) tied(throws.below(n), 20);
  } else for (let i = 0; i < n; i++) if (oven[i]) tied(i, 40);
  if (!freed.size) freed.add(throws.below(n));
  return freed;
}

/** Node by node over its whole window, both cooks and ovens: strict improvements kept until there are none. */
function polish(search: Search, stop: () => boolean): void {
  const { net, state } = search;
  for (let better = true; better && !search.spent && !stop();) {
    better = false;
    for (let i = 0; i < net.n && !search.spent && !stop(); i++) {
      const best = search.best as Scored;
      if (!search.around(new Set([i]), best.laid)) continue;
      const windows = new Int32Array(2 * net.N);
      state.save(windows);
      for (const place of candidatesOf(state, net.start[i], search.manner('full', { candidates: 60 }))) {
        if (state.fix(net.start[i], place)) {
          if (!net.elastic[i]) {
            if (state.complete) search.keep();
          } else {
            const inner = new Int32Array(2 * net.N);
            state.save(inner);
            for (const end of candidatesOf(state, net.end[i], search.manner('late', { candidates: 6 }))) {
              if (state.fix(net.end[i], end) && state.complete) search.keep();
              state.free(net.end[i]);
              state.restore(inner);
            }
          }
        }
        state.free(net.start[i]);
        state.restore(windows);
      }
      if (search.best !== best) better = true;
    }
  }
}
