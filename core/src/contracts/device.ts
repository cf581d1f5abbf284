import { NumberIn } from '../quantities/rules';
import { IsISO8601, IsOptional, IsString, IsUUID, Matches, MaxLength, MinLength } from 'class-validator';

/** Six digits, read from the screen of the kitchen's computer. */
export const codeDigits = 6;
/** So many wrong tries, and the digits are void. */
export const mostTries = 5;

/** Six new digits are asked for, to hold so long. */
export class AskCodeInput {
  @NumberIn(1, 30, 'min', { integer: true }) holdsMin!: number;
}

/** A screen that asks to be let in. */
export class EnterInput {
  @IsString() @Matches(/^\d{6}$/) code!: string;
  @IsString() @MinLength(1) @MaxLength(40) name!: string;
}

/** A screen that is in. */
export class PairedDevice {
  @IsUUID() id!: string;
  @IsString() name!: string;
  @IsISO8601() pairedAt!: string;
  @IsOptional() @IsISO8601() usedAt!: string | null;
}

/** The digits of now, for how long they hold, and under which addresses they can be pressed in. */
export interface Door {
  /** Whether other machines of the house can reach this one at all. */
  open: boolean;
  code: string | null;
  /** The digits hold so much longer, s: a clock that is wrong does not shut it. */
  holdsForS: number | null;
  addresses: string[];
  devices: PairedDevice[];
}
