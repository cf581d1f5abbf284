import { at, presentComponents, pureComponents, sensibleEnthalpy, solidComponents } from './components';
import { blendSolidFatContent, meltingHeat } from './fats';
import { freezing, iceFraction, type Freezing } from './freezing';
import type { Composition, FatShare } from '../ingredients/massFractions';

const fusionHeat = 333_600;

export interface Mixture {
  composition: Composition;
  fats: FatShare[];
  freezing: Freezing;
  /** Volume share of air bubbles, 0..0.8. */
  air: number;
}

export const mixtureOf = (composition: Composition, fats: FatShare[], air = 0): Mixture => ({
  composition,
  fats,
  air,
  freezing: freezing(composition),
});

/** Specific volume of the air-free mixture, m³/kg. */
function specificVolume(mixture: Mixture, t: number): number {
  let volume = 0;
  for (const [name, share] of presentComponents(mixture.composition, iceFraction(mixture.freezing, t)))
    volume += share / at(pureComponents[name].density, t);
  return volume;
}

/** Density, kg/m³, at T °C. */
export const density = (mixture: Mixture, t: number): number => (1 - mixture.air) / specificVolume(mixture, t);

/** Thermal conductivity, W/(m K): parallel by volume, Maxwell's correction for air bubbles. */
export function conductivity(mixture: Mixture, t: number): number {
  let sum = 0;
  for (const [name, share] of presentComponents(mixture.composition, iceFraction(mixture.freezing, t))) {
    sum += (share / at(pureComponents[name].density, t)) * at(pureComponents[name].conductivity, t);
  }
  return ((sum / specificVolume(mixture, t)) * (1 - mixture.air)) / (1 + mixture.air / 2);
}

/** Sensible specific heat, J/(kg K), without melting and freezing. */
export function specificHeat(mixture: Mixture, t: number): number {
  let sum = 0;
  for (const [name, share] of presentComponents(mixture.composition, iceFraction(mixture.freezing, t)))
    sum += share * at(pureComponents[name].specificHeat, t);
  return sum;
}

/** Enthalpy, J/kg, datum 0 °C with all water liquid; melting of fat and freezing of water included. Strictly increasing in T. */
export function enthalpy(mixture: Mixture, t: number): number {
  const { composition } = mixture;
  const ice = iceFraction(mixture.freezing, t);
  let sum = (composition.water - ice) * sensibleEnthalpy('water', t) + ice * (sensibleEnthalpy('ice', t) - fusionHeat);
  for (const name of solidComponents) sum += composition[name] * sensibleEnthalpy(name, t);
  return sum + composition.fat * meltingHeat(mixture.fats, t);
}

export interface Properties {
  densityKgM3: number;
  specificHeat: number;
  conductivity: number;
  ice: number;
  solidFatContent: number;
  solidFat: number;
  enthalpy: number;
  apparentSpecificHeat: number;
}

/** All properties of a mixture at T °C. */
export function properties(mixture: Mixture, t: number): Properties {
  const solid = blendSolidFatContent(mixture.fats, t);
  return {
    densityKgM3: density(mixture, t),
    specificHeat: specificHeat(mixture, t),
    conductivity: conductivity(mixture, t),
    ice: iceFraction(mixture.freezing, t),
    solidFatContent: solid,
    solidFat: solid * mixture.composition.fat,
    enthalpy: enthalpy(mixture, t),
    apparentSpecificHeat: (enthalpy(mixture, t + 0.125) - enthalpy(mixture, t - 0.125)) / 0.25,
  };
}
