import { IsString, MaxLength } from 'class-validator';
import { model } from '../quantities/model';
import { NestedList, NumberIn, OneOf } from '../quantities/rules';
import { displacement, fatOfRise, solidFatDensity } from './displacement';
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
  @NestedList(() => LoadItemInput) items!: LoadItemInput[];
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

export const doughModels = [
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
