import { IsString, MaxLength } from 'class-validator';
import { RefusedInput } from '../../quantities/refusal';
import { ItemPlanInput } from '../inputs';
import { planItem } from '../item';
import { readPath, writePath } from '../path';
import type { Step } from '../steps/codes';
import { wayInputs } from '../steps/wayInputs';

/** What the model `plan.handWays` takes: an item in its kitchen, and the step that is in hand. */
export class HandWaysInput extends ItemPlanInput {
  @IsString() @MaxLength(60) stepId!: string;
}

/** The same step by another hand: what it takes, how warm it comes out, how likely it is to leak. */
export interface HandWay {
  /** The input it is, and its value. */
  path: string;
  value: string;
  /** As it is planned now. */
  planned: boolean;
  minutes: number;
  /** The dough out of the bowl, °C; null where it is no mixing. */
  outC: number | null;
  /** Chance of a leak as an index, where it closes something. */
  leakIndex: number | null;
  /** The station's own step, to be laid in the place of the one that is planned. */
  step: Step;
}

/**
 * Ways to do one step with what is in the house: each is the station's own plan of the item with that one input, so that minutes,
 * warmth and leak are those the day would have. A way that would stop the bake is left out. Empty where a step has no other way.
 */
export function handWays({ item, kitchen, stepId }: HandWaysInput): HandWay[] {
  const step = planItem(item, kitchen).steps.find((s) => s.id === stepId);
  const choice = step && wayInputs[step.code];
  const now = choice && readPath(item, choice.path);
  // a dough that is kneaded is not rubbed in another way
  if (!choice || typeof now !== 'string' || !choice.values.includes(now)) return [];
  return choice.values.flatMap((value): HandWay[] => {
    try {
      const plan = planItem(value === now ? item : writePath(item, choice.path, value), kitchen);
      const same = plan.steps.find((s) => s.id === stepId);
      if (!same || (value !== now && plan.problems.some((p) => p.weight === 'stop'))) return [];
      return [
        {
          path: choice.path,
          value,
          planned: value === now,
          minutes: same.minutes,
          outC: choice.path === 'dough.method' ? plan.dough.outOfBowlC : null,
          leakIndex: choice.path === 'seal.crimp' ? (plan.seal.need?.leakIndex ?? null) : null,
          step: same,
        },
      ];
    } catch (error) {
      if (error instanceof RefusedInput) return [];
      throw error;
    }
  });
}
