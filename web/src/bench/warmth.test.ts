import type { RunEventType } from '@crustallum/core/contracts/run';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { eventOf, runOf, stateAt, stepIndex, upTo as setTo } from '../testing/runs';
import { isWait, sealedShare, type BenchEvent } from './run';
import { callsBetween, warmthNow } from './warmth';

const began = Date.parse('2026-12-12T09:00:00.000Z');
const run = runOf([['handPies', 'roughPuff'], ['filoCoil']], began);
const event = (type: RunEventType, minute: number, data: Record<string, unknown> = {}): BenchEvent =>
  eventOf(run, type, minute, data);
const indexOf = (code: string) => stepIndex(run, code);
/** Everything up to a step at minute nought, then what follows at that step. */
const upTo = (index: number, ...more: BenchEvent[]) => {
  const set = setTo(run, index);
  const step = run.plan.steps[index];
  const since = more.map((e, i) => ({
    ...e,
    data: { ...(step ? { step: keyOf(step) } : {}), ...e.data },
    lamport: set.length + 1 + i,
  }));
  return stateAt(run, [...set, ...since], 25);
};
const at = (minute: number) => began + minute * 60_000;
const rolling = indexOf('rollOut');

describe('the fat in hand', () => {
  it('warms minute by minute and has fewer left', () => {
    const state = upTo(rolling);
    const [early, late] = [warmthNow(run, state, at(1)), warmthNow(run, state, at(6))];
    expect(late?.value).toBeGreaterThan(early?.value as number);
    expect((early?.leftMin as number) - (late?.leftMin as number)).toBeCloseTo(5, 6);
  });
  it('is past the band when its minutes are spent, and goes on warming', () => {
    const state = upTo(rolling);
    const leaves = warmthNow(run, state, at(0))?.leftMin as number;
    const past = warmthNow(run, state, at(leaves + 4));
    expect(past).toMatchObject({ feel: 'warm' });
    expect(past?.leftMin).toBeCloseTo(-4, 2);
    expect(past?.value).toBeGreaterThan(run.plan.items[0]?.line.band.high as number);
  });
  it('falls in the cold along the reckoned cure', () => {
    const cure = { minutes: 10, at: [0, 10], value: [18, 12] };
    const state = upTo(rolling, event('cold', 20, { into: true, cure }));
    expect(warmthNow(run, state, at(25))).toMatchObject({ feel: 'cold', value: 15 });
  });
  it('goes on from where the cold left it', () => {
    const cure = { minutes: 10, at: [0, 10], value: [18, 12] };
    const into = event('cold', 20, { into: true, cure });
    const cold = warmthNow(run, upTo(rolling, into), at(30));
    const out = event('cold', 30, { into: false, minute: cold?.minute });
    const back = warmthNow(run, upTo(rolling, into, out), at(30));
    expect(back?.value).toBeCloseTo(cold?.value as number, 1);
    expect(back?.leftMin).toBeGreaterThan(warmthNow(run, upTo(rolling), at(30))?.leftMin as number);
  });
  it('is told to stand while it is colder than it can be worked', () => {
    const state = upTo(rolling);
    const now = warmthNow(run, state, at(0.1));
    const low = run.plan.items[0]?.line.band.low as number;
    expect((now?.value as number) < low).toBe((now?.standMin as number) > 0);
    const later = warmthNow(run, state, at((now?.standMin ?? 0) + 0.2));
    expect(later?.feel).toBe('works');
  });
  it('is not asked about while everything waits', () => {
    const waiting = run.plan.steps.findIndex(isWait);
    expect(warmthNow(run, upTo(waiting), at(3))).toBeNull();
  });
  it('dries instead, for a leaf', () => {
    const state = upTo(indexOf('brushStack'));
    const [early, late] = [warmthNow(run, state, at(0.5)), warmthNow(run, state, at(4))];
    expect(late?.value).toBeLessThan(early?.value as number);
  });
  it('starts anew with the next step', () => {
    const cure = { minutes: 10, at: [0, 10], value: [18, 9] };
    const next = run.plan.steps.findIndex((s, i) => i > rolling && s.kind === 'bench');
    const begun = event('begin', 21, { step: keyOf(run.plan.steps[next] as (typeof run.plan.steps)[0]) });
    const moved = upTo(rolling, event('cold', 20, { into: true, cure }), event('done', 21), begun);
    expect(moved.cold).toBeNull();
    expect(moved.warming).toEqual({ since: at(21), minute: 0 });
  });
});

describe('the calls', () => {
  it('come once at three minutes and once at one', () => {
    expect(callsBetween(3.2, 2.9)).toBe(1);
    expect(callsBetween(2.9, 2.5)).toBe(0);
    expect(callsBetween(1.01, 0.99)).toBe(1);
    expect(callsBetween(4, 0.5)).toBe(2);
  });
  it('do not come when minutes are won back', () => expect(callsBetween(0.5, 8)).toBe(0));
});

describe('the lanterns of Today', () => {
  it('are dark before the first pie is closed and all lit after the last', () => {
    expect(sealedShare(upTo(0).now)).toBe(0);
    expect(sealedShare(upTo(run.plan.steps.length).now)).toBe(1);
  });
  it('never go out while work goes forward', () => {
    let before = 0;
    for (let i = 0; i <= run.plan.steps.length; i++) {
      const share = sealedShare(upTo(i).now);
      expect(share).toBeGreaterThanOrEqual(before);
      before = share;
    }
  });
  it('count the pieces of the step in hand', () => {
    const filling = indexOf('fillSeal');
    const share = sealedShare(upTo(filling, event('piece', 1, { by: 1 })).now);
    expect(share).toBeGreaterThan(sealedShare(upTo(filling).now));
  });
});
