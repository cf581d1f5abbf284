import type { ItemInput } from '../../../contracts/item';
import { vesselGeometry } from '../../../vessels/vessel';
import { areCups } from '../../steps/cups';
import { isSweet } from '../filling/result';

/** Minutes a pie stands before it is cut or moved: the least and the most, and what a cook begins with. Usual guidance, estimates. */
const stands = {
  minis: { low: 2, high: 5, usual: 4 },
  handPies: { low: 5, high: 10, usual: 8 },
  cups: { low: 10, high: 15, usual: 12 },
  pots: { low: 5, high: 10, usual: 8 },
  sauce: { low: 10, high: 20, usual: 15 },
  deep: { low: 20, high: 30, usual: 25 },
  puff: { low: 5, high: 8, usual: 5 },
  filoTray: { low: 10, high: 20, usual: 15 },
  coil: { low: 15, high: 60, usual: 20 },
  custard: { low: 30, high: 60, usual: 30 },
  fruit: { low: 120, high: 180, usual: 150 },
} as const satisfies Record<string, { low: number; high: number; usual: number }>;
export type StandRule = keyof typeof stands;

export interface Stand {
  rule: StandRule;
  lowMin: number;
  highMin: number;
  usualMin: number;
  /** Heat goes on inwards: it is not cut sooner, min. */
  atLeastMin: number;
}

const deepMm = 50;
const miniMm = 75;
/** Whatever has raw mince or poultry in it stands so long at least, min. */
const rawAtLeastMin = 5;
const minced = new Set(['pork_raw', 'poultry_raw', 'lamb_onion_raw']);

function ruleOf(item: ItemInput): StandRule {
  const { product, cut, dough, filling } = item;
  if (product === 'filoTray') return 'filoTray';
  if (product === 'filoCoil') return 'coil';
  if (product === 'handPies')
    return dough.pastry === 'roughPuff'
      ? 'puff'
      : cut.cutterMm <= miniMm && cut.pieceKind !== 'log'
        ? 'minis'
        : 'handPies';
  if (filling.type === 'custard') return 'custard';
  const dishes = cut.dishes ?? 1;
  if (areCups(item, dishes)) return 'cups';
  const g = cut.vessel && vesselGeometry(cut.vessel);
  const small = product === 'potPies' ? (g?.top.length ?? 0) < 160 : dishes > 1 && (g?.top.length ?? 0) <= 130;
  if (small) return 'pots';
  if (isSweet(filling.type)) return 'fruit';
  return (g?.depth ?? 0) > deepMm ? 'deep' : 'sauce';
}

/** How long an item's pies stand between oven and knife. */
export function standOf(item: ItemInput): Stand {
  const rule = ruleOf(item);
  const { low, high, usual } = stands[rule];
  return {
    rule,
    lowMin: low,
    highMin: high,
    usualMin: usual,
    atLeastMin: minced.has(item.filling.type) ? rawAtLeastMin : 0,
  };
}
