import { within } from '../quantities/refusal';
import { diets, type Allergen, type Diet, type Ingredient, type Origin } from './ingredient';
import type { Composition, IngredientComposition } from './massFractions';

/** What a packet says, per cent; what it does not say is taken from the table. */
export interface Label {
  fatPct?: number;
  waterPct?: number;
  proteinPct?: number;
  sugarPct?: number;
  saltPct?: number;
  contains?: Allergen[];
  traces?: Allergen[];
  suits?: Diet[];
  without?: string[];
}

/**
 * The composition with the label's values put in, fractions 0..1. What the label says stands; the rest keeps its proportions
 * and gives way, so that the whole stays whole. Refuses a label that says more than 100 %.
 */
export function labelled(base: IngredientComposition, label: Label): IngredientComposition {
  const said = {
    water: label.waterPct,
    fat: label.fatPct,
    protein: label.proteinPct,
    ash: label.saltPct === undefined ? undefined : label.saltPct + 100 * (base.ash - base.salt),
  };
  const parts = ['water', 'fat', 'protein', 'carb', 'fibre', 'ash'] as const;
  const fixed = (p: keyof Composition) => (said as Partial<Record<keyof Composition, number>>)[p];
  const sum = parts.reduce((total, p) => total + (fixed(p) ?? 0) / 100, 0);
  within(sum * 100, 0, 100.5, 'label');
  const free = parts.filter((p) => fixed(p) === undefined);
  const freeSum = free.reduce((total, p) => total + base[p], 0);
  const made: IngredientComposition = { ...base };
  for (const p of parts) {
    const value = fixed(p);
    made[p] = value !== undefined ? value / 100 : freeSum > 0 ? (base[p] * Math.max(0, 1 - sum)) / freeSum : 0;
  }
  // nothing free to give way: the whole is brought back to one
  const whole = parts.reduce((total, p) => total + made[p], 0);
  for (const p of parts) made[p] /= whole;
  made.sugar =
    label.sugarPct !== undefined ? Math.min(made.carb, label.sugarPct / 100) : Math.min(made.carb, base.sugar);
  made.salt = label.saltPct !== undefined ? Math.min(made.ash, label.saltPct / 100) : Math.min(made.ash, base.salt);
  return made;
}

/** kJ per gram: the general factors of food labelling. */
const energyKj = { fat: 37, protein: 17, carb: 17, fibre: 8 } as const;

/** Energy of 100 g, kJ and kcal. An estimate: general factors on table values. */
export function energyOf100(c: Composition): { kJ: number; kcal: number } {
  const kJ =
    100 * (c.fat * energyKj.fat + c.protein * energyKj.protein + c.carb * energyKj.carb + c.fibre * energyKj.fibre);
  return { kJ, kcal: kJ / 4.184 };
}

/** Where what suits a diet may come from. */
export const suits: Record<Diet, readonly Origin[]> = {
  vegan: ['plant', 'mineral'],
  vegetarian: ['plant', 'mineral', 'milk', 'egg', 'honey'],
  pescatarian: ['plant', 'mineral', 'milk', 'egg', 'honey', 'rennet', 'fish', 'seafood'],
  noPork: ['plant', 'mineral', 'milk', 'egg', 'honey', 'rennet', 'beef', 'poultry', 'fish', 'seafood'],
};

/** The diets everything in a list suits. Cheese set with animal rennet is not counted vegetarian: its label decides. */
export const dietsOf = (list: readonly Ingredient[]): Diet[] =>
  diets.filter((diet) => list.every((i) => suits[diet].includes(i.origin)));

/** Allergens of a list, each with the ingredients it comes from. Traces and the maker's own warnings are on the label only. */
export function allergensOf(list: readonly Ingredient[]): { allergen: Allergen; from: string[] }[] {
  const found = new Map<Allergen, string[]>();
  for (const i of list) for (const a of i.allergens) found.set(a, [...(found.get(a) ?? []), i.name]);
  return [...found].map(([allergen, from]) => ({ allergen, from }));
}
