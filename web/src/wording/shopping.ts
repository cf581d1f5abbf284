import { shopShelves, type ShopShelf, type ToBuy } from '@crustallum/core/plan/needs/shopping';
import { clock, dayOf, momentAt, served, weight } from './numbers';

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
