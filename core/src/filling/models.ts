import { ArrayMinSize } from 'class-validator';
import { OutlinePointInput, outlinePoints } from '../cutting/inputs';
import { model } from '../quantities/model';
import { NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { handPiece, handPieceKinds, type HandPieceKind } from './handPiece';
import { custardSet } from './custard';
import { leafPieceKinds, leafPieces, type LeafPieceKind } from './leafPieces';
import { fillKinds, fillVolume, simulatorShape, type FillShape, type FillShapeKind } from './fillVolume';

export class FillShapeInput implements FillShape {
  @OneOf(fillKinds) kind!: FillShapeKind;
  @Optional() @NumberIn(0.1, 200, 'cm') D?: number;
  @Optional() @NumberIn(0, 20, 'cm') r?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') w?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') l?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') s?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') d?: number;
  @Optional() @NumberIn(0.1, 1000, 'cm') L?: number;
  @Optional() @NumberIn(0.01, 10, 'cm') t?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') Dtop?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') Dbot?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') h?: number;
  @Optional() @NumberIn(0, 5, 'cm') tc?: number;
  @Optional() @NumberIn(0, 30, 'cm') dome?: number;
  @Optional() @NumberIn(0, 20, 'cm') taper?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') dia?: number;
  @Optional() @NumberIn(0.1, 200, 'cm') len?: number;
  @Optional() @NumberIn(0.2, 2, 'g/ml') density?: number;
}

export class LeafPiecesInput {
  @OneOf(leafPieceKinds) kind!: LeafPieceKind;
  @NumberIn(50, 2000, 'mm') leafLengthMm!: number;
  @NumberIn(50, 2000, 'mm') leafWidthMm!: number;
  @NumberIn(20, 800, 'mm') stripMm!: number;
  @NumberIn(1, 20, 'leaves', { integer: true }) leavesInStack!: number;
}

export class HandPieceInput {
  @OneOf(handPieceKinds) kind!: HandPieceKind;
  @NumberIn(5, 1000, 'mm') sizeMm!: number;
  @Optional() @NumberIn(5, 1000, 'mm') otherMm?: number;
  @NumberIn(0, 100, 'mm') rimMm!: number;
  @NumberIn(0.2, 60, 'mm') thicknessMm!: number;
  @Optional() @NestedList(() => OutlinePointInput, 40) @ArrayMinSize(3) outline?: OutlinePointInput[];
  @Optional() @NumberIn(1, 100, 'mm') fillThicknessMm?: number;
  @Optional() @NumberIn(5, 1000, 'mm') sliceMm?: number;
}

const source = 'Geometry; Paulsen (1994) and Robin (2004) volumes; fullness factors are estimates';

export class CustardInput {
  @NumberIn(0, 20_000, 'g') eggG!: number;
  @NumberIn(0, 20_000, 'g') yolkG!: number;
  @NumberIn(0, 20_000, 'g') liquidG!: number;
  @NumberIn(0, 20_000, 'g') cheeseG!: number;
  @NumberIn(0, 20_000, 'g') starchG!: number;
}

export const fillingModels = [
  model({
    name: 'filling.volume',
    summary: 'Comfortable and overfull filling of a product',
    units: 'cm in; ml and g out',
    source,
    certainty: 'estimate',
    input: FillShapeInput,
    run: fillVolume,
  }),
  model({
    name: 'filling.simulatorShape',
    summary: 'Outline and depth of a product for the bake simulator',
    units: 'cm in; mm out',
    source,
    certainty: 'estimate',
    input: FillShapeInput,
    run: simulatorShape,
  }),
  model({
    name: 'filling.custard',
    summary: 'How a filling set by egg stands when it is cool',
    units: 'g in; g egg for 100 g liquid, °C out',
    source: 'Ordinary practice',
    certainty: 'estimate',
    input: CustardInput,
    run: (i) => ({ custard: custardSet(i) }),
  }),
  model({
    name: 'filling.leafPieces',
    summary: 'Triangles, parcels and cigars closed in strips of leaf: how many a stack gives, and what one holds',
    units: 'mm in; mm, ml out',
    source: 'Oven and filling 3.6 for a triangle; the rest our estimates',
    certainty: 'estimate',
    input: LeafPiecesInput,
    run: leafPieces,
  }),
  model({
    name: 'filling.handPiece',
    summary: 'What is cut for one pie held in the hand, and what it holds',
    units: 'mm in; mm, mm² and ml out',
    source: 'Geometry; fullness of pockets is an estimate',
    certainty: 'estimate',
    input: HandPieceInput,
    run: (i) => handPiece({ ...i, outline: outlinePoints(i.outline) }),
  }),
];
