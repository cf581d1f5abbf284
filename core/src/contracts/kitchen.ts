import { FillingInput } from './filling';
import { OvenBuildInput, OvenReadingInput } from '../oven/inputs';
import { mostOvenReadings, mostOwnFillings } from './most';
import { Stored, Version } from './stored';
import { Nested, OneOf, NumberIn, Optional, NestedList, ListOf } from '../quantities/rules';
import { flourIds } from '../ingredients/table';
import { benches, type BenchName } from '../cold/environments';
import { ArrayMinSize, IsIn, IsString, MaxLength } from 'class-validator';
import { eggSizes, type EggSize } from '../dough/eggs';

export const fridgeKinds = ['fridge', 'fridgeFan'] as const;

/** What a flour took of the liquid planned, once. */
export class FlourFactorInput {
  @OneOf(flourIds) flour!: string;
  @NumberIn(0.3, 3, '') factor!: number;
}

/** What a filling took of something when it was poured by feel and was as wanted, once. */
export class PouredInput {
  @IsString() @MaxLength(80) filling!: string;
  @IsString() @MaxLength(60) ingredient!: string;
  @NumberIn(0, 1000, 'g') gramsPer100!: number;
}

/** Another oven there is: its shelves, how far it stands off its dial, what it heats with. */
export class SecondOvenInput {
  @NumberIn(1, 5, 'shelves', { integer: true }) shelves!: number;
  @NumberIn(-60, 60, 'K') offsetC!: number;
  @NumberIn(800, 6000, 'W') heaterW!: number;
  @Optional() @Nested(() => OvenBuildInput) build?: OvenBuildInput;
}

/** When a cook is there, every day: minutes from midnight; where the end is before the beginning, over midnight. */
export class CookHoursInput {
  @IsString() @MaxLength(40) cook!: string;
  @NumberIn(0, 1439, 'min', { integer: true }) fromMin!: number;
  @NumberIn(0, 1439, 'min', { integer: true }) toMin!: number;
}

/** What is to be done in a kitchen, as it can be shared out; `easy`: weighing and brushing, which a child can do. */
export const duties = ['pastry', 'filling', 'oven', 'easy'] as const;
export type Duty = (typeof duties)[number];

/** What a cook does, where it is not everything. */
export class CookDoesInput {
  @IsString() @MaxLength(40) cook!: string;
  @ListOf(4) @ArrayMinSize(1) @IsIn(duties, { each: true }) does!: Duty[];
}

/** Rings of a hob, where nobody said. */
export const usualHobRings = 4;

