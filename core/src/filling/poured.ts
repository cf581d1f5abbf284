import { ingredientOf } from '../ingredients/table';
import type { Thickener } from './thickening';

/** What in a list binds, and how. A mash or crumbs count too. */
const binders: Record<string, Thickener> = {
  flour: 'flour',
  strongFlour: 'flour',
  wholemeal: 'flour',
  cornflour: 'cornflour',
  starch: 'cornflour',
  potatoStarch: 'potato',
  tapioca: 'tapioca',
  arrowroot: 'arrowroot',
  riceFlour: 'riceflour',
  breadcrumbs: 'breadcrumbs',
  freshCrumbs: 'breadcrumbs',
  semolina: 'semolina',
};
const groups = new Set(['dairy', 'liquid', 'acid']);
/** Of those groups, what is no liquid of a sauce. */
const notPoured = new Set(['tomatoPaste', 'mustard', 'soySauce', 'milkPowder', 'condensedMilk']);

/** Whether an ingredient is a liquid of a sauce. */
export const isPoured = (id: string): boolean => groups.has(ingredientOf(id)?.group ?? '') && !notPoured.has(id);

/** How an ingredient binds a sauce; null where it does not. */
export const bindsAs = (id: string): Thickener | null => binders[id] ?? null;
