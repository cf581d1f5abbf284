import { model } from '../quantities/model';
import { cutterFor } from './cutter';
import * as inputs from './inputs';
import { otherCutter, piece } from './piece';
import { mostDiscs, mostSets, smallestSheet, smallestSheetForSets } from './nesting';
import { fewestMoves, targets } from './portions';
import { gridOnly, guillotine, squareTriangles, stripTriangles } from './straightCuts';
import { tiling } from './tiling';
import { packerOf } from './packer';
import { layAround, misplaced, snapped } from './placing';
import { minimumDough, planReRolls, sheetsFor, sizeForDough } from './reRolls';
import { planScraps } from './scraps';
import { twoCutters } from './twoCutters';
import { stripRows } from './strips';
import { thicknessByWeight } from './thickness';
import { compareWays } from './ways';
import { rowPattern } from './rowPatterns';
import { checkedDiscs, olerBound, type Sheet } from './sheet';

const units = 'mm, g, ml';
const discs = (i: inputs.DiscsInput) => checkedDiscs({ ...i, sheet: i.sheet as Sheet });

const bed = (i: inputs.LayAroundInput | inputs.LayInput) => ({
  sheet: checkedDiscs({ d: 10, sheet: i.sheet as Sheet }).sheet,
  shape: inputs.shapeOf(i.shape),
  trim: i.trim ?? 5,
  gap: i.gap ?? 2,
});
const reRolled = <I extends { shape?: inputs.CutShapeInput }>({ shape, ...rest }: I) => ({
  ...rest,
  ...(shape ? { shape: inputs.shapeOf(shape) } : {}),
});

const search = 'Soft discs with quasi-Newton steps and hops; rows first; the seed is fixed';

