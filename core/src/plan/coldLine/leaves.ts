import { filoDry } from '../../cold/filo';
import { tightest, type ColdLine, type Stretch } from './line';
import { oilShare } from '../stations/dough/leaves';
import { brushingMinutes, isHalved } from '../stations/cut/leaves';
import type { CutPlan } from '../stations/cut/station';
import { styleOf } from '../stations/dough/formula';
import type { DoughPlan } from '../stations/dough/station';
import type { FillingPlan } from '../stations/filling/station';
import type { ItemInput } from '../../contracts/item';
import { stepId } from './timeline';
import { type Step, type StepCode } from '../steps/codes';
import { problem, type Problem } from '../problem';
import type { KitchenInput } from '../../contracts/kitchen';
import { benchMinutes } from '../steps/minutes';
import type { PastryDay } from './pastryDay';

/** Moisture of a packet's leaf, and below which it cracks when bent: 0.3 of its dry mass. Estimates. */
const freshLeafWetBasis = 0.31;
const crackDryBasis = 0.3;
/** The band of the Damp Line, in % of the leaf's mass. */
export const leafBand = { low: (100 * crackDryBasis) / (1 + crackDryBasis), high: 100 * freshLeafWetBasis };

/** Filo: the Damp Line. The leaf to be used next dries while bare and rests under a damp cloth between stacks. */
// oxlint-disable-next-line max-lines-per-function -- the day of a filo pie in the order it is done
export function leavesDay(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
): PastryDay {
  const steps: Step[] = [];
  const stretches: Stretch[] = [];
  const humidity = kitchen.humidityPct / 100;
  let wet = freshLeafWetBasis;
  const add = (
    id: string,
    kind: Step['kind'],
    plannedMin: number,
    values: Step['values'],
    cover: 'none' | 'damp',
    pieces = 0,
    elasticMin = 0,
  ) => {
    const code = id.split(':')[0] as StepCode;
    const longer = item.clock.longer?.find((l) => l.stepId === id)?.minutes ?? 0;
    const minutes = Math.max(1, plannedMin + longer);
    const step: Step = {
      id,
      code,
      strand: 'pastry',
      kind,
      minutes,
      elasticMin,
      pieces,
      values,
    };
    steps.push(step);
    const dry = filoDry({
      airC: kitchen.roomC,
      humidity,
      moistureWetBasis: wet,
      cover,
      minutes: Math.max(1, Math.ceil(minutes)),
    });
    const long =
      cover === 'none'
        ? filoDry({ airC: kitchen.roomC, humidity, moistureWetBasis: wet, minutes: 120 }).minutesToLimit
        : null;
    const at = dry.line.minutes.map((m) => Math.min(m, minutes));
    const value = dry.line.wetBasis.map((m) => m * 100);
    stretches.push({
      stepId: step.id,
      code,
      kind: cover === 'none' ? 'bench' : 'cold',
      minutes,
      at,
      value,
      leavesBandAt: cover === 'none' ? long : null,
      thicknessMm: null,
      workableFrom: null,
    });
    wet = dry.finalWetBasis;
  };
  const pace = kitchen.pace;
  const leaves = cut.leaves ?? { count: 1, stacks: 1, perStack: 1, made: null, laying: null };
  if (styleOf(item.dough) === 'stretchedFilo') {
    add(
      stepId('weigh', 'bowl'),
      'bench',
      benchMinutes.weigh * pace,
      { flour: dough.masses.flourG, fat: dough.masses.fatG, lump: 0 },
      'damp',
    );
    add(
      stepId('kneadLeaves', 'once'),
      'bench',
      benchMinutes.knead * pace,
      { water: dough.masses.waterG, flour: dough.masses.flourG },
      'damp',
    );
    add(stepId('restLeaves', 'once'), 'stand', benchMinutes.restLeaves, {}, 'damp', 0, 120);
    add(
      stepId('stretchLeaves', 'all'),
      'bench',
      leaves.count * benchMinutes.stretchALeaf * pace,
      { leaves: leaves.count },
      'damp',
      leaves.count,
    );
  } else add(stepId('openLeaves', 'packet'), 'bench', benchMinutes.openLeaves * pace, { leaves: leaves.count }, 'none');
  const layStack = (stack: number, count: number, values: Step['values'] = {}) =>
    add(
      stepId('brushStack', String(stack)),
      'bench',
      brushingMinutes(item, kitchen, count),
      {
        stack,
        stacks: leaves.stacks,
        leaves: count,
        ...(oilShare(item) > 0 ? { oilPct: 100 * oilShare(item) } : {}),
        ...values,
      },
      'none',
      count,
    );
  const { made, laying } = leaves;
  if (made) {
    for (let stack = 1, left = cut.pieces; stack <= leaves.stacks; stack++, left -= made.perStack) {
      const n = Math.min(left, made.perStack);
      layStack(stack, leaves.perStack, { pieces: n, stripMm: made.stripMm, across: made.across, along: made.along });
      add(
        stepId('coverLeaves', String(stack)),
        'bench',
        n * benchMinutes.closeInAStrip * pace,
        {
          stack,
          stacks: leaves.stacks,
          kind: made.kind,
          pieces: n,
          folds: made.folds,
          each: filling.eachG,
          grams: n * filling.eachG,
        },
        'damp',
        n,
      );
    }
    add(stepId('assembleLeaves', 'all'), 'bench', 2 * pace, { kind: made.kind, pieces: cut.pieces }, 'damp');
  } else if (laying && item.product === 'filoTray') {
    const halves = isHalved(item) ? 1 : 0;
    const [under, over] = laying.acts.filter((act) => act.leaves > 0);
    layStack(1, under?.leaves ?? 0, { laid: 'under', halves });
    add(
      stepId('coverLeaves', '1'),
      'bench',
      benchMinutes.layAStack * pace,
      { kind: 'tray', grams: filling.totalG },
      'damp',
    );
    layStack(2, over?.leaves ?? 0, { laid: 'over', halves });
    add(stepId('assembleLeaves', 'all'), 'bench', 4 * pace, { kind: 'tray' }, 'damp');
  } else {
    for (let stack = 1; stack <= leaves.stacks; stack++) {
      layStack(stack, Math.round(leaves.count / leaves.stacks));
      add(
        stepId('coverLeaves', String(stack)),
        'bench',
        benchMinutes.layAStack * pace,
        { stack, stacks: leaves.stacks, kind: 'coil', grams: filling.totalG / leaves.stacks },
        'damp',
      );
    }
    add(stepId('assembleLeaves', 'all'), 'bench', 4 * pace, { kind: 'coil' }, 'damp');
  }
  add(stepId('shapedChill', 'all'), 'cold', 10, { lots: 1 }, 'damp', 0, 180);
  const line: ColdLine = {
    medium: 'leaf',
    unit: '%',
    band: { ...leafBand, soft: null, leak: null },
    stretches,
    ...tightest(stretches),
  };
  const problems: Problem[] = [];
  if (line.inHandMin !== null && line.inHandMin < 0)
    problems.push(
      problem('folds', 'leaf_cracks', 'warn', ['folds.leavesInStack', 'kitchen.humidityPct'], {
        minutes: -line.inHandMin,
      }),
    );
  return { steps, line, problems, rest: null, lots: 1 };
}
