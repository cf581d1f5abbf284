import { runs } from '../../testing/sampled';
import { join } from 'node:path';
import { dayFaults, goldenDays, type GoldenDay, type GoldenDayResult } from '../../commands/goldenDays';
import { generatedDay } from '../../testing/dayGenerator';
import { halfThrough } from '../../testing/halfThrough';
import { checkPlan } from './checker';
import { choicesFor, servedLater } from './choices';
import { explain } from './explain';
import { compareGoals } from './goals';
import type { DayPlan, Instance } from './instance';
import { invalidOf } from './invalid';
import { refute } from './prover';
import { replan } from './replan';
import { playOf } from './slack';
import { solve } from './solve';

const { days, read } = goldenDays(join(__dirname, '../../../golden/clock'));
const results = new Map<string, GoldenDayResult>();
/** Each reference day is searched once for all that is asked of it. */
const resultOf = (d: GoldenDay): GoldenDayResult => {
  const known = results.get(d.id) ?? dayFaults(d, read(d));
  results.set(d.id, known);
  return known;
};
const planned = (day: Instance, units = 60_000): DayPlan => {
  const solved = solve(day, { units });
  if (solved.status !== 'planned') throw new Error(`${day.id}: ${solved.status}`);
  return solved.plan;
};
const small = read(days.find((d) => d.id === 'small-286') as (typeof days)[number]);
const large = read(days.find((d) => d.id === 'large-055') as (typeof days)[number]);

describe('reference days', () => {
  it.each(days.map((d) => [d.id, d] as const))('%s: as proven, or as good as the best known', (_id, d) => {
    expect(resultOf(d).faults).toEqual([]);
  });
  it('nine in ten of the proven ones are equal in every goal', () => {
    const proven = days.filter((d) => d.status === 'optimal');
    const equal = proven.filter((d) => resultOf(d).equal).length;
    expect(equal / proven.length).toBeGreaterThanOrEqual(0.9);
  });
  it('the prover refutes none that has a plan', () => {
    for (const d of days.filter((x) => x.status !== 'infeasible'))
      for (const depth of [0, 1] as const) expect(refute(read(d), new Set(), depth).refuted).toBe(false);
  });
});

describe('every plan passes the checker', () => {
  it('of generated days', () => {
    let plans = 0;
    const days = runs(10_000, 300);
    for (let seed = 0; seed < days; seed++) {
      const day = generatedDay(seed);
      expect(invalidOf(day)).toEqual([]);
      const solved = solve(day, { units: 4000 });
      if (solved.status !== 'planned') continue;
      plans++;
      expect([day.id, checkPlan(day, solved.plan)]).toEqual([day.id, []]);
      // the play of a plan never takes it out of itself
      for (const p of playOf(day, solved.plan)) expect(Math.min(p.earlier, p.later)).toBeGreaterThanOrEqual(0);
    }
    expect(plans).toBeGreaterThan(0.4 * days);
  });
  it('and one plan for one day, byte for byte', () => {
    expect(JSON.stringify(planned(large))).toBe(JSON.stringify(planned(structuredClone(large))));
  });
  it('more work never gives a worse plan', () => {
    for (const seed of [3, 7, 15]) {
      const [few, many] = [2000, 40_000].map((units) => solve(generatedDay(seed), { units }));
      if (few?.status === 'planned' && many?.status === 'planned')
        expect(compareGoals(many.plan.score, few.plan.score)).toBeLessThanOrEqual(0);
    }
  });
});

