import { IsISO8601, IsObject, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { logWords } from './logWords';
import type { Stored } from './stored';
import { Version } from './stored';

/** How one at the table liked it. */
export class LikedInput {
  @IsString() @MaxLength(40) name!: string;
  @OneOf(logWords.liked) how!: (typeof logWords.liked)[number];
}

/** How a day came out, as far as it was said: nothing is answered for the cook. */
export class LogAnswersInput {
  @Optional() @OneOf(logWords.colour) colour?: (typeof logWords.colour)[number];
  @Optional() @OneOf(logWords.base) base?: (typeof logWords.base)[number];
  @Optional() @NumberIn(0, 60, 'pieces', { integer: true }) leaks?: number;
  @Optional() @OneOf(logWords.shrink) shrink?: (typeof logWords.shrink)[number];
  @Optional() @OneOf(logWords.texture) texture?: (typeof logWords.texture)[number];
  @Optional() @NumberIn(0, 120, 'mm') stoodMm?: number;
  @IsString() @MaxLength(1000) note!: string;
  @Optional() @NumberIn(1, 300, 'min') bakedMin?: number;
  @Optional() @NestedList(() => LikedInput, 40) liked?: LikedInput[];
}

export class NewEntryInput {
  @IsOptional() @IsUUID() bakeId?: string | null;
  @IsOptional() @IsUUID() runId?: string | null;
  @IsISO8601() date!: string;
  @IsString() @MaxLength(80) title!: string;
  @Nested(() => LogAnswersInput) answers!: LogAnswersInput;
  /** What had been worked out, as it stood on the day. */
  @IsObject() snapshot!: Record<string, unknown>;
}

export class ChangeEntryInput {
  @Version() version!: number;
  @Nested(() => LogAnswersInput) answers!: LogAnswersInput;
}

/** An entry of the log as it is stored. */
export class LogEntry extends NewEntryInput implements Stored {
  @IsUUID() id!: string;
  @Version() version!: number;
}
