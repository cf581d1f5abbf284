import { NumberIn, OneOf, Optional } from '../quantities/rules';
import { potHeats, potLids, type PotHeat, type PotSet } from './pot';
import type { PanLid } from './thickening';

/** How the pot is heated or covered from a minute on. */
export class PotHeatedInput implements PotSet {
  @NumberIn(0, 240, 'min', { integer: true }) fromMin!: number;
  @Optional() @OneOf(potHeats) heat?: PotHeat;
  @Optional() @OneOf(potLids) lid?: PanLid;
}
