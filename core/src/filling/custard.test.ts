import { custardSet } from './custard';
import { preparingMinutes } from './work';

const of = (eggG: number, more: Partial<Parameters<typeof custardSet>[0]> = {}) =>
  custardSet({ eggG, yolkG: 0, liquidG: 300, cheeseG: 0, starchG: 0, ...more });

describe('a custard', () => {
  it.each([
    [50, 'runs'],
    [70, 'trembling'],
    [90, 'firm'],
    [150, 'slices'],
  ])('of %i g egg to 300 g of milk %s', (eggG, sets) => expect(of(eggG)?.sets).toBe(sets));
  it('counts a yolk half as much again, and a little of the cheese', () => {
    expect(of(0, { yolkG: 60 })?.eggPer100G).toBeCloseTo(30, 6);
    expect(of(60, { cheeseG: 100 })?.eggPer100G).toBeCloseTo(24, 6);
  });
  it('bears six degrees more with starch in it', () => {
    expect((of(90, { starchG: 6 })?.weepsC ?? 0) - (of(90)?.weepsC ?? 0)).toBe(6);
  });
  it('is none without egg, or with nothing to set', () => {
    expect(of(0)).toBeNull();
    expect(of(50, { liquidG: 0 })).toBeNull();
  });
});

describe('making ready', () => {
  const onion = { ingredient: 'onion', grams: 300 };
  it('takes longer for more, and for smaller dice', () => {
    expect(preparingMinutes([{ ...onion, grams: 600 }], 12)).toBeGreaterThan(preparingMinutes([onion], 12));
    expect(preparingMinutes([onion], 6)).toBeGreaterThan(preparingMinutes([onion], 12));
  });
  it('of pork, roots, apple and leek for seven pasties is half an hour or so', () => {
    const minutes = preparingMinutes(
      [
        { ingredient: 'porkShoulder', grams: 430 },
        { ingredient: 'parsnip', grams: 280 },
        { ingredient: 'apple', grams: 160 },
        { ingredient: 'leek', grams: 210 },
      ],
      10,
    );
    expect(minutes).toBeGreaterThan(15);
    expect(minutes).toBeLessThan(35);
  });
  it('has no more to do with milk than to pour it', () =>
    expect(preparingMinutes([{ ingredient: 'milk', grams: 500 }], 4)).toBe(1));
});
