import { attentionOf, type Instance, type OvenNeed, type Point } from './instance';

/** No bound between two nodes. */
export const none = -1_000_000_000;

/** A day as numbers: nodes (origin, serving, starts, ends of elastic steps), bounds between them, needs of every step. */
export interface Network {
  instance: Instance;
  /** Steps, and nodes. */
  n: number;
  N: number;
  start: Int32Array;
  end: Int32Array;
  /** Minutes from the end's node to the end: the length of a step that has one node. */
  endOff: Int32Array;
  elastic: Uint8Array;
  length: Int32Array;
  attention: Int8Array;
  oven: (OvenNeed | null)[];
  needs: (readonly [resource: number, units: number])[][];
  budgets: { max: number; legs: readonly [fromNode: number, fromOff: number, toNode: number, toOff: number][] }[];
  item: Int32Array;
  /** Longest paths: t_v >= t_u + D[u*N+v]. */
  D: Int32Array;
  /** A cycle of bounds asks for more than it has: nothing can be planned. */
  contradiction: boolean;
}

export const origin = 0;
export const serving = 1;

/** What of a day is left out when it is asked why it cannot be: names of bounds, and whole items. */
export type Dropped = ReadonlySet<string>;
const nothing: Dropped = new Set();
const far = 20_000;

/** Node and offset of a point of a step. */
export function pointOf(
  net: Pick<Network, 'start' | 'end' | 'endOff'>,
  index: ReadonlyMap<string, number>,
  p: Point,
): [number, number] {
  if (p[0] === 'serve') return [serving, 0];
  const i = index.get(p[0]) as number;
  return p[1] === 'start' ? [net.start[i], 0] : [net.end[i], net.endOff[i]];
}

/** Lays a day out as a network and closes it. */
export function networkOf(whole: Instance, drop: Dropped = nothing): Network {
  const net = openNetwork(whole, drop);
  net.contradiction = !close(net.D, net.N);
  return net;
}

