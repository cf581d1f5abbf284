import { IsISO8601, IsObject, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator';
import { NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';

/** What can happen at the bench. */
export const runEventTypes = [
  'next',
  'begin',
  'back',
  'piece',
  'timerStop',
  'cold',
  'weighed',
  'poured',
  'feel',
  'tick',
  'probe',
  'look',
  'finish',
] as const;
export type RunEventType = (typeof runEventTypes)[number];

/** One time at the bench; the plan is the copy it is started from. */
export class NewRunInput {
  @IsUUID() id!: string;
  @IsUUID() bakeId!: string;
  @IsISO8601() startedAt!: string;
  @IsObject() plan!: Record<string, unknown>;
}

/** One thing that happened; the id comes from the device, so that sending twice writes once. */
export class RunEventInput {
  @IsUUID() id!: string;
  @OneOf(runEventTypes) type!: RunEventType;
  @IsISO8601() at!: string;
  @IsObject() data!: Record<string, unknown>;
  /** The device that wrote it, and its place among what that device wrote; events of before had neither. */
  @Optional() @IsString() @MaxLength(40) device?: string;
  @Optional() @NumberIn(0, 1e9, '', { integer: true }) sequence?: number;
}

/** So many events go in one lot. */
export const mostEvents = 500;

export class RunEventsInput {
  @NestedList(() => RunEventInput, mostEvents) events!: RunEventInput[];
}

/** A run as it is stored, with what happened in order. */
export class StoredRun extends NewRunInput {
  @IsOptional() @IsISO8601() finishedAt!: string | null;
  @NestedList(() => RunEventInput, 1_000_000) events!: RunEventInput[];
}
