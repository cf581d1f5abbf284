import { IsBoolean } from 'class-validator';
import { model } from '../quantities/model';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import {
  bodyNames,
  creamViscosity,
  rouxColours,
  simmerLoss,
  thickenerGrams,
  thickenerNames,
  type BodyName,
  type PanLid,
  type RouxColour,
  type SimmerMode,
  type Thickener,
} from './thickening';
import { diceRule, juiciness, minceLoss, yieldNames, yieldOf, type YieldName } from './yields';

export class ThickenerUseInput {
  @OneOf(thickenerNames) kind!: Thickener;
  @Optional() @OneOf(Object.keys(rouxColours)) rouxColour?: RouxColour;
  @Optional() @NumberIn(2, 9, '') pH?: number;
  @Optional() @IsBoolean() acidBoiled?: boolean;
  @Optional() @NumberIn(0, 600, 'min') boilMin?: number;
}

export class ThickenerThereInput extends ThickenerUseInput {
  @NumberIn(0, 20_000, 'g') grams!: number;
}

export class ThickenerInput {
  @NumberIn(0.1, 100_000, 'g') liquidG!: number;
  @OneOf(bodyNames) target!: BodyName;
  @Nested(() => ThickenerUseInput) use!: ThickenerUseInput;
  @Optional() @NestedList(() => ThickenerThereInput, 10) have?: ThickenerThereInput[];
}

export class CreamInput {
  @NumberIn(0.4, 1, '') left!: number;
}

export class SimmerInput {
  @NumberIn(5, 60, 'cm') panCm!: number;
  @NumberIn(0, 600, 'min') minutes!: number;
  @Optional() @OneOf(['lowsimmer', 'simmer', 'boil']) mode?: SimmerMode;
  @Optional() @OneOf(['open', 'ajar', 'on']) lid?: PanLid;
  @Optional() @NumberIn(100, 6000, 'W') powerW?: number;
}

export class YieldInput {
  @OneOf(yieldNames) name!: YieldName;
  @NumberIn(0, 100_000, 'g') grams!: number;
}

export class MinceInput {
  @NumberIn(0, 40, '%') fatPct!: number;
}

export class JuicinessInput {
  @NumberIn(0, 60, '%') fatPct!: number;
}

export class DiceInput {
  @NumberIn(1, 100, 'mm') diceMm!: number;
  @NumberIn(3, 150, 'mm') depthMm!: number;
  @NumberIn(0.3, 25, 'mm') crustMm!: number;
}

const source = 'Ordinary kitchen ratios; exponents and powers are estimates';

export const sauceModels = [
  model({
    name: 'filling.thickener',
    summary: 'Grams of a thickener for a body, what is in it counted',
    units: 'g',
    source,
    certainty: 'estimate',
    input: ThickenerInput,
    run: thickenerGrams,
  }),
  model({
    name: 'filling.cream',
    summary: 'Thickness of cream boiled down',
    units: 'share left; Pa·s',
    source,
    certainty: 'estimate',
    input: CreamInput,
    run: (i) => ({ pascalSeconds: creamViscosity(i.left) }),
  }),
  model({
    name: 'filling.simmer',
    summary: 'Water that leaves a pan',
    units: 'cm, min, W; g',
    source,
    certainty: 'estimate',
    input: SimmerInput,
    run: (i) => ({ grams: simmerLoss(i) }),
  }),
  model({
    name: 'filling.yield',
    summary: 'Bought grams when trimmed and cooked, and the water they let go of',
    units: 'g',
    source: 'Ordinary kitchen yields',
    certainty: 'estimate',
    input: YieldInput,
    run: (i) => yieldOf(i.name, i.grams),
  }),
  model({
    name: 'filling.minceLoss',
    summary: 'What minced meat loses when browned',
    units: '%',
    source: 'Ordinary kitchen yields',
    certainty: 'estimate',
    input: MinceInput,
    run: (i) => ({ lossPct: minceLoss(i.fatPct) }),
  }),
  model({
    name: 'filling.juiciness',
    summary: 'How meat of so much fat eats in a pie',
    units: '%',
    source,
    certainty: 'estimate',
    input: JuicinessInput,
    run: (i) => ({ word: juiciness(i.fatPct) }),
  }),
  model({
    name: 'filling.dice',
    summary: 'Whether dice tear a crust',
    units: 'mm',
    source,
    certainty: 'estimate',
    input: DiceInput,
    run: diceRule,
  }),
];
