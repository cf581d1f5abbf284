import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { addEvent, benchStore, startRun } from '../bench/benchStore';
import type { BenchRun } from '../bench/run';
import { logWords } from '@crustallum/core/contracts/logWords';
import type { LogEntry } from '@crustallum/core/contracts/log';
import { FakeServer, heading, open } from '../testing/household';
import { formItem } from '@crustallum/core/plan/forms';
import { runOf, runOfItems } from '../testing/runs';

beforeEach(async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  await benchStore.runs.clear();
  await benchStore.events.clear();
});
afterEach(() => jest.restoreAllMocks());

const entry = (id: string, date: string, stoodMm: number): LogEntry => ({
  id,
  version: 1,
  bakeId: null,
  runId: null,
  date,
  title: `Bake ${id}`,
  answers: { colour: 'golden', base: 'gold', leaks: 2, shrink: 'some', texture: 'crisp', stoodMm, note: `note ${id}` },
  snapshot: { expectedMm: 8, roomC: 19, pieces: 12, depthMm: 18, pastry: 'roughPuff', steps: [] },
});

/** A finished run of two pies in which the weighing took four minutes instead of ten. */
async function finished(): Promise<BenchRun> {
  const run = runOf([['handPies', 'roughPuff'], ['filoCoil']], Date.now() - 4 * 60_000);
  await startRun(run);
  await addEvent(run, 'next');
  await addEvent(run, 'finish');
  return run;
}

