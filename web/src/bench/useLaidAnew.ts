import type { OverdueNow, StepAtBench } from '@crustallum/core/clock/live';
import type { ReplannedDay } from '@crustallum/core/plan/questions/replan';
import { useMemo } from 'react';
import { useQuestion } from '../stations/_shared/useQuestion';
import type { BenchRun, BenchState } from './run';

/** While nothing happens, a day that is late is laid anew so often, min. */
const everyMin = 2;
const msMin = 60_000;

/** A run as it stands this minute, as questions about the rest of its day take it: anew after whatever happens, and every so often. */
function useAsItRuns(run: BenchRun, state: BenchState, now: number, oftenMin: number) {
  const { plan, steps, events } = state.now;
  const lately = Math.floor(now / (oftenMin * msMin));
  return useMemo(() => {
    const { title, kitchen, items, people = [], away, together } = run.plan;
    const table = new Date(plan.serveAt).getTime();
    const min = (at: number | undefined) => (at === undefined ? null : (at - table) / msMin);
    return {
      meal: {
        title,
        serveAt: run.plan.serveAt,
        mouthCount: Math.max(1, people.length),
        eaters: [],
        ...(away ? { away } : {}),
        ...(together ? { together } : {}),
      },
      items: items.map((i) => i.document),
      kitchen,
      steps: plan.steps,
      atBench: [...steps.values()].map((s): StepAtBench => ({
        key: s.key,
        begunMin: min(s.begun?.at),
        doneMin: min(s.done?.at),
        minutes: s.minutes,
        cook: s.cook || null,
        ...(s.skipped ? { skipped: true } : {}),
      })),
      tableAt: plan.serveAt,
      // as it is at this moment, not as it was when the minutes were last counted: nothing is promised that is past
      nowMin: (now - table) / msMin,
    };
    // one answer for each thing that happens, and every few minutes
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- the plan and the states follow from the events
  }, [run, events.length, lately]);
}

/** The rest of a run laid anew from now, asked by itself while the day is late and again after whatever happens. */
export const useLaidAnew = (run: BenchRun, state: BenchState, now: number) =>
  useQuestion<ReplannedDay>('plan.replan', useAsItRuns(run, state, now, everyMin));

/** What the run waits longer for than is safe, asked every minute. */
export const useOverdue = (run: BenchRun, state: BenchState, now: number) =>
  useQuestion<OverdueNow[]>('plan.overdue', useAsItRuns(run, state, now, 1));
