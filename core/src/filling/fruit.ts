import { within } from '../quantities/refusal';
import { bodies, bodyNamed, bodyOf, flourFor, powerOf, type BodyName, type Thickener } from './thickening';

/** How much a fruit sets by itself. */
export const pectins = ['low', 'medium', 'high'] as const;
export type Pectin = (typeof pectins)[number];
/** Flour's worth in 100 g of liquid that pectin saves (estimates). */
const pectinSaves: Record<Pectin, number> = { low: 0, medium: 0.7, high: 1.5 };

interface Fruit {
  sugarsPct: number;
  pH: number;
  /** Sugar usually added, % of the prepared fruit. */
  addedPct: readonly [from: number, to: number];
  /** Juice that much sugar draws in half an hour, % of the fruit. */
  drawnPct: number;
  pectin: Pectin;
  /** Water it lets go of when it is baked, % of the fruit. */
  freeWaterPct: number;
}
const f = (
  sugarsPct: number,
  pH: number,
  from: number,
  to: number,
  drawnPct: number,
  pectin: Pectin,
  freeWaterPct: number,
): Fruit => ({
  sugarsPct,
  pH,
  addedPct: [from, to],
  drawnPct,
  pectin,
  freeWaterPct,
});

/** Fruits by their ingredient; all estimates, free water from the yields of their like. */
export const fruits: Readonly<Record<string, Fruit>> = {
  apple: f(9, 3.2, 12, 18, 8, 'high', 14),
  pear: f(10, 3.9, 4, 8, 7, 'low', 12),
  plum: f(10, 3.3, 12, 20, 12, 'high', 20),
  apricot: f(9, 3.5, 12, 18, 10, 'medium', 15),
  peach: f(9, 3.8, 6, 12, 12, 'low', 20),
  cherry: f(11, 3.5, 12, 22, 12, 'low', 20),
  rhubarb: f(1, 3.1, 25, 35, 22, 'low', 32),
  gooseberry: f(5, 3, 22, 30, 10, 'high', 25),
  blackcurrant: f(8, 3, 22, 30, 10, 'high', 25),
  raspberry: f(5, 3.3, 12, 20, 16, 'medium', 25),
  blackberry: f(5, 3.3, 12, 20, 16, 'medium', 25),
  blueberry: f(10, 3.3, 8, 14, 10, 'medium', 25),
  strawberry: f(5, 3.5, 10, 16, 18, 'low', 25),
  berries: f(6, 3.3, 12, 18, 14, 'medium', 25),
};
export const isFruit = (ingredient: string): boolean => ingredient in fruits;

/** Where a starch begins to swell, °C; sugar in the liquid puts it off (estimates). */
const onsetC: Partial<Record<Thickener, number>> = {
  potato: 62,
  tapioca: 64,
  flour: 66,
  roux: 66,
  cornflour: 70,
  arrowroot: 62,
  riceflour: 68,
};
const perSugarPctK = 0.35;
const setsAboveOnsetK = 15;
/** Water of a ripe fruit (estimate). */
const waterShare = 0.86;
/** Sugar that has dissolved counts so much of its mass as liquid (estimate). */
const dissolved = 0.6;
/** A slice that stands is cut no warmer than this, °C (estimate). */
export const cutAtMostC = 35;
/** What is offered to bind fruit with. */
export const fruitBinders = [
  'cornflour',
  'tapioca',
  'potato',
  'arrowroot',
  'flour',
] as const satisfies readonly Thickener[];

export interface FruitBalance {
  /** Prepared fruit, sugar put to it, g; what is usual for these, % of the fruit. */
  fruitG: number;
  sugarG: number;
  sugarPct: number;
  usualPct: readonly [from: number, to: number];
  /** Let go of by the fruit, of the sugar, and kept out by boiling down the juice, g. */
  waterG: number;
  fromSugarG: number;
  keptOutG: number;
  /** Juice that is drawn and boiled down, g, and what is left of it; none where it is not. */
  drawnG: number;
  boiledG: number;
  liquidG: number;
  pH: number;
  wanted: BodyName;
  body: BodyName;
  /** Of each binder, what is still to be added for the wanted body, g; all 0 where it is reached. */
  more: { kind: (typeof fruitBinders)[number]; grams: number }[];
  /** What its binders would have to be multiplied by for the wanted body, where it is bound more than is wanted; else 1. */
  bindLess: number;
  /** The middle has to come to this for what binds it to set, °C; null where nothing does but pectin. */
  setsC: number | null;
}

