import { ArrayNotEmpty, IsArray, IsBoolean, ValidateIf } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf, Optional, ListOf } from '../quantities/rules';
import type { BakeSpec } from './bakeInput';
import { bakeClasses, heatUnits, type BakeClass, type HeatUnit } from './plausible';
import {
  crusts,
  fillingKinds,
  supports,
  underlays,
  vesselMaterials,
  washFactors,
  type CrustType,
  type FillType,
  type Support,
  type Underlay,
  type VesselMaterial,
  type Wash,
} from './tables';

export class OutlineInput {
  @OneOf(['disc', 'rect']) kind!: 'disc' | 'rect';
  @ValidateIf((o: OutlineInput) => o.kind === 'disc') @NumberIn(20, 450, 'mm') dMm?: number;
  @ValidateIf((o: OutlineInput) => o.kind === 'rect') @NumberIn(15, 500, 'mm') wMm?: number;
  @ValidateIf((o: OutlineInput) => o.kind === 'rect') @NumberIn(15, 700, 'mm') lMm?: number;
}

export class CrustInput {
  @OneOf(Object.keys(crusts)) type!: CrustType;
  @NumberIn(0.3, 25, 'mm') tMm!: number;
  /** Water to dry matter of this dough, kg/kg, where it is known; counted within 0.6 to 1.6 of its kind's. */
  @Optional() @NumberIn(0.02, 3, 'kg/kg') waterToDry?: number;
  @Optional() @IsBoolean() blind?: boolean;
  /** Share of its water a base comes with, and whether egg was brushed on it. */
  @Optional() @NumberIn(0.02, 1, '') waterLeft?: number;
  @Optional() @IsBoolean() sealed?: boolean;
}

export class BakeFillingInput {
  @OneOf(Object.keys(fillingKinds)) type!: FillType;
  @NumberIn(3, 150, 'mm') depthMm!: number;
  @NumberIn(-30, 95, '°C') startC!: number;
  @Optional() @NumberIn(0, 30, 'mm') gapMm?: number;
  @Optional() @NumberIn(2, 60, 'mm') diceMm?: number;
  @Optional() @NumberIn(40, 98, '°C') coreTargetC?: number;
  @Optional() @NumberIn(0, 10, 'K') boilingRiseC?: number;
  @Optional() @NumberIn(0, 240, 'min') sinceFilledMin?: number;
  @Optional() @NumberIn(-5, 45, '°C') waitC?: number;
}

export class BakeVesselInput {
  @OneOf(Object.keys(vesselMaterials)) material!: VesselMaterial;
  @Optional() @NumberIn(0.05, 20, 'mm') tMm?: number;
  @Optional() @NumberIn(-30, 250, '°C') startC?: number;
  @Optional() @IsBoolean() loose?: boolean;
}

export class LoadInput {
  @Optional() @NumberIn(1, 60, 'pieces', { integer: true }) pieces?: number;
  @Optional() @NumberIn(0, 200, 'mm') gapMm?: number;
  @Optional() @NumberIn(1, 3, 'trays', { integer: true }) trays?: number;
}

export class BesideInput {
  @NumberIn(0.02, 20, 'kg') kg!: number;
  @NumberIn(0.002, 3, 'm²') areaM2!: number;
  @NumberIn(-30, 95, '°C') startC!: number;
  @NumberIn(-600, 240, 'min') fromMin!: number;
  @NumberIn(0, 900, 'min') toMin!: number;
}

export class OvenStepInput {
  @NumberIn(0, 240, 'min') fromMin!: number;
  @NumberIn(50, 300, '°C') setC!: number;
  @Optional() @OneOf(['conv', 'fan']) mode?: 'conv' | 'fan';
  @Optional() @OneOf(['low', 'middle', 'high']) rack?: 'low' | 'middle' | 'high';
  @Optional() @IsBoolean() grill?: boolean;
}

/** How an oven is built; an ordinary electric one of 65 litres where nothing is said. */
export class OvenBuildInput {
  @Optional() @NumberIn(10, 120, 'l', { integer: true }) litres?: number;
  @Optional() @OneOf(['electric', 'gas']) burns?: 'electric' | 'gas';
  @Optional() @NumberIn(0.7, 2.5, 'times') airflow?: number;
  @Optional() @IsBoolean() steams?: boolean;
}

