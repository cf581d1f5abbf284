import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { readDrafts } from '../../desk/drafts';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';
import { pastriesOf, products, type Pastry, type Product } from '@crustallum/core/contracts/products';

const stationNames = ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'] as const;
const made = products.flatMap((product) => pastriesOf[product].map((pastry): [Product, Pastry] => [product, pastry]));
const at = (station: string, item = 1) => `/bakes/bake1/bake1item${item}/${station}`;
const document = (index = 0) => store.getState().desk.items[index]?.document;

beforeEach(() => jest.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => jest.restoreAllMocks());

describe.each(made)('every station of a starter of %s in %s', (product, pastry) => {
  // the pastry moves the first stations and the last; the rest are the product's
  const shown = pastry === pastriesOf[product][0] ? stationNames : (['dough', 'folds', 'clock'] as const);
  it.each(shown)('%s draws it and gives numbers, each with its because', async (station) => {
    new FakeServer().plan([product, pastry]);
    open(at(station));
    await heading(/./);
    await waitFor(() => expect(screen.getAllByRole('button', { name: /Why\?/ }).length).toBeGreaterThan(0));
    expect(screen.getAllByText('because').length).toBeGreaterThan(0);
    if (station !== 'clock') expect(screen.getAllByRole('img').length).toBeGreaterThan(0);
    expect(window.document.body.textContent).not.toMatch(/NaN|undefined|Infinity|\[object/);
  });
});

describe('changing an input', () => {
  it('moves the numbers and is sent to the server', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    open(at('dough'));
    await heading('Dough');
    const flour = screen.getByRole('button', { name: /^Flour: .*Why/ }).textContent;
    fireEvent.click(screen.getByRole('button', { name: 'more: To make' }));
    await waitFor(() => expect(screen.getByRole('button', { name: /^Flour: .*Why/ }).textContent).not.toBe(flour));
    expect(document()?.brief.count).toBe(9);
    await waitFor(
      () => expect(server.sent.some((s) => s.method === 'PUT' && s.path === 'items/bake1item1')).toBe(true),
      { timeout: 4000 },
    );
  });
  it('is said as saved only when the server has it: no network keeps it here', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    open(at('dough'));
    await heading('Dough');
    server.down = true;
    fireEvent.click(screen.getByRole('button', { name: 'more: To make' }));
    await screen.findByText(/No answer from the server/, undefined, { timeout: 4000 });
    expect(store.getState().desk.unsaved).toEqual(['bake1item1']);
    await waitFor(async () => expect((await readDrafts()).map((d) => d.id)).toEqual(['bake1item1']));
  });
  it('un-crimps what it touches and says what changed', async () => {
    const server = new FakeServer();
    const bake = server.plan(['handPies', 'shortcrust']);
    const [item] = bake.items;
    if (item) item.settled = ['brief', 'dough', 'seal'];
    open(at('cut'));
    await heading('Cut');
    fireEvent.click(screen.getByRole('button', { name: /^Finished sheet: .*Change it/ }));
    fireEvent.click(screen.getByRole('button', { name: 'more: Finished sheet' }));
    await screen.findByRole('link', { name: /Dough\s*, came undone/ });
    expect(screen.getByRole('link', { name: /Brief\s*, settled/ })).toBeTruthy();
    fireEvent.click(screen.getByRole('link', { name: /Dough\s*, came undone/ }));
    await screen.findByText(/Came undone: cut, thickness went from 3 to/);
  });
  it('that cannot be worked out keeps the page and says why', async () => {
    new FakeServer().plan(['handPies', 'shortcrust']);
    open(at('seal'));
    await heading('Seal');
    fireEvent.click(screen.getByRole('button', { name: /^Rim left bare/ }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Rim left bare' }), { target: { value: '900' } });
    expect(screen.getByRole('alert').textContent).toMatch(/4 to 30 mm|to .* mm/);
    expect(document()?.seal.rimMm).toBe(10);
  });
});

describe('what cannot be made', () => {
  it('names the two inputs that clash, and offers the smallest change in place of settling', async () => {
    const bake = new FakeServer().plan(['handPies', 'roughPuff']);
    const [item] = bake.items;
    if (item)
      item.document = {
        ...item.document,
        cut: { ...item.document.cut, cutterMm: 50 },
        seal: { ...item.document.seal, rimMm: 24 },
      };
    open(at('seal'));
    await heading('Seal');
    await screen.findByText(/A rim of 24 mm leaves no room/);
    expect(screen.getAllByText('clash').length).toBeGreaterThan(0);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Settle the seal' }).disabled).toBe(true);
    const press = await screen.findByRole('button', { name: /^(Rim left bare|Cutter) to / }, { timeout: 8000 });
    expect(screen.queryByRole('button', { name: 'Settle the seal' })).toBeNull();
    fireEvent.click(press);
    await waitFor(() => expect(screen.queryByText(/leaves no room/)).toBeNull());
    expect(await screen.findByRole<HTMLButtonElement>('button', { name: 'Settle the seal' })).toBeTruthy();
  }, 20_000);
  it('offers another pastry where the one chosen does not fit', async () => {
    const bake = new FakeServer().plan(['dishPie', 'shortcrust']);
    const [item] = bake.items;
    if (item) item.document = { ...item.document, dough: { ...item.document.dough, pastry: 'filo' } };
    open(at('dough'));
    await heading('Dough');
    fireEvent.click(await screen.findByRole('button', { name: /^Pastry to / }, { timeout: 8000 }));
    await waitFor(() => expect(document()?.dough.pastry).not.toBe('filo'));
  }, 20_000);
});

/** A station is settled on what is worked out now, not on what was kept from another time. */
const settleable = (name: string) =>
  waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name }).disabled).toBe(false));

