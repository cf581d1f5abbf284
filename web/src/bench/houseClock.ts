/** Clocks of one house are not further apart; what is further is a clock set to another day, and is left as it is, ms. */
const mostSkewMs = 6 * 60 * 60 * 1000;
const mostSamples = 5;
let samples: number[] = [];

/** The house said its time: the middle one of the last five holds. */
export function houseSays(nowMs: number, hereMs = Date.now()): void {
  samples = [...samples, nowMs - hereMs].slice(-mostSamples);
}
export const forgetHouse = (): void => void (samples = []);

/** How far the clock of the house is ahead of this device's, ms; null where it is on another day. */
export function skewOrNull(): number | null {
  const middle = [...samples].sort((a, b) => a - b)[Math.floor(samples.length / 2)] ?? 0;
  return Math.abs(middle) > mostSkewMs ? null : Math.round(middle);
}
export const skewMs = (): number => skewOrNull() ?? 0;
/** Now, by the clock of the house. */
export const houseNow = (): number => Date.now() + skewMs();
