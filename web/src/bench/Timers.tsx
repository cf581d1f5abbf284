import { standingOf } from '@crustallum/core/bench/offer';
import { endsAt, timersOf, type RunNow, type StepNow } from '@crustallum/core/bench/reduce';
import { useEffect, useRef } from 'react';
import { timer } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { BenchRun, Say } from './run';
import { notice } from './comfort';
import { knock } from './sounds';

/** Waits of the plan and timers of the cook's own, the one that is over first at the top. */
export interface Running {
  id: string;
  words: string;
  endsAt: number;
  stop: () => void;
  /** The wait of the plan it is of. */
  of?: StepNow;
  /** What ends it, where it is not taken out. */
  stopWord?: string;
}

/** A moment at a bake is called so long before it is due, min. */
const calledMin = 2;

export function runningTimers(run: BenchRun, made: RunNow, atMs: number, say: Say): Running[] {
  const named = (s: StepNow) =>
    `${stepWord(s.step).toLowerCase()}, ${run.plan.items[s.step.itemIndex]?.document.title}`;
  const done = (s: StepNow) => () => void say('done', { step: s.key });
  const waits = timersOf(made).map((s): Running => ({
    id: s.key,
    words: named(s),
    endsAt: endsAt(s),
    of: s,
    stop: done(s),
  }));
  // a tray that wants turning calls whoever is busy with something else
  const tends = [...made.steps.values()].flatMap((s): Running[] => {
    if (s.step.kind !== 'tend' || s.begun || s.done || s.skipped) return [];
    const { standing, readyAt } = standingOf(made, s.key, atMs);
    const due = Number.isFinite(readyAt) && standing !== 'blocked' && readyAt - atMs < calledMin * 60_000;
    return due ? [{ id: `tend ${s.key}`, words: named(s), endsAt: readyAt, stop: done(s), stopWord: 'Done' }] : [];
  });
  const own = made.added.flatMap((a): Running[] =>
    a.over || a.endsAt === null
      ? []
      : [{ id: a.id, words: a.words, endsAt: a.endsAt, stop: () => void say('timer', { id: a.id, stopped: true }) }],
  );
  return [...waits, ...tends, ...own].sort((a, b) => a.endsAt - b.endsAt);
}

/** Each timer knocks once when it is over. */
export function useTimerKnocks(timers: readonly Running[], now: number): void {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const t of timers) {
      if (now < t.endsAt || rung.current.has(t.id)) continue;
      rung.current.add(t.id);
      knock();
      notice(`${t.words}: ready`);
    }
  }, [now, timers]);
}

/** Everything that waits by the clock, several at once. */
export function Timers({
  timers,
  now,
  out,
}: {
  timers: readonly Running[];
  now: number;
  out: (timer: Running) => void;
}) {
  if (timers.length === 0) return null;
  return (
    <ul className="plain-list bench-timers" aria-label="Timers">
      {timers.map((t) => {
        const leftS = (t.endsAt - now) / 1000;
        return (
          <li key={t.id} className={leftS < 0 ? 'over' : ''}>
            <strong style={{ fontSize: 30 }}>{timer(leftS)}</strong>
            <span style={{ fontSize: 19 }}>
              {t.words}
              {leftS < 0 && !t.stopWord ? ': take it out' : ''}
            </span>
            <button type="button" className="press quiet" style={{ minHeight: 64 }} onClick={() => out(t)}>
              {t.stopWord ?? 'Out'}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
