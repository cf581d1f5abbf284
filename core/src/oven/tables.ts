/**
 * Crusts: density kg/m³ of the dough, X0 kg water per kg dry, A of the isotherm, conductivities wet and dry W/(m K),
 * swelling, vapour permeability multiple (calibrated), laminated or not. Dough compositions are estimates.
 */
export interface Crust {
  density: number;
  X0: number;
  isothermA: number;
  kWet: number;
  kDry: number;
  swell: number;
  permeability: number;
  laminated: boolean;
}
const crust = (
  density: number,
  X0: number,
  isothermA: number,
  kWet: number,
  kDry: number,
  swell: number,
  permeability: number,
  laminated: 0 | 1,
): Crust => ({ density, X0, isothermA, kWet, kDry, swell, permeability, laminated: laminated === 1 });

export const crusts = {
  shortcrust: crust(1180, 0.34, 0.05, 0.3, 0.13, 1.15, 0.066, 0),
  sweet: crust(1200, 0.28, 0.046, 0.29, 0.13, 1.15, 0.066, 0),
  flaky: crust(1150, 0.4, 0.045, 0.28, 0.14, 1.8, 0.066, 1),
  puff: crust(1120, 0.5, 0.042, 0.28, 0.16, 3, 0.066, 1),
  hotwater: crust(1200, 0.43, 0.055, 0.32, 0.15, 1.1, 0.039, 0),
  suet: crust(1150, 0.59, 0.05, 0.33, 0.13, 1.4, 0.066, 0),
  oil: crust(1180, 0.58, 0.063, 0.33, 0.14, 1.2, 0.055, 0),
  filo: crust(900, 0.35, 0.055, 0.2, 0.08, 1.6, 0.22, 0),
  yeast: crust(1100, 0.62, 0.066, 0.35, 0.1, 2.2, 0.138, 0),
} satisfies Record<string, Crust>;
export type CrustType = keyof typeof crusts;

/**
 * Fillings: bulk density kg/m³, water fraction w, effective conductivity k0 and vapour-assisted share phi W/(m K) (calibrated),
 * wetness against the base 0..1, app's core target °C, raw, and whether dice must soften. The rest are estimates.
 */
export interface FillingKind {
  density: number;
  water: number;
  k0: number;
  phi: number;
  wet: number;
  coreC: number;
  raw: boolean;
  softens: boolean;
  /** Set by egg: above this its middle weeps, °C. */
  weepsC?: number;
}
const filling = (
  density: number,
  water: number,
  k0: number,
  phi: number,
  wet: number,
  coreC: number,
  raw: 0 | 1,
  softens: 0 | 1,
): FillingKind => ({ density, water, k0, phi, wet, coreC, raw: raw === 1, softens: softens === 1 });

export const fillingKinds = {
  apple_raw: filling(700, 0.84, 0.52, 0.48, 0.6, 88, 0, 0),
  berry_raw: filling(780, 0.84, 0.55, 0.21, 0.9, 90, 0, 0),
  fruit_cooked: filling(1050, 0.76, 0.85, 0, 0.5, 75, 0, 0),
  mincemeat_sweet: filling(1200, 0.35, 0.49, 0, 0.3, 75, 0, 0),
  stew_thick: filling(1040, 0.76, 1.4, 0, 0.5, 75, 0, 0),
  stew_runny: filling(1020, 0.84, 1.95, 0, 1, 75, 0, 0),
  chicken_cream: filling(1030, 0.76, 1.23, 0, 0.6, 75, 0, 0),
  mince_cooked: filling(980, 0.66, 0.72, 0.11, 0.3, 75, 0, 0),
  pork_raw: filling(1030, 0.6, 0.54, 0.06, 0.3, 75, 1, 0),
  lamb_onion_raw: filling(900, 0.68, 0.57, 0.21, 0.4, 75, 1, 0),
  poultry_raw: filling(1000, 0.72, 0.61, 0.05, 0.4, 75, 1, 0),
  pasty_raw: filling(820, 0.74, 0.55, 0.43, 0.4, 75, 1, 1),
  veg_raw: filling(750, 0.85, 0.55, 0.43, 0.6, 75, 0, 1),
  fish_raw: filling(1000, 0.78, 0.65, 0.03, 0.7, 70, 1, 0),
  greens_cheese: filling(880, 0.72, 0.6, 0.21, 0.7, 75, 0, 0),
  cheese_egg: filling(1000, 0.6, 0.52, 0.05, 0.5, 75, 0, 0),
  custard: { ...filling(1040, 0.74, 0.58, 0, 0.7, 75, 1, 0), weepsC: 82 },
  potato_mash: filling(1050, 0.77, 0.68, 0, 0.3, 75, 0, 0),
  roll_jam: filling(950, 0.37, 0.42, 0.64, 0.3, 90, 0, 0),
  roll_savoury: filling(900, 0.5, 0.47, 0.64, 0.3, 90, 0, 0),
  roll_fruit: filling(800, 0.65, 0.49, 0.64, 0.5, 90, 0, 0),
} satisfies Record<string, FillingKind>;
export type FillType = keyof typeof fillingKinds;

