import type { KitchenInput } from '../contracts/kitchen';
import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { awayFrom, type Gone } from './away';
import { clearedUp } from './clearing';
import { dayOf, plannerMin, soakId } from './compile';
import { climbsCMin } from './ovenRuns';
import { checkPlan } from './planner/checker';
import type { DayPlan, Instance, Lag } from './planner/instance';
import { replan, type Happened, type ReplanNote } from './planner/replan';
import { laidFrom } from './play';
import { whoDoes, type Scheduled, type TableOfDay } from './scheduled';

/** What became of a step at the bench. */
export interface StepAtBench {
  /** `item index/step id`. */
  key: string;
  /** Minutes from the table as it was planned; null for what did not happen yet. */
  begunMin: number | null;
  doneMin: number | null;
  /** Minutes it lasts, as planned or as it was set or seen since. */
  minutes: number;
  cook: string | null;
  skipped?: boolean;
}

/** A rest of a day laid anew, which the checker let pass. */
export interface LaidAnew {
  /** Local minutes by which the table is later. */
  laterMin: number;
  /** Every step, minutes from the new table. */
  steps: TimedStep[];
  /** Steps that begin at another time than planned, min; and steps in other hands. */
  slips: { key: string; byMin: number }[];
  hands: { key: string; cook: string }[];
  /** Hours at which steps were held are let go: the late day cannot be laid around them. */
  letGo?: true;
  /** Waits that had to last longer than they should, safety that is broken already or waits to be: never in silence. */
  notes: (Omit<ReplanNote, 'id' | 'code'> & {
    code: ReplanNote['code'] | 'safety-overdue';
    from: string;
    to: string;
  })[];
}

/** A table later than this is another day's, min. */
const mostLaterMin = 180;

/**
 * The rest of a day laid anew from now: what is over and what runs stays as it was, the last plan is kept to as far as it goes.
 * @param scheduled the day's items with the steps of the run's own plan; the table as it stands there
 * @param nowMin minutes from the table
 * @returns null for a day the planner does not take; no plan where it found none that the checker lets pass
 */
export function layAnew(
  scheduled: readonly Scheduled[],
  steps: readonly TimedStep[],
  atBench: readonly StepAtBench[],
  kitchen: KitchenInput,
  table: TableOfDay,
  nowMin: number,
): { plan: LaidAnew | null; day: Instance } | null {
  const states = new Map(atBench.map((s) => [s.key, s]));
  const items = withoutSkipped(scheduled, atBench);
  const asked = layAs(items, steps, states, kitchen, table, nowMin);
  if (!asked || asked.plan || !items.some((i) => i.pins?.some((p) => p.at !== undefined))) return asked;
  // what was held for a day on time is let go where a late one cannot be laid around it
  const loose = items.map((i) => ({ ...i, pins: i.pins?.map(({ stepId, cook }) => ({ stepId, cook })) }));
  const free = layAs(loose, steps, states, kitchen, table, nowMin);
  return free && { ...free, plan: free.plan && { ...free.plan, letGo: true } };
}

/** A limit of safety that is exceeded while what would end it is still to be done: `to` should follow `from` by now. */
export interface OverdueNow {
  from: string;
  to: string;
  /** By how much more than is safe, min. */
  minutes: number;
}

/**
 * What a run waits longer for than is safe, whether the day is late or not; of a day too long for the planner nothing is known.
 * @param nowMin minutes from the table
 */
export function overdueAt(
  scheduled: readonly Scheduled[],
  steps: readonly TimedStep[],
  atBench: readonly StepAtBench[],
  kitchen: KitchenInput,
  table: TableOfDay,
  nowMin: number,
): OverdueNow[] {
  const day = dayOf(withoutSkipped(scheduled, atBench), kitchen, table, { restsGive: true, asHeld: true });
  if (!day) return [];
  const at = plannerMin(table.serveAt, table.serveAt);
  const states = new Map(atBench.map((s) => [s.key, s]));
  const { overdue } = asItRuns(day, steps, states, kitchen, { now: Math.floor(at + nowMin), at, withinMin: 0 });
  return overdue.flatMap(({ id, minutes }) => {
    const lag = day.lags.find((l) => l.id === id);
    return lag ? [{ from: lag.from[0], to: lag.to[0], minutes }] : [];
  });
}

