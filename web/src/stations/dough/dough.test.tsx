import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../../testing/household';
import { changeItem } from '../../desk/changes';
import { store } from '../../desk/store';

const dough = () => store.getState().desk.items[0]?.document.dough;
const eggs = () => store.getState().desk.plan?.items[0]?.eggs;

async function atDough(
  pastry: 'shortcrust' | 'roughPuff' = 'shortcrust',
  larder: FakeServer['larder'] = [],
): Promise<FakeServer> {
  const server = new FakeServer();
  server.larder = larder;
  server.plan(['handPies', pastry]);
  open('/bakes/bake1/bake1item1/dough');
  await heading('Dough');
  return server;
}
const show = async (name: string) => fireEvent.click(await screen.findByRole('radio', { name }));
async function putIn(typed: string, name: RegExp): Promise<void> {
  const finder = await screen.findByRole('textbox', { name: 'Put in something else' });
  fireEvent.change(finder, { target: { value: typed } });
  fireEvent.click(await screen.findByRole('button', { name }));
}
/** Picks from a list that opens over the page. */
async function choose(list: string, option: string): Promise<void> {
  fireEvent.keyDown(screen.getByRole('combobox', { name: list }), { key: 'Enter' });
  fireEvent.click(await screen.findByRole('option', { name: option }));
}

describe('ratios of the cook’s own', () => {
  it('stand when a style is chosen; what the style has is shown, and taken by a press', async () => {
    await atDough();
    await act(() => store.dispatch(changeItem('bake1item1', { 'dough.fatToFlourPct': 71 })));
    await choose('Style', 'two-size shortcrust');
    await screen.findByText(/Yours stand: fat 71/);
    expect(dough()?.fatToFlourPct).toBe(71);
    fireEvent.click(screen.getByRole('button', { name: 'Take the style’s' }));
    await waitFor(() => expect(screen.queryByText(/Yours stand/)).toBeNull());
    expect(dough()?.fatToFlourPct).not.toBe(71);
  });
});

describe('one dough for two pies', () => {
  it('is chosen at one of them, said at both, and taken apart again', async () => {
    const server = new FakeServer();
    server.plan(['handPies'], ['dishPie']);
    open('/bakes/bake1/bake1item2/dough');
    await heading('Dough');
    const [first, second] = server.bakes[0]?.items.map((i) => i.title) ?? [];
    await choose('Mixed with', first ?? '');
    const batches = () => store.getState().desk.items.map((i) => i.document.dough.batch);
    await screen.findByText(/mixed there and changed there/);
    expect(batches()[0]).toBeTruthy();
    expect(batches()[1]).toBe(batches()[0]);
    // what the first one mixes is enough for both
    const plan = store.getState().desk.plan;
    const grams = plan?.doughs[0]?.members.map((m) => m.grams) ?? [];
    expect(plan?.items[0]?.dough.masses.totalG).toBeGreaterThan(grams.reduce((sum, g) => sum + g, 0));
    open('/bakes/bake1/bake1item1/dough', { keep: true });
    await screen.findByText(/divided before it rests/);
    expect(screen.getByText(new RegExp(`for ${second ?? ''}`))).toBeTruthy();
    await choose('Mixed with', 'its own bowl');
    await waitFor(() => expect(store.getState().desk.plan?.doughs).toEqual([]));
  });
  it('is not offered where nothing else is of that pastry', async () => {
    await atDough();
    expect(screen.queryByRole('combobox', { name: 'Mixed with' })).toBeNull();
  });
});

describe('a dough that is made already', () => {
  it('is not weighed out again, and too little of it is said', async () => {
    await atDough();
    fireEvent.click(screen.getByRole('button', { name: 'It is made already' }));
    const codes = () => store.getState().desk.plan?.clock.steps.map((s) => s.code);
    await waitFor(() => expect(codes()).not.toContain('rubIn'));
    fireEvent.change(screen.getByRole('textbox', { name: 'Dough there is' }), { target: { value: '200' } });
    expect((await screen.findAllByText(/There are 200 g of dough/)).length).toBeGreaterThan(0);
    fireEvent.click(screen.getByRole('button', { name: 'The dough is still to be made' }));
    await waitFor(() => expect(codes()).toContain('rubIn'));
  });
});