/** A day laid out as a network that is not closed: `D` holds its bounds only. */
// oxlint-disable-next-line max-lines-per-function -- one bound after the other, each a line
export function openNetwork(whole: Instance, drop: Dropped = nothing): Network {
  const steps = whole.steps.filter((s) => !drop.has(`item:${s.item}`));
  const kept = new Set(steps.map((s) => s.id));
  const has = (p: Point) => p[0] === 'serve' || kept.has(p[0]);
  const instance: Instance = {
    ...whole,
    steps,
    items: whole.items.filter((x) => !drop.has(`item:${x.id}`)),
    lags: whole.lags.filter((l) => has(l.from) && has(l.to)),
    budgets: whole.budgets.filter((b) => b.legs.every((l) => has(l.from) && has(l.to))),
  };
  const n = steps.length;
  const start = new Int32Array(n);
  const end = new Int32Array(n);
  const endOff = new Int32Array(n);
  const elastic = new Uint8Array(n);
  const length = new Int32Array(n);
  let N = 2;
  steps.forEach((s, i) => {
    start[i] = N++;
    length[i] = s.min;
    if (s.min < s.max) {
      elastic[i] = 1;
      end[i] = N++;
    } else {
      end[i] = start[i];
      endOff[i] = s.min;
    }
  });
  const D = new Int32Array(N * N).fill(none);
  for (let v = 0; v < N; v++) D[v * N + v] = 0;
  const arc = (u: number, v: number, w: number) => {
    if (w > D[u * N + v]) D[u * N + v] = w;
  };
  const [h0, h1] = instance.horizon;
  const earliest = drop.has('hstart') ? h0 - far : Math.max(h0, instance.now ?? h0);
  const { at, maxLate } = instance.serve;
  arc(origin, serving, at);
  arc(serving, origin, -(drop.has('serve') ? at + far : at + maxLate));
  const index = new Map(steps.map((s, i) => [s.id, i]));
  const net = { start, end, endOff };
  steps.forEach((s, i) => {
    const pin = instance.pins?.[s.id];
    const began = instance.started?.[s.id];
    if (!pin) {
      arc(origin, start[i], began ?? earliest);
      arc(start[i], origin, began === undefined ? far * -2 : -began);
      arc(end[i], origin, -((drop.has('serve') ? h1 + far : h1) - endOff[i]));
      // a wait that runs does not end before now
      if (began !== undefined && elastic[i]) arc(origin, end[i], earliest);
    } else {
      arc(origin, start[i], pin.start);
      arc(start[i], origin, -pin.start);
      if (elastic[i]) {
        arc(origin, end[i], pin.end);
        arc(end[i], origin, -pin.end);
      }
    }
    if (elastic[i]) {
      arc(start[i], end[i], s.min);
      arc(end[i], start[i], -s.max);
    }
    if (s.window && !pin && began === undefined && !drop.has(`win:${s.id}`)) {
      const { earliest: e, latestStart, latestEnd } = s.window;
      if (e !== undefined) arc(origin, start[i], e);
      if (latestStart !== undefined) arc(start[i], origin, -latestStart);
      if (latestEnd !== undefined) arc(end[i], origin, -(latestEnd - endOff[i]));
    }
  });
  const pinned = (p: Point) => p[0] !== 'serve' && instance.pins?.[p[0]] !== undefined;
  for (const l of instance.lags) {
    // what is past cannot be helped
    if (pinned(l.from) && pinned(l.to)) continue;
    const [u, uo] = pointOf(net, index, l.from);
    const [v, vo] = pointOf(net, index, l.to);
    if (l.min !== null && !drop.has(`lag:${l.id}:min`)) arc(u, v, l.min + uo - vo);
    if (l.max !== null && !drop.has(`lag:${l.id}:max`)) arc(v, u, -l.max + vo - uo);
  }
  for (const x of instance.items) {
    const i = index.get(x.serve.step);
    if (i === undefined) continue;
    if (!drop.has(`rest:${x.id}:min`)) arc(end[i], serving, endOff[i] + x.serve.min);
    if (!drop.has(`rest:${x.id}:max`)) arc(serving, end[i], -x.serve.max - endOff[i]);
  }
  const items = new Map(instance.items.map((x, k) => [x.id, k]));
  const resources = new Map(instance.resources.map((r, k) => [r.id, k]));
  return {
    instance,
    n,
    N,
    start,
    end,
    endOff,
    elastic,
    length,
    attention: Int8Array.from(steps, attentionOf),
    oven: steps.map((s) => s.oven ?? null),
    needs: steps.map((s) => Object.entries(s.needs).map(([r, q]) => [resources.get(r) as number, q] as const)),
    budgets: instance.budgets
      .filter((b) => !drop.has(`budget:${b.id}`) && !b.legs.every((l) => pinned(l.from) && pinned(l.to)))
      .map((b) => ({
        max: b.max,
        legs: b.legs.map((l) => {
          const [u, uo] = pointOf(net, index, l.from);
          const [v, vo] = pointOf(net, index, l.to);
          return [u, uo, v, vo] as const;
        }),
      })),
    item: Int32Array.from(steps, (s) => items.get(s.item) as number),
    D,
    contradiction: false,
  };
}

/** Longest paths in place; false at the first cycle that asks for more than nothing (values would grow without end). */
export function close(D: Int32Array, N: number): boolean {
  for (let k = 0; k < N; k++)
    for (let i = 0; i < N; i++) {
      const ik = D[i * N + k];
      if (ik <= none) continue;
      const row = i * N;
      const by = k * N;
      for (let j = 0; j < N; j++) {
        const kj = D[by + j];
        if (kj > none && ik + kj > D[row + j]) D[row + j] = ik + kj;
      }
      if (D[row + i] > 0) return false;
    }
  return true;
}

/** One more bound on a closed network; false where it contradicts what is there. */
export function tighten(D: Int32Array, N: number, u: number, v: number, w: number): boolean {
  if (D[u * N + v] >= w) return true;
  if (D[v * N + u] > none && D[v * N + u] + w > 0) return false;
  for (let a = 0; a < N; a++) {
    const au = D[a * N + u];
    if (au <= none) continue;
    const row = a * N;
    const by = v * N;
    for (let b = 0; b < N; b++) {
      const vb = D[by + b];
      if (vb > none && au + w + vb > D[row + b]) D[row + b] = au + w + vb;
    }
  }
  return true;
}
