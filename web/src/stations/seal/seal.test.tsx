import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../../desk/store';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { FakeServer, heading, open } from '../../testing/household';
import type { Pastry, Product } from '@crustallum/core/contracts/products';

async function lid(kind: [Product, Pastry?], change: (item: ItemInput) => ItemInput = (i) => i): Promise<Element> {
  const bake = new FakeServer().plan(kind);
  const [item] = bake.items;
  if (item) item.document = change(item.document);
  open('/bakes/bake1/bake1item1/seal');
  await heading('Seal');
  const found = screen.getAllByRole('img').find((e) => e.tagName === 'g');
  if (!found) throw new Error('no lid is drawn');
  return found;
}
const n = (e: Element | null | undefined, name: string) => Number(e?.getAttribute(name));
/** px a millimetre of a round lid of the width its label tells. */
const scale = (g: Element) =>
  (2 * n(g.querySelector('ellipse'), 'rx')) / Number(/^(\d+)/.exec(g.getAttribute('aria-label') ?? '')?.[1]);

beforeEach(() => jest.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => jest.restoreAllMocks());

describe('the lid from above', () => {
  it('of two rounds is a circle of the cutter, its rim at the same scale', async () => {
    const g = await lid(['handPies', 'roughPuff'], (i) => ({
      ...i,
      cut: { ...i.cut, pieceKind: 'round2', cutterMm: 100 },
    }));
    const [edge, inside] = g.querySelectorAll('ellipse');
    expect(n(edge, 'rx')).toBeCloseTo(n(edge, 'ry'), 6);
    const rim = (n(edge, 'rx') - n(inside, 'rx')) / scale(g);
    expect(rim).toBeCloseTo(10, 6);
  });
  it('has its slits as many and as long as they are cut', async () => {
    const g = await lid(['handPies', 'roughPuff'], (i) => ({
      ...i,
      cut: { ...i.cut, pieceKind: 'round2', cutterMm: 100 },
      seal: { ...i.seal, slits: 4, slitMm: 12 },
    }));
    const slits = [...g.querySelectorAll('line')];
    expect(slits).toHaveLength(4);
    for (const s of slits) expect((n(s, 'y2') - n(s, 'y1')) / scale(g)).toBeCloseTo(12, 6);
  });
  it('of one folded is half a round', async () => {
    const g = await lid(['handPies', 'shortcrust'], (i) => ({ ...i, cut: { ...i.cut, pieceKind: 'halfmoon' } }));
    expect(g.querySelector('ellipse')).toBeNull();
    expect(g.querySelectorAll('path')).toHaveLength(2);
  });
  it('of an oval dish is oval, of a tray square-cornered', async () => {
    const oval = await lid(['dishPie'], (i) => ({
      ...i,
      cut: { ...i.cut, vessel: { form: 'oval', top: [320, 220], depth: 50 } },
    }));
    const [edge] = oval.querySelectorAll('ellipse');
    expect(n(edge, 'rx') / n(edge, 'ry')).toBeCloseTo(320 / 220, 6);
    const tray = await lid(['dishPie'], (i) => ({
      ...i,
      cut: { ...i.cut, vessel: { form: 'rect', top: [300, 200], depth: 50 } },
    }));
    expect(tray.querySelectorAll('rect')).toHaveLength(2);
  });
  it('of filo has neither rim nor slits', async () => {
    const g = await lid(['filoCoil']);
    expect(g.querySelectorAll('ellipse')).toHaveLength(1);
    expect(g.querySelectorAll('line')).toHaveLength(0);
    expect(screen.getByText('Nothing is crimped: seams lie under')).toBeTruthy();
  });
});

describe('the views of the seal', () => {
  const document = () => store.getState().desk.items[0]?.document;
  const show = async (view: string) => fireEvent.click(await screen.findByRole('radio', { name: view }));
  it('steam: what one change would do is done by a press', async () => {
    await lid(['dishPie'], (i) => ({ ...i, seal: { ...i.seal, glue: 'none' } }));
    await show('steam');
    const one = await screen.findByRole('region', { name: 'One change' });
    fireEvent.click(within(one).getByRole('button', { name: /^Glued with egg: \d+ in 100$/ }));
    await waitFor(() => expect(document()?.seal.glue).toBe('egg'));
    await waitFor(() => expect(screen.queryByRole('button', { name: /^Glued with egg/ })).toBeNull());
  });
  it('wash: every colour to come is a press, the browner the later in the row; eggs to the last gram', async () => {
    await lid(['dishPie']);
    await show('wash');
    const washes = within(await screen.findByRole('region', { name: 'The colour to come' })).getAllByRole('button');
    const gold = washes.map((b) => Number(/gold (\d+) min/.exec(b.textContent ?? '')?.[1]));
    expect(gold).toEqual([...gold].sort((a, b) => b - a));
    expect(screen.getByText(/beaten for the wash/)).toBeTruthy();
    fireEvent.click(washes.find((b) => /^milkgold/.test(b.textContent ?? '')) as HTMLElement);
    await waitFor(() => expect(document()?.seal.wash).toBe('milk'));
  });
  it('store: how long they keep, and some put into the larder with their date', async () => {
    await lid(['handPies', 'shortcrust']);
    await show('store');
    const store = await screen.findByRole('region', { name: 'Putting them away' });
    expect(store.textContent).toMatch(
      /2 months, open on a tray until hard, then in a bag; \d+ min at 200 °C from frozen/,
    );
    const some = within(store).getByRole('textbox', { name: 'Pies put away' });
    fireEvent.change(some, { target: { value: '3' } });
    fireEvent.blur(some);
    fireEvent.click(within(store).getByRole('button', { name: 'Into the freezer' }));
    await screen.findByText('3 pies are in the larder, with the date.');
  });
  it('holes in place of slits are drawn round, a chimney is one', async () => {
    const g = await lid(['dishPie'], (i) => ({ ...i, seal: { ...i.seal, vent: 'holes', slits: 3, holeMm: 10 } }));
    expect(g.querySelectorAll('circle')).toHaveLength(3);
    const chimney = await lid(['dishPie'], (i) => ({ ...i, seal: { ...i.seal, vent: 'chimney', slits: 3 } }));
    expect(chimney.querySelectorAll('circle')).toHaveLength(1);
  });
});
