import { IsString, Matches, MaxLength, ValidateIf } from 'class-validator';
import { vesselMaterials, type VesselMaterial } from '../oven/tables';
import { Nested, NumberIn, OneOf, Optional } from '../quantities/rules';
import { VesselInput } from '../vessels/inputs';
import { Stored, Version } from './stored';

export const toolKinds = ['dish', 'cutter', 'pin', 'tray'] as const;

/** A dish, cutter, pin or tray of this kitchen. */
export class ToolInput {
  @IsString() @MaxLength(60) @Matches(/\S/) name!: string;
  @OneOf(toolKinds) kind!: (typeof toolKinds)[number];
  @ValidateIf((t: ToolInput) => t.kind === 'dish')
  @Nested(() => VesselInput)
  vessel?: VesselInput;
  @ValidateIf((t: ToolInput) => t.kind === 'dish')
  @OneOf(Object.keys(vesselMaterials))
  material?: VesselMaterial;
  @ValidateIf((t: ToolInput) => t.kind === 'cutter' || t.kind === 'pin')
  @NumberIn(5, 1000, 'mm')
  diameterMm?: number;
  @Optional() @NumberIn(1, 60, '', { integer: true }) count?: number;
  @Optional() @OneOf(['K', 'L']) place?: 'K' | 'L';
}

export class ChangeToolInput {
  @Version() version!: number;
  @Nested(() => ToolInput) document!: ToolInput;
}

/** A tool as it is stored. */
export class StoredTool extends Stored {
  @IsString() @MaxLength(60) name!: string;
  @Nested(() => ToolInput) document!: ToolInput;
}
