import { fatNames } from '../../cold/fats';
import { swapFat } from '../../dough/swaps';
import { partsOf } from '../stations/dough/formula';
import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';

/** Inputs by dotted path (`folds.turns`, `kitchen.roomC`) and the values they would have. */
export type Changes = Record<string, unknown>;

export const remedyNames = [
  'restEachTurn',
  'rollInGoes',
  'colder',
  'smallerLots',
  'coldStone',
  'freezer',
  'otherFat',
  'coolerHour',
] as const;
export type RemedyName = (typeof remedyNames)[number];

export const whatIfNames = [
  'warmKitchen',
  'coldStone',
  'lard',
  'shortening',
  'thicker',
  'twoRolling',
  'thinChill',
  'freezer',
] as const;
export type WhatIfName = (typeof whatIfNames)[number];

/** Two roll and fold in this share of the time of one (estimate: they wait for one another). */
const twoHandsShare = 0.6;
const warmK = 7;

/** A fat for the one there is, fat, water and salt in all kept. */
export function otherFat(item: ItemInput, to: string): Changes {
  const { parts } = swapFat(partsOf(item.dough), item.dough.fat, to);
  const grams = (id: string) => Math.round(10 * (parts.find((p) => p.id === id)?.grams ?? 0)) / 10;
  return {
    'dough.fat': to,
    'dough.fatToFlourPct': Math.min(110, Math.max(20, grams(to))),
    'dough.waterToFlourPct': Math.min(80, Math.max(0, grams('water'))),
    'dough.saltToFlourPct': Math.min(5, Math.max(0, grams('salt'))),
    'dough.fatLabelPct': undefined,
    'dough.fatSaltPct': undefined,
  };
}

/** What makes a packet chill thinner: a disc half as thick, a laminate as two halves side by side; null where it does already. */
export function thinnerChill({ dough, folds }: ItemInput): Record<string, number | boolean> | null {
  if (dough.pastry === 'filo') return null;
  if (dough.pastry === 'roughPuff') return folds.halves ? null : { 'folds.halves': true };
  const discMm = Math.max(thinnestDiscMm, folds.discMm / 2);
  return discMm < folds.discMm ? { 'folds.discMm': discMm } : null;
}
const thinnestDiscMm = 10;

/** The questions worth asking of this item, each as the inputs it changes; those that change nothing are left out. */
export function whatIfs(item: ItemInput, kitchen: KitchenInput): Partial<Record<WhatIfName, Changes>> {
  const { folds, cut, dough } = item;
  if (dough.pastry === 'filo') return {};
  const thinner = thinnerChill(item);
  const stone = { 'kitchen.bench': 'marble', 'kitchen.benchC': kitchen.fridgeC };
  const fats = (['lard', 'shortening'] as const).filter((f) => f !== dough.fat && fatNames.includes(f));
  return {
    warmKitchen: { 'kitchen.roomC': Math.min(40, kitchen.roomC + warmK) },
    ...(kitchen.bench === 'marble' && kitchen.benchC === kitchen.fridgeC ? {} : { coldStone: stone }),
    ...Object.fromEntries(fats.map((f) => [f, otherFat(item, f)])),
    thicker: { 'cut.thicknessMm': Math.min(10, cut.thicknessMm + 1) },
    twoRolling: { 'kitchen.pace': Math.max(0.3, kitchen.pace * twoHandsShare) },
    ...(thinner ? { thinChill: thinner } : {}),
    ...(folds.coldIn === 'freezer' ? {} : { freezer: { 'folds.coldIn': 'freezer' } }),
  };
}
