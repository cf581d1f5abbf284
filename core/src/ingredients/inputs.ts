import { NumberIn, Optional } from '../quantities/rules';
import type { Label } from './label';

/** What a packet says; what is left out is taken from the table. */
export class LabelInput implements Label {
  @Optional() @NumberIn(0, 100, '%') fatPct?: number;
  @Optional() @NumberIn(0, 100, '%') waterPct?: number;
  @Optional() @NumberIn(0, 100, '%') proteinPct?: number;
  @Optional() @NumberIn(0, 100, '%') sugarPct?: number;
  @Optional() @NumberIn(0, 100, '%') saltPct?: number;
}
