import { within } from './refusal';

export const fahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;
export const celsius = (degreesF: number): number => ((degreesF - 32) * 5) / 9;

const quarterF = 225;
const halfF = 250;

/**
 * °C of a gas mark (¼, ½, 1..10), rounded to the nearest 10 as ovens are marked.
 * @example gasToCelsius(6) // 200
 */
export function gasToCelsius(mark: number): number {
  within(mark, 0.25, 10, 'gas');
  const f = mark === 0.25 ? quarterF : mark === 0.5 ? halfF : 250 + 25 * mark;
  return Math.round(celsius(f) / 10) * 10;
}

/**
 * Gas mark nearest a temperature, or null outside 212–510 °F.
 * @example celsiusToGas(200) // 6
 */
export function celsiusToGas(temperatureC: number): number | null {
  const f = fahrenheit(temperatureC);
  if (f < 212 || f > 510) return null;
  if (f < 237.5) return 0.25;
  if (f < 262.5) return 0.5;
  return Math.max(1, Math.min(10, Math.round((f - 250) / 25)));
}

/** Conventional setting that bakes like a fan setting in the same time. */
export const fanShiftC = 20;
