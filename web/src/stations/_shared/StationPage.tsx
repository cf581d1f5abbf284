import { type Figure } from '@crustallum/core/plan/figure';
import type { Problem } from '@crustallum/core/plan/problem';
import { isClosedBefore } from '@crustallum/core/plan/closedBefore';
import type { ReactNode } from 'react';
import { Redo2, Undo2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { MarginNumber } from '../../design/ui/MarginNumber';
import { Press } from '../../design/ui/Press';
import { useNarrow, usePhone } from '../../design/ui/useWidth';
import { fieldWords, problemWords, refusalWords } from '../../wording/problems';
import { settleWord, stationWord } from '../../wording/words';
import { Field } from './Field';
import { fields, type FieldName } from './fields';
import { fixWords } from './fixWords';
import { RulesSheet } from './RulesSheet';
import { useSmallestFix } from './useSmallestFix';
import { Whose } from './Whose';
import { stations, type Station } from '@crustallum/core/contracts/stations';

interface Props {
  station: Station;
  /** Inputs in the left side; under 900 px, all of them. */
  inputs: readonly FieldName[];
  /** Inputs held on the drawing on wide screens: they leave the left side there. */
  held?: readonly FieldName[];
  whatIf?: ReactNode;
  /** What stands before the inputs: which drawing is shown. */
  lead?: ReactNode;
  extra?: ReactNode;
  numbers: readonly (readonly [string, Figure | undefined] | readonly [string, Figure | undefined, string])[];
  children: ReactNode;
}

/** A station: inputs, the drawing to scale, numbers each with its because, and the press that settles it. */
export function StationPage({ station, inputs, held = [], whatIf, lead, extra, numbers, children }: Props) {
  const { item, plan, problems, settle, change, step, canStep } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const inTheWay = problems.find((p) => p.station === station && p.weight === 'stop');
  const fix = useSmallestFix(item, kitchen, inTheWay);
  const working = useAppSelector((s) => s.desk.working);
  const refusals = useAppSelector((s) => s.desk.refusals);
  const bakeId = useAppSelector((s) => s.desk.bakeId);
  // what was worked out another time is looked at, not settled
  const kept = useAppSelector((s) => s.desk.planKept);
  const navigate = useNavigate();
  const narrow = useNarrow();
  const phone = usePhone();
  if (!item || !plan) return <Waiting />;
  const pastry = item.document.dough.pastry;
  const mine = problems.filter((p) => p.station === station);
  const stop = kept || mine.some((p) => p.weight === 'stop') || refusals.length > 0;
  const settled = item.settled.includes(station);
  const undone = item.undone.find((u) => u.station === station);
  const next = stations[stations.indexOf(station) + 1];
  const goOn = () => {
    settle(station);
    if (next) void navigate(`/bakes/${bakeId}/${item.id}/${next}`);
  };
  const wide = held.length > 0 && !narrow;
  const shown = wide ? inputs.filter((f) => !held.includes(f)) : inputs;
  const rules = (
    <>
      {lead}
      {shown.map((name) => (
        <Field key={name} def={fields[name]} />
      ))}
      {extra}
    </>
  );
  const settlePress = fix ? (
    <Press onClick={() => change({ [fix.path]: fix.to })}>{fixWords(fix, pastry)}</Press>
  ) : (
    <Press crimp disabled={stop} onClick={goOn} aria-pressed={settled} data-settle>
      {settled ? 'Settled, go on' : phone ? 'Settle' : settleWord(station, pastry)}
    </Press>
  );
  const [canBack, canOn] = canStep;
  const title = (
    <div className="flex items-center justify-between gap-2">
      <h1 className="sign mb-2">{stationWord(station, pastry)}</h1>
      <span className="steps-back" role="group" aria-label="Changes">
        <button type="button" aria-label="Take the last change back" disabled={!canBack} onClick={() => step(true)}>
          <Undo2 size={20} aria-hidden="true" />
        </button>
        <button type="button" aria-label="Bring it on again" disabled={!canOn} onClick={() => step(false)}>
          <Redo2 size={20} aria-hidden="true" />
        </button>
      </span>
    </div>
  );
  const inputsOf = `${stationWord(station, pastry)}: inputs`;
  return (
    <main className="work">
      {narrow ? (
        <header className="strip">
          {title}
          <Whose station={station} />
        </header>
      ) : (
        <section className="set" aria-label={inputsOf}>
          <Whose station={station} />
          {title}
          <div className="min-h-0 flex-1">
            {rules}
            {whatIf && <p className="whatif">{whatIf}</p>}
          </div>
          <div className="mt-3 grid">{settlePress}</div>
        </section>
      )}
      <section
        className={`sheet ${refusals.length ? 'out-of-date' : ''}`}
        aria-label={`${stationWord(station, pastry)} of ${item.document.title}`}
        aria-busy={working}
      >
        <div className="drawing">{children}</div>
        <div className="numbers">
          {station !== 'oven' && isClosedBefore(item.document) && (
            <p className="whatif m-0">
              They lie closed since another day: this is how they were made. Today they are only brushed and baked.
            </p>
          )}
          {undone && (
            <p className="problem m-0">
              Came undone: {fieldWords(undone.field)} went from {undone.from} to {undone.to}.
            </p>
          )}
          {refusals.map((r) => (
            <p className="problem m-0" key={r.field} role="alert">
              Out of date: {refusalWords(r)}
            </p>
          ))}
          {numbers.map(
            ([name, figure, written]) =>
              figure && <MarginNumber key={name} name={name} figure={figure} working={working} written={written} />,
          )}
          {mine.map((p, i) => (
            <div className="problem m-0" key={`${p.code}${i}`}>
              {problemWords(p)}
              {p.weight === 'warn' && i < mostMended && <Mend problem={p} />}
            </div>
          ))}
          {narrow && whatIf && <p className="whatif">{whatIf}</p>}
        </div>
      </section>
      {narrow && (
        <section className="dock" aria-label={inputsOf}>
          {phone ? <RulesSheet count={shown.length + (extra ? 1 : 0) + (lead ? 1 : 0)}>{rules}</RulesSheet> : rules}
          {settlePress}
        </section>
      )}
    </main>
  );
}

/** Warnings whose remedy is looked for; what is behind them waits until these are mended. */
const mostMended = 2;

/** The smallest change of an input that takes a warning away, as a press; nothing where none does. */
function Mend({ problem }: { problem: Problem }) {
  const { item, change } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const fix = useSmallestFix(item, kitchen, problem);
  return fix && item ? (
    <span className="block" style={{ paddingTop: 4 }}>
      <Press quiet onClick={() => change({ [fix.path]: fix.to })}>
        {fixWords(fix, item.document.dough.pastry)}
      </Press>
    </span>
  ) : null;
}

/** While the first plan is being worked out, or when there is nothing to work on. */
export function Waiting() {
  const { bakeId, refusals } = useAppSelector((s) => s.desk);
  return (
    <main className="work wide">
      <section className="sheet" aria-busy="true">
        <div className="drawing" style={{ padding: 40 }}>
          <h1 className="sign">
            {refusals.length ? 'This cannot be worked out' : bakeId ? 'Working it out' : 'Nothing is planned'}
          </h1>
          {refusals.map((r) => (
            <p key={r.field} className="problem">
              {refusalWords(r)}
            </p>
          ))}
          {!bakeId && (
            <p>
              <a className="press quiet" href="/">
                Begin from Today
              </a>
            </p>
          )}
        </div>
      </section>
    </main>
  );
}
