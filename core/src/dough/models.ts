import { ArrayMinSize, IsOptional, IsString, MaxLength } from 'class-validator';
import { LabelInput } from '../ingredients/inputs';
import { model } from '../quantities/model';
import { Nested, NestedList, NumberIn, OneOf, Optional, ListOf } from '../quantities/rules';
import { flourIds, ingredientIds } from '../ingredients/table';
import { askedMass, asks, fromLarder, type Ask } from './ask';
import { displacement, fatOfRise, solidFatDensity } from './displacement';
import { scaled, trueRatios, type FormulaPart } from './formula';
import { leavings, styleNames, styles, type StyleName } from './styles';
import { swapFat, swapFlour, swapLiquid } from './swaps';
import { byFeel, feelTests, overPour, underWeigh, type Feel } from './weighing';
import { costOf } from './cost';
import { eggOptions, eggSizes, type EggSize } from './eggs';
import { splitLoads, wholeBatches, type LoadItem } from './loads';

export class EggOptionsInput {
  @NumberIn(1, 2000, 'g') wantedG!: number;
  @OneOf(eggSizes) size!: EggSize;
}
export class LoadItemInput implements LoadItem {
  @IsString() @MaxLength(60) name!: string;
  @NumberIn(0, 50_000, 'g') grams!: number;
}
export class SplitLoadsInput {
  @NestedList(() => LoadItemInput, 60) items!: LoadItemInput[];
  @NumberIn(20, 5000, 'g') flourLimitG!: number;
}
export class WholeBatchesInput {
  @NumberIn(1, 50_000, 'g') wantedG!: number;
  @NumberIn(1, 50_000, 'g') batchG!: number;
}
export class DisplacementInput {
  @OneOf(Object.keys(solidFatDensity)) fat!: string;
  @NumberIn(1, 5000, 'g') grams!: number;
  @NumberIn(0, 10_000, 'ml') startMl!: number;
  @NumberIn(50, 10_000, 'ml') jugMl!: number;
}

export class RiseInput {
  @OneOf(Object.keys(solidFatDensity)) fat!: string;
  @NumberIn(0, 10_000, 'ml') startMl!: number;
  @NumberIn(0, 10_000, 'ml') endMl!: number;
}

export class FormulaPartInput implements FormulaPart {
  @OneOf(ingredientIds) id!: string;
  @NumberIn(0, 100_000, 'g') grams!: number;
  @IsOptional() @Nested(() => LabelInput) label?: LabelInput;
}
class FormulaInput {
  @NestedList(() => FormulaPartInput, 20) @ArrayMinSize(1) parts!: FormulaPartInput[];
}
export class BalanceInput extends FormulaInput {
  @Optional() @OneOf(styleNames) style?: StyleName;
}
export class CompareInput {
  @Nested(() => BalanceInput) one!: BalanceInput;
  @Nested(() => BalanceInput) other!: BalanceInput;
}
export class ScaleInput extends FormulaInput {
  @OneOf(asks) by!: Ask;
  @NumberIn(0.05, 50_000, 'g, or a multiple') value!: number;
  /** What the pieces or the dish need, for `pieces` and `factor`. */
  @NumberIn(1, 50_000, 'g') piecesG!: number;
}
export class HaveInput {
  @OneOf(ingredientIds) id!: string;
  @NumberIn(0, 100_000, 'g') grams!: number;
}
export class FromLarderInput extends FormulaInput {
  @NestedList(() => HaveInput, 200) have!: HaveInput[];
}
export class SwapFatInput extends FormulaInput {
  @OneOf(ingredientIds) from!: string;
  @OneOf(ingredientIds) to!: string;
  @IsOptional() @Nested(() => LabelInput) label?: LabelInput;
}
export class SwapFlourInput extends FormulaInput {
  @OneOf(flourIds) from!: string;
  @OneOf(flourIds) to!: string;
}
export class SwapLiquidInput extends FormulaInput {
  @OneOf(ingredientIds) to!: string;
}
export class OverPourInput extends FormulaInput {
  @OneOf(ingredientIds) id!: string;
  @NumberIn(0.01, 100_000, 'g') weighedG!: number;
}
export class UnderWeighInput extends FormulaInput {
  @OneOf(ingredientIds) id!: string;
  @NumberIn(0, 100_000, 'g') weighedG!: number;
}
export class PriceInput {
  @OneOf(ingredientIds) id!: string;
  @NumberIn(0, 1000, 'a kilogram') perKg!: number;
}
export class CostInput extends FormulaInput {
  @NestedList(() => PriceInput, 200) prices!: PriceInput[];
}
export class ByFeelInput {
  @NumberIn(0, 20_000, 'g') plannedG!: number;
  @NumberIn(1, 50_000, 'g') flourG!: number;
  @NumberIn(10, 100, '%') firstLotPct!: number;
  @ListOf(40) @NumberIn(0, 5000, 'g', { each: true }) topUpsG!: number[];
  @Optional() @NumberIn(0, 5000, 'g') dustedG?: number;
  @OneOf(feelTests) feel!: Feel;
}

/** A formula with its true ratios and where they leave its style. */
export const balanced = ({ parts, style }: BalanceInput) => {
  const ratios = trueRatios(parts);
  return { ratios, ...(style ? { style, band: styles[style].band, leavings: leavings(style, ratios.toFlour) } : {}) };
};
const arithmetic = 'Arithmetic on table or label values';

