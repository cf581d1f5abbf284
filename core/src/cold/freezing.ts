import type { Composition } from '../ingredients/massFractions';

export interface Freezing {
  /** °C; null when there is too little freezable water to freeze. */
  startsAtC: number | null;
  /** kg per kg of mixture that never freezes. */
  boundWater: number;
  freeWater: number;
}

/**
 * Freezing of a dough's water. Bound water 0.30 per kg of solids is an estimate; the depression is the ideal dilute law
 * (published, poor for very sugary doughs, hence the clamp 0.5..20 K).
 */
export function freezing(c: Composition): Freezing {
  const boundWater = Math.min(c.water, 0.3 * (c.protein + c.carb - c.sugar + c.fibre));
  const freeWater = c.water - boundWater;
  if (freeWater <= 0.01) return { startsAtC: null, boundWater, freeWater };
  const osmoles =
    Math.min(c.sugar, 2 * c.water) / 0.3423 +
    (2 * c.salt) / 0.05844 +
    (0.02 * (c.protein + c.carb - c.sugar + c.fibre + c.ash - c.salt)) / 0.25;
  return { startsAtC: -Math.max(0.5, Math.min(20, (1.86 * osmoles) / freeWater)), boundWater, freeWater };
}

/** Ice, kg per kg of mixture, at T °C (the form of Chen 1985 and Pham 1987). */
export const iceFraction = ({ startsAtC, freeWater }: Freezing, t: number): number =>
  startsAtC !== null && t < startsAtC ? freeWater * (1 - startsAtC / t) : 0;
