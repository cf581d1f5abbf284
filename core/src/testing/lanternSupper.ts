import type { ItemInput } from '../contracts/item';
import { plainKitchen, starterItem, starterMeal } from '../plan/starters';
import type { KitchenInput } from '../contracts/kitchen';
import type { BakeInput } from '../plan/inputs';

/** A small household for the tests: three items as the starters make them, in the plain kitchen. */
export const kitchen: KitchenInput = { ...plainKitchen, cooks: ['Ines', 'Tobiah'] };
export const turnovers = (): ItemInput => ({ ...starterItem('handPies', 12, 'Ines', 'roughPuff'), title: 'Turnovers' });
export const dish = (): ItemInput => ({ ...starterItem('dishPie', 6, 'Ines'), title: 'Dish' });
export const coil = (): ItemInput => ({ ...starterItem('filoCoil', 6, 'Tobiah'), title: 'Coil' });
export const supper = (): BakeInput => ({
  meal: starterMeal('2026-12-12T18:30', 12, 'Supper'),
  items: [turnovers(), dish(), coil()],
  kitchen,
});
