import { NumberIn } from '../quantities/rules';
import { IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';

export class BriefInput {
  /** Pieces for hand and pot pies, helpings or slices for a dish, tray or coil. */
  @NumberIn(1, 60, 'pieces', { integer: true }) count!: number;
  /** No piece is filled apart for anybody. */
  @IsOptional() @IsBoolean() allAlike?: boolean;
  @IsOptional() @IsString() @MaxLength(400) words?: string;
}
