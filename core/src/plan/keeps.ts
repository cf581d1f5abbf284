import type { ItemInput } from '../contracts/item';

/** Hours something keeps out of the cold, in the fridge, and in the freezer. */
interface Keeps {
  warmH: number;
  fridgeH: number;
  freezerH: number;
}
const days = (fridge: number, freezer: number, warmH: number): Keeps => ({
  warmH,
  fridgeH: 24 * fridge,
  freezerH: 24 * freezer,
});

/** Usual guidance for what waits to be baked: quality for dough, safety for a filling. Local food-safety rules go before it. */
const keeps = {
  shortcrust: days(3, 90, 4),
  laminated: days(2, 90, 4),
  oilOrEgg: days(2, 30, 2),
  cooked: days(2, 90, 2),
  raw: days(0.5, 60, 1),
} as const;

const frozenC = -2;
/** Warmer than this nothing keeps as in a fridge (usual guidance). */
const coldC = 8;
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

/** Made so long ago, where nothing was said: the day before, or as long as it keeps. */
export const usualAgeHours = (k: Keeps, atC: number): number => Math.min(24, hoursKept(k, atC));

/** Hours it keeps where it lies, by how warm that is. */
export const hoursKept = (k: Keeps, atC: number): number =>
  isFrozen(atC) ? k.freezerH : atC > coldC ? k.warmH : k.fridgeH;
