import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsISO8601,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { cutterPolicies, type CutterPolicy } from '../cutting/cutter';
import { OutlinePointInput, PlacedPieceInput } from '../cutting/inputs';
import { handPieceKinds, type HandPieceKind } from '../filling/handPiece';
import { scrapFates, type ScrapFate } from '../cutting/scraps';
import { layings, type Laying } from '../lamination/leafLaying';
import { LabelInput } from '../ingredients/inputs';
import { flourIds, ingredientIds } from '../ingredients/table';
import { benches, type BenchName } from '../cold/environments';
import { asks, type Ask } from '../dough/ask';
import { eggSizes, type EggSize } from '../dough/eggs';
import { styleNames, type StyleName } from '../dough/styles';
import { fatNames, type FatName } from '../cold/fats';
import { mixingMethods, type MixingMethod } from '../cold/mixing';
import {
  fillingKinds,
  supports,
  vesselMaterials,
  washFactors,
  type FillType,
  type Support,
  type VesselMaterial,
  type Wash,
} from '../oven/tables';
import { Nested, NestedList, NumberIn, OneOf, OneOfEach, Optional } from '../quantities/rules';
import { crimps, glues, type Crimp, type Glue } from '../sealing/seals';
import { VesselInput } from '../vessels/inputs';
import { stations, type Station } from '../plan/figure';

export const products = ['handPies', 'dishPie', 'potPies', 'filoTray', 'filoCoil'] as const;
export type Product = (typeof products)[number];
export const pastries = ['shortcrust', 'roughPuff', 'filo'] as const;
export type Pastry = (typeof pastries)[number];

/** Which pastries a product can be made of. */
export const pastriesOf: Record<Product, readonly Pastry[]> = {
  handPies: ['shortcrust', 'roughPuff'],
  dishPie: ['shortcrust', 'roughPuff'],
  potPies: ['shortcrust', 'roughPuff'],
  filoTray: ['filo'],
  filoCoil: ['filo'],
};

export const signs = ['lantern', 'dish', 'pot', 'coil', 'tray', 'moon'] as const;
export type Sign = (typeof signs)[number];

export class BriefInput {
  /** Pieces for hand and pot pies, helpings or slices for a dish, tray or coil. */
  @NumberIn(1, 60, 'pieces', { integer: true }) count!: number;
  @IsOptional() @IsString() @MaxLength(400) words?: string;
}

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
  @Optional() @NestedList(() => DoughOtherInput) @ArrayMaxSize(12) others?: DoughOtherInput[];
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
  @NumberIn(-20, 25, '°C') fatC!: number;
  @OneOf(Object.keys(mixingMethods)) method!: MixingMethod;
}

/** How fat comes between the layers: lumps mixed in, a block locked in, or spread on turn by turn. */
export const lockIns = ['lumps', 'envelope', 'half', 'twoThirds', 'inverse', 'spread'] as const;
export type LockIn = (typeof lockIns)[number];
export const foldNames = ['single', 'letter', 'zigzag', 'book'] as const;
export type FoldWord = (typeof foldNames)[number];
export const coldPlaces = ['fridge', 'freezer'] as const;

export class FoldsInput {
  /** Laminated: turns, panels a turn, length rolled to, size of the fat lumps. */
  @NumberIn(1, 12, 'turns', { integer: true }) turns!: number;
  @OneOf([3, 4]) fold!: 3 | 4;
  @NumberIn(200, 800, 'mm') rolledLengthMm!: number;
  @NumberIn(3, 40, 'mm') lumpMm!: number;
  @Optional() @OneOf(lockIns) lock?: LockIn;
  /** A sequence of the cook's own in place of so many like turns. */
  @Optional() @IsArray() @ArrayMaxSize(12) @OneOfEach(foldNames) ownFolds?: FoldWord[];
  /** Turns that may follow one another without a rest. */
  @Optional() @NumberIn(1, 4, 'turns', { integer: true }) turnsAtOnce?: number;
  /** Goes in which it is rolled out, with a chill between. */
  @Optional() @NumberIn(1, 4, 'goes', { integer: true }) rollGoes?: number;
  /** Packets chill as two halves side by side. */
  @Optional() @IsBoolean() halves?: boolean;
  /** How far under its band a chill takes the fat, and where it chills. */
  @Optional() @NumberIn(0, 12, 'K') chillBelowK?: number;
  @Optional() @OneOf(coldPlaces) coldIn?: (typeof coldPlaces)[number];
  /** Shortcrust: share rubbed small, size of the large pieces, thickness of the disc that chills. */
  @NumberIn(0, 100, '%') coatedPct!: number;
  @NumberIn(1, 15, 'mm') crumbMm!: number;
  @NumberIn(10, 60, 'mm') discMm!: number;
  /** Filo: leaves in a stack, fat brushed on each, leaf size. */
  @NumberIn(1, 12, 'leaves', { integer: true }) leavesInStack!: number;
  @NumberIn(0, 200, 'g/m²') brushGramsPerM2!: number;
  @NumberIn(150, 700, 'mm') leafLengthMm!: number;
  @NumberIn(150, 600, 'mm') leafWidthMm!: number;
  /** How the leaves are laid, where it is not as the tin says. */
  @Optional() @OneOf(layings) laying?: Laying;
}

