import { NumberIn } from '../quantities/rules';
import { IsOptional, IsString, MaxLength } from 'class-validator';

export class BriefInput {
  /** Pieces for hand and pot pies, helpings or slices for a dish, tray or coil. */
  @NumberIn(1, 60, 'pieces', { integer: true }) count!: number;
  @IsOptional() @IsString() @MaxLength(400) words?: string;
}
