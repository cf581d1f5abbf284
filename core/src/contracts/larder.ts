import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { LabelInput } from '../ingredients/inputs';
import { ingredientIds } from '../ingredients/table';
import { Nested, NestedList, NumberIn, OneOf } from '../quantities/rules';
import type { Stored } from './stored';
import { Version } from './stored';

/** Places of the larder: A–D fridge, E–G freezer, H and I shelf, J porch. */
export const shelves = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J'] as const;
export const freezerShelves = ['E', 'F', 'G'] as const satisfies readonly (typeof shelves)[number][];

const said = (value: unknown): boolean => value !== null && value !== undefined;

/** A thing in the larder. */
export class LarderInput {
  @IsString() @MaxLength(60) @Matches(/\S/) name!: string;
  @NumberIn(0, 50_000, 'g') grams!: number;
  @OneOf(shelves) shelf!: string;
  @IsString() @MaxLength(120) note!: string;
  /** Which ingredient of the table it is; left out for what the table does not know. */
  @IsOptional() @OneOf(ingredientIds) ingredient?: string | null;
  @ValidateIf((o: LarderInput) => said(o.pricePerKg))
  @NumberIn(0, 1000, 'a kilogram')
  pricePerKg?: number | null;
  @IsOptional() @Matches(/^\d{4}-\d\d-\d\d$/) bestBefore?: string | null;
  /** What its packet says. */
  @ValidateIf((o: LarderInput) => said(o.label))
  @Nested(() => LabelInput)
  label?: LabelInput | null;
  /** This cook's own cups of it, weighed. */
  @IsOptional() @IsArray() @ArrayMaxSize(20) @NumberIn(10, 1000, 'g', { each: true }) cupsG?: number[] | null;
}

export class ChangeLarderInput extends LarderInput {
  @Version() version!: number;
}

/** A thing in the larder as it is stored. */
export class LarderThing extends LarderInput implements Stored {
  @IsUUID() id!: string;
  @Version() version!: number;
}

export class TakeInput {
  @IsUUID() larderId!: string;
  @NumberIn(0, 50_000, 'g') grams!: number;
}

/** What one weighing took; the id comes from the device, so that sending twice takes once. */
export class DrawInput {
  @IsUUID() id!: string;
  @NestedList(() => TakeInput, 60) @ArrayMinSize(1) takes!: TakeInput[];
}
