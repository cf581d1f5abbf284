import 'reflect-metadata';
import { NestedList, NumberIn, OneOf, Optional } from '@crustallum/core/quantities/rules';
import { ApiProperty } from '@nestjs/swagger';
import { IsISO8601, IsObject, IsUUID, IsString, MaxLength } from 'class-validator';

export const runEventTypes = [
  'next',
  'back',
  'piece',
  'timerStop',
  'cold',
  'weighed',
  'poured',
  'feel',
  'probe',
  'finish',
] as const;
export type RunEventType = (typeof runEventTypes)[number];

export class NewRunDto {
  @ApiProperty() @IsUUID() id!: string;
  @ApiProperty() @IsUUID() bakeId!: string;
  @ApiProperty() @IsISO8601() startedAt!: string;
  @ApiProperty({ type: Object }) @IsObject() plan!: Record<string, unknown>;
}

export class RunEventDto {
  @ApiProperty() @IsUUID() id!: string;
  @ApiProperty({ enum: runEventTypes }) @OneOf(runEventTypes) type!: RunEventType;
  @ApiProperty() @IsISO8601() at!: string;
  @ApiProperty({ type: Object }) @IsObject() data!: Record<string, unknown>;
  @ApiProperty({ required: false }) @Optional() @IsString() @MaxLength(40) device?: string;
  @ApiProperty({ required: false }) @Optional() @NumberIn(0, 1e9, '', { integer: true }) sequence?: number;
}

export class RunEventsDto {
  @ApiProperty({ type: [RunEventDto] }) @NestedList(() => RunEventDto, 500) events!: RunEventDto[];
}
