import { callerOf, noteWords } from './LaidAnew';
import type { BenchRun, BenchState } from './run';
import { useOverdue } from './useLaidAnew';

/** What waits longer than is safe, whether the day is late or not: the first thing to be done. */
export function Overdue({ run, state, now }: { run: BenchRun; state: BenchState; now: number }) {
  const { value } = useOverdue(run, state, now);
  const called = callerOf(run, state);
  return value?.map((o) => (
    <p key={`${o.from} ${o.to}`} role="status" className="bench-of problem">
      {noteWords({ code: 'safety-overdue', ...o }, called)}
    </p>
  ));
}
