import type { CutInput } from '../contracts/cut';
import type { FoldsInput } from '../contracts/folds';
import type { ItemInput } from '../contracts/item';
import type { Pastry, Product } from '../contracts/products';
import type { SealInput } from '../contracts/seal';
import type { StyleName } from '../dough/styles';
import { readyFilling } from './fillings/ready';
import type { ReadyName } from './fillings/readyNames';
import type { Form } from './formNames';
import { starterItem } from './starters';
import { usualCase } from './stations/oven/programme';
import { standOf } from './stations/oven/standing';
import { foldsOf, startOf } from './stations/dough/formula';

interface Start {
  product: Product;
  pastry?: Pastry;
  style?: StyleName;
  title: string;
  sign?: ItemInput['sign'];
  /** How many for so many people: pieces, or helpings of a dish. */
  count: (people: number) => number;
  cut?: (people: number) => Partial<CutInput>;
  folds?: Partial<FoldsInput>;
  filling: ReadyName;
  seal?: Partial<SealInput>;
  oven?: Partial<ItemInput['oven']>;
}

const round = (top: number, bottom: number, depth: number, rim = 0) =>
  ({ form: 'round', top, bottom, depth, rim }) as const;

/** Dishes that feed so many: the next size where one is not enough. */
const plate = (people: number) =>
  people <= 4 ? round(200, 165, 40, 12) : people <= 8 ? round(240, 200, 45, 12) : round(280, 235, 50, 12);
const tart = (people: number) =>
  people <= 4 ? round(200, 190, 30) : people <= 8 ? round(250, 240, 30) : round(280, 270, 30);
const nameOf = (v: { top: number }, what: string) => `${what} ${Math.round(v.top / 10)}`;

