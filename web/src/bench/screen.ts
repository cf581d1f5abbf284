// the browser makes ids only where the page came locked or from this machine; over the house's Wi-Fi it did not
import { v4 as newId } from 'uuid';

const devicePlace = 'crustallum.device';
const cookPlace = 'crustallum.screen';

/** This device among those of the household. */
export function device(): string {
  const known = localStorage.getItem(devicePlace) ?? newId();
  localStorage.setItem(devicePlace, known);
  return known;
}

/** Whose screen this is: a cook's, or nobody's own (null), where all stand at one screen. */
export const screenOf = (cooks: readonly string[]): string | null => {
  const kept = localStorage.getItem(cookPlace);
  return kept !== null && cooks.length > 1 && cooks.includes(kept) ? kept : null;
};
export const keepScreen = (cook: string | null): void =>
  cook === null ? localStorage.removeItem(cookPlace) : localStorage.setItem(cookPlace, cook);
