import type { OvenBuild } from '../oven/bakeInput';
import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';

/** An oven of a kitchen: which it is, its shelves, how far it stands off its dial (K), what it heats with (W). */
export interface OvenOfKitchen {
  index: 0 | 1;
  shelves: number;
  offsetC: number;
  heaterW: number;
  build?: OvenBuild | undefined;
}

/** The ovens of a kitchen, the usual one first. */
export function ovensOf(kitchen: KitchenInput): OvenOfKitchen[] {
  const first = {
    index: 0,
    shelves: kitchen.ovenShelves,
    offsetC: kitchen.ovenOffsetC,
    heaterW: kitchen.ovenW,
    build: kitchen.ovenBuild,
  } as const;
  return kitchen.secondOven ? [first, { index: 1, ...kitchen.secondOven }] : [first];
}

/** The oven an item is baked in: the second where it is said and there is one. */
export function ovenOf(item: Pick<ItemInput, 'oven'>, kitchen: KitchenInput): OvenOfKitchen {
  const all = ovensOf(kitchen);
  return (item.oven.inSecond ? all[1] : undefined) ?? all[0];
}
