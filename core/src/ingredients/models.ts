import { ArrayMinSize, IsString, MaxLength, MinLength } from 'class-validator';
import { readAmount } from '../quantities/amounts/readAmount';
import { baseOf, measureSystems, type MeasureSystem } from '../quantities/amounts/units';
import { model } from '../quantities/model';
import { RefusedInput } from '../quantities/refusal';
import { NestedList, NumberIn, OneOf, Optional, ListOf } from '../quantities/rules';
import { ownCup, tableCup } from './cup';
import { LabelInput } from './inputs';
import { allergensOf, dietsOf, energyOf100, labelled } from './label';
import { shippedIndex } from './shipped';
import { ingredientOf, ingredients } from './table';
import type { Ingredient } from './ingredient';

const ids = ingredients.map((i) => i.id);

export class FindIngredientInput {
  @IsString() @MinLength(1) @MaxLength(120) text!: string;
}
export class IngredientInput extends LabelInput {
  @OneOf(ids) id!: string;
}
export class ToMassInput {
  @OneOf(ids) id!: string;
  @IsString() @MinLength(1) @MaxLength(120) amount!: string;
  @Optional() @OneOf(measureSystems) system?: MeasureSystem | null;
  /** This cook's own cups of it, weighed, g. */
  @Optional() @ListOf(20) @NumberIn(10, 1000, 'g', { each: true }) cupsG?: number[];
}
export class OwnCupInput {
  @ListOf(20) @ArrayMinSize(1) @NumberIn(10, 1000, 'g', { each: true }) weighedG!: number[];
  @OneOf(ids) id!: string;
}
export class ListedInput {
  @OneOf(ids) id!: string;
}
export class ListInput {
  @NestedList(() => ListedInput, 60) items!: ListedInput[];
}

const row = (id: string) => ingredientOf(id) as Ingredient;
const isFlour = (i: Ingredient) => i.group === 'flour';

/** An amount of an ingredient as mass: every way it can be understood, each with a spread where a cup is involved. */
export function toMass({ id, amount, system, cupsG }: ToMassInput) {
  const ingredient = row(id);
  const read = readAmount(amount, system ?? null);
  if (!read || !read.readings.some((r) => r.dimension === 'mass' || r.dimension === 'volume'))
    throw new RefusedInput({ field: 'amount', code: 'not_an_amount', value: amount, allowed: 'a mass or a volume' });
  const readings = read.readings
    .filter((r) => r.dimension === 'mass' || r.dimension === 'volume')
    .map((r) => {
      if (r.dimension === 'mass')
        return { lowG: r.low, highG: r.high, spreadG: 0, system: r.system, from: 'weighed' as const };
      const by = r.system ?? 'metric';
      const cup = cupsG?.length
        ? ownCup(cupsG, isFlour(ingredient))
        : tableCup(ingredient.bulkGPerMl, isFlour(ingredient), by);
      const cups = (ml: number) => ml / baseOf('cup', by);
      return {
        lowG: cups(r.low) * cup.meanG,
        highG: cups(r.high) * cup.meanG,
        spreadG: cups(r.high) * cup.spreadG,
        system: r.system,
        from: cup.from,
      };
    });
  return { readings, ambiguities: read.ambiguities };
}

const source = 'General knowledge of food composition, rounded; labels differ';

export const ingredientModels = [
  model({
    name: 'ingredients.find',
    summary: 'Ingredients by name or other word, tolerant of typing slips',
    units: 'text',
    source,
    certainty: 'estimate',
    input: FindIngredientInput,
    run: ({ text }) =>
      shippedIndex()
        .search(text)
        .map((f) => ({ id: f.thing.id, name: f.thing.name, as: f.as, distance: f.distance })),
  }),
  model({
    name: 'ingredients.describe',
    summary:
      'Composition, density, energy, allergens and diets of an ingredient, with its label where it says otherwise',
    units: '% in; fractions, g/ml, kJ per 100 g out',
    source,
    certainty: 'estimate',
    input: IngredientInput,
    run: ({ id, ...label }) => {
      const ingredient = row(id);
      const composition = labelled(ingredient.composition, label);
      return { ...ingredient, composition, energy: energyOf100(composition), diets: dietsOf([ingredient]) };
    },
  }),
  model({
    name: 'ingredients.toMass',
    summary:
      'An amount of an ingredient in grams, by density or by this cook’s own cup, with every way it can be understood',
    units: 'text in; g out',
    source,
    certainty: 'estimate',
    input: ToMassInput,
    run: toMass,
  }),
  model({
    name: 'ingredients.ownCup',
    summary: 'Mean and spread of a cook’s own cups of an ingredient',
    units: 'g',
    source: 'Mean and two standard deviations',
    certainty: 'learnt',
    input: OwnCupInput,
    run: ({ weighedG, id }) => ownCup(weighedG, isFlour(row(id))),
  }),
  model({
    name: 'ingredients.eaters',
    summary: 'Allergens of a list, with what each comes from, and the diets it suits',
    units: 'ids in',
    source: 'European list of fourteen with wheat; makers’ labels and warnings come first',
    certainty: 'estimate',
    input: ListInput,
    run: ({ items }) => {
      const list = items.map((i) => row(i.id));
      return { allergens: allergensOf(list), diets: dietsOf(list) };
    },
  }),
];
