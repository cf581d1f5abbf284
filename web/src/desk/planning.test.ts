import type { ItemInput } from '@crustallum/core/contracts/item';
import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { planner } from '../workers/answers';
import { planDesk } from './planning';
import type { BakeInput } from '@crustallum/core/plan/inputs';

const pies = starterItem('handPies', 8, 'You', 'roughPuff');
const coil = starterItem('filoCoil', 8, 'You');
const bake = (...items: ItemInput[]): BakeInput => ({
  meal: starterMeal('2026-12-12T18:30', 8),
  items,
  kitchen: plainKitchen,
});
const hotter = (item: ItemInput, setC: number): ItemInput => ({ ...item, oven: { ...item.oven, setC } });
// what only its own dough knows of: the oven is shared
const warmerFat = (item: ItemInput, fatC: number): ItemInput => ({ ...item, dough: { ...item.dough, fatC } });
const planned = async (input: BakeInput) => {
  const answer = await planDesk(input);
  if (!answer.ok) throw new Error(JSON.stringify(answer.errors));
  return answer.value;
};

describe('the plan of the desk', () => {
  it('is the core’s own plan, whatever crossed from the worker', async () => {
    for (const input of [
      bake(pies, coil),
      bake(hotter(pies, 210), coil),
      bake(pies),
      bake(coil, pies),
      bake(pies, coil),
    ])
      expect(await planned(input)).toEqual(planBake(input));
  });
  it('keeps the very objects of what did not change, so that nothing of it is drawn again', async () => {
    const before = await planned(bake(pies, coil));
    const after = await planned(bake(warmerFat(pies, 6), coil));
    expect(after.items[1]).toBe(before.items[1]);
    expect(after.items[0]).not.toBe(before.items[0]);
  });
  it('crosses only in the parts that changed', () => {
    planner.planAgain(bake(pies, coil));
    const answer = planner.planAgain(bake(warmerFat(pies, 7), coil));
    expect(answer.ok && answer.value.items.map((i) => i === null)).toEqual([false, true]);
  });
  it('survives a refusal in between: the next plan is whole again', async () => {
    await planned(bake(pies, coil));
    const refused = await planDesk(bake(hotter(pies, 9000), coil));
    expect(refused).toMatchObject({ ok: false, errors: [{ field: 'items.0.oven.setC' }] });
    expect(await planned(bake(pies, coil))).toEqual(planBake(bake(pies, coil)));
  });
  it('answered out of a hurry of changes is the one of the last', async () => {
    const heats = [180, 185, 190, 195, 200];
    const answers = await Promise.all(heats.map((setC) => planned(bake(hotter(pies, setC), coil))));
    expect(answers.at(-1)).toEqual(planBake(bake(hotter(pies, 200), coil)));
  });
});
