import 'reflect-metadata';
import { NumberIn } from '@crustallum/core/quantities/rules';
import { IsString, IsUUID, MaxLength } from 'class-validator';

export class ReadProbeDto {
  @IsUUID() runId!: string;
  @NumberIn(0, 7, '', { integer: true }) itemIndex!: number;
  @IsString() @MaxLength(40) stepId!: string;
  @NumberIn(0, 1440, 'min') minute!: number;
}
