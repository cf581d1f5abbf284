import { RefusedInput, rowOf } from '../quantities/refusal';
import { labelled, type Label } from './label';
import { ingredients, type IngredientName } from './table';
import type { Composition, FatShare, IngredientComposition } from './massFractions';

/** Composition of every shipped ingredient by id. Estimates: rounded food-table values; labels differ by country and brand. */
export const ingredientCompositions = Object.fromEntries(ingredients.map((i) => [i.id, i.composition])) as Readonly<
  Record<IngredientName, IngredientComposition>
>;

export interface MassItem {
  name: string;
  /** kg */
  mass: number;
  /** What its packet says, where that differs from the table. */
  label?: Label;
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
    const row = rowOf<IngredientComposition>(ingredientCompositions, item.name, `${field}.${index}.name`);
    const entry = item.label ? labelled(row, item.label) : row;
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
