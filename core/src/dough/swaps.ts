import { ingredientOf } from '../ingredients/table';
import { labelled, type Label } from '../ingredients/label';
import { RefusedInput, within } from '../quantities/refusal';
import { trueRatios, type FormulaPart, type TrueRatios } from './formula';
import type { IngredientComposition } from '../ingredients/massFractions';

export interface Swap {
  parts: FormulaPart[];
  /** Change of what is poured and added, g. */
  fatG: { from: number; to: number };
  waterG: { from: number; to: number };
  saltG: { from: number; to: number };
  before: TrueRatios;
  after: TrueRatios;
}

const grams = (parts: readonly FormulaPart[], id: string) =>
  parts.filter((p) => p.id === id).reduce((sum, p) => sum + p.grams, 0);
/** The formula with the mass of one ingredient set; put in at the end where it was not. */
const withGrams = (parts: readonly FormulaPart[], id: string, value: number): FormulaPart[] =>
  parts.some((p) => p.id === id)
    ? parts.map((p) => (p.id === id ? { ...p, grams: value } : p))
    : [...parts, { id, grams: value }];

const compositionOf = (id: string, label: Label | undefined, field: string): IngredientComposition => {
  const found = ingredientOf(id);
  if (!found) throw new RefusedInput({ field, code: 'unknown', value: id, allowed: 'an ingredient of the table' });
  return label ? labelled(found.composition, label) : found.composition;
};

/**
 * One fat for another with total fat, water and salt kept: the new fat weighs what carries the same fat, and poured water and
 * salt make up for what it brings or lacks. Where the new fat brings more water or salt than was poured, none is poured and
 * the excess shows in `after`. Exact arithmetic on table or label values.
 */
export function swapFat(parts: readonly FormulaPart[], from: string, to: string, label?: Label): Swap {
  const old = parts.find((p) => p.id === from);
  if (!old) throw new RefusedInput({ field: 'from', code: 'unknown', value: from, allowed: parts.map((p) => p.id) });
  const [a, b] = [compositionOf(from, old.label, 'from'), compositionOf(to, label, 'to')];
  within(100 * b.fat, 5, 100, 'to');
  const fatFrom = grams(parts, from);
  const fatTo = (fatFrom * a.fat) / b.fat;
  const [waterFrom, saltFrom] = [grams(parts, 'water'), grams(parts, 'salt')];
  const waterTo = Math.max(0, waterFrom + fatFrom * a.water - fatTo * b.water);
  const saltTo = Math.max(0, saltFrom + fatFrom * a.salt - fatTo * b.salt);
  const swapped = parts.map((p) => (p.id === from ? { id: to, grams: fatTo, ...(label ? { label } : {}) } : p));
  const made = withGrams(withGrams(swapped, 'water', waterTo), 'salt', saltTo);
  return {
    parts: made,
    fatG: { from: fatFrom, to: fatTo },
    waterG: { from: waterFrom, to: waterTo },
    saltG: { from: saltFrom, to: saltTo },
    before: trueRatios(parts),
    after: trueRatios(made),
  };
}

/** Poured water replaced by milk (or another liquid) that brings the same water; its fat and sugar come on top. */
export function swapLiquid(parts: readonly FormulaPart[], to: string): FormulaPart[] {
  const { water } = compositionOf(to, undefined, 'to');
  within(100 * water, 20, 100, 'to');
  const poured = grams(parts, 'water');
  return withGrams(withGrams(parts, 'water', 0), to, grams(parts, to) + poured / water);
}

/** One flour for another of the same mass, poured water following what the new one takes (estimate). */
export function swapFlour(parts: readonly FormulaPart[], from: string, to: string): FormulaPart[] {
  const before = trueRatios(parts);
  const swapped = parts.map((p) => (p.id === from ? { ...p, id: to } : p));
  const after = trueRatios(swapped);
  const wanted = before.grams.water * (after.absorptionPct / before.absorptionPct);
  return withGrams(swapped, 'water', Math.max(0, grams(parts, 'water') + wanted - before.grams.water));
}
