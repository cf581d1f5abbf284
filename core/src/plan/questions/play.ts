import { IsString, MaxLength } from 'class-validator';
import { dayOf } from '../../clock/compile';
import { playsOf, reachOf, type Reach, type StepPlay } from '../../clock/play';
import { Optional } from '../../quantities/rules';
import { planBake, scheduled } from '../bake';
import { BakeInput } from '../inputs';
import { asMade } from '../sharedDough';

/** What the model `plan.play` takes: a whole bake, and the step that is in hand. */
export class PlayInput extends BakeInput {
  /** `item index/step id`. */
  @Optional() @IsString() @MaxLength(60) inHand?: string;
}

export interface DayPlay {
  /** Null for a day the planner does not take. */
  plays: StepPlay[] | null;
  /** The step that was in hand when it was asked, how far it could be taken, and what comes along. */
  inHand: string | null;
  reach: Reach | null;
}

/**
 * How much sooner and later every step of a day could begin, and what keeps it; of the step in hand, how far it could be taken
 * and what comes along.
 */
export function dayPlay({ inHand, ...input }: PlayInput): DayPlay {
  const { day, clock } = laid(input);
  if (!day) return { plays: null, inHand: inHand ?? null, reach: null };
  if (inHand === undefined) return { plays: playsOf(day, clock.steps), inHand: null, reach: null };
  // in hand it is held no longer, and what waited for its sake waits no longer either
  const [index, ...id] = inHand.split('/');
  const free = input.items.map((item, i) =>
    i === Number(index)
      ? { ...item, clock: { ...item.clock, pins: item.clock.pins?.filter((p) => p.stepId !== id.join('/')) } }
      : item,
  );
  const loose = laid({ ...input, items: free }).day;
  return { plays: playsOf(day, clock.steps), inHand, reach: loose && reachOf(loose, inHand) };
}

function laid(input: BakeInput) {
  const { items: plans, doughs, clock } = planBake(input);
  const { items } = asMade(input.items, input.kitchen);
  // what cannot be held is not: the day is shown as it would be without
  const held = !clock.problems.some((p) => p.code === 'pins_do_not_go');
  const day = scheduled(items, plans, doughs, input.kitchen).map((i) => (held ? i : { ...i, pins: [] }));
  return { clock, day: dayOf(day, input.kitchen, input.meal, { restsGive: true, asHeld: true }) };
}
