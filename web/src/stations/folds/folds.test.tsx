import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { changeItem } from '../../desk/changes';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';
import type { Pastry, Product } from '@crustallum/core/contracts/products';

jest.setTimeout(60_000);

const document = () => store.getState().desk.items[0]?.document;
async function at(product: Product, pastry: Pastry, roomC?: number): Promise<FakeServer> {
  const server = new FakeServer();
  if (roomC !== undefined) server.kitchen = { ...server.kitchen, document: { ...server.kitchen.document, roomC } };
  server.plan([product, pastry]);
  open('/bakes/bake1/bake1item1/folds');
  await heading(/Folds|Crumb|Leaves/);
  return server;
}
/** Waits for the view: until its plan is there, the last pie’s stands on the page. */
const show = async (name: string) => fireEvent.click(await screen.findByRole('radio', { name }));
async function choose(list: string, option: string): Promise<void> {
  fireEvent.keyDown(screen.getByRole('combobox', { name: list }), { key: 'Enter' });
  fireEvent.click(await screen.findByRole('option', { name: option }));
}
const patient = { timeout: 20_000 };

describe('folds', () => {
  it('take their fat in another way, and the leaves are counted by it', async () => {
    await at('handPies', 'roughPuff');
    const leaves = () => screen.getByRole('button', { name: /^Leaves of fat: .*Why/ }).textContent;
    const before = leaves();
    await choose('Fat comes in', 'a block, on two thirds');
    await waitFor(() => expect(leaves()).not.toBe(before));
    expect(document()?.folds.lock).toBe('twoThirds');
  });
  it('are mixed, lengthened and made alike again', async () => {
    await at('handPies', 'roughPuff');
    fireEvent.click(screen.getByRole('button', { name: 'Mix the folds' }));
    await choose('Turn 2', 'in four');
    expect(document()?.folds.ownFolds).toEqual(['letter', 'book', 'letter', 'letter']);
    fireEvent.click(screen.getAllByRole('button', { name: 'turn' })[1] as HTMLElement);
    expect(document()?.folds.ownFolds).toHaveLength(3);
    fireEvent.click(screen.getByRole('button', { name: 'All alike' }));
    expect(document()?.folds.ownFolds).toEqual([]);
  });
  it('of twelve turns show the first and those about the last, and a film too thin for millimetres', async () => {
    await at('handPies', 'roughPuff');
    act(() => void store.dispatch(changeItem(store.getState().desk.items[0]?.id ?? '', { 'folds.turns': 12 })));
    await waitFor(() => expect(screen.getByRole('img', { name: /at each of 6 turns/ })).toBeTruthy(), patient);
    expect(screen.getByRole('button', { name: /^One leaf of fat: 0\.\d+ µm/ })).toBeTruthy();
  });
  it('are told roll by roll, with passes, sizes and what makes the rest as long', async () => {
    await at('handPies', 'roughPuff');
    await show('rolls');
    const rolls = screen.getByRole('heading', { name: 'Roll by roll' }).nextElementSibling as HTMLElement;
    const rows = within(rolls).getAllByRole('listitem');
    expect(rows).toHaveLength(5);
    expect(rows[1]?.textContent).toMatch(
      /passes .*fold in three.*rest \d+ min: (the heat|springing back) takes that long/,
    );
    expect(rolls.textContent).not.toMatch(/NaN|undefined/);
  });
  it('are worked back from the sheet that is wanted, and made so at a press', async () => {
    await at('handPies', 'roughPuff');
    await show('from sheet');
    await screen.findByText(/g in all/, {}, patient);
    fireEvent.change(screen.getByRole('textbox', { name: 'Wanted length' }), { target: { value: '60' } });
    fireEvent.change(screen.getByRole('textbox', { name: 'Wanted thickness' }), { target: { value: '4' } });
    await waitFor(() => expect(screen.getByRole('img', { name: /the sheet 65.5 ×/ })).toBeTruthy(), patient);
    fireEvent.click(screen.getByRole('button', { name: 'Make this sheet' }));
    expect(document()?.cut.thicknessMm).toBe(4);
    expect(document()?.dough.askBy).toBe('dough');
  });
});

