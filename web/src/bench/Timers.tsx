import { useEffect, useRef } from 'react';
import { timer } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun, BenchState } from './run';
import { knock } from './sounds';

/** Everything that waits by the clock, several at once; each knocks once when it is over. */
export function Timers({
  state,
  run,
  now,
  onStop,
}: {
  state: BenchState;
  run: BenchRun;
  now: number;
  onStop: (stepIndex: number) => void;
}) {
  const rung = useRef(new Set<number>());
  useEffect(() => {
    for (const t of state.timers) {
      if ((now - t.startedAt) / 60_000 < t.minutes || rung.current.has(t.stepIndex)) continue;
      rung.current.add(t.stepIndex);
      knock();
    }
  }, [now, state.timers]);
  if (state.timers.length === 0) return null;
  return (
    <ul className="plain-list bench-timers" aria-label="Timers">
      {state.timers.map((t) => {
        const s = run.plan.steps[t.stepIndex];
        const leftS = t.minutes * 60 - (now - t.startedAt) / 1000;
        if (!s) return null;
        return (
          <li key={t.stepIndex} className={leftS < 0 ? 'over' : ''}>
            <strong style={{ fontSize: 30 }}>{timer(leftS)}</strong>
            <span style={{ fontSize: 19 }}>
              {stepWord(s).toLowerCase()}, {run.plan.items[s.itemIndex]?.document.title}
              {leftS < 0 ? ': take it out' : ''}
            </span>
            <button type="button" className="press quiet" style={{ minHeight: 64 }} onClick={() => onStop(t.stepIndex)}>
              Out
            </button>
          </li>
        );
      })}
    </ul>
  );
}
