import { NumberIn, OneOf, Optional } from '../quantities/rules';
import { glues, type Glue, crimps, type Crimp } from '../sealing/seals';
import { ventKinds, type VentKind } from '../sealing/seals';
import { toppings, type Topping } from '../sealing/toppings';
import { markings, type Marking } from '../templates/marks';
import { washFactors, type Wash } from '../oven/tables';

export class SealInput {
  @NumberIn(4, 30, 'mm') rimMm!: number;
  @OneOf(Object.keys(glues)) glue!: Glue;
  @OneOf(Object.keys(crimps)) crimp!: Crimp;
  /** How the lid is opened for steam; slits where nothing is said, none on purpose for a lid that is to dome. */
  @Optional() @OneOf(ventKinds) vent?: VentKind;
  /** How many slits or holes. */
  @NumberIn(0, 12, 'slits', { integer: true }) slits!: number;
  @NumberIn(3, 80, 'mm') slitMm!: number;
  /** A hole across, or a chimney. */
  @Optional() @NumberIn(2, 60, 'mm') holeMm?: number;
  @OneOf(Object.keys(washFactors)) wash!: Wash;
  /** The second coat goes on half way through the bake. */
  @Optional() @NumberIn(1, 2, 'coats', { integer: true }) coats?: number;
  /** Strewn on while the wash is wet. */
  @Optional() @OneOf(Object.keys(toppings)) topping?: Topping;
  /** What pieces made apart for somebody are known by; cuts where nothing is said. */
  @Optional() @OneOf(markings) markedBy?: Marking;
  /** Lots they are closed in at the least: fill nine, chill nine. */
  @Optional() @NumberIn(1, 12, 'lots', { integer: true }) lots?: number;
}
