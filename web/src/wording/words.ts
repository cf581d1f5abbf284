import type { Form } from '@crustallum/core/plan/formNames';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { Station } from '@crustallum/core/contracts/stations';
import type { Pastry, Product } from '@crustallum/core/contracts/products';

export const stationWords: Record<Station, string> = {
  brief: 'Brief',
  dough: 'Dough',
  folds: 'Folds',
  filling: 'Filling',
  cut: 'Cut',
  seal: 'Seal',
  oven: 'Oven',
  clock: 'Clock',
};
/** The third station's name follows the pastry. */
export const stationWord = (station: Station, pastry?: Pastry): string =>
  station === 'folds'
    ? pastry === 'shortcrust'
      ? 'Crumb'
      : pastry === 'filo'
        ? 'Leaves'
        : 'Folds'
    : stationWords[station];
export const settleWord = (station: Station, pastry?: Pastry): string =>
  `Settle the ${stationWord(station, pastry).toLowerCase()}`;

export const pastryWords: Record<Pastry, string> = { shortcrust: 'shortcrust', roughPuff: 'rough puff', filo: 'filo' };
export const productWords: Record<Product, string> = {
  handPies: 'Hand pies',
  dishPie: 'A pie in a dish',
  potPies: 'Pot pies',
  filoTray: 'A filo tray',
  filoCoil: 'A coil',
};
/** Pies as people call them. */
export const formWords: Record<Form, string> = {
  handPies: 'Hand pies',
  pasties: 'Pasties',
  turnovers: 'Turnovers',
  dishPie: 'A pie in a dish',
  lidOnly: 'Lid only',
  potPies: 'Pot pies',
  linedPots: 'Pot pies with a base',
  smallPies: 'Small pies in a tin',
  openTart: 'Open tart',
  lattice: 'Lattice',
  rolls: 'Rolls in slices',
  ring: 'A rolled ring',
  plait: 'A plait',
  filoTray: 'A filo tray',
  filoTriangles: 'Filo triangles',
  filoCoil: 'A coil',
};
export const pieceWord: Record<Product, [one: string, many: string]> = {
  handPies: ['pie', 'pies'],
  dishPie: ['helping', 'helpings'],
  potPies: ['pie', 'pies'],
  filoTray: ['helping', 'helpings'],
  filoCoil: ['slice', 'slices'],
};
export const piecesOf = (item: ItemInput): string =>
  `${item.brief.count} ${pieceWord[item.product][item.brief.count === 1 ? 0 : 1]}`;

export const fatWords: Record<string, string> = {
  butter: 'butter',
  clarifiedButter: 'clarified butter',
  lard: 'lard',
  shortening: 'shortening',
  puffMargarine: 'puff margarine',
  bakingMargarine: 'margarine',
  suet: 'suet',
  coconut: 'coconut fat',
  oil: 'oil',
};
export const benchWords: Record<string, string> = {
  wood: 'wood',
  laminate: 'laminate',
  marble: 'marble',
  granite: 'granite',
  steel: 'steel',
  glass: 'glass',
  aluminium: 'aluminium',
};
export const fillingWords: Record<string, string> = {
  apple_raw: 'raw apple',
  berry_raw: 'raw berries',
  fruit_cooked: 'cooked fruit',
  mincemeat_sweet: 'sweet mincemeat',
  stew_thick: 'thick stew',
  stew_runny: 'runny stew',
  chicken_cream: 'chicken in cream',
  mince_cooked: 'cooked mince',
  pork_raw: 'raw pork',
  lamb_onion_raw: 'raw lamb and onion',
  poultry_raw: 'raw poultry',
  pasty_raw: 'raw meat and roots',
  veg_raw: 'raw vegetables',
  fish_raw: 'raw fish',
  greens_cheese: 'greens and cheese',
  custard: 'custard, poured in raw',
  cheese_egg: 'cheese and egg',
  potato_mash: 'mash or soft roots',
  roll_jam: 'jam',
  roll_savoury: 'savoury spread',
  roll_fruit: 'chopped fruit',
};
export const coolingWords: Record<string, string> = {
  porch: 'on the porch',
  fridge: 'in the fridge',
  room: 'in the room',
  iceBath: 'in ice and water, stirred now and then',
};
export const methodWords: Record<string, string> = {
  fingertips: 'fingers',
  pastryBlender: 'blades',
  processorPulse: 'machine',
  mixerPaddle: 'paddle',
  rest: 'stand',
  knead: 'knead',
  processorDough: 'machine dough',
  mixerHook: 'hook',
};
export const certaintyWords = {
  exact: 'counted',
  physics: 'physics, coefficients ±',
  estimate: 'an estimate of ours',
  learnt: 'learnt in this kitchen',
} as const;

const counts = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
];

/** A small count at the head of a line, in letters. */
export const countWord = (n: number): string => counts[n] ?? String(n);
