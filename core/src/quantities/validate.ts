import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { RefusedInput, type Refusal } from './refusal';
import { longestList, nestedClass, numberRules, type NumberRule } from './rules';

/** Every wrong field of a failed validation, nested fields by dotted path. */
export function refusalsOf(errors: ValidationError[], path = ''): Refusal[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    if (error.children?.length) return refusalsOf(error.children, field);
    const constraints = Object.keys(error.constraints ?? {});
    const value: unknown = error.value;
    if (constraints.includes('whitelistValidation')) return [{ field, code: 'unknown_field', value }];
    if (constraints.includes('isDefined')) return [{ field, code: 'missing', value }];
    if (constraints.includes('numberIn')) {
      const rule = numberRuleIn(error);
      const code =
        value === undefined || value === null
          ? 'missing'
          : typeof value !== 'number' || !Number.isFinite(value)
            ? 'not_a_number'
            : rule?.integer && !Number.isInteger(value)
              ? 'not_integer'
              : 'out_of_range';
      return [{ field, code, value, allowed: rule }];
    }
    if (constraints.includes('isIn')) {
      const words = (error.contexts?.['isIn'] as { words?: readonly string[] } | undefined)?.words;
      return [{ field, code: value === undefined || value === null ? 'missing' : 'unknown', value, allowed: words }];
    }
    return [{ field, code: constraints[0] ?? 'invalid', value, allowed: Object.values(error.constraints ?? {})[0] }];
  });
}

function numberRuleIn(error: ValidationError): NumberRule | undefined {
  const target = error.target;
  return target ? numberRules(target.constructor as new () => object)[error.property] : undefined;
}

/**
 * The first list of plain JSON that is longer than its input class allows, or null. Looked at before anything is made of it:
 * making and validating a hundred thousand objects only to refuse them would take seconds.
 */
export function overlongList(inputClass: new () => object, plain: unknown, path = ''): Refusal | null {
  if (typeof plain !== 'object' || plain === null) return null;
  for (const [name, value] of Object.entries(plain)) {
    const field = path ? `${path}.${name}` : name;
    const most = longestList(inputClass, name);
    if (most !== null && Array.isArray(value) && value.length > most)
      return { field, code: 'too_many', value: value.length, allowed: { max: most } };
    const inner = nestedClass(inputClass, name);
    if (!inner) continue;
    const each: unknown[] = Array.isArray(value) ? value : [value];
    for (let i = 0; i < each.length; i++) {
      const found = overlongList(inner, each[i], Array.isArray(value) ? `${field}.${i}` : field);
      if (found) return found;
    }
  }
  return null;
}

/** Turns plain JSON into an instance of the input class, or refuses with every field that is wrong; unknown fields are refused too. */
export function validated<Input extends object>(inputClass: new () => Input, plain: unknown): Input {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    throw new RefusedInput({ field: '', code: 'not_an_object', value: plain });
  }
  const overlong = overlongList(inputClass, plain);
  if (overlong) throw new RefusedInput(overlong);
  const instance = plainToInstance(inputClass, plain, { exposeDefaultValues: true });
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: false });
  if (errors.length) throw new RefusedInput(refusalsOf(errors, ''));
  return instance;
}
