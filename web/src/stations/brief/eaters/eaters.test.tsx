import { anyEater } from '@crustallum/core/contracts/eater';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { desk } from '../../../desk/desk';
import { store } from '../../../desk/store';
import { FakeServer, heading, open } from '../../../testing/household';

const at = (station: string) => `/bakes/bake1/bake1item1/${station}`;
const noor = { ...anyEater('Noor'), avoids: ['egg' as const] };
/** The page with Noor at the table, who must not meet egg. */
async function eaters(server: FakeServer, more: object[] = []) {
  server.plan(['handPies', 'shortcrust']);
  open(at('eaters'));
  await heading('Who may eat what');
  const { meal, items } = store.getState().desk;
  if (!meal || !items[0]) throw new Error('no meal');
  const document = {
    ...items[0].document,
    filling: { ...items[0].document.filling, ingredients: [{ name: 'Squash', gramsPer100: 120 }, ...more] },
  } as (typeof items)[0]['document'];
  store.dispatch(desk.actions.itemChanged({ id: items[0].id, document }));
  store.dispatch(desk.actions.mealChanged({ ...meal, eaters: [noor, anyEater('Sanne')] }));
  await screen.findByRole('button', { name: /^Noor: Hand pies not for noor, egg/ });
}
const column = () => screen.getByRole('complementary');

describe('who may eat what', () => {
  it('says of everybody nothing stands in the way while nobody said a thing', async () => {
    new FakeServer().plan(['handPies', 'shortcrust']);
    open(at('eaters'));
    await heading('Who may eat what');
    expect(screen.getByText(/8 eat everything\. Does anybody not eat something/)).toBeTruthy();
  });
  it('names what stands in the way, where, and mends it with one press', async () => {
    await eaters(new FakeServer());
    expect(column().textContent).toMatch(/Not for Noor: egg, under the rim and in the wash/);
    const mend = await screen.findByRole('button', { name: /rim: egg → milk, wash: egg → cream: then Noor may eat/ });
    fireEvent.click(mend);
    await waitFor(() => expect(column().textContent).toMatch(/may eat of everything/));
    expect(store.getState().desk.items[0]?.document.seal).toMatchObject({ glue: 'milk', wash: 'cream' });
  });
  it('takes what a label names into the larder, and answers by it', async () => {
    const server = new FakeServer();
    await eaters(server, [{ name: 'Vegetable stock', gramsPer100: 10 }]);
    fireEvent.click(screen.getByRole('button', { name: /^Read the label of vegetable stock/ }));
    const slip = await screen.findByRole('dialog');
    fireEvent.click(within(within(slip).getByRole('group', { name: 'It names' })).getByRole('button', { name: /egg/ }));
    fireEvent.click(within(slip).getByRole('button', { name: 'That is all it names' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(server.sent.find((s) => s.method === 'POST' && s.path === 'larder')?.body).toMatchObject({
      name: 'Vegetable stock',
      label: { contains: ['egg'] },
    });
  });
  it('opens the slip of who is chosen', async () => {
    await eaters(new FakeServer());
    fireEvent.click(screen.getByRole('button', { name: /^Sanne:/ }));
    expect(column().textContent).toContain('eats everything');
    fireEvent.click(screen.getByRole('button', { name: 'change' }));
    const slip = await screen.findByRole('dialog');
    fireEvent.change(within(slip).getByRole('textbox', { name: /Something else/ }), { target: { value: 'no squash' } });
    fireEvent.click(within(slip).getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(store.getState().desk.meal?.eaters[1]?.words).toEqual(['squash']));
  });
});
