import { ArrayMinSize, IsString, MaxLength } from 'class-validator';
import { spiceSlips } from '../ingredients/spices';
import { ingredientIds } from '../ingredients/table';
import { model } from '../quantities/model';
import { NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { firmnessOf } from './firmness';
import { preparations, type Preparation } from './inPie';
import { potOf } from './pot';
import { PotHeatedInput } from './potInput';
import { spoonsOf, tablespoonsMl, type Tablespoon } from './spoons';

export class PotPartInput {
  @Optional() @OneOf(ingredientIds) ingredient: string | null = null;
  @OneOf(preparations) preparation!: Preparation;
  @NumberIn(0, 20_000, 'g') trimmedG!: number;
  @Optional() @NumberIn(0, 600, 'min') entersMin?: number;
}

export class PotInput {
  @NumberIn(0, 600, 'min') minutes!: number;
  @NumberIn(2, 60, 'mm') diceMm!: number;
  @NumberIn(8, 60, 'cm') panCm!: number;
  @NestedList(() => PotPartInput, 30) parts!: PotPartInput[];
  @Optional() @NestedList(() => PotHeatedInput, 8) heats?: PotHeatedInput[];
}

export class FirmPartInput extends PotPartInput {
  @IsString() @MaxLength(60) name!: string;
  @NumberIn(0, 20_000, 'g') inPieG!: number;
}

export class FirmnessInput {
  @NestedList(() => FirmPartInput, 30) @ArrayMinSize(1) parts!: FirmPartInput[];
}

export class SpoonsInput {
  @NumberIn(0.1, 5000, 'ml') ml!: number;
  @Optional() @OneOf(Object.keys(tablespoonsMl)) spoon?: Tablespoon;
}

export class SpiceInput {
  @IsString() @MaxLength(60) name!: string;
  @Optional() @OneOf(ingredientIds) ingredient: string | null = null;
  @NumberIn(0, 20_000, 'g') grams!: number;
}

export class SpicesInput {
  @NestedList(() => SpiceInput, 30) @ArrayMinSize(1) parts!: SpiceInput[];
  @NumberIn(1, 50_000, 'g') fillingG!: number;
}

const source = 'Ordinary practice; minutes and what drinks how much are estimates';

export const potModels = [
  model({
    name: 'filling.pot',
    summary: 'One pot in its order: what goes in when, how it is heated, what goes in steam',
    units: 'min, g, mm, cm',
    source,
    certainty: 'estimate',
    input: PotInput,
    run: potOf,
  }),
  model({
    name: 'filling.firmness',
    summary: 'Whether a paste of a filling holds a scoop, and what would make it',
    units: 'g',
    source,
    certainty: 'estimate',
    input: FirmnessInput,
    run: (i) => ({ firmness: firmnessOf(i.parts) }),
  }),
  model({
    name: 'filling.spoons',
    summary: 'A portion of filling in tablespoons and scoops',
    units: 'ml',
    source: 'Level tablespoons and numbered scoops as they are sold; heaped is an estimate',
    certainty: 'estimate',
    input: SpoonsInput,
    run: (i) => spoonsOf(i.ml, i.spoon),
  }),
  model({
    name: 'filling.spices',
    summary: 'Strong spices of which more is said than anyone eats: a slip of the spoon',
    units: 'g, %',
    source: 'Bands of our own, from spoonfuls to a kilogram',
    certainty: 'estimate',
    input: SpicesInput,
    run: (i) => ({ slips: spiceSlips(i.parts, i.fillingG) }),
  }),
];
