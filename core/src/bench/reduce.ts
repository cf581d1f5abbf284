import type { RunEventInput } from '../contracts/run';
import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { named } from './oldEvents';
import { happenedAt, ordered, standing } from './order';
import { isWait, linksOf, type BenchPlan, type Links } from './plan';

export interface Pressed {
  event: string;
  /** By the clock of the house, ms. */
  at: number;
  cook: string;
  device: string;
}

export interface InTheCold {
  since: number;
  minutes: number | null;
  at: number[];
  value: number[];
}

export interface StepNow {
  step: TimedStep;
  key: string;
  /** In whose row it stands now. */
  cook: string;
  begun: Pressed | null;
  done: Pressed | null;
  skipped: (Pressed & { why: string }) | null;
  /** Put aside since then, ms. */
  parked: number | null;
  pieces: number;
  /** The piece in hand is back in the cold (or under its cloth) since then; the curve is the reckoned cure. */
  cold: InTheCold | null;
  /** Since when the piece warms again after the cold, and at which minute of its stretch; null where it never went back. */
  warming: { since: number; minute: number } | null;
  /** Minutes a wait lasts: the plan's, or as it was set or seen since. */
  minutes: number;
}

/** A timer or a thing to do that is in no plan. */
export interface Added {
  id: string;
  event: string;
  words: string;
  cook: string;
  at: number;
  endsAt: number | null;
  over: boolean;
}

export interface Note {
  event: string;
  at: number;
  cook: string;
  words: string;
  afterTheEnd: boolean;
}

export interface RunNow {
  /** The plan as it stands, with what was accepted since. */
  plan: BenchPlan;
  links: Links;
  steps: ReadonlyMap<string, StepNow>;
  added: readonly Added[];
  notes: readonly Note[];
  /** Everything that stands, in the order every device agrees on. */
  events: readonly RunEventInput[];
  finishedAt: number | null;
  /** The largest Lamport number seen. */
  lamport: number;
}

/**
 * The state of a run: one pure function of its plan and its events, the same on every device. The events may come in any order,
 * any of them twice; what is not understood changes nothing.
 * @param plan the copy the run was begun from
 * @param startedAt when, ms
 */
export function reduce(plan: BenchPlan, startedAt: number, events: readonly RunEventInput[]): RunNow {
  const all = ordered(events);
  const told = named(plan, startedAt, all);
  // ended when it was first ended
  const finish = told
    .filter((e) => e.type === 'finish')
    .reduce<RunEventInput | null>((first, e) => (first && happenedAt(first) <= happenedAt(e) ? first : e), null);
  const finishedAt = finish ? happenedAt(finish) : null;
  const late = (e: RunEventInput) => finishedAt !== null && e !== finish && happenedAt(e) > finishedAt;
  const stand = standing(told.filter((e) => !late(e)));
  const laid = relaid(plan, stand);
  const links = linksOf(laid);
  const steps = new Map(
    laid.steps.map((step): [string, StepNow] => {
      const key = keyOf(step);
      const cook = links.cook.get(key) ?? '';
      return [key, { ...untouched, step, key, cook, minutes: step.minutes }];
    }),
  );
  const added = new Map<string, Added>();
  const notes: Note[] = [];
  for (const e of stand) happen(e, steps, added, notes);
  for (const e of told) if (late(e) && e.type === 'note') notes.push({ ...noteOf(e), afterTheEnd: true });
  endWaits(steps, links);
  passTends(steps);
  const lamport = all.reduce((most, e) => Math.max(most, e.lamport ?? 0), 0);
  return { plan: laid, links, steps, added: [...added.values()], notes, events: stand, finishedAt, lamport };
}

const untouched = {
  begun: null,
  done: null,
  skipped: null,
  parked: null,
  pieces: 0,
  cold: null,
  warming: null,
} satisfies Partial<StepNow>;

/** The plan with the last one that was accepted in its place. */
function relaid(plan: BenchPlan, stand: readonly RunEventInput[]): BenchPlan {
  const made = stand.findLast((e) => e.type === 'plan')?.data;
  if (!made) return plan;
  const steps = Array.isArray(made['steps']) ? (made['steps'] as TimedStep[]) : plan.steps;
  const serveAt = typeof made['serveAt'] === 'string' ? made['serveAt'] : plan.serveAt;
  return { ...plan, steps, serveAt };
}

/** What an event says of itself in words; nothing where it says none. */
const text = (e: RunEventInput, field: string): string => {
  const said = e.data[field];
  return typeof said === 'string' ? said : '';
};
const pressedBy = (e: RunEventInput): Pressed => ({
  event: e.id,
  at: happenedAt(e),
  cook: e.cook ?? '',
  device: e.device ?? '',
});
const earlier = (known: Pressed | null, e: RunEventInput): Pressed => {
  const now = pressedBy(e);
  return known && known.at <= now.at ? known : now;
};
const noteOf = (e: RunEventInput): Note => ({
  event: e.id,
  at: happenedAt(e),
  cook: e.cook ?? '',
  words: text(e, 'words'),
  afterTheEnd: false,
});

