import { starterMeal } from '@crustallum/core/plan/starters';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { StoredBake } from '@crustallum/core/contracts/bake';
import { FakeServer, heading, open } from '../testing/household';
import { planner } from '../workers/planner';
import { changeItem } from './changes';
import { desk } from './desk';
import { readDrafts } from './drafts';
import { LatestOnly } from './planning';
import { store } from './store';

let server: FakeServer;
let bake: StoredBake;
const change = (thicknessMm: number) =>
  act(() => store.dispatch(changeItem('bake1item1', { 'cut.thicknessMm': thicknessMm })));
const changeMeal = (mouths: number) =>
  act(() => void store.dispatch(desk.actions.mealChanged(starterMeal('2036-12-12T18:30', mouths, 'Supper'))));
const puts = (what: string) => server.sent.filter((s) => s.method === 'PUT' && s.path.startsWith(what));
const stillUnsaved = () => store.getState().desk.unsaved;
const soon = { timeout: 6000 };

beforeEach(async () => {
  server = new FakeServer();
  bake = server.plan(['handPies', 'roughPuff']);
  open('/bakes/bake1/bake1item1/dough');
  await heading('Dough');
});

describe('saving by itself', () => {
  it('of an edit made during a running save waits for its answer: no question, nothing lost', async () => {
    let letGo = () => undefined as void;
    server.hold = new Promise((done) => (letGo = done));
    await change(3.2);
    await waitFor(() => expect(puts('items')).toHaveLength(1), soon);
    await change(3.4);
    await new Promise((done) => setTimeout(done, 700));
    expect(puts('items')).toHaveLength(1);
    letGo();
    await waitFor(() => expect(stillUnsaved()).toEqual([]), soon);
    expect(puts('items').map((p) => p.body['version'])).toEqual([1, 2]);
    expect(bake.items[0]?.document.cut.thicknessMm).toBe(3.4);
    expect(screen.queryByRole('dialog')).toBeNull();
  });
  it('whose answer was lost is made good when it is sent again', async () => {
    server.loses = /^items\//;
    await change(3.6);
    await waitFor(() => expect(puts('items')).toHaveLength(1), soon);
    server.loses = null;
    await change(3.8);
    await waitFor(() => expect(stillUnsaved()).toEqual([]), soon);
    expect(bake.items[0]).toMatchObject({ version: 3, document: { cut: { thicknessMm: 3.8 } } });
    expect(store.getState().desk.conflicts).toEqual([]);
  });
  it('of a meal changed elsewhere asks which one stands', async () => {
    Object.assign(bake, { version: 5, meal: starterMeal('2036-12-12T18:30', 3, 'Supper') });
    changeMeal(7);
    await screen.findByRole('dialog', { name: 'Supper was changed elsewhere too' }, soon);
    fireEvent.click(screen.getByRole('button', { name: 'What stands here' }));
    await waitFor(() => expect(stillUnsaved()).toEqual([]), soon);
    expect(bake).toMatchObject({ version: 6, meal: { mouthCount: 7 } });
  });
  it('that the server refuses is said with its reason, kept on the device, and sent again or let go as the cook says', async () => {
    server.failing = { path: /^items\//, status: 404 };
    await change(4);
    expect((await screen.findByRole('alert', undefined, soon)).textContent).toContain(
      'Your change of “Hand pies” is kept on this device and not stored: it was removed meanwhile.',
    );
    expect((await readDrafts()).map((d) => d.id)).toEqual(['bake1item1']);
    server.failing = null;
    fireEvent.click(screen.getByRole('button', { name: 'Send it again' }));
    await waitFor(() => expect(stillUnsaved()).toEqual([]), soon);
    expect(bake.items[0]?.document.cut.thicknessMm).toBe(4);
    server.failing = { path: /^items\//, status: 422 };
    await change(5);
    fireEvent.click(await screen.findByRole('button', { name: 'Let it go' }, soon));
    await waitFor(() => expect(store.getState().desk.items[0]?.document.cut.thicknessMm).toBe(4), soon);
    await waitFor(async () => expect(await readDrafts()).toEqual([]), soon);
  });
  it('of one bake goes on when another is opened', async () => {
    server.plan(['potPies']);
    server.down = true;
    await change(4.2);
    changeMeal(9);
    open('/bakes/bake2/bake2item1/dough', { keep: true });
    await waitFor(() => expect(server.sent.map((s) => s.path)).toContain('bakes/bake2'), soon);
    server.down = false;
    open('/bakes/bake2/bake2item1/dough', { keep: true });
    await heading('Dough');
    await waitFor(() => expect(bake).toMatchObject({ meal: { mouthCount: 9 } }), { timeout: 12_000 });
    await waitFor(() => expect(bake.items[0]?.document.cut.thicknessMm).toBe(4.2), { timeout: 12_000 });
    await waitFor(() => expect(store.getState().desk.otherDrafts).toEqual([]), soon);
  });
  it('tells the other pages of this device, and takes in what they tell', async () => {
    const other = new BroadcastChannel('crustallum-desk');
    const heard: unknown[] = [];
    other.onmessage = (event: MessageEvent) => heard.push(event.data);
    await change(4.6);
    await waitFor(() => expect(stillUnsaved()).toEqual([]), soon);
    await waitFor(
      () =>
        expect(heard).toEqual(
          expect.arrayContaining([
            { kind: 'changed', id: 'bake1item1', changes: { 'document.cut.thicknessMm': 4.6 } },
            { kind: 'saved', id: 'bake1item1', version: 2 },
          ]),
        ),
      soon,
    );
    other.postMessage({ kind: 'changed', id: 'bake1item1', changes: { 'document.cut.thicknessMm': 5 } });
    await waitFor(() => expect(store.getState().desk.items[0]?.document.cut.thicknessMm).toBe(5), soon);
    expect(stillUnsaved()).toEqual([]);
    other.close();
  });
});

describe('planning', () => {
  it('has one plan in flight and the latest waiting', async () => {
    const worked: number[] = [];
    let letGo = () => undefined as void;
    const plans = new LatestOnly<number>(async (n) => {
      worked.push(n);
      await new Promise<void>((done) => (letGo = done));
    });
    for (const n of [1, 2, 3, 4]) plans.ask(n);
    letGo();
    await Promise.resolve().then(() => Promise.resolve());
    await waitFor(() => expect(worked).toEqual([1, 4]));
    letGo();
  });
  it('goes on after a fault, and says that there was one', async () => {
    const fault = jest.spyOn(planner, 'planAgain').mockRejectedValueOnce(new Error('a fault of ours'));
    await change(3.3);
    expect(await screen.findByText(/by a fault of ours/, undefined, soon)).toBeTruthy();
    expect(store.getState().desk.working).toBe(false);
    fault.mockRestore();
    await change(3.5);
    await waitFor(() => expect(store.getState().desk.refusals).toEqual([]), soon);
  });
});
