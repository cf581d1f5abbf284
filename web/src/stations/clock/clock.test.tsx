import type { PinInput } from '@crustallum/core/contracts/clock';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { formItem } from '@crustallum/core/plan/forms';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../../desk/store';
import { FakeServer, heading, open } from '../../testing/household';

async function atClock(first?: PinInput[], second?: PinInput[]): Promise<void> {
  const held = (item: ItemInput, pins?: PinInput[]) => (pins ? { ...item, clock: { ...item.clock, pins } } : item);
  new FakeServer().planned([held(formItem('dishPie', 6, 'You'), first), held(formItem('turnovers', 6, 'You'), second)]);
  open('/bakes/bake1/bake1item1/clock');
  await heading('Clock');
}
const desk = () => store.getState().desk;
const pins = (item = 0) => desk().items[item]?.document.clock.pins;
const strand = (name: RegExp) => {
  const [first] = within(screen.getByRole('region', { name: 'Strands of the day' })).getAllByRole('button', { name });
  if (!first) throw new Error(String(name));
  return first;
};
const inHand = () => screen.getByRole('region', { name: 'The step in hand' });
const startOf = (code: string, item = 0) =>
  desk().plan?.clock.steps.find((s) => s.itemIndex === item && s.code === code)?.startMin ?? NaN;

describe('a step of the day', () => {
  it('is taken in hand by its key, goes along the day by arrows, and is held where it was taken to', async () => {
    await atClock();
    const before = startOf('lidSeal');
    fireEvent.keyDown(strand(/^Lid \+ seal/), { key: 'Enter' });
    await waitFor(() => expect(inHand().textContent).toMatch(/could be .* (later|sooner)|sooner, then/));
    for (let n = 0; n < 4; n++) fireEvent.keyDown(strand(/^Lid \+ seal/), { key: 'ArrowLeft' });
    expect(inHand().textContent).toMatch(/come along/);
    expect(pins()).toBeUndefined();
    fireEvent.keyDown(strand(/^Lid \+ seal/), { key: 'Enter' });
    expect(pins()).toHaveLength(1);
    await waitFor(() => expect(startOf('lidSeal')).toBeLessThan(before - 15));
    expect(strand(/^Lid \+ seal.*held/)).toBeTruthy();
    expect(desk().plan?.clock.problems).toEqual([]);
  });
  it('is one stop of the tab key for all of them, and arrows go from one to the next', async () => {
    await atClock();
    const all = within(screen.getByRole('region', { name: 'Strands of the day' }))
      .getAllByRole('button')
      .filter((b) => b.classList.contains('strand-step'));
    const stops = () => all.filter((b) => b.getAttribute('tabindex') === '0');
    expect(stops()).toEqual([all[0]]);
    act(() => all[0]?.focus());
    fireEvent.keyDown(all[0] ?? document.body, { key: 'ArrowRight' });
    expect(document.activeElement).toBe(all[1]);
    expect(stops()).toEqual([all[1]]);
    expect(pins()).toBeUndefined();
  });
  it('goes no further than it can, and says what keeps it', async () => {
    await atClock();
    fireEvent.keyDown(strand(/^Bake, /), { key: 'Enter' });
    await waitFor(() => expect(inHand().textContent).toMatch(/cannot be later|could be/));
    for (let n = 0; n < 30; n++) fireEvent.click(within(inHand()).getByRole('button', { name: '5 minutes later' }));
    expect(inHand().textContent).toMatch(/No further: the table waits/);
    fireEvent.click(within(inHand()).getByRole('button', { name: 'Put it down' }));
    expect(screen.queryByRole('region', { name: 'The step in hand' })).toBeNull();
    expect(pins()).toBeUndefined();
  });
  it('is held where it stands, ours is told beside it, and let go by a press', async () => {
    await atClock();
    fireEvent.keyDown(strand(/^Lid \+ seal/), { key: ' ' });
    fireEvent.click(within(inHand()).getByRole('button', { name: /^Hold it at/ }));
    expect(pins()).toHaveLength(1);
    expect(await screen.findByText(/^As you hold it the day starts at/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^let lid \+ seal .* go$/ }));
    expect(pins()).toBeUndefined();
    expect(screen.queryByRole('region', { name: 'What you hold' })).toBeNull();
  });
  it('held where the day cannot be, is said, and let go is a way out that was checked', async () => {
    await atClock(undefined, [{ stepId: 'bake:all', at: '2036-12-12T18:25' }]);
    expect(await screen.findByText(/cannot be laid around what you hold of/)).toBeTruthy();
    fireEvent.click(await screen.findByRole('button', { name: /^Let bake of .* go: take this$/ }));
    expect(pins(1)).toBeUndefined();
    await waitFor(() => expect(desk().plan?.clock.problems).toEqual([]));
  });
  it('is one of a pie whose whole way stands out when its name is pressed', async () => {
    await atClock();
    const title = desk().items[0]?.document.title ?? '';
    const other = () => strand(/^Weigh, A (?!pie in a dish)|^Weigh, T/).getAttribute('opacity');
    const name = screen.getAllByRole('button', { name: title }).at(-1);
    fireEvent.click(name ?? document.body);
    expect(name?.getAttribute('aria-pressed')).toBe('true');
    expect(Number(other())).toBeLessThan(1);
    fireEvent.click(name ?? document.body);
    expect(Number(other())).toBe(1);
  });
});

