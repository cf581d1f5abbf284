import { thinnestRolledM } from './rolling';
import { fatNames } from './fats';
import { leafCovers, type LeafCover } from './filo';
import { LabelInput } from '../ingredients/inputs';
import { ArrayNotEmpty, IsBoolean, IsString, MaxLength } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import {
  benches,
  environment,
  environments,
  wraps,
  type BenchName,
  type EnvironmentName,
  type LatentExchange,
  type Surface,
  type Surroundings,
  type WrapName,
} from './environments';
import { RefusedInput } from '../quantities/refusal';
import type { MaterialSpec } from './material';
import { metrics, type Metric } from './simulate';
import { mixingMethods, vesselHeats, type MixingMethod } from './mixing';
import type { ShapeKind } from './grid';

export class MassItemInput {
  @IsString() @MaxLength(60) name!: string;
  @NumberIn(0, 1000, 'kg') mass!: number;
  @Optional() @Nested(() => LabelInput) label?: LabelInput;
}

export class MaterialInput {
  @Optional() @OneOf(['items', 'const', 'step', 'laminate']) kind?: MaterialSpec['kind'];
  @Optional() @NestedList(() => MassItemInput, 60) items?: MassItemInput[];
  @Optional() @NumberIn(0, 0.8, '') air?: number;
  @Optional() @NumberIn(0.1, 100, '') conductivityMultiple?: number;
  @Optional() @NumberIn(1, 20_000, 'kg/m³') densityKgM3?: number;
  @Optional() @NumberIn(1, 20_000, 'J/kgK') specificHeat?: number;
  @Optional() @NumberIn(1e-4, 1000, 'W/mK') conductivity?: number;
  @Optional() @NumberIn(0, 1e6, 'J/kg') latentHeat?: number;
  @Optional() @NumberIn(-39, 109, '°C') meltsFromC?: number;
  @Optional() @NumberIn(-39, 109, '°C') meltsToC?: number;
  @Optional() @Nested(() => MaterialInput) dough?: MaterialInput;
  @Optional() @Nested(() => MaterialInput) fat?: MaterialInput;
  @Optional() @NumberIn(0.01, 0.95, '') fatMassFraction?: number;
}

/** A material input as the solver's spec; refuses one that names neither ingredients nor constants. */
export function materialSpec(input: MaterialInput, field = 'material'): MaterialSpec {
  const { kind, items, dough, fat } = input;
  if (kind === 'laminate') {
    if (!dough || !fat) throw new RefusedInput({ field: `${field}.${dough ? 'fat' : 'dough'}`, code: 'missing' });
    return {
      kind,
      dough: materialSpec(dough, `${field}.dough`),
      fat: materialSpec(fat, `${field}.fat`),
      fatMassFraction: input.fatMassFraction as number,
    };
  }
  if (kind === 'const' || kind === 'step') return { ...input, kind } as MaterialSpec;
  if (!items) throw new RefusedInput({ field: `${field}.items`, code: 'missing' });
  return { items, air: input.air, conductivityMultiple: input.conductivityMultiple };
}

export class LatentInput implements LatentExchange {
  @NumberIn(0, 100, 'W/m²K') convective!: number;
  @NumberIn(0, 1, '') humidity!: number;
  @NumberIn(0, 1, '') waterActivity!: number;
}

export class BenchContactInput {
  @NumberIn(1e-3, 500, 'W/mK') conductivity!: number;
  @NumberIn(1, 20_000, 'kg/m³') densityKgM3!: number;
  @NumberIn(1, 10_000, 'J/kgK') specificHeat!: number;
  @NumberIn(1e-4, 1, 'm') thicknessM!: number;
  @NumberIn(-39, 109, '°C') startC!: number;
  @NumberIn(1, 1e6, 'W/m²K') contact!: number;
  @NumberIn(0, 10, 'm²K/W') resistance!: number;
  @NumberIn(1e-9, 1000, 'W/m²K') underH!: number;
  @NumberIn(-39, 109, '°C') underC!: number;
}

export class SurfaceInput {
  @Optional() @NumberIn(1e-9, 1e6, 'W/m²K') h?: number;
  @Optional() @NumberIn(-39, 109, '°C') airC?: number;
  @Optional() @NumberIn(0, 10, 'm²K/W') resistance?: number;
  @Optional() @Nested(() => LatentInput) latent?: LatentInput | null;
  @Optional() @Nested(() => BenchContactInput) bench?: BenchContactInput;
}