/** Items without the steps that were skipped at the bench. */
function withoutSkipped(scheduled: readonly Scheduled[], atBench: readonly StepAtBench[]): Scheduled[] {
  const gone = new Set(atBench.filter((s) => s.skipped).map((s) => s.key));
  return scheduled.map((item, i) => ({
    ...item,
    steps: item.steps.filter((s) => !gone.has(keyOf({ ...s, itemIndex: i }))),
  }));
}

function layAs(
  items: readonly Scheduled[],
  steps: readonly TimedStep[],
  states: ReadonlyMap<string, StepAtBench>,
  kitchen: KitchenInput,
  table: TableOfDay,
  nowMin: number,
): { plan: LaidAnew | null; day: Instance } | null {
  const compiled = dayOf(items, kitchen, table, { restsGive: true, asHeld: true });
  if (!compiled) return null;
  let laid: ReturnType<typeof layWithin> = null;
  // what is overdue comes at once, or as soon as what has to be before it allows
  for (const withinMin of soonMin) {
    laid = layWithin(compiled, steps, states, kitchen, table, nowMin, withinMin);
    if (!laid || laid.plan || !laid.overdue) break;
  }
  if (!laid?.plan) return laid;
  const { laterMin } = laid.plan;
  const gone = awayFrom(items, kitchen, table).map((g) => ({ ...g, from: g.from - laterMin, to: g.to - laterMin }));
  return { ...laid, plan: { ...laid.plan, steps: clearedAnew(laid.plan.steps, states, gone, kitchen) } };
}

/** Steps of a day with the clearing up that was not begun where there is room for it now. */
function clearedAnew(
  steps: readonly TimedStep[],
  states: ReadonlyMap<string, StepAtBench>,
  gone: readonly Gone[],
  kitchen: KitchenInput,
): TimedStep[] {
  const open = (s: TimedStep) => s.code === 'clearBench' && states.get(keyOf(s))?.begunMin == null;
  const anew = new Map(
    clearedUp(
      steps.filter((s) => !open(s)),
      gone,
      kitchen,
    ).map((s) => [s.id, s]),
  );
  return steps
    .map((s): TimedStep => {
      const to = open(s) ? anew.get(s.id) : undefined;
      return to ? { ...s, startMin: to.startMin, cook: to.cook } : s;
    })
    .sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex);
}

// oxlint-disable-next-line max-params -- a day, its run, and how soon
function layWithin(
  compiled: Instance,
  steps: readonly TimedStep[],
  states: ReadonlyMap<string, StepAtBench>,
  kitchen: KitchenInput,
  table: TableOfDay,
  nowMin: number,
  withinMin: number,
): { plan: LaidAnew | null; day: Instance; overdue: boolean } | null {
  const at = plannerMin(table.serveAt, table.serveAt);
  const now = Math.floor(at + nowMin);
  const { day, overdue } = asItRuns(compiled, steps, states, kitchen, { now, at, withinMin });
  const laid = laidFrom(day, steps);
  if (!laid) return null;
  const last: DayPlan = {
    instance: day.id,
    serve: laid.serve,
    batches: [],
    score: [],
    steps: Object.fromEntries(
      day.steps.map((s, i) => [
        s.id,
        {
          start: laid.start[i],
          end: laid.end[i],
          cook: day.cooks[laid.cook[i]]?.id ?? null,
          oven: day.ovens[laid.oven[i]]?.id ?? null,
        },
      ]),
    ),
  };
  const again = replan(day, last, happened(day, states, last, now, at));
  if (again.solved.status !== 'planned' || checkPlan(again.instance, again.solved.plan).length > 0)
    return { plan: null, day: again.instance, overdue: overdue.length > 0 };
  const { plan } = again.solved;
  return {
    day,
    overdue: overdue.length > 0,
    plan: {
      laterMin: plan.serve - at,
      steps: timed(steps, states, plan, at),
      slips: again.slips.map(({ step, by }) => ({ key: step, byMin: by })),
      hands: day.steps.flatMap(({ id }) => {
        const cook = plan.steps[id].cook;
        return cook !== null && cook !== last.steps[id].cook && !again.instance.pins?.[id] ? [{ key: id, cook }] : [];
      }),
      notes: [...overdue, ...again.notes].flatMap(({ id, ...note }) => {
        // that work takes longer is known by whoever is at it
        if (day.steps.some((s) => s.id === id && s.kind !== 'passive')) return [];
        const lag = day.lags.find((l) => l.id === id);
        return [{ ...note, from: lag?.from[0] ?? id, to: lag?.to[0] ?? id }];
      }),
    },
  };
}

