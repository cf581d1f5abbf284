import { BesideInput } from '../../oven/inputs';
import { ListOf, Nested, NestedList, NumberIn, Optional } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { searchProgramme, type ProgrammeSearch } from '../../oven/programme';
import type { Support } from '../../oven/tables';
import { planItem } from '../item';

/** What is in the oven with it, as the day's plan says. */
export class CompanyInput {
  @NestedList(() => BesideInput, 8) beside!: BesideInput[];
  @ListOf(20) @NumberIn(0, 240, 'min', { each: true }) doorsMin!: number[];
  @NumberIn(0, 10, 'trays', { integer: true }) trays!: number;
}

/** What the model `plan.programme` takes: an item, the kitchen it is baked in, and what else is in the oven. */
export class ProgrammeInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @Optional() @Nested(() => CompanyInput) company?: CompanyInput | null;
}

/**
 * The best way to bake an item in this oven, beside the cook's own: a bounded search over heats, shelves, what it stands on and
 * foil, with a safe middle as a limit. A stone or steel only where the kitchen has one; a piece for the hand stays on a tray.
 */
export function bestProgramme({ item, kitchen, company }: ProgrammeInput): ProgrammeSearch {
  const { spec } = planItem(item, kitchen, company ?? null).oven;
  // a cold glass or ceramic dish cracks on something hot
  const cracks = (spec.vessel?.material === 'glass' || spec.vessel?.material === 'ceramic') && spec.filling.startC < 10;
  const plates: Support[] = kitchen.ovenPlate && !cracks ? [kitchen.ovenPlate] : [];
  const known = spec.support === 'unknown' ? { ...spec, support: 'tray' as const } : spec;
  const supports: Support[] = item.product === 'handPies' ? ['trayDark'] : ['rack', 'trayDark', ...plates];
  return searchProgramme(known, { racks: ['low', 'middle'], supports });
}
