import { IsBoolean } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { supports, underlays, type Support, type Underlay } from '../oven/tables';

/** The oven set to another heat while it bakes. */
export class HeatThenInput {
  @NumberIn(1, 200, 'min', { integer: true }) fromMin!: number;
  @NumberIn(120, 260, '°C') setC!: number;
  /** Fan and shelf from then on; as before where nothing is said. */
  @Optional() @OneOf(['conv', 'fan']) mode?: 'conv' | 'fan';
  @Optional() @OneOf(['low', 'middle', 'high']) rack?: 'low' | 'middle' | 'high';
  /** Under the glowing grill until the next heat. */
  @Optional() @IsBoolean() grill?: boolean;
}

/** A case baked before it is filled: under weights, then bare, and brushed with egg or not. */
export class BlindBakeInput {
  @NumberIn(120, 260, '°C') setC!: number;
  @NumberIn(0, 60, 'min', { integer: true }) weightsMin!: number;
  @NumberIn(0, 60, 'min', { integer: true }) bareMin!: number;
  @IsBoolean() sealed!: boolean;
}

/** Where a pie waits before the oven, closed and raw: in the fridge, on the bench, or frozen. */
export const waitsIn = ['fridge', 'room', 'freezer'] as const;
export type WaitsIn = (typeof waitsIn)[number];

/** How brown the cook likes the lid. */
export const likings = ['light', 'gold', 'deep'] as const;
export type Liking = (typeof likings)[number];

export class ItemOvenInput {
  @NumberIn(120, 260, '°C') setC!: number;
  /** Heats after the first. */
  @Optional() @NestedList(() => HeatThenInput, 4) then?: HeatThenInput[];
  /** It is baked in the kitchen's second oven. */
  @Optional() @IsBoolean() inSecond?: boolean;
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @OneOf(['low', 'middle', 'high']) rack!: 'low' | 'middle' | 'high';
  @OneOf(Object.keys(supports)) support!: Support;
  /** What lies between it and the tray. */
  @Optional() @OneOf(Object.keys(underlays)) under?: Underlay;
  /** Where it comes from when it goes in, and how many days it has lain there, made ahead. */
  @Optional() @OneOf(waitsIn) from?: WaitsIn;
  @Optional() @NumberIn(0, 90, 'days', { integer: true }) aheadDays?: number;
  /** Closed on another day: they lie there, and nothing of them is made for this one but what is brushed on. */
  @Optional() @IsBoolean() closedBefore?: boolean;
  /** How brown its lid is wanted. */
  @Optional() @OneOf(likings) liked?: Liking;
  /** Minutes the cook bakes it, whatever is worked out: their page's, or their own. */
  @Optional() @NumberIn(1, 300, 'min', { integer: true }) ownMin?: number | null;
  /** Its top covered with foil from then on. */
  @Optional() @NumberIn(1, 200, 'min', { integer: true }) tentFromMin?: number;
  /** And taken off again. */
  @Optional() @NumberIn(2, 240, 'min', { integer: true }) tentToMin?: number;
  /** Steam is let in for the first so many minutes, where the oven can. */
  @Optional() @NumberIn(0, 20, 'min', { integer: true }) steamMin?: number;
  @Optional() @Nested(() => BlindBakeInput) blind?: BlindBakeInput | null;
}