/** Dishes and supports: density, specific heat, conductivity, default thickness mm, emissivity of the outside. */
export interface Solid {
  density: number;
  specificHeat: number;
  k: number;
  thicknessMm: number;
  emissivity: number;
}
const solid = (density: number, specificHeat: number, k: number, thicknessMm: number, emissivity: number): Solid => ({
  density,
  specificHeat,
  k,
  thicknessMm,
  emissivity,
});

export const vesselMaterials = {
  glass: solid(2230, 830, 1.1, 5, 0.9),
  ceramic: solid(2300, 900, 1.5, 7, 0.9),
  tin: solid(7850, 480, 55, 0.4, 0.35),
  aluminium: solid(2700, 900, 200, 1, 0.15),
  foil: solid(2700, 900, 200, 0.1, 0.1),
  darksteel: solid(7850, 480, 50, 0.8, 0.85),
  castiron: solid(7200, 470, 52, 4.5, 0.9),
} satisfies Record<string, Solid>;
export type VesselMaterial = keyof typeof vesselMaterials;
/** What cracks from cold to hot. */
export const brittle: ReadonlySet<string> = new Set<VesselMaterial>(['glass', 'ceramic']);
/** Colder than this such a dish does not stand on something hot, °C (usual guidance). */
export const coldDishC = 10;

/** `unknown` is a tray between the bright and the dark one. A bare rack has no thermal node. */
export const supports = {
  rack: null,
  tray: solid(2700, 900, 200, 1.2, 0.3),
  trayDark: solid(7850, 480, 50, 0.8, 0.85),
  stone: solid(2300, 900, 1.4, 14, 0.9),
  steel: solid(7850, 480, 50, 6, 0.85),
  unknown: solid(7850, 480, 80, 1, 0.55),
} satisfies Record<string, Solid | null>;
export type Support = keyof typeof supports;

/**
 * What lies between a piece and its tray: resistance added to the contact, m² K/W, and the share of the tray's glow from below that
 * gets past it. Paper is what the contact was calibrated on; the rest are estimates (a film of oil closes the gaps, 0.7 mm of
 * silicone rubber at 0.25 W/(m K), a dusting of flour).
 */
export const underlays = {
  nothing: { resistance: 0, glow: 1, sticks: true },
  flour: { resistance: 0.001, glow: 1, sticks: false },
  oil: { resistance: -0.003, glow: 1, sticks: false },
  paper: { resistance: 0, glow: 1, sticks: false },
  mat: { resistance: 0.0028, glow: 1, sticks: false },
  dripTray: { resistance: 0, glow: 0.5, sticks: false },
} satisfies Record<string, { resistance: number; glow: number; sticks: boolean }>;
export type Underlay = keyof typeof underlays;

/** How much faster a wash browns the crust (estimates). */
export const washFactors = {
  none: 0.75,
  water: 0.78,
  milk: 0.95,
  plantmilk: 0.88,
  cream: 1.02,
  oil: 0.92,
  butter: 0.95,
  egg: 1.25,
  eggwater: 1.12,
  eggmilk: 1.18,
  eggwhite: 1,
  yolk: 1.5,
  yolkcream: 1.45,
  milksugar: 1.15,
  syrup: 1.2,
} as const;
export type Wash = keyof typeof washFactors;

/** Colour levels by browning dose (calibrated). */
export const colourLevels = [
  { level: 'pale', from: 0 },
  { level: 'straw', from: 0.35 },
  { level: 'golden', from: 1 },
  { level: 'deep', from: 6 },
  { level: 'too dark', from: 10 },
] as const;
export type ColourLevel = (typeof colourLevels)[number]['level'];
export const colourLevel = (dose: number): ColourLevel =>
  [...colourLevels].reverse().find((l) => dose >= l.from)?.level ?? 'pale';

/** A base is dry enough under most fillings, and under one that is poured in. */
export const dryAt = { filling: 0.48, custard: 0.65 } as const;
