import { v4 as newId } from 'uuid';
import { others, type Offered } from '@crustallum/core/bench/offer';
import { isWait } from '@crustallum/core/bench/plan';
import { canSplit, splitLot } from '@crustallum/core/bench/split';
import { happenedAt } from '@crustallum/core/bench/order';
import { passed, type RunNow, type StepNow } from '@crustallum/core/bench/reduce';
import { Dialog } from 'radix-ui';
import { Link } from 'react-router';
import { useState, type ReactNode } from 'react';
import { wayInputs } from '@crustallum/core/plan/steps/wayInputs';
import { TextField } from '../design/ui/TextField';
import { NumberField } from '../design/ui/NumberField';
import { clockOn, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import { BenchSlip } from './BenchSlip';
import { FromRest } from './FromRest';
import { HandWays } from './HandWays';
import type { BenchRun, BenchState, Say } from './run';
import { ThisScreen } from './ThisScreen';

interface Props {
  run: BenchRun;
  state: BenchState;
  now: number;
  say: Say;
  onBegin: (offer: Offered) => void;
  onClose: () => void;
  beMine: (cook: string | null) => void;
  /** Minutes of cold that put the piece in hand in the middle of its band; null where nothing is known of it. */
  chillMin: () => Promise<number | null>;
}

const minutesRule = { min: 1, max: 600, unit: 'min', integer: true };

/** Something else than what is offered: another step, a timer or a note of one's own, and what was done, to be taken back. */
export function Instead(props: Props) {
  const { run, state, say, onClose, beMine } = props;
  const item = state.step && run.plan.items[state.step.itemIndex];
  const inHandNow = state.offer?.now ?? null;
  const [words, setWords] = useState('');
  const [minutes, setMinutes] = useState(10);
  return (
    <BenchSlip title="Something else, or sit down" onClose={onClose}>
      {item && inHandNow && wayInputs[inHandNow.step.code] && (
        <OtherHand of={stepWord(inHandNow.step).toLowerCase()}>
          <HandWays
            item={item}
            kitchen={run.plan.kitchen}
            step={inHandNow}
            now={state.now}
            say={say}
            onChosen={onClose}
          />
        </OtherHand>
      )}
      <Steps {...props} />
      {item && <FromRest item={item} kitchen={run.plan.kitchen} say={say} onBegun={onClose} />}
      <h3 className="sign m-0">A timer or a word of your own</h3>
      <TextField label="What" value={words} max={120} optional onChange={setWords} />
      <NumberField label="Minutes" value={minutes} rule={minutesRule} unit="min" places={0} onChange={setMinutes} />
      <div className="bench-row">
        <button
          type="button"
          className="press quiet bench-side"
          onClick={() => {
            void say('added', { id: newId(), words: words.trim() || 'a timer', minutes });
            onClose();
          }}
        >
          Start a timer
        </button>
        <button
          type="button"
          className="press quiet bench-side"
          disabled={!words.trim()}
          onClick={() => {
            void say('note', { words: words.trim() });
            onClose();
          }}
        >
          Write it down
        </button>
      </div>
      <Done {...props} />
      <ThisScreen cooks={run.plan.kitchen.cooks} cook={state.asking.cook} beMine={beMine} />
      <div className="bench-row">
        <Dialog.Close className="press bench-side">Back to the bench</Dialog.Close>
        <Link to="/" className="press quiet bench-side">
          Leave the bench
        </Link>
      </div>
    </BenchSlip>
  );
}

/** Asked for by a press: how a step is done by another hand. */
function OtherHand({ of, children }: { of: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  return open ? (
    children
  ) : (
    <button type="button" className="press quiet bench-side" onClick={() => setOpen(true)}>
      By another hand: {of}
    </button>
  );
}

const named = (word: string, run: BenchRun, s: StepNow): string =>
  `${word}, ${run.plan.items[s.step.itemIndex]?.document.title}`;
const nameOf = (run: BenchRun, s: StepNow): string => named(stepWord(s.step), run, s);

function howItStands(run: BenchRun, o: Offered, now: number): string {
  if (o.now.parked !== null) return 'put aside';
  if (o.standing === 'ready') return span(o.now.step.minutes);
  if (o.standing === 'waiting') return `ready in ${span(Math.max(1, (o.readyAt - now) / 60_000))}`;
  return o.waitsFor ? `after: ${named(stepWord(o.waitsFor.step).toLowerCase(), run, o.waitsFor)}` : '';
}

/** The step in two lots, and the second of them into the cold with the same press. */
async function inTwoLots(run: RunNow, key: string, now: number, say: Say, chillMin: Props['chillMin']): Promise<void> {
  const split = splitLot(run, key, now, await chillMin());
  if (!split) return;
  const { rest, ...plan } = split;
  const laid = await say('plan', { ...plan, words: 'split in two lots' });
  await say('begin', { step: rest, ...(laid ? { with: laid } : {}) });
}

/** Why a step is left out. */
const whys = ['done before', 'not needed', 'no time'] as const;

function Steps({ run, state, now, say, onBegin, onClose, chillMin }: Props) {
  const [skipping, setSkipping] = useState<string | null>(null);
  const list = others(state.now, state.asking, now);
  const held = state.standing === 'inHand' ? state.offer?.now : null;
  return (
    <>
      {held && (
        <button
          type="button"
          className="press quiet bench-side"
          onClick={() => {
            void say('park', { step: held.key });
            onClose();
          }}
        >
          Put aside: {stepWord(held.step).toLowerCase()}
        </button>
      )}
      {held && canSplit(state.now, held.key) && (
        <button
          type="button"
          className="press quiet bench-side"
          onClick={() => {
            void inTwoLots(state.now, held.key, now, say, chillMin);
            onClose();
          }}
        >
          Half of them now, the rest into the cold
        </button>
      )}
      <ul className="plain-list instead-list" aria-label="What else there is to do">
        {list.map((o) => (
          <li key={o.now.key}>
            <span>
              <strong>{nameOf(run, o.now)}</strong>
              <span className="quiet-ink"> {howItStands(run, o, now)}</span>
            </span>
            {skipping === o.now.key ? (
              <span className="bench-row">
                {whys.map((why) => (
                  <button
                    key={why}
                    type="button"
                    className="press quiet"
                    onClick={() => {
                      void say('skip', { step: o.now.key, why });
                      setSkipping(null);
                    }}
                  >
                    {why}
                  </button>
                ))}
              </span>
            ) : (
              <span className="bench-row">
                <button
                  type="button"
                  className={`press ${o.standing === 'ready' ? '' : 'quiet'}`}
                  aria-label={`Begin: ${nameOf(run, o.now)}`}
                  onClick={() => onBegin(o)}
                >
                  {o.now.parked !== null ? 'Go on' : 'Begin'}
                </button>
                <button
                  type="button"
                  className="press quiet"
                  aria-label={`Leave out: ${nameOf(run, o.now)}`}
                  onClick={() => setSkipping(o.now.key)}
                >
                  Leave out
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

interface Happened {
  event: string;
  at: number;
  words: string;
  cook: string;
}

/** What was done, the last first, with its real times. */
function happened(run: BenchRun, now: RunNow): Happened[] {
  const list: Happened[] = [];
  for (const s of now.steps.values()) {
    const name = nameOf(run, s);
    const took = s.begun && s.done ? ` (${span((s.done.at - s.begun.at) / 60_000)})` : '';
    if (s.skipped?.why === passed) continue;
    if (isWait(s.step) && s.begun)
      list.push({ event: s.begun.event, at: s.begun.at, words: `${name}${took}`, cook: s.begun.cook });
    else if (s.skipped)
      list.push({
        event: s.skipped.event,
        at: s.skipped.at,
        words: `left out: ${name}, ${s.skipped.why}`,
        cook: s.skipped.cook,
      });
    else if (s.done) list.push({ event: s.done.event, at: s.done.at, words: `${name}${took}`, cook: s.done.cook });
    else if (s.begun) list.push({ event: s.begun.event, at: s.begun.at, words: `begun: ${name}`, cook: s.begun.cook });
  }
  for (const e of now.events)
    if (e.type === 'plan')
      list.push({
        event: e.id,
        at: happenedAt(e),
        words: typeof e.data['words'] === 'string' ? e.data['words'] : 'the day laid anew',
        cook: e.cook ?? '',
      });
  for (const n of now.notes) list.push({ event: n.event, at: n.at, words: n.words, cook: n.cook });
  for (const a of now.added) list.push({ event: a.event, at: a.at, words: a.words, cook: a.cook });
  return list.sort((a, b) => b.at - a.at);
}

function Done({ run, state, now, say }: Props) {
  const list = happened(run, state.now);
  if (list.length === 0) return null;
  return (
    <>
      <h3 className="sign m-0">What was done</h3>
      <ol className="plain-list instead-list" aria-label="What was done">
        {list.map((h) => (
          <li key={h.event}>
            <span>
              {clockOn(new Date(h.at), new Date(now))} {h.words}
              {h.cook ? <span className="quiet-ink"> {h.cook}</span> : ''}
            </span>
            <button
              type="button"
              className="press quiet"
              aria-label={`Take back: ${h.words}`}
              onClick={() => void say('undo', { event: h.event })}
            >
              Take back
            </button>
          </li>
        ))}
      </ol>
    </>
  );
}

/** What Back takes back: the last thing of this row that stands. */
export function lastOf(state: BenchState): string | null {
  const { events, steps } = state.now;
  const { cook, device } = state.asking;
  const last = events.findLast((e) => {
    if (!['begin', 'done', 'skip', 'park', 'hand'].includes(e.type)) return false;
    if (cook === null) return e.device === undefined || e.device === device || e.cook === '';
    return e.cook === cook || steps.get(String(e.data['step']))?.cook === cook;
  });
  // what came along with a press goes with it
  const along = last?.data['with'];
  return typeof along === 'string' ? along : (last?.id ?? null);
}
