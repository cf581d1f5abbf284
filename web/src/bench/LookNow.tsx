import { dryAt } from '@crustallum/core/oven/tables';
import {
  browned,
  knifeLooks,
  stillC,
  tapLooks,
  ventLooks,
  type BaseLook,
  type KnifeLook,
  type LidLook,
  type TapLook,
  type VentLook,
} from '@crustallum/core/oven/look';
import { heatsOf } from '@crustallum/core/plan/stations/oven/programme';
import type { Look } from '@crustallum/core/plan/questions/look';
import { colourLevel } from '@crustallum/core/oven/tables';
import { Minus, Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { brown } from '../design/drawings/browned';
import { useQuestion } from '../stations/_shared/useQuestion';
import { colourWords } from '../wording/oven';
import { inOtherUnit } from '@crustallum/core/devices/failings';
import { DeviceWords } from '../devices/DeviceWords';
import { useDevice } from '../devices/ofThisKitchen';
import { ovenThermometer } from '../devices/ovenThermometer';
import { clock, degrees, degreesApart, plain, span } from '../wording/numbers';
import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { RunNow, StepNow } from '@crustallum/core/bench/reduce';
import { Base, Knife, Lid, Tap, Vent } from './LookDrawings';
import type { BenchRun, BenchState, Say } from './run';

const lidWords: Record<LidLook, string> = { paler: 'paler', asDrawn: 'as drawn', darker: 'darker' };
const baseWords: Record<BaseLook, string> = {
  damp: 'bends, damp',
  firm: 'firm, freckled',
  brown: 'brown all over',
};
const ventWords: Record<VentLook, string> = {
  still: 'nothing moves',
  bubbles: 'slow thick bubbles',
  over: 'boils over',
};
const knifeWords: Record<KnifeLook, string> = { meets: 'meets something hard', slides: 'slides in' };
const tapWords: Record<TapLook, string> = { dull: 'dull, soft', hollow: 'hollow, crisp' };
const bindWords = {
  lid: 'the lid is the last to be as you like it',
  base: 'the base still has to dry',
  middle: 'the middle is the last to be hot',
} as const;

interface Answered {
  lid: LidLook | null;
  base: BaseLook | null;
  vent: VentLook | null;
  knife: KnifeLook | null;
  tap: TapLook | null;
  coreC: number | null;
  /** What a thermometer in the oven showed. */
  ovenC: number | null;
}

/** What was last answered of an item's bake in this run. */
export function answersOf(
  events: readonly RunEventInput[],
  itemIndex: number,
): Answered & { outMin: number | null; kept: Record<string, unknown> | null } {
  const kept = events.findLast((e) => e.type === 'look' && Number(e.data['itemIndex']) === itemIndex)?.data ?? null;
  const last = kept ?? {};
  const number = (key: string) => (typeof last[key] === 'number' ? Number(last[key]) : null);
  return {
    lid: (last['lid'] as LidLook | undefined) ?? null,
    base: (last['base'] as BaseLook | undefined) ?? null,
    vent: (last['vent'] as VentLook | undefined) ?? null,
    knife: (last['knife'] as KnifeLook | undefined) ?? null,
    tap: (last['tap'] as TapLook | undefined) ?? null,
    coreC: number('coreC'),
    ovenC: number('ovenC'),
    outMin: number('outMin'),
    kept,
  };
}

/** What was seen of a bake, and nothing else of it. */
const seenIn = ({ lid, base, vent, knife, tap, coreC, ovenC }: Answered): Answered => ({
  lid,
  base,
  vent,
  knife,
  tap,
  coreC,
  ovenC,
});

/** What is seen of a bake at this moment: how it should look, what was answered, and the rest of it. */
export function useLook(
  run: BenchRun,
  events: readonly RunEventInput[],
  state: BenchState,
  itemIndex: number | null,
  now: number,
) {
  const item = itemIndex === null ? undefined : run.plan.items[itemIndex];
  const timer = state.timers.find(({ step }) => step.code === 'bake' && step.itemIndex === itemIndex);
  const startedAt = timer?.begun?.at ?? null;
  const inFor = startedAt === null ? 0 : (now - startedAt) / 60_000;
  // by the half minute: it is looked at, not raced
  const minute = Math.max(0, Math.min(240, Math.round(inFor * 2) / 2));
  const given = itemIndex === null ? null : answersOf(events, itemIndex);
  const seenAt = typeof given?.kept?.['minute'] === 'number' ? given.kept['minute'] : minute;
  const { value } = useQuestion<Look>(
    'plan.look',
    item && timer && given
      ? {
          item: item.document,
          kitchen: run.plan.kitchen,
          ...(item.company ? { company: item.company } : {}),
          // what was seen belongs to the minute it was seen at
          minute: seenAt,
          ...seenIn(given),
        }
      : null,
    0,
  );
  const setC = item ? (heatsOf(item.document.oven).findLast((h) => h.fromMin <= minute)?.setC ?? 0) : 0;
  const sinceOnMin = Math.min(longestOnMin, Math.round(minute + (timer ? heatedBefore(state.now, timer) : 0)));
  return itemIndex === null || !given ? null : { itemIndex, minute, sinceOnMin, given, value, startedAt, setC };
}

/** How long the oven was on before a bake went in, min: since it was lit by this run, else as it is planned. */
function heatedBefore(now: RunNow, bake: StepNow): number {
  const lit = [...now.steps.values()].findLast(
    ({ step }) => step.code === 'preheat' && step.startMin <= bake.step.startMin,
  );
  if (!lit) return usuallyOnMin;
  return lit.begun && bake.begun
    ? Math.max(0, (bake.begun.at - lit.begun.at) / 60_000)
    : bake.step.startMin - lit.step.startMin;
}
/** Where nothing says when it was lit (usual). */
const usuallyOnMin = 25;
/** Longer on makes no difference to a thermometer. */
const longestOnMin = 600;

export type Looking = NonNullable<ReturnType<typeof useLook>>;

/** The pie as it should look at this minute beside as it may, each answer with its price. */
export function LookNow({
  looking: { itemIndex, minute, sinceOnMin, given, value, startedAt, setC },
  say,
}: {
  looking: Looking;
  say: Say;
}) {
  const { lid, base, vent, knife, tap, coreC, ovenC } = given;
  // the minute that the answers make is kept with them, and moves the timer
  useEffect(() => {
    if (value && given.kept && Math.abs((given.outMin ?? value.wasMin) - value.outMin) >= 0.25)
      void say('look', { ...given.kept, outMin: Math.round(value.outMin * 10) / 10 });
  }, [value, given, say]);
  if (startedAt === null)
    return <p className="bench-how">It is not in the oven by this clock: press on, or go back a step.</p>;
  if (!value) return <p className="working">Working out how it should look</p>;
  const answer = (part: Partial<Answered>) =>
    void say('look', {
      itemIndex,
      minute,
      ...Object.fromEntries(Object.entries({ ...seenIn(given), ...part }).filter(([, v]) => v !== null)),
    });
  const dose = value.should.browning;
  return (
    <div className="look-now">
      {value.hasLid && (
        <section aria-label="The lid">
          <div className="look-should">
            <strong>It should look like this</strong>
            <Lid dose={dose} large />
            <span>
              {colourWords[colourLevel(dose)]}
              {brown(dose) > 0.3 ? ', rim matt' : ', rim still glassy'}
              {value.should.steamGMin > 0.3 ? ', slow bubbles at the vents' : ''}
            </span>
          </div>
          <Answers
            label="and it is"
            options={(['paler', 'asDrawn', 'darker'] as const).map((l) => ({
              key: l,
              word: lidWords[l],
              price: value.prices.lid[l],
              drawing: <Lid dose={dose * browned[l]} />,
            }))}
            chosen={lid}
            onChoose={(l) => answer({ lid: l })}
          />
        </section>
      )}
      {value.hasBase && (
        <section aria-label="Under it">
          <div className="look-should">
            <strong>Under it</strong>
            <span>
              Lift the edge with a knife. It should be{' '}
              {value.should.baseDryness >= dryAt.filling ? 'firm and freckled.' : 'set, and still a little damp.'}
            </span>
          </div>
          <Answers
            label="Under it"
            options={(['damp', 'firm', 'brown'] as const).map((b) => ({
              key: b,
              word: baseWords[b],
              price: value.prices.base[b],
              drawing: <Base kind={b} />,
            }))}
            chosen={base}
            onChoose={(b) => answer({ base: b })}
          />
        </section>
      )}
      <details className="look-more" open={vent !== null || knife !== null || tap !== null || undefined}>
        <summary>By vent, knife or tap</summary>
        {value.hasLid && (
          <section aria-label="At a vent">
            <div className="look-should">
              <strong>At a vent</strong>
              <span>
                {value.should.coreC > stillC
                  ? 'Slow thick bubbles by now. They show that the middle gets hot, not that it is safe.'
                  : 'Still, by now: it is not hot yet.'}
              </span>
            </div>
            <Answers
              label="At a vent"
              options={ventLooks.map((v) => ({
                key: v,
                word: ventWords[v],
                price: value.prices.vent[v],
                drawing: <Vent kind={v} />,
              }))}
              chosen={vent}
              onChoose={(v) => answer({ vent: v })}
            />
            {vent === 'over' && (
              <p className="m-0">
                A tray under it; a fruit filling burns skin and oven floor. Ten degrees less holds it.
              </p>
            )}
          </section>
        )}
        {value.softens && (
          <section aria-label="A thin knife in the middle">
            <div className="look-should">
              <strong>A thin knife in the middle</strong>
              <span>Through a slit, into the largest piece. It steams: hold it by a cloth.</span>
            </div>
            <Answers
              label="A thin knife in the middle"
              options={knifeLooks.map((k) => ({
                key: k,
                word: knifeWords[k],
                price: value.prices.knife[k],
                drawing: <Knife kind={k} />,
              }))}
              chosen={knife}
              onChoose={(k) => answer({ knife: k })}
            />
          </section>
        )}
        {value.hasBase && base === null && (
          <section aria-label="Tapped from below">
            <div className="look-should">
              <strong>Tapped from below</strong>
              <span>With a knuckle, through a cloth.</span>
            </div>
            <Answers
              label="Tapped from below"
              options={tapLooks.map((t) => ({
                key: t,
                word: tapWords[t],
                price: value.prices.tap[t],
                drawing: <Tap kind={t} />,
              }))}
              chosen={tap}
              onChoose={(t) => answer({ tap: t })}
            />
          </section>
        )}
      </details>
      <section aria-label="Probe in the middle">
        <div className="look-should">
          <strong>Probe in the middle</strong>
          <span className="quiet-ink">
            {degrees(value.should.coreC, 0)} is reckoned, {degrees(value.targetC, 0)} wanted
          </span>
        </div>
        <div className="look-probe">
          <button
            type="button"
            className="press quiet"
            aria-label="One degree less"
            onClick={() => answer({ coreC: Math.round(coreC ?? value.should.coreC) - 1 })}
          >
            <Minus size={26} />
          </button>
          <output aria-label="Read in the middle">{coreC === null ? '–' : degrees(coreC, 0)}</output>
          <button
            type="button"
            className="press quiet"
            aria-label="One degree more"
            onClick={() => answer({ coreC: Math.round(coreC ?? value.should.coreC) + (coreC === null ? 0 : 1) })}
          >
            <Plus size={26} />
          </button>
          {coreC !== null && (
            <button type="button" className="press quiet" onClick={() => answer({ coreC: null })}>
              No probe here
            </button>
          )}
        </div>
      </section>
      <OvenRead ovenC={ovenC} reckonedC={value.reckonedOvenC} setC={setC} sinceOnMin={sinceOnMin} answer={answer} />
    </div>
  );
}

const ovenStepC = 5;

/** What a thermometer in the oven shows, read from the one that answers or set by hand. */
function OvenRead({
  ovenC,
  reckonedC,
  setC,
  sinceOnMin,
  answer,
}: {
  ovenC: number | null;
  reckonedC: number;
  setC: number;
  sinceOnMin: number;
  answer: (part: Partial<Answered>) => void;
}) {
  const [doubt, setDoubt] = useState<number | null>(null);
  const { showsOther } = useDevice('ovenThermometer');
  // said to show another unit, what it showed is no cause for doubt any more
  useEffect(() => setDoubt(null), [showsOther]);
  const read = async () => {
    const shown = await ovenThermometer.read({ setC, sinceOnMin });
    const other = shown === null ? null : inOtherUnit('ovenThermometer', shown, reckonedC);
    setDoubt(other);
    if (shown !== null && other === null) answer({ ovenC: Math.round(shown) });
  };
  const by = (more: number) => answer({ ovenC: Math.round(ovenC ?? reckonedC) + (ovenC === null ? 0 : more) });
  return (
    <section aria-label="Thermometer in the oven">
      <div className="look-should">
        <strong>Thermometer in the oven</strong>
        <span className="quiet-ink">{degrees(reckonedC, 0)} is reckoned</span>
      </div>
      <DeviceWords device="ovenThermometer" doubt={doubt} write={(c) => degrees(c, 0)} />
      <div className="look-probe">
        <button
          type="button"
          className="press quiet"
          aria-label="Oven five degrees less"
          onClick={() => by(-ovenStepC)}
        >
          <Minus size={26} />
        </button>
        <output aria-label="Read in the oven">{ovenC === null ? '–' : degrees(ovenC, 0)}</output>
        <button type="button" className="press quiet" aria-label="Oven five degrees more" onClick={() => by(ovenStepC)}>
          <Plus size={26} />
        </button>
        <button type="button" className="press quiet" onClick={() => void read()}>
          Read it
        </button>
        {ovenC !== null && (
          <button type="button" className="press quiet" onClick={() => answer({ ovenC: null })}>
            None here
          </button>
        )}
      </div>
    </section>
  );
}
/** Minutes left in the oven by what was seen, when it is out, and why. */
export function LookLeft({ looking: { value, minute, startedAt } }: { looking: Looking }) {
  if (!value || startedAt === null) return null;
  const by = Math.round(value.outMin - value.wasMin);
  const at = (m: number) => clock(new Date(startedAt + m * 60_000));
  return (
    <div aria-live="polite">
      <div className="bench-label">left in the oven</div>
      <div className="bench-far">
        {plain(Math.max(0, value.outMin - minute), 0)} <small>min</small>
      </div>
      <p className="bench-of">
        <strong>
          {by === 0
            ? `out at ${at(value.outMin)}`
            : `${by > 0 ? `${span(by)} more` : `${span(-by)} less`}, out at ${at(value.outMin)}`}
        </strong>
        , because {bindWords[value.binds]}.
      </p>
      {value.ovenOffK !== 0 && (
        <p className="bench-of">
          The oven is <strong>{degreesApart(Math.abs(value.ovenOffK))}</strong>{' '}
          {value.ovenOffK < 0 ? 'cooler' : 'hotter'} than reckoned for this minute.
        </p>
      )}
      {value.foilFromMin !== null && (
        <p className="bench-of">
          <strong>Foil on at {at(value.foilFromMin)}</strong>, or the lid goes past what you like.
        </p>
      )}
      {value.shelfUp && <p className="bench-of">One shelf up: its base is brown already.</p>}
    </div>
  );
}

function Answers<K extends string>({
  label,
  options,
  chosen,
  onChoose,
}: {
  label: string;
  options: readonly { key: K; word: string; price: number; drawing: React.ReactNode }[];
  chosen: K | null;
  onChoose: (key: K) => void;
}) {
  return (
    <div className="look-answers" role="group" aria-label={label}>
      {options.map(({ key, word, price, drawing }) => (
        <button key={key} type="button" aria-pressed={chosen === key} onClick={() => onChoose(key)}>
          {drawing}
          <strong>{word}</strong>
          <span>{price === 0 ? 'as reckoned' : price > 0 ? `${price} min more` : `${-price} min less`}</span>
        </button>
      ))}
    </div>
  );
}
