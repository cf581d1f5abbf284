import { IsBoolean } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { supports, type Support } from '../oven/tables';

/** The oven set to another heat while it bakes. */
export class HeatThenInput {
  @NumberIn(1, 200, 'min', { integer: true }) fromMin!: number;
  @NumberIn(120, 260, '°C') setC!: number;
}

/** A case baked before it is filled: under weights, then bare, and brushed with egg or not. */
export class BlindBakeInput {
  @NumberIn(120, 260, '°C') setC!: number;
  @NumberIn(0, 60, 'min', { integer: true }) weightsMin!: number;
  @NumberIn(0, 60, 'min', { integer: true }) bareMin!: number;
  @IsBoolean() sealed!: boolean;
}

export class ItemOvenInput {
  @NumberIn(120, 260, '°C') setC!: number;
  /** Heats after the first. */
  @Optional() @NestedList(() => HeatThenInput, 4) then?: HeatThenInput[];
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @OneOf(['low', 'middle', 'high']) rack!: 'low' | 'middle' | 'high';
  @OneOf(Object.keys(supports)) support!: Support;
  /** Minutes the cook bakes it, whatever is worked out: their page's, or their own. */
  @Optional() @NumberIn(1, 300, 'min', { integer: true }) ownMin?: number | null;
  /** Its top covered with foil from then on. */
  @Optional() @NumberIn(1, 200, 'min', { integer: true }) tentFromMin?: number;
  @Optional() @Nested(() => BlindBakeInput) blind?: BlindBakeInput | null;
}
