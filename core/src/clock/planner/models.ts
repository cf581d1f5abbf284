import { IsObject } from 'class-validator';
import { model } from '../../quantities/model';
import { RefusedInput } from '../../quantities/refusal';
import { NumberIn, Optional } from '../../quantities/rules';
import { checkPlan } from './checker';
import { choicesFor } from './choices';
import { explain } from './explain';
import type { DayPlan, Instance } from './instance';
import { invalidOf } from './invalid';
import { replan, type Happened } from './replan';
import { playOf } from './slack';
import { solve } from './solve';

export class ClockSolveInput {
  @IsObject() instance!: object;
  /** Work units; equal units give an equal plan anywhere. */
  @Optional() @NumberIn(1000, 2_000_000, 'units', { integer: true }) units?: number;
}
export class ClockCheckInput {
  @IsObject() instance!: object;
  @IsObject() plan!: object;
}
export class ClockExplainInput {
  @IsObject() instance!: object;
}
export class ClockReplanInput {
  @IsObject() instance!: object;
  @IsObject() plan!: object;
  @IsObject() happened!: object;
}

const lists = ['cooks', 'ovens', 'resources', 'items', 'steps', 'lags', 'budgets'] as const;
const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const isPoint = (x: unknown) => Array.isArray(x) && x.length === 2 && x.every((y) => typeof y === 'string');
const mostOf = 400;

/** A day in the shape of one: what is well formed or not is another question. */
function shaped(given: object): Instance {
  const day = given as Record<string, unknown>;
  const refuse = (field: string): never => {
    throw new RefusedInput({
      field: `instance.${field}`,
      code: 'missing',
      value: null,
      allowed: 'as a day is written',
    });
  };
  for (const list of lists) {
    const all = day[list];
    if (!Array.isArray(all) || all.length > mostOf || !all.every((x) => isObject(x))) refuse(list);
  }
  for (const one of ['serve', 'goals'] as const) if (!isObject(day[one])) refuse(one);
  if (!Array.isArray(day['horizon'])) refuse('horizon');
  const known = given as Instance;
  const pairs = (x: unknown) => Array.isArray(x) && x.every((w) => Array.isArray(w) && w.length === 2);
  if (!known.cooks.every((c) => typeof c.id === 'string' && pairs(c.windows))) refuse('cooks.windows');
  if (!known.items.every((x) => isObject(x.serve))) refuse('items.serve');
  if (!known.steps.every((s) => typeof s.id === 'string' && isObject(s.needs))) refuse('steps.needs');
  if (!known.lags.every((l) => isPoint(l.from) && isPoint(l.to))) refuse('lags.from');
  if (!known.budgets.every((b) => Array.isArray(b.legs) && b.legs.every((l) => isPoint(l.from) && isPoint(l.to))))
    refuse('budgets.legs');
  return known;
}

/** A well-formed day, or the first thing about it that is not. */
function dayOf(given: object): Instance {
  const day = shaped(given);
  const [first] = invalidOf(day);
  if (first)
    throw new RefusedInput({
      field: `instance.${first.where}`,
      code: first.code,
      value: first.where,
      allowed: 'a well-formed day',
    });
  return day;
}

const source = 'Simple temporal networks, large-neighbourhood search; the day planner’s own specification';

export const clockModels = [
  model({
    name: 'clock.solve',
    summary: 'A day planned: hands, ovens, places and calendars, checked by an independent checker',
    units: 'min from midnight before',
    source,
    certainty: 'exact',
    input: ClockSolveInput,
    run: ({ instance, units }) => {
      const day = shaped(instance);
      const errors = invalidOf(day);
      if (errors.length) return { status: 'invalid' as const, errors, units: 0 };
      const solved = solve(day, units ? { units } : {});
      if (solved.status === 'planned') {
        const broken = checkPlan(day, solved.plan);
        if (broken.length) return { status: 'withheld' as const, broken, units: solved.units };
        return { ...solved, play: playOf(day, solved.plan) };
      }
      return solved.status === 'infeasible' ? { ...solved, clash: explain(day) } : solved;
    },
  }),
  model({
    name: 'clock.check',
    summary: 'Whether a plan of a day is valid: every rule it breaks',
    units: 'min from midnight before',
    source,
    certainty: 'exact',
    input: ClockCheckInput,
    run: ({ instance, plan }) => ({ broken: checkPlan(dayOf(instance), plan as DayPlan) }),
  }),
  model({
    name: 'clock.explain',
    summary: 'Why a day cannot be: a smallest set of clashing bounds and what would end it; ways out, solved',
    units: 'min',
    source,
    certainty: 'exact',
    input: ClockExplainInput,
    run: ({ instance }) => {
      const day = dayOf(instance);
      return { clash: explain(day), choices: choicesFor(day) };
    },
  }),
  model({
    name: 'clock.replan',
    summary: 'The rest of a day from now: what is over and what runs is pinned',
    units: 'min from midnight before',
    source,
    certainty: 'exact',
    input: ClockReplanInput,
    run: ({ instance, plan, happened }) => replan(dayOf(instance), plan as DayPlan, happened as Happened),
  }),
];
