import type { CutPlan } from './stations/cut/result';
import { planCut } from './stations/cut/cut';
import { planDough, type DoughPlan } from './stations/dough/result';
import { eggLedger, type EggLedger } from './needs/eggs';
import { planFilling, type FillingPlan } from './stations/filling/result';
import { planThird, type ThirdPlan } from './stations/lamination/result';
import { figure, type Figure } from './figure';
import { type ItemInput } from '../contracts/item';
import { planOven, type OvenPlan } from './stations/oven/result';
import { planDay } from './coldLine/pastryDay';
import type { ColdLine } from './coldLine/line';
import { planSeal, type SealPlan } from './stations/seal/result';
import type { Step } from './steps/codes';
import { stations, type Station } from '../contracts/stations';
import type { Problem } from './problem';
import { pastriesOf } from '../contracts/products';
import type { KitchenInput } from '../contracts/kitchen';

/** Everything worked out for one item; times are durations, the Clock places them. */
export interface ItemPlan {
  title: string;
  cut: CutPlan;
  dough: DoughPlan;
  third: ThirdPlan;
  filling: FillingPlan;
  seal: SealPlan;
  oven: OvenPlan;
  eggs: EggLedger;
  /** Pastry steps in order, then bake and stand; filling steps apart, to be done before the pastry is closed. */
  steps: Step[];
  line: ColdLine;
  lots: number;
  problems: Problem[];
}

/** Works out one item in one kitchen: a pure function of its inputs. */
export function planItem(item: ItemInput, kitchen: KitchenInput): ItemPlan {
  const cut = planCut(item, kitchen);
  const dough = planDough(item, kitchen, cut);
  const third = planThird(item, kitchen, cut, dough);
  const filling = planFilling(item, kitchen, cut, dough);
  const oven = planOven(item, kitchen, cut, filling);
  const seal = planSeal(item, kitchen, cut, filling, oven);
  const day = planDay(item, kitchen, cut, dough, filling, seal);
  withRests(third, day.rest);
  if (third.kind === 'folds' && day.rows?.length) third.rows = day.rows;
  return {
    title: item.title,
    cut,
    dough,
    third,
    filling,
    seal,
    oven,
    eggs: eggLedger(item, kitchen, cut, dough, filling),
    steps: [...fillingSteps(item, kitchen, filling), ...day.steps, ...ovenSteps(item, oven)],
    line: day.line,
    lots: day.lots,
    problems: [
      ...pastryProblems(item),
      ...cut.problems,
      ...dough.problems,
      ...third.problems,
      ...filling.problems,
      ...seal.problems,
      ...oven.problems,
      ...day.problems,
    ],
  };
}

/** Filo is for trays and coils, rolled dough for the rest. */
function pastryProblems(item: ItemInput): Problem[] {
  const allowed = pastriesOf[item.product];
  if (allowed.includes(item.dough.pastry)) return [];
  return [
    {
      station: 'dough',
      code: 'pastryDoesNotFit',
      fields: ['dough.pastry'],
      values: { product: item.product, allowed: allowed.join(', ') },
      weight: 'stop',
    },
  ];
}

/** An item's problems station by station in the order they are worked out, each only when it is asked for. */
export function* problemsInTurn(item: ItemInput, kitchen: KitchenInput): Generator<Problem[]> {
  yield pastryProblems(item);
  const cut = planCut(item, kitchen);
  yield cut.problems;
  const dough = planDough(item, kitchen, cut);
  yield dough.problems;
  yield planThird(item, kitchen, cut, dough).problems;
  const filling = planFilling(item, kitchen, cut, dough);
  yield filling.problems;
  const oven = planOven(item, kitchen, cut, filling);
  yield oven.problems;
  const seal = planSeal(item, kitchen, cut, filling, oven);
  yield seal.problems;
  yield planDay(item, kitchen, cut, dough, filling, seal).problems;
}

function withRests(
  third: ThirdPlan,
  rest: {
    minutes: number | null;
    range: [number, number] | null;
    fromC: number;
    toC: number;
    springMin: number;
  } | null,
): void {
  if (!rest || third.kind === 'leaves') return;
  const values = {
    fromC: rest.fromC,
    toC: rest.toC,
    springMin: rest.springMin,
    bound: (rest.minutes ?? 0) <= rest.springMin + 0.01 ? 'spring' : 'heat',
  };
  const made: Figure = figure(
    rest.minutes,
    'min',
    third.kind === 'folds' ? 'folds.rest' : 'crumb.chill',
    values,
    'physics',
    'cold.chill',
    rest.range ?? undefined,
  );
  if (third.kind === 'folds') third.figures.rest = made;
  else third.figures.chill = made;
}

function fillingSteps(item: ItemInput, kitchen: KitchenInput, filling: FillingPlan): Step[] {
  const steps: Step[] = [];
  const { cookMinutes } = item.filling;
  if (cookMinutes > 0)
    steps.push({
      id: 'cookFilling1',
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
      id: 'coolFilling1',
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

function ovenSteps(item: ItemInput, oven: OvenPlan): Step[] {
  const minutes = oven.minutes ?? 60;
  return [
    {
      id: 'bake1',
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
        target: oven.spec.filling.coreTargetC ?? 75,
      },
    },
    {
      id: 'stand1',
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

/** The part of an item's plan that one station shows; what settling that station agrees to. */
export function stationView(plan: ItemPlan, station: Station): unknown {
  switch (station) {
    case 'brief':
      return { title: plan.title, pieces: plan.cut.pieces };
    case 'folds':
      return values(plan.third.figures);
    case 'dough':
      return values(plan.dough.figures);
    case 'filling':
      return values(plan.filling.figures);
    case 'cut':
      return values(plan.cut.figures);
    case 'seal':
      return values(plan.seal.figures);
    case 'oven':
      return values(plan.oven.figures);
    case 'clock':
      return plan.steps.map((s) => [s.code, Math.round(s.minutes)]);
  }
}

const rounded = (value: number | null): number | null => (value === null ? null : Number(value.toPrecision(3)));
const values = (figures: Record<string, Figure>): (number | null)[] =>
  Object.values(figures).map((f) => rounded(f.value));

/** Stations, in order, whose shown numbers differ (to three digits) between two plans of one item. */
export const touchedStations = (before: ItemPlan, after: ItemPlan): Station[] =>
  stations.filter((s) => JSON.stringify(stationView(before, s)) !== JSON.stringify(stationView(after, s)));
