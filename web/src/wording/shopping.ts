import { shopShelves, type ShopShelf, type ToBuy } from '@crustallum/core/plan/needs/shopping';
import type { TakenOut } from '@crustallum/core/plan/needs/takingOut';
import { clock, dayOf, degrees, momentAt, served, weight } from './numbers';
import { fatWords } from './words';

export const shopWords: Record<ShopShelf, string> = {
  produce: 'Vegetables and fruit',
  baking: 'Baking',
  dry: 'Tins, jars and dry goods',
  meatAndFish: 'Meat and fish',
  chilled: 'Chilled',
  frozen: 'Frozen',
  other: 'Wherever it is',
};

/** When the first of it is used. */
export function neededWords(serveAt: string, byMin: number): string {
  const at = momentAt(serveAt, byMin);
  return at.toDateString() === served(serveAt).toDateString()
    ? `needed at ${clock(at)}`
    : `needed on ${dayOf(at)}, ${clock(at)}`;
}

/** What is taken out of the cold, and how it is to be when it is used. */
export function takenOutWords({ name, grams, from, to, toC }: TakenOut): string {
  const what = `${weight(grams)} ${(fatWords[name] ?? name).toLowerCase()}`;
  return to === 'fridge'
    ? `${what} from the ${from} into the fridge, to thaw on a plate, low down`
    : `${what} out of the ${from}, in pieces${toC === null ? '' : `, to be at ${degrees(toC, 0)} when it is used`}`;
}

/** The list in words, to be taken along: in the order a shop is walked, with when it is needed. */
export function toBuyText(short: readonly ToBuy[], serveAt: string): string {
  const lines = shopShelves.flatMap((shelf) => {
    const here = short.filter((s) => s.shelf === shelf);
    if (!here.length) return [];
    return [
      '',
      shopWords[shelf],
      ...here.map(
        (s) =>
          `[ ] ${weight(s.shortG)} ${s.name.toLowerCase()}${s.byMin === null ? '' : `  (${neededWords(serveAt, s.byMin)})`}`,
      ),
    ];
  });
  return `${['To buy', ...lines].join('\r\n')}\r\n`;
}
