import { NestedList, NumberIn, OneOf, Optional, OneOfEach, ListOf } from '../quantities/rules';
import { IsBoolean } from 'class-validator';
import { layings, type Laying } from '../lamination/leafLaying';

/** How fat comes between the layers: lumps mixed in, a block locked in, or spread on turn by turn. */
export const lockIns = ['lumps', 'envelope', 'half', 'twoThirds', 'inverse', 'spread'] as const;
export type LockIn = (typeof lockIns)[number];
export const foldNames = ['single', 'letter', 'zigzag', 'book'] as const;
export type FoldWord = (typeof foldNames)[number];
export const coldPlaces = ['fridge', 'freezer'] as const;

/**
 * How a cook rests a pastry: as worked out, so many minutes of their own, only when it has gone soft, not before it is shaped
 * but then, not at all, or covered at room heat.
 */
export const restWays = ['workedOut', 'own', 'onlyIfSoft', 'shapesOnly', 'none', 'room'] as const;
export type RestWay = (typeof restWays)[number];

/** A turn as the cook rolls it: two of its sizes, the third follows from the dough there is; of three, length and width count. */
export class OwnTurnInput {
  @NumberIn(1, 12, '', { integer: true }) turn!: number;
  @Optional() @NumberIn(100, 1200, 'mm') lengthMm?: number;
  @Optional() @NumberIn(60, 800, 'mm') widthMm?: number;
  @Optional() @NumberIn(1.5, 60, 'mm') thicknessMm?: number;
}

export class FoldsInput {
  @Optional() @OneOf(restWays) rests?: RestWay;
  /** Minutes of each rest, where they are the cook's own. */
  @Optional() @NumberIn(1, 1440, 'min', { integer: true }) ownRestMin?: number;
  /** Laminated: turns, panels a turn, length rolled to, size of the fat lumps. */
  @NumberIn(1, 12, 'turns', { integer: true }) turns!: number;
  @OneOf([3, 4]) fold!: 3 | 4;
  @NumberIn(200, 800, 'mm') rolledLengthMm!: number;
  @NumberIn(3, 40, 'mm') lumpMm!: number;
  @Optional() @OneOf(lockIns) lock?: LockIn;
  /** Share of the fat that is rubbed in before the rest is locked in or spread; and the turns it is spread over. */
  @Optional() @NumberIn(0, 60, '%') rubbedPct?: number;
  @Optional() @NumberIn(1, 6, 'turns', { integer: true }) spreadTurns?: number;
  /** A sequence of the cook's own in place of so many like turns. */
  @Optional() @ListOf(12) @OneOfEach(foldNames) ownFolds?: FoldWord[];
  /** Turns the cook rolls to another size. */
  @Optional() @NestedList(() => OwnTurnInput, 12) ownTurns?: OwnTurnInput[];
  /** Turns that may follow one another without a rest. */
  @Optional() @NumberIn(1, 4, 'turns', { integer: true }) turnsAtOnce?: number;
  /** Goes in which it is rolled out, with a chill between. */
  @Optional() @NumberIn(1, 4, 'goes', { integer: true }) rollGoes?: number;
  /** Packets chill as two halves side by side. */
  @Optional() @IsBoolean() halves?: boolean;
  /** How far under its band a chill takes the fat, and where it chills. */
  @Optional() @NumberIn(0, 12, 'K') chillBelowK?: number;
  @Optional() @OneOf(coldPlaces) coldIn?: (typeof coldPlaces)[number];
  /** Shortcrust: share rubbed small, size of the large pieces, thickness of the disc that chills. */
  @NumberIn(0, 100, '%') coatedPct!: number;
  @NumberIn(1, 15, 'mm') crumbMm!: number;
  @NumberIn(10, 60, 'mm') discMm!: number;
  /** Filo: leaves in a stack, fat brushed on each, leaf size. */
  @NumberIn(1, 12, 'leaves', { integer: true }) leavesInStack!: number;
  @NumberIn(0, 200, 'g/m²') brushGramsPerM2!: number;
  /** Share of what leaves are brushed with that is oil, mixed into the fat. */
  @Optional() @NumberIn(0, 90, '%') brushOilPct?: number;
  @NumberIn(150, 700, 'mm') leafLengthMm!: number;
  @NumberIn(150, 600, 'mm') leafWidthMm!: number;
  /** A tray's leaves over the filling, where it is not as usual. */
  @Optional() @NumberIn(1, 12, 'leaves', { integer: true }) leavesOver?: number;
  /** Every leaf is cut across in two, and its halves are laid as leaves. */
  @Optional() @IsBoolean() halfLeaves?: boolean;
  /** What strips of leaf are closed to, for pies in the hand; trays and coils are laid as they are. */
  @Optional() @OneOf(layings) laying?: Laying;
}
