import type { Certainty } from '../quantities/model';
export type Unit = 'g' | 'ml' | '°C' | 'min' | 'mm' | 'cm' | '%' | 'pieces' | 'leaves' | 'mm²' | 'kJ' | '';

/** Why a number is what it is: a code, the values that went in and the source. The words are made in the web's wording. */
export interface Reason {
  code: string;
  values: Record<string, number | string>;
  source: string;
  certainty: Certainty;
}

/** Every computed number shown: value (null when it cannot be worked out), unit, range where it is uncertain, and its reason. */
export interface Figure {
  value: number | null;
  unit: Unit;
  range?: [number, number];
  reason: Reason;
}

export function figure(
  value: number | null,
  unit: Unit,
  code: string,
  values: Reason['values'],
  certainty: Certainty,
  source: string,
  range?: [number, number],
): Figure {
  return { value, unit, ...(range ? { range } : {}), reason: { code, values, source, certainty } };
}
