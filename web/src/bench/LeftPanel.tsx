import { DeviceWords } from '../devices/DeviceWords';
import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { useEffect, useRef, type ReactNode } from 'react';
import { Because } from '../design/ui/Because';
import { degrees, degreesApart, plain, span, timer } from '../wording/numbers';
import { costOf, costWords } from './delay';
import type { BenchRun, BenchState } from './run';
import { doubleKnock, knock } from './sounds';
import type { ProbeInHand } from './useProbe';
import { callsBetween, type Warmth } from './warmth';

interface Props {
  run: BenchRun;
  state: BenchState;
  warmth: Warmth;
  rechill: Rechill | null;
  quiet: boolean;
  now: number;
  probe: ProbeInHand;
  /** The presses that belong to it, where they stand beside it. */
  children?: ReactNode;
}

const againMs = 20_000;

/** The minutes left before the fat is too soft (or the leaf too dry), and the way back when there are none. */
export function LeftPanel({ run, state, warmth, rechill, quiet, now, probe, children }: Props) {
  useKnocks(warmth, quiet, state.key);
  const { step } = state;
  const line = run.plan.items[step?.itemIndex ?? 0]?.line;
  const leaf = line?.medium === 'leaf';
  const { leftMin, value, stretch, feel, standMin } = warmth;
  const written = leaf ? `${plain(value, 1)} %` : degrees(value);
  const cold = state.cold;
  return (
    <section
      className={`bench-left ${feel === 'cold' ? 'chilled' : feel}`}
      aria-label="Minutes left before the fat is too soft"
    >
      {cold ? (
        <>
          <div className="bench-label">{leaf ? 'under the cloth' : 'in the cold'}</div>
          <div className="bench-far" role="timer">
            {cold.minutes === null ? '–' : timer(cold.minutes * 60 - (now - cold.since) / 1000)}
          </div>
          <Because>
            {cold.minutes === null
              ? `it does not come back to the middle of its band here`
              : `it is right again at ${leaf ? `${plain(cold.value.at(-1) ?? 0, 1)} %` : degrees(cold.value.at(-1) ?? 0)}`}
          </Because>
        </>
      ) : feel === 'chilled' ? (
        <>
          <div className="bench-label">let it stand</div>
          <div className="bench-farther">
            {plain(Math.max(1, standMin), 0)}
            <small> min</small>
          </div>
          <Because>it cracks under {degrees(line?.band.low ?? 0, 0)}</Because>
        </>
      ) : (
        <>
          <div className="bench-label">{leftMin < 0 ? 'past the band by' : 'left at the bench'}</div>
          <div className="bench-farther" style={leftMin >= 0 && leftMin < 3 ? { fontWeight: 700 } : undefined}>
            {plain(Math.abs(leftMin), 0)}
            <small> min</small>
          </div>
          <p className="sr-alert" role={leftMin < 0 ? 'alert' : undefined}>
            {leftMin < 0 ? rechillWords(rechill, leaf) : leftMin < 3 ? 'Close to too soft.' : ''}
          </p>
          {leftMin < 0 && rechill && rechill.minutes !== null && !leaf && (
            <p className="m-0" style={{ fontSize: 18 }}>
              {costWords(
                costOf(run, state, now, stretch.minutes - warmth.minute, rechill.minutes),
                state.now.plan.serveAt,
              )}
            </p>
          )}
          {!(leftMin < 0 && probe.on) && (
            <Because>
              {leaf
                ? `a bare leaf dries, and cracks under ${plain(line.band.low, 0)} %`
                : `it warms from ${degrees(stretch.value[0] ?? 0)} and leaves the band at ${degrees(line?.band.high ?? 0, 0)}`}
            </Because>
          )}
        </>
      )}
      <div className="bench-fat">
        <div className="bench-label">
          {probe.last !== null ? 'probe in the pastry' : leaf ? 'the leaf, by reckoning' : 'the fat, by reckoning'}
        </div>
        <div className="bench-degrees">{probe.last !== null ? degrees(probe.last) : written}</div>
        {probe.on && (
          <div className="bench-probe">
            <p className="m-0">{probeWords(probe)}</p>
            <DeviceWords silenceSaid device="probe" doubt={probe.odd?.other ?? null} write={(c) => degrees(c)} />
          </div>
        )}
      </div>
      {children && <div className="bench-row">{children}</div>}
    </section>
  );
}

interface PressesProps {
  leaf: boolean;
  inCold: boolean;
  tooWarm: boolean;
  toCold: () => void;
  onQuiet: () => void;
}

/** To the cold and out of it again (for leaves: under the cloth); and quiet, while it calls. */
export const ColdPresses = ({ leaf, inCold, tooWarm, toCold, onQuiet }: PressesProps) => (
  <>
    <button type="button" className="press quiet bench-side" onClick={toCold}>
      {leaf ? (inCold ? 'Uncover' : 'Cover') : inCold ? 'Out of the cold' : 'To the cold'}
    </button>
    {tooWarm && (
      <button type="button" className="press quiet bench-side" onClick={onQuiet}>
        Quiet
      </button>
    )}
  </>
);

/** What puts it right, in one sentence, with the range of the reckoning. */
function rechillWords(rechill: Rechill | null, leaf: boolean): string {
  if (!rechill) return leaf ? 'Cover it now.' : 'To the cold now.';
  if (rechill.minutes === null)
    return leaf
      ? 'It stays too dry under the cloth: take a fresh leaf.'
      : 'This fridge does not bring it back: try the freezer.';
  const range = rechill.range ? ` (${plain(rechill.range[0], 0)}–${plain(rechill.range[1], 0)})` : '';
  return `${leaf ? 'Under the damp cloth' : 'To the cold'} for ${span(rechill.minutes)}${range}, then go on.`;
}

/** What the probe shows beside its degrees: its pace, and how this kitchen differs from what was reckoned. */
function probeWords(probe: ProbeInHand): string {
  if (probe.odd !== null)
    return probe.odd.other === null
      ? `It says ${degrees(probe.odd.shown, 0)}: no pastry is that warm. Is it in?`
      : `It says ${degrees(probe.odd.shown, 0)}.`;
  if (probe.last === null) return probe.silent ? 'It does not answer; the reckoning goes on.' : 'Waiting for it.';
  const pace =
    probe.pace === null
      ? ''
      : `${probe.pace < 0 ? 'cooling' : 'warming'} ${degreesApart(Math.abs(probe.pace), 2)} a minute`;
  const made = probe.recalibrated;
  if (!made || made.status === 'tooFew') return pace;
  if (made.status === 'outOfRange') return `${pace}; too far from the reckoning to learn from`;
  return `${pace}; heat comes ${plain(made.factor, 1)} times as fast as reckoned${probe.silent ? '. It is silent just now.' : ''}`;
}

/** One knock at three minutes and at one; past the band two tones every twenty seconds until it is heard. */
function useKnocks(warmth: Warmth, quiet: boolean, key: string): void {
  const before = useRef<{ key: string; leftMin: number } | null>(null);
  const leftMin = warmth.feel !== 'cold' ? warmth.leftMin : null;
  useEffect(() => {
    const last = before.current;
    before.current = leftMin === null ? null : { key, leftMin };
    if (leftMin === null || last?.key !== key) return;
    if (callsBetween(last.leftMin, leftMin)) knock();
  }, [leftMin, key]);
  const tooWarm = warmth.feel === 'warm' && !quiet;
  useEffect(() => {
    if (!tooWarm) return;
    doubleKnock();
    const again = setInterval(doubleKnock, againMs);
    return () => clearInterval(again);
  }, [tooWarm]);
}