export class EnvironmentInput {
  @Optional() @OneOf(Object.keys(environments)) name?: EnvironmentName;
  @Optional() @NumberIn(-39, 109, '°C') airC?: number;
  @Optional() @OneOf(Object.keys(wraps)) wrap?: WrapName;
  @Optional() @NumberIn(0, 1, '') humidity?: number;
  @Optional() @NumberIn(0, 1, '') waterActivity?: number;
  @Optional() @OneOf(Object.keys(benches)) bench?: BenchName;
  @Optional() @NumberIn(-39, 109, '°C') benchC?: number;
  @Optional() @NumberIn(1, 1e6, 'W/m²K') contact?: number;
  @Optional() @IsBoolean() vessel?: boolean;
  @Optional() @NumberIn(0, 1, 'm²K/W') wallResistance?: number;
  @Optional() @IsBoolean() lid?: boolean;
  @Optional() @NumberIn(-39, 60, '°C') roomC?: number;
  @Optional() @NumberIn(0.2, 5, '') coefficientMultiple?: number;
  @Optional() @Nested(() => SurfaceInput) top?: SurfaceInput;
  @Optional() @Nested(() => SurfaceInput) side?: SurfaceInput;
  @Optional() @Nested(() => SurfaceInput) bottom?: SurfaceInput;
}

/** Surroundings from a named environment, or from three explicit surfaces. */
export function surroundings(input: EnvironmentInput, field = 'environment'): Surroundings {
  if (input.name) return environment(input.name, input, field);
  const surface = (s: SurfaceInput | undefined, where: string): Surface => {
    if (!s || s.h === undefined || s.airC === undefined)
      throw new RefusedInput({
        field: `${field}.${where}.${s?.h === undefined ? 'h' : 'airC'}`,
        code: 'missing',
        allowed: 'a named environment, or h and airC of top, side and bottom',
      });
    return { h: s.h, airC: s.airC, resistance: s.resistance ?? 0, latent: s.latent ?? null };
  };
  const { bottom } = input;
  return {
    top: surface(input.top, 'top'),
    side: surface(input.side, 'side'),
    bottom: bottom?.bench ? { bench: bottom.bench } : surface(bottom, 'bottom'),
  };
}

export class ShapeInput {
  @OneOf(['slab', 'cylinder', 'ball', 'disc', 'pot', 'log', 'block']) kind!: ShapeKind;
  @Optional() @NumberIn(1e-4, 5, 'm') thicknessM?: number;
  @Optional() @NumberIn(1e-4, 5, 'm') radiusM?: number;
  @Optional() @NumberIn(1e-4, 5, 'm') lengthM?: number;
  @Optional() @NumberIn(1e-4, 5, 'm') widthM?: number;
}

export class PhaseInput {
  @NumberIn(0, 20_160, 'min') minutes!: number;
  @Nested(() => EnvironmentInput) environment!: EnvironmentInput;
}

export class UntilInput {
  @OneOf(metrics) metric!: Metric;
  @NumberIn(-39, 109, '°C') value!: number;
  @OneOf(['below', 'above']) dir!: 'below' | 'above';
  @Optional() @IsBoolean() stop?: boolean;
}

export class CellsInput {
  @Optional() @NumberIn(2, 64, 'cells', { integer: true }) nx?: number;
  @Optional() @NumberIn(2, 64, 'cells', { integer: true }) ny?: number;
  @Optional() @NumberIn(2, 128, 'cells', { integer: true }) nz?: number;
}

class BodyInput {
  @Nested(() => MaterialInput) material!: MaterialInput;
  @Nested(() => ShapeInput) shape!: ShapeInput;
  @NumberIn(-39, 109, '°C') startC!: number;
}

export class ChillInput extends BodyInput {
  @ArrayNotEmpty() @NestedList(() => PhaseInput, 20) phases!: PhaseInput[];
  @Optional() @Nested(() => UntilInput) until?: UntilInput;
  @Optional() @Nested(() => CellsInput) cells?: CellsInput;
}

export class CoolFillingInput extends BodyInput {
  @ArrayNotEmpty() @NestedList(() => PhaseInput, 20) phases!: PhaseInput[];
  @Optional() @OneOf(metrics) metric?: Metric;
}

