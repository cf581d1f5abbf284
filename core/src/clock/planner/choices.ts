import { checkPlan } from './checker';
import { explain } from './explain';
import type { DayPlan, Instance } from './instance';
import { solve } from './solve';

/** A way out that was solved and checked before it is offered. */
export interface Choice {
  kind:
    | 'serve-later'
    | 'alternative'
    | 'stretch-limit'
    | 'wait-longer'
    | 'be-there'
    | 'leave-out'
    | 'second-oven'
    | 'another-cook';
  /** The step, lag, item or cook it is about. */
  of: string;
  minutes: number;
  plan: DayPlan;
  lateMin: number;
}

const choiceUnits = 30_000;
const mostAlternatives = 5;
const laterMin = 60;

/** A day that may be served later by so many minutes, whoever is there at its end staying as much longer. */
export const servedLater = (day: Instance, by: number): Instance => ({
  ...day,
  serve: { ...day.serve, maxLate: day.serve.maxLate + by },
  horizon: [day.horizon[0], day.horizon[1] + by],
  cooks: day.cooks.map((c) => ({
    ...c,
    windows: c.windows.map(([a, b], i, all): [number, number] =>
      i === all.length - 1 && b >= day.horizon[1] ? [a, b + by] : [a, b],
    ),
  })),
});

/** A day solved and checked; null where no plan was found. */
function checked(day: Instance, units: number): DayPlan | null {
  const solved = solve(day, { units });
  return solved.status === 'planned' && checkPlan(day, solved.plan).length === 0 ? solved.plan : null;
}

/** Hours by which a day may be late, tried one after the other. */
const lateHours = [1, 3, 12] as const;

/** The earliest a day was found to be served at, late by no more than the last of `hours`: the search serves as early as it can. */
export function earliestPlan(
  day: Instance,
  units = choiceUnits,
  tried: readonly number[] = [0, ...lateHours],
): { minutes: number; plan: DayPlan } | null {
  for (const hours of tried) {
    const minutes = hours * laterMin;
    const plan = checked(servedLater(day, minutes), units);
    if (plan) return { minutes, plan };
  }
  return null;
}

/** Ways out of a day that is late or impossible, each with its plan; the least late first. Never one that loosens a safety limit. */
// oxlint-disable-next-line max-lines-per-function -- one way out after the other
export function choicesFor(day: Instance, units = choiceUnits): Choice[] {
  const clash = explain(day);
  const found: Choice[] = [];
  const add = (kind: Choice['kind'], of: string, minutes: number, plan: DayPlan) =>
    found.push({ kind, of, minutes, plan, lateMin: plan.serve - day.serve.at });
  const offer = (kind: Choice['kind'], of: string, minutes: number, next: Instance) => {
    const plan = checked(next, units);
    if (plan) add(kind, of, minutes, plan);
  };
  const later = earliestPlan(day, units, lateHours);
  if (later) add('serve-later', 'serve', later.minutes, later.plan);
  let alternatives = 0;
  for (const s of day.steps)
    for (const a of s.alts ?? []) {
      if (alternatives >= mostAlternatives) break;
      alternatives++;
      offer('alternative', `${s.id}:${a.id}`, 0, {
        ...day,
        steps: day.steps.map((x) => (x.id === s.id ? { ...x, min: a.min, max: a.max, needs: a.needs } : x)),
      });
    }
  for (const way of clash?.ways ?? []) {
    if (way.kind === 'stretch-limit')
      offer('stretch-limit', way.lag, way.minutes, {
        ...day,
        lags: day.lags.map((l) => (l.id === way.lag && l.max !== null ? { ...l, max: l.max + way.minutes } : l)),
      });
    if (way.kind === 'wait-longer')
      offer('wait-longer', way.item, way.minutes, {
        ...day,
        items: day.items.map((x) =>
          x.id === way.item ? { ...x, serve: { ...x.serve, max: x.serve.max + way.minutes } } : x,
        ),
      });
    if (way.kind === 'be-there')
      offer('be-there', way.cook, 0, {
        ...day,
        cooks: day.cooks.map((c) => (c.id === way.cook ? { ...c, windows: [day.horizon] } : c)),
      });
  }
  for (const minutes of [60, 120, 180]) {
    if (found.some((c) => c.kind === 'wait-longer')) break;
    // where later alone is no way out, later and longer together may be
    const from = found.some((c) => c.kind === 'serve-later') ? day : servedLater(day, 12 * laterMin);
    offer('wait-longer', 'all', minutes, {
      ...from,
      items: day.items.map((x) => ({ ...x, serve: { ...x.serve, max: x.serve.max + minutes } })),
    });
  }
  if (day.ovens[0])
    offer('second-oven', day.ovens[0].id, 0, {
      ...day,
      ovens: [...day.ovens, { ...day.ovens[0], id: `${day.ovens[0].id}+` }],
    });
  if (day.cooks[0])
    offer('another-cook', day.cooks[0].id, 0, {
      ...day,
      cooks: [...day.cooks, { id: `${day.cooks[0].id}+`, windows: [day.horizon] }],
    });
  if (!found.some((c) => c.lateMin <= 0))
    for (const x of day.items) {
      if (day.items.length < 2) break;
      const kept = new Set(day.steps.filter((s) => s.item !== x.id).map((s) => s.id));
      const has = ([id]: readonly [string, string]) => id === 'serve' || kept.has(id);
      offer('leave-out', x.id, 0, {
        ...day,
        items: day.items.filter((o) => o.id !== x.id),
        steps: day.steps.filter((s) => kept.has(s.id)),
        lags: day.lags.filter((l) => has(l.from) && has(l.to)),
        budgets: day.budgets.filter((b) => b.legs.every((l) => has(l.from) && has(l.to))),
      });
    }
  return found.sort((a, b) => a.lateMin - b.lateMin);
}