export class OvenInput {
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @ArrayNotEmpty() @NestedList(() => OvenStepInput, 12) steps!: OvenStepInput[];
  @Optional() @OneOf(['low', 'middle', 'high']) rack?: 'low' | 'middle' | 'high';
  @Optional() @NumberIn(-60, 60, 'K') offsetC?: number;
  @Optional() @IsBoolean() preheated?: boolean;
  @Optional() @ListOf(20) @NumberIn(0, 240, 'min', { each: true }) doorOpenMin?: number[];
  @Optional() @NumberIn(1, 180, 's') doorOpenS?: number;
  @Optional() @NumberIn(0, 180, 's') loadDoorS?: number;
  @Optional() @NumberIn(800, 6000, 'W') heaterW?: number;
  @Optional() @NumberIn(-400, 5000, 'm') altitudeM?: number;
  @Optional() @Nested(() => OvenBuildInput) build?: OvenBuildInput;
  @Optional() @NumberIn(0, 20, 'min') steamMin?: number;
}

export class BakeInput {
  @Nested(() => OutlineInput) shape!: OutlineInput;
  @ValidateIf((o: BakeInput) => o.top !== null) @Nested(() => CrustInput) top!: CrustInput | null;
  @ValidateIf((o: BakeInput) => o.base !== null) @Nested(() => CrustInput) base!: CrustInput | null;
  @Nested(() => BakeFillingInput) filling!: BakeFillingInput;
  @ValidateIf((o: BakeInput) => o.vessel !== null) @Nested(() => BakeVesselInput) vessel!: BakeVesselInput | null;
  @OneOf(Object.keys(supports)) support!: Support;
  @Optional() @IsBoolean() supportPreheated?: boolean;
  @Optional() @OneOf(Object.keys(underlays)) under?: Underlay;
  @Optional() @Nested(() => LoadInput) load?: LoadInput;
  @Optional() @NestedList(() => BesideInput, 8) beside?: BesideInput[];
  @Nested(() => OvenInput) oven!: OvenInput;
  @Optional() @OneOf(Object.keys(washFactors)) wash?: Wash;
  @Optional() @NumberIn(0.5, 6, '') readyBrowning?: number;
  @Optional() @NumberIn(0, 40, '%') sugarPct?: number;
  @Optional() @NumberIn(0, 20, '%') milkSolidsPct?: number;
  @Optional() @NumberIn(-30, 60, '°C') crustStartC?: number;
  @Optional() @ListOf(20) @IsArray({ each: true }) tents?: [number, number][];
}

export class BlindBaseInput {
  @OneOf(Object.keys(crusts)) type!: CrustType;
  @NumberIn(0.3, 25, 'mm') tMm!: number;
  @Optional() @NumberIn(0.02, 3, 'kg/kg') waterToDry?: number;
}

export class BlindInput {
  @Nested(() => OutlineInput) shape!: OutlineInput;
  @Nested(() => BlindBaseInput) base!: BlindBaseInput;
  @Nested(() => BakeVesselInput) vessel!: BakeVesselInput;
  @OneOf(Object.keys(supports)) support!: Support;
  @Optional() @IsBoolean() supportPreheated?: boolean;
  @Nested(() => OvenInput) oven!: OvenInput;
  @Optional() @NumberIn(-30, 60, '°C') crustStartC?: number;
  @NumberIn(0, 60, 'min') weightsMin!: number;
  @NumberIn(0, 60, 'min') bareMin!: number;
  @Optional() @NumberIn(0.1, 0.95, '') dryAt?: number;
}

export class PreheatInput {
  @Nested(() => OvenInput) oven!: OvenInput;
  @OneOf(Object.keys(supports)) support!: Support;
}

export class BakePlanInput extends BakeInput {
  @Optional() @ListOf(200) @NumberIn(0.3, 3, '', { each: true }) myBakes?: number[];
}

export const bakeSpecOf = (i: BakeInput): BakeSpec => i as unknown as BakeSpec;

export class RatiosInput {
  @ListOf(200) @NumberIn(0.3, 3, '', { each: true }) ratios!: number[];
}

export class PlausibleHeatInput {
  @NumberIn(0, 1000, '') value!: number;
  @Optional() @OneOf(heatUnits) unit?: HeatUnit | null;
  @Optional() @OneOf(['conv', 'fan']) mode?: 'conv' | 'fan';
  @Optional() @NumberIn(0.01, 10_000, 'min') timeMin?: number | null;
  @Optional() @OneOf(Object.keys(bakeClasses)) cls?: BakeClass;
  @Optional() @IsBoolean() frozen?: boolean;
}

export class GasInput {
  @NumberIn(0.25, 10, 'gas') gas!: number;
}

export class CelsiusInput {
  @NumberIn(-50, 400, '°C') temperatureC!: number;
}

export class OvenReadingInput {
  @NumberIn(0, 400, '°C') setC!: number;
  @NumberIn(0, 400, '°C') measuredC!: number;
  @Optional() @NumberIn(0, 10_000, 'min') sinceOnMin?: number;
}

export class OvenReadingsInput {
  @NestedList(() => OvenReadingInput, 200) readings!: OvenReadingInput[];
}
