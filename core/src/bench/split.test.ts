import type { RunEventInput } from '../contracts/run';
import { planBake } from '../plan/bake';
import { plainKitchen, starterItem, starterMeal } from '../plan/starters';
import { keyOf } from '../plan/steps/key';
import { offered, standingOf } from './offer';
import type { BenchPlan } from './plan';
import { lying } from './places';
import { reduce, timersOf } from './reduce';
import { canSplit, splitLot } from './split';

const items = [starterItem('handPies', 12, 'Ines')];
const kitchen = { ...plainKitchen, cooks: ['Ines'] };
const { clock } = planBake({ meal: starterMeal('2036-12-12T18:30', 12, 'Supper'), items, kitchen });
const plan: BenchPlan = { steps: clock.steps, serveAt: clock.serveAt, kitchen, items: [{}] };
const start = Date.parse('2036-12-12T12:00:00Z');
const at = (minute: number) => start + minute * 60_000;
let count = 0;
beforeEach(() => (count = 0));
const said = (type: RunEventInput['type'], minute: number, data: Record<string, unknown>): RunEventInput => ({
  id: `e${++count}`,
  type,
  at: new Date(at(minute)).toISOString(),
  data,
  device: 'a',
  sequence: count,
  lamport: count,
  cook: 'Ines',
});
const closing = plan.steps.find((s) => s.code === 'fillSeal')!;
const key = keyOf(closing);
const before = plan.steps
  .slice(0, plan.steps.indexOf(closing))
  .filter((s) => s.strand === 'pastry' || s.strand === 'filling');
/** Up to the closing, which is in hand. */
const inHand = () => [
  ...before.flatMap((s, n) => [said('begin', n, { step: keyOf(s) }), said('done', n + 0.5, { step: keyOf(s) })]),
  said('begin', 100, { step: key }),
];
const ines = { cook: 'Ines', device: 'a' };

describe('half of the pieces now, the rest after a chill', () => {
  it('loses no piece and no minute', () => {
    const split = splitLot(reduce(plan, start, inHand()), key, at(101), 25)!;
    const lots = split.steps.filter((s) => s.code === 'fillSeal');
    expect(lots).toHaveLength(2);
    expect(lots.reduce((sum, s) => sum + s.pieces, 0)).toBe(closing.pieces);
    expect(lots.reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(closing.minutes, 9);
    expect(new Set(split.steps.map(keyOf)).size).toBe(split.steps.length);
    // and each piece keeps its number: who gets which is said by it
    expect(lots.map((s) => [s.values['from'], s.values['to']])).toEqual([
      [1, 6],
      [7, 12],
    ]);
  });
  it('goes on with the first, keeps the second until it is cold, and what comes after waits for both', () => {
    const events = inHand();
    const { rest, ...made } = splitLot(reduce(plan, start, events), key, at(101), 25)!;
    const laid = said('plan', 101, { ...made });
    const chilled = said('begin', 101, { step: rest, with: laid.id });
    events.push(laid, chilled);
    const now = reduce(plan, start, events);
    expect(offered(now, ines, at(102))?.now.key).toBe(key);
    expect(timersOf(now).map((s) => s.key)).toContain(rest);
    events.push(said('done', 105, { step: key }));
    const second = `${key}~2`;
    const after = reduce(plan, start, events);
    expect(standingOf(after, second, at(106)).standing).toBe('waiting');
    expect(standingOf(after, second, at(127)).standing).toBe('ready');
    const following = after.plan.steps[after.plan.steps.findIndex((s) => keyOf(s) === second) + 1];
    const next = after.plan.steps.find(
      (s) => s.strand === 'pastry' && after.links.before.get(keyOf(s))?.includes(second),
    );
    expect(following).toBeDefined();
    expect(next).toBeDefined();
    expect(standingOf(after, keyOf(next!), at(127)).standing).toBe('blocked');
    expect(lying(after)[0]?.place).toBe('fridge');
  });
  it('counts what is closed already to the first', () => {
    const events = [...inHand(), said('piece', 101, { step: key, by: 3 })];
    const lots = splitLot(reduce(plan, start, events), key, at(102), 25)!.steps.filter((s) => s.code === 'fillSeal');
    expect(lots.map((s) => s.pieces)).toEqual([
      3 + Math.ceil((closing.pieces - 3) / 2),
      Math.floor((closing.pieces - 3) / 2),
    ]);
  });
  it('chills as long as the Cold Line says, and a usual while where it says nothing', () => {
    const now = reduce(plan, start, inHand());
    const restOf = (minutes: number | null) => {
      const split = splitLot(now, key, at(101), minutes);
      return split?.steps.find((s) => keyOf(s) === split.rest)?.minutes;
    };
    expect(restOf(33)).toBe(33);
    expect(restOf(null)).toBe(20);
  });
  it('taken back it is one lot again, and the chill with it', () => {
    const events = inHand();
    const { rest, ...made } = splitLot(reduce(plan, start, events), key, at(101), 25)!;
    const laid = said('plan', 101, { ...made });
    events.push(laid, said('begin', 101, { step: rest, with: laid.id }), said('undo', 103, { event: laid.id }));
    const now = reduce(plan, start, events);
    expect(now.steps.has(rest)).toBe(false);
    expect(now.steps.get(key)?.step.pieces).toBe(closing.pieces);
    expect(canSplit(now, key)).toBe(true);
  });
  it('is not offered of a wait, of what is one job, or of a lot with another behind it', () => {
    const now = reduce(plan, start, inHand());
    for (const s of plan.steps)
      if (s.pieces < 4 || s.kind === 'cold') expect(splitLot(now, keyOf(s), at(101), 25)).toBeNull();
    const { rest, ...made } = splitLot(now, key, at(101), 25)!;
    const twice = reduce(plan, start, [...inHand(), said('plan', 101, { ...made })]);
    expect(canSplit(twice, key)).toBe(false);
    expect(canSplit(twice, rest)).toBe(false);
  });
  it('the last lot goes in two again, while it has pieces enough, and none is lost or counted twice', () => {
    const events = inHand();
    const into = (key: string, minute: number) => {
      const made = splitLot(reduce(plan, start, events), key, at(minute), 10);
      if (!made) return null;
      const { rest, ...laid } = made;
      const said1 = said('plan', minute, { ...laid });
      events.push(said1, said('begin', minute, { step: rest, with: said1.id }));
      return made;
    };
    into(key, 101);
    events.push(said('done', 105, { step: key }));
    const again = into(`${key}~2`, 116)!;
    const lots = again.steps.filter((s) => s.code === 'fillSeal');
    expect(lots.map((s) => s.values['lot'])).toEqual([1, 2, 3]);
    expect(lots.every((s) => s.values['lots'] === 3)).toBe(true);
    expect(lots.map((s) => [s.values['from'], s.values['to']])).toEqual([
      [1, 6],
      [7, 9],
      [10, 12],
    ]);
    expect(lots.reduce((sum, s) => sum + s.pieces, 0)).toBe(closing.pieces);
    expect(new Set(again.steps.map(keyOf)).size).toBe(again.steps.length);
    // three pieces are no lot of their own to be shared out once more
    expect(canSplit(reduce(plan, start, events), `${key}~3`)).toBe(false);
  });
});
