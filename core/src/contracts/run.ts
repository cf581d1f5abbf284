import { IsISO8601, IsObject, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator';
import { NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';

/** What can happen at the bench; every one names the step or thing it is about. */
export const benchEventTypes = [
  'begin',
  'done',
  'skip',
  'undo',
  'hand',
  'park',
  'timer',
  'added',
  'note',
  'plan',
  'piece',
  'cold',
  'weighed',
  'poured',
  'feel',
  'tick',
  'probe',
  'look',
  'finish',
] as const;
/** What a run begun before steps had names wrote: presses that meant whichever step was in hand. */
export const oldEventTypes = ['next', 'back', 'timerStop'] as const;
export const runEventTypes = [...benchEventTypes, ...oldEventTypes] as const;
export type RunEventType = (typeof runEventTypes)[number];

/** One time at the bench; the plan is the copy it is started from. */
export class NewRunInput {
  @IsUUID() id!: string;
  @IsUUID() bakeId!: string;
  @IsISO8601() startedAt!: string;
  @IsObject() plan!: Record<string, unknown>;
}

/** A clock may be out by no more than a day, ms. */
const mostSkewMs = 24 * 60 * 60 * 1000;

/** One thing that happened; the id comes from the device, so that sending twice writes once. */
export class RunEventInput {
  @IsUUID() id!: string;
  @OneOf(runEventTypes) type!: RunEventType;
  /** By the clock of the device; with `skewMs` by the clock of the house. */
  @IsISO8601() at!: string;
  @IsObject() data!: Record<string, unknown>;
  /** The device that wrote it, and its place among what that device wrote; events of before had neither. */
  @Optional() @IsString() @MaxLength(40) device?: string;
  @Optional() @NumberIn(0, 1e9, '', { integer: true }) sequence?: number;
  /** One more than the largest its device had seen: what is written after something was seen comes after it. */
  @Optional() @NumberIn(0, 1e9, '', { integer: true }) lamport?: number;
  @Optional() @NumberIn(-mostSkewMs, mostSkewMs, 'ms') skewMs?: number;
  @Optional() @IsString() @MaxLength(40) cook?: string;
}

/** So many events go in one lot, and so many a run has at most. */
export const mostEvents = 500;
export const mostEventsOfRun = 20_000;
/** What one event holds at most, characters of its JSON; a plan made anew is the largest. */
export const mostEventData = 200_000;

export class RunEventsInput {
  @NestedList(() => RunEventInput, mostEvents) events!: RunEventInput[];
}

/** An event as the server keeps it: with its number in its run, in the order in which they came. */
export class StoredRunEvent extends RunEventInput {
  @NumberIn(0, 1e9, '', { integer: true }) number!: number;
}

/** A run as it is stored, with what happened in order. */
export class StoredRun extends NewRunInput {
  @IsOptional() @IsISO8601() finishedAt!: string | null;
  @NestedList(() => StoredRunEvent, 1_000_000) events!: StoredRunEvent[];
}
