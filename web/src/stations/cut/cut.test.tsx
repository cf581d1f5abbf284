import type { ItemInput } from '@crustallum/core/contracts/item';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { showOther } from '../../devices/ofThisKitchen';
import { scale } from '../../devices/scale';
import type { StoredTool } from '@crustallum/core/contracts/tool';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';
import type { Product } from '@crustallum/core/contracts/products';

jest.setTimeout(60_000);
const patient = { timeout: 20_000 };

const tool = (name: string, document: Partial<StoredTool['document']>): StoredTool => ({
  id: name,
  version: 1,
  name,
  document: { name, kind: 'cutter', ...document },
});
const round = (top: number, depth: number) => ({ form: 'round' as const, top, bottom: top, depth });
const tools = [
  tool('cutter 100', { diameterMm: 100 }),
  tool('cutter 30', { diameterMm: 30 }),
  tool('tin 20', { kind: 'dish', vessel: round(200, 60), material: 'tin', count: 2 }),
];

async function atCut(product: Product = 'handPies', cut: Partial<ItemInput['cut']> = {}): Promise<FakeServer> {
  const server = new FakeServer();
  server.tools = tools;
  const bake = server.plan([product, 'shortcrust']);
  Object.assign(bake.items[0]?.document.cut ?? {}, cut);
  open('/bakes/bake1/bake1item1/cut');
  await heading('Cut');
  return server;
}
const cutNow = (): ItemInput['cut'] => store.getState().desk.items[0]?.document.cut as ItemInput['cut'];
const show = async (name: string) => fireEvent.click(await screen.findByRole('radio', { name }));
const set = (label: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const pieces = () => within(screen.getByRole('listbox', { name: /^Pieces/ })).getAllByRole('option');
const key = (on: Element, name: string, more: object = {}) => fireEvent.keyDown(on, { key: name, ...more });
const choose = async (label: string, option: string) => {
  fireEvent.keyDown(screen.getByRole('combobox', { name: label }), { key: 'ArrowDown' });
  fireEvent.click(await screen.findByRole('option', { name: option }));
};

describe('pieces in hand', () => {
  const pair = { pieceKind: 'round2' as const, cutterMm: 92 };
  it('are lids first, then bases, in cutting order', async () => {
    await atCut('handPies', pair);
    const names = pieces().map((p) => p.getAttribute('aria-label') ?? '');
    expect(names.slice(0, 8).every((n) => /^\d+, lid/.test(n))).toBe(true);
    expect(names[8]).toMatch(/^9, base/);
  });
  it('are moved by arrows between Enter and Enter, put back by Escape, and held by H', async () => {
    await atCut('handPies', pair);
    const first = () => pieces()[0] as Element;
    key(first(), 'Enter');
    key(first(), 'ArrowRight', { shiftKey: true });
    key(first(), 'Escape');
    expect(cutNow().placed).toBeUndefined();
    key(first(), 'Enter');
    key(first(), 'ArrowRight');
    key(first(), 'Enter');
    await waitFor(() => expect(cutNow().placed?.length).toBe(pieces().length));
    expect(cutNow().sheetLengthMm ?? 0).toBeGreaterThanOrEqual(cutNow().sheetWidthMm ?? Infinity);
    key(first(), 'h');
    await waitFor(() => expect(cutNow().placed?.filter((p) => p.held)).toHaveLength(1));
    press('Lay the rest again');
    await waitFor(() => expect(cutNow().placed?.[0]?.held).toBe(true));
  });
  it('taken back while the rest is being laid again, it stays taken back', async () => {
    await atCut('handPies', pair);
    key(pieces()[0] as Element, 'h');
    await waitFor(() => expect(cutNow().placed?.filter((p) => p.held)).toHaveLength(1));
    press('Lay the rest again');
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
    await waitFor(() => expect(cutNow().placed).toBeUndefined());
    await new Promise((later) => setTimeout(later, 400));
    expect(cutNow().placed).toBeUndefined();
  });
  it('one taken off is not cut from this sheet; taken back by Ctrl Z, and on again', async () => {
    await atCut('handPies', pair);
    const before = pieces().length;
    key(pieces()[1] as Element, 'Delete');
    await waitFor(() => expect(cutNow().placed).toHaveLength(before - 1));
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
    await waitFor(() => expect(cutNow().placed).toBeUndefined());
    press('Bring it on again');
    await waitFor(() => expect(cutNow().placed).toHaveLength(before - 1));
    press('Take the last change back');
    await waitFor(() => expect(cutNow().placed).toBeUndefined());
  });
  it('laid so that they no longer fit are said to, and laid in rows again', async () => {
    await atCut('handPies', {
      ...pair,
      sheetLengthMm: 400,
      sheetWidthMm: 300,
      placed: [
        { x: 20, y: 60 },
        { x: 60, y: 60 },
      ],
    });
    expect(
      await screen.findByText(/1 over the trim, 1 pairs overlap: as they were laid they no longer fit/),
    ).toBeTruthy();
    press('In rows');
    await waitFor(() => expect(screen.queryByText(/no longer fit/)).toBeNull());
  });
  it('with corners are turned by T', async () => {
    await atCut('handPies', { pieceKind: 'rect2', cutterMm: 120, otherMm: 80 });
    await waitFor(() => expect(pieces().length).toBeGreaterThan(3));
    key(pieces()[2] as Element, 't');
    await waitFor(() => expect(cutNow().placed?.filter((p) => (p.turn ?? 0) % 180 === 90).length).toBeGreaterThan(0));
  });
});

describe('the sides of the sheet', () => {
  it('are drawn out by arrows, half a centimetre each, and given back', async () => {
    await atCut('handPies', { pieceKind: 'round2', cutterMm: 92 });
    const side = () => screen.getByRole('slider', { name: 'Width of the sheet' });
    const was = Number(side().getAttribute('aria-valuenow'));
    key(side(), 'ArrowUp');
    key(side(), 'ArrowUp');
    await waitFor(() => expect(Number(side().getAttribute('aria-valuenow'))).toBeGreaterThan(was));
    press('Sheet as worked out');
    await waitFor(() => expect(cutNow().sheetWidthMm).toBeUndefined());
  });
});

describe('an outline of one’s own', () => {
  it('is changed point by point, and put in order when it crosses itself', async () => {
    await atCut('handPies', { pieceKind: 'outline2' });
    await show('outline');
    press('A point after 1');
    await waitFor(() => expect(cutNow().outline).toHaveLength(9));
    const point = screen.getByRole('slider', { name: 'Point 2' });
    fireEvent.focus(point);
    for (let i = 0; i < 40; i++) key(screen.getByRole('slider', { name: 'Point 2' }), 'ArrowUp', { shiftKey: true });
    expect(await screen.findByText(/The outline crosses itself/, {}, patient)).toBeTruthy();
    press('Put its points in order');
    await waitFor(() => expect(screen.queryByText(/crosses itself/)).toBeNull(), patient);
    press(/^Without/);
    await waitFor(() => expect(cutNow().outline).toHaveLength(8));
  });
});

describe('rounds freely placed', () => {
  it('are told beside the rows, with the most there could be, and the smallest sheets for as many', async () => {
    await atCut();
    await show('freely');
    const said = screen.getByRole('status');
    await waitFor(
      () => expect(said.textContent).toMatch(/\d+ (freely placed, \d+ in rows; no way|in rows, and no freer)/),
      patient,
    );
    const sheets = screen.getByRole('list', { name: 'Smallest sheets' });
    await waitFor(() => expect(within(sheets).getAllByRole('listitem').length).toBeGreaterThan(0), patient);
    expect(sheets.textContent).toMatch(/cm (round|square)?.*g of dough at/);
    expect(sheets.textContent).not.toMatch(/NaN|undefined/);
    fireEvent.click(within(sheets).getAllByRole('button', { name: 'Roll that' })[0] as Element);
    await waitFor(() => expect(cutNow().placed?.length).toBeGreaterThan(2));
  });
  it('rectangles are cut straight through: the most, and the fewest passes beside it', async () => {
    await atCut('handPies', { pieceKind: 'rect2', cutterMm: 90, otherMm: 70 });
    await show('freely');
    const cuts = await screen.findByRole('list', { name: 'Straight cuts' }, patient);
    expect(cuts.textContent).toMatch(/most pieces\d+ in \d+ passes.*fewest passes\d+ in \d+ passes/);
  });
});

describe('asked the other way', () => {
  it('a dough gives a size, and it is taken; rounds, squares and balls are compared', async () => {
    await atCut();
    await show('ways');
    set('Dough there is', '600');
    const take = await screen.findByRole('button', { name: /^Take \d/ }, patient);
    const said = (take.textContent ?? '').replace(/[^\d.]/g, '');
    const ways = screen.getByRole('list', { name: 'Ways of making them' });
    await waitFor(() => expect(within(ways).getAllByRole('listitem')).toHaveLength(5), patient);
    const why = screen.getAllByText('Why')[0]?.parentElement;
    expect(why?.textContent).toMatch(/From 600 g, \d+ cuts, 3.0 mm thick, 1.20 g.cm³.*re-roll plan.*estimate/i);
    fireEvent.click(take);
    await waitFor(() => expect(cutNow().cutterMm / 10).toBeCloseTo(Number(said), 1));
  });
  it('another cutter is told by what it means, and one too small for the rim by why not', async () => {
    await atCut('handPies', { pieceKind: 'round2', cutterMm: 92 });
    await show('ways');
    const others = await screen.findByRole('list', { name: 'Other cutters' });
    expect(others.textContent).toMatch(/10.0 cm.*times as much.*times the filling/);
    expect(others.textContent).toMatch(/3.0 cm.*leaves no room inside/);
    fireEvent.click(within(others).getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(cutNow().cutterMm).toBe(100));
  });
  it('weighed pieces say how thick the sheet is and how even', async () => {
    await atCut('handPies', { pieceKind: 'round2', cutterMm: 92 });
    await show('ways');
    const section = await screen.findByRole('region', { name: 'Thickness by weighing' });
    for (const grams of [24, 30, 20]) {
      scale.put(grams);
      await waitFor(() => expect(within(section).getByText(/^On the scale/).textContent).toContain(`${grams} g`));
      fireEvent.click(within(section).getByRole('button', { name: 'That is one' }));
    }
    expect(await within(section).findByText(/uneven, \d+ % from thin to thick/, {}, patient)).toBeTruthy();
    fireEvent.click(within(section).getByRole('button', { name: /^Go on with/ }));
    await waitFor(() => expect(cutNow().thicknessMm).not.toBe(3));
  });
});

describe('portions on the scale', () => {
  const weigh = async (grams: number) => {
    scale.put(grams);
    await waitFor(() => expect(screen.getByRole('status').textContent).toMatch(new RegExp(`On the scale ${grams} g`)));
    press('That is one');
  };
  it('are weighed one by one and evened out in the fewest moves', async () => {
    await atCut();
    await show('portions');
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
  it('by a scale that never answers are typed as another reads, and one in ounces is asked about', async () => {
    await atCut();
    await show('portions');
    set('Portions', '2');
    set('Each', '80');
    scale.failings = { ...scale.failings, dropOuts: 1 };
    scale.put(80);
    expect(await screen.findByText(/The scale does not answer/)).toBeTruthy();
    set('As your scale reads', '81');
    press('That is one');
    expect(screen.getByRole('list', { name: 'Weighed portions' }).textContent).toContain('81 g');
    scale.failings = { ...scale.failings, dropOuts: 0, shows: 'other' };
    scale.put(80);
    const doubt = await screen.findByRole('button', { name: 'It shows ounces' });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'That is one' }).disabled).toBe(true);
    fireEvent.click(doubt);
    await waitFor(() => expect(Math.abs(scale.reading - 80)).toBeLessThan(1));
    press('That is one');
    expect(await screen.findByText('All are right.', {}, patient)).toBeTruthy();
    scale.failings = { ...scale.failings, shows: 'asked' };
    act(() => showOther('scale', false));
  });
  it('too much for all of them is said, with what they can be', async () => {
    await atCut();
    await show('portions');
    set('Portions', '2');
    set('Each', '60');
    for (const grams of [80, 80]) await weigh(grams);
    const moves = await screen.findByRole('region', { name: 'Moves' }, patient);
    expect(moves.textContent).toMatch(/40 g over: it comes out at 80 g each/);
    fireEvent.click(within(moves).getByRole('button', { name: 'Take 80 g each' }));
    await waitFor(() => expect(screen.getByText('All are right.')).toBeTruthy(), patient);
  });
  it('for somebody else are of another size, and their mass follows', async () => {
    await atCut();
    await show('portions');
    press('Some for somebody else');
    set('For', 'Pim');
    set('Size for Pim', '50');
    set('Portions', '2');
    set('Each', '80');
    await weigh(80);
    expect(screen.getByRole('status').textContent).toMatch(/portion 2, for Pim of 2, to be 40 g/);
    press('Like the rest');
    await waitFor(() => expect(cutNow().variants).toBeUndefined());
  });
});