describe('a cook who is away', () => {
  it('is said by a press and taken back by another; the day is laid around it', async () => {
    await atClock();
    const before = desk().plan;
    fireEvent.click(screen.getByRole('button', { name: 'Somebody is away for a while' }));
    fireEvent.click(screen.getByRole('button', { name: 'Away then' }));
    expect(desk().meal?.away).toHaveLength(1);
    await waitFor(() => expect(desk().plan).not.toBe(before));
    const [from, to] = [desk().meal?.away?.[0]?.from, desk().meal?.away?.[0]?.to].map(
      (m) => (new Date(m ?? '').getTime() - new Date(desk().meal?.serveAt ?? '').getTime()) / 60_000,
    );
    for (const s of desk().plan?.clock.steps.filter((x) => x.cook === 'You' && x.kind !== 'tend') ?? [])
      expect(s.startMin + s.minutes <= (from ?? 0) + 1 || s.startMin >= (to ?? 0) - 1).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: /is away .*: no longer/ }));
    expect(desk().meal?.away).toBeUndefined();
  });
});

describe('how a day is laid', () => {
  it('is as a whole where that is better, pie by pie at a press, and back at another', async () => {
    await atClock();
    const whole = desk().plan?.clock.startMin ?? 0;
    fireEvent.click(await screen.findByRole('button', { name: 'Lay it pie by pie' }));
    expect(desk().meal?.laid).toBe('asLate');
    await waitFor(() => expect(desk().plan?.clock.startMin).toBeLessThan(whole));
    expect(desk().plan?.clock.problems).toEqual([]);
    fireEvent.click(await screen.findByRole('button', { name: 'Lay it as a whole' }));
    expect(desk().meal?.laid).toBeUndefined();
    await waitFor(() => expect(desk().plan?.clock.startMin).toBeCloseTo(whole, 6));
  });
});

describe('the list of the day', () => {
  it('is printed on the paper that was said, a sheet for everybody and one for each cook, and is gone when it is printed', async () => {
    const printed = jest.spyOn(window, 'print').mockImplementation(() => undefined);
    await atClock();
    fireEvent.click(screen.getByRole('button', { name: 'Print the list' }));
    await waitFor(() => expect(printed).toHaveBeenCalledTimes(1));
    const sheets = [...document.querySelectorAll('.day-sheet')];
    expect(document.querySelector('.print-pages style')?.textContent).toContain('size: A4');
    expect(sheets.length).toBeGreaterThan(0);
    const bakes = desk().plan?.clock.steps.filter((s) => s.code === 'bake').length ?? 0;
    const rows = [...(sheets[0]?.querySelectorAll('tr') ?? [])].map((r) => r.textContent);
    expect(rows.filter((r) => r?.includes('Bake'))).toHaveLength(bakes);
    fireEvent(window, new Event('afterprint'));
    expect(document.querySelector('.day-sheet')).toBeNull();
  });
  it('is printed again by another press, where the browser never says that it was', async () => {
    const printed = jest.spyOn(window, 'print').mockImplementation(() => undefined);
    printed.mockClear();
    await atClock();
    for (const times of [1, 2]) {
      fireEvent.click(screen.getByRole('button', { name: 'Print the list' }));
      await waitFor(() => expect(printed).toHaveBeenCalledTimes(times));
    }
  });
});

describe('the strands', () => {
  const strands = () => screen.getByRole('region', { name: 'Strands of the day' });
  const drawn = () => strands().querySelectorAll('rect.bar').length;
  it('leave a place out, and draw a pie in one line, as they are asked to; the day stays as it is', async () => {
    await atClock();
    const [all, steps] = [drawn(), desk().plan?.clock.steps];
    fireEvent.click(screen.getByRole('button', { name: 'What is shown' }));
    const places = screen.getByRole('group', { name: 'Places on the strands' });
    fireEvent.click(within(places).getByRole('button', { name: 'Fridge' }));
    expect(drawn()).toBeLessThan(all);
    expect(strands().textContent).toContain('without fridge');
    fireEvent.click(within(places).getByRole('button', { name: 'Fridge' }));
    expect(drawn()).toBe(all);
    const wide = () => [...strands().querySelectorAll('rect.bar')].filter((r) => r.getAttribute('height') === '28');
    const before = wide().length;
    fireEvent.click(
      within(screen.getByRole('group', { name: 'Pies in one line' })).getAllByRole('button')[0] as HTMLElement,
    );
    expect(drawn()).toBe(all);
    expect(wide().length).toBeLessThan(before);
    expect(strands().textContent).toContain('1 in one line');
    expect(desk().plan?.clock.steps).toBe(steps);
  });
});
