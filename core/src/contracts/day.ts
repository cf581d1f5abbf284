import { IsArray, IsBoolean, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator';
import { Nested, NestedList, NumberIn, OneOf } from '../quantities/rules';
import { handPieceKinds, type HandPieceKind } from '../filling/handPiece';
import { BakeHead } from './bake';
import { LogAnswersInput } from './log';
import { mostItems } from './most';
import { pastries, products, signs, type Pastry, type Product, type Sign } from './products';

/** A pie of a day as it stands on its board: what it is, how large, how many. */
export class DayPie {
  @IsString() @MaxLength(60) title!: string;
  @OneOf(signs) sign!: Sign;
  @OneOf(products) product!: Product;
  @OneOf(pastries) pastry!: Pastry;
  @OneOf(handPieceKinds) pieceKind!: HandPieceKind;
  @NumberIn(1, 60, 'pieces', { integer: true }) count!: number;
  @NumberIn(0, 2000, 'mm') acrossMm!: number;
  @NumberIn(0, 500, 'mm') depthMm!: number;
  @NumberIn(1, 24, 'dishes', { integer: true }) dishes!: number;
  @IsOptional() @IsString() dish?: string;
  @IsString() filling!: string;
}

/** How one pie of a day came out. */
export class DayEntry {
  @IsUUID() id!: string;
  @IsString() title!: string;
  @Nested(() => LogAnswersInput) answers!: LogAnswersInput;
}

/** A day among all days: what it was, for whom, when, and how it came out. */
export class Day extends BakeHead {
  @NumberIn(1, 60, 'people', { integer: true }) people!: number;
  /** Names of those at the table, where they were named. */
  @IsArray() @IsString({ each: true }) names!: string[];
  @NestedList(() => DayPie, mostItems) made!: DayPie[];
  @NestedList(() => DayEntry, 100) cameOut!: DayEntry[];
  @IsBoolean() away!: boolean;
}
