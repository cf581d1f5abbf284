import { ValidateIf, MaxLength } from 'class-validator';
import { IsBoolean, IsObject, IsString } from 'class-validator';
import { NestedList, NumberIn, OneOf, Optional, ListOf } from '../quantities/rules';
import type { Fold, Lock } from './layers';
import { filmBands, type LaminateKind } from './thickness';
import { springDoughs, type SpringDough, type SpringEvent } from './springBack';

export class LayersInput {
  @ValidateIf((o: LayersInput) => !Array.isArray(o.lock)) @IsString() @MaxLength(40) lock!: Lock;
  @ListOf(12) folds!: Fold[];
  /** Portions of fat spread turn by turn, in place of a lock. */
  @Optional() @NumberIn(0, 12, '', { integer: true }) portions?: number;
}

export class LayerThicknessInput extends LayersInput {
  @NumberIn(1e-5, 0.2, 'm') thicknessM!: number;
  @NumberIn(0, 1, '') phiFat!: number;
  @Optional() @OneOf(Object.keys(filmBands)) kind?: LaminateKind;
}

export class FatVolumeShareInput {
  @NumberIn(0, 1e5, 'kg') fatMass!: number;
  @NumberIn(1e-6, 1e5, 'kg') doughMass!: number;
  @Optional() @NumberIn(100, 3000, 'kg/m³') fatDensity?: number;
  @Optional() @NumberIn(100, 3000, 'kg/m³') doughDensity?: number;
}

export class PassesInput {
  @NumberIn(1e-5, 1000, 'm') from!: number;
  @NumberIn(1e-5, 1000, 'm') to!: number;
  @Optional() @NumberIn(1.01, 5, '') maxRatio?: number;
}

export class SpringBackInput {
  @OneOf(Object.keys(springDoughs)) dough!: SpringDough;
  @ListOf(60) @IsObject({ each: true }) events!: SpringEvent[];
  @Optional() @NumberIn(0.001, 0.5, '') targetShrink?: number;
  @Optional() @NumberIn(-20, 60, '°C') restC?: number;
  @Optional() @NumberIn(0.1, 10, '') scale?: number;
  @Optional() @NumberIn(1, 300, 'min') tau20?: number;
}

export class SpringMeasurementInput {
  @NumberIn(0, 5, '') predictedStrain!: number;
  @NumberIn(-1, 1, '') measuredShrink!: number;
}

export class CalibrateSpringInput {
  @NestedList(() => SpringMeasurementInput, 60) measurements!: SpringMeasurementInput[];
}

export class CalibrateRelaxationInput {
  @NumberIn(0, 20_160, 'min') t1!: number;
  @NumberIn(0.0001, 0.6, '') s1!: number;
  @NumberIn(0, 20_160, 'min') t2!: number;
  @NumberIn(0.0001, 0.6, '') s2!: number;
}

export class SheetPlanInput {
  @NumberIn(0.01, 5, 'm') lengthM!: number;
  @NumberIn(0.01, 5, 'm') widthM!: number;
  @NumberIn(0.0005, 0.05, 'm') thicknessM!: number;
  @Optional() @NumberIn(0, 0.1, 'm') trimM?: number;
  @Optional() @NumberIn(0, 0.5, '') shrink?: number;
  @NumberIn(0.01, 3, '') fatToDough!: number;
  @Optional() @NumberIn(100, 3000, 'kg/m³') fatDensity?: number;
  @Optional() @NumberIn(100, 3000, 'kg/m³') doughDensity?: number;
  @ValidateIf((o: SheetPlanInput) => !Array.isArray(o.lock)) @IsString() @MaxLength(40) lock!: Lock;
  @ListOf(12) folds!: Fold[];
  @Optional() @NumberIn(0.001, 0.05, 'm') workThicknessM?: number;
  @Optional() @NumberIn(0.001, 0.05, 'm') blockThicknessM?: number;
  @Optional() @NumberIn(0.1, 5, 'm') maxBenchM?: number;
}

export class RoughPuffInput {
  @NumberIn(1e-4, 0.1, 'm') lumpM!: number;
  @NumberIn(1e-3, 0.3, 'm') startThicknessM!: number;
  @ListOf(12) folds!: Fold[];
  @NumberIn(2e-4, 0.1, 'm') finalThicknessM!: number;
  @Optional() @NumberIn(0.1, 1, '') eta?: number;
}

export class RoughPuffFoldsInput {
  @NumberIn(1e-4, 0.1, 'm') lumpM!: number;
  @NumberIn(1e-3, 0.3, 'm') startThicknessM!: number;
  @NumberIn(2e-4, 0.1, 'm') finalThicknessM!: number;
  @Optional() @NumberIn(2, 12, '', { integer: true }) fold?: number;
  @NumberIn(1e-6, 0.1, 'm') targetM!: number;
  @Optional() @NumberIn(0.1, 1, '') eta?: number;
}

export class CrumbMixInput {
  @NumberIn(1e-4, 100, 'kg') flourKg!: number;
  @NumberIn(1e-5, 100, 'kg') fatKg!: number;
  @Optional() @NumberIn(500, 1500, 'kg/m³') fatDensity?: number;
  @NumberIn(0, 1, '') coatedShare!: number;
  @NumberIn(1e-4, 0.05, 'm') lumpM!: number;
  @NumberIn(1e-3, 0.3, 'm') discThicknessM!: number;
  @NumberIn(2e-4, 0.1, 'm') sheetThicknessM!: number;
  @Optional() @NumberIn(10, 5000, 'm²/kg') surfaceM2Kg?: number;
}

export class LeafLayingInput {
  @OneOf(['tray', 'coil']) laying!: 'tray' | 'coil';
  @NumberIn(50, 2000, 'mm') leafLengthMm!: number;
  @NumberIn(50, 2000, 'mm') leafWidthMm!: number;
  @NumberIn(50, 1000, 'mm') tinLengthMm!: number;
  @NumberIn(50, 1000, 'mm') tinWidthMm!: number;
  @NumberIn(1, 20, 'leaves', { integer: true }) leavesInStack!: number;
  @Optional() @NumberIn(1, 20, 'leaves', { integer: true }) leavesOver?: number;
  @Optional() @IsBoolean() halves?: boolean;
  @NumberIn(0, 500, 'g/m²') brushGramsPerM2!: number;
}

export class StretchedAreaInput {
  @NumberIn(1, 20_000, 'g') massG!: number;
  @NumberIn(0.02, 5, 'mm') thicknessMm!: number;
}
