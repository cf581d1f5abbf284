import type { ItemInput } from '../contracts/item';

/** Hours something keeps in the fridge, and in the freezer. */
interface Keeps {
  fridgeH: number;
  freezerH: number;
}
const days = (fridge: number, freezer: number): Keeps => ({ fridgeH: 24 * fridge, freezerH: 24 * freezer });

/** Usual guidance for what waits to be baked: quality for dough, safety for a filling. Local food-safety rules go before it. */
const keeps = {
  shortcrust: days(3, 90),
  laminated: days(2, 90),
  oilOrEgg: days(2, 30),
  cooked: days(2, 90),
  raw: days(0.5, 60),
} as const;

const frozenC = -2;
export const isFrozen = (atC: number): boolean => atC <= frozenC;

/** How long a raw dough keeps, wrapped. */
export const doughKeeps = ({ dough }: ItemInput): Keeps =>
  dough.pastry === 'roughPuff'
    ? keeps.laminated
    : dough.fat === 'oil' || dough.others?.some((o) => ['egg', 'yolk', 'eggWhite', 'milk'].includes(o.ingredient))
      ? keeps.oilOrEgg
      : keeps.shortcrust;

/** How long a filling keeps before it is baked. */
export const fillingKeeps = (raw: boolean): Keeps => (raw ? keeps.raw : keeps.cooked);

export const hoursKept = (k: Keeps, atC: number): number => (isFrozen(atC) ? k.freezerH : k.fridgeH);