/**
 * Juice of a fruit filling and what binds it: what the fruit lets go of, the sugar that dissolves in it, less juice drawn by the
 * sugar and boiled down to a share (`boiledTo` 0.2 to 1); starch weakened by the acid; pectin counted. All estimates. Null
 * without fruit.
 * @example Math.round(fruitBalance({ fruit: [{ ingredient: 'plum', grams: 900 }], sugarG: 130, binders: [], wanted: 'holds a trail' })?.liquidG ?? 0) // 258
 */
export function fruitBalance(o: {
  fruit: readonly { ingredient: string; grams: number }[];
  sugarG: number;
  binders: readonly { kind: Thickener; grams: number }[];
  wanted: BodyName;
  boiledTo?: number | null | undefined;
}): FruitBalance | null {
  const known = o.fruit.flatMap(({ ingredient, grams }) => {
    const row = fruits[ingredient];
    return row && grams > 0 ? [{ row, grams: within(grams, 0, 100_000, 'grams') }] : [];
  });
  const fruitG = known.reduce((sum, k) => sum + k.grams, 0);
  if (fruitG === 0) return null;
  const sugarG = within(o.sugarG, 0, 100_000, 'sugarG');
  const mean = (of: (row: Fruit) => number) => known.reduce((sum, k) => sum + k.grams * of(k.row), 0) / fruitG;
  const waterG = (fruitG * mean((r) => r.freeWaterPct)) / 100;
  const fromSugarG = dissolved * sugarG;
  const boiledTo = typeof o.boiledTo === 'number' ? within(o.boiledTo, 0.2, 1, 'boiledTo') : null;
  const drawnG = boiledTo === null ? 0 : Math.min(waterG + fromSugarG, (fruitG * mean((r) => r.drawnPct)) / 100);
  const keptOutG = boiledTo === null ? 0 : drawnG * (1 - boiledTo);
  const liquidG = Math.max(1, waterG + fromSugarG - keptOutG);
  const pH = mean((r) => r.pH);
  const power = (kind: Thickener) => powerOf({ kind, pH });
  const pectin = mean((r) => pectinSaves[r.pectin]);
  const bound = pectin + (100 * o.binders.reduce((sum, b) => sum + b.grams * power(b.kind), 0)) / liquidG;
  const wants = flourFor(bodies[o.wanted]);
  const body = bodyNamed(Math.max(bodies.broth, bodyOf(bound)));
  const short = body === o.wanted ? 0 : Math.max(0, ((wants - bound) * liquidG) / 100);
  // sugar spreads through all the water of the fruit while it bakes
  const allSugarG = sugarG + (fruitG * mean((r) => r.sugarsPct)) / 100;
  const sugarInLiquidPct = (100 * allSugarG) / (allSugarG + waterShare * fruitG);
  const onset = o.binders.flatMap((b) => onsetC[b.kind] ?? []);
  return {
    fruitG,
    sugarG,
    sugarPct: (100 * sugarG) / fruitG,
    usualPct: [mean((r) => r.addedPct[0]), mean((r) => r.addedPct[1])],
    waterG,
    fromSugarG,
    keptOutG,
    drawnG,
    boiledG: drawnG - keptOutG,
    liquidG,
    pH,
    wanted: o.wanted,
    body,
    bindLess: bound > wants && bound > pectin && body !== o.wanted ? Math.max(0, wants - pectin) / (bound - pectin) : 1,
    more: fruitBinders.map((kind) => ({ kind, grams: short / power(kind) })),
    setsC: onset.length ? Math.max(...onset) + perSugarPctK * sugarInLiquidPct + setsAboveOnsetK : null,
  };
}
