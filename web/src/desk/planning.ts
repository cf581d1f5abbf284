import type { BakePlanResult } from '@crustallum/core/plan/bake';
import type { BakeInput } from '@crustallum/core/plan/inputs';
import type { ItemPlan } from '@crustallum/core/plan/item';
import type { Answer } from '@crustallum/core/quantities/model';
import { planner } from '../workers/planner';

/** The item plans of the last answer; answers come in the order they were asked for. */
let known: ItemPlan[] = [];

/** The plan of the open bake: only what changed crosses from the worker, the rest is the same object as before. */
export async function planDesk(input: BakeInput): Promise<Answer<BakePlanResult>> {
  const answer = await planner.planAgain(input);
  if (!answer.ok) return answer;
  known = answer.value.items.map((item, i) => item ?? (known[i] as ItemPlan));
  return { ok: true, value: { ...answer.value, items: known } };
}

/** One question in flight and the latest waiting: what was asked between them is never worked out. */
export class LatestOnly<Question> {
  private waiting: { question: Question } | null = null;
  private busy = false;

  /** `answer` works a question out and deals with what comes of it, a failure included. */
  constructor(private readonly answer: (question: Question) => Promise<void>) {}

  ask(question: Question): void {
    this.waiting = { question };
    if (!this.busy) void this.work();
  }

  private async work(): Promise<void> {
    this.busy = true;
    while (this.waiting) {
      const { question } = this.waiting;
      this.waiting = null;
      await this.answer(question).catch(() => undefined);
    }
    this.busy = false;
  }
}
