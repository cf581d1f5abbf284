import { vesselGeometry, vesselVolume } from '../../../vessels/vessel';
import type { ItemInput } from '../../../contracts/item';
import type { CutPlan } from './result';
import { dishCut } from './dish';
import { filoCut } from './leaves';
import { pieceCut } from './pieces';
import type { KitchenInput } from '../../../contracts/kitchen';

/** Where every piece comes from: sheets, re-rolls, blanks or leaves; and how much dough that asks for. */
export function planCut(item: ItemInput, kitchen: KitchenInput): CutPlan {
  const geometry = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  if (item.dough.pastry === 'filo') return filoCut(item, geometry);
  if (item.product === 'handPies') return pieceCut(item, kitchen, null);
  if (!geometry)
    return pieceCut(item, kitchen, null, [
      { station: 'cut', code: 'noDish', fields: ['cut.vessel'], values: {}, weight: 'stop' },
    ]);
  if (item.product === 'potPies' && geometry.form === 'round') return pieceCut(item, kitchen, geometry);
  return dishCut(item, kitchen, geometry);
}

/** Capacity of the chosen dish to the brim, ml; 0 without a dish. */
export const dishMl = (item: ItemInput): number =>
  item.cut.vessel ? vesselVolume(vesselGeometry(item.cut.vessel)) : 0;
