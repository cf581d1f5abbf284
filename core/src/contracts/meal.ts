import { IsString, MaxLength, Matches, IsISO8601, IsOptional } from 'class-validator';
import { OneOfEach, NumberIn, NestedList, ListOf } from '../quantities/rules';

export const needKinds = [
  'noChestnut',
  'noFish',
  'mild',
  'vegetarian',
  'noNuts',
  'noMilk',
  'noEgg',
  'noGluten',
] as const;
export type NeedKind = (typeof needKinds)[number];

export class MouthInput {
  @IsString() @MaxLength(40) name!: string;
  @ListOf(8) @OneOfEach(needKinds) needs!: NeedKind[];
}

/** The meal the items meet at. */
export class MealInput {
  @IsString() @MaxLength(80) @Matches(/\S/) title!: string;
  /** Local date and time at the table, e.g. 2026-12-12T18:30. */
  @IsISO8601() @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/) serveAt!: string;
  @NumberIn(1, 60, 'mouths', { integer: true }) mouthCount!: number;
  @NestedList(() => MouthInput, 60) mouths!: MouthInput[];
  @IsOptional() @IsString() @MaxLength(600) words?: string;
}
