import type { ItemInput } from '@crustallum/core/contracts/item';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import type { Form } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';

async function atFilling(
  form: Form,
  filling: Partial<ItemInput['filling']> = {},
  larder: LarderThing[] = [],
): Promise<void> {
  const item = formItem(form, 8, 'You');
  const server = new FakeServer();
  server.larder = larder;
  server.planned([{ ...item, filling: { ...item.filling, ...filling } }]);
  open('/bakes/bake1/bake1item1/filling');
  await heading('Filling');
}
const filling = () => store.getState().desk.items[0]?.document.filling;
const planned = () => store.getState().desk.plan?.items[0]?.filling;
const codes = () => store.getState().desk.plan?.clock.steps.map((s) => s.code) ?? [];
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const write = (name: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } });
const thin = [
  { name: 'Stewing beef', gramsPer100: 55 },
  { name: 'Stock', gramsPer100: 45 },
];

describe('the body of a sauce', () => {
  it('too thin is mended by one press, and then nothing more is asked for', async () => {
    await atFilling('potPies', { type: 'stew_thick', ingredients: thin });
    fireEvent.click(screen.getByRole('radio', { name: 'body' }));
    const ways = within(await screen.findByRole('region', { name: 'Too thin' })).getAllByRole('button');
    expect(ways.length).toBeGreaterThan(3);
    press(/maize starch/);
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Too thin' })).toBeNull());
    expect(filling()?.ingredients.map((i) => i.name)).toEqual(['Stewing beef', 'Stock', 'Maize starch']);
    expect(planned()?.sauce?.inThePan).toBe(planned()?.sauce?.wanted);
    expect(screen.getByRole('img', { name: /^In the pan the sauce is/ })).toBeTruthy();
  });
  it('is not asked of a filling nothing is poured into', async () => {
    await atFilling('turnovers');
    expect(screen.queryByRole('radio', { name: 'body' })).toBeNull();
  });
});

describe('one pot', () => {
  const stew = [
    { name: 'Stewing beef', gramsPer100: 70 },
    { name: 'Onion', gramsPer100: 20 },
    { name: 'Stock', gramsPer100: 45 },
    { name: 'Plain flour', gramsPer100: 4 },
  ];
  const enters = (name: string) => {
    const pot = planned()?.pot;
    return pot?.entersMin[planned()?.parts.findIndex((p) => p.name === name) ?? -1];
  };
  it('has its order, which is the cook’s to change, and comes back to the usual by one press', async () => {
    await atFilling('potPies', { type: 'stew_thick', cookMinutes: 90, ingredients: stew });
    fireEvent.click(screen.getByRole('radio', { name: 'pot' }));
    await screen.findByRole('img', { name: /^The pot for 90 min: after 0 min stewing beef in, it fries/ });
    expect(enters('Stewing beef')).toBe(0);
    expect(enters('Stock')).toBeGreaterThan(enters('Plain flour') ?? 0);
    const usual = enters('Onion');
    write('Onion goes in after', '40');
    await waitFor(() => expect(enters('Onion')).toBe(40));
    expect(filling()?.ingredients.find((i) => i.name === 'Onion')?.entersMin).toBe(40);
    const steam = planned()?.pot?.steamG ?? 0;
    const lids = screen.getAllByRole('combobox', { name: /^Lid after/ });
    fireEvent.change(lids.at(-1) as HTMLElement, { target: { value: 'open' } });
    await waitFor(() => expect(planned()?.pot?.steamG).toBeGreaterThan(steam));
    press('In the usual order');
    await waitFor(() => expect(enters('Onion')).toBe(usual));
    expect(filling()?.pot).toBeUndefined();
  });
  it('is not asked of what goes in raw', async () => {
    await atFilling('pasties');
    expect(screen.queryByRole('radio', { name: 'pot' })).toBeNull();
  });
});

