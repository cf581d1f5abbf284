import { forms } from '@crustallum/core/plan/formNames';
import { addMinutes, formatISO } from 'date-fns';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { benchStore } from '../bench/benchStore';
import { store } from '../desk/store';
import { FakeServer, heading, open } from '../testing/household';
import { runAt, runOf } from '../testing/runs';

beforeEach(async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  await benchStore.runs.clear();
  await benchStore.events.clear();
});
afterEach(() => jest.restoreAllMocks());

const stock = (name: string, grams: number) => ({ id: name, version: 1, name, grams, shelf: 'C', note: '' });

describe('Today', () => {
  it('says the first thing to do and when, who does it, and why then', async () => {
    new FakeServer().plan(['handPies', 'roughPuff'], ['filoCoil']);
    open('/');
    const next = await heading(/ at \d\d:\d\d\.$/);
    const first = store.getState().desk.plan?.clock.steps.find((s) => s.cook);
    expect(first).toBeTruthy();
    expect(next.parentElement?.textContent).toMatch(/for .*because/);
    expect(screen.getByText('to the table', { exact: false })).toBeTruthy();
  });
  it('never asks for a new day while the day there is is being fetched', async () => {
    new FakeServer().plan(['handPies', 'shortcrust']);
    const asked: string[] = [];
    const watch = new MutationObserver(() => asked.push(document.querySelector('h1')?.textContent ?? ''));
    watch.observe(document.body, { childList: true, subtree: true });
    open('/');
    await heading(/ at \d\d:\d\d\.$/);
    watch.disconnect();
    expect(asked.some((h) => / at \d\d:\d\d\.$/.test(h))).toBe(true);
    expect(asked).not.toContain('What is for the table, and when?');
  });
  it('draws every pie to one scale and leads to each', async () => {
    new FakeServer().plan(['handPies', 'roughPuff'], ['dishPie'], ['filoCoil']);
    open('/');
    await heading(/ at /);
    const pies = screen.getByRole('region', { name: 'The pies of the day, to one scale' });
    const links = [...pies.querySelectorAll('a')].map((a) => a.getAttribute('href'));
    expect(links).toEqual([1, 2, 3].map((n) => `/bakes/bake1/bake1item${n}/brief`));
    expect(pies.textContent).toMatch(/1 : \d/);
  });
  it('names what the larder is short of, by how much', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    server.larder = [stock('Butter, 82 %', 10), stock('Flour', 5000), stock('Salt', 500), stock('Egg', 300)];
    open('/');
    await heading(/ at /);
    const need = await screen.findByText(/The larder is short of/);
    expect(need.parentElement?.textContent).toMatch(/\d+ g butter/);
    expect(need.parentElement?.textContent).not.toMatch(/flour/);
  });
  it('says so when the larder has it all', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    server.larder = [stock('Butter', 5000), stock('Flour', 5000), stock('Salt', 500), stock('Egg', 300)];
    open('/');
    await heading(/ at /);
    expect(await screen.findByText('The larder has all of it.')).toBeTruthy();
  });
  it('asks how a day came out that has been', async () => {
    const server = new FakeServer();
    const bake = server.plan(['handPies', 'shortcrust']);
    Object.assign(bake, { serveAt: '2020-01-01T18:30', meal: { ...bake.meal, serveAt: '2020-01-01T18:30' } });
    open('/');
    await heading('Supper has been.');
    expect(screen.getByRole('link', { name: /To the log/ })).toBeTruthy();
  });
  it('says that the server does not answer, and that nothing is lost', async () => {
    new FakeServer().down = true;
    open('/');
    await heading('The server does not answer');
    expect(screen.getByText(/Nothing is lost/)).toBeTruthy();
  });
  it('stands at the step of a run under way, and lights a lantern for every mouth whose pie is closed', async () => {
    const bake = new FakeServer().plan(['handPies', 'roughPuff']);
    const run = { ...runOf([['handPies', 'roughPuff']], Date.now()), bakeId: bake.id };
    await runAt(run, run.plan.steps.length - 1);
    open('/');
    expect((await screen.findAllByRole('img', { name: '8 of 8 lanterns lit' })).length).toBe(1);
    await heading('Stand: at the bench.');
  }, 20_000);
  it('says where the bench has set the table, and takes it over by a press', async () => {
    const bake = new FakeServer().plan(['handPies', 'roughPuff']);
    const made = runOf([['handPies', 'roughPuff']], Date.now());
    const then = formatISO(addMinutes(new Date(bake.meal.serveAt), 25)).slice(0, 16);
    await runAt({ ...made, bakeId: bake.id, plan: { ...made.plan, serveAt: then } }, 1);
    open('/');
    await screen.findByText(/^At the bench the table stands at/);
    fireEvent.click(screen.getByRole('button', { name: / here too$/ }));
    await waitFor(() => expect(store.getState().desk.meal?.serveAt).toBe(then));
    await waitFor(() => expect(screen.queryByText(/^At the bench the table stands at/)).toBeNull());
  }, 20_000);
});

