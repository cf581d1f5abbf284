import type { ItemInput } from '../../contracts/item';

/** A dish no wider than this at its top is a cup: its blanks are cut from one sheet and pressed in (our choice). */
const widestCupMm = 120;
const fewestCups = 3;

/** Whether an item's dishes are cups, worked on in a row and not one by one. */
export function areCups(item: ItemInput, dishes: number): boolean {
  const top = item.cut.vessel?.top;
  const widest = typeof top === 'number' ? top : Math.max(...(top ?? [Infinity]));
  return item.product === 'dishPie' && dishes >= fewestCups && widest <= widestCupMm;
}
