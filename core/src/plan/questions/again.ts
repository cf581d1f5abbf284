import type { ItemInput } from '../../contracts/item';
import { areCups } from '../steps/cups';
import { sizeFor } from './sizeFor';
import { writePaths } from '../path';

const mostPieces = 60;
const mostDishes = 24;

/**
 * An item made again, for another number of people where it is another: as many for each as there were, a dish of another size
 * where it is one round dish, more of it where it is not. What belonged to its day alone (a dough made already, pieces laid by
 * hand, steps made longer) does not come along.
 * @param item as it was made; people it was for, and is for now (1 to 60)
 */
export function again(item: ItemInput, people: { was: number; now: number }): ItemInput {
  const fresh: ItemInput = {
    ...item,
    dough: { ...item.dough, have: undefined, batch: undefined },
    filling: { ...item.filling, have: undefined },
    cut: { ...item.cut, placed: undefined, sheetLengthMm: undefined, sheetWidthMm: undefined },
    clock: { ...item.clock, longer: undefined, pins: undefined },
  };
  const ratio = people.now / people.was;
  if (ratio === 1) return fresh;
  const scaled = (n: number, most: number) => Math.max(1, Math.min(most, Math.round(n * ratio - 1e-9)));
  const count = scaled(fresh.brief.count, mostPieces);
  const dishes = fresh.cut.dishes ?? 1;
  if (fresh.product === 'dishPie' && !areCups(fresh, dishes)) {
    const size = dishes === 1 ? sizeFor(fresh, people.now) : null;
    if (size?.dish) return writePaths(fresh, size.changes);
    return writePaths(fresh, { 'brief.count': count, 'cut.dishes': scaled(dishes, mostDishes) });
  }
  const cups = fresh.product === 'dishPie' ? { 'cut.dishes': Math.min(mostDishes, count) } : {};
  return writePaths(fresh, { 'brief.count': count, ...cups });
}
