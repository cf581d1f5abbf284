import { RefusedInput, rowOf } from '../quantities/refusal';

/** Mass fractions 0..1. `sugar` is part of `carb`, `salt` part of `ash`. */
export interface Composition {
  water: number;
  fat: number;
  protein: number;
  carb: number;
  fibre: number;
  ash: number;
  sugar: number;
  salt: number;
}

/** Share of each fat curve in the total fat; shares sum to 1 where there is fat. */
export interface FatShare {
  fat: string;
  share: number;
}

export interface IngredientComposition extends Composition {
  fatCurve: string;
}

const row = (
  water: number,
  fat: number,
  protein: number,
  carb: number,
  fibre: number,
  ash: number,
  sugar: number,
  salt: number,
  fatCurve: string,
): IngredientComposition => ({ water, fat, protein, carb, fibre, ash, sugar, salt, fatCurve });

/** Estimates: rounded food-table values; labels differ by country and brand. */
export const ingredientCompositions = {
  flour: row(0.13, 0.014, 0.105, 0.716, 0.03, 0.005, 0, 0, 'oil'),
  wholemeal: row(0.12, 0.022, 0.13, 0.608, 0.105, 0.015, 0, 0, 'oil'),
  starch: row(0.12, 0.001, 0.003, 0.872, 0.002, 0.002, 0, 0, 'oil'),
  almond: row(0.05, 0.52, 0.22, 0.07, 0.11, 0.03, 0, 0, 'oil'),
  water: row(1, 0, 0, 0, 0, 0, 0, 0, 'oil'),
  sugar: row(0, 0, 0, 1, 0, 0, 1, 0, 'oil'),
  salt: row(0, 0, 0, 0, 0, 1, 0, 1, 'oil'),
  egg: row(0.76, 0.097, 0.125, 0.007, 0, 0.011, 0, 0, 'oil'),
  yolk: row(0.523, 0.27, 0.16, 0.032, 0, 0.015, 0, 0, 'oil'),
  milk: row(0.876, 0.036, 0.033, 0.048, 0, 0.007, 0.048, 0, 'butter'),
  cream: row(0.59, 0.35, 0.022, 0.033, 0, 0.005, 0.033, 0, 'butter'),
  butter: row(0.16, 0.82, 0.008, 0.007, 0, 0.005, 0, 0, 'butter'),
  clarifiedButter: row(0.002, 0.998, 0, 0, 0, 0, 0, 0, 'clarifiedButter'),
  lard: row(0.001, 0.999, 0, 0, 0, 0, 0, 0, 'lard'),
  shortening: row(0, 1, 0, 0, 0, 0, 0, 0, 'shortening'),
  puffMargarine: row(0.18, 0.8, 0.002, 0.003, 0, 0.015, 0, 0.01, 'puffMargarine'),
  bakingMargarine: row(0.18, 0.8, 0.002, 0.003, 0, 0.015, 0, 0.01, 'bakingMargarine'),
  suet: row(0.02, 0.97, 0.01, 0, 0, 0, 0, 0, 'suet'),
  coconut: row(0, 1, 0, 0, 0, 0, 0, 0, 'coconut'),
  oil: row(0, 1, 0, 0, 0, 0, 0, 0, 'oil'),
  fruitFilling: row(0.7, 0.002, 0.005, 0.278, 0.012, 0.003, 0.22, 0, 'oil'),
  custard: row(0.7, 0.07, 0.045, 0.175, 0, 0.01, 0.14, 0, 'butter'),
  meatFilling: row(0.68, 0.11, 0.15, 0.045, 0.005, 0.01, 0, 0.006, 'bakingMargarine'),
} satisfies Record<string, IngredientComposition>;

export type IngredientName = keyof typeof ingredientCompositions;

export interface MassItem {
  name: string;
  /** kg */
  mass: number;
}

export interface MixtureComposition {
  composition: Composition;
  fats: FatShare[];
  /** kg */
  mass: number;
}

const fractions = ['water', 'fat', 'protein', 'carb', 'fibre', 'ash'] as const;

/**
 * Mass-weighted composition of a mixture and the share of each fat curve in its total fat.
 * Masses in kg, at least one above 0. Refuses unknown names and negative or non-finite masses.
 */
export function mixtureComposition(items: readonly MassItem[], field = 'items'): MixtureComposition {
  const composition: Composition = { water: 0, fat: 0, protein: 0, carb: 0, fibre: 0, ash: 0, sugar: 0, salt: 0 };
  const fatMass = new Map<string, number>();
  let mass = 0;
  items.forEach((item, index) => {
    const entry = rowOf<IngredientComposition>(ingredientCompositions, item.name, `${field}.${index}.name`);
    if (!Number.isFinite(item.mass) || item.mass < 0) {
      throw new RefusedInput({
        field: `${field}.${index}.mass`,
        code: 'out_of_range',
        value: item.mass,
        allowed: { min: 0 },
      });
    }
    mass += item.mass;
    for (const key of Object.keys(composition) as (keyof Composition)[]) composition[key] += entry[key] * item.mass;
    if (entry.fat > 0) fatMass.set(entry.fatCurve, (fatMass.get(entry.fatCurve) ?? 0) + entry.fat * item.mass);
  });
  if (!(mass > 0))
    throw new RefusedInput({ field, code: 'empty', value: items, allowed: 'at least one ingredient with mass' });
  const total = fractions.reduce((sum, key) => sum + composition[key], 0) / mass;
  if (Math.abs(total - 1) > 0.02)
    throw new RefusedInput({ field, code: 'composition_sum', value: total, allowed: { min: 0.98, max: 1.02 } });
  for (const key of Object.keys(composition) as (keyof Composition)[]) composition[key] /= mass * total;
  const fat = [...fatMass.values()].reduce((sum, value) => sum + value, 0);
  return { composition, fats: [...fatMass].map(([name, value]) => ({ fat: name, share: value / fat })), mass };
}
