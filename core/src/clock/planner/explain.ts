import type { Instance } from './instance';
import { refute } from './prover';

export const clashKinds = [
  'food-safety',
  'oven-temperature',
  'oven-shelves',
  'calendar',
  'capacity',
  'hands',
  'time',
  'lags',
] as const;
export type ClashKind = (typeof clashKinds)[number];

/** A loosening of one member of a clash that would end it; never of a safety or physics bound. */
export type Loosening =
  | { kind: 'serve-later'; minutes: number }
  | { kind: 'stretch-limit'; lag: string; minutes: number }
  | { kind: 'wait-longer'; item: string; minutes: number }
  | { kind: 'be-there'; cook: string };

/** Why a day cannot be: a smallest set of its bounds that clash by themselves, each needed. */
export interface Clash {
  kind: ClashKind;
  /** Names of the bounds: `lag:L3:max`, `rest:pie:max`, `cap:fridge`, `budget:b`, `win:step`, shelves, hands, oventemp, calendar, hstart, serve. */
  members: string[];
  /** Items that take part. */
  items: string[];
  /** What the lags of the set say of themselves. */
  because: string[];
  ways: Loosening[];
}

const mostCalls = 400;
const stretchByMin = [15, 30, 60, 120] as const;
const waitByMin = 60;

/** All bounds of a day by name, the least tellable first, so that the tellable survive. */
function boundsOf(day: Instance): string[] {
  return [
    ...day.lags.flatMap((l) => [
      ...(l.min === null ? [] : [`lag:${l.id}:min`]),
      ...(l.max === null ? [] : [`lag:${l.id}:max`]),
    ]),
    ...day.items.flatMap((x) => [`rest:${x.id}:min`, `rest:${x.id}:max`]),
    ...day.resources.map((r) => `cap:${r.id}`),
    ...day.budgets.map((b) => `budget:${b.id}`),
    ...day.steps.filter((s) => s.window).map((s) => `win:${s.id}`),
    'shelves',
    'hands',
    'oventemp',
    'calendar',
    'hstart',
    'serve',
  ];
}

function kindOf(members: readonly string[]): ClashKind {
  const has = (start: string) => members.some((m) => m.startsWith(start));
  if (has('budget:')) return 'food-safety';
  if (has('oventemp')) return 'oven-temperature';
  if (has('shelves')) return 'oven-shelves';
  if (has('calendar')) return 'calendar';
  if (has('cap:')) return 'capacity';
  if (has('hands')) return 'hands';
  if (has('serve') || has('hstart')) return 'time';
  return 'lags';
}

/** Why a refuted day cannot be, or null where it is not refuted. */
export function explain(day: Instance): Clash | null {
  const depth = ([0, 1, 2] as const).find((d) => refute(day, new Set(), d).refuted);
  if (depth === undefined) return null;
  let calls = 0;
  const refuted = (drop: ReadonlySet<string>): boolean => ++calls <= mostCalls && refute(day, drop, depth).refuted;
  const dropped = new Set<string>();
  for (const x of day.items) {
    dropped.add(`item:${x.id}`);
    if (!refuted(dropped)) dropped.delete(`item:${x.id}`);
  }
  const items = day.items.filter((x) => !dropped.has(`item:${x.id}`)).map((x) => x.id);
  const stepsLeft = new Set(day.steps.filter((s) => items.includes(s.item)).map((s) => s.id));
  const left: Instance = {
    ...day,
    items: day.items.filter((x) => items.includes(x.id)),
    steps: day.steps.filter((s) => stepsLeft.has(s.id)),
    lags: day.lags.filter((l) => [l.from, l.to].every(([id]) => id === 'serve' || stepsLeft.has(id))),
    budgets: day.budgets.filter((b) =>
      b.legs.every((l) => [l.from, l.to].every(([id]) => id === 'serve' || stepsLeft.has(id))),
    ),
  };
  let kept = boundsOf(left);
  for (
    let size = Math.max(1, Math.floor(kept.length / 2));
    size >= 1;
    size = size === 1 ? 0 : Math.max(1, Math.floor(size / 2))
  )
    for (let from = 0; from < kept.length;) {
      const chunk = kept.slice(from, from + size);
      const trial = new Set([...dropped, ...chunk]);
      if (refuted(trial)) {
        for (const c of chunk) dropped.add(c);
        kept = kept.filter((b) => !chunk.includes(b));
      } else from += size;
    }
  const because = left.lags.filter((l) => kept.some((m) => m.startsWith(`lag:${l.id}:`))).map((l) => l.why);
  return { kind: kindOf(kept), members: kept, items, because: [...new Set(because)], ways: waysOut(day, kept) };
}

/** Loosenings of the members, each proved to end the refutation. */
function waysOut(day: Instance, members: readonly string[]): Loosening[] {
  const ways: Loosening[] = [];
  const open = (next: Instance) => !refute(next).refuted;
  for (const m of members) {
    const [what, id, side] = m.split(':') as [string, string, string];
    if (what === 'serve') {
      const later = (maxLate: number) =>
        open({ ...day, serve: { ...day.serve, maxLate }, horizon: [day.horizon[0], day.horizon[1] + maxLate] });
      let [no, yes] = [day.serve.maxLate, 0];
      for (let by = 15; by <= 24 * 60; by *= 2)
        if (later(day.serve.maxLate + by)) {
          yes = day.serve.maxLate + by;
          break;
        } else no = day.serve.maxLate + by;
      if (yes) {
        while (yes - no > 1) {
          const middle = Math.floor((yes + no) / 2);
          if (later(middle)) yes = middle;
          else no = middle;
        }
        ways.push({ kind: 'serve-later', minutes: Math.ceil(yes / day.grid) * day.grid });
      }
    }
    if (what === 'lag' && side === 'max') {
      const lag = day.lags.find((l) => l.id === id);
      if (lag?.grade !== 'quality' || lag.max === null) continue;
      const by = stretchByMin.find((s) =>
        open({ ...day, lags: day.lags.map((l) => (l.id === id ? { ...l, max: (lag.max as number) + s } : l)) }),
      );
      if (by) ways.push({ kind: 'stretch-limit', lag: id, minutes: by });
    }
    if (what === 'rest' && side === 'max') {
      const next = {
        ...day,
        items: day.items.map((x) => (x.id === id ? { ...x, serve: { ...x.serve, max: x.serve.max + waitByMin } } : x)),
      };
      if (open(next)) ways.push({ kind: 'wait-longer', item: id, minutes: waitByMin });
    }
    if (what === 'calendar')
      for (const c of day.cooks) {
        const next = { ...day, cooks: day.cooks.map((o) => (o.id === c.id ? { ...o, windows: [day.horizon] } : o)) };
        if (open(next)) {
          ways.push({ kind: 'be-there', cook: c.id });
          break;
        }
      }
  }
  return ways;
}