describe('settling', () => {
  it('crimps the rim under the station and goes on to the next', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('folds'));
    await heading('Folds');
    await settleable('Settle the folds');
    fireEvent.click(screen.getByRole('button', { name: /Settle the folds/ }));
    await heading('Filling');
    expect(router.state.location.pathname).toBe(at('filling'));
    expect(screen.getByRole('link', { name: /Folds\s*, settled/ })).toBeTruthy();
  });
  it('can be done with Enter', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('oven'));
    await heading('Oven');
    await settleable('Settle the oven');
    fireEvent.keyDown(window.document.body, { key: 'Enter' });
    await heading('Clock');
    expect(store.getState().desk.items[0]?.settled).toEqual(['oven']);
  });
  it('is not done with Enter on a press of its own', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('oven'));
    await heading('Oven');
    fireEvent.keyDown(screen.getAllByRole('button', { name: /Why\?/ })[0] as HTMLElement, { key: 'Enter' });
    expect(store.getState().desk.items[0]?.settled).toEqual([]);
  });
  it('waits until a stop is mended', async () => {
    const server = new FakeServer();
    const [item] = server.plan(['dishPie', 'shortcrust']).items;
    if (item) item.document.cut.vessel = null;
    open(at('cut'));
    await heading('Cut');
    expect(await screen.findByText(/No dish chosen/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Settle the cut/ }).disabled).toBe(true);
  });
});

describe('keys of the desk', () => {
  const press = (key: string) => fireEvent.keyDown(window.document.body, { key });
  it('go to the stations, and never while typing', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('brief'));
    await heading('Brief');
    press('3');
    await heading('Folds');
    press('5');
    await heading('Cut');
    press('2');
    await heading('Dough');
    fireEvent.keyDown(screen.getAllByRole('textbox')[0] as HTMLElement, { key: '5' });
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Dough');
  });
  it('show every because in full and briefly again', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('w');
    expect(window.document.documentElement.hasAttribute('data-reasons')).toBe(true);
    press('w');
    expect(window.document.documentElement.hasAttribute('data-reasons')).toBe(false);
  });
  it('slide the weight in hand by one, with Shift by five', async () => {
    new FakeServer().plan(['handPies', 'shortcrust']);
    open(at('dough'));
    await heading('Dough');
    const weight = screen.getByRole('slider', { name: 'To make' });
    fireEvent.keyDown(weight, { key: '.' });
    expect(document()?.brief.count).toBe(9);
    fireEvent.keyDown(weight, { key: '<', shiftKey: true });
    expect(document()?.brief.count).toBe(4);
    fireEvent.keyDown(weight, { key: ',' });
    expect(document()?.brief.count).toBe(3);
  });
  it('are listed, and can be switched off', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('?');
    const list = await screen.findByRole('dialog', { name: 'Keys' });
    fireEvent.click(within(list).getByRole('button', { name: 'Switch letter keys off' }));
    fireEvent.click(within(list).getByRole('button', { name: 'Back' }));
    press('5');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Dough');
  });
  it('turn the light', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    const before = window.document.documentElement.dataset['light'];
    press('e');
    expect(window.document.documentElement.dataset['light']).not.toBe(before);
    press('e');
    expect(window.document.documentElement.dataset['light']).toBe(before);
  });
});

describe('addresses', () => {
  it('that name no bake lead back', async () => {
    new FakeServer().plan(['handPies']);
    open('/bakes/nothing/none/dough');
    expect(await screen.findByText(/no .*bake|not (here|known|found)/i, undefined, { timeout: 4000 })).toBeTruthy();
    expect(screen.getAllByRole('link').some((l) => l.getAttribute('href') === '/')).toBe(true);
  });
  it('that mean nothing lead back', async () => {
    new FakeServer().plan(['handPies']);
    open('/somewhere/else');
    await heading(/./);
    expect(screen.getAllByRole('link').some((l) => l.getAttribute('href') === '/')).toBe(true);
  });
});
