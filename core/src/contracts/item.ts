import { IsString, Matches, MaxLength, ValidateIf } from 'class-validator';
import { Nested, OneOf } from '../quantities/rules';
import { products, type Product, signs, type Sign } from './products';
import { BriefInput } from './brief';
import { DoughInput } from './dough';
import { FoldsInput } from './folds';
import { FillingInput } from './filling';
import { CutInput } from './cut';
import { SealInput } from './seal';
import { ItemOvenInput } from './oven';
import { ItemClockInput } from './clock';

/** The words an item was read from: they stay with it. */
export class RecipeWordsInput {
  @IsString() @MaxLength(120) title!: string;
  @IsString() @MaxLength(20_000) text!: string;
}

/** One item of a bake: everything the cook decides about it. This is the stored document. */
export class ItemInput {
  @IsString() @MaxLength(60) @Matches(/\S/) title!: string;
  @OneOf(signs) sign!: Sign;
  @OneOf(products) product!: Product;
  @Nested(() => BriefInput) brief!: BriefInput;
  @Nested(() => DoughInput) dough!: DoughInput;
  @Nested(() => FoldsInput) folds!: FoldsInput;
  @Nested(() => FillingInput) filling!: FillingInput;
  @Nested(() => CutInput) cut!: CutInput;
  @Nested(() => SealInput) seal!: SealInput;
  @Nested(() => ItemOvenInput) oven!: ItemOvenInput;
  @Nested(() => ItemClockInput) clock!: ItemClockInput;
  @ValidateIf((o: ItemInput) => o.recipe !== undefined && o.recipe !== null)
  @Nested(() => RecipeWordsInput)
  recipe?: RecipeWordsInput | null;
}

/** Input class of every station of an item that has inputs of its own: where its number rules are stated. */
export const stationInputs = {
  brief: BriefInput,
  dough: DoughInput,
  folds: FoldsInput,
  filling: FillingInput,
  cut: CutInput,
  seal: SealInput,
  oven: ItemOvenInput,
} as const;