/** A limit of safety that is exceeded while its end is still open. */
interface Overdue {
  code: 'safety-overdue';
  id: string;
  minutes: number;
}
/** What is overdue is done within the first of these that can be, min. */
const soonMin = [5, 20, 60, 180] as const;

/** The day as its run has made it: a table that may be later, hands as they were given, an oven that is hot already. */
function asItRuns(
  day: Instance,
  steps: readonly TimedStep[],
  states: ReadonlyMap<string, StepAtBench>,
  kitchen: KitchenInput,
  { now, at, withinMin }: { now: number; at: number; withinMin: number },
): { day: Instance; overdue: Overdue[] } {
  const overdue: Overdue[] = [];
  const planned = new Map(steps.map((s) => [keyOf(s), s]));
  const begun = (id: string) => (states.get(id)?.begunMin ?? null) !== null;
  // minutes until an oven that was switched on is as hot as it was set
  const heats = new Map<string, number>();
  for (const s of steps) {
    const began = s.code === 'preheat' ? states.get(keyOf(s))?.begunMin : null;
    if (began == null) continue;
    const oven = `oven ${Number(s.values['second']) ? 1 : 0}`;
    heats.set(oven, Math.min(heats.get(oven) ?? Infinity, Math.max(0, began + s.minutes - (now - at))));
  }
  // what should be in the cold or in the oven by now comes first, and is said
  const limited = day.lags.map((l): Lag => {
    const over = states.get(l.from[0])?.doneMin;
    if (l.grade === 'quality' || l.max === null || over == null || l.from[1] !== 'end') return l;
    const by = now - Math.floor(at + over) - l.max;
    if (l.to[0] === 'serve' || begun(l.to[0]) || by <= 0) return l;
    overdue.push({ code: 'safety-overdue', id: l.id, minutes: by });
    return { ...l, max: l.max + by + withinMin };
  });
  const running: Instance = {
    ...day,
    horizon: [Math.min(day.horizon[0], now), day.horizon[1] + mostLaterMin],
    serve: { at: Math.max(at, now), maxLate: mostLaterMin },
    cooks: day.cooks.map((c) => ({
      ...c,
      // who is there at the end stays as much longer
      windows: c.windows.map(([a, b]): [number, number] => (b >= day.horizon[1] ? [a, b + mostLaterMin] : [a, b])),
    })),
    ovens: day.ovens.map((o) => {
      const min = heats.get(o.id);
      return min === undefined ? o : { ...o, ambient: Math.max(o.ambient, Math.floor(o.tMax - min * climbsCMin)) };
    }),
    // what is baked already stands as long as the others take
    items: day.items.map((x) =>
      begun(x.serve.step) ? { ...x, serve: { ...x.serve, max: x.serve.max + mostLaterMin } } : x,
    ),
    steps: day.steps.map(({ window, ...s }) => {
      const cook = states.get(s.id)?.cook;
      const handed = cook != null && s.cooks !== undefined && cook !== planned.get(s.id)?.cook;
      // whoever can may take what was not given to somebody; a pot stays with who watches it
      const own = planned.get(s.id);
      const able =
        s.kind === 'active' && s.cooks !== undefined && own
          ? [...new Set([...s.cooks, ...whoDoes(own.strand === 'filling' ? 'filling' : 'pastry', kitchen)])]
          : s.cooks;
      const past = window?.latestStart !== undefined && window.latestStart < now;
      return {
        ...s,
        ...(window && !past && !begun(s.id) ? { window } : {}),
        ...(able ? { cooks: able } : {}),
        ...(handed ? { cooks: [cook], needs: potOf(s.needs, cook) } : {}),
      };
    }),
    // what was begun, in its turn or out of it, waits for nothing any more
    lags: limited.flatMap((l) => {
      if (l.to[0] === 'serve' || l.to[1] === 'end' || !begun(l.to[0])) return [l];
      return l.max === null || !begun(l.from[0]) ? [] : [{ ...l, min: null }];
    }),
  };
  return { day: running, overdue };
}

/** A pot is watched by whoever cooks. */
const potOf = (needs: Record<string, number>, cook: string): Record<string, number> =>
  Object.fromEntries(Object.entries(needs).map(([r, n]) => [r.startsWith('pot ') ? `pot ${cook}` : r, n]));

