import type { ItemInput } from '../contracts/item';
import { planCut } from './stations/cut/station';
import { standOf } from './stations/oven/standing';
import type { Pastry, Product } from '../contracts/products';
import { pastriesOf } from '../contracts/products';
import type { MealInput } from '../contracts/meal';
import type { KitchenInput } from '../contracts/kitchen';

/** A plain kitchen to start from; every number is the cook's to change. */
export const plainKitchen: KitchenInput = {
  roomC: 20,
  fridgeC: 4,
  fridgeKind: 'fridge',
  freezerC: -18,
  porchC: 10,
  tapC: 10,
  humidityPct: 50,
  bench: 'wood',
  benchLengthMm: 900,
  benchWidthMm: 600,
  pinMm: 450,
  ovenShelves: 2,
  ovenOffsetC: 0,
  ovenW: 2200,
  cooks: ['You'],
  bakeRatios: [],
  fridgeFactor: 1,
  pace: 1,
};

const pastryOf: Record<Pastry, Partial<ItemInput['dough']>> = {
  shortcrust: { fatToFlourPct: 55, waterToFlourPct: 28, saltToFlourPct: 1.5, method: 'fingertips' },
  roughPuff: { fatToFlourPct: 75, waterToFlourPct: 42, saltToFlourPct: 1.8, method: 'pastryBlender' },
  filo: { fatToFlourPct: 40, waterToFlourPct: 45, saltToFlourPct: 1.5, method: 'rest' },
};

const round = (top: number, bottom: number, depth: number, rim = 12) => ({
  form: 'round' as const,
  top,
  bottom,
  depth,
  rim,
});

interface Start {
  title: string;
  sign: ItemInput['sign'];
  pastry: Pastry;
  cut: Partial<ItemInput['cut']>;
  filling: Pick<ItemInput['filling'], 'name' | 'type' | 'cookedC' | 'cookMinutes' | 'coolIn'> &
    Partial<ItemInput['filling']>;
  oven: Partial<ItemInput['oven']>;
  seal?: Partial<ItemInput['seal']>;
  count: (mouths: number) => number;
}

const cookedMeat: Start['filling'] = {
  name: 'braised meat and onion',
  type: 'mince_cooked',
  cookedC: 85,
  cookMinutes: 45,
  coolIn: 'trays',
};
const starts: Record<Product, Start> = {
  handPies: {
    title: 'Hand pies',
    sign: 'moon',
    pastry: 'shortcrust',
    cut: { cutterMm: 120, pieceKind: 'halfmoon', thicknessMm: 3 },
    filling: cookedMeat,
    oven: { setC: 200 },
    count: (m) => m,
  },
  dishPie: {
    title: 'A pie in a dish',
    sign: 'dish',
    pastry: 'shortcrust',
    cut: { thicknessMm: 4, vesselName: 'pie dish 24', vesselMaterial: 'tin', vessel: round(240, 200, 45) },
    filling: {
      name: 'chicken and leek in sauce',
      type: 'chicken_cream',
      cookedC: 85,
      cookMinutes: 40,
      coolIn: 'trays',
    },
    oven: { setC: 190, support: 'trayDark', rack: 'low' },
    count: (m) => Math.max(4, m),
  },
  potPies: {
    title: 'Pot pies',
    sign: 'pot',
    pastry: 'roughPuff',
    cut: { thicknessMm: 4, vesselName: 'pot 11', vesselMaterial: 'ceramic', vessel: round(110, 85, 60, 8) },
    filling: {
      name: 'chicken and leek in sauce',
      type: 'chicken_cream',
      cookedC: 85,
      cookMinutes: 40,
      coolIn: 'trays',
    },
    oven: { setC: 200, support: 'trayDark' },
    count: (m) => m,
  },
  filoTray: {
    title: 'Filo tray',
    sign: 'tray',
    pastry: 'filo',
    cut: {
      thicknessMm: 1,
      vesselName: 'tray 30 × 22',
      vesselMaterial: 'darksteel',
      vessel: { form: 'rect', top: [300, 220], bottom: [290, 210], depth: 40, corner: 10 },
    },
    filling: { name: 'greens and cheese', type: 'greens_cheese', cookedC: 70, cookMinutes: 25, coolIn: 'trays' },
    oven: { setC: 180 },
    seal: { glue: 'none', slits: 0, wash: 'butter' },
    count: (m) => Math.max(6, m),
  },
  filoCoil: {
    title: 'A coil',
    sign: 'coil',
    pastry: 'filo',
    cut: { thicknessMm: 1, vesselName: 'tin 24', vesselMaterial: 'darksteel', vessel: round(240, 240, 45, 0) },
    filling: { name: 'greens and cheese', type: 'greens_cheese', cookedC: 70, cookMinutes: 25, coolIn: 'trays' },
    oven: { setC: 190 },
    seal: { glue: 'none', slits: 0, wash: 'butter' },
    count: (m) => Math.max(6, m),
  },
};

