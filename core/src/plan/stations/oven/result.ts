import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Product } from '../../../contracts/products';
import { simulateBake } from '../../../oven/bake';
import type { BakeSpec } from '../../../oven/bakeInput';
import { planBakeTime, type BakePlan } from '../../../oven/bakePlan';
import { heatConversions, plausible, type BakeClass, type Finding } from '../../../oven/plausible';
import { remember } from '../../memo';
import type { CutPlan } from '../cut/station';
import type { FillingPlan } from '../filling/station';
import { bakeSpec, traysOf } from './spec';

/** The numbers of a bake that other rooms use. */
export interface OvenResult {
  bake: BakePlan;
  spec: BakeSpec;
  /** The same bake with the fan the other way, 20 °C moved: the what-if. */
  otherFan: { mode: 'conv' | 'fan'; setC: number; proposedMin: number | null };
  conversions: ReturnType<typeof heatConversions>;
  minutes: number | null;
  /** What the middle has to reach, °C. */
  targetC: number;
  /** Shelves it takes in the oven. */
  trays: number;
  /** Whether heat and time can be meant. */
  findings: Finding[];
}

const classes: Record<Product, BakeClass> = {
  handPies: 'small',
  dishPie: 'pie',
  potPies: 'pie',
  filoTray: 'filo',
  filoCoil: 'filo',
};

/** The bake of an item: time with its range, what decides, and whether its heat can be meant. */
export function ovenResult(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, filling: FillingPlan): OvenResult {
  const spec = bakeSpec(item, kitchen, cut, filling);
  const bake = remember(['bake', spec, kitchen.bakeRatios], () => planBakeTime(spec, kitchen.bakeRatios));
  const mode: 'conv' | 'fan' = item.oven.mode === 'fan' ? 'conv' : 'fan';
  const setC = item.oven.setC + (mode === 'fan' ? -20 : 20);
  const other = {
    ...spec,
    support: spec.support === 'unknown' ? ('tray' as const) : spec.support,
    oven: { ...spec.oven, mode, steps: [{ fromMin: 0, setC }] },
  };
  const otherBake = remember(['otherFan', other], () => simulateBake(other));
  return {
    bake,
    spec,
    otherFan: { mode, setC, proposedMin: otherBake.proposed },
    conversions: heatConversions(item.oven.mode === 'fan' ? Math.min(300, item.oven.setC + 20) : item.oven.setC),
    minutes: bake.proposed,
    targetC: bake.targetC,
    trays: traysOf(item, cut),
    findings: plausible({
      value: item.oven.setC,
      unit: 'C',
      mode: item.oven.mode,
      timeMin: bake.proposed,
      cls: classes[item.product],
    }),
  };
}
