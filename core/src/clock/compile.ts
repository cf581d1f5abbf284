import { usualHobRings, type KitchenInput } from '../contracts/kitchen';
import { closingCodes, type Step } from '../plan/steps/codes';
import { ovensOf } from '../plan/ovensOf';
import { stepKey } from '../plan/steps/key';
import { goesTogether } from './alike';
import { holdsPot, scarcePlaces, takenOf } from './places';
import { climbsCMin, fallsCMin } from './ovenRuns';
import { coldRooms, roomFor, takenBy } from './coldRoom';
import { dayGoals } from './dayGoals';
import { grownCooks, handsOf, pastryOf, type Hands, type Scheduled, type TableOfDay } from './scheduled';
import type { Instance, Lag, PlannerStep, Point } from './planner/instance';

/** The table on the planner's own minutes: midnight of the day before is 0. */
export const tableMin = (serveAt: string): number => {
  const table = new Date(serveAt);
  return 24 * 60 + table.getHours() * 60 + table.getMinutes();
};

/** A local date and time on the planner's minutes, a fraction of a minute left as it is. */
export const plannerMin = (moment: string, serveAt: string): number =>
  tableMin(serveAt) + (new Date(moment).getTime() - new Date(serveAt).getTime()) / 60_000;

const dayMin = 24 * 60;
/** A day the planner lays is no longer than this before the table, and goes on so long after it, min. */
const longestMin = 3 * dayMin;
const afterMin = 60;
/** A pie stands no longer than this beyond its stand. */
const standsMoreMin = 60;
/** A filling that goes in hot waits no longer; one that was made ready cold, or cooked and not cooled. */
const hotWaitMin = 5;
const readyWaitMin = 12 * 60;
/** Between pot and cold. */
const offTheHeatMin = 15;
/** Bakes within twice this go in together. */
const heatToleranceC = 5;
/** Work that can be put down beside a simmering pot. */
export const smallCodes: ReadonlySet<string> = new Set(['weigh', 'glaze', 'prepareFilling', 'weightsOut', 'washPot']);

/**
 * Whole minutes of steps that follow one another: a wait is as long as it has to be, up to as long as it may be; work is as
 * long as it takes. Each is rounded up; where the cook holds something, the row as a whole is rounded down instead (less than
 * a minute of all of it), so that what stands at a minute can be held at that minute.
 */
function lengthsOf(row: readonly Step[], gives: (s: Step) => boolean, asHeld: boolean): { min: number; max: number }[] {
  let [minutes, laid] = [0, 0];
  return row.map((s) => {
    minutes += s.minutes;
    const min = Math.max(1, asHeld ? Math.floor(minutes + 1e-9) - laid : Math.ceil(s.minutes - 1e-9));
    laid += min;
    return { min, max: gives(s) ? min + Math.floor(s.elasticMin) : min };
  });
}

/** How a day is laid out for the planner, where it is not as it comes. */
export interface DayWays {
  /** Nothing begins before this, planner's minutes. */
  nowMin?: number;
  /** Rests in the cold between the work may last longer too, as far as each may; the Cold Line is followed again then. */
  restsGive?: boolean;
  /** The cook holds something of it. */
  asHeld?: boolean;
}

/**
 * A day's items as the planner takes them: every step of pastry and filling with the hands, shelf and rings it takes, the
 * order and the waits between them, the cooks' hours, what the cook holds. Null for a day too long for it, or with more trays
 * than shelves.
 */