export const coolingPlaces = ['room', 'fridge', 'porch'] as const;
export const coolingVessels = ['pot', 'trays'] as const;

export class IngredientShareInput {
  @IsString() @MaxLength(60) name!: string;
  /** Grams to buy per 100 g of finished filling. */
  @NumberIn(0, 1000, 'g') gramsPer100!: number;
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
  @OneOf(coolingVessels) coolIn!: (typeof coolingVessels)[number];
  @OneOf(coolingPlaces) coolAt!: (typeof coolingPlaces)[number];
  @NumberIn(2, 60, 'mm') diceMm!: number;
  @NestedList(() => IngredientShareInput) @ArrayMaxSize(30) ingredients!: IngredientShareInput[];
}

/** Some of the pieces, for somebody: their size against the others', by weight. */
export class VariantInput {
  @IsString() @MaxLength(40) @Matches(/\S/) name!: string;
  @NumberIn(1, 60, 'pieces', { integer: true }) pieces!: number;
  @NumberIn(40, 200, '%') sizePct!: number;
}

export const lidKinds = ['whole', 'lattice', 'none'] as const;
export const linings = ['one', 'band'] as const;

export class CutInput {
  /** Diameter, side, an outline's longest side, or the length a log is rolled up along. */
  @NumberIn(40, 300, 'mm') cutterMm!: number;
  @OneOf(handPieceKinds) pieceKind!: HandPieceKind;
  /** Other side of a rectangle; length of a log, and of its slices. */
  @Optional() @NumberIn(30, 600, 'mm') otherMm?: number;
  @Optional() @NumberIn(10, 600, 'mm') sliceMm?: number;
  @Optional() @NestedList(() => OutlinePointInput) @ArrayMinSize(3) @ArrayMaxSize(40) outline?: OutlinePointInput[];
  @NumberIn(1, 10, 'mm') thicknessMm!: number;
  @NumberIn(0, 30, 'mm') trimMm!: number;
  @NumberIn(0, 20, 'mm') gapMm!: number;
  @NumberIn(0, 3, 're-rolls', { integer: true }) maxReRolls!: number;
  /** What a cut piece shrinks along the last roll and across it. */
  @Optional() @NumberIn(0, 15, '%') shrinkPct?: number;
  @Optional() @NumberIn(0, 15, '%') shrinkAcrossPct?: number;
  @Optional() @OneOf(cutterPolicies) policy?: CutterPolicy;
  /** The smaller cutter there is, where pieces are cut thicker and stretched to their size. */
  @Optional() @NumberIn(30, 300, 'mm') onHandMm?: number;
  /** Cutters to keep to; and offcuts too small to gather. */
  @Optional() @IsArray() @ArrayMaxSize(40) @NumberIn(5, 1000, 'mm', { each: true }) ownCutters?: number[];
  @Optional() @NumberIn(0, 2000, 'g') minScrapG?: number;
  @Optional() @OneOf(scrapFates) scrapFate?: ScrapFate;
  @Optional() @NumberIn(20, 120, 'mm') miniMm?: number;
  /** The first sheet as the cook rolls it, and the pieces as laid on it: held ones are not moved when the rest is laid again. */
  @Optional() @NumberIn(60, 2000, 'mm') sheetLengthMm?: number;
  @Optional() @NumberIn(60, 2000, 'mm') sheetWidthMm?: number;
  @Optional() @NestedList(() => PlacedPieceInput) @ArrayMaxSize(200) placed?: PlacedPieceInput[];
  @Optional() @NestedList(() => VariantInput) @ArrayMaxSize(12) variants?: VariantInput[];
  @IsOptional() @IsString() @MaxLength(60) vesselName?: string;
  @ValidateIf((o: CutInput) => o.vessel !== undefined && o.vessel !== null)
  @Nested(() => VesselInput)
  vessel?: VesselInput | null;
  @Optional() @OneOf(Object.keys(vesselMaterials)) vesselMaterial?: VesselMaterial;
  /** So many of that dish, for a pie in a dish. */
  @Optional() @NumberIn(1, 24, 'dishes', { integer: true }) dishes?: number;
  @Optional() @OneOf(linings) lining?: (typeof linings)[number];
  @Optional() @OneOf(lidKinds) lid?: (typeof lidKinds)[number];
  /** Strips of a lattice: how wide, how far apart, and whether over and under. */
  @Optional() @NumberIn(5, 80, 'mm') stripMm?: number;
  @Optional() @NumberIn(0, 80, 'mm') stripGapMm?: number;
  @Optional() @IsBoolean() woven?: boolean;
  /** A plait of three strands round the edge. */
  @Optional() @IsBoolean() plaitEdge?: boolean;
}

