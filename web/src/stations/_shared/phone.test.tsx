import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../../desk/store';
import { atWidth, FakeServer, heading, open } from '../../testing/household';
import { pastriesOf, products, type Pastry, type Product } from '@crustallum/core/contracts/products';

const stationNames = ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'] as const;
/** Each product in the last of its pastries: its drawings are its own, the desk's tests go through all pastries. */
const made = products.map((product): [Product, Pastry] => [product, pastriesOf[product].at(-1) as Pastry]);
const at = (station: string) => `/bakes/bake1/bake1item1/${station}`;
const document = () => store.getState().desk.items[0]?.document;

let back = () => {};
beforeEach(() => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  back = atWidth(390);
});
afterEach(() => {
  back();
  jest.restoreAllMocks();
});

describe.each(made)('on a phone, %s in %s', (product, pastry) => {
  it.each(stationNames)('%s is drawn for its width, words at their size, numbers below', async (station) => {
    new FakeServer().plan([product, pastry]);
    open(at(station));
    await heading(/./);
    await waitFor(() => expect(screen.getAllByRole('button', { name: /Why\?/ }).length).toBeGreaterThan(0));
    const main = screen.getByRole('main');
    const drawings = [...main.querySelectorAll<SVGSVGElement>('svg[role=img][viewBox]')];
    if (station !== 'clock') expect(drawings.length).toBeGreaterThan(0);
    for (const svg of drawings) {
      const [, , wide] = (svg.getAttribute('viewBox') ?? '').split(' ').map(Number);
      const shown = Number(svg.getAttribute('width'));
      expect(shown).toBeLessThanOrEqual(366 * 1.25 + 0.01);
      expect(wide).toBeLessThanOrEqual(366);
      expect(shown / (wide ?? 1)).toBeGreaterThanOrEqual(1);
    }
    expect(main.textContent).not.toMatch(/NaN|undefined|Infinity|\[object/);
  });
});

describe('the rules on a phone', () => {
  it('come up over the sheet, move the numbers, and are put away', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    expect(screen.queryByRole('button', { name: 'more: To make' })).toBeNull();
    fireEvent.click(await screen.findByRole('button', { name: 'Six rules' }));
    const rules = await screen.findByRole('dialog', { name: 'Six rules' });
    fireEvent.click(within(rules).getByRole('button', { name: 'more: To make' }));
    await waitFor(() => expect(document()?.brief.count).toBe(9));
    fireEvent.click(within(rules).getByRole('button', { name: 'Put away' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
  it('are as many as are counted', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('oven'));
    await heading('Oven');
    fireEvent.click(await screen.findByRole('button', { name: 'Nine rules' }));
    const rules = await screen.findByRole('dialog');
    const labelled =
      within(rules).getAllByRole('slider').length +
      within(rules).getAllByRole('radiogroup').length +
      within(rules).queryAllByRole('combobox').length;
    expect(labelled).toBe(9);
  });
  it('hold nothing on the drawing: every input is among them', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('cut'));
    await heading('Cut');
    await screen.findByRole('button', { name: /rules$/ });
    expect(screen.queryByRole('button', { name: /Change it\.$/ })).toBeNull();
  });
  it('settle is one short press beside them', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('dough'));
    await heading('Dough');
    fireEvent.click(await screen.findByRole('button', { name: 'Settle' }));
    await waitFor(() => expect(router.state.location.pathname).toBe(at('folds')));
  });
});

describe('the edge on a phone', () => {
  it('has the places behind the mark’s arrow', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('dough'));
    await heading('Dough');
    expect(screen.queryByRole('navigation', { name: 'Places' })).toBeNull();
    fireEvent.keyDown(screen.getByRole('button', { name: 'Places' }), { key: 'Enter' });
    const words = (await screen.findAllByRole('menuitem')).map((m) => m.textContent);
    expect(words).toEqual(['Today', 'Days', 'Bench', 'Log', 'Larder']);
    fireEvent.click(screen.getByRole('menuitem', { name: 'Log' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/log'));
  });
  it('keeps the names of all eight stations for those who go by names', async () => {
    new FakeServer().plan(['filoCoil']);
    open(at('folds'));
    await heading('Leaves');
    const names = within(screen.getByRole('navigation', { name: 'Stations' })).getAllByRole('link');
    expect(names.map((a) => a.textContent)).toEqual([
      'Brief',
      'Dough',
      'Leaves',
      'Filling',
      'Cut',
      'Seal',
      'Oven',
      'Clock',
    ]);
  });
});

describe('the table on a phone', () => {
  it('stands upright with everybody to press', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('brief'));
    await heading('Brief');
    const guests = screen.getAllByRole('button', { name: /^Guest \d/ });
    expect(guests).toHaveLength(8);
    fireEvent.click(guests[3] as HTMLElement);
    const slip = await screen.findByRole('dialog');
    fireEvent.click(within(slip).getAllByRole('button', { pressed: false })[0] as HTMLElement);
    await waitFor(() => expect(store.getState().desk.meal?.eaters[3]?.avoids).toHaveLength(1));
  });
});

describe('the line on a phone', () => {
  it('shows the open station’s stretch with one bench stretch either side', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('cut'));
    await heading('Cut');
    const line = screen.getByRole('figure', { name: 'The Cold Line' });
    const bench = () =>
      within(line)
        .getAllByRole('listitem')
        .filter((li) => li.textContent.includes('at the bench'));
    const few = bench().length;
    fireEvent.click(within(line).getByRole('button', { name: 'Raise The Cold Line' }));
    expect(bench().length).toBeGreaterThan(few);
  });
});

describe('the clock on a phone', () => {
  it('goes down, with every step in words below', async () => {
    new FakeServer().plan(['handPies', 'roughPuff'], ['filoCoil']);
    open(at('clock'));
    await heading('Clock');
    const plan = store.getState().desk.plan;
    expect(screen.getByRole('img', { name: /The day from above down/ })).toBeTruthy();
    const list = screen.getByRole('list', { name: 'Every step of the day' });
    expect(within(list).getAllByRole('listitem')).toHaveLength(plan?.clock.steps.length ?? 0);
  });
});
