import { ingredientOf } from '../ingredients/table';

/** Hands, minutes for 100 g as it is bought, cut at 12 mm where it is cut (cooks' own times; estimates). */
const cutMinutes: Record<string, number> = {
  potato: 1,
  sweetPotato: 1.2,
  swede: 1.4,
  celeriac: 1.4,
  squash: 1.4,
  carrot: 1,
  parsnip: 1,
  beetroot: 1.2,
  onion: 1.1,
  shallot: 1.6,
  springOnion: 0.9,
  leek: 0.9,
  celery: 0.6,
  fennel: 0.7,
  mushroom: 0.7,
  pepperSweet: 0.6,
  courgette: 0.6,
  aubergine: 0.6,
  cauliflower: 0.6,
  broccoli: 0.6,
  asparagus: 0.5,
  cabbage: 0.6,
  kale: 0.6,
  chard: 0.6,
  spinach: 0.5,
  tomato: 0.5,
  stewingBeef: 1.3,
  kidney: 1.3,
  lamb: 1.3,
  venison: 1.3,
  porkShoulder: 1.3,
  bacon: 0.8,
  ham: 0.6,
  chickenThigh: 1.3,
  chickenBreast: 1.3,
  turkey: 1.3,
  duck: 1.3,
  apple: 1.2,
  pear: 1.2,
  plum: 0.9,
  apricot: 0.9,
  peach: 1.2,
  rhubarb: 0.5,
};
/** The same where dice have nothing to do with it. */
const fixedMinutes: Record<string, number> = {
  garlic: 5,
  chickenCooked: 1.4,
  whiteFish: 0.7,
  smokedHaddock: 0.7,
  salmon: 0.7,
  prawns: 2,
  cherry: 2,
  berries: 0.2,
  raspberry: 0.2,
  blackberry: 0.2,
  blueberry: 0.2,
  strawberry: 0.4,
  blackcurrant: 0.5,
  gooseberry: 0.8,
  cheddar: 0.6,
  gruyere: 0.6,
  emmental: 0.6,
  parmesan: 0.6,
  gouda: 0.6,
  feta: 0.2,
  egg: 0.4,
  lemon: 1,
};
const herbMinutes = 4;
/** Getting one thing out, weighing it and putting it by, min. */
const eachMinutes = 1;
const tableDiceMm = 12;

/**
 * Minutes of hands to peel, trim, dice, grate or pick what goes into a filling, from what is bought (g) and how large the dice
 * are (mm, 2 to 60): `Σ minutes per 100 g × (12/dice)^0.7`, and one for each thing. Things not in the table only take their
 * minute. Estimates; the kitchen's learnt pace multiplies them.
 * @example preparingMinutes([{ ingredient: 'onion', grams: 200 }], 12) // 3.2
 */
export function preparingMinutes(
  parts: readonly { ingredient: string | null; grams: number }[],
  diceMm: number,
): number {
  const finer = (tableDiceMm / diceMm) ** 0.7;
  return parts.reduce((sum, { ingredient, grams }) => {
    const id = ingredient ?? '';
    const cut = cutMinutes[id];
    const whole = fixedMinutes[id] ?? (ingredientOf(id)?.group === 'herb' ? herbMinutes : 0);
    return sum + eachMinutes + ((cut === undefined ? whole : cut * finer) * grams) / 100;
  }, 0);
}
