import type { DayPlan, Instance, Placed, Point } from './instance';

/** A rule a plan breaks, and where. */
export interface Broken {
  rule: string;
  where: string;
}

/**
 * Whether a plan is valid: every rule of the day, each recomputed from the plan alone. It shares nothing with what made the
 * plan but the words for it: a plan that fails is withheld.
 */
// oxlint-disable-next-line max-lines-per-function -- one rule after the other
export function checkPlan(day: Instance, plan: DayPlan): Broken[] {
  const broken: Broken[] = [];
  const fail = (rule: string, where: string) => broken.push({ rule, where });
  const pins = day.pins ?? {};
  const started = day.started ?? {};
  const now = day.now ?? day.horizon[0];
  const stepOf = new Map(day.steps.map((s) => [s.id, s]));
  const ids = Object.keys(plan.steps);
  if (ids.length !== day.steps.length || day.steps.some((s) => !plan.steps[s.id])) {
    fail('R1', 'steps');
    return broken;
  }
  const whole = (x: unknown) => typeof x === 'number' && Number.isInteger(x);
  if (!whole(plan.serve) || plan.serve % day.grid) fail('R1', 'serve');
  for (const s of day.steps) {
    const p = plan.steps[s.id];
    if (!whole(p.start) || !whole(p.end)) {
      fail('R1', s.id);
      return broken;
    }
    const fixed = pins[s.id] !== undefined;
    if (!fixed && ((p.start % day.grid && started[s.id] === undefined) || p.end % day.grid)) fail('R1', s.id);
    if (!fixed && ((p.start < day.horizon[0] && started[s.id] === undefined) || p.end > day.horizon[1]))
      fail('R1', s.id);
    const long = p.end - p.start;
    if (!fixed && (long < s.min || long > s.max)) fail('R2', s.id);
    if (s.window && !fixed && started[s.id] === undefined) {
      const { earliest, latestStart, latestEnd } = s.window;
      if (earliest !== undefined && p.start < earliest) fail('R6', s.id);
      if (latestStart !== undefined && p.start > latestStart) fail('R6', s.id);
      if (latestEnd !== undefined && p.end > latestEnd) fail('R6', s.id);
    }
    if (s.kind === 'passive' ? p.cook !== null : p.cook === null) fail('R7', s.id);
    if (p.cook !== null) {
      const cook = day.cooks.find((c) => c.id === p.cook);
      if (!cook || (s.cooks && !s.cooks.includes(cook.id))) fail('R7', s.id);
      else if (!fixed && !cook.windows.some(([a, b]) => a <= p.start && p.end <= b)) fail('R7', s.id);
    }
    if ((s.oven !== undefined) !== (p.oven !== null)) fail('R10', s.id);
    if (s.oven && p.oven !== null) {
      const oven = day.ovens.find((o) => o.id === p.oven);
      if (!oven || s.oven.tray > oven.tray || (s.oven.in !== undefined && s.oven.in !== oven.id)) fail('R10', s.id);
    }
    if (fixed) {
      const pin = pins[s.id];
      if (pin.start !== p.start || pin.end !== p.end || pin.cook !== p.cook || pin.oven !== p.oven) fail('R16', s.id);
    } else if (started[s.id] !== undefined) {
      if (p.start !== started[s.id] || p.end < now) fail('R16', s.id);
    } else if (day.now !== undefined && p.start < now) fail('R16', s.id);
  }
  const at = ([id, side]: Point): number => (id === 'serve' ? plan.serve : plan.steps[id][side]);
  const past = ([id]: Point) => pins[id] !== undefined;
  for (const l of day.lags) {
    if (past(l.from) && past(l.to)) continue;
    const apart = at(l.to) - at(l.from);
    if (l.min !== null && apart < l.min) fail('R3', l.id);
    if (l.max !== null && apart > l.max) fail('R4', l.id);
  }
  if (plan.serve < day.serve.at || plan.serve > day.serve.at + day.serve.maxLate) fail('R5', 'serve');
  for (const x of day.items) {
    const age = plan.serve - plan.steps[x.serve.step].end;
    if (age < x.serve.min || age > x.serve.max) fail('R5', x.id);
  }
  const attention = { active: 3, watch: 1, passive: 0 } as const;
  const takes = (id: string) => {
    const s = stepOf.get(id);
    return s ? (s.kind === 'active' && s.small ? 2 : attention[s.kind]) : 0;
  };
  const all = ids.map((id) => ({ id, ...plan.steps[id] }));
  const moments = [...new Set(all.map((p) => p.start))];
  for (const t of moments) {
    const on = all.filter((p) => p.start <= t && t < p.end);
    if (on.every((p) => pins[p.id])) continue;
    for (const c of day.cooks)
      if (on.filter((p) => p.cook === c.id).reduce((sum, p) => sum + takes(p.id), 0) > 3) fail('R8', `${c.id}@${t}`);
    for (const r of day.resources)
      if (on.reduce((sum, p) => sum + (stepOf.get(p.id)?.needs[r.id] ?? 0), 0) > r.cap) fail('R9', `${r.id}@${t}`);
  }
  for (const b of day.budgets) {
    if (b.legs.every((l) => past(l.from) && past(l.to))) continue;
    if (b.legs.reduce((sum, l) => sum + at(l.to) - at(l.from), 0) > b.max) fail('R15', b.id);
  }
  const batches = checkOvens(day, plan, all, fail);
  const score = scoreOf(day, plan, takes);
  if (JSON.stringify(score) !== JSON.stringify(plan.score))
    fail('R17', `score ${score.join()} for ${plan.score.join()}`);
  const told = (list: readonly { oven: string; start: number; end: number; temp: number }[]) =>
    list
      .map((b) => `${b.oven} ${b.start} ${b.end} ${b.temp}`)
      .sort()
      .join(';');
  if (told(batches) !== told(plan.batches)) fail('R17', 'batches');
  return broken;
}

