import { Matches } from 'class-validator';
import { localMoment } from '../../contracts/clock';
import { dayOf, plannerMin } from '../../clock/compile';
import { meetsAt, places, type Place } from '../../clock/places';
import { coldRooms } from '../../clock/coldRoom';
import { searchedDay } from '../../clock/searched';
import { choicesFor, type Choice } from '../../clock/planner/choices';
import { explain, type ClashKind } from '../../clock/planner/explain';
import type { Instance, Point } from '../../clock/planner/instance';
import { Optional } from '../../quantities/rules';
import type { Scheduled } from '../../clock/scheduled';
import { planBake, scheduled } from '../bake';
import { BakeInput } from '../inputs';
import { asMade } from '../sharedDough';
import { dayOfWay, type DayOfWay } from './ovenOfDay';
import { otherWays, type OtherWay } from './otherWays';
import type { StepCode, TimedStep } from '../steps/codes';
import { keyOf, stepKey } from '../steps/key';

/** What the model `plan.dayChoices` takes: a whole bake, and what time it is where the day begins today. */
export class DayChoicesInput extends BakeInput {
  /** Local date and time it is now. */
  @Optional() @Matches(localMoment) now?: string;
}

/** A step of an item, as it is called. */
export interface StepOfItem {
  itemIndex: number;
  stepId: string;
  code: StepCode;
}

/** What takes part in a clash: two steps whose order or wait binds, an item's stand, a cook's pot, or one of the day's own. */
export type ClashMember =
  | { what: 'order'; from: StepOfItem | null; to: StepOfItem | null }
  | { what: 'stands'; itemIndex: number }
  | { what: 'held'; step: StepOfItem }
  | { what: 'pot'; cook: string }
  | { what: 'hob' | 'fan' | 'room' | Place | 'shelves' | 'hands' | 'heats' | 'hours' | 'begin' | 'table' };

/** A way out that was solved and checked: when it is served then, and its day. */
export interface DayChoice extends DayOfWay {
  kind: Exclude<Choice['kind'], 'alternative' | 'stretch-limit'>;
  itemIndex: number | null;
  cook: string | null;
  /** Of waiting longer: so much. */
  minutes: number;
  lateMin: number;
  /** Only with nothing held by the cook. */
  unheld?: true;
}

export interface DayChoices {
  /** Whether the day as it is can be; `unknown`: nothing was found and nothing proved. */
  status: 'fits' | 'cannot' | 'unknown' | 'tooLong';
  clash: {
    kind: ClashKind;
    items: number[];
    members: ClashMember[];
    /** Keys of the steps it is between. */ steps: string[];
  } | null;
  choices: DayChoice[];
  /** Pies done another way, by which it can be, or sooner. */
  others: OtherWay[];
  /** Steps the cook holds without which the day can be: each by itself, or all of them where only that helps. */
  loosen: LetGo[];
}

/** What the cook holds that is let go for a day to be. */
export interface LetGo extends DayOfWay {
  steps: HeldStep[];
}

/** A step the cook holds. */
export interface HeldStep {
  itemIndex: number;
  stepId: string;
  code: StepCode | null;
}

/**
 * Whether a day can be as it is, hands, oven and hours together; if not, the smallest set of what clashes and ways out, each
 * solved and checked before it is offered. With `now`, nothing begins before it.
 */
export function dayChoices({ now, ...input }: DayChoicesInput): DayChoices {
  const { items: plans, doughs, clock } = planBake(input);
  const { items } = asMade(input.items, input.kitchen);
  const nowMin = now === undefined ? undefined : Math.ceil(plannerMin(now, input.meal.serveAt));
  const ways = nowMin === undefined ? {} : { nowMin };
  const scheduledItems = scheduled(items, plans, doughs, input.kitchen);
  const searched = searchedDay(scheduledItems, input.kitchen, input.meal, ways);
  if (!searched) return { status: 'tooLong', clash: null, choices: [], others: [], loosen: [] };
  if (searched.plan) return { status: 'fits', clash: null, choices: [], others: [], loosen: [] };
  const { day } = searched;
  const clash = explain(day);
  const members = clash?.members.flatMap((m) => memberOf(day, plans, m)) ?? [];
  const loosen = loosenings(scheduledItems, input, ways);
  const free = scheduledItems.some((i) => i.pins?.length)
    ? dayOf(
        scheduledItems.map((i) => ({ ...i, pins: [] })),
        input.kitchen,
        input.meal,
        ways,
      )
    : null;
  const choices = [
    ...choicesOf(day),
    // where letting go alone is no way out, letting go and later together may be
    ...(loosen.length || !free ? [] : choicesOf(free).map((c): DayChoice => ({ ...c, unheld: true }))),
  ];
  const about = clash?.items.map(Number) ?? [];
  const later = choices.find((c) => c.kind === 'serve-later');
  return {
    status: clash ? 'cannot' : 'unknown',
    clash: clash && { kind: clash.kind, items: about, members, steps: stepsOf(members, about, clock.steps) },
    loosen,
    choices,
    others: otherWays(input, about.slice(0, mostAbout), later?.lateMin ?? Infinity, { ...ways, restsGive: true }),
  };
}
/** Pies that are looked at for another way. */
const mostAbout = 3;

