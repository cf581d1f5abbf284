import { mixtureComposition } from '../ingredients/composition';
import { model } from '../quantities/model';
import { calibrateEnvironment } from './calibrateEnvironment';
import { blendSolidFatContent, solidFatContent } from './fats';
import { filoDry, filoFat, gabActivity, gabMoisture } from './filo';
import { coolFilling, maxFillingTemperature } from './fillingCooling';
import { freezing } from './freezing';
import * as inputs from './inputs';
import { material, lookup, mixtureFrom } from './material';
import { mixForward, mixSolve } from './mixing';
import { properties } from './properties';
import { benchMinutes, rollSheet } from './rolling';
import { simulate, type Metric } from './simulate';
import { blendWindow, doughState, fatState } from './windows';
import { workWindow } from './workWindow';

const choiOkos =
  'Choi & Okos (1986) component properties; ice after Chen (1985) and Pham (1987); fat curves and compositions are estimates';
const solverSource =
  'Douglas (1962) ADI with Pham’s quasi-enthalpy correction (1985); surface coefficients ±30 % are estimates';
const phasesOf = (phases: inputs.PhaseInput[]) =>
  phases.map((p, i) => ({ minutes: p.minutes, around: inputs.surroundings(p.environment, `phases.${i}.environment`) }));
const orNull = (values: Record<Metric, number>) =>
  Object.fromEntries(Object.entries(values).map(([k, v]) => [k, Number.isNaN(v) ? null : v]));

