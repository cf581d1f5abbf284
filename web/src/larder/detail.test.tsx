import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';
import type { LarderThing } from '@crustallum/core/contracts/larder';

const thing = (name: string, more: Partial<LarderThing> = {}): LarderThing => ({
  id: name.replace(/\W/g, ''),
  version: 1,
  name,
  grams: 500,
  shelf: 'C',
  note: '',
  ...more,
});
async function larder(...things: LarderThing[]): Promise<FakeServer> {
  const server = new FakeServer();
  server.larder = things;
  open('/larder');
  await heading('Larder');
  await screen.findAllByText(things[0]?.name ?? '');
  return server;
}
const field = (name: string | RegExp) => screen.findByRole('textbox', { name });

describe('a thing of the larder', () => {
  it('shows what it is made of, where it works and what is in it', async () => {
    await larder(thing('Butter', { ingredient: 'butter' }));
    await screen.findByRole('img', { name: /In 100 g: fat 82, water 16/ });
    expect(screen.getByText('10–16°')).toBeTruthy();
    expect(screen.getByText(/Has milk/)).toBeTruthy();
  });
  it('believes its label', async () => {
    const server = await larder(thing('Butter', { ingredient: 'butter' }));
    fireEvent.click(await screen.findByText('Change what it says'));
    fireEvent.change(await field('fat on its packet'), { target: { value: '70' } });
    await screen.findByRole('img', { name: /In 100 g: fat 70/ });
    expect(server.larder[0]?.label).toEqual({ fatPct: 70 });
  });
  it('learns this cook’s own cup: mean and spread of the weighed', async () => {
    const server = await larder(thing('Flour', { ingredient: 'flour' }));
    const cup = await field('A cup weighed');
    for (const g of ['130', '140']) {
      fireEvent.change(cup, { target: { value: g } });
      fireEvent.click(screen.getByRole('button', { name: 'Add this cup' }));
      await waitFor(() => expect(server.larder[0]?.cupsG?.at(-1)).toBe(Number(g)));
      await screen.findByText(new RegExp(`weighed: .*${g}`));
    }
    await screen.findByText('135 g');
    fireEvent.click(screen.getByRole('button', { name: 'Forget the last cup' }));
    await waitFor(() => expect(server.larder[0]?.cupsG).toEqual([130]));
  });
  it('that nobody knows is told what it is', async () => {
    const server = await larder(thing('The yellow stuff'));
    fireEvent.click(await screen.findByText('Change what it says'));
    fireEvent.change(await field('What it is'), { target: { value: 'maize meal' } });
    fireEvent.click(await screen.findByRole('button', { name: 'Maize meal' }));
    await waitFor(() => expect(server.larder[0]?.ingredient).toBe('maizeMeal'));
  });
  it('is found by another word for it, slips forgiven', async () => {
    await larder(thing('Leeks, four', { ingredient: 'leek' }), thing('Courgette', { ingredient: 'courgette' }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Find in the larder' }), { target: { value: 'zuccini' } });
    const found = await screen.findByRole('list', { name: 'Things found' });
    await waitFor(() =>
      expect(
        within(found)
          .getAllByRole('button')
          .map((b) => b.textContent),
      ).toEqual(['Courgette500 g C']),
    );
  });
  it('put in by a word the table knows stands where such things stand', async () => {
    const server = await larder(thing('Salt', { ingredient: 'salt' }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Find in the larder' }), { target: { value: 'Ricotta' } });
    fireEvent.click(await screen.findByRole('button', { name: /Put in Ricotta/ }));
    await waitFor(() => expect(server.larder[1]).toMatchObject({ name: 'Ricotta', ingredient: 'ricotta', shelf: 'C' }));
  });
  it('that did not reach the server says so', async () => {
    const server = await larder(thing('Butter', { ingredient: 'butter' }));
    server.down = true;
    fireEvent.change(await field('There is'), { target: { value: '20' } });
    await screen.findByText(/It was not kept/);
  });
});
