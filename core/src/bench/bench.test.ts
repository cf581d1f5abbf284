import { runs } from '../testing/sampled';
import fc from 'fast-check';
import { benchEventTypes, type RunEventInput } from '../contracts/run';
import { planBake } from '../plan/bake';
import { plainKitchen, starterItem, starterMeal } from '../plan/starters';
import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { offered, standingOf, others, allDone } from './offer';
import { isWait, type BenchPlan } from './plan';
import { outlookOf } from './late';
import { lying } from './places';
import { endsAt, isOver, reduce, timersOf, type RunNow } from './reduce';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Ravi'], scales: 2 };
const items = [starterItem('potPies', 8, 'Ines'), starterItem('dishPie', 8, 'Ravi')];
const { clock } = planBake({ meal: starterMeal('2036-12-12T18:30', 8, 'Supper'), items, kitchen });
const plan: BenchPlan = { steps: clock.steps, serveAt: clock.serveAt, kitchen, items: [{}, {}] };
const start = Date.parse('2036-12-12T12:00:00Z');
const keys = plan.steps.map(keyOf);
const key = (code: string, itemIndex: number) =>
  keyOf(plan.steps.find((s) => s.code === code && s.itemIndex === itemIndex)!);

let count = 0;
beforeEach(() => (count = 0));
const said = (
  type: RunEventInput['type'],
  minute: number,
  data: Record<string, unknown> = {},
  more: Partial<RunEventInput> = {},
) => {
  count++;
  return {
    id: `e${count}`,
    type,
    at: new Date(start + minute * 60_000).toISOString(),
    data,
    device: 'a',
    sequence: count,
    lamport: count,
    cook: 'Ines',
    ...more,
  };
};
const after = (...events: RunEventInput[]): RunNow => reduce(plan, start, events);
const at = (minute: number) => start + minute * 60_000;
const ines = { cook: 'Ines', device: 'a' };
const ravi = { cook: 'Ravi', device: 'b' };

/** Goes through a row, everything as it is offered, to where a step of this code would be begun. */
function through(
  code: string,
  itemIndex: number,
  asking = { cook: null as string | null, device: 'a' },
): RunEventInput[] {
  const events: RunEventInput[] = [];
  for (let n = 0; n < 200; n++) {
    const minute = n;
    const o = offered(after(...events), asking, at(10_000));
    if (!o || (o.now.step.code === code && o.now.step.itemIndex === itemIndex)) break;
    events.push(said('begin', minute, { step: o.now.key }));
    if (!isWait(o.now.step)) events.push(said('done', minute + 0.5, { step: o.now.key }));
  }
  return events;
}

