import type { LaidAnew as Anew } from '@crustallum/core/clock/live';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { useState, type ReactNode } from 'react';
import { clockOn, localMoment, momentAt, served, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun, BenchState, Say } from './run';
import { Because } from '../design/ui/Because';
import { BenchSlip } from './BenchSlip';
import { useLaidAnew } from './useLaidAnew';

/** A new order is worth a press where it brings the table so much sooner, min. */
const worthMin = 2;

interface Props {
  run: BenchRun;
  state: BenchState;
  now: number;
  /** The table if the day goes on in its order, ms. */
  tableThen: number;
  say: Say;
  /** The press that keeps the order and sets the table later. */
  children: ReactNode;
}

/** The rest of the day in another order, where that brings the table sooner: looked at by a press, taken by another; the old plan stays till then. */
export function LaidAnew({ run, state, now, tableThen, say, children }: Props) {
  const { value } = useLaidAnew(run, state, now);
  const [open, setOpen] = useState(false);
  const { serveAt } = state.now.plan;
  const plan = value?.plan;
  if (!plan) return children;
  const called = callerOf(run, state);
  // what is overdue is said beside it, late or not
  const unsafe = plan.notes.filter((n) => n.code === 'safety-limit-broken');
  const said = unsafe.map((n, i) => (
    <p key={i} className="problem m-0">
      {noteWords(n, called)}
    </p>
  ));
  const table = momentAt(serveAt, plan.laterMin);
  if ((tableThen - table.getTime()) / 60_000 < worthMin)
    return (
      <>
        {said}
        {children}
      </>
    );
  const then = clockOn(table, served(serveAt));
  return (
    <>
      {said}
      <button type="button" className="press bench-side w-full" onClick={() => setOpen(true)}>
        {plan.laterMin === 0 ? `${then} after all` : `Table at ${then}`}, in another order
      </button>
      {open && (
        <BenchSlip title={`In another order: ${then}`} onClose={() => setOpen(false)}>
          <Changes run={run} state={state} plan={plan} />
          <p className="m-0">
            <Because>
              what is left was searched again from this minute: what is over and what runs stays as it was, every wait
              is as long as it has to be, hands and oven are free when they are. Hands are estimates.
            </Because>
          </p>
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className="press bench-side"
              onClick={() => {
                setOpen(false);
                void say('plan', { steps: plan.steps, serveAt: localMoment(table) });
              }}
            >
              Go on in that order
            </button>
            <div>{children}</div>
            <button type="button" className="press quiet bench-side" onClick={() => setOpen(false)}>
              Stay with the old plan
            </button>
          </div>
        </BenchSlip>
      )}
    </>
  );
}

/** A step as it is called, with its pie. */
export const callerOf =
  (run: BenchRun, state: BenchState) =>
  (key: string): string => {
    const step = state.now.steps.get(key)?.step;
    return step ? `${stepWord(step).toLowerCase()} of ${run.plan.items[step.itemIndex]?.document.title}` : 'a step';
  };

/** What waits longer than it should, or than is safe: said, whatever becomes of the order. */
export function noteWords({ code, from, to, minutes }: Anew['notes'][number], called: (key: string) => string): string {
  switch (code) {
    case 'safety-limit-broken':
      return `From ${called(from)} to ${called(to)} took ${span(minutes)} longer than is safe: your local rules say what may still be eaten.`;
    case 'safety-overdue':
      return `First, ${called(to)}: ${called(from)} was over ${span(minutes)} longer ago than is safe to wait. Your local rules stand above this.`;
    case 'quality-limit-waived':
      return `${called(to)} waits ${span(minutes)} longer than it should.`;
    case 'overrun':
      return `${called(from)} lasts ${span(minutes)} longer than it should.`;
  }
}

/** Every step that is at another hour or in other hands, as it was and as it would be; and what waits longer than it should. */
function Changes({ run, state, plan }: Pick<Props, 'run' | 'state'> & { plan: Anew }) {
  const { serveAt, steps } = state.now.plan;
  const called = callerOf(run, state);
  const slips = new Map(plan.slips.map((s) => [s.key, s.byMin]));
  const hands = new Map(plan.hands.map((h) => [h.key, h.cook]));
  const changed = steps.filter((s) => hands.has(keyOf(s)) || Math.abs(slips.get(keyOf(s)) ?? 0) >= worthMin);
  const at = (minute: number) => clockOn(momentAt(serveAt, minute), served(serveAt));
  return (
    <>
      {plan.letGo && (
        <p className="problem m-0">What you hold of the day is let go: late, it cannot be laid around it.</p>
      )}
      {plan.notes.map((n, i) => (
        <p key={i} className="problem m-0">
          {noteWords(n, called)}
        </p>
      ))}
      <div style={{ overflow: 'auto', maxHeight: '46vh' }} tabIndex={0} role="region" aria-label="What changes">
        <table className="what-ifs">
          <thead>
            <tr>
              <th scope="col">step</th>
              <th scope="col">was at</th>
              <th scope="col">is at</th>
              <th scope="col">hands</th>
            </tr>
          </thead>
          <tbody>
            {changed.map((s) => {
              const given = hands.get(keyOf(s));
              return (
                <tr key={keyOf(s)}>
                  <th scope="row">{called(keyOf(s))}</th>
                  <td>{at(s.startMin)}</td>
                  <td>{at(s.startMin + (slips.get(keyOf(s)) ?? 0))}</td>
                  <td>{given ? `${given}, not ${s.cook}` : s.cook}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </>
  );
}
