import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';

beforeEach(() => jest.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => jest.restoreAllMocks());

const stock = (name: string, grams: number, shelf = 'C') => ({ id: name, version: 1, name, grams, shelf, note: '' });
async function larder(...things: ReturnType<typeof stock>[]): Promise<FakeServer> {
  const server = new FakeServer();
  server.plan(['handPies', 'shortcrust']);
  server.larder = things;
  open('/larder');
  await heading('Larder');
  return server;
}
const list = () => screen.getByRole('list', { name: 'Things found' });

describe('the larder', () => {
  it('lists what is there with its place', async () => {
    await larder(stock('Butter', 640), stock('Flour', 2100, 'H'));
    await waitFor(() => expect(within(list()).getAllByRole('button')).toHaveLength(2));
    expect(list().textContent).toMatch(/Butter640 g C/);
  });
  it('shows one place at twice the size, with what stands in it', async () => {
    await larder(stock('Butter', 640), stock('Flour', 2100, 'H'));
    await within(list()).findByText('Flour');
    fireEvent.click(screen.getByRole('radio', { name: 'all' }));
    expect(within(screen.getByRole('list', { name: 'In the fridge, third' })).getByRole('button').textContent).toMatch(
      /Butter640 g/,
    );
    fireEvent.click(screen.getByRole('radio', { name: 'H: shelf, upper' }));
    fireEvent.click(
      within(screen.getByRole('list', { name: 'In the shelf, upper' })).getByRole('button', { name: /Flour/ }),
    );
    expect(screen.getByRole('heading', { level: 2, name: 'Flour' })).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'E: freezer, top' }));
    expect(screen.getByText('Nothing stands here.')).toBeTruthy();
  });
  it('says that it is empty', async () => {
    await larder();
    expect(await screen.findByText('The larder is empty.')).toBeTruthy();
  });
  it('finds by part of a name, and says when nothing has it', async () => {
    await larder(stock('Butter', 640), stock('Flour', 2100, 'H'));
    await within(list()).findByText('Flour');
    fireEvent.change(screen.getByLabelText('Find in the larder'), { target: { value: 'lou' } });
    expect(within(list()).getAllByRole('button')).toHaveLength(1);
    fireEvent.change(screen.getByLabelText('Find in the larder'), { target: { value: 'quince' } });
    expect(screen.getByText('Nothing by that name.')).toBeTruthy();
  });
  it('puts in what was looked for', async () => {
    const server = await larder(stock('Butter', 640));
    await within(list()).findByText('Butter');
    fireEvent.change(screen.getByLabelText('Find in the larder'), { target: { value: 'Quince' } });
    fireEvent.click(screen.getByRole('button', { name: /Put in Quince/ }));
    await waitFor(() => expect(server.larder.map((t) => t.name)).toContain('Quince'));
  });
  it('counts what this day lacks', async () => {
    await larder(stock('Butter', 10), stock('Flour', 9000, 'H'), stock('Salt', 100, 'H'), stock('Egg', 300));
    expect(await screen.findByText('To buy: 1')).toBeTruthy();
    expect(screen.getByText(/there is 10/)).toBeTruthy();
  });
  it('changes an amount, and takes no nonsense for one', async () => {
    const server = await larder(stock('Butter', 640));
    const amount = await screen.findByRole('textbox', { name: 'There is' });
    fireEvent.change(amount, { target: { value: 'lots' } });
    expect(screen.getByRole('alert').textContent).toMatch(/There is: 0 to/);
    fireEvent.change(amount, { target: { value: '500' } });
    await waitFor(() => expect(server.larder[0]?.grams).toBe(500));
  });
  it('takes a thing out and offers to put it back', async () => {
    const server = await larder(stock('Butter', 640));
    fireEvent.click(await screen.findByRole('button', { name: /Take it out/ }));
    await waitFor(() => expect(server.larder).toHaveLength(0));
    fireEvent.click(screen.getByRole('button', { name: 'Put it back' }));
    await waitFor(() => expect(server.sent.some((s) => s.path === 'larder/Butter/restore')).toBe(true));
  });
  it('says that it cannot be read', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    server.failing = { path: /^larder/, status: 500 };
    open('/larder');
    expect(await screen.findByText('The larder cannot be read just now.')).toBeTruthy();
  });
});

describe('the kitchen', () => {
  async function kitchen(): Promise<FakeServer> {
    const server = await larder(stock('Butter', 640));
    fireEvent.click(screen.getByRole('radio', { name: 'kitchen' }));
    await screen.findByLabelText(/^Kitchen/, undefined, { timeout: 5000 });
    return server;
  }
  const keep = async () => {
    const press = screen.getByRole<HTMLButtonElement>('button', { name: 'Keep the kitchen so' });
    await waitFor(() => expect(press.disabled).toBe(false));
    fireEvent.click(press);
  };
  it('keeps when a cook comes and goes, under their name, until they are there all day again', async () => {
    const server = await kitchen();
    fireEvent.change(screen.getByRole('textbox', { name: 'Cook 1' }), { target: { value: 'Ines' } });
    fireEvent.click(screen.getByRole('button', { name: 'Ines comes and goes' }));
    const until = screen.getByRole('textbox', { name: 'Ines is there to' });
    fireEvent.change(until, { target: { value: '3.30 pm' } });
    fireEvent.blur(until);
    fireEvent.change(screen.getByRole('textbox', { name: 'Cook 1' }), { target: { value: 'Noor' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep the kitchen so' }));
    const hours = [{ cook: 'Noor', fromMin: 9 * 60, toMin: 15 * 60 + 30 }];
    await waitFor(() => expect(server.kitchen.document.hours).toEqual(hours));
    fireEvent.click(screen.getByRole('button', { name: 'Noor is there all day' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Keep the kitchen so' }));
    await waitFor(() => expect(server.kitchen.document.hours).toEqual([]));
  });
  it('is kept as it is typed, in the units it states', async () => {
    const server = await kitchen();
    fireEvent.input(screen.getByLabelText(/^Kitchen/), { target: { value: '26' } });
    await keep();
    await waitFor(() => expect(server.kitchen.document.roomC).toBe(26));
  });
  it('says what a number may be and keeps what was typed', async () => {
    const server = await kitchen();
    fireEvent.input(screen.getByLabelText(/^Kitchen/), { target: { value: '80' } });
    expect(await screen.findByText(/5 to 40 °C/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(/^Kitchen/).value).toBe('80');
    expect(server.kitchen.version).toBe(1);
  });
  it('says that it was not kept when the server does not answer', async () => {
    const server = await kitchen();
    server.failing = { path: /^kitchen/, status: 500 };
    fireEvent.input(screen.getByLabelText(/^Fridge/), { target: { value: '6' } });
    await keep();
    expect(await screen.findByText(/It was not kept/)).toBeTruthy();
  });
});
