import { ArrayMinSize, IsBoolean, IsString, IsUUID, MaxLength } from 'class-validator';
import { ListOf, Nested, NestedList, NumberIn, OneOfEach, Optional } from '../quantities/rules';
import { ItemInput } from './item';
import { mostItems } from './most';
import { MealInput } from './meal';
import { stations, type Station } from './stations';
import { Stored, Version } from './stored';
import { UndoneInput } from './undone';

/** A day as it is first written. */
export class NewBakeInput {
  @Nested(() => MealInput) meal!: MealInput;
  @NestedList(() => ItemInput, mostItems) @ArrayMinSize(1) items!: ItemInput[];
}

export class ChangeMealInput {
  @Version() version!: number;
  @Nested(() => MealInput) meal!: MealInput;
}

export class NewItemInput {
  @Nested(() => ItemInput) document!: ItemInput;
}

/** An item's inputs with the stations settled and what came undone since. */
export class ChangeItemInput {
  @Version() version!: number;
  @Nested(() => ItemInput) document!: ItemInput;
  @ListOf(8) @OneOfEach(stations) settled!: Station[];
  @Optional() @NestedList(() => UndoneInput, 40) undone?: UndoneInput[];
}

/** One item of a day as it is stored. */
export class StoredItem extends Stored {
  @IsUUID() bakeId!: string;
  @NumberIn(0, 1e6, '', { integer: true }) position!: number;
  @IsString() @MaxLength(60) title!: string;
  @Nested(() => ItemInput) document!: ItemInput;
  @ListOf(8) @OneOfEach(stations) settled!: Station[];
  @NestedList(() => UndoneInput, 40) undone!: UndoneInput[];
}

/** A day by its name and the local date and time at the table. */
export class BakeName extends Stored {
  @IsString() @MaxLength(80) title!: string;
  @IsString() serveAt!: string;
}

/** What tells days apart, without their meals and items. */
export class BakeHead extends BakeName {
  /** How many pies it has, how many of them are written down in the log, and whether a run of it is going on. */
  @NumberIn(0, mostItems, 'pies', { integer: true }) pies!: number;
  @NumberIn(0, 10_000, 'entries', { integer: true }) entries!: number;
  @IsBoolean() running!: boolean;
}

/** A day as it is stored. */
export class StoredBake extends BakeName {
  @Nested(() => MealInput) meal!: MealInput;
  @NestedList(() => StoredItem, mostItems) items!: StoredItem[];
}