describe('a dish cut through', () => {
  it('is given other sizes, or what it holds by water, and kept among the cook’s own', async () => {
    const server = await atCut('dishPie');
    await show('dish');
    fireEvent.click(screen.getByText(/^Its sizes/));
    set('Deep', '6');
    await waitFor(() => expect(cutNow().vessel?.depth).toBe(60));
    set('Holds, by water', '1800');
    await waitFor(() => expect(cutNow().vessel?.measuredMl).toBe(1800));
    expect(await screen.findByText(/1800 ml to the brim, as you measured/)).toBeTruthy();
    press('By ruler again');
    await waitFor(() => expect(cutNow().vessel?.measuredMl).toBeUndefined());
    set('Called', 'the blue one');
    press('Keep it among my dishes');
    await waitFor(() => expect(server.tools.map((t) => t.name)).toContain('the blue one'));
    fireEvent.click(await screen.findByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(server.tools.map((t) => t.name)).not.toContain('the blue one'));
  });
  it('beside another shows before and after, and is changed for it', async () => {
    await atCut('dishPie');
    await show('dish');
    await choose('Another dish beside it', 'tin 20');
    expect(await screen.findByRole('row', { name: /holds to the brim .* ml .* ml/ })).toBeTruthy();
    press('Bake it in tin 20');
    await waitFor(() => expect(cutNow().vesselName).toBe('tin 20'));
  });
  it('says which dishes take the filling, and how many', async () => {
    await atCut('dishPie');
    await show('dish');
    set('Filling there is', '3000');
    const list = screen.getByRole('list', { name: 'Dishes that take it' });
    await waitFor(() => expect(list.textContent).toMatch(/% full2 × tin 20/), patient);
    fireEvent.click(within(list).getAllByRole('button', { name: 'Take' })[0] as Element);
    await waitFor(() => expect(cutNow()).toMatchObject({ vesselName: 'tin 20', dishes: 2 }));
  });
});