export const cuttingModels = [
  model({
    name: 'cutting.mostDiscs',
    summary: 'Most discs from a sheet, in rows or freely placed, with the bound',
    units,
    source: search,
    certainty: 'exact',
    input: inputs.SearchInput,
    run: (i) => mostDiscs(discs(i), i.effort),
  }),
  model({
    name: 'cutting.smallestSheet',
    summary: 'The smallest rectangular, square or round sheet for N discs',
    units,
    source: search,
    certainty: 'exact',
    input: inputs.SmallestSheetInput,
    run: smallestSheet,
  }),
  model({
    name: 'cutting.smallestSheetForSets',
    summary: 'The smallest square or round sheet for sets of two or more sizes',
    units,
    source: search,
    certainty: 'exact',
    input: inputs.SheetForSetsInput,
    run: smallestSheetForSets,
  }),
  model({
    name: 'cutting.mostSets',
    summary: 'Most whole sets of two or more sizes from a sheet',
    units,
    source: search,
    certainty: 'exact',
    input: inputs.SetsFromSheetInput,
    run: (i) => mostSets({ ...i, sheet: i.sheet as Sheet }),
  }),
  model({
    name: 'cutting.straightCuts',
    summary: 'Most rectangles by cuts straight through, with the fewest passes; and in a grid only',
    units,
    source: 'Memoised search over sums of sides',
    certainty: 'exact',
    input: inputs.StraightCutsInput,
    run: (i) => ({ ...guillotine(i), grid: gridOnly(i) }),
  }),
  model({
    name: 'cutting.squareTriangles',
    summary: 'Right triangles from squares',
    units,
    source: 'Geometry',
    certainty: 'exact',
    input: inputs.SquareTrianglesInput,
    run: squareTriangles,
  }),
  model({
    name: 'cutting.stripTriangles',
    summary: 'Isosceles triangles head to tail in strips',
    units,
    source: 'Geometry',
    certainty: 'exact',
    input: inputs.StripTrianglesInput,
    run: stripTriangles,
  }),
  model({
    name: 'cutting.targets',
    summary: 'Whole grams for portions, alike or by weights',
    units: 'g',
    source: 'Largest remainders',
    certainty: 'exact',
    input: inputs.TargetsInput,
    run: (i) => targets(i.M, i.N, i.weights),
  }),
  model({
    name: 'cutting.moves',
    summary: 'Fewest moves of grams that even portions out',
    units: 'g',
    source: 'Subsets that settle inside themselves; exact up to 14',
    certainty: 'exact',
    input: inputs.MovesInput,
    run: (i) => fewestMoves(i.m, i.T, i.tol, i.rest),
  }),
  model({
    name: 'cutting.tiling',
    summary: 'Pages a template takes at its own size',
    units,
    source: 'Arithmetic',
    certainty: 'exact',
    input: inputs.TilingInput,
    run: tiling,
  }),
  model({
    name: 'cutting.piece',
    summary: 'Area, mass, seam and comfortable filling of one piece',
    units,
    source: 'Geometry; pocket fullness is an estimate',
    certainty: 'estimate',
    input: inputs.PieceInput,
    run: piece,
  }),
  model({
    name: 'cutting.otherCutter',
    summary: 'What another cutter would mean',
    units,
    source: 'Geometry',
    certainty: 'exact',
    input: inputs.OtherCutterInput,
    run: otherCutter,
  }),
  model({
    name: 'cutting.rowPattern',
    summary: 'Most discs from a sheet, laid in rows',
    units,
    source: 'Row patterns; bound after Oler',
    certainty: 'exact',
    input: inputs.DiscsInput,
    run: (i) => rowPattern(discs(i)),
  }),
  model({
    name: 'cutting.bound',
    summary: 'No more discs than this can lie in a sheet',
    units,
    source: 'Oler’s inequality',
    certainty: 'exact',
    input: inputs.DiscsInput,
    run: (i) => ({ bound: olerBound(discs(i)) }),
  }),
  model({
    name: 'cutting.cutter',
    summary: 'Cutter and roll thickness that allow for shrink',
    units,
    source: 'Conservation of mass',
    certainty: 'exact',
    input: inputs.CutterInput,
    run: cutterFor,
  }),
  model({
    name: 'cutting.reRolls',
    summary: 'A mass of dough cut to the end, with re-rolls',
    units,
    source: 'Conservation of mass; shrink and loss are estimates',
    certainty: 'estimate',
    input: inputs.ReRollInput,
    run: (i) => planReRolls(reRolled(i)),
  }),
  model({
    name: 'cutting.minimumDough',
    summary: 'Least dough for a number of pieces',
    units,
    source: 'Scan over the re-roll plan',
    certainty: 'estimate',
    input: inputs.MinimumDoughInput,
    run: (i) => minimumDough(reRolled(i)),
  }),
  model({
    name: 'cutting.sheetsFor',
    summary: 'How many sheets of one size a number of pieces takes, re-rolls counted',
    units,
    source: 'Conservation of mass; shrink and loss are estimates',
    certainty: 'estimate',
    input: inputs.SheetsForInput,
    run: ({ sheet, ...i }) => sheetsFor({ ...reRolled(i), first: { sheet: sheet as Sheet } }),
  }),
  model({
    name: 'cutting.sizeForDough',
    summary: 'The largest size of piece of which a mass of dough gives so many',
    units,
    source: 'Search over the re-roll plan',
    certainty: 'estimate',
    input: inputs.SizeForDoughInput,
    run: (i) => ({ found: sizeForDough(reRolled(i)) }),
  }),
  model({
    name: 'cutting.ways',
    summary: 'Rounds, squares and equal balls compared',
    units,
    source: 'Scan over the re-roll plan',
    certainty: 'estimate',
    input: inputs.MinimumDoughInput,
    run: (i) => ({ ways: compareWays(i) }),
  }),
  model({
    name: 'cutting.lay',
    summary: 'A shape laid in rows on a sheet, head to tail where that holds more',
    units,
    source: 'Row patterns and slides of outlines',
    certainty: 'exact',
    input: inputs.LayInput,
    run: (i) => {
      const { sheet, shape, trim, gap } = bed(i);
      return packerOf(shape, { trim, gap, quarterTurns: i.quarterTurns ?? true }).lay(sheet);
    },
  }),
  model({
    name: 'cutting.layAround',
    summary: 'Pieces laid again round those that are held',
    units,
    source: 'Rows shifted under the held pieces, and snug filling',
    certainty: 'exact',
    input: inputs.LayAroundInput,
    run: (i) => layAround(bed(i), i.held, i.most),
  }),
  model({
    name: 'cutting.snap',
    summary: 'The nearest place to where a piece is put down at which it is clear of the others',
    units,
    source: 'Touching places of walls and neighbours',
    certainty: 'exact',
    input: inputs.SnapInput,
    run: (i) => snapped(bed(i), i.piece, i.others),
  }),
  model({
    name: 'cutting.misplaced',
    summary: 'Pieces over the trim, and pairs that overlap',
    units,
    source: 'Geometry',
    certainty: 'exact',
    input: inputs.LayAroundInput,
    run: (i) => misplaced(bed(i), i.held),
  }),
  model({
    name: 'cutting.twoCutters',
    summary: 'Bases and lids from two cutters laid on one sheet, trimmings rolled again',
    units: 'mm, mm²',
    source: 'Rows, lids in what bases leave free; the smallest first sheet whose trimmings give the rest',
    certainty: 'estimate',
    input: inputs.TwoCuttersInput,
    run: twoCutters,
  }),
  model({
    name: 'cutting.strips',
    summary: 'Strips in the fewest rows of a sheet',
    units: 'mm',
    source: 'First fit, then branch and bound',
    certainty: 'exact',
    input: inputs.StripRowsInput,
    run: stripRows,
  }),
  model({
    name: 'cutting.thickness',
    summary: 'Thickness of a sheet from pieces weighed',
    units: 'mm, g, mm²',
    source: 'Mass over area and density',
    certainty: 'estimate',
    input: inputs.ThicknessInput,
    run: thicknessByWeight,
  }),
  model({
    name: 'cutting.scraps',
    summary: 'What becomes of what is left',
    units,
    source: 'Conservation of mass; shrink is an estimate',
    certainty: 'estimate',
    input: inputs.ScrapsInput,
    run: planScraps,
  }),
];
