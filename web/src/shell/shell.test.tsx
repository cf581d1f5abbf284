import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { render } from '@testing-library/react';
import { store } from '../desk/store';
import { FakeServer, heading, open } from '../testing/household';
import { ErrorBoundary } from './ErrorBoundary';
import { applyLight, toggleLight } from '../design/light';

const at = (station: string) => `/bakes/bake1/bake1item1/${station}`;
const press = (key: string, target: Element = document.body, more: object = {}) =>
  fireEvent.keyDown(target, { key, ...more });

beforeEach(() => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  document.documentElement.removeAttribute('data-reasons');
  delete document.documentElement.dataset['light'];
});
afterEach(() => jest.restoreAllMocks());

describe('the keys of the desk', () => {
  it.each([
    ['1', 'brief'],
    ['2', 'dough'],
    ['3', 'folds'],
    ['4', 'filling'],
    ['5', 'cut'],
    ['6', 'seal'],
    ['7', 'oven'],
    ['8', 'clock'],
  ])('%s goes to %s', async (key, station) => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at(station === 'dough' ? 'brief' : 'dough'));
    await heading(station === 'dough' ? 'Brief' : 'Dough');
    press(key);
    await waitFor(() => expect(router.state.location.pathname).toBe(at(station)));
  });
  it('0 goes to Today and B to the bench', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('dough'));
    await heading('Dough');
    press('0');
    await waitFor(() => expect(router.state.location.pathname).toBe('/'));
    press('b');
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
  });
  it('L raises the line and lowers it again', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('l');
    expect(await screen.findByRole('button', { name: 'Lower The Cold Line' })).toBeTruthy();
    press('L');
    expect(await screen.findByRole('button', { name: 'Raise The Cold Line' })).toBeTruthy();
  });
  it('W writes every because in full, and briefly again', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('w');
    expect(document.documentElement.hasAttribute('data-reasons')).toBe(true);
    press('w');
    expect(document.documentElement.hasAttribute('data-reasons')).toBe(false);
  });
  it('E turns the light and it stays so on this device', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('e');
    const first = localStorage.getItem('crustallum.light');
    press('e');
    expect(new Set([first, localStorage.getItem('crustallum.light')])).toEqual(new Set(['day', 'evening']));
  });
  it('Enter settles the station where no press has the focus', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('dough'));
    await heading('Dough');
    press('Enter', screen.getByRole('button', { name: 'more: To make' }));
    expect(store.getState().desk.items[0]?.settled).toEqual([]);
    press('Enter');
    await waitFor(() => expect(router.state.location.pathname).toBe(at('folds')));
    expect(store.getState().desk.items[0]?.settled).toEqual(['dough']);
  });
  it('comma and full stop slide the weight in hand by one, with Shift by five', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    const slider = screen.getByRole('slider', { name: 'To make' });
    const count = () => store.getState().desk.items[0]?.document.brief.count;
    press('.', slider);
    await waitFor(() => expect(count()).toBe(9));
    press('>', slider, { shiftKey: true });
    await waitFor(() => expect(count()).toBe(14));
    press(',', slider);
    await waitFor(() => expect(count()).toBe(13));
  });
  it('do nothing while typing, with Control, or when switched off', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open(at('dough'));
    await heading('Dough');
    press('7', screen.getByRole('textbox', { name: 'To make' }));
    press('7', document.body, { ctrlKey: true });
    press('7', document.body, { altKey: true });
    localStorage.setItem('crustallum.keys', 'off');
    press('7');
    await act(async () => Promise.resolve());
    expect(router.state.location.pathname).toBe(at('dough'));
  });
  it('? lists them all, and they can be switched off there', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    press('?');
    const list = await screen.findByRole('dialog', { name: 'Keys' });
    expect(within(list).getAllByRole('term').length).toBeGreaterThan(10);
    fireEvent.click(within(list).getByRole('button', { name: 'Switch letter keys off' }));
    expect(localStorage.getItem('crustallum.keys')).toBe('off');
    fireEvent.click(within(list).getByRole('button', { name: 'Back' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
});

describe('the light', () => {
  const hour = (h: number) => jest.useFakeTimers({ now: new Date(2026, 11, 12, h) });
  afterEach(() => jest.useRealTimers());
  it.each([
    [6, true],
    [7, false],
    [12, false],
    [17, false],
    [18, true],
    [23, true],
  ])('at %i o’clock is evening: %p, by itself', (h, evening) => {
    localStorage.clear();
    hour(h);
    applyLight();
    expect(document.documentElement.dataset['light'] === 'evening').toBe(evening);
  });
  it('held by the cook does not follow the hour', () => {
    localStorage.clear();
    hour(12);
    applyLight();
    toggleLight();
    hour(13);
    applyLight();
    expect(document.documentElement.dataset['light']).toBe('evening');
    toggleLight();
    hour(22);
    applyLight();
    expect(document.documentElement.dataset['light']).toBeUndefined();
  });
});

describe('a screen that stumbles', () => {
  const Shaky = ({ broken }: { broken: { now: boolean } }) => {
    if (broken.now) throw new Error('a line of no length');
    return <p>drawn</p>;
  };
  it('says so, keeps the rest, and can be drawn again', () => {
    const broken = { now: true };
    render(
      <ErrorBoundary>
        <Shaky broken={broken} />
      </ErrorBoundary>,
    );
    expect(screen.getByRole('alert').textContent).toMatch(/What you put in is kept\. \(a line of no length\)/);
    broken.now = false;
    fireEvent.click(screen.getByRole('button', { name: 'Draw it again' }));
    expect(screen.getByText('drawn')).toBeTruthy();
  });
  it('is left behind when another is opened', () => {
    const broken = { now: true };
    const page = (key: string) => (
      <ErrorBoundary resetKey={key}>
        <Shaky broken={broken} />
      </ErrorBoundary>
    );
    const { rerender } = render(page('a'));
    broken.now = false;
    rerender(page('b'));
    expect(screen.getByText('drawn')).toBeTruthy();
  });
});

describe('the edge', () => {
  it('leads to every station of the pie in hand and marks where one is', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open(at('cut'));
    await heading('Cut');
    const links = within(screen.getByRole('navigation', { name: 'Stations' })).getAllByRole('link');
    expect(links.map((a) => a.getAttribute('href'))).toEqual(
      ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'].map(at),
    );
    expect(links.filter((a) => a.getAttribute('aria-current') === 'page').map((a) => a.textContent)).toEqual(['Cut']);
  });
  it('crimps what is settled and says what came undone', async () => {
    const bake = new FakeServer().plan(['handPies', 'roughPuff']);
    const [item] = bake.items;
    if (item)
      Object.assign(item, {
        settled: ['brief', 'dough'],
        undone: [{ station: 'cut', because: 'dough', field: 'dough.fatToFlourPct', from: '75', to: '70' }],
      });
    open(at('oven'));
    await heading('Oven');
    expect(screen.getAllByRole('link', { name: /, settled$/ })).toHaveLength(2);
    expect(screen.getAllByRole('link', { name: /, came undone$/ })).toHaveLength(1);
  });
  it('of an address of nothing leads back', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    const router = open('/nowhere/at/all');
    await heading('There is no such page here');
    fireEvent.click(screen.getByRole('link', { name: 'Back to Today' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/'));
  });
  it('of a bake that is not there says so', async () => {
    new FakeServer().plan(['handPies', 'roughPuff']);
    open('/bakes/other/item/dough');
    await heading('There is no such bake here');
  });
});

describe('two devices at once', () => {
  it('ask whose change stands, and take what is said', async () => {
    const server = new FakeServer();
    const bake = server.plan(['handPies', 'roughPuff']);
    open(at('dough'));
    await heading('Dough');
    server.failing = { path: /^items\//, status: 409 };
    const theirs = {
      ...bake.items[0],
      version: 7,
      title: 'Theirs',
      document: { ...bake.items[0]?.document, title: 'Theirs' },
    };
    server.current = theirs;
    fireEvent.click(screen.getByRole('button', { name: 'more: To make' }));
    const slip = await screen.findByRole('dialog', { name: 'Hand pies was changed elsewhere too' }, { timeout: 4000 });
    server.failing = null;
    fireEvent.click(within(slip).getByRole('button', { name: 'What was put elsewhere' }));
    await waitFor(() => expect(store.getState().desk.items[0]).toMatchObject({ title: 'Theirs', version: 7 }));
    expect(store.getState().desk.unsaved).toEqual([]);
  });
});