const choicesOf = (day: Instance): DayChoice[] =>
  choicesFor(day).flatMap((c): DayChoice[] =>
    c.kind === 'alternative' || c.kind === 'stretch-limit'
      ? []
      : [
          {
            kind: c.kind,
            itemIndex: (c.kind === 'wait-longer' && c.of !== 'all') || c.kind === 'leave-out' ? Number(c.of) : null,
            minutes: c.minutes,
            cook: c.kind === 'be-there' ? c.of : null,
            lateMin: c.lateMin,
            ...dayOfWay(day, c.plan),
          },
        ],
  );

/** Which of what the cook holds would have to be let go for the day to be: each alone, else all together. */
function loosenings(items: readonly Scheduled[], { kitchen, meal }: BakeInput, ways: { nowMin?: number }): LetGo[] {
  const held = items.flatMap(({ pins = [], steps }, itemIndex) =>
    pins.map(({ stepId }): HeldStep => ({ itemIndex, stepId, code: steps.find((s) => s.id === stepId)?.code ?? null })),
  );
  const without = (gone: readonly HeldStep[]) =>
    items.map((item, i) => ({
      ...item,
      pins: item.pins?.filter((p) => !gone.some((h) => h.itemIndex === i && h.stepId === p.stepId)),
    }));
  const helps = (steps: HeldStep[]): LetGo[] => {
    const found = searchedDay(without(steps), kitchen, meal, ways);
    return found?.plan ? [{ steps, ...dayOfWay(found.day, found.plan) }] : [];
  };
  const single = held.slice(0, mostLoosened).flatMap((h) => helps([h]));
  return single.length || held.length < 2 ? single : helps(held);
}
const mostLoosened = 6;

/** Members that are about what is in the oven, in the cold, and about whose hands are wanted. */
const ofOven: ReadonlySet<ClashMember['what']> = new Set(['heats', 'shelves', 'fan']);
const ofCold: ReadonlySet<ClashMember['what']> = new Set(['room']);
const ofHands: ReadonlySet<ClashMember['what']> = new Set(['hands', 'pot', 'hob', 'hours']);
/** More orders than this are a chain: it is told by what else takes part. */
const mostOrders = 3;

/** The steps of the day as it is laid that a clash is between: what it names, the bakes of its oven, what one cook has at once. */
function stepsOf(members: readonly ClashMember[], items: readonly number[], laid: readonly TimedStep[]): string[] {
  const has = (kinds: ReadonlySet<ClashMember['what']>) => members.some((m) => kinds.has(m.what));
  const orders = members.filter((m) => m.what === 'order');
  const named = [
    ...(orders.length > mostOrders ? [] : orders.flatMap((m) => [m.from, m.to])),
    ...members.map((m) => (m.what === 'held' ? m.step : null)),
  ];
  const own = laid.filter((s) => items.includes(s.itemIndex));
  const meet = (a: TimedStep, b: TimedStep) =>
    a !== b && a.cook === b.cook && a.startMin < b.startMin + b.minutes && b.startMin < a.startMin + a.minutes;
  const stands = new Set(members.map((m) => (m.what === 'stands' ? m.itemIndex : -1)));
  const placesOfIt = places.filter((p) => members.some((m) => m.what === p));
  const bound = own.filter(
    (s) =>
      (s.kind === 'oven' && s.code !== 'preheat' && has(ofOven)) ||
      (s.code === 'bake' && stands.has(s.itemIndex)) ||
      (s.kind === 'cold' && coldRooms.some((p) => p === s.values['place']) && has(ofCold)) ||
      placesOfIt.some((p) => meetsAt(p, s, own).length > 0) ||
      (s.cook !== null && has(ofHands) && own.some((o) => meet(s, o))),
  );
  return [
    ...new Set([...named.flatMap((s) => (s ? [stepKey(s.itemIndex, { id: s.stepId })] : [])), ...bound.map(keyOf)]),
  ];
}

/** Places of a day as they take part in a clash; what bakes alone is the fan's. */
const placeOf: Record<string, 'hob' | 'room' | Place> = {
  hob: 'hob',
  fridge: 'room',
  freezer: 'room',
  ...Object.fromEntries(places.map((p) => [p, p])),
};

function memberOf(
  day: Instance,
  plans: readonly { steps: readonly { id: string; code: StepCode }[] }[],
  name: string,
): ClashMember[] {
  const [what, id] = name.split(':') as [string, string];
  const stepAt = ([key]: Point): StepOfItem | null => {
    if (key === 'serve') return null;
    const cut = key.indexOf('/');
    const itemIndex = Number(key.slice(0, cut));
    const step = plans[itemIndex]?.steps.find((s) => s.id === key.slice(cut + 1));
    return step ? { itemIndex, stepId: step.id, code: step.code } : null;
  };
  switch (what) {
    case 'lag': {
      const lag = day.lags.find((l) => l.id === id);
      return lag ? [{ what: 'order', from: stepAt(lag.from), to: stepAt(lag.to) }] : [];
    }
    case 'rest':
      return [{ what: 'stands', itemIndex: Number(id) }];
    case 'win': {
      const step = stepAt([name.slice('win:'.length), 'start']);
      return step ? [{ what: 'held', step }] : [];
    }
    case 'cap':
      return id.startsWith('pot ') ? [{ what: 'pot', cook: id.slice(4) }] : [{ what: placeOf[id] ?? 'fan' }];
    case 'shelves':
      return [{ what: 'shelves' }];
    case 'hands':
      return [{ what: 'hands' }];
    case 'oventemp':
      return [{ what: 'heats' }];
    case 'calendar':
      return [{ what: 'hours' }];
    case 'hstart':
      return [{ what: 'begin' }];
    case 'serve':
      return [{ what: 'table' }];
    default:
      return [];
  }
}
