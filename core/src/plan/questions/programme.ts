import { BesideInput } from '../../oven/inputs';
import { ListOf, Nested, NestedList, NumberIn, Optional } from '../../quantities/rules';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import type { BakeSpec } from '../../oven/bakeInput';
import { planBakeTime } from '../../oven/bakePlan';
import { programmed, searchProgramme, type Programme, type ProgrammeSearch } from '../../oven/programme';
import { brittle, coldDishC, type Support } from '../../oven/tables';
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

/** Whether a bake's dish would crack on a plate that is hot: it is as cold as the pastry that lines it. */
export const cracksOnHot = (spec: BakeSpec): boolean =>
  brittle.has(spec.vessel?.material ?? '') &&
  Math.min(spec.filling.startC, spec.crustStartC ?? spec.filling.startC) < coldDishC;

/**
 * The best way to bake an item in this oven, beside the cook's own: a bounded search over heats, shelves, what it stands on and
 * foil, with a safe middle as a limit. A stone or steel only where the kitchen has one; a piece for the hand stays on a tray.
 */
export function bestProgramme({ item, kitchen, company }: ProgrammeInput): ProgrammeSearch {
  const { spec, minutes } = planItem(item, kitchen, company ?? null).oven;
  // a cold glass or ceramic dish cracks on something hot
  const plates: Support[] = kitchen.ovenPlate && !cracksOnHot(spec) ? [kitchen.ovenPlate] : [];
  const known = spec.support === 'unknown' ? { ...spec, support: 'tray' as const } : spec;
  const supports: Support[] = item.product === 'handPies' ? ['trayDark'] : ['rack', 'trayDark', ...plates];
  const found = searchProgramme(known, { racks: ['low', 'middle'], supports });
  // minutes are those of this kitchen, and the cook's own where they set them: the station's own figure
  const here = (p: Programme) => planBakeTime(programmed(known, p), kitchen.bakeRatios).proposed;
  return {
    ...found,
    mine: { ...found.mine, minutes },
    proposed: { ...found.proposed, minutes: found.gains.length ? here(found.proposed.programme) : minutes },
    gains: found.gains.map((g) => ({ ...g, without: { ...g.without, minutes: here(g.programme) } })),
  };
}