export class SealInput {
  @NumberIn(4, 30, 'mm') rimMm!: number;
  @OneOf(Object.keys(glues)) glue!: Glue;
  @OneOf(Object.keys(crimps)) crimp!: Crimp;
  @NumberIn(0, 12, 'slits', { integer: true }) slits!: number;
  @NumberIn(3, 80, 'mm') slitMm!: number;
  @OneOf(Object.keys(washFactors)) wash!: Wash;
  /** Lots they are closed in at the least: fill nine, chill nine. */
  @Optional() @NumberIn(1, 12, 'lots', { integer: true }) lots?: number;
}

export class ItemOvenInput {
  @NumberIn(120, 260, '°C') setC!: number;
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @OneOf(['low', 'middle', 'high']) rack!: 'low' | 'middle' | 'high';
  @OneOf(Object.keys(supports)) support!: Support;
}

/** A step made longer (or shorter) than it was reckoned; what follows it follows. */
export class LongerInput {
  @IsString() @MaxLength(40) stepId!: string;
  @NumberIn(-120, 600, 'min') minutes!: number;
}

export class ItemClockInput {
  @IsString() @MaxLength(40) cook!: string;
  /** Rest between oven and table. */
  @NumberIn(0, 120, 'min', { integer: true }) standMinutes!: number;
  @Optional() @NestedList(() => LongerInput) @ArrayMaxSize(40) longer?: LongerInput[];
}

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

export const needKinds = [
  'noChestnut',
  'noFish',
  'mild',
  'vegetarian',
  'noNuts',
  'noMilk',
  'noEgg',
  'noGluten',
] as const;
export type NeedKind = (typeof needKinds)[number];

export class MouthInput {
  @IsString() @MaxLength(40) name!: string;
  @IsArray() @OneOfEach(needKinds) needs!: NeedKind[];
}

/** The meal the items meet at. */
export class MealInput {
  @IsString() @MaxLength(80) @Matches(/\S/) title!: string;
  /** Local date and time at the table, e.g. 2026-12-12T18:30. */
  @IsISO8601() @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/) serveAt!: string;
  @NumberIn(1, 60, 'mouths', { integer: true }) mouthCount!: number;
  @NestedList(() => MouthInput) @ArrayMaxSize(60) mouths!: MouthInput[];
  @IsOptional() @IsString() @MaxLength(600) words?: string;
}

export const fridgeKinds = ['fridge', 'fridgeFan'] as const;

/** What a flour took of the liquid planned, once. */
export class FlourFactorInput {
  @OneOf(flourIds) flour!: string;
  @NumberIn(0.3, 3, '') factor!: number;
}

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
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(6) @IsString({ each: true }) cooks!: string[];
  /** Learnt: actual over proposed bake times, and the multiple of the fridge's surface coefficients. */
  @IsArray() @ArrayMaxSize(200) @NumberIn(0.3, 3, '', { each: true }) bakeRatios!: number[];
  @NumberIn(0.4, 2.5, '') fridgeFactor!: number;
  /** Learnt: multiple of what air, pin, hand and bench carry to a sheet. */
  @Optional() @NumberIn(0.4, 2.5, '') benchFactor?: number;
  /** Size class of the eggs in the house. */
  @Optional() @OneOf(eggSizes) eggSize?: EggSize;
  /** Flour the mixing machine or bowl takes at once. */
  @Optional() @NumberIn(20, 5000, 'g') flourLimitG?: number | null;
  /** Learnt: what flours took when liquid was poured by feel. */
  @Optional() @NestedList(() => FlourFactorInput) @ArrayMaxSize(60) flourFactors?: FlourFactorInput[];
  /** Learnt: how much longer this cook takes than our bench minutes. */
  @NumberIn(0.3, 3, '') pace!: number;
}

/** A whole bake: what the model `plan.bake` takes. */
export class BakeInput {
  @Nested(() => MealInput) meal!: MealInput;
  @NestedList(() => ItemInput) @ArrayMinSize(1) @ArrayMaxSize(8) items!: ItemInput[];
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

export class ItemPlanInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

/** What is stored beside an item's inputs: which edges are crimped, and why others came undone. */
export class UndoneInput {
  @OneOf(stations) station!: Station;
  @OneOf(stations) because!: Station;
  @IsString() @MaxLength(60) field!: string;
  @IsString() @MaxLength(60) from!: string;
  @IsString() @MaxLength(60) to!: string;
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
