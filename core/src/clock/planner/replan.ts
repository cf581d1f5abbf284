import type { DayPlan, Instance, Lag, Placed } from './instance';
import { solve, type Solved } from './solve';
import { compareGoals } from './goals';

/** What has happened: steps that are over with their true times, and those that run. */
export interface Happened {
  now: number;
  done: Record<string, Placed>;
  /** Expected ends; an elastic step whose end is open has none. */
  running: Record<string, { start: number; end: number | null; cook: string | null; oven: string | null }>;
}

export interface ReplanNote {
  code: 'quality-limit-waived' | 'safety-limit-broken' | 'overrun';
  id: string;
  minutes: number;
}

export interface Replanned {
  solved: Solved;
  /** Steps that begin at another time than before, minutes later. */
  slips: { step: string; by: number }[];
  notes: ReplanNote[];
  instance: Instance;
}

export const replanUnits = 120_000;
const overrunMin = 30;

/** The day from now on: what is over and what runs is pinned, the last plan is kept to as far as it goes. */
export function patched(
  day: Instance,
  last: DayPlan,
  { now, done, running }: Happened,
): { instance: Instance; notes: ReplanNote[] } {
  const notes: ReplanNote[] = [];
  const pins: Record<string, Placed> = { ...done };
  const started: Record<string, number> = {};
  const steps = day.steps.map((s) => {
    const over = done[s.id];
    if (over) return { ...s, min: over.end - over.start, max: over.end - over.start };
    const runs = running[s.id];
    if (!runs) return s;
    if (runs.end === null && s.min < s.max) {
      started[s.id] = runs.start;
      if (now - runs.start > s.max) {
        notes.push({ code: 'overrun', id: s.id, minutes: now - runs.start - s.max });
        return { ...s, max: now - runs.start + overrunMin };
      }
      return s;
    }
    const end = Math.max(now + 1, runs.end ?? runs.start + s.min);
    if (end - runs.start > s.max) notes.push({ code: 'overrun', id: s.id, minutes: end - runs.start - s.max });
    pins[s.id] = { start: runs.start, end, cook: runs.cook, oven: runs.oven };
    return { ...s, min: end - runs.start, max: end - runs.start };
  });
  const at = (id: string, side: 'start' | 'end'): number | null =>
    pins[id]?.[side] ?? (side === 'start' ? (started[id] ?? null) : null);
  const lags = day.lags.flatMap((l): Lag[] => {
    if (l.max === null || l.from[0] === 'serve') return [l];
    const from = at(l.from[0], l.from[1]);
    if (from === null) return [l];
    const to = l.to[0] === 'serve' ? null : at(l.to[0], l.to[1]);
    const over = (to ?? now) - from - l.max;
    if (over <= 0) return [l];
    if (l.grade !== 'quality' && to === null) return [l];
    notes.push({
      code: l.grade === 'quality' ? 'quality-limit-waived' : 'safety-limit-broken',
      id: l.id,
      minutes: over,
    });
    return l.min === null ? [] : [{ ...l, max: null }];
  });
  return {
    instance: { ...day, steps, lags, now, pins, started, ref: last.steps, id: `${day.id}@${now}` },
    notes,
  };
}

/** Plans the rest of a day anew; where keeping to the old plan serves later than need be, it is planned without that first. */
export function replan(day: Instance, last: DayPlan, happened: Happened, units = replanUnits): Replanned {
  const { instance, notes } = patched(day, last, happened);
  let solved = solve(instance, { units });
  if (solved.status !== 'planned' || solved.plan.serve > last.serve) {
    const { ref: _, ...free } = instance;
    const other = solve(free, { units });
    if (other.status === 'planned' && (solved.status !== 'planned' || other.plan.serve < solved.plan.serve)) {
      const warmed = solve(instance, { units: Math.floor(units / 2), warm: other.plan });
      solved =
        warmed.status === 'planned' && warmed.plan.serve <= other.plan.serve
          ? warmed
          : solved.status === 'planned' && compareGoals(solved.plan.score, [other.plan.score[0]]) < 0
            ? solved
            : warmed;
    }
  }
  const slips =
    solved.status === 'planned'
      ? Object.entries(solved.plan.steps).flatMap(([step, p]) => {
          const was = last.steps[step];
          const by = was ? p.start - was.start : 0;
          return by !== 0 && !instance.pins?.[step] ? [{ step, by }] : [];
        })
      : [];
  return { solved, slips, notes, instance };
}
