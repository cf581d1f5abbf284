import { IsBoolean, IsString, MaxLength, Matches, IsISO8601, IsOptional } from 'class-validator';
import { NumberIn, NestedList, OneOf, Optional } from '../quantities/rules';
import { AwayInput, localMoment, waysLaid, type WayLaid } from './clock';
import { EaterInput } from './eater';

/** The meal the items meet at. */
export class MealInput {
  @IsString() @MaxLength(80) @Matches(/\S/) title!: string;
  /** Local date and time at the table, e.g. 2026-12-12T18:30. */
  @IsISO8601() @Matches(localMoment) serveAt!: string;
  @NumberIn(1, 60, 'people', { integer: true }) mouthCount!: number;
  /** Who eats, as far as they were named; the others eat everything. */
  @NestedList(() => EaterInput, 60) eaters!: EaterInput[];
  @IsOptional() @IsString() @MaxLength(600) words?: string;
  /** How its day is laid, where the cook said: each pie as late as can be, one after the other; or searched for longer. */
  @Optional() @OneOf(waysLaid) laid?: WayLaid;
  /** Weighing and making ready are done for all pies in one go. */
  @Optional() @IsBoolean() together?: boolean;
  /** Who is away for a stretch of it. */
  @Optional() @NestedList(() => AwayInput, 20) away?: AwayInput[];
}
