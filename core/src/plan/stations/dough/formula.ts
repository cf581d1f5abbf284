import { splitLoads, type Loads } from '../../../dough/loads';
import { partName, trueRatios, type FormulaPart, type TrueRatios } from '../../../dough/formula';
import { leavings, styles, type Leaving, type Style, type StyleName } from '../../../dough/styles';
import type { Allergen, Diet, Ingredient } from '../../../ingredients/ingredient';
import { allergensOf, dietsOf, type Label } from '../../../ingredients/label';
import { ingredientOf } from '../../../ingredients/table';
import type { DoughInput } from '../../../contracts/dough';
import type { FoldsInput } from '../../../contracts/folds';
import type { KitchenInput } from '../../../contracts/kitchen';

/** What the packet of the fat says, or nothing. */
export const fatLabel = (dough: DoughInput): Label | undefined =>
  dough.fatLabelPct === undefined && dough.fatSaltPct === undefined
    ? undefined
    : {
        ...(dough.fatLabelPct === undefined ? {} : { fatPct: dough.fatLabelPct }),
        ...(dough.fatSaltPct === undefined ? {} : { saltPct: dough.fatSaltPct }),
      };

/** The parts of a dough for 100 of flour, in the order they are weighed. */
export function partsOf(dough: DoughInput): FormulaPart[] {
  const second = dough.secondFlour && dough.secondFlour !== dough.flour ? (dough.secondFlourPct ?? 0) : 0;
  const label = fatLabel(dough);
  return [
    { id: dough.flour ?? 'flour', grams: 100 - second },
    { id: dough.secondFlour ?? 'wholemeal', grams: second },
    { id: dough.fat, grams: dough.fatToFlourPct, ...(label ? { label } : {}) },
    { id: 'salt', grams: dough.saltToFlourPct },
    ...(dough.others ?? []).map(({ ingredient: id, toFlourPct: grams, name, label: says }) => ({
      id,
      grams,
      ...(name ? { name } : {}),
      ...(says ? { label: says } : {}),
    })),
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
  /** Water to flour, per cent, if what was learnt is taken on; null where nothing was learnt or it is taken on already. */
  learntWaterPct: number | null;
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
  const items = parts.map((p) => ({ name: partName(p), grams: p.grams, flour: isFlour(p.id) }));
  const times = (kitchen.flourFactors ?? []).filter((f) => f.flour === (dough.flour ?? 'flour')).slice(-5);
  const flourFactor = times.length ? times.reduce((sum, f) => sum + f.factor, 0) / times.length : 1;
  return {
    parts,
    ratios,
    style,
    flourFactor,
    flourTimes: times.length,
    learntWaterPct: learntWater(dough, flourFactor, times.length),
    leavings: leavings(style, ratios.toFlour),
    firstLotPct: styles[style].firstLotPct,
    loads: splitLoads(items, kitchen.flourLimitG ?? 5000),
    allergens: allergensOf(list),
    diets: dietsOf(list),
  };
}

/** The planned water brought to what this flour takes; less than a per cent of difference is not worth a press. */
function learntWater(dough: DoughInput, factor: number, times: number): number | null {
  const pct = Math.round((10 * dough.waterToFlourPct * factor) / (dough.waterFactor ?? 1)) / 10;
  return times === 0 || pct > 80 || Math.abs(pct - dough.waterToFlourPct) < 0.01 * dough.waterToFlourPct ? null : pct;
}

export const isFlour = (id: string): boolean => ['flour', 'starch'].includes(ingredientOf(id)?.group ?? '');

/** The crumb or turns a style is made with, where it says. */
export const foldsOf = (name: StyleName): Partial<FoldsInput> => {
  const { coatedPct, crumbMm, turns, lock }: Style = styles[name];
  return {
    ...(coatedPct === undefined ? {} : { coatedPct }),
    ...(crumbMm === undefined ? {} : { crumbMm }),
    ...(turns === undefined ? {} : { turns }),
    ...(lock === undefined ? {} : { lock, ownFolds: [] }),
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
    waterFactor: undefined,
    method: method as DoughInput['method'],
    fatC,
  };
}
