import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { asWorked, minutesOutside } from '@crustallum/core/plan/coldLine/recorded';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { useEffect, useState } from 'react';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { nowOf, tookMin, type BenchEvent, type BenchRun } from '../bench/run';
import { readingsOf } from '../bench/useProbe';
import { askedLine, type Recorded } from '../desk/lines';
import { useAppDispatch } from '../desk/store';
import { planner } from '../workers/planner';
import { learnt, probedOf } from './probed';

/** Minutes every step of an item really took, by its id, and the steps with their real times. */
export function workedSteps(run: BenchRun, events: readonly BenchEvent[], itemIndex: number) {
  const { steps: ran, plan } = nowOf(run, events);
  const serve = Date.parse(plan.serveAt);
  const minutes = new Map<string, number>();
  const steps = plan.steps.flatMap((s): TimedStep[] => {
    if (s.itemIndex !== itemIndex) return [];
    const own = ran.get(keyOf(s));
    const took = tookMin(own);
    if (took === null || !own?.begun) return [s];
    minutes.set(s.id, took);
    return [{ ...s, minutes: took, startMin: (own.begun.at - serve) / 60_000 }];
  });
  return { minutes, steps };
}

/** The line of a finished item as it was worked: the plan run anew with the minutes that were recorded, and what the probe found. */
export function useRecorded(
  ran: { run: BenchRun; events: readonly BenchEvent[] } | null,
  itemIndex: number,
): Recorded | null {
  const [recorded, setRecorded] = useState<Recorded | null>(null);
  useEffect(() => {
    setRecorded(null);
    const item = ran?.run.plan.items[itemIndex];
    if (!ran || !item) return;
    let current = true;
    const { minutes, steps } = workedSteps(ran.run, ran.events, itemIndex);
    const kitchen = learnt(ran.run.plan.kitchen, probedOf(ran.events, itemIndex));
    void planner.compute('plan.item', { item: asWorked(item.document, item.line, minutes), kitchen }).then((answer) => {
      if (!current || !answer.ok) return;
      const { line } = answer.value as ItemPlan;
      setRecorded({
        line,
        planned: item.line,
        steps,
        serveAt: ran.run.plan.serveAt,
        measured: readingsOf(ran.events).filter((r) => r.itemIndex === itemIndex),
        outsideMin: minutesOutside(line),
      });
    });
    return () => {
      current = false;
    };
  }, [ran, itemIndex]);
  return recorded;
}

/** Shows a recorded line at the page's foot while the page that knows it is open. */
export function useAtFoot(recorded: Recorded | null | undefined): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    dispatch(askedLine.actions.lookedAt(recorded ?? null));
    return () => void dispatch(askedLine.actions.lookedAt(null));
  }, [dispatch, recorded]);
}

/** Whether what a snapshot holds is a line that can be drawn: older entries have none. */
export const hasLine = (value: unknown): value is Recorded =>
  typeof value === 'object' && value !== null && Array.isArray((value as { line?: ColdLine }).line?.stretches);