/** What one event does; those of one kind on one step give the same in any order but where the last word holds. */
function happen(e: RunEventInput, steps: Map<string, StepNow>, added: Map<string, Added>, notes: Note[]): void {
  const at = happenedAt(e);
  const s = steps.get(text(e, 'step'));
  switch (e.type) {
    case 'begin':
      if (!s || (s.done && !e.data['repeat'])) return;
      if (e.data['repeat']) Object.assign(s, { ...untouched, step: s.step, minutes: s.step.minutes });
      s.begun = earlier(s.begun, e);
      s.parked = null;
      if (e.cook) s.cook = e.cook;
      return;
    case 'done':
      if (!s) return;
      s.done = earlier(s.done, e);
      s.begun ??= s.done;
      s.parked = null;
      return;
    case 'skip':
      if (s) s.skipped ??= { ...pressedBy(e), why: text(e, 'why') };
      return;
    case 'hand':
      if (s) s.cook = text(e, 'cook') || s.cook;
      return;
    case 'park':
      if (s && s.begun && !s.done) s.parked = at;
      return;
    case 'piece':
      if (s) s.pieces = Math.max(0, s.pieces + Number(e.data['by'] ?? 1));
      return;
    case 'cold':
      if (!s) return;
      if (e.data['into']) s.cold = { since: at, ...(e.data['cure'] as Omit<InTheCold, 'since'>) };
      else {
        s.cold = null;
        s.warming = { since: at, minute: Number(e.data['minute'] ?? 0) };
      }
      return;
    case 'timer': {
      const other = added.get(text(e, 'id'));
      const endsAt = Number(e.data['endsAt']);
      if (s?.begun && Number.isFinite(endsAt)) s.minutes = Math.max(0, (endsAt - s.begun.at) / 60_000);
      else if (other && e.data['stopped']) other.over = true;
      else if (other && Number.isFinite(endsAt)) other.endsAt = endsAt;
      return;
    }
    case 'look': {
      // what was seen moves the rest of that bake
      const baking = [...steps.values()].find(
        ({ step }) => step.code === 'bake' && step.itemIndex === Number(e.data['itemIndex']),
      );
      if (baking && typeof e.data['outMin'] === 'number') baking.minutes = e.data['outMin'];
      return;
    }
    case 'added': {
      const minutes = e.data['minutes'];
      const endsAt = typeof minutes === 'number' ? at + minutes * 60_000 : null;
      const words = text(e, 'words');
      const id = text(e, 'id') || e.id;
      added.set(id, { id, event: e.id, words, cook: e.cook ?? '', at, endsAt, over: false });
      return;
    }
    case 'note':
      notes.push(noteOf(e));
      return;
    default:
      return;
  }
}

/** A wait that nobody ended is over when what follows it was begun; a moment at the oven door ends no bake. */
function endWaits(steps: ReadonlyMap<string, StepNow>, links: Links): void {
  for (const [key, before] of links.before) {
    const after = steps.get(key);
    if (!after?.begun || after.step.kind === 'tend') continue;
    for (const b of before) {
      const wait = steps.get(b);
      if (wait?.begun && isWait(wait.step) && (!wait.done || wait.done.at > after.begun.at))
        wait.done = { ...after.begun, at: Math.max(wait.begun.at, after.begun.at) };
    }
  }
}

/** A moment at a bake that is over has passed: nobody is asked for it any more. */
function passTends(steps: ReadonlyMap<string, StepNow>): void {
  for (const s of steps.values()) {
    if (s.step.kind !== 'tend' || s.begun || s.done || !s.step.during) continue;
    const host = steps.get(keyOf({ itemIndex: s.step.itemIndex, id: s.step.during.stepId }));
    if (host?.done) s.skipped ??= { ...host.done, why: passed };
  }
}
/** Nobody left it out: its moment is over. */
export const passed = 'passed';

/** When a wait that was begun is over by its clock, ms. */
export const endsAt = (s: StepNow): number => (s.begun?.at ?? 0) + s.minutes * 60_000;

/** Waits that go on: begun, and not taken out. */
export const timersOf = (now: RunNow): StepNow[] =>
  [...now.steps.values()].filter((s) => isWait(s.step) && s.begun && !s.done && !s.skipped);

/** Over for those that come after it: done, left out, or a wait that has begun. */
export const isOver = (s: StepNow): boolean =>
  s.done !== null || s.skipped !== null || (isWait(s.step) && s.begun !== null);
