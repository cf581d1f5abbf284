import type { ItemInput } from '../../../contracts/item';
import { potOf, type Pot } from '../../../filling/pot';
import { ingredientNamed } from '../../../ingredients/named';
import { remember } from '../../memo';
import type { FillingPart } from './part';

/** A pan for so much, across, cm (estimate). */
export const panCm = 26;

/** The pot of a filling that is cooked; null where nothing is listed, or nothing is cooked. */
export function potOfFilling(
  { cookMinutes, diceMm, pot: heats }: ItemInput['filling'],
  parts: readonly FillingPart[],
): Pot | null {
  if (cookMinutes === 0 || parts.length === 0) return null;
  const list = parts.map(({ name, preparation, trimmedG, entersMin }) => ({
    ingredient: ingredientNamed(name),
    preparation,
    trimmedG,
    entersMin,
  }));
  return remember(['pot', cookMinutes, diceMm, list, heats], () =>
    potOf({ minutes: cookMinutes, diceMm, panCm, parts: list, heats }),
  );
}
