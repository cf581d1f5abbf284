/** Why an input was refused: which field, what was given, and what would be allowed. Wording is added by the caller. */
export interface Refusal {
  field: string;
  code: string;
  value?: unknown;
  allowed?: unknown;
}

/** Thrown by models for input they cannot work with. Never thrown for a physical "no" (that is a normal result). */
export class RefusedInput extends RangeError {
  readonly refusals: Refusal[];

  constructor(refusals: Refusal | Refusal[]) {
    const list = Array.isArray(refusals) ? refusals : [refusals];
    super(list.map((r) => `${r.field}: ${r.code}`).join('; '));
    this.name = 'RefusedInput';
    this.refusals = list;
  }
}

/** Returns the table row of that name, or refuses with the list of known names. */
export function rowOf<Row>(table: Readonly<Record<string, Row>>, name: string, field: string): Row {
  if (typeof name === 'string' && Object.hasOwn(table, name)) return table[name];
  throw new RefusedInput({ field, code: 'unknown', value: name, allowed: Object.keys(table) });
}

/** Returns the number if it is finite and within the range, else refuses naming the field and the range. */
export function within(value: unknown, min: number, max: number, field: string): number {
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    throw new RefusedInput({ field, code: 'not_a_number', value, allowed: { min, max } });
  }
  if (value < min || value > max) {
    throw new RefusedInput({ field, code: 'out_of_range', value, allowed: { min, max } });
  }
  return value;
}
