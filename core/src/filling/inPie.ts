import { ingredientOf } from '../ingredients/table';
import { within } from '../quantities/refusal';
import { usualYield } from './yields';

/** What is done to a thing before it is in the filling. */
export const preparations = [
  'asItIs',
  'raw',
  'grated',
  'shredded',
  'minced',
  'marinated',
  'drained',
  'sweated',
  'browned',
  'poached',
  'roasted',
  'wilted',
  'boiled',
  'steamed',
  'mashed',
  'deglazed',
] as const;
export type Preparation = (typeof preparations)[number];
/** What steamed things lose of what they usually do (estimate). */
const steamedShare = 0.5;
/** It goes into the pastry raw, and cooks there. */
export const goesInRaw: ReadonlySet<Preparation> = new Set(['raw', 'grated', 'shredded', 'minced', 'marinated']);
/** It loses only what is trimmed off. */
const uncooked: ReadonlySet<Preparation> = new Set([...goesInRaw, 'asItIs', 'drained', 'deglazed']);

const leafy: ReadonlySet<string> = new Set(['spinach', 'chard', 'kale']);
const dry: ReadonlySet<string> = new Set(['bacon', 'beefMince', 'lambMince', 'porkMince', 'sausageMeat', 'mushroom']);
const ovenDone: ReadonlySet<string> = new Set(['squash', 'aubergine', 'pepperSweet', 'beetroot']);
const sweatedFirst: ReadonlySet<string> = new Set([
  'onion',
  'shallot',
  'leek',
  'celery',
  'fennel',
  'cabbage',
  'courgette',
]);

/** What is usually done to an ingredient of the table in a filling that is cooked first; in a raw one it goes in as it is cut. */
export function usualPreparation(ingredient: string | null, rawFilling: boolean): Preparation {
  const id = ingredient ?? '';
  const group = ingredientOf(id)?.group;
  if (!usualYield(id)) return 'asItIs';
  if (group === 'cheese') return id === 'cheddar' ? 'grated' : 'drained';
  if (rawFilling || group === 'egg') return 'raw';
  if (leafy.has(id)) return 'wilted';
  if (dry.has(id)) return 'browned';
  if (ovenDone.has(id)) return 'roasted';
  if (sweatedFirst.has(id)) return 'sweated';
  if (group === 'fish') return 'poached';
  if (group === 'meat')
    return id === 'ham' ? 'asItIs' : id.startsWith('chicken') || id === 'turkey' ? 'poached' : 'browned';
  return group === 'fruit' ? 'raw' : 'boiled';
}

export interface InPie {
  /** Peeled, boned or drained, and then as it is when it goes into the pastry, g. */
  trimmedG: number;
  inPieG: number;
}

/**
 * What bought grams of a thing are when they go into the pastry: trimmed, and less what cooking takes where it is cooked first;
 * by the cook's own yield (% of bought) where they have weighed it. Usual yields are estimates, ±20 %.
 * @example inPie({ ingredient: 'leek', grams: 100, preparation: 'sweated' }).inPieG // 50.4
 */
export function inPie(o: {
  ingredient: string | null;
  grams: number;
  preparation: Preparation;
  ownYieldPct?: number | null | undefined;
}): InPie {
  const grams = within(o.grams, 0, 1_000_000, 'grams');
  const row = usualYield(o.ingredient ?? '');
  const trimmedG = row && o.preparation !== 'asItIs' ? grams * (1 - row.trimPct / 100) : grams;
  if (typeof o.ownYieldPct === 'number')
    return { trimmedG, inPieG: (grams * within(o.ownYieldPct, 1, 400, 'ownYieldPct')) / 100 };
  const cooked = row && !uncooked.has(o.preparation);
  // over steam it loses half of what it does in water or fat (estimate)
  const lostPct = cooked ? row.cookPct * (o.preparation === 'steamed' ? steamedShare : 1) : 0;
  return { trimmedG, inPieG: trimmedG * (1 - lostPct / 100) };
}
