import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { plainKitchen } from '../plan/starters';
import { writePaths } from '../plan/path';
import { meetsAt, placesFull, type Place } from './places';
import type { KitchenInput } from '../contracts/kitchen';
import type { ItemInput } from '../contracts/item';

const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3, scales: 2 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const items = [formItem('plait', 6, 'Ines'), formItem('lidOnly', 6, 'Tobiah')];
const laid = (pies: ItemInput[], here: KitchenInput) => planBake({ meal, items: pies, kitchen: here }).clock;
const full = (place: Place, steps: ReturnType<typeof laid>['steps'], here: KitchenInput) =>
  placesFull(steps, here).filter((f) => f.place === place);

describe('a bench at which one can work at a time', () => {
  const roomy = laid(items, kitchen);
  const one = { ...kitchen, benchPlaces: 1 };
  const narrow = laid(items, one);
  it('is never full where nobody said how many have room', () => {
    expect(full('bench', roomy.steps, kitchen)).toEqual([]);
  });
  it('would be full on the day as it is laid with room for all', () => {
    expect(full('bench', roomy.steps, one)[0]?.works).toBe(2);
  });
  it('is used by one after the other, and the other cook is not idle meanwhile: fillings and pots go on', () => {
    expect(narrow.problems).toEqual([]);
    for (const s of narrow.steps) expect([s.id, meetsAt('bench', s, narrow.steps)]).toEqual([s.id, []]);
    expect(narrow.steps.filter((s) => s.kind === 'bench').length).toBe(
      roomy.steps.filter((s) => s.kind === 'bench').length,
    );
  });
  it('is no limit to as many cooks as have room', () => {
    expect(laid(items, { ...kitchen, benchPlaces: 2 })).toEqual(roomy);
  });
});

describe('a thing there is one of', () => {
  const twins = [formItem('turnovers', 6, 'Ines'), formItem('turnovers', 6, 'Tobiah')].map((i) =>
    writePaths<ItemInput>(i, { 'dough.method': 'processorPulse' }),
  );
  it('the mixing machine: two doughs that it mixes are mixed one after the other, with two machines at once', () => {
    const two = laid(twins, { ...kitchen, mixers: 2 });
    expect(full('mixer', two.steps, kitchen)[0]?.works).toBe(2);
    const one = laid(twins, kitchen);
    expect([one.problems, full('mixer', one.steps, kitchen)]).toEqual([[], []]);
  });
  it('the scale: nobody weighs while somebody else does', () => {
    const two = laid(twins, { ...kitchen, mixers: 2 });
    expect(full('scale', two.steps, { ...kitchen, scales: 1 })[0]?.works).toBe(2);
    const one = laid(twins, { ...kitchen, scales: 1 });
    expect([one.problems, full('scale', one.steps, { ...kitchen, scales: 1 })]).toEqual([[], []]);
  });
});

describe('one pot for two fillings', () => {
  const poor = { ...kitchen, pots: 1 };
  const pies = [formItem('dishPie', 6, 'Ines'), formItem('pasties', 6, 'Tobiah')].map((i) =>
    writePaths<ItemInput>(i, { 'filling.cookMinutes': 25 }),
  );
  const { steps, problems } = laid(pies, poor);
  it('is washed by somebody before the other has it, and never holds both', () => {
    expect(problems).toEqual([]);
    expect(full('pots', steps, poor)).toEqual([]);
    const [first, second] = steps.filter((s) => s.code === 'cookFilling');
    const washes = steps.filter((s) => s.code === 'washPot');
    expect(washes).toHaveLength(2);
    const between = washes.filter((w) => w.startMin >= (first?.startMin ?? 0) + (first?.minutes ?? 0) - 1e-6);
    expect(between.some((w) => w.startMin + w.minutes <= (second?.startMin ?? 0) + 1e-6 && w.cook !== null)).toBe(true);
  });
  it('is not reckoned with where nobody said how many there are, nor where each filling has its own', () => {
    for (const here of [kitchen, { ...kitchen, pots: 2 }])
      expect(laid(pies, here).steps.some((s) => s.code === 'washPot')).toBe(false);
  });
});
