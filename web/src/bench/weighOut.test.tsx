import type { FormulaPart } from '@crustallum/core/dough/formula';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { showOther } from '../devices/ofThisKitchen';
import { scale, StandInScale } from '../devices/scale';
import { FakeServer, heading, open } from '../testing/household';
import { eventOf, runAt, runOf, stepIndex } from '../testing/runs';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import { benchStore } from './benchStore';
import { takesOf } from './useDraws';
import { actualParts, pouredPart, toAdd, toTakeOut, weighingOf } from './weighing';

const minutesAgo = (minutes: number) => Date.now() - minutes * 60_000;
const run = runOf([['handPies', 'shortcrust']], minutesAgo(1));
const [item] = run.plan.items;
const parts = item?.parts as FormulaPart[];
const flour = parts[0] as FormulaPart;
const weighed = (id: string, grams: number, more: object = {}) =>
  eventOf(run, 'weighed', grams / 1e4, { itemIndex: 0, id, grams, ...more });

beforeEach(async () => {
  await benchStore.runs.clear();
  await benchStore.events.clear();
  localStorage.clear();
});

describe('the stand-in for a scale', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  it('settles on what lies on it, and tares to nothing', () => {
    const own = new StandInScale();
    const seen: number[] = [];
    const end = own.subscribe((g) => seen.push(g));
    own.put(120);
    jest.advanceTimersByTime(2000);
    expect(seen.at(-1)).toBe(120);
    expect(seen.some((g) => g > 0 && g < 120)).toBe(true);
    own.tare();
    expect(own.reading).toBe(0);
    own.put(-500);
    jest.advanceTimersByTime(2000);
    expect(own.reading).toBe(0);
    end();
  });
});

describe('what was weighed', () => {
  it('is told by the events; the last can be taken back', () => {
    const events = [
      weighed('flour', 400),
      weighed('butter', 200),
      eventOf(run, 'weighed', 1, { itemIndex: 0, undo: true }),
    ];
    expect(weighingOf(events, 0).weighed).toEqual([{ id: 'flour', grams: 400 }]);
    expect(weighingOf(events, 1).weighed).toEqual([]);
  });
  it('made less of, because there was too little of one, asks for less of all the rest and what comes out again', () => {
    const now = weighingOf(
      [weighed('flour', flour.grams), weighed('butter', 0.8 * (parts[1]?.grams ?? 0), { factor: 0.8 })],
      0,
    );
    expect(toAdd(parts, now)).toEqual([]);
    expect(toTakeOut(parts, now)).toEqual([{ id: 'flour', grams: expect.closeTo(flour.grams * 0.2, 6) as number }]);
  });
  it('taken back, is as if all of it had never been made more', () => {
    const more = [weighed('flour', flour.grams), weighed('butter', 300, { factor: 1.2 })];
    const back = weighingOf([...more, eventOf(run, 'weighed', 1, { itemIndex: 0, undo: true })], 0);
    expect(back.factor).toBe(1);
    expect(toAdd(parts, back)).toEqual([]);
  });
  it('gone on with short of one, is made so: nobody is told to add it, whatever was scaled before', () => {
    const butter = parts[1]?.grams ?? 0;
    const plainly = weighingOf([weighed('flour', flour.grams), weighed('butter', 0.7 * butter)], 0);
    expect(toAdd(parts, plainly)).toEqual([]);
    expect(item && actualParts(item, plainly)[1]?.grams).toBeCloseTo(0.7 * butter, 6);
    const scaled = weighingOf([weighed('flour', 1.25 * flour.grams, { factor: 1.25 }), weighed('butter', butter)], 0);
    expect(toAdd(parts, scaled)).toEqual([]);
    expect(item && actualParts(item, scaled)[1]?.grams).toBeCloseTo(butter, 6);
  });
  it('made less of, counts what was taken out, and what was left over after it', () => {
    const butter = parts[1]?.grams ?? 0;
    const water = parts[2]?.grams ?? 0;
    const less = weighingOf(
      [weighed('flour', flour.grams), weighed('butter', 0.8 * butter, { factor: 0.8 }), weighed('water', water)],
      0,
    );
    const made = item ? actualParts(item, less) : [];
    expect(made[0]?.grams).toBeCloseTo(0.8 * flour.grams, 6);
    expect(made[2]?.grams).toBeCloseTo(water, 6);
  });
  it('is poured by feel in cream or milk where no water is', () => {
    const cream = [flour, { id: 'egg', grams: 50 }, { id: 'wholeMilk', grams: 20 }, { id: 'cream', grams: 60 }];
    expect(pouredPart(cream)?.id).toBe('cream');
    expect(pouredPart([flour, { id: 'egg', grams: 50 }])).toBeNull();
    expect(pouredPart(parts)?.id).toBe('water');
  });
  it('scaled up after an over-pour asks for more of all the rest, and to add to what is in', () => {
    const now = weighingOf([weighed('flour', flour.grams), weighed('butter', 300, { factor: 1.2 })], 0);
    expect(now.factor).toBeCloseTo(1.2, 9);
    expect(toAdd(parts, now)).toEqual([{ id: 'flour', grams: expect.closeTo(flour.grams * 0.2, 6) as number }]);
    expect(actualParts(item as NonNullable<typeof item>, now).find((p) => p.id === 'salt')?.grams).toBeCloseTo(
      (parts.find((p) => p.id === 'salt')?.grams ?? 0) * 1.2,
      6,
    );
  });
  it('by feel is the first lot and every spoon', () => {
    const water = parts.find((p) => p.id === 'water')?.grams ?? 0;
    const poured = [
      eventOf(run, 'poured', 1, { itemIndex: 0, grams: 15 }),
      eventOf(run, 'poured', 2, { itemIndex: 0, grams: 15 }),
    ];
    const made = actualParts(item as NonNullable<typeof item>, weighingOf(poured, 0));
    expect(made.find((p) => p.id === 'water')?.grams).toBeCloseTo((water * (item?.firstLotPct ?? 0)) / 100 + 30, 6);
  });
});

