import { Nested } from '../../quantities/rules';
import type { CoolingCaution } from '../../cold/fillingCooling';
import { coolingPlaces, coolingVessels } from '../../contracts/filling';
import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { planItem } from '../item';

/** What the model `plan.coolings` takes: an item whose filling has to cool. */
export class CoolingsInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

/** One way to cool a filling: minutes until it may be filled, and how it stands to the two-stage guidance. */
export interface CoolingWay {
  coolIn: (typeof coolingVessels)[number];
  coolAt: (typeof coolingPlaces)[number];
  /** Null where it never gets there. */
  minutes: number | null;
  depthMm: number;
  count: number;
  caution: CoolingCaution;
}

/**
 * Every way there is to cool an item's filling, in pot or trays, in the room, the fridge, out in the porch or in a bath of ice, by the station's own
 * reckoning; those within the guidance first, then the quickest. Empty where nothing has to cool.
 */
export function coolings({ item, kitchen }: CoolingsInput): CoolingWay[] {
  const ways = coolingVessels.flatMap((coolIn) =>
    coolingPlaces.flatMap((coolAt): CoolingWay[] => {
      // trays do not stand in a bath
      if (coolAt === 'iceBath' && coolIn !== 'pot') return [];
      const { filling } = planItem({ ...item, filling: { ...item.filling, coolIn, coolAt } }, kitchen);
      if (!filling.warm || !filling.cooling) return [];
      const { caution } = filling.cooling;
      const { depthMm, count } = filling.vessel;
      return [{ coolIn, coolAt, minutes: filling.coolMinutes, depthMm, count, caution }];
    }),
  );
  const rank = (w: CoolingWay) => (w.minutes === null ? 2 : w.caution === 'within' ? 0 : 1);
  return ways.sort((a, b) => rank(a) - rank(b) || (a.minutes ?? 0) - (b.minutes ?? 0));
}
