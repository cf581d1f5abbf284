import { within } from '../quantities/refusal';
import { celsius, fahrenheit, fanShiftC, gasToCelsius, celsiusToGas } from '../quantities/temperature';

export const heatUnits = ['C', 'F', 'gas'] as const;
export type HeatUnit = (typeof heatUnits)[number];

/** Equivalent minutes at 200 °C conventional that a class of bake usually takes. */
export const bakeClasses = {
  small: { min: 10, max: 45 },
  mini: { min: 12, max: 55 },
  pie: { min: 20, max: 95 },
  raised: { min: 60, max: 170 },
  filo: { min: 10, max: 65 },
  log: { min: 20, max: 75 },
} as const;
export type BakeClass = keyof typeof bakeClasses;

export interface PlausibleInput {
  value: number;
  unit?: HeatUnit | null;
  mode?: 'conv' | 'fan';
  timeMin?: number | null;
  cls?: BakeClass;
  frozen?: boolean;
}

export interface Finding {
  code:
    | 'TEMP_IMPOSSIBLE'
    | 'UNIT_AMBIGUOUS'
    | 'UNIT_GUESSED'
    | 'UNIT_LIKELY_WRONG'
    | 'TEMP_LOW'
    | 'TEMP_HIGH'
    | 'TIME_IMPOSSIBLE'
    | 'TOO_MUCH_HEAT'
    | 'TIME_IS_HOURS'
    | 'TOO_LITTLE_HEAT';
  severity: 'info' | 'warn' | 'error';
  options?: HeatUnit[];
  suggest?: {
    value?: number;
    unit?: HeatUnit;
    asC?: number;
    sameTimeC?: number | null;
    sameTempMin?: number;
    timeMin?: number;
  };
  equivalentMin?: number;
}

const good = (t: number): boolean => t >= 150 && t <= 245;

/** °C in the stated mode, or null when the unit cannot read that value. */
function read(value: number, unit: HeatUnit): number | null {
  if (unit === 'C') return value;
  if (unit === 'F') return celsius(value);
  return value === 0.25 || value === 0.5 || (Number.isInteger(value) && value >= 1 && value <= 10)
    ? gasToCelsius(value)
    : null;
}

/** Findings on a written oven heat and time; empty when nothing is odd. The value itself is never changed. */
export function plausible(o: PlausibleInput): Finding[] {
  const { value, mode = 'conv', cls = 'pie' } = o;
  const time = o.timeMin ?? null;
  if (time !== null) within(time, 0.01, 10_000, 'timeMin');
  const { min, max: chilledMax } = bakeClasses[cls];
  const max = o.frozen ? chilledMax * 1.6 : chilledMax;
  const findings: Finding[] = [];
  const conventional = (unit: HeatUnit): number | null => {
    const t = read(value, unit);
    return t === null ? null : t + (mode === 'fan' && unit !== 'gas' ? fanShiftC : 0);
  };
  const equivalent = (t: number, minutes: number) => minutes * Math.exp(0.012 * (t - 200));
  const readable = heatUnits.filter((u) => {
    const t = conventional(u);
    return t !== null && good(t);
  });
  let unit = o.unit ?? null;
  if (unit === null) {
    if (readable.length === 0) return [{ code: 'TEMP_IMPOSSIBLE', severity: 'error' }];
    if (readable.length > 1) return [{ code: 'UNIT_AMBIGUOUS', severity: 'warn', options: readable }];
    unit = readable[0];
    findings.push({ code: 'UNIT_GUESSED', severity: 'info', suggest: { value, unit } });
  }
  const T = conventional(unit);
  if (T === null || !good(T)) {
    const alternatives = readable.filter((u) => u !== unit);
    if (alternatives.length) {
      const distance = (u: HeatUnit) => {
        if (time === null) return 0;
        const e = equivalent(conventional(u) as number, time);
        return e < min ? Math.log(min / e) : e > max ? Math.log(e / max) : 0;
      };
      const chosen = alternatives.reduce((best, u) => (distance(u) < distance(best) ? u : best));
      return [
        ...findings,
        {
          code: 'UNIT_LIKELY_WRONG',
          severity: 'warn',
          suggest: { value, unit: chosen, asC: read(value, chosen) as number },
        },
      ];
    }
    if (T !== null && T >= 120 && T < 150) findings.push({ code: 'TEMP_LOW', severity: 'warn' });
    else if (T !== null && T > 245 && T <= 290) findings.push({ code: 'TEMP_HIGH', severity: 'warn' });
    else return [...findings, { code: 'TEMP_IMPOSSIBLE', severity: 'error' }];
  }
  if (time === null || T === null) return findings;
  const e = equivalent(T, time);
  const sameTempMin = Math.round(Math.sqrt(min * max) / Math.exp(0.012 * (T - 200)));
  if (time >= 8 * max) findings.push({ code: 'TIME_IMPOSSIBLE', severity: 'error', equivalentMin: e });
  else if (e > 1.15 * max || (T >= 235 && time > 25)) {
    const same = 200 + Math.log((min + max) / 2 / time) / 0.012;
    const rounded = Math.round(same / 5) * 5;
    findings.push({
      code: 'TOO_MUCH_HEAT',
      severity: 'warn',
      equivalentMin: e,
      suggest: { sameTimeC: good(rounded) ? rounded - (mode === 'fan' ? fanShiftC : 0) : null, sameTempMin },
    });
  } else if (e < 0.85 * min) {
    const hours = equivalent(T, 60 * time);
    if (time <= 4 && hours >= min && hours <= max)
      findings.push({ code: 'TIME_IS_HOURS', severity: 'warn', equivalentMin: e, suggest: { timeMin: 60 * time } });
    else findings.push({ code: 'TOO_LITTLE_HEAT', severity: 'warn', equivalentMin: e, suggest: { sameTempMin } });
  }
  return findings;
}

/** One oven heat in every way of writing it. */
export function heatConversions(conventionalC: number) {
  within(conventionalC, 50, 300, 'conventionalC');
  return {
    conventionalC,
    fanC: conventionalC - fanShiftC,
    fahrenheit: Math.round(fahrenheit(conventionalC)),
    gas: celsiusToGas(conventionalC),
  };
}
