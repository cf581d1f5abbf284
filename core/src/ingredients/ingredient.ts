import type { IngredientComposition } from './massFractions';

/** The fourteen of the European list, with wheat beside gluten because the American groups ask for it. */
export const allergens = [
  'gluten',
  'wheat',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soya',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof allergens)[number];

export const groups = [
  'flour',
  'starch',
  'fat',
  'dairy',
  'cheese',
  'egg',
  'sweet',
  'salt',
  'leavening',
  'acid',
  'liquid',
  'vegetable',
  'fruit',
  'meat',
  'fish',
  'pulse',
  'nut',
  'herb',
  'pastry',
] as const;
export type Group = (typeof groups)[number];

/** What it comes from: diets follow from this. */
export type Origin =
  'plant' | 'mineral' | 'milk' | 'egg' | 'honey' | 'rennet' | 'beef' | 'pork' | 'poultry' | 'fish' | 'seafood';
export const diets = ['vegan', 'vegetarian', 'pescatarian', 'noPork'] as const;
export type Diet = (typeof diets)[number];

/** Ways of eating of somebody at the table that rule out more than one thing. */
export const eaterDiets = [...diets, 'noMilkWithMeat'] as const;
export type EaterDiet = (typeof eaterDiets)[number];

/** How sure a row is: pure by definition, usual values of food tables, or so different by make that the label should be read. */
export type Sure = 'defined' | 'tables' | 'varies';
export type Place = 'fridge' | 'freezer' | 'shelf';

export interface Ingredient {
  id: string;
  name: string;
  group: Group;
  composition: IngredientComposition;
  /** As it lies in a cup or spoon: spooned for flours, packed for fats, chopped for vegetables. g/ml. */
  bulkGPerMl: number;
  origin: Origin;
  allergens: readonly Allergen[];
  place: Place;
  /** Days it keeps there unopened, in ordinary guidance; the pack and local advice come first. */
  keepsDays: number;
  sure: Sure;
  /** Put together by a maker: what else is in it stands on its packet only, and is not known until that is read. */
  made: boolean;
  /** Other words for it. */
  also: readonly string[];
}

export interface RowOptions {
  sugar?: number;
  salt?: number;
  curve?: string;
  bulk: number;
  origin?: Origin;
  has?: readonly Allergen[];
  place?: Place;
  keeps: number;
  sure?: Sure;
  made?: boolean;
  also?: string;
}

const ownAllergens: Partial<Record<Origin, Allergen>> = { milk: 'milk', rennet: 'milk', egg: 'egg', fish: 'fish' };
const round = (v: number) => Math.round(v * 1e6) / 1e6;

/** One row in per cent: water, fat, protein, fibre, ash; what is left is carbohydrate, so that every row is whole. */
export const row =
  (group: Group, common: Partial<RowOptions> = {}) =>
  <Id extends string>(
    id: Id,
    name: string,
    [water, fat, protein, fibre, ash]: readonly [number, number, number, number, number],
    options: Partial<RowOptions>,
  ): Ingredient & { id: Id } => {
    const o = { bulk: 0.6, keeps: 7, ...common, ...options };
    const origin = o.origin ?? 'plant';
    const own = ownAllergens[origin];
    return {
      id,
      name,
      group,
      composition: {
        water: round(water / 100),
        fat: round(fat / 100),
        protein: round(protein / 100),
        carb: round(1 - (water + fat + protein + fibre + ash) / 100),
        fibre: round(fibre / 100),
        ash: round(ash / 100),
        sugar: round((o.sugar ?? 0) / 100),
        salt: round((o.salt ?? 0) / 100),
        fatCurve: o.curve ?? 'oil',
      },
      bulkGPerMl: o.bulk,
      origin,
      allergens: [...(own ? [own] : []), ...(o.has ?? [])],
      place: o.place ?? 'shelf',
      keepsDays: o.keeps,
      sure: o.sure ?? 'tables',
      made: o.made ?? false,
      also: o.also ? o.also.split(', ') : [],
    };
  };
