import { NumberIn } from '../quantities/rules';

/** Something that is made already: how much of it there is, how warm it lies, and how long ago it was made. */
export class HaveInput {
  @NumberIn(1, 20_000, 'g') grams!: number;
  @NumberIn(-25, 98, '°C') atC!: number;
  @NumberIn(0, 2400, 'h') ageHours!: number;
}
