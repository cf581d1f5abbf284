import type { ItemInput } from '../../../contracts/item';
import type { CoolingCaution } from '../../../cold/fillingCooling';
import { fillingKeeps, hoursKept } from '../../keeps';
import { bodyNames } from '../../../filling/thickening';
import { problem, type Problem, type ProblemCode } from '../../problem';
import { isSweet, longestCoolingMin, type FillingResult } from './result';

/** Finished filling over what they hold, or under it, by less than this is the cook's hand (estimate). */
const handPct = 12;

/** Salt this far outside what tastes right is said; within it is taste. */
const [leastSalt, mostSalt] = [0.7, 1.35];
/** And sugar. */
const sugarHand = [0.6, 1.6] as const;

const coolingCodes: Record<Exclude<CoolingCaution, 'within'>, ProblemCode> = {
  notReached21: 'cooling_not_reached_21',
  slowStage1: 'cooling_slow_stage_1',
  notReached5: 'cooling_not_reached_5',
  slowStage2: 'cooling_slow_stage_2',
};

/** What does not work out at the Filling. */
export function fillingProblems(item: ItemInput, r: FillingResult): Problem[] {
  const found: Problem[] = haveProblems(item, r);
  const cool = ['filling.coolAt', 'filling.coolIn'];
  if (r.coolMinutes === null)
    found.push(
      problem('filling', 'never_cold', 'stop', cool, {
        fillAtC: r.fillAtC,
        airC: r.airC,
        after: longestCoolingMin / 60,
      }),
    );
  if (r.cooling && r.cooling.caution !== 'within')
    found.push(
      problem('filling', coolingCodes[r.cooling.caution], 'warn', ['filling.coolIn', 'filling.coolAt'], {
        stage1: r.cooling.stage60to21Min ?? -1,
        stage2: r.cooling.stage21to5Min ?? -1,
      }),
    );
  if (r.eachG > r.overfullG)
    found.push(
      problem('filling', 'overfull', 'warn', ['filling.fullnessPct'], {
        pct: item.filling.fullnessPct,
        mostG: r.overfullG,
        eachG: r.eachG,
      }),
    );
  if (r.hot && r.hot.baseMin !== null)
    found.push(
      problem('filling', 'hot_on_base', 'warn', ['filling.filledHot'], {
        minutes: r.hot.baseMin,
        fillC: r.fillAtC,
      }),
    );
  return [...found, ...amountProblems(item, r), ...bodyProblems(r)];
}

/** More or less than they hold, and how salty it is with what goes in. */
function amountProblems(item: ItemInput, r: FillingResult): Problem[] {
  const found: Problem[] = [];
  const off = (100 * r.spareG) / Math.max(1, r.totalG);
  if (!item.filling.have && Math.abs(off) > handPct)
    found.push(
      problem('filling', off > 0 ? 'filling_over' : 'filling_under', 'warn', ['filling.ingredients'], {
        spareG: Math.abs(r.spareG),
        finishedG: r.finishedG ?? 0,
        totalG: r.totalG,
      }),
    );
  const salt = r.saltAllPct;
  if (
    salt !== null &&
    !isSweet(item.filling.type) &&
    (salt < leastSalt * r.saltAim.from || salt > mostSalt * r.saltAim.to)
  )
    found.push(
      problem('filling', salt > r.saltAim.to ? 'filling_salty' : 'filling_flat', 'warn', ['filling.saltPct'], {
        pct: salt,
        withinG: r.saltWithinG,
        from: r.saltAim.from,
        to: r.saltAim.to,
      }),
    );
  for (const { name, grams, pct, usualG } of r.spiceSlips)
    found.push(problem('filling', 'spice_high', 'warn', ['filling.ingredients'], { name, grams, pct, usualG }));
  return found;
}

/** A sauce, juice or custard that does not stand as it is wanted. */
function bodyProblems(r: FillingResult): Problem[] {
  const found: Problem[] = [];
  const { sauce } = r;
  if (sauce && bodyNames.indexOf(sauce.inThePan) < bodyNames.indexOf(sauce.wanted))
    found.push(
      problem('filling', 'sauce_thin', 'warn', ['filling.ingredients', 'filling.body'], {
        body: sauce.inThePan,
        wanted: sauce.wanted,
        rouxG: sauce.more[0]?.grams ?? 0,
      }),
    );
  const { fruit } = r;
  if (fruit && bodyNames.indexOf(fruit.body) < bodyNames.indexOf(fruit.wanted))
    found.push(
      problem('filling', 'fruit_runs', 'warn', ['filling.ingredients', 'filling.body'], {
        body: fruit.body,
        wanted: fruit.wanted,
        liquidG: fruit.liquidG,
      }),
    );
  if (
    fruit &&
    fruit.sugarG > 0 &&
    (fruit.sugarPct < sugarHand[0] * fruit.usualPct[0] || fruit.sugarPct > sugarHand[1] * fruit.usualPct[1])
  )
    found.push(
      problem('filling', 'fruit_sugar', 'warn', ['filling.ingredients'], {
        pct: fruit.sugarPct,
        from: fruit.usualPct[0],
        to: fruit.usualPct[1],
      }),
    );
  if (r.custard?.sets === 'runs')
    found.push(
      problem('filling', 'custard_runs', 'warn', ['filling.ingredients'], { eggPer100G: r.custard.eggPer100G }),
    );
  return found;
}

/** A filling that is made already and is too little, or has stood too long: what is raw or cooked and old is not used. */
function haveProblems({ filling }: ItemInput, r: FillingResult): Problem[] {
  const { have } = filling;
  if (!have) return [];
  const limitH = hoursKept(fillingKeeps(r.raw), have.atC);
  return [
    ...(have.grams < r.totalG * enough
      ? [problem('filling', 'filling_short', 'warn', ['filling.have'], { haveG: have.grams, needG: r.totalG })]
      : []),
    ...(have.ageHours > limitH
      ? [problem('filling', 'filling_old', 'stop', ['filling.have'], { ageH: have.ageHours, limitH })]
      : []),
  ];
}
/** A share of what is needed that still fills them (estimate). */
const enough = 0.95;