describe('the ratios of a dough', () => {
  it('are what is truly in it, butter’s water counted', async () => {
    await atDough();
    await show('ratios');
    const drawing = await screen.findByRole('img', { name: /^True ratios/ });
    expect(drawing.getAttribute('aria-label')).toMatch(/fat 45\.1, water 36\.8/);
    expect(drawing.textContent).toContain('butter 45.1');
  });
  it('say what leaving the style does', async () => {
    await atDough();
    await show('ratios');
    const field = await screen.findByRole('textbox', { name: 'Fat to flour' });
    fireEvent.change(field, { target: { value: '100' } });
    await screen.findByText(/over 60: shorter and richer/);
  });
});

describe('a thing of the cook’s own', () => {
  it('goes into the bowl from the larder, by its packet', async () => {
    await atDough('shortcrust', [
      {
        id: 'm',
        version: 1,
        name: 'Malt syrup',
        grams: 300,
        shelf: 'H',
        note: '',
        label: { waterPct: 22, sugarPct: 60 },
      },
    ]);
    await show('bowl');
    await putIn('malt', /Malt syrup in your larder/);
    expect(dough()?.others).toEqual([
      { ingredient: 'own', name: 'Malt syrup', toFlourPct: 5, label: { waterPct: 22, sugarPct: 60 } },
    ]);
    expect(await screen.findByRole('button', { name: 'Leave out Malt syrup' })).toBeTruthy();
  });
});

describe('a style', () => {
  it('sets flour, fat, water, salt and what else goes in', async () => {
    await atDough();
    await choose('Style', 'egg-and-milk crust');
    expect(dough()).toMatchObject({ style: 'eggAndMilk', fatToFlourPct: 50, waterToFlourPct: 0 });
    expect(dough()?.others?.map((o) => o.ingredient)).toEqual(['egg', 'milk']);
  });
  it('of another pastry changes the pastry', async () => {
    await atDough();
    await choose('Style', 'block puff');
    expect(dough()).toMatchObject({ pastry: 'roughPuff', style: 'blockPuff' });
  });
});

describe('a fat for another', () => {
  it('keeps fat and water as they were: less lard, more poured', async () => {
    await atDough();
    const before = dough();
    await choose('Fat', 'lard');
    expect(dough()?.fat).toBe('lard');
    expect(dough()?.fatToFlourPct).toBeCloseTo(((before?.fatToFlourPct ?? 0) * 0.82) / 0.999, 0);
    expect(dough()?.waterToFlourPct).toBeCloseTo((before?.waterToFlourPct ?? 0) + 8.8, 0);
  });
});

