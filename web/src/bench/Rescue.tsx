import { partName } from '@crustallum/core/dough/formula';
import { troublesAt, type Trouble } from '@crustallum/core/bench/rescue';
import { endsAt } from '@crustallum/core/bench/reduce';
import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { clockOn, momentAt } from '../wording/numbers';
import { rescueWords, troubleWords, type RescueFacts } from '../wording/rescue';
import { costOf, costWords } from './delay';
import { BenchSlip } from './BenchSlip';
import type { BenchRun, BenchState } from './run';
import type { Warmth } from './warmth';

interface Props {
  run: BenchRun;
  state: BenchState;
  now: number;
  warmth: Warmth | null;
  /** The minutes of cold that put what is in hand right. */
  ask: (value: number) => Promise<Rechill | null>;
  onClose: () => void;
}

/** Something is wrong: what it is, and what to do first, in two presses. */
export function Rescue({ run, state, now, warmth, ask, onClose }: Props) {
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const [cold, setCold] = useState<Rechill | null>(null);
  const item = state.step && run.plan.items[state.step.itemIndex];
  const choose = (t: Trouble) => {
    setTrouble(t);
    if (warmth && item?.line.medium !== 'leaf') void ask(warmth.value).then(setCold);
  };
  return (
    <BenchSlip title={trouble ? troubleWords[trouble] : 'What is wrong?'} onClose={onClose}>
      {trouble ? (
        <ol className="rescue" role="status">
          {rescueWords(trouble, factsOf(run, state, now, warmth, cold)).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      ) : (
        <ul className="plain-list rescue-list" aria-label="What is wrong">
          {troublesAt(state.step, item?.line.medium === 'leaf').map((t) => (
            <li key={t}>
              <button type="button" className="press quiet bench-side w-full" onClick={() => choose(t)}>
                {troubleWords[t]}
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="bench-row">
        <Dialog.Close className="press bench-side">Back to the bench</Dialog.Close>
        {trouble && (
          <button type="button" className="press quiet bench-side" onClick={() => setTrouble(null)}>
            Something else is wrong
          </button>
        )}
      </div>
    </BenchSlip>
  );
}

function factsOf(
  run: BenchRun,
  state: BenchState,
  now: number,
  warmth: Warmth | null,
  cold: Rechill | null,
): RescueFacts {
  const { step } = state;
  const item = step && run.plan.items[step.itemIndex];
  const fat = item && item.line.medium !== 'leaf' ? item.line : null;
  const coldMin = cold?.minutes ?? null;
  const left = warmth ? warmth.stretch.minutes - warmth.minute : 0;
  const n = (key: string) => (typeof step?.values[key] === 'number' ? step.values[key] : null);
  const titleOf = (itemIndex: number) => run.plan.items[itemIndex]?.document.title ?? '';
  return {
    valueC: fat && warmth ? warmth.value : null,
    lowC: fat?.band.low ?? null,
    highC: fat?.band.high ?? null,
    standMin: warmth?.standMin ?? null,
    coldMin,
    coldCost: coldMin === null ? null : costWords(costOf(run, state, now, left, coldMin), state.now.plan.serveAt),
    doughG: item?.parts?.reduce((sum, p) => sum + p.grams, 0) ?? null,
    flour: item?.parts?.[0] ? partName(item.parts[0]).toLowerCase() : 'flour',
    thicknessMm: n('t'),
    acrossMm: n('cutter') ?? n('l'),
    baking: state.timers
      .filter((s) => s.step.kind === 'oven' && s.step.code !== 'preheat')
      .map((s) => ({ title: titleOf(s.step.itemIndex), leftMin: Math.max(0, (endsAt(s) - now) / 60_000) })),
    cooling: state.timers.filter((s) => s.step.code === 'coolFilling').map((s) => titleOf(s.step.itemIndex)),
    table: clockOn(momentAt(state.now.plan.serveAt, 0), new Date(now)),
  };
}
