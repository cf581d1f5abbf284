import { RefusedInput, within } from '../quantities/refusal';
import { scaled, type FormulaPart } from './formula';
import { ingredientOf } from '../ingredients/table';

export const asks = ['pieces', 'flour', 'dough', 'factor'] as const;
/** What a dough's size is asked from: the pieces or dish, a mass of flour or of dough, or a multiple of what the pieces need. */
export type Ask = (typeof asks)[number];

/**
 * Mass of a formula asked for by its flour, by the whole dough, or as a multiple of what the pieces need; g.
 * @example askedMass('flour', 500, 190, 0) // 950
 */
export function askedMass(ask: Ask, value: number, partsPer100Flour: number, piecesG: number): number {
  if (ask === 'pieces') return piecesG;
  if (ask === 'factor') return piecesG * within(value, 0.05, 20, 'askValue');
  const grams = within(value, 1, 50_000, 'askValue');
  return ask === 'dough' ? grams : (grams * partsPer100Flour) / 100;
}

export interface FromLarder {
  factor: number;
  /** The ingredient that is used up first, and what there is of it, g. */
  limiting: { id: string; haveG: number };
  parts: FormulaPart[];
}

/** The most of a formula that what is there allows, and what limits it. Water is taken as always there. */
export function fromLarder(parts: readonly FormulaPart[], have: ReadonlyMap<string, number>): FromLarder {
  const limits = parts
    .filter((p) => p.grams > 0 && p.id !== 'water' && ingredientOf(p.id))
    .map((p) => ({ id: p.id, haveG: have.get(p.id) ?? 0, factor: (have.get(p.id) ?? 0) / p.grams }))
    .sort((a, b) => a.factor - b.factor);
  const [least] = limits;
  if (!least || !(least.factor > 0.001))
    throw new RefusedInput({
      field: 'have',
      code: 'nothing_there',
      value: least?.id ?? '',
      allowed: 'some of every ingredient',
    });
  return { factor: least.factor, limiting: { id: least.id, haveG: least.haveG }, parts: scaled(parts, least.factor) };
}

export const appetites = { light: 0.75, usual: 1, hungry: 1.35 } as const;
export type Appetite = keyof typeof appetites;
/**
 * Pieces for so many mouths by appetite: an estimate of ours, to be changed by the cook.
 * @example piecesFor(6, 'hungry') // 9
 */
export const piecesFor = (mouths: number, appetite: Appetite): number =>
  Math.max(1, Math.ceil(within(mouths, 1, 60, 'mouths') * appetites[appetite] - 1e-9));

/** Share of a dough that sticks to bowl, hands and pin: an estimate of ours. */
export const bowlLoss = 0.026;
