import type { Ingredient } from '../ingredients/ingredient';
import { energyOf100, labelled, type Label } from '../ingredients/label';
import { ingredientOf, nameOf } from '../ingredients/table';
import { RefusedInput, within } from '../quantities/refusal';
import type { IngredientComposition } from '../ingredients/massFractions';

/** One ingredient of a dough: its id in the table, grams, and what its packet says where that differs. */
export interface FormulaPart {
  id: string;
  grams: number;
  /** What the cook calls it, where that is not the table's name. */
  name?: string;
  label?: Label;
}

/** What a part is called. */
export const partName = (part: Pick<FormulaPart, 'id' | 'name'>): string => part.name ?? nameOf(part.id);

export const ratioNames = ['fat', 'water', 'salt', 'sugar', 'egg', 'acid'] as const;
export type RatioName = (typeof ratioNames)[number];
export type Ratios = Record<RatioName, number>;

export interface TrueRatios {
  totalG: number;
  /** All flours and added starch. */
  flourG: number;
  /** Grams of what each is, wherever it comes from: butter's water is water, a yolk's fat is fat. */
  grams: Ratios;
  /** Per cent of flour, flour being 100. */
  toFlour: Ratios;
  /** Per cent of the whole dough. */
  ofDough: Ratios & { flour: number };
  /** Protein of the flours together, per cent of flour. */
  proteinPct: number;
  /** Water that this flour takes to a bread dough of one firmness, per cent of flour (estimate). */
  absorptionPct: number;
  /** Where fat and water come from, the most first. */
  sources: Record<'fat' | 'water' | 'salt', { id: string; name?: string; grams: number }[]>;
  /** kJ of the whole dough (estimate). */
  energyKj: number;
}

const isFlour = (i: Ingredient): boolean => i.group === 'flour' || i.group === 'starch';

/**
 * Water that flour takes, per cent of its mass: estimates of ours. White flour of 10.5 % protein takes 55; a point of protein
 * more takes 1.5 more, a point of fibre 1.1 (bran drinks slowly); native starch takes 42.
 */
const absorption = (i: Ingredient, c: IngredientComposition): number =>
  i.group === 'starch' ? 42 : 55 + 150 * (c.protein - 0.105) + 110 * (c.fibre - 0.03);

const partOf = (part: FormulaPart, field: string) => {
  const ingredient = ingredientOf(part.id);
  if (!ingredient)
    throw new RefusedInput({
      field: `${field}.id`,
      code: 'unknown',
      value: part.id,
      allowed: 'an ingredient of the table',
    });
  within(part.grams, 0, 100_000, `${field}.grams`);
  const composition = part.label ? labelled(ingredient.composition, part.label) : ingredient.composition;
  return { ingredient, composition, grams: part.grams, name: part.name };
};

/**
 * What a dough truly is: fat, water, salt, sugar, egg and acid from every ingredient, against flour = 100 and against the
 * dough. A flour's own fat, water and sugars stay with the flour, as bakers count them. Refuses a dough without flour.
 */
export function trueRatios(parts: readonly FormulaPart[], field = 'parts'): TrueRatios {
  const list = parts.map((p, i) => partOf(p, `${field}.${i}`));
  const flours = list.filter((p) => isFlour(p.ingredient));
  const flourG = flours.reduce((sum, p) => sum + p.grams, 0);
  if (!(flourG > 0))
    throw new RefusedInput({ field, code: 'noFlour', value: parts.map((p) => p.id), allowed: 'some flour' });
  const totalG = list.reduce((sum, p) => sum + p.grams, 0);
  const rest = list.filter((p) => !isFlour(p.ingredient));
  const of = (part: keyof IngredientComposition) =>
    rest.reduce((sum, p) => sum + p.grams * (p.composition[part] as number), 0);
  const group = (name: string) => rest.filter((p) => p.ingredient.group === name).reduce((sum, p) => sum + p.grams, 0);
  const saltOfFlours = flours.reduce((sum, p) => sum + p.grams * p.composition.salt, 0);
  const grams: Ratios = {
    fat: of('fat'),
    water: of('water'),
    salt: of('salt') + saltOfFlours,
    sugar: of('sugar'),
    egg: group('egg'),
    acid: group('acid'),
  };
  const share = (by: number): Ratios => Object.fromEntries(ratioNames.map((r) => [r, (100 * grams[r]) / by])) as Ratios;
  const mean = (value: (p: (typeof flours)[number]) => number) =>
    flours.reduce((sum, p) => sum + p.grams * value(p), 0) / flourG;
  const source = (part: 'fat' | 'water' | 'salt') =>
    rest
      .map((p) => ({ id: p.ingredient.id, ...(p.name ? { name: p.name } : {}), grams: p.grams * p.composition[part] }))
      .filter((s) => s.grams > 0.05)
      .sort((a, b) => b.grams - a.grams);
  return {
    totalG,
    flourG,
    grams,
    toFlour: share(flourG),
    ofDough: { ...share(totalG), flour: (100 * flourG) / totalG },
    proteinPct: 100 * mean((p) => p.composition.protein),
    absorptionPct: mean((p) => absorption(p.ingredient, p.composition)),
    sources: { fat: source('fat'), water: source('water'), salt: source('salt') },
    energyKj: list.reduce((sum, p) => sum + (p.grams / 100) * energyOf100(p.composition).kJ, 0),
  };
}

/** A formula brought to another size, every part by the same factor (0.001 to 1000). */
export const scaled = (parts: readonly FormulaPart[], factor: number): FormulaPart[] => {
  within(factor, 0.001, 1000, 'factor');
  return parts.map((p) => ({ ...p, grams: p.grams * factor }));
};
