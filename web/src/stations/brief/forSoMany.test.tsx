import type { Form } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';

/** At the Brief of pies made for so many, with eight at the table. */
async function atBrief(...pies: [Form, number][]): Promise<void> {
  new FakeServer().planned(pies.map(([form, people]) => formItem(form, people, 'You')));
  open('/bakes/bake1/bake1item1/brief');
  await heading('Brief');
}
const first = () => store.getState().desk.items[0]?.document;

describe('a pie for the people at the table', () => {
  it('of hand pies is more of them, taken by one press', async () => {
    await atBrief(['handPies', 4]);
    const before = store.getState().desk.plan?.items[0]?.cut.pieces ?? 0;
    expect((await screen.findByText(/^For 8:/)).textContent).toMatch(/8 pies/);
    expect(first()).toEqual(formItem('handPies', 4, 'You'));
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(screen.queryByText(/^For 8:/)).toBeNull());
    await waitFor(() => expect(store.getState().desk.plan?.items[0]?.cut.pieces).toBeGreaterThan(before));
  });
  it('of a tart is a larger dish', async () => {
    await atBrief(['openTart', 4]);
    const before = first()?.cut.vessel;
    expect((await screen.findByText(/^For 8:/)).textContent).toMatch(/dish(es)? of \d+ cm/);
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(first()?.cut.vessel).not.toEqual(before));
  });
  it('that is right says nothing, nor do several that feed them together', async () => {
    await atBrief(['handPies', 8]);
    expect(screen.queryByText(/^For 8:/)).toBeNull();
    await atBrief(['handPies', 4], ['openTart', 6]);
    expect(screen.queryByText(/^For 8:/)).toBeNull();
  });
});

describe('what a pie is made as', () => {
  it('is another form by a choice, its filling and name the cook’s, and is taken back like any change', async () => {
    await atBrief(['pasties', 8]);
    const { filling } = first() ?? {};
    const made = await screen.findByRole('combobox', { name: 'Pasties: made as' });
    await waitFor(() => expect(made.textContent).toBe('Pasties'));
    fireEvent.keyDown(made, { key: 'Enter' });
    fireEvent.click(await screen.findByRole('option', { name: 'Lattice' }));
    await waitFor(() => expect(first()).toMatchObject({ product: 'dishPie', title: 'Lattice pie', filling }));
    await waitFor(() => expect(store.getState().desk.plan?.items[0]?.seal.closing).toBe('lattice'));
  });
});