describe('what a weighing takes from the larder', () => {
  const thing = (id: string, name: string, grams: number, ingredient?: string): LarderThing => ({
    id,
    version: 1,
    name,
    grams,
    shelf: 'C',
    note: '',
    ingredient,
  });
  it('is taken from what it is, by name where nobody said, flour from any flour, and never more than there is', () => {
    const larder = [
      thing('a', 'Butter, 82 %', 100, 'butter'),
      thing('b', 'Butter', 500),
      thing('c', 'Strong flour', 900, 'strongFlour'),
    ];
    const takes = takesOf(
      [
        { id: 'flour', grams: 400 },
        { id: 'butter', grams: 250 },
        { id: 'water', grams: 99 },
      ],
      larder,
    );
    expect(takes).toEqual([
      { larderId: 'c', grams: 400 },
      { larderId: 'a', grams: 100 },
      { larderId: 'b', grams: 150 },
    ]);
  });
});

describe('weighing at the bench', () => {
  const settled = (grams: number) => waitFor(() => expect(scale.reading).toBeCloseTo(grams, 1));
  it('goes one ingredient after the other, and what was weighed is kept on the device', async () => {
    new FakeServer();
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    await screen.findByText(new RegExp(`Plain flour, 1 of ${parts.length}`));
    fireEvent.click(screen.getByRole('button', { name: 'to it' }));
    await settled(Math.round(flour.grams * 10) / 10);
    fireEvent.click(screen.getByRole('button', { name: 'Plain flour is in' }));
    await screen.findByText(/Butter, 2 of/);
    const [kept] = (await benchStore.events.toArray()).filter((e) => e.type === 'weighed');
    expect(Number(kept?.data['grams'])).toBeCloseTo(flour.grams, 0);
    expect(scale.reading).toBe(0);
  });
  it('by a scale that shows ounces: asked about, never taken for grams, and right once it is said', async () => {
    new FakeServer();
    scale.tare();
    scale.failings = { ...scale.failings, shows: 'other' };
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    fireEvent.click(await screen.findByRole('button', { name: 'to it' }));
    expect(await screen.findByText(/Read as ounces it would be .*, about what is expected/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Plain flour is in' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'It shows ounces' }));
    await waitFor(() => expect(Math.abs(scale.reading - flour.grams)).toBeLessThan(2));
    fireEvent.click(await screen.findByRole('button', { name: 'Plain flour is in' }));
    await screen.findByText(/Butter, 2 of/);
    const [kept] = (await benchStore.events.toArray()).filter((e) => e.type === 'weighed');
    expect(Math.abs(Number(kept?.data['grams']) - flour.grams)).toBeLessThan(0.03 * flour.grams);
    scale.failings = { ...scale.failings, shows: 'asked' };
    act(() => showOther('scale', false));
  });
  it('with too much in says by how much, and the rest can follow', async () => {
    new FakeServer();
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    const reads = await screen.findByRole('textbox', { name: 'Plain flour as your scale reads' });
    fireEvent.change(reads, { target: { value: String(Math.round(flour.grams * 1.25)) } });
    await settled(Math.round(flour.grams * 1.25));
    const ways = await screen.findByRole('group', { name: 'Too much is in' });
    expect(within(ways).getByRole('button', { name: /^Leave it: fat/ })).toBeTruthy();
    fireEvent.click(within(ways).getByRole('button', { name: /^Make it all × 1\.25/ }));
    await screen.findByText(/all of it × 1.25/);
  });
  it('with no more of one, all of it is made smaller by a press', async () => {
    new FakeServer();
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    const reads = await screen.findByRole('textbox', { name: 'Plain flour as your scale reads' });
    fireEvent.change(reads, { target: { value: String(Math.round(flour.grams * 0.75)) } });
    await settled(Math.round(flour.grams * 0.75));
    fireEvent.click(await screen.findByRole('button', { name: 'There is no more of it' }));
    const ways = await screen.findByRole('group', { name: 'Too little is there' });
    expect(within(ways).getByRole('button', { name: /^Go on so: fat/ })).toBeTruthy();
    fireEvent.click(within(ways).getByRole('button', { name: /^Make it all × 0\.75/ }));
    await screen.findByText(/all of it × 0.75/);
    expect(screen.queryByText(/Take out of what is in/)).toBeNull();
  });
  it('with too little of the second, says what of the first comes out again, before and after the press', async () => {
    new FakeServer();
    await runAt(run, 0, weighed('flour', flour.grams));
    open('/bench');
    await heading('Weigh for Hand pies');
    const half = Math.round((parts[1]?.grams ?? 0) / 2);
    fireEvent.change(await screen.findByRole('textbox', { name: 'Butter as your scale reads' }), {
      target: { value: String(half) },
    });
    await settled(half);
    fireEvent.click(await screen.findByRole('button', { name: 'There is no more of it' }));
    const ways = await screen.findByRole('group', { name: 'Too little is there' });
    fireEvent.click(within(ways).getByRole('button', { name: /plain flour taken out while it lies dry$/ }));
    await screen.findByText(/Take out of what is in/);
    expect(screen.getByText(/Take out of what is in/).parentElement?.textContent).toMatch(/plain flour\.$/);
  });
  it('tells how to measure fat by the water it pushes up, for want of a scale', async () => {
    new FakeServer();
    await runAt(run, 0, weighed('flour', flour.grams));
    open('/bench');
    await heading('Weigh for Hand pies');
    await screen.findByText(/the fat pushed under: it stands at \d+ ml/);
  });
  it('draws the larder down when it is done, and gives back when the cook steps back', async () => {
    const server = new FakeServer();
    server.larder = [{ id: 'f', version: 1, name: 'Flour', grams: 2000, shelf: 'H', note: '', ingredient: 'flour' }];
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    await waitFor(() => expect(server.sent.some((s) => s.path === 'larder')).toBe(true));
    fireEvent.keyDown(document.body, { key: ' ' });
    await waitFor(() => expect(server.sent.filter((s) => s.path === 'larder/draws')).toHaveLength(1));
    const sent = server.sent.find((s) => s.path === 'larder/draws')?.body as { id: string; takes: { grams: number }[] };
    expect(sent.takes[0]?.grams).toBeCloseTo(flour.grams, 0);
    fireEvent.keyDown(document.body, { key: 'Backspace' });
    await waitFor(() => expect(server.sent.some((s) => s.path === `larder/draws/${sent.id}/undo`)).toBe(true));
  });
  it('draws the larder down once, though the answer was lost: the same weighing is sent again', async () => {
    const server = new FakeServer();
    server.larder = [{ id: 'f', version: 1, name: 'Flour', grams: 2000, shelf: 'H', note: '', ingredient: 'flour' }];
    server.loses = /^larder\/draws$/;
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    await waitFor(() => expect(server.sent.some((s) => s.path === 'larder')).toBe(true));
    fireEvent.keyDown(document.body, { key: ' ' });
    const draws = () => server.sent.filter((s) => s.path === 'larder/draws').map((s) => s.body['id']);
    await waitFor(() => expect(draws()).toHaveLength(1));
    server.loses = null;
    fireEvent.keyDown(document.body, { key: ' ' });
    await waitFor(() => expect(draws().length).toBeGreaterThan(1), { timeout: 15_000 });
    expect(new Set(draws()).size).toBe(1);
  });
  it('liquid goes in by feel: spoon after spoon, until it holds, and says what the flour took', async () => {
    new FakeServer();
    await runAt(run, stepIndex(run, 'rubIn'));
    open('/bench');
    await screen.findByText('water poured so far');
    fireEvent.click(screen.getByRole('button', { name: 'A spoon more' }));
    await waitFor(() =>
      expect(screen.getByRole<HTMLButtonElement>('button', { name: 'One less' }).disabled).toBe(false),
    );
    fireEvent.click(screen.getByRole('radio', { name: /holds when pressed/ }));
    await screen.findByText(/Enough\. Leave the rest in the jug/);
    fireEvent.click(screen.getByRole('radio', { name: /sticks/ }));
    await screen.findByText(/Dust it/);
  });
});