describe('what is left', () => {
  it('is put into the cold for the next dough, and taken out again', async () => {
    const server = await atCut('handPies', { pieceKind: 'round2', cutterMm: 92, maxReRolls: 0, scrapFate: 'keep' });
    fireEvent.click(screen.getByText('Rolled again, and what is left'));
    fireEvent.click(await screen.findByRole('button', { name: /^Put \d+ g in the cold/ }, patient));
    await waitFor(() => expect(server.larder[0]?.name).toMatch(/^Dough of/));
    expect(server.larder[0]?.bestBefore).toMatch(/^\d{4}-\d\d-\d\d$/);
    fireEvent.click(await screen.findByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(server.larder).toHaveLength(0));
  });
  it('goes back to the Dough: a reserve is mixed, or just what the cut takes', async () => {
    await atCut();
    expect(screen.getByText(/^The Dough mixes/).parentElement?.textContent).toMatch(/for this cut, .* stick/);
    press('Mix 5 % more');
    await waitFor(() => expect(screen.getByText(/in reserve/)).toBeTruthy(), patient);
    press('Mix no more');
    await waitFor(() => expect(screen.queryByText(/in reserve/)).toBeNull(), patient);
  });
  it('that serves another pie too is said to be for it, not in reserve', async () => {
    const server = new FakeServer();
    for (const { document } of server.plan(['handPies'], ['dishPie']).items) document.dough.batch = 'one';
    open('/bakes/bake1/bake1item1/cut');
    await heading('Cut');
    expect(await screen.findByText(/for the other pies/, undefined, patient)).toBeTruthy();
    expect(screen.queryByText(/in reserve/)).toBeNull();
  });
});

