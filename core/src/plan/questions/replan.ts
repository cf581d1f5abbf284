import { IsIn, IsObject, IsOptional, IsString, Matches, MaxLength, IsBoolean } from 'class-validator';
import { localMoment } from '../../contracts/clock';
import { layAnew, overdueAt, type LaidAnew, type OverdueNow, type StepAtBench } from '../../clock/live';
import type { Scheduled } from '../../clock/scheduled';
import { NestedList, NumberIn, OneOf, Optional } from '../../quantities/rules';
import { planBake, scheduled } from '../bake';
import { BakeInput } from '../inputs';
import { asMade } from '../sharedDough';
import { stepCodes, stepKinds, strands, type StepCode, type TimedStep } from '../steps/codes';

const daysMin = 31 * 24 * 60;

/** A step of a run's plan. */
export class TimedStepInput {
  @IsString() @MaxLength(60) id!: string;
  @IsIn(stepCodes) code!: StepCode;
  @OneOf(strands) strand!: TimedStep['strand'];
  @OneOf(stepKinds) kind!: TimedStep['kind'];
  @NumberIn(0, daysMin, 'min') minutes!: number;
  @NumberIn(0, daysMin, 'min') elasticMin!: number;
  @NumberIn(0, 1000, '', { integer: true }) pieces!: number;
  @IsObject() values!: Record<string, number | string>;
  @NumberIn(0, 20, '', { integer: true }) itemIndex!: number;
  @IsOptional() @IsString() @MaxLength(40) cook!: string | null;
  @NumberIn(-daysMin, daysMin, 'min') startMin!: number;
  @Optional() @IsObject() during?: { stepId: string; atMin: number };
}

/** What became of a step at the bench, minutes from the table as it stands there. */
export class StepAtBenchInput implements StepAtBench {
  @IsString() @MaxLength(80) key!: string;
  @IsOptional() @NumberIn(-daysMin, daysMin, 'min') begunMin!: number | null;
  @IsOptional() @NumberIn(-daysMin, daysMin, 'min') doneMin!: number | null;
  @NumberIn(0, daysMin, 'min') minutes!: number;
  @IsOptional() @IsString() @MaxLength(40) cook!: string | null;
  @Optional() @IsBoolean() skipped?: boolean;
}

/** What the model `plan.replan` takes: the bake a run was begun from, its plan as it stands, what happened, and the time. */
export class ReplanInput extends BakeInput {
  @NestedList(() => TimedStepInput, 600) steps!: TimedStepInput[];
  @NestedList(() => StepAtBenchInput, 600) atBench!: StepAtBenchInput[];
  /** Local date and time at the table as it stands at the bench. */
  @Matches(localMoment) tableAt!: string;
  /** Minutes from that table. */
  @NumberIn(-daysMin, daysMin, 'min') nowMin!: number;
}

export interface ReplannedDay {
  /** `tooLong`: the planner does not take such a day; `cannot`: none was found that keeps every limit of safety. */
  status: 'planned' | 'cannot' | 'tooLong';
  plan: LaidAnew | null;
}

/**
 * The rest of a run laid anew from now, by its own plan and what happened: what is over and what runs stays, the last plan is
 * kept to as far as it goes, the table is as little later as can be. Nothing of it holds until the cook takes it.
 */
export function replanDay(input: ReplanInput): ReplannedDay {
  const { steps, atBench, tableAt, nowMin, kitchen, meal } = input;
  const anew = layAnew(asPlanned(input), steps, atBench, kitchen, { ...meal, serveAt: tableAt }, nowMin);
  if (!anew) return { status: 'tooLong', plan: null };
  return { status: anew.plan ? 'planned' : 'cannot', plan: anew.plan };
}

/** What a run waits longer for than is safe, now. */
export function overdueNow(input: ReplanInput): OverdueNow[] {
  const { steps, atBench, tableAt, nowMin, kitchen, meal } = input;
  return overdueAt(asPlanned(input), steps, atBench, kitchen, { ...meal, serveAt: tableAt }, nowMin);
}

/** The items of a run with the steps of its own plan. */
function asPlanned({ steps, atBench: _, tableAt: __, nowMin: ___, ...input }: ReplanInput): Scheduled[] {
  const { items: plans, doughs } = planBake(input);
  const { items } = asMade(input.items, input.kitchen);
  return scheduled(items, plans, doughs, input.kitchen).map((item, i) => ({
    ...item,
    steps: steps
      .filter((s) => s.itemIndex === i)
      .map((s): TimedStep => {
        // a wait that the day had made longer may be as short as it has to be again
        const own = plans[i].steps.find((o) => o.id === s.id);
        return own && s.kind === 'cold' ? { ...s, minutes: Math.min(own.minutes, s.minutes) } : s;
      }),
  }));
}
