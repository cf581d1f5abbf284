import { Nested, OneOf, Optional } from '../../quantities/rules';
import type { ColdLine } from '../coldLine/line';
import { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import type { StepCode } from '../steps/codes';
import { chillBelowBandK } from '../coldLine/timeline';
import { turnsAtOnce } from '../stations/lamination/turns';
import { otherFat, remedyNames, type Changes, type RemedyName } from './changes';
import { changed, pastryMinutes } from './whatIf';
import { KitchenInput } from '../../contracts/kitchen';

export class RemediesInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  /** Ask for one of them only: so that each is shown as soon as it is known. */
  @Optional() @OneOf(remedyNames) only?: RemedyName;
}

export interface Remedy {
  name: RemedyName;
  changes: Changes;
  /** What there is in hand after it at the step in question, at the tightest of all, and what it adds to the day, minutes. */
  hereMin: number;
  inHandMin: number;
  moreMin: number;
  /** What the words need: minutes more in the cold before the step, degrees, lots, a fat. */
  values: Record<string, number | string>;
}

export interface Remedies {
  /** Where the plan fails and by how many minutes; null where it holds. */
  fails: { stepId: string; code: StepCode; minutes: number } | null;
  remedies: Remedy[];
}

/** A line that has this much in hand holds; it is not asked to be comfortable. */
const enoughMin = 0;
/** Chills a few degrees deeper, in steps of this, K. */
const stepK = 1;
const mostBelowK = 8;
const mostLots = 12;
const coolestC = 10;

/**
 * Where a pastry leaves its band before its step is done, and what would mend it there: every way is worked out on the whole
 * day, with the smallest dose of it that works; ways that do not mend that step, or spoil another, are not offered. Those
 * after which nothing fails come first, then the cheapest in minutes of the day.
 */
