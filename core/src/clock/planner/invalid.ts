import type { Instance } from './instance';

export interface Invalid {
  code: string;
  where: string;
}

const isWhole = (x: unknown): x is number => typeof x === 'number' && Number.isInteger(x);
const longestHorizonMin = 4 * 24 * 60;

/** Everything about a day that is not well formed, none of it repaired; an empty list is a day that can be planned or refuted. */

export function invalidOf(i: Instance): Invalid[] {
  const found: Invalid[] = [];
  const say = (code: string, where: string) => found.push({ code, where });
  if (i.schema !== 1) say('schema', 'schema');
  if (!Array.isArray(i.steps) || i.steps.length < 1 || i.steps.length > 120) {
    say('steps-count', 'steps');
    return found;
  }
  if (!Array.isArray(i.cooks) || i.cooks.length < 1) say('no-cooks', 'cooks');
  const [h0, h1] = i.horizon ?? [NaN, NaN];
  if (!isWhole(h0) || !isWhole(h1) || h1 <= h0 || h1 - h0 > longestHorizonMin) say('horizon', 'horizon');
  if (!isWhole(i.serve?.at) || !isWhole(i.serve?.maxLate) || i.serve.maxLate < 0) say('serve', 'serve');
  const grid = i.grid;
  if (!isWhole(grid) || grid < 1) say('grid', 'grid');
  const unique = (ids: readonly string[], where: string) => {
    if (new Set(ids).size !== ids.length) say('duplicate-id', where);
  };
  unique(
    i.steps.map((s) => s.id),
    'steps',
  );
  unique(
    i.lags.map((l) => l.id),
    'lags',
  );
  unique(
    i.resources.map((r) => r.id),
    'resources',
  );
  unique(
    i.items.map((x) => x.id),
    'items',
  );
  const ids = new Set(i.steps.map((s) => s.id));
  const resources = new Set(i.resources.map((r) => r.id));
  for (const s of i.steps) {
    if (!isWhole(s.min) || !isWhole(s.max) || s.min < 1 || s.max < s.min || s.min % grid || s.max % grid)
      say('duration', s.id);
    if (!['active', 'watch', 'passive'].includes(s.kind)) say('kind', s.id);
    else if (s.min < s.max && (s.kind !== 'passive' || s.oven)) say('elastic-not-passive', s.id);
    for (const [r, q] of Object.entries(s.needs ?? {}))
      if (!resources.has(r) || !isWhole(q) || q < 1) say('need', `${s.id}.${r}`);
    if (s.risk && s.oven) say('risk-on-oven-step', s.id);
    if (s.oven && ![s.oven.temp, s.oven.tol, s.oven.slots, s.oven.tray].every(isWhole)) say('oven-need', s.id);
    if (!i.items.some((x) => x.id === s.item)) say('unknown-item', s.id);
    if (s.cooks && !s.cooks.some((c) => i.cooks.some((x) => x.id === c))) say('unknown-cook', s.id);
  }
  for (const x of i.items) {
    if (!ids.has(x.serve.step)) say('unknown-step', x.id);
    if (x.serve.min > x.serve.max) say('min-over-max', x.id);
  }
  const known = (p: readonly [string, string]) => p[0] === 'serve' || ids.has(p[0]);
  for (const l of i.lags) {
    if (!known(l.from) || !known(l.to)) say('unknown-step', l.id);
    if (l.min === null && l.max === null) say('empty-lag', l.id);
    if (l.min !== null && l.max !== null && l.min > l.max) say('min-over-max', l.id);
    if (l.from[0] === l.to[0] && l.from[1] === l.to[1]) say('self-lag', l.id);
    for (const v of [l.min, l.max]) if (v !== null && !isWhole(v)) say('lag-value', l.id);
  }
  for (const b of i.budgets) {
    if (!isWhole(b.max)) say('budget-value', b.id);
    for (const leg of b.legs) if (!known(leg.from) || !known(leg.to)) say('unknown-step', b.id);
  }
  for (const c of i.cooks) {
    let last = -Infinity;
    for (const [a, b] of c.windows ?? []) {
      if (!isWhole(a) || !isWhole(b) || b <= a || a < last) say('windows', c.id);
      last = b;
    }
  }
  for (const o of i.ovens) {
    const slowest = Math.max(Math.ceil((o.tMax - o.ambient) / o.heat), Math.ceil((o.tMax - o.tMin) / o.cool));
    if (!(o.heat > 0) || !(o.cool > 0) || (o.keepOn < slowest && o.keepOn < longestOf(i, o))) say('oven', o.id);
  }
  return found;
}

/** Longest preheat and cool-down that any step of the day can ask of an oven, min. */
function longestOf(i: Instance, o: Instance['ovens'][number]): number {
  const temps = i.steps.flatMap((s) =>
    s.oven ? [Math.min(o.tMax, s.oven.temp + s.oven.tol), Math.max(o.tMin, s.oven.temp - s.oven.tol)] : [],
  );
  if (!temps.length) return 0;
  const [low, high] = [Math.min(...temps), Math.max(...temps)];
  return Math.max(Math.ceil((high - o.ambient) / o.heat), Math.ceil((high - low) / o.cool));
}
