import { formItem } from '../plan/forms';
import { planBake } from '../plan/bake';
import { plainKitchen } from '../plan/starters';
import { benchFull, isAtBench, meetsAtBench } from './benchRoom';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const items = [formItem('plait', 6, 'Ines'), formItem('lidOnly', 6, 'Tobiah')];

describe('a bench at which one can work at a time', () => {
  const roomy = planBake({ meal, items, kitchen });
  const narrow = planBake({ meal, items, kitchen: { ...kitchen, benchPlaces: 1 } });
  it('is never full where nobody said how many have room', () => {
    expect(benchFull(roomy.clock.steps, kitchen)).toBeNull();
  });
  it('would be full on the day as it is laid with room for all', () => {
    expect(benchFull(roomy.clock.steps, { ...kitchen, benchPlaces: 1 })?.works).toBe(2);
  });
  it('is used by one after the other, and the other cook is not idle meanwhile: fillings and pots go on', () => {
    expect(narrow.clock.problems).toEqual([]);
    expect(benchFull(narrow.clock.steps, { ...kitchen, benchPlaces: 1 })).toBeNull();
    for (const s of narrow.clock.steps) expect([s.id, meetsAtBench(s, narrow.clock.steps)]).toEqual([s.id, []]);
    expect(narrow.clock.steps.filter(isAtBench).length).toBe(roomy.clock.steps.filter(isAtBench).length);
  });
  it('is no limit to as many cooks as have room', () => {
    expect(planBake({ meal, items, kitchen: { ...kitchen, benchPlaces: 2 } }).clock).toEqual(roomy.clock);
  });
});