describe('a run of two cooks', () => {
  it('offers each cook the first thing of their own row', () => {
    const first = (asking: typeof ines) => offered(after(), asking, at(0))?.now;
    expect(first(ines)?.cook).toBe('Ines');
    expect(first(ravi)?.cook).toBe('Ravi');
    expect(first(ines)?.key).not.toBe(first(ravi)?.key);
  });
  it('goes to its end through what is offered, everything of both rows once', () => {
    const events = through('nothing', 9);
    expect(allDone(after(...events))).toBe(true);
    const worked = events.filter((e) => e.type === 'begin').map((e) => e.data['step']);
    // a moment at a bake that was out by then is nobody's any more
    const own = plan.steps.filter((s) => s.kind !== 'tend').map(keyOf);
    expect(own.filter((k) => !worked.includes(k))).toEqual([]);
    expect(new Set(worked).size).toBe(worked.length);
  });
  it('offers the cold before anything else to what has just been worked', () => {
    const events = through('rest', 0);
    expect(offered(after(...events), { cook: null, device: 'a' }, at(300))?.now.key).toBe(key('rest', 0));
  });
  it('counts nothing before it is ready, and fills the wait with what fits it', () => {
    const events = [...through('rest', 1), said('begin', 100, { step: key('rest', 1) })];
    const now = after(...events);
    const divide = standingOf(now, key('divide', 1), at(101));
    expect(divide.standing).toBe('waiting');
    expect(divide.readyAt).toBe(at(100) + 30 * 60_000);
    expect(divide.waitsFor?.key).toBe(key('rest', 1));
    const meanwhile = offered(now, { cook: null, device: 'a' }, at(101));
    expect(meanwhile?.standing).toBe('ready');
    expect(meanwhile?.now.step.minutes).toBeLessThanOrEqual(29);
    expect(standingOf(now, key('divide', 1), at(130)).standing).toBe('ready');
  });
  it('a pot put aside waits for hands, and is gone on with by beginning it again', () => {
    const begun = [said('begin', 1, { step: key('weigh', 0) })];
    const parked = [...begun, said('park', 2, { step: key('weigh', 0) })];
    expect(offered(after(...begun), ines, at(3))?.standing).toBe('inHand');
    expect(offered(after(...parked), ines, at(3))?.now.key).not.toBe(key('weigh', 0));
    expect(others(after(...parked), ines, at(3))[0]?.now.key).toBe(key('weigh', 0));
    const again = after(...parked, said('begin', 5, { step: key('weigh', 0) }));
    expect(offered(again, ines, at(6))?.now.begun?.at).toBe(at(1));
  });
  it('a step handed over stands in the other row, one taken over is whose hands are at it', () => {
    const handed = after(said('hand', 1, { step: key('weigh', 0), cook: 'Ravi' }));
    expect(handed.steps.get(key('weigh', 0))?.cook).toBe('Ravi');
    const taken = after(said('begin', 1, { step: key('weigh', 0) }, { cook: 'Ravi', device: 'b' }));
    expect(offered(taken, ravi, at(2))?.now.key).toBe(key('weigh', 0));
  });
  it('what was left out keeps nobody waiting, and comes back when that is undone', () => {
    const skipped = said('skip', 1, { step: key('weigh', 0), why: 'weighed yesterday' });
    expect(standingOf(after(skipped), key('mix', 0), at(2)).standing).toBe('ready');
    const undone = after(skipped, said('undo', 2, { event: skipped.id }));
    expect(standingOf(undone, key('mix', 0), at(3)).standing).toBe('blocked');
  });
  it('undoing an undo is the event again, and what came along with it goes with it', () => {
    const done = said('done', 5, { step: key('weigh', 0) });
    const along = said('begin', 5, { step: key('mix', 0), with: done.id });
    const undo = said('undo', 6, { event: done.id });
    expect(after(done, along, undo).steps.get(key('mix', 0))?.begun).toBeNull();
    const again = after(done, along, undo, said('undo', 7, { event: undo.id }));
    expect(again.steps.get(key('mix', 0))?.begun).not.toBeNull();
  });
  it('two presses on one step count once, by the earlier of the two clocks put right', () => {
    const mine = said('done', 30, { step: key('weigh', 0) });
    const theirs = said('done', 90, { step: key('weigh', 0) }, { device: 'b', skewMs: -62 * 60_000 });
    expect(after(mine, theirs).steps.get(key('weigh', 0))?.done?.at).toBe(at(28));
  });
  it('taken back it is not done, at whichever screen it was pressed too', () => {
    const mine = said('done', 30, { step: key('weigh', 0) });
    const theirs = said('done', 30, { step: key('weigh', 0) }, { device: 'b' });
    const back = said('undo', 31, { event: mine.id });
    expect(after(mine, theirs, back).steps.get(key('weigh', 0))?.done).toBeNull();
    const again = said('done', 32, { step: key('weigh', 0) }, { device: 'b' });
    expect(after(mine, theirs, back, again).steps.get(key('weigh', 0))?.done?.at).toBe(at(32));
  });
  it('a bake taken out early is asked about: its standing waits for it', () => {
    const events = [...through('bake', 1), said('begin', 200, { step: key('bake', 1) })];
    expect(standingOf(after(...events), key('stand', 1), at(210)).standing).toBe('waiting');
    expect(timersOf(after(...events)).map((s) => s.key)).toContain(key('bake', 1));
  });
  it('a look moves the end of its bake, and a timer set anew moves its own', () => {
    const into = [...through('bake', 1), said('begin', 200, { step: key('bake', 1) })];
    const seen = after(...into, said('look', 230, { itemIndex: 1, outMin: 70 }));
    expect(endsAt(seen.steps.get(key('bake', 1))!)).toBe(at(270));
    const set = after(...into, said('timer', 230, { step: key('bake', 1), endsAt: at(255) }));
    expect(endsAt(set.steps.get(key('bake', 1))!)).toBe(at(255));
  });
  it('a plan accepted meanwhile keeps what was done', () => {
    const done = [said('begin', 0, { step: key('weigh', 0) }), said('done', 9, { step: key('weigh', 0) })];
    const moved = plan.steps.map((s) => ({ ...s, startMin: s.startMin + 15 }));
    const now = after(...done, said('plan', 10, { steps: moved, serveAt: '2036-12-12T18:45' }));
    expect(now.plan.serveAt).toBe('2036-12-12T18:45');
    expect(now.steps.get(key('weigh', 0))?.done?.at).toBe(at(9));
  });
  it('a finished run is changed by nothing that comes after, but by what happened before its end', () => {
    const end = said('finish', 60);
    const later = said('begin', 61, { step: key('weigh', 0) });
    const before = said('begin', 59, { step: key('weigh', 0) }, { device: 'b', lamport: 99 });
    expect(after(end, later).steps.get(key('weigh', 0))?.begun).toBeNull();
    expect(after(end, said('note', 70, { words: 'good' })).notes).toMatchObject([{ words: 'good', afterTheEnd: true }]);
    expect(after(end, before).steps.get(key('weigh', 0))?.begun?.at).toBe(at(59));
  });
});

