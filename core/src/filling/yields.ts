import { within } from '../quantities/refusal';

/** What is lost of an ingredient from shop to pie, and what it brings: percent of bought, of trimmed, and g per 100 g. Estimates. */
export interface Yield {
  trimPct: number;
  cookPct: number;
  freeWaterPct: number;
  /** g/ml as it lies in a pie. */
  bulkDensity: number;
  saltPct: number;
  fatPct: number;
}
const y = (
  trimPct: number,
  cookPct: number,
  freeWaterPct: number,
  bulkDensity: number,
  saltPct: number,
  fatPct: number,
): Yield => ({ trimPct, cookPct, freeWaterPct, bulkDensity, saltPct, fatPct });

/** Ways something is prepared, with the ingredient of the table it is. */
export const yields = {
  'chicken, whole, roast or poach → picked meat': { id: 'chickenWhole', ...y(40, 25, 8, 0.65, 0.2, 7) },
  'chicken thigh, boneless raw': { id: 'chickenThigh', ...y(3, 27, 14, 0.75, 0.2, 9) },
  'chicken breast, boneless raw': { id: 'chickenBreast', ...y(2, 25, 12, 0.75, 0.15, 2) },
  'turkey, whole → picked meat': { id: 'turkey', ...y(38, 27, 8, 0.65, 0.2, 5) },
  'duck leg → picked': { id: 'duck', ...y(35, 33, 5, 0.65, 0.2, 12) },
  'beef stewing (chuck/shin), braised': { id: 'stewingBeef', ...y(8, 38, 20, 0.8, 0.15, 10) },
  'beef mince 15 % fat, browned': { id: 'beefMince', ...y(0, 28, 13, 0.85, 0.15, 15) },
  'lamb mince 20 % fat, browned': { id: 'lambMince', ...y(0, 30, 12, 0.85, 0.15, 20) },
  'lamb shoulder, bone-in → picked': { id: 'lamb', ...y(25, 36, 12, 0.72, 0.15, 14) },
  'pork shoulder, raw diced': { id: 'porkShoulder', ...y(6, 28, 10, 0.9, 0.15, 15) },
  'pork mince 20 % fat': { id: 'porkMince', ...y(0, 29, 12, 0.9, 0.15, 20) },
  'sausage meat': { id: 'sausageMeat', ...y(0, 18, 8, 0.98, 1.6, 25) },
  'bacon, streaky, fried': { id: 'bacon', ...y(2, 45, 5, 0.55, 2.5, 30) },
  'ham, cooked, diced': { id: 'ham', ...y(3, 4, 3, 0.75, 2.2, 6) },
  'kidney, ox': { id: 'kidney', ...y(20, 35, 20, 0.85, 0.4, 3) },
  'white fish fillet': { id: 'whiteFish', ...y(4, 18, 14, 0.85, 0.2, 1) },
  'salmon fillet': { id: 'salmon', ...y(4, 16, 8, 0.85, 0.15, 14) },
  'smoked haddock': { id: 'smokedHaddock', ...y(6, 18, 12, 0.85, 2, 1) },
  'prawns, raw peeled': { id: 'prawns', ...y(0, 25, 20, 0.7, 0.8, 1) },
  'potato, peeled, diced': { id: 'potato', ...y(16, 3, 3, 0.68, 0.02, 0) },
  'swede/rutabaga, peeled, diced': { id: 'swede', ...y(18, 5, 5, 0.65, 0.02, 0) },
  'carrot, peeled, diced': { id: 'carrot', ...y(14, 8, 6, 0.65, 0.15, 0) },
  'parsnip, peeled, diced': { id: 'parsnip', ...y(18, 7, 4, 0.62, 0.02, 0) },
  'celeriac, peeled': { id: 'celeriac', ...y(25, 8, 6, 0.62, 0.2, 0) },
  'beetroot, peeled': { id: 'beetroot', ...y(15, 6, 5, 0.66, 0.15, 0) },
  'onion, peeled, sweated': { id: 'onion', ...y(10, 35, 12, 0.6, 0.01, 0) },
  'leek, trimmed, sweated': { id: 'leek', ...y(28, 30, 15, 0.55, 0.03, 0) },
  celery: { id: 'celery', ...y(14, 25, 15, 0.6, 0.2, 0) },
  'mushroom, fried dry': { id: 'mushroom', ...y(4, 50, 30, 0.5, 0.01, 0) },
  'spinach, fresh, wilted and squeezed': { id: 'spinach', ...y(10, 70, 12, 0.85, 0.2, 0) },
  'chard, wilted': { id: 'chard', ...y(20, 60, 15, 0.8, 0.5, 0) },
  'kale, blanched': { id: 'kale', ...y(28, 25, 10, 0.6, 0.1, 1) },
  'cabbage, sautéed': { id: 'cabbage', ...y(20, 35, 18, 0.6, 0.05, 0) },
  'pepper, roasted, peeled': { id: 'pepperSweet', ...y(22, 25, 12, 0.7, 0.01, 0) },
  'courgette, salted and squeezed': { id: 'courgette', ...y(6, 35, 15, 0.65, 0.1, 0) },
  'aubergine, roasted': { id: 'aubergine', ...y(12, 38, 10, 0.7, 0.01, 0) },
  'tomato, fresh, chopped': { id: 'tomato', ...y(8, 35, 35, 0.85, 0.01, 0) },
  'pumpkin/squash, peeled, roasted': { id: 'squash', ...y(28, 22, 10, 0.72, 0.01, 0) },
  'peas, frozen': { id: 'peas', ...y(0, 4, 5, 0.62, 0.02, 0) },
  'sweetcorn, frozen': { id: 'sweetcorn', ...y(0, 4, 5, 0.64, 0.02, 1) },
  'apple, cooking type, peeled and cored': { id: 'apple', ...y(27, 14, 14, 0.55, 0, 0) },
  'pear, peeled and cored': { id: 'pear', ...y(24, 12, 12, 0.58, 0, 0) },
  'cherry, stoned': { id: 'cherry', ...y(14, 18, 20, 0.65, 0, 0) },
  'plum, stoned': { id: 'plum', ...y(8, 18, 20, 0.62, 0, 0) },
  rhubarb: { id: 'rhubarb', ...y(14, 28, 32, 0.55, 0.01, 0) },
  'berries, mixed (fresh)': { id: 'berries', ...y(3, 22, 25, 0.62, 0, 0) },
  raspberries: { id: 'raspberry', ...y(2, 22, 25, 0.62, 0, 0) },
  blackberries: { id: 'blackberry', ...y(2, 22, 25, 0.62, 0, 0) },
  blueberries: { id: 'blueberry', ...y(2, 20, 25, 0.62, 0, 0) },
  strawberries: { id: 'strawberry', ...y(5, 25, 25, 0.6, 0, 0) },
  'gooseberries, topped and tailed': { id: 'gooseberry', ...y(5, 20, 25, 0.62, 0, 0) },
  'blackcurrants, picked': { id: 'blackcurrant', ...y(4, 20, 25, 0.62, 0, 0) },
  'apricot, stoned': { id: 'apricot', ...y(8, 15, 15, 0.6, 0, 0) },
  'peach, peeled and stoned': { id: 'peach', ...y(14, 18, 20, 0.6, 0, 0) },
  feta: { id: 'feta', ...y(0, 3, 3, 0.9, 2.8, 22) },
  'ricotta, drained': { id: 'ricotta', ...y(6, 5, 6, 1.02, 0.3, 11) },
  'mature cheddar, grated': { id: 'cheddar', ...y(2, 2, 1, 0.42, 1.8, 34) },
  'egg, whole, shelled': { id: 'egg', ...y(11, 2, 0, 1.03, 0.35, 10) },
} as const satisfies Record<string, Yield & { id: string }>;
export type YieldName = keyof typeof yields;
export const yieldNames = Object.keys(yields) as YieldName[];