describe('layers', () => {
  it('take salt of their own, and are laid deeper by a press', async () => {
    await atFilling('pasties', { layered: true });
    write('Potato, its salt', '2');
    await waitFor(() => expect(planned()?.parts.find((p) => p.name === 'Potato')?.saltPct).toBe(2));
    const second = planned()?.parts[1]?.name ?? '';
    press(`Lay ${second} one deeper`);
    await waitFor(() => expect(planned()?.parts[0]?.name).toBe(second));
  });
});

describe('a paste of a filling', () => {
  it('that slumps is brought to hold a scoop by one press', async () => {
    await atFilling('turnovers', {
      type: 'cheese_egg',
      ingredients: [
        { name: 'Ricotta', gramsPer100: 80 },
        { name: 'Whole milk', gramsPer100: 22 },
      ],
    });
    fireEvent.click(screen.getByRole('radio', { name: 'body' }));
    await screen.findByRole('img', { name: /slumps$/ });
    press(/fresh crumbs$/);
    await screen.findByRole('img', { name: /holds a scoop$/ });
    expect(filling()?.ingredients.at(-1)?.name).toBe('Fresh breadcrumbs');
  });
});

describe('a filling that goes in hot', () => {
  it('is offered where a dish holds it', async () => {
    await atFilling('potPies', { cookedC: 85 });
    const goesIn = () => screen.getByRole('radiogroup', { name: 'Goes in' });
    fireEvent.click(within(goesIn()).getByRole('radio', { name: 'hot' }));
    await waitFor(() => expect(codes()).not.toContain('coolFilling'));
    fireEvent.click(within(goesIn()).getByRole('radio', { name: 'cooled' }));
    await waitFor(() => expect(codes()).toContain('coolFilling'));
  });
  it('is not offered where pastry is folded over it, nor where it is cold', async () => {
    await atFilling('pasties', { cookedC: 85 });
    expect(screen.queryByRole('radiogroup', { name: 'Goes in' })).toBeNull();
    await atFilling('potPies', { cookedC: 8 });
    expect(screen.queryByRole('radiogroup', { name: 'Goes in' })).toBeNull();
  });
});

describe('a filling that is made already', () => {
  it('is all that is needed, from the fridge, until the cook says otherwise', async () => {
    await atFilling('potPies');
    press('It is made already');
    await waitFor(() => expect(codes()).not.toContain('cookFilling'));
    const have = filling()?.have;
    expect(have?.grams).toBeCloseTo(planned()?.totalG ?? 0, -1);
    expect(screen.queryByText(/filling is .* old/)).toBeNull();
    write('Filling there is', '500');
    write('Filling made, ago', '70');
    expect(filling()?.have).toMatchObject({ grams: 500, ageHours: 70 });
    // too old is said at once, with the local rules before it
    expect((await screen.findAllByText(/it is not to be used/)).length).toBeGreaterThan(0);
    press('The filling is still to be made');
    await waitFor(() => expect(codes()).toContain('cookFilling'));
  });
  it('raw is begun from as fresh as it keeps, so that it passes', async () => {
    await atFilling('pasties');
    press('It is made already');
    await waitFor(() => expect(codes()).not.toContain('prepareFilling'));
    expect(screen.queryByText(/it is not to be used/)).toBeNull();
  });
  it('of no weight is not taken', async () => {
    await atFilling('potPies', { have: { grams: 900, atC: 4, ageHours: 12 } });
    write('Filling there is', '0');
    expect(screen.getByRole('alert').textContent).toMatch(/Filling there is: 1 to 20.?000 g/);
    expect(filling()?.have?.grams).toBe(900);
  });
});

