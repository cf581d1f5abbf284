import { IsString, MaxLength } from 'class-validator';
import { ListOf, NumberIn, OneOfEach, Optional } from '../quantities/rules';
import { allergens, diets, type Allergen, type Diet } from './ingredient';
import type { Label } from './label';

/** What a packet says; what is left out is taken from the table. */
export class LabelInput implements Label {
  @Optional() @NumberIn(0, 100, '%') fatPct?: number;
  @Optional() @NumberIn(0, 100, '%') waterPct?: number;
  @Optional() @NumberIn(0, 100, '%') proteinPct?: number;
  @Optional() @NumberIn(0, 100, '%') sugarPct?: number;
  @Optional() @NumberIn(0, 100, '%') saltPct?: number;
  /** Allergens it names; an empty list says that it was read and names none. */
  @Optional() @ListOf(15) @OneOfEach(allergens) contains?: Allergen[];
  /** Allergens it warns of traces of. */
  @Optional() @ListOf(15) @OneOfEach(allergens) traces?: Allergen[];
  /** Diets it says it suits. */
  @Optional() @ListOf(4) @OneOfEach(diets) suits?: Diet[];
  /** Words looked for on it and not found. */
  @Optional() @ListOf(20) @IsString({ each: true }) @MaxLength(40, { each: true }) without?: string[];
}
