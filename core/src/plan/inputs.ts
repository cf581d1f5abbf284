import { Nested, NestedList } from '../quantities/rules';
import { MealInput } from '../contracts/meal';
import { ItemInput, mostItems } from '../contracts/item';
import { ArrayMinSize } from 'class-validator';
import { KitchenInput } from '../contracts/kitchen';

/** A whole bake: what the model `plan.bake` takes. */
export class BakeInput {
  @Nested(() => MealInput) meal!: MealInput;
  @NestedList(() => ItemInput, mostItems) @ArrayMinSize(1) items!: ItemInput[];
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

export class ItemPlanInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}