/** The hours by which the pies offered must be begun, as far as they are worked out. */
const begins = () => screen.queryAllByText((_, e) => e?.tagName === 'P' && /by \d\d:\d\d/.test(e.textContent ?? ''));

describe('a new day', () => {
  it('offers every pie, each with the hour it must begin by', async () => {
    new FakeServer();
    open('/');
    await heading('What is for the table, and when?');
    await waitFor(() => expect(begins()).toHaveLength(forms.length), { timeout: 20_000 });
    expect(screen.getByText(new RegExp(`of ${forms.length} can still be made`))).toBeTruthy();
  });
  it('begins later for fewer mouths', async () => {
    new FakeServer();
    open('/new');
    await heading('What is for the table, and when?');
    const hours = () => begins().map((p) => p.textContent);
    await waitFor(() => expect(begins()).toHaveLength(forms.length), { timeout: 20_000 });
    const before = hours();
    for (let i = 0; i < 8; i++) fireEvent.click(screen.getByRole('button', { name: 'one person more' }));
    await waitFor(() => expect(hours()).not.toEqual(before), { timeout: 8000 });
  });
  it('makes the bakes that are picked and opens the brief of the first', async () => {
    const server = new FakeServer();
    const router = open('/new');
    await heading('What is for the table, and when?');
    await waitFor(() => expect(begins()).toHaveLength(forms.length), { timeout: 20_000 });
    fireEvent.click(screen.getByRole('button', { name: 'Pot pies' }));
    fireEvent.click(screen.getByRole('button', { name: 'Lattice' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take these 2' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/bakes/bake1/bake1item1/brief'));
    await heading('Brief');
    const made = server.sent.find((s) => s.method === 'POST' && s.path === 'bakes')?.body;
    expect(made).toMatchObject({
      meal: { mouthCount: 4 },
      items: [
        { product: 'potPies', brief: { count: 4 } },
        { product: 'dishPie', cut: { lid: 'lattice' } },
      ],
    });
  });
  it('does not take a moment that has passed', async () => {
    new FakeServer();
    open('/new');
    await heading('What is for the table, and when?');
    fireEvent.change(screen.getByLabelText('day and time at the table'), { target: { value: '2020-01-01T12:00' } });
    fireEvent.blur(screen.getByLabelText('day and time at the table'));
    expect(screen.getByText(/That moment has passed/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Hand pies' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take hand pies' }).disabled).toBe(true);
  });
  it('keeps its sentence when the server does not take it', async () => {
    const server = new FakeServer();
    open('/new');
    await heading('What is for the table, and when?');
    await waitFor(() => expect(begins()).toHaveLength(forms.length), { timeout: 20_000 });
    server.failing = { path: /^bakes$/, status: 500 };
    fireEvent.click(screen.getByRole('button', { name: 'A coil' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take a coil' }));
    expect(await screen.findByText(/The server did not take it/)).toBeTruthy();
  });
});
