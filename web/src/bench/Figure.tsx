import { clockOn, momentAt, plain, span, timer } from '../wording/numbers';
import { isWait, type BenchState } from './run';

/** What is begun counts; what is not is drawn hollow, with the minutes until it can be, or those it takes. */
export function Figure({
  state,
  running,
  title,
  now,
}: {
  state: BenchState;
  running: number;
  title: string;
  now: number;
}) {
  const { step, standing, offer } = state;
  if (!step || !offer) return null;
  const counts = standing === 'inHand' && !isWait(step);
  const waits = standing === 'waiting';
  return (
    <>
      <div className="bench-label">
        {counts
          ? 'running'
          : waits
            ? 'ready in'
            : standing === 'blocked'
              ? 'not yet, takes'
              : isWait(step)
                ? 'planned'
                : 'not begun, takes'}
      </div>
      <div className={`bench-far ${counts ? '' : 'hollow'}`}>
        {counts ? timer(running * 60) : waits ? timer((offer.readyAt - now) / 1000) : <Takes minutes={step.minutes} />}
      </div>
      <div className="bench-of">
        {counts
          ? `of ${span(step.minutes)}`
          : waits
            ? `then ${span(step.minutes)}${isWait(step) ? '' : ' of work'}`
            : `at ${clockOn(momentAt(state.now.plan.serveAt, step.startMin), new Date(now))} by plan`}
        {title ? ` · ${title}` : ''}
      </div>
    </>
  );
}

/** Minutes large, their unit small; hours as they are spoken. */
const Takes = ({ minutes }: { minutes: number }) =>
  minutes < 100 ? (
    <>
      {plain(minutes, 0)}
      <small> min</small>
    </>
  ) : (
    span(minutes)
  );