function happened(
  day: Instance,
  states: ReadonlyMap<string, StepAtBench>,
  last: DayPlan,
  now: number,
  at: number,
): Happened {
  const what: Happened = { now, done: {}, running: {} };
  // a wait that nobody ended was over when what follows it was begun
  const endedBy = new Map<string, number>();
  for (const { from, to } of day.lags) {
    const next = to[1] === 'start' ? states.get(to[0])?.begunMin : null;
    if (next != null && from[1] === 'end') endedBy.set(from[0], Math.min(next, endedBy.get(from[0]) ?? Infinity));
  }
  // a pot that is empty soaks until somebody washes it: no step of the bench
  const soaks = (s: Instance['steps'][number]) => {
    const emptied = day.lags.find((l) => l.to[0] === s.id)?.from[0] ?? '';
    const over = what.done[emptied]?.end;
    if (over === undefined) return;
    const washed = states.get(day.lags.find((l) => l.from[0] === s.id)?.to[0] ?? '')?.begunMin;
    const begun = { start: Math.min(over, now), cook: null, oven: null };
    if (washed == null) what.running[s.id] = { ...begun, end: null };
    else what.done[s.id] = { ...begun, end: Math.max(begun.start + 1, Math.min(now, Math.floor(at + washed))) };
  };
  for (const s of day.steps) {
    if (s.id === soakId(Number(s.item))) soaks(s);
    const state = states.get(s.id);
    if (state?.begunMin == null) continue;
    const start = Math.min(now, Math.floor(at + state.begunMin));
    const cook = s.kind === 'passive' ? null : (state.cook ?? last.steps[s.id].cook);
    const { oven } = last.steps[s.id];
    const doneMin = state.doneMin ?? (s.kind === 'passive' ? (endedBy.get(s.id) ?? null) : null);
    if (doneMin !== null) {
      const end = Math.max(start + 1, Math.min(now, Math.floor(at + doneMin)));
      what.done[s.id] = { start, end, cook, oven };
    } else {
      const open = s.kind === 'passive' && s.min < s.max;
      what.running[s.id] = { start, end: open ? null : start + Math.max(1, Math.ceil(state.minutes)), cook, oven };
    }
  }
  return what;
}

/** The run's steps at their new times: what happened stays where it was, what goes with a bake goes with it. */
function timed(
  steps: readonly TimedStep[],
  states: ReadonlyMap<string, StepAtBench>,
  plan: DayPlan,
  at: number,
): TimedStep[] {
  const later = plan.serve - at;
  const placed = steps.map((s): TimedStep => {
    const to = plan.steps[keyOf(s)];
    if (states.get(keyOf(s))?.begunMin != null || !to) return { ...s, startMin: s.startMin - later };
    const waits = s.kind === 'cold';
    const startMin = to.start - plan.serve;
    return { ...s, startMin, cook: to.cook, minutes: waits ? to.end - to.start : s.minutes };
  });
  const find = (itemIndex: number, is: (s: TimedStep) => boolean) =>
    placed.find((s) => s.itemIndex === itemIndex && is(s));
  return placed
    .map((s): TimedStep => {
      const state = states.get(keyOf(s));
      // what stands, stands until the table, wherever that is
      if (s.code === 'stand' && state?.begunMin != null && state.doneMin === null)
        return { ...s, minutes: -s.startMin };
      if (state?.begunMin != null) return s;
      if (s.during) {
        const of = find(s.itemIndex, (o) => o.id === s.during?.stepId);
        return of ? { ...s, startMin: of.startMin + s.during.atMin } : s;
      }
      if (s.code === 'stand') {
        const bake = find(s.itemIndex, (o) => o.code === 'bake');
        return bake ? { ...s, startMin: bake.startMin + bake.minutes, minutes: -bake.startMin - bake.minutes } : s;
      }
      if (s.code === 'preheat') {
        const [, of] = s.id.split(':');
        const bake = find(s.itemIndex, (o) => o.kind === 'oven' && o.code !== 'preheat' && o.id.startsWith(of ?? ''));
        return bake ? { ...s, startMin: bake.startMin - s.minutes } : s;
      }
      return s;
    })
    .sort((a, b) => a.startMin - b.startMin || a.itemIndex - b.itemIndex);
}
