import type { ItemInput } from '@crustallum/core/contracts/item';
import { formItem } from '@crustallum/core/plan/forms';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, open } from '../testing/household';
import { runOfItems, stepIndex } from '../testing/runs';
import { addEvent, benchStore, eventsOf, startRun } from './benchStore';
import { actualParts, inThePot, weighingOf } from './weighing';

const stew: ItemInput['filling']['ingredients'] = [
  { name: 'Chicken, cooked', gramsPer100: 55 },
  { name: 'Milk', gramsPer100: 40 },
  { name: 'Plain flour', gramsPer100: 3 },
];

beforeEach(async () => {
  await benchStore.runs.clear();
  await benchStore.events.clear();
});

async function atThePot() {
  const item = formItem('potPies', 8, 'You');
  const run = runOfItems([{ ...item, filling: { ...item.filling, name: 'Creamed chicken', ingredients: stew } }]);
  await startRun(run);
  for (let i = 0; i < stepIndex(run, 'cookFilling'); i++) await addEvent(run, 'next');
  new FakeServer();
  open('/bench');
  await screen.findByRole('region', { name: 'Poured by feel' });
  return run;
}
const press = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('the pot at the bench', () => {
  it('is poured into by a first lot and additions, taken back, and told in a word', async () => {
    const run = await atThePot();
    const planned = run.plan.items[0]?.fillingParts?.find((p) => p.name === 'Milk')?.grams ?? 0;
    const milk = async () => inThePot(weighingOf(await eventsOf(run.id), 0), 'Milk');
    press(/^Milk: .* first$/);
    await waitFor(async () => expect(await milk()).toBeCloseTo(0.75 * planned, 0));
    fireEvent.click(await screen.findByRole('button', { name: 'Milk: 30 g more' }));
    await waitFor(async () => expect(await milk()).toBeCloseTo(0.75 * planned + 30, 0));
    press(/^Milk: take the last back/);
    await waitFor(async () => expect(await milk()).toBeCloseTo(0.75 * planned, 0));
    const how = within(screen.getByRole('radiogroup', { name: 'How the pot is' }));
    fireEvent.click(how.getByRole('radio', { name: 'too thin' }));
    await screen.findByText(/A little more plain flour/);
    fireEvent.click(how.getByRole('radio', { name: 'too thick' }));
    await screen.findByText(/A little more milk/);
  });
  it('adds nothing to the dough; flour dusted in is flour of the dough', async () => {
    const run = await atThePot();
    press(/^Milk: .* first$/);
    await addEvent(run, 'poured', { itemIndex: 0, grams: 5, dust: true });
    const item = run.plan.items[0];
    const now = weighingOf(await eventsOf(run.id), 0);
    if (!item) throw new Error('no item');
    const [flour, ...rest] = actualParts(item, now);
    expect(flour?.grams).toBeCloseTo((item.parts?.[0]?.grams ?? 0) + 5, 6);
    expect(rest.map((p) => p.grams)).toEqual(item.parts?.slice(1).map((p) => p.grams));
  });
});
