import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { attentionOf, type Instance } from './planner/instance';
import { networkOf, none, origin, pointOf, serving, tighten, type Network } from './planner/network';
import type { Laid } from './planner/goals';
import { ordersOf } from './planner/orders';

/** What keeps a step from being sooner or later. */
export type Binds =
  | { by: 'follows' | 'waits' | 'oven'; step: string }
  | { by: 'hands'; cook: string; step: string }
  | { by: 'place'; place: string; step: string }
  | { by: 'stands'; item: string }
  | { by: 'hours'; cook: string }
  | { by: 'held'; step: string }
  | { by: 'table' | 'begin' };

export interface StepPlay {
  /** `itemIndex/step id`. */
  step: string;
  /** How much sooner and later it could begin with the order of everything kept, min. */
  earlierMin: number;
  laterMin: number;
  earlierBy: Binds | null;
  laterBy: Binds | null;
}

/** How far a step could be taken if only what follows it at once came along: minutes from the table, and who comes along how. */
export interface Reach {
  fromMin: number;
  toMin: number;
  fromBy: Binds | null;
  toBy: Binds | null;
  /** A step that begins no sooner and no later than this after it, min; null where nothing ties them. */
  ties: { step: string; notBefore: number | null; notAfter: number | null }[];
}

/** A bound between two nodes, `t_v >= t_u + w`, and what it comes of. */
interface Arc {
  u: number;
  v: number;
  w: number;
  why: Binds;
}

/** A day in the network with a reason for every bound. */
interface Reasoned {
  net: Network;
  arcs: Arc[];
}

/** The bounds of a day with their reasons; the network is closed already. */
function reasoned(day: Instance): Reasoned {
  const net = networkOf(day);
  const { start, end, endOff, elastic } = net;
  const index = new Map(day.steps.map((s, i) => [s.id, i]));
  const arcs: Arc[] = [];
  for (const l of day.lags) {
    const [u, uo] = pointOf(net, index, l.from);
    const [v, vo] = pointOf(net, index, l.to);
    if (l.min !== null) arcs.push({ u, v, w: l.min + uo - vo, why: { by: 'follows', step: l.from[0] } });
    if (l.max !== null) arcs.push({ u: v, v: u, w: -l.max + vo - uo, why: { by: 'follows', step: l.to[0] } });
  }
  day.steps.forEach((s, i) => {
    if (elastic[i]) {
      arcs.push({ u: start[i], v: end[i], w: s.min, why: { by: 'follows', step: s.id } });
      arcs.push({ u: end[i], v: start[i], w: -s.max, why: { by: 'waits', step: s.id } });
    }
    const { earliest, latestStart } = s.window ?? {};
    if (earliest !== undefined) arcs.push({ u: origin, v: start[i], w: earliest, why: { by: 'held', step: s.id } });
    if (latestStart !== undefined)
      arcs.push({ u: start[i], v: origin, w: -latestStart, why: { by: 'held', step: s.id } });
    arcs.push({ u: origin, v: start[i], w: Math.max(day.horizon[0], day.now ?? -Infinity), why: { by: 'begin' } });
  });
  for (const { id, serve } of day.items) {
    const i = index.get(serve.step);
    if (i === undefined) continue;
    arcs.push({ u: end[i], v: serving, w: endOff[i] + serve.min, why: { by: 'table' } });
    arcs.push({ u: serving, v: end[i], w: -serve.max - endOff[i], why: { by: 'stands', item: id } });
  }
  arcs.push({ u: origin, v: serving, w: day.serve.at, why: { by: 'table' } });
  arcs.push({ u: serving, v: origin, w: -day.serve.at - day.serve.maxLate, why: { by: 'table' } });
  return { net, arcs };
}

/** Adds a bound where it does not contradict what is there by a rounding. */
function bind({ net, arcs }: Reasoned, arc: Arc): void {
  if (tighten(net.D, net.N, arc.u, arc.v, arc.w)) arcs.push(arc);
}

/** The first reason on the way from a node to where it is bound that is not a step of its own row that follows at once. */
function whyOf({ net, arcs }: Reasoned, node: number, later: boolean): Binds | null {
  const { D, N } = net;
  const far = (n: number) => (later ? D[n * N + origin] : D[origin * N + n]);
  const seen = new Set([node]);
  let last: Binds | null = null;
  let ring = [node];
  while (ring.length) {
    const next: number[] = [];
    for (const at of ring)
      for (const a of arcs) {
        const [here, there] = later ? [a.u, a.v] : [a.v, a.u];
        if (here !== at || far(there) <= none || far(at) !== a.w + far(there)) continue;
        if (a.why.by !== 'follows') return a.why;
        last = a.why;
        if (!seen.has(there)) {
          seen.add(there);
          next.push(there);
        }
      }
    ring = next;
  }
  return last;
}