describe('whether it all fits', () => {
  const show = async (view: string) => fireEvent.click(await screen.findByRole('radio', { name: view }));
  const times = (form: Form, factor: number) =>
    formItem(form, 8, 'You').filling.ingredients.map((i) => ({ ...i, gramsPer100: factor * i.gramsPer100 }));
  it('too much makes more pies, or is kept with its date', async () => {
    await atFilling('pasties', { ingredients: times('pasties', 1.6) });
    await show('fit');
    press(/^Keep the spare till /);
    await screen.findByText('The spare filling is in the larder, with its date.');
    const bought = () => planned()?.parts.reduce((sum, p) => sum + p.grams, 0) ?? 0;
    const before = bought();
    press(/^Make \d more$/);
    // no more is bought for them: it is what was too much
    await waitFor(() => expect(planned()?.spareG).toBeLessThan(planned()?.eachG ?? 0));
    expect(store.getState().desk.items[0]?.document.brief.count).toBeGreaterThan(8);
    expect(bought()).toBeCloseTo(before, 0);
  });
  it('too little is filled less full, or bought anew by what they hold', async () => {
    await atFilling('dishPie', { ingredients: times('dishPie', 0.8) });
    await show('fit');
    expect(screen.queryByRole('button', { name: /fewer$/ })).toBeNull();
    press('Buy more: what they hold');
    await screen.findByText('It fits, as full as they are wanted.');
    const { finishedG, totalG } = planned() ?? { finishedG: 0, totalG: 1 };
    expect((finishedG ?? 0) / totalG).toBeCloseTo(1, 1);
  });
  it('is not said while it is not known what goes in', async () => {
    await atFilling('pasties', { ingredients: [] });
    await show('fit');
    expect(screen.getByText(/whether it fits is known when it is/)).toBeTruthy();
  });
});

describe('a filling of the cook’s own', () => {
  it('is kept under its name, and another pie begins from it', async () => {
    const server = new FakeServer();
    const own = { ...formItem('pasties', 8, 'You') };
    server.planned([{ ...own, filling: { ...own.filling, name: 'Noor’s walk', saltPct: 0.8 } }]);
    open('/bakes/bake1/bake1item1/filling');
    await heading('Filling');
    press('Keep it as mine');
    await screen.findByText('“Noor’s walk” is kept for other pies.');
    expect(server.kitchen.document.fillings?.map((f) => f.name)).toEqual(['Noor’s walk']);
    await screen.findByRole('button', { name: 'Keep mine so' });
    press('No longer keep it');
    await waitFor(() => expect(server.kitchen.document.fillings).toEqual([]));
  });
  it('weighed when it is ready is the cook’s own yield from then on', async () => {
    await atFilling('pasties');
    const ready = screen.getByRole('textbox', { name: 'Potato, ready' });
    fireEvent.change(ready, { target: { value: '200' } });
    fireEvent.blur(ready);
    await waitFor(() => expect(planned()?.parts.find((p) => p.name === 'Potato')?.inPieG).toBeCloseTo(200, 0));
    expect(filling()?.ingredients.find((i) => i.name === 'Potato')?.ownYieldPct).toBeGreaterThan(40);
    fireEvent.change(screen.getByRole('combobox', { name: 'Potato is first' }), { target: { value: 'boiled' } });
    await waitFor(() => expect(planned()?.parts.find((p) => p.name === 'Potato')?.preparation).toBe('boiled'));
    expect(filling()?.ingredients.find((i) => i.name === 'Potato')?.ownYieldPct).toBeUndefined();
  });
});

describe('the ways to cool it', () => {
  it('stand side by side with their minutes, and each is a press', async () => {
    await atFilling('lidOnly');
    fireEvent.click(screen.getByRole('radio', { name: 'cooling' }));
    const ways = within(await screen.findByRole('region', { name: 'Ways to cool it' })).getAllByRole('button');
    expect(ways).toHaveLength(7);
    const other = ways.find((w) => w.getAttribute('aria-pressed') === 'false') as HTMLElement;
    const said = other.textContent ?? '';
    fireEvent.click(other);
    await waitFor(() => expect(said).toContain(`${Math.round((planned()?.coolMinutes ?? 0) % 60)}`));
    const chosen = () =>
      within(screen.getByRole('region', { name: 'Ways to cool it' }))
        .getAllByRole('button')
        .filter((w) => w.getAttribute('aria-pressed') === 'true')
        .map((w) => w.textContent);
    await waitFor(() => expect(chosen()).toEqual([said]));
  });
});

