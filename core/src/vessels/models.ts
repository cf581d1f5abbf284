import { model } from '../quantities/model';
import { baseBlank, fillCapacity, fillDepth, fitVerdict, latticeStrips, lidBlank } from './blanks';
import { fitDishes, swapDishes } from './dishes';
import * as inputs from './inputs';
import { depthForVolume, vesselAreas, vesselGeometry, vesselVolume } from './vessel';

const geometry = 'Solid geometry';
const units = 'mm in; ml and mm² out';

export const vesselModels = [
  model({
    name: 'vessels.volume',
    summary: 'Capacity of a dish',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.VesselOnlyInput,
    run: (i) => ({ ml: vesselVolume(vesselGeometry(i.vessel)) }),
  }),
  model({
    name: 'vessels.areas',
    summary: 'Bottom, side and lining area of a dish',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.VesselOnlyInput,
    run: (i) => vesselAreas(vesselGeometry(i.vessel), i.rimCover),
  }),
  model({
    name: 'vessels.depthForVolume',
    summary: 'How high a volume stands in a dish',
    units: 'mm, ml',
    source: geometry,
    certainty: 'exact',
    input: inputs.DepthInput,
    run: (i) => ({ z: depthForVolume(vesselGeometry(i.vessel), i.ml) }),
  }),
  model({
    name: 'vessels.baseBlank',
    summary: 'Base to cut for a dish',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.BlankInput,
    run: (i) => baseBlank(vesselGeometry(i.vessel), i.rimCover, i.overhang),
  }),
  model({
    name: 'vessels.lidBlank',
    summary: 'Lid to cut for a dish',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.BlankInput,
    run: (i) => lidBlank(vesselGeometry(i.vessel), i.rimCover, i.overhang, i.dome),
  }),
  model({
    name: 'vessels.fillCapacity',
    summary: 'How much filling a dish takes',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.CapacityInput,
    run: (i) => ({ ml: fillCapacity(vesselGeometry(i.vessel), i) }),
  }),
  model({
    name: 'vessels.fillDepth',
    summary: 'How high a filling stands in a lined dish, and whether it fits',
    units: 'mm, ml',
    source: geometry,
    certainty: 'exact',
    input: inputs.FillDepthInput,
    run: (i) => {
      const g = vesselGeometry(i.vessel);
      return { ...fillDepth(g, i), ...fitVerdict(i.ml, fillCapacity(g, i)) };
    },
  }),
  model({
    name: 'vessels.latticeStrips',
    summary: 'Strips of a lattice lid',
    units,
    source: geometry,
    certainty: 'exact',
    input: inputs.LatticeInput,
    run: (i) => latticeStrips(vesselGeometry(i.vessel), i),
  }),
  model({
    name: 'vessels.fitDishes',
    summary: 'Which dishes take a filling',
    units: 'ml',
    source: 'Enumeration',
    certainty: 'exact',
    input: inputs.FitDishesInput,
    run: fitDishes,
  }),
  model({
    name: 'vessels.swap',
    summary: 'Swapping one dish for another',
    units: 'ratios, mm',
    source: geometry,
    certainty: 'exact',
    input: inputs.SwapInput,
    run: (i) => swapDishes(vesselGeometry(i.from), vesselGeometry(i.to)),
  }),
];
