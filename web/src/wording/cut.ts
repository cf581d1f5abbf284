import type { BlankKind } from '@crustallum/core/plan/stations/cut/result';
import type { VesselKind } from '@crustallum/core/vessels/kinds';
import type { FitVerdict } from '@crustallum/core/vessels/blanks';

export const blankWords: Record<BlankKind, string> = {
  base: 'base',
  lid: 'lid',
  bottom: 'bottom',
  band: 'band',
  strip: 'strip',
  strand: 'strand of the plait',
};

export const vesselKindWords: Record<VesselKind, string> = {
  piePlate: 'pie plate',
  straightTin: 'straight tin',
  looseBottom: 'loose-bottomed tin',
  fluted: 'fluted tin',
  muffinCup: 'muffin cup',
  miniCup: 'mini cup',
  ramekin: 'ramekin',
  skillet: 'skillet',
  ovalDish: 'oval dish',
  roastingTin: 'roasting tin',
  tray: 'tray',
};

export const fitWords: Record<FitVerdict, string> = {
  tooBig: 'it is lost in it',
  shallow: 'shallow',
  good: 'it fits',
  full: 'full: dome it, or keep some back',
  tooSmall: 'too small',
};
