import { splitLoads, type Loads } from '../dough/loads';
import { trueRatios, type FormulaPart, type TrueRatios } from '../dough/formula';
import { leavings, styles, type Leaving, type Style, type StyleName } from '../dough/styles';
import type { Allergen, Diet, Ingredient } from '../ingredients/ingredient';
import { allergensOf, dietsOf } from '../ingredients/label';
import { ingredientOf, nameOf } from '../ingredients/table';
import type { DoughInput, FoldsInput, KitchenInput } from './inputs';

/** The parts of a dough for 100 of flour, in the order they are weighed. */
export function partsOf(dough: DoughInput): FormulaPart[] {
  const second = dough.secondFlour && dough.secondFlour !== dough.flour ? (dough.secondFlourPct ?? 0) : 0;
  const label =
    dough.fatLabelPct === undefined && dough.fatSaltPct === undefined
      ? undefined
      : { fatPct: dough.fatLabelPct, saltPct: dough.fatSaltPct };
  return [
    { id: dough.flour ?? 'flour', grams: 100 - second },
    { id: dough.secondFlour ?? 'wholemeal', grams: second },
    { id: dough.fat, grams: dough.fatToFlourPct, ...(label ? { label } : {}) },
    { id: 'salt', grams: dough.saltToFlourPct },
    ...(dough.others ?? []).map((o) => ({ id: o.ingredient, grams: o.toFlourPct })),
    { id: 'water', grams: dough.waterToFlourPct },
  ].filter((p) => p.grams > 0 || p.id === (dough.flour ?? 'flour'));
}

export interface DoughFacts {
  /** What is weighed, g, in the order it is weighed. */
  parts: FormulaPart[];
  ratios: TrueRatios;
  style: StyleName;
  /** Ratios outside the style's band. */
  leavings: Leaving[];
  firstLotPct: number;
  /** What this kitchen's flour takes against the table: the mean of the last times, 1 where nobody poured by feel. */
  flourFactor: number;
  flourTimes: number;
  /** Equal loads for the machine; one where it takes all at once. */
  loads: Loads;
  allergens: { allergen: Allergen; from: string[] }[];
  diets: Diet[];
}

/** The style an item says, or the plain one of its pastry. */
export const styleOf = (dough: Pick<DoughInput, 'style' | 'pastry'>): StyleName =>
  dough.style && styles[dough.style].pastry === dough.pastry
    ? dough.style
    : dough.pastry === 'roughPuff'
      ? 'roughPuff'
      : dough.pastry === 'filo'
        ? 'boughtFilo'
        : 'twoSizeShortcrust';

/** What a dough is made of and truly is, by the gram. */
export function doughFacts(dough: DoughInput, kitchen: KitchenInput, parts: FormulaPart[]): DoughFacts {
  const ratios = trueRatios(parts);
  const style = styleOf(dough);
  const list = parts.map((p) => ingredientOf(p.id) as Ingredient);
  const items = parts.map((p) => ({ name: nameOf(p.id), grams: p.grams, flour: isFlour(p.id) }));
  const times = (kitchen.flourFactors ?? []).filter((f) => f.flour === (dough.flour ?? 'flour')).slice(-5);
  return {
    parts,
    ratios,
    style,
    flourFactor: times.length ? times.reduce((sum, f) => sum + f.factor, 0) / times.length : 1,
    flourTimes: times.length,
    leavings: leavings(style, ratios.toFlour),
    firstLotPct: styles[style].firstLotPct,
    loads: splitLoads(items, kitchen.flourLimitG ?? 5000),
    allergens: allergensOf(list),
    diets: dietsOf(list),
  };
}

export const isFlour = (id: string): boolean => ['flour', 'starch'].includes(ingredientOf(id)?.group ?? '');

/** The crumb or turns a style is made with, where it says. */
export const foldsOf = (name: StyleName): Partial<FoldsInput> => {
  const { coatedPct, crumbMm, turns }: Style = styles[name];
  return {
    ...(coatedPct === undefined ? {} : { coatedPct }),
    ...(crumbMm === undefined ? {} : { crumbMm }),
    ...(turns === undefined ? {} : { turns }),
  };
};

/** The changes that make an item's dough a style's starting point. */
export function startOf(name: StyleName): Partial<DoughInput> {
  const { start, pastry, method, fatC }: Style = styles[name];
  return {
    style: name,
    pastry,
    fat: start.fat as DoughInput['fat'],
    fatToFlourPct: start.fatPct,
    waterToFlourPct: start.waterPct,
    saltToFlourPct: start.saltPct,
    flour: start.flour ?? 'flour',
    secondFlour: start.secondFlour ?? 'wholemeal',
    secondFlourPct: start.secondFlourPct ?? 0,
    others: (start.others ?? []).map(([ingredient, toFlourPct]) => ({ ingredient, toFlourPct })),
    fatLabelPct: undefined,
    fatSaltPct: undefined,
    method: method as DoughInput['method'],
    fatC,
  };
}
