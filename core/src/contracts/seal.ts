import { NumberIn, OneOf, Optional } from '../quantities/rules';
import { glues, type Glue, crimps, type Crimp } from '../sealing/seals';
import { washFactors, type Wash } from '../oven/tables';

export class SealInput {
  @NumberIn(4, 30, 'mm') rimMm!: number;
  @OneOf(Object.keys(glues)) glue!: Glue;
  @OneOf(Object.keys(crimps)) crimp!: Crimp;
  @NumberIn(0, 12, 'slits', { integer: true }) slits!: number;
  @NumberIn(3, 80, 'mm') slitMm!: number;
  @OneOf(Object.keys(washFactors)) wash!: Wash;
  /** Lots they are closed in at the least: fill nine, chill nine. */
  @Optional() @NumberIn(1, 12, 'lots', { integer: true }) lots?: number;
}