export const coldModels = [
  model({
    name: 'cold.composition',
    summary: 'Composition and fat shares of a mixture',
    units: 'kg in, mass fractions out',
    source: 'Rounded food-table values',
    certainty: 'estimate',
    input: inputs.ItemsInput,
    run: ({ items }) => mixtureComposition(items),
  }),
  model({
    name: 'cold.properties',
    summary: 'Density, specific heat, conductivity, ice, solid fat and enthalpy of a mixture',
    units: 'kg, °C in; SI out',
    source: choiOkos,
    certainty: 'physics',
    input: inputs.PropertiesInput,
    run: (i) => properties(mixtureFrom(i.items, i.air), i.temperatureC),
  }),
  model({
    name: 'cold.freezing',
    summary: 'Freezing point, bound and free water of a dough',
    units: 'kg in; °C and mass fractions out',
    source: choiOkos,
    certainty: 'estimate',
    input: inputs.ItemsInput,
    run: ({ items }) => freezing(mixtureComposition(items).composition),
  }),
  model({
    name: 'cold.solidFat',
    summary: 'Solid fat content of a fat',
    units: '°C in; fraction out',
    source: 'Typical curves',
    certainty: 'estimate',
    input: inputs.FatTemperatureInput,
    run: (i) => ({
      solidFatContent: solidFatContent(i.fat, i.temperatureC),
      blend: blendSolidFatContent([{ fat: i.fat, share: 1 }], i.temperatureC),
    }),
  }),
  model({
    name: 'cold.fatState',
    summary: 'Condition of the fat at a temperature, in a sheet or a crumb',
    units: '°C',
    source: 'Workable windows',
    certainty: 'estimate',
    input: inputs.FatStateInput,
    run: (i) => fatState(i.fat, i.temperatureC, i.use, i.shiftK),
  }),
  model({
    name: 'cold.blendWindow',
    summary: 'Workable window of a blend of fats',
    units: 'shares in, °C out',
    source: 'Solid fat at each fat’s own limits; an estimate of ours',
    certainty: 'estimate',
    input: inputs.BlendInput,
    run: ({ fats }) => ({ window: blendWindow(fats) }),
  }),
  model({
    name: 'cold.doughState',
    summary: 'How a dough handles at a temperature',
    units: '°C',
    source: 'Handling limits by fat per flour',
    certainty: 'estimate',
    input: inputs.DoughStateInput,
    run: (i) => doughState(i.temperatureC, i.fatPerFlour, i.fat),
  }),
  model({
    name: 'cold.laminate',
    summary: 'Density, fat volume share and conductivities of dough laminated with fat',
    units: '°C in; SI out',
    source: 'Series and parallel layers',
    certainty: 'physics',
    input: inputs.LaminateInput,
    run: (i) => {
      const m = material(inputs.materialSpec(i.material));
      return {
        densityKgM3: m.densityKgM3,
        phiFat: m.fatVolumeShare,
        acrossLayers: lookup(m.across, Math.round(i.temperatureC * 4) / 4),
        alongLayers: lookup(m.along, Math.round(i.temperatureC * 4) / 4),
      };
    },
  }),
  model({
    name: 'cold.chill',
    summary: 'Temperature of a body of dough or filling through fridge, freezer, room and bench',
    units: 'm, kg, °C, min',
    source: solverSource,
    certainty: 'physics',
    input: inputs.ChillInput,
    run: (i) => {
      const run = simulate({
        material: material(inputs.materialSpec(i.material)),
        shape: i.shape,
        startC: i.startC,
        phases: phasesOf(i.phases),
        until: i.until,
        cells: i.cells,
      });
      return {
        ...orNull(run.final),
        crossedAtMin: run.crossedAtMin,
        heatInJ: run.heatIn,
        balance: run.balance,
        line: {
          minutes: Array.from(run.series.minutes),
          meanC: Array.from(run.series.mean),
          warmestC: Array.from(run.series.warmest),
          coldestC: Array.from(run.series.coldest),
        },
      };
    },
  }),
  model({
    name: 'cold.workWindow',
    summary: 'Minutes until a warming piece reaches each limit of its fat',
    units: 'm, kg, °C, min',
    source: solverSource,
    certainty: 'physics',
    input: inputs.WorkWindowInput,
    run: (i) =>
      workWindow({
        material: material(inputs.materialSpec(i.material)),
        fat: i.fat,
        shape: i.shape,
        startC: i.startC,
        around: inputs.surroundings(i.environment),
        shiftK: i.shiftK,
        maxMinutes: i.maxMinutes,
      }),
  }),
  model({
    name: 'cold.calibrateEnvironment',
    summary: 'Multiple of an appliance’s surface coefficients that explains a reading',
    units: 'm, kg, °C, min',
    source: solverSource,
    certainty: 'learnt',
    input: inputs.CalibrateEnvironmentInput,
    run: (i) =>
      calibrateEnvironment({
        material: material(inputs.materialSpec(i.material)),
        shape: i.shape,
        startC: i.startC,
        around: inputs.surroundings(i.environment),
        minutes: i.minutes,
        where: i.where,
        measuredC: i.measuredC,
      }),
  }),
  model({
    name: 'cold.roll',
    summary: 'Temperature of a sheet while it is rolled and lies on the bench',
    units: 'm, kg, °C, min',
    source: solverSource,
    certainty: 'physics',
    input: inputs.RollInput,
    run: (i) => rollSheet({ ...i, material: material(inputs.materialSpec(i.material)), recordEveryS: 30 }),
  }),
  model({
    name: 'cold.benchMinutes',
    summary: 'Minutes a sheet may lie on the bench',
    units: 'm, kg, °C, min',
    source: solverSource,
    certainty: 'physics',
    input: inputs.BenchMinutesInput,
    run: (i) => benchMinutes({ ...i, material: material(inputs.materialSpec(i.material)) }),
  }),
  model({
    name: 'cold.mix',
    summary: 'Temperature of the dough out of the bowl',
    units: 'kg, °C, min',
    source: 'Enthalpy balance; hands, motor and hydration heat are estimates',
    certainty: 'estimate',
    input: inputs.MixInput,
    run: mixForward,
  }),
  model({
    name: 'cold.mixWater',
    summary: 'Water temperature or ice share for a wanted dough temperature',
    units: 'kg, °C, min',
    source: 'Enthalpy balance; hands, motor and hydration heat are estimates',
    certainty: 'estimate',
    input: inputs.MixSolveInput,
    run: mixSolve,
  }),
  model({
    name: 'cold.filoFat',
    summary: 'Fat, dough and flour of brushed filo leaves',
    units: 'm, g/m² in; g out',
    source: 'Typical brushing',
    certainty: 'estimate',
    input: inputs.FiloFatInput,
    run: filoFat,
  }),
  model({
    name: 'cold.filoDrying',
    summary: 'Drying of a filo leaf and minutes until it cracks',
    units: '°C, g/m², min',
    source: 'Van den Berg & Bruin (1981) sorption form; constants are estimates',
    certainty: 'estimate',
    input: inputs.FiloDryInput,
    run: filoDry,
  }),
  model({
    name: 'cold.sorption',
    summary: 'Leaf moisture at a water activity and back',
    units: 'kg/kg dry',
    source: 'Van den Berg & Bruin (1981) sorption form',
    certainty: 'estimate',
    input: inputs.WaterActivityInput,
    run: (i) => ({
      moistureDryBasis: gabMoisture(i.waterActivity),
      waterActivity: gabActivity(gabMoisture(i.waterActivity)),
    }),
  }),
  model({
    name: 'cold.coolFilling',
    summary: 'Cooling of a filling and the two-stage guidance',
    units: 'm, kg, °C, min',
    source: `${solverSource}; general guidance, local food-safety rules come first`,
    certainty: 'physics',
    input: inputs.CoolFillingInput,
    run: (i) =>
      coolFilling({
        material: material(inputs.materialSpec(i.material)),
        shape: i.shape,
        startC: i.startC,
        phases: phasesOf(i.phases),
        metric: i.metric,
      }),
  }),
  model({
    name: 'cold.hottestFilling',
    summary: 'Hottest filling that does not spoil the pastry’s fat',
    units: 'm, kg, °C',
    source: 'Heat balance and contact temperature',
    certainty: 'physics',
    input: inputs.HottestFillingInput,
    run: (i) =>
      maxFillingTemperature({
        ...i,
        filling: material(inputs.materialSpec(i.filling, 'filling')),
        pastry: material(inputs.materialSpec(i.pastry, 'pastry')),
      }),
  }),
];
