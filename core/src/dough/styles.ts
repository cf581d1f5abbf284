import { ratioNames, type RatioName, type Ratios } from './formula';

/** From and to, per cent of flour, of what a dough truly is: butter's water counts as water. */
export type Span = readonly [low: number, high: number];

export interface Style {
  pastry: 'shortcrust' | 'roughPuff' | 'filo';
  /** Per 100 of flour; the fat, poured water and salt first, others by their place in the table. */
  start: {
    fat: string;
    fatPct: number;
    waterPct: number;
    saltPct: number;
    flour?: string;
    secondFlour?: string;
    secondFlourPct?: number;
    others?: readonly (readonly [ingredient: string, pct: number])[];
  };
  band: Record<RatioName, Span>;
  method: string;
  fatC: number;
  /** Share of the liquid that goes in first; the rest by feel. */
  firstLotPct: number;
  /** Where the dough rests before it is rolled. */
  rest: 'fridge' | 'room' | 'none';
  /** Share of the fat rubbed small and the size of the rest, for doughs that show it. */
  coatedPct?: number;
  crumbMm?: number;
  turns?: number;
  /** How its fat comes between the layers. */
  lock?: 'lumps' | 'envelope' | 'spread';
  /** Comes made, from a packet: nothing is weighed or mixed. */
  bought?: boolean;
}

const salt: Span = [0.8, 2.2];
const none: Span = [0, 0.5];
const some: Span = [0, 3];
const style = (
  s: Omit<Style, 'band'> & { band: Partial<Style['band']> & Pick<Style['band'], 'fat' | 'water'> },
): Style => ({
  ...s,
  band: { salt, sugar: some, egg: none, acid: [0, 4], ...s.band },
});

/**
 * Styles of dough with the bands they are usually made in: our own, from ordinary practice, as true ratios to flour. A style
 * is a starting point; leaving a band is said, never forbidden.
 */
