import type { Ingredient } from './ingredient';
import { dryGoods } from './table/dryGoods';
import { fatsAndDairy } from './table/fatsAndDairy';
import { meatAndFish } from './table/meatAndFish';
import { produce } from './table/produce';
import { seasonings } from './table/seasonings';

/** Every shipped ingredient, made by hand from general knowledge of food composition: rounded, and labels differ. */
const rows = [...dryGoods, ...fatsAndDairy, ...seasonings, ...produce, ...meatAndFish] as const;
export type IngredientName = (typeof rows)[number]['id'];
export const ingredients: readonly (Ingredient & { id: IngredientName })[] = rows;

const byId: ReadonlyMap<string, Ingredient> = new Map(rows.map((i) => [i.id, i]));

/** The ingredient of that id, or undefined. */
export const ingredientOf = (id: string): Ingredient | undefined => byId.get(id);

export const ingredientIds: readonly string[] = rows.map((i) => i.id);
export const flourIds: readonly string[] = rows.filter((i) => i.group === 'flour').map((i) => i.id);

/**
 * The name of an ingredient, or the id where there is none.
 * @example nameOf('leek') // 'Leek'
 */
export const nameOf = (id: string): string => byId.get(id)?.name ?? id;
