import { freezing } from '../../cold/freezing';
import { fridgeShapes, type FridgeShape } from '../../cold/fridgeShapes';
import { material } from '../../cold/material';
import { mixtureComposition } from '../../ingredients/composition';
import { RefusedInput } from '../../quantities/refusal';
import { Nested, NumberIn, Optional } from '../../quantities/rules';
import { planCut } from '../stations/cut/station';
import { planDough } from '../stations/dough/station';
import { ItemInput } from '../../contracts/item';
import { fridgeOf } from '../coldLine/thermal';
import { chillBelowBandK } from '../coldLine/timeline';
import { KitchenInput } from '../../contracts/kitchen';

/** What the model `plan.fridgeShapes` takes. */
export class FridgeShapesInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  /** What disc and slab are pressed to. */
  @Optional() @NumberIn(3, 100, 'mm') thicknessMm?: number;
}

export interface DoughShapes {
  massG: number;
  startC: number;
  targetC: number;
  shapes: FridgeShape[];
}

/** One dough, as it comes out of the bowl, in five shapes for the cold. Refuses leaves, which do not chill. */
export function doughShapes({ item, kitchen, thicknessMm }: FridgeShapesInput): DoughShapes {
  const dough = planDough(item, kitchen, planCut(item, kitchen));
  if (!dough.band || !dough.facts)
    throw new RefusedInput({ field: 'item.dough', code: 'no_band', value: item.dough.fat, allowed: 'a fat that sets' });
  const startC = dough.outOfBowlC;
  const targetC = Math.max(dough.band.low - chillBelowBandK, kitchen.fridgeC + 0.8);
  const items = dough.facts.parts.map((p) => ({ name: p.id, mass: p.grams, ...(p.label ? { label: p.label } : {}) }));
  return {
    massG: dough.masses.totalG,
    startC,
    targetC: Math.min(startC, targetC),
    shapes: fridgeShapes({
      material: material(dough.spec),
      freezesC: freezing(mixtureComposition(items).composition).startsAtC,
      massKg: dough.masses.totalG / 1000,
      thicknessM: (thicknessMm ?? (item.dough.pastry === 'shortcrust' ? item.folds.discMm : 30)) / 1000,
      startC,
      targetC: Math.min(startC, targetC),
      fridge: fridgeOf(kitchen),
      fridgeC: kitchen.fridgeC,
      freezerC: kitchen.freezerC,
      roomC: kitchen.roomC,
    }),
  };
}
