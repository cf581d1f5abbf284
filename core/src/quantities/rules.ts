import 'reflect-metadata';
import {
  ArrayMaxSize,
  getMetadataStorage,
  IsArray,
  IsDefined,
  IsIn,
  IsObject,
  IsOptional,
  registerDecorator,
  ValidateNested,
} from 'class-validator';
import { Type } from 'class-transformer';

/** The stated range of one number field; the forms and sliders of the web read it too, so a range is written once. */
export interface NumberRule {
  min: number;
  max: number;
  unit: string;
  integer: boolean;
}

type Class = abstract new (...args: never[]) => object;
const numberRuleBook = new WeakMap<object, Map<string, NumberRule>>();

const obeys = (rule: NumberRule, value: unknown): boolean =>
  typeof value === 'number' &&
  Number.isFinite(value) &&
  value >= rule.min &&
  value <= rule.max &&
  (!rule.integer || Number.isInteger(value));

/** Property decorator: a finite number within [min, max] in the stated unit. */
export function NumberIn(min: number, max: number, unit: string, options: { integer?: boolean; each?: boolean } = {}) {
  const rule: NumberRule = { min, max, unit, integer: options.integer ?? false };
  return (target: object, propertyName: string): void => {
    const rules = numberRuleBook.get(target) ?? new Map<string, NumberRule>();
    numberRuleBook.set(target, rules.set(propertyName, rule));
    registerDecorator({
      name: 'numberIn',
      target: target.constructor,
      propertyName,
      constraints: [rule],
      validator: {
        validate: (value: unknown) =>
          options.each ? Array.isArray(value) && value.every((v) => obeys(rule, v)) : obeys(rule, value),
        defaultMessage: () => `${propertyName}: ${rule.integer ? 'whole number ' : ''}${min} to ${max} ${unit}`.trim(),
      },
    });
  };
}

/** The number rules written on an input class, its ancestors' included. */
export function numberRules(inputClass: Class): Record<string, NumberRule> {
  const found: Record<string, NumberRule> = {};
  for (
    let proto = inputClass.prototype as object | null;
    proto;
    proto = Object.getPrototypeOf(proto) as object | null
  ) {
    for (const [field, rule] of numberRuleBook.get(proto) ?? []) found[field] ??= rule;
  }
  return found;
}

/** The number rules of an input class and of what is nested in it, by dotted path; of a list, those of each place. */
export function numberRulesByPath(inputClass: new () => object, at = ''): Record<string, NumberRule> {
  const found: Record<string, NumberRule> = {};
  for (const [field, rule] of Object.entries(numberRules(inputClass))) found[at + field] = rule;
  for (const field of knownFields(inputClass)) {
    const inner = nestedClass(inputClass, field);
    if (inner && inner !== inputClass) Object.assign(found, numberRulesByPath(inner, `${at}${field}.`));
  }
  return found;
}

/** The rule of one number field; throws when the class states none, so a typo cannot pass as "no limit". */
export function numberRule(inputClass: Class, field: string): NumberRule {
  const rule = numberRules(inputClass)[field];
  if (!rule) throw new Error(`${inputClass.name}.${field} states no number rule`);
  return rule;
}

/** Property decorator: one of the listed words. */
export function OneOf(words: readonly (string | number)[]) {
  return IsIn([...words], { context: { words } });
}

/** Property decorator: a list of listed words. */
export function OneOfEach(words: readonly string[]) {
  return IsIn([...words], { each: true, context: { words } });
}

const nestedBook = new WeakMap<object, Map<string, () => new () => object>>();
const nest = (target: object, key: string, of: () => new () => object): void => {
  const known = nestedBook.get(target) ?? new Map<string, () => new () => object>();
  nestedBook.set(target, known.set(key, of));
  ValidateNested({ each: true })(target, key);
  Type(of)(target, key);
};

/** The fields an input class states, its ancestors' included. */
export const knownFields = (inputClass: new () => object): ReadonlySet<string> =>
  new Set(
    getMetadataStorage()
      .getTargetValidationMetadatas(inputClass, '', false, false)
      .map((m) => m.propertyName),
  );

/** Property decorator: a nested input object of that class. */
export function Nested(of: () => new () => object) {
  return (target: object, key: string): void => {
    IsDefined()(target, key);
    IsObject()(target, key);
    nest(target, key, of);
  };
}

/** Property decorator: a list of nested input objects of that class, so many at most. */
export function NestedList(of: () => new () => object, most: number) {
  return (target: object, key: string): void => {
    ListOf(most)(target, key);
    nest(target, key, of);
  };
}

const listBook = new WeakMap<object, Map<string, number>>();

/** Property decorator: a list of so many at most; what each is, other decorators say. */
export function ListOf(most: number) {
  return (target: object, key: string): void => {
    const known = listBook.get(target) ?? new Map<string, number>();
    listBook.set(target, known.set(key, most));
    IsArray()(target, key);
    ArrayMaxSize(most)(target, key);
  };
}

export const Optional = IsOptional;

/** Whether a dotted path is a field that an input class states, through nested classes and the places of lists. */
export function isKnownPath(inputClass: new () => object, path: string): boolean {
  let at: (new () => object) | null = inputClass;
  for (const name of path.split('.')) {
    if (/^\d+$/.test(name)) continue;
    if (!at || !knownFields(at).has(name)) return false;
    at = nestedClass(at, name);
  }
  return true;
}

/** What is written of a field in a book, on the class or its ancestors. */
function written<Entry>(book: WeakMap<object, Map<string, Entry>>, inputClass: Class, field: string): Entry | null {
  for (
    let proto = inputClass.prototype as object | null;
    proto;
    proto = Object.getPrototypeOf(proto) as object | null
  ) {
    const entry = book.get(proto)?.get(field);
    if (entry !== undefined) return entry;
  }
  return null;
}

/** The class of a nested field, or of each in a list of them; null for a plain value. */
export const nestedClass = (inputClass: Class, field: string): (new () => object) | null =>
  written(nestedBook, inputClass, field)?.() ?? null;

/** How many a list field may hold; null where it is no list. */
export const longestList = (inputClass: Class, field: string): number | null => written(listBook, inputClass, field);
