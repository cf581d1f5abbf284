import { leafLaying, stretchedArea } from './leafLaying';
import { model } from '../quantities/model';
import * as inputs from './inputs';
import { layers } from './layers';
import { crumbMix, roughPuff, roughPuffFolds } from './roughPuff';
import { planSheet } from './sheetPlan';
import { calibrateRelaxation, calibrateSpring, springBack } from './springBack';
import { fatVolumeShare, layerThickness, passes } from './thickness';

const estimate = 'Our estimate; recalibrate from your own sheets';

export const laminationModels = [
  model({
    name: 'lamination.leafLaying',
    summary: 'Order, overlap and brushing of filo leaves for a tray or a coil',
    units: 'mm, g/m² in; g out',
    source: estimate,
    certainty: 'estimate',
    input: inputs.LeafLayingInput,
    run: leafLaying,
  }),
  model({
    name: 'lamination.stretchedArea',
    summary: 'Area a piece of filo dough is stretched to',
    units: 'g, mm in; m² out',
    source: 'Conservation of volume; the density is an estimate',
    certainty: 'estimate',
    input: inputs.StretchedAreaInput,
    run: (i) => stretchedArea(i.massG, i.thicknessMm),
  }),
  model({
    name: 'lamination.layers',
    summary: 'Fat, dough and nominal layers through a lock and folds',
    units: 'counts',
    source: 'Counting of merging faces',
    certainty: 'exact',
    input: inputs.LayersInput,
    run: (i) => layers(i.lock, i.folds, i.portions),
  }),
  model({
    name: 'lamination.layerThickness',
    summary: 'Layer thickness of a finished sheet and whether the films hold',
    units: 'm in; µm out',
    source: 'Counting; the bands are our estimate',
    certainty: 'estimate',
    input: inputs.LayerThicknessInput,
    run: layerThickness,
  }),
  model({
    name: 'lamination.fatVolumeShare',
    summary: 'Volume share of fat from masses',
    units: 'kg, kg/m³',
    source: 'Arithmetic',
    certainty: 'exact',
    input: inputs.FatVolumeShareInput,
    run: (i) => ({ phi: fatVolumeShare(i.fatMass, i.doughMass, i.fatDensity, i.doughDensity) }),
  }),
  model({
    name: 'lamination.passes',
    summary: 'Rolling passes from one thickness to another',
    units: 'm',
    source: 'Equal ratios; the largest ratio is an estimate',
    certainty: 'estimate',
    input: inputs.PassesInput,
    run: (i) => passes(i.from, i.to, i.maxRatio),
  }),
  model({
    name: 'lamination.springBack',
    summary: 'How much a sheet shrinks if cut now and the rest it needs',
    units: 'ratios, min, °C',
    source: estimate,
    certainty: 'estimate',
    input: inputs.SpringBackInput,
    run: springBack,
  }),
  model({
    name: 'lamination.calibrateSpring',
    summary: 'This cook’s multiple of the spring-back',
    units: 'ratios',
    source: 'Log-normal prior and measurements',
    certainty: 'learnt',
    input: inputs.CalibrateSpringInput,
    run: (i) => calibrateSpring(i.measurements),
  }),
  model({
    name: 'lamination.calibrateRelaxation',
    summary: 'Relaxation time from two shrinks of one sheet',
    units: 'min',
    source: 'Two measurements',
    certainty: 'learnt',
    input: inputs.CalibrateRelaxationInput,
    run: (i) => calibrateRelaxation(i.t1, i.s1, i.t2, i.s2),
  }),
  model({
    name: 'lamination.planSheet',
    summary: 'From the wanted sheet back to dough, fat block and every roll',
    units: 'm, kg',
    source: 'Conservation of volume',
    certainty: 'exact',
    input: inputs.SheetPlanInput,
    run: planSheet,
  }),
  model({
    name: 'lamination.roughPuff',
    summary: 'Streaks of fat lumps after a rough puff’s folds',
    units: 'm',
    source: estimate,
    certainty: 'estimate',
    input: inputs.RoughPuffInput,
    run: roughPuff,
  }),
  model({
    name: 'lamination.roughPuffFolds',
    summary: 'Folds until streaks are thin enough',
    units: 'm',
    source: estimate,
    certainty: 'estimate',
    input: inputs.RoughPuffFoldsInput,
    run: roughPuffFolds,
  }),
  model({
    name: 'lamination.crumbMix',
    summary: 'Coating, lumps and streaks of a two-size shortcrust',
    units: 'kg, m',
    source: estimate,
    certainty: 'estimate',
    input: inputs.CrumbMixInput,
    run: crumbMix,
  }),
];
