import type { Offered } from '@crustallum/core/bench/offer';
import { others } from '@crustallum/core/bench/offer';
import { endTicks } from '@crustallum/core/bench/end';
import { isAskedByHand, isStretched } from '@crustallum/core/bench/handTest';
import { closingCodes } from '@crustallum/core/plan/steps/codes';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useNow } from '../desk/useNow';
import { ColdLine } from '../coldline/ColdLine';
import { Hatches } from '../design/drawings/Hatches';
import { useNarrow, usePhone } from '../design/ui/useWidth';
import { clock, counted, momentAt, until } from '../wording/numbers';
import { Begin } from './Begin';
import { judgedOf } from '../wording/judged';
import { callOf, stepWord } from '../wording/steps';
import { FillingParts } from './FillingParts';
import { ForEaters } from '../stations/_shared/ForEaters';
import { Ticks } from '../stations/seal/Ticks';
import { StepDrawing } from './StepDrawing';
import { isWait, stateOf, tickedOf, type BenchRun, type BenchState } from './run';
import { Overdue } from './Overdue';
import { TableThen } from './TableThen';
import { askForNotices, useAwake, useComfort, useSpoken } from './comfort';
import { Early, EarlyPresses, useAsked } from './Early';
import { skewMs } from './houseClock';
import { Figure } from './Figure';
import { HandTest } from './HandTest';
import { JudgedBy } from './JudgedBy';
import { WindowTest } from './WindowTest';
import { Instead, lastOf } from './Instead';
import { ColdPresses, LeftPanel } from './LeftPanel';
import { LookLeft, LookNow, useLook } from './LookNow';
import { OtherCooks } from './OtherCooks';
import { OutEarly, useOut } from './OutEarly';
import { Pieces } from './Pieces';
import { Pot } from './Pot';
import { Rescue } from './Rescue';
import { device } from './screen';
import { Shelves } from './Shelves';
import { runningTimers, Timers, useTimerKnocks } from './Timers';
import { scale } from '../devices/scale';
import { FeelTests, Poured } from './ByFeel';
import { useBench } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { useDraws } from './useDraws';
import { ScaleReading, WeighOut } from './WeighOut';
import { weighingOf } from './weighing';
import { useRechill } from './useRechill';
import { useProbe } from './useProbe';
import { Wall } from './Wall';
import { warmthNow } from './warmth';
import { howOf, isKept, pressWord } from './words';
import './bench.css';

