import { IsString, Matches, MaxLength } from 'class-validator';
import { NumberIn, Optional, NestedList } from '../quantities/rules';

/** A step is made longer by no more than this, min. */
export const longestRestMore = 600;

/** A step made longer (or shorter) than it was reckoned; what follows it follows. */
export class LongerInput {
  @IsString() @MaxLength(40) stepId!: string;
  @NumberIn(-120, longestRestMore, 'min') minutes!: number;
}

/** A date and a time of day as they are read in the kitchen. */
export const localMoment = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/;

/** A step held by the cook at a moment, in somebody's hands, or both: the rest of the day is laid around it. */
export class PinInput {
  @IsString() @MaxLength(40) stepId!: string;
  /** Local date and time at which it begins. */
  @Optional() @Matches(localMoment) at?: string;
  @Optional() @IsString() @MaxLength(40) cook?: string;
}

export const waysLaid = ['asLate', 'searched'] as const;
export type WayLaid = (typeof waysLaid)[number];

/** A cook who is away for a stretch of this day. */
export class AwayInput {
  @IsString() @MaxLength(40) cook!: string;
  @Matches(localMoment) from!: string;
  @Matches(localMoment) to!: string;
}

export class ItemClockInput {
  @IsString() @MaxLength(40) cook!: string;
  /** Rest between oven and table. */
  @NumberIn(0, 300, 'min', { integer: true }) standMinutes!: number;
  @Optional() @NestedList(() => LongerInput, 40) longer?: LongerInput[];
  @Optional() @NestedList(() => PinInput, 60) pins?: PinInput[];
}