describe('pieces that come one by one', () => {
  it('are each rolled from a ball of their own, as heavy as the piece', async () => {
    await atCut('handPies', { pieceKind: 'halfmoon', from: 'balls' });
    const drawing = await screen.findByRole('img', { name: /^One of 8, each from a ball of \d+ g/ });
    expect(drawing.textContent).not.toMatch(/NaN|undefined/);
    const { cut } = store.getState().desk.plan?.items[0] ?? {};
    const ball = cut?.generations[0]?.pieceMass ?? 0;
    expect((cut?.doughMassG ?? 0) / (cut?.pieces ?? 1)).toBeCloseTo(ball, 1);
    // no sheet is trimmed, and nothing is left of one to roll again
    expect(screen.queryByText('Rolled again, and what is left')).toBeNull();
  });
  it('are cut across a strip that is as long as all of them', async () => {
    await atCut('handPies', { pieceKind: 'log', otherMm: 300, from: 'strip' });
    const drawing = await screen.findByRole('img', { name: /^(The strip|One of \d+ strips), cut across/ });
    expect(drawing.textContent).not.toMatch(/NaN|undefined/);
  });
});

describe('on paper', () => {
  it('the piece, the sheet and the labels are drawn at their own size, page by page', async () => {
    await atCut('handPies', { pieceKind: 'round2', cutterMm: 92 });
    await show('paper');
    const pages = () => screen.getAllByRole('img', { name: /^Page \d/ }).length;
    const one = pages();
    await show('the sheet');
    await waitFor(() => expect(pages()).toBeGreaterThan(one));
    expect(screen.getByText(/glued together where the crosses meet/)).toBeTruthy();
    await show('labels');
    await waitFor(() => expect(screen.getAllByText('For anyone').length).toBeGreaterThan(0));
  });
});

