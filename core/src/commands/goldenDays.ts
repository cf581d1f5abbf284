import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { checkPlan } from '../clock/planner/checker';
import { explain } from '../clock/planner/explain';
import { compareGoals } from '../clock/planner/goals';
import type { Instance } from '../clock/planner/instance';
import { solve } from '../clock/planner/solve';

/** A reference day: planned to a proven or best known vector of goals, or with no plan at all. */
export interface GoldenDay {
  id: string;
  status: 'optimal' | 'infeasible' | 'best-known';
  score?: number[];
  lowerBound?: number[];
  clash?: string | null;
  file: string;
}

export interface GoldenDayResult {
  faults: string[];
  /** The whole vector is that of the reference, or better where that is only the best known. */
  equal: boolean;
}

/** The reference days of a folder with an `index.json`. */
export function goldenDays(folder: string): { days: GoldenDay[]; read: (d: GoldenDay) => Instance } {
  const index = JSON.parse(readFileSync(join(folder, 'index.json'), 'utf8')) as { instances: GoldenDay[] };
  return {
    days: index.instances,
    read: (d) => (JSON.parse(readFileSync(join(folder, d.file), 'utf8')) as { instance: Instance }).instance,
  };
}

/** Faults of one reference day: a plan where there is none, one better than proven, one that fails the checker, goals 1 to 3 (proven) or 1 and 2 (best known) missed. */
export function dayFaults(day: GoldenDay, instance: Instance, units?: number): GoldenDayResult {
  const solved = solve(instance, units ? { units } : {});
  if (day.status === 'infeasible') {
    if (solved.status === 'planned') return { faults: ['planned, though there is no plan'], equal: false };
    const kind = solved.status === 'infeasible' ? (explain(instance)?.kind ?? null) : null;
    return {
      faults: day.clash && kind !== day.clash ? [`clash is ${kind}, expected ${day.clash}`] : [],
      equal: true,
    };
  }
  if (solved.status !== 'planned') return { faults: [`${solved.status}, though there is a plan`], equal: false };
  const { plan } = solved;
  const score = day.score ?? [];
  const by = compareGoals(plan.score, score);
  const first = day.status === 'optimal' ? 3 : 2;
  return {
    faults: [
      ...checkPlan(instance, plan).map((b) => `${b.rule} at ${b.where}`),
      ...(day.status === 'optimal' && by < 0 ? [`${plan.score.join()} is better than proven ${score.join()}`] : []),
      ...(compareGoals(plan.score.slice(0, first), score.slice(0, first)) > 0
        ? [`goals ${plan.score.join()}, reference ${score.join()}`]
        : []),
    ],
    equal: by <= 0,
  };
}