describe('what if', () => {
  it('is answered question by question, dotted into the line, and done at a press', async () => {
    await at('dishPie', 'shortcrust');
    await show('what if');
    const dot = await screen.findByRole('button', { name: 'Dot it in: with lard' }, patient);
    fireEvent.click(dot);
    expect(store.getState().askedLine.now?.words).toBe('with lard');
    fireEvent.click(screen.getByRole('button', { name: 'Do so: with lard' }));
    expect(document()?.dough.fat).toBe('lard');
    // the dots were of what is no longer so
    expect(store.getState().askedLine.now).toBeNull();
  });
  it('a kitchen too warm is told at which step it fails, and a way out mends it', async () => {
    await at('handPies', 'roughPuff', 25);
    await show('what if');
    const ways = await screen.findByRole('region', { name: 'Ways out' }, patient);
    expect(ways.textContent).toMatch(/goes \d+ min past the band/);
    const stone = await within(ways).findByRole('button', { name: /Do so: Work on a stone from the fridge/ }, patient);
    fireEvent.click(stone);
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Ways out' })).toBeNull(), patient);
    expect(store.getState().desk.plan?.items[0]?.line.inHandMin).toBeGreaterThanOrEqual(0);
  });
});

describe('a turn of the cook’s own', () => {
  it('takes two sizes and works the third out, and is ours again by a press', async () => {
    await at('handPies', 'roughPuff');
    await show('rolls');
    const typed = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
    const ours = typed('Turn 2, thick').value;
    fireEvent.change(typed('Turn 2, long'), { target: { value: '44' } });
    fireEvent.change(typed('Turn 2, wide'), { target: { value: '18' } });
    await waitFor(() => expect(document()?.folds.ownTurns).toEqual([{ turn: 2, lengthMm: 440, widthMm: 180 }]));
    await waitFor(() => expect(typed('Turn 2, thick').value).not.toBe(ours));
    fireEvent.change(typed('Turn 2, thick'), { target: { value: '9' } });
    await waitFor(() => expect(document()?.folds.ownTurns).toEqual([{ turn: 2, lengthMm: 440, thicknessMm: 9 }]));
    fireEvent.click(screen.getByRole('button', { name: 'As ours' }));
    await waitFor(() => expect(typed('Turn 2, thick').value).toBe(ours));
  });
});

describe('crumb and leaves', () => {
  it('the same dough is cooled in five shapes', async () => {
    await at('dishPie', 'shortcrust');
    await show('shapes');
    const drawing = await screen.findByRole('img', { name: /disc .* slab .* log .* block .* ball/ }, patient);
    expect(drawing.textContent).toMatch(/soonest/);
    expect(drawing.textContent).not.toMatch(/NaN|undefined/);
  });
  it('a dough whose fat never sets has no shape for the cold, and says why', async () => {
    await at('dishPie', 'shortcrust');
    act(() => void store.dispatch(changeItem(store.getState().desk.items[0]?.id ?? '', { 'dough.fat': 'oil' })));
    await show('shapes');
    await waitFor(() => expect(screen.getByText(/a fat that sets/)).toBeTruthy(), patient);
  });
  it('layers over a tray typed as ours are the cook’s from then on', async () => {
    await at('filoTray', 'filo');
    const over = screen.getByRole<HTMLInputElement>('textbox', { name: 'Layers over' });
    const ours = over.value;
    fireEvent.change(over, { target: { value: '' } });
    fireEvent.change(over, { target: { value: ours } });
    await waitFor(() => expect(document()?.folds.leavesOver).toBe(Number(ours)));
  });
  it('leaves for the hand are closed in strips, and to another shape by a press', async () => {
    await at('handPies', 'filo');
    await show('laying');
    const order = () => screen.getByRole('list', { name: 'Order of laying' }).textContent;
    expect(order()).toMatch(/cut lengthwise into \d strips.*as a flag is folded/);
    await show('cigar');
    await waitFor(() => expect(order()).toMatch(/roll it up, \d+ times round/));
  });
  it('leaves are laid in an order of their shape, and last as long as their cover lets them', async () => {
    await at('filoTray', 'filo');
    await show('laying');
    const order = () => screen.getByRole('list', { name: 'Order of laying' }).textContent;
    expect(order()).toMatch(/under.*the filling.*over it/);
    await show('cut in two');
    await waitFor(() => expect(order()).toMatch(/half leaves under/));
    expect(screen.getByRole('list', { name: 'Covers' }).textContent).toMatch(
      /bare\d+ min.*under a damp clothtwo hours/,
    );
  });
});
