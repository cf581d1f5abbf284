import { ingredientOf } from '@crustallum/core/ingredients/table';
import { writeAmount } from '@crustallum/core/quantities/amounts/writeAmount';
import { units } from './units';

/** What a weight of an ingredient is in cups and spoons, to stand beside its grams where the cook wants it; empty where not. */
export function cupsBeside(id: string | null, grams: number): string {
  const bulk = ingredientOf(id ?? '')?.bulkGPerMl;
  if (units().mass !== 'cups' || !bulk || !(grams > 0)) return '';
  return ` (${writeAmount(grams / bulk, 'volume', { measures: 'us' }).text})`;
}
