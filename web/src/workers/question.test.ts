import { graceMs, longestMs, question } from './question';
import * as line from '../workers/planner';

jest.mock('../workers/planner', () => {
  const real = jest.requireActual<typeof line>('../workers/planner');
  return { ...real, secondPlanner: jest.fn(real.secondPlanner), endSecondPlanner: jest.fn() };
});

const never = () => new Promise<never>(() => undefined);
afterEach(() => jest.useRealTimers());

describe('a question beside the plan', () => {
  it('is answered by its model', async () => {
    const answer = await question('cutting.targets', { M: 100, N: 3 });
    expect(answer).toEqual({ ok: true, value: [34, 33, 33] });
  });
  it('with bad input is answered with what is wrong', async () => {
    const answer = await question('cutting.targets', { M: 1, N: 3 });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'M' }] });
  });
  it('that takes too long is given up with its worker, and says so', async () => {
    jest.useFakeTimers();
    jest.mocked(line.secondPlanner).mockReturnValueOnce({ rules: () => Promise.resolve({}), compute: never } as never);
    const asked = question('plan.remedies', {});
    await jest.advanceTimersByTimeAsync(longestMs - 1);
    expect(line.endSecondPlanner).not.toHaveBeenCalled();
    await jest.advanceTimersByTimeAsync(2);
    expect(await asked).toBeNull();
    expect(line.endSecondPlanner).toHaveBeenCalledTimes(1);
  });
  it('waits for the one before, and its own time runs from when it is put', async () => {
    jest.useFakeTimers();
    const slow = { rules: () => Promise.resolve({}), compute: never };
    jest.mocked(line.secondPlanner).mockReturnValueOnce(slow as never);
    const [first, second] = [question('plan.remedies', {}), question('cutting.targets', { M: 100, N: 3 })];
    await jest.advanceTimersByTimeAsync(longestMs + 2);
    expect(await first).toBeNull();
    expect(await second).toEqual({ ok: true, value: [34, 33, 33] });
  });
  it('that was taken back while it waited is not put at all', async () => {
    jest.useFakeTimers();
    const slow = { rules: () => Promise.resolve({}), compute: never };
    jest
      .mocked(line.secondPlanner)
      .mockClear()
      .mockReturnValueOnce(slow as never);
    const gone = new AbortController();
    const [first, second] = [question('plan.remedies', {}), question('plan.remedies', {}, gone.signal)];
    gone.abort();
    await jest.advanceTimersByTimeAsync(longestMs + 2);
    expect([await first, await second]).toEqual([null, null]);
    expect(line.secondPlanner).toHaveBeenCalledTimes(1);
  });
  it('that is taken back while it is worked at does not hold up the next for long', async () => {
    jest.useFakeTimers();
    const slow = { rules: () => Promise.resolve({}), compute: never };
    jest.mocked(line.secondPlanner).mockReturnValueOnce(slow as never);
    const gone = new AbortController();
    const [first, second] = [question('plan.remedies', {}, gone.signal), question('cutting.targets', { M: 100, N: 3 })];
    await jest.advanceTimersByTimeAsync(1);
    gone.abort();
    await jest.advanceTimersByTimeAsync(graceMs + 1);
    expect(await first).toBeNull();
    expect(await second).toEqual({ ok: true, value: [34, 33, 33] });
  });
  it('whose worker has a fault is answered with that', async () => {
    const broken = { rules: () => Promise.resolve({}), compute: () => Promise.reject(new Error('a fault of ours')) };
    jest.mocked(line.secondPlanner).mockReturnValueOnce(broken as never);
    expect(await question('plan.remedies', {})).toMatchObject({ ok: false, errors: [{ code: 'fault' }] });
  });
  it('to a worker that never starts ends too', async () => {
    jest.useFakeTimers();
    jest.mocked(line.secondPlanner).mockReturnValueOnce({ rules: never, compute: never } as never);
    const asked = question('plan.remedies', {});
    await jest.advanceTimersByTimeAsync(10 * longestMs + 1);
    expect(await asked).toBeNull();
  });
});
