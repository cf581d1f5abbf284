import type { ItemInput } from '../../../contracts/item';
import { vesselGeometry, vesselVolume } from '../../../vessels/vessel';

/** Capacity of the chosen dish to the brim, ml; 0 without a dish. */
export const dishMl = (item: ItemInput): number =>
  item.cut.vessel ? vesselVolume(vesselGeometry(item.cut.vessel)) : 0;