const byIngredient: ReadonlyMap<string, Yield> = new Map(Object.values(yields).map((row) => [row.id, row]));
/** The usual yield of an ingredient of the table; undefined where it goes in as it is. */
export const usualYield = (ingredient: string): Yield | undefined => byIngredient.get(ingredient);

/**
 * What bought grams are when trimmed and when cooked, and the water they let go of meanwhile (g). Estimates, usual range ±20 %.
 * @example yieldOf('peas, frozen', 100) // { trimmedG: 100, cookedG: 96, freeWaterG: 5 }
 */
export function yieldOf(name: YieldName, grams: number): { trimmedG: number; cookedG: number; freeWaterG: number } {
  const { trimPct, cookPct, freeWaterPct } = yields[name];
  const trimmedG = within(grams, 0, 100_000, 'grams') * (1 - trimPct / 100);
  return { trimmedG, cookedG: trimmedG * (1 - cookPct / 100), freeWaterG: (trimmedG * freeWaterPct) / 100 };
}

/**
 * What minced meat of so much fat (%, 0 to 40) loses when it is browned, % of its mass.
 * @example minceLoss(20) // 30
 */
export const minceLoss = (fatPct: number): number => 24 + 0.4 * (within(fatPct, 0, 40, 'fatPct') - 5);

/**
 * How meat of so much fat (%) eats in a pie.
 * @example juiciness(27) // 'rich, some leak'
 */
export function juiciness(fatPct: number): string {
  const fat = within(fatPct, 0, 60, 'fatPct');
  if (fat < 8) return 'dry';
  if (fat < 14) return 'lean';
  if (fat <= 25) return 'juicy';
  return fat <= 30 ? 'rich, some leak' : 'greasy, leaks';
}

/**
 * Whether dice tear a crust, and the largest that do not (mm): four crusts, or 0.45 of the depth.
 * @example diceRule({ diceMm: 14, depthMm: 20, crustMm: 3 }) // { tear: true, maxMm: 9 }
 */
export function diceRule(o: { diceMm: number; depthMm: number; crustMm: number }): { tear: boolean; maxMm: number } {
  const maxMm = Math.min(4 * within(o.crustMm, 0.3, 25, 'crustMm'), 0.45 * within(o.depthMm, 3, 150, 'depthMm'));
  return { tear: within(o.diceMm, 1, 100, 'diceMm') > maxMm, maxMm };
}
