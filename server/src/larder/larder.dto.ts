import 'reflect-metadata';
import { LabelInput } from '@crustallum/core/ingredients/inputs';
import { ingredientIds } from '@crustallum/core/ingredients/table';
import { Nested, NestedList, NumberIn, OneOf } from '@crustallum/core/quantities/rules';
import { ApiProperty } from '@nestjs/swagger';
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

export const shelves = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J'] as const;

export class LarderItemDto {
  @ApiProperty() @IsString() @MaxLength(60) @Matches(/\S/) name!: string;
  @ApiProperty() @NumberIn(0, 50_000, 'g') grams!: number;
  @ApiProperty({ enum: shelves }) @OneOf(shelves) shelf!: string;
  @ApiProperty() @IsString() @MaxLength(120) note!: string;
  /** Which ingredient of the table it is; left out for what the table does not know. */
  @ApiProperty({ required: false }) @IsOptional() @OneOf(ingredientIds) ingredient?: string | null;
  @ApiProperty({ required: false })
  @ValidateIf((o: LarderItemDto) => o.pricePerKg !== null && o.pricePerKg !== undefined)
  @NumberIn(0, 1000, 'a kilogram')
  pricePerKg?: number | null;
  @ApiProperty({ required: false }) @IsOptional() @Matches(/^\d{4}-\d\d-\d\d$/) bestBefore?: string | null;
  /** What its packet says. */
  @ApiProperty({ required: false })
  @ValidateIf((o: LarderItemDto) => o.label !== null && o.label !== undefined)
  @Nested(() => LabelInput)
  label?: LabelInput | null;
  /** This cook's own cups of it, weighed. */
  @ApiProperty({ required: false })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @NumberIn(10, 1000, 'g', { each: true })
  cupsG?: number[];
}

export class ChangeLarderItemDto extends LarderItemDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
}

export class TakeDto {
  @ApiProperty() @IsUUID() larderId!: string;
  @ApiProperty() @NumberIn(0, 50_000, 'g') grams!: number;
}

/** What one weighing took; the id comes from the device, so that sending twice takes once. */
export class DrawDto {
  @ApiProperty() @IsUUID() id!: string;
  @ApiProperty({ type: [TakeDto] }) @NestedList(() => TakeDto, 60) @ArrayMinSize(1) takes!: TakeDto[];
}
