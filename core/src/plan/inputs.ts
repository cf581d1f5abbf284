import { IsString, MaxLength } from 'class-validator';
import { LabelInput } from '../ingredients/inputs';
import { ingredientIds } from '../ingredients/table';
import { Nested, NestedList, OneOf, Optional } from '../quantities/rules';
import { MealInput } from '../contracts/meal';
import { ItemInput } from '../contracts/item';
import { mostItems } from '../contracts/most';
import { ArrayMinSize } from 'class-validator';
import { KitchenInput } from '../contracts/kitchen';

/** What the packet of a thing in the house says. */
export class HouseLabelInput {
  @IsString() @MaxLength(60) name!: string;
  @Optional() @OneOf(ingredientIds) ingredient?: string | null;
  @Nested(() => LabelInput) label!: LabelInput;
}

/** A whole bake: what the model `plan.bake` takes. */
export class BakeInput {
  @Nested(() => MealInput) meal!: MealInput;
  @NestedList(() => ItemInput, mostItems) @ArrayMinSize(1) items!: ItemInput[];
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  /** Labels that were read; what they do not cover of things a maker put together is not known. */
  @Optional() @NestedList(() => HouseLabelInput, 400) labels?: HouseLabelInput[];
}

export class ItemPlanInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}
