import 'reflect-metadata';
import { ItemInput, mostItems } from '@crustallum/core/contracts/item';
import { ListOf, Nested, NestedList, NumberIn, OneOfEach, Optional } from '@crustallum/core/quantities/rules';
import { ApiProperty } from '@nestjs/swagger';
import { ArrayMinSize } from 'class-validator';
import { stations, type Station } from '@crustallum/core/contracts/stations';
import { MealInput } from '@crustallum/core/contracts/meal';
import { UndoneInput } from '@crustallum/core/contracts/undone';

export class NewBakeDto {
  @ApiProperty({ type: Object, description: 'Title, time at the table, mouths' })
  @Nested(() => MealInput)
  meal!: MealInput;
  @ApiProperty({ type: [Object] }) @NestedList(() => ItemInput, mostItems) @ArrayMinSize(1) items!: ItemInput[];
}

export class ChangeMealDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
  @ApiProperty({ type: Object }) @Nested(() => MealInput) meal!: MealInput;
}

export class NewItemDto {
  @ApiProperty({ type: Object }) @Nested(() => ItemInput) document!: ItemInput;
}

export class ChangeItemDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
  @ApiProperty({ type: Object }) @Nested(() => ItemInput) document!: ItemInput;
  @ApiProperty({ type: [String] }) @ListOf(8) @OneOfEach(stations) settled!: Station[];
  @ApiProperty({ type: [Object], required: false })
  @Optional()
  @NestedList(() => UndoneInput, 40)
  undone?: UndoneInput[];
}
