import { RefusedInput, within } from '../quantities/refusal';

/** How thick a sauce is, by name: Pa·s at 65 °C and a spoon's pace (estimates). */
export const bodies = {
  broth: 0.003,
  'thin cream': 0.03,
  'coats a spoon': 0.2,
  clings: 0.6,
  'holds a trail': 2,
  mounds: 7,
  paste: 25,
} as const;
export type BodyName = keyof typeof bodies;
export const bodyNames = Object.keys(bodies) as BodyName[];

/** Thickeners: power against flour, loss in ten minutes of boiling, how acid weakens them, how they weep when frozen (0 most). Estimates. */
export const thickeners = {
  roux: { power: 1, boilLoss: 0.01, acid: 1, freezes: 2 },
  flour: { power: 1, boilLoss: 0.01, acid: 1, freezes: 2 },
  cornflour: { power: 2, boilLoss: 0.03, acid: 1, freezes: 0 },
  potato: { power: 2.4, boilLoss: 0.1, acid: 1.5, freezes: 0 },
  tapioca: { power: 1.9, boilLoss: 0.1, acid: 0.8, freezes: 2 },
  arrowroot: { power: 2.1, boilLoss: 0.12, acid: 0.6, freezes: 2 },
  riceflour: { power: 1.15, boilLoss: 0.02, acid: 0.8, freezes: 2 },
  breadcrumbs: { power: 0.75, boilLoss: 0.02, acid: 0.3, freezes: 2 },
  semolina: { power: 0.9, boilLoss: 0.01, acid: 0.8, freezes: 2 },
  mash: { power: 0.22, boilLoss: 0, acid: 0.2, freezes: 1 },
} as const;
export type Thickener = keyof typeof thickeners;
export const thickenerNames = Object.keys(thickeners) as Thickener[];
export const rouxColours = { white: 1, blond: 0.85, brown: 0.65, dark: 0.4 } as const;
export type RouxColour = keyof typeof rouxColours;

const watery = 0.0015;
const perFive = 0.2;
const bend = 3.7;
/** Over so much flour-equivalent in 100 g of liquid the rule is not known to hold. */
const beyondC = 20;

/**
 * Thickness (Pa·s) of 100 g of liquid with so many grams of flour's worth in it: `0.0015 + 0.2 (c/5)^3.7`, an estimate.
 * @example bodyOf(5) // 0.2015
 */
export const bodyOf = (flourPer100G: number): number => watery + perFive * (flourPer100G / 5) ** bend;

/** Its inverse: flour's worth in 100 g of liquid for a thickness; none under that of water. */
export const flourFor = (pascalSeconds: number): number =>
  pascalSeconds <= watery ? 0 : 5 * ((pascalSeconds - watery) / perFive) ** (1 / bend);

/**
 * The name nearest a thickness (Pa·s), by its ratio.
 * @example bodyNamed(0.5) // 'clings'
 */
export const bodyNamed = (pascalSeconds: number): BodyName =>
  bodyNames.reduce((best, name) =>
    Math.abs(Math.log(pascalSeconds / bodies[name])) < Math.abs(Math.log(pascalSeconds / bodies[best])) ? name : best,
  );

export interface ThickenerUse {
  kind: Thickener;
  rouxColour?: RouxColour;
  pH?: number;
  /** Boiled with the acid, or the acid goes in after. */
  acidBoiled?: boolean;
  boilMin?: number;
}

/** What a thickener is worth against flour, as it is used. */
export function powerOf({ kind, rouxColour = 'white', pH = 6, acidBoiled = true, boilMin = 0 }: ThickenerUse): number {
  const t = thickeners[kind];
  within(pH, 2, 9, 'pH');
  const bite = pH >= 4.5 ? 0 : pH >= 4 ? 0.05 : pH >= 3.5 ? 0.15 : 0.3;
  const acid = 1 - Math.min(0.6, bite * t.acid * (acidBoiled ? 1 : 0.25));
  const boil = Math.max(0.5, 1 - (t.boilLoss * within(boilMin, 0, 600, 'boilMin')) / 10);
  return t.power * (kind === 'roux' ? rouxColours[rouxColour] : 1) * acid * boil;
}

export type ThickenerNote = 'WEEPS_AFTER_FREEZING' | 'THINS_ON_LONG_BOIL' | 'BEYOND_RANGE';

/**
 * Grams of a thickener that bring a liquid (g) to a body, what is in it already counted; and what to know of it.
 * @example Math.round(thickenerGrams({ liquidG: 500, target: 'coats a spoon', use: { kind: 'roux' } }).grams) // 25
 */
export function thickenerGrams(o: {
  liquidG: number;
  target: BodyName | number;
  use: ThickenerUse;
  have?: readonly (ThickenerUse & { grams: number })[];
}): { grams: number; flourPer100G: number; notes: ThickenerNote[] } {
  const liquidG = within(o.liquidG, 1e-9, 100_000, 'liquidG');
  const wanted = typeof o.target === 'number' ? within(o.target, 1e-4, 1000, 'target') : bodies[o.target];
  if (wanted === undefined)
    throw new RefusedInput({ field: 'target', code: 'unknown', value: o.target, allowed: bodyNames });
  const flourPer100G = flourFor(wanted);
  const there = flourWorth(o.have ?? [], liquidG);
  const grams = Math.max(0, ((flourPer100G - there) * liquidG) / 100 / powerOf(o.use));
  const t = thickeners[o.use.kind];
  return {
    grams,
    flourPer100G,
    notes: [
      ...(t.freezes === 0 ? (['WEEPS_AFTER_FREEZING'] as const) : []),
      ...((o.use.boilMin ?? 0) > 10 && t.boilLoss >= 0.1 ? (['THINS_ON_LONG_BOIL'] as const) : []),
      ...(flourPer100G > beyondC ? (['BEYOND_RANGE'] as const) : []),
    ],
  };
}

/** Flour's worth of what is in a liquid, g for 100 g of it. */
export const flourWorth = (have: readonly (ThickenerUse & { grams: number })[], liquidG: number): number =>
  (100 * have.reduce((sum, h) => sum + h.grams * powerOf(h), 0)) / liquidG;

/**
 * Thickness of cream boiled down to a share of itself (0.4 to 1), Pa·s.
 * @example creamViscosity(0.5) // 0.3276
 */
export const creamViscosity = (left: number): number => 0.006 * Math.exp(4 * (1 / within(left, 0.4, 1, 'left') - 1));

const simmerRates = { lowsimmer: 1, simmer: 2, boil: 4.5 } as const;
export type SimmerMode = keyof typeof simmerRates;
const lids = { open: 1, ajar: 0.4, on: 0.1 } as const;
export type PanLid = keyof typeof lids;

/**
 * Water that leaves a pan (g): by its area and how it boils, no more than the hob's power can drive off. Estimates.
 * @example Math.round(simmerLoss({ panCm: 28, minutes: 20 })) // 246
 */
export function simmerLoss(o: {
  panCm: number;
  minutes: number;
  mode?: SimmerMode;
  lid?: PanLid;
  powerW?: number;
}): number {
  const area = Math.PI * (within(o.panCm, 5, 60, 'panCm') / 2) ** 2;
  const byPower = ((0.6 * within(o.powerW ?? 1800, 100, 6000, 'powerW')) / 2.26e6) * 6e4;
  const rate = Math.min((simmerRates[o.mode ?? 'simmer'] * area) / 100, byPower);
  return rate * lids[o.lid ?? 'open'] * within(o.minutes, 0, 600, 'minutes');
}