describe('the checker', () => {
  const plan = planned(large);
  const stepsOf = (kind: string) => large.steps.filter((s) => s.kind === kind);
  const moved = (id: string, change: Partial<DayPlan['steps'][string]>): DayPlan => ({
    ...plan,
    steps: { ...plan.steps, [id]: { ...plan.steps[id], ...change } },
  });
  const rules = (p: DayPlan, day = large) => new Set(checkPlan(day, p).map((b) => b.rule));
  const active = stepsOf('active')[0]?.id;
  const bake = large.steps.find((s) => s.oven)?.id as string;
  const at = (id: string) => plan.steps[id];
  it.each([
    ['R1', () => ({ ...plan, steps: Object.fromEntries(Object.entries(plan.steps).slice(1)) })],
    ['R1', () => moved(active, { start: at(active).start + 0.5, end: at(active).end + 0.5 })],
    ['R2', () => moved(active, { end: at(active).end + 40 })],
    ['R3', () => moved(bake, { start: at(bake).start - 200, end: at(bake).end - 200 })],
    ['R4', () => moved(active, { start: at(active).start - 400, end: at(active).end - 400 })],
    ['R5', () => ({ ...plan, serve: plan.serve + 500 })],
    ['R7', () => moved(active, { cook: null })],
    ['R7', () => moved(active, { cook: 'nobody' })],
    ['R7', () => moved(bake, { cook: large.cooks[0]?.id ?? '' })],
    ['R10', () => moved(bake, { oven: 'nowhere' })],
    ['R10', () => moved(active, { oven: large.ovens[0]?.id ?? '' })],
    ['R17', () => ({ ...plan, score: plan.score.map((x) => x + 1) })],
    ['R17', () => ({ ...plan, batches: [] })],
  ] as const)('%s is noticed', (rule, damaged) => {
    expect(rules(damaged())).toContain(rule);
  });
  it('R6, R8, R9, R11, R12, R13, R14, R15 and R16 are noticed where the day is made so', () => {
    const windowed = {
      ...large,
      steps: large.steps.map((s) => (s.id === active ? { ...s, window: { latestEnd: at(active).end - 1 } } : s)),
    };
    expect(rules(plan, windowed)).toContain('R6');
    const oneCook = {
      ...large,
      steps: large.steps.map((s) =>
        s.kind === 'passive' ? { ...s } : { ...s, kind: 'active' as const, small: false },
      ),
    };
    const together = Object.fromEntries(
      Object.entries(plan.steps).map(([id, p]) => {
        const s = large.steps.find((x) => x.id === id);
        return [
          id,
          s?.kind === 'active'
            ? { ...p, start: at(active).start, end: at(active).start + p.end - p.start, cook: at(active).cook }
            : p,
        ];
      }),
    );
    expect(rules({ ...plan, steps: together }, oneCook)).toContain('R8');
    expect(rules(plan, { ...large, resources: large.resources.map((r) => ({ ...r, cap: 0 })) })).toContain('R9');
    const ovens = (change: Partial<Instance['ovens'][number]>) => ({
      ...large,
      ovens: large.ovens.map((o) => ({ ...o, ...change })),
    });
    expect(rules(plan, ovens({ slots: 0 }))).toContain('R11');
    expect(rules(plan, ovens({ tMax: 60 }))).toContain('R12');
    expect(rules(plan, ovens({ heat: 0.05 }))).toContain('R13');
    const bakes = large.steps.filter((s) => s.oven).map((s) => s.id);
    if (bakes.length > 1) {
      const crowded = {
        ...large,
        steps: large.steps.map((s) => (s.oven ? { ...s, oven: { ...s.oven, shut: 400 } } : s)),
      };
      expect(rules(plan, crowded)).toContain('R14');
    }
    const budget = {
      id: 'b',
      max: 0,
      why: 'out of the cold',
      legs: [{ from: [bake, 'start'], to: [bake, 'end'] }],
    } as Instance['budgets'][number];
    expect(rules(plan, { ...large, budgets: [budget] })).toContain('R15');
    expect(rules(plan, { ...large, pins: { [active]: { ...at(active), start: at(active).start - 1 } } })).toContain(
      'R16',
    );
  });
});

describe('why a day cannot be', () => {
  const impossible = days.filter((d) => d.status === 'infeasible' && d.clash);
  it.each(impossible.map((d) => [d.id, d] as const))(
    '%s: what clashes is enough by itself, and all of it is needed',
    (_id, d) => {
      const day = read(d);
      const clash = explain(day);
      expect(clash?.kind).toBe(d.clash);
      if (!clash) return;
      const others = (kept: readonly string[]) => {
        const all = [
          ...day.lags.flatMap((l) => [`lag:${l.id}:min`, `lag:${l.id}:max`]),
          ...day.items.flatMap((x) => [
            `rest:${x.id}:min`,
            `rest:${x.id}:max`,
            ...(clash.items.includes(x.id) ? [] : [`item:${x.id}`]),
          ]),
          ...day.resources.map((r) => `cap:${r.id}`),
          ...day.budgets.map((b) => `budget:${b.id}`),
          ...day.steps.map((s) => `win:${s.id}`),
          'shelves',
          'hands',
          'oventemp',
          'calendar',
          'hstart',
          'serve',
        ];
        return new Set(all.filter((b) => !kept.includes(b)));
      };
      const depth = ([0, 1, 2] as const).find((x) => refute(day, new Set(), x).refuted) ?? 2;
      expect(refute(day, others(clash.members), depth).refuted).toBe(true);
      for (const m of clash.members)
        expect(refute(day, others(clash.members.filter((o) => o !== m)), depth).refuted).toBe(false);
    },
  );
  it('the ways out are plans that pass the checker of their day, the least late first', () => {
    const day = read(days.find((d) => d.id === 'bad-000') as (typeof days)[number]);
    const choices = choicesFor(day);
    expect(choices.length).toBeGreaterThan(0);
    expect(choices.map((c) => c.lateMin)).toEqual([...choices.map((c) => c.lateMin)].sort((a, b) => a - b));
  });
  it('nothing that loosens a safety limit is offered', () => {
    for (const d of impossible)
      for (const way of explain(read(d))?.ways ?? [])
        if (way.kind === 'stretch-limit') expect(read(d).lags.find((l) => l.id === way.lag)?.grade).toBe('quality');
  });
});

