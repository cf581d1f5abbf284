import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import { isClosedBefore } from './closedBefore';
import { remember } from './memo';
import { planCut } from './stations/cut/station';
import { styleOf } from './stations/dough/formula';

/** One dough that several items are made of: mixed with the first of them, divided by grams. */
export interface SharedDough {
  name: string;
  members: { index: number; title: string; grams: number }[];
}

const bought = new Set(['boughtPuff', 'boughtFilo']);
/** Whether a dough is one that can be mixed for several: leaves and what comes made are not. */
export const canShareDough = (item: ItemInput): boolean =>
  item.dough.pastry !== 'filo' && !bought.has(styleOf(item.dough)) && !item.dough.have && !isClosedBefore(item);

/** The doughs of a day that serve more than one item. */
function sharedDoughs(items: readonly ItemInput[], kitchen: KitchenInput): SharedDough[] {
  const by = new Map<string, SharedDough['members']>();
  items.forEach((item, index) => {
    const name = item.dough.batch;
    if (!name || !canShareDough(item)) return;
    const leader = items[by.get(name)?.[0]?.index ?? index];
    if (leader.dough.pastry !== item.dough.pastry) return;
    const grams = remember(['cut', item, kitchen], () => planCut(item, kitchen)).doughMassG;
    by.set(name, [...(by.get(name) ?? []), { index, title: item.title, grams }]);
  });
  return [...by].filter(([, m]) => m.length > 1).map(([name, members]) => ({ name, members }));
}

/** A dough of another is taken as it lies after its rest, °C over the fridge (estimate). */
const restedOverFridgeK = 5;

/** The items of a day as they are made, and the doughs that serve more than one of them. */
export function asMade(
  items: readonly ItemInput[],
  kitchen: KitchenInput,
): { items: readonly ItemInput[]; doughs: SharedDough[] } {
  const doughs = sharedDoughs(items, kitchen);
  return { items: doughs.length > 0 ? withSharedDough(items, doughs, kitchen) : items, doughs };
}

/**
 * The items as they are made: the first of a shared dough mixes for all, unless the cook said how much; the others are made of
 * its dough, which is there.
 */
function withSharedDough(
  items: readonly ItemInput[],
  shared: readonly SharedDough[],
  kitchen: KitchenInput,
): ItemInput[] {
  const made = [...items];
  for (const { members } of shared) {
    const [first, ...others] = members;
    const leader = items[first.index];
    const all = members.reduce((sum, m) => sum + m.grams, 0);
    const { askBy = 'pieces', askValue = 1 } = leader.dough;
    // so many times what the pieces need is so many times what all of them need; a mass that was said stands
    if ((askBy === 'pieces' || askBy === 'factor') && first.grams > 0) {
      const times = (askBy === 'factor' ? askValue : 1) * (all / first.grams);
      made[first.index] = { ...leader, dough: { ...leader.dough, askBy: 'factor', askValue: Math.min(20, times) } };
    }
    const atC = leader.dough.fat === 'oil' ? kitchen.roomC : kitchen.fridgeC + restedOverFridgeK;
    for (const { index, grams } of others) {
      const { askBy: _, askValue: __, ...recipe } = leader.dough;
      made[index] = { ...items[index], dough: { ...recipe, have: { grams: Math.max(1, grams), atC, ageHours: 0 } } };
    }
  }
  return made;
}
