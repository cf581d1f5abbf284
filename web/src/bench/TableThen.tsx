import { outlookOf } from '@crustallum/core/bench/late';
import { clockOn, momentAt, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import { behindMin } from './behind';
import { LaidAnew } from './LaidAnew';
import { neededMin, type BenchRun, type BenchState, type Say } from './run';

/** A table this little later is no matter, min. */
const littleMin = 2;
const mostSlips = 3;

/** How far behind or ahead the row is, what that does to the table, and the day laid anew from now at a press. */
export function TableThen({ run, state, now, say }: { run: BenchRun; state: BenchState; now: number; say: Say }) {
  const behind = behindMin(state, now);
  if (behind === null) return null;
  if (behind <= 0) return <p className="bench-of">{span(-behind)} ahead of the plan.</p>;
  const { serveAt } = state.now.plan;
  const table = momentAt(serveAt, 0);
  const outlook = outlookOf(state.now, now, neededMin(run));
  const laterMin = (outlook.tableThen - outlook.tableAt) / 60_000;
  if (laterMin < littleMin)
    return (
      <p className="bench-of" role="status">
        <strong>{span(behind)} behind the plan.</strong> The waits take it up: the table stays at{' '}
        {clockOn(table, new Date(now))}.
      </p>
    );
  const then = clockOn(momentAt(outlook.plan.serveAt, 0), table);
  const slips = outlook.slips.slice(0, mostSlips).flatMap(({ key, byMin }) => {
    const step = state.now.steps.get(key)?.step;
    return step
      ? [`${stepWord(step).toLowerCase()} of ${run.plan.items[step.itemIndex]?.document.title} by ${span(byMin)}`]
      : [];
  });
  return (
    <div className="bench-of" role="status">
      <p className="m-0">
        <strong>{span(behind)} behind the plan.</strong> Unhurried, the table at {then}.
      </p>
      <LaidAnew run={run} state={state} now={now} tableThen={outlook.tableThen} say={say}>
        <button
          type="button"
          className="press quiet bench-side w-full"
          title={slips.length ? `Later then: ${slips.join('; ')}` : undefined}
          onClick={() => void say('plan', { ...outlook.plan })}
        >
          Set the table to {then}
        </button>
      </LaidAnew>
    </div>
  );
}