export class WorkWindowInput extends BodyInput {
  @IsString() @MaxLength(60) fat!: string;
  @Nested(() => EnvironmentInput) environment!: EnvironmentInput;
  @Optional() @NumberIn(-4, 4, 'K') shiftK?: number;
  @Optional() @NumberIn(1, 1440, 'min') maxMinutes?: number;
}

export class CalibrateEnvironmentInput extends BodyInput {
  @Nested(() => EnvironmentInput) environment!: EnvironmentInput;
  @NumberIn(1, 1440, 'min') minutes!: number;
  @OneOf(['centre', 'mean', 'top', 'bottom', 'side']) where!: 'centre' | 'mean' | 'top' | 'bottom' | 'side';
  @NumberIn(-39, 109, '°C') measuredC!: number;
}

export class PropertiesInput {
  @NestedList(() => MassItemInput, 60) items!: MassItemInput[];
  @Optional() @NumberIn(0, 0.8, '') air?: number;
  @NumberIn(-40, 109, '°C') temperatureC!: number;
}

export class ItemsInput {
  @NestedList(() => MassItemInput, 60) items!: MassItemInput[];
}

export class FatShareInput {
  @OneOf(fatNames) fat!: string;
  @NumberIn(0, 1, '') share!: number;
}

export class BlendInput {
  @NestedList(() => FatShareInput, 12) fats!: FatShareInput[];
}

export class FatTemperatureInput {
  @IsString() @MaxLength(60) fat!: string;
  @NumberIn(-40, 120, '°C') temperatureC!: number;
}

export class FatStateInput extends FatTemperatureInput {
  @Optional() @OneOf(['sheet', 'crumb']) use?: 'sheet' | 'crumb';
  @Optional() @NumberIn(-20, 20, 'K') shiftK?: number;
}

export class DoughStateInput {
  @NumberIn(-40, 120, '°C') temperatureC!: number;
  @NumberIn(0, 5, '') fatPerFlour!: number;
  @Optional() @IsString() @MaxLength(60) fat?: string;
}

export class LaminateInput {
  @Nested(() => MaterialInput) material!: MaterialInput;
  @NumberIn(-39, 109, '°C') temperatureC!: number;
}

export class RollInput {
  @Nested(() => MaterialInput) material!: MaterialInput;
  @NumberIn(-39, 60, '°C') startC!: number;
  @NumberIn(thinnestRolledM, 0.5, 'm') fromM!: number;
  @NumberIn(thinnestRolledM, 0.5, 'm') toM!: number;
  @NumberIn(0, 600, 'min') rollMinutes!: number;
  @Optional() @NumberIn(0, 1440, 'min') dwellMinutes?: number;
  @OneOf(Object.keys(benches)) bench!: BenchName;
  @Optional() @NumberIn(-39, 60, '°C') benchC?: number;
  @Optional() @NumberIn(-39, 60, '°C') roomC?: number;
  @Optional() @NumberIn(1, 1e6, 'W/m²K') contact?: number;
  @Optional() @NumberIn(0, 100, 'W/m²K') topH?: number;
  @Optional() @NumberIn(0, 200, 'W/m²K') pinH?: number;
  @Optional() @NumberIn(0, 200, 'W/m²K') handH?: number;
  @Optional() @NumberIn(0, 60, '°C') handC?: number;
  @Optional() @NumberIn(0, 1e6, 'Pa') yieldPa?: number;
}

export class BenchMinutesInput {
  @Nested(() => MaterialInput) material!: MaterialInput;
  @Optional() @IsString() @MaxLength(60) fat?: string;
  @Optional() @NumberIn(-39, 109, '°C') limitC?: number;
  @Optional() @OneOf(['mean', 'warmest']) metric?: 'mean' | 'warmest';
  @NumberIn(-39, 60, '°C') startC!: number;
  @NumberIn(thinnestRolledM, 0.5, 'm') thicknessM!: number;
  @OneOf(Object.keys(benches)) bench!: BenchName;
  @Optional() @NumberIn(-39, 60, '°C') benchC?: number;
  @Optional() @NumberIn(-39, 60, '°C') roomC?: number;
  @Optional() @NumberIn(1, 1e6, 'W/m²K') contact?: number;
  @Optional() @NumberIn(0, 100, 'W/m²K') topH?: number;
  @Optional() @NumberIn(1, 1440, 'min') maxMinutes?: number;
}

