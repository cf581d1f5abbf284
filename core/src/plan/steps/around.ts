import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';
import type { FillingPlan } from '../stations/filling/station';
import type { OvenPlan } from '../stations/oven/station';
import type { Step } from './codes';

/** A bake that is never ready still takes its place in the day, min. */
const unknownBakeMin = 60;

/** Cooking and cooling of the filling, to be done before the pastry is closed. */
export function fillingSteps(item: ItemInput, kitchen: KitchenInput, filling: FillingPlan): Step[] {
  const steps: Step[] = [];
  const { cookMinutes } = item.filling;
  if (cookMinutes > 0)
    steps.push({
      id: 'cookFilling:all',
      code: 'cookFilling',
      strand: 'filling',
      kind: 'hob',
      minutes: cookMinutes * kitchen.pace,
      elasticMin: 0,
      pieces: 0,
      values: { grams: filling.totalG, name: item.filling.name, raw: filling.raw ? 1 : 0 },
    });
  const cool = filling.coolMinutes ?? 0;
  if (cool > 0)
    steps.push({
      id: 'coolFilling:all',
      code: 'coolFilling',
      strand: 'filling',
      kind: 'cold',
      minutes: cool,
      elasticMin: 24 * 60,
      pieces: 0,
      values: {
        toC: filling.fillAtC,
        place: item.filling.coolAt,
        vessel: item.filling.coolIn,
        depthMm: filling.vessel.depthMm,
      },
    });
  return steps;
}

/** The bake, and its stand before the table. */
export function ovenSteps(item: ItemInput, oven: OvenPlan): Step[] {
  const minutes = oven.minutes ?? unknownBakeMin;
  return [
    {
      id: 'bake:all',
      code: 'bake',
      strand: 'pastry',
      kind: 'oven',
      minutes,
      elasticMin: 0,
      pieces: 0,
      values: {
        setC: item.oven.setC,
        mode: item.oven.mode,
        rack: item.oven.rack,
        look: oven.bake.lookAt ?? 0,
        low: oven.bake.rangeMin?.[0] ?? minutes,
        high: oven.bake.rangeMin?.[1] ?? minutes,
        target: oven.targetC,
      },
    },
    {
      id: 'stand:all',
      code: 'stand',
      strand: 'pastry',
      kind: 'stand',
      minutes: item.clock.standMinutes,
      elasticMin: 0,
      pieces: 0,
      values: {},
    },
  ];
}
