import type { RunEventType } from '@crustallum/core/contracts/run';
import { closingCodes, type TimedStep } from '@crustallum/core/plan/steps/codes';
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { keysOn, pressable, typing } from '../design/ui/letterKeys';
import { useNow } from '../desk/useNow';
import { ColdLine } from '../coldline/ColdLine';
import { Hatches } from '../design/drawings/Hatches';
import { useNarrow, usePhone } from '../design/ui/useWidth';
import { clockOn, counted, momentAt, span, timer } from '../wording/numbers';
import { Begin } from './Begin';
import { callOf, stepWord } from '../wording/steps';
import { FillingParts } from './FillingParts';
import { ForEaters } from '../stations/_shared/ForEaters';
import { Ticks } from '../stations/seal/Ticks';
import { StepDrawing } from './StepDrawing';
import { isWait, tickedOf, waitBefore, type BenchEvent, type BenchRun, type BenchState } from './run';
import { behindMin, tableThen } from './behind';
import { Early } from './Early';
import { ColdPresses, LeftPanel } from './LeftPanel';
import { LookLeft, LookNow, useLook } from './LookNow';
import { Pot } from './Pot';
import { Timers } from './Timers';
import { scale } from '../devices/scale';
import { FeelTests, Poured } from './ByFeel';
import { useBench } from './useBench';
import { useDraws } from './useDraws';
import { ScaleReading, WeighOut } from './WeighOut';
import { weighingOf } from './weighing';
import { useRechill } from './useRechill';
import { useProbe } from './useProbe';
import { warmthNow } from './warmth';
import './bench.css';

export function Bench() {
  const bench = useBench();
  if (!bench.ready) return <p className="p-8">Looking for a run on this device.</p>;
  return (
    <>
      <Hatches />
      {bench.run && bench.state ? (
        <Running run={bench.run} events={bench.events} state={bench.state} say={bench.say} />
      ) : (
        <Begin start={bench.start} />
      )}
      {bench.refused && (
        <p className="bench-refused" role="status">
          {counted(bench.refused.count, 'note of a run', 'notes of runs')} stayed on this device: the server would not
          have them ({bench.refused.because}). Everything else is sent.
        </p>
      )}
    </>
  );
}

/** Where it is heard again who may eat what: filling and closing, and before it is cut. */
const heardAt = new Set<string>([...closingCodes, 'coverLeaves', 'assembleLeaves', 'stand']);

const mostTimersBesideDrawing = 2;

