import { IsString, MaxLength } from 'class-validator';
import { NumberIn, Optional, NestedList } from '../quantities/rules';

/** A step made longer (or shorter) than it was reckoned; what follows it follows. */
export class LongerInput {
  @IsString() @MaxLength(40) stepId!: string;
  @NumberIn(-120, 600, 'min') minutes!: number;
}

export class ItemClockInput {
  @IsString() @MaxLength(40) cook!: string;
  /** Rest between oven and table. */
  @NumberIn(0, 300, 'min', { integer: true }) standMinutes!: number;
  @Optional() @NestedList(() => LongerInput, 40) longer?: LongerInput[];
}
