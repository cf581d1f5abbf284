import { IsString, MaxLength, Matches, IsISO8601, IsOptional } from 'class-validator';
import { NumberIn, NestedList } from '../quantities/rules';
import { EaterInput } from './eater';

/** The meal the items meet at. */
export class MealInput {
  @IsString() @MaxLength(80) @Matches(/\S/) title!: string;
  /** Local date and time at the table, e.g. 2026-12-12T18:30. */
  @IsISO8601() @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/) serveAt!: string;
  @NumberIn(1, 60, 'people', { integer: true }) mouthCount!: number;
  /** Who eats, as far as they were named; the others eat everything. */
  @NestedList(() => EaterInput, 60) eaters!: EaterInput[];
  @IsOptional() @IsString() @MaxLength(600) words?: string;
}
