import {
  IsOptional,
  Validate,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
  MaxLength,
} from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { IsBoolean, IsString } from 'class-validator';
import type { VesselForm } from './vessel';

/** A size: one diameter, or [length, width]. */
@ValidatorConstraint({ name: 'size' })
class IsSize implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    const ok = (n: unknown) => typeof n === 'number' && Number.isFinite(n) && n >= 5 && n <= 1000;
    return ok(value) || (Array.isArray(value) && value.length === 2 && value.every(ok));
  }
  defaultMessage(): string {
    return '5 to 1000 mm, or [length, width]';
  }
}

export class VesselInput {
  @OneOf(['round', 'oval', 'rect']) form!: VesselForm;
  @Validate(IsSize) top!: number | [number, number];
  @IsOptional() @Validate(IsSize) bottom?: number | [number, number];
  @NumberIn(1, 400, 'mm') depth!: number;
  @Optional() @NumberIn(0, 60, 'mm') rim?: number;
  @Optional() @NumberIn(1, 2, '') flute?: number;
  @Optional() @NumberIn(0, 500, 'mm') corner?: number;
  @Optional() @NumberIn(1, 20_000, 'ml') measuredMl?: number;
}

export class VesselOnlyInput {
  @Nested(() => VesselInput) vessel!: VesselInput;
  @Optional() @NumberIn(0, 60, 'mm') rimCover?: number;
}

export class DepthInput extends VesselOnlyInput {
  @NumberIn(0, 1e5, 'ml') ml!: number;
}

export class BlankInput extends VesselOnlyInput {
  @Optional() @NumberIn(0, 60, 'mm') overhang?: number;
  @Optional() @NumberIn(0, 300, 'mm') dome?: number;
}

export class CapacityInput extends VesselOnlyInput {
  @Optional() @NumberIn(0, 1, '') level?: number;
  @Optional() @NumberIn(0, 400, 'mm') headspace?: number;
  @Optional() @NumberIn(0, 300, 'mm') dome?: number;
  @Optional() @NumberIn(0, 60, 'mm') dough?: number;
}

export class FillDepthInput extends DepthInput {
  @Optional() @NumberIn(0, 60, 'mm') dough?: number;
}

export class LatticeInput extends VesselOnlyInput {
  @NumberIn(3, 200, 'mm') width!: number;
  @NumberIn(0, 200, 'mm') spacing!: number;
  @Optional() @NumberIn(1, 2, '', { integer: true }) directions?: 1 | 2;
  @Optional() @IsBoolean() woven?: boolean;
  @Optional() @NumberIn(0, 60, 'mm') overhang?: number;
}

export class DishStockInput {
  @IsString() @MaxLength(60) id!: string;
  @NumberIn(1, 20_000, 'ml') cap!: number;
  @NumberIn(1, 60, 'dishes', { integer: true }) qty!: number;
}

export class FitDishesInput {
  @NumberIn(1, 1e5, 'ml') need!: number;
  @NestedList(() => DishStockInput, 200) dishes!: DishStockInput[];
  @Optional() @NumberIn(0.1, 2, '') lo?: number;
  @Optional() @NumberIn(0.1, 2, '') hi?: number;
  @Optional() @NumberIn(1, 4, 'dishes', { integer: true }) maxDishes?: number;
}

export class SwapInput {
  @Nested(() => VesselInput) from!: VesselInput;
  @Nested(() => VesselInput) to!: VesselInput;
}
