import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';
import { springBack, type SpringEvent } from '../../lamination/springBack';
import { isFrozen } from '../keeps';
import { thawMin } from '../steps/around';
import { problem, type Problem } from '../problem';
import type { CutPlan } from '../stations/cut/station';
import { styleOf } from '../stations/dough/formula';
import type { DoughPlan } from '../stations/dough/station';
import type { FillingPlan } from '../stations/filling/station';
import type { FoundRests } from '../stations/lamination/station';
import type { SealPlan } from '../stations/seal/station';
import { closingCodes, type Step } from '../steps/codes';
import { weighAndMix } from './bowl';
import { laminatedDay } from './laminated';
import { leavesDay } from './leaves';
import { tightest, type ColdLine } from './line';
import { relaxMin } from './rests';
import { ballWork, dishWork, pieceWork, rollOut, waysToRoll } from './shaping';
import { restAsDisc } from './shortcrust';
import { stepId, Timeline } from './timeline';
import type { PastryDay } from './pastryDay';

/** A laminate's piece may shrink by this much (estimate): half an hour's rest, as cooks keep, and not until it lies dead. */
const cutShrink = 0.06;
/** A closed pie may wait so long in the cold before it is baked, min. */
const waitsMin = 12 * 60;
/** A bought block of puff as it comes, m: an estimate. */
const boughtBlockM = 0.015;
/** Oil has no band: nothing is too warm or too cold to work. */
const noBand = { low: -10, high: 50, soft: 50, leak: 50 };

/** Steps and Cold Line of an item from the first weighing to the oven door. */
export function planDay(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
  seal: SealPlan,
): PastryDay {
  if (item.dough.pastry === 'filo') return leavesDay(item, kitchen, cut, dough, filling);
  const band = dough.band ?? noBand;
  const line = new Timeline(item, kitchen, dough, band.high, band.low);
  const events: SpringEvent[] = [];
  const made = begun(line, item, kitchen, dough, cut, events);
  const t = cut.rolled.thicknessMm / 1000;
  const thickM = Math.max(made.thickM, t);
  let lots: number;
  if (item.product === 'dishPie') lots = dishWork(line, cut, seal, thickM);
  else if (cut.way === 'balls') lots = ballWork(line, cut, seal);
  else {
    rollOut(line, item, cut, thickM);
    events.push({ roll: Math.max(1, thickM / t) });
    const name = item.dough.pastry === 'roughPuff' ? 'roughPuff' : 'shortcrust';
    const spring = springBack({ dough: name, events, targetShrink: cutShrink, restC: kitchen.fridgeC });
    // a short dough springs back little, and is cut as it lies (practice); a laminate is not
    lots = pieceWork(line, cut, seal, name === 'roughPuff' ? (spring.restMin ?? 0) : 0);
  }
  const shaped = { kind: 'slab' as const, thicknessM: Math.max(0.004, 2 * t) };
  const least = item.dough.pastry === 'roughPuff' ? relaxMin.shapes : 0;
  const last = stepId('shapedChill', 'all');
  // what is poured into a baked case, or filled hot, goes straight into the oven
  const baked = filling.hot !== null || line.steps.some((s) => s.code === 'fillOpen' && s.values['baked'] === 1);
  if (!baked) line.cold(last, shaped, least, waitsMin, { lots });
  // a closed pie that need not chill may wait in the cold all the same, where hands or oven are taken
  if (!baked && !line.steps.some((s) => s.id === last) && line.way !== 'none' && line.way !== 'room')
    line.step(last, 'cold', 0, { elasticMin: waitsMin, values: { lots, place: 'fridge' } });
  const hot: Step['values'] = filling.hot ? { hotC: filling.fillAtC, lidMin: filling.hot.lidMin ?? -1 } : {};
  for (const s of line.steps)
    if (closingCodes.includes(s.code)) s.values = { ...s.values, ...hot, raw: filling.raw ? 1 : 0 };
  const coldLine: ColdLine = {
    medium: 'fat',
    unit: '°C',
    band: { low: band.low, high: band.high, soft: band.soft, leak: band.leak },
    ...(dough.band ? {} : { free: true }),
    stretches: line.stretches,
    ...tightest(dough.band ? line.stretches : []),
  };
  return {
    steps: line.steps,
    line: coldLine,
    problems: [...line.problems, ...dayProblems(kitchen, coldLine, line.steps)],
    rest: made.rest,
    lots,
    ...(made.rows ? { rows: made.rows } : {}),
  };
}

/** The dough made and rested (or taken out of its packet): how thick it is when it is rolled out. */
function begun(
  line: Timeline,
  item: ItemInput,
  kitchen: KitchenInput,
  dough: DoughPlan,
  cut: CutPlan,
  events: SpringEvent[],
): FoundRests & { thickM: number } {
  if (styleOf(item.dough) === 'boughtPuff') {
    line.temperature = kitchen.fridgeC;
    return { thickM: boughtBlockM, rest: null };
  }
  const { have } = item.dough;
  if (have) return made(line, item, have, cut);
  weighAndMix(line);
  // balls are rested again before they are rolled
  const firstRoll = (thickM: number) => (cut.way === 'balls' ? [] : waysToRoll(line, item, cut, thickM));
  return item.dough.pastry === 'roughPuff'
    ? laminatedDay(line, item, kitchen, dough, events, firstRoll)
    : restAsDisc(line, firstRoll);
}

/** A dough that is made already: thawed where it is frozen, brought into its band where it lies too warm. */
function made(
  line: Timeline,
  item: ItemInput,
  have: NonNullable<ItemInput['dough']['have']>,
  cut: CutPlan,
): FoundRests & { thickM: number } {
  const thickM = item.dough.pastry === 'roughPuff' ? boughtBlockM : item.folds.discMm / 1000;
  line.temperature = have.atC;
  if (isFrozen(have.atC)) {
    line.step(stepId('thaw', 'dough'), 'cold', thawMin, { elasticMin: 24 * 60, values: { grams: have.grams } });
    line.temperature = line.kitchen.fridgeC + 1;
  }
  const next = cut.way === 'balls' ? [] : waysToRoll(line, item, cut, thickM);
  line.cold(stepId('rest', 'first'), { kind: 'slab', thicknessM: thickM }, 0, waitsMin, { first: 1 }, next);
  return { thickM, rest: null };
}

function dayProblems(kitchen: KitchenInput, line: ColdLine, steps: readonly Step[]): Problem[] {
  const { fridgeC, roomC } = kitchen;
  const found: Problem[] = [];
  if (fridgeC >= roomC)
    found.push(problem('clock', 'fridge_warmer', 'warn', ['kitchen.fridgeC', 'kitchen.roomC'], { fridgeC, roomC }));
  if (line.inHandMin !== null && line.inHandMin < 0) {
    const step = steps.find((s) => s.id === line.tightestStepId)?.code ?? '';
    found.push(problem('clock', 'past_soft', 'warn', ['kitchen.roomC'], { minutes: -line.inHandMin, step }));
  }
  return found;
}
