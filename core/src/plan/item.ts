import { isClosedBefore, lineOfClosed } from './closedBefore';
import type { CutPlan } from './stations/cut/station';
import { planCut } from './stations/cut/station';
import { planDough, type DoughPlan } from './stations/dough/station';
import { eggLedger, type EggLedger } from './needs/eggs';
import { planFilling, type FillingPlan } from './stations/filling/station';
import { planLamination, type LaminationPlan } from './stations/lamination/station';
import type { Figure } from './figure';
import { fillingSteps, ovenSteps } from './steps/around';
import { type ItemInput } from '../contracts/item';
import { planOven, type OvenPlan } from './stations/oven/station';
import type { InCompany } from './stations/oven/spec';
import { planDay } from './coldLine/day';
import type { ColdLine } from './coldLine/line';
import { planSeal, type SealPlan } from './stations/seal/station';
import type { Step } from './steps/codes';
import { stations, type Station } from '../contracts/stations';
import { problem, type Problem } from './problem';
import { pastriesOf } from '../contracts/products';
import type { KitchenInput } from '../contracts/kitchen';

/** Everything worked out for one item; times are durations, the Clock places them. */
export interface ItemPlan {
  title: string;
  cut: CutPlan;
  dough: DoughPlan;
  lamination: LaminationPlan;
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

/** Works out one item in one kitchen, with what is in the oven beside it: a pure function of its inputs. */
export function planItem(item: ItemInput, kitchen: KitchenInput, company: InCompany | null = null): ItemPlan {
  const cut = planCut(item, kitchen);
  const dough = planDough(item, kitchen, cut);
  const filling = planFilling(item, kitchen, cut, dough);
  const oven = planOven(item, kitchen, cut, dough, filling, company);
  const seal = planSeal(item, kitchen, cut, filling, oven);
  const day = planDay(item, kitchen, cut, dough, filling, seal);
  const lamination = planLamination(item, kitchen, cut, dough, day);
  const before = isClosedBefore(item);
  const baking = ovenSteps(item, kitchen, cut, seal, oven);
  return {
    title: item.title,
    cut,
    dough,
    lamination,
    filling,
    seal,
    oven,
    eggs: eggLedger(item, kitchen, cut, seal, dough, filling),
    steps: before ? baking : [...fillingSteps(item, kitchen, filling), ...day.steps, ...baking],
    line: before ? lineOfClosed(day.line) : day.line,
    lots: day.lots,
    problems: before
      ? oven.problems
      : [
          ...pastryProblems(item),
          ...cut.problems,
          ...dough.problems,
          ...lamination.problems,
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
  const values = { product: item.product, allowed: allowed.join(', ') };
  return [problem('dough', 'pastry_does_not_fit', 'stop', ['dough.pastry'], values)];
}

/** An item's problems station by station in the order they are worked out, each only when it is asked for. */
export function* problemsInTurn(item: ItemInput, kitchen: KitchenInput): Generator<Problem[]> {
  if (isClosedBefore(item)) {
    yield planItem(item, kitchen).problems;
    return;
  }
  yield pastryProblems(item);
  const cut = planCut(item, kitchen);
  yield cut.problems;
  const dough = planDough(item, kitchen, cut);
  yield dough.problems;
  yield planLamination(item, kitchen, cut, dough).problems;
  const filling = planFilling(item, kitchen, cut, dough);
  yield filling.problems;
  const oven = planOven(item, kitchen, cut, dough, filling);
  yield oven.problems;
  const seal = planSeal(item, kitchen, cut, filling, oven);
  yield seal.problems;
  yield planDay(item, kitchen, cut, dough, filling, seal).problems;
}

/** The part of an item's plan that one station shows; what settling that station agrees to. */
export function stationView(plan: ItemPlan, station: Station): unknown {
  switch (station) {
    case 'brief':
      return { title: plan.title, pieces: plan.cut.pieces };
    case 'folds':
      return values(plan.lamination.figures);
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