export function Bench() {
  const bench = useBench();
  const [search] = useSearchParams();
  const wall = search.has('wall');
  if (!bench.ready) return <p className="p-8">Looking for a run on this device.</p>;
  return (
    <>
      <Hatches />
      {bench.run && bench.now && wall ? (
        <Wall run={bench.run} now={bench.now} />
      ) : bench.run && bench.now ? (
        <Running bench={bench} run={bench.run} now={bench.now} />
      ) : (
        <Begin start={bench.start} />
      )}
      {bench.onPageOnly && (
        <p className="bench-refused" role="status">
          This device writes nothing down any more: its storage is full, or shut off. What is pressed goes on here and
          to the house; leave this page open until this line is gone.
        </p>
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
/** Ticks of no single pie. */
const wholeDay = -1;
type InHand = ReturnType<typeof useBench>;

function Running({ bench, run, now: made }: { bench: InHand; run: BenchRun; now: NonNullable<InHand['now']> }) {
  const { say, goOn, cook, heard, beMine } = bench;
  const now = useNow(1000).getTime() + skewMs();
  const phone = usePhone();
  const narrow = useNarrow();
  const navigate = useNavigate();
  const asking = useMemo(() => ({ cook, device: device() }), [cook]);
  const state = stateOf(run, made, asking, now);
  const { step, standing, key } = state;
  const { items } = run.plan;
  const { steps, serveAt } = made.plan;
  const item = step ? items[step.itemIndex] : undefined;
  const all = state.done || state.finished;
  const finish = useCallback(async () => {
    if (!state.finished) await say('finish');
    void navigate(`/log?run=${run.id}`);
  }, [say, navigate, run.id, state.finished]);

  const [asked, ask] = useAsked(key);
  const [instead, setInstead] = useState(false);
  const [wrong, setWrong] = useState(false);
  const [handed, setHanded] = useState(false);
  const begin = (offer: Offered) => {
    if (isWait(offer.now.step)) askForNotices();
    setInstead(false);
    ask(false);
    void (isWait(offer.now.step) ? goOn('begin', offer.now.key) : say('begin', { step: offer.now.key }));
  };
  const tend = step?.kind === 'tend';
  const next = () => {
    if (all) void finish();
    else if (!state.offer) setInstead(true);
    else if (tend || (standing === 'inHand' && !isWait(step))) void goOn('done', key);
    else if (standing === 'waiting' || standing === 'blocked') ask(true);
    else begin(state.offer);
  };
  const last = lastOf(state);
  const back = () => {
    if (last && !state.finished) void say('undo', { event: last });
  };

  const working = standing === 'inHand' && step !== undefined && !isWait(step);
  const atScale = working && step.code === 'weigh';
  const atBowl = working && (step.code === 'mix' || step.code === 'rubIn');
  const events = made.events;
  const weighing = useMemo(() => weighingOf(events, step?.itemIndex ?? -1), [events, step?.itemIndex]);
  const scaled = (atScale || atBowl) && item?.parts ? { item, itemIndex: step.itemIndex, now: weighing, say } : null;
  const atPot =
    working && step.code === 'cookFilling' && item ? { item, itemIndex: step.itemIndex, now: weighing, say } : null;
  const tools = scaled ? atScale ? <WeighOut {...scaled} /> : <FeelTests {...scaled} /> : atPot && <Pot {...atPot} />;
  const looking = useLook(run, events, state, step?.code === 'look' ? step.itemIndex : null, now);
  useDraws(run, state);
  const reckoned = warmthNow(run, state, now);
  const minuteNow = () => Math.max(0, state.warming.minute + (Date.now() + skewMs() - state.warming.since) / 60_000);
  const probe = useProbe(run, events, step?.itemIndex, reckoned, minuteNow, say);
  // with a probe in, the line is what it shows
  const line = probe.line ?? item?.line;
  const warmth = probe.line ? warmthNow(run, state, now, probe.line) : reckoned;
  const { rechill, ask: askCold } = useRechill(run, step?.itemIndex, warmth);
  const [quiet, setQuiet] = useState<string | null>(null);
  const toCold = () => {
    if (!warmth) return;
    if (state.cold) void say('cold', { step: key, into: false, minute: warmth.minute });
    else void askCold(warmth.value).then((cure) => cure && say('cold', { step: key, into: true, cure }));
  };
  const quieten = () => setQuiet(key);
  useBenchKeys(
    { next, back, toCold, quieten, instead: () => setInstead(true), tare: () => scale.tare() },
    !instead && !wrong && !handed,
  );

  const timers = runningTimers(run, made, now, say);
  useTimerKnocks(timers, now);
  const { out, asked: outAsked, leave } = useOut(now);
  const running = Math.max(0, (now - state.startedAt) / 60_000);
  const words = step && item ? callOf(step, item.document.title, item.document.dough.fat) : null;
  const stretch = step && item ? item.line.stretches.find((s) => s.stepId === step.id) : undefined;
  const upcoming = upNext(state, now);
  const { larger, leftHanded, spoken } = useComfort();
  useAwake();
  useSpoken(all ? '' : (words?.call ?? ''), spoken);
  // on a phone the page is longer than the screen: what is called for stands first
  useEffect(() => {
    if (phone) window.scrollTo(0, 0);
  }, [phone, key]);
  const isQuiet = quiet === key;
  const shelved = !warmth && !scaled && !looking && !atPot;
  const coldPresses = warmth && (
    <ColdPresses
      leaf={item?.line.medium === 'leaf'}
      inCold={state.cold !== null}
      tooWarm={warmth.feel === 'warm' && !isQuiet}
      toCold={toCold}
      onQuiet={quieten}
    />
  );
  const probePress = probe.possible && (
    <button
      type="button"
      className={`press bench-side ${narrow ? '' : 'w-full'} ${probe.on ? '' : 'quiet'}`}
      aria-pressed={probe.on}
      onClick={probe.toggle}
    >
      Probe{probe.on ? ' is in' : ' in'}
    </button>
  );
  const byHand = warmth && item?.line.medium !== 'leaf' && step && isAskedByHand(step.code) && !state.cold;
  const byWindow = step && isStretched(step.code) && standing === 'inHand';
  const handPress = (byHand || byWindow) && (
    <button type="button" className="press quiet bench-side" onClick={() => setHanded(true)}>
      How it feels
    </button>
  );
  const judged = working && item && !all && !looking ? judgedOf(step.code, item.document, !item.line.free) : null;
  const strip = <OtherCooks run={run} state={state} now={now} heard={heard} say={say} />;
  const several = run.plan.kitchen.cooks.length > 1;
  return (
    <main
      className={`bench ${looking ? 'looking' : ''} ${shelved ? 'shelved' : ''} ${leftHanded ? 'left-handed' : ''} larger-${larger}`}
    >
      <section className="bench-now" aria-label="What to do now" tabIndex={0}>
        {several && (
          <p className="bench-whose">
            <span>
              <strong>{cook ?? 'All of us'}</strong> {cook ? 'on this screen' : 'at this screen'}
              {!cook && step && state.offer ? `: ${state.offer.now.cook}’s` : ''}
            </span>
            <strong>{clock(new Date(now))}</strong>
          </p>
        )}
        {!all && <Pieces step={step} done={state.pieces} />}
        <h1 className="sign bench-call" aria-live="polite">
          {all ? 'All is done' : (words?.call ?? `Nothing is left for ${cook ?? 'you'}`)}
        </h1>
        <p className="bench-how">{howOf(state, all, words)}</p>
        {!all && words?.caution && (
          <p className="bench-caution">
            <strong>Take care.</strong> {words.caution}
          </p>
        )}
        {!all && !tend && state.offer && standing !== 'inHand' && (
          <Early run={run} offer={state.offer} now={now} asked={asked} />
        )}
        {item?.fillingParts && step && (
          <FillingParts item={item} step={step} minute={standing === 'inHand' ? running : null} />
        )}
        {all && !state.finished && (
          <Ticks
            ticks={endTicks(
              steps,
              run.plan.items.some((i) => i.ticks?.some((t) => t.code === 'tick.rawApart')),
            )}
            title="Before you leave it"
            done={tickedOf(events, wholeDay)}
            onTick={(code, on) => void say('tick', { itemIndex: wholeDay, code, on })}
          />
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
        {!shelved && <Timers timers={timers} now={now} out={out} />}
        {judged && <JudgedBy judged={judged} />}
        {working && !all && !phone && (shelved || timers.length <= mostTimersBesideDrawing) && (
          <StepDrawing step={step} />
        )}
      </section>
      <section className={`bench-running ${scaled ? 'scaled' : ''}`}>
        {scaled && (atScale ? <ScaleReading {...scaled} /> : <Poured {...scaled} />)}
        {phone && tools}
        {looking && <LookLeft looking={looking} />}
        {step && !all && !scaled && !looking && (
          <Figure state={state} running={running} title={item?.document.title ?? ''} now={now} />
        )}
        <Overdue run={run} state={state} now={now} />
        {!all && !looking && standing !== 'waiting' && <TableThen run={run} state={state} now={now} say={say} />}
        {warmth && !scaled && !phone && (
          <OtherCooks run={run} state={state} now={now} heard={heard} say={say} wordsOnly />
        )}
      </section>
      <section className="bench-presses">
        {working && step.pieces > 1 && state.pieces < step.pieces && (
          <button
            type="button"
            className="press quiet bench-side"
            onClick={() => void say('piece', { step: key, by: 1 })}
          >
            One more done: {state.pieces} of {step.pieces}
          </button>
        )}
        {asked && state.offer && standing !== 'inHand' ? (
          <EarlyPresses onLeave={() => ask(false)} onBegin={() => state.offer && begin(state.offer)} />
        ) : (
          <button type="button" className={`press bench-main ${isKept(state) ? 'quiet' : ''}`} onClick={next}>
            {pressWord(state, all, words)}
          </button>
        )}
        {!narrow && probePress}
        {!narrow && shelved && handPress}
        <div className="bench-row">
          {narrow && coldPresses}
          {narrow && handPress}
          {narrow && probePress}
          <button
            type="button"
            className="press quiet bench-side"
            disabled={last === null || state.finished}
            onClick={back}
          >
            Back
          </button>
          <button type="button" className="press quiet bench-side" onClick={() => setInstead(true)}>
            <span>
              <span className="bench-which">Something</span> else
            </span>
          </button>
          <button type="button" className="press quiet bench-side" onClick={() => setWrong(true)}>
            <span>
              <span className="bench-which">Something</span> wrong
            </span>
          </button>
        </div>
        <p className="bench-next">
          {upcoming ? (
            <>
              Next: <strong>{stepWord(upcoming.step)}</strong>, {items[upcoming.step.itemIndex]?.document.title}
            </>
          ) : (
            ''
          )}
        </p>
      </section>
      {shelved ? (
        <section className="bench-left shelved">
          <Shelves run={run} now={made} atMs={now} timers={timers} out={out} />
          {strip}
        </section>
      ) : (
        !looking &&
        (warmth ? (
          <LeftPanel run={run} state={state} warmth={warmth} rechill={rechill} quiet={isQuiet} now={now} probe={probe}>
            {!narrow && coldPresses}
            {!narrow && handPress}
          </LeftPanel>
        ) : (
          <section className="bench-left plain" aria-label="To the table">
            <div className="bench-label">to the table</div>
            <div className="bench-far">{until((momentAt(serveAt, 0).getTime() - now) / 60_000)}</div>
            <p style={{ fontSize: 20 }}>{clock(momentAt(serveAt, 0))}</p>
            {strip}
          </section>
        ))
      )}
      {handed && byWindow && (
        <WindowTest itemIndex={step.itemIndex} step={key} code={step.code} say={say} onClose={() => setHanded(false)} />
      )}
      {handed && byHand && item && (
        <HandTest
          itemIndex={step.itemIndex}
          step={key}
          warmth={warmth}
          band={item.line.band}
          askCold={askCold}
          say={say}
          onClose={() => setHanded(false)}
        />
      )}
      {item && (
        <div className="bench-line">
          <ColdLine
            line={line ?? item.line}
            measured={probe.readings}
            steps={steps.filter((s) => s.itemIndex === step?.itemIndex)}
            serveAt={serveAt}
            hereStep={step?.id}
            live={
              stretch && step && standing === 'inHand'
                ? { stepId: step.id, minutes: Math.min(warmth?.minute ?? running, step.minutes), value: warmth?.value }
                : null
            }
            height={190}
          />
        </div>
      )}
      {outAsked && <OutEarly run={run} made={made} timer={outAsked} now={now} onLeave={leave} />}
      {wrong && (
        <Rescue run={run} state={state} now={now} warmth={warmth} ask={askCold} onClose={() => setWrong(false)} />
      )}
      {instead && (
        <Instead
          run={run}
          state={state}
          now={now}
          say={say}
          onBegin={begin}
          onClose={() => setInstead(false)}
          beMine={beMine}
          chillMin={async () => (warmth ? ((await askCold(warmth.value))?.minutes ?? null) : null)}
        />
      )}
    </main>
  );
}

/** The next of this row after the one that is shown. */
const upNext = (state: BenchState, now: number) =>
  others(state.now, state.asking, now).find((o) => o.now.key !== state.key && o.now.parked === null)?.now;
