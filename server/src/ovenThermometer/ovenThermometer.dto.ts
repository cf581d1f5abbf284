import 'reflect-metadata';
import { NumberIn } from '@crustallum/core/quantities/rules';

export class ReadOvenThermometerDto {
  @NumberIn(50, 300, '°C') setC!: number;
  @NumberIn(0, 600, 'min') sinceOnMin!: number;
}
