import { ingredientNamed } from '../ingredients/named';
import { ingredientOf } from '../ingredients/table';
import { within } from '../quantities/refusal';
import { bindsAs, isPoured } from './poured';

/** Share of a bed of dice that is room between them, and what stands over the topmost, mm (estimates). */
export const roomBetween = 0.4;
const overTopMm = 5;
/** Solids of a filling, g/ml (estimate: roots 1.0, meat 1.05). */
const solidGPerMl = 1;
/** Of a liquid so much goes in first, of a binder so much; the rest as the pot asks (estimates of practice). */
const firstShare = { liquid: 0.75, binder: 0.5 } as const;
/** An addition: a splash of liquid, a spoon of slurry, g. */
const additionG = { liquid: 30, binder: 5 } as const;

/** How a pot answers a spoon. */
export const potFeels = ['tooThick', 'asWanted', 'tooThin'] as const;
export type PotFeel = (typeof potFeels)[number];

/** A part of a filling that is poured by feel: what is planned of it, what goes in first, and by how much it is added to. */
export interface FeltPart {
  name: string;
  role: 'liquid' | 'binder';
  plannedG: number;
  firstLotG: number;
  additionG: number;
}

/**
 * What of a filling's list is poured by feel: its liquids, and what binds them (as a slurry, a roux or sprinkled).
 * @example feltParts([{ name: 'Milk', grams: 400 }, { name: 'Leek', grams: 300 }])[0].firstLotG // 300
 */
export const feltParts = (parts: readonly { name: string; grams: number }[]): FeltPart[] =>
  parts.flatMap(({ name, grams }) => {
    const id = ingredientNamed(name) ?? '';
    const role = isPoured(id) ? 'liquid' : bindsAs(id) ? 'binder' : null;
    if (!role || grams <= 0) return [];
    return [{ name, role, plannedG: grams, firstLotG: grams * firstShare[role], additionG: additionG[role] }];
  });

/** What to do about a pot by how it feels, and whether what is in it is what was wanted. */
export const potNext = (feel: PotFeel): { add: FeltPart['role'] | null } =>
  (({ tooThick: { add: 'liquid' }, asWanted: { add: null }, tooThin: { add: 'binder' } }) as const)[feel];

/**
 * Liquid that covers a bed of dice in a pot, ml, by its room between and a finger's breadth over it:
 * `area × max(solids/(1 − room)/area, dice) − solids + area × 5 mm`. An estimate: dice lie as they fall.
 * @param o solids, ml (1 to 50 000); the pot across, cm (8 to 60); the dice, mm (2 to 60)
 * @example enoughToCoverMl({ solidsMl: 800, potCm: 22, diceMm: 15 }) // 723
 */
export function enoughToCoverMl(o: { solidsMl: number; potCm: number; diceMm: number }): number {
  const solids = within(o.solidsMl, 1, 50_000, 'solidsMl');
  const areaCm2 = Math.PI * (within(o.potCm, 8, 60, 'potCm') / 2) ** 2;
  const heightCm = Math.max(solids / (1 - roomBetween) / areaCm2, within(o.diceMm, 2, 60, 'diceMm') / 10);
  return Math.round(areaCm2 * heightCm - solids + (areaCm2 * overTopMm) / 10);
}

/** The same from a filling's list, g of liquid in all; null where nothing is poured, or nothing stands in it. */
export function enoughToCoverG(
  parts: readonly { name: string; grams: number }[],
  potCm: number,
  diceMm: number,
): number | null {
  const role = (name: string) => {
    const id = ingredientNamed(name) ?? '';
    if (isPoured(id)) return 'liquid';
    return bindsAs(id) || ingredientOf(id)?.group === 'fat' ? 'else' : 'solid';
  };
  const solidsG = parts.filter((p) => role(p.name) === 'solid').reduce((sum, p) => sum + p.grams, 0);
  if (solidsG < 1 || !parts.some((p) => role(p.name) === 'liquid')) return null;
  return enoughToCoverMl({ solidsMl: solidsG / solidGPerMl, potCm, diceMm });
}