function Running({
  run,
  events,
  state,
  say,
}: {
  run: BenchRun;
  events: readonly BenchEvent[];
  state: BenchState;
  say: (type: RunEventType, data?: Record<string, unknown>) => Promise<void>;
}) {
  const now = useNow(1000).getTime();
  const phone = usePhone();
  const narrow = useNarrow();
  const navigate = useNavigate();
  const { steps, items } = run.plan;
  const step = steps[state.index];
  const item = step ? items[step.itemIndex] : undefined;
  const done = state.index >= steps.length;
  const finish = useCallback(async () => {
    await say('finish');
    void navigate(`/log?run=${run.id}`);
  }, [say, navigate, run.id]);
  const next = useCallback(() => void (done ? finish() : say('next')), [done, finish, say]);
  const back = useCallback(() => void say('back'), [say]);
  const atScale = step?.code === 'weigh';
  const atBowl = step?.code === 'mix' || step?.code === 'rubIn';
  const weighing = useMemo(() => weighingOf(events, step?.itemIndex ?? -1), [events, step?.itemIndex]);
  const scaled =
    (atScale || atBowl) && step && item?.parts ? { item, itemIndex: step.itemIndex, now: weighing, say } : null;
  const atPot = step?.code === 'cookFilling' && item ? { item, itemIndex: step.itemIndex, now: weighing, say } : null;
  const tools = scaled ? atScale ? <WeighOut {...scaled} /> : <FeelTests {...scaled} /> : atPot && <Pot {...atPot} />;
  const behind = behindMin(run, state, now);
  const looking = useLook(run, events, state, step?.code === 'look' ? step.itemIndex : null, now);
  useDraws(run, state, events);
  const reckoned = warmthNow(run, state, now);
  const minuteNow = () => Math.max(0, state.warming.minute + (Date.now() - state.warming.since) / 60_000);
  const probe = useProbe(run, events, step?.itemIndex, reckoned, minuteNow, say);
  // with a probe in, the line is what it shows
  const line = probe.line ?? item?.line;
  const warmth = probe.line ? warmthNow(run, state, now, probe.line) : reckoned;
  const { rechill, ask } = useRechill(run, step?.itemIndex, warmth);
  const [quiet, setQuiet] = useState<number | null>(null);
  const toCold = () => {
    if (!warmth) return;
    if (state.cold) void say('cold', { into: false, minute: warmth.minute });
    else void ask(warmth.value).then((made) => made && say('cold', { into: true, cure: made }));
  };
  const keys = useRef({ toCold, quieten: () => setQuiet(state.index) });
  // before anything is painted: a key pressed on what is seen finds what belongs to it
  useLayoutEffect(() => {
    keys.current = { toCold, quieten: () => setQuiet(state.index) };
  });
  useEffect(() => {
    const on = (e: KeyboardEvent) => {
      if (typing(e.target) || e.ctrlKey || e.metaKey) return;
      // on a press that has the focus, Space presses it; anywhere else it goes on
      if (e.key === ' ' && !pressable(e.target)) {
        e.preventDefault();
        next();
      }
      if (e.key === 'Backspace') {
        e.preventDefault();
        back();
      }
      if (!keysOn() || e.altKey) return;
      if (e.key === 'c' || e.key === 'C') keys.current.toCold();
      if (e.key === 'q' || e.key === 'Q') keys.current.quieten();
      if (e.key === 't' || e.key === 'T') scale.tare();
    };
    document.addEventListener('keydown', on);
    return () => document.removeEventListener('keydown', on);
  }, [next, back]);

  const running = (now - state.stepStartedAt) / 60_000;
  const benchStep = step !== undefined && !isWait(step) && step.kind !== 'tend';
  const waits = benchStep && running < 0 ? waitBefore(steps, state.index, state.timers) : undefined;
  const words = step && item ? callOf(step, item.document.title, item.document.dough.fat) : null;
  const stretch = step && item ? item.line.stretches.find((s) => s.stepId === step.id) : undefined;
  const upcoming = steps[state.index + 1];
  const isQuiet = quiet === state.index;
  const coldPresses = warmth && (
    <ColdPresses
      leaf={item?.line.medium === 'leaf'}
      inCold={state.cold !== null}
      tooWarm={warmth.feel === 'warm' && !isQuiet}
      toCold={toCold}
      onQuiet={() => setQuiet(state.index)}
    />
  );
  // what still lies in the cold is not in hand: nothing of its step is read yet
  const probePress = probe.possible && !waits && (
    <button
      type="button"
      className={`press bench-side ${narrow ? '' : 'w-full'} ${probe.on ? '' : 'quiet'}`}
      aria-pressed={probe.on}
      onClick={probe.toggle}
    >
      Probe{probe.on ? ' is in' : ' in'}
    </button>
  );
  return (
    <main className={`bench ${looking ? 'looking' : ''}`}>
      <section className="bench-now">
        <Pieces step={step} done={state.pieces} />
        <h1 className="sign bench-call" aria-live="polite">
          {done ? 'All is done' : words?.call}
        </h1>
        <p className="bench-how">
          {done ? 'Everything is in, out or on the table. Write down how it came out.' : words?.how}
        </p>
        {words?.caution && (
          <p className="bench-caution">
            <strong>Take care.</strong> {words.caution}
          </p>
        )}
        {waits && <Early run={run} wait={waits} now={now} stepId={step?.id ?? ''} onBegin={() => void say('begin')} />}
        {item?.fillingParts && step && (
          <FillingParts parts={item.fillingParts} mixedEachG={item.mixedEachG} code={step.code} />
        )}
        {item?.eaters && step && heardAt.has(step.code) && <ForEaters eaters={item.eaters} size={20} />}
        {item?.ticks && step && closingCodes.includes(step.code) && (
          <Ticks
            ticks={item.ticks}
            title="Before it is closed"
            done={tickedOf(events, step.itemIndex)}
            onTick={(code, on) => void say('tick', { itemIndex: step.itemIndex, code, on })}
          />
        )}
        {looking && <LookNow looking={looking} say={say} />}
        {!phone && tools}
        {step && !done && !phone && state.timers.length <= mostTimersBesideDrawing && <StepDrawing step={step} />}
        <Timers state={state} run={run} now={now} onStop={(stepIndex) => void say('timerStop', { stepIndex })} />
      </section>
      <section className={`bench-running ${scaled ? 'scaled' : ''}`}>
        {scaled && (atScale ? <ScaleReading {...scaled} /> : <Poured {...scaled} />)}
        {phone && tools}
        {looking && <LookLeft looking={looking} />}
        {step && !done && !scaled && !looking && (
          <>
            <div className="bench-label">{waits ? 'ready in' : benchStep ? 'running' : 'planned'}</div>
            <div className={`bench-far ${waits ? 'hollow' : ''}`}>
              {waits ? timer(-running * 60) : benchStep ? timer(running * 60) : span(step.minutes)}
            </div>
            <div className="bench-of">
              {waits
                ? `then ${span(step.minutes)} of work`
                : benchStep
                  ? `of ${span(step.minutes)}`
                  : `at ${clockOn(momentAt(run.plan.serveAt, step.startMin), new Date(now))} by plan`}
              {item ? ` · ${item.document.title}` : ''}
            </div>
          </>
        )}
        {!done && !looking && !waits && behind !== null && (
          <p className="bench-of" role="status">
            {behind > 0 ? (
              <>
                <strong>{span(behind)} behind the plan.</strong> If nothing after it is hurried, the table at{' '}
                {clockOn(tableThen(run, behind), momentAt(run.plan.serveAt, 0))}.
              </>
            ) : (
              `${span(-behind)} ahead of the plan.`
            )}
          </p>
        )}
      </section>
      <section className="bench-presses">
        {benchStep && step.pieces > 1 && state.pieces < step.pieces && (
          <button type="button" className="press quiet bench-side" onClick={() => void say('piece', { by: 1 })}>
            One more done: {state.pieces} of {step.pieces}
          </button>
        )}
        <button type="button" className="press bench-main" onClick={next}>
          {done ? 'To the log' : words?.press}
        </button>
        {!narrow && probePress}
        <div className="bench-row">
          {narrow && coldPresses}
          {narrow && probePress}
          <button type="button" className="press quiet bench-side" disabled={state.index === 0} onClick={back}>
            Back
          </button>
          <Link to="/" className="press quiet bench-side">
            <span>
              Leave<span className="bench-which"> the bench</span>
            </span>
          </Link>
        </div>
        <p className="bench-next">
          {upcoming ? (
            <>
              Next: <strong>{stepWord(upcoming)}</strong>, {items[upcoming.itemIndex]?.document.title}
            </>
          ) : (
            ''
          )}
        </p>
      </section>
      {!looking && (
        <LeftPanel run={run} state={state} warmth={warmth} rechill={rechill} quiet={isQuiet} now={now} probe={probe}>
          {!narrow && coldPresses}
        </LeftPanel>
      )}
      {item && (
        <div className="bench-line">
          <ColdLine
            line={line ?? item.line}
            measured={probe.readings}
            steps={steps.filter((s) => s.itemIndex === step?.itemIndex)}
            serveAt={run.plan.serveAt}
            hereStep={step?.id}
            live={
              stretch && step
                ? { stepId: step.id, minutes: Math.min(warmth?.minute ?? running, step.minutes), value: warmth?.value }
                : null
            }
            height={190}
          />
        </div>
      )}
    </main>
  );
}

function Pieces({ step, done }: { step: TimedStep | undefined; done: number }) {
  if (!step || step.pieces < 2 || step.pieces > 60) return <div className="bench-no-pieces" />;
  return (
    <svg
      width="100%"
      height="34"
      viewBox={`0 0 ${Math.max(560, step.pieces * 30)} 34`}
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label={`${done} of ${step.pieces} done`}
    >
      {Array.from({ length: step.pieces }, (_, i) => (
        <path
          key={i}
          d={`M${i * 30 + 5} 4h18l5 24h-28z`}
          fill={i < done ? 'var(--color-ink)' : i === done ? 'var(--color-lantern)' : 'var(--color-flour)'}
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
