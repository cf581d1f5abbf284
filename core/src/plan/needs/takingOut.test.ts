import { planBake } from '../bake';
import { formItem } from '../forms';
import { writePaths } from '../path';
import { plainKitchen } from '../starters';
import type { ItemInput } from '../../contracts/item';
import { takingOut } from './takingOut';

const kitchen = { ...plainKitchen, cooks: ['Ines'] };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:30', mouthCount: 6, eaters: [] };
const outOf = (item: ItemInput, larder: Parameters<typeof takingOut>[2] = []) => {
  const { needs, clock } = planBake({ meal, items: [item], kitchen });
  return { out: takingOut([item], needs, larder, clock.steps, kitchen), needs, steps: clock.steps };
};
const pie = formItem('dishPie', 6, 'Ines');

describe('what is taken out before the work', () => {
  it('is nothing where all is worked cold and lies in fridge and shelf', () => {
    expect(outOf(writePaths<ItemInput>(pie, { 'dough.fatC': 5 })).out).toEqual([]);
  });
  it('is butter that is worked soft, the longer before the softer, and before it is weighed', () => {
    const at = [12, 15, 18].map((fatC) => outOf(writePaths<ItemInput>(pie, { 'dough.fatC': fatC })).out[0]);
    for (const o of at) expect(o).toMatchObject({ name: 'butter', from: 'fridge', to: 'room' });
    const lead = at.map((o) => (o ? o.useMin - o.atMin : 0));
    expect(lead[0]).toBeGreaterThan(5);
    expect(lead).toEqual([...lead].sort((a, b) => a - b));
    expect(lead.at(-1)).toBeLessThanOrEqual(240);
  });
  it('is not said to get warmer than the room makes it', () => {
    const item = writePaths<ItemInput>(pie, { 'dough.fatC': 20 });
    const cool = { ...kitchen, roomC: 15 };
    const { needs, clock } = planBake({ meal, items: [item], kitchen: cool });
    const [out] = takingOut([item], needs, [], clock.steps, cool);
    expect(out?.toC).toBe(20);
    expect(out?.reachesC).toBeLessThanOrEqual(15);
    expect((out?.useMin ?? 0) - (out?.atMin ?? 0)).toBeCloseTo(240, 6);
  });
  it('is never oil, nor fat that stands on the shelf', () => {
    for (const fat of ['oil', 'shortening'])
      expect(outOf(writePaths<ItemInput>(pie, { 'dough.fat': fat, 'dough.fatC': 18 })).out).toEqual([]);
  });
  it('is what lies in the freezer, a night before, and only as much as fridge and shelf are short of', () => {
    const cold = writePaths<ItemInput>(pie, { 'dough.fatC': 5 });
    const { needs } = outOf(cold);
    const need = needs.find((n) => n.forItems.some((f) => f.place === 'filling'));
    if (!need) throw new Error('nothing in the filling');
    const [frozen, fresh] = ['F', 'B'].map((shelf) => ({ name: need.name, grams: need.grams, shelf }));
    const { out } = outOf(cold, [frozen, { ...fresh, grams: need.grams / 4 }] as never);
    expect(out).toMatchObject([{ name: need.name, from: 'freezer', to: 'fridge' }]);
    expect(out[0]?.grams).toBeCloseTo((need.grams * 3) / 4, 6);
    expect((out[0]?.useMin ?? 0) - (out[0]?.atMin ?? 0)).toBe(12 * 60);
    expect(outOf(cold, [frozen, fresh] as never).out).toEqual([]);
  });
});