// oxlint-disable-next-line max-lines-per-function -- one statement of the kitchen after the other
export function dayOf(
  items: readonly Scheduled[],
  kitchen: KitchenInput,
  { serveAt, away = [], together }: TableOfDay,
  { nowMin, restsGive = false, asHeld = false }: DayWays = {},
): Instance | null {
  const at = tableMin(serveAt);
  const steps: PlannerStep[] = [];
  const lags: Lag[] = [];
  const lag = (
    from: Point,
    to: Point,
    min: number | null,
    max: number | null,
    why: string,
    grade: Lag['grade'] = 'quality',
  ) => lags.push({ id: `L${lags.length + 1}`, from, to, min, max, why, grade });
  const ovens = ovensOf(kitchen);
  const places = scarcePlaces(
    items.flatMap((i) => i.steps),
    kitchen,
  );
  // steps done in one go with those of other pies: their own minutes, hands, and what they come after
  const goes = together ? goesTogether(items, kitchen) : [];
  const goOf = new Map(goes.map((g) => [stepKey(g.itemIndex, g.step), g]));
  const asGo = (key: string): Pick<PlannerStep, 'cooks' | 'min' | 'max'> | object => {
    const go = goOf.get(key);
    const min = go && Math.max(1, Math.ceil(go.minutes - 1e-9));
    return go ? { cooks: [go.cook], min, max: min } : {};
  };
  const modes = new Set(items.map((i) => i.mode));
  let longest = 0;
  let firstHeld = Infinity;
  for (const [itemIndex, item] of items.entries()) {
    const shelves = ovens[item.oven]?.shelves ?? 0;
    if (item.trays > shelves) return null;
    const { pastry: cook, filling: helper, oven: baker, ...hands } = handsOf(item, kitchen);
    const { steps: pastry, wait } = pastryOf(item);
    const bake = item.steps.find((s) => s.code === 'bake');
    const stand = item.steps.find((s) => s.code === 'stand');
    if (!bake || !stand) return null;
    const row = [...pastry.filter((s) => s.minutes > 0 || s === wait), bake];
    const key = (s: Step) => stepKey(itemIndex, s);
    const held = heldOf(item, kitchen, serveAt);
    firstHeld = Math.min(firstHeld, ...item.steps.map((s) => held(s).window?.earliest ?? Infinity));
    const several = items.length > 1 && item.heats.length > 1;
    const gives = (s: Step) => s.kind !== 'oven' && (s === wait || (restsGive && s.kind === 'cold'));
    const lengths = lengthsOf(row, gives, asHeld);
    for (const [n, s] of row.entries()) {
      const oven = s.kind === 'oven';
      const temp = s === bake ? (item.heats[0]?.setC ?? 190) : Number(s.values['setC']);
      const byHand = s.kind === 'bench' || s.kind === 'tend';
      steps.push({
        id: key(s),
        item: String(itemIndex),
        kind: byHand ? 'active' : 'passive',
        ...(byHand && smallCodes.has(s.code) ? { small: true } : {}),
        ...lengths[n],
        needs: {
          ...(oven && modes.size > 1 ? { alone: 1 } : {}),
          ...takenOf(s, places),
          ...inCold(item, s, kitchen),
        },
        ...(oven
          ? {
              oven: {
                temp: Math.round(temp),
                tol: heatToleranceC,
                // a programme of several heats shares with nothing
                slots: several ? shelves : item.trays,
                tray: 1,
                ...(ovens.length > 1 ? { in: `oven ${item.oven}` } : {}),
              },
            }
          : {}),
        ...(byHand ? { cooks: whoMay(s, hands, s.kind === 'tend' ? baker : cook) } : {}),
        ...asGo(key(s)),
        ...held(s),
      });
    }
    row.forEach((s, i) => {
      const next = row[i + 1];
      // what is weighed with the rest waits in the cold until it is mixed
      if (next) lag([key(s), 'end'], [key(next), 'start'], 0, goOf.has(key(s)) ? readyWaitMin : 0, next.code);
    });
    longest += row.reduce((sum, s) => sum + s.minutes, 0);
    const filling = item.steps.filter((s) => s.strand === 'filling');
    const closing = row.find((s) => closingCodes.includes(s.code)) ?? bake;
    const cooled = lengthsOf(filling, (s) => s.kind === 'cold', asHeld);
    for (const [n, s] of filling.entries()) {
      const pot = held(s).cooks?.[0] ?? helper;
      steps.push({
        id: key(s),
        item: String(itemIndex),
        kind: s.kind === 'hob' ? 'watch' : s.kind === 'bench' ? 'active' : 'passive',
        ...(smallCodes.has(s.code) ? { small: true } : {}),
        ...cooled[n],
        // one pot at a time for a cook: what is fried or browned is not left
        needs: {
          ...(s.kind === 'hob' ? { hob: 1, [`pot ${pot}`]: 1 } : inCold(item, s, kitchen)),
          ...takenOf(s, places),
        },
        ...(s.kind === 'hob' || s.kind === 'bench' ? { cooks: [helper] } : {}),
        ...asGo(key(s)),
        ...held(s),
      });
    }
    const wash = item.steps.find((s) => s.code === 'washPot');
    const emptied = filling.findLast(holdsPot);
    if (wash && emptied) {
      // the pot is nobody else's until it is washed
      const soaks = soakId(itemIndex);
      const pots = takenOf(wash, places);
      steps.push(
        { id: soaks, item: String(itemIndex), kind: 'passive', min: 1, max: readyWaitMin, needs: pots },
        {
          id: key(wash),
          item: String(itemIndex),
          kind: 'active',
          small: true,
          min: Math.ceil(wash.minutes - 1e-9),
          max: Math.ceil(wash.minutes - 1e-9),
          needs: pots,
          cooks: [...grownCooks(kitchen)],
          ...held(wash),
        },
      );
      lag([key(emptied), 'end'], [soaks, 'start'], 0, 0, 'washPot');
      lag([soaks, 'end'], [key(wash), 'start'], 0, 0, 'washPot');
    }
    filling.forEach((s, i) => {
      const next = filling[i + 1];
      if (next)
        lag(
          [key(s), 'end'],
          [key(next), 'start'],
          0,
          next.code === 'coolFilling' ? (wash && emptied === next ? 0 : offTheHeatMin) : readyWaitMin,
          next.code,
          next.code === 'coolFilling' ? 'safety' : 'quality',
        );
      else
        lag(
          [key(s), 'end'],
          [key(closing), 'start'],
          0,
          s.kind === 'cold' ? 0 : s.kind === 'hob' ? hotWaitMin : readyWaitMin,
          closing.code,
          'safety',
        );
    });
    longest += filling.reduce((sum, s) => sum + s.minutes, 0);
  }
  for (const [follower, { doughOf }] of items.entries()) {
    if (doughOf === undefined) continue;
    const rest = items[doughOf].steps.find((s) => s.code === 'rest' && s.strand === 'pastry');
    const first = pastryOf(items[follower]).steps[0];
    if (rest && first) lag([stepKey(doughOf, rest), 'end'], [stepKey(follower, first), 'start'], 0, null, 'rest');
  }
  for (const { itemIndex, step, after } of goes) {
    const before = goes.find((g) => g.itemIndex === after && g.step.code === step.code);
    if (before)
      lag([stepKey(before.itemIndex, before.step), 'end'], [stepKey(itemIndex, step), 'start'], 0, 0, step.code);
  }
  if (longest + 240 > longestMin) return null;
  const from = Math.max(
    at - longestMin,
    Math.min(nowMin ?? Infinity, Math.floor(Math.min(at, firstHeld) - longest - dayMin / 2)),
  );
  const horizon: [number, number] = [Math.max(from, nowMin ?? from), at + afterMin];
  const heats = steps.flatMap((s) => (s.oven ? [s.oven.temp] : []));
  const [tMin, tMax] = [Math.min(...heats) - heatToleranceC, Math.max(...heats) + heatToleranceC];
  // from cold it takes as long as the items say, between two heats as long as an oven climbs
  const ambient = Math.floor(
    Math.min(...items.map((i) => (i.heats[0]?.setC ?? 190) - climbsCMin * Math.max(1, i.preheatMin))),
  );
  return {
    schema: 1,
    id: 'day',
    grid: 1,
    horizon,
    serve: { at, maxLate: 0 },
    goals: dayGoals,
    cooks: kitchen.cooks.map((id) => ({
      id,
      windows: without(windowsOf(id, kitchen, horizon), awayOf(id, away, serveAt)),
    })),
    ovens: ovens.map((o) => ({
      id: `oven ${o.index}`,
      slots: o.shelves,
      tray: 1,
      tMin,
      tMax,
      ambient,
      heat: climbsCMin,
      cool: fallsCMin,
      keepOn: Math.ceil(Math.max(45, (tMax - ambient) / climbsCMin, (tMax - tMin) / fallsCMin)),
    })),
    resources: [
      { id: 'hob', cap: kitchen.hobRings ?? usualHobRings },
      { id: 'alone', cap: 1 },
      ...places,
      ...coldRooms.flatMap((id) => {
        const room = roomFor(kitchen, id);
        return room === null ? [] : [{ id, cap: Math.round(room * partsOfTray) }];
      }),
      ...kitchen.cooks.map((c) => ({ id: `pot ${c}`, cap: 1 })),
    ],
    items: items.map((i, k) => {
      const stands = i.steps.find((s) => s.code === 'stand')?.minutes ?? 0;
      const stand = Math.max(0, asHeld ? Math.floor(stands) : Math.ceil(stands));
      const bake = i.steps.find((s) => s.code === 'bake') as Step;
      return {
        id: String(k),
        name: i.title,
        serve: { step: stepKey(k, bake), min: stand, max: stand + standsMoreMin, want: stand, weight: 1 },
      };
    }),
    steps,
    lags,
    budgets: [],
  };
}

