import { handAnswers, handTest, relaxesMin, type HandAnswer, type HandTested } from '@crustallum/core/bench/handTest';
import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { useRef, useState } from 'react';
import { Because } from '../design/ui/Because';
import { degrees, plain, span } from '../wording/numbers';
import { Answers } from './Answers';
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
  askCold: (value: number, leastMin?: number) => Promise<Rechill | null>;
  say: Say;
  onClose: () => void;
}

/** What the sheet says to the hand, in four answers: what each asks for with its minutes, one press to do it, one to reckon by it. */
export function HandTest({ itemIndex, step, warmth, band, askCold, say, onClose }: Props) {
  const [answer, setAnswer] = useState<HandAnswer | null>(null);
  /** The cold that was asked about for the answer that stands; undefined while it is worked out. */
  const [cure, setCure] = useState<Rechill | null>();
  const asked = useRef(0);
  const take = (a: HandAnswer) => {
    const mine = ++asked.current;
    setAnswer(a);
    setCure(undefined);
    void say('feel', { itemIndex, step, test: 'hand', feel: a });
    // what sticks is at the upper edge of its band at least, whatever was reckoned
    const fromC = a === 'sticks' ? Math.max(warmth.value, band.high) : warmth.value;
    void askCold(fromC, a === 'springs' ? relaxesMin : 0).then((made) => mine === asked.current && setCure(made));
  };
  const tested =
    answer &&
    handTest(answer, { valueC: warmth.value, band, standMin: warmth.standMin, chillMin: cure?.minutes ?? null });
  const minutes = tested?.minutes ?? null;
  const toCold = tested?.does === 'rest' || tested?.does === 'chill';
  const act = () => {
    if (!tested || minutes === null) return;
    if (cure && toCold) void say('cold', { step, into: true, cure: { ...cure, minutes } });
    else void say('added', { id: `stand ${step}`, words: 'Let it stand, covered', minutes });
    onClose();
  };
  const edge = (c: number) => (c === band.low ? `no warmer than ${degrees(c, 0)}` : `${degrees(c, 0)} or more`);
  // nothing is pressed before its minutes are known
  const press =
    minutes === null || (toCold && !cure)
      ? null
      : tested?.does === 'rest'
        ? `To the cold to rest: ${span(minutes)}`
        : tested?.does === 'stand'
          ? `Let it stand ${span(minutes)}`
          : tested?.does === 'chill'
            ? `To the cold: ${span(minutes)}`
            : null;
  return (
    <BenchSlip title="What does it say to your hand?" onClose={onClose}>
      <Answers
        label="How the sheet feels"
        answers={handAnswers}
        chosen={answer}
        show={(a) => words[a].word}
        onTake={take}
      />
      {answer && tested && (
        <div aria-live="polite">
          <p className="m-0">
            {words[answer].means}
            {tested.does === 'chill' && cure && minutes === null
              ? ' This fridge does not bring it back: the freezer.'
              : ''}{' '}
            {toCold && cure === undefined ? <span className="working">One moment</span> : null}
            {press && <Because>{becauseOf(tested.does, warmth, band, cure ?? null)}</Because>}
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

/** Where the minutes come from. */
function becauseOf(
  does: HandTested['does'],
  { standMin, value }: Warmth,
  band: Props['band'],
  cure: Rechill | null,
): string {
  switch (does) {
    case 'rest':
      return `a dough relaxes in ${span(relaxesMin)} at least between turns (usual guidance), in the cold so that it does not warm`;
    case 'stand':
      return standMin > 0
        ? `it is ${degrees(value)} by reckoning and bends from ${degrees(band.low, 0)} on`
        : 'by reckoning it is warm enough: a few minutes, then press and see';
    case 'chill':
      return cure
        ? `from ${degrees(Math.max(value, band.high), 0)}, as it feels, to ${degrees(cure.target, 0)}, the middle of its band, in this fridge${cure.range ? ` (${plain(cure.range[0], 0)} to ${span(cure.range[1])})` : ''}`
        : '';
    case 'goOn':
      return '';
  }
}
