import { RefusedInput, within } from '../quantities/refusal';

export interface LoadItem {
  name: string;
  grams: number;
  /** Whether it counts as flour; left out, its name decides. */
  flour?: boolean;
}

export interface Loads {
  loads: number;
  /** Of each ingredient in one load, g. */
  each: LoadItem[];
  /** Of flour in one load, g; never over the machine's limit. */
  flourG: number;
}

/**
 * Splits a dough into equal loads so that none has more flour than a machine or bowl takes (g, 20 to 5000). Every load is the
 * same formula; together they are the whole. Refuses a dough without flour.
 */
export function splitLoads(items: readonly LoadItem[], flourLimitG: number): Loads {
  within(flourLimitG, 20, 5000, 'flourLimitG');
  items.forEach((item, i) => within(item.grams, 0, 50_000, `items.${i}.grams`));
  const flourG = items.filter((i) => i.flour ?? /flour|wholemeal/i.test(i.name)).reduce((sum, i) => sum + i.grams, 0);
  if (!(flourG > 0))
    throw new RefusedInput({ field: 'items', code: 'empty', value: items.map((i) => i.name), allowed: 'some flour' });
  const loads = Math.ceil(flourG / flourLimitG - 1e-9);
  return {
    loads,
    each: items.map((i) => ({ name: i.name, grams: i.grams / loads })),
    flourG: flourG / loads,
  };
}

export interface Batches {
  batches: number;
  /** What whole batches make beyond what is wanted, g. */
  surplusG: number;
  factor: number;
}

/** Whole batches of a dough (g each) that make at least what is wanted (g), and what is left over. */
export function wholeBatches(wantedG: number, batchG: number): Batches {
  within(wantedG, 1, 50_000, 'wantedG');
  within(batchG, 1, 50_000, 'batchG');
  const batches = Math.max(1, Math.ceil(wantedG / batchG - 1e-9));
  return { batches, surplusG: batches * batchG - wantedG, factor: (batches * batchG) / wantedG };
}