describe('the juice of raw fruit', () => {
  const raw = (ingredients: ItemInput['filling']['ingredients']) => ({ type: 'berry_raw' as const, ingredients });
  it('too thin is bound by one press, and drawn off it asks for less', async () => {
    await atFilling(
      'lattice',
      raw([
        { name: 'Plum', gramsPer100: 95 },
        { name: 'White sugar', gramsPer100: 14 },
      ]),
    );
    fireEvent.click(screen.getByRole('radio', { name: 'body' }));
    const starch = async () => {
      const ways = await screen.findByRole('region', { name: 'Too thin' });
      return Number(/^(\d+) g/.exec(within(ways).getByRole('button', { name: /maize starch/ }).textContent ?? '')?.[1]);
    };
    const before = await starch();
    press('Draw the juice and boil it down');
    await screen.findByText(/Half an hour under its sugar draws/);
    await waitFor(async () => expect(await starch()).toBeLessThan(before));
    fireEvent.click(screen.getByRole('button', { name: /maize starch/ }));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Too thin' })).toBeNull());
    expect(planned()?.fruit?.body).toBe('holds a trail');
    expect(filling()?.ingredients.at(-1)?.name).toBe('Maize starch');
  });
});

describe('what goes in', () => {
  it('a tablespoon of nutmeg for a teaspoon is asked about, and put right by one press', async () => {
    await atFilling('pasties', {
      ingredients: [
        { name: 'Potato', gramsPer100: 110 },
        { name: 'Nutmeg', gramsPer100: 1.5 },
      ],
    });
    await screen.findByText(/^Nutmeg: .* A tablespoon for a teaspoon\?$/);
    press(/^Nutmeg: take [\d.]+ g$/);
    await waitFor(() => expect(screen.queryByText(/A tablespoon for a teaspoon/)).toBeNull());
    expect(filling()?.ingredients[1]?.gramsPer100).toBeLessThan(0.2);
  });
  it('what runs out first is named, with the pies that can be had of what is there', async () => {
    const leeks = { id: 'l1', version: 1, name: 'Leek', grams: 300, shelf: 'B', note: '' };
    await atFilling('pasties', { ingredients: [{ name: 'Leek', gramsPer100: 110 }] }, [leeks]);
    await screen.findByText(/leek runs out first/);
    press(/^Make \d+ pies?$/);
    await waitFor(() => expect(store.getState().desk.items[0]?.document.brief.count).toBeLessThan(8));
    await waitFor(() => expect(screen.queryByText(/runs out first/)).toBeNull());
  });
});

describe('a part made before the rest', () => {
  it('has a list of its own, which is on the day’s larder in its place', async () => {
    await atFilling('potPies', {
      ingredients: [
        { name: 'Squash', gramsPer100: 70 },
        { name: 'Vegetable stock', gramsPer100: 40, ahead: { kind: 'stock', hours: 2 } },
      ],
    });
    const own = within(await screen.findByRole('region', { name: 'Vegetable stock is made of' }));
    fireEvent.change(own.getByRole('textbox', { name: 'Vegetable stock is made of' }), {
      target: { value: 'celeriac' },
    });
    fireEvent.click(await own.findByRole('button', { name: /^Celeriac/ }));
    fireEvent.click(await own.findByRole('checkbox', { name: /^nothing else goes in/ }));
    await waitFor(() =>
      expect(filling()?.ingredients[1]?.ahead).toMatchObject({ of: [{ name: 'Celeriac' }], whole: true }),
    );
    await waitFor(() => {
      const names = store.getState().desk.plan?.needs.map((n) => n.name) ?? [];
      expect(names).toContain('Celeriac');
      expect(names).not.toContain('Vegetable stock');
    });
  });
});