describe('cut when it is closed', () => {
  it('is a row along a strip that is folded over, or rows under a second sheet; the rest is not rolled again', async () => {
    await atCut('handPies', { from: 'closed' });
    await screen.findByText(/filled and closed before it is cut/, undefined, patient);
    expect(screen.getByText('fold')).toBeTruthy();
    expect(screen.getByText(/trimmings are two layers/)).toBeTruthy();
    await atCut('handPies', { from: 'closed', pieceKind: 'round2' });
    await waitFor(() => expect(screen.getByText(/^One of 2 sheets, filled and closed/)).toBeTruthy(), patient);
    expect(screen.queryByText('fold')).toBeNull();
  });
});

describe('a round left thicker in the middle', () => {
  it('is chosen by a press, and says what is cut and what it comes to', async () => {
    await atCut('handPies', { pieceKind: 'halfmoon', cutterMm: 140, thicknessMm: 4 });
    fireEvent.click(screen.getByRole('radio', { name: 'left thicker' }));
    await screen.findByText(/its edge rolled out gives 14.0 cm/, undefined, patient);
    expect(store.getState().desk.plan?.items[0]?.cut.edge?.edgeMm).toBeCloseTo(2.4, 9);
    fireEvent.click(screen.getByRole('radio', { name: 'as its edge' }));
    await waitFor(() => expect(screen.queryByText(/its edge rolled out/)).toBeNull(), patient);
  });
});
