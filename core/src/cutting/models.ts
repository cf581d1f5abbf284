import { model } from '../quantities/model';
import { cutterFor } from './cutter';
import * as inputs from './inputs';
import { otherCutter, piece } from './piece';
import { mostDiscs, mostSets, smallestSheet, smallestSheetForSets } from './nesting';
import { fewestMoves, targets } from './portions';
import { gridOnly, guillotine, squareTriangles, stripTriangles } from './straightCuts';
import { tiling } from './tiling';
import { minimumDough, planReRolls } from './reRolls';
import { rowPattern } from './rowPatterns';
import { checkedDiscs, olerBound, type Sheet } from './sheet';

const units = 'mm, g, ml';
const discs = (i: inputs.DiscsInput) => checkedDiscs({ ...i, sheet: i.sheet as Sheet });

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
    run: planReRolls,
  }),
  model({
    name: 'cutting.minimumDough',
    summary: 'Least dough for a number of pieces',
    units,
    source: 'Scan over the re-roll plan',
    certainty: 'estimate',
    input: inputs.MinimumDoughInput,
    run: minimumDough,
  }),
];