const device = fc.constantFrom('a', 'b', 'c');
const anyEvent = fc.record({
  type: fc.constantFrom(...benchEventTypes.filter((t) => t !== 'plan')),
  device,
  cook: fc.constantFrom('Ines', 'Ravi', ''),
  minute: fc.integer({ min: 0, max: 400 }),
  step: fc.integer({ min: 0, max: keys.length - 1 }),
  n: fc.integer({ min: -2, max: 9 }),
});
/** What three devices with clocks hours apart write of one day. */
const written = fc
  .tuple(fc.array(anyEvent, { maxLength: 40 }), fc.record({ a: fc.integer(), b: fc.integer(), c: fc.integer() }))
  .map(([list, skews]) =>
    list.map(({ type, device: d, cook, minute, step, n }, i): RunEventInput => {
      const skewMs = (skews[d as 'a'] % 6) * 3_600_000;
      const data = {
        step: keys[step],
        by: 1,
        into: n > 3,
        cure: { minutes: 10, at: [0, 10], value: [16, 12] },
        event: `e${Math.max(0, i - Math.abs(n) - 1)}`,
        cook: 'Ravi',
        itemIndex: 1,
        outMin: 50 + n,
        words: 'a word',
        minutes: 5,
      };
      const at = new Date(start + minute * 60_000 - skewMs).toISOString();
      return { id: `e${i}`, type, at, data, device: d, sequence: i, lamport: 1 + Math.floor(i / 2), skewMs, cook };
    }),
  );
const told = (now: RunNow) =>
  JSON.stringify([[...now.steps.values()], now.added, now.notes, now.finishedAt, lying(now)]);

describe('events of several devices', () => {
  it('give the same state in any order, however often each comes', () => {
    fc.assert(
      fc.property(written, fc.infiniteStream(fc.nat()), (events, random) => {
        const whole = told(after(...events));
        const shuffled = [...events, ...events.slice(0, 7)]
          .map((e) => ({ e, by: random.next().value as number }))
          .sort((x, y) => x.by - y.by)
          .map(({ e }) => e);
        expect(told(after(...shuffled))).toBe(whole);
      }),
      { numRuns: runs(2000, 300) },
    );
  });
  it('have each thing in one place at any time', () => {
    fc.assert(
      fc.property(written, (events) => {
        const things = lying(after(...events)).map((l) => `${l.itemIndex} ${l.strand}`);
        expect(new Set(things).size).toBe(things.length);
      }),
      { numRuns: 200 },
    );
  });
  it('always leave something to offer until everything is over', () => {
    fc.assert(
      fc.property(written, (events) => {
        const now = after(...events.filter((e) => e.type !== 'finish'));
        const rows = [ines, ravi].map((who) => offered(now, who, at(500)));
        const left = [...now.steps.values()].some((s) => !isOver(s) && s.parked === null);
        expect(rows.some((o) => o !== null)).toBe(left);
      }),
      { numRuns: 300 },
    );
  });
});

