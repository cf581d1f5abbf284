import { model } from '../quantities/model';
import { celsiusToGas, gasToCelsius } from '../quantities/temperature';
import { simulateBake } from './bake';
import { simulateBlind, type BlindSpec } from './blind';
import { preheatMinutes } from './preheat';
import { BreadSlicesInput, ovenPlaces } from './breadSlices';
import { OvenThermometerInput, readOvenThermometer } from './hiddenOven';
import { kitchenFactor, planBakeTime } from './bakePlan';
import * as inputs from './inputs';
import { plausible } from './plausible';
import { ovenOffset } from './thermometer';

const source =
  'Pham (1985), de Vries et al. (1989), Thorvaldsson & Janestad (1999), Zanoni et al. (1995), Purlis & Salvadori (2009) for the forms; coefficients calibrated on ordinary home-baking times';

export const ovenModels = [
  model({
    name: 'oven.bake',
    summary: 'Heat, moisture and colour of a pie through its bake',
    units: 'mm, °C, min',
    source,
    certainty: 'estimate',
    input: inputs.BakeInput,
    run: (i) => simulateBake(inputs.bakeSpecOf(i)),
  }),
  model({
    name: 'oven.plan',
    summary: 'Bake time with its range and what to watch',
    units: 'mm, °C, min',
    source,
    certainty: 'estimate',
    input: inputs.BakePlanInput,
    run: (i) => {
      const { myBakes, ...spec } = i;
      return planBakeTime(inputs.bakeSpecOf(spec), myBakes);
    },
  }),
  model({
    name: 'oven.blind',
    summary: 'A case baked before it is filled: when it is set, and dry',
    units: 'mm, °C, min',
    source,
    certainty: 'estimate',
    input: inputs.BlindInput,
    run: (i) => simulateBlind(i as unknown as BlindSpec),
  }),
  model({
    name: 'oven.preheat',
    summary: 'Minutes from cold until the oven, and a stone or steel in it, can take a pie',
    units: '°C, min',
    source,
    certainty: 'estimate',
    input: inputs.PreheatInput,
    run: (i) => ({ minutes: preheatMinutes(i.oven, i.support) }),
  }),
  model({
    name: 'oven.kitchenFactor',
    summary: 'This kitchen’s multiple of the bake time',
    units: 'ratios',
    source: 'Normal shrinkage of logs',
    certainty: 'learnt',
    input: inputs.RatiosInput,
    run: (i) => kitchenFactor(i.ratios),
  }),
  model({
    name: 'oven.plausible',
    summary: 'Whether a written oven heat and time can be meant',
    units: '°C, °F, gas; min',
    source: 'Ordinary home-baking ranges',
    certainty: 'estimate',
    input: inputs.PlausibleHeatInput,
    run: plausible,
  }),
  model({
    name: 'oven.gasToCelsius',
    summary: 'Gas mark to °C',
    units: 'gas; °C',
    source: 'Convention',
    certainty: 'exact',
    input: inputs.GasInput,
    run: (i) => ({ temperatureC: gasToCelsius(i.gas) }),
  }),
  model({
    name: 'oven.celsiusToGas',
    summary: '°C to gas mark',
    units: '°C; gas',
    source: 'Convention',
    certainty: 'exact',
    input: inputs.CelsiusInput,
    run: (i) => ({ gas: celsiusToGas(i.temperatureC) }),
  }),
  model({
    name: 'oven.places',
    summary: 'Where an oven is hot and cool, from nine slices of bread',
    units: 'colour 0 to 4; K',
    source: 'Ratio of browning at the bake’s own activation energy',
    certainty: 'estimate',
    input: BreadSlicesInput,
    run: (i) => ovenPlaces(i.slices),
  }),
  model({
    name: 'oven.thermometer',
    summary: 'What a simulated thermometer shows in a simulated oven',
    units: '°C, min',
    source: 'A stand-in: an oven off its dial that swings, a thermometer that lags',
    certainty: 'estimate',
    input: OvenThermometerInput,
    run: readOvenThermometer,
  }),
  model({
    name: 'oven.offset',
    summary: 'How far an oven stands from its dial',
    units: '°C',
    source: 'Median of the readings',
    certainty: 'learnt',
    input: inputs.OvenReadingsInput,
    run: (i) => ovenOffset(i.readings),
  }),
];
