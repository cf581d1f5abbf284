import { labelled } from '../ingredients/label';
import { ingredientOf } from '../ingredients/table';
import type { FormulaPart } from './formula';

/** What of a dough decides how its crust dries and colours. */
export interface CrustOfDough {
  /** Water to dry matter, kg/kg. */
  waterToDry: number;
  /** Sugar and what milk leaves dry, per cent of flour. */
  sugarPct: number;
  milkSolidsPct: number;
}

const milky = new Set(['dairy']);
const flours = new Set(['flour', 'starch']);

/**
 * The crust a dough makes: all its water, the flour's own too, against all that is dry; sugar and dry milk against flour, from
 * composition tables (g in, kg/kg and % out). Null without flour.
 * @example crustOfDough([{ id: 'flour', grams: 100 }, { id: 'butter', grams: 50 }, { id: 'water', grams: 25 }])?.waterToDry // about 0.36
 */
export function crustOfDough(parts: readonly FormulaPart[]): CrustOfDough | null {
  let [water, dry, flour, sugar, milk] = [0, 0, 0, 0, 0];
  for (const { id, grams, label } of parts) {
    const ingredient = ingredientOf(id);
    if (!ingredient) continue;
    const c = label ? labelled(ingredient.composition, label) : ingredient.composition;
    const { group } = ingredient;
    water += grams * c.water;
    dry += grams * (1 - c.water);
    if (flours.has(group)) flour += grams;
    else if (milky.has(group)) milk += grams * Math.max(0, 1 - c.water - c.fat);
    else sugar += grams * c.sugar;
  }
  if (!(flour > 0) || !(dry > 0)) return null;
  return { waterToDry: water / dry, sugarPct: (100 * sugar) / flour, milkSolidsPct: (100 * milk) / flour };
}