/** A new item from nothing: sensible inputs for a product, for so many mouths, in a pastry that suits it. */
export function starterItem(
  product: Product,
  mouths: number,
  cook: string,
  pastry: Pastry = starts[product].pastry,
): ItemInput {
  const s = starts[product];
  const fits = pastriesOf[product].includes(pastry) ? pastry : s.pastry;
  const item: ItemInput = {
    title: s.title,
    sign: s.sign,
    product,
    brief: { count: s.count(mouths) },
    dough: {
      pastry: fits,
      fat: 'butter',
      fatToFlourPct: 55,
      waterToFlourPct: 28,
      saltToFlourPct: 1.5,
      fatC: 5,
      method: 'fingertips',
      ...pastryOf[fits],
    },
    folds: {
      turns: 4,
      fold: 3,
      rolledLengthMm: 400,
      lumpMm: 15,
      coatedPct: 60,
      crumbMm: 6,
      discMm: 20,
      leavesInStack: product === 'filoTray' ? 6 : 3,
      brushGramsPerM2: 50,
      leafLengthMm: 480,
      leafWidthMm: 300,
    },
    filling: { fullnessPct: 100, saltPct: 1, coolAt: 'fridge', diceMm: 10, ingredients: [], ...s.filling },
    cut: {
      cutterMm: 120,
      pieceKind: 'halfmoon',
      thicknessMm: 3,
      trimMm: 5,
      gapMm: 2,
      maxReRolls: 2,
      vessel: null,
      ...s.cut,
    },
    seal: { rimMm: 10, glue: 'egg', crimp: 'fork', ...usualVents[product], wash: 'egg', ...s.seal },
    oven: { setC: 200, mode: 'conv', rack: 'middle', support: 'trayDark', ...s.oven },
    clock: { cook, standMinutes: 10 },
  };
  const stood = { ...item, clock: { cook, standMinutes: standOf(item).usualMin } };
  return fits === 'roughPuff'
    ? { ...stood, folds: { ...item.folds, rolledLengthMm: lengthForMass(planCut(item, plainKitchen).doughMassG) } }
    : stood;
}

/** Slits that let the steam of a usual filling out, by what is closed. */
const usualVents: Record<Product, { slits: number; slitMm: number }> = {
  handPies: { slits: 3, slitMm: 20 },
  dishPie: { slits: 4, slitMm: 25 },
  potPies: { slits: 2, slitMm: 15 },
  filoTray: { slits: 0, slitMm: 15 },
  filoCoil: { slits: 0, slitMm: 15 },
};

/** Length (mm) that rolls a laminate of that mass, half as wide, to about 8 mm: thick enough to last, thin enough to fold. */
function lengthForMass(massG: number): number {
  const volumeMm3 = (massG / 1.1) * 1000;
  return Math.max(200, Math.min(800, Math.round(Math.sqrt((2 * volumeMm3) / 8) / 10) * 10));
}

export const starterMeal = (serveAt: string, mouthCount: number, title = 'A meal'): MealInput => ({
  title,
  serveAt,
  mouthCount,
  eaters: [],
});