export class MixAdditionInput {
  @IsString() @MaxLength(60) name!: string;
  @NumberIn(0, 100, 'kg') mass!: number;
  @Optional() @NumberIn(-30, 100, '°C') startC?: number;
  @Optional() @Nested(() => LabelInput) label?: LabelInput;
}

export class MixStageInput {
  @Optional() @NestedList(() => MixAdditionInput, 30) add?: MixAdditionInput[];
  @Optional() @OneOf(Object.keys(mixingMethods)) method?: MixingMethod;
  @Optional() @NumberIn(0, 240, 'min') minutes?: number;
}

export class MixVesselInput {
  @OneOf(Object.keys(vesselHeats)) kind!: keyof typeof vesselHeats;
  @NumberIn(0, 50, 'kg') mass!: number;
  @NumberIn(-30, 100, '°C') startC!: number;
  @Optional() @NumberIn(0, 1, '') share?: number;
}

export class MixInput {
  @ArrayNotEmpty() @NestedList(() => MixStageInput, 20) stages!: MixStageInput[];
  @Optional() @NumberIn(-20, 60, '°C') roomC?: number;
  @Optional() @Nested(() => MixVesselInput) vessel?: MixVesselInput;
}

export class MixSolveInput extends MixInput {
  @NumberIn(0.001, 44.999, '°C') targetC!: number;
  @Optional() @NumberIn(0, 45, '°C') tapMinC?: number;
  @Optional() @NumberIn(0, 100, '°C') waterMaxC?: number;
  @Optional() @NumberIn(-30, 0, '°C') iceC?: number;
  @Optional() @NumberIn(0, 1, '') maxIceShare?: number;
}

export class FiloFatInput {
  @NumberIn(1, 200, 'sheets', { integer: true }) sheets!: number;
  @NumberIn(0.01, 3, 'm') lengthM!: number;
  @NumberIn(0.01, 3, 'm') widthM!: number;
  @Optional() @NumberIn(0, 500, 'g/m²') fatGramsPerM2?: number;
  @Optional() @NumberIn(1, 2, 'sides', { integer: true }) sides?: number;
  @Optional() @NumberIn(0, 5, '') topCoat?: number;
  @Optional() @NumberIn(0.01, 1, '') fatFraction?: number;
  @Optional() @NumberIn(20, 2000, 'g/m²') arealGramsPerM2?: number;
  @Optional() @NumberIn(0.1, 1, '') flourFraction?: number;
}

export class FiloDryInput {
  @Optional() @NumberIn(-10, 60, '°C') airC?: number;
  @NumberIn(0, 1, '') humidity!: number;
  @Optional() @NumberIn(20, 2000, 'g/m²') arealGramsPerM2?: number;
  @Optional() @NumberIn(0.01, 0.8, '') moistureWetBasis?: number;
  @Optional() @NumberIn(1, 2, 'faces', { integer: true }) faces?: number;
  @Optional() @NumberIn(0.1, 50, 'W/m²K') convective?: number;
  @Optional() @NumberIn(0, 20, 'W/m²K') radiative?: number;
  @Optional() @NumberIn(0, 500, 'W/m²K') baseH?: number;
  @Optional() @OneOf(Object.keys(leafCovers)) cover?: LeafCover;
  @Optional() @NumberIn(0, 1440, 'min') minutes?: number;
  @Optional() @NumberIn(0.01, 2, 'kg/kg') limitDryBasis?: number;
}

export class WaterActivityInput {
  @NumberIn(0, 0.98, '') waterActivity!: number;
}

export class HottestFillingInput {
  @Nested(() => MaterialInput) filling!: MaterialInput;
  @NumberIn(1e-4, 1, 'm') fillingThicknessM!: number;
  @Nested(() => MaterialInput) pastry!: MaterialInput;
  @NumberIn(1e-4, 0.2, 'm') pastryThicknessM!: number;
  @NumberIn(-39, 60, '°C') pastryC!: number;
  @Optional() @IsString() @MaxLength(60) fat?: string;
  @Optional() @NumberIn(-39, 109, '°C') meanLimitC?: number;
  @Optional() @NumberIn(-39, 109, '°C') faceLimitC?: number;
}
