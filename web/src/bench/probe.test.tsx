import { recalibrate, type Recalibrated } from '@crustallum/core/plan/questions/recalibrate';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { showOther } from '../devices/ofThisKitchen';
import { probe } from '../devices/probe';
import { benchStore } from './benchStore';
import { learnt, probedOf } from '../log/probed';
import { FakeServer, heading, open } from '../testing/household';
import { eventOf, runAt, runOf, stateAt, stepIndex, upTo } from '../testing/runs';
import { costOf } from './delay';
import { pulledLine, readingsOf } from './useProbe';
import { warmthNow } from './warmth';

const began = Date.now() - 3 * 60_000;
const run = runOf([['handPies', 'roughPuff']], began);
const turns = stepIndex(run, 'turns');
const stepId = run.plan.steps[turns]?.id as string;
const line = (run.plan.items[0] as (typeof run.plan.items)[0]).line;
const reading = (minute: number, valueC: number, more: object = {}) =>
  eventOf(run, 'probe', minute, { itemIndex: 0, stepId, minute, valueC, ...more });

beforeEach(() => jest.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => jest.restoreAllMocks());

describe('readings of a probe', () => {
  it('are the events that carry a number', () => {
    const events = [reading(1, 9.4), eventOf(run, 'next', 2), reading(3, 10.1)];
    expect(readingsOf(events).map((r) => r.value)).toEqual([9.4, 10.1]);
  });
  it('pull the line of their step, and what follows by what they say of the kitchen', () => {
    const now: Recalibrated = recalibrate({
      item: (run.plan.items[0] as (typeof run.plan.items)[0]).document,
      kitchen: plainKitchen,
      stepId,
      readings: [
        { minute: 1, valueC: 9.6 },
        { minute: 5, valueC: 12.8 },
      ],
    });
    const warmer = { ...line, stretches: line.stretches.map((s) => ({ ...s, value: s.value.map((v) => v + 1) })) };
    const pulled = pulledLine(line, stepId, now, warmer);
    const at = line.stretches.findIndex((s) => s.stepId === stepId);
    expect(pulled.stretches.slice(0, at)).toEqual(line.stretches.slice(0, at));
    expect(pulled.stretches[at]?.value[0]).toBe(now.value[0]);
    expect(pulled.stretches[at]?.at.at(-1)).toBeLessThanOrEqual((line.stretches[at]?.minutes ?? 0) + 1e-6);
    expect(pulled.stretches[at + 1]?.value[0]).toBe((line.stretches[at + 1]?.value[0] ?? 0) + 1);
    const state = stateAt(run, upTo(run, turns), 5);
    const moment = began + 5 * 60_000;
    expect(warmthNow(run, state, moment, pulled)?.value).toBeGreaterThan(
      warmthNow(run, state, moment)?.value as number,
    );
  });
  it('teach the kitchen half of what the last of them found, item by item', () => {
    const keeps = (value: number) => ({ keeps: { field: 'benchFactor', value } });
    const events = [reading(1, 9), reading(3, 10, keeps(1.2)), reading(5, 11, keeps(1.44))];
    expect(probedOf(events, 0)).toEqual([{ field: 'benchFactor', value: 1.44 }]);
    expect(probedOf(events, 1)).toEqual([]);
    expect(learnt(plainKitchen, probedOf(events, 0)).benchFactor).toBeCloseTo(1.2, 9);
  });
});

describe('what a cure costs the day', () => {
  const serve = Date.parse(run.plan.serveAt);
  const atTurns = stateAt(run, upTo(run, turns), 5);
  const plannedEnd = (index: number) => {
    const s = run.plan.steps[index];
    return serve + ((s?.startMin ?? 0) + (s?.minutes ?? 0)) * 60_000;
  };
  it('is later by the cure where nothing has slack, and by more where the cook is late', () => {
    const onTime = costOf(run, atTurns, plannedEnd(turns), 0, 20);
    const late = costOf(run, atTurns, plannedEnd(turns) + 30 * 60_000, 0, 20);
    expect(onTime.laterMin + onTime.freeMin).toBeGreaterThanOrEqual(20 - 1e-6);
    expect(late.laterMin).toBeCloseTo(onTime.laterMin + 30, 3);
    expect(onTime.ovenAtMin).toBeLessThan(0);
  });
  it('is free while the cook is ahead of the plan', () => {
    expect(costOf(run, atTurns, plannedEnd(turns) - 60 * 60_000, 0, 20)).toMatchObject({ laterMin: 0, freeMin: 20 });
  });
});

describe('a probe put in at the bench', () => {
  const panel = () => screen.findByRole('region', { name: 'Minutes left before the fat is too soft' });
  it('shows its degrees, keeps them with the run, and says when it is not in the pastry', async () => {
    new FakeServer();
    const read = jest.spyOn(probe, 'read').mockResolvedValue(11.3);
    await runAt(runOf([['handPies', 'roughPuff']], Date.now() - 4 * 60_000), turns);
    open('/bench');
    await heading(/^Turns/);
    fireEvent.click(screen.getByRole('button', { name: 'Probe in' }));
    expect(await within(await panel()).findByText('11.3°')).toBeTruthy();
    expect(read.mock.calls[0]?.[0]).toMatchObject({ itemIndex: 0, stepId });
    fireEvent.click(screen.getByRole('button', { name: 'Probe is in' }));
    read.mockResolvedValue(80);
    fireEvent.click(screen.getByRole('button', { name: 'Probe in' }));
    await waitFor(async () => expect((await panel()).textContent).toMatch(/It says 80°: no pastry is that warm/));
  });
  it('that shows °F is asked about and not believed; said once, it is read so', async () => {
    new FakeServer();
    const read = jest.spyOn(probe, 'read').mockResolvedValue(53);
    await runAt(runOf([['handPies', 'roughPuff']], Date.now() - 4 * 60_000), turns);
    open('/bench');
    await heading(/^Turns/);
    fireEvent.click(screen.getByRole('button', { name: 'Probe in' }));
    const doubt = await within(await panel()).findByRole('button', { name: 'It shows °F' });
    expect((await panel()).textContent).toContain('Read as °F it would be 11.7°');
    expect((await benchStore.events.toArray()).filter((e) => e.type === 'probe')).toEqual([]);
    read.mockResolvedValue(11.7);
    fireEvent.click(doubt);
    expect(await within(await panel()).findByText('11.7°')).toBeTruthy();
    act(() => showOther('probe', false));
  });
  it('that does not answer leaves the reckoning as it is', async () => {
    new FakeServer();
    jest.spyOn(probe, 'read').mockResolvedValue(null);
    await runAt(runOf([['handPies', 'roughPuff']], Date.now() - 4 * 60_000), turns);
    open('/bench');
    await heading(/^Turns/);
    fireEvent.click(screen.getByRole('button', { name: 'Probe in' }));
    expect(await within(await panel()).findByText(/It does not answer; the reckoning goes on/)).toBeTruthy();
    expect((await panel()).textContent).toContain('the fat, by reckoning');
  });
});
