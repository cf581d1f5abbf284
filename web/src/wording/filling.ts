import type { Preparation } from '@crustallum/core/filling/inPie';

/** What is done to a thing before it is in the filling. */
export const preparationWords: Record<Preparation, string> = {
  asItIs: 'as it is',
  raw: 'cut, raw',
  grated: 'grated',
  minced: 'minced',
  marinated: 'marinated',
  drained: 'drained',
  sweated: 'sweated',
  browned: 'browned',
  poached: 'poached, picked',
  roasted: 'roasted',
  wilted: 'wilted, squeezed',
  boiled: 'just tender',
  mashed: 'mashed',
};