/** Who may do a step of pastry: what is easy, more than one. */
const whoMay = (s: Step, { weigh, brush }: Pick<Hands, 'weigh' | 'brush'>, own: string): string[] =>
  s.code === 'glaze' ? [...brush] : s.code === 'weigh' ? [...weigh] : [own];

/** The wait between a pot's being empty and its being washed: of the planner only, no step of a day. */
export const soakId = (itemIndex: number): string => stepKey(itemIndex, { id: 'soak' });

/** The planner counts whole numbers: a tray is so many of them. */
const partsOfTray = 100;

/** What a step takes of the fridge or the freezer, where it is known how much there is. */
function inCold(item: Scheduled, s: Step, kitchen: KitchenInput): Record<string, number> {
  const taken = takenBy(item, s);
  return taken && roomFor(kitchen, taken.place) !== null
    ? { [taken.place]: Math.max(1, Math.round(taken.trays * partsOfTray)) }
    : {};
}

/** When a cook is there, on the planner's minutes. */
function windowsOf(
  cook: string,
  { hours = [] }: KitchenInput,
  [h0, h1]: readonly [number, number],
): [number, number][] {
  const own = hours.filter((h) => h.cook === cook && h.fromMin !== h.toMin);
  if (!own.length) return [[h0, h1]];
  const windows: [number, number][] = [];
  for (let day = Math.floor(h0 / dayMin) - 1; day * dayMin < h1; day++)
    for (const { fromMin, toMin } of own) {
      const a = Math.max(h0, day * dayMin + fromMin);
      const b = Math.min(h1, day * dayMin + (toMin > fromMin ? toMin : toMin + dayMin));
      if (b > a) windows.push([a, b]);
    }
  windows.sort((x, y) => x[0] - y[0]);
  return windows.reduce<[number, number][]>((merged, w) => {
    const last = merged.at(-1);
    if (last && w[0] <= last[1]) last[1] = Math.max(last[1], w[1]);
    else merged.push([...w]);
    return merged;
  }, []);
}

