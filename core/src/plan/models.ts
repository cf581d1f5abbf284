import { model } from '../quantities/model';
import { BakeInput, ItemPlanInput } from './inputs';
import { cure, CureInput } from './cure';
import { FromRecipeInput, itemFromRecipe } from './fromRecipe';
import { planItem } from './itemPlan';
import { mend, MendInput } from './mend';
import { planBake } from './planBake';

export const planModels = [
  model({
    name: 'plan.bake',
    summary: 'A whole bake: every station of every item, the Cold Line and the Clock',
    units: 'mm, g, °C, min',
    source: 'The models above, joined; bench minutes are estimates',
    certainty: 'estimate',
    input: BakeInput,
    run: planBake,
  }),
  model({
    name: 'plan.item',
    summary: 'One item in one kitchen',
    units: 'mm, g, °C, min',
    source: 'The models above, joined; bench minutes are estimates',
    certainty: 'estimate',
    input: ItemPlanInput,
    run: (i) => planItem(i.item, i.kitchen),
  }),
  model({
    name: 'plan.cure',
    summary: 'Minutes of cold (or damp cloth) that bring a pastry in hand back to the middle of its band',
    units: 'mm, °C or % moisture, min',
    source: 'cold.chill and cold.filoDrying on the sheet as it lies',
    certainty: 'physics',
    input: CureInput,
    run: cure,
  }),
  model({
    name: 'plan.mend',
    summary: 'The smallest change of one input after which an item can be made',
    units: 'as the input',
    source: 'Search over plan.item',
    certainty: 'exact',
    input: MendInput,
    run: mend,
  }),
  model({
    name: 'plan.fromRecipe',
    summary: 'An item from a recipe’s words: what is said is taken, what is not is named as ours',
    units: 'text in; g, °C, min, mm',
    source: 'recipes.read, and our starting points for what is not said',
    certainty: 'estimate',
    input: FromRecipeInput,
    run: itemFromRecipe,
  }),
];
