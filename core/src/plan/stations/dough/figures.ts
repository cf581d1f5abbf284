import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { figure, type Figure } from '../../figure';
import type { CutPlan } from '../cut/station';
import { bowlLoss } from '../../../dough/ask';
import type { BowlDough } from './result';

export type DoughFigures = Record<'flour' | 'fat' | 'waterTemperature' | 'dough' | 'outOfBowl', Figure>;

/** What the Dough shows of a bowl, each with its reason. */
export function doughFigures(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, b: BowlDough): DoughFigures {
  const { dough } = item;
  const { result, facts, solved, targetC } = b;
  const { flourG, fatG, waterG, iceG, saltG, totalG } = result.masses;
  return {
    flour: figure(
      flourG,
      'g',
      'dough.flour',
      { pieces: cut.cuts, cut: cut.doughMassG, stuck: totalG * bowlLoss, over: Math.max(0, result.surplusG) },
      'estimate',
      'plan.item',
    ),
    fat: figure(
      fatG,
      'g',
      'dough.fat',
      {
        pct: dough.fatToFlourPct,
        fatShare: b.fatShare * 100,
        fat: dough.fat,
        pastry: dough.pastry,
        truePct: facts.ratios.toFlour.fat,
      },
      'exact',
      'plan.item',
    ),
    waterTemperature: figure(
      solved.waterC,
      '°C',
      result.band ? 'dough.water' : 'dough.warmWater',
      {
        status: solved.status,
        roomC: kitchen.roomC,
        iceG,
        tapG: waterG - iceG,
        targetC,
        others: solved.chillOthersToC ?? 0,
      },
      'estimate',
      'cold.mixWater',
    ),
    dough: figure(
      totalG,
      'g',
      'dough.total',
      {
        flour: flourG,
        fat: fatG,
        water: waterG,
        salt: saltG,
        other: b.otherG,
        sheets: cut.rolled.sheets,
        surplus: result.surplusG,
        waterPct: facts.ratios.toFlour.water,
      },
      'exact',
      'plan.item',
    ),
    outOfBowl: figure(
      solved.temperatureC,
      '°C',
      result.band ? 'dough.outOfBowl' : 'dough.outWarm',
      {
        targetC,
        apart: b.apart ? 1 : 0,
        low: result.band?.low ?? 0,
        high: result.band?.high ?? 0,
        method: dough.method,
        fat: dough.fat,
      },
      'estimate',
      'cold.mix',
    ),
  };
}
