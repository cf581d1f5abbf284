import 'reflect-metadata';
import { Nested, NumberIn, OneOf, Optional } from '@crustallum/core/quantities/rules';
import { ApiProperty } from '@nestjs/swagger';
import { IsISO8601, IsObject, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator';

export const logWords = {
  colour: ['pale', 'straw', 'golden', 'deep', 'too dark'],
  base: ['pale', 'gold', 'dark'],
  shrink: ['none', 'some', 'much'],
  texture: ['crisp', 'tender', 'heavy'],
} as const;

export class LogAnswersDto {
  @ApiProperty({ enum: logWords.colour }) @OneOf(logWords.colour) colour!: (typeof logWords.colour)[number];
  @ApiProperty({ enum: logWords.base }) @OneOf(logWords.base) base!: (typeof logWords.base)[number];
  @ApiProperty() @NumberIn(0, 60, 'pieces', { integer: true }) leaks!: number;
  @ApiProperty({ enum: logWords.shrink }) @OneOf(logWords.shrink) shrink!: (typeof logWords.shrink)[number];
  @ApiProperty({ enum: logWords.texture }) @OneOf(logWords.texture) texture!: (typeof logWords.texture)[number];
  @ApiProperty() @NumberIn(0, 120, 'mm') stoodMm!: number;
  @ApiProperty() @IsString() @MaxLength(1000) note!: string;
  @ApiProperty({ required: false }) @Optional() @NumberIn(1, 300, 'min') bakedMin?: number;
}

export class NewLogEntryDto {
  @ApiProperty({ required: false }) @IsOptional() @IsUUID() bakeId?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsUUID() runId?: string;
  @ApiProperty() @IsISO8601() date!: string;
  @ApiProperty() @IsString() @MaxLength(80) title!: string;
  @ApiProperty({ type: Object }) @Nested(() => LogAnswersDto) answers!: LogAnswersDto;
  @ApiProperty({ type: Object }) @IsObject() snapshot!: Record<string, unknown>;
}

export class ChangeLogEntryDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
  @ApiProperty({ type: Object }) @Nested(() => LogAnswersDto) answers!: LogAnswersDto;
}
