import 'reflect-metadata';
import { registerDecorator, ValidateNested, IsArray, IsDefined, IsOptional, IsIn } from 'class-validator';
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

/** Property decorator: a nested input object of that class. */
export function Nested(of: () => new () => object) {
  return (target: object, key: string): void => {
    IsDefined()(target, key);
    ValidateNested()(target, key);
    Type(of)(target, key);
  };
}

/** Property decorator: a list of nested input objects of that class. */
export function NestedList(of: () => new () => object) {
  return (target: object, key: string): void => {
    IsArray()(target, key);
    ValidateNested({ each: true })(target, key);
    Type(of)(target, key);
  };
}

export const Optional = IsOptional;
