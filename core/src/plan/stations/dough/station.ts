import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { figure, type Figure } from '../../figure';
import type { Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import { doughFigures, type DoughFigures } from './figures';
import { styleOf } from './formula';
import { leafDough, leafDoughFigures } from './leaves';
import { haveProblems, mixProblems, sizeProblems } from './problems';
import { bowlDough, type BowlDough, type DoughResult } from './result';

export interface DoughPlan extends DoughResult {
  figures: DoughFigures;
  problems: Problem[];
}

/** The Dough of an item: its grams and temperatures, what is shown of them, and what does not work out. */
export function planDough(item: ItemInput, kitchen: KitchenInput, cut: CutPlan): DoughPlan {
  if (item.dough.pastry === 'filo') {
    const made = leafDough(item, cut);
    return { ...made.result, figures: leafDoughFigures(item, made), problems: [] };
  }
  const bowl = bowlDough(item, kitchen, cut);
  const size = sizeProblems(item.dough, bowl.result.surplusG, cut.doughMassG);
  const figures = doughFigures(item, kitchen, cut, bowl);
  if (item.dough.have) return isMade(item, item.dough.have, bowl, figures, cut);
  return styleOf(item.dough) === 'boughtPuff'
    ? fromPacket(bowl, figures, size, kitchen, cut)
    : { ...bowl.result, figures, problems: [...mixProblems(bowl), ...size] };
}

/** A dough that is made already: nothing is mixed, and it comes as it lies. */
function isMade(
  item: ItemInput,
  have: NonNullable<ItemInput['dough']['have']>,
  bowl: BowlDough,
  figures: DoughFigures,
  cut: CutPlan,
): DoughPlan {
  const { grams, atC, ageHours } = have;
  const is = (unit: 'g' | '°C', value: number | null): Figure =>
    figure(value, unit, 'dough.isMade', { need: cut.doughMassG, ageHours, atC }, 'exact', 'plan.item');
  return {
    ...bowl.result,
    figures: { ...figures, waterTemperature: is('°C', null), dough: is('g', grams), outOfBowl: is('°C', atC) },
    problems: haveProblems(item, have, cut.doughMassG),
    outOfBowlC: atC,
    waterC: null,
    surplusG: grams - cut.doughMassG,
  };
}

/** Bought puff: the same dough, made by somebody else; nothing is mixed, and it comes out of the fridge. */
function fromPacket(
  bowl: BowlDough,
  figures: DoughFigures,
  problems: Problem[],
  kitchen: KitchenInput,
  cut: CutPlan,
): DoughPlan {
  const bought = (unit: 'g' | '°C', value: number | null): Figure =>
    figure(value, unit, 'dough.boughtPuff', { cut: cut.doughMassG, fridgeC: kitchen.fridgeC }, 'estimate', 'plan.item');
  return {
    ...bowl.result,
    figures: {
      ...figures,
      waterTemperature: bought('°C', null),
      dough: bought('g', cut.doughMassG),
      outOfBowl: bought('°C', kitchen.fridgeC),
    },
    problems,
    outOfBowlC: kitchen.fridgeC,
    waterC: null,
    surplusG: 0,
  };
}
