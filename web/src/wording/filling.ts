import type { Preparation } from '@crustallum/core/filling/inPie';
import type { AheadKind } from '@crustallum/core/filling/ahead';
import type { FirmnessName } from '@crustallum/core/filling/firmness';
import type { PotHeat, PotHeated } from '@crustallum/core/filling/pot';
import type { Spoons } from '@crustallum/core/filling/spoons';
import type { PanLid } from '@crustallum/core/filling/thickening';
import { counted, plain } from './numbers';

/** What is done to a thing before it is in the filling. */
export const preparationWords: Record<Preparation, string> = {
  asItIs: 'as it is',
  raw: 'cut, raw',
  grated: 'grated',
  shredded: 'shredded',
  minced: 'minced',
  marinated: 'marinated',
  drained: 'drained',
  sweated: 'sweated',
  browned: 'browned',
  poached: 'poached, picked',
  roasted: 'roasted',
  wilted: 'wilted, squeezed',
  boiled: 'just tender',
  steamed: 'steamed',
  mashed: 'mashed',
  deglazed: 'poured into the hot pan',
};

export const potHeatWords: Record<PotHeat, string> = {
  fry: 'fries',
  lowsimmer: 'barely simmers',
  simmer: 'simmers',
  boil: 'boils',
};
export const potLidWords: Record<PanLid, string> = { open: 'open', ajar: 'lid ajar', on: 'lid on' };
export const heatedWords = ({ heat, lid }: Pick<PotHeated, 'heat' | 'lid'>): string =>
  `${potHeatWords[heat]}, ${potLidWords[lid]}`;

/** Parts made before the rest. */
export const aheadWords: Record<AheadKind, string> = {
  marinade: 'marinated before',
  stock: 'a stock of its own',
  cultured: 'cultured before',
  soaked: 'soaked before',
};

/** A portion of filling as spoons and scoops have it. */
export const spoonWords = ({ level, heaped, scoop }: Spoons): string =>
  `${counted(level, 'level tablespoon', 'level tablespoons')}, ${plain(heaped, 1)} heaped${scoop ? `, or one scoop no. ${scoop}` : ''}`;

/** How a spoonful set on a plate stands. */
export const firmWords: Record<FirmnessName, string> = {
  crumbles: 'falls to crumbs',
  holds: 'holds a scoop',
  slumps: 'slumps',
};