describe('the Log', () => {
  it('says that nothing is written yet', async () => {
    new FakeServer();
    open('/log');
    await heading('Nothing is written yet');
  });
  it('opens the newest entry and leads to the others', async () => {
    const server = new FakeServer();
    server.log = [entry('b', '2026-11-21', 8.6), entry('a', '2026-10-04', 7)];
    const router = open('/log');
    expect(await screen.findByDisplayValue('note b')).toBeTruthy();
    fireEvent.click(
      within(screen.getByRole('list', { name: 'Earlier entries' })).getByRole('link', { name: /Bake a/ }),
    );
    expect(await screen.findByDisplayValue('note a')).toBeTruthy();
    expect(router.state.location.pathname).toBe('/log/a');
  });
  it('draws the pie half as worked out and half as it came out', async () => {
    const server = new FakeServer();
    server.log = [entry('a', '2026-10-04', 6.5)];
    open('/log/a');
    const drawing = await screen.findByRole('img', { name: /as it came out/ });
    expect(drawing.getAttribute('aria-label')).toMatch(/lid 8.0 mm.*6.5 mm, gold underneath, 2 leaked/);
    fireEvent.click(screen.getByRole('button', { name: 'more: Leaked' }));
    expect(screen.getByRole('img', { name: /as it came out/ }).getAttribute('aria-label')).toMatch(/3 leaked/);
  });
  it('keeps a change of an entry and only its answers', async () => {
    const server = new FakeServer();
    server.log = [entry('a', '2026-10-04', 6.5)];
    open('/log/a');
    await screen.findByDisplayValue('note a');
    fireEvent.click(screen.getByRole('radio', { name: 'heavy' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
    await waitFor(() => expect(server.log[0]?.answers.texture).toBe('heavy'));
    expect(server.sent.find((s) => s.method === 'PUT')?.body).toEqual({
      version: 1,
      answers: expect.objectContaining({ texture: 'heavy', note: 'note a' }),
    });
    // what is kept says so, until something is said otherwise
    await screen.findByRole('button', { name: 'Kept' });
  });
  it('keeps what was written when the server does not answer', async () => {
    const server = new FakeServer();
    server.log = [entry('a', '2026-10-04', 6.5)];
    open('/log/a');
    const note = await screen.findByDisplayValue('note a');
    fireEvent.change(note, { target: { value: 'flatter than before' } });
    server.failing = { path: /^log/, status: 500 };
    fireEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
    expect(await screen.findByText(/Your words stay here/)).toBeTruthy();
    expect(screen.getByDisplayValue('flatter than before')).toBeTruthy();
  });
  it('an entry that is not there leads back', async () => {
    const server = new FakeServer();
    server.log = [entry('a', '2026-10-04', 6.5)];
    open('/log/zzz');
    await heading(/entry/);
    expect(screen.getAllByRole('link').some((l) => l.getAttribute('href') === '/')).toBe(true);
  });
  it('that cannot be read says so', async () => {
    new FakeServer().failing = { path: /^log/, status: 500 };
    open('/log');
    await heading('The log cannot be read just now');
  });
});

describe('after a run', () => {
  it('asks about each pie, with what was planned and how it ran', async () => {
    const run = await finished();
    new FakeServer();
    open(`/log?run=${run.id}`);
    expect(await screen.findByText('Planned, and as it ran')).toBeTruthy();
    const row = screen.getByRole('row', { name: /Weigh/ });
    expect(row.textContent).toMatch(/Weigh10 min4 min/);
    expect(screen.getAllByRole('radio', { name: /Hand pies|A coil/ })).toHaveLength(2);
  });
  it('keeps an entry with a dated snapshot of the plan', async () => {
    const run = await finished();
    const server = new FakeServer();
    open(`/log?run=${run.id}`);
    await screen.findByText('Planned, and as it ran');
    fireEvent.click(screen.getByRole('radio', { name: 'crisp' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep this entry' }));
    await waitFor(() => expect(server.log).toHaveLength(1));
    expect(server.log[0]).toMatchObject({
      title: 'Hand pies',
      runId: run.id,
      bakeId: run.bakeId,
      answers: { texture: 'crisp' },
      snapshot: {
        expectedMm: run.plan.items[0]?.expectedMm,
        roomC: run.plan.kitchen.roomC,
        pieces: 8,
        pastry: 'roughPuff',
      },
    });
    expect(await screen.findByRole('radio', { name: 'Hand pies, kept' })).toBeTruthy();
  });
  it('begins with no answers: the forecast stands white, and what is not said is not kept', async () => {
    const run = await finished();
    const server = new FakeServer();
    open(`/log?run=${run.id}`);
    await screen.findByText('Planned, and as it ran');
    expect(screen.getAllByText(/not said; forecast/).length).toBeGreaterThan(0);
    expect(screen.queryAllByRole('radio', { checked: true }).filter((r) => r.textContent !== 'Hand pies')).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Keep this entry' }));
    await waitFor(() => expect(server.log).toHaveLength(1));
    expect(server.log[0]?.answers).toEqual({ note: '' });
    // written down once, it is changed from then on
    fireEvent.click(await screen.findByRole('radio', { name: 'golden' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Keep the change' }));
    await waitFor(() => expect(server.log[0]?.answers.colour).toBe('golden'));
    expect(server.log).toHaveLength(1);
  });
  it('asks what fits: no lid of an open tart, no layers of a short dough', async () => {
    const run = runOfItems([formItem('openTart', 8, 'You')], Date.now() - 60_000);
    await startRun(run);
    await addEvent(run, 'finish');
    new FakeServer();
    open(`/log?run=${run.id}`);
    await screen.findByRole('radiogroup', { name: 'Colour of the rim' });
    expect(screen.queryByText('The lid stood')).toBeNull();
    expect(screen.queryByText('Leaked')).toBeNull();
  });
  it('asks each who was named how they liked it, and keeps what they said', async () => {
    const made = runOf([['handPies', 'roughPuff']], Date.now() - 4 * 60_000);
    const run = { ...made, plan: { ...made.plan, people: ['Noor', 'Yara'] } };
    await startRun(run);
    await addEvent(run, 'finish');
    const server = new FakeServer();
    open(`/log?run=${run.id}`);
    const [, how] = logWords.liked;
    fireEvent.keyDown(await screen.findByRole('combobox', { name: 'Noor ate it' }), { key: 'Enter' });
    fireEvent.click(await screen.findByRole('option', { name: how }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep this entry' }));
    await waitFor(() => expect(server.log).toHaveLength(1));
    // who was not asked is not written down as having said anything
    expect(server.log[0]?.answers.liked).toEqual([{ name: 'Noor', how }]);
  });
  it('goes to the other pie without losing the first', async () => {
    const run = await finished();
    const server = new FakeServer();
    open(`/log?run=${run.id}`);
    await screen.findByText('Planned, and as it ran');
    fireEvent.click(screen.getByRole('button', { name: 'Keep this entry' }));
    await waitFor(() => expect(server.log).toHaveLength(1));
    fireEvent.click(screen.getByRole('radio', { name: /A coil/ }));
    fireEvent.click(await screen.findByRole('button', { name: 'Keep this entry' }));
    await waitFor(() => expect(server.log.map((e) => e.title)).toEqual(['A coil', 'Hand pies']));
  });
  it('shows the line as it was worked at its foot, keeps it with the entry, and gives the foot back', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'roughPuff']);
    const run = await finished();
    const router = open(`/log?run=${run.id}`);
    const foot = () => screen.getByRole('figure', { name: 'The Cold Line' }).textContent;
    await waitFor(() => expect(foot()).toMatch(/min outside the band/));
    expect(foot()).toMatch(/Weigh, at the bench 4 min/);
    fireEvent.click(screen.getByRole('button', { name: /^Keep/ }));
    await waitFor(() => expect(server.log).toHaveLength(1));
    const kept = server.log[0]?.snapshot['recorded'] as { line: { stretches: { code: string; minutes: number }[] } };
    expect(kept.line.stretches[0]).toMatchObject({ code: 'weigh' });
    expect(kept.line.stretches[0]?.minutes).toBeCloseTo(4, 0);
    await router.navigate('/larder');
    await heading('Larder');
    expect(foot()).not.toMatch(/outside the band/);
  });
});
