import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';
import { eventOf, runAt, runOf, stepIndex } from '../testing/runs';
import { benchStore } from './benchStore';
import { tickedOf } from './run';
import * as sounds from './sounds';

const minutesAgo = (minutes: number) => Date.now() - minutes * 60_000;
const panel = () => screen.findByRole('region', { name: 'Minutes left before the fat is too soft' });
const waits = () => screen.findByRole('list', { name: 'What waits' });
const said = async () => (await benchStore.events.orderBy('id').toArray()).filter((e) => !e.id.startsWith('set '));

beforeEach(async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  jest.mocked(sounds.knock).mockClear();
  jest.mocked(sounds.doubleKnock).mockClear();
  await benchStore.runs.clear();
  await benchStore.events.clear();
});
afterEach(() => jest.restoreAllMocks());

describe('before it is closed', () => {
  it('what has to stand is pressed, taken back, and kept in the run', () => {
    const tick = (code: string, on: boolean) => eventOf(runOf([], 0), 'tick', 0, { itemIndex: 0, code, on });
    const events = [tick('tick.glued', true), tick('tick.airOut', true), tick('tick.glued', false)];
    expect([...tickedOf(events, 0)]).toEqual(['tick.airOut']);
    expect(tickedOf(events, 1).size).toBe(0);
  });
});

describe('before a run', () => {
  it('every step is told with its hour, and one press begins', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'roughPuff']);
    open('/bench');
    await heading('To the bench: Supper');
    const day = screen.getByRole('region', { name: 'The day, step by step' });
    const steps = within(day)
      .getAllByRole('listitem')
      .map((li) => li.textContent);
    expect(steps.every((s) => /^\d\d:\d\d[A-Z]/.test(s ?? ''))).toBe(true);
    expect(steps.some((s) => /^\d\d:\d\dWeigh/.test(s ?? ''))).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: 'Begin now' }));
    await heading(/^(Weigh for Hand pies|Cook: .*)$/);
    await waitFor(() => expect(server.sent.some((s) => s.method === 'POST' && s.path === 'runs')).toBe(true));
    const [run] = await benchStore.runs.toArray();
    expect(run?.plan.steps).toHaveLength(steps.length);
  });
  it('with no day there is a way back', async () => {
    new FakeServer();
    open('/bench');
    await heading('The bench is clear');
    expect(screen.getByRole('link', { name: 'Back to Today' })).toBeTruthy();
  });
});

describe('at the bench', () => {
  it('the space bar goes on and backspace goes back, and both are kept on the device', async () => {
    new FakeServer();
    await runAt(runOf([['handPies', 'roughPuff']], minutesAgo(3)), 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    fireEvent.keyDown(document.body, { key: ' ' });
    await heading('Mix');
    fireEvent.keyDown(document.body, { key: 'Backspace' });
    await heading('Weigh for Hand pies');
    expect((await said()).map((e) => e.type).sort()).toEqual(['begin', 'done', 'undo']);
  });
  it('the space bar on a press that has the focus presses it, and does not go on', async () => {
    new FakeServer();
    await runAt(runOf([['handPies', 'roughPuff']], minutesAgo(3)), 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    const back = screen.getByRole('button', { name: /Back|Leave/ });
    back.focus();
    expect(fireEvent.keyDown(back, { key: ' ' })).toBe(true);
    await new Promise((done) => setTimeout(done, 100));
    expect(await said()).toEqual([]);
  });
  it('a wait becomes a timer that counts down beside the next step, until it is taken out', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(2));
    await runAt(run, stepIndex(run, 'rest'));
    open('/bench');
    await screen.findByText('planned');
    expect(within(await waits()).queryByText(/rest, Hand pies/)).toBeNull();
    fireEvent.keyDown(document.body, { key: ' ' });
    await waitFor(async () => expect((await waits()).textContent).toMatch(/Fridge\d+ min, rest, Hand pies/));
    // nothing of the next is begun by it
    expect(screen.getByText('ready in')).toBeTruthy();
    fireEvent.click(within(await waits()).getByRole('button', { name: 'Out: rest, Hand pies' }));
    // before its time it is asked about, once
    const asked = await screen.findByRole('alertdialog', { name: 'Out before its time?' });
    expect(asked.textContent).toMatch(/rest, Hand pies: \d+ min short\. The fat is at/);
    fireEvent.click(within(asked).getByRole('button', { name: 'Out all the same' }));
    await waitFor(async () => expect((await waits()).textContent).toMatch(/Bench.*after: rest, Hand pies/));
    const rest = run.plan.steps[stepIndex(run, 'rest')];
    expect((await said()).find((e) => e.type === 'done')?.data).toEqual({ step: `0/${rest?.id}` });
  });
  it('a timer that is over says so and knocks once', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(300));
    const rest = stepIndex(run, 'rest');
    await runAt(run, rest, eventOf(run, 'begin', 1, { step: `0/${run.plan.steps[rest]?.id}` }));
    open('/bench');
    expect((await waits()).textContent).toMatch(/\d+ over, rest/);
    expect(screen.getByText('not begun, takes')).toBeTruthy();
    expect(sounds.knock).toHaveBeenCalledTimes(1);
  });
  it('pieces are counted, one press each, and drawn as done', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(1));
    const at = run.plan.steps.findIndex((s) => s.kind === 'bench' && s.pieces > 1);
    await runAt(run, at);
    open('/bench');
    const more = await screen.findByRole('button', { name: /One more done: 0 of/ });
    fireEvent.click(more);
    await screen.findByRole('button', { name: /One more done: 1 of/ });
    expect(screen.getByRole('img', { name: /^1 of \d+ done$/ })).toBeTruthy();
  });
  it('a run begun earlier goes on where it stood', async () => {
    new FakeServer().down = true;
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(20));
    const at = stepIndex(run, 'rollOut');
    await runAt(run, at);
    open('/bench');
    expect((await heading(/Roll/)).textContent).toBeTruthy();
    expect(screen.getByText('running').nextSibling?.textContent).toMatch(/^20:0\d$/);
  });
  it('after the last step there is the log, and the run is closed', async () => {
    new FakeServer();
    const run = runOf([['potPies']], minutesAgo(5));
    await runAt(run, run.plan.steps.length);
    const router = open('/bench');
    await heading('All is done');
    // rings, oven and bench are seen to, and kept with the run
    const seen = screen.getByRole('region', { name: 'Before you leave it' });
    fireEvent.click(within(seen).getByRole('button', { name: /oven off/ }));
    await waitFor(async () => expect((await said()).find((e) => e.type === 'tick')?.data).toMatchObject({ on: true }));
    fireEvent.click(screen.getByRole('button', { name: 'To the log' }));
    await waitFor(() =>
      expect(router.state.location.pathname + router.state.location.search).toBe(`/log?run=${run.id}`),
    );
    expect((await benchStore.runs.get(run.id))?.finishedAt).toBeTruthy();
  });
  it('raw filling, blades and heat come with their caution', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(1));
    await runAt(run, stepIndex(run, 'bake'));
    open('/bench');
    expect((await screen.findByText('Take care.')).parentElement?.textContent).toMatch(/hot|steam|glove|cloth/i);
  });
});

