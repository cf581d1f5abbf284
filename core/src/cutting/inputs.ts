import { ArrayMinSize, IsBoolean } from 'class-validator';
import { within } from '../quantities/refusal';
import { Nested, NestedList, NumberIn, OneOf, OneOfEach, Optional, ListOf } from '../quantities/rules';
import { cutterPolicies, type CutterPolicy } from './cutter';
import { pieceKinds, type PieceKind, type PieceSpec } from './piece';
import { efforts, type Effort } from './nesting';
import { scrapFates, type ScrapFate } from './scraps';
import { checkedOutline, type CutShape, type Point, type Turn } from './shape';
import type { Sheet } from './sheet';
import { papers, type Paper } from './tiling';

export class PieceInput implements PieceSpec {
  @OneOf(pieceKinds) kind!: PieceKind;
  @Optional() @NumberIn(5, 1000, 'mm') d?: number;
  @Optional() @NumberIn(5, 1000, 'mm') a?: number;
  @Optional() @NumberIn(5, 1000, 'mm') b?: number;
  @Optional() @NumberIn(0, 100, 'mm') rim?: number;
  @Optional() @NumberIn(0.2, 60, 'mm') t?: number;
  @Optional() @NumberIn(0.5, 1.6, 'g/cm³') rho?: number;
  @Optional() @NumberIn(0, 300, 'mm') dome?: number;
  @Optional() @NumberIn(0.01, 0.3, '') kappa?: number;
  @Optional() @NumberIn(5, 2000, 'mm') len?: number;
  @Optional() @NumberIn(5, 2000, 'mm') width?: number;
  @Optional() @NumberIn(0, 100, 'mm') fillT?: number;
  @Optional() @NumberIn(0, 500, 'mm') core?: number;
  @Optional() @NumberIn(1, 500, 'mm') slice?: number;
  @Optional() @NumberIn(5, 300, 'mm') rope?: number;
  @Optional() @NumberIn(20, 2000, 'mm') sheetLen?: number;
  @Optional() @NumberIn(20, 2000, 'mm') sheetWid?: number;
  @Optional() @NumberIn(0, 500, 'mm') join?: number;
  @Optional() @NumberIn(1, 20_000, 'g') mass?: number;
  @Optional() @NumberIn(2, 8, '', { integer: true }) strands?: number;
  @Optional() @NumberIn(0, 60, '°') angle?: number;
}

export class SheetInput {
  @OneOf(['rect', 'square', 'round']) shape!: Sheet['shape'];
  @Optional() @NumberIn(20, 2000, 'mm') w?: number;
  @Optional() @NumberIn(20, 2000, 'mm') h?: number;
  @Optional() @NumberIn(20, 2000, 'mm') d?: number;
}

export class DiscsInput {
  @Nested(() => SheetInput) sheet!: SheetInput;
  @NumberIn(5, 1000, 'mm') d!: number;
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
}

export class OtherCutterInput {
  @NumberIn(5, 1000, 'mm') D!: number;
  @NumberIn(0.2, 60, 'mm') t!: number;
  @NumberIn(5, 1000, 'mm') Dc!: number;
  @NumberIn(1, 200, 'pieces', { integer: true }) N!: number;
  @NumberIn(0, 100, 'mm') rim!: number;
}

export class CutterInput {
  @OneOf(cutterPolicies) policy!: CutterPolicy;
  @NumberIn(5, 1000, 'mm') D!: number;
  @NumberIn(0.2, 60, 'mm') t!: number;
  @NumberIn(0, 40, '%') shrinkPct!: number;
  @Optional() @NumberIn(0, 40, '%') acrossPct?: number;
  @Optional() @NumberIn(5, 1000, 'mm') cutterOnHand?: number;
  @Optional() @ListOf(40) @NumberIn(5, 1000, 'mm', { each: true }) cutters?: number[];
}

export class OutlinePointInput {
  @NumberIn(-2000, 2000, 'mm') x!: number;
  @NumberIn(-2000, 2000, 'mm') y!: number;
}

export const cutShapeKinds = ['disc', 'rect', 'triangle', 'outline'] as const;

/** What is cut: a disc by d, a rectangle by a and b, a triangle by base and height, an outline by its corners. */
export class CutShapeInput {
  @OneOf(cutShapeKinds) kind!: CutShape['kind'];
  @Optional() @NumberIn(5, 1000, 'mm') d?: number;
  @Optional() @NumberIn(5, 1000, 'mm') a?: number;
  @Optional() @NumberIn(5, 1000, 'mm') b?: number;
  @Optional() @NumberIn(5, 1000, 'mm') base?: number;
  @Optional() @NumberIn(5, 1000, 'mm') height?: number;
  @Optional() @NestedList(() => OutlinePointInput, 40) @ArrayMinSize(3) points?: OutlinePointInput[];
}

