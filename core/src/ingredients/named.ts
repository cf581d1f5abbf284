import { comparable } from './search';
import { shippedIndex } from './shipped';

/**
 * The ingredient of the table that a name of the cook's is, by the very word; null where there is none, or more than one.
 * @example ingredientNamed('Onions') // 'onion'
 */
export function ingredientNamed(name: string): string | null {
  // as it is written, or without the remark behind its comma
  for (const word of [name, name.split(',')[0]]) {
    const found = [...new Set(shippedIndex().exactly(word))];
    const own = found.filter((i) => comparable(i.name) === comparable(word));
    const [only, other] = own.length ? own : found;
    if (only) return other ? null : only.id;
  }
  return null;
}