describe('a day planned again while it runs', () => {
  const plan = planned(large);
  const now = Math.round((Math.min(...Object.values(plan.steps).map((p) => p.start)) + plan.serve) / 2);
  const done = Object.fromEntries(Object.entries(plan.steps).filter(([, p]) => p.end <= now));
  const running = Object.fromEntries(
    Object.entries(plan.steps)
      .filter(([, p]) => p.start < now && p.end > now)
      .map(([id, p]) => [id, { ...p, end: p.cook === null ? p.end : p.end + 5 }]),
  );
  const open: Instance = {
    ...large,
    serve: { ...large.serve, maxLate: 90 },
    horizon: [large.horizon[0], large.horizon[1] + 90],
  };
  const again = replan(open, plan, { now, done, running });
  it('leaves what is over and what runs as it is, and passes the checker', () => {
    if (again.solved.status !== 'planned') throw new Error(again.solved.status);
    expect(checkPlan(again.instance, again.solved.plan)).toEqual([]);
    for (const [id, p] of Object.entries(done)) expect(again.solved.plan.steps[id]).toEqual(p);
    for (const [id, p] of Object.entries(running)) expect(again.solved.plan.steps[id]?.end).toBe(p.end);
  });
  it('disturbs the plan less than a day planned from nothing', () => {
    if (again.solved.status !== 'planned') throw new Error(again.solved.status);
    const { ref: _, ...free } = again.instance;
    const fresh = solve(free, { units: 60_000 });
    const minutes = (p: DayPlan) =>
      Object.entries(p.steps).reduce((sum, [id, x]) => sum + Math.abs(x.start - (plan.steps[id]?.start ?? x.start)), 0);
    if (fresh.status === 'planned') expect(minutes(again.solved.plan)).toBeLessThanOrEqual(minutes(fresh.plan));
  });
});

describe('a day that is not well formed', () => {
  const broken: [string, (d: Instance) => void][] = [
    ['schema', (d) => (d.schema = 2)],
    ['steps-count', (d) => (d.steps = [])],
    ['duplicate-id', (d) => d.steps.push({ ...d.steps[0] })],
    ['duration', (d) => (d.steps[0].min = 0)],
    ['kind', (d) => ((d.steps[0] as { kind: string }).kind = 'asleep')],
    ['elastic-not-passive', (d) => Object.assign(d.steps[0] as object, { kind: 'active', min: 5, max: 50 })],
    ['need', (d) => (d.steps[0].needs = { moon: 1 })],
    ['unknown-step', (d) => (d.lags[0].from = ['nowhere', 'end'])],
    ['empty-lag', (d) => Object.assign(d.lags[0] as object, { min: null, max: null })],
    ['min-over-max', (d) => Object.assign(d.lags[0] as object, { min: 50, max: 5 })],
    ['self-lag', (d) => (d.lags[0].to = d.lags[0].from)],
    ['lag-value', (d) => (d.lags[0].min = 0.5)],
    ['windows', (d) => (d.cooks[0].windows = [[100, 50]])],
    ['oven', (d) => (d.ovens[0].heat = 0)],
    ['no-cooks', (d) => (d.cooks = [])],
    ['horizon', (d) => (d.horizon = [0, 100_000])],
  ];
  it.each(broken)('%s is named', (code, change) => {
    const day = structuredClone(small);
    change(day);
    expect(invalidOf(day).map((e) => e.code)).toContain(code);
    expect(solve(day).status).toBe('invalid');
  });
});

describe('a day that is laid anew half through, with what is in hand late', () => {
  it.each(['large-023', 'large-036', 'large-055', 'large-062'])(
    'of %s breaks no rule: what runs goes on until now at least',
    (id) => {
      const day = servedLater(read(days.find((d) => d.id === id) as GoldenDay), 180);
      const plan = planned(day);
      const { solved, instance } = replan(day, plan, halfThrough(day, plan), 20_000);
      expect(solved.status).toBe('planned');
      if (solved.status === 'planned') expect(checkPlan(instance, solved.plan)).toEqual([]);
    },
  );
});
