import type { ItemInput } from '../../../contracts/item';
import { filoFat } from '../../../cold/filo';
import { ingredientCompositions } from '../../../ingredients/composition';
import { figure, type Figure } from '../../figure';
import type { CutPlan } from '../cut/station';
import type { DoughFigures } from './figures';
import type { DoughResult } from './result';

/** What the figures of leaves need besides the result. */
export interface LeafDough {
  result: DoughResult;
  leaves: number;
  fat: ReturnType<typeof filoFat>;
}

/** Share of oil in what leaves are brushed with; none where the fat is oil already. */
export const oilShare = ({ dough, folds }: ItemInput): number =>
  dough.pastry !== 'filo' || dough.fat === 'oil' ? 0 : (folds.brushOilPct ?? 0) / 100;

/** Dough and fat of so many leaves. */
export function leafDough(item: ItemInput, cut: CutPlan): LeafDough {
  const { folds, dough } = item;
  const leaves = cut.leaves?.count ?? 1;
  const oil = oilShare(item);
  const fat = filoFat({
    sheets: leaves,
    lengthM: folds.leafLengthMm / 1000,
    widthM: folds.leafWidthMm / 1000,
    fatGramsPerM2: folds.brushGramsPerM2,
    fatFraction: oil + (1 - oil) * ingredientCompositions[dough.fat].fat,
  });
  const { flourG, doughG, appliedG } = fat;
  const waterG = doughG - flourG;
  return {
    leaves,
    fat,
    result: {
      truth: null,
      masses: { flourG, fatG: appliedG, waterG, iceG: 0, saltG: 0, totalG: doughG + appliedG },
      heaps: [],
      outOfBowlC: 20,
      waterC: null,
      band: null,
      spec: {
        items: [
          { name: 'flour', mass: flourG },
          { name: 'water', mass: waterG },
        ],
      },
      partsPer100: { flour: 100, fat: (100 * appliedG) / flourG, water: (100 * waterG) / flourG, salt: 0, other: 0 },
      facts: null,
      surplusG: 0,
    },
  };
}

/** What the Dough shows of leaves. */
export function leafDoughFigures(item: ItemInput, { leaves, fat }: LeafDough): DoughFigures {
  const { folds, dough } = item;
  const bought = (): Figure => figure(null, '°C', 'dough.bought', { leaves }, 'exact', 'cold.filoFat');
  return {
    flour: figure(fat.flourG, 'g', 'dough.leafFlour', { leaves, doughG: fat.doughG }, 'estimate', 'cold.filoFat'),
    fat: figure(
      fat.appliedG,
      'g',
      'dough.leafFat',
      {
        leaves,
        perLeaf: fat.perSheetG,
        perM2: folds.brushGramsPerM2,
        fat: dough.fat,
        oilG: fat.appliedG * oilShare(item),
      },
      'estimate',
      'cold.filoFat',
    ),
    waterTemperature: bought(),
    dough: figure(
      fat.doughG,
      'g',
      'dough.leaves',
      { leaves, areaCm2: (folds.leafLengthMm * folds.leafWidthMm) / 100 },
      'estimate',
      'cold.filoFat',
    ),
    outOfBowl: bought(),
  };
}