const starts: Record<Form, Start> = {
  handPies: { product: 'handPies', title: 'Hand pies', count: (m) => m, filling: 'braisedBeef' },
  pasties: {
    product: 'handPies',
    style: 'wrapping',
    title: 'Pasties',
    count: (m) => m,
    cut: () => ({ cutterMm: 190, pieceKind: 'halfmoon', thicknessMm: 4 }),
    filling: 'beefPotatoSwede',
    seal: { crimp: 'rope', glue: 'water', slits: 4, slitMm: 25 },
    oven: { setC: 185 },
  },
  turnovers: {
    product: 'handPies',
    pastry: 'roughPuff',
    title: 'Turnovers',
    count: (m) => m,
    cut: () => ({ cutterMm: 120, pieceKind: 'triangle', thicknessMm: 3 }),
    filling: 'stewedApple',
    seal: { glue: 'water', wash: 'milk' },
    oven: { setC: 200 },
  },
  dishPie: {
    product: 'dishPie',
    title: 'A pie in a dish',
    count: (m) => Math.max(4, m),
    cut: (m) => ({ vessel: plate(m), vesselName: nameOf(plate(m), 'pie dish') }),
    filling: 'chickenLeek',
  },
  lidOnly: {
    product: 'potPies',
    pastry: 'roughPuff',
    title: 'Pie with a lid only',
    sign: 'dish',
    count: () => 1,
    cut: (m) => ({
      vessel:
        m <= 6
          ? { form: 'oval', top: [260, 180], bottom: [230, 150], depth: 55, rim: 12 }
          : { form: 'oval', top: [300, 210], bottom: [270, 180], depth: 60, rim: 12 },
      vesselName: m <= 6 ? 'oval 26 × 18' : 'oval 30 × 21',
      vesselMaterial: 'ceramic',
    }),
    filling: 'beefAndAle',
    seal: { slits: 5, slitMm: 25 },
    oven: { setC: 190, rack: 'low' },
  },
  potPies: { product: 'potPies', title: 'Pot pies', count: (m) => m, filling: 'chickenLeek' },
  linedPots: {
    product: 'dishPie',
    pastry: 'roughPuff',
    title: 'Pot pies with a base',
    sign: 'pot',
    count: (m) => m,
    cut: (m) => ({
      vessel: round(90, 80, 50),
      vesselName: 'ramekin 9',
      vesselMaterial: 'ceramic',
      dishes: Math.min(24, m),
      thicknessMm: 3,
    }),
    filling: 'spicedVegetables',
    seal: { crimp: 'fork', slits: 2, slitMm: 15 },
    oven: { setC: 200 },
  },
  smallPies: {
    product: 'dishPie',
    title: 'Small pies in a tin',
    sign: 'pot',
    count: (m) => Math.min(24, 2 * m),
    cut: (m) => ({
      vessel: round(70, 50, 32),
      vesselName: 'muffin cup 7',
      vesselMaterial: 'darksteel',
      dishes: Math.min(24, 2 * m),
      thicknessMm: 3,
    }),
    filling: 'braisedBeef',
    seal: { crimp: 'fork', vent: 'holes', slits: 1, holeMm: 7, rimMm: 6 },
    oven: { setC: 190 },
  },
  openTart: {
    product: 'dishPie',
    title: 'Open tart',
    count: (m) => Math.max(4, m),
    cut: (m) => ({ vessel: tart(m), vesselName: nameOf(tart(m), 'tart tin'), lid: 'none', thicknessMm: 3 }),
    filling: 'leekCustard',
    seal: { glue: 'none', slits: 0, wash: 'none', crimp: 'fork' },
    oven: { setC: 170, blind: usualCase },
  },
  lattice: {
    product: 'dishPie',
    title: 'Lattice pie',
    count: (m) => Math.max(6, m),
    cut: (m) => ({ vessel: plate(m), vesselName: nameOf(plate(m), 'pie plate'), lid: 'lattice', thicknessMm: 4 }),
    filling: 'plums',
    seal: { wash: 'milk', glue: 'water' },
    oven: { setC: 220, then: [{ fromMin: 20, setC: 180 }] },
  },
  rolls: {
    product: 'handPies',
    pastry: 'roughPuff',
    title: 'Rolls in slices',
    count: (m) => 2 * m,
    cut: () => ({ cutterMm: 160, pieceKind: 'log', otherMm: 300, sliceMm: 60, thicknessMm: 3 }),
    filling: 'porkSage',
    oven: { setC: 200 },
  },
  ring: {
    product: 'handPies',
    style: 'stretchedOil',
    title: 'A rolled ring',
    count: (m) => m,
    cut: (m) => ({
      cutterMm: m <= 4 ? 260 : 380,
      pieceKind: 'ring',
      otherMm: 160,
      sliceMm: m <= 4 ? 110 : 100,
      thicknessMm: 1,
    }),
    filling: 'beansGreens',
    seal: { glue: 'water', slits: 5, slitMm: 25, wash: 'oil', crimp: 'foldunder', rimMm: 6 },
    oven: { setC: 190 },
  },
  plait: {
    product: 'handPies',
    pastry: 'roughPuff',
    title: 'A plait',
    count: (m) => m,
    cut: (m) => ({
      cutterMm: 240,
      pieceKind: 'plait',
      otherMm: m <= 4 ? 260 : 340,
      sliceMm: m <= 4 ? 65 : 85,
      thicknessMm: 3,
    }),
    filling: 'leekPotato',
    seal: { rimMm: 12, wash: 'egg', crimp: 'fork', slits: 0 },
    oven: { setC: 200 },
  },
  filoTray: { product: 'filoTray', title: 'Filo tray', count: (m) => Math.max(6, m), filling: 'greensCheese' },
  filoTriangles: {
    product: 'handPies',
    pastry: 'filo',
    title: 'Filo triangles',
    count: (m) => 3 * m,
    cut: () => ({ cutterMm: 70, pieceKind: 'triangle', thicknessMm: 1 }),
    folds: { leavesInStack: 2, laying: 'triangle' },
    filling: 'greensCheese',
    seal: { glue: 'none', slits: 0, wash: 'butter' },
    oven: { setC: 190 },
  },
  filoCoil: {
    product: 'filoCoil',
    title: 'A coil',
    count: (m) => Math.max(6, m),
    filling: 'greensCheese',
  },
};

/** What an item of a form is called until the cook names it. */
export const titleOf = (form: Form): string => starts[form].title;

/** An item of a form for so many people: what a cook would begin with, every part of it to be changed without starting anew. */
export function formItem(form: Form, people: number, cook: string): ItemInput {
  const s = starts[form];
  const plain = starterItem(s.product, people, cook, s.pastry);
  const item: ItemInput = {
    ...plain,
    title: s.title,
    sign: s.sign ?? plain.sign,
    brief: { count: Math.min(60, s.count(people)) },
    folds: { ...plain.folds, ...s.folds },
    filling: { ...plain.filling, ...readyFilling(s.filling) },
    cut: { ...plain.cut, ...s.cut?.(people) },
    seal: { ...plain.seal, ...s.seal },
    oven: { ...plain.oven, ...s.oven },
  };
  const stood = { ...item, clock: { ...plain.clock, standMinutes: standOf(item).usualMin } };
  return s.style
    ? { ...stood, dough: { ...item.dough, ...startOf(s.style) }, folds: { ...item.folds, ...foldsOf(s.style) } }
    : stood;
}