/** A day's plan, however it came about, on whole minutes of the planner. Null where it has not every step of the day. */
export function laidFrom(day: Instance, steps: readonly TimedStep[]): Laid | null {
  const byKey = new Map(steps.map((s) => [keyOf(s), s]));
  // a wait of no minutes is in no plan: it lies before what follows it
  const placeOf = (id: string): Pick<TimedStep, 'startMin' | 'minutes' | 'cook'> | undefined => {
    const own = byKey.get(id);
    const next = own ? undefined : day.lags.find((l) => l.from[0] === id && l.from[1] === 'end')?.to[0];
    const follows = next === undefined ? undefined : byKey.get(next);
    return own ?? (follows && { startMin: follows.startMin, minutes: 0, cook: null });
  };
  const found = day.steps.map((s) => placeOf(s.id));
  if (!found.every((s) => s !== undefined)) return null;
  const at = (m: number) => Math.floor(day.serve.at + m + 1e-6);
  return {
    serve: day.serve.at,
    start: Int32Array.from(found, (s) => at(s.startMin)),
    end: Int32Array.from(found, (s) => at(s.startMin + s.minutes)),
    cook: Int8Array.from(found, (s) => day.cooks.findIndex((c) => c.id === s.cook)),
    oven: Int8Array.from(day.steps, ({ oven }) =>
      oven ? day.ovens.findIndex((o) => o.id === (oven.in ?? day.ovens[0]?.id)) : -1,
    ),
  };
}

/**
 * How much sooner and later every step of a day could begin, the order of hands, places and bakes kept, and what keeps it
 * (clock.md 8). An estimate of a day that was laid by the minute: whole minutes.
 * @param day as compiled; steps of its plan, minutes from the table
 * @returns null where the plan is not one of this day, or the day cannot be
 */
export function playsOf(day: Instance, steps: readonly TimedStep[]): StepPlay[] | null {
  const laid = laidFrom(day, steps);
  if (!laid) return null;
  const whole = reasoned(day);
  const { net } = whole;
  if (net.contradiction) return null;
  const { start, end, endOff, D, N } = net;
  for (const { a, b, gap, why } of ordersOf(net, laid)) {
    const arc = { u: end[a], v: start[b], w: endOff[a] + gap };
    // the same order binds the one before and the one after: each is told of the other
    bind(whole, { ...arc, why: { ...why, step: `${a}|${b}` } });
  }
  day.steps.forEach((s, i) => {
    if (attentionOf(s) === 0 || laid.cook[i] < 0) return;
    const cook = day.cooks[laid.cook[i]];
    const there = cook.windows.find(([a, b]) => a <= laid.start[i] && laid.end[i] <= b);
    if (!there) return;
    const why: Binds = { by: 'hours', cook: cook.id };
    if (there[0] > day.horizon[0]) bind(whole, { u: origin, v: start[i], w: there[0], why });
    if (there[1] < day.horizon[1]) bind(whole, { u: end[i], v: origin, w: endOff[i] - there[1], why });
  });
  const named = (why: Binds | null, later: boolean): Binds | null => {
    if (!why || !('step' in why) || !why.step.includes('|')) return why;
    const [a, b] = why.step.split('|').map(Number);
    return { ...why, step: day.steps[later ? b : a].id };
  };
  return day.steps.map((s, i): StepPlay => {
    const [first, last] = [D[origin * N + start[i]], D[start[i] * N + origin]];
    return {
      step: s.id,
      earlierMin: Math.max(0, laid.start[i] - first),
      laterMin: last > none ? Math.max(0, -last - laid.start[i]) : 0,
      earlierBy: named(whyOf(whole, start[i], false), false),
      laterBy: named(whyOf(whole, start[i], true), true),
    };
  });
}

/** How far one step could be taken by the bounds of the day alone, whoever's hands and whatever oven; null for no step of it. */
export function reachOf(day: Instance, key: string): Reach | null {
  const i = day.steps.findIndex((s) => s.id === key);
  if (i < 0) return null;
  const { window: _, ...letGo } = day.steps[i];
  const free = reasoned({ ...day, steps: day.steps.map((s, k) => (k === i ? letGo : s)) });
  const { D, N, start, contradiction } = free.net;
  if (contradiction) return null;
  const v = start[i];
  const tie = (from: number, to: number) => (D[from * N + to] > none ? D[from * N + to] : null);
  return {
    fromMin: D[origin * N + v] - day.serve.at,
    toMin: -D[v * N + origin] - day.serve.at,
    fromBy: whyOf(free, v, false),
    toBy: whyOf(free, v, true),
    ties: day.steps.flatMap((s, k) => {
      const notAfter = tie(start[k], v);
      return k === i
        ? []
        : [{ step: s.id, notBefore: tie(v, start[k]), notAfter: notAfter === null ? null : -notAfter }];
    }),
  };
}
