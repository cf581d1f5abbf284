import { IsBoolean, IsString, MaxLength } from 'class-validator';
import { preparations, type Preparation } from '../filling/inPie';
import { PotHeatedInput } from '../filling/potInput';
import { bodyNames, type BodyName } from '../filling/thickening';
import { aheadKinds, type AheadKind } from '../filling/ahead';
import { HaveInput } from './have';
import { Nested, NumberIn, OneOf, NestedList, Optional } from '../quantities/rules';
import { fillingKinds, type FillType } from '../oven/tables';

/** In the bath the pot stands in ice and water, and is stirred every few minutes. */
export const coolingPlaces = ['room', 'fridge', 'porch', 'iceBath'] as const;
export const coolingVessels = ['pot', 'trays'] as const;

/** Where the liquid goes that a part gives: poaching broth, pan juice, rendered fat. */
export const givesWhere = ['pot', 'larder'] as const;

/** One thing of such a small recipe. */
export class AheadThingInput {
  @IsString() @MaxLength(60) name!: string;
  /** Grams to buy for 100 g of the part. */
  @NumberIn(0, 1000, 'g') gramsPer100!: number;
}

/** A part that is a small recipe of its own, made before the rest: how long it stands until it is used. */
export class AheadInput {
  @OneOf(aheadKinds) kind!: AheadKind;
  @NumberIn(1, 72, 'h', { integer: true }) hours!: number;
  /** What it is made of, or what goes in with it; left out where it is bought or kept as it is. */
  @Optional() @NestedList(() => AheadThingInput, 12) of?: AheadThingInput[];
  /** Said by the cook: nothing else goes in. Until then whoever must not meet something is told by the table's row as well. */
  @Optional() @IsBoolean() whole?: boolean;
}

export class IngredientShareInput {
  @IsString() @MaxLength(60) name!: string;
  /** Grams to buy per 100 g of finished filling. */
  @NumberIn(0, 1000, 'g') gramsPer100!: number;
  /** What is done to it first; what usually is, where nothing is said. */
  @Optional() @OneOf(preparations) preparation?: Preparation;
  /** What the cook has weighed of it when it was ready, of what was bought. */
  @Optional() @NumberIn(1, 400, '%') ownYieldPct?: number | null;
  /** In a filling laid in layers: which from below. */
  @Optional() @NumberIn(1, 12, 'layers', { integer: true }) layer?: number;
  /** Salt of its own, of it as it is when it goes in; the filling's where nothing is said. */
  @Optional() @NumberIn(0, 6, '%') saltPct?: number;
  /** When it goes into the pot, after the pot was begun; by what is done to it where nothing is said. */
  @Optional() @NumberIn(0, 240, 'min', { integer: true }) entersMin?: number;
  /** Cooked apart it gives so much liquid, for 100 g bought: into the pot, or kept. */
  @Optional() @NumberIn(0, 300, 'g') givesPer100?: number;
  @Optional() @OneOf(givesWhere) givesTo?: (typeof givesWhere)[number];
  /** Made before the rest, as a small recipe of its own. */
  @Optional() @Nested(() => AheadInput) ahead?: AheadInput | null;
}

export class FillingInput {
  @IsString() @MaxLength(80) name!: string;
  @OneOf(Object.keys(fillingKinds)) type!: FillType;
  /** Filling against the comfortable amount. */
  @NumberIn(30, 130, '%') fullnessPct!: number;
  @NumberIn(0, 3, '%') saltPct!: number;
  /** Temperature it comes off the heat at; for a raw filling, the temperature it is kept at. */
  @NumberIn(-5, 98, '°C') cookedC!: number;
  @NumberIn(0, 240, 'min', { integer: true }) cookMinutes!: number;
  /** How the pot is heated, where the cook says; what fries and then barely simmers where not. */
  @Optional() @NestedList(() => PotHeatedInput, 8) pot?: PotHeatedInput[];
  /** How thick its sauce is wanted, in the pan. */
  @Optional() @OneOf(bodyNames) body?: BodyName;
  /** Sugar draws the juice of the fruit, which is boiled down to this share and put back; left in where nothing is said. */
  @Optional() @NumberIn(0.2, 1, '') juiceTo?: number | null;
  /** The filling is made already. */
  @Optional() @Nested(() => HaveInput) have?: HaveInput | null;
  /** Laid in one part over the other, not mixed. */
  @Optional() @IsBoolean() layered?: boolean;
  /** Eaten cold: salt tastes less then. */
  @Optional() @IsBoolean() eatenCold?: boolean;
  /** Straight from the pot into the dish: nothing cools, and it goes into the oven at once. */
  @Optional() @IsBoolean() filledHot?: boolean;
  @OneOf(coolingVessels) coolIn!: (typeof coolingVessels)[number];
  @OneOf(coolingPlaces) coolAt!: (typeof coolingPlaces)[number];
  @NumberIn(2, 60, 'mm') diceMm!: number;
  @NestedList(() => IngredientShareInput, 30) ingredients!: IngredientShareInput[];
}