export const styles = {
  flakyShortcrust: style({
    pastry: 'shortcrust',
    start: { fat: 'butter', fatPct: 62, waterPct: 28, saltPct: 1.5 },
    band: { fat: [42, 62], water: [30, 44] },
    method: 'fingertips',
    fatC: 4,
    firstLotPct: 70,
    rest: 'fridge',
    coatedPct: 40,
    crumbMm: 8,
  }),
  tenderShortcrust: style({
    pastry: 'shortcrust',
    start: { fat: 'butter', fatPct: 60, waterPct: 20, saltPct: 1.5 },
    band: { fat: [40, 56], water: [22, 34] },
    method: 'fingertips',
    fatC: 8,
    firstLotPct: 75,
    rest: 'fridge',
    coatedPct: 90,
    crumbMm: 2,
  }),
  twoSizeShortcrust: style({
    pastry: 'shortcrust',
    start: { fat: 'butter', fatPct: 62, waterPct: 25, saltPct: 1.5 },
    band: { fat: [42, 60], water: [28, 42] },
    method: 'fingertips',
    fatC: 5,
    firstLotPct: 70,
    rest: 'fridge',
    coatedPct: 60,
    crumbMm: 7,
  }),
  wrapping: style({
    pastry: 'shortcrust',
    start: { fat: 'bakingMargarine', fatPct: 32, waterPct: 40, saltPct: 1.6, flour: 'strongFlour' },
    band: { fat: [16, 36], water: [40, 54] },
    method: 'knead',
    fatC: 8,
    firstLotPct: 80,
    rest: 'fridge',
    coatedPct: 80,
    crumbMm: 3,
  }),
  eggAndMilk: style({
    pastry: 'shortcrust',
    start: {
      fat: 'butter',
      fatPct: 50,
      waterPct: 0,
      saltPct: 1.4,
      others: [
        ['egg', 20],
        ['milk', 12],
      ],
    },
    band: { fat: [36, 56], water: [28, 42], egg: [6, 32], sugar: [0, 6] },
    method: 'fingertips',
    fatC: 6,
    firstLotPct: 80,
    rest: 'fridge',
    coatedPct: 80,
    crumbMm: 3,
  }),
  softCheese: style({
    pastry: 'shortcrust',
    start: { fat: 'butter', fatPct: 65, waterPct: 0, saltPct: 1, others: [['creamCheese', 60]] },
    band: { fat: [52, 86], water: [26, 52], sugar: [0, 6] },
    method: 'mixerPaddle',
    fatC: 14,
    firstLotPct: 100,
    rest: 'fridge',
    coatedPct: 90,
    crumbMm: 2,
  }),
  sweetShortcrust: style({
    pastry: 'shortcrust',
    start: {
      fat: 'butter',
      fatPct: 58,
      waterPct: 6,
      saltPct: 0.8,
      others: [
        ['icingSugar', 20],
        ['yolk', 10],
      ],
    },
    band: { fat: [40, 62], water: [12, 28], salt: [0.3, 1.5], sugar: [8, 42], egg: [0, 20] },
    method: 'fingertips',
    fatC: 8,
    firstLotPct: 80,
    rest: 'fridge',
    coatedPct: 90,
    crumbMm: 2,
  }),
  partWholemeal: style({
    pastry: 'shortcrust',
    start: {
      fat: 'butter',
      fatPct: 58,
      waterPct: 32,
      saltPct: 1.5,
      secondFlour: 'wholemeal',
      secondFlourPct: 40,
    },
    band: { fat: [38, 58], water: [34, 50] },
    method: 'fingertips',
    fatC: 5,
    firstLotPct: 65,
    rest: 'fridge',
    coatedPct: 60,
    crumbMm: 6,
  }),
  suetDough: style({
    pastry: 'shortcrust',
    start: { fat: 'suet', fatPct: 50, waterPct: 54, saltPct: 1.2, others: [['bakingPowder', 3.5]] },
    band: { fat: [34, 56], water: [44, 64] },
    method: 'fingertips',
    fatC: 5,
    firstLotPct: 80,
    rest: 'none',
    coatedPct: 40,
    crumbMm: 3,
  }),
  oilDough: style({
    pastry: 'shortcrust',
    start: { fat: 'oil', fatPct: 34, waterPct: 30, saltPct: 1.5 },
    band: { fat: [24, 42], water: [24, 38] },
    method: 'fingertips',
    fatC: 18,
    firstLotPct: 80,
    rest: 'room',
    coatedPct: 100,
    crumbMm: 1,
  }),
  stretchedOil: style({
    pastry: 'shortcrust',
    start: { fat: 'oil', fatPct: 22, waterPct: 48, saltPct: 1.5, flour: 'strongFlour' },
    band: { fat: [10, 26], water: [42, 58] },
    method: 'knead',
    fatC: 18,
    firstLotPct: 85,
    rest: 'room',
    coatedPct: 100,
    crumbMm: 1,
  }),
  roughPuff: style({
    pastry: 'roughPuff',
    start: { fat: 'butter', fatPct: 75, waterPct: 42, saltPct: 1.8 },
    band: { fat: [48, 76], water: [44, 62] },
    method: 'pastryBlender',
    fatC: 5,
    firstLotPct: 75,
    rest: 'fridge',
    lock: 'lumps',
    turns: 4,
  }),
  blockPuff: style({
    pastry: 'roughPuff',
    start: { fat: 'butter', fatPct: 88, waterPct: 48, saltPct: 1.8, others: [['vinegar', 2]] },
    band: { fat: [58, 88], water: [48, 68] },
    method: 'mixerPaddle',
    fatC: 8,
    firstLotPct: 80,
    rest: 'fridge',
    lock: 'envelope',
    turns: 5,
  }),
  spreadLamination: style({
    pastry: 'roughPuff',
    start: { fat: 'butter', fatPct: 60, waterPct: 50, saltPct: 1.8 },
    band: { fat: [34, 66], water: [48, 66] },
    method: 'knead',
    fatC: 16,
    firstLotPct: 80,
    rest: 'fridge',
    lock: 'spread',
    turns: 3,
  }),
  boughtPuff: style({
    pastry: 'roughPuff',
    start: { fat: 'puffMargarine', fatPct: 66, waterPct: 53, saltPct: 1 },
    band: { fat: [40, 80], water: [45, 75], salt: [0, 3] },
    method: 'rest',
    fatC: 4,
    firstLotPct: 100,
    rest: 'none',
    turns: 5,
    bought: true,
  }),
  boughtFilo: style({
    pastry: 'filo',
    start: { fat: 'butter', fatPct: 40, waterPct: 45, saltPct: 1.5 },
    band: { fat: [0, 110], water: [30, 80], salt: [0, 3] },
    method: 'rest',
    fatC: 5,
    firstLotPct: 100,
    rest: 'room',
    bought: true,
  }),
  stretchedFilo: style({
    pastry: 'filo',
    start: { fat: 'butter', fatPct: 40, waterPct: 52, saltPct: 1.5 },
    band: { fat: [0, 110], water: [44, 80], salt: [0, 3], acid: [0, 6] },
    method: 'knead',
    fatC: 5,
    firstLotPct: 85,
    rest: 'room',
  }),
} satisfies Record<string, Style>;

export type StyleName = keyof typeof styles;
export const styleNames = Object.keys(styles) as StyleName[];

/** A ratio that lies outside what its style is usually made in. */
export interface Leaving {
  ratio: RatioName;
  side: 'under' | 'over';
  pct: number;
  low: number;
  high: number;
}

/** Every ratio outside the style's band, the farthest first. */
export function leavings(name: StyleName, toFlour: Ratios): Leaving[] {
  const band: Style['band'] = styles[name].band;
  return ratioNames
    .filter((r) => toFlour[r] < band[r][0] - 0.05 || toFlour[r] > band[r][1] + 0.05)
    .map((r): Leaving => {
      const [low, high] = band[r];
      return { ratio: r, side: toFlour[r] < low ? 'under' : 'over', pct: toFlour[r], low, high };
    })
    .sort((a, b) => away(b) - away(a));
}

const away = (l: Leaving): number => (l.side === 'under' ? l.low - l.pct : l.pct - l.high) / Math.max(1, l.high);
