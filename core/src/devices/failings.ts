import { NumberIn, OneOf } from '../quantities/rules';

/** Devices that the application reads, each with a stand-in that ships with it. */
export const devices = ['scale', 'probe', 'ovenThermometer'] as const;
export type Device = (typeof devices)[number];

/** How a stand-in fails, beyond the lag and noise of a good one of its kind: what a cook's own may do any day. */
export class FailingsInput {
  /** What it is set to show: what it is asked for (°C, g), or what its other button gives (°F, oz). */
  @OneOf(['asked', 'other']) shows!: 'asked' | 'other';
  /** Share of readings that do not come; 1 is a device that is lost. */
  @NumberIn(0, 1, '') dropOuts!: number;
  /** So many times its usual noise is added. */
  @NumberIn(0, 20, '') noise!: number;
  /** What is left in its battery; every reading takes a little. */
  @NumberIn(0, 100, '%') batteryPct!: number;
}

export const asGood: Readonly<FailingsInput> = { shows: 'asked', dropOuts: 0, noise: 0, batteryPct: 100 };

/** A battery lasts so many readings from full: a scale reads all the time it is on (estimates of cheap ones). */
const readingsABattery: Record<Device, number> = { scale: 500_000, probe: 5000, ovenThermometer: 5000 };
/** A battery at or below this is said to run out, %. */
export const lowBatteryPct = 10;

/** What a device measures, its usual noise (standard deviation), and what its other button shows of it. */
const kinds: Record<Device, { noise: number; other: (value: number) => number; back: (shown: number) => number }> = {
  scale: { noise: 0.5, other: (g) => g / gramsAnOunce, back: (oz) => oz * gramsAnOunce },
  probe: { noise: 0.08, other: fahrenheit, back: celsius },
  ovenThermometer: { noise: 1, other: fahrenheit, back: celsius },
};
const gramsAnOunce = 28.349523125;
function fahrenheit(c: number): number {
  return c * 1.8 + 32;
}
function celsius(f: number): number {
  return (f - 32) / 1.8;
}

/** One reading of a device: what it shows, null where it does not answer, and what is left in its battery. */
export interface DeviceReading {
  value: number | null;
  batteryPct: number;
}

/**
 * What a failing device shows of a true reading.
 * @param value what a good one would show, °C or g; null where that does not answer either
 * @param throwOf the next of even throws in [0, 1)
 */
export function shownBy(
  device: Device,
  value: number | null,
  { shows, dropOuts, noise, batteryPct }: FailingsInput,
  throwOf: () => number,
): DeviceReading {
  const left = Math.max(0, batteryPct - 100 / readingsABattery[device]);
  if (batteryPct <= 0 || value === null || throwOf() < dropOuts) return { value: null, batteryPct: left };
  // the sum of twelve even throws is normal enough for a device of the kitchen
  const thrown = Array.from({ length: 12 }, throwOf).reduce((sum, v) => sum + v, 0) - 6;
  const shaken = value + kinds[device].noise * noise * thrown;
  return { value: shows === 'other' ? kinds[device].other(shaken) : shaken, batteryPct: left };
}

/** What a number is in the unit that is asked for, shown by a device that is set to its other. */
export const fromOther = (device: Device, shown: number): number => kinds[device].back(shown);

/** How far a reading may be off what is expected before its unit is doubted, and how near it has to be in the other. */
const doubts: Record<Device, (expected: number) => { off: number; near: number }> = {
  scale: (g) => ({ off: g * 0.25, near: Math.max(3, g * 0.06) }),
  probe: () => ({ off: 12, near: 6 }),
  ovenThermometer: () => ({ off: 60, near: 45 }),
};

/**
 * What a reading would be if the device showed its other unit, where it cannot well be what it says and would be right then;
 * null where there is no cause for doubt. An estimate of what is likely, for the cook to say.
 * @param shown as it came, taken for °C or g; what is expected there
 * @example inOtherUnit('ovenThermometer', 374, 190) // 190
 */
export function inOtherUnit(device: Device, shown: number, expected: number): number | null {
  const { off, near } = doubts[device](expected);
  const other = fromOther(device, shown);
  return Math.abs(shown - expected) > off && Math.abs(other - expected) <= near ? other : null;
}
