import { ArrayMinSize, IsString, MaxLength } from 'class-validator';
import { CutShapeInput, shapeOf } from '../cutting/inputs';
import type { Turn } from '../cutting/shape';
import { papers, type Paper } from '../cutting/tiling';
import { model } from '../quantities/model';
import { Nested, NestedList, NumberIn, OneOf, Optional } from '../quantities/rules';
import { cutOrder } from './cutOrder';
import { paperPages } from './pages';
import { piecesDrawing } from './pieces';
import { drawingSvg } from './svg';

export class TemplatePieceInput {
  @Nested(() => CutShapeInput) shape!: CutShapeInput;
  @NumberIn(0, 3000, 'mm') x!: number;
  @NumberIn(0, 3000, 'mm') y!: number;
  @Optional() @OneOf([0, 90, 180, 270]) turn?: Turn;
  @Optional() @NumberIn(1, 999, '', { integer: true }) number?: number;
  @Optional() @IsString() @MaxLength(80) label?: string;
  @Optional() @NumberIn(0, 100, 'mm') rimMm?: number;
}

export class TemplateInput {
  @IsString() @MaxLength(120) title!: string;
  @NestedList(() => TemplatePieceInput, 200) @ArrayMinSize(1) pieces!: TemplatePieceInput[];
  @OneOf(Object.keys(papers)) paper!: Paper;
}

export class OrderedPieceInput {
  @NumberIn(-3000, 3000, 'mm') x!: number;
  @NumberIn(-3000, 3000, 'mm') y!: number;
  @NumberIn(1, 2000, 'mm') sizeMm!: number;
}

export class CutOrderInput {
  @NestedList(() => OrderedPieceInput, 400) pieces!: OrderedPieceInput[];
}

export const templateModels = [
  model({
    name: 'templates.drawing',
    summary: 'Pieces at their own size: SVG in millimetres, and sheets of paper with rulers and register marks',
    units: 'mm',
    source: 'Geometry',
    certainty: 'exact',
    input: TemplateInput,
    run: (i) => {
      const d = piecesDrawing(
        i.title,
        i.pieces.map((p) => ({ ...p, shape: shapeOf(p.shape) })),
      );
      return {
        svg: drawingSvg(d),
        pages: paperPages(d, i.paper, (row, column, pages) => `${i.title} ${row}/${column} (${pages})`),
      };
    },
  }),
  model({
    name: 'templates.cutOrder',
    summary: 'The order pieces are cut in, so that offcuts stay in one piece',
    units: 'mm',
    source: 'Rows walked back and forth, larger pieces first',
    certainty: 'exact',
    input: CutOrderInput,
    run: (i) => ({ order: cutOrder(i.pieces) }),
  }),
];