type Told = { oven: string; start: number; end: number; temp: number };

function checkOvens(
  day: Instance,
  plan: DayPlan,
  all: readonly (Placed & { id: string })[],
  fail: (rule: string, where: string) => void,
): Told[] {
  const told: Told[] = [];
  const pins = day.pins ?? {};
  const need = (id: string) => day.steps.find((s) => s.id === id)?.oven;
  for (const o of day.ovens) {
    const inIt = all
      .filter((p) => p.oven === o.id && need(p.id))
      .sort((a, b) => a.start - b.start || a.end - b.end || (a.id < b.id ? -1 : 1));
    for (const p of inIt) {
      const slots = inIt
        .filter((q) => q.start <= p.start && p.start < q.end)
        .reduce((n, q) => n + (need(q.id)?.slots ?? 0), 0);
      if (slots > o.slots) fail('R11', `${o.id}@${p.start}`);
      const shut = need(p.id)?.shut ?? 0;
      if (shut && inIt.some((q) => q.id !== p.id && [q.start, q.end].some((m) => m > p.start && m < p.start + shut)))
        fail('R14', p.id);
    }
    const groups: (Placed & { id: string })[][] = [];
    let until = -Infinity;
    for (const p of inIt) {
      if (p.start < until) groups[groups.length - 1].push(p);
      else groups.push([p]);
      until = Math.max(until, p.end);
    }
    let before: { end: number; temp: number; pinned: boolean } | null = null;
    for (const g of groups) {
      const needs = g.flatMap((p) => need(p.id) ?? []);
      const low = Math.max(o.tMin, ...needs.map((x) => x.temp - x.tol));
      const high = Math.min(o.tMax, ...needs.map((x) => x.temp + x.tol));
      const sum = needs.reduce((s, x) => s + x.temp, 0);
      const temp = Math.min(high, Math.max(low, Math.floor((2 * sum + 5 * needs.length) / (10 * needs.length)) * 5));
      if (low > high) {
        fail('R12', g[0].id);
        continue;
      }
      const start = Math.min(...g.map((p) => p.start));
      const end = Math.max(...g.map((p) => p.end));
      // what is in already: the oven is on for it
      const pinned = pins[g[0].id] !== undefined;
      if (!pinned) {
        if (before && start - before.end <= o.keepOn) {
          const rise = temp - before.temp;
          const wants = rise > 0 ? Math.ceil(rise / o.heat) : Math.ceil(-rise / o.cool);
          if (start - before.end < wants) fail('R13', g[0].id);
        } else {
          const on = start - Math.ceil((temp - o.ambient) / o.heat);
          const there = day.cooks.some((c) => c.windows.some(([a, b]) => a <= on && on < b));
          if (on < Math.max(day.horizon[0], day.now ?? day.horizon[0]) || (before && on < before.end) || !there)
            fail('R13', g[0].id);
        }
      }
      told.push({ oven: o.id, start, end, temp });
      before = { end, temp, pinned };
    }
  }
  return told;
}