export const doughModels = [
  model({
    name: 'dough.balance',
    summary:
      'True ratios of a formula: fat, water, salt, sugar, egg and acid from every ingredient, and where they leave a style',
    units: 'g in; % of flour and of dough out',
    source: `${arithmetic}; bands and absorption are estimates of ours`,
    certainty: 'estimate',
    input: BalanceInput,
    run: balanced,
  }),
  model({
    name: 'dough.compare',
    summary: 'Two formulas side by side',
    units: 'g in; % of flour and of dough out',
    source: arithmetic,
    certainty: 'estimate',
    input: CompareInput,
    run: ({ one, other }) => ({ one: balanced(one), other: balanced(other) }),
  }),
  model({
    name: 'dough.scale',
    summary: 'A formula for so much flour, so much dough, or a multiple of what the pieces need',
    units: 'g',
    source: 'Counting',
    certainty: 'exact',
    input: ScaleInput,
    run: ({ parts, by, value, piecesG }) => {
      const { totalG, flourG } = trueRatios(parts);
      const mass = askedMass(by, value, (100 * totalG) / flourG, piecesG);
      return { totalG: mass, factor: mass / totalG, parts: scaled(parts, mass / totalG) };
    },
  }),
  model({
    name: 'dough.fromLarder',
    summary: 'The most of a formula that what is there allows, and what limits it',
    units: 'g',
    source: 'Counting',
    certainty: 'exact',
    input: FromLarderInput,
    run: ({ parts, have }) => fromLarder(parts, new Map(have.map((h) => [h.id, h.grams]))),
  }),
  model({
    name: 'dough.swapFat',
    summary: 'One fat for another, total fat, water and salt kept',
    units: 'g',
    source: arithmetic,
    certainty: 'exact',
    input: SwapFatInput,
    run: ({ parts, from, to, label }) => swapFat(parts, from, to, label),
  }),
  model({
    name: 'dough.swapFlour',
    summary: 'One flour for another, poured water following what it takes',
    units: 'g',
    source: 'Absorption by protein and fibre: an estimate of ours',
    certainty: 'estimate',
    input: SwapFlourInput,
    run: ({ parts, from, to }) => ({ parts: swapFlour(parts, from, to) }),
  }),
  model({
    name: 'dough.swapLiquid',
    summary: 'Poured water replaced by another liquid that brings the same water',
    units: 'g',
    source: arithmetic,
    certainty: 'exact',
    input: SwapLiquidInput,
    run: ({ parts, to }) => ({ parts: swapLiquid(parts, to) }),
  }),
  model({
    name: 'dough.overPour',
    summary: 'What to do with an ingredient that went in over its target: put back, scale up, or accept and see',
    units: 'g',
    source: arithmetic,
    certainty: 'exact',
    input: OverPourInput,
    run: ({ parts, id, weighedG }) => overPour(parts, id, weighedG),
  }),
  model({
    name: 'dough.underWeigh',
    summary: 'What to do with an ingredient there is too little of: make it all smaller, or go on and see',
    units: 'g',
    source: arithmetic,
    certainty: 'exact',
    input: UnderWeighInput,
    run: ({ parts, id, weighedG }) => underWeigh(parts, id, weighedG),
  }),
  model({
    name: 'dough.cost',
    summary: 'What a formula costs by prices a kilogram',
    units: 'g; money as the prices are in',
    source: 'Counting',
    certainty: 'exact',
    input: CostInput,
    run: ({ parts, prices }) => costOf(parts, new Map(prices.map((p) => [p.id, p.perKg]))),
  }),
  model({
    name: 'dough.byFeel',
    summary: 'Liquid by feel: first lot, top-ups, what the feel says, and what this flour takes',
    units: 'g',
    source: 'Counting; the next move by craft',
    certainty: 'learnt',
    input: ByFeelInput,
    run: byFeel,
  }),
  model({
    name: 'dough.eggOptions',
    summary: 'The ways to come to a mass of egg, and what is left of it',
    units: 'g',
    source: 'Counting; contents by size class are estimates from the European classes',
    certainty: 'estimate',
    input: EggOptionsInput,
    run: (i) => eggOptions(i.wantedG, i.size),
  }),
  model({
    name: 'dough.splitLoads',
    summary: 'Equal loads of a dough for a machine that takes so much flour',
    units: 'g',
    source: 'Counting',
    certainty: 'exact',
    input: SplitLoadsInput,
    run: (i) => splitLoads(i.items, i.flourLimitG),
  }),
  model({
    name: 'dough.wholeBatches',
    summary: 'Whole batches that make at least what is wanted, and the surplus',
    units: 'g',
    source: 'Counting',
    certainty: 'exact',
    input: WholeBatchesInput,
    run: (i) => wholeBatches(i.wantedG, i.batchG),
  }),
  model({
    name: 'dough.displacement',
    summary: 'Levels for measuring solid fat by the water it pushes up',
    units: 'g, ml',
    source: 'Archimedes; densities of fats are estimates',
    certainty: 'estimate',
    input: DisplacementInput,
    run: (i) => displacement(i.fat, i.grams, i.startMl, i.jugMl),
  }),
  model({
    name: 'dough.fatOfRise',
    summary: 'The solid fat that a rise of the water level shows',
    units: 'ml; g',
    source: 'Archimedes; densities of fats are estimates',
    certainty: 'estimate',
    input: RiseInput,
    run: (i) => ({ grams: fatOfRise(i.fat, i.startMl, i.endMl) }),
  }),
];
