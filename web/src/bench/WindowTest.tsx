import { windowAnswers, windowTest, type WindowAnswer } from '@crustallum/core/bench/handTest';
import type { StepCode } from '@crustallum/core/plan/steps/codes';
import { useState } from 'react';
import { Because } from '../design/ui/Because';
import { span } from '../wording/numbers';
import { Answers } from './Answers';
import { BenchSlip } from './BenchSlip';
import type { Say } from './run';

const words: Record<WindowAnswer, { word: string; means: string }> = {
  thins: { word: 'light shows through, it holds', means: 'Right: go on.' },
  tears: { word: 'tears before it is thin', means: 'Its gluten is not drawn out yet, or it was hurried.' },
  springs: {
    word: 'draws back to where it was',
    means: 'It is tight: forced on, it tears. Covered and warm it lets go.',
  },
  slack: { word: 'sags and sticks', means: 'Too wet, or a flour that takes less: a dusting, no more than a spoonful.' },
};
const doing = {
  goOn: null,
  knead: 'Knead on',
  rest: 'Let it lie, covered and warm',
  flour: 'Work in a spoonful of flour',
} as const;

/** A piece of the dough drawn thin over the fingers, in four answers: what each asks for, with its minutes and one press. */
export function WindowTest({
  itemIndex,
  step,
  code,
  say,
  onClose,
}: {
  itemIndex: number;
  step: string;
  code: StepCode;
  say: Say;
  onClose: () => void;
}) {
  const [answer, setAnswer] = useState<WindowAnswer | null>(null);
  const asks = answer && windowTest(answer, code);
  const press = asks && doing[asks.does];
  return (
    <BenchSlip title="Draw a piece thin over your fingers" onClose={onClose}>
      <Answers
        label="What it does"
        answers={windowAnswers}
        chosen={answer}
        show={(a) => words[a].word}
        onTake={(a) => {
          setAnswer(a);
          void say('feel', { itemIndex, step, test: 'window', feel: a });
        }}
      />
      {answer && (
        <p className="m-0" aria-live="polite">
          {words[answer].means}{' '}
          {press && <Because>that long is usual guidance, and your hand knows better: ask it again after</Because>}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        {asks && press && (
          <button
            type="button"
            className="press bench-side"
            onClick={() => {
              void say('added', { id: `window ${step}`, words: press, minutes: asks.minutes });
              onClose();
            }}
          >
            {press}: {span(asks.minutes)}
          </button>
        )}
        <button type="button" className="press quiet bench-side" onClick={onClose}>
          Back to the bench
        </button>
      </div>
    </BenchSlip>
  );
}
