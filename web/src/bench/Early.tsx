import { forecastAt, valueAt } from '@crustallum/core/plan/coldLine/line';
import { useState } from 'react';
import { degrees, plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun, BenchTimer } from './run';

/** What is still in the cold: asked for early, it says once what that costs, and is begun if it is wanted so. */
export function Early({
  run,
  wait,
  now,
  stepId,
  onBegin,
}: {
  run: BenchRun;
  wait: BenchTimer;
  now: number;
  /** The step that would be begun. */
  stepId: string;
  onBegin: () => void;
}) {
  const [asked, setAsked] = useState(false);
  const step = run.plan.steps[wait.stepIndex];
  const line = step && run.plan.items[step.itemIndex]?.line;
  if (!step || !line) return null;
  const lain = (now - wait.startedAt) / 60_000;
  const shortMin = wait.minutes - lain;
  const rest = line.stretches.find((s) => s.stepId === step.id);
  const next = line.stretches.find((s) => s.stepId === stepId);
  const valueNow = rest ? valueAt(rest, lain) : null;
  // minutes until the fat is too soft, from where it is now and from where it would be
  const left = (value: number | null): number | null => {
    if (value === null || !next || next.leavesBandAt === null) return null;
    const from = next.at.find((_, i) => (next.value[i] ?? -Infinity) >= value) ?? 0;
    return Math.max(0, next.leavesBandAt - from);
  };
  const ready = next ? forecastAt(next, line.band.high, run.plan.kitchen.roomC, 0) : null;
  const [early, later] = [left(valueNow), left(ready)];
  const fat = line.medium !== 'leaf';
  return (
    <div>
      <p className="bench-of">
        {stepWord(step)} of {span(wait.minutes)}, not over yet.
      </p>
      {asked ? (
        <div role="group" aria-label="Begin early" className="early">
          <p className="bench-of">
            <strong>{span(Math.max(1, shortMin))} short.</strong>
            {step.strand === 'filling'
              ? ' The filling is warmer than the fat bears: what it touches softens.'
              : fat && valueNow !== null
                ? ` The fat is at ${degrees(valueNow)} now${early === null || later === null ? '' : `: about ${plain(early, 0)} min to work it, ${plain(later, 0)} if it lies its time`}.`
                : ' It has not rested its time: it may spring back or tear.'}
          </p>
          <div className="bench-row">
            <button type="button" className="press bench-side" onClick={onBegin}>
              Begin all the same
            </button>
            <button type="button" className="press quiet bench-side" onClick={() => setAsked(false)}>
              Leave it in
            </button>
          </div>
        </div>
      ) : (
        <button type="button" className="press quiet bench-side" onClick={() => setAsked(true)}>
          Begin it early
        </button>
      )}
    </div>
  );
}
