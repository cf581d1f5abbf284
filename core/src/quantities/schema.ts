import { getMetadataStorage } from 'class-validator';
import { longestList, nestedClass, numberRules } from './rules';

type InputClass = new () => object;

/** The part of JSON Schema that input classes need. */
export interface Schema {
  type?: string;
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: boolean;
  items?: Schema;
  maxItems?: number;
  minimum?: number;
  maximum?: number;
  enum?: readonly unknown[];
  maxLength?: number;
  pattern?: string;
  description?: string;
  format?: string;
}

/**
 * What an input class takes, as JSON Schema, from the same rules that validate it: ranges with their units, words, lengths,
 * nested objects and lists. A class that contains itself is opened up twice.
 * @example schemaOf(class { @NumberIn(1, 9, 'mm') aMm!: number }).properties.aMm // { type: 'number', minimum: 1, maximum: 9, description: 'mm' }
 */
export function schemaOf(inputClass: InputClass, inside: readonly InputClass[] = []): Schema {
  const rules = getMetadataStorage().getTargetValidationMetadatas(inputClass, '', false, false);
  const fields = [...new Set(rules.map((r) => r.propertyName))];
  const properties: Record<string, Schema> = {};
  const required: string[] = [];
  for (const field of fields) {
    const own = rules.filter((r) => r.propertyName === field);
    const has = (name: string) => own.find((r) => (r.name ?? r.type) === name);
    if (!own.some((r) => r.type === 'conditionalValidation')) required.push(field);
    const nested = nestedClass(inputClass, field);
    const known = nested && inside.filter((c) => c === nested).length > 1;
    let one: Schema = nested ? (known ? { type: 'object' } : schemaOf(nested, [...inside, nested])) : {};
    const number = numberRules(inputClass)[field];
    if (number)
      one = {
        type: number.integer ? 'integer' : 'number',
        minimum: number.min,
        maximum: number.max,
        ...(number.unit ? { description: number.unit } : {}),
      };
    const words = (has('isIn')?.constraints as [readonly unknown[]] | undefined)?.[0];
    if (words) one = { enum: words };
    const longest = has('maxLength')?.constraints as [number] | undefined;
    const pattern = has('matches')?.constraints as [RegExp] | undefined;
    if (has('isString') || has('matches') || has('isIso8601') || has('isUuid'))
      one = {
        type: 'string',
        ...(longest ? { maxLength: longest[0] } : {}),
        ...(pattern ? { pattern: pattern[0].source } : {}),
        ...(has('isUuid') ? { format: 'uuid' } : {}),
      };
    if (has('isBoolean')) one = { type: 'boolean' };
    const most = longestList(inputClass, field);
    properties[field] = most === null ? one : { type: 'array', maxItems: most, items: one };
  }
  return { type: 'object', properties, required, additionalProperties: false };
}
