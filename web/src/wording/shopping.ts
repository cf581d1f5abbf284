import { shopShelves, type ShopShelf, type ToBuy } from '@crustallum/core/plan/needs/shopping';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { softensMm, type TakenOut } from '@crustallum/core/plan/needs/takingOut';
import { clock, dayOf, degrees, momentAt, served, span, thin, weight } from './numbers';
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

/** Nearer than this to what it is to be is there, K. */
const thereK = 0.5;

/** What is taken out of the cold, and how it is to be when it is used. */
export function takenOutWords({ name, grams, from, to, toC, reachesC }: TakenOut): string {
  const what = `${weight(grams)} ${(fatWords[name] ?? name).toLowerCase()}`;
  return to === 'fridge'
    ? `${what} from the ${from} into the fridge, to thaw on a plate, low down; used only when there is no ice left in it`
    : `${what} out of the ${from}, in pieces, to be at ${degrees(toC ?? 0, 0)} when it is used${
        toC !== null && reachesC !== null && reachesC < toC - thereK
          ? `: this kitchen brings it to ${degrees(reachesC, 0)} only, give it a warmer place`
          : ''
      }`;
}

/** Why it is taken out then. */
export const takenOutWhy = (
  { to, atMin, useMin }: TakenOut,
  serveAt: string,
  { fridgeC, roomC }: KitchenInput,
): string =>
  to === 'fridge'
    ? `it is used at ${clock(momentAt(serveAt, useMin))}, and thaws ${span(useMin - atMin)} in the fridge (usual guidance; a thick piece takes longer)`
    : `it is weighed at ${clock(momentAt(serveAt, useMin))}, and pieces of ${thin(softensMm, 0)} from ${degrees(fridgeC, 0)} take ${span(useMin - atMin)} in a room of ${degrees(roomC, 0)} (simulated, an estimate)`;

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