// oxlint-disable-next-line max-lines-per-function -- one row for each remedy
export function remedies({ item, kitchen, only }: RemediesInput): Remedies {
  const plan = planItem(item, kitchen);
  const { inHandMin, tightestStepId, medium } = plan.line;
  const tight = plan.steps.find((s) => s.id === tightestStepId);
  if (inHandMin === null || inHandMin >= enoughMin || !tight || medium === 'leaf') return { fails: null, remedies: [] };
  const now = pastryMinutes(plan).minutes;
  const attempt = (name: RemedyName, changes: Changes, values: Remedy['values'] = {}): Remedy | null => {
    const next = changed(item, kitchen, changes);
    const made = planItem(next.item, next.kitchen);
    const left = made.line.inHandMin;
    const here = spareOf(made.line, tight.code);
    const worse = made.problems.some((p) => p.weight === 'stop' && !plan.problems.some((q) => q.code === p.code));
    if (left === null || here < enoughMin || left < inHandMin || worse) return null;
    const before = chillBefore(made, tight.code) - chillBefore(plan, tight.code);
    const moreMin = pastryMinutes(made).minutes - now;
    return {
      name,
      changes,
      hereMin: here,
      inHandMin: left,
      moreMin,
      values: { ...values, chillMoreMin: Math.max(0, before) },
    };
  };
  const first = (doses: readonly (() => Remedy | null)[]): Remedy | null => {
    for (const dose of doses) {
      const made = dose();
      if (made) return made;
    }
    return null;
  };
  const deeper = (coldIn: 'fridge' | 'freezer') => {
    const from = item.folds.chillBelowK ?? chillBelowBandK;
    const doses = Array.from({ length: Math.ceil((mostBelowK - from) / stepK) }, (_, i) => from + stepK * (i + 1));
    return doses
      .filter((k) => coldIn === 'freezer' || (plan.dough.band?.low ?? 0) - k > kitchen.fridgeC + 0.8)
      .map(
        (k) => () =>
          attempt(
            coldIn === 'freezer' ? 'freezer' : 'colder',
            {
              'folds.chillBelowK': k,
              ...(coldIn === 'freezer' ? { 'folds.coldIn': 'freezer' } : {}),
            },
            { toC: (plan.dough.band?.low ?? 0) - k },
          ),
      );
  };
  const lots = Array.from(
    { length: Math.max(0, Math.min(mostLots, plan.cut.pieces) - plan.lots) },
    (_, i) => plan.lots + i + 1,
  );
  const ways: Record<RemedyName, () => Remedy | null> = {
    restEachTurn: () =>
      item.dough.pastry === 'roughPuff' && (item.folds.turnsAtOnce ?? turnsAtOnce) > 1
        ? attempt('restEachTurn', { 'folds.turnsAtOnce': 1 })
        : null,
    rollInGoes: () =>
      first(
        (tight.code === 'rollOut' ? [2, 3, 4] : [])
          .filter((n) => n > (item.folds.rollGoes ?? 1))
          .map((goes) => () => attempt('rollInGoes', { 'folds.rollGoes': goes }, { goes })),
      ),
    colder: () => first(deeper('fridge')),
    smallerLots: () =>
      first(
        lots.map(
          (n) => () => attempt('smallerLots', { 'seal.lots': n }, { lots: n, pieces: Math.ceil(plan.cut.pieces / n) }),
        ),
      ),
    coldStone: () =>
      attempt(
        'coldStone',
        { 'kitchen.bench': 'marble', 'kitchen.benchC': kitchen.fridgeC },
        { benchC: kitchen.fridgeC },
      ),
    freezer: () => (item.folds.coldIn === 'freezer' ? null : first(deeper('freezer'))),
    otherFat: () =>
      first(
        (['puffMargarine', 'shortening', 'bakingMargarine', 'lard', 'butter'] as const)
          .filter((f) => f !== item.dough.fat)
          .map((fat) => () => attempt('otherFat', otherFat(item, fat), { fat })),
      ),
    coolerHour: () =>
      coolerHour(kitchen.roomC, (roomC) => attempt('coolerHour', { 'kitchen.roomC': roomC }, { roomC })),
  };
  const found = remedyNames.filter((name) => only === undefined || name === only).map((name) => ways[name]());
  const working = found.filter((r) => r !== null);
  working.sort(
    (a, b) =>
      Number(b.inHandMin >= 0) - Number(a.inHandMin >= 0) ||
      Math.round(a.moreMin - b.moreMin) ||
      remedyNames.indexOf(a.name) - remedyNames.indexOf(b.name),
  );
  return { fails: { stepId: tight.id, code: tight.code, minutes: -inHandMin }, remedies: working };
}

/** Minutes in hand at the tightest step of a kind. */
const spareOf = (line: ColdLine, code: string): number =>
  Math.min(
    ...line.stretches
      .filter((s) => s.code === code && s.kind === 'bench' && s.leavesBandAt !== null)
      .map((s) => (s.leavesBandAt as number) - s.minutes),
  );

/** Minutes of cold just before the first step of that kind. */
function chillBefore(
  plan: { steps: readonly { code: string; kind: string; minutes: number; strand: string }[] },
  code: string,
): number {
  const own = plan.steps.filter((s) => s.strand === 'pastry');
  const at = own.findIndex((s) => s.code === code);
  const before = own[at - 1];
  return before?.kind === 'cold' ? before.minutes : 0;
}

/** The warmest room, in whole degrees, in which it holds: an hour of the day when the kitchen is no warmer. */
function coolerHour(roomC: number, works: (roomC: number) => Remedy | null): Remedy | null {
  let best: Remedy | null = null;
  let [low, high] = [coolestC, Math.ceil(roomC) - 1];
  while (low <= high) {
    const middle = Math.ceil((low + high) / 2);
    const made = works(middle);
    if (made) {
      best = made;
      low = middle + 1;
    } else high = middle - 1;
  }
  return best;
}
