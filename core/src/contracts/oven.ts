import { NumberIn, OneOf } from '../quantities/rules';
import { supports, type Support } from '../oven/tables';

export class ItemOvenInput {
  @NumberIn(120, 260, '°C') setC!: number;
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @OneOf(['low', 'middle', 'high']) rack!: 'low' | 'middle' | 'high';
  @OneOf(Object.keys(supports)) support!: Support;
}