/** Stretches a cook is away for on this day, on the planner's minutes. */
const awayOf = (cook: string, away: NonNullable<TableOfDay['away']>, serveAt: string): (readonly [number, number])[] =>
  away
    .filter((a) => a.cook === cook && a.to > a.from)
    .map((a) => [plannerMin(a.from, serveAt), plannerMin(a.to, serveAt)] as const);

/** Windows with some stretches taken out of them. */
const without = (
  windows: readonly [number, number][],
  gone: readonly (readonly [number, number])[],
): [number, number][] =>
  gone.reduce<[number, number][]>(
    (left, [a, b]) =>
      left
        .flatMap(([from, to]): [number, number][] => [
          [from, Math.min(to, Math.floor(a))],
          [Math.max(from, Math.ceil(b)), to],
        ])
        .filter(([from, to]) => to > from),
    [...windows],
  );

/** What the cook holds of an item's steps: when each begins, and in whose hands it is. */
function heldOf(
  { pins = [] }: Scheduled,
  { cooks }: KitchenInput,
  serveAt: string,
): (s: Step) => Pick<PlannerStep, 'window' | 'cooks'> {
  const byStep = new Map(pins.map((p) => [p.stepId, p]));
  return (s) => {
    const pin = byStep.get(s.id);
    if (!pin) return {};
    const hands = s.kind === 'bench' || s.kind === 'tend' || s.kind === 'hob';
    const begins = pin.at === undefined ? undefined : Math.round(plannerMin(pin.at, serveAt));
    return {
      ...(begins === undefined ? {} : { window: { earliest: begins, latestStart: begins } }),
      ...(hands && pin.cook !== undefined && cooks.includes(pin.cook) ? { cooks: [pin.cook] } : {}),
    };
  };
}
