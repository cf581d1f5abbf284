import { NumberIn, OneOf, Optional } from '../quantities/rules';

/** Heat and minutes as somebody wrote them for a pie of theirs. */
export class WrittenPageInput {
  @NumberIn(120, 260, '°C') ovenC!: number;
  @OneOf(['conv', 'fan']) mode!: 'conv' | 'fan';
  @NumberIn(1, 300, 'min', { integer: true }) minutes!: number;
  /** Its dish or piece across, and how deep its filling lies, mm; as this one is where nothing is said. */
  @Optional() @NumberIn(40, 450, 'mm') acrossMm?: number;
  @Optional() @NumberIn(3, 150, 'mm') depthMm?: number;
  @Optional() @NumberIn(1, 3, 'trays', { integer: true }) trays?: number;
}
