import 'reflect-metadata';
import { vesselMaterials, type VesselMaterial } from '@crustallum/core/oven/tables';
import { Nested, NumberIn, OneOf, Optional } from '@crustallum/core/quantities/rules';
import { VesselInput } from '@crustallum/core/vessels/inputs';
import { ApiProperty } from '@nestjs/swagger';
import { IsString, Matches, MaxLength, ValidateIf } from 'class-validator';

export const toolKinds = ['dish', 'cutter', 'pin', 'tray'] as const;

export class ToolDto {
  @ApiProperty() @IsString() @MaxLength(60) @Matches(/\S/) name!: string;
  @ApiProperty({ enum: toolKinds }) @OneOf(toolKinds) kind!: (typeof toolKinds)[number];
  @ApiProperty({ type: Object, required: false })
  @ValidateIf((t: ToolDto) => t.kind === 'dish')
  @Nested(() => VesselInput)
  vessel?: VesselInput;
  @ApiProperty({ required: false })
  @ValidateIf((t: ToolDto) => t.kind === 'dish')
  @OneOf(Object.keys(vesselMaterials))
  material?: VesselMaterial;
  @ApiProperty({ required: false })
  @ValidateIf((t: ToolDto) => t.kind === 'cutter' || t.kind === 'pin')
  @NumberIn(5, 1000, 'mm')
  diameterMm?: number;
  @ApiProperty({ required: false }) @Optional() @NumberIn(1, 60, '', { integer: true }) count?: number;
  @ApiProperty({ required: false }) @Optional() @OneOf(['K', 'L']) place?: 'K' | 'L';
}

export class ChangeToolDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
  @ApiProperty({ type: Object }) @Nested(() => ToolDto) document!: ToolDto;
}
