import { OneOf, Optional, Nested, NumberIn, NestedList } from '../quantities/rules';
import { ingredientIds, flourIds } from '../ingredients/table';
import { IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';
import { LabelInput } from '../ingredients/inputs';
import { HaveInput } from './have';
import { pastries, type Pastry } from './products';
import { styleNames, type StyleName } from '../dough/styles';
import { asks, type Ask } from '../dough/ask';
import { fatNames, type FatName } from '../cold/fats';
import { mixingMethods, type MixingMethod } from '../cold/mixing';

/** What goes into a dough besides flour, fat, poured water and salt. */
export class DoughOtherInput {
  @OneOf(ingredientIds) ingredient!: string;
  /** What the cook calls it and what its packet says: for things of their own. */
  @IsOptional() @IsString() @MaxLength(60) name?: string;
  @Optional() @Nested(() => LabelInput) label?: LabelInput;
  @NumberIn(0, 120, '%') toFlourPct!: number;
}

export class DoughInput {
  @OneOf(pastries) pastry!: Pastry;
  @Optional() @OneOf(styleNames) style?: StyleName;
  @Optional() @OneOf(flourIds) flour?: string;
  @Optional() @OneOf(flourIds) secondFlour?: string;
  /** Share of the second flour in all of it. */
  @Optional() @NumberIn(0, 100, '%') secondFlourPct?: number;
  @Optional() @NestedList(() => DoughOtherInput, 12) others?: DoughOtherInput[];
  /** What the packet of the fat says, where it differs from the table. */
  @Optional() @NumberIn(50, 100, '%') fatLabelPct?: number;
  @Optional() @NumberIn(0, 5, '%') fatSaltPct?: number;
  /** What its size is asked from; grams, or a multiple. */
  @Optional() @OneOf(asks) askBy?: Ask;
  @Optional() @NumberIn(0.05, 50_000, 'g') askValue?: number;
  @OneOf(fatNames) fat!: FatName;
  /** What the water already was multiplied by for what this flour was learnt to take. */
  @Optional() @NumberIn(0.3, 3, '') waterFactor?: number;
  @NumberIn(20, 110, '%') fatToFlourPct!: number;
  @NumberIn(0, 80, '%') waterToFlourPct!: number;
  @NumberIn(0, 5, '%') saltToFlourPct!: number;
  /** Its ratios were written or set by the cook: a style chosen later does not replace them unasked. */
  @Optional() @IsBoolean() ownRatios?: boolean;
  /** Items of one such name are made of one dough. */
  @Optional() @IsString() @MaxLength(40) batch?: string;
  /** The dough is made already. */
  @Optional() @Nested(() => HaveInput) have?: HaveInput | null;
  @NumberIn(-20, 25, '°C') fatC!: number;
  @OneOf(Object.keys(mixingMethods)) method!: MixingMethod;
}
