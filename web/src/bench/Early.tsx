import type { Offered } from '@crustallum/core/bench/offer';
import { isWait } from '@crustallum/core/bench/plan';
import { endsAt, type StepNow } from '@crustallum/core/bench/reduce';
import { forecastAt, valueAt } from '@crustallum/core/plan/coldLine/line';
import { useState } from 'react';
import { degrees, plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun } from './run';

/** What is not ready, or out of its turn: what is missing, and once it is asked for, what that costs. */
export function Early({ run, offer, now, asked }: { run: BenchRun; offer: Offered; now: number; asked: boolean }) {
  const { waitsFor } = offer;
  if (!waitsFor) return null;
  return (
    <p className="bench-of early" role={asked ? 'status' : undefined}>
      {missing(run, waitsFor)} {asked && costs(run, offer, waitsFor, now)}
    </p>
  );
}

/** Asked once: left where it is, or begun all the same. */
export const EarlyPresses = ({ onLeave, onBegin }: { onLeave: () => void; onBegin: () => void }) => (
  <div role="group" aria-label="Begin early" className="bench-early">
    <button type="button" className="press bench-main" onClick={onLeave}>
      Leave it in
    </button>
    <button type="button" className="press quiet bench-side" onClick={onBegin}>
      Begin all the same
    </button>
  </div>
);

/** Whether something is asked about belongs to the step it was asked of. */
export function useAsked(key: string): [boolean, (asks: boolean) => void] {
  const [askedOf, setAskedOf] = useState<string | null>(null);
  return [askedOf === key, (asks) => setAskedOf(asks ? key : null)];
}

function missing(run: BenchRun, waitsFor: StepNow): string {
  const { step, minutes, cook } = waitsFor;
  const title = run.plan.items[step.itemIndex]?.document.title;
  if (isWait(step) && waitsFor.begun) return `${stepWord(step)} of ${span(minutes)}, not over yet.`;
  const whose = run.plan.kitchen.cooks.length > 1 ? `, ${cook}` : '';
  return `First: ${stepWord(step).toLowerCase()}, ${title}${whose}.`;
}

/** What it costs to begin a step now: in minutes, and what they were for. */
export function costs(
  run: BenchRun,
  { now: own, standing }: Pick<Offered, 'now' | 'standing'>,
  waitsFor: StepNow,
  now: number,
) {
  const { step } = waitsFor;
  if (standing === 'blocked') return 'Out of its turn: what it is made of is not there yet.';
  const short = <strong>{span(Math.max(1, (endsAt(waitsFor) - now) / 60_000))} short.</strong>;
  if (step.kind === 'oven')
    return (
      <>{short} Its middle may not be hot enough, nor its base dry: look, and probe the middle before it is eaten.</>
    );
  if (step.kind === 'stand') return <>{short} It runs, and burns the mouth.</>;
  if (step.strand === 'filling') return <>{short} The filling is warmer than the fat bears: what it touches softens.</>;
  const line = run.plan.items[step.itemIndex]?.line;
  const lain = (now - (waitsFor.begun?.at ?? now)) / 60_000;
  const rest = line?.stretches.find((s) => s.stepId === step.id);
  const next = line?.stretches.find((s) => s.stepId === own.step.id);
  const valueNow = rest ? valueAt(rest, lain) : null;
  if (!line || line.medium === 'leaf' || valueNow === null)
    return <>{short} It has not rested its time: it may spring back or tear.</>;
  // minutes until the fat is too soft, from where it is now and from where it would be
  const left = (value: number | null): number | null => {
    if (value === null || !next || next.leavesBandAt === null) return null;
    const from = next.at.find((_, i) => (next.value[i] ?? -Infinity) >= value) ?? 0;
    return Math.max(0, next.leavesBandAt - from);
  };
  const ready = next ? forecastAt(next, line.band.high, run.plan.kitchen.roomC, 0) : null;
  const [early, later] = [left(valueNow), left(ready)];
  return (
    <>
      {short} The fat is at {degrees(valueNow)} now
      {early === null || later === null
        ? ''
        : `: about ${plain(early, 0)} min to work it, ${plain(later, 0)} if it lies its time`}
      .
    </>
  );
}