/** The kitchen and what has been learnt about it. */
export class KitchenInput {
  @NumberIn(5, 40, '°C') roomC!: number;
  @NumberIn(0, 12, '°C') fridgeC!: number;
  @OneOf(fridgeKinds) fridgeKind!: (typeof fridgeKinds)[number];
  @NumberIn(-30, -5, '°C') freezerC!: number;
  @NumberIn(-10, 25, '°C') porchC!: number;
  @NumberIn(1, 30, '°C') tapC!: number;
  @NumberIn(5, 95, '%') humidityPct!: number;
  @OneOf(Object.keys(benches)) bench!: BenchName;
  /** The bench, where it is not as warm as the room: a stone out of the fridge. */
  @Optional() @NumberIn(-5, 40, '°C') benchC?: number | null;
  @NumberIn(200, 2000, 'mm') benchLengthMm!: number;
  @NumberIn(200, 2000, 'mm') benchWidthMm!: number;
  @NumberIn(200, 1000, 'mm') pinMm!: number;
  @NumberIn(1, 5, 'shelves', { integer: true }) ovenShelves!: number;
  @NumberIn(-60, 60, 'K') ovenOffsetC!: number;
  @NumberIn(800, 6000, 'W') ovenW!: number;
  /** How it is built, where it is no ordinary electric one. */
  @Optional() @Nested(() => OvenBuildInput) ovenBuild?: OvenBuildInput;
  @ListOf(6) @ArrayMinSize(1) @IsString({ each: true }) @MaxLength(40, { each: true }) cooks!: string[];
  /** Who of them is there for part of the day only. */
  @Optional() @NestedList(() => CookHoursInput, 6) hours?: CookHoursInput[];
  /** Who of them does not do everything. */
  @Optional() @NestedList(() => CookDoesInput, 6) does?: CookDoesInput[];
  @Optional() @NumberIn(1, 8, 'rings', { integer: true }) hobRings?: number | null;
  /** How many can work at the bench at once; not reckoned with where nobody said. */
  @Optional() @NumberIn(1, 6, 'cooks', { integer: true }) benchPlaces?: number | null;
  /** Scales, and machines that mix; one of each where nobody said. */
  @Optional() @NumberIn(1, 6, 'scales', { integer: true }) scales?: number | null;
  @Optional() @NumberIn(1, 6, 'machines', { integer: true }) mixers?: number | null;
  /** Pots and pans that hold a filling; not reckoned with where nobody said. */
  @Optional() @NumberIn(1, 12, 'pots', { integer: true }) pots?: number | null;
  /** Baking trays that lie flat in the fridge, and in the freezer, at once; not reckoned with where nobody said. */
  @Optional() @NumberIn(0.25, 12, 'trays') fridgeTrays?: number | null;
  @Optional() @NumberIn(0.25, 12, 'trays') freezerTrays?: number | null;
  /** A second oven, where there is one. */
  @Optional() @Nested(() => SecondOvenInput) secondOven?: SecondOvenInput | null;
  /** What a thermometer in the oven showed. */
  @Optional() @NestedList(() => OvenReadingInput, mostOvenReadings) ovenReadings?: OvenReadingInput[];
  /** How brown nine slices of bread came out, row by row from the back left: 0 pale to 4 too dark. */
  @Optional() @ListOf(9) @NumberIn(0, 4, '', { integer: true, each: true }) breadSlices?: number[] | null;
  /** A stone or a steel plate there is to bake on. */
  @Optional() @OneOf(['stone', 'steel']) ovenPlate?: 'stone' | 'steel' | null;
  /** Height of the house over the sea: water boils cooler up there. */
  @Optional() @NumberIn(-400, 5000, 'm') altitudeM?: number;
  /** Learnt: actual over proposed bake times, and the multiple of the fridge's surface coefficients. */
  @ListOf(200) @NumberIn(0.3, 3, '', { each: true }) bakeRatios!: number[];
  @NumberIn(0.4, 2.5, '') fridgeFactor!: number;
  /** Learnt: multiple of what air, pin, hand and bench carry to a sheet. */
  @Optional() @NumberIn(0.4, 2.5, '') benchFactor?: number;
  /** Size class of the eggs in the house. */
  @Optional() @OneOf(eggSizes) eggSize?: EggSize;
  /** Flour the mixing machine or bowl takes at once. */
  @Optional() @NumberIn(20, 5000, 'g') flourLimitG?: number | null;
  /** Learnt: what flours took when liquid was poured by feel. */
  @Optional() @NestedList(() => FlourFactorInput, 60) flourFactors?: FlourFactorInput[];
  /** Learnt: what fillings took when their liquid was poured by feel. */
  @Optional() @NestedList(() => PouredInput, 100) poured?: PouredInput[];
  /** Fillings the cook keeps under names of their own, to be used again. */
  @Optional() @NestedList(() => FillingInput, mostOwnFillings) fillings?: FillingInput[];
  /** Learnt: how much longer this cook takes than our bench minutes. */
  @NumberIn(0.3, 3, '') pace!: number;
}

export class ChangeKitchenInput {
  @Version() version!: number;
  @Nested(() => KitchenInput) document!: KitchenInput;
}

/** The kitchen of a household as it is stored. */
export class StoredKitchen extends Stored {
  @Nested(() => KitchenInput) document!: KitchenInput;
}
