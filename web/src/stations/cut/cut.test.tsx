import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { scale } from '../../devices/scale';
import { FakeServer, heading, open } from '../../testing/household';

jest.setTimeout(60_000);
const patient = { timeout: 20_000 };

async function atCut(): Promise<void> {
  new FakeServer().plan(['handPies', 'shortcrust']);
  open('/bakes/bake1/bake1item1/cut');
  await heading('Cut');
}
const show = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
const set = (label: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });

describe('rounds freely placed', () => {
  it('are told beside the rows, with the most there could be, and the smallest sheets for as many', async () => {
    await atCut();
    show('freely');
    const said = screen.getByRole('status');
    await waitFor(
      () => expect(said.textContent).toMatch(/\d+ (freely placed, \d+ in rows; no way|in rows, and no freer)/),
      patient,
    );
    const sheets = screen.getByRole('list', { name: 'Smallest sheets' });
    await waitFor(() => expect(within(sheets).getAllByRole('listitem').length).toBeGreaterThan(0), patient);
    expect(sheets.textContent).toMatch(/cm (round|square)?.*g of dough at/);
    expect(sheets.textContent).not.toMatch(/NaN|undefined/);
  });
});

describe('portions on the scale', () => {
  const weigh = async (grams: number) => {
    scale.put(grams);
    await waitFor(() => expect(screen.getByRole('status').textContent).toMatch(new RegExp(`On the scale ${grams} g`)));
    fireEvent.click(screen.getByRole('button', { name: 'That is one' }));
  };
  it('are weighed one by one and evened out in the fewest moves', async () => {
    await atCut();
    show('portions');
    set('Portions', '3');
    set('Each', '80');
    set('Give or take', '1');
    for (const grams of [86, 75, 80]) await weigh(grams);
    const moves = await screen.findByRole('region', { name: 'Moves' }, patient);
    expect(
      within(moves)
        .getAllByRole('listitem')
        .map((li) => li.textContent),
    ).toEqual(['5 gfrom portion 1 to portion 2']);
  });
  it('too much for all of them is said, with what they can be', async () => {
    await atCut();
    show('portions');
    set('Portions', '2');
    set('Each', '60');
    for (const grams of [80, 80]) await weigh(grams);
    const moves = await screen.findByRole('region', { name: 'Moves' }, patient);
    expect(moves.textContent).toMatch(/40 g over: it comes out at 80 g each/);
    fireEvent.click(within(moves).getByRole('button', { name: 'Take 80 g each' }));
    await waitFor(() => expect(screen.getByText('All are right.')).toBeTruthy(), patient);
  });
});
