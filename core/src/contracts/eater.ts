import { IsBoolean, IsString, MaxLength } from 'class-validator';
import { allergens, eaterDiets, type Allergen, type EaterDiet } from '../ingredients/ingredient';
import { ListOf, OneOfEach } from '../quantities/rules';

/** Somebody at the table, and what they must not meet. */
export class EaterInput {
  @IsString() @MaxLength(40) name!: string;
  @ListOf(15) @OneOfEach(allergens) avoids!: Allergen[];
  @ListOf(5) @OneOfEach(eaterDiets) diets!: EaterDiet[];
  /** In their own words: looked for in the names of everything that goes in. */
  @ListOf(8) @IsString({ each: true }) @MaxLength(40, { each: true }) words!: string[];
  /** Nothing hot. A wish: it is not guarded as an allergen is. */
  @IsBoolean() mild!: boolean;
}

/** Somebody who eats everything. */
export const anyEater = (name: string): EaterInput => ({ name, avoids: [], diets: [], words: [], mild: false });

/** Whether anything was said that somebody must not meet or does not wish. */
export const hasNeed = (e: EaterInput): boolean =>
  e.avoids.length > 0 || e.diets.length > 0 || e.words.length > 0 || e.mild;
