import type { ItemInput } from '@crustallum/core/contracts/item';
import type { Form } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';

async function atOven(form: Form, oven: Partial<ItemInput['oven']> = {}): Promise<void> {
  const item = formItem(form, 8, 'You');
  new FakeServer().planned([{ ...item, oven: { ...item.oven, then: undefined, blind: undefined, ...oven } }]);
  open('/bakes/bake1/bake1item1/oven');
  await heading('Oven');
  fireEvent.click(screen.getByRole('radio', { name: 'programme' }));
}
const oven = () => store.getState().desk.items[0]?.document.oven;
const bakes = () => within(screen.getByRole('region', { name: 'How it is baked' }));
const press = (name: string) => fireEvent.click(bakes().getByRole('button', { name }));
const write = (name: string, value: string) =>
  fireEvent.change(bakes().getByRole('textbox', { name }), { target: { value } });

describe('heats after the first', () => {
  it('begin gentler than the one before, each later, until there are as many as an oven is turned', async () => {
    await atOven('dishPie', { setC: 200 });
    for (const n of [1, 2, 3, 4]) {
      press('Then another heat');
      expect(oven()?.then).toHaveLength(n);
    }
    const heats = [{ fromMin: 0, setC: 200 }, ...(oven()?.then ?? [])];
    heats.slice(1).forEach((h, i) => {
      expect(h.fromMin).toBeGreaterThan(heats[i]?.fromMin ?? 0);
      expect(h.setC).toBeLessThanOrEqual(heats[i]?.setC ?? 0);
    });
    expect(bakes().queryByRole('button', { name: 'Then another heat' })).toBeNull();
  });
  it('are as the cook writes them, and gone when taken away', async () => {
    await atOven('dishPie', { then: [{ fromMin: 20, setC: 170 }] });
    write('Heat 2 from', '25');
    write('Heat 2', '180');
    expect(oven()?.then).toEqual([{ fromMin: 25, setC: 180 }]);
    press('No heat 2');
    expect(oven()?.then).toBeUndefined();
  });
  it('that no oven has are not taken, and what is allowed is said', async () => {
    await atOven('dishPie', { then: [{ fromMin: 20, setC: 170 }] });
    write('Heat 2', '400');
    expect(screen.getByRole('alert').textContent).toMatch(/Heat 2: .*120 to 260/);
    expect(oven()?.then).toEqual([{ fromMin: 20, setC: 170 }]);
  });
});

describe('foil', () => {
  it('goes on late in the bake, and comes off again', async () => {
    await atOven('dishPie');
    const minutes = store.getState().desk.plan?.items[0]?.oven.minutes ?? 0;
    press('Foil over it');
    expect(oven()?.tentFromMin).toBeGreaterThan(minutes / 2);
    expect(oven()?.tentFromMin).toBeLessThan(minutes);
    press('No foil');
    expect(oven()?.tentFromMin).toBeUndefined();
  });
});

describe('the case empty first', () => {
  it('is offered in a dish, not for what is folded by hand', async () => {
    await atOven('pasties');
    expect(bakes().queryByRole('button', { name: 'The case empty first' })).toBeNull();
  });
  it('stands on the Clock once it is pressed, and is off it once taken away', async () => {
    await atOven('openTart');
    const codes = () => store.getState().desk.plan?.clock.steps.map((s) => s.code) ?? [];
    press('The case empty first');
    await waitFor(() => expect(codes()).toEqual(expect.arrayContaining(['blindBake', 'weightsOut'])));
    write('With weights', '18');
    write('Without weights', '12');
    fireEvent.click(bakes().getByRole('radio', { name: 'nothing' }));
    expect(oven()?.blind).toMatchObject({ weightsMin: 18, bareMin: 12, sealed: false });
    press('Not the case first');
    await waitFor(() => expect(codes()).not.toContain('blindBake'));
  });
});

describe('a page', () => {
  it('says minutes for a pie of its own, which are carried over and taken by one press', async () => {
    await atOven('dishPie');
    fireEvent.click(screen.getByRole('radio', { name: 'one look' }));
    fireEvent.click(screen.getByRole('button', { name: /^A page says other minutes/ }));
    const page = within(await screen.findByRole('region', { name: 'What a page says' }));
    fireEvent.change(page.getByRole('textbox', { name: 'The page’s filling, deep' }), { target: { value: '15' } });
    const take = await page.findByRole('button', { name: /^Bake it \d/ });
    fireEvent.click(take);
    const ours = store.getState().desk.plan?.items[0]?.oven.bake.proposed ?? 0;
    expect(oven()?.ownMin).toBeGreaterThan(ours);
    fireEvent.click(page.getByRole('button', { name: 'Put the page away' }));
    expect(screen.queryByRole('region', { name: 'What a page says' })).toBeNull();
  });
});

describe('another dish', () => {
  it('bakes beside this one, and its minutes are the station’s once it is taken', async () => {
    await atOven('dishPie');
    fireEvent.click(screen.getByRole('radio', { name: 'two dishes' }));
    const beside = within(await screen.findByRole('region', { name: 'Another dish' }));
    fireEvent.change(beside.getByRole('combobox'), { target: { value: 'the same of foil' } });
    await beside.findByRole('img', { name: /^this: .*other: / });
    fireEvent.click(await beside.findByRole('button', { name: 'Bake it in the same of foil' }));
    expect(store.getState().desk.items[0]?.document.cut.vesselMaterial).toBe('foil');
  });
  it('is not asked of what is baked in the hand', async () => {
    await atOven('turnovers');
    expect(screen.queryByRole('radio', { name: 'two dishes' })).toBeNull();
  });
});

describe('an oven that lets steam in', () => {
  it('is said once, then offered for every pie, and told when it goes in', async () => {
    await atOven('dishPie');
    expect(screen.queryByRole('radiogroup', { name: 'Steam to begin with' })).toBeNull();
    fireEvent.click(screen.getByRole('radio', { name: 'this oven' }));
    const steam = within(await screen.findByRole('radiogroup', { name: 'Steam' }));
    fireEvent.click(steam.getByRole('radio', { name: 'can be let in' }));
    const offered = within(await screen.findByRole('radiogroup', { name: 'Steam to begin with' }));
    fireEvent.click(offered.getByRole('radio', { name: '10 min' }));
    await waitFor(() => {
      const bake = store.getState().desk.plan?.clock.steps.find((s) => s.code === 'bake');
      expect(bake?.values['steamMin']).toBe(10);
    });
  });
});
