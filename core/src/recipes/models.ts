import { IsString, MaxLength, MinLength } from 'class-validator';
import { measureSystems, type MeasureSystem } from '../quantities/amounts/units';
import { model } from '../quantities/model';
import { OneOf, Optional } from '../quantities/rules';
import { recipesOn } from './apart';
import { longestText } from './lines';
import { readRecipe } from './readRecipe';
import { readWords } from './readWords';

export class ReadRecipeInput {
  @IsString() @MinLength(1) @MaxLength(longestText) text!: string;
  @Optional() @OneOf(measureSystems) system?: MeasureSystem | null;
}

export class RecipesOnInput {
  @IsString() @MaxLength(longestText) text!: string;
}

export class ReadWordsInput {
  @IsString() @MaxLength(2000) text!: string;
}

export const recipeModels = [
  model({
    name: 'recipes.read',
    summary:
      'A recipe text understood: amounts, sections, heats, times and sizes, what is not said, and what cannot be meant',
    units: 'text in; g, °C, min, mm out',
    source: 'Reading by rule; densities and piece masses are estimates',
    certainty: 'estimate',
    input: ReadRecipeInput,
    run: ({ text, system }) => readRecipe(text, system ?? null),
  }),
  model({
    name: 'recipes.apart',
    summary: 'The recipes that stand on one page, each a text of its own',
    units: 'text',
    source: 'Reading by rule',
    certainty: 'estimate',
    input: RecipesOnInput,
    run: ({ text }) => recipesOn(text),
  }),
  model({
    name: 'recipes.readWords',
    summary: 'The words of a brief understood: mouths, what is wanted, when, and what somebody may not eat',
    units: 'text',
    source: 'Reading by rule',
    certainty: 'estimate',
    input: ReadWordsInput,
    run: ({ text }) => readWords(text),
  }),
];
