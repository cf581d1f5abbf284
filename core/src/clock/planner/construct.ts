import type { Candidate, State } from './state';
import { serving } from './network';
import type { Throws } from './random';

export const styles = ['std', 'late', 'up', 'pack', 'slack', 'rand', 'near', 'full', 'mixed'] as const;
export type Style = (typeof styles)[number];

export interface Manner {
  style: Style;
  /** Places tried for a node, and failures before it is given up. */
  candidates: number;
  failures: number;
  cooksBackwards: boolean;
  /** Weights of the nodes: those that failed come first. */
  weights: Float64Array;
  throws: Throws;
  /** Work at which everything stops. */
  until: number;
}

const widestSkip = 60;

/** Lays every node that is free, depth first, by smallest window; true when all are laid. */
export function complete(state: State, manner: Manner): boolean {
  let left = manner.failures;
  const { N } = state.net;
  const saved: Int32Array[] = [];
  const go = (depth: number): boolean => {
    const v = choose(state, manner.weights);
    if (v < 0) return true;
    if (state.work > manner.until) {
      left = 0;
      return false;
    }
    const places = candidatesOf(state, v, manner);
    const windows = (saved[depth] ??= new Int32Array(2 * N));
    for (const place of places) {
      state.save(windows);
      if (state.fix(v, place) && go(depth + 1)) return true;
      state.free(v);
      state.restore(windows);
      if (left <= 0) return false;
    }
    manner.weights[v] += 1;
    left--;
    return false;
  };
  return go(0);
}

/** The node with the smallest window for its weight; nodes of steps nobody attends wait. */
function choose(state: State, weights: Float64Array): number {
  const { N, attention, oven } = state.net;
  let [best, least] = [-1, Infinity];
  for (let v = 1; v < N; v++) {
    if (state.fixed[v]) continue;
    const i = state.stepOfNode[v];
    // what is over or runs stands before anything else is laid
    if (i >= 0 && state.isPinned(i)) return v;
    const idle = i >= 0 && attention[i] === 0 && !oven[i];
    const measure = ((state.high[v] - state.low[v] + 1) / weights[v]) * (idle ? 2 : 1);
    if (measure < least) [best, least] = [v, measure];
  }
  return best;
}

/** Places for a node by the manner of the try. */
// oxlint-disable-next-line max-lines-per-function -- one scan, and where each manner begins it
export function candidatesOf(state: State, v: number, manner: Manner): Candidate[] {
  const { instance, attention, length } = state.net;
  const { grid } = instance;
  const i = state.stepOfNode[v];
  const low = Math.ceil(state.low[v] / grid) * grid;
  const high = Math.floor(state.high[v] / grid) * grid;
  const found: Candidate[] = [];
  const pinned = i >= 0 && state.isPinned(i);
  const began = i >= 0 && instance.started?.[instance.steps[i].id] !== undefined && v === state.net.start[i];
  if (pinned || began) {
    found.push(...only(state, v, state.low[v]));
    return found;
  }
  if (low > high) return found;
  if (v === serving) return [{ t: low, cook: -1, oven: -1 }];
  const style =
    manner.style === 'mixed' ? (['std', 'late', 'up', 'pack', 'slack'] as const)[manner.throws.below(5)] : manner.style;
  const want = manner.candidates;
  const scan = (from: number, to: number, way: 1 | -1, most: number) => {
    let t = from;
    let skip = 1;
    while ((way > 0 ? t <= to : t >= to) && found.length < most) {
      const hits = found.length;
      const next = state.probe(v, t, way, manner.cooksBackwards, found, style === 'full');
      if (next === null) {
        for (let k = found.length - 1; k >= hits; k--)
          if (
            found.slice(0, hits).some((f) => f.t === found[k].t && f.cook === found[k].cook && f.oven === found[k].oven)
          )
            found.splice(k, 1);
        if (style === 'full') t += way * grid;
        else {
          t += way * skip * grid;
          skip = Math.min(widestSkip, 2 * skip);
        }
      } else t = way > 0 ? ceilTo(Math.max(next, t + grid), grid) : floorTo(Math.min(next, t - grid), grid);
    }
  };
  switch (style) {
    case 'up':
      scan(low, high, 1, want);
      break;
    case 'full':
      scan(high, low, -1, want);
      break;
    case 'std': {
      const before = floorTo(state.low[serving] - instance.goals.lastWindow - (i >= 0 ? length[i] : 0), grid);
      if (i >= 0 && instance.steps[i].kind === 'active' && before < high && before >= low)
        scan(before, low, -1, Math.ceil(want / 2));
      scan(high, low, -1, want);
      break;
    }
    case 'pack':
      if (i >= 0 && attention[i] > 0) {
        const beside: number[] = [];
        for (let j = 0; j < state.net.n; j++)
          if (state.laid[j] && attention[j] > 0) beside.push(state.startOf(j) - length[i], state.endOf(j));
        for (const t of beside.sort((a, b) => b - a))
          if (t >= low && t <= high && found.length < want)
            scan(floorTo(t, grid), floorTo(t, grid), -1, found.length + 1);
      }
      scan(high, low, -1, want);
      break;
    case 'slack': {
      const wish = (i >= 0 && instance.steps[i].risk?.want) || 0;
      scan(floorTo(Math.max(low, high - wish), grid), low, -1, Math.ceil(want / 2));
      scan(high, low, -1, want);
      break;
    }
    case 'near': {
      const was = i >= 0 ? instance.ref?.[instance.steps[i].id] : undefined;
      if (was) {
        const at = Math.max(
          low,
          Math.min(high, ceilTo(v === state.net.start[i] ? was.start : was.end - state.net.endOff[i], grid)),
        );
        scan(at, high, 1, Math.ceil(want / 2));
        scan(at, low, -1, want);
      } else scan(high, low, -1, want);
      break;
    }
    case 'rand':
      for (let k = 0; k < want; k++) {
        const t = low + manner.throws.below((high - low) / grid + 1) * grid;
        scan(t, low, -1, found.length + 1);
      }
      scan(high, low, -1, want);
      break;
    default:
      scan(high, low, -1, want);
  }
  return found;
}

function only(state: State, v: number, t: number): Candidate[] {
  const found: Candidate[] = [];
  state.probe(v, t, 1, false, found, false);
  return found;
}

const floorTo = (t: number, grid: number): number => Math.floor(t / grid) * grid;
const ceilTo = (t: number, grid: number): number => Math.ceil(t / grid) * grid;