export const outlinePoints = (given: readonly OutlinePointInput[] | undefined): Point[] =>
  (given ?? []).map(({ x, y }): Point => [x, y]);

/** A shape from its fields, each within its range. */
export function shapeOf(i: CutShapeInput): CutShape {
  const size = (field: 'd' | 'a' | 'b' | 'base' | 'height') => within(i[field], 5, 1000, field);
  switch (i.kind) {
    case 'disc':
      return { kind: 'disc', d: size('d') };
    case 'rect':
      return { kind: 'rect', a: size('a'), b: size('b') };
    case 'triangle':
      return { kind: 'triangle', base: size('base'), height: size('height') };
    case 'outline':
      return { kind: 'outline', points: checkedOutline(outlinePoints(i.points), 'points') };
  }
}

class BedInput {
  @Nested(() => SheetInput) sheet!: SheetInput;
  @Nested(() => CutShapeInput) shape!: CutShapeInput;
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
}

export class LayInput extends BedInput {
  @Optional() @IsBoolean() quarterTurns?: boolean;
}

export class PlacedPieceInput {
  @NumberIn(-2000, 4000, 'mm') x!: number;
  @NumberIn(-2000, 4000, 'mm') y!: number;
  @Optional() @OneOf([0, 90, 180, 270]) turn?: Turn;
  @Optional() @IsBoolean() held?: boolean;
}

export class LayAroundInput extends BedInput {
  @NestedList(() => PlacedPieceInput, 200) held!: PlacedPieceInput[];
  @Optional() @NumberIn(1, 200, 'pieces', { integer: true }) most?: number;
}

export class SnapInput extends BedInput {
  @Nested(() => PlacedPieceInput) piece!: PlacedPieceInput;
  @NestedList(() => PlacedPieceInput, 200) others!: PlacedPieceInput[];
}

export class TwoCuttersInput {
  @NumberIn(20, 400, 'mm') baseMm!: number;
  @NumberIn(20, 400, 'mm') lidMm!: number;
  @NumberIn(1, 100, 'pairs', { integer: true }) pairs!: number;
  @NumberIn(0, 60, 'mm') trim!: number;
  @NumberIn(0, 30, 'mm') gap!: number;
  @NumberIn(100, 3000, 'mm') long!: number;
  @NumberIn(100, 3000, 'mm') wide!: number;
  @NumberIn(0, 3, 're-rolls', { integer: true }) maxRerolls!: number;
  @Optional() @NumberIn(0, 20, '%') lossPct?: number;
}

export class StripRowsInput {
  @ListOf(400) @NumberIn(1, 5000, 'mm', { each: true }) lengths!: number[];
  @NumberIn(20, 3000, 'mm') L!: number;
}

export class ThicknessInput {
  @NumberIn(20, 1_000_000, 'mm²') areaMm2!: number;
  @ListOf(9) @ArrayMinSize(1) @NumberIn(0.1, 20_000, 'g', { each: true }) grams!: number[];
  @NumberIn(0.5, 1.6, 'g/cm³') rho!: number;
}

export class ScrapsInput {
  @OneOf(scrapFates) fate!: ScrapFate;
  @NumberIn(0, 20_000, 'g') scrapG!: number;
  @NumberIn(5, 300, 'mm') miniMm!: number;
  @NumberIn(0.2, 60, 'mm') thicknessMm!: number;
  @NumberIn(0.5, 1.6, 'g/cm³') rho!: number;
  @NumberIn(0, 10, '', { integer: true }) generation!: number;
}

class ReRollSettingsInput {
  @NumberIn(5, 1000, 'mm') D!: number;
  @Optional() @Nested(() => CutShapeInput) shape?: CutShapeInput;
  @NumberIn(0.2, 60, 'mm') t!: number;
  @NumberIn(0.5, 1.6, 'g/cm³') rho!: number;
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
  @Optional() @NumberIn(0, 30, '%') lossPct?: number;
  @Optional() @NumberIn(0, 40, '%') shrink0?: number;
  @Optional() @NumberIn(0, 40, '%') shrinkAcross0?: number;
  @Optional() @NumberIn(0, 40, '%') shrinkStep?: number;
  @Optional() @OneOf(cutterPolicies) policy?: CutterPolicy;
  @Optional() @NumberIn(5, 1000, 'mm') cutterOnHand?: number;
  @Optional() @ListOf(40) @NumberIn(5, 1000, 'mm', { each: true }) cutters?: number[];
  @Optional() @NumberIn(0, 10, '', { integer: true }) maxRerolls?: number;
  @Optional() @NumberIn(0, 20_000, 'g') minScrap?: number;
  @Optional() @NumberIn(20, 2000, 'mm') wmax?: number;
  @Optional() @NumberIn(20, 2000, 'mm') hmax?: number;
  @Optional() @NumberIn(1, 10, '') aspectMax?: number;
}

