import type { Composition } from '../ingredients/massFractions';

/** Quadratic in T (°C): a + bT + cT². */
type Quadratic = readonly [a: number, b: number, c: number];

interface PureComponent {
  density: Quadratic;
  specificHeat: Quadratic;
  conductivity: Quadratic;
}

/**
 * Choi & Okos (1986), −40..150 °C: density kg/m³, specific heat J/(kg K), conductivity W/(m K). Published, with two choices:
 * water's specific heat starts at 4176.2 (real water; some reprints say 4128.9), and fat's conductivity slope is −2.7604e-4
 * (the widespread −2.7604e-3 would make fat's conductivity negative near 65 °C).
 */
export const pureComponents = {
  water: {
    density: [997.18, 3.1439e-3, -3.7574e-3],
    specificHeat: [4176.2, -0.090864, 5.4731e-3],
    conductivity: [0.57109, 1.7625e-3, -6.7036e-6],
  },
  ice: {
    density: [916.89, -0.13071, 0],
    specificHeat: [2062.3, 6.0769, 0],
    conductivity: [2.2196, -6.2489e-3, 1.0154e-4],
  },
  protein: {
    density: [1329.9, -0.5184, 0],
    specificHeat: [2008.2, 1.2089, -1.3129e-3],
    conductivity: [0.17881, 1.1958e-3, -2.7178e-6],
  },
  fat: {
    density: [925.59, -0.41757, 0],
    specificHeat: [1984.2, 1.4733, -4.8008e-3],
    conductivity: [0.18071, -2.7604e-4, -1.7749e-7],
  },
  carb: {
    density: [1599.1, -0.31046, 0],
    specificHeat: [1548.8, 1.9625, -5.9399e-3],
    conductivity: [0.20141, 1.3874e-3, -4.3312e-6],
  },
  fibre: {
    density: [1311.5, -0.36589, 0],
    specificHeat: [1845.9, 1.8306, -4.6509e-3],
    conductivity: [0.18331, 1.2497e-3, -3.1683e-6],
  },
  ash: {
    density: [2423.8, -0.28063, 0],
    specificHeat: [1092.6, 1.8896, -3.6817e-3],
    conductivity: [0.32962, 1.4011e-3, -2.9069e-6],
  },
} as const satisfies Record<string, PureComponent>;

export type ComponentName = keyof typeof pureComponents;
export const solidComponents = ['protein', 'carb', 'fibre', 'ash', 'fat'] as const;

/** Value of a component's quadratic at T °C. */
export const at = ([a, b, c]: Quadratic, t: number): number => a + t * (b + t * c);

/** Integral of the specific heat from 0 °C to T, J/kg. */
export function sensibleEnthalpy(component: ComponentName, t: number): number {
  const [a, b, c] = pureComponents[component].specificHeat;
  return t * (a + t * (b / 2 + (t * c) / 3));
}

/** The components present in a mixture at a given ice fraction, as [name, mass fraction]. */
export function presentComponents(composition: Composition, iceFraction: number): [ComponentName, number][] {
  return [
    ['water', composition.water - iceFraction],
    ['ice', iceFraction],
    ...solidComponents.map((name): [ComponentName, number] => [name, composition[name]]),
  ];
}
