import { IsString, MaxLength, Matches, ArrayMinSize, IsOptional, ValidateIf, IsBoolean } from 'class-validator';
import { NumberIn, OneOf, Optional, NestedList, Nested, ListOf } from '../quantities/rules';
import { handPieceKinds, type HandPieceKind } from '../filling/handPiece';
import { OutlinePointInput, PlacedPieceInput } from '../cutting/inputs';
import { cutterPolicies, type CutterPolicy } from '../cutting/cutter';
import { scrapFates, type ScrapFate } from '../cutting/scraps';
import { VesselInput } from '../vessels/inputs';
import { vesselMaterials, type VesselMaterial } from '../oven/tables';

/** Some of the pieces, for somebody: their size against the others', by weight. */
export class VariantInput {
  @IsString() @MaxLength(40) @Matches(/\S/) name!: string;
  @NumberIn(1, 60, 'pieces', { integer: true }) pieces!: number;
  @NumberIn(40, 200, '%') sizePct!: number;
}

/**
 * Pieces are cut from a sheet, each rolled from a ball of its own, cut across a strip as wide as they are long, or cut after
 * they are filled and closed, through both layers.
 */
export const cutWays = ['sheet', 'balls', 'strip', 'closed'] as const;
export type CutWay = (typeof cutWays)[number];
export const lidKinds = ['whole', 'lattice', 'none'] as const;
export const linings = ['one', 'band'] as const;

export class CutInput {
  /** Diameter (a ring's from outside), side, an outline's longest side, or the length a log is rolled up along. */
  @NumberIn(40, 450, 'mm') cutterMm!: number;
  @OneOf(handPieceKinds) pieceKind!: HandPieceKind;
  /** Other side of a rectangle; length of a log, and of its slices. */
  @Optional() @NumberIn(30, 600, 'mm') otherMm?: number;
  @Optional() @NumberIn(10, 600, 'mm') sliceMm?: number;
  @Optional() @NestedList(() => OutlinePointInput, 40) @ArrayMinSize(3) outline?: OutlinePointInput[];
  @NumberIn(1, 10, 'mm') thicknessMm!: number;
  /** Rounds whose edge is rolled out to this after they are cut, the middle left thick so far across. */
  @Optional() @NumberIn(0.8, 10, 'mm') edgeMm?: number | null;
  @Optional() @NumberIn(20, 90, '%') middlePct?: number;
  @Optional() @OneOf(cutWays) from?: CutWay;
  @NumberIn(0, 30, 'mm') trimMm!: number;
  @NumberIn(0, 20, 'mm') gapMm!: number;
  @NumberIn(0, 3, 're-rolls', { integer: true }) maxReRolls!: number;
  /** What a cut piece shrinks along the last roll and across it. */
  @Optional() @NumberIn(0, 15, '%') shrinkPct?: number;
  @Optional() @NumberIn(0, 15, '%') shrinkAcrossPct?: number;
  @Optional() @OneOf(cutterPolicies) policy?: CutterPolicy;
  /** The smaller cutter there is, where pieces are cut thicker and stretched to their size. */
  @Optional() @NumberIn(30, 300, 'mm') onHandMm?: number;
  /** Cutters to keep to; and offcuts too small to gather. */
  @Optional() @ListOf(40) @NumberIn(5, 1000, 'mm', { each: true }) ownCutters?: number[];
  @Optional() @NumberIn(0, 2000, 'g') minScrapG?: number;
  @Optional() @OneOf(scrapFates) scrapFate?: ScrapFate;
  @Optional() @NumberIn(20, 120, 'mm') miniMm?: number;
  /** The first sheet as the cook rolls it, and the pieces as laid on it: held ones are not moved when the rest is laid again. */
  @Optional() @NumberIn(60, 2000, 'mm') sheetLengthMm?: number;
  @Optional() @NumberIn(60, 2000, 'mm') sheetWidthMm?: number;
  @Optional() @NestedList(() => PlacedPieceInput, 200) placed?: PlacedPieceInput[];
  @Optional() @NestedList(() => VariantInput, 12) variants?: VariantInput[];
  @IsOptional() @IsString() @MaxLength(60) vesselName?: string;
  @ValidateIf((o: CutInput) => o.vessel !== undefined && o.vessel !== null)
  @Nested(() => VesselInput)
  vessel?: VesselInput | null;
  @Optional() @OneOf(Object.keys(vesselMaterials)) vesselMaterial?: VesselMaterial;
  /** So many of that dish, for a pie in a dish. */
  @Optional() @NumberIn(1, 24, 'dishes', { integer: true }) dishes?: number;
  @Optional() @OneOf(linings) lining?: (typeof linings)[number];
  @Optional() @OneOf(lidKinds) lid?: (typeof lidKinds)[number];
  /** Strips of a lattice: how wide, how far apart, and whether over and under. */
  @Optional() @NumberIn(5, 80, 'mm') stripMm?: number;
  @Optional() @NumberIn(0, 80, 'mm') stripGapMm?: number;
  @Optional() @IsBoolean() woven?: boolean;
  /** A plait of three strands round the edge. */
  @Optional() @IsBoolean() plaitEdge?: boolean;
}