export class ReRollInput extends ReRollSettingsInput {
  @NumberIn(1, 20_000, 'g') mass!: number;
  @Optional() @NumberIn(1, 200, 'pieces', { integer: true }) need?: number;
}

export class SizeForDoughInput extends ReRollSettingsInput {
  @NumberIn(1, 20_000, 'g') mass!: number;
  @NumberIn(1, 200, 'pieces', { integer: true }) N!: number;
}

export class SheetsForInput extends ReRollSettingsInput {
  @NumberIn(1, 200, 'pieces', { integer: true }) N!: number;
  @Nested(() => SheetInput) sheet!: SheetInput;
}

export class MinimumDoughInput extends ReRollSettingsInput {
  @NumberIn(1, 200, 'pieces', { integer: true }) N!: number;
}

export class SearchInput extends DiscsInput {
  @Optional() @OneOf(efforts) effort?: Effort;
}

export class SmallestSheetInput {
  @NumberIn(1, 200, 'pieces', { integer: true }) N!: number;
  @NumberIn(5, 1000, 'mm') d!: number;
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
  @Optional() @ListOf(3) @OneOfEach(['rect', 'square', 'round']) shapes?: Sheet['shape'][];
  @Optional() @NumberIn(20, 2000, 'mm') wmax?: number;
  @Optional() @NumberIn(20, 2000, 'mm') hmax?: number;
  @Optional() @NumberIn(1, 10, '') aspectMax?: number;
  @Optional() @OneOf(efforts) effort?: Effort;
}

export class SetTypeInput {
  @NumberIn(5, 1000, 'mm') d!: number;
  @NumberIn(1, 30, '', { integer: true }) count!: number;
}

class SetsInput {
  @NestedList(() => SetTypeInput, 12) types!: SetTypeInput[];
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
  @Optional() @OneOf(efforts) effort?: Effort;
}

export class SheetForSetsInput extends SetsInput {
  @NumberIn(1, 30, 'sets', { integer: true }) sets!: number;
  @Optional() @ListOf(2) @OneOfEach(['square', 'round']) shapes?: ('square' | 'round')[];
}

export class SetsFromSheetInput extends SetsInput {
  @Nested(() => SheetInput) sheet!: SheetInput;
}

class PlainSheetInput {
  @NumberIn(20, 2000, 'mm') w!: number;
  @NumberIn(20, 2000, 'mm') h!: number;
  @Optional() @NumberIn(0, 60, 'mm') trim?: number;
}

export class StraightCutsInput extends PlainSheetInput {
  @NumberIn(5, 1000, 'mm') a!: number;
  @NumberIn(5, 1000, 'mm') b!: number;
  @Optional() @NumberIn(0, 30, 'mm') gap?: number;
  @Optional() @IsBoolean() rotate?: boolean;
}

export class SquareTrianglesInput extends PlainSheetInput {
  @NumberIn(5, 1000, 'mm') a!: number;
}

export class StripTrianglesInput extends PlainSheetInput {
  @NumberIn(5, 1000, 'mm') b!: number;
  @NumberIn(5, 1000, 'mm') t!: number;
}

export class TargetsInput {
  @NumberIn(1, 1_000_000, 'g') M!: number;
  @NumberIn(1, 200, 'portions', { integer: true }) N!: number;
  @Optional() @ListOf(200) @NumberIn(0.01, 1000, '', { each: true }) weights?: number[];
}

export class MovesInput {
  @ListOf(400) @NumberIn(0, 1_000_000, 'g', { each: true }) m!: number[];
  @ListOf(400) @NumberIn(0, 1_000_000, 'g', { each: true }) T!: number[];
  @NumberIn(0, 10_000, 'g') tol!: number;
  @Optional() @NumberIn(0, 1_000_000, 'g') rest?: number;
}

export class TilingInput {
  @NumberIn(1, 3000, 'mm') W!: number;
  @NumberIn(1, 3000, 'mm') H!: number;
  @OneOf(Object.keys(papers)) paper!: Paper;
  @Optional() @NumberIn(0, 40, 'mm') margin?: number;
  @Optional() @NumberIn(0, 60, 'mm') footer?: number;
  @Optional() @NumberIn(0, 40, 'mm') overlap?: number;
}
