import type { OvenPlan } from '../stations/oven/station';
import { carried, type Carried } from '../../oven/carried';
import { Nested } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import type { Problem } from '../problem';
import { ProgrammeInput } from './programme';

/** What the model `plan.otherBake` takes: an item as it is, and as it would be. */
export class OtherBakeInput extends ProgrammeInput {
  @Nested(() => ItemInput) other!: ItemInput;
}

/** The bake of an item as it would be otherwise, and how it comes to other minutes. */
export interface OtherBake extends Pick<OvenPlan, 'spec' | 'bake' | 'minutes'> {
  carried: Carried;
  /** What would stand in the way then. */
  stops: Problem[];
}

/** An item baked otherwise, another dish say, by the stations themselves: nothing is worked out in a second way. */
export function otherBake({ item, other, kitchen, company }: OtherBakeInput): OtherBake {
  const mine = planItem(item, kitchen, company ?? null).oven;
  const { oven, problems } = planItem(other, kitchen, company ?? null);
  return {
    spec: oven.spec,
    bake: oven.bake,
    minutes: oven.minutes,
    carried: carried(mine.spec, oven.spec),
    stops: problems.filter((p) => p.weight === 'stop'),
  };
}
