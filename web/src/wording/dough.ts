import type { RatioName } from '@crustallum/core/dough/formula';
import type { StyleName } from '@crustallum/core/dough/styles';

export const styleWords: Record<string, string> = {
  flakyShortcrust: 'flaky shortcrust',
  tenderShortcrust: 'tender shortcrust',
  twoSizeShortcrust: 'two-size shortcrust',
  wrapping: 'wrapping dough',
  eggAndMilk: 'egg-and-milk crust',
  softCheese: 'soft-cheese dough',
  sweetShortcrust: 'sweet shortcrust',
  partWholemeal: 'part wholemeal',
  suetDough: 'suet dough',
  oilDough: 'oil dough',
  stretchedOil: 'stretched oil dough',
  roughPuff: 'rough puff',
  blockPuff: 'block puff',
  spreadLamination: 'spread lamination',
  boughtPuff: 'bought puff',
  boughtFilo: 'bought filo',
  stretchedFilo: 'home-stretched filo',
} satisfies Record<StyleName, string>;

/** What each style is for, in a breath. */
export const styleFor: Record<StyleName, string> = {
  flakyShortcrust: 'visible pieces leave gaps: flakes, for lids and dish pies',
  tenderShortcrust: 'fat rubbed fine coats the flour: short and tender, for wet fillings',
  twoSizeShortcrust: 'some fat coats, some stays in pieces: tender and flaky both',
  wrapping: 'worked on purpose until it stretches: holds a raw, heavy filling',
  eggAndMilk: 'egg binds and browns: for raised edges and rich fillings',
  softCheese: 'cheese brings fat and water at once: soft, rolls easily, for small turnovers',
  sweetShortcrust: 'sugar keeps it short: for fruit',
  partWholemeal: 'bran drinks slowly: rest it longer, roll it thicker',
  suetDough: 'shreds melt late and leave it open: for steaming and slow bakes',
  oilDough: 'oil coats and cannot layer: no chill, quick, sandy',
  stretchedOil: 'worked, rested warm, pulled thin over a cloth: rolls and rings',
  roughPuff: 'lumps rolled out and folded: leaves, in an afternoon',
  blockPuff: 'one block locked in: even leaves, more care with the cold',
  spreadLamination: 'soft fat spread and folded: bends well, for coils and stretched sheets',
  boughtPuff: 'a block or sheets that come made: rolled cold, never kneaded together again',
  boughtFilo: 'leaves that come made',
  stretchedFilo: 'kneaded, rested warm, pulled over the backs of the hands until print shows through',
};

export const ratioWords: Record<RatioName, string> = {
  fat: 'Fat',
  water: 'Water',
  salt: 'Salt',
  sugar: 'Sugar',
  egg: 'Egg',
  acid: 'Acid',
};

/** What leaving a style's band does. */
export const leavingWords: Record<`${RatioName}.${'under' | 'over'}`, string> = {
  'fat.over': 'shorter and richer; it tears when rolled and may run in the oven',
  'fat.under': 'tougher and drier; it holds its shape and bends',
  'water.over': 'it stretches, shrinks and bakes hard; rest it longer',
  'water.under': 'it crumbles and cracks at the rim',
  'salt.over': 'it tastes of salt',
  'salt.under': 'it tastes flat',
  'sugar.over': 'it browns early and sticks to the pin',
  'sugar.under': 'it stays paler and less short',
  'egg.over': 'a firmer, drier bite',
  'egg.under': 'less bound than this style is',
  'acid.over': 'you will taste it',
  'acid.under': 'nothing to speak of',
};

export const allergenWords: Record<string, string> = {
  gluten: 'gluten',
  wheat: 'wheat',
  crustaceans: 'crustaceans',
  egg: 'egg',
  fish: 'fish',
  peanut: 'peanut',
  soya: 'soya',
  milk: 'milk',
  nuts: 'nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
};
export const dietWords: Record<string, string> = {
  vegan: 'no animals',
  vegetarian: 'no meat or fish',
  pescatarian: 'fish but no meat',
  noPork: 'no pork',
};
