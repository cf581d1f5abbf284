import { rowOf, within } from '../quantities/refusal';

/** g/ml of solid fats from the fridge. Estimates from general data; air in a whipped fat lowers it. */
export const solidFatDensity: Readonly<Record<string, number>> = {
  butter: 0.93,
  clarifiedButter: 0.92,
  lard: 0.92,
  shortening: 0.91,
  bakingMargarine: 0.93,
  puffMargarine: 0.93,
  suet: 0.92,
  coconut: 0.92,
};

export interface Displacement {
  volumeMl: number;
  endMl: number;
  /** Whether the jug holds it, fat under water. */
  fits: boolean;
  /** The lowest start at which this fat is still covered: it floats, so it must be held under. */
  startAtLeastMl: number;
}

/**
 * Measures solid fat by the water it pushes up: from a start level in a jug (ml), the level at which this much fat (g) is
 * in, all of it under water. Works because the fat is pushed under; left to float it reads seven to nine per cent short.
 */
export function displacement(fat: string, grams: number, startMl: number, jugMl: number): Displacement {
  const density = rowOf(solidFatDensity, fat, 'fat');
  within(grams, 1, 5000, 'grams');
  within(jugMl, 50, 10_000, 'jugMl');
  within(startMl, 0, jugMl, 'startMl');
  const volumeMl = grams / density;
  const startAtLeastMl = volumeMl / 2;
  const endMl = startMl + volumeMl;
  return { volumeMl, endMl, fits: endMl <= jugMl && startMl >= startAtLeastMl, startAtLeastMl };
}

/** The fat that a rise of the level shows, g. */
export const fatOfRise = (fat: string, startMl: number, endMl: number): number =>
  Math.max(0, endMl - startMl) * rowOf(solidFatDensity, fat, 'fat');
