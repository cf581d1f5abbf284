import { within } from '../quantities/refusal';

export interface OvenReading {
  setC: number;
  measuredC: number;
  sinceOnMin?: number;
}

export interface OvenOffset {
  offsetC: number;
  spreadC: number;
  slope: number | null;
  n: number;
  confidence: 'none' | 'fair' | 'good';
  suspicious: boolean;
}

function median(values: number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/** Sooner after it is switched on an oven is still heating, min. */
export const settledMin = 20;

/**
 * How far an oven stands from its dial, from a thermometer log; readings within 20 minutes of switching on are left out.
 * @example ovenOffset([{ setC: 180, measuredC: 170 }, { setC: 190, measuredC: 180 }, { setC: 200, measuredC: 190 }]).offsetC // -10
 */
export function ovenOffset(readings: readonly OvenReading[]): OvenOffset {
  readings.forEach((r, i) => {
    within(r.setC, 0, 400, `readings.${i}.setC`);
    within(r.measuredC, 0, 400, `readings.${i}.measuredC`);
  });
  const settled = readings.filter((r) => (r.sinceOnMin ?? Infinity) >= settledMin);
  const n = settled.length;
  if (n < 3) return { offsetC: 0, spreadC: 0, slope: null, n, confidence: 'none', suspicious: false };
  const errors = settled.map((r) => r.measuredC - r.setC);
  const middle = median(errors);
  const deviation = median(errors.map((e) => Math.abs(e - middle)));
  const slopes: number[] = [];
  settled.forEach((a, i) =>
    settled.slice(i + 1).forEach((b) => {
      if (Math.abs(a.setC - b.setC) >= 15) slopes.push((b.measuredC - a.measuredC) / (b.setC - a.setC));
    }),
  );
  return {
    offsetC: Math.max(-60, Math.min(60, middle)),
    spreadC: 1.4826 * deviation,
    slope: slopes.length >= 3 ? median(slopes) : null,
    n,
    confidence: n >= 8 && deviation < 6 ? 'good' : 'fair',
    suspicious: Math.abs(middle) > 40,
  };
}
