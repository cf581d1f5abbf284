import { IsUUID } from 'class-validator';
import { NumberIn } from '../quantities/rules';

/** Property decorator: the version a writer has seen, or a stored document now has; every write raises it. */
export const Version = () => NumberIn(1, 1e9, '', { integer: true });

/** What every stored document carries beside its own fields. */
export abstract class Stored {
  @IsUUID() id!: string;
  @Version() version!: number;
}
