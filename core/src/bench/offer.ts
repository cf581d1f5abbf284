import { isWait, type Links } from './plan';
import { endsAt, isOver, type RunNow, type StepNow } from './reduce';

/**
 * `inHand`: begun and not done. `ready`: nothing is missing. `waiting`: only a wait is not over. `blocked`: something before it was
 * not done.
 */
export type Standing = 'inHand' | 'ready' | 'waiting' | 'blocked';

export interface Offered {
  now: StepNow;
  standing: Standing;
  /** When its waits are over, ms; at once where it has none. */
  readyAt: number;
  /** The step it waits for: the wait that lasts longest, or the work that was not done. */
  waitsFor: StepNow | null;
}

/** What is before a step and how far it is. */
export function standingOf(now: RunNow, key: string, atMs: number): Offered {
  const own = now.steps.get(key) as StepNow;
  let readyAt = -Infinity;
  let waitsFor: StepNow | null = null;
  let blocked = false;
  for (const b of now.links.before.get(key) ?? []) {
    const before = now.steps.get(b);
    if (!before || before.done || before.skipped) continue;
    // an oven that still heats is no reason to ask: what is put in early is the cook's to say
    if (before.step.code === 'preheat' && before.begun) continue;
    if (!isWait(before.step) || !before.begun) {
      // an oven nobody has lit stops nobody at this bench
      if (before.step.code === 'preheat') continue;
      if (own.step.kind === 'tend' && before.begun) continue;
      blocked = true;
      waitsFor = before;
      continue;
    }
    const over = own.step.during ? before.begun.at + own.step.during.atMin * 60_000 : endsAt(before);
    if (over <= readyAt) continue;
    readyAt = over;
    if (!blocked) waitsFor = before;
  }
  const standing = own.begun && !own.done ? 'inHand' : blocked ? 'blocked' : readyAt > atMs ? 'waiting' : 'ready';
  return { now: own, standing, readyAt, waitsFor: standing === 'ready' || standing === 'inHand' ? null : waitsFor };
}

/** Whose screen asks: a cook's, or one where all stand at once; there, what was begun at such a screen is in hand. */
export interface Asking {
  cook: string | null;
  device: string;
}

const mine = (s: StepNow, { cook }: Asking): boolean => cook === null || s.cook === cook;
const isWork = (s: StepNow): boolean => !isWait(s.step);

/** Steps of this row that are not begun, in the plan's order. */
const open = (now: RunNow, asking: Asking): StepNow[] =>
  now.plan.steps.flatMap(({ itemIndex, id }) => {
    const s = now.steps.get(`${itemIndex}/${id}`);
    return s && !isOver(s) && !(s.begun && isWork(s)) && mine(s, asking) ? [s] : [];
  });

/** Less than this is no gap to fill, min. */
const leastGapMin = 3;
/** Work planned later than this is not drawn forward to fill a gap, min: what keeps well, and what has to go on once it is begun. */
const drawnForwardMin = { keeps: 240, else: 30 };
/** What comes of these lies well until it is gone on with. */
const keepsWell: ReadonlySet<string> = new Set([
  'weigh',
  'mix',
  'rubIn',
  'kneadLeaves',
  'prepareFilling',
  'cookFilling',
]);

/** What a cook has in hand: begun, not done, not put aside; the last of them begun. */
export function inHand(now: RunNow, asking: Asking): StepNow | null {
  const begun = [...now.steps.values()].filter(
    (s) =>
      isWork(s) &&
      s.begun !== null &&
      !isOver(s) &&
      s.parked === null &&
      (asking.cook === null ? s.begun.cook === '' || s.begun.device === asking.device : s.cook === asking.cook),
  );
  return begun.reduce<StepNow | null>(
    (last, s) => (last && (last.begun?.at ?? 0) >= (s.begun?.at ?? 0) ? last : s),
    null,
  );
}

/**
 * What is offered next: what is in hand, or beside a pot what the plan has there; else what only has to be put in the cold or
 * the oven, so that no dough lies about; else the first of the plan that nothing keeps; and while that waits, the first that is
 * ready and fits before it. What waits or is kept is offered as such where nothing fits. Null when nothing is left in this row.
 */
export function offered(now: RunNow, asking: Asking, atMs: number): Offered | null {
  const held = inHand(now, asking);
  if (held) return besidePot(now, held, asking, atMs) ?? standingOf(now, held.key, atMs);
  const all = open(now, asking).map((s) => standingOf(now, s.key, atMs));
  const put = all.find((o) => o.standing === 'ready' && isPutAway(now.links, o));
  if (put) return put;
  const first = all.find((o) => o.standing !== 'blocked') ?? all[0] ?? null;
  if (!first || first.standing === 'ready') return first;
  const gapMs = first.standing === 'blocked' ? Infinity : first.readyAt - atMs;
  if (gapMs < leastGapMin * 60_000) return first;
  const plannedAt = (s: StepNow) => new Date(now.plan.serveAt).getTime() + s.step.startMin * 60_000;
  const from = Math.max(atMs, plannedAt(first.now));
  const soon = (s: StepNow) =>
    plannedAt(s) <= from + drawnForwardMin[keepsWell.has(s.step.code) ? 'keeps' : 'else'] * 60_000;
  const fits = all.find(
    (o) => o.standing === 'ready' && o.now.step.kind !== 'oven' && o.now.step.minutes * 60_000 <= gapMs && soon(o.now),
  );
  return fits ?? first;
}

/** Work that the plan has beside a pot that simmers, once it is due there; nothing where the pot itself is due. */
function besidePot(now: RunNow, pot: StepNow, asking: Asking, atMs: number): Offered | null {
  const { begun, step } = pot;
  if (step.kind !== 'hob' || !begun || endsAt(pot) <= atMs) return null;
  const due = open(now, asking).find(({ step: s, cook, ...own }) => {
    const after = s.startMin - step.startMin;
    const beside = isWork({ step: s, cook, ...own }) && cook === pot.cook && after >= 0 && after < step.minutes - 1;
    return beside && atMs >= begun.at + after * 60_000;
  });
  const stands = due && standingOf(now, due.key, atMs);
  return stands?.standing === 'ready' ? stands : null;
}

/** Work is behind it and it only has to go where it waits. */
const isPutAway = (links: Links, { now }: Offered): boolean =>
  isWait(now.step) && now.step.code !== 'preheat' && (links.before.get(now.key)?.length ?? 0) > 0;

/** Everything that could be begun instead, in the plan's order, with how each stands; what was put aside first. */
export function others(now: RunNow, asking: Asking, atMs: number): Offered[] {
  const aside = [...now.steps.values()].filter((s) => s.parked !== null && !isOver(s));
  return [...aside, ...open(now, asking)].map((s) => standingOf(now, s.key, atMs));
}

/** Nothing is left to begin, and nothing in hand, in anybody's row. */
export const allDone = (now: RunNow): boolean => [...now.steps.values()].every(isOver);