describe('the rest of a day that runs late', () => {
  const table = new Date(plan.serveAt).getTime();
  const planned = (k: string) => plan.steps.find((s) => keyOf(s) === k)!;
  /** Everything up to a step done as it was planned, and that step in hand since its planned time plus so much. */
  const lateBy = (minutes: number) => {
    const first = plan.steps.find((s) => s.cook !== null)!;
    const from = table + first.startMin * 60_000;
    const begun = { ...said('begin', 0, { step: keyOf(first) }), at: new Date(from).toISOString() };
    return { now: reduce(plan, from, [begun]), atMs: from + (first.minutes + minutes) * 60_000, first };
  };
  it('is as planned where nothing is late', () => {
    const { now, atMs } = lateBy(-1);
    const o = outlookOf(now, atMs);
    expect(o.tableThen).toBe(table);
    expect(o.slips).toEqual([]);
    expect(o.plan.serveAt).toBe(plan.serveAt);
    for (const s of o.plan.steps) expect(s.startMin).toBeCloseTo(planned(keyOf(s)).startMin, 3);
  });
  it('slips by no more than it is late, and what is laid anew keeps every order and every hand', () => {
    const { now, atMs } = lateBy(40);
    const o = outlookOf(now, atMs);
    expect(o.tableThen).toBeGreaterThan(table);
    expect(o.tableThen - table).toBeLessThanOrEqual(40 * 60_000);
    for (const { byMin } of o.slips) expect(byMin).toBeLessThanOrEqual(40 + 1e-6);
    const after = reduce({ ...plan, ...o.plan }, start, []);
    for (const [k, before] of after.links.before) {
      const s = after.steps.get(k)!.step;
      for (const b of before) {
        const prior = after.steps.get(b)!.step;
        if (s.kind !== 'tend') expect(prior.startMin + prior.minutes).toBeLessThanOrEqual(s.startMin + 1e-6);
      }
    }
    const hands = [...o.plan.steps]
      .filter((s) => s.cook === 'Ines' && s.kind !== 'tend')
      .sort((a, b) => a.startMin - b.startMin);
    hands
      .slice(1)
      .forEach((s, i) => expect(hands[i].startMin + hands[i].minutes).toBeLessThanOrEqual(s.startMin + 1e-6));
  });
  it('is taken up by waits that need less than they were given', () => {
    const { now, atMs } = lateBy(40);
    const shorter = outlookOf(now, atMs, (s) => (s.step.kind === 'cold' ? s.step.minutes / 3 : null));
    expect(shorter.tableThen).toBeLessThan(outlookOf(now, atMs).tableThen);
  });
});

describe('a run that nothing held up', () => {
  const three = [
    starterItem('handPies', 12, 'Ines', 'roughPuff'),
    starterItem('dishPie', 8, 'Ravi'),
    starterItem('filoCoil', 8, 'Ines'),
  ];
  it.each([{ laid: 'asLate' }, { laid: 'searched' }, { together: true }, {}] as const)(
    'comes to the table in time, its day laid %j: what is done beside a pot waits for no pot',
    (way) => {
      const meal = { ...starterMeal('2036-12-12T18:30', 8, 'Supper'), ...way };
      const { steps, serveAt, startMin } = planBake({ meal, items: three, kitchen }).clock;
      const table = new Date(serveAt).getTime();
      const begun = table + (startMin - 30) * 60_000;
      const o = outlookOf(reduce({ steps, serveAt, kitchen, items: [{}, {}, {}] }, begun, []), begun);
      expect((o.tableThen - table) / 60_000).toBeLessThan(2);
      expect(o.slips.filter((s) => s.byMin > 2)).toEqual([]);
    },
  );
});

describe('work that the plan has beside a pot', () => {
  const pot: TimedStep = {
    ...(plan.steps.find((s) => s.kind === 'hob') as TimedStep),
    itemIndex: 0,
    cook: 'Ines',
    startMin: -200,
    minutes: 40,
  };
  const weigh: TimedStep = {
    ...(plan.steps.find((s) => s.code === 'weigh') as TimedStep),
    itemIndex: 1,
    cook: 'Ines',
    startMin: -190,
    minutes: 10,
  };
  const beside = (steps: TimedStep[], ...events: RunEventInput[]) => reduce({ ...plan, steps }, start, events);
  it('is offered when it is due there, and the pot again when it is done, or when its own time is up', () => {
    const events = [said('begin', 0, { step: keyOf(pot) })];
    const calls = (minute: number, ...more: RunEventInput[]) =>
      offered(beside([pot, weigh], ...events, ...more), ines, at(minute))?.now.step.code;
    expect(calls(5)).toBe('cookFilling');
    expect(calls(11)).toBe('weigh');
    const begun = said('begin', 11, { step: keyOf(weigh) });
    expect(calls(12, begun)).toBe('weigh');
    expect(calls(22, begun, said('done', 21, { step: keyOf(weigh) }))).toBe('cookFilling');
    expect(calls(41)).toBe('cookFilling');
  });
  it('is not what the plan has after it, or for another', () => {
    const events = [said('begin', 0, { step: keyOf(pot) })];
    for (const other of [
      { ...weigh, startMin: -160 },
      { ...weigh, cook: 'Ravi' },
    ])
      expect(offered(beside([pot, other], ...events), ines, at(30))?.now.step.code).toBe('cookFilling');
  });
});