describe('the minutes left', () => {
  it('are told with the reason while the fat works', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(5));
    await runAt(run, stepIndex(run, 'rollOut'));
    open('/bench');
    expect((await panel()).textContent).toMatch(/left at the bench\d+ minbecause it warms from .*leaves the band at/);
    expect(within(await panel()).queryByRole('button', { name: 'Quiet' })).toBeNull();
  });
  it('when spent are told as an alert with the cure, and call until quiet is pressed', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(90));
    await runAt(run, stepIndex(run, 'rollOut'));
    open('/bench');
    await waitFor(async () => expect((await panel()).textContent).toMatch(/past the band by/));
    const alert = within(await panel()).getByRole('alert');
    await waitFor(() => expect(alert.textContent).toMatch(/^To the cold for .*, then go on\.$/));
    expect(sounds.doubleKnock).toHaveBeenCalled();
    fireEvent.keyDown(document.body, { key: 'q' });
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Quiet' })).toBeNull());
  });
  it('come back in the cold: C puts it there with the reckoned minutes, and C takes it out', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(90));
    await runAt(run, stepIndex(run, 'rollOut'));
    open('/bench');
    await panel();
    fireEvent.keyDown(document.body, { key: 'c' });
    await waitFor(async () => expect((await panel()).textContent).toMatch(/in the cold\d+:\d\d/));
    const cold = (await said()).find((e) => e.type === 'cold');
    expect((cold?.data['cure'] as { minutes: number } | undefined)?.minutes).toBeGreaterThan(1);
    fireEvent.keyDown(document.body, { key: 'c' });
    await waitFor(async () => expect((await panel()).textContent).not.toMatch(/in the cold/));
  });
  it('of bare leaves are cured under the cloth', async () => {
    new FakeServer();
    const run = runOf([['filoCoil']], minutesAgo(0.5));
    await runAt(run, stepIndex(run, 'brushStack'));
    open('/bench');
    expect((await panel()).textContent).toMatch(/the leaf, by reckoning/);
    expect(within(await panel()).getByRole('button', { name: 'Cover' })).toBeTruthy();
  });
  it('give way to the hour at the table where nothing warms', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(1));
    await runAt(run, stepIndex(run, 'bake'));
    open('/bench');
    expect(screen.queryByRole('region', { name: /Minutes left/ })).toBeNull();
    expect((await screen.findByRole('region', { name: 'What waits, and where' })).textContent).toMatch(
      /The table at .*18:30/,
    );
  });
  it('under the band are minutes to stand', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(0.2));
    const chilled = run.plan.steps.findIndex((s) => {
      const line = run.plan.items[0]?.line;
      const stretch = line?.stretches.find((x) => x.stepId === s.id && x.kind === 'bench');
      return stretch && line && stretch.leavesBandAt !== null && (stretch.value[0] ?? 99) < line.band.low - 0.5;
    });
    expect(chilled).toBeGreaterThanOrEqual(0);
    await runAt(run, chilled);
    open('/bench');
    expect((await panel()).textContent).toMatch(/let it stand\d+ minbecause it cracks under/);
  });
});

describe('letter keys', () => {
  it('can be switched off; space and backspace stay', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], minutesAgo(30), 8);
    await runAt(run, stepIndex(run, 'rollOut'), eventOf(run, 'piece', 0.01, { by: 1 }));
    open('/bench');
    localStorage.setItem('crustallum.keys', 'off');
    const before = (await panel()).textContent;
    fireEvent.keyDown(document.body, { key: 'c' });
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect((await said()).filter((e) => e.type === 'cold')).toEqual([]);
    expect(before).toBeTruthy();
    const call = (await heading(/./)).textContent;
    fireEvent.keyDown(document.body, { key: ' ' });
    await waitFor(async () => expect((await heading(/./)).textContent).not.toBe(call));
  });
});
