import { model } from '../quantities/model';
import { cutterFor } from './cutter';
import * as inputs from './inputs';
import { otherCutter, piece } from './piece';
import { minimumDough, planReRolls } from './reRolls';
import { rowPattern } from './rowPatterns';
import { checkedDiscs, olerBound, type Sheet } from './sheet';

const units = 'mm, g, ml';
const discs = (i: inputs.DiscsInput) => checkedDiscs({ ...i, sheet: i.sheet as Sheet });

export const cuttingModels = [
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
