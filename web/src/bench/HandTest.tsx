import { handAnswers, handTest, type HandAnswer } from '@crustallum/core/bench/handTest';
import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { useState } from 'react';
import { degrees, span } from '../wording/numbers';
import { BenchSlip } from './BenchSlip';
import type { Say } from './run';
import type { Warmth } from './warmth';

const words: Record<HandAnswer, { word: string; means: string }> = {
  holds: { word: 'bends, stays where it is put', means: 'Right: go on.' },
  springs: {
    word: 'springs back under the pin',
    means:
      'The dough is tight, not warm: it has to lie before it is rolled on, and shrinks in the oven if it is forced.',
  },
  cracks: {
    word: 'cracks at the rim, stiff',
    means: 'The fat is too hard, or the dough dry: pressed on, layers break. Let it stand, then press before you roll.',
  },
  sticks: {
    word: 'sticks, shines, gives at once',
    means: 'The fat is running into the dough: no flour over it, to the cold.',
  },
};

interface Props {
  itemIndex: number;
  step: string;
  warmth: Warmth;
  band: { low: number; high: number };
  askCold: (value: number) => Promise<Rechill | null>;
  say: Say;
  onClose: () => void;
}

/** What the sheet says to the hand, in four answers: what each asks for with its minutes, one press to do it, one to reckon by it. */
export function HandTest({ itemIndex, step, warmth, band, askCold, say, onClose }: Props) {
  const [answer, setAnswer] = useState<HandAnswer | null>(null);
  const [cure, setCure] = useState<Rechill | null>(null);
  const take = (a: HandAnswer) => {
    setAnswer(a);
    void say('feel', { itemIndex, step, test: 'hand', feel: a });
    // what sticks is at the upper edge of its band at least, whatever was reckoned
    void askCold(a === 'sticks' ? Math.max(warmth.value, band.high) : warmth.value).then(setCure);
  };
  const tested =
    answer &&
    handTest(answer, { valueC: warmth.value, band, standMin: warmth.standMin, chillMin: cure?.minutes ?? null });
  const minutes = tested?.minutes ?? null;
  const act = () => {
    if (!tested || minutes === null) return;
    if (tested.does === 'stand') void say('added', { id: `stand ${step}`, words: 'Let it stand, covered', minutes });
    else {
      const curve = cure ?? { at: [0, minutes], value: [warmth.value, warmth.value] };
      void say('cold', { step, into: true, cure: { ...curve, minutes } });
    }
    onClose();
  };
  const edge = (c: number) => (c === band.low ? `no warmer than ${degrees(c, 0)}` : `${degrees(c, 0)} or more`);
  const press =
    tested?.does === 'rest'
      ? `To the cold to rest: ${span(minutes ?? 0)}`
      : tested?.does === 'stand'
        ? `Let it stand ${span(minutes ?? 0)}`
        : tested?.does === 'chill' && minutes !== null
          ? `To the cold: ${span(minutes)}`
          : null;
  return (
    <BenchSlip title="What does it say to your hand?" onClose={onClose}>
      <div role="radiogroup" aria-label="How the sheet feels" className="feels">
        {handAnswers.map((a) => (
          <button
            key={a}
            type="button"
            role="radio"
            aria-checked={answer === a}
            className={`press ${answer === a ? '' : 'quiet'} bench-side`}
            onClick={() => take(a)}
          >
            {words[a].word}
          </button>
        ))}
      </div>
      {answer && tested && (
        <div aria-live="polite">
          <p className="m-0">
            {words[answer].means}
            {tested.does === 'chill' && cure && minutes === null
              ? ' This fridge does not bring it back: the freezer.'
              : ''}
          </p>
          {tested.feelsC !== null && (
            <p className="m-0">
              Reckoned {degrees(warmth.value)}; to feel so it is {edge(tested.feelsC)}.{' '}
              <button
                type="button"
                className="press quiet"
                onClick={() => {
                  void say('probe', {
                    itemIndex,
                    stepId: warmth.stretch.stepId,
                    minute: warmth.minute,
                    valueC: tested.feelsC,
                  });
                  onClose();
                }}
              >
                Reckon by it
              </button>
            </p>
          )}
        </div>
      )}
      <div className="flex flex-wrap gap-3">
        {press && (
          <button type="button" className="press bench-side" onClick={act}>
            {press}
          </button>
        )}
        <button type="button" className="press quiet bench-side" onClick={onClose}>
          Back to the bench
        </button>
      </div>
    </BenchSlip>
  );
}