describe('what goes into the bowl', () => {
  it('is found in the table, changed and left out again', async () => {
    await atDough();
    await show('bowl');
    await putIn('cremfraiche', /^Cultured cream/);
    expect(dough()?.others).toEqual([{ ingredient: 'cremeFraiche', toFlourPct: 5 }]);
    fireEvent.click(await screen.findByRole('button', { name: /^more: Cultured cream/ }));
    expect(dough()?.others?.[0]?.toFlourPct).toBe(6);
    fireEvent.click(screen.getByRole('button', { name: /^Leave out Cultured cream/ }));
    expect(dough()?.others).toEqual([]);
  });
  it('names what those who eat it should know', async () => {
    await atDough();
    await show('bowl');
    await screen.findByText(/gluten \(plain flour\); wheat \(plain flour\); milk \(butter\)/);
  });
  it('with an egg that does not divide offers whole eggs and says what is left', async () => {
    await atDough();
    await show('bowl');
    await putIn('egg', /^Egg$/);
    await screen.findByText(/is not a whole number of eggs/);
    fireEvent.click(screen.getByRole('button', { name: /^1 whole: all the dough ×/ }));
    expect(dough()?.askBy).toBe('factor');
    await waitFor(() => expect(eggs()?.uses.find((u) => u.use === 'dough')?.grams).toBeCloseTo(51, 0));
    await waitFor(() => expect(eggs()?.options).toEqual([]));
  });
  it('poured as milk brings the same water', async () => {
    await atDough();
    await show('bowl');
    fireEvent.click(await screen.findByRole('button', { name: 'Milk for the water' }));
    expect(dough()?.waterToFlourPct).toBe(0);
    expect(dough()?.others?.[0]).toMatchObject({ ingredient: 'milk' });
    expect((dough()?.others?.[0]?.toFlourPct ?? 0) * 0.876).toBeCloseTo(28, 0);
  });
  it('of little gluten is warned of', async () => {
    await atDough();
    await show('bowl');
    await choose('Mostly', 'Rice flour');
    await screen.findByText(/will not stretch/);
  });
  it('is asked from flour, from the larder, and for hungry mouths', async () => {
    const server = await atDough();
    await show('bowl');
    await screen.findByRole('region', { name: 'How much' });
    fireEvent.click(screen.getByRole('button', { name: 'All the larder allows' }));
    await screen.findByText(/The larder has no/);
    server.larder = [];
    fireEvent.click(screen.getByRole('radio', { name: 'flour' }));
    expect(dough()).toMatchObject({ askBy: 'flour' });
    fireEvent.change(screen.getByRole('textbox', { name: 'How much flour' }), { target: { value: '1000' } });
    await screen.findByText(/more than the pieces take/);
    fireEvent.click(screen.getByRole('radio', { name: 'a lot' }));
    expect(store.getState().desk.items[0]?.document.brief.count).toBe(11);
  });
  it('is limited by what the larder has least of', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    const thing = (ingredient: string, grams: number) => ({
      id: ingredient,
      version: 1,
      name: ingredient,
      grams,
      shelf: 'C',
      note: '',
      ingredient,
    });
    server.larder = [thing('strongFlour', 3000), thing('butter', 110), thing('salt', 500)];
    open('/bakes/bake1/bake1item1/dough');
    await heading('Dough');
    await show('bowl');
    const press = await screen.findByRole('button', { name: 'All the larder allows' });
    await waitFor(() => {
      fireEvent.click(press);
      expect(dough()).toMatchObject({ askBy: 'flour', askValue: 200 });
    });
    await screen.findByText(/All 110 g of butter go in/);
  });
});

describe('two doughs side by side', () => {
  it('stand in one table, the style worked out whole', async () => {
    await atDough();
    await show('beside');
    const table = await screen.findByRole('table', { name: /and flaky shortcrust/ });
    await waitFor(() =>
      expect(
        within(table)
          .getAllByRole('cell')
          .some((c) => /\d+ g/.test(c.textContent ?? '')),
      ).toBe(true),
    );
    expect(within(table).getByText(/visible pieces leave gaps/)).toBeTruthy();
  });
  it('one of which may be an earlier time, as it was really weighed', async () => {
    const server = new FakeServer();
    server.plan(['handPies', 'shortcrust']);
    const part = (id: string, madeG: number) => ({ id, plannedG: madeG, madeG });
    server.log = [
      {
        id: 'e1',
        version: 1,
        bakeId: null,
        runId: null,
        date: '2026-11-21',
        title: 'Trial',
        answers: {
          colour: 'golden',
          base: 'gold',
          leaks: 0,
          shrink: 'none',
          texture: 'crisp',
          stoodMm: 8,
          note: 'Drier.',
        },
        snapshot: { formula: [part('flour', 200), part('lard', 100), part('water', 50)] },
      },
    ];
    open('/bakes/bake1/bake1item1/dough');
    await heading('Dough');
    await show('beside');
    await screen.findByRole('table');
    await choose('Beside it', 'Trial, 2026-11-21');
    const table = await screen.findByRole('table', { name: /Trial/ });
    expect(within(table).getByRole('row', { name: /^Fat to flour/ }).textContent).toContain('50 %');
    expect(within(table).getByText('Drier.')).toBeTruthy();
  });
});
