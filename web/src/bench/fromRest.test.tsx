import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { formItem } from '@crustallum/core/plan/forms';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { FromRest } from './FromRest';
import type { RunPlan } from './run';

const itemOf = (times: number): RunPlan['items'][number] => {
  const item = formItem('pasties', 7, 'You');
  const ingredients = item.filling.ingredients.map((i) => ({ ...i, gramsPer100: times * i.gramsPer100 }));
  return { document: { ...item, filling: { ...item.filling, ingredients } } } as RunPlan['items'][number];
};
const shown = (times: number) => {
  const said: unknown[][] = [];
  const begun: number[] = [];
  render(
    <FromRest
      item={itemOf(times)}
      kitchen={plainKitchen}
      say={(...what) => Promise.resolve(void said.push(what))}
      onBegun={() => begun.push(1)}
    />,
  );
  return { said, begun };
};

describe('something from the rest at the bench', () => {
  it('is small pies with their grams, and their timer is begun with a press', async () => {
    const { said, begun } = shown(1.5);
    const presses = await screen.findAllByRole('button', { name: 'They are in: begin their timer' });
    expect(screen.getByRole('region', { name: 'From the rest' }).textContent).toMatch(
      /half-moons? from rounds of .* g in each; about \d+ min/,
    );
    await userEvent.click(presses[0] as HTMLElement);
    await waitFor(() => expect(begun).toEqual([1]));
    expect(said[0]?.[0]).toBe('added');
    expect(said[0]?.[1]).toMatchObject({ words: expect.stringMatching(/probe one$/) as string });
  });
  it('is twists of the dough where no filling is left', async () => {
    shown(1);
    expect((await screen.findByRole('region', { name: 'From the rest' })).textContent).toMatch(
      /twists?, brushed and strewn/,
    );
  });
});