/** The goals of a plan, minute by minute. */
function scoreOf(day: Instance, plan: DayPlan, takes: (id: string) => number): number[] {
  const { goals, steps } = day;
  const p = plan.steps;
  const stale = day.items.reduce(
    (sum, x) => sum + x.serve.weight * Math.max(0, plan.serve - p[x.serve.step].end - x.serve.want),
    0,
  );
  let lastMinutes = 0;
  for (const s of steps)
    if (s.kind === 'active')
      for (let t = p[s.id].start; t < p[s.id].end; t++)
        if (t >= plan.serve - goals.lastWindow && t < plan.serve) lastMinutes++;
  const first = Math.min(...steps.map((s) => p[s.id].start));
  let sessions = 0;
  for (const c of day.cooks) {
    const own = steps.filter((s) => s.kind !== 'passive' && p[s.id].cook === c.id).map((s) => p[s.id]);
    own.sort((a, b) => a.start - b.start);
    own.forEach((a, k) => {
      const until = Math.max(-Infinity, ...own.slice(0, k).map((b) => b.end));
      if (a.start - until > goals.sessionGap) sessions++;
    });
  }
  let risk = 0;
  for (const s of steps) if (s.risk) risk += s.risk.weight * (s.risk.want - spareOf(day, plan, s.id, takes));
  const vector = [
    plan.serve - day.serve.at,
    Math.ceil(stale / goals.staleBucket),
    Math.ceil(lastMinutes / goals.lastBucket),
    Math.ceil((plan.serve - first) / goals.spanBucket),
    sessions,
    risk,
  ];
  if (day.ref) {
    let moved = 0;
    for (const s of steps) {
      const was = day.ref[s.id];
      if (!was || day.pins?.[s.id] || (s.kind === 'passive' && !s.oven)) continue;
      moved += Math.min(30, Math.abs(p[s.id].start - was.start));
      if (p[s.id].cook !== null && p[s.id].cook !== was.cook) moved += 20;
      if (p[s.id].oven !== null && p[s.id].oven !== was.oven) moved += 20;
    }
    vector.splice(1, 0, Math.ceil(moved / 10));
  }
  return vector;
}

function spareOf(day: Instance, plan: DayPlan, id: string, takes: (id: string) => number): number {
  const s = day.steps.find((x) => x.id === id);
  if (!s?.risk) return 0;
  const me = plan.steps[id];
  for (let k = 1; k <= s.risk.want; k++) {
    const end = me.end + k;
    const at = ([step, side]: Point) =>
      step === 'serve' ? plan.serve : step === id && side === 'end' ? end : plan.steps[step][side];
    const minute = end - 1;
    const others = day.steps.filter(
      (x) => x.id !== id && plan.steps[x.id].start <= minute && minute < plan.steps[x.id].end,
    );
    const cook = day.cooks.find((c) => c.id === me.cook);
    const age = day.items.find((x) => x.serve.step === id);
    const held =
      end <= day.horizon[1] &&
      (s.window?.latestEnd === undefined || end <= s.window.latestEnd) &&
      (!age || plan.serve - end >= age.serve.min) &&
      day.lags.every((l) => {
        const moves = (l.from[0] === id && l.from[1] === 'end') || (l.to[0] === id && l.to[1] === 'end');
        const apart = at(l.to) - at(l.from);
        return !moves || ((l.min === null || apart >= l.min) && (l.max === null || apart <= l.max));
      }) &&
      (!cook ||
        (cook.windows.some(([a, b]) => a <= minute && minute < b) &&
          others.filter((x) => plan.steps[x.id].cook === me.cook).reduce((n, x) => n + takes(x.id), 0) + takes(id) <=
            3)) &&
      Object.entries(s.needs).every(
        ([r, q]) =>
          others.reduce((n, x) => n + (x.needs[r] ?? 0), 0) + q <= (day.resources.find((x) => x.id === r)?.cap ?? 0),
      );
    if (!held) return k - 1;
  }
  return s.risk.want;
}
