import type { ItemInput } from '../../../contracts/item';
import { doughKeeps, hoursKept } from '../../keeps';
import { problem, type Problem } from '../../problem';
import type { BowlDough } from './result';

/** Under this much water in all, to flour, nothing binds (estimate). */
const leastWaterPct = 8;

/** A bowl that comes out no warmer than this over what it should is not worth a word, K (estimate). */
const nearEnoughK = 1.5;

/** What stands in the way in the bowl: no liquid, or water that cannot bring it to its temperature. */
export function mixProblems({ solved, targetC, facts }: BowlDough): Problem[] {
  const waterPct = facts.ratios.toFlour.water;
  if (waterPct < leastWaterPct)
    return [problem('dough', 'no_liquid', 'stop', ['dough.waterToFlourPct'], { waterPct, least: leastWaterPct })];
  const fields = ['dough.waterToFlourPct', 'dough.fatC', 'kitchen.roomC'];
  const values = { targetC, reachedC: solved.temperatureC, chillOthersToC: solved.chillOthersToC ?? -99 };
  switch (solved.status) {
    case 'notEnoughWater':
      return solved.temperatureC <= targetC + nearEnoughK
        ? []
        : [problem('dough', 'mix_not_enough_water', 'warn', fields, values)];
    case 'tooCold':
      return [problem('dough', 'mix_too_cold', 'warn', fields, values)];
    // egg, milk or cheese may be all the liquid there is
    case 'ok':
    case 'iceNeeded':
    case 'noWater':
      return [];
  }
}

/** A dough asked for by its flour or its mass may be short of what the pieces need. */
export function sizeProblems(dough: ItemInput['dough'], surplusG: number, neededG: number): Problem[] {
  if ((dough.askBy ?? 'pieces') === 'pieces' || surplusG > -0.01 * neededG) return [];
  return [problem('dough', 'dough_short', 'warn', ['dough.askValue', 'brief.count'], { shortG: -surplusG, neededG })];
}

/** A dough that is made already and is too little, or has lain longer than it keeps. */
export function haveProblems(
  item: ItemInput,
  { grams, atC, ageHours }: NonNullable<ItemInput['dough']['have']>,
  neededG: number,
): Problem[] {
  const limitH = hoursKept(doughKeeps(item), atC);
  const short = { haveG: grams, needG: neededG, pieces: Math.floor((item.brief.count * grams) / neededG) };
  return [
    ...(grams < neededG * enough
      ? [problem('dough', 'have_dough_short', 'warn', ['dough.have', 'brief.count'], short)]
      : []),
    ...(ageHours > limitH
      ? [problem('dough', 'have_dough_old', 'warn', ['dough.have'], { ageH: ageHours, limitH })]
      : []),
  ];
}
/** A share of what is needed that is still rolled to size (estimate). */
const enough = 0.97;
